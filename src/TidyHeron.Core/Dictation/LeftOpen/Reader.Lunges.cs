using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Punches that step, and the stance they are done in: "lunge punch" says so by its name. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>The stances in which one walks forward with punches and rising blocks. Common practice.</summary>
    private static bool IsWalkedIn(TermId stance) => stance.Value is "front-stance" or "short-front-stance" or "walking-stance" or "bow-stance";

    /// <summary>"Front kick, lunge punch": the kicking foot lands in front.</summary>
    private bool LandsForTheLunge(Term term)
    {
        if (term.Id.Value != "lunge-punch" || _together || _said is not [.., { Kick: { Landing: null } kicked } kickMove] || _draft is not { Counting: Counting.Then, Footwork: null, Stance: null, HasHands: false }) return false;
        _said[^1] = kickMove with { Kick = kicked with { Landing = Landing.Front } };
        ForgetNow();
        return true;
    }

    /// <summary>
    /// "Ten is a lunge punch", "ni, oi zuki": its name says that it steps, with the foot behind. "Hand lunge punch" does not:
    /// so it is said of one whose step was not written.
    /// </summary>
    private void StepsForItsName(int i, Term term)
    {
        if (term.Id.Value != "lunge-punch" || Now() is not { Lead: { } lead } now || _draft is not { Footwork: null, Foot: null, Stance: null, HasTurn: false, Facing: null, Kick: null, HasHands: false }
            || RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" or "side" or "relFoot" or "stance")) return;
        if (Backward(i).FirstOrDefault(l => !l.Is("level")) is { Kind: "handNoun" }) return;
        // "About turn, down block, lunge punch": one step more, so one count more.
        var inItsStance = IsWalkedIn(now.Stance);
        var goesOn = _draft.Counting == Counting.Then && inItsStance
            && _said is [.., { Kick: null, Hands.Count: > 0 } before] && (before.Turn is not null || before.Footwork is not null || before.Facing is not null) && before.Hands.All(h => h.Technique != term.Id);
        if (!goesOn && !_draft.IsNumbered && !(inItsStance && _draft.Counting == Counting.Own)) return;
        if (goesOn && !_explicitCounts) _draft.Counting = Counting.Own;
        (_draft.Footwork, _draft.Foot, _draft.StepAssumed) = ("step", lead.Other, true);
        _fields.Add(new ReadField(_draft.Id, "footwork", _lexemes[i].Start, _lexemes[i].Length, $"A lunge punch steps: read as stepping with the {lead.Other.Word} foot.", "punch on the spot"));
    }

    /// <summary>"Then lunge punch left" with the right foot leading: it steps, wherever its hand is told; "right hand lunge punch" is how one says that it does not.</summary>
    private void StepsForTheLunge(Draft draft, Posture now)
    {
        if (draft is not { Footwork: null, Foot: null, Stance: null, Lead: null, HasTurn: false, Facing: null, Way: null, Kick: null, Hands: [{ Technique.Value: "lunge-punch", Hand: { } hand }] } || hand.OnSide is not { } side || now.Lead != side.Other) return;
        (draft.Footwork, draft.Foot) = ("step", side);
        // "…, then lunge punch left": one step more, so one count more.
        if (draft.Counting == Counting.Then && !_explicitCounts && _said is [.., { Footwork: not null } or { Turn: not null }]) draft.Counting = Counting.Own;
        Assume(draft, "technique", $"A lunge punch steps: read as stepping with the {side.Word} foot.", "reverse punch");
    }

    /// <summary>"Step forward, right lunge punch" out of a horse stance: in the stance of such punches. Common practice.</summary>
    private void LungesInAStance(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Footwork: "step", Way: null, Kick: null, Hands: [{ Technique.Value: "lunge-punch" }] } || _ways.Stances.Of(now.Stance).Feet == FeetKind.Lead) return;
        draft.Stance = StanceOfThePunches() ?? new TermId("front-stance");
        Assume(draft, "technique", $"Read in {_ways.Vocabulary.Name(draft.Stance.Value, _ways.Tradition)}.", "punch");
    }

    /// <summary>
    /// "Left foot forward, left punch" out of a back stance: the stance is that in which one stepped and punched before.
    /// Common practice; nobody punches so with the weight on the rear foot.
    /// </summary>
    private void PunchesAsBefore(Draft draft, Posture now)
    {
        // Out of a cat stance nobody steps into another without saying so.
        if (draft is { Stance: null, Foot: not null, Footwork: null or "step", Way: null or Way.Forward, Kick: null, HasHands: true, HasTurn: false } && now.Stance.Value is "cat-stance" && (LastStanceSteppedInto() ?? (draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique) is { Family: "punch" or "elbow" } or { IsWeapon: true }) && (draft.Foot != now.Lead || draft.Footwork == "step") ? new TermId("short-front-stance") : null)) is { } long_)
        {
            draft.Stance = long_;
            Assume(draft, "foot", $"Read in {_ways.Vocabulary.Name(long_, _ways.Tradition)}, as before.", $"foot in {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}");
            return;
        }
        if (draft is not { Stance: null, Footwork: null or "step" or "step-back", Kick: null, HasTurn: false, Hands: [{ Technique.Value: "punch" or "lunge-punch" }] } || draft is { Foot: null, Footwork: not "step" } || now.Stance.Value is not ("back-stance" or "l-stance" or "cat-stance")) return;
        if (StanceOfThePunches() is not { } stance) return;
        draft.Stance = stance;
        Assume(draft, "technique", $"Read in {_ways.Vocabulary.Name(stance, _ways.Tradition)}, as before.", $"punch in {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}");
    }

    /// <summary>"Front leg kick, down, punch" out of a cat stance: as for a step, the stance is that of the punches before.</summary>
    private void KicksIntoTheStanceOfThePunches()
    {
        if (_draft.Stance is null && Now().Stance.Value is "back-stance" or "l-stance" or "cat-stance") _draft.Stance = StanceOfThePunches() ?? (Now().Stance.Value is "cat-stance" ? LastStanceSteppedInto() : null);
    }

    private TermId? LastStanceSteppedInto() =>
        _before.Concat(_said).LastOrDefault(m => m is { Stance: not null, Footwork: null or { Kind.Value: "step" or "step-back" or "turn" } } && IsWalkedIn(m.Stance.Kind))?.Stance?.Kind;

    /// <summary>The stance in which one stepped and punched last.</summary>
    private TermId? StanceOfThePunches() =>
        _before.Concat(_said).LastOrDefault(m => m is { Stance: not null, Footwork.Kind.Value: "step" or "step-back", Hands: [{ Technique.Value: "punch" or "lunge-punch" }, ..] })?.Stance?.Kind;
}
