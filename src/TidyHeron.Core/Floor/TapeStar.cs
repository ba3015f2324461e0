using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Floor;

/// <summary>A mark across a line of tape, where a foot comes to stand.</summary>
/// <param name="FromCentreCm">From the middle of the star.</param>
/// <param name="Feet">Which feet, at which counts: "L 3, R 5".</param>
public sealed record TapeMark(double FromCentreCm, string Feet);

/// <summary>One line of tape.</summary>
/// <param name="Heading">Where it runs.</param>
/// <param name="LengthCm">From the middle of the star.</param>
/// <param name="Marks">Marks across it, from the middle outward.</param>
public sealed record TapeLine(Heading Heading, double LengthCm, IReadOnlyList<TapeMark> Marks);

/// <summary>
/// A star of tape on the floor for one form and one student: lines from the start along the directions that the form's
/// feet go, as long as they go, with marks where the feet of its stances stand on them.
/// </summary>
/// <param name="Lines">The lines, clockwise from the front.</param>
/// <param name="TotalCm">All tape together: lines and marks.</param>
/// <param name="CutOff">Whether the room was too small for some line.</param>
public sealed record TapeStar(IReadOnlyList<TapeLine> Lines, double TotalCm, bool CutOff)
{
    /// <summary>Length of one mark across a line (common practice).</summary>
    public const double MarkCm = 20;

    /// <summary>A foot within this of a line stands on it.</summary>
    private const double Beside = 25;

    public static TapeStar Of(FormReading reading, Room? room = null)
    {
        var lines = new List<TapeLine>();
        var cutOff = false;
        for (var degrees = 0; degrees < 360; degrees += 45)
        {
            var heading = new Heading(degrees);
            var (x, y) = heading.Vector;
            var marks = new List<(double At, string Feet)>();
            for (var i = 0; i < reading.Walk.Postures.Count; i++)
            {
                var posture = reading.Walk.Postures[i];
                foreach (var side in new[] { Side.Left, Side.Right })
                {
                    var foot = posture.FootOf(side);
                    var before = reading.Walk.Before(i).FootOf(side);
                    if (foot.Lifted || foot.Place == before.Place && i > 0 || reading.Counts[i] == 0) continue;
                    var along = foot.Place.X * x + foot.Place.Y * y;
                    var off = Math.Abs(foot.Place.X * y - foot.Place.Y * x);
                    if (along > Beside && off <= Beside) marks.Add((along, $"{(side == Side.Left ? "L" : "R")} {reading.Counts[i]}"));
                }
            }
            if (marks.Count == 0) continue;
            var length = marks.Max(m => m.At) + reading.Body.FootLengthCm / 2;
            if (room is not null)
            {
                var most = Math.Min(x == 0 ? double.MaxValue : room.WidthCm / 2 / Math.Abs(x), y == 0 ? double.MaxValue : room.DepthCm / 2 / Math.Abs(y));
                cutOff |= length > most;
                length = Math.Min(length, most);
            }
            // Marks a hand's breadth apart are one.
            var grouped = new List<TapeMark>();
            foreach (var (at, feet) in marks.Where(m => m.At <= length).OrderBy(m => m.At))
            {
                if (grouped.Count > 0 && at - grouped[^1].FromCentreCm < 8) grouped[^1] = grouped[^1] with { Feet = $"{grouped[^1].Feet}, {feet}" };
                else grouped.Add(new TapeMark(at, feet));
            }
            lines.Add(new TapeLine(heading, length, grouped));
        }
        return new TapeStar(lines, lines.Sum(l => l.LengthCm + l.Marks.Count * MarkCm), cutOff);
    }
}

/// <summary>How many techniques go along each direction.</summary>
/// <param name="Heading">The direction.</param>
/// <param name="Techniques">How many hand techniques and kicks.</param>
public sealed record RosePetal(Heading Heading, int Techniques)
{
    /// <summary>The rose of a form, clockwise from the front; directions without a technique are left out.</summary>
    public static IReadOnlyList<RosePetal> Of(FormReading reading) =>
        [.. reading.Form.Moves.Select((m, i) => (reading.Walk.Postures[i].Heading, Techniques: m.Hands.Count(h => reading.Ways.Vocabulary.Find(h.Technique)?.Family is not ("guard" or "grip")) + (m.Kick is null ? 0 : 1)))
            .Where(p => p.Techniques > 0).GroupBy(p => p.Heading).Select(g => new RosePetal(g.Key, g.Sum(p => p.Techniques))).OrderBy(p => p.Heading.Degrees)];
}
