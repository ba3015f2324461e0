using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation;

public class SpeechTests
{
    private static readonly Move LowBlock = Samples.Say("Step with the left foot facing nine o'clock into a left front stance, left hand low block, kiai.").Form.Moves[0];

    [Theory]
    [InlineData(Tradition.English, DirectionHabit.Clock, "step with the left foot, facing nine o'clock, left front stance, left hand low block, shout")]
    [InlineData(Tradition.Japanese, DirectionHabit.Words, "ayumi ashi with the left foot, facing the left wall, left zenkutsu dachi, left hand gedan barai, shout")]
    [InlineData(Tradition.Korean, DirectionHabit.Degrees, "naa gagi with the left foot, facing 270 degrees, left ap gubi, left hand arae makki, shout")]
    public void A_move_is_said_in_the_reader_s_tradition_and_habit(Tradition tradition, DirectionHabit habit, string words) =>
        Speech.Say(LowBlock, Samples.Ways with { Tradition = tradition, Directions = habit }).ShouldBe(words);

    [Theory]
    [InlineData(0, "twelve o'clock")]
    [InlineData(15, "12:30")]
    [InlineData(45, "1:30")]
    [InlineData(315, "10:30")]
    [InlineData(330, "eleven o'clock")]
    [InlineData(7, "7 degrees")]
    public void Clock_positions_run_in_half_hours(int degrees, string words) => Speech.Heading(new Heading(degrees), DirectionHabit.Clock).ShouldBe(words);

    [Fact]
    public void What_was_not_said_is_not_said_back() =>
        Speech.Say(Samples.Say("Step with the left foot into a left front stance. Step, punch.").Form.Moves[1], Samples.Ways).ShouldBe("step, punch");

    [Fact]
    public void A_stance_that_schools_name_by_the_rear_foot_is_said_by_the_leading_one() =>
        Speech.Stance(new TermId("l-stance"), Side.Left, Samples.Ways).ShouldBe("L-stance with the left foot leading");

    [Fact]
    public void A_turn_keeps_the_way_it_was_made() => Speech.Turn(Turn.To(Side.Left, 270)).ShouldBe("turn 270 degrees left");
}
