using Microsoft.AspNetCore.Http.HttpResults;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Server.Infrastructure;

namespace TidyHeron.Server.Terms;

/// <param name="Id">What documents call it.</param>
/// <param name="Name">The school's word.</param>
/// <param name="Names">Its names by tradition, English first.</param>
/// <param name="Family">Receiving, punch, kick and so on; empty for stances and footwork.</param>
/// <param name="Limb">"hand", "both" or "foot"; empty for stances and footwork.</param>
/// <param name="Feet">For a stance, whether a foot leads.</param>
/// <param name="Size">For a stance, its measures and their source.</param>
public sealed record TermResponse(string Id, TermKind Kind, string Name, IReadOnlyDictionary<string, string> Names, IReadOnlyList<string> Aliases,
    string Family, string Limb, Level? DefaultLevel, FeetKind? Feet, string Size);

/// <summary>The vocabulary.</summary>
public static class TermsEndpoints
{
    public static void MapTerms(this IEndpointRouteBuilder api) =>
        api.MapGet("/terms", List).WithName("listTerms").WithTags("Terms");

    private static async Task<Ok<TermResponse[]>> List(SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        return TypedResults.Ok(ways.Vocabulary.Terms.Select(term =>
        {
            var names = new Dictionary<string, string> { ["english"] = term.English };
            foreach (var (tradition, name) in term.Names) names[tradition.ToString().ToLowerInvariant()] = name;
            var shape = term.Kind == TermKind.Stance ? ways.Stances.Of(term.Id) : null;
            return new TermResponse(term.Id.Value, term.Kind, term.In(ways.Tradition), names, term.Aliases, term.Family, term.Limb, term.DefaultLevel,
                shape?.Feet, shape is null ? "" : Size(shape));
        }).ToArray());
    }

    private static string Size(StanceShape shape)
    {
        string Length(BodyLength length) => FormattableString.Invariant($"{length.Amount:0.##} ") + length.Unit switch
        {
            BodyUnit.Shoulders => "shoulder widths",
            BodyUnit.Hips => "hip widths",
            BodyUnit.Feet => "foot lengths",
            BodyUnit.CmAtReference => "cm at 175 cm tall",
            _ => "cm",
        };
        var weight = shape.Feet == FeetKind.Lead ? $", weight {shape.LeadWeight}/{100 - shape.LeadWeight} front/rear" : "";
        return (shape.Feet == FeetKind.Lead ? $"{Length(shape.Length)} long, {Length(shape.Width)} wide" : $"{Length(shape.Width)} wide") + $"{weight}. {shape.Source}.";
    }
}
