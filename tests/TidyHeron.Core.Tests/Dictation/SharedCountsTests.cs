using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Techniques told in one sentence are one count or each its own: both are common practice, so it is told and the other offered.</summary>
public class SharedCountsTests
{
    private const string Told = "Told in one sentence: read as one count.";
    private const string Three = "Left foot out to a left front stance, low block. Step right, right lunge punch, left reverse punch. Turn left, left down block, right punch, left punch.";

    [Fact]
    public void Saying_the_other_thing_that_is_offered_makes_a_count_of_each()
    {
        var said = Samples.Say(Three);
        Counts(said).ShouldBe(3);
        var offers = said.Fields.Where(f => f.Assumption == Told).ToList();
        offers.Select(f => Three[f.Start..]).ShouldBe(["left reverse punch. Turn left, left down block, right punch, left punch.", "right punch, left punch.", "left punch."]);

        var words = offers.OrderByDescending(f => f.Start).Aggregate(Three, (text, f) => text.Insert(f.Start, f.Instead));
        var again = Samples.Say(words);
        again.Fields.ShouldNotContain(f => f.Assumption == Told);
        again.Unread.ShouldBeEmpty();
        again.Form.Moves.Select(m => m with { Id = default }).ShouldBe(said.Form.Moves.Select(m => m with { Id = default, Counting = Counting.Own }));
    }

    [Theory]
    [InlineData("Step right, right lunge punch, next count left reverse punch.")]
    [InlineData("Step right, right lunge punch, next count, left reverse punch.")]
    [InlineData("Step right, right lunge punch and on the next count left reverse punch.")]
    [InlineData("Step right, right lunge punch, then on a new count left reverse punch.")]
    public void The_next_count_may_begin_within_a_sentence(string words) => Counts(Samples.Say(words)).ShouldBe(2);

    [Theory]
    [InlineData("Each technique is a count.")]
    [InlineData("In this form every technique gets its own count.")]
    [InlineData("Count each technique separately.")]
    [InlineData("One count for each technique.")]
    [InlineData("Remember, every block, every punch is a count.")]
    [InlineData("One technique, one count.")]
    [InlineData("All techniques are counted one by one.")]
    public void Who_says_how_techniques_count_is_followed(string statement)
    {
        var said = Samples.Say(statement + " " + Three);
        Counts(said).ShouldBe(6);
        said.Unread.ShouldBeEmpty();
        said.Fields.ShouldNotContain(f => f.Assumption == Told);
    }

    [Theory]
    [InlineData("Each sentence is one count. " + Three)]
    [InlineData("Every line is a count. " + Three)]
    public void Who_says_that_sentences_count_is_not_asked(string words)
    {
        var said = Samples.Say(words);
        Counts(said).ShouldBe(3);
        said.Fields.ShouldNotContain(f => f.Assumption == Told);
    }

    [Theory]
    [InlineData("This form has six counts. ", 6)]
    [InlineData("This form has five counts. ", 3)] // fits neither way: the finding tells
    public void How_many_were_announced_decides(string announced, int counts)
    {
        var said = Samples.Say(announced + Three);
        Counts(said).ShouldBe(counts);
        said.Fields.Count(f => f.Assumption == "Read as a count of its own: 6 were announced.").ShouldBe(counts == 6 ? 3 : 0);
        said.Fields.Count(f => f.Assumption == Told).ShouldBe(counts == 6 ? 0 : 3);
    }

    [Theory]
    [InlineData("One, step right, right lunge punch, left reverse punch. Two, turn left, left down block, right punch.")] // called
    [InlineData("Step right, right lunge punch and left reverse punch on the same count.")]
    [InlineData("Step right, right lunge punch while the left hand covers.")]
    [InlineData("Step right, right lunge punch. Left reverse punch.")]
    public void Where_the_counts_are_told_nothing_is_asked(string words) =>
        Samples.Say(words).Fields.ShouldNotContain(f => f.Assumption == Told);

    private static int Counts(DictationReading said) => said.Form.Moves.Count(m => m.Counting == Counting.Own);
}
