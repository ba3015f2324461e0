using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Applications;

/// <param name="FormId">The form.</param>
/// <param name="FirstMove">Id of the first move of the stretch.</param>
/// <param name="LastMove">Id of the last one.</param>
public sealed record LinkDocument(Guid FormId, string FirstMove, string LastMove);

public sealed record StepDocument(Partner Who, string Text);

/// <param name="Attack">What the partner comes with.</param>
/// <param name="AttackSide">The partner's side.</param>
/// <param name="Steps">What each side does, in order.</param>
/// <param name="Risks">What can hurt.</param>
/// <param name="Links">The stretches of moves that it explains.</param>
/// <param name="BasedOn">The revision that was edited; 0 for a new one.</param>
public sealed record ApplicationRequest(string Name, AttackKind Attack, IReadOnlyList<StepDocument> Steps, Side? AttackSide = null, Level? AttackLevel = null,
    IReadOnlyList<Risk>? Risks = null, string Note = "", IReadOnlyList<LinkDocument>? Links = null, int BasedOn = 0);

/// <param name="Cautions">The usual caution for each risk, then who decides.</param>
/// <param name="OtherSide">Whether it is told for the other side than it is stored for.</param>
public sealed record ApplicationResponse(Guid Id, string Name, AttackKind Attack, Side? AttackSide, Level? AttackLevel, IReadOnlyList<StepDocument> Steps,
    IReadOnlyList<Risk> Risks, IReadOnlyList<string> Cautions, string Note, IReadOnlyList<LinkDocument> Links, int Revision, bool OtherSide, bool Archived);

/// <summary>Partner applications and the moves they explain.</summary>
public static class ApplicationEndpoints
{
    public static void MapApplications(this IEndpointRouteBuilder api)
    {
        var applications = api.MapGroup("/applications").WithTags("Applications");
        applications.MapGet("", List).WithName("listApplications");
        applications.MapGet("/{id:guid}", Get).WithName("getApplication");
        applications.MapPost("", Add).WithName("addApplication").RequireAuthorization(SignIn.Instructors);
        applications.MapPut("/{id:guid}", Change).WithName("changeApplication").RequireAuthorization(SignIn.Instructors);
        applications.MapPost("/{id:guid}/archive", (Guid id, HeronDb db, TimeProvider clock, CancellationToken c) => SetArchived(id, clock.GetUtcNow(), db, c)).WithName("archiveApplication").RequireAuthorization(SignIn.Instructors);
        applications.MapPost("/{id:guid}/restore", (Guid id, HeronDb db, CancellationToken c) => SetArchived(id, null, db, c)).WithName("restoreApplication").RequireAuthorization(SignIn.Instructors);
    }

    private static async Task<Ok<ApplicationResponse[]>> List(HeronDb db, ClaimsPrincipal person, Guid? formId, bool? archived, CancellationToken cancellation)
    {
        var rows = await Visible(db, person).Where(a => (a.ArchivedAt != null) == (archived ?? false) && (formId == null || a.Links.Any(l => l.FormId == formId)))
            .OrderBy(a => a.Name).Take(500).ToListAsync(cancellation);
        return TypedResults.Ok(rows.Select(a => Describe(a, otherSide: false)).ToArray());
    }

    private static async Task<Results<Ok<ApplicationResponse>, NotFound>> Get(Guid id, HeronDb db, ClaimsPrincipal person, bool? otherSide, CancellationToken cancellation) =>
        await Visible(db, person).SingleOrDefaultAsync(a => a.Id == id, cancellation) is { } row ? TypedResults.Ok(Describe(row, otherSide ?? false)) : TypedResults.NotFound();

    private static async Task<Created<ApplicationResponse>> Add(ApplicationRequest request, HeronDb db, CancellationToken cancellation)
    {
        await Check(request, db, cancellation);
        var row = new StoredApplication { Name = "" };
        Write(request, row, db);
        db.Applications.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/applications/{row.Id}", Describe(row, otherSide: false));
    }

