using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words of movement: what a step, a turn or a landing does, and where such a word means something else.</summary>
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
        if (lexeme.Plain is "swing around" or "swing round" or "turn around" or "turn round" or "turn about" or "turning around" or "about turn") _draft.TurnAround();
        if (lexeme.Plain.EndsWith("forward", StringComparison.Ordinal) && kind is "hop" or "jump") _draft.Way = Way.Forward;
    }

    /// <summary>"Step through with the right, and drop to the left knee": one foot has stepped, and leads when one kneels on the other.</summary>
    private bool KneelsAfterTheStep(int i)
    {
        if (_lexemes[i].Value is not ("kneel" or "drop") || (_draft.Foot ?? _foot) is not { } stepped || _draft is not { Footwork: "step" or null, HasHands: false, Kick: null, SentenceEnded: false } || _draft is { Footwork: null, Way: null }) return false;
        var side = _lexemes.FindIndex(i + 1, l => l.IsStop || l.Is("side"));
        return side > 0 && _lexemes[side].Is("side") && _lexemes[side].Side == stepped.Other && side + 1 < _lexemes.Count && (_lexemes[side + 1].Is("footNoun") || _lexemes[side + 1].Plain is "knee");
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

    /// <summary>Whether a step with the other foot follows a foot that has come home or crossed, in the same breath.</summary>
    private bool GoesOnWithTheOtherFoot(int i)
    {
        // "Put the right foot down to the right, and lift the left knee".
        if (_lexemes[i].Value is "lift-foot" && _draft is { Foot: { } planted, Footwork: "step" or "land", Stance: null, IsDone: false, SentenceEnded: false } && IndexAfter(i) is var knee and >= 0 && _lexemes[knee].Is("side") && _lexemes[knee].Value == planted.Other.Word && Next(knee) is { Kind: "footNoun" } or { Plain: "knee" }) return true;
        if (_lexemes[i].Value is not ("step" or "slide" or "step-back") || _draft is not { Foot: { } moved, Stance: null, IsDone: false, SentenceEnded: false }) return false;
        // "Bring the right foot to the left and step out with the left foot": to the left one.
        var beside = _draft is { Footwork: "step" or null } && _draft.Way == moved.Other.Way;
        // "Bring the left foot back, look right, and step out with the right foot".
        var homeFirst = _draft.Footwork is not "pull-together" && ComesHome(moved) && !_draft.HalfStep && _lexemes[i].Value == "step" && (_foot ?? WithTheFoot(i)) == moved.Other;
        if (!beside && !homeFirst && _draft.Footwork is not ("pull-together" or "cross-front" or "cross-behind" or "stomp")) return false;
        beside |= homeFirst;
        var next = IndexAfter(i);
        var goes = _foot is { } waiting ? waiting != moved
            : next >= 0 && _lexemes[next].Is("side") && _lexemes[next].Side != moved && (Next(next) is { Kind: "footNoun" or "footwork" or "way" or "stance" } || Alone(next))
            || (homeFirst || _draft.Footwork is "pull-together") && WithTheFoot(i) is { } named && named != moved;
        if (goes && beside) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        return goes;
    }

    /// <summary>"Bring the left foot back, look right, right foot out, back stance", "right foot crosses over, left foot out": the other one goes on.</summary>
    private bool GoesOut(int i, Side foot)
    {
        var named = SideIndex(i);
        if (named == 0 || !(_lexemes[named - 1].IsStop || _lexemes[named - 1].Is("detail")) || i + 1 >= _lexemes.Count) return false;
        if (Next(i) is not ({ Kind: "place" or "clock" }) && (Next(i) is not (null or { Kind: "stance" }) || _lexemes[i + 1].Plain is not ("out" or "goes"))) return false;
        if (_draft is not { Foot: { } moved, Footwork: { } went, Stance: null, IsDone: false, SentenceEnded: false } || moved != foot.Other) return false;
        var home = ComesHome(moved);
        if (!home && went is not ("cross-front" or "cross-behind" or "land")) return false;
        if (home) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        // "Lower the right foot, turn, left foot to three".
        BeginWithTheTurn();
        (_draft.Footwork, _draft.Foot) = ("step", foot);
        BelongsFrom(_lexemes[i], _draft.Id);
        return true;
    }

    /// <summary>Whether the foot that leads was said to come back, where the other one goes on.</summary>
    private bool ComesHome(Side moved) =>
        moved == Now().Lead && (_draft.Footwork is "step-back" or "pull-together" || _draft is { Footwork: "step", Way: Way.Back });

    /// <summary>"Step out the other way with the right foot": the foot told at the end of the clause.</summary>
    private Side? WithTheFoot(int i)
    {
        var with = _lexemes.FindIndex(i, l => l.IsStop || l.Plain is "with");
        return with >= 0 && _lexemes[with].Plain is "with" && IndexAfter(with) is var side and >= 0 && _lexemes[side].Is("side") && Next(side) is { Kind: "footNoun" }
            ? _lexemes[side].Side : null;
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
        return next is { Kind: "handNoun" or "relHand" } && !Follows(_lexemes.IndexOf(next), "with");
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

    private bool BeginsNewMove(Lexeme footwork)
    {
        var kind = footwork.Value;
        if (_draft.IsEmpty || !_draft.HasBody) return false;
        if (_draft is { StepAssumed: true, SentenceEnded: false } && (kind is "step" || footwork.IsGerund && kind is "step-back" || Turning.Contains(kind) && footwork.IsGerund)) return false;
        // "Attention, then step out …", "feet together, step back into guard".
        var apart = _then && IsFirstMove() || !footwork.IsGerund && _lexemes.IndexOf(footwork) is var starts && starts > 0 && _lexemes[starts - 1].IsStop && NothingCounted && !_draft.IsNumbered;
        if (apart && _draft is { Stance: { } stood, Footwork: null, IsDone: false, SentenceEnded: false } && StanceSet.IsStanding(stood) && kind is "step" or "slide" or "step-back") return true;
        // "Bring the left foot back to ready stance": one move, said in two words.
        if (kind is "return" && _draft is { SentenceEnded: false, IsDone: false, Stance: null, Footwork: "turn" or "step" or "step-back" or "pull-together" or null }) return false;
        if (kind is "bow" or "announce" or "return") return true;
        // "Bring the left foot back to ready, turning to the front": how one comes back.
        if (_draft is { Footwork: "return", SentenceEnded: false, HasTurn: false } && footwork.IsGerund && Turning.Contains(kind)) return false;
        if (_draft.Footwork is "bow" or "announce" or "return" || _draft.IsOpening) return true;
        // "Spinning back fist, turning 360 left": the turn says how far the spin goes.
        if (_draft is { Footwork: "spin", HasTurn: false, SentenceEnded: false } && Turning.Contains(kind)) return false;
        if (_draft is { Footwork: "rise", SentenceEnded: false } && kind is "pull-together") return false; // "standing up as you do, the feet come together"
        // "The left foot comes to the right one, facing the rear, then turn to the front".
        if (_then && Turning.Contains(kind) && _draft is { Footwork: "pull-together", Facing: not null, IsDone: false, SentenceEnded: false }) return true;
        // "The left foot slides in to the right foot, then it steps forward": the same foot, in one go.
        if (_draft is { Footwork: "pull-together", Foot: not null, Stance: null, IsDone: false, SentenceEnded: false } && kind is "step" && _lexemes.IndexOf(footwork) is var goes && goes > 0 && _lexemes[goes - 1].Plain == "it") return false;
        if (TakesHandsFirst(_lexemes.IndexOf(footwork))) return false;
        if (_draft is { HandsFirst: true, Stance: null, SentenceEnded: false } && (_draft.Footwork is null || _draft.IsTurning && !Turning.Contains(kind))) return false;
        // "Low block as you turn left, stepping with the left foot into front stance".
        if (_draft is { IsDone: true, IsTurning: true, Foot: null, Stance: null, SentenceEnded: false } && kind is "step" && footwork.IsGerund) return false;
        // "Low block, stepping forward, sinking into front stance": how the step ends.
        if (_draft is { HasHands: true, Kick: null, Stance: null, SentenceEnded: false } && kind is "shift" or "drop" && _lexemes.IndexOf(footwork) is var sinks && StanceComes(sinks) && (footwork.IsGerund || sinks > 0 && _lexemes[sinks - 1].Plain == "and")) return false;
        // "Turn to the corner, hold the ball, left foot comes in".
        if (kind is "pull-together" && _draft is { HoldsOnlyTheBall: true, Stance: null, SentenceEnded: false }) return false;
        if (_draft.IsDone)
        {
            // "Low block while stepping back": what goes on meanwhile belongs to the same move.
            var meanwhile = _together || footwork.IsGerund || kind is "stay" || kind is "slide" or "step" && SaidWith(_lexemes.IndexOf(footwork));
            return _draft.SentenceEnded || !meanwhile || _draft.Footwork is not null and not "shift" and not "stay" and not "drop";
        }
        if (_draft.Footwork is "rise" && kind is "step" or "step-back") return !footwork.IsGerund || _draft.SentenceEnded; // "stand up bringing the left foot to the right"
        if (_draft.Footwork is not null && !_draft.IsTurning && kind is "jump" or "roll" or "back-roll" or "fall" && !footwork.IsGerund) return true;
        // "The left foot moves first. You move it to the left, …": told out.
        if (_draft is { SentenceEnded: true, Footwork: "step" or "lift-foot", Foot: not null, Way: null, Stance: null, HasTurn: false, Facing: null } && kind is "step" or "slide" && _lexemes.IndexOf(footwork) is var verb && verb + 1 < _lexemes.Count && _lexemes[verb + 1].Plain == "it") return false;
        // "Turn 45 degrees and shift the weight to the right leg. Draw the left foot in": another foot, another move.
        if (_draft is { SentenceEnded: true, IsTurning: true, Foot: { } bears } && kind is "pull-together" && IndexAfter(_lexemes.IndexOf(footwork)) is > 0 and var drawn && _lexemes[drawn].Is("side") && _lexemes[drawn].Side != bears && Next(drawn) is { Kind: "footNoun" }) return true;
        if (_draft.SentenceEnded) return _draft.Stance is not null || !_draft.IsTurning && _draft.Footwork is not null && (kind is not "shift" || _draft.Footwork == "shift");
        if (kind is "stay") return false;
        // "Step back right, step back left".
        if (_draft.Footwork == kind && kind is "step" or "step-back" && _draft.Foot is { } before && _lexemes.IndexOf(footwork) is var here && here > 0 && _lexemes[here - 1].IsStop && Next(here) is { Kind: "side" } then && then.Value != before.Word && Next(IndexAfter(here)) is null or { Kind: "footNoun" }) return true;
        if (_draft.Footwork == kind && kind is "step" or "step-back" && _lexemes.IndexOf(footwork) is var at && at > 1 && _lexemes[at - 1].Is("stop", ",") && _lexemes[at - 2].Plain == footwork.Plain) return true; // "step back, step back"
        // Two steps in one breath are two moves; a turn and a step are one.
        return _draft.Footwork is not null && !_draft.IsTurning && !Turning.Contains(kind) && !footwork.IsGerund
               && _draft.Footwork != "lift-foot" && (_then || _draft.Stance is not null) && kind is not "shift" and not "drop";
    }

    /// <summary>"Then as the hands roll back, step forward …": told before what the feet do, as a move of its own.</summary>
    private bool TellsHandsFirst(int i) =>
        _draft is { SentenceEnded: true, HasBody: true } && OnlySmallWordsAndACallBefore(i)
        && RestOfSentence(i).TakeWhile(l => l.Kind is not ("footwork" or "footNoun" or "stance")).ToList() is var told && told.Any(l => l.IsHandTechnique) && told.Any(l => l.IsStop) && RestOfSentence(i).Skip(told.Count).FirstOrDefault() is { Kind: "footwork" or "footNoun" };

    /// <summary>"With a low block, step forward": whether what the hands do was told before what the feet do; the draft keeps it.</summary>
    private bool TakesHandsFirst(int i)
    {
        if (_draft is not { IsDone: true, Footwork: null, Foot: null, Stance: null, HasTurn: false, Facing: null, SentenceEnded: false }) return false;
        if (_draft.HandsFirst) return true;
        var first = i;
        while (i > 0 && (_lexemes[i - 1].Kind is "filler" or "footNoun" || _lexemes[i - 1].Is("side") && _lexemes[i].Is("footNoun"))) i--; // "…: the right foot steps"
        while (first > 0 && !_lexemes[first - 1].EndsSentence && (first == i || !_lexemes[first - 1].Is("stop", ":"))) first--;
        // "The first move is a left low block: turn to your left and step out".
        if (i > 0 && _lexemes[i - 1].Is("stop", ":") && Previous(i - 1) is { IsHandTechnique: true } or { Kind: "handNoun" or "level" or "side" or "weapon" } && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "stance" or "then") is not { Kind: "technique" } && _draft.Hands.Count == 1) return _draft.HandsFirst = true;
        var said = _lexemes.GetRange(first, i - first).SkipWhile(l => l.IsStop || l.Kind is "number" or "countNoun" or "countWord" or "ordinal" or "then" || l.Is("filler") && l.Plain != "with").ToList();
        return _draft.HandsFirst = said is [{ Plain: "with" }, ..] && said.Count(l => l.IsStop) == 1 && said[^1].IsStop
            || said is [{ Kind: "together" }, ..] && said[^1].IsStop && !said.Any(l => l.Kind is "footwork" or "footNoun" or "stance");
    }

    /// <summary>"Thrust with a small step of the left foot": what goes along with it.</summary>
    private bool SaidWith(int i)
    {
        while (i > 0 && _lexemes[i - 1].Kind is "filler" or "detail") if (_lexemes[--i].Plain == "with") return true;
        return false;
    }

    /// <summary>"Switch the hands, step in and strike": the hands make ready for what is done on the same count.</summary>
    private static bool ChangesOnlyTheGrip(Draft draft) =>
        draft is { Kick: null, Footwork: null, Stance: null, HasHands: true } && draft.Hands.All(h => h.Technique.Value is "regrip" or "release-hand" or "slide-grip");
}
