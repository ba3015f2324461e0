using System.Globalization;
using System.Text.Json;
using CsvHelper;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Formats.Exports;

/// <summary>
/// The moves of a form as comma-separated values (RFC 4180), one row a move, both ways and without loss. A move with
/// several hand actions has them in one cell, parted by semicolons: <c>left low-block low; right chamber</c>. Alternatives
/// and accepted findings stand in their cells as they do in the form document, as JSON.
/// </summary>
public static class MoveTable
{
    private static readonly string[] Columns =
        ["id", "counting", "footwork", "foot", "way", "turn", "facing", "stance", "lead", "setOnTop", "hands", "kick", "kickFoot", "kickLevel", "landing", "gaze", "breath", "tempo", "shout", "note", "section", "grip", "strikeFrom", "tip", "stop", "stepAdjustCm", "seconds", "pivot", "alternatives", "accepted"];

    public static string Write(Form form)
    {
        using var text = new StringWriter();
        using var table = CsvWriter.Create(text, CsvWriterOptions.Default with { NewLine = "\r\n" }, leaveOpen: true);
        Line(table, Columns);
        var sections = form.Sections.ToDictionary(s => s.First, s => s);
        foreach (var m in form.Moves.Select(FormDocuments.Write))
            Line(table,
            [
                m.Id, Camel(m.Counting.ToString()), m.Footwork?.Kind, Word(m.Footwork?.Foot), Word(m.Footwork?.Way), Number(m.Turn), Number(m.Facing), m.Stance?.Kind, Word(m.Stance?.Lead),
                Word(m.SetOnTop), string.Join("; ", m.Hands.Select(Hand)), m.Kick?.Technique, Word(m.Kick?.Foot), Word(m.Kick?.Level), Word(m.Kick?.Landing),
                Word(m.Gaze), Word(m.Breath), Word(m.Tempo), m.Shout ? "yes" : "", m.Note, sections.TryGetValue(new MoveId(m.Id!), out var s) ? (s.Name.Length > 0 ? s.Name : "-") : "",
                Word(m.Weapon?.Leads), Word(m.Weapon?.From), Word(m.Weapon?.Tip), Word(m.Weapon?.Stop), m.StepAdjustCm == 0 ? "" : Decimal(m.StepAdjustCm), Decimal(m.Seconds), Word(m.Pivot), Listed(m.Alternatives), Listed(m.Accepted),
            ]);
        table.Flush();
        return text.ToString();
    }