    private static async Task<Results<Ok<ApplicationResponse>, NotFound>> Change(Guid id, ApplicationRequest request, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Applications.Include(a => a.Links).SingleOrDefaultAsync(a => a.Id == id, cancellation) is not { } row) return TypedResults.NotFound();
        await Check(request, db, cancellation);
        if (request.BasedOn != row.Revision) throw new DbUpdateConcurrencyException();
        row.Revision++;
        Write(request, row, db);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(Describe(row, otherSide: false));
    }

    private static async Task<Results<NoContent, NotFound>> SetArchived(Guid id, DateTimeOffset? at, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Applications.SingleOrDefaultAsync(a => a.Id == id, cancellation) is not { } row) return TypedResults.NotFound();
        row.ArchivedAt = at;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    /// <summary>Students see the applications of the forms they may see.</summary>
    private static IQueryable<StoredApplication> Visible(HeronDb db, ClaimsPrincipal person)
    {
        var applications = db.Applications.AsNoTracking().Include(a => a.Links);
        if (person.IsInstructor) return applications;
        var forms = db.VisibleForms(person).Select(f => f.Id);
        return applications.Where(a => a.ArchivedAt == null && a.Links.Any(l => forms.Contains(l.FormId)));
    }

    private static async Task Check(ApplicationRequest request, HeronDb db, CancellationToken cancellation)
    {
        var validation = new Validation().Text("name", request.Name, 120, "Give the application a name.").AtMost("note", request.Note, 2000)
            .Check("steps", request.Steps.Count > 0, "Write at least one step: what one of the two does.")
            .Check("steps", request.Steps.Count <= 40, "At most 40 steps; part it into two applications.");
        for (var i = 0; i < request.Steps.Count; i++) validation.Text($"steps[{i}].text", request.Steps[i].Text, 500, "Write what is done, or remove the step.");
        var forms = (request.Links ?? []).Select(l => l.FormId).Distinct().ToArray();
        var known = await db.Forms.Where(f => forms.Contains(f.Id)).Select(f => f.Id).ToListAsync(cancellation);
        for (var i = 0; i < (request.Links?.Count ?? 0); i++)
        {
            var link = request.Links![i];
            if (!known.Contains(link.FormId)) validation.Wrong($"links[{i}].formId", "There is no such form.");
            validation.Text($"links[{i}].firstMove", link.FirstMove, 40, "Name the first move of the stretch.").Text($"links[{i}].lastMove", link.LastMove, 40, "Name the last move of the stretch.");
        }
        validation.Throw();
    }

    private static void Write(ApplicationRequest request, StoredApplication row, HeronDb db)
    {
        row.Name = request.Name.Trim();
        (row.AttackKind, row.AttackSide, row.AttackLevel) = (request.Attack, request.AttackSide, request.AttackLevel);
        row.Steps = request.Steps.Select(s => new StoredStep { Who = s.Who, Text = s.Text.Trim() }).ToList();
        row.Risks = (request.Risks ?? []).Distinct().ToList();
        row.Note = request.Note;
        db.ApplicationLinks.RemoveRange(row.Links.ToList());
        row.Links.Clear();
        row.Links.AddRange((request.Links ?? []).Select(l => new ApplicationLink { FormId = l.FormId, FirstMove = l.FirstMove, LastMove = l.LastMove }));
    }

    private static ApplicationResponse Describe(StoredApplication row, bool otherSide)
    {
        var application = otherSide ? row.ToApplication().Mirrored : row.ToApplication();
        return new ApplicationResponse(row.Id, application.Name, application.Attack.Kind, application.Attack.Side, application.Attack.Level,
            application.Steps.Select(s => new StepDocument(s.Who, s.Text)).ToArray(), [.. application.Risks],
            [.. application.Risks.Select(Cautions.For), Cautions.Deference], application.Note,
            row.Links.Select(l => new LinkDocument(l.FormId, l.FirstMove, l.LastMove)).ToArray(), row.Revision, otherSide, row.ArchivedAt is not null);
    }
}
