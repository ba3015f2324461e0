using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Teaching;
using TidyHeron.Formats;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.People;
using TidyHeron.Server.Readings;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Knowledge;

public sealed record GridSection(string Id, string Letter, string Name, int FirstCount, int LastCount);

/// <param name="Section">The section's id.</param>
public sealed record GridMark(Guid Id, Guid StudentId, string Section, KnowingStep Step, DateTimeOffset MarkedAt, string MarkedBy);

/// <summary>Students by sections of one form; a missing mark means not shown yet.</summary>
public sealed record GridResponse(Guid FormId, string Title, IReadOnlyList<GridSection> Sections, IReadOnlyList<StudentResponse> Students,
    IReadOnlyList<GridMark> Marks, int Total, int PageSize);

public sealed record MarkRequest(Guid StudentId, Guid FormId, string Section, KnowingStep Step);

/// <param name="Withdrawn">Taken back as a slip.</param>
public sealed record HistoryMark(Guid Id, Guid FormId, string Section, KnowingStep Step, DateTimeOffset MarkedAt, string MarkedBy, bool Withdrawn);

public sealed record StudentFormResponse(Guid FormId, string Title, IReadOnlyList<GridSection> Sections, IReadOnlyList<GridMark> Marks);

/// <summary>One student's record.</summary>
public sealed record StudentRecordResponse(StudentResponse Student, IReadOnlyList<StudentFormResponse> Forms, IReadOnlyList<HistoryMark> History);

/// <summary>Who knows which section how well.</summary>
public static class KnowledgeEndpoints
{
    public static void MapKnowledge(this IEndpointRouteBuilder api)
    {
        var knowledge = api.MapGroup("").WithTags("Knowledge");
        knowledge.MapGet("/knowledge", Grid).WithName("getGrid").RequireAuthorization(SignIn.Instructors);
        knowledge.MapPost("/knowledge", Mark).WithName("mark").RequireAuthorization(SignIn.Instructors);
        knowledge.MapDelete("/knowledge/{id:guid}", Withdraw).WithName("withdrawMark").RequireAuthorization(SignIn.Instructors);
        knowledge.MapGet("/students/{id:guid}/record", Record).WithName("getStudentRecord");
    }

    private static async Task<Results<Ok<GridResponse>, NotFound>> Grid(HeronDb db, SchoolWays school, Guid formId, Guid? classId, int? page, CancellationToken cancellation)
    {
        if (await Sections(db.Forms.Where(f => f.Id == formId), db, school, cancellation) is not [var form]) return TypedResults.NotFound();
        var students = db.Students.Where(s => s.LeftAt == null && (classId == null || s.TrainingClassId == classId));
        var total = await students.CountAsync(cancellation);
        var rows = await students.OrderByDescending(s => s.Rank!.Order).ThenBy(s => s.Name).ThenBy(s => s.Id)
            .Skip(Math.Max(0, page ?? 0) * StudentEndpoints.PageSize).Take(StudentEndpoints.PageSize).Select(StudentEndpoints.Describe).ToArrayAsync(cancellation);
        var ids = rows.Select(s => s.Id).ToArray();
        var marks = await Newest(db.KnowledgeMarks.Where(m => m.FormId == formId && ids.Contains(m.StudentId))).ToListAsync(cancellation);
        return TypedResults.Ok(new GridResponse(formId, form.Title, form.Sections, rows, marks.Select(Describe).ToArray(), total, StudentEndpoints.PageSize));
    }

