using Microsoft.AspNetCore.Http.HttpResults;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;

namespace TidyHeron.Server.Floor;

/// <param name="WidthCm">From side to side, 100 to 10000 cm.</param>
/// <param name="DepthCm">From back to front.</param>
/// <param name="BorderCm">A border that may be stepped on in need.</param>
/// <param name="CeilingCm">Height, if it matters.</param>
public sealed record RoomDocument(double WidthCm, double DepthCm, double BorderCm = 0, double? CeilingCm = null);

/// <param name="Room">The room or ring.</param>
/// <param name="MayTurn">Whether the form may face another edge than the front.</param>
/// <param name="FrontCm">Wanted distance from the front edge; none for the middle of the room.</param>
/// <param name="EndAt">Where the form should end, from its start; the start itself where it is missing.</param>
/// <param name="LimitCm">The most that one step may be taken longer or shorter, 1 to 100 cm.</param>
public sealed record FloorRequest(FormDocument Form, RoomDocument Room, double HeightCm = BodyMeasures.ReferenceStatureCm, MeasuredRequest? Measured = null,
    bool MayTurn = false, double? FrontCm = null, Point? EndAt = null, double LimitCm = 15);

public sealed record PetalReading(int Heading, string HeadingName, int Techniques);

public sealed record OverReading(int Count, string Edge, double ByCm, bool OnBorder);

/// <param name="Start">Where the middle of the feet stands at the opening, from the middle of the room.</param>
/// <param name="TurnedDegrees">Where the form's front points, clockwise from the room's front.</param>
public sealed record FitReading(Point Start, int TurnedDegrees, double Left, double Right, double Front, double Back, double ClearanceCm, bool Fits, IReadOnlyList<OverReading> Over);

/// <param name="WidthCm">Floor that the section takes from side to side.</param>
/// <param name="Fit">How it fits the room, turned if need be.</param>
public sealed record SectionFloor(string Id, string Letter, string Name, double WidthCm, double DepthCm, FitReading Fit);

public sealed record SpacingReading(double SideBySideCm, double BehindCm, int PerRow, int Rows);

public sealed record StepChangeReading(string Move, int Count, double ByCm);

/// <param name="Before">The end minus the wanted spot, with the adjustments that the form has now.</param>
/// <param name="Reached">Whether the changes bring the end there.</param>
/// <param name="Changes">The fewest and smallest changes.</param>
/// <param name="Applied">Adjustments that the form has now.</param>
public sealed record EndReading(Point Before, bool Reached, IReadOnlyList<StepChangeReading> Changes, IReadOnlyList<StepChangeReading> Applied);

public sealed record TapeMarkReading(double FromCentreCm, string Feet);

public sealed record TapeLineReading(int Heading, string HeadingName, double LengthCm, IReadOnlyList<TapeMarkReading> Marks);

public sealed record TapeReading(IReadOnlyList<TapeLineReading> Lines, double TotalCm, bool CutOff);

public sealed record WorkedReading(string Name, double Value, string Unit, string Formula, string Source);

/// <summary>Lengths in centimetres from the start, x to the right and y to the front.</summary>
/// <param name="Hull">Corners of the floor that feet, limbs and weapon sweep over.</param>
/// <param name="CeilingCm">The highest point that anything reaches.</param>
/// <param name="Weapon">The weapon that was reckoned with; empty for none.</param>
public sealed record FloorPlan(IReadOnlyList<Point> Hull, double WidthCm, double DepthCm, double CeilingCm, string Weapon, IReadOnlyList<PetalReading> Rose, FitReading Fit,
    IReadOnlyList<SectionFloor> Sections, SpacingReading Spacing, EndReading End, TapeReading Tape, IReadOnlyList<WorkedReading> Sums);

/// <param name="Source">Where the size comes from.</param>
public sealed record RingResponse(string Name, RoomDocument Room, string Source);

