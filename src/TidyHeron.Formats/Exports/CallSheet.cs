using System.Text;
using TidyHeron.Core;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Formats.Exports;

/// <summary>What the caller reads out, as plain text or Markdown.</summary>
public static class CallSheet
{
    /// <summary>One line a count; moves on one count follow each other.</summary>
    public static string Text(FormReading reading) => Write(reading, heading: s => s, section: s => $"\n{s}\n", line: (count, words) => $"{count,3}  {words}");

    /// <summary>The same with Markdown headings and lists.</summary>
    public static string Markdown(FormReading reading) => Write(reading, heading: s => $"# {s}", section: s => $"\n## {s}\n",
        line: (count, words) => count.Length == 0 ? $"- {words}" : $"- **{count}** {words}");

    private static string Write(FormReading reading, Func<string, string> heading, Func<string, string> section, Func<string, string, string> line)
    {
        var sheet = new StringBuilder();
        sheet.AppendLine(heading(reading.Form.Title));
        sheet.AppendLine();
        sheet.AppendLine($"{reading.TotalCounts} counts. Opens in {Speech.Stance(reading.Form.Opening.Stance, reading.Form.Opening.Lead, reading.Ways)}.");
        var starts = reading.Sections.Select((s, i) => (s, i)).ToDictionary(p => p.s.First, p => p);
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            if (starts.TryGetValue(i, out var start))
                sheet.AppendLine(section($"{(char)('A' + start.i % 26)} {start.s.Section.Name}".TrimEnd() + $" (starts from: {StartPosition.InWords(reading, i)})"));
            var move = reading.Form.Moves[i];
            var count = reading.Counts[i] == 0 ? "" : Counts.BeginsAt(reading.Counts, i) ? reading.Counts[i].ToString() : "";
            var joined = reading.Counts[i] > 0 && count.Length == 0 ? move.Counting == Counting.Together ? "meanwhile: " : "then: " : "";
            sheet.AppendLine(line(count, joined + Speech.Say(move, reading.Ways) + (move.Note.Length > 0 ? $" ({move.Note})" : "")));
        }
        return sheet.ToString().ReplaceLineEndings("\n");
    }
}
