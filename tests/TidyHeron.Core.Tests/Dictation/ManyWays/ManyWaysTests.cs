using Shouldly;

namespace TidyHeron.Core.Tests.Dictation.ManyWays;

/// <summary>
/// One passage told in many ways: the files beside this one hold what stands before and after, what is expected (for each count the
/// heading, the leading foot and the stance at its end), and a way of telling it on each line; where these "add nothing", no move more is read
/// than without them, not within a count either.
/// Wording: common practice in teaching.
/// </summary>
public sealed class ManyWaysTests
{
    /// <summary>Every way of telling in every file.</summary>
    public static IEnumerable<TheoryDataRow<string, string, string, int?>> Ways()
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
                else yield return new(line, $"{before} {line} {after}".Trim(), expected, addsNothing ? Samples.Say($"{before} {after}").Form.Moves.Count : null);
                string? After(string label) => line.StartsWith(label, StringComparison.Ordinal) ? line[label.Length..].Trim() : null;
            }
        }
    }

    [Theory]
    [MemberData(nameof(Ways))]
    public void A_passage_is_read_the_same_whatever_way_it_is_told(string line, string words, string expected, int? moves)
    {
        var form = Samples.Say(words).Form;
        WalkThroughTests.Told(form).ShouldBe(expected, line);
        if (moves is { } many) form.Moves.Count.ShouldBe(many, line);
    }
}
