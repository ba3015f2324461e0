using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;

namespace TidyHeron.Server.Readings;

/// <summary>
/// Reads a form of its own some times as the server starts, in the background: the runtime compiles what it sees used often, so that the first
/// person to write is not the one who waits for it. Stores nothing and answers nobody.
/// </summary>
internal sealed class WarmUp(IOptions<JsonOptions> json, IHostApplicationLifetime life) : BackgroundService
{
    private const int Times = 40; // the runtime compiles a method anew once it has been called 30 times
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(5); // who comes meanwhile is served first

    private const string Words = "Turn left, left front stance, left low block. Step, right punch. Turn 180 right, right back stance, right knife hand block. Right front kick, land in front, left reverse punch. ";

    protected override async Task ExecuteAsync(CancellationToken stopping)
    {
        var started = new TaskCompletionSource();
        using var _ = life.ApplicationStarted.Register(started.SetResult);
        await started.Task.WaitAsync(stopping);
        for (var done = 0; done < Times; done++)
        {
            Once(json.Value.SerializerOptions);
            await Task.Delay(Pause, stopping);
        }
    }

    /// <summary>From words to an answer, the way a request for an edit takes.</summary>
    private static void Once(JsonSerializerOptions options)
    {
        var said = Reader.Read(string.Concat(Enumerable.Repeat(Words, 5)), new Form(), null, Conventions.Standard).Form;
        var asked = JsonSerializer.SerializeToUtf8Bytes(new EditsRequest(FormDocuments.Write(said), []), options);
        var form = FormDocuments.Read(JsonSerializer.Deserialize<EditsRequest>(asked, options)!.Form, Conventions.Standard.Vocabulary);
        var readings = ReadingsResponse.From(FormReading.Of(form, BodyMeasures.Reference, Conventions.Standard));
        JsonSerializer.SerializeToUtf8Bytes(new EditsResponse(FormDocuments.Write(form), readings), options);
    }
}
