using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Where patterns over the words as they were said are found among the lexemes.</summary>
public sealed partial class Reader
{
    private const int MostOfAShortOne = 9; // lexemes of a clause or sentence that says one small thing

    /// <summary>The runs of lexemes that a pattern covers, looked for in the clauses in which any of these words is said.</summary>
    private IEnumerable<(int First, int Last, Match Match)> Runs(Regex pattern, params string[] words)
    {
        if (!words.Any(w => _text.Contains(w, StringComparison.OrdinalIgnoreCase))) yield break;
        foreach (var (from, to) in ClausesOfTheText())
        {
            if (!words.Any(w => _text.AsSpan(from, to - from).Contains(w, StringComparison.OrdinalIgnoreCase))) continue;
            for (var match = pattern.Match(_text, from, to - from); match.Success; match = match.NextMatch())
                if (RunOf(match) is var (first, last)) yield return (first, last, match);
        }
    }

    /// <summary>Where in the text the clauses are, as the stops part them now.</summary>
    private List<(int From, int To)> ClausesOfTheText()
    {
        var clauses = new List<(int, int)>();
        var from = 0;
        foreach (var stop in _lexemes.Where(l => l.IsStop && l.Length > 0))
        {
            if (stop.Start > from) clauses.Add((from, stop.Start));
            from = Math.Max(from, stop.Start + stop.Length);
        }
        if (from < _text.Length) clauses.Add((from, _text.Length));
        return clauses;
    }

    /// <summary>The lexemes that a match covers; none where the words are not parted there too, or not within one clause.</summary>
    private (int First, int Last)? RunOf(Match match)
    {
        var first = _lexemes.FindIndex(l => !l.IsStop && l.Start + l.Length > match.Index);
        var last = _lexemes.FindLastIndex(l => l.Start < match.Index + match.Length);
        if (first < 0 || last < first || _lexemes[first].Start < match.Index || _lexemes[last].Start + _lexemes[last].Length > match.Index + match.Length) return null;
        return _lexemes.GetRange(first, last - first + 1).Any(l => l.IsStop) ? null : (first, last);
    }
}
