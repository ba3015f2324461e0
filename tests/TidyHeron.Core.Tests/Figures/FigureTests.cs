using CsCheck;
using MathNet.Numerics.LinearAlgebra;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Figures;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Figures;

public class FigureTests
{
    private static readonly Gen<BodyMeasures> AnyBody = Gen.Double[100, 210].Select(cm => new BodyMeasures(cm));

    private static IEnumerable<(Figure Figure, string Where)> All(FigureReading figures)
    {
        yield return (figures.Start, "the opening");
        for (var i = 0; i < figures.Moves.Count; i++)
        {
            if (figures.Moves[i].Kick is { } kick) yield return (kick, $"kick of move {i}");
            foreach (var t in new[] { 0.2, 0.5, 0.7, 1 }) yield return (figures.At(i, t), $"move {i} at {t}");
        }
    }

    private static FigureReading Read(Form form, BodyMeasures body) => FigureReading.Of(FormReading.Of(form, body, Samples.Ways));

    [Fact]
    public void Limbs_keep_their_lengths_exactly_in_every_pose_and_between_them() =>
        Gen.Select(Samples.AnyForm, AnyBody).Sample((form, body) =>
        {
            foreach (var (figure, where) in All(Read(form, body)))
            {
                foreach (var leg in new[] { figure.LeftLeg, figure.RightLeg })
                {
                    (leg.Joint - leg.Root).Length.ShouldBe(body.ThighCm, 1e-6, where);
                    (leg.End - leg.Joint).Length.ShouldBe(body.ShankCm, 1e-6, where);
                }
                foreach (var arm in new[] { figure.LeftArm, figure.RightArm })
                {
                    (arm.Joint - arm.Root).Length.ShouldBe(body.UpperArmCm, 1e-6, where);
                    (arm.End - arm.Joint).Length.ShouldBe(body.ForearmCm, 1e-6, where);
                    // Fingers are folded into a fist or stretched, and nothing else.
                    (arm.Tip - arm.End).Length.ShouldBeInRange(body.HandCm * Figure.FistLength - 1e-6, body.HandCm + 1e-6, where);
                }
                (figure.LeftArm.Root - figure.RightArm.Root).Length.ShouldBe(body.ShoulderBreadthCm, 1e-6, where);
            }
        }, iter: 150);

    [Fact]
    public void Nothing_goes_through_the_floor() =>
        Gen.Select(Samples.AnyForm, AnyBody).Sample((form, body) =>
        {
            // Skin and soles are drawn around the bones; bones may come as near as a thumb's breadth.
            foreach (var (figure, where) in All(Read(form, body)))
                foreach (var (point, k) in figure.Reach().Select((p, k) => (p, k)))
                    point.Z.ShouldBeGreaterThan(-2.5, $"{where}, point {k}, {(where.Contains(" at ") ? form.Moves[int.Parse(where.Split(' ')[1])].ToString() : "")}");
        }, iter: 150);

    [Fact]
    public void Feet_that_stay_do_not_slide() =>
        Samples.AnyForm.Sample(form =>
        {
            var reading = FormReading.Of(form, BodyMeasures.Reference, Samples.Ways);
            var figures = FigureReading.Of(reading);
            for (var i = 0; i < form.Moves.Count; i++)
                foreach (var side in new[] { Side.Left, Side.Right })
                {
                    var (before, after) = (reading.Walk.Before(i).FootOf(side), reading.Walk.Postures[i].FootOf(side));
                    if (before != after || reading.Walk.Postures[i].KickingFoot is not null || before.Lifted) continue;
                    foreach (var t in new[] { 0.1, 0.4, 0.6, 0.9 })
                    {
                        var figure = figures.At(i, t);
                        var toe = side == Side.Left ? figure.LeftLeg.Tip : figure.RightLeg.Tip;
                        var heel = side == Side.Left ? figure.Heel.Left : figure.Heel.Right;
                        if (figure.Missed.Cm > 0.01) continue; // told as out of reach
                        var middle = Point3.Between(toe with { Z = 0 }, heel with { Z = 0 }, 0.5);
                        (middle.Below - before.Place).Length.ShouldBeLessThan(1e-6, $"move {i}, {side}");
                    }
                }
        }, iter: 150);

    [Theory]
    [InlineData("Step with the left foot into a left front stance, left low block.")]
    [InlineData("Left horse stance, both hands double punch.")]
    [InlineData("Left cat stance, both hands guard.")]
    [InlineData("Right bow stance, right palm strike.")]
    [InlineData("Left back stance, left knife hand block.")]
    public void Knees_bend_over_the_toes_and_elbows_do_not_bend_back(string words)
    {
        var figure = Samples.ReadingOf(words).Figures.Moves[0].End;
        foreach (var (leg, heel) in new[] { (figure.LeftLeg, figure.Heel.Left), (figure.RightLeg, figure.Heel.Right) })
        {
            var toes = (leg.Tip - heel) with { Z = 0 };
            var straight = Point3.Between(leg.Root, leg.End, 0.5);
            ((leg.Joint - straight) with { Z = 0 }).Dot(toes.Unit).ShouldBeGreaterThan(-0.5, "knee");
        }
        foreach (var arm in new[] { figure.LeftArm, figure.RightArm })
        {
            // An elbow never lies ahead of the straight line from shoulder to wrist while hanging above it.
            var straight = Point3.Between(arm.Root, arm.End, 0.5);
            (arm.Joint.Z - straight.Z).ShouldBeLessThan(12, "elbow");
        }
    }

