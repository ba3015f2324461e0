namespace TidyHeron.Core.Dictation;

/// <summary>Steps and turns that are told by other verbs, or end in what another verb says.</summary>
public sealed partial class Reader
{
    /// <summary>"The left foot shifts over to the left", "shift the left foot across", "the back foot, so your left one, shifts over": the foot goes, not the weight.</summary>
    private void RetellFeetThatShift(int i)
    {
        if (_lexemes[i] is not { Kind: "footwork", Value: "shift" } shift || shift.Plain.Split(' ')[0] is not ("shift" or "shifts" or "shifting")) return;
        var words = ClauseOf(i).ToList();
        if (!words.Any(l => l.Kind is "side" or "way") || !words.Any(l => l.Plain is "out" or "over to" || l.Plain.Split(' ')[^1] is "over" or "across")) return;
        var after = IndexAfter(i);
        var itsFoot = after > 0 && _lexemes[after].Is("side") && Next(after) is { Kind: "footNoun" } && !Follows(after, "to", "onto", "on", "into") && EndOfClause(i) > after + 1;
        var footBefore = i > 1 && _lexemes[i - 1].Is("footNoun") && !Follows(i - 2, "to", "onto", "on");
        var toldWhich = i > 1 && _lexemes[i - 1].IsStop && ClauseOf(i - 2).Any(l => l.Is("side")) && FirstOfClause(i - 2) is > 1 and var which && ClauseOf(which - 2).Any(l => l.Is("relFoot"));
        if (itsFoot || footBefore || toldWhich) BecomesTerm(i, "footwork", "step");
    }

    private void RetellOtherVerbs(int i)
    {
        RetellFeetThatShift(i);
        // "Push the left foot out again": it goes there.
        if (_lexemes[i] is { Kind: "technique", Value: "push" } && IndexAfter(i) is > 0 and var pushed && _lexemes[pushed].Is("side") && pushed + 1 < _lexemes.Count && _lexemes[pushed + 1].Is("footNoun")) BecomesTerm(i, "footwork", "step");
        // "Step to the right and land in a front stance": the step ends so.
        if (_lexemes[i] is { Kind: "footwork", Value: "land", Plain: "land in" or "lands in" or "land" or "lands" or "landing in" or "landing" } && i > 0 && (_lexemes[i - 1].Plain == "and" || _lexemes[i].Plain.StartsWith("landing", StringComparison.Ordinal) && Clauses(i).Any(l => l.Is("footNoun"))) && StanceComes(i) && Clauses(i).Any(l => l is { Kind: "footwork", Value: "step" or "step-back" or "slide" or "turn" or "pivot" } || l.Is("footNoun")) && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick || l is { Kind: "footwork", Value: "jump" or "hop" or "lift-foot" })) BecomesSmall(i);
        // "Left foot to the left with a low block": where the foot goes, no hand.
        if (_lexemes[i].Is("side") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes[i + 2].Plain is "a" or "an" && (Follows(i, "to") && Previous(i) is { Kind: "footNoun" or "footwork" } or { Plain: "out" } || Follows(i, "with") && Previous(i) is { Kind: "footwork", Value: "step" or "step-back" } or { Kind: "way" } && ClauseOf(i).Any(l => l.Is("footwork")) && !Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("technique")))) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        // "Keep the feet where they are, pivot to the right": so one turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "stay" } stays && Alone(i) && stays.Plain.Contains("feet", StringComparison.Ordinal) && _lexemes.Skip(i + 2).FirstOrDefault(l => !l.Is("filler")) is { Kind: "footwork", Value: "pivot" or "turn" or "shift" }) BecomesSmall(i);
        // "Draws the left foot to the side": out, not in.
        if (_lexemes[i] is { Kind: "technique", Plain: "draw" or "draws" or "drawing" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } && EndOfClause(i) is var aside && _lexemes[aside].Plain is "to the side" or "out" or "to the sides" or "side") BecomesTerm(i, "footwork", "step");
        // "Left foot side" in notes: out to it.
        if (_lexemes[i] is { Kind: "filler", Plain: "side" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && OnlySmallWordsAndACallBefore(i - 2))
        {
            _lexemes.Insert(i + 1, _lexemes[i - 2] with { Start = _lexemes[i].Start + _lexemes[i].Length, Length = 0 });
            _lexemes[i] = _lexemes[i] with { Plain = "to" };
        }
        // "Next move your weight into …": no number.
        if (_lexemes[i] is { Kind: "ordinal", Plain: "next move" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "your" or "my" or "the" && (_lexemes[i + 2].Plain == "weight" || _lexemes[i + 2].Is("side") && Next(i + 2) is { Kind: "footNoun" })) BecomesTerm(i, "footwork", _lexemes[i + 2].Plain == "weight" ? "shift" : "step");
        // "Push forward to a front stance": the weight goes there.
        if (_lexemes[i] is { Kind: "technique", Value: "push", Plain: "push" or "pushes" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("way", "forward") && _lexemes[i + 2].Plain is "to" or "into" && _lexemes.GetRange(i, EndOfClause(i) - i + 1).Any(l => l.Is("stance")) && Previous(i) is null) BecomesTerm(i, "footwork", "shift");
        // "Jump, change the feet": in the jump.
        if (_lexemes[i].Is("footwork", "jump") && Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("footwork", "switch")) BecomesSmall(i);
    }
}
