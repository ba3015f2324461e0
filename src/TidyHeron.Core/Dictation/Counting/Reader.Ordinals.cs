namespace TidyHeron.Core.Dictation;

/// <summary>Lists of ordinals: "on the first and second count …".</summary>
public sealed partial class Reader
{
    /// <summary>"On the sixth, seventh and eighth count": like "six, seven and eight".</summary>
    private void ReadListsOfOrdinals()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
        {
            if (!IsNth(i) || !StartsSentence(i)) continue;
            var (last, end) = (_lexemes[i].Number, i);
            for (var k = i + 1; k < _lexemes.Count && (_lexemes[k].Is("stop", ",") || _lexemes[k].Plain == "and" || IsNth(k) && _lexemes[k].Number == last + 1); k++)
                if (IsNth(k)) (last, end) = (_lexemes[k].Number, k);
            var are = end + 1 < _lexemes.Count && _lexemes[end + 1] is { Kind: "filler", Plain: "are" };
            if (end == i || !_lexemes[end].Plain.EndsWith(" count", StringComparison.Ordinal) && !are && !(end + 1 < _lexemes.Count && (_lexemes[end + 1].Is("countNoun") || _lexemes[end + 1].Is("stop", ":")))) continue;
            for (var k = i; k <= end; k++)
                if (IsNth(k)) _lexemes[k] = _lexemes[k] with { Kind = "number" };
            if (end + 1 < _lexemes.Count && _lexemes[end + 1].Is("countNoun")) BecomesSmall(end + 1);
            if (end + 1 >= _lexemes.Count || !_lexemes[end + 1].Is("stop", ":")) _lexemes.Insert(end + 1, new Lexeme("stop", ":", _lexemes[end].Start + _lexemes[end].Length, 0, ""));
        }

        // "On the second count a left punch, and on the third a right punch.": a count of its own.
        for (var i = 3; i + 1 < _lexemes.Count; i++)
        {
            if (!IsNth(i) || _lexemes[i - 1].Plain != "the" || _lexemes[i - 2].Plain != "on" || _lexemes[i - 3].Plain is not "and" && !_lexemes[i - 3].IsStop || _lexemes[i + 1].Kind is "countNoun" || StartsSentence(i)) continue;
            if (!Enumerable.Range(0, i).Any(k => IsNth(k) && _lexemes[k].Plain.EndsWith(" count", StringComparison.Ordinal) && _lexemes[k].Number == _lexemes[i].Number - 1)) continue;
            var from = _lexemes[i - 3].Plain == "and" ? i - 3 : i - 2;
            _lexemes[i] = _lexemes[i] with { Plain = _lexemes[i].Plain + " count" };
            if (!_lexemes[i + 1].IsStop) _lexemes.Insert(i + 1, StopAfter(i, ","));
            if (_lexemes[from - 1].IsStop) _lexemes[from - 1] = _lexemes[from - 1] with { Value = "." };
            else _lexemes.Insert(from, StopAt(from, "."));
        }

        bool IsNth(int k) => _lexemes[k].Is("ordinal") && int.TryParse(_lexemes[k].Value, out _);
    }
}
