using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Lines that say only where those below them go: "Line 2 (front):", "To the right".</summary>
public sealed partial class Reader
{
    /// <summary>
    /// Takes the direction of a line of its own to the first move below it, as what is told there: the reader ends sentences with lines, and a
    /// direction alone would belong to the move before. At the head of lines left and right are walls.
    /// </summary>
    private void FindHeadingLines()
    {
        if (!_text.Contains('\n')) return;
        var lines = Table.Lines(_text);
        var headings = lines.SkipLast(1).Select((line, k) => (Line: line, Next: lines[k + 1], Said: LexemesIn(line))).Where(h => h.Said is not null && !_tables.Exists(t => t.StopAt(h.Line.Start) is not null || t.StopAt(h.Line.End) is not null))
            .Select(h => (h.Line, h.Next, Heading: HeadingAlone(h.Said!.Value.First, h.Said.Value.Last), IsLabelled: LabelIn(h.Said.Value.First, h.Said.Value.Last) > h.Said.Value.First)).Where(h => h.Heading is not null).ToList();
        foreach (var (line, next, heading, labelled) in Enumerable.Reverse(headings))
        {
            var ends = _text[line.Start..line.End].TrimEnd();
            if (ends.EndsWith('.') || !(labelled || ends.EndsWith(':') || headings.Count > 1) || LexemesIn(next) is not (var first, var last) || !_lexemes.GetRange(first, last - first + 1).Exists(l => l.Kind is "technique" or "stance")) continue;
            // Behind a mark of the list and the number of the count.
            while (first < last && _lexemes[first].IsStop) first++;
            if (first + 1 < last && _lexemes[first].Is("number") && _lexemes[first + 1].IsStop) first += 2;
            else if (first < last && _lexemes[first].Is("number")) first++;
            _lexemes.Insert(first, StopAt(first, ","));
            FacingAt(first, heading!.Value, _lexemes[first].Start, 0);
            var (from, to) = LexemesIn(line)!.Value;
            // "Line 2" calls no count.
            for (var k = from + 1; k < LabelIn(from, to); k++)
                if (_lexemes[k].Is("number") && IsAPart(_lexemes[k - 1])) BecomesSmall(k);
            for (var k = LabelIn(from, to); k <= to; k++) BecomesStopless(k);
        }
    }

    /// <summary>Behind what a heading line is called, "Line 2", "Section B", "2nd": where it says the rest.</summary>
    private int LabelIn(int first, int last)
    {
        var k = first;
        while (k < last && (_lexemes[k].Kind is "cut" or "passage" or "ordinal" or "number" or "then" || _lexemes[k].Is("filler") && _lexemes[k].Plain is not ("to" or "to the" or "the" or "towards" or "toward") || (k == first || IsAPart(_lexemes[k - 1])) && _lexemes[k] is { Kind: "unread", Length: 1 })) k++;
        return k < last && k > first && _lexemes.GetRange(k, last - k + 1).Exists(l => !l.IsStop) ? k : first;
    }

    private static bool IsAPart(Lexeme l) => l.Kind is "cut" or "passage" || l.Plain is "section" or "part" or "line" or "row" or "side" or "leg" or "arm";

    private Heading? HeadingAlone(int first, int last)
    {
        const int Longest = 8; // lexemes, stops among them
        first = LabelIn(first, last);
        if (last - first >= Longest) return null;
        var said = Enumerable.Range(first, last - first + 1).Where(k => !_lexemes[k].IsStop && !_lexemes[k].Is("filler") && !_lexemes[k].Is("facing")).ToList();
        // "Centre", among lines that go to the sides; "line 3 - up the middle": to the front, where the lines go that do not go to the sides.
        var word = _lexemes.FindLastIndex(last, last - first + 1, l => !l.IsStop);
        if (word >= first && _lexemes[word].Plain is "centre" or "center" or "middle" && _lexemes.GetRange(first, word - first).TrueForAll(l => l.IsStop || l.Kind is "number" or "ordinal" or "then" || IsAPart(l))) return Heading.Front;
        if (said is [var only] && _lexemes[only] is { Kind: "way", Value: "forward" } along && along.Plain.Split(' ')[^1] is "middle" or "center" or "centre" || said.Count == 0 && last > first && _lexemes[last] is { Kind: "filler", Plain: "the center line" or "the centre line" or "the middle line" } && _lexemes[last - 1].Plain is "up" or "down") return Heading.Front;
        return said.Count > 0 && !_lexemes[said[0]].Is("number") ? DirectionIn(said[0], said[^1]) : null;
    }
}
