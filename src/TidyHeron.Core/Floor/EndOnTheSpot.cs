using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Floor;

/// <summary>One step to be taken longer or shorter.</summary>
/// <param name="Move">Which move.</param>
/// <param name="Count">Its number.</param>
/// <param name="ByCm">How much longer; shorter is negative.</param>
public sealed record StepChange(MoveId Move, int Count, double ByCm);

/// <summary>The changes that bring the end of a form to a wanted spot.</summary>
/// <param name="ResidueCm">What is left between the end and the spot; 0 unless nothing within the limits reaches it.</param>
/// <param name="Before">The end minus the wanted spot before the changes.</param>
/// <param name="Changes">The changes, in the order of the form.</param>
public sealed record EndFit(Spot Before, IReadOnlyList<StepChange> Changes, double ResidueCm)
{
    public bool Reached => ResidueCm < 0.05;
}

/// <summary>
/// Brings the end of a form to its start, or to another spot, by the fewest changes of step length and, among those, the
/// least centimetres in all. Each step shifts the end along one line. Steps along the same line are alike, so what is
/// sought is how many steps of each line to change and by how much together: numbers of steps are tried from one upwards,
/// and for each the least lengths are a linear program of few variables, solved by visiting its corners.
/// </summary>
public static class EndOnTheSpot
{
    /// <summary>No more steps than this are changed; a form that needs more had better be looked at.</summary>
    public const int MostChanges = 8;

