using CsCheck;
using NetTopologySuite.Geometries;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using Envelope = TidyHeron.Core.Floor.Envelope;

namespace TidyHeron.Core.Tests.Floor;

/// <summary>Hulls, clearances and spacing, against NetTopologySuite.</summary>
public class SpaceTests
{
    private static readonly GeometryFactory Geometry = new();

    private static readonly Gen<Spot[]> AnySpots = Gen.Select(Gen.Int[-3000, 3000].Select(v => v / 10.0), Gen.Int[-3000, 3000].Select(v => v / 10.0), (x, y) => new Spot(x, y)).Array[3, 40];

    private static Geometry Polygon(Hull hull, Spot shift = default) =>
        Geometry.CreatePolygon([.. hull.Corners.Select(c => new Coordinate(c.X + shift.X, c.Y + shift.Y)), new Coordinate(hull.Corners[0].X + shift.X, hull.Corners[0].Y + shift.Y)]);

    [Fact]
    public void A_hull_is_the_hull() => AnySpots.Sample(spots =>
    {
        if (Hull.Of(spots) is not { Area: > 1 }) return; // all but one line
        var expected = Geometry.CreateMultiPointFromCoords([.. spots.Select(s => new Coordinate(s.X, s.Y))]).ConvexHull();
        var hull = Hull.Of(spots);
        hull.Area.ShouldBe(expected.Area, 1e-6);
        hull.Corners.Count.ShouldBe(expected.Coordinates.Length - 1);
        (hull.MinX, hull.MaxY).ShouldBe((expected.EnvelopeInternal.MinX, expected.EnvelopeInternal.MaxY));
    }, iter: 500);

    [Fact]
    public void A_copy_moved_by_the_longest_chord_just_clears() => Gen.Select(AnySpots, Gen.Double[0, Math.PI]).Sample((spots, angle) =>
    {
        var hull = Hull.Of(spots);
        if (hull.Corners.Count < 3 || hull.Area < 100) return;
        var direction = new Spot(Math.Cos(angle), Math.Sin(angle));
        var chord = hull.ChordAlong(direction);
        Polygon(hull).Intersection(Polygon(hull, direction * (chord + 0.01))).Area.ShouldBeLessThan(1e-6);
        Polygon(hull).Intersects(Polygon(hull, direction * (chord - 0.05))).ShouldBeTrue();
    }, iter: 300);

    private static readonly FormReading Sample = Samples.ReadingOf("""
        Step with the left foot to nine o'clock into a left front stance, left low block. Step with the right foot into a right front stance, right punch.
        Turn 180 degrees right, right foot, right front stance, right low block. Step left front stance, left punch. Turn 90 left, left front stance, low block. Step right front stance, right punch.
        """);

    [Fact]
    public void A_form_put_into_a_room_has_the_clearance_that_is_told()
    {
        var envelope = Envelope.Of(Sample);
        var room = new Room(700, 500);
        foreach (var (turn, front) in new (bool, double?)[] { (false, null), (true, null), (false, 60) })
        {
            var fit = RoomFit.Of(envelope, room, turn, front);
            // The hull, turned and moved as told, against the room's four edges.
            var turned = NetTopologySuite.Geometries.Utilities.AffineTransformation.RotationInstance(-fit.TurnedDegrees * Math.PI / 180).Transform(Polygon(envelope.Hull));
            var box = NetTopologySuite.Geometries.Utilities.AffineTransformation.TranslationInstance(fit.Start.X, fit.Start.Y).Transform(turned).EnvelopeInternal;
            fit.Left.ShouldBe(350 + box.MinX, 1e-6);
            fit.Right.ShouldBe(350 - box.MaxX, 1e-6);
            fit.Front.ShouldBe(250 - box.MaxY, 1e-6);
            fit.Back.ShouldBe(250 + box.MinY, 1e-6);
            if (front is { } wanted) fit.Front.ShouldBe(wanted, 1e-6);
            fit.Fits.ShouldBe(fit.ClearanceCm >= -0.05);
        }
    }

    [Fact]
    public void No_other_start_leaves_more_room() => Gen.Select(Gen.Double[-200, 200], Gen.Double[-200, 200]).Sample((x, y) =>
    {
        var envelope = Envelope.Of(Sample);
        var room = new Room(700, 500);
        var best = RoomFit.Of(envelope, room, mayTurn: false);
        var (h, start) = (envelope.Hull, new Spot(x, y));
        Math.Min(Math.Min(350 + start.X + h.MinX, 350 - start.X - h.MaxX), Math.Min(250 - start.Y - h.MaxY, 250 + start.Y + h.MinY)).ShouldBeLessThanOrEqualTo(best.ClearanceCm + 1e-9);
    }, iter: 200);

