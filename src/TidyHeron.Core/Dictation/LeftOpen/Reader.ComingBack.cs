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
        var moves = SoFar().Moves.Take(_before.Count + _said.Count).ToList();
        var at = moves.FindLastIndex(m => m.Footwork is { Foot: not null } or { Way: Way.Left or Way.Right });
        if (at < 0 || moves[at] is not { Footwork: { Kind.Value: "step" or "slide", Way: { } went }, Turn: null, Facing: null, Stance: { } taken } || (moves[at].Footwork!.Foot ?? foot) != foot || went != foot.Way || !_ways.Stances.Of(taken.Kind).IsStraddle) return;
        (draft.Footwork, draft.Way) = ("pull-together", null);
        Assume(draft, "foot", $"Read as coming back to the {foot.Other.Word} foot, from where it went.", $"step back with the {foot.Word} foot");
    }

    /// <summary>"Stand up with the right foot in front still" from the knee: into the stance of before.</summary>
    private void RisesWithAFootInFront(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "rise", Stance: null or { Value: "kneeling-stance" }, Lead: not null, HasTurn: false, Facing: null } || now.Stance.Value is not "kneeling-stance" || _fields.Any(f => f.Move == draft.Id && f.Field == "stance")) return;
        var postures = Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + _said.Count).ToValueList() }, BodyMeasures.Reference, _ways).Postures;
        var stood = postures.LastOrDefault(p => p.Stance != now.Stance);
        draft.Stance = stood is not null && _ways.Stances.Of(stood.Stance).Feet == FeetKind.Lead ? stood.Stance : new TermId("short-front-stance");
        Assume(draft, "footwork", $"Read as rising into {_ways.Vocabulary.Name(draft.Stance.Value, _ways.Tradition)}.", "");
    }

    /// <summary>"Front kick. Eight, the foot goes back behind": the one that is in the air.</summary>
    private void GoesBackFromTheAir(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Lead: null, HasTurn: false, Facing: null, Kick: null } || draft is not { Footwork: "step-back" } and not { Footwork: "step" or null, Way: Way.Back }) return;
        if ((now.KickingFoot ?? (now.Left.Lifted ? Side.Left : now.Right.Lifted ? Side.Right : (Side?)null)) is not { } lifted || draft.Foot is { } foot && foot != lifted) return;
        (draft.Footwork, draft.Way, draft.Foot) = ("step-back", null, lifted);
        if (now.KickingFoot is null) draft.Stance = StanceBeforeTheLegRose();
        Assume(draft, draft.Foot is null ? "footwork" : "foot", $"Read as the {lifted.Word} foot, which is in the air.", "");
    }

    /// <summary>The stance that the form stood in before the leg rose; none where nobody stood with a foot in front.</summary>
    private TermId? StanceBeforeTheLegRose()
    {
        var postures = Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + _said.Count).ToValueList() }, BodyMeasures.Reference, _ways).Postures;
        var stood = postures.LastOrDefault(p => !p.Left.Lifted && !p.Right.Lifted);
        return stood is not null && _ways.Stances.Of(stood.Stance).Feet == FeetKind.Lead ? stood.Stance : null;
    }
}
