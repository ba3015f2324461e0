namespace TidyHeron.Core.Dictation;

/// <summary>Legs that cross, told by the foot that goes over or behind the other one.</summary>
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

    /// <summary>"Then the left foot comes up, and bow.": beside the other one, as a form ends.</summary>
    private void RetellFeetThatComeUpToBow(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "comes" or "come" } || i == 0 || !_lexemes[i - 1].Is("footNoun") || i + 1 >= _lexemes.Count || _lexemes[i + 1].Plain is not ("up" or "in" or "back") || !Alone(i + 1) || RestOfSentence(i).FirstOrDefault(l => l.Kind is not ("filler" or "then" or "stop")) is not { Kind: "footwork", Value: "bow" }) return;
        BecomesTerm(i, "footwork", "pull-together");
        BecomesSmall(i + 1);
    }

    /// <summary>"Push forward off the back foot and thrust": both feet go forward, and the one in front still leads.</summary>
    private void RetellPushesOffTheRearFoot(int i)
    {
        if (_lexemes[i] is not { Kind: "technique", Value: "push" } || !ClauseOf(i).Any(l => l.Is("relFoot", "rear")) || _lexemes.FindIndex(i, l => l.Is("relFoot")) is not (> 0 and var rear) || !Follows(rear, "off", "from")) return;
        BecomesTerm(i, "footwork", "slide");
        AsNote(_lexemes[rear - 1].Plain is "the" or "your" ? rear - 1 : rear, rear);
        if (!ClauseOf(i).Any(l => l.Is("way"))) _lexemes.Insert(i + 1, new Lexeme("way", "forward", _lexemes[i].Start + _lexemes[i].Length, 0, "forward"));
    }

    /// <summary>"Three-quarter turn to the left, on the right foot": that foot stays.</summary>
    private void RetellTurnsOnAFoot(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "on" } || i == 0 || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || side + 1 >= _lexemes.Count || !_lexemes[side + 1].Is("footNoun") || _lexemes.GetRange(i + 1, side - i - 1).Any(l => l.Plain is not ("the" or "your" or "my"))) return;
        var told = Backward(i).TakeWhile(l => !l.EndsSentence).TakeWhile(l => l.Kind is "filler" or "side" or "turnSide" or "amount" or "degrees" || l.Is("stop", ",") || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }).ToList();
        if (told.Any(l => l.Kind is "amount" or "degrees" || l.Is("footwork")) && (_lexemes[i - 1].IsStop || Previous(i) is { Kind: "side" or "turnSide" })) {
            // One word with its article, as "pivot on the" is.
            _lexemes[i] = _lexemes[i] with { Kind = "support", Value = "on", Plain = "turn on the", Length = _lexemes[side - 1].Start + _lexemes[side - 1].Length - _lexemes[i].Start };
            _lexemes.RemoveRange(i + 1, side - i - 1);
        }
    }

    /// <summary>"Turn left to come back down the middle": what for.</summary>
    private void RetellTurnsToComeBack(int i)
    {
        if (_lexemes[i] is not { Kind: "footwork", Value: "step-back" or "return" or "step" } back || !(back.Plain.Split(' ')[0] is "come" or "go" or "head" or "walk" or "work") || i == 0 || _lexemes[i - 1].Plain != "to" || Previous(i) is not { Kind: "side" or "degrees" or "amount" or "turnSide" } || !ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" })) return;
        AsNote(i - 1, EndOfClause(i));
    }

    private void RetellCrossings(int i)
    {
        // "Cross the left leg over the right": in front of it.
        if (_lexemes[i] is { Kind: "order", Plain: "over" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Next(i) is { Kind: "side" } && ClauseOf(i).FirstOrDefault(l => l.Is("footwork")) is { Value: "cross-front" })
        {
            BecomesSmall(IndexAfter(i));
            BecomesSmall(i);
        }
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
