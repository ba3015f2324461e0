using TidyHeron.Core.Teaching;

namespace TidyHeron.Store.Entities;

/// <summary>How well a student knew a section on a day, as an instructor saw it. Append-only; the newest one counts.</summary>
public sealed class KnowledgeMark : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public Guid StudentId { get; set; }
    public Guid FormId { get; set; }
    /// <summary>The section's stable id inside the form document.</summary>
    public required string SectionId { get; set; }
    public KnowingStep Step { get; set; }
    public DateTimeOffset MarkedAt { get; set; }
    public Guid MarkedById { get; set; }
    public required string MarkedBy { get; set; }
    /// <summary>Taken back as a slip since; it stays in the history.</summary>
    public DateTimeOffset? WithdrawnAt { get; set; }
}
