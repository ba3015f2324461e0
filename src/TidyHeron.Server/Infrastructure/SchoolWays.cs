using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Terms;
using TidyHeron.Store;

namespace TidyHeron.Server.Infrastructure;

/// <summary>The ways of the school that the request is about, read once a request.</summary>
public sealed class SchoolWays(HeronDb db, CurrentSchool school)
{
    private Conventions? _ways;

    public async Task<Conventions> Get(CancellationToken cancellation)
    {
        if (_ways is { } known) return known;
        var row = await db.Schools.AsNoTracking().SingleAsync(s => s.Id == school.Id, cancellation);
        return _ways = new Conventions(Vocabulary.Standard, StanceSet.Standard, row.Tradition, row.Directions);
    }
}
