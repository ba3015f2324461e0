using System.Security.Claims;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Forms;

/// <summary>Which forms a person may see.</summary>
public static class FormVisibility
{
    /// <summary>Instructors see all forms of the school; students those shared with their rank or a lower one.</summary>
    public static IQueryable<StoredForm> VisibleForms(this HeronDb db, ClaimsPrincipal person)
    {
        if (person.IsInstructor) return db.Forms;
        var account = person.AccountId;
        return db.Forms.Where(f => f.ArchivedAt == null && f.SharedFromRank != null
            && db.Students.Any(s => s.AccountId == account && s.Rank != null && s.Rank.Order >= f.SharedFromRank.Order));
    }
}
