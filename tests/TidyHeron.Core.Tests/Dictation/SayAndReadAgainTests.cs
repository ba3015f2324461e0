using CsCheck;
using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation;

public class SayAndReadAgainTests
{
    [Theory]
    [InlineData(Tradition.English, DirectionHabit.Clock)]
    [InlineData(Tradition.Japanese, DirectionHabit.Words)]
    [InlineData(Tradition.Korean, DirectionHabit.Degrees)]
    [InlineData(Tradition.Chinese, DirectionHabit.Clock)]
    public void A_move_said_back_and_read_again_is_the_same_move(Tradition tradition, DirectionHabit habit)
    {
        var ways = Samples.Ways with { Tradition = tradition, Directions = habit };
        // A shout alone is no move: it belongs to the one before.
        Samples.AnyMove.Where(m => !(m with { Shout = false }).IsEmpty).Sample(move =>
        {
            var words = Speech.Say(move, ways);
            var reading = Reader.Read(words, WithACountBefore, null, ways);
            reading.Unread.ShouldBeEmpty(words);
            reading.Added.Count.ShouldBe(1, words);
            var read = reading.Form.Moves[^1];
            (read with { Id = move.Id }).ShouldBe(move, words);
        }, iter: 2000);
    }

    // A form that has begun, so that standing ready is not taken for the opening.
    private static readonly Form WithACountBefore = Samples.Say("step with the left foot into a left front stance, right hand punch.").Form;
}
