using System.Collections.Concurrent;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Store;

namespace TidyHeron.Server.Infrastructure;

/// <summary>
/// Vocabularies that have been laid out, by what is in them: laying one out takes tens of milliseconds, and schools
/// change their words rarely. Another server with the same database makes its own.
/// </summary>
public sealed class VocabularyCache
{
    private const int Most = 200;
    private readonly ConcurrentDictionary<ValueList<SchoolTerm>, (Vocabulary, StanceSet)> _laidOut = new();

    public (Vocabulary Vocabulary, StanceSet Stances) For(ValueList<SchoolTerm> own)
    {
        if (_laidOut.Count > Most) _laidOut.Clear();
        return _laidOut.GetOrAdd(own, o => SchoolTerms.Over(Vocabulary.Standard, StanceSet.Standard, o));
    }
}

/// <summary>The ways of the school that the request is about, read once a request.</summary>
public sealed class SchoolWays(HeronDb db, CurrentSchool school, VocabularyCache vocabularies)
{
    private Conventions? _ways;

    public async Task<Conventions> Get(CancellationToken cancellation)
    {
        if (_ways is { } known) return known;
        var row = await db.Schools.AsNoTracking().SingleAsync(s => s.Id == school.Id, cancellation);
        var (vocabulary, stances) = vocabularies.For(await OwnTerms(cancellation));
        return _ways = new Conventions(vocabulary, stances, row.Tradition, row.Directions);
    }

    /// <summary>The words that the school has changed or added.</summary>
    public async Task<ValueList<SchoolTerm>> OwnTerms(CancellationToken cancellation) =>
        (await db.Terms.AsNoTracking().OrderBy(t => t.TermId).ToListAsync(cancellation))
        .Select(t => new SchoolTerm(new TermId(t.TermId), t.Name, t.Words.ToValueList(), t.Hidden, t.Like is { } like ? new TermId(like) : null)).ToValueList();
}