/// <param name="LengthCm">Usual length.</param>
public sealed record WeaponResponse(string Id, string Name, double LengthCm, string Source);

/// <param name="StaffCm">Length of the staff.</param>
/// <param name="PivotCm">Where the still hand holds it, from its end.</param>
/// <param name="BetweenCm">From the still hand to the moving one.</param>
public sealed record LeverRequest(double StaffCm, double PivotCm, double BetweenCm);

/// <summary>The floor, the room and the spot: pure computations.</summary>
public static class FloorEndpoints
{
    public static void MapFloor(this IEndpointRouteBuilder api)
    {
        var floor = api.MapGroup("").WithTags("Floor");
        floor.MapPost("/floor", Plan).WithName("planFloor").WithMetadata(new NoTokenNeeded());
        floor.MapGet("/floor/rings", () => TypedResults.Ok(Room.Rings.Select(r => new RingResponse(r.Name, new RoomDocument(r.Room.WidthCm, r.Room.DepthCm, r.Room.BorderCm, r.Room.CeilingCm),
            "the federation's competition rules, recalled from memory")).ToArray())).WithName("listRings");
        floor.MapGet("/weapons", () => TypedResults.Ok(Weapon.All.Select(w => new WeaponResponse(w.Id, w.Name, Math.Round(w.LengthCm, 1), w.Source)).ToArray())).WithName("listWeapons");
        floor.MapPost("/floor/lever", Lever).WithName("staffLever").WithMetadata(new NoTokenNeeded());
    }

    private static Ok<WorkedReading> Lever(LeverRequest request)
    {
        try
        {
            return TypedResults.Ok(Told("Staff lever", Calculators.StaffLever(request.StaffCm, request.PivotCm, request.BetweenCm)));
        }
        catch (ArgumentOutOfRangeException wrong)
        {
            var field = wrong.ParamName switch { "lengthCm" => "staffCm", "pivotFromButtCm" => "pivotCm", _ => "betweenCm" };
            new Validation().Check(field, false, wrong.Message.Split(" (Parameter")[0]).Throw();
            throw;
        }
    }

