using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Which numbers of a whole text call its counts.</summary>
public sealed partial class Reader
{
    /// <summary>"Part one, left foot back, block. Part two, …": three parts and more of a sentence each are counts.</summary>
    private void FindPartsThatAreCounts()
    {
        // The first few are names of sections as well, words of their own; the others are a word and a number.
        var parts = new List<(int At, int Number)>();
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("filler") || !StartsSentence(i)) continue;
            if (_lexemes[i].Plain == "part" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && Alone(i + 1)) parts.Add((i + 1, _lexemes[i + 1].Number));
            else if (_lexemes[i].Plain.StartsWith("part ", StringComparison.Ordinal) && Alone(i) && Numbers.At(_lexemes[i].Plain["part ".Length..].Split(' '), 0) is (var number, _)) parts.Add((i, number));
        }
        if (parts.Count < Numbered || parts.Where((p, k) => p.Number != k + 1).Any()) return;
        if (parts.Zip(parts.Skip(1)).Any(p => _lexemes.GetRange(p.First.At, p.Second.At - p.First.At).Count(l => l.EndsSentence) > 1)) return;
        foreach (var (at, number) in parts) _lexemes[at] = _lexemes[at] with { Kind = "number", Value = number.ToString(System.Globalization.CultureInfo.InvariantCulture) };
    }

    /// <summary>
    /// "… Nine, step, rising block. End of section one. From here turn left, low block. Step, punch. …": the full stop after which
    /// nobody calls numbers any more, because far more is done after the last of them than on any before; the end of the text where they go on.
    /// </summary>
    private int WhereNumbersEnd(List<int> marks)
    {
        if (_numbersSaidUntil is { } said) return _lexemes.FindIndex(l => l.Start >= said) is >= 0 and var at ? at : _lexemes.Count;
        const int FarMore = 3; // sentences
        // "Kick, reverse punch. That's two and three. Now turn …": where two are called in one place and none after it.
        if (marks.Count == 2 && CalledNumber(marks[0]) > 1 && !_lexemes.GetRange(marks[0], marks[1] - marks[0]).Any(l => l.EndsSentence) && _lexemes[marks[0]].Start == _lexemes[marks[1]].Start) return EndOfSentence(marks[1]);
        if (marks.Count < Numbered && !(marks.Count == 2 && marks.All(k => _lexemes[k].Is("ordinal")))) return _lexemes.Count;
        List<int> Deeds(int from, int to) => [.. Enumerable.Range(from, to - from).Where(k => _lexemes[k].EndsSentence && Backward(k).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique")))];
        var most = marks.Zip(marks.Skip(1)).Max(p => Deeds(p.First, p.Second).Count);
        var tail = Deeds(marks[^1], _lexemes.Count);
        if (tail.Count < Math.Max(most, 1) + FarMore) return _lexemes.Count;
        var cut = _lexemes.FindIndex(marks[^1], l => l.Is("cut"));
        return cut > 0 ? EndOfSentence(cut) : tail[Math.Max(most, 1) - 1];
    }

    /// <summary>"Six, seven and eight are knife hands.", "Ten is a back fist, eleven a low block.": a number and what it is, told like "ten: back fist".</summary>
    private void PartNumbersFromWhatTheyAre()
    {
        // "The first two counts go to the left: …": one and two.
        for (var i = 0; i + 3 < _lexemes.Count; i++)
            if (_lexemes[i].Is("ordinal", "1") && StartsSentence(i) && _lexemes[i + 1] is { Kind: "number", Value: "2" or "3" } many && _lexemes[i + 2].Is("countNoun") && _lexemes.GetRange(i, EndOfSentence(i) - i + 1).Any(l => l.Is("stop", ":")))
            {
                _lexemes[i] = _lexemes[i] with { Kind = "number" };
                BecomesSmall(i + 2);
                _lexemes.Insert(i + 2, new Lexeme("stop", ":", _lexemes[i + 2].Start, 0, ""));
                if (many.Value == "3") _lexemes.Insert(i + 1, new Lexeme("number", "2", many.Start, 0, "two"));
            }
        // "…, because the sixth move is a right punch": called in the middle of a sentence.
        for (var i = 2; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("ordinal") || !int.TryParse(_lexemes[i].Value, out var nth) || !IsOneOfThem(i) || StartsSentence(i) || !RestOfSentence(i).Any(l => l.Kind is "technique" or "stance")) continue;
            var because = i - 1;
            while (because > 0 && _lexemes[because].Is("filler")) because--;
            if (_lexemes[because].Plain is not ("because" or "since" or "as") || !_lexemes.Take(because).Any(l => l.Is("ordinal") && l.Value == (nth - 1).ToString(System.Globalization.CultureInfo.InvariantCulture))) continue;
            BecomesSmall(because);
            StopBefore(because);
        }
        var (last, likened) = (0, -1);
        for (var i = 0; i + 2 < _lexemes.Count; i++)
        {
            if (_lexemes[i].Is("ordinal") && StartsSentence(i) && int.TryParse(_lexemes[i].Value, out var ordinal)) last = ordinal;
            if (_lexemes[i] is { Kind: "countWord" } inJapanese && StartsSentence(i) && int.TryParse(inJapanese.Value, out var counted) && counted == last + 1 && _lexemes[i + 1].Plain is "is" or "are" && RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "footwork"))
            {
                _lexemes.Insert(i + 1, StopAt(i + 1, ":"));
                last = counted;
                continue;
            }
            if (_lexemes[i].Is("countWord") && (StartsSentence(i) || Alone(i)) && int.TryParse(_lexemes[i].Value, out var calledSo)) last = calledSo;
            if (!_lexemes[i].Is("number")) continue;
            // "Then seven is …", "…, and do six: …", "…, and 8. …": the next number begins what it calls.
            if (_lexemes[i].Number == last + 1 && last > 0 && (_lexemes[i + 1].Plain is "is" or "are" || _lexemes[i + 1].IsStop && _lexemes[i + 1].Value is ":" or ".") && i > 0 && (_lexemes[i - 1].Is("then") || _lexemes[i - 1].Plain is "and" or "do"))
            {
                var opens = i;
                while (opens > 0 && (_lexemes[opens - 1].Is("then") || _lexemes[opens - 1].Plain is "and" or "do")) BecomesSmall(--opens);
                if (opens > 0 && !_lexemes[opens - 1].EndsSentence && !_lexemes[opens - 1].Is("number"))
                {
                    _lexemes.Insert(opens, StopAt(opens, "."));
                    i++;
                }
            }
            var starts = StartsSentence(i);
            // "Four is the same as two", "four mirrors two": called, and what it is like.
            if (starts && _lexemes[i].Number == last + 1 && last > 0 && (_lexemes[i + 1].Plain is "is" or "are" or "will be" || _lexemes[i + 1].Kind is "otherSide" or "again") && ClauseOf(i).Count(l => l.Is("number")) >= 2 && ClauseOf(i).Any(l => l.Kind is "otherSide" or "again" || l.Plain is "like"))
            {
                _lexemes.Insert(i + 1, StopAt(i + 1, ":"));
                likened = _lexemes.FindIndex(i + 1, l => l.Is("number"));
                last = _lexemes[i].Number;
                continue;
            }
            if (i == likened) continue; // "three is the same as one, and four …": four follows on three
            var isOne = _lexemes[i + 1].Plain is "is" or "are" && (starts || i > 1 && (_lexemes[i - 1].Plain == "and" || _lexemes[i - 1].Is("stop", ",")) && _lexemes[i].Number == last + 1);
            var goesOn = _lexemes[i + 1].Plain is "a" or "an" && i > 0 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i].Number == last + 1 && last > 0;
            if ((isOne || goesOn) && RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "footwork" || !starts && l.Kind is "again" or "otherSide"))
            {
                // "Are" stands after the last number of a list: "six, seven and eight:".
                _lexemes.Insert(i + 1, new Lexeme("stop", starts || _lexemes[i + 1].Plain == "are" ? ":" : ",", _lexemes[i + 1].Start, 0, ""));
                if (goesOn) _lexemes[i - 1] = _lexemes[i - 1] with { Value = "." };
                if (i + 3 < _lexemes.Count && _lexemes[i + 3] is { Kind: "timesNoun", Plain: "more" }) BecomesSmall(i + 3);
            }
            last = _lexemes[i].Number;
        }
    }

    /// <summary>"5, 6: left punch, right punch.": one for each number, told like "5: left punch. 6: right punch."</summary>
    private void ReadListsOfNumbers()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("number") || ListEnd(i) is not (> 0 and var listed) || !Alone(listed)) continue;
            var numbers = Enumerable.Range(i, listed - i + 1).Where(k => _lexemes[k].Is("number")).ToList();
            var (first, end) = (listed + 2, EndOfSentence(listed));
            var commas = Enumerable.Range(first, Math.Max(0, end - first + 1)).Where(k => _lexemes[k].Is("stop", ",")).ToList();
            if (commas.Count != numbers.Count - 1 || RestOfSentence(listed).Any(l => l.Kind is "then" or "footwork" or "footNoun" or "stance" or "number" or "together" || l.IsKick)) continue;
            var begins = commas.Select(k => k + 1).Prepend(first).ToList();
            if (begins.Any(k => k >= _lexemes.Count || _lexemes.GetRange(k, EndOfClause(k) - k + 1).Count(l => l.IsHandTechnique) != 1 || !_lexemes.GetRange(k, EndOfClause(k) - k + 1).Any(l => l.Is("side")))) continue;
            var called = numbers.ConvertAll(k => _lexemes[k]);
            for (var n = called.Count - 1; n > 0; n--)
            {
                _lexemes[commas[n - 1]] = _lexemes[commas[n - 1]] with { Value = "." };
                _lexemes.InsertRange(begins[n], [called[n], new Lexeme("stop", ":", called[n].Start + called[n].Length, 0, "")]);
            }
            var between = _lexemes.GetRange(i + 1, listed - i).Where(l => !l.IsStop && !called.Contains(l)).ToList(); // "and"
            _lexemes.RemoveRange(i + 1, listed - i);
            _lexemes.InsertRange(i + 1, between);
        }
    }

    /// <summary>"Move two strike down … move three step forward …": numbers that follow one another after the same word call the counts.</summary>
    private void FindCountsCalledByAWord()
    {
        var called = Enumerable.Range(0, Math.Max(0, _lexemes.Count - 1)).Where(i => _lexemes[i + 1].Is("number") && (_lexemes[i].Is("countNoun") || _lexemes[i].Is("unread") && StartsSentence(i) || _lexemes[i] is { Kind: "footwork", Plain: "move" or "step" })).ToList();
        if (called.Count < Numbered) return;
        foreach (var i in called.Where(i => called.Any(k => _lexemes[k].Plain == _lexemes[i].Plain && Math.Abs(_lexemes[k + 1].Number - _lexemes[i + 1].Number) == 1)).ToList())
            _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
    }

    /// <summary>
    /// "1 left foot … 2 right foot …": numbers that count up, one sentence after the other; a full stop may be missing
    /// before some of them.
    /// </summary>
    private void FindNumbers()
    {
        // "First turn left … Second step forward …".
        var ordinals = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out _) && (StartsSentence(i) || OnlySmallWordsBefore(i) && IsOneOfThem(i))).ToList();
        if (ordinals.Count >= 3 && ordinals.Zip(ordinals.Skip(1)).All(p => _lexemes[p.Second].Number == _lexemes[p.First].Number + 1)) _numbered.UnionWith(ordinals.Select(k => _lexemes[k].Start));
        // "Ten, low block. Eleven step punch. Twelve turn around …": words for numbers that count up, sentence by sentence, though no stop follows some of them.
        var words = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("number") && StartsSentence(i) && !char.IsDigit(CharAt(_lexemes[i].Start)) && _lexemes.GetRange(StartOfSentence(i), i - StartOfSentence(i)).All(l => l.IsStop || l.Plain is "and" or "so" or "now" or "okay" or "ok" or "on") && !(i + 1 < _lexemes.Count && (_lexemes[i + 1] is { Kind: "technique" or "timesNoun" or "stance" or "countNoun" } || _lexemes[i + 1].Plain.EndsWith('s') && _lexemes[i + 1].Is("footwork")))).ToList();
        for (var k = 1; k + 1 < words.Count; k++)
            if (_lexemes[words[k]].Number == _lexemes[words[k - 1]].Number + 1 && _lexemes[words[k + 1]].Number == _lexemes[words[k]].Number + 1) _numbered.UnionWith([_lexemes[words[k - 1]].Start, _lexemes[words[k]].Start, _lexemes[words[k + 1]].Start]);
        var all = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("number") && char.IsDigit(CharAt(_lexemes[i].Start))).ToList();
        // "18 step routine: 1 left foot …": a number that none follows is no count.
        if (all.Count > 2 && StartsSentence(all[0]) && all.Skip(1).All(k => _lexemes[k].Number != _lexemes[all[0]].Number + 1)) all.RemoveAt(0);
        // "1 left foot to B, …, 2 punch, …, 3 move …": each after a comma.
        var listed = all.SkipWhile(k => !StartsSentence(k)).Where(k => StartsSentence(k) || _lexemes[k - 1].IsStop && !Alone(k)).ToList();
        if (listed.Count > Numbered && _lexemes[listed[0]].Number == 1 && listed.Zip(listed.Skip(1)).All(p => _lexemes[p.Second].Number == _lexemes[p.First].Number + 1)) _numbered.UnionWith(listed.Select(k => _lexemes[k].Start));
        if (all.Find(StartsSentence) is var at && (all.Count < 3 || !StartsSentence(at))) return;
        var found = new List<int>();
        foreach (var i in all.SkipWhile(i => i != at))
        {
            var last = found.Count == 0 ? i : IsJoinedRange(found[^1]) ? found[^1] + 1 : found[^1];
            if (found.Count > 0 && _lexemes[i].Number != _lexemes[last].Number + 1) continue;
            if (StartsSentence(i) || all.Any(k => k > i && StartsSentence(k) && _lexemes[k].Number == _lexemes[i].Number + 1) && !InRepeat(i)) found.Add(i);
        }
        // "(Feet parallel, facing 12) 1 left foot …": the first of them may stand in the sentence of the opening.
        if (found.Count >= 3 && all.FindLast(k => k < found[0] && k > 0 && _lexemes[k - 1].IsStop && _lexemes[k].Number == _lexemes[found[0]].Number - 1) is var opens and > 0) found.Insert(0, opens);
        if (found.Count >= 3 && all.Where(StartsSentence).All(found.Contains)) _numbered.UnionWith(found.Select(k => _lexemes[k].Start));
    }
}
