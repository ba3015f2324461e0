using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Tests.Dictation.BlindTexts;

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
    /// <summary>The files beside this one: the words, after "=>" what was meant, and marks.</summary>
    public static IEnumerable<TheoryDataRow<string>> Files =>
        Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "Dictation", "WalkThroughs"), "*.txt").Order().Select(f => new TheoryDataRow<string>(Path.GetFileNameWithoutExtension(f)));

    /// <summary>The words of a file, and what was meant; lines after that which begin with "#" are marks.</summary>
    internal static (string Words, string Meant) Read(string name)
    {
        var (words, after) = Parts(name);
        return (words, string.Join('\n', after.Where(l => !l.StartsWith('#'))).Trim());
    }

    /// <summary>
    /// Whether a file is marked: "in one breath" where a sentence goes on with the one before ("So the right foot swings around"), the weapon
    /// is named only once, numbers are told by those called before, a sentence is taken back, or a later one tells where the form begins;
    /// "without stops" and "with commas only" where stops do not make it clearer; "not mirrored" where a step out of a stance without a
    /// lead is with the left foot, no foot said, as forms begin.
    /// </summary>
    internal static bool IsMarked(string name, string mark) => Parts(name).After.Contains("# " + mark);

    /// <summary>The files with a mark.</summary>
    internal static IEnumerable<TheoryDataRow<string>> Marked(string mark) => Files.Where(f => IsMarked(f.Data, mark));

    private static (string Words, string[] After) Parts(string name)
    {
        var parts = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Dictation", "WalkThroughs", name + ".txt")).Split("=>");
        return (parts[0].Trim(), parts[1].Split('\n', StringSplitOptions.TrimEntries));
    }

    internal static string WordsOf(string name) => Read(name).Words;

    /// <summary>For each count the heading, the leading foot and the stance at its end, as the files tell it.</summary>
    internal static string Told(Form form) => string.Join(", ", Row.Of(form).Select(r => r.Stands));

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
