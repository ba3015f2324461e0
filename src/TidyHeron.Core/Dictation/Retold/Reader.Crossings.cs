namespace TidyHeron.Core.Dictation;

/// <summary>Legs that cross, told by the foot that goes over or behind the other one.</summary>
public sealed partial class Reader
{
    private void RetellCrossings(int i)
    {
        // "Cross the left leg over the right": in front of it.
        if (_lexemes[i] is { Kind: "order", Plain: "over" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Next(i) is { Kind: "side" } && ClauseOf(i).FirstOrDefault(l => l.Is("footwork")) is { Value: "cross-front" })
        {
            BecomesSmall(IndexAfter(i));
            BecomesSmall(i);
        }
        // "The right foot crosses in front of the left cross stance": the other foot, where no comma parts it from the stance.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front" or "cross-behind" } && _lexemes.FindIndex(i, Math.Min(5, _lexemes.Count - i), l => l.Is("side") || l.IsStop) is > 0 and var over && _lexemes[over].Is("side") && Follows(over, "of", "behind") && over + 1 < _lexemes.Count && _lexemes[over + 1].Is("stance")
            && Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("side")) is { } crossing && crossing.Value != _lexemes[over].Value) BecomesSmall(over);
        // "Cross step, right in front of left": that foot.
        if (_lexemes[i].Is("lead", "lead") && _lexemes[i].Plain == "in front" && i > 0 && _lexemes[i - 1].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "of" && _lexemes[i + 2].Is("side") && _lexemes[i + 2].Value != _lexemes[i - 1].Value && Clauses(i).Any(l => l.Is("footwork", "cross-front")))
        {
            for (var k = i; k <= i + 2; k++) BecomesSmall(k);
            _lexemes.Insert(i, new Lexeme("footNoun", "foot", _lexemes[i].Start, 0, "foot"));
        }
        // "Slide the left foot behind the right": it crosses.
        if (_lexemes[i] is { Kind: "beside", Plain: "behind the" or "in front of the" } wentPast && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "side" } otherFoot && otherFoot.Value != _lexemes[i - 2].Value && _lexemes.FindLastIndex(i, i - FirstOfClause(i) + 1, l => l is { Kind: "footwork", Value: "slide" }) is var slides and >= 0)
        {
            BecomesTerm(slides, "footwork", wentPast.Plain == "behind the" ? "cross-behind" : "cross-front");
            for (var k = i; k <= EndOfClause(i) && (k <= i + 1 || _lexemes[k].Is("footNoun")); k++) BecomesSmall(k);
        }
        // "Bring the left foot behind the right": it crosses.
        if (_lexemes[i] is { Kind: "lead", Plain: "behind" } && i > 0 && _lexemes[i - 1].Is("footNoun") && Next(i) is { Kind: "side" } passed && Alone(IndexAfter(i)) && SideIndex(i - 1) is var passing && _lexemes[passing].Is("side") && passed.Value != _lexemes[passing].Value && ClauseOf(i).Any(l => l is { Kind: "footwork", Plain: "bring" or "brings" or "put" or "puts" }))
        {
            BecomesTerm(i, "footwork", "cross-behind");
            BecomesSmall(IndexAfter(i));
        }
    }
}
