namespace TidyHeron.Core.Dictation;

/// <summary>What a column of a table tells, by the word at its head.</summary>
internal enum Column
{
    /// <summary>Read like any words.</summary>
    Words,

    /// <summary>The number of the count.</summary>
    Count,

    /// <summary>Which way one faces in the end: "left", "W", "9:00".</summary>
    Direction,

    /// <summary>How far one turns, and to which side.</summary>
    Turn,

    /// <summary>Which foot moves, and how.</summary>
    Foot,

    /// <summary>Which foot is in front.</summary>
    Lead,

    /// <summary>The stance, perhaps without that word.</summary>
    Stance,

    /// <summary>Which hand does it.</summary>
    Hand,

    /// <summary>Which side of the body does what the next column tells.</summary>
    Side,

    /// <summary>A mark where one shouts.</summary>
    Shout,

    /// <summary>What is remarked.</summary>
    Note,
}

/// <summary>A form kept as a table and put into the line: rows of cells parted by tabs, bars, semicolons, commas or wide gaps.</summary>
/// <param name="Heads">What each column tells; <see cref="Column.Words"/> for all where the table has no heads.</param>
/// <param name="Rows">The rows below the heads, each with the spans of its cells in the text.</param>
/// <param name="Above">The heads and the rule below them; empty where there are none.</param>
internal sealed record Table(IReadOnlyList<Column> Heads, IReadOnlyList<IReadOnlyList<(int Start, int End)>> Rows, (int Start, int End) Above)
{
    private const int FewestRows = 3; // with the heads
    private const int FewestCells = 3; // two where bars or tabs part them, as nothing else does so

    /// <summary>First character of the table.</summary>
    public int Start => Above.End > Above.Start ? Above.Start : Rows[0][0].Start;

    /// <summary>Behind its last character.</summary>
    public int End => Rows[^1][^1].End;

    /// <summary>Words at the head of a column, by what they say of it. Common practice in the handouts of schools.</summary>
    private static readonly Dictionary<string, Column> Named = new[]
    {
        (Column.Count, "count counts no nr num number # move movement moves seq sequence order"),
        (Column.Direction, "direction directions dir facing face faces heading to toward towards wall clock where"),
        (Column.Turn, "turn turns turning rotation angle degrees"),
        (Column.Foot, "foot feet footwork leg stepping step"),
        (Column.Lead, "lead leading"),
        (Column.Stance, "stance stances posture dachi tachi seogi"),
        (Column.Hand, "hand arm"),
        (Column.Side, "side limb l/r"),
        (Column.Words, "technique techniques tech action actions hands arms attack block strike kick waza weapon staff sword stick level height target tempo speed breath gaze eyes"),
        (Column.Shout, "kiai kihap shout yell"),
        (Column.Note, "note notes comment comments remark remarks meaning application bunkai purpose why explanation"),
    }.SelectMany(c => c.Item2.Split(' ').Select(word => (word, Column: c.Item1))).ToDictionary(c => c.word, c => c.Column, StringComparer.Ordinal);

    /// <summary>Words at a head that may as well stand in a row.</summary>
    private static readonly HashSet<string> AlsoInRows = [.. "block strike kick attack step steps stepping turn turns turning to toward towards face facing shout yell kiai kihap move side hand hands arm arms foot feet leg lead leading weapon staff sword stick height where wall".Split(' ')];

    /// <summary>Words that may stand beside one at a head.</summary>
    private static readonly HashSet<string> Beside = [.. "the of which moving main front forward leading end final what name and & we i to into in out".Split(' ')];

    /// <summary>The tables of a text, in their order.</summary>
    public static List<Table> In(string text)
    {
        var tables = new List<Table>();
        if (!text.Contains('\n')) return tables;
        var lines = Lines(text);
        for (var first = 0; first < lines.Count; first++)
        {
            foreach (var separator in Separators)
            {
                var last = first;
                var rows = new List<List<(int Start, int End)>>();
                while (last < lines.Count && separator(text, lines[last]) is { } cells && (rows.Count == 0 || IsRule(text, cells) || Math.Abs(cells.Count - rows[0].Count) <= 1 || cells.Count < rows[0].Count))
                {
                    rows.Add(cells);
                    last++;
                }
                if (rows.Count < FewestRows) continue;
                var heads = HeadsOf(text, rows[0]);
                if (heads is null && separator == ByCommas) continue;
                var below = heads is null ? 0 : 1;
                while (below < rows.Count && IsRule(text, rows[below])) below++;
                if (rows.Count - below < FewestRows - 1) continue;
                tables.Add(new Table(heads ?? [.. rows.MaxBy(r => r.Count)!.Select(_ => Column.Words)], rows.GetRange(below, rows.Count - below), below == 0 ? (lines[first].Start, lines[first].Start) : (lines[first].Start, lines[first + below - 1].End)));
                first = last - 1;
                break;
            }
        }
        return tables;
    }

