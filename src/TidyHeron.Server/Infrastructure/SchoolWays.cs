using System.Collections.Concurrent;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Store;

namespace TidyHeron.Server.Infrastructure;

/// <summary>
/// Vocabularies that have been laid out, by what is in them: laying one out takes tens of milliseconds, and schools
/// change their words rarely. Another server with the same database makes its own.
/// </summary>
public sealed class VocabularyCache
{
    private const int Most = 200;
    private readonly ConcurrentDictionary<(ValueList<SchoolTerm>, string, string), (Vocabulary, StanceSet)> _laidOut = new();

    /// <param name="own">The school's own words.</param>
    /// <param name="set">Its set of stance shapes.</param>
    /// <param name="changes">What it changes about single stances, as JSON.</param>
    public (Vocabulary Vocabulary, StanceSet Stances) For(ValueList<SchoolTerm> own, string set, string changes)
    {
        if (_laidOut.Count > Most) _laidOut.Clear();
        return _laidOut.GetOrAdd((own, set, changes), key =>
            SchoolTerms.Over(Vocabulary.Standard, StanceSchool.Of(key.Item2, StanceChangesOf(key.Item3)), key.Item1));
    }

    /// <summary>What a school changes about single stances.</summary>
    public static Dictionary<string, StanceChange> StanceChangesOf(string json) => JsonSerializer.Deserialize<Dictionary<string, StanceChange>>(json, Json.Options) ?? [];
}

/// <summary>The ways of the school that the request is about, read once a request.</summary>
public sealed class SchoolWays(HeronDb db, CurrentSchool school, VocabularyCache vocabularies)
{
    private Conventions? _ways;

    public async Task<Conventions> Get(CancellationToken cancellation)
    {
        if (_ways is { } known) return known;
        var row = await db.Schools.AsNoTracking().SingleAsync(s => s.Id == school.Id, cancellation);
        var (vocabulary, stances) = vocabularies.For(await OwnTerms(cancellation), row.StanceSet, row.StanceChanges);
        return _ways = new Conventions(vocabulary, stances, row.Tradition, row.Directions);
    }

    /// <summary>The words that the school has changed or added.</summary>
    public async Task<ValueList<SchoolTerm>> OwnTerms(CancellationToken cancellation) =>
        (await db.Terms.AsNoTracking().OrderBy(t => t.TermId).ToListAsync(cancellation))
        .Select(t => new SchoolTerm(new TermId(t.TermId), t.Name, t.Words.ToValueList(), t.Hidden, t.Like is { } like ? new TermId(like) : null)).ToValueList();
}
