using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Versions;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;

namespace TidyHeron.Server.Forms;

/// <param name="Count">Its number; 0 without one.</param>
/// <param name="Words">The move in words.</param>
public sealed record ComparedMove(int Count, string Words);

/// <param name="First">The move in the first form; none if it is only in the second.</param>
/// <param name="Second">The move in the second form; none if it is only in the first.</param>
/// <param name="Differences">What differs, in words.</param>
public sealed record ComparedLine(ComparedMove? First, ComparedMove? Second, Likeness Likeness, IReadOnlyList<string> Differences);

/// <param name="Cost">What the alignment costs; no other costs less.</param>
public sealed record ComparisonResponse(string FirstTitle, string SecondTitle, IReadOnlyList<ComparedLine> Lines, int Cost);

/// <param name="FirstCount">Count at which the passage begins in the first form.</param>
/// <param name="Length">How many moves it has.</param>
/// <param name="Mirrored">Whether the second is the mirror image of the first.</param>
public sealed record PassageResponse(Guid FirstForm, string FirstTitle, string FirstMove, int FirstCount, Guid SecondForm, string SecondTitle, string SecondMove, int SecondCount, int Length, bool Mirrored);

/// <param name="Kind">added, takenOut, rewritten or moved.</param>
/// <param name="Words">What was done, in words.</param>
public sealed record ChangeResponse(ChangeKind Kind, int Count, string Words);

/// <param name="Move">Id of the move; none where it is about the form as a whole.</param>
/// <param name="Part">What both changed, in words.</param>
/// <param name="Mine">The move with my part; none if I took it out.</param>
/// <param name="Theirs">The move with their part; none if they took it out.</param>
public sealed record ClashResponse(string? Move, string Part, MoveDocument? Mine, string MineWords, MoveDocument? Theirs, string TheirsWords);

/// <summary>Two people's work in one form; nothing is saved by asking for it.</summary>
/// <param name="Revision">The newest saved revision, on which a save of the merged form is based.</param>
/// <param name="Merged">The merged form; where both changed the same part, with mine.</param>
/// <param name="Mine">What I changed since the revision that I opened.</param>
/// <param name="Theirs">What was saved meanwhile.</param>
/// <param name="Clashes">Parts that both changed.</param>
public sealed record MergeResponse(int Revision, string SavedBy, DateTimeOffset SavedAt, FormDocument Merged, IReadOnlyList<ChangeResponse> Mine,
    IReadOnlyList<ChangeResponse> Theirs, IReadOnlyList<ClashResponse> Clashes);

/// <summary>Versions side by side, merging, and passages that occur twice.</summary>
public static class VersionEndpoints
{
    public static void MapVersions(this IEndpointRouteBuilder forms)
    {
        forms.MapGet("/compare", Compare).WithName("compareForms");
        forms.MapPost("/{id:guid}/merge", MergeWith).WithName("mergeForm").RequireAuthorization(SignIn.Instructors);
        forms.MapGet("/passages", FindPassages).WithName("findPassages").RequireAuthorization(SignIn.Instructors);
    }

    private static async Task<Results<Ok<ComparisonResponse>, NotFound>> Compare(Guid first, Guid second, int? firstRevision, int? secondRevision, HeronDb db, ClaimsPrincipal person, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        if (await Load(first, firstRevision) is not { } a || await Load(second, secondRevision) is not { } b) return TypedResults.NotFound();
        var (x, y) = (FormReading.Of(a, BodyMeasures.Reference, ways), FormReading.Of(b, BodyMeasures.Reference, ways));
        var comparison = Alignment.Of(a, b, ways);
        return TypedResults.Ok(new ComparisonResponse(a.Title, b.Title, comparison.Moves.Select(m => new ComparedLine(Describe(x, m.First), Describe(y, m.Second), m.Likeness, m.Differences)).ToArray(), comparison.Cost));

        async Task<Form?> Load(Guid id, int? revision)
        {
            // Only instructors read earlier revisions.
            var wanted = person.IsInstructor ? revision : null;
            var document = await db.VisibleForms(person).Where(f => f.Id == id)
                .Join(db.FormRevisions, f => f.Id, r => r.FormId, (f, r) => new { f.Revision, r.Number, r.Document })
                .Where(r => r.Number == (wanted ?? r.Revision)).Select(r => r.Document).SingleOrDefaultAsync(cancellation);
            return document is null ? null : FormDocuments.Read(Json.ReadForm(document), ways.Vocabulary);
        }

        ComparedMove? Describe(FormReading reading, int? at) => at is { } i ? new ComparedMove(reading.Counts[i], Speech.Say(reading.Form.Moves[i], ways)) : null;
    }

