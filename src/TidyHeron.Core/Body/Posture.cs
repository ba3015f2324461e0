using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>A place on the floor in centimetres from the start: x to the performer's opening right, y to the front.</summary>
public readonly record struct Spot(double X, double Y)
{
    public static Spot operator +(Spot a, Spot b) => new(a.X + b.X, a.Y + b.Y);

    public static Spot operator -(Spot a, Spot b) => new(a.X - b.X, a.Y - b.Y);

    public static Spot operator *(Spot a, double factor) => new(a.X * factor, a.Y * factor);

    /// <summary>A distance ahead along a heading.</summary>
    public static Spot Along(Heading heading, double cm)
    {
        var (x, y) = heading.Vector;
        return new Spot(x * cm, y * cm);
    }

    /// <summary>A distance to the right of a heading.</summary>
    public static Spot Across(Heading heading, double cm) => Along(new Heading(heading.Degrees + 90), cm);

    /// <summary>Carried round the origin, clockwise seen from above.</summary>
    /// <param name="degrees">How far.</param>
    public Spot TurnedBy(int degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return new Spot(X * cos + Y * sin, Y * cos - X * sin);
    }

    /// <summary>Distance from the origin.</summary>
    public double Length => Math.Sqrt(X * X + Y * Y);
}

/// <summary>Where one foot stands.</summary>
/// <param name="Place">The middle of the foot.</param>
/// <param name="Heading">Where its toes point.</param>
/// <param name="Lifted">Whether it is off the floor.</param>
public sealed record Foot(Spot Place, Heading Heading, bool Lifted = false);

/// <summary>Parts of a posture that nobody said and that follow from where the feet are.</summary>
[Flags]
public enum Inferred
{
    Nothing = 0,
    Foot = 1,
    Lead = 2,
    Stance = 4,
    Heading = 8,
    Hand = 16,
}

/// <summary>Where the body is after a move.</summary>
/// <param name="Heading">Where the hips face.</param>
/// <param name="Turned">The turn that led there, signed.</param>
/// <param name="Stance">The stance stood in.</param>
/// <param name="Lead">The leading foot (the standing one on one leg); none in an even stance.</param>
/// <param name="Left">The left foot.</param>
/// <param name="Right">The right foot.</param>
/// <param name="Moved">The foot that moved; none if both or neither did.</param>
/// <param name="Hands">The hands with every hand and level filled in.</param>
/// <param name="KickingFoot">The foot that kicks, if one does.</param>
/// <param name="Inferred">What was not said.</param>
public sealed record Posture(
    Heading Heading, Turn Turned, TermId Stance, Side? Lead, Foot Left, Foot Right, Side? Moved,
    ValueList<HandAction> Hands, Side? KickingFoot, Inferred Inferred)
{
    /// <summary>The foot of a side.</summary>
    public Foot FootOf(Side side) => side == Side.Left ? Left : Right;

    /// <summary>The middle between the feet.</summary>
    public Spot Middle => (Left.Place + Right.Place) * 0.5;
}
