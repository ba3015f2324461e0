namespace TidyHeron.Core.Notation;

/// <summary>Stable name of a section; students' records hang on it.</summary>
public readonly record struct SectionId(string Value)
{
    public static SectionId New() => new(Guid.NewGuid().ToString("N")[..12]);

    public override string ToString() => Value;
}

/// <summary>A teachable piece: from its first move to the move before the next section's first.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What the school calls it; may be empty.</param>
/// <param name="First">The move it begins with.</param>
public sealed record Section(SectionId Id, string Name, MoveId First);

/// <summary>The posture a form opens from.</summary>
/// <param name="Stance">Stance term.</param>
/// <param name="Lead">Leading foot, if the stance has one.</param>
public sealed record Opening(TermId Stance, Side? Lead = null)
{
    public static readonly Opening Ready = new(new TermId("ready-stance"));
}

/// <summary>The weapon of a form.</summary>
/// <param name="Kind">Name of a known weapon, such as <c>staff</c>.</param>
/// <param name="LengthCm">Its length where it differs from the usual one, 10 to 400 cm.</param>
public sealed record WeaponCarried(string Kind, double? LengthCm = null);

/// <summary>Two techniques that a form promises to keep together: wherever the first is done, the second goes with it or follows.</summary>
public sealed record TechniquePair(TermId First, TermId Second);

/// <summary>
/// A form as written: ordered moves and the cuts between them. Everything else about it is a reading.
/// </summary>
public sealed record Form
{
    public string Title { get; init; } = "";
    public Opening Opening { get; init; } = Opening.Ready;
    public ValueList<Move> Moves { get; init; } = [];
    /// <summary>In the order of their first moves. Empty, or the first one begins with the first move.</summary>
    public ValueList<Section> Sections { get; init; } = [];
    /// <summary>How many counts the school says the form has; checked against the counting.</summary>
    public int? DeclaredCounts { get; init; }
    /// <summary>How many shouts the school says the form has; checked against the moves.</summary>
    public int? DeclaredShouts { get; init; }

    /// <summary>Whether the form promises that no two techniques in a row go along the same line.</summary>
    public bool NoLineTwice { get; init; }
    /// <summary>Techniques that the form promises to keep together.</summary>
    public ValueList<TechniquePair> Pairs { get; init; } = [];

    /// <summary>The weapon that the form is done with, if it was said.</summary>
    public WeaponCarried? Weapon { get; init; }

    /// <summary>Position of a move, or -1.</summary>
    public int IndexOf(MoveId id)
    {
        for (var i = 0; i < Moves.Count; i++)
            if (Moves[i].Id == id) return i;
        return -1;
    }
}
