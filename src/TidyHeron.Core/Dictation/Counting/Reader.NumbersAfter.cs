using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Numbers said after what they count: "… low block, one. Step and punch, two. …".</summary>
public sealed partial class Reader
{
    /// <summary>Puts each such number before the words it counts, where a number is looked for.</summary>
    private void FindNumbersSaidAfter()
    {
        if (CallsTheNumbersSaidAfter()) return;
        FindTheOneNumberedAtItsEnd();
        CallsTheNumbersSaidAfter();
    }

    private bool CallsTheNumbersSaidAfter()
    {
        var after = new List<int>();
        var alone = EndsWithANumberOfItsOwn(); // "…, left punch. One. Right foot …, right punch. Two."
        for (var i = 0; i < _lexemes.Count; i++)
            if (IsSaidAfter(i) || (alone || after.Count > 0 && CalledNumber(after[0]) == 1) && IsASentenceOfItsOwn(i))
                if (after.Count == 0 ? !alone || FollowsADeed(i) : CalledNumber(i) == CalledNumber(after[^1]) + 1 && _lexemes.Skip(after[^1]).Take(i - after[^1]).Any(l => l.Kind is "technique" or "footwork" or "stance" or "handNoun")) after.Add(i);
        // "… and lower them. That's one, commencing. Two: …": only the first is told when it is done.
        if (after is [var only] && _lexemes[only].IsNumber(1) && only > 0 && _lexemes[only - 1].Plain is "thats" or "that is" && Enumerable.Range(only, _lexemes.Count - only).Any(k => _lexemes[k].Is("number", "2") && StartsSentence(k) && IsCountMark(k)))
        {
            // Called where its deed begins.
            var (called, deed) = (_lexemes[only], FirstDeed(only));
            _lexemes[only] = called with { Kind = "filler" };
            _lexemes.Insert(deed, called with { Length = 0 });
            _numbered.Add(_lexemes[deed].Start);
            return false;
        }
        if (after.Count < Numbered || Enumerable.Range(0, _lexemes.Count).Count(i => _lexemes[i].Is("number") && IsCountMark(i) && !after.Contains(i)) > after.Count / 2) return false;
        var first = FirstDeed(after[0]);
        foreach (var i in after)
        {
            var number = _lexemes[i];
            // What stands around it ends with it.
            for (var k = i - 1; k > first && (_lexemes[k].IsStop || _lexemes[k].Kind is "filler" or "countNoun"); k--)
                _lexemes[k] = _lexemes[k] with { Kind = "filler", Value = "filler" };
            if (i + 1 < _lexemes.Count) _lexemes[i + 1] = _lexemes[i + 1] with { Value = "." };
            CallsFrom(first, i, leadsUp: i);
            first = i + 2;
            _numbersSaidUntil = _lexemes[Math.Min(i + 1, _lexemes.Count - 1)].Start;
        }
        return true;
    }

