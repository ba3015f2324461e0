using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>The form promises that two techniques belong together, and one is done without the other.</summary>
public sealed class DeclaredPairMissing : IRule
{
    public string Id => "declared-pair";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var form = reading.Form;
        foreach (var (first, second) in form.Pairs)
            for (var i = 0; i < form.Moves.Count; i++)
            {
                var move = form.Moves[i];
                if (!Does(move, first) || Does(move, second)) continue;
                // With it, in the rest of its count, or on the next count.
                var end = i + 1;
                while (end < form.Moves.Count && reading.Counts[end] <= reading.Counts[i] + 1 && !Does(form.Moves[end], second)) end++;
                if (end < form.Moves.Count && reading.Counts[end] <= reading.Counts[i] + 1 && reading.Counts[end] > 0) continue;
                string Name(TermId term) => reading.Ways.Vocabulary.Name(term, reading.Ways.Tradition);
                var added = reading.Ways.Vocabulary.Find(second) is { IsKick: true }
                    ? new Move(MoveId.New()) { Kick = new Kick(second), Counting = Counting.Then }
                    : new Move(MoveId.New()) { Hands = [new HandAction(second)], Counting = Counting.Then };
                yield return new Finding(Id, move.Id, $"The form promises {Name(first)} and {Name(second)} together; here the {Name(second)} is missing.",
                    [new Fix($"Add the {Name(second)}, on the same count", new InsertMoves(move.Id, [added]))]);
            }
    }

    private static bool Does(Move move, TermId technique) => move.Kick?.Technique == technique || move.Hands.Any(h => h.Technique == technique);
}
