using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is seen only in the whole text: numbers that count up, and words that are numbers' company.</summary>
public sealed partial class Reader
{
    /// <summary>Retells lexemes whose meaning is told by others, before any of them is taken in.</summary>
    private void Prepare()
    {
        Corrections.Apply(_lexemes);
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            // "Step one, …", "move seven through ten are the same …": a number after the word is that of a count.
            if (_lexemes[i] is { Kind: "footwork", Plain: "step" or "move" } && StartsSentence(i) && _lexemes[i + 1].Kind is "number" && (Alone(i + 1) || IsRange(i + 1) || InRepeat(i + 1)))
                _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
            // "As ten and eleven", "as in four": the same again.
            if (_lexemes[i] is { Kind: "filler", Plain: "as" or "like" } && (_lexemes[i + 1].Kind is "number" or "countNoun" && (i + 2 >= _lexemes.Count || _lexemes[i + 2].IsStop || CommandWords.Contains(_lexemes[i + 2].Kind))))
                _lexemes[i] = _lexemes[i] with { Kind = "again" };
            // "One's a left step. Two's the cross.": called by numbers that begin the sentence.
            if (_lexemes[i] is { Kind: "number" } told && told.Plain.EndsWith("'s", StringComparison.Ordinal) && StartsSentence(i)) _numbered.Add(i);
        }
        // "1 left foot … 2 right foot …": numbers that begin one sentence after the other and count up.
        var starts = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("number") && char.IsDigit(_text[_lexemes[i].Start]) && StartsSentence(i)).ToList();
        if (starts.Count >= 3 && starts.Zip(starts.Skip(1)).All(p => _lexemes[p.Second].Number == _lexemes[p.First].Number + 1)) _numbered.UnionWith(starts);
        _explicitCounts = _lexemes.Where((_, i) => IsCountMark(i)).Any();
        _first = _before.All(m => m.Counting == Counting.Uncounted);
    }
}
