namespace TidyHeron.Core.Dictation;

/// <summary>A technique with one hand and then the other, named once: "right and left punch", "right, left punch", "punch right and left".</summary>
public sealed partial class Reader
{
    /// <summary>Names the technique with each of the two sides.</summary>
    private void FindTechniquesOnBothSides()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            // With "three times", "each", or a number of them, the sides tell which it is.
            if (_lexemes.GetRange(first, EndOfSentence(first) - first + 1).Exists(l => l.Kind is "times" or "again" or "otherSide" || l.Is("number") && !IsCountMark(_lexemes.IndexOf(l, first)) || SaysEach(l))) continue;
            for (var i = Math.Max(first, 1); i < EndOfSentence(first); i++)
            {
                if (IsLeftAndRight(i) && IsOfOneHand(_lexemes[i + 1]) && (IsHandsTurn(i) || _lexemes[i - 1].EndsSentence) || IsLeftAndRight(i + 1) && IsOfOneHand(_lexemes[i]) && IsHandsTurn(i) && Alone(i + 1)) IntoTwoSides(_lexemes[i].IsHandTechnique ? i + 1 : i);
                if (TwoSidesOf(i) is not var (one, other, done)) continue;
                var at = _lexemes[one].Start + _lexemes[one].Length;
                if (done < one)
                {
                    // "Punch right and left".
                    (_lexemes[done], _lexemes[one]) = (_lexemes[one], _lexemes[done]);
                    _lexemes.Insert(other + 1, _lexemes[one] with { Start = _lexemes[other].Start + _lexemes[other].Length, Length = 0 });
                    if (other == one + 1) _lexemes.Insert(other, new("stop", ",", at, 0, ""));
                }
                else if (other == one + 1) _lexemes.InsertRange(other, [_lexemes[done] with { Start = at, Length = 0 }, new("stop", ",", at, 0, "")]);
                else _lexemes.Insert(one + 1, _lexemes[done] with { Start = at, Length = 0 });
            }
        }
    }

    /// <summary>Two sides that take turns beside a technique of the hands, with nothing else in between; where they are not such, null.</summary>
    private (int One, int Other, int Done)? TwoSidesOf(int i)
    {
        var after = IsOfOneHand(_lexemes[i]);
        var one = after ? i + 1 : i;
        var both = one + 1 < _lexemes.Count && _lexemes[one].Is("side") && _lexemes[one + 1].Is("side"); // "right and left punch"
        if (one >= _lexemes.Count || !_lexemes[one].Is("side") || !IsHandsTurn(i) && !(both && i > 0 && _lexemes[i - 1].EndsSentence)) return null;
        var other = one + 1;
        while (other < _lexemes.Count && (_lexemes[other].Kind is "then" || _lexemes[other].Is("stop", ",") || _lexemes[other].Is("stop", "-") || _lexemes[other].Plain == "and")) other++;
        if (other >= _lexemes.Count || !_lexemes[other].Is("side") || _lexemes[other].Value == _lexemes[one].Value) return null;
        if (after) return Alone(other) && !_lexemes[one + 1].Is("stop", ",") ? (one, other, i) : null;
        return other + 1 < _lexemes.Count && IsOfOneHand(_lexemes[other + 1]) && Alone(other + 1) ? (one, other, other + 1) : null;
    }

    /// <summary>A "double punch" is both already.</summary>
    private static bool IsOfOneHand(Lexeme l) => l.IsHandTechnique && !l.Value.StartsWith("double-", StringComparison.Ordinal);

    /// <summary>Whether a clause, or what goes with one, begins there, and what came before it in the sentence has told where the feet go.</summary>
    private bool IsHandsTurn(int i) =>
        i > 0 && (_lexemes[i - 1].Is("stop", ",") || _lexemes[i - 1].Kind is "together" or "then" or "stance" || _lexemes[i - 1].Plain is "and" or "with" or "a" or "with a")
        && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "stance" or "footNoun");
}
