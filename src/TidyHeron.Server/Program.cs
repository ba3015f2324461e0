using Microsoft.AspNetCore.DataProtection;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Formats;
using TidyHeron.Server.Applications;
using TidyHeron.Server.Archive;
using TidyHeron.Server.Demo;
using TidyHeron.Server.Dictation;
using TidyHeron.Server.Floor;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Knowledge;
using TidyHeron.Server.People;
using TidyHeron.Server.Readings;
using TidyHeron.Server.Sessions;
using TidyHeron.Server.Terms;
using TidyHeron.Server.Walkthrough;
using TidyHeron.Store;

var builder = WebApplication.CreateBuilder(args);
var settings = HeronSettings.From(builder.Configuration);
builder.Services.AddSingleton(settings);
builder.Services.AddHeronStore(settings.Database);
builder.Services.AddDataProtection().PersistKeysToDbContext<HeronDb>().SetApplicationName("tidy-heron");
builder.Services.AddSignIn();
builder.Services.AddProblems();
builder.Services.AddContract();
builder.Services.AddSingleton<VocabularyCache>();
builder.Services.AddScoped<SchoolWays>();
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddHostedService<WarmUp>();
builder.Services.ConfigureHttpJsonOptions(json => Json.Configure(json.SerializerOptions));
builder.Services.AddResponseCompression(compression => compression.EnableForHttps = true);
builder.Services.AddHealthChecks().AddNpgSql(settings.Database, timeout: TimeSpan.FromSeconds(3));
builder.WebHost.ConfigureKestrel(kestrel => kestrel.Limits.MaxRequestBodySize = 8 * 1024 * 1024);

// The first start finds no database and makes one; the framework would report that as a failure. A database that is
// really away is told by /health, by every answer (503), and by the exception that is logged with it.
builder.Logging.AddFilter("Microsoft.EntityFrameworkCore.Database.Connection", LogLevel.Critical);
builder.Logging.AddFilter("Microsoft.AspNetCore.DataProtection.KeyManagement.XmlKeyManager", LogLevel.Error);

var app = builder.Build();
app.UseResponseCompression();
app.UseProblems();
app.UseSecurityHeaders();
app.UseClientFiles();
app.UseAuthentication();
app.UseAuthorization();
app.UseCurrentSchool();

app.MapHealthChecks("/health").AllowAnonymous();
app.MapContract();
app.MapSchemas();
var api = app.MapGroup("/api").AddEndpointFilter<AntiforgeryFilter>();
api.MapSessions();
api.MapDemo();
api.MapPeople();
api.MapTerms();
api.MapDictation();
api.MapReadings();
api.MapFloor();
api.MapWalkthrough();
api.MapForms();
api.MapApplications();
api.MapKnowledge();
api.MapArchive();
api.Map("/{**rest}", () => Results.Problem(statusCode: 404, title: "Not found", detail: "There is nothing at this address."))
    .AllowAnonymous().ExcludeFromDescription();
app.MapClient();

await app.Services.PrepareDatabase(settings);
await app.RunAsync();

/// <summary>The server's entry point, named so that tests can start it.</summary>
public partial class Program;
