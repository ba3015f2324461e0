using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Figures;

namespace TidyHeron.Core.Tests.Figures;

/// <summary>What a student recognises a move by: the chambered knee, the air under a jump, the roll, the shape of a hand.</summary>
public class MovementTests
{
    private static readonly BodyMeasures Body = BodyMeasures.Reference;

    private static FigureReading Of(string words) => Samples.ReadingOf(words).Figures;

    [Theory]
    [InlineData("front kick", true)]
    [InlineData("side kick", true)]
    [InlineData("roundhouse kick", true)]
    [InlineData("outside crescent kick", false)] // swings straight
    public void The_knee_is_drawn_up_before_a_kick_and_after_it(string kick, bool drawnUp)
    {
        var figures = Of($"Left front stance. Right {kick}.");
        var furthest = figures.Moves[1].Kick!.RightLeg;
        foreach (var t in new[] { 0.3, 0.68 })
        {
            var leg = figures.At(1, t).RightLeg;
            var bent = (leg.End - leg.Root).Length < 0.75 * (Body.ThighCm + Body.ShankCm) && leg.Joint.Z > Body.HipHeightCm * 0.7;
            bent.ShouldBe(drawnUp, $"{kick} at {t}");
        }
        (furthest.End - furthest.Root).Length.ShouldBeGreaterThan(0.93 * (Body.ThighCm + Body.ShankCm));
    }

    [Fact]
    public void Both_feet_leave_the_floor_in_a_jump_and_come_down()
    {
        var figures = Of("Left front stance. Jump, land in a right front stance.");
        var air = figures.At(1, 0.5);
        foreach (var heel in new[] { air.Heel.Left, air.Heel.Right }) heel.Z.ShouldBeGreaterThan(0.08 * Body.StatureCm);
        foreach (var heel in new[] { figures.At(1, 1).Heel.Left, figures.At(1, 1).Heel.Right }) heel.Z.ShouldBe(0, 1e-6);
        var flying = Of("Left front stance. Right jumping front kick.").Moves[1].Kick!;
        flying.Heel.Left.Z.ShouldBeGreaterThan(0.08 * Body.StatureCm);
    }

    [Theory]
    [InlineData("Roll forward.", 1)]
    [InlineData("Backward roll.", -1)]
    public void In_a_roll_the_feet_go_over_the_head_once(string words, int way)
    {
        var figures = Of("Left front stance. " + words);
        var steps = Enumerable.Range(0, 201).Select(k => figures.At(1, k / 200.0)).ToArray();
        steps.Count(f => f.LeftLeg.End.Z > f.HeadTop.Z).ShouldBeInRange(20, 150);
        steps[^1].HeadTop.Z.ShouldBeGreaterThan(0.8 * Body.StatureCm);
        // The trunk turns over in the direction of travel: the head leads forward, the hips lead back.
        var first = steps.First(f => f.LeftLeg.End.Z > f.HeadTop.Z);
        Math.Sign(steps[^1].Pelvis.Y - steps[0].Pelvis.Y).ShouldBe(way);
        (way > 0 ? first.Neck.Y - first.Pelvis.Y : first.Pelvis.Y - first.Neck.Y).ShouldBeGreaterThan(0);
        // The hips go steadily along: no step backwards on the way.
        steps.Zip(steps.Skip(1)).ShouldAllBe(p => way * (p.Second.Pelvis.Y - p.First.Pelvis.Y) > -1e-6);
    }

    [Fact]
    public void A_fist_is_shorter_than_an_open_hand_and_a_palm_heel_points_its_fingers_up()
    {
        Point3 Hand(string technique)
        {
            var arm = Of($"Left front stance, left {technique}.").Moves[0].End.LeftArm;
            return arm.Tip - arm.End;
        }
        Hand("punch").Length.ShouldBe(Body.HandCm * Figure.FistLength, 1e-6);
        Hand("spear hand").Length.ShouldBe(Body.HandCm, 1e-6);
        (Hand("palm strike").Z / Body.HandCm).ShouldBeGreaterThan(0.7);
        (Hand("crane beak").Z / Body.HandCm).ShouldBeLessThan(-0.4);
    }

    [Fact]
    public void The_shoulder_of_the_working_hand_comes_forward()
    {
        double Ahead(string words) => Of("Left front stance, " + words).Moves[0].End is var f ? f.LeftArm.Root.Y - f.RightArm.Root.Y : 0;
        Ahead("left inside block.").ShouldBeGreaterThan(Ahead("left punch."));
        Ahead("left punch.").ShouldBeGreaterThan(0);
        Ahead("right reverse punch.").ShouldBeLessThan(0);
        Ahead("both hands double punch.").ShouldBe(0, 1e-9);
    }
}
