using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Versions;

/// <summary>What happened to a move between two versions of one form.</summary>
public enum ChangeKind { Added, TakenOut, Rewritten, Moved }

/// <summary>One change between two versions of one form.</summary>
/// <param name="Count">The move's number where it can be seen: in the later version, or in the earlier one if it was taken out.</param>
/// <param name="Words">What was done, in words.</param>
public sealed record Change(ChangeKind Kind, MoveId Move, int Count, string Words);

/// <summary>Tells two versions of one form apart by the ids that moves keep, unlike <see cref="Alignment"/>, which compares what is done.</summary>
public static class Changes
{
    /// <summary>What was changed from one version to a later one, in the order of the later one.</summary>
    public static IReadOnlyList<Change> Between(Form earlier, Form later, Conventions ways)
    {
        ways = ways.For(later);
        var changes = new List<Change>();
        var (countsBefore, countsAfter) = (Counts.Of(earlier), Counts.Of(later));
        var before = Positions(earlier);
        var after = Positions(later);
        var kept = earlier.Moves.Where(m => after.ContainsKey(m.Id)).Select(m => m.Id).ToList();
        var moved = OutOfOrder(kept, after);
        for (var i = 0; i < later.Moves.Count; i++)
        {
            var move = later.Moves[i];
            if (!before.TryGetValue(move.Id, out var at)) changes.Add(new Change(ChangeKind.Added, move.Id, countsAfter[i], Speech.Say(move, ways)));
            else
            {
                var differences = Alignment.Pair(earlier.Moves[at], move, ways).Differences.Concat(Remarks(earlier.Moves[at], move)).ToList();
                if (differences.Count > 0) changes.Add(new Change(ChangeKind.Rewritten, move.Id, countsAfter[i], string.Join("; ", differences)));
                if (moved.Contains(move.Id)) changes.Add(new Change(ChangeKind.Moved, move.Id, countsAfter[i], Speech.Say(move, ways)));
            }
        }
        for (var i = 0; i < earlier.Moves.Count; i++)
            if (!after.ContainsKey(earlier.Moves[i].Id))
                changes.Add(new Change(ChangeKind.TakenOut, earlier.Moves[i].Id, countsBefore[i], Speech.Say(earlier.Moves[i], ways)));
        return changes;
    }

    private static IEnumerable<string> Remarks(Move a, Move b)
    {
        if (a.Counting != b.Counting) yield return "counting";
        if (a.Note != b.Note) yield return "note";
        if (a.Weapon != b.Weapon) yield return "weapon";
        if (a.StepAdjustCm != b.StepAdjustCm) yield return "length of the step";
        if (a.Seconds != b.Seconds) yield return "time";
        if (a.Alternatives != b.Alternatives) yield return "alternatives";
        if (a.Accepted != b.Accepted) yield return "accepted findings";
    }

    internal static Dictionary<MoveId, int> Positions(Form form) => form.Moves.Select((m, i) => (m.Id, i)).ToDictionary(p => p.Id, p => p.i);

    /// <summary>The fewest moves that must have been carried elsewhere: all but a longest run that kept its order.</summary>
    private static HashSet<MoveId> OutOfOrder(List<MoveId> kept, Dictionary<MoveId, int> after)
    {
        // Longest increasing subsequence, by patience sorting.
        var tails = new List<int>();
        var previous = new int[kept.Count];
        for (var i = 0; i < kept.Count; i++)
        {
            var (low, high) = (0, tails.Count);
            while (low < high)
            {
                var middle = (low + high) / 2;
                if (after[kept[tails[middle]]] < after[kept[i]]) low = middle + 1;
                else high = middle;
            }
            previous[i] = low > 0 ? tails[low - 1] : -1;
            if (low == tails.Count) tails.Add(i);
            else tails[low] = i;
        }
        var outOfOrder = kept.ToHashSet();
        for (var i = tails.Count > 0 ? tails[^1] : -1; i >= 0; i = previous[i]) outOfOrder.Remove(kept[i]);
        return outOfOrder;
    }
}
