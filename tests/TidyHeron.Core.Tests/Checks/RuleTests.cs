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

    /// <summary>A step back that turns nowhere is still held against its stance, whatever it says of where one faces.</summary>
    [Fact]
    public void Facing_as_before_is_no_excuse_for_the_wrong_foot() =>
        Single(Samples.ReadingOf("Step back with the left foot, facing twelve o'clock, left front stance, punch."), "step-lead");

    [Theory]
    [InlineData("Left front stance, low block. Step back with the right foot, turn 180 degrees right, right front stance, low block.")]
    [InlineData("Left front stance, low block. Step back with the right foot, facing six o'clock, right front stance, low block.")]
    [InlineData("Right front stance, low block. Step with the left foot, right front kick landing in front, right front stance, punch.")]
    public void A_foot_that_turns_about_or_lands_after_a_kick_is_not_the_wrong_one(string words) =>
        Samples.ReadingOf(words).Findings.ShouldNotContain(f => f.Rule == "step-lead");

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

    [Fact]
    public void A_technique_without_the_one_that_it_is_declared_with_is_found()
    {
        var form = Samples.Say("Step left, left low block, then right hand punch. Step right, right low block. Step left, left hand punch. Step right, right low block. Step left, rising block.").Form
            with { Pairs = [new TechniquePair(new TermId("low-block"), new TermId("punch"))] };
        // The first is followed on its own count, the second on the next one, the third not at all.
        var finding = Single(Samples.ReadingOf(form), "declared-pair");
        form.IndexOf(finding.Move).ShouldBe(4);
        finding.Message.ShouldBe("The form promises low block and punch together; here the punch is missing.");
        Samples.ReadingOf(form with { Pairs = [] }).Findings.ShouldBeEmpty();
    }

    [Fact]
    public void Two_techniques_in_a_row_on_one_line_are_found_only_where_the_form_promises_none()
    {
        var form = Samples.Say("Step left, low block, then reverse punch. Step right, punch. Turn 90 left, left front stance, low block.").Form;
        Samples.ReadingOf(form).Findings.ShouldBeEmpty();
        // Two actions on one count are one technique; the next count goes the same way.
        var finding = Single(Samples.ReadingOf(form with { NoLineTwice = true }), "line-twice");
        finding.Message.ShouldBe("Counts 1 and 2 both go to twelve o'clock, but the form promises no two techniques in a row on one line.");
    }

    private const string LeftSide = "Turn 90 degrees left, left foot, left front stance, left hand low block. Step with the right foot into a right front stance, right hand punch. "
        + "Step with the left foot into a left front stance, left hand rising block. Step with the right foot into a right front stance, right hand punch. Step with the left foot into a left front stance, left hand palm strike. ";

    private const string RightSide = "Turn 180 degrees right, right foot, right front stance, right hand low block. Step with the left foot into a left front stance, left hand punch. "
        + "Step with the right foot into a right front stance, {0}. Step with the left foot into a left front stance, left hand punch. Step with the right foot into a right front stance, right hand palm strike.";

    [Fact]
    public void A_mirror_passage_with_one_slip_is_found()
    {
        var form = Samples.Say(LeftSide + string.Format(RightSide, "left hand rising block")).Form;
        var finding = Single(Samples.ReadingOf(form), "mirror-slip");
        form.IndexOf(finding.Move).ShouldBe(7);
        finding.Fixes[0].Label.ShouldBe("Make it mirror count 3");
        finding.Fixes[0].Edit.Apply(form).Moves[7].Hands[0].Hand.ShouldBe(Hand.Right);
    }

    [Fact]
    public void A_true_mirror_passage_and_a_passage_done_again_are_left_alone()
    {
        Samples.ReadingOf(LeftSide + string.Format(RightSide, "right hand rising block")).Findings.ShouldBeEmpty();
        Samples.ReadingOf(LeftSide + LeftSide.Replace("90 degrees left", "180 degrees left")).Findings.ShouldBeEmpty();
    }

    [Fact]
    public void Passages_that_overlap_are_alike_and_no_slip() =>
        // The first published pattern as it is told: low blocks and punches on two lines, then inside blocks (Choi, Encyclopedia of
        // Taekwon-Do; recalled from memory). Its fifth turn mirrors the fourth but for the block, and their neighbours are each other's.
        Samples.ReadingOf(Dictation.WalkThroughTests.WordsOf("notes-to-check")).Findings.Where(f => f.Rule == "mirror-slip").ShouldBeEmpty();
}
