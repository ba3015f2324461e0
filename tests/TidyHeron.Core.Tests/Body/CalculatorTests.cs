using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Body;

/// <summary>Proportions, units and small sums, against published values and rules of thumb of the trade.</summary>
public class CalculatorTests
{
    // Fractions of stature after Drillis and Contini (1966), as tabulated in Winter; recalled from memory.
    [Fact]
    public void A_body_has_the_published_proportions()
    {
        var body = new BodyMeasures(200);
        (body.FootLengthCm, body.AnkleHeightCm, body.KneeHeightCm, body.HipHeightCm, body.ShoulderHeightCm, body.ChinHeightCm, body.EyeHeightCm)
            .ShouldBeNear((30.4, 7.8, 57, 106, 163.6, 174, 187.2));
        (body.UpperArmCm, body.ForearmCm, body.HandCm, body.ArmReachCm, body.ShoulderBreadthCm, body.HipBreadthCm, body.FootBreadthCm)
            .ShouldBeNear((37.2, 29.2, 21.6, 88, 51.8, 38.2, 11));
        // Consistency of the table: a hanging arm ends where the fingertips are said to be, within a hundredth of stature.
        (body.ShoulderHeightCm - body.ArmReachCm).ShouldBe(0.377 * 200, 2);
    }

    [Fact]
    public void What_was_measured_takes_the_place_of_its_fraction()
    {
        var body = new BodyMeasures(175, new MeasuredParts(ShoulderCm: 40, FootCm: 28, ArmCm: 80, LegCm: 100));
        (body.ShoulderBreadthCm, body.FootLengthCm, body.ArmReachCm, body.HipHeightCm).ShouldBeNear((40, 28, 80, 100));
        (body.UpperArmCm / body.ForearmCm).ShouldBe(0.186 / 0.146, 1e-9);
        Should.Throw<ArgumentOutOfRangeException>(() => new BodyMeasures(175, new MeasuredParts(FootCm: 60))).Message.ShouldContain("about 27 cm");
    }

    [Fact]
    public void Traditional_units_convert_exactly()
    {
        TraditionalUnits.Shaku(6).ShouldBe(2000.0 / 11, 1e-9); // 6 × 10/33 m
        TraditionalUnits.Shaku(6).ShouldBe(181.8, 0.05);
        TraditionalUnits.Shaku(3, 3, 5).ShouldBe(101.5, 0.05);
        (TraditionalUnits.InchCm * 10).ShouldBe(25.4);
    }

    [Fact]
    public void An_inch_at_the_hand_is_about_six_at_the_tip()
    {
        // Common practice: a six-foot staff held with the hands some ten inches apart near one end.
        var lever = Calculators.StaffLever(72 * 2.54, 8 * 2.54, 10 * 2.54);
        lever.Value.ShouldBeInRange(5.5, 6.9);
        Should.Throw<ArgumentOutOfRangeException>(() => Calculators.StaffLever(180, 100, 90)).Message.ShouldContain("on the staff");
    }

    [Fact]
    public void Pivots_open_a_stance_to_about_a_shoulder_width()
    {
        // Common practice: toes out 45°, heels out until the feet point 30° inward, gives a stance a little under a shoulder wide.
        var body = BodyMeasures.Reference;
        var opened = Calculators.PivotWidth(body, 45, 75);
        opened.Value.ShouldBeInRange(0.8 * body.ShoulderBreadthCm, 1.1 * body.ShoulderBreadthCm);
        StanceSet.Standard.Of(new TermId("goat-stance")).Width.Cm(body).ShouldBe(opened.Value, 1e-9);
        // No pivot at all leaves the feet together; each further pair opens wider.
        Calculators.PivotWidth(body).Value.ShouldBe(body.FootBreadthCm, 1e-9);
        Calculators.PivotWidth(body, 45, 45, 45, 45).Value.ShouldBeGreaterThan(opened.Value);
    }

    [Fact]
    public void A_belt_stands_in_for_a_partner()
    {
        var body = new BodyMeasures(180);
        Calculators.BeltHeight(body).Value.ShouldBe(0.818 * 180, 1e-9);
        Calculators.BeltFreeEnd(body).Value.ShouldBe(0.44 * 180, 1e-9);
        Calculators.ClearRadius(body, Weapon.Find("staff")!).Value.ShouldBeInRange(150, 190);
    }

    [Fact]
    public void Every_set_of_stances_has_shapes_that_a_body_can_stand_in()
    {
        StanceSchool.All.Select(s => s.Id).ShouldContain("close-fist");
        foreach (var school in StanceSchool.All)
        {
            var set = StanceSchool.Of(school.Id, new Dictionary<string, StanceChange>());
            foreach (var (id, change) in school.Changes)
            {
                change.Source.ShouldNotBeNullOrEmpty($"{school.Id} {id}");
                var shape = set.Of(new TermId(id));
                foreach (var cm in new[] { 120.0, 200 })
                {
                    var body = new BodyMeasures(cm);
                    var (length, width) = (shape.Length.Cm(body), shape.Width.Cm(body));
                    Math.Sqrt(length * length + width * width).ShouldBeLessThan(2 * (body.ThighCm + body.ShankCm), $"{school.Id} {id}");
                }
            }
        }
        // Long, middle and short, as all are in use (common practice: two, one and a half, and one shoulder widths).
        double Front(string set) => StanceSchool.Of(set, new Dictionary<string, StanceChange>()).Of(new TermId("front-stance")).Length.Cm(BodyMeasures.Reference) / BodyMeasures.Reference.ShoulderBreadthCm;
        (Front("long"), Front("middle"), Front("short")).ShouldBeNear((2, 1.5, 1));
    }

    [Theory]
    [InlineData("1.5 shoulders")]
    [InlineData("pivots 45 75")]
    [InlineData("80 cm at 175")]
    [InlineData("-0.5 feet")]
    public void A_length_is_written_as_it_is_read(string text) => BodyLength.Parse(text).ToString().ShouldBe(text);

    [Theory]
    [InlineData("wide")]
    [InlineData("2 ells")]
    [InlineData("pivots 45 x")]
    [InlineData("9999 cm")]
    public void A_length_that_cannot_be_meant_is_refused(string text) => Should.Throw<FormatException>(() => BodyLength.Parse(text)).Message.ShouldContain(text);
}

internal static class Near
{
    public static void ShouldBeNear<T>(this T actual, T expected) where T : System.Runtime.CompilerServices.ITuple
    {
        for (var i = 0; i < actual.Length; i++) ((double)actual[i]!).ShouldBe(Convert.ToDouble(expected[i]), 1e-6, $"item {i + 1}");
    }
}
