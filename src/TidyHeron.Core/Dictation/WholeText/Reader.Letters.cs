namespace TidyHeron.Core.Dictation;

/// <summary>Counts called by letters: "A, step forward left and strike; B, step forward right and strike; C, …".</summary>
public sealed partial class Reader
{
    /// <summary>Letters that begin sentences one after the other, from A on, are read like numbers; so are those of a repeat, "A to C again".</summary>
    private void FindCountsCalledByLetters()
    {
        FindTheKoreanTwo();
        var called = new List<int>();
        for (var i = 0; i + 1 < _lexemes.Count; i++)
            if (LetterAt(i) == called.Count + 1 && _lexemes[i + 1].IsStop && (OnlySmallWordsAndACallBefore(i) || _lexemes[i - 1].Is("stop", ":"))) called.Add(i);
        if (called.Count < Numbered) return;
        foreach (var (at, n) in called.Select((at, n) => (at, n + 1))) BecomesACall(at, n);
        for (var i = 1; i < _lexemes.Count; i++)
            if (LetterAt(i) is > 0 and var letter && letter <= called.Count && (_lexemes[i - 1].Is("again") || _lexemes[i - 1].Plain is "to" or "and" or "as" && ClauseOf(i).Any(l => l.Kind is "again" or "otherSide"))) {
                BecomesACall(i, letter, calls: false);
                for (var k = FirstOfClause(i); k <= EndOfClause(i); k++)
                    if (_lexemes[k] is { Kind: "place", Plain: "the other way" }) _lexemes[k] = _lexemes[k] with { Kind = "otherSide", Value = "other" };
            }

        // 1 for A; 0 where no letter stands by itself. A small one only calls before a colon: "a" is a word.
        int LetterAt(int i) => _lexemes[i] is { Length: 1 } one && CharAt(one.Start) is var letter && (char.IsAsciiLetterUpper(letter) || char.IsAsciiLetterLower(letter) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":")) ? char.ToUpperInvariant(letter) - 'A' + 1 : 0;

        void BecomesACall(int at, int number, bool calls = true)
        {
            _lexemes[at] = _lexemes[at] with { Kind = "number", Value = number.ToString(System.Globalization.CultureInfo.InvariantCulture), Term = null };
            if (calls) _numbered.Add(_lexemes[at].Start);
        }
    }

    /// <summary>"Il: … I: … Sam: …": two, in Korean, between one and three.</summary>
    private void FindTheKoreanTwo()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i] is { Length: 1, Plain: "i" } && _lexemes[i - 1].EndsSentence && _lexemes[i + 1].IsStop && _lexemes.Take(i).LastOrDefault(l => l.Is("countWord")) is { Plain: "il" } && _lexemes.Skip(i).FirstOrDefault(l => l.Is("countWord")) is { Plain: "sam" or "saam" })
                _lexemes[i] = _lexemes[i] with { Kind = "countWord", Value = "2" };
    }
}
