using Microsoft.AspNetCore.Identity;

namespace TidyHeron.Store.Entities;

/// <summary>What a person may do in the school.</summary>
public enum Role
{
    /// <summary>Sees their own record and the forms shared with their rank, read-only.</summary>
    Student,
    /// <summary>Writes forms and applications, marks what students know.</summary>
    Instructor,
    /// <summary>An instructor who also keeps people, ranks, classes and the school's ways.</summary>
    Head,
}

/// <summary>Someone who signs in.</summary>
public sealed class Account : IdentityUser<Guid>
{
    public Guid SchoolId { get; set; }
    public required string DisplayName { get; set; }
    public Role Role { get; set; }
}
