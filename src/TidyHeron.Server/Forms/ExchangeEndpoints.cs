using System.Security.Claims;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Timing;
using TidyHeron.Formats;
using TidyHeron.Formats.Exports;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;
using TidyHeron.Store;

namespace TidyHeron.Server.Forms;

/// <summary>Open formats a form is written as.</summary>
public enum ExportFormat
{
    Json, Csv, Md, Txt,
    /// <summary>The floor as SVG in true scale.</summary>
    Floor,
    /// <summary>The figures as an SVG sheet.</summary>
    Figures,
    /// <summary>WebVTT cues for a video.</summary>
    Vtt,
    /// <summary>The times as CSV.</summary>
    Times,
    /// <summary>The caller as WAV.</summary>
    Wav,
}

/// <summary>How a count track calls.</summary>
public enum Called
{
    Clicks,
    /// <summary>The numbers aloud, in the school's tradition.</summary>
    Numbers,
}

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

    private static async Task<Results<FileContentHttpResult, NotFound>> Export(Guid id, HeronDb db, ClaimsPrincipal person, SchoolWays school, CancellationToken cancellation, string @as = "json", double heightCm = BodyMeasures.ReferenceStatureCm, string pace = "class", double speed = 1, string? section = null, string view = "threeQuarter", string called = "clicks")
    {
        var format = Choice<ExportFormat>("as", @as);
        var timed = Choice<Pace>("pace", pace);
        var seen = Choice<FigureView>("view", view);
        var caller = Choice<Called>("called", called);
        new Validation().Check("speed", speed is >= 0.25 and <= 4, "Give a speed from 0.25 to 4.").Throw();
        var body = Performer.Of(heightCm);
        var stored = await db.VisibleForms(person).Where(f => f.Id == id)
            .Join(db.FormRevisions, f => new { FormId = f.Id, Number = f.Revision }, r => new { r.FormId, r.Number }, (f, r) => r.Document)
            .SingleOrDefaultAsync(cancellation);
        if (stored is null) return TypedResults.NotFound();
        var ways = await school.Get(cancellation);
        var form = FormDocuments.Read(Json.ReadForm(stored), ways.Vocabulary);
        var reading = FormReading.Of(form, body, ways);
        var (first, last) = Span(reading, section);
        if (format == ExportFormat.Wav)
            return TypedResults.File(CountTrack.Wav(reading, Timeline.Of(reading, timed, speed), caller == Called.Numbers ? CountVoice.Of(ways.Tradition) : null), "audio/wav", $"{FileNames.Plain(form.Title, "form")}.wav", enableRangeProcessing: true);
        var (text, type) = format switch
        {
            ExportFormat.Floor => (FloorDrawing.Svg(reading, first, last), "image/svg+xml"),
            ExportFormat.Figures => (FigureSheet.Svg(reading, seen, first, last), "image/svg+xml"),
            ExportFormat.Vtt => (Timings.WebVtt(reading, Timeline.Of(reading, timed, speed)), "text/vtt"),
            ExportFormat.Times => (Timings.Csv(reading, Timeline.Of(reading, timed, speed)), "text/csv"),
            ExportFormat.Csv => (MoveTable.Write(form), "text/csv"),
            ExportFormat.Md => (CallSheet.Markdown(reading), "text/markdown"),
            ExportFormat.Txt => (CallSheet.Text(reading), "text/plain"),
            _ => (JsonSerializer.Serialize(FormDocuments.Write(form), new JsonSerializerOptions(Json.Options) { WriteIndented = true }), "application/json"),
        };
        return TypedResults.File(Encoding.UTF8.GetBytes(text), type + "; charset=utf-8", $"{FileNames.Plain(form.Title, "form")}{Ending(format)}");
    }

    private static string Ending(ExportFormat format) => format switch
    {
        ExportFormat.Floor => "-floor.svg",
        ExportFormat.Figures => "-figures.svg",
        ExportFormat.Times => "-times.csv",
        _ => "." + format.ToString().ToLowerInvariant(),
    };

    private static T Choice<T>(string field, string text) where T : struct, Enum
    {
        var good = Enum.TryParse<T>(text, ignoreCase: true, out var value) && Enum.IsDefined(value) && !char.IsDigit(text[0]);
        new Validation().Check(field, good, $"Write one of {string.Join(", ", Enum.GetNames<T>().Select(n => char.ToLowerInvariant(n[0]) + n[1..]))}.").Throw();
        return value;
    }

    /// <summary>The moves of a section, or of the whole form where none is named.</summary>
    private static (int First, int Last) Span(FormReading reading, string? section)
    {
        if (section is null) return (0, reading.Form.Moves.Count - 1);
        var span = reading.Sections.Where(s => s.Section.Id.Value == section).ToList();
        new Validation().Check("section", span.Count == 1, "The form has no such section.").Throw();
        return (span[0].First, span[0].Last);
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