    /// <summary>
    /// "Eleven, step and punch. Turn around, low block with the right, twelve. Thirteen, …": among numbers that are called before,
    /// one that is told at the end of its sentence, where the next one is called.
    /// </summary>
    private void FindTheOneNumberedAtItsEnd()
    {
        for (var i = 1; i + 2 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("number") || !_lexemes[i + 1].EndsSentence || InRepeat(i)) continue;
            var opens = StartOfSentence(i);
            var isThat = _lexemes.Skip(opens).TakeWhile(l => l.Is("filler") || l.Is("stop", ",")).Any(l => l.Plain is "thats" or "that is" or "that was" or "this is");
            if (SaysTwoCounts(i, opens)) continue;
            if (SaysTheyAre().IsMatch(WordsFrom(opens, i)))
            {
                CallsTheSentenceBefore(i, opens);
                continue;
            }
            if (!isThat && StartsSentence(i)) continue;
            var comma = i - 1;
            while (comma > 0 && (_lexemes[comma].Is("countNoun") || _lexemes[comma].Plain is "and" or "thats" or "that is")) comma--;
            // "2. Turn, low block, 3. Then punch. 4. …": written as the others are, it calls what comes after it.
            if (!isThat && char.IsDigit(CharAt(_lexemes[i].Start)) && !_lexemes[i + 2].Is("number") && Enumerable.Range(i + 2, _lexemes.Count - i - 2).TakeWhile(k => !CallsThere(k, _lexemes[i].Number + 1)).Any(k => _lexemes[k].IsHandTechnique || _lexemes[k].IsKick)) continue;
            if (!_lexemes[comma].Is("stop", ",") || !isThat && Backward(comma).TakeWhile(l => !l.IsStop).All(l => l.Is("filler"))) continue; // "…, okay, 11. Stay …"
            var number = _lexemes[i].Number;
            if (!Enumerable.Range(i + 2, _lexemes.Count - i - 2).Any(k => CallsThere(k, number + 1)) || number > 1 && !Enumerable.Range(0, i).Any(k => CallsThere(k, number - 1)) || !isThat && Enumerable.Range(0, _lexemes.Count).Any(k => CallsThere(k, number))) continue;
            // The sentence that it ends, or the deed before a remark it stands in: "That's the opening, count one."
            var first = opens;
            if (!_lexemes.GetRange(first, i - first).Any(l => l.Kind is "technique" or "stance" or "footNoun" or "footwork"))
            {
                if (number != 1) continue;
                first = FirstDeed(i);
            }
            else if (_lexemes.GetRange(first, i - first).Any(l => l.Is("number") && CallsThere(_lexemes.IndexOf(l, first), number - 1))) continue;
            BecomesStopless(comma);
            CallsFrom(first, i, comma + 1);
        }

