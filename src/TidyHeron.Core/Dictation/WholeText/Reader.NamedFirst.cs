namespace TidyHeron.Core.Dictation;

/// <summary>Counts that are named first and told out after: "1. Left low block. Step to the left into front stance."</summary>
public sealed partial class Reader
{
    /// <summary>
    /// Puts what a count is named by behind what tells it, where the name is all there is of the technique, and takes it for a name only where it is
    /// told again. A name alone would be done first, and the step after it.
    /// </summary>
    private void FindCountsNamedFirst()
    {
        var begins = NumberedCounts();
        if (begins.Count < Numbered) begins = NamedLines();
        if (begins.Count < Numbered || _lexemes.GetRange(0, begins[0].From).Exists(l => l.Kind is "footwork" or "footNoun" && l.Value is not ("bow" or "step"))) return; // the name comes first
        var counts = begins.Select((b, k) => Named(b.From, k + 1 < begins.Count ? begins[k + 1].Call - 1 : _lexemes.Count - 1)).ToList();
        var (named, told) = (counts.Count(c => c is { IsNamed: true }), counts.Count(c => c.To > c.Name.Last));
        if (named < Numbered || named * 3 < told * 2) return;
        foreach (var (name, to, isNamed) in Enumerable.Reverse(counts))
            if (isNamed) PutBehind(name.First, name.Last, to);
    }

