using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>The foot said to kick is the only one that the performer stands on.</summary>
public sealed class StandingFootKicks : IRule
{
    public string Id => "standing-foot-kicks";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var move = reading.Form.Moves[i];
            var before = reading.Walk.Before(i);
            if (move is not { Kick: { Foot: { } foot } kick, Footwork: null or { Kind.Value: "stay" } }) continue;
            var shape = reading.Ways.Stances.Of(before.Stance);
            if (shape.Feet != FeetKind.Single || before.Lead != foot) continue;
            yield return new Finding(Id, move.Id, $"The {foot.Word} foot kicks, but the performer stands on it alone.",
                [new Fix($"Kick with the {foot.Other.Word} foot", new RewriteMove(move with { Kick = kick with { Foot = foot.Other } }))]);
        }
    }
}
