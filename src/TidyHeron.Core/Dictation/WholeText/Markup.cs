using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// What stands in a text and is not told: marks of emphasis, tags, the times of subtitles, who wrote what in a chat, the numbers of
/// pages. Texts are copied from anywhere.
/// </summary>
internal static partial class Markup
{
    // "00:00:04,000 --> 00:00:06,500", with the number of the subtitle in the line before. Formats: SubRip, and WebVTT of the W3C.
    [GeneratedRegex(@"(?:^WEBVTT[^\n]*|(?:^|(?<=\n))\s*(?:\d+[ \t]*\r?\n)?[ \t]*(?:\d{1,2}:)?\d{1,2}:\d{2}[.,]\d{3}[ \t]*-->[ \t]*(?:\d{1,2}:)?\d{1,2}:\d{2}[.,]\d{3}[^\n]*)(?:\n|$)", RegexOptions.CultureInvariant)]
    private static partial Regex Subtitle();

    // HTML, and the voices and times of WebVTT.
    [GeneratedRegex(@"<(?:/?(?<block>ol|ul|li|p|br|hr|div|h[1-6]|pre|blockquote)|/?(?:b|i|u|a|em|strong|small|span|font|mark|sup|sub|code|c|v)|\d[\d:.]*)(?:[\s./][^<>\n]*)?>", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Tag();

    // "[14:02] Mara: …", "[1.12.2026, 14:02:11] Mara Lind: …", "14:02 - Mara: …"
    [GeneratedRegex(@"^[ \t]*(?:\[[^\]\n]{0,14}\d{1,2}:\d{2}(?::\d{2})?(?: ?[AaPp][Mm])?\]|\d{1,2}:\d{2}(?: ?[AaPp][Mm])?)[ \t]*[-–]?[ \t]*\p{Lu}[\p{L}.]*(?: \p{Lu}[\p{L}.]*)?:(?=[ \t])", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex WhoWroteIt();

    // "Page 2 of 3", "- 2 -", in a line of their own.
    [GeneratedRegex(@"^[ \t]*(?:page[ \t]+\d{1,3}(?:[ \t]*(?:of|/)[ \t]*\d{1,3})?|[-–][ \t]*\d{1,3}[ \t]*[-–])[ \t]*\r?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase | RegexOptions.Multiline)]
    private static partial Regex NumberOfAPage();

    // "a. …", "b) …" below each number of a list.
    [GeneratedRegex(@"^[ \t]+(?<letter>[a-h])[.)](?=[ \t])", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex LetterOfAPoint();

    /// <summary>The text as it is told: of the same length, with blanks where something is not, and a line break where a tag ends a line.</summary>
    /// <param name="text">Any text.</param>
    /// <returns>The text, and the spans that are not told, in order.</returns>
    public static (string Text, List<(int Start, int Length)> Untold) Blanked(string text)
    {
        const int Fewest = 3; // lines of a chat
        var (told, untold) = (text.ToCharArray(), new List<(int Start, int Length)>());
        if (text.Contains("-->", StringComparison.Ordinal)) foreach (Match cue in Subtitle().Matches(text)) Blank(cue.Index, cue.Length);
        var subtitled = untold.Count > 0;
        if (text.Contains('<'))
            foreach (Match tag in Tag().Matches(text))
            {
                Blank(tag.Index, tag.Length);
                if (tag.Groups["block"].Success) told[tag.Index] = '\n';
            }
        if (text.Contains(':') && WhoWroteIt().Matches(text) is { Count: >= Fewest } writers) foreach (Match head in writers) Blank(head.Index, head.Length);
        foreach (Match page in NumberOfAPage().Matches(text)) Blank(page.Index, page.Length);
        if (LetterOfAPoint().Matches(text) is { Count: > 0 } letters && letters.Count(l => l.Groups["letter"].Value == "a") > 1) foreach (Match letter in letters) Blank(letter.Index, letter.Length);
        if (text.Contains('*') || text.Contains('_')) foreach (var (start, length) in Emphasis(text)) Blank(start, length);
        if (subtitled)
        {
            foreach (var (start, length) in LinesShownAgain(new string(told))) Blank(start, length);
            // The lines of one subtitle are as long as there is room.
            var heads = Subtitle().Matches(text);
            for (var k = 0; k < heads.Count; k++)
                for (var i = heads[k].Index + heads[k].Length; i + 1 < (k + 1 < heads.Count ? heads[k + 1].Index : text.TrimEnd().Length); i++)
                    if (told[i] == '\n') told[i] = ' ';
        }
        untold.Sort();
        return (untold.Count == 0 ? text : new string(told), untold);

        void Blank(int start, int length)
        {
            Array.Fill(told, ' ', start, length);
            // White space at the edges belongs to nobody.
            while (length > 0 && char.IsWhiteSpace(text[start])) (start, length) = (start + 1, length - 1);
            while (length > 0 && char.IsWhiteSpace(text[start + length - 1])) length--;
            if (length > 0) untold.Add((start, length));
        }
    }

    /// <summary>"**Count 1**", "*low block*": asterisks and underscores that open before a word and close behind one, in the same line. "3 * kick" and "* step" have no such pair.</summary>
    private static IEnumerable<(int Start, int Length)> Emphasis(string text)
    {
        (int Start, int Length)? open = null;
        for (var i = 0; i < text.Length; i++)
        {
            if (text[i] == '\n') open = null;
            if (text[i] is not ('*' or '_')) continue;
            var end = i;
            while (end < text.Length && text[end] == text[i]) end++;
            var (before, after) = (i > 0 ? text[i - 1] : ' ', end < text.Length ? text[end] : ' ');
            if (open is var (start, length) && text[start] == text[i] && length == end - i && !char.IsWhiteSpace(before) && !char.IsLetterOrDigit(after))
            {
                yield return (start, length);
                yield return (i, length);
                open = null;
            }
            else if (!char.IsWhiteSpace(after) && !char.IsLetterOrDigit(before)) open = (i, end - i);
            i = end - 1;
        }
    }

    /// <summary>Subtitles that roll show a line once more while the next one comes.</summary>
    private static IEnumerable<(int Start, int Length)> LinesShownAgain(string text)
    {
        var before = "";
        foreach (var (start, end) in Table.Lines(text))
        {
            var line = text[start..end].Trim();
            if (line == before && line.Contains(' ')) yield return (start, end - start);
            before = line;
        }
    }
}
