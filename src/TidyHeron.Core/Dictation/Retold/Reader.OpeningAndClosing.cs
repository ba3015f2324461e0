namespace TidyHeron.Core.Dictation;

/// <summary>Feet that open into the ready position and come together to bow, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"Salute, then open the left foot": it steps to its side, into the open stance.</summary>
    private void RetellFeetThatOpen(int i)
    {
        if (_lexemes[i] is not { Kind: "technique" or "filler", Plain: "open" or "opens" or "opening" } || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || side + 1 >= _lexemes.Count || !_lexemes[side + 1].Is("footNoun") || _lexemes.GetRange(i + 1, side - i - 1).Any(l => l.IsStop || l.Plain is not ("the" or "your" or "with" or "my"))) return;
        BecomesTerm(i, "footwork", "step");
        if (!Alone(side + 1) || RestOfSentence(i).Any(l => l.Is("stance"))) return;
        _lexemes.Insert(side + 2, new Lexeme("stance", "open-stance", _lexemes[side + 1].Start + _lexemes[side + 1].Length, 0, "open stance", TermOf("open-stance")));
    }

    /// <summary>"Feet together. Open to the left, fists in front of the belt.": so one gets ready.</summary>
    private void RetellOpeningToTheSide(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "open" or "opens" } || !OnlySmallWordsBefore(i) || i + 1 >= _lexemes.Count || _lexemes[i + 1].Plain != "to" || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || !Alone(side) || !RestOfSentence(i).Any(l => l.Value is "fists-ready" || l.Is("handNoun")) || RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" || l.Is("stance")) || _lexemes.Take(i).Any(l => l.Kind is "footNoun" or "side" || l.IsHandTechnique)) return;
        BecomesTerm(i, "footwork", "step");
        _lexemes.Insert(side + 1, new Lexeme("stance", "open-stance", _lexemes[side].Start + _lexemes[side].Length, 0, "open stance", TermOf("open-stance")));
    }

    /// <summary>"Open to the left into a horse stance": a step to that side.</summary>
    private void RetellOpeningIntoAStance(int i)
    {
        if (_lexemes[i] is { Kind: "technique" or "filler", Plain: "open" or "opens" or "open out" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "out" && IndexAfter(i) is > 0 and var side && _lexemes[side].Is("side") && Next(side) is { Kind: "stance", Term: { } straddle } && _ways.Stances.Of(straddle.Id).Feet == Body.FeetKind.Even && !Clauses(i).Any(l => l.Kind is "footNoun" or "footwork"))
            BecomesTerm(i, "footwork", "step");
    }

    /// <summary>"Then the left foot comes up, and bow.": beside the other one, as a form ends.</summary>
    private void RetellFeetThatComeUpToBow(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "comes" or "come" } || i == 0 || !_lexemes[i - 1].Is("footNoun") || i + 1 >= _lexemes.Count || _lexemes[i + 1].Plain is not ("up" or "in" or "back") || !Alone(i + 1) || RestOfSentence(i).FirstOrDefault(l => l.Kind is not ("filler" or "then" or "stop")) is not { Kind: "footwork", Value: "bow" }) return;
        BecomesTerm(i, "footwork", "pull-together");
        BecomesSmall(i + 1);
    }
}