        bool CallsThere(int k, int number) => _lexemes[k].IsNumber(number) && (StartsSentence(k) || k > 0 && _lexemes[k - 1].Plain == "for" && OnlySmallWordsBefore(k) || k > 0 && _lexemes[k - 1].Is("countNoun") && (StartsSentence(k - 1) || OnlySmallWordsBefore(k - 1))) && IsCountMark(_lexemes[k].Is("number") && k > 0 && _lexemes[k - 1].Is("countNoun") ? k - 1 : k);
    }

    [GeneratedRegex(@"^(?:and |so |okay |all )?(?:those|these|they|both|that|this|it|all of (?:that|it)|together|(?:those|these|the) (?:two|three))(?: two| both| all| together)*(?: are|is|'s| is| make| makes| was| were| counts?(?: as)?)(?: all)?(?: count| number| move)? \w+$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysTheyAre();

    /// <summary>"Step left and do two punches, left then right. That's count one and two.": the sentence before is called with both.</summary>
    private bool SaysTwoCounts(int last, int opens)
    {
        var and = last - 1;
        if (opens == 0 || and < 1 || _lexemes[and].Plain != "and" || !_lexemes[and - 1].Is("number") || _lexemes[and - 1].Number != _lexemes[last].Number - 1 || !_lexemes.GetRange(opens, and - 1 - opens).All(l => l.Kind is "filler" or "countNoun" || l.IsStop) || !_lexemes.GetRange(opens, and - 1 - opens).Any(l => l.Plain is "thats" or "that is" or "that was" or "those are")) return false;
        var first = StartOfSentence(opens - 1);
        if (_lexemes.GetRange(first, opens - first).Count(l => l.Is("technique") || l.IsKick) is not (1 or 2) || _lexemes.GetRange(first, opens - first).Any(l => l.Is("number") && IsCountMark(_lexemes.IndexOf(l, first)))) return false;
        var at = _lexemes[first].Start;
        List<Lexeme> called = [_lexemes[and - 1] with { Start = at, Length = 0 }, StopAt(first, ","), _lexemes[last] with { Start = at, Length = 0 }, StopAt(first, ":")];
        for (var k = opens; k <= last; k++) BecomesSmall(k);
        _lexemes.InsertRange(first, called);
        return true;
    }

    /// <summary>"Jab left, cross right; those together are four. Five: …": where neither it nor another is called with that number.</summary>
    private void CallsTheSentenceBefore(int number, int opens)
    {
        if (opens == 0 || _lexemes[number].Number < 2) return;
        var first = StartOfSentence(opens - 1);
        var before = Enumerable.Range(0, opens).LastOrDefault(k => _lexemes[k].Is("number") && IsCountMark(k), -1);
        // "On three … kick low. Put the foot down, jab left; those together are four": where the full stop became a comma.
        if (before >= first && _lexemes.FindLastIndex(opens - 2, opens - 2 - before, l => l.IsStop && CharAt(l.Start) is '.' or '!') is > 0 and var parted) first = parted + 1;
        if (before < 0 || before >= first || _lexemes[before].Number != _lexemes[number].Number - 1 || !_lexemes.GetRange(first, opens - first).Any(l => l.Is("technique")) || Enumerable.Range(number + 1, _lexemes.Count - number - 1).Any(k => _lexemes[k].Is("number", _lexemes[number].Value) && IsCountMark(k))) return;
        CallsFrom(first, number, opens);
    }

    /// <summary>Puts a number where what it calls begins; the words that led up to it say nothing more.</summary>
    private void CallsFrom(int first, int number, int leadsUp)
    {
        for (var k = leadsUp; k < number; k++) BecomesSmall(k);
        var called = _lexemes[number];
        _lexemes.RemoveAt(number);
        _lexemes.Insert(first, called);
        _numbered.Add(called.Start);
    }

    /// <summary>Where the last number stands that was said after what it counts: what is done later is on no number.</summary>
    private int? _numbersSaidUntil;

    private static readonly HashSet<string> SaysThatIt = ["thats", "that is", "that was", "this is", "makes", "so thats", "and thats"];

    /// <summary>Whether a number stands between stops behind something that is done, "…, punch, two.", or is said of it: "That's two.", "that was the second."</summary>
    private bool IsSaidAfter(int i)
    {
        if (!_lexemes[i].Is("number") && !_lexemes[i].Is("ordinal") && !(_lexemes[i].Is("degrees") && !_lexemes[i].Plain.Contains("deg")) || CalledNumber(i) is null || !Alone(i) || InRepeat(i)) return false;
        var (before, said) = (i - 1, false);
        for (; before >= 0 && (_lexemes[before].Is("countNoun") || SaysThatIt.Contains(_lexemes[before].Plain) || _lexemes[before].Plain is "for" or "and" or "okay" or "so" or "that" or "the" or "your" or "my"); before--)
            said |= SaysThatIt.Contains(_lexemes[before].Plain);
        return before >= 0 && _lexemes[before].IsStop && (said || _lexemes[i].Kind != "ordinal" && !StartsSentence(before + 1));
    }

    /// <summary>"…, left rising block. Five. Step forward, …": where those before were said after what they count, so is this one.</summary>
    private bool IsASentenceOfItsOwn(int i) =>
        _lexemes[i].Kind is "number" or "countWord" && !char.IsDigit(CharAt(_lexemes[i].Start)) && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && CharAt(_lexemes[i + 1].Start) is '.' or '!' && (StartsSentence(i) || _lexemes[i - 1].Is("countNoun") && StartsSentence(i - 1));

    /// <summary>Whether the text ends with a number that is a sentence, so that nothing is left for it to call but what stands before it.</summary>
    private bool EndsWithANumberOfItsOwn() =>
        Enumerable.Range(0, _lexemes.Count).LastOrDefault(k => _lexemes[k].Kind is "number" or "countWord", -1) is var last and > 0 && IsASentenceOfItsOwn(last) && !_lexemes.Skip(last).Any(l => l.Kind is "technique" or "side" or "stance" or "opening" or "again" or "otherSide") && FollowsADeed(last);

    private bool FollowsADeed(int i)
    {
        var end = StartOfSentence(i) - 2;
        return end > 0 && _lexemes.GetRange(StartOfSentence(end), end - StartOfSentence(end) + 1) is var before && before.Any(l => l.Is("technique")) && !before.Any(l => l.Kind is "opening" or "number" or "countWord");
    }

    /// <summary>The sentence in which something is done for the first time, or that of the first number.</summary>
    private int FirstDeed(int number)
    {
        for (var first = 0; first < number; first = EndOfSentence(first) + 2)
            if (_lexemes.GetRange(first, Math.Min(number, EndOfSentence(first) + 1) - first) is var sentence && sentence.Any(l => l.Kind is "footNoun" or "technique" or "turnSide" || l is { Kind: "footwork", Value: not ("bow" or "return" or "announce") }) && !sentence.Any(l => l.Is("opening"))) return first;
        return 0;
    }
}
