using TidyHeron.Core.Body;

namespace TidyHeron.Core.Floor;

/// <summary>The convex hull of places on the floor, anticlockwise, without places that lie on a straight edge.</summary>
public sealed class Hull
{
    private Hull(IReadOnlyList<Spot> corners) => Corners = corners;

    public IReadOnlyList<Spot> Corners { get; }

    public double MinX => Corners.Min(c => c.X);
    public double MaxX => Corners.Max(c => c.X);
    public double MinY => Corners.Min(c => c.Y);
    public double MaxY => Corners.Max(c => c.Y);

    /// <summary>Area in square centimetres.</summary>
    public double Area
    {
        get
        {
            var twice = 0.0;
            for (var i = 0; i < Corners.Count; i++)
            {
                var (a, b) = (Corners[i], Corners[(i + 1) % Corners.Count]);
                twice += a.X * b.Y - a.Y * b.X;
            }
            return Math.Abs(twice) / 2;
        }
    }

    /// <summary>The hull of some places, by Andrew's monotone chain.</summary>
    /// <exception cref="ArgumentException">No place at all.</exception>
    public static Hull Of(IEnumerable<Spot> places)
    {
        var sorted = places.Distinct().OrderBy(p => p.X).ThenBy(p => p.Y).ToArray();
        if (sorted.Length == 0) throw new ArgumentException("A hull needs a place.", nameof(places));
        if (sorted.Length < 3) return new Hull(sorted);
        var corners = new List<Spot>();
        foreach (var half in new[] { sorted, [.. sorted.Reverse()] })
        {
            var start = corners.Count;
            foreach (var place in half)
            {
                while (corners.Count >= start + 2 && Cross(corners[^2], corners[^1], place) <= 0) corners.RemoveAt(corners.Count - 1);
                corners.Add(place);
            }
            corners.RemoveAt(corners.Count - 1); // it begins the other half
        }
        return new Hull(corners);
    }

    /// <summary>
    /// The longest chord of the hull along a direction: how far a copy must be moved that way until the two are clear of
    /// each other.
    /// </summary>
    public double ChordAlong(Spot direction)
    {
        var unit = direction * (1 / direction.Length);
        var across = new Spot(-unit.Y, unit.X);
        double Along(Spot p) => p.X * unit.X + p.Y * unit.Y;
        double Beside(Spot p) => p.X * across.X + p.Y * across.Y;
        var longest = 0.0;
        // The chord is longest where one of its ends is a corner.
        foreach (var level in Corners.Select(Beside))
        {
            double low = double.MaxValue, high = double.MinValue;
            for (var i = 0; i < Corners.Count; i++)
            {
                var (a, b) = (Corners[i], Corners[(i + 1) % Corners.Count]);
                var (ha, hb) = (Beside(a) - level, Beside(b) - level);
                if (Math.Abs(ha) < 1e-9) Take(Along(a));
                if (ha * hb < 0) Take(Along(a) + (Along(b) - Along(a)) * ha / (ha - hb));
            }
            longest = Math.Max(longest, high - low);

            void Take(double at)
            {
                low = Math.Min(low, at);
                high = Math.Max(high, at);
            }
        }
        return longest;
    }

    private static double Cross(Spot o, Spot a, Spot b) => (a.X - o.X) * (b.Y - o.Y) - (a.Y - o.Y) * (b.X - o.X);
}
