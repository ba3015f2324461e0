using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Dictation.BlindTexts;

/// <summary>One count of a form: where it ends, and what is done on it, each as "l low-block" (l, r, b for both, nothing where it was not said).</summary>
internal sealed record Row(string Stands, string[] Does)
{
    /// <summary>The counts of a form, in order.</summary>
    public static List<Row> Of(Form form)
    {
        var reading = FormReading.Of(form, BodyMeasures.Reference, Conventions.Standard);
        return [.. Enumerable.Range(0, form.Moves.Count).Where(i => reading.Counts[i] > 0).GroupBy(i => reading.Counts[i]).Select(count =>
        {
            var posture = reading.Walk.Postures[count.Last()];
            return new Row($"{posture.Heading.Degrees} {posture.Lead?.Word ?? "none"} {posture.Stance.Value.Replace("-stance", "")}", [.. count.SelectMany(i => DoneIn(form.Moves[i]))]);
        })];
    }

    /// <summary>Reads "270 left front: l low-block, r punch"; what is done may be left out.</summary>
    /// <exception cref="FormatException">There are not three words before the colon.</exception>
    public static Row Parse(string line)
    {
        var parts = line.Split(':', 2);
        var stands = parts[0].Trim();
        if (stands.Split(' ').Length != 3) throw new FormatException($"\"{line}\" needs a heading, a leading foot and a stance, \"*\" for any.");
        return new(stands, parts.Length == 2 ? Parts(parts[1]) : []);
    }

    /// <summary>
    /// Whether this is what was meant: heading, leading foot and stance ("*" for any), and in order what was said to be done, a limb alone
    /// ("r") for anything that it does. A limb that the reader left unsaid is not a wrong one.
    /// </summary>
    public bool Is(Row meant)
    {
        if (!Stands.Split(' ').Zip(meant.Stands.Split(' ')).All(p => p.Second == "*" || p.First == p.Second)) return false;
        var next = 0;
        foreach (var done in Does)
            if (next < meant.Does.Length && Is(done, meant.Does[next])) next++;
        return next == meant.Does.Length;
    }

    private static bool Is(string done, string meant) =>
        done == meant || done.Split(' ')[^1] == meant || !done.Contains(' ') && (meant.Length == 1 || done == meant.Split(' ')[^1]) || meant.Length == 1 && done.StartsWith(meant + " ", StringComparison.Ordinal);

    public override string ToString() => Does.Length == 0 ? Stands : $"{Stands}: {string.Join(", ", Does)}";

    private static string[] Parts(string list) => list.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);

    private static IEnumerable<string> DoneIn(Move move) =>
        (move.Kick is { } kick ? [$"{Letter(kick.Foot?.Word)}{kick.Technique}"] : Enumerable.Empty<string>())
        .Concat(move.Hands.Select(h => $"{Letter(h.Hand?.ToString())}{h.Technique}"));

    private static string Letter(string? limb) => limb is null ? "" : char.ToLowerInvariant(limb[0]) + " ";
}