    private static async Task<Results<Ok<MergeResponse>, NotFound>> MergeWith(Guid id, SaveFormRequest request, HeronDb db, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var mine = FormDocuments.Read(request.Form, ways.Vocabulary);
        var revisions = await db.Forms.Where(f => f.Id == id)
            .Join(db.FormRevisions, f => f.Id, r => r.FormId, (f, r) => new { f.Revision, Saved = r })
            .Where(r => r.Saved.Number == r.Revision || r.Saved.Number == request.BasedOn).Select(r => r.Saved).AsNoTracking().ToListAsync(cancellation);
        if (revisions.Count == 0 || revisions.All(r => r.Number != request.BasedOn)) return TypedResults.NotFound();
        var newest = revisions.MaxBy(r => r.Number)!;
        Form Read(int number) => FormDocuments.Read(Json.ReadForm(revisions.First(r => r.Number == number).Document), ways.Vocabulary);
        var (origin, theirs) = (Read(request.BasedOn), Read(newest.Number));
        var merged = Merge.Of(origin, mine, theirs);
        ChangeResponse[] Told(Form later) => Changes.Between(origin, later, ways).Select(c => new ChangeResponse(c.Kind, c.Count, c.Words)).ToArray();
        string Words(Move? move) => move is null ? "taken out" : Speech.Say(move, ways.For(mine));
        return TypedResults.Ok(new MergeResponse(newest.Number, newest.SavedBy, newest.SavedAt, FormDocuments.Write(merged.Form), Told(mine), Told(theirs),
            merged.Clashes.Select(c => new ClashResponse(c.Move?.Value, c.Part, Document(c.Mine), c.Move is null ? "" : Words(c.Mine), Document(c.Theirs), c.Move is null ? "" : Words(c.Theirs))).ToArray()));

        static MoveDocument? Document(Move? move) => move is null ? null : FormDocuments.Write(move);
    }

    private static async Task<Ok<PassageResponse[]>> FindPassages(HeronDb db, SchoolWays school, CancellationToken cancellation, Guid? formId = null, int least = 3)
    {
        new Validation().Check("least", least is >= 2 and <= 50, "Look for passages of 2 to 50 moves.").Throw();
        var ways = await school.Get(cancellation);
        var rows = await db.Forms.Where(f => f.ArchivedAt == null).OrderBy(f => f.Order)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => new { f.Id, r.Document }).ToListAsync(cancellation);
        var forms = rows.Select(r => FormDocuments.Read(Json.ReadForm(r.Document), ways.Vocabulary)).ToArray();
        var counts = forms.Select(Counts.Of).ToArray();
        return TypedResults.Ok(Passages.Find(forms, least).Where(p => formId is null || rows[p.FirstForm].Id == formId || rows[p.SecondForm].Id == formId).Take(100).Select(p => new PassageResponse(
            rows[p.FirstForm].Id, forms[p.FirstForm].Title, forms[p.FirstForm].Moves[p.First].Id.Value, counts[p.FirstForm][p.First],
            rows[p.SecondForm].Id, forms[p.SecondForm].Title, forms[p.SecondForm].Moves[p.Second].Id.Value, counts[p.SecondForm][p.Second], p.Length, p.Mirrored)).ToArray());
    }
}
