using System.Globalization;
using System.Text;
using CsvHelper;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Timing;

namespace TidyHeron.Formats.Exports;

/// <summary>The timing of a form: cues for a teacher's own video, and a table.</summary>
public static class Timings
{
    /// <summary>A WebVTT file (W3C): one cue a move, with its number and words. The video begins with the first move.</summary>
    public static string WebVtt(FormReading reading, Timeline timeline)
    {
        var text = new StringBuilder("WEBVTT\n\nNOTE ").Append(OneLine(reading.Form.Title)).Append(", ").Append(timeline.Pace.ToString().ToLowerInvariant()).Append(" pace\n");
        for (var i = 0; i < timeline.Moves.Count; i++)
        {
            var move = timeline.Moves[i];
            text.Append('\n').Append(i + 1).Append('\n').Append(Clock(move.Start)).Append(" --> ").Append(Clock(move.End)).Append('\n');
            if (reading.Counts[i] > 0) text.Append(reading.Counts[i]).Append(". ");
            text.Append(Escape(OneLine(Speech.Say(reading.Form.Moves[i], reading.Ways)))).Append('\n');
        }
        return text.ToString();
    }

    /// <summary>Comma-separated values: position, count, start, moving, resting, end (seconds), words.</summary>
    public static string Csv(FormReading reading, Timeline timeline)
    {
        using var text = new StringWriter();
        using var table = CsvWriter.Create(text, CsvWriterOptions.Default with { NewLine = "\r\n" }, leaveOpen: true);
        table.WriteRecord("move", "count", "start", "moving", "resting", "end", "words");
        for (var i = 0; i < timeline.Moves.Count; i++)
        {
            var move = timeline.Moves[i];
            table.WriteRecord((i + 1).ToString(CultureInfo.InvariantCulture), reading.Counts[i] > 0 ? reading.Counts[i].ToString(CultureInfo.InvariantCulture) : "",
                Seconds(move.Start), Seconds(move.Moving), Seconds(move.Resting), Seconds(move.End), Speech.Say(reading.Form.Moves[i], reading.Ways));
        }
        table.Flush();
        return text.ToString();
    }

    private static string Seconds(double seconds) => seconds.ToString("0.###", CultureInfo.InvariantCulture);

    private static string Clock(double seconds)
    {
        var time = TimeSpan.FromMilliseconds(Math.Round(seconds * 1000));
        return $"{(int)time.TotalHours:00}:{time.Minutes:00}:{time.Seconds:00}.{time.Milliseconds:000}";
    }

    // A cue's text ends at an empty line and may not hold an arrow or a bare "<" or "&".
    private static string OneLine(string text) => text.ReplaceLineEndings(" ").Replace("-->", "→");

    private static string Escape(string text) => text.Replace("&", "&amp;").Replace("<", "&lt;").Replace(">", "&gt;");
}

/// <summary>
/// The caller as sound: a click where each count begins, a softer one for what follows on the same count, two high ones for
/// a shout. RIFF WAVE, 16-bit PCM, one channel.
/// </summary>
public static class CountTrack
{
    public const int SampleRate = 22_050;

    /// <summary>Seconds of four clicks to come in on, before the first move.</summary>
    public const double LeadIn = 4;

    public static byte[] Wav(FormReading reading, Timeline timeline)
    {
        var samples = new short[(int)Math.Ceiling((LeadIn + timeline.Total + 1) * SampleRate)];
        for (var k = 0; k < 4; k++) Click(k * LeadIn / 4, 440, 0.05, 0.35);
        for (var i = 0; i < timeline.Moves.Count; i++)
        {
            var at = LeadIn + timeline.Moves[i].Start;
            var begins = Core.Notation.Counts.BeginsAt(reading.Counts, i) && reading.Counts[i] > 0;
            if (reading.Form.Moves[i].Shout)
            {
                Click(at, 1320, 0.07, 0.8);
                Click(at + 0.11, 1760, 0.12, 0.8);
            }
            else if (begins) Click(at, 880, 0.07, 0.7);
            else Click(at, 587, 0.04, 0.3);
        }
        using var bytes = new MemoryStream();
        using var wave = new BinaryWriter(bytes, Encoding.ASCII);
        var size = samples.Length * 2;
        wave.Write("RIFF"u8);
        wave.Write(36 + size);
        wave.Write("WAVEfmt "u8);
        wave.Write(16);
        wave.Write((short)1);
        wave.Write((short)1);
        wave.Write(SampleRate);
        wave.Write(SampleRate * 2);
        wave.Write((short)2);
        wave.Write((short)16);
        wave.Write("data"u8);
        wave.Write(size);
        foreach (var sample in samples) wave.Write(sample);
        wave.Flush();
        return bytes.ToArray();

        void Click(double at, double hertz, double seconds, double loudness)
        {
            var first = (int)(at * SampleRate);
            var length = (int)(seconds * SampleRate);
            for (var k = 0; k < length && first + k < samples.Length; k++)
            {
                // Struck and fading, so that it neither pops nor hums.
                var shape = Math.Min(1, k / (0.002 * SampleRate)) * Math.Exp(-5.0 * k / length);
                samples[first + k] = (short)(Math.Sin(2 * Math.PI * hertz * k / SampleRate) * shape * loudness * short.MaxValue);
            }
        }
    }
}
