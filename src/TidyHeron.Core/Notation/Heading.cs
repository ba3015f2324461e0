namespace TidyHeron.Core.Notation;

/// <summary>
/// A direction on the floor: whole degrees clockwise from the opening front, always 0 to 359.
/// 0 is the front, 90 the performer's right at the opening, 180 the rear, 270 the left.
/// </summary>
public readonly record struct Heading
{
    /// <summary>Degrees clockwise from the opening front, 0 to 359.</summary>
    public int Degrees { get; }

    /// <param name="degrees">Any whole number of degrees; it is brought into 0 to 359.</param>
    public Heading(int degrees) => Degrees = ((degrees % 360) + 360) % 360;

    public static readonly Heading Front = new(0);
    public static readonly Heading Right = new(90);
    public static readonly Heading Rear = new(180);
    public static readonly Heading Left = new(270);

    /// <summary>The heading of a clock position seen from above, 12 being the front.</summary>
    /// <param name="halfHours">Half hours after twelve: 18 is nine o'clock, 3 is half past one.</param>
    public static Heading FromClock(int halfHours) => new(halfHours * 15);

    public static Heading operator +(Heading heading, Turn turn) => new(heading.Degrees + turn.Degrees);

    /// <summary>The shortest turn that leads from one heading to another; a half turn is to the right.</summary>
    public static Turn operator -(Heading to, Heading from)
    {
        var difference = new Heading(to.Degrees - from.Degrees).Degrees;
        return new Turn(difference > 180 ? difference - 360 : difference);
    }

    /// <summary>The heading seen in a mirror that stands along the given axis.</summary>
    public Heading MirroredAcross(Heading axis) => new(2 * axis.Degrees - Degrees);

    /// <summary>Mirrored left for right, the front staying the front.</summary>
    public Heading Mirrored => MirroredAcross(Front);

    /// <summary>The opposite direction.</summary>
    public Heading Opposite => new(Degrees + 180);

    /// <summary>Unit vector, x to the right and y to the front.</summary>
    public (double X, double Y) Vector => Degrees switch
    {
        // The four main directions are exact, so that a form that closes on paper closes in numbers.
        0 => (0, 1),
        90 => (1, 0),
        180 => (0, -1),
        270 => (-1, 0),
        _ => (Math.Sin(Degrees * Math.PI / 180), Math.Cos(Degrees * Math.PI / 180)),
    };

    public override string ToString() => $"{Degrees}°";
}

/// <summary>
/// A turn of the body as it was said: signed degrees, clockwise (to the right) positive.
/// 270° to the left and 90° to the right end on the same heading but are different turns.
/// </summary>
public readonly record struct Turn(int Degrees)
{
    public static readonly Turn None = new(0);

    /// <summary>The turn by an amount to a side.</summary>
    public static Turn To(Side side, int degrees) => new(side == Notation.Side.Right ? degrees : -degrees);

    /// <summary>The side turned to; none for no turn.</summary>
    public Side? Side => Degrees switch { > 0 => Notation.Side.Right, < 0 => Notation.Side.Left, _ => null };

    /// <summary>How far, without the side.</summary>
    public int Amount => Math.Abs(Degrees);

    /// <summary>The same amount to the other side.</summary>
    public Turn Mirrored => new(-Degrees);

    // The record's own text would print Mirrored, whose text would print Mirrored, and so on.
    public override string ToString() => $"{Degrees}°";
}
