using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation.ManyWays;

/// <summary>
/// One passage told in many ways: the files beside this one hold what stands before and after, what is expected (for each count the
/// heading, the leading foot and the stance at its end), and a way of telling it on each line; where these "add nothing", no move more is read
/// than without them, not within a count either. Positions do not tell which hand or foot did it: behind "=>" a line holds what the last
/// move of it says.
/// Wording: common practice in teaching.
/// </summary>
public sealed class ManyWaysTests
{
    /// <summary>Every way of telling in every file.</summary>
    public static IEnumerable<TheoryDataRow<string, string, string, int?, string?>> Ways()
    {
        foreach (var file in Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "Dictation", "ManyWays"), "*.txt").Order())
        {
            var (before, after, expected, addsNothing) = ("", "", "", false);
            foreach (var line in File.ReadLines(file).Select(l => l.Trim()).Where(l => l.Length > 0 && l[0] != '#'))
            {
                if (After("before:") is { } b) (before, addsNothing) = (b, false);
                else if (After("after:") is { } a) after = a;
                else if (After("expected:") is { } e) expected = e;
                else if (After("adds:") is not null) addsNothing = true;
                else
                {
                    var (told, said) = line.Split(" => ") is [var words, var last] ? (words, last) : (line, null);
                    yield return new($"{before} {told}".Trim(), after, expected, addsNothing ? Samples.Say($"{before} {after}").Form.Moves.Count : null, said);
                }
                string? After(string label) => line.StartsWith(label, StringComparison.Ordinal) ? line[label.Length..].Trim() : null;
            }
        }
    }

    [Theory]
    [MemberData(nameof(Ways))]
    public void A_passage_is_read_the_same_whatever_way_it_is_told(string told, string after, string expected, int? moves, string? said)
    {
        var form = Samples.Say($"{told} {after}".Trim()).Form;
        WalkThroughTests.Told(form).ShouldBe(expected, told);
        if (moves is { } many) form.Moves.Count.ShouldBe(many, told);
        if (said is null) return;
        var alone = Samples.Say(told).Form;
        Speech.Say(alone.Moves[^1] with { Note = "" }, Samples.Ways.For(alone)).ShouldBe(said, told);
    }
}
