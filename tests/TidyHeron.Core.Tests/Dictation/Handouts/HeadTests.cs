using Shouldly;

namespace TidyHeron.Core.Tests.Dictation.Handouts;

/// <summary>What a handout says of the form above and below its counts is taken for that, and told by no move. How it is said: common practice.</summary>
public sealed class HeadTests
{
    private const string Counts = """
        1. Left foot to the left, left front stance, left low block
        2. Right foot forward, right front stance, right punch
        3. Turn 180 right, right front stance, right low block
        4. Left foot forward, left front stance, left punch
        """;

    private const string Read = "270 left front, 270 right front, 90 right front, 90 left front";

    [Theory]
    [InlineData("Form: Quiet Harbour\nLevel: 4th\nMoves: 4\n", 4)]
    [InlineData("Kata: Low Bridge\nNumber of moves: 4\nDate: 3 May\n\n", 4)]
    [InlineData("**Pattern:** Falling Leaf\n**Total counts:** 4\n", 4)]
    [InlineData("Name of the form - Falling Leaf\nSchool: Weir Dojo\n", null)]
    [InlineData("LOW WEIR\nTitle: Low Weir Road\n", null)]
    public void Lines_at_the_top_tell_no_move(string head, int? declared)
    {
        var form = Samples.Say(head + Counts).Form;

        WalkThroughTests.Told(form).ShouldBe(Read, head);
        form.Moves.Count.ShouldBe(4, head);
        form.DeclaredCounts.ShouldBe(declared, head);
    }

    [Fact]
    public void A_label_of_a_count_is_no_head() =>
        Samples.Say("Step: left foot to the left\nStance: front\nHands: left low block\nStep: right foot forward\nStance: front\nHands: right punch").Form.Moves.Count.ShouldBe(2);

    [Theory]
    [InlineData("Kiai on 2 and 4.\n{0}")]
    [InlineData("Kiai: 2, 4\n{0}")]
    [InlineData("Kata: Low Weir\nShouts: 2 and 4\nMoves: 4\n{0}")]
    [InlineData("Low Weir (beginners' form)\n\nCounts: 4. Kiai on 2 and 4.\n\n{0}")]
    [InlineData("{0}\nShout on counts two and four.")]
    [InlineData("{0}\nKihap on 2 and the last.")]
    public void Shouts_told_by_their_counts_are_on_those(string told)
    {
        var form = Samples.Say(string.Format(System.Globalization.CultureInfo.InvariantCulture, told, Counts)).Form;

        WalkThroughTests.Told(form).ShouldBe(Read, told);
        form.Moves.Select(m => m.Shout).ShouldBe([false, true, false, true], told);
    }

    [Fact]
    public void A_shout_on_the_third_of_a_row_is_not_on_the_third_count()
    {
        var form = Samples.Say("1. Left foot to the left, left low block.\n2. Right punch.\n3. Turn around, low block.\n4-6. Step forward three times with rising blocks: right, left, right. Shout on the third.").Form;

        form.Moves.Select(m => m.Shout).ShouldBe([false, false, false, false, false, true]);
    }

    [Fact]
    public void A_target_in_brackets_is_a_remark()
    {
        var form = Samples.Say("With the staff: step right, overhead strike (head). Step left, side strike (knee).").Form;

        form.Moves.Select(m => (m.Hands.Count, m.Note)).ShouldBe([(1, "head"), (1, "knee")]);
    }
}
