using TidyHeron.Core.Body;

namespace TidyHeron.Core.Floor;

/// <summary>A room or ring: a rectangle with the judges, the mirror or the class at its front edge.</summary>
/// <param name="WidthCm">From side to side.</param>
/// <param name="DepthCm">From back to front.</param>
/// <param name="BorderCm">A safety border around it that may be stepped on in need.</param>
/// <param name="CeilingCm">Height, if it matters.</param>
public sealed record Room(double WidthCm, double DepthCm, double BorderCm = 0, double? CeilingCm = null)
{
    /// <summary>Ring sizes as published by the federations' competition rules; recalled from memory.</summary>
    public static readonly IReadOnlyList<(string Name, Room Room)> Rings =
    [
        ("Karate kata, 8 m × 8 m with 1 m border", new Room(800, 800, 100)),
        ("Korean forms, 10 m × 10 m", new Room(1000, 1000)),
        ("Chinese forms, 14 m × 8 m with 2 m border", new Room(1400, 800, 200)),
    ];
}

/// <summary>Something that leaves the room.</summary>
/// <param name="Count">At which count; 0 for a move without one.</param>
/// <param name="Edge">front, back, left, right or ceiling.</param>
/// <param name="ByCm">How far.</param>
/// <param name="OnBorder">Whether it stays on the border.</param>
public sealed record OverTheEdge(int Count, string Edge, double ByCm, bool OnBorder);

/// <summary>Where to begin in a room.</summary>
/// <param name="Start">Where the middle of the feet stands at the opening: from the middle of the room, to its right and to its front.</param>
/// <param name="TurnedDegrees">Where the form's front points, clockwise from the room's front.</param>
/// <param name="Left">What stays free to the left, in centimetres; negative beyond the edge.</param>
/// <param name="Right">To the right.</param>
/// <param name="Front">To the front.</param>
/// <param name="Back">To the back.</param>
/// <param name="Over">What goes over the edge, the first time at each edge.</param>
public sealed record RoomFit(Spot Start, int TurnedDegrees, double Left, double Right, double Front, double Back, IReadOnlyList<OverTheEdge> Over)
{
    /// <summary>The least that stays free on any side.</summary>
    public double ClearanceCm => Math.Min(Math.Min(Left, Right), Math.Min(Front, Back));

    public bool Fits => Over.Count == 0;

    /// <summary>
    /// The start that leaves most room on every side. For each direction that is allowed, that is where the form's own
    /// rectangle lies in the middle of the room, or at the wanted distance from the front edge; the best direction wins,
    /// and facing the room's front wins a draw.
    /// </summary>
    /// <param name="envelope">What the form takes.</param>
    /// <param name="room">The room.</param>
    /// <param name="mayTurn">Whether the form may face another edge.</param>
    /// <param name="frontCm">Wanted distance from the front edge; none for the middle.</param>
    public static RoomFit Of(Envelope envelope, Room room, bool mayTurn, double? frontCm = null)
    {
        RoomFit? best = null;
        foreach (var turned in mayTurn ? new[] { 0, 90, 180, 270 } : [0])
        {
            var fit = Placed(envelope, room, turned, frontCm);
            if (best is null || fit.ClearanceCm > best.ClearanceCm + 1e-6) best = fit;
        }
        return best! with { Over = OverTheEdges(envelope, room, best) };
    }

    private static RoomFit Placed(Envelope envelope, Room room, int turned, double? frontCm)
    {
        var corners = envelope.Hull.Corners.Select(c => Turned(c, turned)).ToArray();
        var (minX, maxX, minY, maxY) = (corners.Min(c => c.X), corners.Max(c => c.X), corners.Min(c => c.Y), corners.Max(c => c.Y));
        var start = new Spot(-(minX + maxX) / 2, frontCm is { } wanted ? room.DepthCm / 2 - wanted - maxY : -(minY + maxY) / 2);
        return new RoomFit(start, turned, room.WidthCm / 2 + start.X + minX, room.WidthCm / 2 - start.X - maxX, room.DepthCm / 2 - start.Y - maxY, room.DepthCm / 2 + start.Y + minY, []);
    }

    /// <summary>What goes over the edge: the furthest at each count and edge, in the order of the form.</summary>
    private static IReadOnlyList<OverTheEdge> OverTheEdges(Envelope envelope, Room room, RoomFit fit)
    {
        if (fit.ClearanceCm >= 0 && !(envelope.CeilingCm > room.CeilingCm)) return [];
        var furthest = new Dictionary<(int Count, string Edge), double>();
        foreach (var moment in envelope.Each)
        {
            var count = moment.Move < 0 ? 0 : envelope.Reading.Counts[moment.Move];
            foreach (var corner in moment.Hull.Corners)
            {
                var at = Turned(corner, fit.TurnedDegrees) + fit.Start;
                Check("right", at.X - room.WidthCm / 2);
                Check("left", -at.X - room.WidthCm / 2);
                Check("front", at.Y - room.DepthCm / 2);
                Check("back", -at.Y - room.DepthCm / 2);
            }
            if (room.CeilingCm is { } ceiling) Check("ceiling", moment.TopCm - ceiling);

            void Check(string edge, double by)
            {
                if (by > 0.05 && by > furthest.GetValueOrDefault((count, edge))) furthest[(count, edge)] = by;
            }
        }
        return [.. furthest.Select(o => new OverTheEdge(o.Key.Count, o.Key.Edge, o.Value, o.Key.Edge != "ceiling" && o.Value <= room.BorderCm))];
    }

    private static Spot Turned(Spot spot, int degrees) => degrees switch
    {
        90 => new Spot(spot.Y, -spot.X),
        180 => new Spot(-spot.X, -spot.Y),
        270 => new Spot(-spot.Y, spot.X),
        _ => spot,
    };
}

/// <summary>Several performers doing the form at once, side by side or one behind the other.</summary>
/// <param name="SideBySideCm">From one performer's start to the next one's.</param>
/// <param name="BehindCm">From one row to the next.</param>
/// <param name="PerRow">How many fit beside each other in the room.</param>
/// <param name="Rows">How many rows fit.</param>
public sealed record Spacing(double SideBySideCm, double BehindCm, int PerRow, int Rows)
{
    /// <summary>Room to breathe between two performers (common practice).</summary>
    public const double MarginCm = 30;

    /// <summary>The least distances at which performers in time with each other never touch, weapons included.</summary>
    public static Spacing Of(Envelope envelope, Room room)
    {
        // Whoever is in time is the same shape at the same moment: a copy is clear of it once moved by its longest chord.
        // Half a move ahead or behind is allowed for by comparing whole moves.
        var moves = envelope.Each.GroupBy(m => m.Move).Select(g => Hull.Of(g.SelectMany(m => m.Hull.Corners))).ToArray();
        var beside = moves.Max(h => h.ChordAlong(new Spot(1, 0))) + MarginCm;
        var behind = moves.Max(h => h.ChordAlong(new Spot(0, 1))) + MarginCm;
        return new Spacing(beside, behind, Fit(room.WidthCm, envelope.Hull.MaxX - envelope.Hull.MinX, beside), Fit(room.DepthCm, envelope.Hull.MaxY - envelope.Hull.MinY, behind));

        static int Fit(double room, double one, double step) => room < one ? 0 : 1 + (int)Math.Floor((room - one) / step);
    }
}
