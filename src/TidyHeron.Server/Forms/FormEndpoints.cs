using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Forms;

/// <param name="Counts">How many counts it has.</param>
/// <param name="Sections">How many sections it is cut into.</param>
/// <param name="Findings">How many findings are open.</param>
/// <param name="SharedFrom">Students of this rank and above may read it; none: instructors only.</param>
public sealed record FormSummary(Guid Id, string Title, int Counts, int Sections, int Findings, Guid? SharedFromRankId, string? SharedFrom,
    DateTimeOffset SavedAt, string SavedBy, bool Archived);

/// <param name="Revision">To be named when saving.</param>
/// <param name="MayEdit">Whether the person signed in may change it.</param>
public sealed record FormResponse(Guid Id, string Title, int Revision, DateTimeOffset SavedAt, string SavedBy, Guid? SharedFromRankId, bool Archived,
    bool MayEdit, FormDocument Form);

public sealed record NewFormRequest(FormDocument Form);

/// <param name="BasedOn">The revision that was edited.</param>
public sealed record SaveFormRequest(int BasedOn, FormDocument Form);

public sealed record SavedResponse(int Revision, DateTimeOffset SavedAt, string SavedBy);

/// <param name="FromRankId">Students of this rank and above; none: instructors only.</param>
public sealed record ShareFormRequest(Guid? FromRankId = null);

public sealed record RevisionResponse(int Number, DateTimeOffset SavedAt, string SavedBy);

/// <summary>The school's forms: read, save, share, put away, history.</summary>
public static class FormEndpoints
{
    public static void MapForms(this IEndpointRouteBuilder api)
    {
        var forms = api.MapGroup("/forms").WithTags("Forms");
        forms.MapGet("", List).WithName("listForms");
        forms.MapGet("/{id:guid}", Get).WithName("getForm");
        forms.MapPost("", Add).WithName("addForm").RequireAuthorization(SignIn.Instructors);
        forms.MapPut("/{id:guid}", Save).WithName("saveForm").RequireAuthorization(SignIn.Instructors);
        forms.MapPut("/{id:guid}/sharing", Share).WithName("shareForm").RequireAuthorization(SignIn.Instructors);
        forms.MapPost("/{id:guid}/archive", (Guid id, HeronDb db, TimeProvider clock, CancellationToken c) => SetArchived(id, clock.GetUtcNow(), db, c)).WithName("archiveForm").RequireAuthorization(SignIn.Instructors);
        forms.MapPost("/{id:guid}/restore", (Guid id, HeronDb db, CancellationToken c) => SetArchived(id, null, db, c)).WithName("restoreForm").RequireAuthorization(SignIn.Instructors);
        forms.MapExchange();
        forms.MapVersions();
        forms.MapGet("/{id:guid}/revisions", Revisions).WithName("listRevisions").RequireAuthorization(SignIn.Instructors);
        forms.MapGet("/{id:guid}/revisions/{number:int}", Revision).WithName("getRevision").RequireAuthorization(SignIn.Instructors);
    }

