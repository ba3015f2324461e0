using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>What a text says of the form before it tells it, and which of its counts are shouted: "Kata: Low Bridge", "Moves: 20", "Kiai: 9, 17".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"^[ \t*#]*(?:(?<moves>(?:(?:number|no\.?|count) of |total )?(?:moves|movements|counts|steps|techniques))|(?:name|title)(?: of (?:the|this) (?:form|kata|pattern|set|drill))?|form|kata|pattern|poomsae|hyung|tul|set|taolu|style|school|club|teacher|instructor|author|written by|date|level|grade|rank|belt|source|version|meaning|duration|length|time|weapon)[*]*(?:[ \t]*:|[ \t]+[-–])[* \t]*[^\s,:;][^,:;]*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex HeadLine();

    private readonly SortedSet<int> _shouted = []; // counts, by their numbers
    private bool _lastIsShouted;

    /// <summary>Takes the lines at the top that only say what form it is: they tell no move; how many counts it has is kept.</summary>
    private void FindTheHead()
    {
        if (_before.Count > 0 || !_text.Contains('\n')) return;
        foreach (var line in Table.Lines(_text))
        {
            var said = HeadLine().Match(_text[line.Start..line.End]);
            // The name alone may stand above, and which counts are shouted among them.
            if (!said.Success && line.Start > 0 && !(LexemesIn(line) is var (shout, _) && _lexemes[shout].Is("shout"))) return;
            if (!said.Success || LexemesIn(line) is not var (first, last)) continue;
            last = Math.Min(last, EndOfSentence(first)); // "Counts: 9. Kiai on 5 and 9."
            // "Stance: front": not a head's, but that of a count.
            if (_lexemes.GetRange(first, last - first + 1).Exists(l => l.Kind is "footNoun" or "handNoun")) return;
            var many = _lexemes.FindIndex(first, last - first + 1, l => l.Is("number"));
            if (said.Groups["moves"].Success)
            {
                const int Most = 400; // counts
                if (many < 0 || _lexemes[many].Number is < 1 or > Most) return;
                _lexemes[many] = _lexemes[many] with { Kind = "declares" };
            }
            for (var k = first; k <= last; k++)
                if (!_lexemes[k].Is("declares") && !_lexemes[k].Is("weapon")) BecomesStopless(k);
        }
    }

    /// <summary>"Kiai on 9 and 17.", "Shouts: 4, 8", in a sentence of its own: on those counts, wherever it is said; a remark where a move stands before it.</summary>
    private void FindShoutsOfCounts()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (last, shout) = (EndOfSentence(first), first);
            while (shout < last && _lexemes[shout] is { Kind: "filler" or "note" } && !_lexemes[shout].IsStop) shout++;
            if (!_lexemes[shout].Is("shout") || shout == last) continue;
            var told = _lexemes.GetRange(shout + 1, last - shout);
            // "Step three times … Shout on the third.": of those, not of all.
            var numbers = told.FindAll(l => l.Is("number") || l.Is("ordinal") && int.TryParse(l.Value, out _) && told.Exists(n => n.Is("countNoun")));
            var final = told.Exists(l => l.Plain is "last" or "the last" or "last one" or "the last one");
            if (numbers.Count == 0 || told.Exists(l => l.Plain is "that" or "this") || !told.TrueForAll(l => l.IsStop || numbers.Contains(l) || l.Kind is "filler" or "countNoun" or "together" || l.Plain is "last" or "the last" or "moves" or "move" or "steps" or "step" or "and the last")) continue;
            _shouted.UnionWith(numbers.Select(l => l.Number));
            _lastIsShouted |= final;
            if (_lexemes.Take(first).Any(l => l.Kind is "technique" or "footwork" or "stance")) AsNote(first, last);
            else for (var k = first; k <= last; k++) BecomesStopless(k);
        }
    }

    /// <summary>Shouts on the counts of which it was said.</summary>
    private void ShoutOnThoseCounts()
    {
        if (_shouted.Count == 0) return;
        var counts = CountsSoFar();
        if (_lastIsShouted) _shouted.Add(counts.DefaultIfEmpty().Max());
        foreach (var number in _shouted)
            if (Array.LastIndexOf(counts, number) - _before.Count is >= 0 and var at && at < _said.Count && _said[at].Counting != Notation.Counting.Uncounted) _said[at] = _said[at] with { Shout = true };
    }
}
