using TidyHeron.Core.Notation;

namespace TidyHeron.Formats;

/// <summary>
/// A form as a JSON document, version 1: what an instructor wrote and nothing that is computed. Described in
/// docs/formats.md.
/// </summary>
public sealed record FormDocument
{
    public const string FormatName = "tidy-heron/form";
    public const int CurrentVersion = 1;

    public string Format { get; init; } = FormatName;
    public int Version { get; init; } = CurrentVersion;
    public string Title { get; init; } = "";
    public OpeningDocument Opening { get; init; } = new("ready-stance");
    public IReadOnlyList<MoveDocument> Moves { get; init; } = [];
    public IReadOnlyList<SectionDocument> Sections { get; init; } = [];
    public int? DeclaredCounts { get; init; }
    public int? DeclaredShouts { get; init; }
}

/// <param name="Stance">Stance term.</param>
/// <param name="Lead">Leading foot.</param>
public sealed record OpeningDocument(string Stance, Side? Lead = null);

/// <param name="First">Id of the move it begins with.</param>
/// <param name="Id">Stable name of the section; made up where it is missing.</param>
/// <param name="Name">What the school calls it.</param>
public sealed record SectionDocument(string First, string? Id = null, string? Name = null);

/// <summary>One move. A part that is missing was not said.</summary>
public sealed record MoveDocument
{
    /// <summary>Stable name; made up where it is missing.</summary>
    public string? Id { get; init; }
    public Counting Counting { get; init; } = Counting.Own;
    public FootworkDocument? Footwork { get; init; }
    /// <summary>Signed degrees, to the right positive, -720 to 720.</summary>
    public int? Turn { get; init; }
    /// <summary>Degrees clockwise from the opening front, 0 to 359.</summary>
    public int? Facing { get; init; }
    public StanceDocument? Stance { get; init; }
    public Side? SetOnTop { get; init; }
    public IReadOnlyList<HandDocument> Hands { get; init; } = [];
    public KickDocument? Kick { get; init; }
    public Gaze? Gaze { get; init; }
    public Breath? Breath { get; init; }
    public Tempo? Tempo { get; init; }
    public bool Shout { get; init; }
    public string Note { get; init; } = "";
}

/// <param name="Kind">Footwork term.</param>
/// <param name="Foot">The foot that moves.</param>
/// <param name="Way">The direction of the step.</param>
public sealed record FootworkDocument(string Kind, Side? Foot = null, Way? Way = null);

/// <param name="Kind">Stance term.</param>
/// <param name="Lead">Leading foot.</param>
public sealed record StanceDocument(string Kind, Side? Lead = null);

/// <param name="Technique">Technique term.</param>
/// <param name="Hand">Which hand.</param>
/// <param name="Level">At which level.</param>
public sealed record HandDocument(string Technique, Hand? Hand = null, Level? Level = null);

/// <param name="Technique">Technique term of a kick, knee or sweep.</param>
/// <param name="Foot">Which foot.</param>
/// <param name="Level">At which level.</param>
/// <param name="Landing">Where the foot comes down.</param>
public sealed record KickDocument(string Technique, Side? Foot = null, Level? Level = null, Landing? Landing = null);
