using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Rows of like techniques that step with each, however they are ordered: "three of them, starting with the right, stepping each time".</summary>
public sealed partial class Reader
{
    /// <summary>Lunge punches, and rising blocks out of a stance with a foot in front: right, left, right of them are steps (common practice).</summary>
    private bool WalksByItself(Lexeme done, int at)
    {
        if (done.Value == "lunge-punch") return true;
        if (done.Value != "rising-block") return false;
        var stands = _lexemes.FindLastIndex(at, at + 1, l => l.Is("stance"));
        var stance = stands >= 0 ? _lexemes[stands].Term!.Id : Now().Stance;
        // Who steps out of ready and names no stance is read as walking in a short one.
        return IsWalkedIn(stance) || StanceSet.IsStanding(stance) && _lexemes.FindIndex(stands + 1, at - stands - 1, l => l.Is("footNoun") || l is { Kind: "footwork", Value: "step" or "turn" }) >= 0;
    }

    /// <summary>"Step with the left foot, cat stance, left knife hand": one of a row, with what is told of it and no more.</summary>
    private List<Lexeme> ToldWithItsStep(int place, string step, Side? foot, Lexeme? stance, Side? hand, Lexeme done)
    {
        List<Lexeme> told = [new("footwork", step, place, 0, "step", TermOf(step))];
        if (foot is { } steps) told.AddRange([new("side", steps.Word, place, 0, ""), new("footNoun", "foot", place, 0, "foot")]);
        if (stance is not null) told.Add(stance with { Start = place, Length = 0 });
        told.Add(new("stop", ",", place, 0, ""));
        if (hand is { } works) told.Add(new("side", works.Word, place, 0, ""));
        told.Add(done);
        return told;
    }

