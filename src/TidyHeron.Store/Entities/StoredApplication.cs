using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;

namespace TidyHeron.Store.Entities;

/// <summary>A partner application of the school, stored for one side.</summary>
public sealed class StoredApplication : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public required string Name { get; set; }
    public AttackKind AttackKind { get; set; }
    public Side? AttackSide { get; set; }
    public Level? AttackLevel { get; set; }
    public List<StoredStep> Steps { get; set; } = [];
    public List<Risk> Risks { get; set; } = [];
    public string Note { get; set; } = "";
    public List<ApplicationLink> Links { get; } = [];
    /// <summary>Put away since; it can be taken out again.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }
    /// <summary>Counts saves, so that two people do not overwrite each other.</summary>
    public int Revision { get; set; } = 1;

    /// <summary>The application as the core knows it.</summary>
    public Application ToApplication() => new(
        Name, new Attack(AttackKind, AttackSide, AttackLevel),
        Steps.Select(s => new ApplicationStep(s.Who, s.Text)).ToValueList(), Risks.ToValueList(), Note);
}

/// <summary>One step, kept inside its application's row.</summary>
public sealed class StoredStep
{
    public Partner Who { get; set; }
    public required string Text { get; set; }
}

/// <summary>The stretch of moves that an application explains. Moves keep their ids, so links survive edits.</summary>
public sealed class ApplicationLink : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public Guid ApplicationId { get; set; }
    public StoredApplication? Application { get; set; }
    public Guid FormId { get; set; }
    public required string FirstMove { get; set; }
    public required string LastMove { get; set; }
}
