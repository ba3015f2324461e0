namespace TidyHeron.Core.Dictation;

/// <summary>Numbers said after what they count: "… low block, one. Step and punch, two. …".</summary>
public sealed partial class Reader
{
    /// <summary>Puts each such number before the words it counts, where a number is looked for.</summary>
    private void FindNumbersSaidAfter()
    {
        var after = new List<int>();
        for (var i = 0; i < _lexemes.Count; i++)
            if (IsSaidAfter(i) && (after.Count == 0 || _lexemes[i].Number == _lexemes[after[^1]].Number + 1 && _lexemes.Skip(after[^1]).Take(i - after[^1]).Any(l => l.Kind is "technique" or "footwork" or "stance" or "handNoun"))) after.Add(i);
        // "… and lower them. That's one, commencing. Two: …": only the first is told when it is done.
        if (after is [var only] && _lexemes[only].Number == 1 && only > 0 && _lexemes[only - 1].Plain is "thats" or "that is" && Enumerable.Range(only, _lexemes.Count - only).Any(k => _lexemes[k].Is("number", "2") && StartsSentence(k) && IsCountMark(k)))
        {
            // Called where its deed begins.
            var (called, deed) = (_lexemes[only], FirstDeed(only));
            _lexemes[only] = called with { Kind = "filler" };
            _lexemes.Insert(deed, called with { Length = 0 });
            _numbered.Add(deed);
            return;
        }
        if (after.Count < Numbered || Enumerable.Range(0, _lexemes.Count).Count(i => _lexemes[i].Is("number") && IsCountMark(i)) > after.Count / 2) return;
        var first = FirstDeed(after[0]);
        foreach (var i in after)
        {
            var number = _lexemes[i];
            // What stands around it ends with it.
            for (var k = i - 1; k > first && (_lexemes[k].IsStop || _lexemes[k].Kind is "filler" or "countNoun"); k--)
                _lexemes[k] = _lexemes[k] with { Kind = "filler", Value = "filler" };
            if (i + 1 < _lexemes.Count) _lexemes[i + 1] = _lexemes[i + 1] with { Value = "." };
            _lexemes.RemoveAt(i);
            _lexemes.Insert(first, number);
            _numbered.Add(first);
            first = i + 2;
        }
    }

    /// <summary>Whether a number stands between stops behind something that is done, "…, punch, two.", or is said of it: "That's two."</summary>
    private bool IsSaidAfter(int i)
    {
        if (!_lexemes[i].Is("number") && !(_lexemes[i].Is("degrees") && !_lexemes[i].Plain.Contains("deg")) || !Alone(i) || InRepeat(i)) return false;
        var (before, said) = (i - 1, false);
        for (; before >= 0 && (_lexemes[before].Is("countNoun") || _lexemes[before].Plain is "thats" or "that is" or "for" or "and"); before--)
            said |= _lexemes[before].Plain is "thats" or "that is";
        return before >= 0 && _lexemes[before].IsStop && (said || !StartsSentence(before + 1));
    }

    /// <summary>The sentence in which something is done for the first time, or that of the first number.</summary>
    private int FirstDeed(int number)
    {
        for (var first = 0; first < number; first = EndOfSentence(first) + 2)
            if (_lexemes.GetRange(first, Math.Min(number, EndOfSentence(first) + 1) - first) is var sentence && sentence.Any(l => l.Kind is "footNoun" or "technique" or "turnSide" || l is { Kind: "footwork", Value: not ("bow" or "return" or "announce") }) && !sentence.Any(l => l.Is("opening"))) return first;
        return 0;
    }
}
