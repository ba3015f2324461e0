using Shouldly;
using TidyHeron.Core.Checks;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Checks;

public class RuleTests
{
    /// <summary>Every fix that is offered really clears the finding.</summary>
    private static Finding Single(FormReading reading, string rule)
    {
        var finding = reading.Findings.Where(f => f.Rule == rule).ShouldHaveSingleItem();
        foreach (var fix in finding.Fixes)
            Samples.ReadingOf(fix.Edit.Apply(reading.Form)).Findings.ShouldNotContain(f => f.Rule == rule, fix.Label);
        return finding;
    }

    [Fact]
    public void A_turn_that_does_not_lead_to_the_stated_facing_is_found()
    {
        var finding = Single(Samples.ReadingOf("Turn 90 degrees left facing three o'clock, left front stance, low block."), "turn-facing");
        finding.Message.ShouldBe("Turning 90° left from twelve o'clock ends at nine o'clock, but the move says facing three o'clock.");
        finding.Fixes.Select(f => f.Label).ShouldBe(["Turn 90° right", "Face nine o'clock"]);
    }

    [Fact]
    public void Two_seventy_left_to_three_o_clock_is_no_contradiction() =>
        Samples.ReadingOf("Turn 270 degrees left facing three o'clock, left front stance, low block.").Findings.ShouldBeEmpty();

    [Theory]
    [InlineData("Step forward with the left foot into a right front stance, punch.")]
    [InlineData("Step back with the left foot into a left front stance, punch.")]
    public void A_step_with_the_foot_that_cannot_be_meant_is_found(string words) =>
        Single(Samples.ReadingOf(words), "step-lead").Fixes.Count.ShouldBe(2);

    [Fact]
    public void A_hand_with_two_things_to_do_at_once_is_found()
    {
        Single(Samples.ReadingOf("Step left, left hand low block while left hand punch."), "hand-twice").Message.ShouldBe("The left hand does two things at once: low block and punch.");
        Single(Samples.ReadingOf("Step left, both hands wedge block while right hand punch."), "hand-twice");
    }

    [Fact]
    public void The_same_hand_twice_in_order_is_fine() =>
        Samples.ReadingOf("Step left, left hand low block, then left punch.").Findings.ShouldBeEmpty();

    [Fact]
    public void Two_moves_at_the_same_time_with_one_hand_are_found_too()
    {
        var form = Samples.Say("Step left, left low block. Left punch.").Form;
        var together = new SetCounting([form.Moves[1].Id], Counting.Together).Apply(form);
        Single(Samples.ReadingOf(together), "hand-twice");
    }

    [Fact]
    public void A_cut_inside_a_count_is_found_and_moved_to_its_beginning()
    {
        var form = Samples.Say("Step left low block. Step right punch, then reverse punch. Step left punch.").Form;
        Counts.Of(form).ShouldBe([1, 2, 2, 3]);
        var finding = Single(Samples.ReadingOf(new CutHere(form.Moves[2].Id).Apply(form)), "cut-in-count");
        finding.Fixes[0].Label.ShouldBe("Cut before count 2");
    }

    [Fact]
    public void Kicking_with_the_only_standing_foot_is_found() =>
        Single(Samples.ReadingOf("Lift the right foot into a left crane stance. Left side kick."), "standing-foot-kicks");

    [Theory]
    [InlineData("jump-landing", "Jump up, high x-block.")]
    [InlineData("ground-rising", "Kneel down, right hand hammer fist. Step forward with the left foot, punch.")]
    [InlineData("foot-carries-weight", "Lift the right foot into a left crane stance. Step forward with the left foot into a left front stance.")]
    [InlineData("weapon-hand", "Both hands staff guard, left foot steps. Left hand punch.")]
    [InlineData("grip-change", "Both hands staff guard, left foot steps. Let go with the left hand. Both hands staff low block.")]
    [InlineData("preparation", "Step with the left foot, set right over left, left hand low block.")]
    public void What_contradicts_itself_is_found_and_every_fix_clears_it(string rule, string words) => Single(Samples.ReadingOf(words), rule);

    [Theory]
    [InlineData("Jump up into a right front stance, high x-block.")]
    [InlineData("Kneel down, right hand hammer fist. Rise into a left front stance, punch.")]
    [InlineData("Lift the right foot into a left crane stance. Step forward with the right foot into a right front stance.")]
    [InlineData("Both hands staff guard, left foot steps. Let go with the left hand. Left hand punch.")]
    [InlineData("Both hands staff guard, left foot steps. Let go with the left hand. Regrip with the left hand. Both hands staff low block.")]
    [InlineData("Step with the left foot, set left over right, left hand low block.")]
    [InlineData("Step with the left foot, set right over left, left hand rising block.")]
    public void What_does_not_contradict_itself_is_left_alone(string words) => Samples.ReadingOf(words).Findings.ShouldBeEmpty();

    [Fact]
    public void A_section_that_begins_where_nobody_can_stand_is_found()
    {
        var form = Samples.Say("Step left low block. Right front kick. Step right punch.").Form;
        Single(Samples.ReadingOf(new CutHere(form.Moves[2].Id).Apply(form)), "section-start");
    }

    [Fact]
    public void Declared_totals_are_checked()
    {
        var form = Samples.Say("Step left low block. Step right punch, kiai.").Form with { DeclaredCounts = 3, DeclaredShouts = 2 };
        var findings = Samples.ReadingOf(form).Findings.Where(f => f.Rule == "declared-totals").ToList();
        findings.Select(f => f.Message).ShouldBe(["The form is said to have 3 counts; 2 are written.", "The form is said to have 2 shouts; 1 are written."]);
        Samples.ReadingOf(findings.SelectMany(f => f.Fixes).Aggregate(form, (f, fix) => fix.Edit.Apply(f))).Findings.Count.ShouldBe(1); // each fix is for the form as it was
        Samples.ReadingOf(form with { DeclaredCounts = 2, DeclaredShouts = 1 }).Findings.ShouldBeEmpty();
    }
}
