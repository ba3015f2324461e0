using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>On which foot one turns or pushes off, and what a turn is for, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"Push forward off the back foot and thrust": both feet go forward, and the one in front still leads.</summary>
    private void RetellPushesOffTheRearFoot(int i)
    {
        if (_lexemes[i] is not { Kind: "technique", Value: "push" } || !ClauseOf(i).Any(l => l.Is("relFoot", "rear")) || _lexemes.FindIndex(i, l => l.Is("relFoot")) is not (> 0 and var rear) || !Follows(rear, "off", "from")) return;
        BecomesTerm(i, "footwork", "slide");
        AsNote(_lexemes[rear - 1].Plain is "the" or "your" or "my" ? rear - 1 : rear, rear);
        if (!ClauseOf(i).Any(l => l.Is("way"))) _lexemes.Insert(i + 1, new Lexeme("way", "forward", _lexemes[i].Start + _lexemes[i].Length, 0, "forward"));
    }

    /// <summary>"Three-quarter turn to the left, on the right foot": that foot stays.</summary>
    private void RetellTurnsOnAFoot(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "on" } || i == 0 || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || side + 1 >= _lexemes.Count || !_lexemes[side + 1].Is("footNoun") || _lexemes.GetRange(i + 1, side - i - 1).Any(l => l.Plain is not ("the" or "your" or "my"))) return;
        var told = Backward(i).TakeWhile(l => !l.EndsSentence).TakeWhile(l => l.Kind is "filler" or "side" or "turnSide" or "amount" or "degrees" || l.Is("stop", ",") || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }).ToList();
        if (told.Any(l => l.Kind is "amount" or "degrees" || l.Is("footwork")) && (_lexemes[i - 1].IsStop || Previous(i) is { Kind: "side" or "turnSide" }))
        {
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

    /// <summary>
    /// "Turn counter clockwise to the right side": the other way round, three quarters. Said with a foot that goes there it is the same;
    /// with an amount or a place of its own it is that.
    /// </summary>
    private void RetellTheOtherWayRound(int i)
    {
        // "The left foot goes all the way round to the right side": to that side it comes round.
        if (_lexemes[i] is { Kind: "amount", Plain: "all the way round" or "all the way around" } && _lexemes.FindLastIndex(i, l => l.Is("footNoun") || l.IsStop) is > 0 and var named && _lexemes[named].Is("footNoun") && _lexemes[named - 1].Is("side") && IndexAfter(i) is > 0 and var there && _lexemes[there].Is("side") && Follows(there, "to") && _lexemes[there].Value != _lexemes[named - 1].Value && there + 1 < _lexemes.Count && _lexemes[there + 1].Plain == "side")
            _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler", Plain = "round" };
        // "Counterclockwise all the way to the right wall": how far the wall tells.
        if (_lexemes[i] is { Kind: "amount", Plain: "all the way" } && ClauseOf(i).Any(l => l.Kind is "clock" || l.Is("place") && l.Value is not "rear")) BecomesSmall(i);
        if (!_lexemes[i].Is("side") || !(Follows(i, "to", "towards") || Previous(i) is { Kind: "footwork" } turn && turn.Plain.EndsWith(" to", StringComparison.Ordinal)) || IndexAfter(i) is var next and >= 0 && _lexemes[next].Kind is "footNoun" or "handNoun" && next == i + 1) return;
        var first = StartOfSentence(i);
        var told = _lexemes.Skip(first).TakeWhile(l => !l.EndsSentence && !l.Is("technique")).ToList();
        if (first + told.Count <= i || told.Any(l => l.Kind is "degrees" or "place" or "clock" or "facing" || l.Is("amount") && !l.Plain.StartsWith("all the way", StringComparison.Ordinal))) return;
        var farTold = told.FindIndex(l => l.Is("amount"));
        var way = told.FindIndex(l => l.Value != _lexemes[i].Value && (l.Is("turnSide") || farTold > 0 && l.Is("side") && l == told[farTold - 1] && first + farTold < i));
        if (way < 0 || told.Count(l => l.Is("turnSide")) > 1 || !told.Any(l => l.Is("footwork") || l.Is("footNoun")) || told.Any(l => l is { Kind: "footwork", Value: "pull-together" })) return;
        var round = _lexemes[i].Side.Other.Word;
        BecomesSmall(first + way);
        if (farTold >= 0) BecomesSmall(first + farTold);
        if (i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "side") BecomesSmall(i + 1);
        _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "270", Plain = "270 degrees" };
        _lexemes.Insert(i + 1, new Lexeme("turnSide", round, _lexemes[i].Start + _lexemes[i].Length, 0, round));
    }

    /// <summary>"Turn around, and the right foot goes behind you": the foot with which one turns.</summary>
    private void RetellTheFootThatTurns(int i)
    {
        if (_lexemes[i] is not ({ Kind: "lead", Plain: "behind" } or { Kind: "place", Plain: "behind you" }) || !(_lexemes[i].Is("place") || Alone(i) || _lexemes[i + 1].Plain is "me" or "you" or "us")) return;
        var verb = i - 1;
        while (verb > 0 && (_lexemes[verb].Plain is "round" or "around" or "right" or "all" or "all the way" || _lexemes[verb].Is("way", "back"))) verb--;
        if (verb < 1 || Previous(verb) is not { Kind: "footNoun" } || _lexemes[verb].Plain is not ("goes" or "going" or "moves" or "moving" or "steps" or "comes" or "swings" or "goes around" or "like")) return;
        var foot = IndexBefore(verb);
        var clause = FirstOfClause(foot);
        if (clause < 2 || _lexemes[clause - 1].EndsSentence || !_lexemes[foot - 1].Is("side") || ClauseOf(clause - 2).ToList() is var before && (!before.Any(l => l is { Kind: "footwork", Value: "turn" } && l.Plain.Split(' ')[^1] is "around" or "round" or "about") || before.Any(l => l.Kind is "footNoun" or "technique" or "stance" or "side"))) return;
        BecomesStopless(clause - 1);
        _lexemes[foot - 2 >= clause ? foot - 2 : clause - 1] = _lexemes[foot - 2 >= clause ? foot - 2 : clause - 1] with { Kind = "filler", Value = "filler", Plain = "with" };
        BecomesSmall(foot + 1, i);
    }
}
