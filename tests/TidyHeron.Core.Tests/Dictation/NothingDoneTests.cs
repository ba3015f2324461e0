using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Counts on which nothing is done are told, as they may belong to the one after them; few of those that were meant so are.</summary>
public class NothingDoneTests
{
    private const string Told = "Read as a count on which nothing is done: it may belong to the next one.";

    [Theory]
    [InlineData("Left foot forward, front stance, left low block. Step forward with the right. And then a left front kick.", "Step forward")]
    [InlineData("Left low block. Step forward. Step forward. Right punch.", "Step forward")]
    public void A_count_that_only_steps_is_told(string words, string where)
    {
        var said = Samples.Say(words);
        var told = said.Fields.Where(f => f.Assumption == Told).ShouldHaveSingleItem();
        words.Substring(told.Start, told.Length).ShouldBe(where);
        said.Form.IndexOf(told.Move!.Value).ShouldBeGreaterThan(0);
    }

    [Theory]
    [InlineData("One: left foot forward, left front stance, left low block. Two: turn to the right. Three: left front kick.")] // called
    [InlineData("Left low block. Step forward right. Step forward left. Step forward right. Left punch.")] // walked
    [InlineData("Left foot forward, left front stance, left low block. Cross the right foot behind the left. Step left, horse stance, left punch.")] // crossing is a count of many forms
    [InlineData("Left foot forward, left front stance, left low block. Step forward, right front stance, right punch.")]
    [InlineData("Left foot forward, left front stance, left low block. Pull the right foot to the left. Right side kick.")]
    public void What_is_called_walked_or_done_with_the_feet_is_not(string words) =>
        Samples.Say(words).Fields.ShouldNotContain(f => f.Assumption == Told);

    /// <summary>Of the counts of the walk-throughs, which are read as they were meant, one in three hundred at the most is told so.</summary>
    [Fact]
    public void Few_counts_that_were_meant_so_are_told()
    {
        var (counts, told) = (0, 0);
        foreach (var file in WalkThroughTests.Files)
        {
            var said = Samples.Say(WalkThroughTests.WordsOf(file.Data));
            counts += Samples.ReadingOf(said.Form).Counts.Where(c => c > 0).Distinct().Count();
            told += said.Fields.Count(f => f.Assumption == Told);
        }
        counts.ShouldBeGreaterThan(5000);
        told.ShouldBeLessThan(counts / 300, $"{told} of {counts} counts");
    }
}
