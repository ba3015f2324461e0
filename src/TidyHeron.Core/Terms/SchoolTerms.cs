using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Terms;

/// <summary>What a school changes about a term, or a term of its own.</summary>
/// <param name="Id">A known term, or a new name.</param>
/// <param name="Name">What the school calls it; none keeps the name.</param>
/// <param name="Words">Further words that mean it here.</param>
/// <param name="Hidden">Left out of the lists to pick from; still understood, so that no form loses a word.</param>
/// <param name="Like">For a term of the school's own, the known term that it is done like.</param>
public sealed record SchoolTerm(TermId Id, string? Name, ValueList<string> Words, bool Hidden, TermId? Like);

/// <summary>Lays a school's own words over the standard vocabulary.</summary>
public static class SchoolTerms
{
    /// <summary>The vocabulary and the stance shapes of a school.</summary>
    public static (Vocabulary Vocabulary, StanceSet Stances) Over(Vocabulary standard, StanceSet stances, IReadOnlyCollection<SchoolTerm> own)
    {
        if (own.Count == 0) return (standard, stances);
        var terms = own.Select(o => Merge(standard, o)).OfType<Term>().ToList();
        var shapes = own.Where(o => o.Like is not null && standard.Find(o.Id) is null).Select(o => (o.Id, o.Like!.Value));
        return (standard.With(terms), stances.With(shapes));
    }

    private static Term? Merge(Vocabulary standard, SchoolTerm own)
    {
        if (standard.Find(own.Id) is { } known)
            return known with
            {
                // The school's name is shown in every tradition; the others stay understood.
                English = own.Name ?? known.English,
                Names = own.Name is null ? known.Names : new Dictionary<Tradition, string>(),
                Aliases = [.. known.Aliases, .. own.Words, .. own.Name is null ? [] : known.Names.Values.Append(known.English)],
            };
        return own.Like is { } like && standard.Find(like) is { } model
            ? model with { Id = own.Id, English = own.Name ?? own.Id.Value.Replace('-', ' '), Names = new Dictionary<Tradition, string>(), Aliases = [.. own.Words] }
            : null;
    }
}
