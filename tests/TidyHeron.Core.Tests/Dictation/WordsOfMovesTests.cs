using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Beside each move stand the words it was read from.</summary>
public class WordsOfMovesTests
{
    private static string[] Of(string words) => [.. WordsOfMoves.Of(words, Samples.Say(words)).Select(w => words.Substring(w.Start, w.Length))];

    [Theory]
    [InlineData("Left front stance, low block. Good. Now step, right punch.", "Left front stance, low block. Good.|Now step, right punch.")]
    [InlineData("1. Left front stance, low block. 2. Step, punch.", "1. Left front stance, low block.|2. Step, punch.")]
    [InlineData("Left front stance, left low block, right punch. Step, punch", "Left front stance, left low block|right punch.|Step, punch")]
    [InlineData("Left front stance, low block, then step and punch.", "Left front stance, low block|then step and punch.")]
    [InlineData("Left front stance, low block. Punch, twice. Turn left, low block.", "Left front stance, low block.|Punch|twice.|Turn left, low block.")]
    public void Each_move_has_its_words(string words, string expected) => Of(words).ShouldBe(expected.Split('|'));

    [Fact]
    public void Moves_told_by_an_order_share_its_words() =>
        Of("Left front stance, low block. Step, punch. Repeat counts one and two. Then feet together, bow.")
            .ShouldBe(["Left front stance, low block.", "Step, punch.", "Repeat counts one and two.", "Repeat counts one and two.", "Then feet together", "bow."]);

    [Theory]
    [MemberData(nameof(WalkThroughTests.Files), MemberType = typeof(WalkThroughTests))]
    public void A_walk_through_is_cut_up_among_its_moves(string name)
    {
        var words = WalkThroughTests.WordsOf(name);
        var runs = WordsOfMoves.Of(words, Samples.Say(words));
        runs.ShouldAllBe(r => r.Length > 0);
        runs.Zip(runs.Skip(1)).ShouldAllBe(p => p.First.Equals(p.Second) || p.First.Start + p.First.Length <= p.Second.Start);
        var covered = new bool[words.Length];
        foreach (var (start, length) in runs) Array.Fill(covered, true, start, length);
        // What stands before the first move, or after the last, may be only a title or a farewell.
        var left = words.Where((c, i) => char.IsLetter(c) && !covered[i]).Count();
        left.ShouldBeLessThanOrEqualTo(words.Count(char.IsLetter) / 20);
    }

    /// <summary>The limb with which the next move begins is that move's: what is taken for granted of a move is not marked there.</summary>
    [Theory]
    [InlineData("Left foot to the left, left back stance, left block. Bring the left foot back, look right, right foot out, back stance, right block. Left punch.", "Left punch")]
    [InlineData("Turn left, left front stance, left low block. Step, punch. Turn to the right, right low block, left punch.", "left punch.")]
    public void A_guess_stands_at_the_words_of_its_move(string words, string next)
    {
        var guess = Samples.Say(words).Fields.Single(f => f.Assumption.StartsWith("Read as to the other", StringComparison.Ordinal));
        (guess.Start + guess.Length).ShouldBeLessThan(words.LastIndexOf(next, StringComparison.Ordinal));
    }
}