    /// <summary>The same, told in another order.</summary>
    private void FindOtherOrders()
    {
        for (var i = 0; i + 3 < _lexemes.Count; i++)
        {
            // "Horse stance, so slide your right foot out, and strike": what is stood in goes behind the foot.
            if (_lexemes[i].Is("stance") && OnlySmallWordsAndACallBefore(i) && EndOfClause(i) + 1 is var comma && comma + 2 < _lexemes.Count && _lexemes[comma].Is("stop", ",") && _lexemes[comma + 1].Plain == "so" && EndOfClause(comma + 1) is var ends && _lexemes.GetRange(comma + 2, ends - comma - 1) is var moves && moves.Any(l => l.Is("footNoun")) && moves.Any(l => l.Is("footwork")) && !moves.Any(l => l.Kind is "stance" or "technique"))
            {
                var stance = _lexemes.GetRange(i, comma - i);
                _lexemes.InsertRange(ends + 1, stance);
                _lexemes.RemoveRange(i, comma - i + 1);
            }
            // "Right foot, front stance, knife hand, and then left, front stance, high knife hand": that foot.
            if (_lexemes[i].Is("then") && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("stop", ",") && _lexemes[i + 3].Is("stance") && i > 0 && _lexemes[i - 1].Is("stop", ",") && Backward(i).TakeWhile(l => !l.EndsSentence).Reverse().SkipWhile(l => l.IsStop || l.Is("filler")).ToList() is [{ Kind: "side" } first, { Kind: "footNoun" }, { Kind: "stop" }, { Kind: "stance" }, ..] && first.Value != _lexemes[i + 1].Value)
            {
                _lexemes.Insert(i + 2, new Lexeme("footNoun", "foot", _lexemes[i + 1].Start + _lexemes[i + 1].Length, 0, "foot"));
                _lexemes[i - 1] = _lexemes[i - 1] with { Value = "." };
            }
            // "Three punches on the spot, right, left, right": that goes before all of them.
            if (_lexemes[i].IsHandTechnique && _lexemes[i + 1] is { Kind: "footwork", Value: "stay" } && _lexemes.Skip(i + 2).SkipWhile(l => l.IsStop && (!l.EndsSentence || l.Value == ":") || l.Is("filler")).FirstOrDefault() is { Kind: "side" } && RestOfSentence(i).Count(l => l.Is("side")) > 1)
            {
                var (stays, from) = (_lexemes[i + 1], i);
                while (from > 0 && _lexemes[from - 1].Kind is "number" or "level" or "times" or "tempo") from--;
                _lexemes.RemoveAt(i + 1);
                _lexemes.Insert(from, stays);
                i++;
                if (_lexemes[i + 1].Is("stop", ":")) _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            }
            // "Three times: step, punch": how often goes behind what is done.
            if (_lexemes[i].Is("times") && int.TryParse(_lexemes[i].Value, out _) && OnlySmallWordsAndACallBefore(i) && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).Any(l => l.Is("technique")))
            {
                var (often, end) = (_lexemes[i], EndOfSentence(i + 1));
                _lexemes.Insert(end + 1, often);
                _lexemes.Insert(end + 1, new Lexeme("stop", ",", _lexemes[end].Start + _lexemes[end].Length, 0, ""));
                _lexemes[i] = often with { Kind = "filler", Value = "filler", Plain = "", Length = 0 };
                _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler", Value = "filler" };
            }
            // "Step with the right and punch, then left and punch": with that foot.
            if (_lexemes[i].Is("then") && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Plain == "and" && _lexemes[i + 3].IsHandTechnique && i > 1 && _lexemes[i - 1].Is("stop", ",") && ClauseOf(i - 2).ToList() is var before && before.Any(l => l.Is("side")) && before.Any(l => l.Is("technique", _lexemes[i + 3].Value)) && (before.Any(l => l.Is("footwork", "step")) || before.Any(l => l is { Kind: "footwork", Plain: "" })))
            {
                var at = _lexemes[i + 1].Start + _lexemes[i + 1].Length;
                _lexemes.Insert(i + 2, new Lexeme("footNoun", "foot", at, 0, "foot"));
                _lexemes.Insert(i + 1, new Lexeme("footwork", "step", _lexemes[i + 1].Start, 0, "", TermOf("step")));
                _lexemes[i - 1] = _lexemes[i - 1] with { Value = "." };
            }
            // "Punch right stepping through, then left, then right": each with a step.
            if (_lexemes[i].IsHandTechnique && OnlySmallWordsAndACallBefore(i) && _lexemes[i + 1].Is("side") && _lexemes[i + 2] is { IsGerund: true, Value: "step" } && EndOfClause(i) is var told && told + 2 < _lexemes.Count && _lexemes[told + 1].Is("stop", ",") && RestOfSentence(told).ToList() is var rest && rest.Any(l => l.Is("side")) && rest.All(l => l.Kind is "then" or "side" or "filler" or "shout" || l.IsStop))
                foreach (var side in Enumerable.Range(told + 1, EndOfSentence(told) - told).Where(k => _lexemes[k].Is("side")).Reverse().ToList())
                {
                    var at = _lexemes[side].Start + _lexemes[side].Length;
                    _lexemes.Insert(side + 1, _lexemes[i] with { Start = at, Length = 0 });
                    var opens = side;
                    while (opens > told && !_lexemes[opens - 1].IsStop) opens--;
                    _lexemes.InsertRange(side, [new Lexeme("footwork", "step", _lexemes[side].Start, 0, "step", TermOf("step")), new Lexeme("stop", ",", _lexemes[side].Start, 0, "")]);
                    if (_lexemes[opens - 1].Is("stop", ",")) _lexemes[opens - 1] = _lexemes[opens - 1] with { Value = "." };
                }
        }
    }

    /// <summary>
    /// "Three punches going forward. Right punch, left punch, right punch": announced and listed; "lunge punch, lunge punch, lunge punch":
    /// a step goes with each.
    /// </summary>
    private void FindRowsThatStep()
    {
        for (var first = 0; first < _lexemes.Count; first = EndOfSentence(first) + 2)
        {
            var (end, sentence) = (EndOfSentence(first), Enumerable.Range(first, EndOfSentence(first) - first + 1).ToList());
            var deeds = sentence.Where(k => _lexemes[k].Is("technique")).ToList();
            if (sentence.Any(k => _lexemes[k].Kind is "stance" or "footNoun" or "degrees" or "again" or "times" or "countNoun" || _lexemes[k].Is("number") && deeds.Count > 1)) continue;
            if (deeds.Count > 1 && deeds.All(k => _lexemes[k].Is("technique", "lunge-punch") && StartsClause(k)) && !sentence.Any(k => _lexemes[k].Is("footwork"))) StepWithEach(deeds);
            if (deeds.Count != 1 || _lexemes[deeds[0]] is not { IsHandTechnique: true } named || !IsPlural(named) || deeds[0] == 0 || _lexemes[deeds[0] - 1] is not { Kind: "number", Number: > 1 and < 10 } many || sentence.Any(k => _lexemes[k].Is("side")) || end + 2 >= _lexemes.Count) continue;
            // "Three lunge punches. One, two, three, kiai.": counted out.
            var counted = Enumerable.Range(end + 2, EndOfSentence(end + 2) - end - 1).Where(k => !_lexemes[k].IsStop && !_lexemes[k].Is("filler") && !_lexemes[k].Is("shout")).ToList();
            if (counted.Count == many.Number && counted.Select((k, n) => _lexemes[k].Is("number") && _lexemes[k].Number == n + 1).All(called => called))
            {
                foreach (var k in counted) BecomesSmall(k);
                _lexemes[end + 1] = _lexemes[end + 1] with { Value = "," };
                continue;
            }
            if (!sentence.Any(k => _lexemes[k].Is("way", "forward") || _lexemes[k].Is("footwork", "step") || _lexemes[k].Plain is "going" or "moving" or "stepping")) continue;
            var listed = Enumerable.Range(end + 2, EndOfSentence(end + 2) - end - 1).ToList();
            var done = listed.Where(k => _lexemes[k].Is("technique")).ToList();
            if (done.Count != many.Number || !done.All(k => k > 0 && _lexemes[k - 1].Is("side") && IsThat(named, _lexemes[k].Term!.Id)) || listed.Any(k => _lexemes[k].Kind is "footwork" or "stance" or "footNoun")) continue;
            AsNote(first, end);
            StepWithEach(done);
        }
    }
}
