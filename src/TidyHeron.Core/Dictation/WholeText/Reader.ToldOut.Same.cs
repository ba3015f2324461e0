using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>"Left kick, left front stance, right punch, same thing, other side": said of what is told in the same breath, and orders nothing.</summary>
public sealed partial class Reader
{
    private const string SameOpens = LeadIn + @"(?:(?:it's|that's|this is|just|but|exactly|it is|that is)[ ,]+)*";
    private const string OverThere = @"(?:(?:but|just|only|now|over)[ ,]+)*(?:(?:on|to|with|for|at|over to) (?:the |your |my )?(?:other side|opposite side|left|right)(?: (?:side|hand side|leg|foot|hand))?|(?:the )?other side|mirrored|reversed|(?:the )?other way(?: round| around)?|(?:on )?(?:left|right)(?: side)?)?";

    [GeneratedRegex(SameOpens + @"(?:(?:the |your |my )?(?:left|right|other)(?: side| one| foot| leg)?(?: does| is|,)? )?(?:(?:do|repeat|make) )?"
        + @"(?:(?:that|it|them|this) again|(?:exactly )?(?:the )?same(?: (?:thing|again|move|moves|combination|idea|way|one|two|three|technique|techniques))?(?: as (?:before|we did|the (?:first|last|other|previous|one before|ones before)(?: one| side| two| time)?))?|(?:the |a |just the )?mirror(?: image|ed)?(?: of (?:that|it|the (?:one before|first|last one|other side)))?|mirror (?:that|it|this)|repeat (?:that|it|this)|once more|again|)[ ,]*"
        + OverThere + @"[ ,]*(?:so)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysItIsTheSame();

    [GeneratedRegex(@"\b(?:same|mirror\w*|repeat|again|once more|other side|other way|opposite side)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NamesTheSame();

    [GeneratedRegex(@"\b(?:other side|other way|opposite side|mirror\w*|reversed|left|right)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NamesTheOtherSide();

    [GeneratedRegex(@"\b(?:to|on) the (?:left|right)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NamesWhereTo();

    [GeneratedRegex(@"\b(?:that's|it's|this is|that is|that was)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysThatIs();

    /// <summary>Makes remarks of such words where what is told beside them is what went before, on the side they say.</summary>
    private void FindWhatIsCalledTheSame()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (!_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "again" or "otherSide" or "times" || l.Plain.Contains("same", StringComparison.Ordinal) || l.Plain.Contains("mirror", StringComparison.Ordinal) || l.Plain is "repeat" or "side" or "other" or "way" or "reversed")) continue;
            // "Fourth move's the same as the first but to the right, so …": called all the same.
            var opens = first;
            if (_lexemes.FindIndex(first, last - first + 1, l => l.Kind is not ("filler" or "then")) is > 0 and var called && _lexemes[called].Is("ordinal"))
                for (opens = called + 1; opens < last && (_lexemes[opens].Kind is "countNoun" or "filler" or "number" || _lexemes[opens].Plain is "move" or "moves"); opens++) ;
            // "The same on the left, so left front kick, …", "other side, left front kick, …"
            if (Leading(opens, last) is > 0 and var lead && !OnlyNamesWhatWasDone(first, lead + 1, last) && IsToldHere(first, lead + 1, last, NamesTheOtherSide().IsMatch(WordsFrom(opens, lead)), goesOn: true)) AsNote(BehindTheFoot(opens, lead), lead);
            // "Left front kick, … right punch, same thing, other side."
            else if (Trailing(first, last) is > 0 and var trail && IsToldHere(first, first, trail - 1, NamesTheOtherSide().IsMatch(WordsFrom(trail, last)))) AsNote(trail, last);
            // "… right punch. Same thing, other side."
            else if (first > 1 && IsCalledTheSame(first, last) && StartOfSentence(first - 2) is var told && IsToldHere(told, told, first - 2, NamesTheOtherSide().IsMatch(WordsFrom(first, last)))
                && (SaysThatIs().IsMatch(WordsFrom(first, last)) || Enumerable.Range(told, first - told).Count(IsADeed) > 1)) AsNote(first, last);
        }
    }

    /// <summary>"Left foot the same, left bow, …": the foot is told.</summary>
    private int BehindTheFoot(int first, int last) => _lexemes.FindIndex(first, last - first + 1, l => l.Is("footNoun")) is >= 0 and var foot && foot < last ? foot + 1 : first;

    private const int MostAfter = 5; // deeds that a passage told over again goes on for after its first sentence

    private bool IsCalledTheSame(int first, int last) => WordsFrom(first, last) is var words && NamesTheSame().IsMatch(words) && SaysItIsTheSame().IsMatch(words);

    /// <summary>The last lexeme of the clauses that a sentence begins with and that say so; -1 for none.</summary>
    private int Leading(int first, int last)
    {
        var found = -1;
        for (var (k, clauses) = (first, 0); k < last && clauses < 3; k++)
            if (_lexemes[k + 1].IsStop && ++clauses > 0 && IsCalledTheSame(first, k)) found = k;
        return found;
    }

    /// <summary>The first lexeme of the clauses that a sentence ends with and that say so; -1 for none.</summary>
    private int Trailing(int first, int last)
    {
        var found = -1;
        for (var (k, clauses) = (last, 0); k > first && clauses < 3; k--)
            if (_lexemes[k - 1].IsStop && ++clauses > 0 && IsCalledTheSame(k, last)) found = k;
        return found;
    }

    /// <summary>"The same on the right, low block, punch": no step is told, and there was one with each; it is named once more, not told out.</summary>
    private bool OnlyNamesWhatWasDone(int sentence, int first, int last)
    {
        var told = Enumerable.Range(first, last - first + 1).Where(IsADeed).ToList();
        var before = Enumerable.Range(0, sentence).Where(IsADeed).TakeLast(told.Count).ToList();
        return told.Count > 1 && before.Count == told.Count && _lexemes.GetRange(first, last - first + 1).TrueForAll(l => l.IsStop || l.Kind is "filler" or "technique" or "side" or "level" or "then" or "together")
            && before.Zip(before.Skip(1)).All(p => _lexemes.GetRange(p.First, p.Second - p.First).Exists(l => l.EndsSentence));
    }

    /// <summary>Whether what is told in a run is what was told before the sentence, as many deeds of them, the sides changed if it says so; <paramref name="goesOn"/>: they may be the first of a passage.</summary>
    private bool IsToldHere(int sentence, int first, int last, bool otherSide, bool goesOn = false)
    {
        var told = Enumerable.Range(first, Math.Max(0, last - first + 1)).Where(IsADeed).ToList();
        var before = Enumerable.Range(0, sentence).Where(IsADeed).ToList();
        if (told.Count == 0 || before.Count < told.Count || _lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "again" or "otherSide")) return false;
        var was = before.TakeLast(told.Count).ToList();
        // Where more is told in the sentences after it, the passage before is as much longer.
        for (var back = 0; !Alike(was, told); back++)
        {
            if (!goesOn || back == MostAfter || was[0] == before[0]) return false;
            was = [.. before.SkipLast(before.Count - before.IndexOf(was[^1])).TakeLast(told.Count)];
            if (was.Count < told.Count) return false;
        }
        if (otherSide && MostlyRight(StartOfSentence(was[0]), sentence - 1) * MostlyRight(first, last) >= 0) return false;
        if (otherSide && goesOn && NamesWhereTo().IsMatch(WordsFrom(sentence, first - 1))) _mirrored[_lexemes[told[0]].Start] = _lexemes[was[0]].Start;
        return true;

        // "Punch" may be any; but where only one is told, it is the same one.
        bool Alike(List<int> one, List<int> other) => one.Zip(other).All(p => _lexemes[p.First].Value == _lexemes[p.Second].Value || other.Count > 1 && (IsThat(_lexemes[p.Second], _lexemes[p.First].Term!.Id) || IsThat(_lexemes[p.First], _lexemes[p.Second].Term!.Id)));
    }
}
