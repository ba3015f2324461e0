using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Body;

public class WalkTests
{
    [Theory]
    [InlineData("on the heel", -0.5)]
    [InlineData("on the ball of the foot", 0.2)]
    [InlineData("", 0)]
    public void A_foot_that_stays_turns_on_its_heel_or_ball(string on, double ahead)
    {
        var reading = Samples.ReadingOf($"Step with the left foot into a left front stance. Turn 90 degrees right {on}, right foot, right front stance.");
        reading.Findings.ShouldBeEmpty();
        var (before, after) = (reading.Walk.Postures[0].Left, reading.Walk.Postures[1].Left);
        // The point it turns on has stayed where it was; the rest of the foot has not.
        var cm = ahead * BodyMeasures.Reference.FootLengthCm;
        var moved = after.Place + Spot.Along(after.Heading, cm) - (before.Place + Spot.Along(before.Heading, cm));
        moved.Length.ShouldBeLessThan(1e-9);
        after.Heading.ShouldNotBe(before.Heading);
        ((after.Place - before.Place).Length > 1).ShouldBe(ahead != 0);
    }

    // Steps as long as their stances have them.
    private static readonly Gen<Form> AsTheyCome = Samples.AnyForm.Select(f => new Core.Notation.Edits.ClearAdjustments().Apply(f));

    private static readonly BodyMeasures Body = new(175);

    private static Posture After(string words) => Samples.ReadingOf(words).Walk.End;

    [Theory]
    [InlineData("in front", "right")]
    [InlineData("behind", "left")]
    public void Who_steps_and_kicks_with_the_other_foot_has_gone_two_steps(string where, string leads)
    {
        var atOnce = Samples.ReadingOf($"Right front stance. Step with the left foot, right front kick landing {where}.");
        var one = Samples.ReadingOf($"Right front stance. Step with the left foot. Right front kick landing {where}.");
        atOnce.Walk.Postures.Count.ShouldBe(2);
        var (end, expected) = (atOnce.Walk.End, one.Walk.End);
        end.Lead!.Value.Word.ShouldBe(leads);
        (end.Left.Place - expected.Left.Place).Length.ShouldBeLessThan(1e-9);
        (end.Right.Place - expected.Right.Place).Length.ShouldBeLessThan(1e-9);
        atOnce.Findings.ShouldBeEmpty();
    }

    [Fact]
    public void In_a_step_the_other_foot_stays()
    {
        var reading = Samples.ReadingOf("Step with the left foot into a left front stance. Step with the right foot into a right front stance.");
        reading.Walk.Postures[1].Left.Place.ShouldBe(reading.Walk.Postures[0].Left.Place);
        reading.Walk.Postures[1].Moved.ShouldBe(Side.Right);
    }

    // Sizes: Choi, "Encyclopedia of Taekwon-Do" (1983) and Drillis & Contini (1966), both recalled from memory.
    [Fact]
    public void A_walking_stance_is_one_and_a_half_shoulder_widths_long_and_one_wide()
    {
        var posture = After("Step with the left foot into a left walking stance.");
        var shoulders = 0.259 * 175;
        (posture.Left.Place.Y - posture.Right.Place.Y).ShouldBe(1.5 * shoulders, 1e-9);
        (posture.Right.Place.X - posture.Left.Place.X).ShouldBe(shoulders, 1e-9);
    }

    // Nakayama, "Dynamic Karate" (1966), recalled from memory: about 80 cm long and a hip width wide.
    [Fact]
    public void A_long_front_stance_is_80_cm_long_and_a_hip_width_wide_for_175_cm()
    {
        var posture = After("Step with the right foot into a right front stance.");
        (posture.Right.Place.Y - posture.Left.Place.Y).ShouldBe(80, 1e-9);
        (posture.Right.Place.X - posture.Left.Place.X).ShouldBe(0.191 * 175, 1e-9);
    }

    [Fact]
    public void In_an_L_stance_the_feet_are_on_one_line_and_the_rear_one_is_square_to_it()
    {
        var posture = After("Step with the left foot into an L-stance with the left foot leading.");
        posture.Left.Place.X.ShouldBe(posture.Right.Place.X, 1e-9);
        posture.Right.Heading.ShouldBe(Heading.Right);
    }

    [Fact]
    public void Stepping_to_the_left_into_a_horse_stance_keeps_the_facing()
    {
        var posture = After("Step to the left into a horse stance.");
        posture.Heading.ShouldBe(Heading.Front);
        posture.Moved.ShouldBe(Side.Left);
        (posture.Right.Place.X - posture.Left.Place.X).ShouldBe(80, 1e-9);
    }

    [Fact]
    public void The_foot_that_was_not_named_follows_from_the_stance_and_is_said_to_be_inferred()
    {
        var reading = Samples.ReadingOf("Step with the left foot into a left front stance. Step forward, punch.");
        var second = reading.Walk.Postures[1];
        second.Moved.ShouldBe(Side.Right);
        second.Lead.ShouldBe(Side.Right);
        second.Inferred.HasFlag(Inferred.Foot | Inferred.Lead | Inferred.Hand).ShouldBeTrue();
        reading.Walk.Postures[0].Inferred.ShouldBe(Inferred.Nothing);
    }

