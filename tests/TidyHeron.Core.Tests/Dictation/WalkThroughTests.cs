using Shouldly;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Whole walk-throughs as they are said in a hall, each read once before anything was changed for it: no wrong side, turn,
/// stance or count, and at most one word in twenty not understood. Expected is what a reader of the words would write
/// down: for each count the heading, the leading foot and the stance at its end. Some are patterns of our own, some published
/// ones recalled from memory and told in a teacher's own way; those whose headings are certain are held against them in
/// <see cref="PublishedPatternTests"/>.
/// </summary>
public class WalkThroughTests
{
    /// <summary>The files beside this one: the words, and after "=>" what was meant.</summary>
    public static IEnumerable<TheoryDataRow<string>> Files =>
        Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "Dictation", "WalkThroughs"), "*.txt").Order().Select(f => new TheoryDataRow<string>(Path.GetFileNameWithoutExtension(f)));

    /// <summary>The words of a file, and what was meant.</summary>
    internal static (string Words, string Meant) Read(string name)
    {
        var parts = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Dictation", "WalkThroughs", name + ".txt")).Split("=>");
        return (parts[0].Trim(), parts[1].Trim());
    }

    internal static string WordsOf(string name) => Read(name).Words;

    /// <summary>For each count the heading, the leading foot and the stance at its end, as the files tell it.</summary>
    internal static string Told(Form form)
    {
        var reading = Samples.ReadingOf(form);
        var counts = Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] > 0 && (i + 1 == reading.Counts.Length || reading.Counts[i + 1] != reading.Counts[i])).Select(i => reading.Walk.Postures[i]);
        return string.Join(", ", counts.Select(p => $"{p.Heading.Degrees} {p.Lead?.Word ?? "none"} {p.Stance.Value.Replace("-stance", "")}"));
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void A_walk_through_is_read_as_it_was_meant(string name)
    {
        var (words, expected) = Read(name);
        var said = Samples.Say(words);
        Told(said.Form).ShouldBe(expected);
        said.Unread.Sum(u => u.Text.Split(' ').Length).ShouldBeLessThanOrEqualTo(words.Split([' ', '\n'], StringSplitOptions.RemoveEmptyEntries).Length / 20,
            string.Join(", ", said.Unread.Select(u => u.Text)));
    }
}
