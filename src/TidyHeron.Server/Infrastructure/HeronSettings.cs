namespace TidyHeron.Server.Infrastructure;

/// <summary>What the server is told from outside.</summary>
/// <param name="Database">PostgreSQL connection string (<c>HERON_DATABASE</c>).</param>
/// <param name="Demo">Whether the demo school is loaded and may be entered by one click (<c>HERON_DEMO</c>).</param>
public sealed record HeronSettings(string Database, bool Demo)
{
    public static HeronSettings From(IConfiguration configuration) => new(
        configuration["HERON_DATABASE"] ?? "Host=127.0.0.1;Database=tidy_heron",
        configuration["HERON_DEMO"] is "1" or "true");
}
