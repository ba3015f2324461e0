using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Whether a word of movement begins another move, or goes on with the one being said.</summary>
public sealed partial class Reader
{
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
        if (_draft.Footwork is "rise" && kind is "step" or "step-back") return _draft.SentenceEnded || _then || !footwork.IsGerund && !RisesInTheStep(_lexemes.IndexOf(footwork)); // "stand up bringing the left foot to the right"
        if (_draft.Footwork is not null && !_draft.IsTurning && kind is "jump" or "roll" or "back-roll" or "fall" && !footwork.IsGerund) return true;
        // "The left foot moves first. You move it to the left, …": told out.
        if (_draft is { SentenceEnded: true, Footwork: "step" or "lift-foot", Foot: not null, Way: null, Stance: null, HasTurn: false, Facing: null } && kind is "step" or "slide" && _lexemes.IndexOf(footwork) is var verb && verb + 1 < _lexemes.Count && _lexemes[verb + 1].Plain == "it") return false;
        // "Turn 45 degrees and shift the weight to the right leg. Draw the left foot in": another foot, another move.
        if (_draft is { SentenceEnded: true, IsTurning: true, Foot: { } bears } && kind is "pull-together" && IndexAfter(_lexemes.IndexOf(footwork)) is > 0 and var drawn && _lexemes[drawn].Is("side") && _lexemes[drawn].Side != bears && Next(drawn) is { Kind: "footNoun" }) return true;
        // "Left foot to the left. Step forward with the right": the other foot's step is another.
        if (_draft is { SentenceEnded: true, Footwork: null, Foot: { } went, Way: not null } && kind is "step" or "slide" && RestOfSentence(_lexemes.IndexOf(footwork)).FirstOrDefault(l => l.Is("side")) is { } goesNext && goesNext.Side != went) return true;
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

    /// <summary>"Get up, step through with the right, horse stance, elbow", "as you get up, step through": one rises in the step, where the rest of the sentence is done in it.</summary>
    private bool RisesInTheStep(int i) =>
        !_lexemes[i].Plain.StartsWith("bring", StringComparison.Ordinal) && RestOfSentence(i).Any(l => l.Is("stance")) && RestOfSentence(i).Any(l => l.Is("technique")) && !RestOfSentence(i).Any(l => l.Kind is "then" or "footwork");

    /// <summary>"Thrust with a small step of the left foot": what goes along with it.</summary>
    private bool SaidWith(int i)
    {
        while (i > 0 && _lexemes[i - 1].Kind is "filler" or "detail") if (_lexemes[--i].Plain == "with") return true;
        return false;
    }

    /// <summary>"Switch the hands, step in and strike": the hands make ready for what is done on the same count.</summary>
    private static bool ChangesOnlyTheGrip(Draft draft) =>
        draft is { Kick: null, Footwork: null, Stance: null, HasHands: true } && draft.Hands.All(h => h.Technique.Value is "regrip" or "release-hand" or "slide-grip");

    /// <summary>"Step through with the right, and drop to the left knee": one foot has stepped, and leads when one kneels on the other.</summary>
    private bool KneelsAfterTheStep(int i)
    {
        if (_lexemes[i].Value is not ("kneel" or "drop") || (_draft.Foot ?? _foot) is not { } stepped || _draft is not { Footwork: "step" or null, HasHands: false, Kick: null, SentenceEnded: false } || _draft is { Footwork: null, Way: null }) return false;
        var side = _lexemes.FindIndex(i + 1, l => l.IsStop || l.Is("side"));
        return side > 0 && _lexemes[side].Is("side") && _lexemes[side].Side == stepped.Other && side + 1 < _lexemes.Count && (_lexemes[side + 1].Is("footNoun") || _lexemes[side + 1].Plain is "knee");
    }

    /// <summary>Whether a step with the other foot follows a foot that has come home or crossed, in the same breath.</summary>
    private bool GoesOnWithTheOtherFoot(int i)
    {
        // "Put the right foot down to the right, and lift the left knee".
        if (_lexemes[i].Value is "lift-foot" && _draft is { Foot: { } planted, Footwork: "step" or "land", Stance: null, IsDone: false, SentenceEnded: false } && IndexAfter(i) is var knee and >= 0 && _lexemes[knee].Is("side") && _lexemes[knee].Value == planted.Other.Word && Next(knee) is { Kind: "footNoun" } or { Plain: "knee" }) return true;
        // "Bring the feet together, look right, slide the right foot out": the one that did not lead.
        if (_lexemes[i].Value is "step" or "slide" && FeetCameTogether() && !_then && (_foot ?? FootToldNext(i)) is { } goesOut && goesOut == Now().Lead?.Other && RestOfSentence(i).Any(l => l.Is("stance")))
        {
            (_draft.Footwork, _draft.Stance) = ("pull-together", null);
            return true;
        }
        if (_lexemes[i].Value is not ("step" or "slide" or "step-back") || _draft is not { Foot: { } moved, Stance: null, IsDone: false, SentenceEnded: false }) return false;
        // "Bring the right foot to the left and step out with the left foot": to the left one.
        var beside = _draft is { Footwork: "step" or null } && _draft.Way == moved.Other.Way;
        // "Bring the left foot back, look right, and step out with the right foot".
        var homeFirst = _draft.Footwork is not "pull-together" && ComesHome(moved) && !_draft.HalfStep && _lexemes[i].Value == "step" && (_foot ?? WithTheFoot(i) ?? OfTheStance(i)) == moved.Other;
        if (!beside && !homeFirst && _draft.Footwork is not ("pull-together" or "cross-front" or "cross-behind" or "stomp")) return false;
        beside |= homeFirst;
        var next = IndexAfter(i);
        var goes = _foot is { } waiting ? waiting != moved
            : next >= 0 && _lexemes[next].Is("side") && _lexemes[next].Side != moved && (Next(next) is { Kind: "footNoun" or "footwork" or "way" or "stance" } || Alone(next))
            || (homeFirst || _draft.Footwork is "pull-together") && (WithTheFoot(i) ?? OfTheStance(i)) == moved.Other;
        if (goes && beside) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        return goes;
    }

