using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words of movement: what a step, a turn or a landing does.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Turning = ["turn", "pivot", "spin"];

    private void TakeFootwork(int i)
    {
        var lexeme = _lexemes[i];
        var kind = lexeme.Value;
        // "…, and as you land the left arm comes up": with the step just said.
        if (kind == "land" && i > 0 && _lexemes[i - 1] is { Kind: "together", Plain: "as you" or "as we" or "when you" } && _draft is { Kick: null, Footwork: not null, IsDone: false, SentenceEnded: false })
        {
            Note(lexeme, "footwork");
            return;
        }
        // "Right foot comes down": one word of several, with its foot in it.
        if (_side is { } itself && lexeme.Plain.Split(' ') is ["foot" or "leg", ..]) (_foot, _limbLexeme, _side) = (itself, lexeme, null);
        // "Front kick, land sinking into front stance": how the foot comes down.
        if (kind is "shift" or "drop" && lexeme.IsGerund && _draft is { Kick.Landing: not null, Footwork: null, SentenceEnded: false })
        {
            Note(lexeme, "footwork");
            return;
        }
        // "The right foot goes to the right, sinking into cat stance": it steps.
        if (kind is "shift" or "drop" && lexeme.IsGerund && _draft is { Footwork: null, Foot: not null, Way: not null, SentenceEnded: false }) _draft.Footwork = "step";
        if (SaysSomethingElse(i) || kind == "land" && ComesDown(i) || StepsDown(i) || StampsDown(i)) return;
        // "Turn ninety degrees, pulling the left foot around": how the turn goes.
        if (kind == "pull-together" && (_draft.HasTurn || _draft.IsTurning) && _draft is { IsDone: false, SentenceEnded: false } && _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "around" or "round"))
        {
            _draft.Footwork ??= "turn";
            TakeWaitingFoot();
            Note(lexeme, "footwork");
            return;
        }
        // "Left cat stance, left foot draws in": how the stance is come to.
        if (kind == "pull-together" && _draft is { Stance: { } into, IsDone: false, SentenceEnded: false, Footwork: null or "step" } && _ways.Stances.Of(into).Feet == FeetKind.Lead)
        {
            _draft.Footwork ??= "step";
            TakeWaitingFoot();
            Note(lexeme, "footwork");
            return;
        }
        // "Left punch slipping into fixed stance, left foot slides forward": which foot it was.
        if (kind == "slide" && _draft is { Footwork: "slide", IsDone: true, Stance: not null, SentenceEnded: false } && _foot is { } slid && (_draft.Foot ?? slid) == slid && Alone(i))
        {
            TakeWaitingFoot();
            Note(lexeme, "footwork");
            return;
        }
        if (KneelsAfterTheStep(i)) Begin(Counting.Then);
        else if (GoesOnWithTheOtherFoot(i))
        {
            // "Left foot to the right foot, turn, and move the right foot".
            BeginWithTheTurn();
        }
        else if (BeginsNewMove(lexeme))
        {
            _draft.SalutesNext = kind == "bow" && _draft is { SentenceEnded: false, Footwork: null, Kick: null, HasTurn: false };
            Begin(!_draft.SentenceEnded && (kind == "land" || ChangesOnlyTheGrip(_draft)) ? Counting.Then : Counting.Own);
        }
        // "Left rising block into left bow stance, turning to the right": no step was said, but this.
        if (_draft is { StepAssumed: true, SentenceEnded: false } && lexeme.IsGerund && (Turning.Contains(kind) || kind is "step-back" || lexeme.Plain.StartsWith("shift", StringComparison.Ordinal))) (_draft.Footwork, _draft.Foot, _draft.StepAssumed) = (null, null, false);
        // "Right knife-hand block, stepping to the left into left back stance".
        if (_draft is { StepAssumed: true, SentenceEnded: false } && kind == "step" && lexeme.IsGerund && Next(i) is { Kind: "side" } && Follows(IndexAfter(i), "to")) (_draft.Foot, _draft.StepAssumed) = (null, false);
        _then = false;
        _draft.SentenceEnded = false;
        if (_draft.Footwork is null || Turning.Contains(_draft.Footwork) && !Turning.Contains(kind) && kind is not "stay" and not "land" and not "shift") _draft.Footwork = kind;
        else if (kind is "shift" && _draft is { Footwork: "stay", IsDone: false, SentenceEnded: false }) _draft.Footwork = kind; // "without moving the feet the weight goes to the other side"
        else if (_draft is { Footwork: "stay", IsDone: false, SentenceEnded: false } && Turning.Contains(kind) && PreviousIs(i, "footwork")) _draft.Footwork = kind; // "without moving the feet turn back to the right"
        else if (_draft is { Footwork: "shift" or "stay" or "drop", IsDone: true } && lexeme.IsGerund) _draft.Footwork = kind; // "shift back and thrust, sliding the left foot up"
        else if (_draft is { Footwork: "pull-together", IsDone: false, SentenceEnded: false, Stance: null } && kind is "step" && lexeme.Plain.StartsWith("step", StringComparison.Ordinal)) _draft.Footwork = kind; // "the right foot comes up to the left, and steps out to the right"
        else if (_draft is { Footwork: "lift-foot", IsDone: false, SentenceEnded: false } && kind == "stomp") _draft.Footwork = kind; // "raise the knee, stamp"
        else if (_draft is { Footwork: "rise", Stance: null, IsDone: false } && kind is "lift-foot" or "stomp") _draft.Footwork = kind; // "stand up, lift the left knee"
        else if (_draft is { Footwork: "rise", IsDone: false, SentenceEnded: false } && kind is "step" && lexeme.Plain.StartsWith("stepping", StringComparison.Ordinal) && RestOfSentence(i).Any(l => l.Is("stance"))) _draft.Footwork = kind; // "stand up stepping forward"
        else if (_draft is { Footwork: "rise", Way: null, IsDone: false, SentenceEnded: false } && lexeme.Plain is "stepping forward" or "stepping back") _draft.Way = kind == "step" ? Way.Forward : Way.Back;
        else if (_draft.Footwork == "rise" && kind == "pull-together") _draft.Stance ??= new TermId("closed-stance"); // "standing up, the feet come together"
        else if (kind == "return") (_draft.Footwork, _draft.Way) = (kind, null);
        else if (kind is "shift" && _draft is { Footwork: "step", Foot: not null } or { Footwork: null, Foot: not null, Way: Way.Left or Way.Right, IsDone: false, SentenceEnded: false } || kind is "shift" or "drop" && (lexeme.IsGerund || StanceComes(i) && i > 0 && _lexemes[i - 1].Plain == "and") && _draft is { Footwork: "step" or "step-back" or "slide", SentenceEnded: false }) { } // "the left foot travels out and we sit in a back stance", "step forward, sinking into front stance": it steps
        else if (kind is "step" && _draft is { Footwork: "shift", Foot: null, IsDone: false } && _foot is not null) _draft.Footwork = kind; // "shift forward, right foot steps up"
        else if (kind is "step" && _draft is { Footwork: "shift", Foot: null, Stance: null, IsDone: false, SentenceEnded: false } && (WithTheFoot(i) is not null || lexeme.Plain.EndsWith(" through", StringComparison.Ordinal))) (_draft.Footwork, _draft.Way) = (kind, null); // "shift the weight back, and step through with the right foot"
        // "Shift onto the left leg, bring the right foot in": that one moves.
        else if (kind is "step" or "pull-together" && _draft is { Footwork: "shift", Foot: { } stands, Stance: null, SentenceEnded: false } and ({ IsDone: false } or { HoldsOnlyTheBall: true }) && IndexAfter(i) is > 0 and var moving && _lexemes[moving].Is("side") && _lexemes[moving].Side != stands && Next(moving) is { Kind: "footNoun" }) (_draft.Footwork, _draft.Foot, _draft.Way) = (kind, null, null);
        else if (kind is "pull-together" && _draft is { Footwork: "shift", Foot: null, Stance: null, SentenceEnded: false } and ({ IsDone: false } or { HoldsOnlyTheBall: true }) && (_foot is not null || RestOfSentence(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("footNoun")))) (_draft.Footwork, _draft.Way) = (kind, null); // "shift forward, the right foot comes up beside the left"
        else if (_draft.Footwork is "step" && kind is not "step" and not "stay" && !Turning.Contains(kind)) _draft.Footwork = kind;
        // "Jump up and spin once around to the left, land in horse": in the air.
        if (kind is "spin" && _draft is { Footwork: "jump", HasTurn: false, IsDone: false, SentenceEnded: false } && RestOfSentence(i).All(l => l.Kind is not ("degrees" or "amount"))) _draft.TurnAmount = 360;
        Note(lexeme, "footwork");
        _draft.Brought |= kind is "step" && lexeme.Plain is "bring" or "brings" or "bringing";
        _draft.CameBack |= kind is "step-back" && lexeme.Plain is "come back" or "comes back" or "coming back";
        _draft.Drawn |= kind is "pull-together" or "slide" || kind is "slide-back" && !lexeme.Plain.StartsWith("slid", StringComparison.Ordinal) && lexeme.Plain.Split(' ')[0] is "draw" or "draws" or "pull" or "pulls" || lexeme.Plain.StartsWith("withdraw", StringComparison.Ordinal);
        if (kind is "step" && _draft is { Counting: Counting.Then, IsDone: true, AfterThen: false } && !_explicitCounts && _said is [.., { Footwork: not null }]) _draft.Counting = Counting.Own; // "…, knife hand stepping forward"
        _stepsSaid = kind is "step" or "step-back" && lexeme.Plain.StartsWith("steps", StringComparison.Ordinal) && Previous(i) is { Kind: "number" } said && said.Number is > 1 and < 10 ? said.Number : 0;
        TakeWaitingFoot();
        TakeStepsSaid(i);
        if (_side is { } side && Turning.Contains(kind) && _draft.TurnSide is null)
        {
            _draft.TurnSide = side;
            _side = null;
        }
        // "Kosa shite mawatte": crossed over, one turns about.
        // "Migi ashi wo hiite mawatte": so does the foot that was drawn back.
        // "Migi ashi o ushiro ni mawashite": and the one that is brought round behind.
        if (lexeme.Plain is "mawatte" or "mawashite" && (_draft is { Footwork: "cross-front" or "cross-behind" or "step-back" } || Previous(i) is { Kind: "way", Value: "back" } && _draft.Foot is not null) && _draft is { HasTurn: false, IsDone: false, SentenceEnded: false } && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount")) _draft.TurnAmount = 180;
        _draft.CrossedBefore |= Turning.Contains(kind) && _draft is { Footwork: "cross-front", Foot: not null, IsDone: false };
        _draft.IsMawatte |= lexeme.Plain is "mawatte";
        // "Spin around to the left, left bow": as one turns around.
        if (lexeme.Plain is "spin around" or "spin round" && _draft.Footwork == "spin" && RestOfSentence(i).Any(l => l.Is("stance")) && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount"))
        {
            _draft.Footwork = "turn";
            _draft.TurnAround();
        }
        // "Spin to the right, right cat stance" on an arm of the line: to the other arm, as one turns.
        if (_draft is { Footwork: "spin", SentenceEnded: false } && Now().Heading.Degrees is 90 or 270 && Next(i) is { Kind: "side" } && RestOfSentence(i).Any(l => l.Is("stance")) && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount" or "times" or "footNoun" or "facing" or "clock")) _draft.Footwork = "turn";
        if (lexeme.Plain is "swing around" or "swing round" or "turn around" or "turn round" or "turn about" or "turning around" or "about turn") _draft.TurnAround();
        if (lexeme.Plain.EndsWith("forward", StringComparison.Ordinal) && kind is "hop" or "jump") _draft.Way = Way.Forward;
    }

    /// <summary>"Walk three steps, right, left, right": each of them is a move, unless what is done with each is said.</summary>
    private void TakeStepsSaid(int i)
    {
        if (_stepsSaid < 2 || RestOfSentence(i).Any(l => l.IsHandTechnique && (l.Plain.EndsWith('s') || HasNoPlural(l) && SidesAhead(_lexemes.IndexOf(l), _stepsSaid))) || _draft.IsDone) return;
        var at = i + 1;
        if (at < _lexemes.Count && _lexemes[at] is { Kind: "way", Value: "forward" }) at++;
        var sides = new List<Side>();
        var end = at;
        for (var k = at; k < _lexemes.Count && sides.Count < _stepsSaid && (_lexemes[k].IsStop && !_lexemes[k].EndsSentence || _lexemes[k].Is("side") || _lexemes[k].Plain == "and"); k++)
            if (_lexemes[k].Is("side"))
            {
                sides.Add(_lexemes[k].Side);
                end = k;
            }
        if (sides.Count == _stepsSaid)
            for (var k = at; k <= end; k++)
            {
                if (!_lexemes[k].IsStop) Note(_lexemes[k], "foot");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
        var (steps, kind) = (_stepsSaid, _draft.Footwork ?? "step");
        for (var k = 0; k < steps; k++)
        {
            if (k > 0)
            {
                Begin(Counting.Own);
                _draft.Footwork = kind;
                if (_listed >= steps) _draft.Counting = Counting.Own;
            }
            if (sides.Count == steps) _draft.Foot = sides[k];
        }
        _stepsSaid = 0;
    }

    /// <summary>"Left foot back to the centre": the foot comes home beside the other one.</summary>
    private bool TakeBackToTheCentre(Lexeme lexeme)
    {
        if (lexeme.Plain.Split(' ')[^1] is not ("centre" or "center" or "middle")) return false;
        // "Pivot back to the centre, horse stance", "come back to the middle, horse stance": the way one faced there.
        var begins = _draft.IsEmpty || _draft.SentenceEnded || _draft is { IsNumbered: true, HasBody: false };
        if ((begins || _draft is { IsTurning: true, HasTurn: false, Facing: null, IsDone: false }) && _foot is null && _lexemes.Skip(_lexemes.IndexOf(lexeme)).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Is("stance")) is { } stands && _ways.Stances.Of(stands.Term!.Id) is var wide && (wide.IsStraddle || _draft.IsTurning && wide.Feet == FeetKind.Even))
        {
            if (_draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
            _draft.Facing = LastHeadingIn(stands.Term.Id) ?? Notation.Heading.Front;
            Note(lexeme, "facing");
            return true;
        }
        if (_foot is null && (_draft is not { Footwork: "step" or "step-back" or "slide" or "pull-together" } || _draft.IsDone || _draft.SentenceEnded)) return false;
        if (_draft.IsDone || _draft.SentenceEnded) Begin(Counting.Own);
        TakeWaitingFoot();
        (_draft.Footwork, _draft.Way) = ("pull-together", null);
        var turns = _draft is { HasTurn: false, Facing: null } && Now().Heading != Heading.Front;
        if (turns) _draft.Facing = Heading.Front;
        _draft.CameToTheCentre = true;
        Note(lexeme, "footwork", $"Read as bringing the foot beside the other one{(turns ? ", facing the front again" : "")}.", "and return to ready");
        return true;
    }

    /// <summary>Where there are jabs, hooks and uppercuts, a "cross" is the punch.</summary>
    private bool SpeaksOfBoxing() => _lexemes.Any(l => l.Value is "jab" or "hook-punch" or "uppercut");

    /// <summary>Whether a verb of movement has a hand for its subject or object.</summary>
    private bool MovesAHand(int i)
    {
        if (_foot is not null && _lexemes[i].Value is "cross-front" or "cross-behind" || _lexemes[i].Plain.Contains(" feet", StringComparison.Ordinal)) return false;
        // "Slide up and use the left arm to block", "step forward and throw a rear hand punch".
        if (_lexemes[i].Plain.Split(' ')[0] is "slide" or "step" or "steps" or "shuffle" or "walk" or "jump" or "leap" or "pivot" or "turn" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and") return false;
        // "Punch with the left hand and step left": the hand has done its part.
        if (_hand is null && i > 0 && _lexemes[i - 1].Plain == "and" && _lexemes[i].Plain.Split(' ')[0] is "step" or "steps" or "turn" or "turns" or "jump" or "jumps" or "walk" or "pivot" && IndexBefore(i) is var done and > 0 && _lexemes[done].Is("handNoun") && Backward(done).TakeWhile(l => !l.IsStop).Any(l => l.IsHandTechnique)) return false;
        // "Open both hands, step back with the right foot": a clause of its own, which the feet do.
        if (_hand is not null && i > 0 && _lexemes[i - 1].IsStop && _lexemes[i].Plain.Split(' ')[0] is "step" or "steps" or "turn" or "jump" or "slide" or "spin" or "pivot")
        {
            if (_limbLexeme is { } limb && !StaysARemark())
            {
                _draft.Notes.Add(Slice(limb));
                _fields.Add(new ReadField(_draft.Id, "note", limb.Start, limb.Length, "Kept as a remark: no technique was heard.", ""));
            }
            (_hand, _limbLexeme) = (null, null);
            return false;
        }
        if ((_hand is not null || Previous(i) is { Kind: "handNoun" or "relHand" }) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.Split(' ')[0] is "along" or "down" or "over" or "across") return true;
        if (_hand is not null || Previous(i) is { Kind: "handNoun" or "relHand" }) return Next(i) is not { Kind: "footNoun" or "relFoot" or "stance" };
        var next = Next(i);
        if (next is { Kind: "side" }) next = Next(IndexAfter(i));
        if (next is not { Kind: "handNoun" or "relHand" } || Follows(_lexemes.IndexOf(next), "with")) return false;
        // "Step forward right hand punch", "turn around right arm low block": said without a comma; nobody steps a hand.
        return !(Next(_lexemes.IndexOf(next)) is { IsHandTechnique: true } && _lexemes[i].Plain.Split(' ')[0] is "step" or "steps" or "stepping" or "walk" or "jump" or "leap" or "hop" or "shuffle" or "lunge" or "slide" or "slides" or "pivot" or "turn" or "turns" or "turning" or "spin");
    }

    private static bool IsLow(TermId stance) => stance.Value is "kneeling-stance" or "both-knees" or "squat" or "lying" or "drop-stance" or "resting-stance" or "tiger-crouch-stance";

    /// <summary>Takes a lexeme for a technique that it means here.</summary>
    private void Retell(int i, string technique)
    {
        var term = _ways.Vocabulary.Find(new TermId(technique))!;
        _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = technique, Term = term };
        if (term.IsKick) TakeKick(i);
        else TakeHandTechnique(i);
    }
}
