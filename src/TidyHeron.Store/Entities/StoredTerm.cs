namespace TidyHeron.Store.Entities;

/// <summary>What the school changes about a term, or a term of its own.</summary>
public sealed class StoredTerm : IOfSchool
{
    public Guid SchoolId { get; set; }
    public required string TermId { get; init; }
    public string? Name { get; set; }
    public List<string> Words { get; set; } = [];
    public bool Hidden { get; set; }
    public string? Like { get; set; }
}
