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
            if (!_lexemes[i].IsKick || !_lexemes[i - 1].Is("number") || !IsPlural(_lexemes[i]) || EndOfSentence(i) is var end && !_lexemes.GetRange(i, end - i + 1).Any(SaysEach)) continue;
            PartLeftAndRight(i + 1 < _lexemes.Count && _lexemes[i + 1].IsStop ? i + 1 : i);
            if (i + 2 < _lexemes.Count && IsLeftAndRight(i + 2)) IntoTwoSides(i + 2);
            end = EndOfSentence(i);
            var each = _lexemes.FindIndex(i, end - i + 1, SaysEach);
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

    /// <summary>"Right front kick, left front kick, landing in front each time", "kick right, step down, kick left, step down": one after the other, each with its landing.</summary>
    private void FindKicksThatEachLand()
    {
        if (_lexemes.Count(l => l.IsKick) < 2) return;
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var kicks = Enumerable.Range(first, last - first + 1).Where(k => _lexemes[k].Is("technique")).ToList();
            if (kicks.Count < 2 || !kicks.All(k => _lexemes[k].IsKick && ClauseOf(k).Any(l => l.Is("side")) && ClauseOf(k).Count(l => l.Is("technique")) == 1)) continue;
            var landings = Enumerable.Range(first, last - first + 1).Where(k => _lexemes[k].Is("landing", "front") || _lexemes[k].Is("footwork", "land")).ToList();
            if (landings is [var both] && both > kicks[^1] && ClauseOf(both).Any(l => SaysEach(l) || l.Plain == "both"))
            {
                for (var n = kicks.Count - 2; n >= 0; n--)
                {
                    var end = EndOfClause(kicks[n]);
                    if (end + 1 >= _lexemes.Count || !_lexemes[end + 1].IsStop) continue;
                    _lexemes[end + 1] = _lexemes[end + 1] with { Value = "." };
                    _lexemes.Insert(end + 1, _lexemes[both] with { Start = _lexemes[end].Start + _lexemes[end].Length, Length = 0 });
                    both++;
                }
            }
            else if (landings.Count == kicks.Count)
                for (var n = kicks.Count - 1; n > 0; n--)
                    if (landings[n - 1] > kicks[n - 1] && landings[n - 1] < kicks[n] && EndOfClause(landings[n - 1]) + 1 is var stop && stop < kicks[n] && _lexemes[stop].IsStop) _lexemes[stop] = _lexemes[stop] with { Value = "." };
        }
    }

    /// <summary>"Three front kicks, right, left, right", "three front kicks": so many, one after the other.</summary>
    private void TellKicksOneByOne(int i)
    {
        if (!_lexemes[i].IsKick || _lexemes[i - 1] is not { Kind: "number" } many || many.Number is < 2 or > 5 || IsCountMark(i - 1) || !IsPlural(_lexemes[i])) return;
        var sides = new List<Lexeme>();
        var last = i;
        // "Two front kicks going forward, right then left": each lands in front.
        var forward = i + 1 < _lexemes.Count && (_lexemes[i + 1] is { Kind: "footwork", Value: "step", IsGerund: true } || _lexemes[i + 1].Is("landing", "front") || _lexemes[i + 1].Is("way", "forward")) && Alone(i + 1);
        if (forward) BecomesSmall(i + 1);
        for (var k = i + 1; k < _lexemes.Count && (_lexemes[k].Is("side") || _lexemes[k].IsStop && !_lexemes[k].EndsSentence || _lexemes[k].Is("then") || forward && k == i + 1 || _lexemes[k].Plain == "and"); k++)
            if (_lexemes[k].Is("side") || forward && k == i + 1)
            {
                if (_lexemes[k].Is("side")) sides.Add(_lexemes[k]);
                last = k;
            }
        if (sides.Count > 0 && sides.Count != many.Number || RestOfSentence(i).Any(SaysEach) || _lexemes.GetRange(last + 1, EndOfClause(last) - last).Any(l => !l.Is("filler"))) return;
        var (kick, end) = (_lexemes[i], _lexemes[last].Start + _lexemes[last].Length);
        var told = _lexemes.GetRange(i + 1, last - i).Where(l => !l.Is("side")).Select(l => l with { Kind = "filler", Value = "filler" }).ToList();
        for (var k = 0; k < many.Number; k++)
        {
            if (k > 0) told.Add(new Lexeme("stop", ".", end, 0, ""));
            if (sides.Count > 0) told.Add(sides[k]);
            told.Add(k == 0 ? kick : kick with { Start = end, Length = 0 });
            if (forward) told.Add(new Lexeme("landing", "front", end, 0, "land in front"));
        }
        BecomesSmall(i - 1);
        _lexemes.RemoveRange(i, last - i + 1);
        _lexemes.InsertRange(i, told);
    }
}
