using Shouldly;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Readings;

public class StartPositionTests
{
    [Fact]
    public void A_section_starts_where_the_one_before_ends_feet_and_hands()
    {
        var form = Samples.Say("Step with the left foot to nine o'clock into a left front stance, left low block, right hand at the hip. Step right, punch.").Form;
        var reading = Samples.ReadingOf(new CutHere(form.Moves[1].Id).Apply(form));
        StartPosition.InWords(reading, 1).ShouldBe("left front stance, facing nine o'clock, left hand low block, right hand at the hip");
    }

    [Fact]
    public void Hands_that_a_kick_leaves_alone_are_still_where_they_were()
    {
        var form = Samples.Say("Step with the left foot into a left front stance, left low block. Right front kick, landing in front in a right front stance. Punch.").Form;
        StartPosition.InWords(Samples.ReadingOf(form), 2).ShouldBe("right front stance, facing twelve o'clock, left hand low block");
    }

    [Fact]
    public void The_first_section_starts_from_the_opening() =>
        StartPosition.InWords(Samples.ReadingOf("Step left, low block."), 0).ShouldBe("ready stance, facing twelve o'clock");

    [Fact]
    public void All_readings_of_a_form_agree_on_its_length()
    {
        var reading = Samples.ReadingOf("Bow. Step left, low block. Step right, punch, then reverse punch.");
        reading.TotalCounts.ShouldBe(2);
        reading.Counts.Length.ShouldBe(reading.Walk.Postures.Count);
        reading.Sections.ShouldBeEmpty();
        reading.Findings.ShouldBeEmpty();
    }
}
