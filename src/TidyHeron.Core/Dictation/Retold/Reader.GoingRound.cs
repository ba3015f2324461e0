namespace TidyHeron.Core.Dictation;

/// <summary>Words for turning about, and for feet that swing round, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"Right foot back and around", "spin around to the left": how one turns.</summary>
    private void RetellWhatGoesRound(int i)
    {
        // "Pivot on the left, turn around to the right": that foot stays.
        if (_lexemes[i].Is("support") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("stop", ",") && RestOfSentence(i + 2).FirstOrDefault(l => !l.IsStop) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })
            _lexemes.Insert(i + 2, new Lexeme("footNoun", "foot", _lexemes[i + 1].Start + _lexemes[i + 1].Length, 0, "foot"));
        // "Right foot back and around (to the other side)": one turns about with it.
        if (_lexemes[i] is { Kind: "filler", Plain: "around" or "round" } && i > 2 && _lexemes[i - 1].Plain == "and" && _lexemes[i - 2].Is("way", "back") && Previous(i - 2) is { Kind: "footNoun" } && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount" or "turnSide" || l.Is("footwork", "turn")))
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
            if (Next(i) is { Kind: "otherSide" }) BecomesSmall(IndexAfter(i));
            if (!Alone(i)) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        }
        // "Then behind: right foot, …": one turns about.
        if (_lexemes[i] is { Kind: "lead", Plain: "behind" } && StartsSentence(i - (i > 0 && _lexemes[i - 1].Is("then") ? 1 : 0)) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i).Any(l => l.Is("footNoun")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "turn", Plain = "turn around", Term = TermOf("turn") };
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
        }
        // "Around, right foot, low block": one turns so.
        if (_lexemes[i] is { Kind: "filler", Plain: "around" or "about" } && Alone(i) && StartsSentence(i) && i + 1 < _lexemes.Count && !_lexemes[i + 1].EndsSentence && RestOfSentence(i).Any(l => l.Is("footNoun")) && RestOfSentence(i).Any(l => l.Is("technique")) && !RestOfSentence(i).Any(l => l.Kind is "footwork" or "degrees"))
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
        }
        // "Turn left and go back with three punches": the way one faces then.
        if (_lexemes[i] is { Kind: "footwork", Plain: "go back" or "come back" or "going back" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes[i + 2].Is("number") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" })) BecomesTerm(i, "footwork", "step");
        // "Change direction, pivoting to the right": the other way.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && _lexemes[i].Plain.Contains("direction", StringComparison.Ordinal))
        {
            // "Now we change direction. Turn left, …": told out.
            if ((Alone(i) || i + 1 >= _lexemes.Count) && _lexemes.Skip(i + 2).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => !l.IsStop && l.Kind is not ("filler" or "then")) is { Kind: "footwork", IsGerund: false, Value: "turn" or "pivot" or "spin" } or { Kind: "facing" or "degrees" or "amount" or "gaze" })
            {
                AsNote(i, i);
                return;
            }
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
            if (Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 2] is { IsGerund: true, Value: "pivot" or "turn" or "spin" }) BecomesSmall(i + 1);
        }
        // "Turn back around to the left": like "turn around".
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" or "pivot" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && _lexemes[i + 2].Plain is "around" or "round" && Next(i + 2) is null or { Kind: "side" })
        {
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
            BecomesSmall(i + 1);
            BecomesSmall(i + 2);
        }
        // "Pivot around to the left", "turns around to the left": like "turn around".
        if (_lexemes[i] is { Kind: "footwork", Value: "pivot" or "turn", Plain: "pivot" or "pivots" or "pivoting" or "turns" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "around" or "round" && (_lexemes[i].Plain == "turns" || Next(i) is { Kind: "side" } or { Plain: "right to left" or "left to right" }))
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = _lexemes[i].IsGerund ? "turning around" : "turn around" };
            BecomesSmall(i + 1);
        }
        // "The right foot goes round behind, …, right low block.": so far as to face the other way, if nothing else is told.
        if (_lexemes[i] is { Kind: "lead", Plain: "behind" } && Alone(i) && i > 1 && _lexemes[i - 1].Plain is "round" or "around" && Previous(i) is { Kind: "footNoun" } && SideIndex(IndexBefore(i)) is var goesRound && _lexemes[goesRound].Is("side") && !Clauses(i).Any(l => l.Kind is "turnSide" or "degrees" or "amount" or "place" or "clock" or "facing" or "otherSide" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })
            && RestOfSentence(i).FirstOrDefault(l => l.Value is "low-block" or "rising-block" or "knife-hand-block") is { } over && _lexemes.Take(_lexemes.IndexOf(over)).LastOrDefault(l => l.Is("side")) is { } with && with.Value == _lexemes[goesRound].Value)
        {
            var (from, length, round) = (_lexemes[i].Start, _lexemes[i].Length, _lexemes[goesRound].Value);
            _guesses[from] = ("Read as half a turn.", "back");
            _lexemes[i] = new Lexeme("footwork", "turn", from, length, "turn around", TermOf("turn"));
            _lexemes.Insert(i + 1, new Lexeme("degrees", "180", from + length, 0, "180 degrees"));
            _lexemes.Insert(i + 2, new Lexeme("turnSide", round, from + length, 0, round));
        }
        // "You come round to the left until you face …": one turns.
        if (_lexemes[i].Plain is "round" or "around" && i > 0 && _lexemes[i - 1].Plain is "come" or "comes" && Next(i) is { Kind: "side" or "facing" } && ClauseOf(i).Any(l => l.Is("facing")))
            BecomesTerm(i, "footwork", "turn");
        // "Swivel into a left bow": it turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "pivot", Plain: "swivel" or "swivels" or "pivot" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "to" && (StanceComes(i) || Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Plain: "bow" }))
            BecomesTerm(i, "footwork", "turn");
        RetellOtherVerbs(i);
        RetellCrossings(i);
        // "Spin around to the left, all the way to the left side": to that wall.
        if (_lexemes[i] is { Kind: "amount", Plain: "all the way" } && IndexAfter(i) is > 0 and var wall && _lexemes[wall].Is("side") && Follows(wall, "to", "to the") && wall + 1 < _lexemes.Count && _lexemes[wall + 1].Plain == "side" && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l is { Kind: "footwork", Value: "spin" }))
        {
            BecomesSmall(i);
            _lexemes[wall] = _lexemes[wall] with { Kind = "place", Plain = _lexemes[wall].Value + " wall" };
        }
        // "Pull that right foot all the way around": one turns with it.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" or "swing" } && EndOfClause(i) is var swings && _lexemes.GetRange(i, swings - i + 1) is [_, .., { Kind: "footNoun" }, { Kind: "amount" } far] && far.Plain.StartsWith("all the way", StringComparison.Ordinal))
            BecomesTerm(i, "footwork", "turn");
    }
}
