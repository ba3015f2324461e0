using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Tables put into the line: what a cell says is told by the head of its column.</summary>
public sealed partial class Reader
{
    /// <summary>Retells the cells of each table as a teacher would say them aloud: "left" below "foot" is the left foot, below "direction" the left wall.</summary>
    private void ReadTables()
    {
        foreach (var table in Enumerable.Reverse(_tables))
        {
            var heads = table.Heads.Any(h => h != Column.Words) ? ByWhatIsBelow(table) : GuessedHeads(table);
            foreach (var row in table.Rows.Reverse())
                for (var c = row.Count - 1; c >= 0; c--)
                    if (LexemesIn(row[c]) is var (first, last)) RetellCell(c < heads.Count ? heads[c] : Column.Words, c + 1 < heads.Count ? heads[c + 1] : Column.Words, first, last);
            // The heads themselves say nothing, unless it is what one carries.
            foreach (var label in table.Labels)
                if (LexemesIn(label) is var (from, to))
                    for (var k = from; k <= to; k++)
                        if (!_lexemes[k].Is("weapon")) BecomesStopless(k);
            foreach (var row in table.Rows.Reverse()) PutFeetFirst(row);
        }
    }

    private (int First, int Last)? LexemesIn((int Start, int End) cell)
    {
        var first = _lexemes.FindIndex(l => l.Start >= cell.Start);
        var last = _lexemes.FindLastIndex(l => l.Start < cell.End);
        return first >= 0 && last >= first ? (first, last) : null;
    }

    /// <summary>Below "direction" may stand how far one turns as well, "90 L": then it is told of turns.</summary>
    private List<Column> ByWhatIsBelow(Table table) =>
        [.. table.Heads.Select((head, c) => head == Column.Direction && table.Rows.Where(r => c < r.Count).Select(r => LexemesIn(r[c])).OfType<(int First, int Last)>().Any(p => _lexemes.GetRange(p.First, p.Last - p.First + 1).Exists(l => l.Is("degrees"))) ? Column.Turn : head)];

    /// <summary>Without heads only directions are told apart: a column of hardly anything else, and not of the two sides alone, which a limb has as well.</summary>
    private List<Column> GuessedHeads(Table table) =>
        [.. table.Heads.Select((_, c) =>
        {
            var cells = table.Rows.Where(r => c < r.Count).Select(r => LexemesIn(r[c])).OfType<(int First, int Last)>().ToList();
            var directions = cells.Where(p => DirectionIn(p.First, p.Last) is not null && !(p.First == p.Last && _lexemes[p.First].Is("number"))).ToList();
            return directions.Count > 1 && directions.Count * 4 >= cells.Count * 3 && directions.Exists(p => !(p.First == p.Last && _lexemes[p.First].Is("side"))) ? Column.Direction : Column.Words;
        })];

    private void RetellCell(Column column, Column next, int first, int last)
    {
        switch (column)
        {
            case Column.Direction when DirectionIn(first, last) is { } heading:
                var (start, end) = (_lexemes[first].Start, _lexemes[last].Start + _lexemes[last].Length);
                _lexemes.RemoveRange(first + 1, last - first);
                _lexemes.RemoveAt(first);
                FacingAt(first, heading, start, end - start);
                break;
            case Column.Turn when _lexemes.GetRange(first, last - first + 1) is var turn && turn.Exists(l => l.Kind is "degrees" or "amount" or "side") && !turn.Exists(l => l.Kind is "footwork" or "footNoun"):
                _lexemes.Insert(first, new Lexeme("footwork", "turn", _lexemes[first].Start, 0, "turn", TermOf("turn")));
                break;
            case Column.Foot when first == last && _lexemes[first].Is("side"):
                _lexemes.Insert(last + 1, new Lexeme("footNoun", "foot", _lexemes[first].Start + _lexemes[first].Length, 0, "foot"));
                break;
            case Column.Foot when first < last && _lexemes[first].Is("side") && !_lexemes.GetRange(first, last - first + 1).Exists(l => l.Kind is "footNoun" or "footwork"):
                _lexemes.Insert(first + 1, new Lexeme("footNoun", "foot", _lexemes[first].Start + _lexemes[first].Length, 0, "foot")); // "left forward"
                break;
            case Column.LeftHand or Column.RightHand or Column.LeftFoot or Column.RightFoot: DoneByThatLimb(column, first, last); break;
            case Column.Hand when first == last && _lexemes[first].Is("side"):
                _lexemes.Insert(last + 1, new Lexeme("handNoun", "hand", _lexemes[first].Start + _lexemes[first].Length, 0, "hand"));
                GoesOnWithTheNextCell(last + 1);
                break;
            case Column.Side when first == last && _lexemes[first].Is("side"):
            case Column.Lead when first == last && _lexemes[first].Is("side") && next == Column.Stance:
                GoesOnWithTheNextCell(last);
                break;
            case Column.Stance when !_lexemes.GetRange(first, last - first + 1).Exists(l => l.Is("stance")): NameTheStance(first, last); break;
            case Column.Shout when Slice(_lexemes[first]).Trim().ToLowerInvariant() is var mark && !_lexemes[first].Is("shout"):
                _lexemes[first] = _lexemes[first] with { Kind = mark is "no" or "-" or "–" or "0" or "n" ? "filler" : "shout", Value = "shout", Term = null };
                break;
            case Column.Note: RemarkIn(first, last); break;
        }
    }

