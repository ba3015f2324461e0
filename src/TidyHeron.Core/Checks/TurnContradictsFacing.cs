using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>A stated turn does not lead to the direction stated beside it.</summary>
public sealed class TurnContradictsFacing : IRule
{
    public string Id => "turn-facing";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var move = reading.Form.Moves[i];
            if (move is not { Turn: { } turn, Facing: { } facing }) continue;
            var from = reading.Walk.Before(i).Heading;
            var reached = from + turn;
            if (reached == facing) continue;
            string Name(Heading h) => Speech.Heading(h, reading.Ways.Directions);
            var right = facing - from;
            yield return new Finding(Id, move.Id,
                $"Turning {turn.Amount}° {turn.Side?.Word} from {Name(from)} ends at {Name(reached)}, but the move says facing {Name(facing)}.",
                [
                    new Fix(right.Degrees == 0 ? "Drop the turn" : $"Turn {right.Amount}° {right.Side!.Value.Word}", new RewriteMove(move with { Turn = right.Degrees == 0 ? null : right })),
                    new Fix($"Face {Name(reached)}", new RewriteMove(move with { Facing = reached })),
                ]);
        }
    }
}