    /// <summary>The form that a table describes.</summary>
    /// <exception cref="BadDocumentException">With the line and column of every cell that cannot be read.</exception>
    public static Form Read(string csv, string title, Vocabulary vocabulary)
    {
        var errors = new Dictionary<string, string[]>();
        var rows = Rows(csv, errors);
        if (rows.Count == 0 || errors.Count > 0) throw new BadDocumentException(errors.Count > 0 ? errors : Wrong("line 1", "The file is empty. The first line names the columns."));
        var header = rows[0].Cells;
        var unknown = header.Where(c => !Columns.Contains(c)).ToArray();
        if (unknown.Length > 0) throw new BadDocumentException(Wrong("line 1", $"There is no column \"{unknown[0]}\". The columns are: {string.Join(", ", Columns)}."));
        var moves = new List<MoveDocument>();
        var sections = new List<SectionDocument>();
        var lines = new List<int>();
        foreach (var (line, cells) in rows.Skip(1))
        {
            if (cells.Length != header.Length)
            {
                errors[$"line {line}"] = [$"{header.Length} cells are wanted, {cells.Length} are there."];
                continue;
            }
            string Cell(string column) => Array.IndexOf(header, column) is var at and >= 0 ? cells[at].Trim() : "";
            T? Choice<T>(string column, string? text = null) where T : struct, Enum
            {
                var value = text ?? Cell(column);
                if (value.Length == 0) return null;
                if (Enum.TryParse<T>(value, ignoreCase: true, out var parsed) && Enum.IsDefined(parsed) && !char.IsDigit(value[0])) return parsed;
                errors[$"line {line}, {column}"] = [$"\"{value}\" is none of {string.Join(", ", Enum.GetNames<T>().Select(Camel))}."];
                return null;
            }
            int? Whole(string column)
            {
                var value = Cell(column);
                if (value.Length == 0) return null;
                if (int.TryParse(value, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number)) return number;
                errors[$"line {line}, {column}"] = [$"\"{value}\" is no whole number."];
                return null;
            }
            double? Fraction(string column)
            {
                var value = Cell(column);
                if (value.Length == 0) return null;
                if (double.TryParse(value, NumberStyles.Float, CultureInfo.InvariantCulture, out var number)) return number;
                errors[$"line {line}, {column}"] = [$"\"{value}\" is no number. Write a full stop for the decimal point."];
                return null;
            }
            string? Text(string column) => Cell(column) is { Length: > 0 } value ? value : null;
            HandDocument ReadHand(string text)
            {
                var words = text.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToList();
                Hand? hand = words.Count > 1 && Enum.TryParse<Hand>(words[0], true, out var h) ? h : null;
                if (hand is not null) words.RemoveAt(0);
                Level? level = words.Count > 1 && Enum.TryParse<Level>(words[^1], true, out var l) ? l : null;
                if (level is not null) words.RemoveAt(words.Count - 1);
                return new HandDocument(string.Join(' ', words), hand, level);
            }
            IReadOnlyList<T> List<T>(string column)
            {
                if (Text(column) is not { } json) return [];
                try
                {
                    return JsonSerializer.Deserialize<T[]>(json, Json.Options) ?? [];
                }
                catch (JsonException bad)
                {
                    errors[$"line {line}, {column}"] = [$"{bad.Message.Split(" Path:")[0]} Write it as in a form document, or leave the cell empty."];
                    return [];
                }
            }
            var weapon = new WeaponDocument(Choice<Side>("grip"), Choice<Side>("strikeFrom"), Choice<TipHeight>("tip"), Choice<StopPlace>("stop"));
            var id = Text("id") ?? MoveId.New().Value;
            moves.Add(new MoveDocument
            {
                Id = id,
                Counting = Choice<Counting>("counting") ?? Counting.Own,
                Footwork = Text("footwork") is { } footwork ? new FootworkDocument(footwork, Choice<Side>("foot"), Choice<Way>("way")) : null,
                Turn = Whole("turn"),
                Facing = Whole("facing"),
                Stance = Text("stance") is { } stance ? new StanceDocument(stance, Choice<Side>("lead")) : null,
                SetOnTop = Choice<Side>("setOnTop"),
                Hands = Cell("hands").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(ReadHand).ToArray(),
                Kick = Text("kick") is { } kick ? new KickDocument(kick, Choice<Side>("kickFoot"), Choice<Level>("kickLevel"), Choice<Landing>("landing")) : null,
                Gaze = Choice<Gaze>("gaze"),
                Breath = Choice<Breath>("breath"),
                Tempo = Choice<Tempo>("tempo"),
                Shout = Cell("shout").Equals("yes", StringComparison.OrdinalIgnoreCase),
                Note = Array.IndexOf(header, "note") is var note and >= 0 ? cells[note] : "",
                StepAdjustCm = Fraction("stepAdjustCm") ?? 0,
                Seconds = Fraction("seconds"),
                Pivot = Choice<PivotPoint>("pivot"),
                Weapon = weapon == new WeaponDocument() ? null : weapon,
                Alternatives = List<AlternativeDocument>("alternatives"),
                Accepted = List<AcceptanceDocument>("accepted"),
            });
            lines.Add(line);
            if (Text("section") is { } section) sections.Add(new SectionDocument(id, Name: section == "-" ? "" : section));
        }
        if (errors.Count > 0) throw new BadDocumentException(errors);
        try
        {
            return FormDocuments.Read(new FormDocument { Title = title, Moves = moves, Sections = sections }, vocabulary);
        }
        catch (BadDocumentException bad)
        {
            // A place in the document is told as a line of the file.
            throw new BadDocumentException(bad.Errors.GroupBy(e => AsLine(e.Key)).ToDictionary(g => g.Key, g => g.SelectMany(e => e.Value).ToArray()));
        }

        string AsLine(string place) => place.StartsWith("moves[", StringComparison.Ordinal) && place.IndexOf(']') is var end and > 0
            && int.TryParse(place.AsSpan(6, end - 6), out var index) && index < lines.Count
            ? $"line {lines[index]}, {place[(end + 2)..].Split('.', '[')[0]}" : place;
    }

    private static string Listed<T>(IReadOnlyList<T> items) => items.Count == 0 ? "" : JsonSerializer.Serialize(items, Json.Options);

    private static string Hand(HandDocument h) => string.Join(' ', new[] { Word(h.Hand), h.Technique, Word(h.Level) }.Where(w => w is { Length: > 0 }));

    private static string Word<T>(T? value) where T : struct, Enum => value is { } v ? Camel(v.ToString()) : "";

    private static string Camel(string name) => char.ToLowerInvariant(name[0]) + name[1..];

    private static string Number(int? number) => number?.ToString(CultureInfo.InvariantCulture) ?? "";

    private static string Decimal(double? number) => number?.ToString("R", CultureInfo.InvariantCulture) ?? "";

    private static void Line(CsvWriter table, IEnumerable<string?> cells) => table.WriteRecord(cells.Select(c => c ?? "").ToArray());

    private static Dictionary<string, string[]> Wrong(string place, string message) => new() { [place] = [message] };

    /// <summary>The rows of a file with the line each begins on; empty lines are passed over.</summary>
    private static List<(int Line, string[] Cells)> Rows(string csv, Dictionary<string, string[]> errors)
    {
        var rows = new List<(int, string[])>();
        using var table = CsvReader.FromText(csv.TrimStart('\uFEFF'), CsvReaderOptions.Default with
        {
            HasHeader = false, MalformedData = CsvMalformedDataHandling.Throw, FieldCountMismatch = CsvFieldCountHandling.Allow, TrackLineNumbers = true,
        });
        try
        {
            while (table.Read())
                rows.Add(((int)table.LineNumber, Enumerable.Range(0, table.FieldCount).Select(table.GetString).ToArray()));
        }
        catch (CsvFormatException bad)
        {
            errors[$"line {bad.LineNumber}"] = [$"{bad.Message} Put a cell with commas or quotation marks into quotation marks, and double those inside."];
        }
        return rows;
    }
}
