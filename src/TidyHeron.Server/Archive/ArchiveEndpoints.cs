using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Archive;

/// <summary>What an archive added.</summary>
/// <param name="Notes">What was left as the school has it, in words.</param>
public sealed record TakenInResponse(int Forms, int Applications, int Students, int Marks, int Ranks, int Classes, int Terms, IReadOnlyList<string> Notes);

/// <summary>The whole school out and in, as one file.</summary>
public static class ArchiveEndpoints
{
    private const long MostUpload = 32 * 1024 * 1024;

    public static void MapArchive(this IEndpointRouteBuilder api)
    {
        var archive = api.MapGroup("/school/archive").WithTags("Archive").RequireAuthorization(SignIn.HeadOnly);
        archive.MapGet("", Export).WithName("exportSchool").Produces<byte[]>(200, "application/zip");
        archive.MapPost("", Import).WithName("importSchool").Accepts<byte[]>("application/zip").WithMetadata(new UploadLimit());
    }

    private sealed class UploadLimit : IRequestSizeLimitMetadata
    {
        public long? MaxRequestBodySize => MostUpload;
    }

    private static async Task<FileContentHttpResult> Export(HeronDb db, CurrentSchool current, SchoolWays ways, TimeProvider clock, CancellationToken cancellation)
    {
        var school = await db.Schools.AsNoTracking().SingleAsync(s => s.Id == current.Id, cancellation);
        var vocabulary = (await ways.Get(cancellation)).Vocabulary;
        var forms = await db.Forms.AsNoTracking().OrderBy(f => f.Order).ThenBy(f => f.Id)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => new { Row = f, SharedFrom = f.SharedFromRank!.Name, r.Document })
            .ToListAsync(cancellation);
        var files = forms.Select((f, i) => (f.Row.Id, File: $"forms/{i + 1:00}-{FileNames.Plain(f.Row.Title, "form")}.json")).ToDictionary(f => f.Id, f => f.File);
        var saves = (await db.FormRevisions.AsNoTracking().Where(r => db.Forms.Any(f => f.Id == r.FormId && f.Revision > 1)).OrderBy(r => r.FormId).ThenBy(r => r.Number).ToListAsync(cancellation))
            .GroupBy(r => HistoryOf(files[r.FormId]))
            .ToDictionary(g => g.Key, IReadOnlyList<Save> (g) => [.. g.Select(r => new Save(r.SavedAt, r.SavedBy, FormDocuments.Read(Json.ReadForm(r.Document), vocabulary)))]);
        var marks = (await db.KnowledgeMarks.AsNoTracking().OrderBy(m => m.MarkedAt).ThenBy(m => m.Id).ToListAsync(cancellation)).ToLookup(m => m.StudentId);
        var students = await db.Students.AsNoTracking().Include(s => s.Rank).Include(s => s.TrainingClass).OrderBy(s => s.Name).ThenBy(s => s.Id).ToListAsync(cancellation);
        var applications = await db.Applications.AsNoTracking().Include(a => a.Links).OrderBy(a => a.Name).ThenBy(a => a.Id).ToListAsync(cancellation);
        var document = new SchoolDocument
        {
            Name = school.Name,
            Tradition = school.Tradition,
            Directions = school.Directions,
            StanceSet = school.StanceSet,
            StanceChanges = VocabularyCache.StanceChangesOf(school.StanceChanges),
            Ranks = await db.Ranks.OrderBy(r => r.Order).Select(r => r.Name).ToArrayAsync(cancellation),
            Classes = await db.TrainingClasses.OrderBy(c => c.Order).Select(c => c.Name).ToArrayAsync(cancellation),
            Terms = await db.Terms.OrderBy(t => t.TermId).Select(t => new SchoolTermDocument(t.TermId, t.Name, t.Words, t.Hidden, t.Like)).ToArrayAsync(cancellation),
            Forms = forms.Select(f => new SchoolFormDocument(files[f.Row.Id], f.SharedFrom, f.Row.ArchivedAt is not null,
                saves.ContainsKey(HistoryOf(files[f.Row.Id])) ? HistoryOf(files[f.Row.Id]) : null)).ToArray(),
            Students = students.Select(s => new StudentDocument(s.Name, s.Rank?.Name, s.TrainingClass?.Name, s.HeightCm, s.LeftAt is not null,
                Measured: new MeasuredParts(s.ShoulderCm, s.FootCm, s.ArmCm, s.LegCm) is var tape && tape == new MeasuredParts() ? null : tape,
                Marks: marks[s.Id].Select(m => new MarkDocument(files[m.FormId], m.SectionId, m.Step, m.MarkedAt, m.MarkedBy, m.WithdrawnAt)).ToArray())).ToArray(),
            Applications = applications.Select(a => new ApplicationDocument(a.Name, a.AttackKind, a.AttackSide, a.AttackLevel,
                a.Steps.Select(s => new ApplicationStepDocument(s.Who, s.Text)).ToArray(), a.Risks, a.Note,
                a.Links.Select(l => new ApplicationLinkDocument(files[l.FormId], l.FirstMove, l.LastMove)).ToArray(), a.ArchivedAt is not null)).ToArray(),
        };
        var read = forms.ToDictionary(f => files[f.Row.Id], f => FormDocuments.Read(Json.ReadForm(f.Document), vocabulary));
        return TypedResults.File(new SchoolArchive(document, read, saves).Write(), "application/zip", $"{FileNames.Plain(school.Name, "school")}-{clock.GetUtcNow():yyyy-MM-dd}.zip");
    }

    private static string HistoryOf(string file) => file.Replace("forms/", "saves/", StringComparison.Ordinal);

    private static async Task<Ok<TakenInResponse>> Import(Stream body, HeronDb db, ClaimsPrincipal person, SchoolWays ways, TimeProvider clock, CancellationToken cancellation)
    {
        using var memory = new MemoryStream();
        await body.CopyToAsync(memory, cancellation);
        var own = await ways.OwnTerms(cancellation);
        var words = new IncomingTerms(own, (await ways.Get(cancellation)).Vocabulary);
        var archive = SchoolArchive.Read(memory.ToArray(), words.VocabularyWith);
        var taken = new IncomingSchool(db, person, clock, archive);
        // One save: all of it or nothing.
        var response = await taken.Add(words.Rows(archive.School), words.Notes, cancellation);
        return TypedResults.Ok(response);
    }
}