    [Fact]
    public void Every_technique_of_the_vocabulary_is_within_reach()
    {
        foreach (var term in Vocabulary.Standard.Terms.Where(t => t.Kind == TermKind.Technique && !t.IsKick))
            foreach (var level in new Level?[] { null, Level.Low, Level.Middle, Level.High })
                foreach (var stance in new[] { "front-stance", "ready-stance", "cat-stance" })
                {
                    var move = new Move(MoveId.New()) { Stance = new StanceTaken(new TermId(stance), Side.Left), Hands = [new HandAction(term.Id, null, level)] };
                    var missed = Samples.ReadingOf(new Form { Moves = [move] }).Figures.Moves[0].End.Missed;
                    missed.Cm.ShouldBeLessThanOrEqualTo(8, $"{term.Id} {level} in {stance}: {missed.What}");
                }
        // And none is posed by a row that names no technique.
        ArmTargets.Known.ShouldAllBe(id => Vocabulary.Standard.Find(new TermId(id)) != null);
    }

    [Fact]
    public void A_mirrored_form_has_mirrored_figures() =>
        Samples.AnyForm.Sample(form =>
        {
            // Where nothing was inferred, left and right are exchanged throughout.
            var said = form with { Moves = form.Moves.Where(m => m.Stance is { Lead: not null } && m.Footwork is null && m.Kick is null && m.Turn is null && m.Hands.All(h => h.Hand is not null)).ToValueList(), Sections = [] };
            if (said.Moves.Count == 0) return;
            var (one, other) = (Read(said, BodyMeasures.Reference), Read(Mirror.Of(said), BodyMeasures.Reference));
            if (one.StartRig.Weapon is not null) return; // a staff at rest is held with the right hand leading
            for (var i = 0; i < said.Moves.Count; i++)
            {
                Mirrored(one.Moves[i].End.LeftLeg.Tip).ShouldBeNear(other.Moves[i].End.RightLeg.Tip);
                Mirrored(one.Moves[i].End.RightArm.Tip).ShouldBeNear(other.Moves[i].End.LeftArm.Tip);
                Mirrored(one.Moves[i].End.HeadTop).ShouldBeNear(other.Moves[i].End.HeadTop);
            }

            static Point3 Mirrored(Point3 p) => p with { X = -p.X };
        }, iter: 200);

    [Fact]
    public void The_body_s_directions_are_rotations() =>
        Gen.Select(Gen.Double[-720, 720], Gen.Double[-100, 100], Gen.Double[-100, 100]).Sample((degrees, ahead, right) =>
        {
            // Against MathNet.Numerics: clockwise seen from above, x to the right and y to the front.
            var angle = degrees * Math.PI / 180;
            var rotation = Matrix<double>.Build.DenseOfArray(new[,] { { Math.Cos(angle), Math.Sin(angle) }, { -Math.Sin(angle), Math.Cos(angle) } });
            var expected = rotation * Vector<double>.Build.Dense([right, ahead]);
            var hall = new BodyFrame(degrees).ToHall(ahead, right, 7);
            hall.X.ShouldBe(expected[0], 1e-9);
            hall.Y.ShouldBe(expected[1], 1e-9);
            hall.Z.ShouldBe(7);
        });

    [Fact]
    public void Two_bones_reach_what_they_can_and_say_what_they_miss() =>
        Gen.Select(Gen.Double[-120, 120], Gen.Double[-120, 120], Gen.Double[-120, 120], Gen.Double[20, 60], Gen.Double[20, 60]).Sample((x, y, z, first, second) =>
        {
            var target = new Point3(x, y, z);
            var solved = TwoBone.Reach(default, target, first, second, new Point3(0, 1, 0.1));
            solved.Joint.Length.ShouldBe(first, 1e-6);
            (solved.End - solved.Joint).Length.ShouldBe(second, 1e-6);
            (solved.End - target).Length.ShouldBe(Math.Abs(target.Length - solved.End.Length), 1e-6);
            if (target.Length < (first + second) * 0.999 && target.Length > Math.Abs(first - second) + 0.1) (solved.End - target).Length.ShouldBeLessThan(1e-6);
        });

    [Fact]
    public void A_stance_that_a_body_cannot_stand_in_is_a_finding()
    {
        var form = Samples.Say("Step with the left foot into a left front stance, left low block.").Form;
        Samples.ReadingOf(form).Findings.ShouldBeEmpty();
        var own = new Dictionary<string, StanceChange> { ["front-stance"] = new(Length: "6 shoulders") };
        var reading = FormReading.Of(form, BodyMeasures.Reference, Samples.Ways with { Stances = StanceSchool.Of("standard", own) });
        reading.Findings.ShouldHaveSingleItem().Rule.ShouldBe("out-of-reach");
    }
}

internal static class Nearness
{
    public static void ShouldBeNear(this Point3 actual, Point3 expected) => (actual - expected).Length.ShouldBeLessThan(1e-6, $"{actual} and {expected}");
}
