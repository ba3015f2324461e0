using Microsoft.AspNetCore.Http.HttpResults;
using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;

namespace TidyHeron.Server.Readings;

/// <param name="Form">The form.</param>
/// <param name="HeightCm">Stature of the performer, 80 to 230 cm.</param>
public sealed record ReadingsRequest(FormDocument Form, double HeightCm = BodyMeasures.ReferenceStatureCm);

/// <param name="Form">The form to edit.</param>
/// <param name="Edits">Edits, applied in order.</param>
/// <param name="HeightCm">Stature of the performer, 80 to 230 cm.</param>
public sealed record EditsRequest(FormDocument Form, IReadOnlyList<EditDocument> Edits, double HeightCm = BodyMeasures.ReferenceStatureCm);

/// <param name="Form">The form after the edits.</param>
/// <param name="Readings">What is computed from it.</param>
public sealed record EditsResponse(FormDocument Form, ReadingsResponse Readings);

/// <summary>What is computed from a form, and edits of it: pure computations that store nothing.</summary>
public static class ReadingsEndpoints
{
    public static void MapReadings(this IEndpointRouteBuilder api)
    {
        api.MapPost("/readings", Read).WithName("readForm").WithTags("Readings").WithMetadata(new NoTokenNeeded());
        api.MapPost("/edits", Edit).WithName("editForm").WithTags("Readings").WithMetadata(new NoTokenNeeded());
    }

    private static async Task<Ok<ReadingsResponse>> Read(ReadingsRequest request, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        return TypedResults.Ok(ReadingsResponse.From(FormReading.Of(FormDocuments.Read(request.Form, ways.Vocabulary), Performer.Of(request.HeightCm), ways)));
    }

    private static async Task<Ok<EditsResponse>> Edit(EditsRequest request, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var form = FormDocuments.Read(request.Form, ways.Vocabulary);
        new Validation().Check("edits", request.Edits.All(e => e is not (AgainDocument { Times: < 1 or > 99 } or OtherSideDocument { Times: < 1 or > 99 })), "Repeat 1 to 99 times.")
            .Check("edits", request.Edits.OfType<AcceptFindingDocument>().All(e => !string.IsNullOrWhiteSpace(e.Reason)), "Say why the finding may stand.").Throw();
        form = request.Edits.Select(e => EditDocuments.Read(e, ways)).Aggregate(form, (f, edit) => edit.Apply(f));
        // What an edit carries in is checked like any document.
        var document = FormDocuments.Write(form);
        FormDocuments.Read(document, ways.Vocabulary);
        return TypedResults.Ok(new EditsResponse(document, ReadingsResponse.From(FormReading.Of(form, Performer.Of(request.HeightCm), ways))));
    }
}
