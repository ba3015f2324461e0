using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Tests.Dictation;

namespace TidyHeron.Core.Tests.Floor;

public class ClosingReadingTests
{
    // A pattern on a capital I, as basics are taught in many schools (common practice). It ends within a step of where it began.
    private const string CapitalI = """
        Ready stance.
        1. Turn left 90, left front stance, low block.
        2. Step, punch.
        3. Turn right 180, low block.
        4. Step, punch.
        5. Turn left 90, low block.
        6. Step, punch.
        7. Step, punch.
        8. Step, punch.
        9. Turn left 270, low block.
        10. Step, punch.
        11. Turn right 180, low block.
        12. Step, punch.
        13. Turn left 90, low block.
        14. Step, punch.
        15. Step, punch.
        16. Step, punch.
        17. Turn left 270, low block.
        18. Step, punch.
        19. Turn right 180, low block.
        20. Step, punch.
        Return to ready.
        """;

    [Fact]
    public void A_published_pattern_that_must_close_does()
    {
        // Dan-Gun: the book requires every pattern to end where it began (Choi, Encyclopedia of Taekwon-Do; recalled from memory).
        var closing = ClosingReading.Of(Samples.ReadingOf(PublishedPatternTests.DanGun));
        closing.ShouldNotBeNull();
        closing.EndsCm.ShouldBeLessThan(0.01);
        closing.Turns.ShouldBeEmpty();
    }

    [Fact]
    public void A_pattern_within_a_step_of_its_start_is_left_alone()
    {
        var closing = ClosingReading.Of(Samples.ReadingOf(CapitalI));
        closing.ShouldNotBeNull();
        closing.EndsCm.ShouldBeInRange(1, ClosingReading.FarCm);
        closing.Turns.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("9. Turn left 270", "9. Turn right 270", 9, -270)]
    [InlineData("11. Turn right 180", "11. Turn right 90", 11, 180)]
    [InlineData("13. Turn left 90", "13. Turn left 180", 13, -90)]
    [InlineData("9. Turn left 270", "9. Turn left 180", 9, -270)]
    public void A_turn_written_wrong_is_among_those_that_would_bring_it_back(string right, string wrong, int count, int degrees)
    {
        var closing = ClosingReading.Of(Samples.ReadingOf(CapitalI.Replace(right, wrong)));
        closing.ShouldNotBeNull();
        closing.EndsCm.ShouldBeGreaterThan(ClosingReading.FarCm);
        closing.Turns.Count.ShouldBeInRange(1, 3);
        closing.Turns.ShouldContain(t => t.Count == count && (t.Would.Degrees - degrees) % 360 == 0);
        closing.Turns.ShouldAllBe(t => t.EndsCm < closing.EndsCm);
        closing.Turns.Select(t => t.EndsCm).ShouldBeInOrder();
    }

    [Fact]
    public void What_is_promised_for_a_turn_comes_true_when_it_is_written_so()
    {
        var wrong = Samples.Say(CapitalI.Replace("9. Turn left 270", "9. Turn right 270")).Form;
        foreach (var turn in ClosingReading.Of(Samples.ReadingOf(wrong))!.Turns)
        {
            var mended = wrong with { Moves = wrong.Moves.Select(m => m.Id == turn.Move ? m with { Turn = turn.Would } : m).ToValueList() };
            ClosingReading.Of(Samples.ReadingOf(mended))!.EndsCm.ShouldBe(turn.EndsCm, 0.01);
        }
    }

    [Theory]
    [InlineData("Ready stance. 1. Turn left, left front stance, low block. 2. Step, punch. Return to ready.")]
    [InlineData("Step, punch. Step, punch. Step, punch. Step, punch. Step, punch. Step, punch. Step, punch. Step, punch. Step, punch.")]
    public void What_is_too_short_or_does_not_come_back_tells_nothing(string words) => ClosingReading.Of(Samples.ReadingOf(words)).ShouldBeNull();

    [Fact]
    public void Carried_round_clockwise_as_complex_numbers_are() => Gen.Select(Gen.Double[-900, 900], Gen.Double[-900, 900], Gen.Int[-720, 720]).Sample((x, y, degrees) =>
    {
        // A complex number turned by the platform's own arithmetic; clockwise is against its sense.
        var expected = new System.Numerics.Complex(x, y) * System.Numerics.Complex.FromPolarCoordinates(1, -degrees * Math.PI / 180);
        var turned = new Spot(x, y).TurnedBy(degrees);
        turned.X.ShouldBe(expected.Real, 1e-6);
        turned.Y.ShouldBe(expected.Imaginary, 1e-6);
    });
}