    private static async Task<Ok<FloorPlan>> Plan(FloorRequest request, SchoolWays school, CancellationToken cancellation)
    {
        new Validation()
            .Check("room.widthCm", request.Room.WidthCm is >= 100 and <= 10_000, "Give a width from 1 to 100 m.")
            .Check("room.depthCm", request.Room.DepthCm is >= 100 and <= 10_000, "Give a depth from 1 to 100 m.")
            .Check("room.borderCm", request.Room.BorderCm is >= 0 and <= 1000, "Give a border up to 10 m.")
            .Check("room.ceilingCm", request.Room.CeilingCm is null or (>= 100 and <= 5000), "Give a ceiling from 1 to 50 m, or leave it out.")
            .Check("frontCm", request.FrontCm is null or (>= 0 and <= 10_000), "Give a distance from 0 to 100 m, or leave it out.")
            .Check("limitCm", request.LimitCm is >= 1 and <= 100, "Give a limit from 1 to 100 cm a step.").Throw();
        var ways = await school.Get(cancellation);
        var reading = FormReading.Of(FormDocuments.Read(request.Form, ways.Vocabulary), Performer.Of(request.HeightCm, request.Measured), ways);
        var room = new Room(request.Room.WidthCm, request.Room.DepthCm, request.Room.BorderCm, request.Room.CeilingCm);
        var envelope = Envelope.Of(reading);
        var wanted = request.EndAt is { } end ? new Spot(end.X, end.Y) : default;
        var fit = EndOnTheSpot.Solve(reading, wanted, request.LimitCm);
        var tape = TapeStar.Of(reading, room);
        return TypedResults.Ok(new FloorPlan(
            envelope.Hull.Corners.Select(At).ToArray(), Round(envelope.Hull.MaxX - envelope.Hull.MinX), Round(envelope.Hull.MaxY - envelope.Hull.MinY), Round(envelope.CeilingCm),
            Core.Figures.Weapons.Of(reading) is { } weapon ? FormattableString.Invariant($"{weapon.Name}, {weapon.LengthCm:0.#} cm") : "",
            RosePetal.Of(reading).Select(p => new PetalReading(p.Heading.Degrees, Name(p.Heading), p.Techniques)).ToArray(),
            Told(RoomFit.Of(envelope, room, request.MayTurn, request.FrontCm)),
            reading.Sections.Select((s, i) => Section(s, i)).ToArray(),
            Spacing.Of(envelope, room) is var apart ? new SpacingReading(Round(apart.SideBySideCm), Round(apart.BehindCm), apart.PerRow, apart.Rows) : null!,
            new EndReading(At(fit.Before), fit.Reached, fit.Changes.Select(c => new StepChangeReading(c.Move.Value, c.Count, Math.Round(c.ByCm, 2))).ToArray(),
                reading.Form.Moves.Select((m, i) => (m, i)).Where(p => p.m.StepAdjustCm != 0).Select(p => new StepChangeReading(p.m.Id.Value, reading.Counts[p.i], p.m.StepAdjustCm)).ToArray()),
            new TapeReading(tape.Lines.Select(l => new TapeLineReading(l.Heading.Degrees, Name(l.Heading), Round(l.LengthCm), l.Marks.Select(m => new TapeMarkReading(Round(m.FromCentreCm), m.Feet)).ToArray())).ToArray(), Round(tape.TotalCm), tape.CutOff),
            Sums(reading)));

        string Name(Heading heading) => Speech.Heading(heading, ways.Directions);

        SectionFloor Section((Section Section, int First, int Last) span, int order)
        {
            var own = Envelope.Of(reading, span.First, span.Last);
            return new SectionFloor(span.Section.Id.Value, SectionReading.LetterOf(order), span.Section.Name, Round(own.Hull.MaxX - own.Hull.MinX), Round(own.Hull.MaxY - own.Hull.MinY),
                Told(RoomFit.Of(own, room, mayTurn: true)));
        }
    }

    private static WorkedReading[] Sums(FormReading reading)
    {
        var body = reading.Body;
        var sums = new List<WorkedReading>
        {
            Told("Belt stand-in, height of the knot", Calculators.BeltHeight(body)),
            Told("Belt stand-in, length of the free end", Calculators.BeltFreeEnd(body)),
        };
        if (Core.Figures.Weapons.Of(reading) is { } weapon) sums.Add(Told("Clear circle around the weapon, radius", Calculators.ClearRadius(body, weapon)));
        foreach (var stance in reading.Walk.Postures.Select(p => p.Stance).Distinct().Take(12))
        {
            var shape = reading.Ways.Stances.Of(stance);
            if (shape.Feet != FeetKind.Single) sums.Add(Told($"{reading.Ways.Vocabulary.Name(stance, reading.Ways.Tradition)}, {(shape.Feet == FeetKind.Even ? "width" : "length")}", Calculators.StanceLength(shape, body)));
        }
        return [.. sums];
    }

    private static WorkedReading Told(string name, Worked worked) => new(name, Math.Round(worked.Value, 1), worked.Unit, worked.Formula, worked.Source);

    private static FitReading Told(RoomFit fit) => new(At(fit.Start), fit.TurnedDegrees, Round(fit.Left), Round(fit.Right), Round(fit.Front), Round(fit.Back), Round(fit.ClearanceCm), fit.Fits,
        fit.Over.OrderByDescending(o => o.ByCm).Take(20).OrderBy(o => o.Count).Select(o => new OverReading(o.Count, o.Edge, Round(o.ByCm), o.OnBorder)).ToArray());

    private static Point At(Spot spot) => new(Round(spot.X), Round(spot.Y));

    private static double Round(double cm) => Math.Round(cm, 1) + 0.0;
}
