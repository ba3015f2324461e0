namespace TidyHeron.Core.Dictation;

/// <summary>What stands before and after a lexeme.</summary>
public sealed partial class Reader
{
    /// <summary>The lexeme before, in the same clause, fillers left out.</summary>
    private Lexeme? Previous(int i) => IndexBefore(i) is var at and >= 0 ? _lexemes[at] : null;

    private int IndexBefore(int i)
    {
        for (var k = i - 1; k >= 0 && !_lexemes[k].IsStop; k--)
            if (!_lexemes[k].Is("filler")) return k;
        return -1;
    }

    /// <summary>The lexeme after, in the same clause, fillers left out.</summary>
    private Lexeme? Next(int i) => IndexAfter(i) is var at and >= 0 ? _lexemes[at] : null;

    private int IndexAfter(int i)
    {
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].IsStop; k++)
            if (!_lexemes[k].Is("filler")) return k;
        return -1;
    }

    /// <summary>The lexemes before one, the nearest first.</summary>
    private IEnumerable<Lexeme> Backward(int i)
    {
        for (var k = Math.Min(i, _lexemes.Count) - 1; k >= 0; k--) yield return _lexemes[k];
    }

    /// <summary>The lexemes after one, to the end of its sentence.</summary>
    private IEnumerable<Lexeme> RestOfSentence(int i) => _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence);

    /// <summary>Whether nothing but "then", articles and commas stands before it in its sentence.</summary>
    private bool OnlySmallWordsBefore(int i)
    {
        for (var k = i - 1; k >= 0 && !_lexemes[k].EndsSentence && !_lexemes[k].Is("stop", ":"); k--)
            if (!_lexemes[k].IsStop && _lexemes[k].Kind is not ("filler" or "then")) return false;
        return true;
    }

    /// <summary>Whether nothing but those and the number of the count does.</summary>
    private bool OnlySmallWordsAndACallBefore(int i) =>
        Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("stop", ":")).All(l => l.IsStop || l.Kind is "filler" or "then" or "number" or "countNoun" or "countWord" or "ordinal" || l is { Kind: "set", Plain: "set" });

    private Lexeme? NextPastLevels(int i)
    {
        var at = IndexAfter(i);
        while (at >= 0 && _lexemes[at].Is("level")) at = IndexAfter(at);
        return at >= 0 ? _lexemes[at] : null;
    }

    private bool PreviousIs(int i, string kind) => Previous(i)?.Kind == kind;

    /// <summary>Whether one of the given small words stands right before, articles aside.</summary>
    private bool Follows(int i, params string[] words)
    {
        for (var k = i - 1; k >= 0 && _lexemes[k].Is("filler"); k--)
        {
            if (words.Contains(_lexemes[k].Plain)) return true;
            if (_lexemes[k].Plain is not ("" or "uh" or "um" or "er" or "erm" or "the" or "your" or "a" or "an" or "my" or "our" or "his" or "her" or "their")) return false;
        }
        return false;
    }
}
