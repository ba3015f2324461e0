namespace TidyHeron.Core.Dictation;

/// <summary>On which foot one turns or pushes off, and what a turn is for, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
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
}
