using TidyHeron.Core;
using TidyHeron.Core.Terms;

namespace TidyHeron.Store.Entities;

/// <summary>A school owns all its data.</summary>
public sealed class School
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public required string Name { get; set; }
    /// <summary>The words in which terms are shown.</summary>
    public Tradition Tradition { get; set; } = Tradition.English;
    /// <summary>How directions are told.</summary>
    public DirectionHabit Directions { get; set; } = DirectionHabit.Clock;
    /// <summary>The set of stance shapes that the school teaches.</summary>
    public string StanceSet { get; set; } = "standard";
    /// <summary>What the school changes about single stances, by their ids, as JSON.</summary>
    public string StanceChanges { get; set; } = "{}";
    public DateTimeOffset FoundedAt { get; init; }
}

/// <summary>A row that belongs to one school; every query is filtered by it.</summary>
public interface IOfSchool
{
    Guid SchoolId { get; set; }
}
