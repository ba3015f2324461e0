using Shouldly;
using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Readings;

/// <summary>Which cautions go with a form. What they say is common practice of the trade.</summary>
public class FormCautionsTests
{
    private static IReadOnlyList<string> Of(string words) => FormCautions.Of(Samples.ReadingOf(words));

    [Fact]
    public void A_form_in_which_nothing_is_risky_has_no_caution_and_no_deference() =>
        Of("Step forward with the left foot, left walking stance, left low block.").ShouldBeEmpty();

    [Theory]
    [InlineData("Forward roll.", "Rolls: ")]
    [InlineData("Back roll.", "Rolls: ")]
    [InlineData("Jump forward.", "Jumps and spins: ")]
    [InlineData("Step forward with the left foot, low horse stance.", "Deep stances: ")]
    [InlineData("Draw the sword, overhead cut.", "Weapons: ")]
    [InlineData("Right strike to the head with the staff.", "Weapons: ")]
    public void What_can_hurt_has_its_caution_and_the_instructor_decides(string words, string begins)
    {
        var cautions = Of(words);
        cautions.ShouldContain(c => c.StartsWith(begins, StringComparison.Ordinal), string.Join('\n', cautions));
        cautions[^1].ShouldBe(Cautions.Deference);
    }

    [Fact]
    public void The_same_risk_twice_is_cautioned_once()
    {
        var cautions = Of("Forward roll. Forward roll. Jump forward. Jump forward.");
        cautions.Count.ShouldBe(3);
        cautions.Distinct().Count().ShouldBe(3);
    }

    [Fact]
    public void A_form_and_its_mirror_have_the_same_cautions()
    {
        var form = Samples.Say("Jump forward, low horse stance. Forward roll. Draw the sword, overhead cut.").Form;
        FormCautions.Of(Samples.ReadingOf(Mirror.Of(form))).ShouldBe(FormCautions.Of(Samples.ReadingOf(form)));
    }
}
