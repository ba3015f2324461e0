namespace TidyHeron.Store.Entities;

/// <summary>A rank of the school, lowest first.</summary>
public sealed class Rank : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public required string Name { get; set; }
    public int Order { get; set; }
}

/// <summary>A class that trains together.</summary>
public sealed class TrainingClass : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public required string Name { get; set; }
    public int Order { get; set; }
}

/// <summary>Someone who learns forms here. An account to sign in with is not needed to be on the roster.</summary>
public sealed class Student : IOfSchool
{
    public Guid Id { get; init; } = Guid.CreateVersion7();
    public Guid SchoolId { get; set; }
    public required string Name { get; set; }
    public Guid? RankId { get; set; }
    public Rank? Rank { get; set; }
    public Guid? TrainingClassId { get; set; }
    public TrainingClass? TrainingClass { get; set; }
    /// <summary>Stature in centimetres, if known.</summary>
    public int? HeightCm { get; set; }
    /// <summary>Across the shoulders in centimetres, where a tape was taken.</summary>
    public double? ShoulderCm { get; set; }
    /// <summary>Foot, heel to toe.</summary>
    public double? FootCm { get; set; }
    /// <summary>Arm with the hand.</summary>
    public double? ArmCm { get; set; }
    /// <summary>Floor to the hip joint.</summary>
    public double? LegCm { get; set; }
    public Guid? AccountId { get; set; }
    /// <summary>Off the roster since; the record stays and can be taken back on.</summary>
    public DateTimeOffset? LeftAt { get; set; }
}
