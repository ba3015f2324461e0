using System.Security.Claims;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Formats.Exports;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;

namespace TidyHeron.Server.Forms;

/// <summary>Open formats a form is written as.</summary>
public enum ExportFormat { Json, Csv, Md, Txt }

/// <param name="As">"json" for a form document, "csv" for a table of moves.</param>
/// <param name="Content">The file's text.</param>
/// <param name="Title">Name of the form; a table has none of its own.</param>
public sealed record ImportFormRequest(ExportFormat As, string Content, string? Title = null);

/// <summary>Forms out and in, in open formats.</summary>
public static class ExchangeEndpoints
{
    public static void MapExchange(this IEndpointRouteBuilder forms)
    {
        forms.MapGet("/{id:guid}/export", Export).WithName("exportForm");
        forms.MapPost("/import", Import).WithName("importForm").RequireAuthorization(SignIn.Instructors);
    }

    /// <summary>The JSON Schema of form documents, served to anyone.</summary>
    public static void MapSchemas(this IEndpointRouteBuilder app) =>
        app.MapGet("/schemas/form-1.json", () => Results.Text(FormSchema.Text, "application/schema+json")).AllowAnonymous().ExcludeFromDescription();

    private static async Task<Results<FileContentHttpResult, NotFound>> Export(Guid id, HeronDb db, ClaimsPrincipal person, SchoolWays school, CancellationToken cancellation, string @as = "json")
    {
        new Validation().Check("as", Enum.TryParse<ExportFormat>(@as, ignoreCase: true, out var format) && Enum.IsDefined(format), "Write json, csv, md or txt.").Throw();
        var stored = await db.VisibleForms(person).Where(f => f.Id == id)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => r.Document)
            .SingleOrDefaultAsync(cancellation);
        if (stored is null) return TypedResults.NotFound();
        var ways = await school.Get(cancellation);
        var form = FormDocuments.Read(Json.ReadForm(stored), ways.Vocabulary);
        var (text, type) = format switch
        {
            ExportFormat.Csv => (MoveTable.Write(form), "text/csv"),
            ExportFormat.Md => (CallSheet.Markdown(FormReading.Of(form, BodyMeasures.Reference, ways)), "text/markdown"),
            ExportFormat.Txt => (CallSheet.Text(FormReading.Of(form, BodyMeasures.Reference, ways)), "text/plain"),
            _ => (JsonSerializer.Serialize(FormDocuments.Write(form), new JsonSerializerOptions(Json.Options) { WriteIndented = true }), "application/json"),
        };
        return TypedResults.File(Encoding.UTF8.GetBytes(text), type + "; charset=utf-8", $"{FileNames.Plain(form.Title, "form")}.{format.ToString().ToLowerInvariant()}");
    }

    private static async Task<Created<SavedIdResponse>> Import(ImportFormRequest request, HeronDb db, ClaimsPrincipal person, SchoolWays school, TimeProvider clock, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        new Validation().Check("as", request.As is ExportFormat.Json or ExportFormat.Csv, "Read \"json\" (a form document) or \"csv\" (a table of moves).").Throw();
        var form = request.As == ExportFormat.Csv ? MoveTable.Read(request.Content, request.Title ?? "", ways.Vocabulary) : FormDocuments.Read(ReadJson(request.Content), ways.Vocabulary);
        if (!string.IsNullOrWhiteSpace(request.Title)) form = form with { Title = request.Title.Trim() };
        new Validation().Text("title", form.Title, 200, "Give the form a name.").Throw();
        return await FormEndpoints.AddForm(form, db, person, clock, cancellation);
    }

    private static FormDocument ReadJson(string text)
    {
        try
        {
            return Json.ReadForm(text);
        }
        catch (JsonException bad)
        {
            var place = bad.Path is { Length: > 2 } path ? $", {path[2..]}" : "";
            throw new BadDocumentException(new Dictionary<string, string[]> { [$"line {bad.LineNumber + 1}{place}"] = [bad.Message.Split(" Path:")[0]] });
        }
    }
}
