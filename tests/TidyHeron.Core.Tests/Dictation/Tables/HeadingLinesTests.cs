using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation.Tables;

/// <summary>
/// A form written down line by line of its floor, each below a heading that says where it goes. What it is called, how it says the direction
/// and how the moves below are marked: common practice in handouts.
/// </summary>
public sealed class HeadingLinesTests
{
    private static readonly (string First, string Second)[] Labels = [("Line 1", "Line 2"), ("Section A", "Section B"), ("Part one", "Part two"), ("First line", "Second line"), ("A", "B"), ("", "")];

    private static readonly (string Said, int Heading)[] Directions =
    [
        ("to the front", 0), ("front", 0), ("(front)", 0), ("facing front", 0), ("12 o'clock", 0), ("north", 0), ("(12:00)", 0), ("- front", 0), ("up the middle", 0), ("centre", 0),
        ("to the right", 90), ("right", 90), ("(right)", 90), ("east", 90), ("3 o'clock", 90), ("(E)", 90),
        ("to the back", 180), ("(back)", 180), ("south", 180), ("6:00", 180),
    ];

    /// <summary>How the two moves below are marked, the second of them with a step.</summary>
    private static readonly Func<string, int, string>[] Lists =
    [
        (lead, _) => $":\n{lead} front stance, low block\nstep, punch",
        (lead, _) => $":\n- {lead} front stance, low block\n- step, punch",
        (lead, from) => $":\n{from}. {lead} front stance, low block\n{from + 1}. step, punch",
        (lead, _) => $"\n{lead} front stance, low block\nstep, punch",
    ];

    public static readonly MatrixTheoryData<int, int, int> Ways = new(Enumerable.Range(0, Labels.Length), Enumerable.Range(0, Directions.Length), Enumerable.Range(0, Lists.Length));

    [Theory]
    [MemberData(nameof(Ways))]
    public void What_stands_below_a_heading_goes_where_it_says(int label, int direction, int list)
    {
        var ((first, second), (said, heading), moves) = (Labels[label], Directions[direction], Lists[list]);
        var left = said[0] == '(' ? "(left)" : said[0] == '-' ? "- left" : said.StartsWith("to", StringComparison.Ordinal) ? "to the left" : "left";
        var (lead, other) = heading == 90 ? ("right", "left") : ("left", "right");
        var text = $"{Head(first, left)}{moves("left", 1)}\n{Head(second, said)}{moves(lead, 3)}";

        WalkThroughTests.Told(Samples.Say(text).Form).ShouldBe($"270 left front, 270 right front, {heading} {lead} front, {heading} {other} front", text);

        static string Head(string label, string said) => label.Length == 0 ? said.TrimStart('-', ' ') : said[0] is '(' or '-' ? $"{label} {said}" : $"{label}, {said}";
    }

    /// <summary>Directions that stand in a sentence, or alone with a full stop, are read as ever.</summary>
    [Theory]
    [InlineData("Left front stance, low block. Turn to the right.\nRight front stance, low block.", "0 left front, 90 right front")]
    [InlineData("Step left, left front stance, low block.\nTo the front.\nLeft front stance, low block.", "0 left front, 0 left front")]
    public void Other_lines_are_no_headings(string words, string expected) => WalkThroughTests.Told(Samples.Say(words).Form).ShouldBe(expected, words);

    /// <summary>Cells that each have their label, on a line or below one another.</summary>
    [Theory]
    [InlineData("Count 1: Direction: left. Stance: left front. Technique: left low block.\nCount 2: Direction: left. Stance: right front. Technique: right punch.\nCount 3: Direction: right. Stance: right front. Technique: right low block.")]
    [InlineData("1. Facing: W; Stance: L front; Hands: L low block\n2. Facing: W; Stance: R front; Hands: R punch\n3. Facing: E; Stance: R front; Hands: R low block")]
    [InlineData("Count 1\n  Foot: left to 9:00\n  Stance: front\n  Hands: left low block\nCount 2\n  Foot: right forward\n  Stance: front\n  Hands: right punch\nCount 3\n  Foot: right, turn to 3:00\n  Stance: front\n  Hands: right low block")]
    [InlineData("Stance: left front, Technique: left low block, Direction: left wall.\nStance: right front, Technique: right punch.\nStance: right front, Technique: right low block, Direction: right wall.")]
    public void Cells_may_have_their_labels(string words)
    {
        var reading = Samples.Say(words);

        BlindTexts.Row.Of(reading.Form).Select(r => r.ToString()).ShouldBe(["270 left front: l low-block", "270 right front: r punch", "90 right front: r low-block"], words);
        reading.Unread.ShouldBeEmpty(words);
    }

    [Theory]
    [InlineData("Feet: step left. Hands: low block. Feet: step right. Hands: punch.")]
    [InlineData("Stance: front stance. Then: step left, low block.")]
    public void Few_labels_are_no_table(string words) => Table.In(words).ShouldBeEmpty();
}
