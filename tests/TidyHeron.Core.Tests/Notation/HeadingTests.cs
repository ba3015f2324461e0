using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Notation;

public class HeadingTests
{
    private static readonly Gen<Heading> AnyHeading = Gen.Int[0, 359].Select(d => new Heading(d));

    // Common practice: turns of 270° left and 90° right face the same way.
    [Fact]
    public void Turning_270_left_faces_the_same_way_as_90_right() =>
        AnyHeading.Sample(h => (h + Turn.To(Side.Left, 270)).ShouldBe(h + Turn.To(Side.Right, 90)));

    [Fact]
    public void Nine_o_clock_is_the_left_and_half_past_one_is_45_to_the_right()
    {
        Heading.FromClock(18).ShouldBe(Heading.Left);
        Heading.FromClock(3).Degrees.ShouldBe(45);
        Heading.FromClock(24).ShouldBe(Heading.Front);
    }

    [Fact]
    public void A_turn_and_the_same_turn_mirrored_lead_back() =>
        Gen.Select(AnyHeading, Gen.Int[-720, 720]).Sample((h, d) => (h + new Turn(d) + new Turn(d).Mirrored).ShouldBe(h));

    [Fact]
    public void The_difference_of_two_headings_leads_from_one_to_the_other_the_short_way() =>
        Gen.Select(AnyHeading, AnyHeading).Sample((from, to) =>
        {
            (from + (to - from)).ShouldBe(to);
            (to - from).Amount.ShouldBeLessThanOrEqualTo(180);
        });

    [Fact]
    public void Mirroring_twice_gives_the_heading_back() =>
        Gen.Select(AnyHeading, AnyHeading).Sample((h, axis) => h.MirroredAcross(axis).MirroredAcross(axis).ShouldBe(h));

    [Fact]
    public void Every_heading_points_one_length_far_and_a_quarter_turn_is_square_to_it() =>
        AnyHeading.Sample(h =>
        {
            var (x, y) = h.Vector;
            var (rx, ry) = (h + Turn.To(Side.Right, 90)).Vector;
            (x * x + y * y).ShouldBe(1, 1e-12);
            (x * rx + y * ry).ShouldBe(0, 1e-12);
        });
}
