using TidyHeron.Core;
using TidyHeron.Core.Applications;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Teaching;
using TidyHeron.Core.Terms;

namespace TidyHeron.Formats;

/// <summary>
/// A school as a JSON document, version 1: everything but its forms, which lie beside it as form documents, and its
/// accounts, which belong to one installation. Rows name each other by keys of the document.
/// </summary>
public sealed record SchoolDocument
{
    public const string FormatName = "tidy-heron/school";
    public const int CurrentVersion = 1;

    public string Format { get; init; } = FormatName;
    public int Version { get; init; } = CurrentVersion;
    public string Name { get; init; } = "";
    public Tradition Tradition { get; init; } = Tradition.English;
    public DirectionHabit Directions { get; init; } = DirectionHabit.Clock;
    /// <summary>The set of stance shapes that the school teaches.</summary>
    public string StanceSet { get; init; } = "standard";
    /// <summary>What the school changes about single stances, by their ids.</summary>
    public IReadOnlyDictionary<string, Core.Body.StanceChange> StanceChanges { get; init; } = new Dictionary<string, Core.Body.StanceChange>();
    /// <summary>Names of ranks, lowest first.</summary>
    public IReadOnlyList<string> Ranks { get; init; } = [];
    public IReadOnlyList<string> Classes { get; init; } = [];
    public IReadOnlyList<SchoolTermDocument> Terms { get; init; } = [];
    public IReadOnlyList<SchoolFormDocument> Forms { get; init; } = [];
    public IReadOnlyList<StudentDocument> Students { get; init; } = [];
    public IReadOnlyList<ApplicationDocument> Applications { get; init; } = [];
}

/// <summary>What the school changes about a term, or a term of its own.</summary>
public sealed record SchoolTermDocument(string Term, string? Name = null, IReadOnlyList<string>? Words = null, bool Hidden = false, string? Like = null);

/// <param name="File">Where in the archive its form document is, such as <c>forms/01-still-water.json</c>.</param>
/// <param name="SharedFrom">Rank from which students may read it; none: instructors only.</param>
/// <param name="Archived">Whether it is put away.</param>
/// <param name="History">Where its earlier saves are, as a <see cref="SavesDocument"/>; none if the form was saved once.</param>
public sealed record SchoolFormDocument(string File, string? SharedFrom = null, bool Archived = false, string? History = null);

/// <summary>Every save of a form, oldest first; the last one is the form as it is.</summary>
public sealed record SavesDocument(IReadOnlyList<SaveDocument> Saves);

/// <param name="At">When it was saved.</param>
/// <param name="By">Name of who saved it.</param>
/// <param name="Form">The form as it was.</param>
public sealed record SaveDocument(DateTimeOffset At, string By, FormDocument Form);

/// <param name="HeightCm">Stature in centimetres, 80 to 230.</param>
/// <param name="Measured">What was measured with a tape, in centimetres.</param>
/// <param name="Left">Whether the student is off the roster.</param>
public sealed record StudentDocument(string Name, string? Rank = null, string? Class = null, int? HeightCm = null, bool Left = false, IReadOnlyList<MarkDocument>? Marks = null, MeasuredParts? Measured = null);

/// <param name="Form">File of the form.</param>
/// <param name="Section">Id of the section in it.</param>
/// <param name="By">Name of who marked it.</param>
/// <param name="Withdrawn">Taken back as a slip since.</param>
public sealed record MarkDocument(string Form, string Section, KnowingStep Step, DateTimeOffset At, string By, DateTimeOffset? Withdrawn = null);

public sealed record ApplicationDocument(string Name, AttackKind Attack, Side? AttackSide = null, Level? AttackLevel = null, IReadOnlyList<ApplicationStepDocument>? Steps = null,
    IReadOnlyList<Risk>? Risks = null, string Note = "", IReadOnlyList<ApplicationLinkDocument>? Links = null, bool Archived = false);

public sealed record ApplicationStepDocument(Partner Who, string Text);

/// <param name="Form">File of the form.</param>
/// <param name="FirstMove">Id of the first move that it explains.</param>
/// <param name="LastMove">Id of the last one.</param>
public sealed record ApplicationLinkDocument(string Form, string FirstMove, string LastMove);
