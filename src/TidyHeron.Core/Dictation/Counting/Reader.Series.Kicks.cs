namespace TidyHeron.Core.Dictation;

/// <summary>Several kicks told at once.</summary>
public sealed partial class Reader
{
    /// <summary>"Two front kicks, right and left, each landing in front with a reverse punch": one after the other, each with what is said of each.</summary>
    private void FindKicksInARow()
    {
        for (var i = 1; i < _lexemes.Count; i++) TellKicksOneByOne(i);
        for (var i = 1; i + 4 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].IsKick || !_lexemes[i - 1].Is("number") || !IsPlural(_lexemes[i]) || EndOfSentence(i) is var end && !_lexemes.GetRange(i, end - i + 1).Any(l => l.Plain is "each" or "each time")) continue;
            PartLeftAndRight(i + 1 < _lexemes.Count && _lexemes[i + 1].IsStop ? i + 1 : i);
            if (i + 2 < _lexemes.Count && IsLeftAndRight(i + 2)) IntoTwoSides(i + 2);
            end = EndOfSentence(i);
            var each = _lexemes.FindIndex(i, end - i + 1, l => l.Plain is "each" or "each time");
            var sides = _lexemes.GetRange(i + 1, each - i - 1);
            if (sides.Count(l => l.Is("side")) != _lexemes[i - 1].Number || !sides.All(l => l.Is("side") || l.Is("stop", ",") || l.Plain == "and")) continue;
            var (kick, rest) = (_lexemes[i], _lexemes.GetRange(each + 1, end - each));
            var told = new List<Lexeme>();
            foreach (var (side, k) in sides.Where(l => l.Is("side")).Select((l, k) => (l, k)))
            {
                var at = rest.Count > 0 ? rest[^1].Start + rest[^1].Length : kick.Start + kick.Length;
                told.AddRange([side, k == 0 ? kick : kick with { Start = at, Length = 0 }, .. k == 0 ? rest : rest.Select(l => l with { Start = at, Length = 0 })]);
                told.Add(new Lexeme("stop", ".", at, 0, ""));
            }
            told.RemoveAt(told.Count - 1);
            told.Insert(0, _lexemes[each] with { Kind = "filler" });
            BecomesSmall(i - 1);
            _lexemes.RemoveRange(i, end - i + 1);
            _lexemes.InsertRange(i, told);
            i += told.Count - 1;
        }
    }

    /// <summary>"Three front kicks, right, left, right", "three front kicks": so many, one after the other.</summary>
    private void TellKicksOneByOne(int i)
    {
        if (!_lexemes[i].IsKick || _lexemes[i - 1] is not { Kind: "number" } many || many.Number is < 2 or > 5 || IsCountMark(i - 1) || !IsPlural(_lexemes[i])) return;
        var sides = new List<Lexeme>();
        var last = i;
        for (var k = i + 1; k < _lexemes.Count && (_lexemes[k].Is("side") || _lexemes[k].IsStop && !_lexemes[k].EndsSentence || _lexemes[k].Is("then") || _lexemes[k].Plain == "and"); k++)
            if (_lexemes[k].Is("side"))
            {
                sides.Add(_lexemes[k]);
                last = k;
            }
        if (sides.Count > 0 && sides.Count != many.Number || RestOfSentence(i).Any(l => l.Plain is "each" or "each time") || _lexemes.GetRange(last + 1, EndOfClause(last) - last).Any(l => !l.Is("filler"))) return;
        var (kick, end) = (_lexemes[i], _lexemes[last].Start + _lexemes[last].Length);
        var told = _lexemes.GetRange(i + 1, last - i).Where(l => !l.Is("side")).Select(l => l with { Kind = "filler", Value = "filler" }).ToList();
        for (var k = 0; k < many.Number; k++)
        {
            if (k > 0) told.Add(new Lexeme("stop", ".", end, 0, ""));
            if (sides.Count > 0) told.Add(sides[k]);
            told.Add(k == 0 ? kick : kick with { Start = end, Length = 0 });
        }
        BecomesSmall(i - 1);
        _lexemes.RemoveRange(i, last - i + 1);
        _lexemes.InsertRange(i, told);
    }
}
