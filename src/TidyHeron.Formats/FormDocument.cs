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
    /// <summary>Whether the form promises that no two techniques in a row go along the same line.</summary>
    public bool NoLineTwice { get; init; }
    /// <summary>Techniques that the form promises to keep together.</summary>
    public IReadOnlyList<PairDocument> Pairs { get; init; } = [];
    /// <summary>The weapon that the form is done with.</summary>
    public WeaponCarriedDocument? Weapon { get; init; }
}

/// <param name="Kind">staff, short-staff, sword, broadsword, truncheon, knife, trident, sickle, flail or fan.</param>
/// <param name="LengthCm">Where it differs from the usual one, 10 to 400 cm.</param>
public sealed record WeaponCarriedDocument(string Kind, double? LengthCm = null);

/// <param name="First">Technique term.</param>
/// <param name="Second">The technique that goes with it or follows.</param>
public sealed record PairDocument(string First, string Second);

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
    /// <summary>On which part of the foot that stays the body turns.</summary>
    public PivotPoint? Pivot { get; init; }
    /// <summary>Signed degrees, to the right positive, -720 to 720.</summary>
    public int? Turn { get; init; }
    /// <summary>Degrees clockwise from the opening front, 0 to 359.</summary>
    public int? Facing { get; init; }
    public StanceDocument? Stance { get; init; }
    public Side? SetOnTop { get; init; }
    public IReadOnlyList<HandDocument> Hands { get; init; } = [];
    public KickDocument? Kick { get; init; }
    public WeaponDocument? Weapon { get; init; }
    public Gaze? Gaze { get; init; }
    public Breath? Breath { get; init; }
    public Tempo? Tempo { get; init; }
    public bool Shout { get; init; }
    /// <summary>How much longer (negative: shorter) than its stance the step is taken, in centimetres, -200 to 200.</summary>
    public double StepAdjustCm { get; init; }
    /// <summary>How long the move takes at full speed, in seconds, 0.1 to 120.</summary>
    public double? Seconds { get; init; }
    public string Note { get; init; } = "";
    /// <summary>Other accepted ways of doing the move.</summary>
    public IReadOnlyList<AlternativeDocument> Alternatives { get; init; } = [];
    /// <summary>Findings at the move that the instructor lets stand.</summary>
    public IReadOnlyList<AcceptanceDocument> Accepted { get; init; } = [];
}

/// <param name="Leads">The hand nearer the striking end.</param>
/// <param name="From">The side that the strike comes from.</param>
/// <param name="Tip">How high the tip ends.</param>
/// <param name="Stop">Where the weapon comes to rest.</param>
public sealed record WeaponDocument(Side? Leads = null, Side? From = null, TipHeight? Tip = null, StopPlace? Stop = null);

/// <param name="Whose">Whose way it is.</param>
/// <param name="Move">The move done that way, without alternatives of its own.</param>
public sealed record AlternativeDocument(string Whose, MoveDocument Move);

/// <param name="Rule">The rule that found it.</param>
/// <param name="Message">What it said.</param>
/// <param name="Reason">Why it may stand.</param>
public sealed record AcceptanceDocument(string Rule, string Message, string Reason);

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
