using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.Extensions.DependencyInjection;

namespace TidyHeron.Store;

/// <summary>Puts the store into an application.</summary>
public static class StoreSetup
{
    public static IServiceCollection AddHeronStore(this IServiceCollection services, string connection)
    {
        services.AddScoped<CurrentSchool>();
        return services.AddDbContext<HeronDb>(options => Configure(options, connection));
    }

    internal static void Configure(DbContextOptionsBuilder options, string connection) => options
        .UseNpgsql(connection, npgsql => npgsql.EnableRetryOnFailure(maxRetryCount: 2, TimeSpan.FromSeconds(1), null))
        .UseSnakeCaseNamingConvention();
}

/// <summary>Lets the migration tool make a context without an application.</summary>
internal sealed class DesignTimeFactory : IDesignTimeDbContextFactory<HeronDb>
{
    public HeronDb CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<HeronDb>();
        StoreSetup.Configure(options, "Host=127.0.0.1;Database=design");
        return new HeronDb(options.Options, new CurrentSchool());
    }
}
