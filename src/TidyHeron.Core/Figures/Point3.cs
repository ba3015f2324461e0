using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Figures;

/// <summary>A point or direction in the hall, in centimetres: x to the opening right, y to the front, z up from the floor.</summary>
public readonly record struct Point3(double X, double Y, double Z)
{
    public static Point3 operator +(Point3 a, Point3 b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    public static Point3 operator -(Point3 a, Point3 b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    public static Point3 operator *(Point3 a, double factor) => new(a.X * factor, a.Y * factor, a.Z * factor);

    public double Length => Math.Sqrt(X * X + Y * Y + Z * Z);

    public double Dot(Point3 other) => X * other.X + Y * other.Y + Z * other.Z;

    /// <summary>At a right angle to both: up across right is ahead.</summary>
    public Point3 Cross(Point3 other) => new(Y * other.Z - Z * other.Y, Z * other.X - X * other.Z, X * other.Y - Y * other.X);

    /// <summary>The same direction with length one; straight ahead for no direction at all.</summary>
    public Point3 Unit => Length is > 1e-9 and var length ? this * (1 / length) : new Point3(0, 1, 0);

    /// <summary>The place on the floor below.</summary>
    public Spot Below => new(X, Y);

    public static Point3 At(Spot spot, double z) => new(spot.X, spot.Y, z);

    // The record's own text would print Unit, whose text would print Unit, and so on.
    public override string ToString() => FormattableString.Invariant($"({X:0.###}, {Y:0.###}, {Z:0.###})");

    public static Point3 Between(Point3 a, Point3 b, double t) => a + (b - a) * t;
}

/// <summary>
/// Directions as the body has them: ahead, to its right, up; turned on the floor by a heading in degrees that need not be
/// whole, as a body in the midst of a turn has it.
/// </summary>
/// <param name="Degrees">Clockwise from the opening front.</param>
public readonly record struct BodyFrame(double Degrees)
{
    private (double Sin, double Cos) Angle => Math.SinCos(Degrees * Math.PI / 180);

    /// <summary>A direction of the body as one of the hall.</summary>
    public Point3 ToHall(double ahead, double right, double up)
    {
        var (sin, cos) = Angle;
        return new Point3(ahead * sin + right * cos, ahead * cos - right * sin, up);
    }

    /// <summary>The frame of a posture.</summary>
    public static BodyFrame Of(Heading heading) => new(heading.Degrees);
}
