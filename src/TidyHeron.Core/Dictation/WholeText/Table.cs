using System.Text.Json.Serialization;
using System.Text.RegularExpressions;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>What a column of a table tells, by the word at its head.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<Column>))]
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

    /// <summary>What the left hand does.</summary>
    LeftHand,

    /// <summary>What the right hand does.</summary>
    RightHand,

    /// <summary>What the left foot does.</summary>
    LeftFoot,

    /// <summary>What the right foot does.</summary>
    RightFoot,

    /// <summary>Which side of the body does what the next column tells.</summary>
    Side,

    /// <summary>A mark where one shouts.</summary>
    Shout,

    /// <summary>What is remarked.</summary>
    Note,
}

/// <summary>A form kept as a table and put into the line: rows of cells, parted by tabs, bars, semicolons, commas or wide gaps, or each with its label.</summary>
/// <param name="Heads">What each column tells; <see cref="Column.Words"/> for all where the table has no heads.</param>
/// <param name="Rows">The rows below the heads, each with the spans of its cells in the text.</param>
/// <param name="Labels">Spans of the heads and the rule below them, or of the labels of the cells.</param>
internal sealed partial record Table(IReadOnlyList<Column> Heads, IReadOnlyList<IReadOnlyList<(int Start, int End)>> Rows, IReadOnlyList<(int Start, int End)> Labels)
{
    private const int FewestRows = 3; // with the heads
    private const int FewestCells = 3; // two where bars or tabs part them, as nothing else does so

    private int Start => Rows[0].Concat(Labels).Min(s => s.Start);

    private int End => Rows[^1].Max(c => c.End);

    /// <summary>The stop at a place between two cells or two rows, where the text has a line break or none; none within a cell and outside the table.</summary>
    public string? StopAt(int at)
    {
        if (at < Start || at > End) return null;
        var row = Enumerable.Range(0, Rows.Count).LastOrDefault(r => Rows[r].Min(c => c.Start) <= at, -1);
        return row < 0 || at >= Rows[row].Max(c => c.End) ? "." : Rows[row].Any(c => c.Start < at && at < c.End) ? null : ",";
    }

    /// <summary>The words of <c>Terms/Data/table-heads.json</c>. Common practice in the handouts of schools.</summary>
    /// <param name="Heads">Words at the head of a column, by what the column tells.</param>
    /// <param name="AlsoInRows">Those of them that may as well stand in a row.</param>
    /// <param name="Beside">Words that may stand beside one at a head.</param>
    private sealed record HeadWords(Dictionary<Column, string[]> Heads, HashSet<string> AlsoInRows, HashSet<string> Beside);

    private static readonly HeadWords Words = PhraseBook.ReadData<HeadWords>("table-heads");

    private static readonly Dictionary<string, Column> Named = Words.Heads.SelectMany(c => c.Value.Select(word => (word, c.Key))).ToDictionary(c => c.word, c => c.Key, StringComparer.Ordinal);

    /// <summary>The tables of a text, in their order.</summary>
    public static List<Table> In(string text)
    {
        if (Labelled(text) is { } labelled) return [labelled];
        var tables = new List<Table>();
        if (!text.Contains('\n')) return tables;
        var lines = Lines(text);
        var parted = Separators.ConvertAll(separator => lines.ConvertAll(line => separator(text, line)));
        for (var first = 0; first + FewestRows <= lines.Count; first++)
            for (var k = 0; k < parted.Count; k++)
            {
                if (parted[k][first] is not { } top) continue;
                var rows = parted[k].Skip(first).TakeWhile(cells => cells is not null && (cells.Count <= top.Count + 1 || IsRule(text, cells))).Select(cells => cells!).ToList();
                if (rows.Count < FewestRows || TableOf(text, Separators[k], rows) is not { } table) continue;
                tables.Add(table);
                first += rows.Count - 1;
                break;
            }
        return tables;
    }

    private static Table? TableOf(string text, Separator separator, List<List<(int Start, int End)>> rows)
    {
        if (separator == ByDirectionLast) return new Table([Column.Count, Column.Words, Column.Direction], rows, []);
        var directions = separator == ByDirection ? rows.ConvertAll(r => text[r[1].Start..r[1].End].ToLowerInvariant()) : [];
        // Limbs, or turns; and an arrow before each line is no more than a mark.
        if (separator == ByDirection) return directions.TrueForAll(Sides.Contains) || directions.TrueForAll(d => d == directions[0] && d[0] > 'z') ? null : new Table([Column.Count, Column.Direction, Column.Words], rows, []);
        var heads = HeadsOf(text, rows[0]);
        if (heads is null && (separator == ByCommas || (separator == BySemicolons || separator == ByGaps) && !rows.TrueForAll(r => r.Exists(c => NumberOrDirection().IsMatch(text[c.Start..c.End]))))) return null;
        var below = heads is null ? 0 : 1;
        while (below < rows.Count && IsRule(text, rows[below])) below++;
        if (rows.Count - below < FewestRows - 1) return null;
        var (start, end) = (rows[0][0].Start, rows[Math.Max(0, below - 1)][^1].End);
        while (start > 0 && (text[start - 1] is '|' or ' ')) start--;
        while (end < text.Length && (text[end] is '|' or ' ')) end++;
        return new Table(heads ?? [.. rows.MaxBy(r => r.Count)!.Select(_ => Column.Words)], rows.GetRange(below, rows.Count - below), below == 0 ? [] : [(start, end)]);
    }

