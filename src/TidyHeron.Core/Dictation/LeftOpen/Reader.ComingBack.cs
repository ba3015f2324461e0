using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Feet that come back from where they went, out of the air or off the knee, where nobody says to where. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Left foot out to the left, horse stance, punch. Left foot back.": it comes back to where it went out from.</summary>
    private void ComesBackToWhereItWentOut(Draft draft, Posture now)
    {
        if (draft is not { Foot: { } foot, Stance: null, Lead: null, HasTurn: false, Facing: null, Kick: null } || draft is not { Footwork: "step-back" } and not { Footwork: "step" or null, Way: Way.Back } || !_ways.Stances.Of(now.Stance).IsStraddle) return;
        var moves = SoFar().Moves.ToList();
        var at = moves.FindLastIndex(m => m.Footwork is { Foot: not null } or { Way: Way.Left or Way.Right });
        if (at < 0 || moves[at] is not { Footwork: { Kind.Value: "step" or "slide", Way: { } went }, Turn: null, Facing: null, Stance: { } taken } || (moves[at].Footwork!.Foot ?? foot) != foot || went != foot.Way || !_ways.Stances.Of(taken.Kind).IsStraddle) return;
        (draft.Footwork, draft.Way) = ("pull-together", null);
        var told = $"Read as coming back to the {foot.Other.Word} foot, from where it went.";
        if (_fields.Exists(f => f.Move == draft.Id && f.Field == "way")) Assume(draft, "way", told, $"back, {foot.Other.Word} foot in front");
        else Assume(draft, "footwork", told, "");
    }

    /// <summary>"Bring the left foot back to ready, facing front. … Bring the right foot back." from the other arm of the line: to where the other foot came back.</summary>
    private void ComesBackAsTheOtherFootDid(Draft draft, Posture now)
    {
        if (draft is not { Foot: { } foot, Stance: null, Lead: null, HasTurn: false, Kick: null, HasHands: false, HalfStep: false } || now.Lead != foot
            || draft is not { Footwork: "step-back" or "pull-together" } and not { Footwork: "step" or null, Way: Way.Back }) return;
        var (walk, moves) = (WalkSoFar(), SoFar().Moves);
        var other = Enumerable.Range(1, Math.Max(0, moves.Count - 1)).LastOrDefault(k => moves[k] is { Kick: null, Hands.Count: 0, Footwork.Kind.Value: "pull-together" or "return" or "step-back" or "step" } && _ways.Stances.Of(walk.Postures[k].Stance).Feet == FeetKind.Even
            && walk.Postures[k - 1].Lead == foot.Other && (walk.Postures[k - 1].Heading - now.Heading).Amount == 180 && walk.Postures[k].Heading != walk.Postures[k - 1].Heading);
        if (other == 0 || draft.Facing is { } said && said != walk.Postures[other].Heading) return;
        var came = moves[other].Footwork!.Kind.Value == "return" ? "return" : "pull-together";
        (draft.Footwork, draft.Way, draft.Stance, draft.Facing) = (came, null, walk.Postures[other].Stance, walk.Postures[other].Heading);
        if (moves[other].Counting == Counting.Uncounted && !draft.IsNumbered) draft.Counting = Counting.Uncounted;
        Assume(draft, _fields.Exists(f => f.Move == draft.Id && f.Field == "way") ? "way" : "footwork", $"Read as coming back as the {foot.Other.Word} foot did.", "");
    }

    /// <summary>"Draw the left foot to the right foot and turn to the right. Move the right foot into a back stance, knife hand.", "… to the right, look right. Step right, …": nothing is done but to turn or look, so both are one count.</summary>
    private bool GoesOnFromFeetThatTurned(Draft draft, Move move)
    {
        if (_explicitCounts || draft.IsNumbered || _form.DeclaredCounts is not null || _said.Count + _before.Count == 0) return false;
        if (move is not { Counting: Counting.Own, Footwork: { Kind.Value: "step" or "slide", Foot: { } goes }, Kick: null, Hands.Count: > 0 }) return false;
        var feet = _said.Count > 0 ? _said[^1] : _before[^1];
        if (feet is not { Counting: Counting.Own, Footwork: { Kind.Value: "pull-together", Foot: { } came }, Stance: null, Kick: null, Hands.Count: 0, Shout: false } || came != goes.Other) return false;
        var turned = feet.Turn is not null && move is { Turn: null, Facing: null };
        var looked = feet is { Turn: null, Facing: null, Gaze: not null } && move.Footwork.Way is Way.Left or Way.Right;
        if (!turned && !looked) return false;
        var said = _fields.Where(f => f.Move == draft.Id).MinBy(f => f.Start)!;
        // "Next count, the right foot …": that is what keeps them apart, and what is offered.
        if (_lexemes.Exists(l => l.Is("ordinal", "next") && l.Start < said.Start && _fields.TrueForAll(f => f.Move != feet.Id || f.Start <= l.Start))) return false;
        _fields[_fields.IndexOf(said)] = said with { Assumption = "Read as one count with the feet that came together before it.", Instead = $"next count, {Slice(said)}" };
        return true;
    }

    /// <summary>"Stand up with the right foot in front still" from the knee: into the stance of before.</summary>
    private void RisesWithAFootInFront(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "rise", Stance: null or { Value: "kneeling-stance" }, Lead: not null, HasTurn: false, Facing: null } || now.Stance.Value is not "kneeling-stance" || _fields.Any(f => f.Move == draft.Id && f.Field == "stance")) return;
        draft.Stance = StanceLedBefore(p => p.Stance != now.Stance) ?? new TermId("short-front-stance");
        Assume(draft, "footwork", $"Read as rising into {_ways.Vocabulary.Name(draft.Stance.Value, _ways.Tradition)}.", "");
    }

    /// <summary>"Front kick. Eight, the foot goes back behind": the one that is in the air.</summary>
    private void GoesBackFromTheAir(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Lead: null, HasTurn: false, Facing: null, Kick: null } || draft is not { Footwork: "step-back" } and not { Footwork: "step" or null, Way: Way.Back }) return;
        if (InTheAir(now) is not { } lifted || draft.Foot is { } named && named != lifted) return;
        if (draft.Foot is null) Assume(draft, _fields.Exists(f => f.Move == draft.Id && f.Field == "footwork") ? "footwork" : "way", $"Read as the {lifted.Word} foot, which is in the air.", "");
        (draft.Footwork, draft.Way, draft.Foot) = ("step-back", null, lifted);
        if (now.KickingFoot is null) draft.Stance = StanceLedBefore(p => !p.Left.Lifted && !p.Right.Lifted);
    }

    /// <summary>The foot that kicked and has not come down, or was lifted.</summary>
    private static Side? InTheAir(Posture posture) => posture.KickingFoot ?? (posture.Left.Lifted ? Side.Left : posture.Right.Lifted ? Side.Right : null);

    /// <summary>The stance in which the form last stood so; none where it had no foot in front.</summary>
    private TermId? StanceLedBefore(Func<Posture, bool> stoodSo) =>
        WalkSoFar().Postures.LastOrDefault(stoodSo) is { } stood && _ways.Stances.Of(stood.Stance).Feet == FeetKind.Lead ? stood.Stance : null;
}
