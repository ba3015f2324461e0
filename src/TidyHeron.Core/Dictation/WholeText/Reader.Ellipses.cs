namespace TidyHeron.Core.Dictation;

/// <summary>What is left out because it was said before: "knife hand left, then forty-five degrees with the right".</summary>
public sealed partial class Reader
{
    /// <summary>Puts in the step and the technique where a clause only tells how far and with which one, after a technique that goes on.</summary>
    private void FillInWhatGoesOn()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("then")) continue;
            var end = i + 1;
            while (end < _lexemes.Count && !_lexemes[end].IsStop && !_lexemes[end].Is("then")) end++;
            var clause = _lexemes.GetRange(i + 1, end - i - 1);
            var with = clause.FindIndex(l => l.Plain == "with");
            if (with < 0 || clause.Skip(with).FirstOrDefault(l => l.Is("side")) is not { } which || clause.Count(l => l.Kind is "degrees" or "amount" || l.Is("side")) < 2) continue;
            if (!clause.All(l => l.Kind is "filler" or "degrees" or "amount" or "side" || l is { Kind: "number", Value: "1" })) continue;
            // Only where the same technique goes on: it is the last thing done before, and nothing else is named in this sentence.
            if (_lexemes.Take(i).LastOrDefault(l => l.Kind is "technique") is not { IsHandTechnique: true } goesOn || RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "footNoun" or "footwork")) continue;
            var at = _lexemes[end - 1].Start + _lexemes[end - 1].Length;
            // "All the way to the right side": a side of the hall.
            if (clause.FindIndex(l => l.Is("amount")) is var far and >= 0 && clause.FindIndex(far, l => l.Is("side")) is var hall and > 0 && hall < with)
            {
                BecomesSmall(i + 1 + far);
                _lexemes[i + 1 + hall] = clause[hall] with { Kind = "place", Value = clause[hall].Value };
            }
            foreach (var one in clause.Where(l => l.Is("number"))) BecomesSmall(_lexemes.IndexOf(one));
            var side = _lexemes.IndexOf(which);
            _lexemes.Insert(side + 1, new Lexeme("footNoun", "foot", which.Start + which.Length, 0, "foot"));
            _lexemes.InsertRange(end + 1, [new Lexeme("stop", ",", at, 0, ""), which with { Start = at, Length = 0 }, goesOn with { Start = at, Length = 0 }]);
            if (i > 0 && !_lexemes[i - 1].IsStop) _lexemes.Insert(i, new Lexeme("stop", ".", _lexemes[i].Start, 0, ""));
            else if (i > 0) _lexemes[i - 1] = _lexemes[i - 1] with { Value = "." };
            i = end + 3;
        }
    }
}