    // Without heads, what else than a table has semicolons or gaps in every line? Sentences; but hardly with such a cell in each.
    [GeneratedRegex(@"^\s*(?:\d{1,3}[.)]?|\d{1,2}:\d{2}|\w+ o.?clock|[←-↙⬅⬆⬇➡]\uFE0F?|(?:the )?(?:[NESW]{1,2}|left|right|front|back|rear|north|east|south|west)(?: wall| side)?)\s*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NumberOrDirection();

    private const string Gap = "  ";

    private delegate List<(int Start, int End)>? Separator(string text, (int Start, int End) line);

    private static readonly Separator ByCommas = (text, line) => Cells(text, line, ",", FewestCells);

    private static readonly Separator BySemicolons = (text, line) => Cells(text, line, ";", FewestCells);

    private static readonly Separator ByGaps = (text, line) => Cells(text, line, Gap, FewestCells);

    // "1. W: …", "(N) …", "3) 9:00 - …": after its number each line says which way it goes.
    [GeneratedRegex(@"^\s*(?:(?<count>\d{1,3})\s*[.):–-]?\s+)?[(\[*]*(?<direction>[A-Za-z]{1,5}|(?:1[0-2]|[1-9])(?::(?:00|30)|(?=:\s))|(?<arrow>[←-↙⬅⬆⬇➡]\uFE0F?))(?:[)\]*]+\s*[:–-]?|\s*:[*]*|\s+[–-]|(?<=\k<arrow>))\s+(?<rest>\S.*)$", RegexOptions.CultureInvariant)]
    private static partial Regex DirectionFirst();

    private static readonly HashSet<string> Sides = ["l", "r", "left", "right"];

    private static readonly HashSet<string> OtherDirections = [.. "f b n e s w ne se sw nw front back rear north east south west".Split(' ')];

    private static readonly Separator ByDirection = (text, line) =>
        DirectionFirst().Match(text[line.Start..line.End]) is { Success: true } said && said.Groups["direction"].Value.ToLowerInvariant() is var to && (Sides.Contains(to) || OtherDirections.Contains(to) || !char.IsLetter(to[0]) && (to.Contains(':') || !char.IsDigit(to[0]) || said.Groups["count"].Success))
            ? [.. new[] { said.Groups["count"], said.Groups["direction"], said.Groups["rest"] }.Select(g => g.Success ? (line.Start + g.Index, line.Start + g.Index + g.Length) : (line.Start, line.Start))]
            : null;

    // "1. … (W)", "… -> N", "… ←": at its end each line says which way one faces then. A side or "front" could be a limb's.
    [GeneratedRegex(@"^\s*(?:(?<count>\d{1,3})\s*[.):–-]?\s+)?(?<rest>\S.*[^\s(\[,>→–-])\s*(?:[(\[]|,\s|-+>|→|\s[–-]\s|(?=[←-↙⬅⬆⬇➡]))\s*(?<direction>[NESW]{1,2}|[Nn]orth|[Ee]ast|[Ss]outh|[Ww]est|(?:1[0-2]|[1-9]):(?:00|30)|[←-↙⬅⬆⬇➡])\uFE0F?[)\]]?\s*[.;]?\s*$", RegexOptions.CultureInvariant)]
    private static partial Regex DirectionLast();

    private static readonly Separator ByDirectionLast = (text, line) =>
        DirectionLast().Match(text[line.Start..line.End]) is { Success: true } said
            ? [.. new[] { said.Groups["count"], said.Groups["rest"], said.Groups["direction"] }.Select(g => g.Success ? (line.Start + g.Index, line.Start + g.Index + g.Length) : (line.Start, line.Start))]
            : null;

    private static readonly List<Separator> Separators = [ByDirection, ByDirectionLast, (text, line) => Cells(text, line, "|", FewestCells - 1), (text, line) => Cells(text, line, "\t", FewestCells - 1), BySemicolons, ByGaps, ByCommas];

    /// <summary>The lines of a text that hold more than blanks.</summary>
    public static List<(int Start, int End)> Lines(string text)
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
            if (separator == Gap && next > 0 && (text[next - 1] is '.' or ',' or ';' or ':' or '!' or '?')) return null;
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
        var heads = cells.ConvertAll(c => HeadOf(text[c.Start..c.End]));
        var (named, sure) = (heads.Count(h => h is not null), heads.Count(h => h is (_, true)));
        var others = cells.Count(c => !text.AsSpan(c.Start, c.End - c.Start).IsWhiteSpace()) - named;
        return named >= 2 && (others == 0 && (sure > 0 || named > 2) || sure >= 2 && others * 3 <= named) ? heads.ConvertAll(h => h?.Column ?? Column.Words) : null;
    }

    /// <summary>What the words at a head tell, and whether they would not stand in a row; none if they are no head's.</summary>
    private static (Column Column, bool Sure)? HeadOf(string head)
    {
        var words = head.Trim().ToLowerInvariant() is "l/r" ? ["l/r"] : head.ToLowerInvariant().Split([' ', '.', ':', '(', ')', '*', '"', '/'], StringSplitOptions.RemoveEmptyEntries);
        var sides = words.Where(w => w is "left" or "right" or "l" or "r").ToList();
        if (sides.Count == 1 && words.Except(sides).ToList() is [var limb] && Named.GetValueOrDefault(limb) is var which && limb is not ("step" or "stepping" or "footwork") && which is Column.Hand or Column.Foot)
            return (which, sides[0][0]) switch
            {
                (Column.Hand, 'l') => (Column.LeftHand, true),
                (Column.Hand, _) => (Column.RightHand, true),
                (_, 'l') => (Column.LeftFoot, true),
                _ => (Column.RightFoot, true),
            };
        var known = words.Where(Named.ContainsKey).ToList();
        if (known.Count == 0 || words.Any(w => !Named.ContainsKey(w) && !Words.Beside.Contains(w))) return null;
        var column = Named[known[^1]] == Column.Foot && words.Any(w => w is "front" or "forward" or "lead" or "leading") ? Column.Lead : known.Exists(w => Named[w] == Column.Turn) ? Column.Turn : Named[known[^1]];
        return (column, !known.TrueForAll(Words.AlsoInRows.Contains));
    }

    // "Stance: left front. Technique: …"
    [GeneratedRegex(@"(?<![\p{L}/])(?<label>\p{L}+(?:[ /]\p{L}+)?)[ ]?:(?!\d)", RegexOptions.CultureInvariant)]
    private static partial Regex Label();

    // "Move: 1"
    [GeneratedRegex(@"\G[ ]*\d{1,3}\s*(?:[\n.;|,]|$)", RegexOptions.CultureInvariant)]
    private static partial Regex NumberBehind();

    /// <summary>"Direction: left. Stance: front. Technique: low block.", count after count: cells that each have their label.</summary>
    private static Table? Labelled(string text)
    {
        const int Fewest = 4; // labels: two counts with two of them
        var labels = Label().Matches(text).Select(m => (m.Index, m.Length, Head: HeadOf(m.Groups["label"].Value) ?? HeadOf(m.Groups["label"].Value.Split(' ')[^1]))).Where(l => l.Head is not (null or (Column.Count, _)) || l.Head is not null && NumberBehind().IsMatch(text, l.Index + l.Length)).ToList();
        if (labels.Count < Fewest || !labels.Exists(l => l.Head is (_, true))) return null;
        var heads = labels.ConvertAll(l => l.Head!.Value.Column).Distinct().ToList();
        var rows = new List<(int Start, int End)?[]>();
        for (var k = 0; k < labels.Count; k++)
        {
            var (start, end) = (labels[k].Index + labels[k].Length, k + 1 < labels.Count ? labels[k + 1].Index : text.Length);
            while (start < end && text[start] == ' ') start++;
            if (text.AsSpan(start, end - start).IndexOfAny("\n.;|") is var stop and >= 0) end = start + stop;
            if (text.AsSpan(start, end - start).IndexOf(" /") is var slash and >= 0) end = start + slash;
            while (end > start && (char.IsWhiteSpace(text[end - 1]) || text[end - 1] == ',')) end--;
            var column = heads.IndexOf(labels[k].Head!.Value.Column);
            // Another count begins where a label comes again or something else stands before it.
            var before = k == 0 ? 0 : rows[^1].Max(c => c?.End ?? 0);
            if (k == 0 || rows[^1][column] is not null || text.AsSpan(before, labels[k].Index - before).IndexOfAnyExcept(" \r\n\t.,;|/-•*") >= 0) rows.Add(new (int, int)?[heads.Count]);
            rows[^1][column] = (start, end);
        }
        if (rows.Count < 2 || rows.Count(r => r.Count(c => c is not null) > 1) < 2) return null;
        return new Table(heads, [.. rows.Select(r => r.OfType<(int Start, int End)>().First() is var (at, _) ? (IReadOnlyList<(int, int)>)[.. r.Select(c => c ?? (at, at))] : [])], [.. labels.Select(l => (l.Index, l.Index + l.Length))]);
    }
}
