using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Terms;

/// <param name="Id">What documents call it.</param>
/// <param name="Name">The school's word.</param>
/// <param name="Names">Its names by tradition, English first.</param>
/// <param name="Family">Receiving, punch, kick and so on; empty for stances and footwork.</param>
/// <param name="Limb">"hand", "both" or "foot"; empty for stances and footwork.</param>
/// <param name="Feet">For a stance, whether a foot leads.</param>
/// <param name="Size">For a stance, its measures and their source.</param>
/// <param name="OwnWords">Words that the school itself has added.</param>
/// <param name="OwnName">The school's own name for it; none if it keeps the standard one.</param>
/// <param name="Hidden">Left out of the lists to pick from.</param>
/// <param name="Own">Whether the term is the school's own.</param>
public sealed record TermResponse(string Id, TermKind Kind, string Name, IReadOnlyDictionary<string, string> Names, IReadOnlyList<string> Aliases,
    string Family, string Limb, Level? DefaultLevel, FeetKind? Feet, string Size,
    IReadOnlyList<string> OwnWords, string? OwnName, bool Hidden, bool Own);

/// <param name="Name">The school's name; none keeps the standard one.</param>
/// <param name="Words">Further words that mean it here.</param>
/// <param name="Hidden">Whether to leave it out of the lists to pick from.</param>
public sealed record ChangeTermRequest(string? Name = null, IReadOnlyList<string>? Words = null, bool Hidden = false);

/// <param name="Name">What the school calls it.</param>
/// <param name="Like">The known term that it is done like.</param>
public sealed record AddTermRequest(string Name, string Like);

/// <param name="Word">A word that was not understood.</param>
/// <param name="Means">The term that it means here.</param>
public sealed record TeachWordRequest(string Word, string Means);

/// <summary>The vocabulary.</summary>
public static class TermsEndpoints
{
    public static void MapTerms(this IEndpointRouteBuilder api)
    {
        var terms = api.MapGroup("/terms").WithTags("Terms");
        terms.MapGet("", List).WithName("listTerms");
        terms.MapPost("", Add).WithName("addTerm").RequireAuthorization(SignIn.Instructors);
        terms.MapPut("/{id}", Change).WithName("changeTerm").RequireAuthorization(SignIn.Instructors);
        terms.MapPost("/teach", Teach).WithName("teachWord").RequireAuthorization(SignIn.Instructors);
    }

    private static async Task<Ok<TermResponse[]>> List(SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var own = (await school.OwnTerms(cancellation)).ToDictionary(t => t.Id);
        return TypedResults.Ok(ways.Vocabulary.Terms.Select(term =>
        {
            var mine = own.GetValueOrDefault(term.Id);
            var names = new Dictionary<string, string> { ["english"] = term.English };
            foreach (var (tradition, name) in term.Names) names[tradition.ToString().ToLowerInvariant()] = name;
            var shape = term.Kind == TermKind.Stance ? ways.Stances.Of(term.Id) : null;
            return new TermResponse(term.Id.Value, term.Kind, term.In(ways.Tradition), names, term.Aliases, term.Family, term.Limb, term.DefaultLevel,
                shape?.Feet, shape is null ? "" : Size(shape),
                [.. mine?.Words ?? []], mine?.Name, mine?.Hidden ?? false, Vocabulary.Standard.Find(term.Id) is null);
        }).ToArray());
    }

    private static async Task<Ok<string>> Add(AddTermRequest request, HeronDb db, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var validation = new Validation().Text("name", request.Name, 80, "Write the school's name for it.")
            .Check("like", Vocabulary.Standard.Find(new TermId(request.Like)) is not null, "Choose the known term that it is done like.");
        Free(validation, "name", request.Name, ways, except: null);
        var id = new string([.. Spelling.Plain(request.Name ?? "").Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-')]).Trim('-');
        if (id.Length > 0 && ways.Vocabulary.Find(new TermId(id)) is not null) validation.Wrong("name", "There is a term of this name already.");
        validation.Check("name", id.Length > 0, "Use at least one letter or digit.").Throw();
        db.Terms.Add(new StoredTerm { TermId = id, Name = request.Name!.Trim(), Like = request.Like });
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(id);
    }

    private static async Task<Results<NoContent, NotFound>> Change(string id, ChangeTermRequest request, HeronDb db, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        if (ways.Vocabulary.Find(new TermId(id)) is not { } term) return TypedResults.NotFound();
        var words = (request.Words ?? []).Select(w => w.Trim()).Where(w => w.Length > 0).Distinct().ToList();
        var validation = new Validation().AtMost("name", request.Name, 80).Check("words", words.Count <= 50, "At most 50 words.");
        if (!string.IsNullOrWhiteSpace(request.Name)) Free(validation, "name", request.Name, ways, term);
        foreach (var word in words) Free(validation.AtMost("words", word, 80), "words", word, ways, term);
        validation.Throw();
        var row = await Row(id, db, cancellation);
        (row.Name, row.Words, row.Hidden) = (string.IsNullOrWhiteSpace(request.Name) ? null : request.Name.Trim(), words, request.Hidden);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    /// <summary>"This means …": an unread word becomes one more word for a term.</summary>
    private static async Task<NoContent> Teach(TeachWordRequest request, HeronDb db, SchoolWays school, CancellationToken cancellation)
    {
        var ways = await school.Get(cancellation);
        var validation = new Validation().Text("word", request.Word, 80, "Write the word that is to be understood.");
        var term = ways.Vocabulary.Find(new TermId(request.Means));
        validation.Check("means", term is not null, "Choose the term that the word means.");
        if (term is not null) Free(validation, "word", request.Word, ways, term);
        validation.Throw();
        var row = await Row(request.Means, db, cancellation);
        if (!row.Words.Contains(request.Word.Trim())) row.Words = [.. row.Words, request.Word.Trim()];
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<StoredTerm> Row(string id, HeronDb db, CancellationToken cancellation)
    {
        if (await db.Terms.SingleOrDefaultAsync(t => t.TermId == id, cancellation) is { } row) return row;
        row = new StoredTerm { TermId = id };
        db.Terms.Add(row);
        return row;
    }

    /// <summary>A word that already means something else would make what is said ambiguous.</summary>
    private static void Free(Validation validation, string field, string? word, Conventions ways, Term? except)
    {
        if (word is null || ways.Vocabulary.MeaningOf(word) is not { } meaning || meaning.Term is { } term && term.Id == except?.Id) return;
        validation.Wrong(field, meaning.Term is { } other
            ? $"\"{word}\" means {other.English} already. Take it away there first, or use another word."
            : $"\"{word}\" is one of the words that hold sentences together. Use another one.");
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