    /// <summary>"Low block" below "left hand", "hip" below "right hand", "forward" below "right foot".</summary>
    private void DoneByThatLimb(Column column, int first, int last)
    {
        while (first < last && _lexemes[first].IsStop) first++;
        var said = _lexemes.GetRange(first, last - first + 1);
        if (said.TrueForAll(l => l.IsStop || l is { Kind: "filler", Plain: "" or "same" or "nothing" or "none" }) || said.Exists(l => l.Kind is "footNoun" or "handNoun")) return;
        var hand = column is Column.LeftHand or Column.RightHand;
        if (hand && !said.Exists(l => l.Is("technique")) && said.FindIndex(l => l.Plain is "hip" or "waist" or "belt" or "side") is >= 0 and var hip) BecomesTerm(first + hip, "technique", "chamber");
        var side = column is Column.LeftHand or Column.LeftFoot ? "left" : "right";
        // What both hands do in one row they do at once.
        if (hand && first > 1 && _lexemes[first - 1].Is("stop", ",") && _lexemes.GetRange(0, first).FindLast(l => !l.IsStop) is { IsHandTechnique: true, Value: not "chamber" } && said.Exists(l => l is { IsHandTechnique: true, Value: not "chamber" })) _lexemes[first - 1] = _lexemes[first - 1] with { Kind = "together", Value = "together", Plain = "while" };
        _lexemes.InsertRange(first, [new Lexeme("side", side, _lexemes[first].Start, 0, side), hand ? new Lexeme("handNoun", "hand", _lexemes[first].Start, 0, "hand") : new Lexeme("footNoun", "foot", _lexemes[first].Start, 0, "foot")]);
    }

    /// <summary>Where the cells of what is done stand before those of how one gets there, they come after.</summary>
    private void PutFeetFirst(IReadOnlyList<(int Start, int End)> row)
    {
        var cells = row.Select(LexemesIn).OfType<(int First, int Last)>().OrderBy(p => p.First).ToList(); // labels stand in any order
        bool Has(int c, Func<Lexeme, bool> which) => _lexemes.GetRange(cells[c].First, cells[c].Last - cells[c].First + 1).Exists(l => which(l));
        var done = Enumerable.Range(0, cells.Count).Where(c => Has(c, l => l.IsHandTechnique) && !Has(c, l => l.Kind is "footNoun" or "footwork")).ToList();
        var goes = Enumerable.Range(0, cells.Count).Where(c => Has(c, l => l.Kind is "footNoun" or "footwork") && !Has(c, l => l.Is("technique"))).ToList();
        if (done.Count == 0 || goes.Count == 0 || goes[^1] < done[0]) return;
        var (from, to) = (cells[done[0]].First, cells[goes[^1]].Last);
        var behind = done.Where(c => c < goes[^1]).ToList();
        // With the stops between them; the last of those stands before what is put behind.
        List<Lexeme> first = [], last = [];
        for (var k = from; k <= to; k++) (behind.Exists(c => k >= cells[c].First && k < (c + 1 < cells.Count ? cells[c + 1].First : to + 1)) ? last : first).Add(_lexemes[k]);
        while (last.Count > 0 && last[^1].IsStop) last.RemoveAt(last.Count - 1);
        _lexemes.RemoveRange(from, to - from + 1);
        _lexemes.InsertRange(from, [.. first, new Lexeme("stop", ",", last[0].Start, 0, ""), .. last]);
    }

    /// <summary>Puts in that one faces a direction, in the words that say so.</summary>
    private void FacingAt(int i, Heading heading, int start, int length) =>
        _lexemes.InsertRange(i, [new Lexeme("facing", "facing", start, 0, "facing"), new Lexeme("clock", (heading.Degrees / 15).ToString(System.Globalization.CultureInfo.InvariantCulture), start, length, "direction")]);

