namespace TidyHeron.Store.Entities;

/// <summary>A form of the school. What it says is in its revisions; the newest one counts.</summary>
public sealed class StoredForm : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public required string Title { get; set; }
    /// <summary>Number of the newest revision; a save must name it.</summary>
    public int Revision { get; set; }
    /// <summary>Students of this rank and above may read the form; none: instructors only.</summary>
    public Guid? SharedFromRankId { get; set; }
    public Rank? SharedFromRank { get; set; }
    public int Order { get; set; }
    /// <summary>Put away since; it can be taken out again.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }
    public List<FormRevision> Revisions { get; } = [];
}

/// <summary>What a form said at one save. Append-only: history, restore and comparison come from these.</summary>
public sealed class FormRevision : IOfSchool
{
    public Guid FormId { get; init; }
    public int Number { get; init; }
    public Guid SchoolId { get; set; }
    /// <summary>The form document, as JSON.</summary>
    public required string Document { get; init; }
    public DateTimeOffset SavedAt { get; init; }
    public Guid SavedById { get; init; }
    public required string SavedBy { get; init; }
}
