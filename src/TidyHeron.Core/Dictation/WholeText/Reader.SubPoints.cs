using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Lists with points below each number: what stands in them is of that number's count.</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"^(?<indent>[ \t]*)[*_#(]*(?:(?:count|move|step|no\.?)[ ]*)?\d{1,3}(?!\d)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NumberedLine();

    [GeneratedRegex(@"^(?<indent>[ \t]*)(?:[-–•*·o+][ \t]+|[a-h][.)][ \t]+|>[ \t]*)?\S", RegexOptions.CultureInvariant)]
    private static partial Regex Point();

    [GeneratedRegex(@"^[ \t]*(?:[-–•*·o+][ \t]|[a-h][.)][ \t])", RegexOptions.CultureInvariant)]
    private static partial Regex HasAMark();

    /// <summary>
    /// Takes the points below a number for one sentence with it, those that tell something before those that only remark:
    /// a stance or a breath in a line of its own would be done after.
    /// </summary>
    private void JoinPointsBelowNumbers()
    {
        if (!_text.Contains('\n') || _tables.Count > 0) return;
        var lines = Table.Lines(_text);
        var numbered = lines.ConvertAll(l => NumberedLine().Match(_text[l.Start..l.End]));
        var points = lines.Select((l, k) => !numbered[k].Success && IsPointBelow(k)).ToList();
        if (points.Count(p => p) < 2 || numbered.Count(m => m.Success) < 2) return;
        for (var k = lines.Count - 1; k >= 0; k--)
        {
            if (!points[k]) continue;
            var first = k;
            while (points[first - 1]) first--;
            JoinPoints(lines.GetRange(first, k - first + 1));
            k = first;
        }

        // Behind a mark, or further in than its number.
        bool IsPointBelow(int k)
        {
            var above = k - 1;
            while (above >= 0 && !numbered[above].Success && HasAMark().IsMatch(_text[lines[above].Start..lines[above].End]) | IsFurtherIn(above)) above--;
            return above >= 0 && numbered[above].Success && (HasAMark().IsMatch(_text[lines[k].Start..lines[k].End]) || IsFurtherIn(k));
        }

        bool IsFurtherIn(int k)
        {
            var above = numbered.FindLastIndex(k, m => m.Success);
            return above >= 0 && Point().Match(_text[lines[k].Start..lines[k].End]).Groups["indent"].Length > numbered[above].Groups["indent"].Length;
        }
    }

    private void JoinPoints(List<(int Start, int End)> lines)
    {
        var at = _lexemes.FindIndex(l => l.Start >= lines[0].Start);
        var (told, remarked) = (new List<Lexeme>(), new List<Lexeme>());
        if (at <= 0 || !_lexemes[at - 1].EndsSentence) return;
        var begins = at;
        foreach (var (first, last) in lines.Select(LexemesIn).OfType<(int First, int Last)>())
        {
            var said = _lexemes.GetRange(first, last - first + 1).FindAll(l => !l.IsStop || l.Start > _lexemes[first].Start);
            while (said.Count > 0 && said[0].IsStop) said.RemoveAt(0);
            while (said.Count > 0 && said[^1].IsStop) said.RemoveAt(said.Count - 1);
            if (said.Count == 0) continue;
            var remark = said.Exists(l => l.Kind is "note" or "opening" or "unread") || !said.Exists(l => l.Kind is not ("filler" or "detail"));
            var to = remark ? remarked : told;
            to.Add(new Lexeme("stop", remark ? "." : ",", said[0].Start, 0, ""));
            to.AddRange(said);
            at = last + 1;
        }
        if (told.Count == 0 || at <= begins) return;
        _lexemes.RemoveRange(begins, at - begins);
        _lexemes.InsertRange(begins, [.. told, .. remarked]);
        _lexemes.RemoveAt(begins - 1); // the end of the line that has the number
    }
}
