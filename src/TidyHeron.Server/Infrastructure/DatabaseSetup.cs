using Microsoft.EntityFrameworkCore;
using TidyHeron.Server.Demo;
using TidyHeron.Store;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Brings the database up to date before the first request.</summary>
public static class DatabaseSetup
{
    public static async Task PrepareDatabase(this IServiceProvider services, HeronSettings settings)
    {
        await using var scope = services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<HeronDb>();
        await db.Database.MigrateAsync();
        if (settings.Demo && !await db.Schools.AnyAsync())
            await db.Database.CreateExecutionStrategy().ExecuteAsync(async () =>
            {
                // All of it or nothing: a first start that is broken off would leave a school without its forms for good.
                db.ChangeTracker.Clear();
                await using var whole = await db.Database.BeginTransactionAsync();
                await ActivatorUtilities.CreateInstance<DemoSchool>(scope.ServiceProvider).Load();
                await whole.CommitAsync();
            });
    }
}
