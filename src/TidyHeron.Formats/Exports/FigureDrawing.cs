using System.Globalization;
using System.Text;
using TidyHeron.Core.Body;
using TidyHeron.Core.Figures;

namespace TidyHeron.Formats.Exports;

/// <summary>From where a figure is looked at.</summary>
public enum FigureView
{
    /// <summary>From behind the performer's opening position, as a student follows.</summary>
    Behind,
    /// <summary>From the front, as a student who faces the performer sees it.</summary>
    Front,
    /// <summary>From the performer's opening right.</summary>
    Side,
    Above,
    /// <summary>From in front and a little to the right and above, wherever the performer faces.</summary>
    ThreeQuarter,
}

/// <summary>A camera without perspective: what is nearer covers what is further.</summary>
/// <param name="YawDegrees">Where it looks, clockwise from the opening front.</param>
/// <param name="PitchDegrees">How far it looks down.</param>
public readonly record struct Camera(double YawDegrees, double PitchDegrees)
{
    public static Camera For(FigureView view, double facingDegrees) => view switch
    {
        FigureView.Behind => new(0, 0),
        FigureView.Front => new(180, 0),
        FigureView.Side => new(270, 0),
        FigureView.Above => new(0, 90),
        _ => new(facingDegrees + 180 - 52, 10),
    };

    /// <summary>A point as it is seen: to the right, down, and how far away.</summary>
    public (double X, double Y, double Depth) See(Point3 point)
    {
        var (sin, cos) = Math.SinCos(YawDegrees * Math.PI / 180);
        var (down, level) = Math.SinCos(PitchDegrees * Math.PI / 180);
        var right = point.X * cos - point.Y * sin;
        var away = point.X * sin + point.Y * cos;
        return (right, -(point.Z * level + away * down), away * level - point.Z * down);
    }
}

/// <summary>
/// Draws figures as clean lines in SVG. The right limbs are filled and the left ones outlined, as the footprints are on
/// the floor, so that the sides cannot be confused.
/// </summary>
public static class FigureDrawing
{
    private sealed record Stroke(double Depth, string Svg);

