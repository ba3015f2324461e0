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