    /// <summary>"Bring the left foot back, look right, right foot out, back stance", "right foot crosses over, left foot out": the other one goes on.</summary>
    private bool GoesOut(int i, Side foot)
    {
        var named = SideIndex(i);
        if (named == 0 || !(_lexemes[named - 1].IsStop || _lexemes[named - 1].Is("detail")) || i + 1 >= _lexemes.Count) return false;
        if (!(Next(i) is { Kind: "way", Value: "forward" } && _draft is { Facing: not null, Footwork: "pull-together", Foot: not null }) && Next(i) is not ({ Kind: "place" or "clock" }) && (Next(i) is not (null or { Kind: "stance" }) || _lexemes[i + 1].Plain is not ("out" or "goes"))) return false;
        if (FeetCameTogether() && foot == Now().Lead?.Other && RestOfSentence(i).Any(l => l.Is("stance"))) (_draft.Footwork, _draft.Stance) = ("pull-together", null);
        if (_draft is not { Footwork: { } went, Stance: null, IsDone: false, SentenceEnded: false } || (_draft.Foot ?? (went == "pull-together" ? Now().Lead : null)) is not { } moved || moved != foot.Other) return false;
        var home = ComesHome(moved);
        if (!home && went is not ("cross-front" or "cross-behind" or "land")) return false;
        if (home) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        // "Lower the right foot, turn, left foot to three".
        BeginWithTheTurn();
        (_draft.Footwork, _draft.Foot) = ("step", foot);
        BelongsFrom(_lexemes[i], _draft.Id);
        return true;
    }

    /// <summary>Whether the draft says only that the feet came together, not which of them did, and that the eyes went to a side.</summary>
    private bool FeetCameTogether() =>
        _draft is { Foot: null, IsDone: false, SentenceEnded: false, HasTurn: false, Facing: null, EyesTo: not null } and ({ Footwork: "pull-together", Stance: null } or { Footwork: null, Stance.Value: "closed-stance" });

    /// <summary>Whether the foot that leads was said to come back, where the other one goes on.</summary>
    private bool ComesHome(Side moved) =>
        moved == Now().Lead && (_draft.Footwork is "step-back" or "pull-together" || _draft is { Footwork: "step", Way: Way.Back });

    /// <summary>"Slide the right foot out", "step out with the right foot": the foot told with a step.</summary>
    private Side? FootToldNext(int i) =>
        IndexAfter(i) is var side and >= 0 && _lexemes[side].Is("side") && Next(side) is { Kind: "footNoun" } ? _lexemes[side].Side : WithTheFoot(i);

    /// <summary>"Step out the other way with the right foot": the foot told at the end of the clause.</summary>
    private Side? WithTheFoot(int i)
    {
        var with = _lexemes.FindIndex(i, l => l.IsStop || l.Plain is "with");
        return with >= 0 && _lexemes[with].Plain is "with" && IndexAfter(with) is var side and >= 0 && _lexemes[side].Is("side") && Next(side) is { Kind: "footNoun" }
            ? _lexemes[side].Side : null;
    }

    /// <summary>"Step out to the right, right back stance": the foot that leads in the stance the step ends in.</summary>
    private Side? OfTheStance(int i)
    {
        if (_draft.Facing is not null) return null; // "face the front, then step out left": from there
        var stance = _lexemes.FindIndex(i, l => l.EndsSentence || l.Is("stance") || l.Is("footNoun") || l.Is("technique"));
        return stance > 0 && _lexemes[stance].Is("stance") && _lexemes[stance - 1].Is("side") && _lexemes.GetRange(i, stance - i).Count(l => l.Is("side") && l.Value == _lexemes[stance - 1].Value) == 2 ? _lexemes[stance - 1].Side : null;
    }

    /// <summary>"Right front stance. Turn on the right heel to six o'clock": a turn told by the foot it is on begins a move as any other does.</summary>
    private void BeginsWithATurnOnAFoot(int i)
    {
        if (_draft.SentenceEnded && (_draft.IsDone || _draft.Stance is not null) && StartsSentence(i) && _lexemes[i].Plain.Split(' ')[0] is "turn" or "pivot" or "spin") Begin(Counting.Own);
        // "…, block. Weight on the right leg, cat stance, palm block."
        if (_draft is { SentenceEnded: true, IsDone: true } && StartsSentence(i) && _lexemes[i].Plain.Contains("weight", StringComparison.Ordinal) && RestOfSentence(i).Any(l => l.Is("stance")) && RestOfSentence(i).Any(l => l.Is("technique")))
        {
            Begin(Counting.Own);
            _draft.Footwork = "shift";
        }
    }
}
