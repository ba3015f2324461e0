using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>What the last move says, by the order and the company of its words. Wording: common practice in teaching.</summary>
public sealed class HowItIsToldTests
{
    [Theory]
    [InlineData("Kick low with the right.", "right foot low level kick")]
    [InlineData("Front kick low with the left leg.", "left foot low level front kick")]
    [InlineData("Kick low, left.", "left foot low level kick")]
    [InlineData("Low kick with the left.", "left foot low kick")]
    [InlineData("Roundhouse to the head with the left.", "left foot high level roundhouse kick")]
    [InlineData("Side kick to the knee with the left leg.", "left foot low level side kick")]
    [InlineData("Front kick at chest height, left leg.", "left foot middle level front kick")]
    [InlineData("Kick to the groin with the back leg.", "left foot groin kick")]
    public void A_kick_keeps_its_foot_and_its_height(string words, string said) => Last("Step right, punch. " + words).ShouldBe(said);

    [Theory]
    [InlineData("Jab left, straight right.", "right hand punch")]
    [InlineData("Jab left, cross right.", "right hand reverse punch")]
    [InlineData("Then a straight left.", "left hand punch")]
    [InlineData("Block outward with both forearms.", "both hands block")]
    [InlineData("Pull the left hand back, and punch with it.", "left hand punch")]
    [InlineData("Knee with the left… sorry, the right knee.", "right foot knee strike")]
    public void The_hand_or_the_leg_is_the_one_that_was_told(string words, string said) => Last("Step right, front stance, right punch. " + words).ShouldBe(said);

    [Theory]
    [InlineData("Bo. Change grip so that the left hand leads.", "regrip, left hand leads the grip")]
    [InlineData("Bo. Change hands so the right hand is in front.", "regrip, right hand leads the grip")]
    [InlineData("Bo. Right front stance. Diagonal strike from the right shoulder to the left hip.", "right front stance, staff diagonal strike, strike from the right side")]
    [InlineData("Spear. Step left, bow stance, and slap the spear down on the ground.", "step with the left foot, bow stance, staff overhead strike")]
    public void A_staff_is_held_and_swung_as_it_was_told(string words, string said) => Last(words).ShouldBe(said);

    [Theory]
    [InlineData("Step left, front stance, low block. Eleven, step and punch. Turn around, low block with the right, twelve. Thirteen, step and punch.", 4)]
    [InlineData("Horse stance, both palms press down. That's the opening, count one. Two, turn left, left bow stance, right palm. Three, step, punch.", 3)]
    [InlineData("Step left, horse stance, two punches, left then right. That's count one and two. Three, step right, low block.", 3)]
    [InlineData("One, step left, punch. Two, right punch. Three, kick low with the left. Jab left, cross right; those together are four. Five, turn around, low block.", 5)]
    public void A_number_told_behind_calls_its_count(string words, int counts) => Counts.Of(Samples.Say(words).Form).Max().ShouldBe(counts);

    private static string Last(string words)
    {
        var form = Samples.Say(words).Form;
        return Speech.Say(form.Moves[^1] with { Note = "" }, Samples.Ways.For(form));
    }
}
