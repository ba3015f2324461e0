using Microsoft.AspNetCore.Http.HttpResults;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Figures;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Timing;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;

namespace TidyHeron.Server.Walkthrough;

/// <param name="Pace">learning, class or performance.</param>
/// <param name="Speed">1 as it comes, 2 twice as fast; 0.25 to 4.</param>
/// <param name="Only">Id of one move, where only that one is wanted.</param>
public sealed record WalkthroughRequest(FormDocument Form, double HeightCm = BodyMeasures.ReferenceStatureCm, MeasuredRequest? Measured = null, Pace Pace = Pace.Class, double Speed = 1, string? Only = null);

/// <param name="CountWord">The number as it is called in the school's tradition, romanised; empty without a number.</param>
/// <param name="Start">Seconds from the beginning.</param>
/// <param name="Moving">Seconds of movement.</param>
/// <param name="Resting">Seconds held, or waited for the next call.</param>
/// <param name="Timed">Whether the instructor gave the time.</param>
/// <param name="Words">The move in words.</param>
/// <param name="Feet">Its feet, turn and stance alone.</param>
/// <param name="Hands">Its hands and kick alone.</param>
/// <param name="Mirrored">What a teacher who faces the class does so that the class does the move right.</param>
/// <param name="Frames">Poses from the end of the move before to the end of this one, evenly in time: joints as millimetres x, y, z, in the order of <c>joints</c>.</param>
public sealed record WalkMove(string Id, int Count, string CountWord, bool BeginsCount, double Start, double Moving, double Resting, bool Timed, bool Shout, int Heading, string HeadingName,
    string Words, string Feet, string Hands, string Mirrored, IReadOnlyList<int[]> Frames);

/// <param name="First">Position of its first move.</param>
/// <param name="Last">Position of its last one.</param>
public sealed record WalkPhase(int First, int Last, double Seconds);

/// <summary>A form to play: poses and times. Lengths of limbs hold in every frame.</summary>
/// <param name="Joints">Names of the points of a frame.</param>
/// <param name="Opening">The pose before the first move.</param>
/// <param name="HeightCm">Stature, by which lines are drawn thick or thin.</param>
public sealed record WalkthroughResponse(string Title, IReadOnlyList<string> Joints, int[] Opening, double HeightCm, bool HasWeapon, double TotalSeconds,
    IReadOnlyList<WalkMove> Moves, IReadOnlyList<WalkPhase> Phases, IReadOnlyList<SectionReading> Sections, IReadOnlyList<string> Cautions);

/// <summary>The form to play: a pure computation.</summary>
public static class WalkthroughEndpoints
{
    private static readonly string[] Joints =
    [
        "pelvis", "neck", "headTop", "eyes", "leftShoulder", "leftElbow", "leftWrist", "leftFingers", "rightShoulder", "rightElbow", "rightWrist", "rightFingers",
        "leftHip", "leftKnee", "leftAnkle", "leftToes", "rightHip", "rightKnee", "rightAnkle", "rightToes", "leftHeel", "rightHeel", "weaponTip", "weaponButt",
    ];

    public static void MapWalkthrough(this IEndpointRouteBuilder api) =>
        api.MapPost("/walkthrough", Walk).WithName("walkForm").WithTags("Walkthrough").WithMetadata(new NoTokenNeeded());

    private static async Task<Ok<WalkthroughResponse>> Walk(WalkthroughRequest request, SchoolWays school, CancellationToken cancellation)
    {
        new Validation().Check("speed", request.Speed is >= 0.25 and <= 4, "Give a speed from 0.25 to 4.").Throw();
        var ways = await school.Get(cancellation);
        var reading = FormReading.Of(FormDocuments.Read(request.Form, ways.Vocabulary), Performer.Of(request.HeightCm, request.Measured), ways);
        var timeline = Timeline.Of(reading, request.Pace, request.Speed);
        var figures = reading.Figures;
        return TypedResults.Ok(new WalkthroughResponse(reading.Form.Title, Joints, Points(figures.Start), request.HeightCm, figures.StartRig.Weapon is not null,
            Math.Round(timeline.Total, 2),
            Enumerable.Range(0, reading.Form.Moves.Count).Where(i => request.Only is null || reading.Form.Moves[i].Id.Value == request.Only).Select(i =>
            {
                var move = reading.Form.Moves[i];
                var (posture, time) = (reading.Walk.Postures[i], timeline.Moves[i]);
                return new WalkMove(move.Id.Value, reading.Counts[i], reading.Counts[i] > 0 ? CountWords.Of(ways.Tradition, reading.Counts[i]) : "", Counts.BeginsAt(reading.Counts, i), Math.Round(time.Start, 3), Math.Round(time.Moving, 3), Math.Round(time.Resting, 3), time.Timed,
                    move.Shout, posture.Heading.Degrees, Speech.Heading(posture.Heading, ways.Directions),
                    Speech.Say(move, ways), Speech.SayFeet(move, ways), Speech.SayHands(move, ways), Speech.Say(Mirror.Of(move), ways),
                    Frames(figures, i));
            }).ToArray(),
            timeline.Phases.Select(p => new WalkPhase(p.First, p.Last, Math.Round(p.Seconds, 2))).ToArray(),
            reading.Sections.Select((s, i) => SectionReading.From(reading, s, i)).ToArray(), FormCautions.Of(reading)));
    }

    private static int[][] Frames(FigureReading figures, int index)
    {
        var count = figures.FramesOf(index);
        return [.. Enumerable.Range(1, count).Select(k => Points(k == count ? figures.Moves[index].End : figures.At(index, k / (double)count)))];
    }

    private static int[] Points(Figure f)
    {
        Point3[] points =
        [
            f.Pelvis, f.Neck, f.HeadTop, f.Eyes, f.LeftArm.Root, f.LeftArm.Joint, f.LeftArm.End, f.LeftArm.Tip, f.RightArm.Root, f.RightArm.Joint, f.RightArm.End, f.RightArm.Tip,
            f.LeftLeg.Root, f.LeftLeg.Joint, f.LeftLeg.End, f.LeftLeg.Tip, f.RightLeg.Root, f.RightLeg.Joint, f.RightLeg.End, f.RightLeg.Tip, f.Heel.Left, f.Heel.Right,
            .. f is { WeaponTip: { } tip, WeaponButt: { } butt } ? [tip, butt] : Array.Empty<Point3>(),
        ];
        return [.. points.SelectMany(p => new[] { (int)Math.Round(p.X * 10), (int)Math.Round(p.Y * 10), (int)Math.Round(p.Z * 10) })];
    }
}
