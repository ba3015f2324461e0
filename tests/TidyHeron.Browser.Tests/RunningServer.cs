using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using Npgsql;

namespace TidyHeron.Browser.Tests;

/// <summary>The built server in a process of its own, on a database of its own; it can be stopped and started again.</summary>
public sealed class RunningServer : IAsyncDisposable
{
    private readonly string _admin = Required("HERON_TEST_DATABASE");
    private readonly string _name = "b_" + Guid.NewGuid().ToString("N");
    private readonly bool _demo;
    private readonly int _port = FreePort();
    private Process? _process;

    private RunningServer(bool demo) => _demo = demo;

    public string Address => $"http://127.0.0.1:{_port}";

    public static async Task<RunningServer> Start(bool demo)
    {
        var server = new RunningServer(demo);
        await server.Start();
        return server;
    }

    public async Task Start()
    {
        var start = new ProcessStartInfo("dotnet", [Required("HERON_TEST_SERVER")]) { RedirectStandardError = true, RedirectStandardOutput = true };
        start.Environment["HERON_DATABASE"] = $"{_admin};Database={_name}";
        start.Environment["HERON_DEMO"] = _demo ? "1" : "0";
        start.Environment["HERON_CLIENT"] = Required("HERON_TEST_CLIENT");
        start.Environment["ASPNETCORE_URLS"] = Address;
        _process = Process.Start(start)!;
        _process.BeginOutputReadLine();
        _process.BeginErrorReadLine();
        using var http = new HttpClient();
        for (var i = 0; i < 240; i++)
        {
            if (_process.HasExited) throw new InvalidOperationException($"The server stopped with code {_process.ExitCode}.");
            try
            {
                if ((await http.GetAsync(Address + "/health")).StatusCode == HttpStatusCode.OK) return;
            }
            catch (HttpRequestException)
            {
                // Not listening yet.
            }
            await Task.Delay(250);
        }
        throw new TimeoutException("The server did not answer within a minute.");
    }

    public async Task Stop()
    {
        if (_process is { HasExited: false })
        {
            _process.Kill();
            await _process.WaitForExitAsync();
        }
        _process?.Dispose();
        _process = null;
    }

    public async ValueTask DisposeAsync()
    {
        await Stop();
        NpgsqlConnection.ClearAllPools();
        await using var connection = new NpgsqlConnection(_admin + ";Database=postgres;Pooling=false");
        await connection.OpenAsync();
        await new NpgsqlCommand($"drop database if exists \"{_name}\" with (force)", connection).ExecuteNonQueryAsync();
    }

    private static string Required(string name) => Environment.GetEnvironmentVariable(name)
        ?? throw new InvalidOperationException($"{name} is not set. Run the tests with ./test.");

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
