using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Versions;

/// <summary>How two aligned moves relate.</summary>
public enum Likeness
{
    /// <summary>Written alike.</summary>
    Same,
    /// <summary>Alike with every left and right exchanged.</summary>
    Mirrored,
    /// <summary>Alike but for the direction it is done in.</summary>
    Turned,
    /// <summary>The same place in the form, done differently.</summary>
    Different,
    /// <summary>Only in the first form.</summary>
    OnlyFirst,
    /// <summary>Only in the second form.</summary>
    OnlySecond,
}

/// <summary>One line of a comparison.</summary>
/// <param name="First">Position in the first form; none if it is not there.</param>
/// <param name="Second">Position in the second form; none if it is not there.</param>
/// <param name="Likeness">How the two relate.</param>
/// <param name="Differences">What differs, in words.</param>
public sealed record AlignedMove(int? First, int? Second, Likeness Likeness, ValueList<string> Differences);

/// <summary>Two forms side by side.</summary>
/// <param name="Moves">The lines, in the order of both forms.</param>
/// <param name="Cost">What the alignment costs; no other alignment costs less.</param>
public sealed record Comparison(ValueList<AlignedMove> Moves, int Cost);

/// <summary>
/// Aligns two forms move by move at the least cost (global alignment by dynamic programming, after Needleman and
/// Wunsch). Costs: leaving a move without a partner 2; a pair costs 0 if alike, 1 if mirrored or turned, otherwise 1 for
/// each part that differs (feet, stance, direction, hands, kick, voice), so that moves with more than four differences
/// are rather left apart (2 + 2).
/// </summary>
public static class Alignment
{
    private const int Gap = 2;

    public static Comparison Of(Form first, Form second, Conventions ways)
    {
        var costs = new int[first.Moves.Count + 1, second.Moves.Count + 1];
        var pairs = new (Likeness Likeness, ValueList<string> Differences, int Cost)[first.Moves.Count, second.Moves.Count];
        for (var i = 0; i <= first.Moves.Count; i++) costs[i, 0] = i * Gap;
        for (var j = 0; j <= second.Moves.Count; j++) costs[0, j] = j * Gap;
        for (var i = 1; i <= first.Moves.Count; i++)
            for (var j = 1; j <= second.Moves.Count; j++)
            {
                var pair = pairs[i - 1, j - 1] = Pair(first.Moves[i - 1], second.Moves[j - 1], ways);
                costs[i, j] = Math.Min(costs[i - 1, j - 1] + pair.Cost, Math.Min(costs[i - 1, j], costs[i, j - 1]) + Gap);
            }

        var lines = new List<AlignedMove>();
        for (int i = first.Moves.Count, j = second.Moves.Count; i > 0 || j > 0;)
        {
            if (i > 0 && j > 0 && costs[i, j] == costs[i - 1, j - 1] + pairs[i - 1, j - 1].Cost)
            {
                var (likeness, differences, _) = pairs[i - 1, j - 1];
                lines.Add(new AlignedMove(--i, --j, likeness, differences));
            }
            else if (i > 0 && costs[i, j] == costs[i - 1, j] + Gap) lines.Add(new AlignedMove(--i, null, Likeness.OnlyFirst, []));
            else lines.Add(new AlignedMove(null, --j, Likeness.OnlySecond, []));
        }
        lines.Reverse();
        return new Comparison(lines.ToValueList(), costs[first.Moves.Count, second.Moves.Count]);
    }

    /// <summary>How two moves relate, and what the pair costs.</summary>
    internal static (Likeness Likeness, ValueList<string> Differences, int Cost) Pair(Move a, Move b, Conventions ways)
    {
        var (x, y) = (Plain(a), Plain(b));
        if (x == y) return (Likeness.Same, [], 0);
        if (x == Plain(Mirror.Of(b))) return (Likeness.Mirrored, ["left and right exchanged"], 1);
        if (Unturned(x) == Unturned(y)) return (Likeness.Turned, [Direction(a, b, ways)], 1);
        var differences = Differences(x, y, ways).ToValueList();
        return (Likeness.Different, differences, differences.Count);
    }

    // Ids, counting and notes do not make a movement another one.
    private static Move Plain(Move move) => move.Deed with { Id = new MoveId(""), Counting = Counting.Own, StepAdjustCm = 0, Seconds = null };

    private static Move Unturned(Move move) => move with { Turn = null, Facing = null };

    private static IEnumerable<string> Differences(Move a, Move b, Conventions ways)
    {
        if (a.Footwork != b.Footwork || a.Pivot != b.Pivot) yield return $"feet: {Feet(a)} / {Feet(b)}";
        if (a.Stance != b.Stance) yield return $"stance: {Stance(a)} / {Stance(b)}";
        if (a.Turn != b.Turn || a.Facing != b.Facing) yield return Direction(a, b, ways);
        if (a.Hands != b.Hands || a.SetOnTop != b.SetOnTop) yield return $"hands: {Hands(a)} / {Hands(b)}";
        if (a.Kick != b.Kick) yield return $"kick: {Kick(a)} / {Kick(b)}";
        if (a.Shout != b.Shout || a.Breath != b.Breath) yield return a.Shout == b.Shout ? "breath" : a.Shout ? "shout / no shout" : "no shout / shout";
        if (a.Tempo != b.Tempo || a.Gaze != b.Gaze) yield return "tempo or gaze";

        string Feet(Move m) => Or(Speech.SayFeet(m with { Turn = null, Facing = null, Stance = null }, ways));
        string Stance(Move m) => m.Stance is { } s ? Speech.Stance(s.Kind, s.Lead, ways) : "not said";
        string Hands(Move m) => Or(string.Join(", ", m.Hands.Select(h => Speech.Hands(h, ways))));
        string Kick(Move m) => m.Kick is { } k ? Speech.Kick(k, ways) : "none";
        static string Or(string words) => words.Length == 0 ? "not said" : words;
    }

    private static string Direction(Move a, Move b, Conventions ways)
    {
        return $"direction: {Words(a)} / {Words(b)}";

        string Words(Move m) => (m.Turn, m.Facing) switch
        {
            ({ } turn, { } facing) => $"{Speech.Turn(turn)}, facing {Speech.Heading(facing, ways.Directions)}",
            ({ } turn, null) => Speech.Turn(turn),
            (null, { } facing) => "facing " + Speech.Heading(facing, ways.Directions),
            _ => "not said",
        };
    }
}
