using CsCheck;
using NetTopologySuite.Geometries;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Floor;

public class FloorReadingTests
{
    /// <summary>The envelope as NetTopologySuite computes it from the tips of all feet.</summary>
    [Fact]
    public void The_extent_is_the_envelope_of_all_feet() => Samples.AnyForm.Sample(form =>
    {
        var reading = Samples.ReadingOf(form);
        var half = reading.Body.FootLengthCm / 2;
        var tips = new[] { reading.Walk.Start }.Concat(reading.Walk.Postures).SelectMany(p => new[] { p.Left, p.Right })
            .SelectMany(f => new[] { f.Place + Spot.Along(f.Heading, half), f.Place + Spot.Along(f.Heading.Opposite, half) });
        var envelope = new GeometryFactory().CreateMultiPointFromCoords([.. tips.Select(t => new Coordinate(t.X, t.Y))]).EnvelopeInternal;
        var floor = FloorReading.Of(reading);
        floor.MinX.ShouldBe(envelope.MinX, 1e-6);
        floor.MaxX.ShouldBe(envelope.MaxX, 1e-6);
        floor.MinY.ShouldBe(envelope.MinY, 1e-6);
        floor.MaxY.ShouldBe(envelope.MaxY, 1e-6);
    });

    [Fact]
    public void A_mirrored_form_takes_the_mirrored_floor()
    {
        var form = Samples.Say("Step with the left foot to nine o'clock into a left front stance. Step with the right foot into a right front stance.").Form;
        var (here, there) = (FloorReading.Of(Samples.ReadingOf(form)), FloorReading.Of(Samples.ReadingOf(Mirror.Of(form))));
        there.MinX.ShouldBe(-here.MaxX, 1e-9);
        there.EndError.X.ShouldBe(-here.EndError.X, 1e-9);
        there.PathCm.ShouldBe(here.PathCm, 1e-9);
    }

    [Fact]
    public void Steps_out_and_back_end_where_they_began_and_the_path_is_both_ways()
    {
        var floor = FloorReading.Of(Samples.ReadingOf("Step with the left foot into a left walking stance. Step with the left foot back to ready stance."));
        floor.EndError.Length.ShouldBe(0, 1e-9);
        floor.PathCm.ShouldBe(2 * 0.75 * 0.259 * 175, 1e-6); // the middle goes half of 1.5 shoulder widths, and back
    }

    [Fact]
    public void An_empty_form_takes_the_floor_of_its_opening()
    {
        var floor = FloorReading.Of(Samples.ReadingOf(new Form()));
        floor.PathCm.ShouldBe(0);
        floor.Width.ShouldBe(0.259 * 175, 1e-9);
        floor.Depth.ShouldBe(0.152 * 175, 1e-9);
    }
}