    private void GoesOnWithTheNextCell(int i)
    {
        if (i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && !_lexemes[i + 2].IsStop) BecomesStopless(i + 1);
    }

    /// <summary>"Front" or "L cat" below "stance": that stance, though the word is not said.</summary>
    private void NameTheStance(int first, int last)
    {
        while (first < last && _lexemes[first] is { Kind: "side" }) first++;
        if (_lexemes.FindIndex(first, last - first + 1, l => l.IsStop) is var stop && stop > first) last = stop - 1; // "front, shout"
        while (first < last && _lexemes[last] is { Kind: "side" }) last--;
        List<string?> words = [.. _lexemes.GetRange(first, last - first + 1).SelectMany(l => l.Plain.Split(' ')), "stance"];
        if (words.TrueForAll(w => w is { Length: > 0 }) && _ways.Vocabulary.Phrases.Match(words, 0) is ({ Kind: "stance", Term: { } term }, var length) && length == words.Count)
        {
            var (start, end) = (_lexemes[first].Start, _lexemes[last].Start + _lexemes[last].Length);
            _lexemes.RemoveRange(first + 1, last - first);
            _lexemes[first] = new Lexeme("stance", term.Id.Value, start, end - start, string.Join(' ', words), term);
        }
    }

    /// <summary>What stands below "notes" is a remark, but for the shout, the breath and the tempo.</summary>
    private void RemarkIn(int first, int last)
    {
        for (var to = last; to >= first; to--)
        {
            var from = to;
            while (from > first && !_lexemes[from].IsStop && !_lexemes[from - 1].IsStop) from--;
            if (!_lexemes[to].IsStop && !_lexemes.GetRange(from, to - from + 1).TrueForAll(l => l.Kind is "shout" or "tempo" or "breath" or "filler")) AsNote(from, to);
            to = from;
        }
    }

    /// <summary>Which way a cell names: "left", "front left", "NW", "9:00", "←"; none if it says anything else.</summary>
    private Heading? DirectionIn(int first, int last)
    {
        var said = _lexemes.GetRange(first, last - first + 1).Where(l => !l.Is("filler") && !l.Is("facing") && !(l.IsStop && !Letters.ContainsKey(Slice(l)))).ToList();
        if (said is [{ Kind: "clock" } hour]) return Heading.FromClock(hour.Number);
        if (said is [{ Kind: "number", Number: >= 1 and <= 12 } bare]) return Heading.FromClock(bare.Number % 12 * 2);
        if (said is [{ Kind: "place" } place] && place.Plain != FromTheCentre) return HeadingOf(place);
        if (said is [{ Length: 1 or 2 } letters] && Letters.TryGetValue(Slice(letters).ToUpperInvariant(), out var wind)) return new Heading(wind);
        var (side, along) = (default(Side?), 0);
        foreach (var l in said)
        {
            if (l is { Kind: "side" or "turnSide" }) side = l.Side;
            else if (said.Count == 1 && l is { Kind: "way", Value: "forward" } && l.Plain is not "front") return null; // on along the line
            else if (l is { Kind: "way", Value: "left" or "right" }) side = l.Side;
            else if (l is { Kind: "place", Value: "front" } or { Kind: "way", Value: "forward" } || l.Plain is "front" or "forward" or "fwd") along = 1;
            else if (l is { Kind: "place", Value: "rear" } or { Kind: "way", Value: "back" } || l.Plain is "back" or "rear" or "behind") along = -1;
            else return null;
        }
        return (side, along) switch
        {
            (null, 1) => new Heading(0),
            (null, -1) => new Heading(180),
            (Side.Left, var a) => new Heading(270 + 45 * a),
            (Side.Right, var a) => new Heading(90 - 45 * a),
            _ => null,
        };
    }

    private static readonly Dictionary<string, int> Letters = new(StringComparer.Ordinal)
    {
        ["N"] = 0, ["NE"] = 45, ["E"] = 90, ["SE"] = 135, ["S"] = 180, ["SW"] = 225, ["W"] = 270, ["NW"] = 315,
        ["↑"] = 0, ["↗"] = 45, ["→"] = 90, ["↘"] = 135, ["↓"] = 180, ["↙"] = 225, ["←"] = 270, ["↖"] = 315,
        ["⬆"] = 0, ["➡"] = 90, ["⬇"] = 180, ["⬅"] = 270,
        ["F"] = 0, ["B"] = 180,
    };
}
