using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>The foot said to step cannot be the one that the stance says leads afterwards.</summary>
public sealed class LeadContradictsStep : IRule
{
    public string Id => "step-lead";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        foreach (var (move, posture) in reading.Form.Moves.Zip(reading.Walk.Postures))
        {
            if (move is not { Footwork: { Foot: { } foot } footwork, Stance: { Lead: { } lead } stance }) continue;
            if (reading.Ways.Stances.Of(stance.Kind).Feet != FeetKind.Lead) continue;
            if (move.Kick is { Landing: Landing.Front or Landing.Back }) continue; // the foot that kicked lands in that stance
            var expected = footwork.Kind.Value switch
            {
                "step" when move.Turn is { Amount: > 90, Side: { } round } && round != foot => null, // stepped across, then turned the other way round
                "step" when footwork.Way is null or Way.Forward or Way.ForwardLeft or Way.ForwardRight => foot,
                "cross-front" or "cross-behind" when move.Turn is { Amount: > 90 } || move.Facing is not null => null, // crossed over and turned: the other one comes to lead
                "crescent-step" or "cross-front" => foot,
                // A half turn on the way exchanges front and rear.
                "step-back" when posture.Turned.Amount > 90 => null,
                "step-back" when stance.Kind.Value is "cat-stance" => null, // "comes back to left cat stance": drawn nearer, it need not pass the other foot
                "step-back" or "cross-behind" => foot.Other,
                "step" when footwork.Way is Way.Back => foot.Other,
                _ => (Side?)null,
            };
            if (expected is not { } leads || leads == lead) continue;
            var backward = leads != foot;
            yield return new Finding(Id, move.Id,
                $"The {foot.Word} foot steps {(backward ? "back" : "forward")}, so the {leads.Word} foot leads, but the stance is a {lead.Word} {reading.Ways.Vocabulary.Name(stance.Kind, reading.Ways.Tradition)}.",
                [
                    new Fix($"Lead with the {leads.Word} foot", new RewriteMove(move with { Stance = stance with { Lead = leads } })),
                    new Fix($"Step with the {foot.Other.Word} foot", new RewriteMove(move with { Footwork = footwork with { Foot = foot.Other } })),
                ]);
        }
    }
}