    /// <summary>One figure as the inside of an SVG group, one unit a centimetre, the middle of the feet at the origin.</summary>
    public static string Draw(Figure figure, BodyMeasures body, Camera camera)
    {
        var strokes = new List<Stroke>();
        var h = body.StatureCm;
        var ground = Point3.Between(figure.LeftLeg.End, figure.RightLeg.End, 0.5) with { Z = 0 };
        (double X, double Y, double Depth) See(Point3 p) => camera.See(p - ground);
        string At(Point3 p) => See(p) is var (x, y, _) ? $"{N(x)} {N(y)}" : "";

        void Line(bool right, double width, params Point3[] points)
        {
            var path = "M" + string.Join("L", points.Select(At));
            var depth = points.Average(p => See(p).Depth);
            strokes.Add(new Stroke(depth, right
                ? $"<path class=\"r\" d=\"{path}\" stroke-width=\"{N(width)}\"/>"
                : $"<path class=\"r\" d=\"{path}\" stroke-width=\"{N(width)}\"/><path class=\"l\" d=\"{path}\" stroke-width=\"{N(width - 0.014 * h)}\"/>"));
        }

        foreach (var (leg, heel, right) in new[] { (figure.LeftLeg, figure.Heel.Left, false), (figure.RightLeg, figure.Heel.Right, true) })
        {
            Line(right, 0.062 * h, leg.Root, leg.Joint);
            Line(right, 0.050 * h, leg.Joint, leg.End);
            Line(right, 0.034 * h, heel + new Point3(0, 0, 0.012 * h), leg.Tip + new Point3(0, 0, 0.012 * h));
        }
        foreach (var (arm, right) in new[] { (figure.LeftArm, false), (figure.RightArm, true) })
        {
            Line(right, 0.044 * h, arm.Root, arm.Joint);
            Line(right, 0.036 * h, arm.Joint, arm.End);
            // A fist is short and thick, an open hand long and thin.
            var isOpen = (arm.Tip - arm.End).Length > 0.8 * body.HandCm;
            Line(right, (isOpen ? 0.028 : 0.048) * h, arm.End, isOpen ? arm.Tip : Point3.Between(arm.End, arm.Tip, 0.85));
        }
        // The trunk: shoulders to hips, with a belt.
        Point3[] trunk = [figure.LeftArm.Root, figure.RightArm.Root, figure.RightLeg.Root, figure.LeftLeg.Root];
        var middle = See(Point3.Between(figure.Neck, figure.Pelvis, 0.5)).Depth;
        strokes.Add(new Stroke(middle,
            $"<path class=\"b\" stroke-width=\"{N(0.07 * h)}\" d=\"M{string.Join("L", trunk.Select(At))}Z\"/><path class=\"w\" stroke-width=\"{N(0.055 * h)}\" d=\"M{string.Join("L", trunk.Select(At))}Z\"/>"
            + $"<path class=\"g\" stroke-width=\"{N(0.02 * h)}\" d=\"M{At(Belt(figure.LeftLeg.Root, figure.LeftArm.Root))}L{At(Belt(figure.RightLeg.Root, figure.RightArm.Root))}\"/>"));
        var head = See(Point3.Between(figure.Neck, figure.HeadTop, 0.62));
        var eyes = See(figure.Eyes);
        strokes.Add(new Stroke(head.Depth, $"<path class=\"n\" stroke-width=\"{N(0.035 * h)}\" d=\"M{At(figure.Neck)}L{N(head.X)} {N(head.Y)}\"/>"
            + $"<circle class=\"h\" cx=\"{N(head.X)}\" cy=\"{N(head.Y)}\" r=\"{N(0.062 * h)}\" stroke-width=\"{N(0.012 * h)}\"/>"
            // Where the eyes look: a mark on the rim, only where it can be seen.
            + (eyes.Depth <= head.Depth + 0.02 * h ? $"<circle class=\"e\" cx=\"{N(head.X + (eyes.X - head.X) * 0.85)}\" cy=\"{N(head.Y + (eyes.Y - head.Y) * 0.85)}\" r=\"{N(0.017 * h)}\"/>" : "")));
        if (figure is { WeaponTip: { } tip, WeaponButt: { } butt })
        {
            // In pieces, so that a part may lie before the body and another behind it.
            const int pieces = 6;
            for (var k = 0; k < pieces; k++)
            {
                var (a, b) = (Point3.Between(butt, tip, k / (double)pieces), Point3.Between(butt, tip, (k + 1) / (double)pieces));
                strokes.Add(new Stroke((See(a).Depth + See(b).Depth) / 2 - 0.03 * h, $"<path class=\"s\" d=\"M{At(a)}L{At(b)}\" stroke-width=\"{N(0.018 * h)}\"/>"));
            }
        }
        var svg = new StringBuilder();
        foreach (var stroke in strokes.OrderByDescending(s => s.Depth)) svg.Append(stroke.Svg);
        return svg.ToString();

        static Point3 Belt(Point3 hip, Point3 shoulder) => Point3.Between(hip, shoulder, 0.16);
    }

    /// <summary>The colours of the drawing, for paper.</summary>
    public const string Style =
        "path{fill:none;stroke-linecap:round;stroke-linejoin:round}.r{stroke:#1d3d44}.l{stroke:#fff}.b{stroke:#1d3d44;fill:#1d3d44}.w{stroke:#fff;fill:#fff}.g{stroke:#7a6a2a}.n{stroke:#1d3d44}.h{fill:#fff;stroke:#1d3d44}.e{fill:#1d3d44}.s{stroke:#8a5a1f}";

    internal static string N(double number) => Math.Round(number, 1).ToString(CultureInfo.InvariantCulture);
}
