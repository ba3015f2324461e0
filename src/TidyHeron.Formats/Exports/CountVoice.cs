using System.Collections.Concurrent;
using TidyHeron.Core.Terms;

namespace TidyHeron.Formats.Exports;

/// <summary>
/// The numbers of one tradition aloud. They are spoken at build (<c>scripts/voices.mjs</c>) and lie beside the program; where
/// a build made none, there is no voice and the caller clicks.
/// </summary>
public sealed class CountVoice
{
    private static readonly ConcurrentDictionary<Tradition, CountVoice?> Voices = new();

    private readonly ConcurrentDictionary<int, short[]?> _numbers = new();
    private readonly Func<int, byte[]?> _file;

    /// <param name="file">The WAV file of a number: 16-bit PCM, one channel, 22 050 Hz; none where there is none.</param>
    public CountVoice(Func<int, byte[]?> file) => _file = file;

    /// <summary>The voice that ships for a tradition, if the build made one.</summary>
    public static CountVoice? Of(Tradition tradition) => Voices.GetOrAdd(tradition, t =>
    {
        var folder = Path.Combine(AppContext.BaseDirectory, "Voices", t.ToString().ToLowerInvariant());
        if (!Directory.Exists(folder)) return null;
        return new CountVoice(number => Path.Combine(folder, $"{number}.wav") is var path && File.Exists(path) ? File.ReadAllBytes(path) : null);
    });

    /// <summary>A number as samples, without the silence around it; none if the voice does not know it.</summary>
    public short[]? Number(int number) => _numbers.GetOrAdd(number, n =>
    {
        if (_file(n) is not { } file || Wave.Read(file, CountTrack.SampleRate) is not { } samples) return null;
        const int Quiet = 400;
        var first = Array.FindIndex(samples, s => Math.Abs((int)s) > Quiet);
        var last = Array.FindLastIndex(samples, s => Math.Abs((int)s) > Quiet);
        return first < 0 ? null : samples[first..(last + 1)];
    });
}
