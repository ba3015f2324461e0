using Shouldly;

namespace TidyHeron.Core.Tests.Dictation.Handouts;

/// <summary>A stance told once for all steps is the stance of each that has none of its own; how it is told: common practice.</summary>
public sealed class StanceOfAllTests
{
    private const string Steps = "Step left, left low block. Step forward, right punch. Turn around, right low block.";

    [Theory]
    [InlineData("All in front stance. {0}")]
    [InlineData("All in front stance: {0}")]
    [InlineData("Everything is in front stance. {0}")]
    [InlineData("All stances are front stances. {0}")]
    [InlineData("Front stance throughout. {0}")]
    [InlineData("The whole form is done in front stance. {0}")]
    [InlineData("Stances are front stance unless I say otherwise. {0}")]
    [InlineData("{0} Always in front stance.")]
    [InlineData("{0} All of these are in front stance.")]
    [InlineData("{0}\nNote: front stance for all moves.")]
    [InlineData("{0}\n(All front stances.)")]
    public void A_stance_told_once_is_that_of_every_step(string told)
    {
        var text = string.Format(System.Globalization.CultureInfo.InvariantCulture, told, Steps);
        var reading = Samples.Say(text);

        WalkThroughTests.Told(reading.Form).ShouldBe("270 left front, 270 right front, 90 right front", text);
        reading.Unread.ShouldBeEmpty(text);
    }

    [Fact]
    public void A_step_with_a_stance_of_its_own_keeps_it() =>
        WalkThroughTests.Told(Samples.Say("Everything is in front stance. Step forward right, right punch. Step back into back stance, knife-hand block. Step forward, punch.").Form)
            .ShouldBe("0 right front, 0 left back, 0 right front");

    [Fact]
    public void At_the_end_of_a_sentence_it_is_said_of_that_sentence()
    {
        var form = Samples.Say("Step forward right, right punch, step forward left, left punch, all in horse stance. Step forward, right punch.").Form;

        WalkThroughTests.Told(form).ShouldBe("0 none horse, 0 none horse, 0 right short-front");
    }

    [Fact]
    public void What_one_only_strikes_takes_no_stance() =>
        Samples.Say("Step forward right, right punch. Left punch. Always in front stance.").Form.Moves.Select(m => m.Stance?.Kind.Value).ShouldBe(["front-stance", null]);
}
