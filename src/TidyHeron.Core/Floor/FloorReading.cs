using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Floor;

/// <summary>The floor a form takes, in centimetres from the start.</summary>
/// <param name="MinX">Furthest to the left that a foot reaches.</param>
/// <param name="MinY">Furthest to the rear.</param>
/// <param name="MaxX">Furthest to the right.</param>
/// <param name="MaxY">Furthest to the front.</param>
/// <param name="EndError">Middle of the feet at the end minus at the start.</param>
/// <param name="PathCm">Length of the way of the middle of the feet.</param>
public sealed record FloorReading(double MinX, double MinY, double MaxX, double MaxY, Spot EndError, double PathCm)
{
    public double Width => MaxX - MinX;
    public double Depth => MaxY - MinY;

    /// <summary>The floor of a whole form.</summary>
    public static FloorReading Of(FormReading reading)
    {
        double minX = double.MaxValue, minY = double.MaxValue, maxX = double.MinValue, maxY = double.MinValue, path = 0;
        var last = reading.Walk.Start.Middle;
        foreach (var posture in (IEnumerable<Posture>)[reading.Walk.Start, .. reading.Walk.Postures])
        {
            foreach (var foot in (Foot[])[posture.Left, posture.Right])
            {
                // The toes and the heel, half a foot length before and behind its middle.
                var half = reading.Body.FootLengthCm / 2;
                foreach (var tip in (Spot[])[foot.Place + Spot.Along(foot.Heading, half), foot.Place - Spot.Along(foot.Heading, half)])
                {
                    minX = Math.Min(minX, tip.X);
                    maxX = Math.Max(maxX, tip.X);
                    minY = Math.Min(minY, tip.Y);
                    maxY = Math.Max(maxY, tip.Y);
                }
            }
            path += (posture.Middle - last).Length;
            last = posture.Middle;
        }
        return new FloorReading(minX, minY, maxX, maxY, reading.Walk.End.Middle - reading.Walk.Start.Middle, path);
    }
}
