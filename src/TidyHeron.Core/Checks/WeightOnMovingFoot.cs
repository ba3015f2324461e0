using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>The foot said to move is the only one that carries weight.</summary>
public sealed class WeightOnMovingFoot : IRule
{
    public string Id => "foot-carries-weight";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var move = reading.Form.Moves[i];
            var before = reading.Walk.Before(i);
            if (reading.Ways.Stances.Of(before.Stance).Feet != FeetKind.Single || before.Lead is not { } standing) continue;
            if (move.Footwork is not { Foot: { } foot } footwork || foot != standing) continue;
            if (footwork.Kind.Value is "hop" or "jump" or "pivot" or "turn" or "spin" or "stay" or "land") continue;
            yield return new Finding(Id, move.Id, $"The {foot.Word} foot is to move, but it carries all the weight: the {foot.Other.Word} one is lifted.",
                [new Fix($"Move the {foot.Other.Word} foot", new RewriteMove(move with { Footwork = footwork with { Foot = foot.Other } }))]);
        }
    }
}