    [Fact]
    public void What_leaves_a_small_room_is_told_with_its_count()
    {
        var fit = RoomFit.Of(Envelope.Of(Sample), new Room(300, 900, BorderCm: 50), mayTurn: false);
        fit.Fits.ShouldBeFalse();
        fit.Over.Select(o => o.Edge).Distinct().ShouldBe(["left", "right"], ignoreOrder: true);
        fit.Over.ShouldContain(o => o.Edge == "left" && o.Count == 2);
        RoomFit.Of(Envelope.Of(Sample), new Room(900, 900, CeilingCm: 150), mayTurn: false).Over.ShouldContain(o => o.Edge == "ceiling");
    }

    [Fact]
    public void Performers_at_the_told_distance_never_touch()
    {
        var staff = Samples.ReadingOf("Step with the left foot into a left front stance, both hands staff low block. Step right front stance, right hand staff horizontal strike. Turn 90 left, left front stance, both hands staff high block.");
        var envelope = Envelope.Of(staff);
        var spacing = Spacing.Of(envelope, new Room(2000, 1000));
        foreach (var moment in envelope.Each)
        {
            Polygon(moment.Hull).Distance(Polygon(moment.Hull, new Spot(spacing.SideBySideCm, 0))).ShouldBeGreaterThan(0);
            Polygon(moment.Hull).Distance(Polygon(moment.Hull, new Spot(0, spacing.BehindCm))).ShouldBeGreaterThan(0);
        }
        // A staff needs more than empty hands.
        var empty = Samples.ReadingOf("Step with the left foot into a left front stance, left low block. Step right front stance, right punch. Turn 90 left, left front stance, high block.");
        spacing.SideBySideCm.ShouldBeGreaterThan(Spacing.Of(Envelope.Of(empty), new Room(2000, 1000)).SideBySideCm + 30);
        spacing.PerRow.ShouldBe(1 + (int)((2000 - (envelope.Hull.MaxX - envelope.Hull.MinX)) / spacing.SideBySideCm));
    }

    [Fact]
    public void Turning_a_form_turns_its_floor_and_a_taller_body_takes_more()
    {
        var turned = Samples.ReadingOf(new Core.Notation.Edits.TurnPassage(Sample.Form.Moves.Select(m => m.Id).ToValueList(), new Turn(90), Samples.Ways).Apply(Sample.Form));
        for (var i = 1; i < Sample.Walk.Postures.Count; i++)
        {
            // From the first posture on, every footprint lies a quarter turn further on.
            var (a, b) = (Sample.Walk.Postures[i].Left.Place - Sample.Walk.Postures[0].Left.Place, turned.Walk.Postures[i].Left.Place - turned.Walk.Postures[0].Left.Place);
            b.X.ShouldBe(a.Y, 1e-6);
            b.Y.ShouldBe(-a.X, 1e-6);
        }
        var small = Envelope.Of(FormReading.Of(Sample.Form, new BodyMeasures(140), Samples.Ways));
        var tall = Envelope.Of(FormReading.Of(Sample.Form, new BodyMeasures(196), Samples.Ways));
        (tall.Hull.MaxX - tall.Hull.MinX).ShouldBe((small.Hull.MaxX - small.Hull.MinX) * 1.4, 0.5); // everything here scales with stature
        tall.CeilingCm.ShouldBe(small.CeilingCm * 1.4, 0.5);
    }

    [Fact]
    public void The_star_has_a_line_for_each_direction_that_feet_go()
    {
        var star = TapeStar.Of(Sample);
        star.Lines.Select(l => l.Heading.Degrees).ShouldContain(270);
        star.Lines.Select(l => l.Heading.Degrees).ShouldContain(0);
        star.TotalCm.ShouldBe(star.Lines.Sum(l => l.LengthCm + l.Marks.Count * TapeStar.MarkCm), 1e-9);
        foreach (var line in star.Lines) line.Marks.ShouldAllBe(m => m.FromCentreCm <= line.LengthCm && m.FromCentreCm > 0);
        TapeStar.Of(Sample, new Room(200, 200)).CutOff.ShouldBeTrue();
        RosePetal.Of(Sample).Select(p => (p.Heading.Degrees, p.Techniques)).ShouldBe([(0, 2), (90, 2), (270, 2)]);
    }
}