    /// <summary>Where the sentences begin that have a number which counts up, and where they go on behind it and its stops.</summary>
    private List<(int Call, int From)> NumberedCounts()
    {
        var begins = new List<(int, int)>();
        for (var (i, number) = (0, 0); i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("number") || _lexemes[i].Number != number + 1) continue;
            var call = i > 0 && _lexemes[i - 1] is { Kind: "countNoun" } or { Kind: "footwork", Plain: "step" or "move" } ? i - 1 : i;
            while (call > 0 && _lexemes[call - 1] is { IsStop: true, EndsSentence: false }) call--; // "| 1 | …"
            if (call > 0 && !_lexemes[call - 1].EndsSentence) continue;
            number++;
            // "6-8. Rising blocks": up to that one.
            if (i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && CharAt(_lexemes[i + 1].Start - 1) is '-' or '–' && _lexemes[i + 1].Number > number) number = _lexemes[++i].Number;
            while (i + 1 < _lexemes.Count && _lexemes[i + 1].IsStop) i++;
            if (i + 1 < _lexemes.Count) begins.Add((call, i + 1));
        }
        return begins;
    }

    /// <summary>Where the lines begin that only name a technique, or do so before a colon, a dash or a bracket.</summary>
    private List<(int Call, int From)> NamedLines()
    {
        var begins = new List<(int, int)>();
        if (!_text.Contains('\n')) return begins;
        foreach (var line in Table.Lines(_text))
            if (LexemesIn(line) is var (first, last) && EndOfName(first, last) is var end and >= 0 && (end == last || end + 1 == last && _lexemes[last].IsStop || CharAt(_lexemes[end + 1].Start) is not (',' or '.' or ';' or '!' or '?'))) begins.Add((first, first));
        return begins;
    }

    /// <summary>The last lexeme of the clauses that only name: sides, levels, stances, techniques of the hand; -1 where none does.</summary>
    private int EndOfName(int first, int last)
    {
        var (end, names) = (-1, false);
        for (var i = first; i <= last; i++)
        {
            if (_lexemes[i].IsStop)
            {
                if (_lexemes[i].Value != ",") break;
                continue;
            }
            if (_lexemes[i] is not ({ Kind: "side" or "level" or "stance" or "filler" } or { IsHandTechnique: true })) return names && end >= 0 && _lexemes[end + 1].IsStop ? end : -1;
            if (i < last && !_lexemes[i + 1].IsStop) continue;
            end = i;
            names |= _lexemes.GetRange(first, i - first + 1).Exists(l => l.IsHandTechnique);
        }
        return names ? end : -1;
    }

    /// <summary>How a count is named, and where it is told out to: before the first remark and before one comes home.</summary>
    private ((int First, int Last) Name, int To, bool IsNamed) Named(int from, int to)
    {
        var end = EndOfName(from, to);
        if (end < 0) return ((from, from - 1), to, false);
        var last = end;
        for (var i = end + 1; i <= to && _lexemes[i] is not ({ Kind: "note" } or { Kind: "footwork", Value: "return" or "bow" } or { Kind: "opening" }); i++)
            if (!_lexemes[i].IsStop && (i == to || _lexemes[i + 1].IsStop)) last = i;
        var told = _lexemes.GetRange(end + 1, last - end);
        var moves = told.Exists(l => l is { Kind: "footNoun" or "footwork" });
        var repeats = told.Where((l, k) => l.Is("technique") && !IsDrawnBack(l) && !(l.Plain is "knee" or "elbow" or "head" or "palm" && k > 0 && told[k - 1].Kind is "side" or "filler")).ToList(); // "over your left knee"
        return ((from, end), last, moves && repeats.TrueForAll(l => _lexemes.GetRange(from, end - from + 1).Exists(n => n.IsHandTechnique && IsTheSame(n, l))));
    }

    /// <summary>Whether a technique is the one that was named, perhaps told with less: "lunge punch", and then "punch".</summary>
    private static bool IsTheSame(Lexeme name, Lexeme told) =>
        name.Value == told.Value || told.Value is "punch" or "block" or "strike" && name.Term?.Family == told.Term?.Family
        || told is { Value: "foot-sweep", Plain: "sweep" or "sweeps" or "sweeping" } && name.Term?.Family == "receiving"; // "your left arm sweeps down"

    /// <summary>"Right hand at the hip": what the other hand does with it.</summary>
    private static bool IsDrawnBack(Lexeme l) => l is { Kind: "technique", Value: "chamber" or "pull" };

    private void PutBehind(int first, int last, int to)
    {
        // "Middle punch (chudan oi zuki)": what else it is called may tell more of it.
        if (_lexemes.FindIndex(first, last - first + 1, l => l.IsStop && CharAt(l.Start) == '(') is > 0 and var bracket && _lexemes.GetRange(bracket, last - bracket + 1).Find(l => l.Is("technique")) is { } also && _lexemes.FindLastIndex(bracket, bracket - first, l => l.Is("technique")) is > 0 and var called)
        {
            if (IsTheSame(also, _lexemes[called])) _lexemes[called] = _lexemes[called] with { Value = also.Value, Term = also.Term };
            for (var i = bracket; i <= last; i++) BecomesStopless(i);
            if (last + 1 < _lexemes.Count && _lexemes[last + 1].IsStop && CharAt(_lexemes[last + 1].Start) == ')') BecomesStopless(++last);
        }
        var name = _lexemes.GetRange(first, last - first + 1);
        // What tells it is one sentence.
        for (var i = last + 1; i < to; i++)
            if (_lexemes[i].EndsSentence || _lexemes[i].Is("stop", ":")) _lexemes[i] = _lexemes[i] with { Value = "," };
        var told = _lexemes.FindIndex(last + 1, to - last, l => l.Is("technique") && !IsDrawnBack(l));
        if (told < 0)
        {
            if (_lexemes.FindIndex(last + 1, to - last, IsDrawnBack) is > 0 and var back && _lexemes.FindLastIndex(back, l => l.IsStop) is var before && before > last + 1) to = before - 1;
            _lexemes.Insert(to + 1, StopAfter(to, ","));
            _lexemes.InsertRange(to + 2, name);
            _lexemes.RemoveRange(first, name.Count + (_lexemes[last + 1].IsStop ? 1 : 0));
            return;
        }
        // "Lunge punch. Step forward and punch with the right hand": which punch it is tells the name.
        var which = name.Find(l => l.IsHandTechnique && IsTheSame(l, _lexemes[told]))!;
        _lexemes[told] = _lexemes[told] with { Value = which.Value, Term = which.Term };
        for (var i = first; i <= last; i++)
            if (!_lexemes[i].Is("stance") || _lexemes.GetRange(last + 1, to - last).Exists(l => l.Is("stance"))) BecomesStopless(i);
    }
}
