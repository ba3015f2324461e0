using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;

namespace TidyHeron.Server.People;

/// <param name="About">What is different in it.</param>
public sealed record StanceSetResponse(string Id, string Name, string About);

/// <summary>One stance as the school stands in it; lengths as they are written, such as "1.5 shoulders".</summary>
/// <param name="Length">Along the heading, between the middles of the feet.</param>
/// <param name="Width">Across the heading.</param>
/// <param name="Depth">Height of the hips as a part of their height in standing.</param>
/// <param name="Changed">Whether the school itself changed something about it.</param>
public sealed record StanceResponse(string Id, string Name, FeetKind Feet, string Length, string Width, int LeadWeight, int LeadOut, int RearOut, double Depth, string Source, bool Changed);

public sealed record StancesResponse(string Set, IReadOnlyList<StanceSetResponse> Sets, IReadOnlyDictionary<string, StanceChange> Changes, IReadOnlyList<StanceResponse> Stances);

/// <param name="Set">One of the sets.</param>
/// <param name="Changes">What the school changes about single stances, by id; what is missing is as the set has it.</param>
public sealed record StancesRequest(string Set, IReadOnlyDictionary<string, StanceChange>? Changes = null);

/// <summary>How large the school's stances are.</summary>
public static class StanceEndpoints
{
    public static void MapStances(this IEndpointRouteBuilder people)
    {
        people.MapGet("/school/stances", Get).WithName("getStances");
        people.MapPut("/school/stances", Change).WithName("changeStances").RequireAuthorization(SignIn.HeadOnly);
    }

    private static async Task<Ok<StancesResponse>> Get(HeronDb db, CurrentSchool current, SchoolWays school, CancellationToken cancellation)
    {
        var row = await db.Schools.AsNoTracking().SingleAsync(s => s.Id == current.Id, cancellation);
        var ways = await school.Get(cancellation);
        var changes = VocabularyCache.StanceChangesOf(row.StanceChanges);
        return TypedResults.Ok(new StancesResponse(row.StanceSet, StanceSchool.All.Select(s => new StanceSetResponse(s.Id, s.Name, s.About)).ToArray(), changes,
            ways.Vocabulary.Terms.Where(t => t.Kind == TermKind.Stance).Select(t =>
            {
                var shape = ways.Stances.Of(t.Id);
                return new StanceResponse(t.Id.Value, t.In(ways.Tradition), shape.Feet, shape.Length.ToString(), shape.Width.ToString(), shape.LeadWeight, shape.LeadOut, shape.RearOut, shape.Depth, shape.Source, changes.ContainsKey(t.Id.Value));
            }).ToArray()));
    }

    private static async Task<NoContent> Change(StancesRequest request, HeronDb db, CurrentSchool current, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var validation = new Validation().Check("set", StanceSchool.All.Any(s => s.Id == request.Set), "Choose one of the sets.");
        foreach (var (id, change) in request.Changes ?? new Dictionary<string, StanceChange>())
        {
            if (ways.Vocabulary.Find(id, TermKind.Stance) is null)
            {
                validation.Wrong($"changes.{id}", "There is no such stance.");
                continue;
            }
            try
            {
                change.Over(ways.Stances.Of(new TermId(id)));
            }
            catch (FormatException wrong)
            {
                validation.Wrong($"changes.{id}", wrong.Message);
            }
            validation.AtMost($"changes.{id}", change.Source, 200);
        }
        validation.Throw();
        var row = await db.Schools.SingleAsync(s => s.Id == current.Id, cancellation);
        (row.StanceSet, row.StanceChanges) = (request.Set, JsonSerializer.Serialize(request.Changes ?? new Dictionary<string, StanceChange>(), Json.Options));
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }
}