    private static async Task<Results<Ok<GridMark>, NotFound>> Mark(MarkRequest request, HeronDb db, SchoolWays school, ClaimsPrincipal person, TimeProvider clock, CancellationToken cancellation)
    {
        if (!await db.Students.AnyAsync(s => s.Id == request.StudentId, cancellation)) return TypedResults.NotFound();
        if (await Sections(db.Forms.Where(f => f.Id == request.FormId), db, school, cancellation) is not [var form]) return TypedResults.NotFound();
        new Validation().Check("section", form.Sections.Any(s => s.Id == request.Section), "The form has no such section any more. Load the grid again.")
            .Check("step", Enum.IsDefined(request.Step), "Choose one of the five steps.").Throw();
        var mark = new KnowledgeMark
        {
            StudentId = request.StudentId, FormId = request.FormId, SectionId = request.Section, Step = request.Step,
            MarkedAt = clock.GetUtcNow(), MarkedById = person.AccountId, MarkedBy = person.DisplayName,
        };
        db.KnowledgeMarks.Add(mark);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(Describe(mark));
    }

    private static async Task<Results<NoContent, NotFound>> Withdraw(Guid id, HeronDb db, TimeProvider clock, CancellationToken cancellation)
    {
        if (await db.KnowledgeMarks.SingleOrDefaultAsync(m => m.Id == id, cancellation) is not { } mark) return TypedResults.NotFound();
        mark.WithdrawnAt ??= clock.GetUtcNow();
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<StudentRecordResponse>, NotFound>> Record(Guid id, HeronDb db, SchoolWays school, ClaimsPrincipal person, CancellationToken cancellation)
    {
        // A student asking for another one's record is told the same as for one that does not exist.
        var account = person.AccountId;
        var all = person.IsInstructor;
        var student = await db.Students.Where(s => s.Id == id && (all || s.AccountId == account)).Select(StudentEndpoints.Describe).SingleOrDefaultAsync(cancellation);
        if (student is null) return TypedResults.NotFound();
        var forms = await Sections(db.VisibleForms(person).Where(f => f.ArchivedAt == null), db, school, cancellation);
        var marks = await Newest(db.KnowledgeMarks.Where(m => m.StudentId == id)).ToListAsync(cancellation);
        var history = await db.KnowledgeMarks.Where(m => m.StudentId == id).OrderByDescending(m => m.MarkedAt).Take(200)
            .Select(m => new HistoryMark(m.Id, m.FormId, m.SectionId, m.Step, m.MarkedAt, m.MarkedBy, m.WithdrawnAt != null)).ToArrayAsync(cancellation);
        return TypedResults.Ok(new StudentRecordResponse(student,
            forms.Select(f => new StudentFormResponse(f.Id, f.Title, f.Sections, marks.Where(m => m.FormId == f.Id).Select(Describe).ToArray())).ToArray(), history));
    }

    private sealed record FormSections(Guid Id, string Title, GridSection[] Sections);

    private static async Task<List<FormSections>> Sections(IQueryable<StoredForm> forms, HeronDb db, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var rows = await forms.OrderBy(f => f.Order).ThenBy(f => f.Title)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => new { f.Id, f.Title, r.Document })
            .ToListAsync(cancellation);
        return [.. rows.Select(row =>
        {
            var reading = FormReading.Of(FormDocuments.Read(Json.ReadForm(row.Document), ways.Vocabulary), BodyMeasures.Reference, ways);
            return new FormSections(row.Id, row.Title, reading.Sections.Select((s, i) => SectionReading.From(reading, s, i))
                .Select(s => new GridSection(s.Id, s.Letter, s.Name, s.FirstCount, s.LastCount)).ToArray());
        })];
    }

    /// <summary>The newest mark that was not taken back, for each student and section: one query.</summary>
    private static IQueryable<KnowledgeMark> Newest(IQueryable<KnowledgeMark> marks) => marks
        .Where(m => m.WithdrawnAt == null)
        .GroupBy(m => new { m.StudentId, m.FormId, m.SectionId })
        .Select(g => g.OrderByDescending(m => m.MarkedAt).ThenByDescending(m => m.Id).First());

    private static GridMark Describe(KnowledgeMark m) => new(m.Id, m.StudentId, m.SectionId, m.Step, m.MarkedAt, m.MarkedBy);
}