    private const string Gap = "  ";

    private delegate List<(int Start, int End)>? Separator(string text, (int Start, int End) line);

    private static readonly Separator ByCommas = (text, line) => Cells(text, line, ",", FewestCells);

    private static readonly Separator[] Separators = [(text, line) => Cells(text, line, "|", FewestCells - 1), (text, line) => Cells(text, line, "\t", FewestCells - 1), (text, line) => Cells(text, line, ";", FewestCells), (text, line) => Cells(text, line, Gap, FewestCells), ByCommas];

    private static List<(int Start, int End)> Lines(string text)
    {
        var lines = new List<(int, int)>();
        for (var start = 0; start <= text.Length;)
        {
            var end = text.IndexOf('\n', start) is var found and >= 0 ? found : text.Length;
            var to = end > start && text[end - 1] == '\r' ? end - 1 : end;
            if (!text.AsSpan(start, to - start).IsWhiteSpace()) lines.Add((start, to));
            start = end + 1;
        }
        return lines;
    }

    /// <summary>The cells of a line, without a bar or blanks at its ends; none where it has too few.</summary>
    private static List<(int Start, int End)>? Cells(string text, (int Start, int End) line, string separator, int fewest)
    {
        var (start, end) = line;
        while (start < end && text[start] == ' ') start++;
        while (end > start && text[end - 1] == ' ') end--;
        if (separator == "|" && start < end && text[start] == '|') start++;
        if (separator == "|" && start < end && text[end - 1] == '|') end--;
        var cells = new List<(int, int)>();
        for (var at = start; ;)
        {
            var next = text.IndexOf(separator, at, end - at, StringComparison.Ordinal);
            // Blanks after a stop only begin a sentence or a clause.
            if (separator == Gap && next > 0 && text[next - 1] is '.' or ',' or ';' or ':' or '!' or '?') return null;
            cells.Add((at, next < 0 ? end : next));
            if (next < 0) break;
            at = next + separator.Length;
            while (separator == Gap && at < end && text[at] == ' ') at++;
        }
        return cells.Count >= fewest ? cells : null;
    }

    /// <summary>"|---|:--:|": a line that only parts the heads from the rows.</summary>
    private static bool IsRule(string text, List<(int Start, int End)> cells) =>
        cells.TrueForAll(c => text.AsSpan(c.Start, c.End - c.Start).Trim() is var cell && cell.Length > 0 && cell.IndexOfAnyExcept('-', ':', '=') < 0);

    /// <summary>What the columns tell, if the first row names them: hardly anything but such words stands in it, and something that would not stand in a row.</summary>
    private static List<Column>? HeadsOf(string text, List<(int Start, int End)> cells)
    {
        var (heads, named, sure) = (new List<Column>(), 0, 0);
        foreach (var (start, end) in cells)
        {
            var head = text[start..end].ToLowerInvariant();
            var words = head.Trim() == "l/r" ? ["l/r"] : head.Split([' ', '.', ':', '(', ')', '*', '"', '/'], StringSplitOptions.RemoveEmptyEntries);
            var known = words.Where(Named.ContainsKey).ToList();
            if (known.Count == 0 || words.Any(w => !Named.ContainsKey(w) && !Beside.Contains(w)))
            {
                heads.Add(Column.Words);
                continue;
            }
            named++;
            sure += known.TrueForAll(AlsoInRows.Contains) ? 0 : 1;
            heads.Add(Named[known[^1]] == Column.Foot && words.Any(w => w is "front" or "forward" or "lead" or "leading") ? Column.Lead : known.Exists(w => Named[w] == Column.Turn) ? Column.Turn : Named[known[^1]]);
        }
        var others = cells.Count(c => !text.AsSpan(c.Start, c.End - c.Start).IsWhiteSpace()) - named;
        return named >= 2 && (others == 0 && (sure > 0 || named > 2) || sure >= 2 && others * 3 <= named) ? heads : null;
    }
}
