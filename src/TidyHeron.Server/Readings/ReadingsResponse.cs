using TidyHeron.Core.Body;
using TidyHeron.Core.Checks;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;

namespace TidyHeron.Server.Readings;

/// <summary>Everything that is computed from a form. Lengths in centimetres, headings in degrees clockwise from the front.</summary>
/// <param name="Counts">How many counts the form has.</param>
/// <param name="Start">The opening posture.</param>
/// <param name="Moves">One row a move, in order.</param>
/// <param name="Sections">The sections, in order.</param>
/// <param name="Findings">What the checks find and nobody has accepted, in the order of the moves.</param>
/// <param name="Accepted">What they find and the instructor lets stand.</param>
/// <param name="Floor">The floor that it takes.</param>
/// <param name="FootLengthCm">Length of the performer's foot.</param>
/// <param name="FootBreadthCm">Breadth of the performer's foot.</param>
public sealed record ReadingsResponse(int Counts, PostureReading Start, IReadOnlyList<MoveReading> Moves, IReadOnlyList<SectionReading> Sections,
    IReadOnlyList<FindingReading> Findings, IReadOnlyList<AcceptedReading> Accepted, FloorExtent Floor, double FootLengthCm, double FootBreadthCm)
{
    public static ReadingsResponse From(FormReading reading)
    {
        var ways = reading.Ways;
        var floor = FloorReading.Of(reading);
        return new ReadingsResponse(
            reading.TotalCounts,
            PostureReading.From(reading.Walk.Start, ways),
            reading.Form.Moves.Select((m, i) => MoveReading.From(reading, m, i)).ToArray(),
            reading.Sections.Select((s, i) => SectionReading.From(reading, s, i)).ToArray(),
            reading.Findings.Select(f => FindingReading.From(f)).ToArray(),
            reading.AcceptedFindings.Select(a => new AcceptedReading(a.Finding.Rule, a.Finding.Move.Value, a.Finding.Message, a.Reason)).ToArray(),
            new FloorExtent(Round(floor.MinX), Round(floor.MinY), Round(floor.MaxX), Round(floor.MaxY), new Point(Round(floor.EndError.X), Round(floor.EndError.Y)), Round(floor.PathCm)),
            reading.Body.FootLengthCm, reading.Body.FootBreadthCm);
    }

    // A hundredth of a millimetre is finer than any floor; rounding keeps messages short.
    internal static double Round(double cm) => Math.Round(cm, 3) + 0.0;
}

/// <summary>A place on the floor: x to the right and y to the front of the start, in centimetres.</summary>
public sealed record Point(double X, double Y);

public sealed record FloorExtent(double MinX, double MinY, double MaxX, double MaxY, Point EndError, double PathCm);

/// <param name="Heading">Where the toes point.</param>
/// <param name="Lifted">Whether the foot is off the floor.</param>
public sealed record FootReading(double X, double Y, int Heading, bool Lifted)
{
    public static FootReading From(Foot foot) => new(ReadingsResponse.Round(foot.Place.X), ReadingsResponse.Round(foot.Place.Y), foot.Heading.Degrees, foot.Lifted);
}

/// <param name="Heading">Where the hips face, in degrees.</param>
/// <param name="HeadingName">The same in the school's habit.</param>
/// <param name="Stance">Stance term.</param>
/// <param name="StanceName">The stance in the school's words.</param>
/// <param name="Lead">Leading foot; none in an even stance.</param>
public sealed record PostureReading(int Heading, string HeadingName, string Stance, string StanceName, Side? Lead, FootReading Left, FootReading Right)
{
    public static PostureReading From(Posture posture, Core.Conventions ways) => new(
        posture.Heading.Degrees, Speech.Heading(posture.Heading, ways.Directions), posture.Stance.Value,
        ways.Vocabulary.Name(posture.Stance, ways.Tradition), posture.Lead, FootReading.From(posture.Left), FootReading.From(posture.Right));
}

/// <param name="Hand">Which hand, filled in where it was not said.</param>
/// <param name="Name">The technique in the school's words.</param>
/// <param name="Level">The level, if it was said; otherwise the one that the technique's name implies is meant.</param>
/// <param name="Inferred">Whether the hand was not said.</param>
public sealed record HandReading(Hand Hand, string Technique, string Name, Level? Level, bool Inferred);

public sealed record KickReading(Side Foot, string Technique, string Name, Level? Level, Landing? Landing, bool Inferred);

