using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Numbers in brackets: hours of the clock ("low block (9)"), or the counts of what stands before them ("low block. [1]").</summary>
public sealed partial class Reader
{
    /// <summary>Retells numbers in brackets, where there are a few of them.</summary>
    private void FindBrackets()
    {
        StepsInBrackets();
        StancesInBrackets();
        NamesInBrackets();
        WallsInBrackets();
        TargetsInBrackets();
        var bracketed = Enumerable.Range(0, _lexemes.Count).Where(IsBracketed).ToList();
        if (bracketed.Count < Numbered) return;
        if (bracketed.Zip(bracketed.Skip(1)).All(p => _lexemes[p.Second].Number == _lexemes[p.First].Number + 1))
        {
            // "Low block. [1]" at the end of a line: the full stop does not part them.
            foreach (var i in bracketed.Where(i => i > 1 && _lexemes[i - 2].EndsSentence && EndsLine(i) && !BeginsLine(i)))
                _lexemes[i - 2] = _lexemes[i - 2] with { Value = "," };
            return;
        }
        if (!bracketed.All(i => _lexemes[i].Number is >= 1 and <= 12)) return;
        foreach (var i in bracketed)
        {
            _lexemes[i] = _lexemes[i] with { Kind = "clock", Value = (_lexemes[i].Number % 12 * 2).ToString(System.Globalization.CultureInfo.InvariantCulture) };
            _lexemes[i - 1] = _lexemes[i - 1] with { Kind = "facing", Value = "facing" };
        }
    }

    /// <summary>"1. (ready) left foot left": how one stood.</summary>
    private void StancesInBrackets()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "stance", Term: { } stood } && StanceSet.IsStanding(stood.Id) && _lexemes[i].Start is > 0 and var start && CharAt(start - 1) == '(' && _text.AsSpan(start + _lexemes[i].Length).StartsWith(")") && OnlySmallWordsAndACallBefore(i)) AsNote(i, i);
    }

    /// <summary>"Double low block (X block)": what else it is called.</summary>
    private void NamesInBrackets()
    {
        for (var i = 2; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i].Is("technique") && _lexemes[i - 1].IsStop && _lexemes[i - 1].Start < _text.Length && CharAt(_lexemes[i - 1].Start) == '(' && _lexemes[i + 1].IsStop && _lexemes[i + 1].Start < _text.Length && CharAt(_lexemes[i + 1].Start) == ')' && _lexemes[i - 2].Is("technique") && _lexemes[i - 2].IsKick == _lexemes[i].IsKick && _lexemes[i - 2].Value is not ("block" or "punch" or "strike" or "kick"))
            {
                AsNote(i, i);
                BecomesSmall(i - 1);
            }
    }

    /// <summary>"Overhead strike (head)", "side strike (knee)": where it goes, no strike of that knee.</summary>
    private void TargetsInBrackets()
    {
        for (var i = 2; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i].Plain is "head" or "knee" or "throat" or "face" or "ribs" or "temple" or "neck" or "groin" or "chest" or "belly" or "shin" or "ankle" or "collarbone" or "elbow" or "wrist" && _lexemes[i - 1].IsStop && CharAt(_lexemes[i - 1].Start) == '(' && _lexemes[i + 1].IsStop && CharAt(_lexemes[i + 1].Start) == ')' && _lexemes[i - 2].Is("technique")) AsNote(i, i);
    }

    /// <summary>"Line 3 (front):", "low block (front)": the wall that one faces; "(back)" only where nothing stands before it that could go there.</summary>
    private void WallsInBrackets()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not ({ Kind: "place", Plain: "front" } or { Kind: "way", Plain: "back" }) || !_lexemes[i - 1].IsStop || CharAt(_lexemes[i - 1].Start) != '(' || !_lexemes[i + 1].IsStop || CharAt(_lexemes[i + 1].Start) != ')') continue;
            if (_lexemes[i].Is("way"))
            {
                if (i + 2 >= _lexemes.Count || !_lexemes[i + 2].Is("stop", ":")) continue;
                _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "rear", Plain = "the back" };
            }
            _lexemes[i - 1] = _lexemes[i - 1] with { Kind = "facing", Value = "facing", Plain = "facing" };
        }
    }

    /// <summary>"Right high block (step), left high block (step)": a step with it.</summary>
    private void StepsInBrackets()
    {
        for (var i = 2; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "footwork", Value: "step" } step || !_lexemes[i - 1].IsStop || CharAt(_lexemes[i - 1].Start) != '(' || !_lexemes[i + 1].IsStop || _lexemes[i + 1].Start >= _text.Length || CharAt(_lexemes[i + 1].Start) != ')' || !_lexemes[i - 2].IsHandTechnique) continue;
            var clause = FirstOfClause(i - 2);
            _lexemes.RemoveRange(i - 1, 2);
            // What is done in the next one is another.
            if (i < _lexemes.Count && _lexemes[i].Is("stop", ",") && RestOfSentence(i).Any(l => l.Is("technique"))) _lexemes[i] = _lexemes[i] with { Value = "." };
            if (i - 1 < _lexemes.Count) _lexemes[i - 1] = _lexemes[i - 1] with { Value = i < _lexemes.Count && _lexemes[i].EndsSentence ? "." : "," };
            _lexemes.InsertRange(clause, [step, StopAt(clause, ",")]);
        }
    }

    private bool IsBracketed(int i) =>
        _lexemes[i].Is("number") && i > 0 && _lexemes[i].Start is > 0 and var start && CharAt(start - 1) is '(' or '[' && _lexemes[i - 1].Start == start - 1
        && start + _lexemes[i].Length is var end && end < _text.Length && CharAt(end) is ')' or ']';

    private bool EndsLine(int i) => _text.AsSpan(_lexemes[i].Start + _lexemes[i].Length + 1) is var rest && (rest.IsWhiteSpace() || rest.TrimStart(" \t.").StartsWith("\n") || rest.TrimStart(" \t.").StartsWith("\r"));

    private bool BeginsLine(int i) => _text.AsSpan(0, _lexemes[i].Start - 1).TrimEnd(" \t") is var before && (before.IsEmpty || before[^1] is '\n' or '\r');
}