    private static async Task<Ok<FormSummary[]>> List(HeronDb db, ClaimsPrincipal person, SchoolWays school, bool? archived, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var rows = await db.VisibleForms(person).Where(f => (f.ArchivedAt != null) == (archived ?? false))
            .OrderBy(f => f.Order).ThenBy(f => f.Title)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => new { Form = f, SharedFrom = f.SharedFromRank!.Name, Revision = r })
            .AsNoTracking().ToListAsync(cancellation);
        return TypedResults.Ok(rows.Select(row =>
        {
            var reading = FormReading.Of(FormDocuments.Read(Json.ReadForm(row.Revision.Document), ways.Vocabulary), BodyMeasures.Reference, ways);
            return new FormSummary(row.Form.Id, row.Form.Title, reading.TotalCounts, reading.Sections.Count, reading.Findings.Count, row.Form.SharedFromRankId,
                row.SharedFrom, row.Revision.SavedAt, row.Revision.SavedBy, row.Form.ArchivedAt is not null);
        }).ToArray());
    }

    private static async Task<Results<Ok<FormResponse>, NotFound>> Get(Guid id, HeronDb db, ClaimsPrincipal person, CancellationToken cancellation)
    {
        var row = await db.VisibleForms(person).Where(f => f.Id == id)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => new { Form = f, Revision = r })
            .AsNoTracking().SingleOrDefaultAsync(cancellation);
        if (row is null) return TypedResults.NotFound();
        return TypedResults.Ok(new FormResponse(row.Form.Id, row.Form.Title, row.Form.Revision, row.Revision.SavedAt, row.Revision.SavedBy, row.Form.SharedFromRankId,
            row.Form.ArchivedAt is not null, person.IsInstructor, Json.ReadForm(row.Revision.Document)));
    }

    private static async Task<Created<SavedIdResponse>> Add(NewFormRequest request, HeronDb db, ClaimsPrincipal person, SchoolWays school, TimeProvider clock, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var form = FormDocuments.Read(request.Form, ways.Vocabulary);
        new Validation().Text("form.title", form.Title, 200, "Give the form a name.").Throw();
        return await AddForm(form, db, person, clock, cancellation);
    }

    /// <summary>Puts a new form into the school.</summary>
    internal static async Task<Created<SavedIdResponse>> AddForm(Form form, HeronDb db, ClaimsPrincipal person, TimeProvider clock, CancellationToken cancellation)
    {
        var stored = new StoredForm { Title = form.Title.Trim(), Revision = 1, Order = await db.Forms.CountAsync(cancellation) + 1 };
        stored.Revisions.Add(RevisionOf(stored.Id, form, 1, person, clock));
        db.Forms.Add(stored);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/forms/{stored.Id}", new SavedIdResponse(stored.Id, 1));
    }

    private static async Task<Results<Ok<SavedResponse>, NotFound, ProblemHttpResult>> Save(Guid id, SaveFormRequest request, HeronDb db, ClaimsPrincipal person, SchoolWays school, TimeProvider clock, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var form = FormDocuments.Read(request.Form, ways.Vocabulary);
        new Validation().Text("form.title", form.Title, 200, "Give the form a name.").Throw();
        if (await db.Forms.SingleOrDefaultAsync(f => f.Id == id, cancellation) is not { } stored) return TypedResults.NotFound();
        if (stored.Revision != request.BasedOn) return await Conflict(stored);
        stored.Revision++;
        stored.Title = form.Title.Trim();
        var revision = RevisionOf(id, form, stored.Revision, person, clock);
        db.FormRevisions.Add(revision);
        try
        {
            await db.SaveChangesAsync(cancellation);
        }
        catch (DbUpdateException e) when (e is DbUpdateConcurrencyException or { InnerException: Npgsql.PostgresException { SqlState: Npgsql.PostgresErrorCodes.UniqueViolation } })
        {
            db.ChangeTracker.Clear();
            return await Conflict(await db.Forms.SingleAsync(f => f.Id == id, cancellation));
        }
        return TypedResults.Ok(new SavedResponse(revision.Number, revision.SavedAt, revision.SavedBy));

        async Task<ProblemHttpResult> Conflict(StoredForm current)
        {
            var newest = await db.FormRevisions.AsNoTracking().SingleAsync(r => r.FormId == id && r.Number == current.Revision, cancellation);
            return TypedResults.Problem(statusCode: 409, title: "Someone else saved meanwhile",
                detail: $"{newest.SavedBy} saved this form after you opened it. Nothing was overwritten: compare, then keep yours as a copy or take theirs.",
                extensions: new Dictionary<string, object?> { ["revision"] = newest.Number, ["savedBy"] = newest.SavedBy, ["savedAt"] = newest.SavedAt });
        }
    }

    private static async Task<Results<NoContent, NotFound>> Share(Guid id, ShareFormRequest request, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Forms.SingleOrDefaultAsync(f => f.Id == id, cancellation) is not { } stored) return TypedResults.NotFound();
        if (request.FromRankId is { } rank && !await db.Ranks.AnyAsync(r => r.Id == rank, cancellation))
            new Validation().Check("fromRankId", false, "There is no such rank. Choose one of the list.").Throw();
        stored.SharedFromRankId = request.FromRankId;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> SetArchived(Guid id, DateTimeOffset? at, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Forms.SingleOrDefaultAsync(f => f.Id == id, cancellation) is not { } stored) return TypedResults.NotFound();
        stored.ArchivedAt = at;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<RevisionResponse[]>, NotFound>> Revisions(Guid id, HeronDb db, CancellationToken cancellation)
    {
        var rows = await db.FormRevisions.Where(r => r.FormId == id).OrderByDescending(r => r.Number).Take(500)
            .Select(r => new RevisionResponse(r.Number, r.SavedAt, r.SavedBy)).ToArrayAsync(cancellation);
        return rows.Length == 0 ? TypedResults.NotFound() : TypedResults.Ok(rows);
    }

    private static async Task<Results<Ok<FormDocument>, NotFound>> Revision(Guid id, int number, HeronDb db, CancellationToken cancellation) =>
        await db.FormRevisions.Where(r => r.FormId == id && r.Number == number).Select(r => r.Document).SingleOrDefaultAsync(cancellation) is { } document
            ? TypedResults.Ok(Json.ReadForm(document))
            : TypedResults.NotFound();

    internal static FormRevision RevisionOf(Guid formId, Form form, int number, ClaimsPrincipal person, TimeProvider clock) =>
        RevisionOf(formId, form, number, person.AccountId, person.DisplayName, clock.GetUtcNow());

    internal static FormRevision RevisionOf(Guid formId, Form form, int number, Guid by, string name, DateTimeOffset at) => new()
    {
        FormId = formId,
        Number = number,
        Document = Json.Write(FormDocuments.Write(form)),
        SavedAt = at,
        SavedById = by,
        SavedBy = name,
    };
}

public sealed record SavedIdResponse(Guid Id, int Revision);