/// <param name="Count">The move's number; 0 without one.</param>
/// <param name="BeginsCount">Whether a count, or an uncounted move, begins here.</param>
/// <param name="Words">The whole move in words.</param>
/// <param name="Feet">Its footwork in words, without the stance.</param>
/// <param name="Turn">Signed degrees of the turn, to the right positive.</param>
/// <param name="Moved">The foot that moved, if one did.</param>
/// <param name="Inferred">Parts that were not said: foot, lead, stance, heading, hand.</param>
/// <param name="StepAdjustCm">How much longer (negative: shorter) than its stance the step is taken.</param>
/// <param name="Weapon">How the weapon is led, in words; empty where nothing was said.</param>
public sealed record MoveReading(string Id, int Count, bool BeginsCount, string Words, string Feet, PostureReading Posture, int Turn, Side? Moved,
    IReadOnlyList<HandReading> Hands, KickReading? Kick, bool Shout, IReadOnlyList<string> Inferred, string Weapon, double StepAdjustCm, IReadOnlyList<AlternativeReading> Alternatives)
{
    public static MoveReading From(FormReading reading, Move move, int i)
    {
        var ways = reading.Ways;
        var posture = reading.Walk.Postures[i];
        return new MoveReading(
            move.Id.Value, reading.Counts[i], Core.Notation.Counts.BeginsAt(reading.Counts, i), Speech.Say(move, ways),
            Speech.SayFeet(move with { Stance = null, Turn = null, Facing = null }, ways),
            PostureReading.From(posture, ways), posture.Turned.Degrees, posture.Moved,
            posture.Hands.Select((h, k) => new HandReading(h.Hand!.Value, h.Technique.Value, ways.Vocabulary.Name(h.Technique, ways.Tradition), move.Hands[k].Level, move.Hands[k].Hand is null && h.Hand != Hand.Both)).ToArray(),
            move.Kick is { } kick ? new KickReading(posture.KickingFoot!.Value, kick.Technique.Value, ways.Vocabulary.Name(kick.Technique, ways.Tradition),
                kick.Level, kick.Landing, kick.Foot is null) : null,
            move.Shout,
            Enum.GetValues<Inferred>().Where(f => f != Core.Body.Inferred.Nothing && posture.Inferred.HasFlag(f)).Select(f => f.ToString().ToLowerInvariant()).ToArray(),
            move.Weapon is { } weapon ? Speech.Weapon(weapon) : "",
            move.StepAdjustCm,
            move.Alternatives.Select(a => new AlternativeReading(a.Whose, Speech.Say(a.Way, ways))).ToArray());
    }
}

/// <param name="Whose">Whose way it is.</param>
/// <param name="Words">The move done that way, in words.</param>
public sealed record AlternativeReading(string Whose, string Words);

/// <param name="Letter">A for the first section, then B and so on.</param>
/// <param name="First">Position of its first move.</param>
/// <param name="Last">Position of its last move.</param>
/// <param name="FirstCount">Its first number; 0 if it has none.</param>
/// <param name="LastCount">Its last number.</param>
/// <param name="StartPosition">How a student takes up the section cold, in words.</param>
public sealed record SectionReading(string Id, string Name, string Letter, int First, int Last, int FirstCount, int LastCount, string StartPosition)
{
    public static SectionReading From(FormReading reading, (Section Section, int First, int Last) span, int order)
    {
        var counts = reading.Counts[span.First..(span.Last + 1)].Where(c => c > 0).ToArray();
        return new SectionReading(span.Section.Id.Value, span.Section.Name, LetterOf(order), span.First, span.Last,
            counts.FirstOrDefault(), counts.LastOrDefault(), Core.Readings.StartPosition.InWords(reading, span.First));
    }

    internal static string LetterOf(int order) => order < 26 ? ((char)('A' + order)).ToString() : $"{(char)('A' + order / 26 - 1)}{(char)('A' + order % 26)}";
}

public sealed record FindingReading(string Rule, string Move, string Message, IReadOnlyList<FixReading> Fixes)
{
    public static FindingReading From(Finding finding) => new(finding.Rule, finding.Move.Value, finding.Message,
        finding.Fixes.Select(f => new FixReading(f.Label, EditDocuments.Write(f.Edit))).ToArray());
}

/// <param name="Reason">Why it may stand.</param>
public sealed record AcceptedReading(string Rule, string Move, string Message, string Reason);

/// <param name="Label">What the fix does, as a command.</param>
/// <param name="Edit">The edit to send to /api/edits.</param>
public sealed record FixReading(string Label, EditDocument Edit);