    /// <param name="reading">The form as read for a body; changes that it already has are kept and added to.</param>
    /// <param name="wanted">Where the middle of the feet should end, from the start.</param>
    /// <param name="limitCm">The most that one step may be changed, more than 0.</param>
    public static EndFit Solve(FormReading reading, Spot wanted, double limitCm)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(limitCm);
        var off = reading.Walk.End.Middle - wanted;
        if (off.Length < 0.05) return new EndFit(off, [], 0);
        var lines = Lines(reading);
        for (var k = 1; k <= MostChanges; k++)
        {
            var best = Best(lines, off * -1, limitCm, k);
            if (best is null) continue;
            var changes = best.Value.Steps.SelectMany((m, g) => Shared(lines[g], m, best.Value.Totals[g], reading)).OrderBy(c => reading.Form.IndexOf(c.Move)).ToArray();
            return new EndFit(off, changes, 0);
        }
        return new EndFit(off, [], off.Length);
    }

    /// <summary>Steps that shift the end along the same line, by the same amount for each centimetre.</summary>
    /// <param name="Way">Shift of the end for one centimetre.</param>
    /// <param name="Steps">The moves, and whether longer shifts against the line.</param>
    public sealed record Line(Spot Way, IReadOnlyList<(int Move, int Sign)> Steps);

    /// <summary>How the end shifts for a centimetre more of each step: steps whose foot moves on again right away shift nothing.</summary>
    public static IReadOnlyList<Line> Lines(FormReading reading)
    {
        var form = reading.Form;
        var end = reading.Walk.End.Middle;
        var lines = new List<(Spot Way, List<(int, int)> Steps)>();
        for (var i = 0; i < form.Moves.Count; i++)
        {
            var longer = form.Moves.Select((m, k) => k == i ? m with { StepAdjustCm = m.StepAdjustCm + 1 } : m).ToValueList();
            // Only what comes from this move on can differ.
            var now = reading.Walk.Before(i);
            for (var k = i; k < longer.Count; k++) now = Walk.After(now, longer[k], form.Opening, reading.Body, reading.Ways);
            var way = now.Middle - end;
            if (way.Length < 1e-6) continue;
            var known = lines.FindIndex(l => (l.Way - way).Length < 1e-6);
            var against = lines.FindIndex(l => (l.Way + way).Length < 1e-6);
            if (known >= 0) lines[known].Steps.Add((i, 1));
            else if (against >= 0) lines[against].Steps.Add((i, -1));
            else lines.Add((way, [(i, 1)]));
        }
        return [.. lines.Select(l => new Line(l.Way, l.Steps))];
    }

    /// <summary>The least changes with just so many steps, or none.</summary>
    internal static (int[] Steps, double[] Totals)? Best(IReadOnlyList<Line> lines, Spot shift, double limit, int steps)
    {
        (int[] Steps, double[] Totals)? best = null;
        var least = double.MaxValue;
        var m = new int[lines.Count];
        Spread(0, steps);
        return best;

        void Spread(int line, int left)
        {
            if (line == lines.Count)
            {
                if (left == 0 && Least(lines, shift, m.Select(k => k * limit).ToArray()) is { } totals && totals.Sum(Math.Abs) < least - 1e-9)
                {
                    least = totals.Sum(Math.Abs);
                    best = ([.. m], totals);
                }
                return;
            }
            for (m[line] = 0; m[line] <= Math.Min(left, lines[line].Steps.Count); m[line]++) Spread(line + 1, left - m[line]);
            m[line] = 0;
        }
    }

    /// <summary>The least total lengths along each line that make a shift, each within its bound; none if there are none.</summary>
    private static double[]? Least(IReadOnlyList<Line> lines, Spot shift, double[] bounds)
    {
        var used = Enumerable.Range(0, lines.Count).Where(g => bounds[g] > 0).ToArray();
        double[]? best = null;
        var least = double.MaxValue;
        // Corners of the program: one line, or two that are not parallel, take what the others, at nothing or at their bounds, leave.
        for (var a = 0; a < used.Length; a++)
        {
            Corner([used[a]]);
            for (var b = a + 1; b < used.Length; b++) Corner([used[a], used[b]]);
        }
        return best;

        void Corner(int[] free)
        {
            var (p, q) = (lines[free[0]].Way, free.Length == 2 ? lines[free[1]].Way : default);
            var determinant = p.X * q.Y - p.Y * q.X;
            if (free.Length == 2 && Math.Abs(determinant) < 1e-9) return;
            var others = used.Except(free).ToArray();
            var at = new double[others.Length];
            Visit(0);

            void Visit(int k)
            {
                if (k < others.Length)
                {
                    foreach (var value in new[] { 0, bounds[others[k]], -bounds[others[k]] })
                    {
                        at[k] = value;
                        Visit(k + 1);
                    }
                    return;
                }
                var rest = shift;
                for (var o = 0; o < others.Length; o++) rest -= lines[others[o]].Way * at[o];
                double first, second = 0;
                if (free.Length == 2)
                {
                    first = (rest.X * q.Y - rest.Y * q.X) / determinant;
                    second = (p.X * rest.Y - p.Y * rest.X) / determinant;
                    if (Math.Abs(second) > bounds[free[1]] + 1e-9) return;
                }
                else
                {
                    first = (rest.X * p.X + rest.Y * p.Y) / (p.Length * p.Length);
                    if ((p * first - rest).Length > 1e-6) return;
                }
                if (Math.Abs(first) > bounds[free[0]] + 1e-9) return;
                var total = Math.Abs(first) + Math.Abs(second) + at.Sum(Math.Abs);
                if (total >= least - 1e-9) return;
                least = total;
                best = free.Length == 2 ? Totals([(free[0], first), (free[1], second), .. others.Select((g, o) => (g, at[o]))]) : Totals([(free[0], first), .. others.Select((g, o) => (g, at[o]))]);
            }
        }

        double[] Totals(params ReadOnlySpan<(int Line, double Total)> parts)
        {
            var totals = new double[lines.Count];
            foreach (var (line, total) in parts) totals[line] = total;
            return totals;
        }
    }

    /// <summary>What a line's steps are changed by together, shared evenly among the longest of them.</summary>
    private static IEnumerable<StepChange> Shared(Line line, int steps, double total, FormReading reading)
    {
        if (steps == 0 || Math.Abs(total) < 1e-9) yield break;
        var longest = line.Steps.OrderByDescending(s => StepLength(reading, s.Move)).ThenBy(s => s.Move).Take(steps);
        foreach (var (move, sign) in longest)
            yield return new StepChange(reading.Form.Moves[move].Id, reading.Counts[move], sign * total / steps);
    }

    private static double StepLength(FormReading reading, int move)
    {
        var (before, after) = (reading.Walk.Before(move), reading.Walk.Postures[move]);
        return Math.Max((after.Left.Place - before.Left.Place).Length, (after.Right.Place - before.Right.Place).Length);
    }
}
