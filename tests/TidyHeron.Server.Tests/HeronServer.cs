using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Npgsql;
using Shouldly;
using TidyHeron.Formats;
using TidyHeron.Server.Sessions;

namespace TidyHeron.Server.Tests;

/// <summary>A server on a database of its own in the PostgreSQL that ./test started.</summary>
public class HeronServer : WebApplicationFactory<Program>
{
    private readonly string _admin = Environment.GetEnvironmentVariable("HERON_TEST_DATABASE")
        ?? throw new InvalidOperationException("HERON_TEST_DATABASE is not set. Run the tests with ./test, which starts a PostgreSQL for them.");

    private readonly string _name = "t_" + Guid.NewGuid().ToString("N");

    protected virtual bool Demo => true;

    private string Connection => $"{_admin};Database={_name};Pooling=true;Maximum Pool Size=10";

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseSetting("HERON_DATABASE", Connection);
        builder.UseSetting("HERON_DEMO", Demo ? "1" : "0");
        builder.UseSetting("HERON_CLIENT", "/nowhere");
        builder.UseEnvironment("Production");
    }

    /// <summary>A visitor with a cookie jar of their own.</summary>
    public Visitor Visit() => new(CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false, HandleCookies = true }));

    /// <summary>A visitor who entered the demo school in a role.</summary>
    public async Task<Visitor> Enter(string role)
    {
        var visitor = Visit();
        (await visitor.Post("/api/demo/enter", new { @as = role })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        await visitor.Refresh();
        return visitor;
    }

    /// <summary>Takes the database away, as when its machine fails.</summary>
    public async Task LoseDatabase()
    {
        await using var connection = new NpgsqlConnection(_admin + ";Database=postgres;Pooling=false");
        await connection.OpenAsync();
        await new NpgsqlCommand($"drop database \"{_name}\" with (force)", connection).ExecuteNonQueryAsync();
    }

    /// <summary>How many commands the server sends to the database while something is done.</summary>
    public async Task<int> CountCommands(Func<Task> action)
    {
        using var counter = new CommandCounter(_name);
        await action();
        return counter.Count;
    }

    public override async ValueTask DisposeAsync()
    {
        await base.DisposeAsync();
        NpgsqlConnection.ClearAllPools();
        try
        {
            await LoseDatabase();
        }
        catch (PostgresException e) when (e.SqlState == PostgresErrorCodes.InvalidCatalogName)
        {
            // A test has taken it away already.
        }
        GC.SuppressFinalize(this);
    }

    private sealed class CommandCounter : IObserver<DiagnosticListener>, IObserver<KeyValuePair<string, object?>>, IDisposable
    {
        private readonly List<IDisposable> _subscriptions = [];
        private int _count;

        private readonly string _database;

        // Other tests run at the same time, on databases of their own.
        public CommandCounter(string database)
        {
            _database = database;
            _subscriptions.Add(DiagnosticListener.AllListeners.Subscribe(this));
        }

        public int Count => _count;

        public void OnNext(DiagnosticListener listener)
        {
            if (listener.Name == DbLoggerCategoryName) _subscriptions.Add(listener.Subscribe(this));
        }

        public void OnNext(KeyValuePair<string, object?> @event)
        {
            if (@event.Value is CommandExecutedEventData data && data.Command.Connection?.Database == _database) Interlocked.Increment(ref _count);
        }

        public void OnCompleted() { }

        public void OnError(Exception error) { }

        public void Dispose() => _subscriptions.ForEach(s => s.Dispose());

        private const string DbLoggerCategoryName = "Microsoft.EntityFrameworkCore";
    }
}

/// <summary>A server without the demo school: the first visitor founds one.</summary>
public sealed class EmptyServer : HeronServer
{
    protected override bool Demo => false;
}

/// <summary>Someone at a browser: keeps cookies and sends the session's token with every change.</summary>
public sealed class Visitor(HttpClient http)
{
    private string _token = "";

    public async Task<SessionResponse> Refresh()
    {
        var session = await Get<SessionResponse>("/api/session");
        _token = session.Token;
        return session;
    }

    public async Task<T> Get<T>(string path)
    {
        var response = await http.GetAsync(path);
        response.StatusCode.ShouldBe(HttpStatusCode.OK, await response.Content.ReadAsStringAsync());
        return (await response.Content.ReadFromJsonAsync<T>(Json.Options))!;
    }

    public Task<HttpResponseMessage> Get(string path) => http.GetAsync(path);

    public Task<HttpResponseMessage> Post(string path, object? body = null) => Send(HttpMethod.Post, path, body);

    public Task<HttpResponseMessage> Put(string path, object body) => Send(HttpMethod.Put, path, body);

    public Task<HttpResponseMessage> Delete(string path) => Send(HttpMethod.Delete, path, null);

    public async Task<T> Post<T>(string path, object body)
    {
        var response = await Post(path, body);
        response.IsSuccessStatusCode.ShouldBeTrue($"{path}: {await response.Content.ReadAsStringAsync()}");
        return (await response.Content.ReadFromJsonAsync<T>(Json.Options))!;
    }

    /// <summary>Sends a body as it is, without the session's token.</summary>
    public Task<HttpResponseMessage> PostRaw(string path, string json) =>
        http.PostAsync(path, new StringContent(json, System.Text.Encoding.UTF8, "application/json"));

    /// <summary>Sends a file as it is.</summary>
    public Task<HttpResponseMessage> PostBytes(string path, byte[] bytes, string type)
    {
        var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new System.Net.Http.Headers.MediaTypeHeaderValue(type);
        return Send(HttpMethod.Post, path, content);
    }

    public static async Task<JsonElement> Problem(HttpResponseMessage response, HttpStatusCode expected)
    {
        var text = await response.Content.ReadAsStringAsync();
        response.StatusCode.ShouldBe(expected, text);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        return JsonDocument.Parse(text).RootElement;
    }

    private Task<HttpResponseMessage> Send(HttpMethod method, string path, object? body)
    {
        var request = new HttpRequestMessage(method, path) { Content = body as HttpContent ?? (body is null ? null : JsonContent.Create(body, options: Json.Options)) };
        request.Headers.Add("X-Heron-Token", _token);
        return http.SendAsync(request);
    }
}