    /// <summary>A stance that rests on its rear leg leads with the foot that the weight leaves; one that rests in front, with the foot it goes to.</summary>
    [Theory]
    [InlineData("back-stance", Side.Right, Side.Left)]
    [InlineData("cat-stance", Side.Left, Side.Right)]
    [InlineData("front-stance", Side.Right, Side.Right)]
    [InlineData("bow-stance", Side.Left, Side.Left)]
    public void Weight_shifted_onto_a_leg_tells_which_foot_leads(string stance, Side onto, Side leads)
    {
        var horse = Samples.Say("Horse stance.").Form;
        var shift = new Move(MoveId.New()) { Footwork = new Footwork(new TermId("shift"), onto), Stance = new StanceTaken(new TermId(stance)) };
        Walk.Of(horse with { Moves = [.. horse.Moves, shift] }, Body, Samples.Ways).End.Lead.ShouldBe(leads);
    }

    /// <summary>A foot crossed in front and half a turn uncross the legs: turned away from it the other foot leads; turned to its own side it has come round.</summary>
    [Theory]
    [InlineData("cross-front", Side.Right, Side.Left, Side.Left)]
    [InlineData("cross-front", Side.Right, Side.Right, Side.Right)]
    [InlineData("cross-behind", Side.Right, Side.Right, Side.Right)]
    public void Half_a_turn_uncrosses_the_legs(string crossing, Side foot, Side turned, Side leads)
    {
        var front = Samples.Say("Left front stance.").Form;
        var move = new Move(MoveId.New()) { Footwork = new Footwork(new TermId(crossing), foot), Turn = Turn.To(turned, 180), Stance = new StanceTaken(new TermId("front-stance")) };
        Walk.Of(front with { Moves = [.. front.Moves, move] }, Body, Samples.Ways).End.Lead.ShouldBe(leads);
    }

    /// <summary>Half a turn to an hour, with nothing said of the feet, goes over the rear foot, which then leads: the same on either side (common practice).</summary>
    [Theory]
    [InlineData("Left bow stance facing nine o'clock. Facing three o'clock, bow stance.", Side.Right)]
    [InlineData("Right bow stance facing three o'clock. Facing nine o'clock, bow stance.", Side.Left)]
    public void Half_a_turn_that_is_only_faced_goes_over_the_rear_foot(string words, Side leads) => After(words).Lead.ShouldBe(leads);

    [Fact]
    public void Who_stands_up_to_kick_lands_in_a_stance() =>
        After("Kneel with the left foot. Rise, left foot front kick landing behind.").Stance.ShouldBe(new TermId("short-front-stance"));

    [Fact]
    public void A_reverse_punch_is_done_with_the_hand_over_the_rear_foot() =>
        After("Step with the left foot into a left front stance, reverse punch.").Hands[0].Hand.ShouldBe(Hand.Right);

    [Fact]
    public void Keeping_still_leaves_both_feet_where_they_are() => AsTheyCome.Sample(form =>
    {
        var still = form with { Moves = [.. form.Moves, new Move(MoveId.New()) { Footwork = new Footwork(new TermId("stay")) }] };
        var walk = Walk.Of(still, Body, Samples.Ways);
        var before = walk.Before(form.Moves.Count);
        walk.End.Left.ShouldBe(before.Left);
        walk.End.Right.ShouldBe(before.Right);
    });

    [Fact]
    public void A_body_twice_as_tall_takes_twice_the_floor() => AsTheyCome.Sample(form =>
    {
        var small = Walk.Of(form, new BodyMeasures(100), Samples.Ways);
        var tall = Walk.Of(form, new BodyMeasures(200), Samples.Ways);
        for (var i = 0; i < small.Postures.Count; i++)
        {
            tall.Postures[i].Left.Place.X.ShouldBe(2 * small.Postures[i].Left.Place.X, 1e-6);
            tall.Postures[i].Right.Place.Y.ShouldBe(2 * small.Postures[i].Right.Place.Y, 1e-6);
        }
    });

    [Fact]
    public void Every_posture_measures_up_to_its_stance() => AsTheyCome.Sample(form =>
    {
        foreach (var posture in Walk.Of(form, Body, Samples.Ways).Postures)
        {
            var shape = StanceSet.Standard.Of(posture.Stance);
            var between = (posture.Left.Place - posture.Right.Place).Length;
            between.ShouldBe(Math.Sqrt(Math.Pow(shape.Length.Cm(Body), 2) + Math.Pow(shape.Width.Cm(Body), 2)), 1e-6);
        }
    });

    [Theory]
    [InlineData(79.9)]
    [InlineData(231)]
    [InlineData(double.NaN)]
    public void A_height_that_nobody_has_is_refused(double heightCm) => Should.Throw<ArgumentOutOfRangeException>(() => new BodyMeasures(heightCm));

    // Drillis & Contini (1966), recalled from memory: shoulder height less the whole arm is the fingertips' height.
    [Fact]
    public void The_arm_hangs_to_the_published_fingertip_height() =>
        (Body.ShoulderHeightCm - Body.ArmReachCm).ShouldBe(0.377 * 175, 0.002 * 175);
}
