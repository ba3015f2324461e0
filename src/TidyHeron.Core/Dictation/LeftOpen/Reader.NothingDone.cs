using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Counts on which nothing is done: few are meant so (<c>NothingDoneTests</c>), and a sentence that was parted where it goes on makes one.</summary>
public sealed partial class Reader
{
    // Ways to get to where something is done. Crossing, drawing the feet together, jumping and kneeling are counts of their own in many forms.
    private static readonly HashSet<string> OnTheWay = ["turn", "pivot", "spin", "rise", "step", "step-back", "slide", "slide-back", "shift", "land"];

    /// <summary>
    /// "Now we come about. The right foot swings …": tells a count that only turns, rises or steps, as it may belong to the one after it.
    /// Needs no rule for the way in which it was told, as <see cref="Unheeded"/>. Several steps in a row are walked; what was called with a number is a count.
    /// </summary>
    private void TellCountsWithNothingDone(Form form)
    {
        var counts = Notation.Counts.Of(form);
        var said = _said.Select(m => m.Id).ToHashSet();
        var called = _calls.Select(c => c.Move).ToHashSet();
        var byCount = Enumerable.Range(0, form.Moves.Count).Where(i => counts[i] > 0).GroupBy(i => counts[i]).Select(g => g.Select(i => form.Moves[i]).ToList()).ToList();
        for (var n = 0; n < byCount.Count; n++)
        {
            var count = byCount[n];
            if (!IsOnTheWay(count) || !said.Contains(count[0].Id) || count.Any(m => called.Contains(m.Id))) continue;
            if (n > 0 && IsOnTheWay(byCount[n - 1]) || n + 1 >= byCount.Count || IsOnTheWay(byCount[n + 1])) continue;
            var at = _fields.FindIndex(f => f.Move == count[0].Id && f is { Assumption: "", Unheeded: false, Field: "footwork" or "turn" or "facing" or "foot" or "side" or "way", Length: > 0 });
            if (at >= 0) _fields[at] = _fields[at] with { Assumption = "Read as a count on which nothing is done: it may belong to the next one." };
        }

        static bool IsOnTheWay(List<Move> count) => count.All(m => m is { Hands: [], Kick: null, Stance: null, Shout: false, Tempo: null } && (m.Footwork is { } feet ? OnTheWay.Contains(feet.Kind.Value) : m.Turn is not null || m.Facing is not null));
    }
}
