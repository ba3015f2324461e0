using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"Step right, same again": what the hands did, once more with other feet.</summary>
public sealed partial class Reader
{
    /// <summary>"Then punch left, right, left.": the same with the other hand, and again.</summary>
    private void RetellHandsThatTakeTurns(int i)
    {
        // "6-8 rising block R L R", "three punches, left, right, left": as many as are called.
        if (_lexemes[i] is not { IsHandTechnique: true } || i + 3 >= _lexemes.Count || !_lexemes[i + 1].Is("side") || IsPlural(_lexemes[i]) || Backward(i).TakeWhile(l => !l.EndsSentence).Count(l => l.Is("number")) > 1 || Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("stop", ":")).Any(l => l.Is("number"))) return;
        var sides = new List<int> { i + 1 };
        for (var k = i + 2; k < _lexemes.Count && (_lexemes[k].Is("stop", ",") || _lexemes[k].Is("then") || _lexemes[k].Is("side") || _lexemes[k].Plain == "and"); k++)
            if (_lexemes[k].Is("side")) sides.Add(k);
        if (sides.Count < 3 || sides[^1] + 1 < _lexemes.Count && !_lexemes[sides[^1] + 1].IsStop || !Enumerable.Range(1, sides.Count - 1).All(k => _lexemes[sides[k]].Side != _lexemes[sides[k - 1]].Side)) return;
        foreach (var at in sides.Skip(1).Reverse()) _lexemes.Insert(at + 1, _lexemes[i] with { Start = _lexemes[at].Start + _lexemes[at].Length, Length = 0 });
    }

    /// <summary>"Step forward left with a left block, and repeat it on the right", "…, then do it on the right with another step": the step as well, so one count more.</summary>
    private bool RetellTheStepOnTheOtherSide(int i)
    {
        if (!_lexemes[i].Is("side") || !Follows(i, "on", "on the", "to the", "to")) return false;
        // "With another step" says no more than that.
        var end = i;
        if (i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && EndOfClause(i) is var with && _lexemes.GetRange(i + 1, with - i).All(l => l.Is("filler") || l.Is("times", "+1") || l.Is("footwork", "step")) && _lexemes[with].Is("footwork", "step")) end = with;
        if (!Alone(end)) return false;
        var first = i;
        while (first > 0 && (_lexemes[first - 1].Kind is "filler" or "then" or "again" || _lexemes[first - 1].Is("times", "+1"))) first--;
        var order = _lexemes.GetRange(first, i - first);
        if (first == 0 || !order.Any(l => l.Is("again")) && !order.Zip(order.Skip(1)).Any(p => p is { First.Plain: "do", Second.Plain: "it" or "that" or "this" }) && !order.Any(l => l.Plain is "do it" or "do that" or "do this")) return false;
        var begins = _lexemes[first - 1].EndsSentence ? StartOfSentence(first - 1) : StartOfSentence(first);
        var told = _lexemes.GetRange(begins, first - begins);
        // One step to the other side with what is done in it.
        if (told.Count(l => l.IsHandTechnique) != 1 || told.Any(l => l.IsKick || l.Kind is "number" or "times" or "again" or "degrees" or "amount" or "turnSide" or "place") || told.Count(l => l.Is("footwork")) != 1 || !told.Any(l => l is { Kind: "footwork", Value: "step" or "step-back" }) || told.Where(l => l.Is("side")).Select(l => l.Value).Distinct().ToList() is not [{ } before] || before != _lexemes[i].Side.Other.Word) return false;
        if (end > i) BecomesSmall(i + 1, end);
        _lexemes[i] = _lexemes[i] with { Kind = "otherSide", Value = "other" };
        for (var k = first; k < i; k++) if (_lexemes[k].Kind is "then") BecomesSmall(k);
        if (!order.Any(l => l.Is("again"))) _lexemes.Insert(i, new Lexeme("again", "again", _lexemes[i].Start, 0, "again"));
        if (!_lexemes[first - 1].EndsSentence) _lexemes.Insert(first, StopAt(first, "."));
        return true;
    }

    /// <summary>"Low block left, then with the right": the same with that one.</summary>
    private void RetellTheSameWithTheOther(int i)
    {
        if (RetellTheStepOnTheOtherSide(i) || !_lexemes[i].Is("side") && !(_lexemes[i].Is("relHand") && _lexemes[i].Value == "other")) return;
        var end = i + 1 < _lexemes.Count && _lexemes[i + 1].Is("handNoun") ? i + 1 : i;
        if (end + 1 < _lexemes.Count && !_lexemes[end + 1].IsStop && !_lexemes[end + 1].Is("shout")) return;
        var first = i;
        while (first > 0 && (_lexemes[first - 1].Kind is "filler" or "then" or "again" || _lexemes[first - 1].Is("times", "+1"))) first--;
        if (first == 0 || !_lexemes.GetRange(first, i - first).Any(l => l.Kind is "then" or "again" or "times")) return;
        var told = Backward(first).TakeWhile(l => !l.EndsSentence).Reverse().ToList();
        var done = told.FindLastIndex(l => l.IsHandTechnique);
        if (done < 0 || told[done].Term is not { Limb: not "both", Family: not ("guard" or "grip") } || IsPlural(told[done]) && !(done > 0 && told[done - 1].Is("handNoun")) || told.Any(l => l.Is("times")) || told.Count(l => l.Is("number")) > 1) return;
        var from = told.FindLastIndex(done, l => l.IsStop) + 1;
        var clause = told.Skip(from).TakeWhile((l, k) => k + from <= done || !l.IsStop).ToList();
        if (clause.FirstOrDefault(l => l.Is("side")) is { } side && side.Value == _lexemes[i].Value || told.Skip(done).Any(l => l is { Kind: "footwork", IsGerund: false, Value: not "stay" })) return;
        if (_lexemes[i].Is("relHand") && clause.FirstOrDefault(l => l.Is("side")) is { } was) _lexemes[i] = _lexemes[i] with { Kind = "side", Value = was.Side.Other.Word, Plain = was.Side.Other.Word };
        foreach (var again in Enumerable.Range(first, i - first).Where(k => _lexemes[k].Kind is "again" or "times")) BecomesSmall(again);
        if (!_lexemes.GetRange(first, i - first).Any(l => l.Is("then"))) _lexemes[first] = _lexemes[first] with { Kind = "then", Value = "then", Term = null };
        var after = _lexemes[end].Start + _lexemes[end].Length;
        _lexemes.Insert(end + 1, told[done] with { Start = after, Length = 0 });
        if (clause.FirstOrDefault(l => l.Is("level")) is { } level) _lexemes.Insert(end + 1, level with { Start = after, Length = 0 });
    }

    /// <summary>"Step forward with a left one", "step forward, this time the left": of what was done last.</summary>
    private void RetellALeftOne(int i)
    {
        if (!_lexemes[i].Is("side") || !(Follows(i, "a", "the", "this time", "time", "with") || i > 0 && _lexemes[i - 1].Plain is "its a" or "thats a")) return;
        var one = i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "number", Plain: "one" };
        if (ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot")) return; // "the right foot to the left one"
        var thisTime = Backward(i).TakeWhile(l => l.Kind is "filler" or "note").Any(l => l.Plain is "time" or "this time");
        var end = one ? i + 1 : i;
        if (!one && !thisTime || !Alone(end) || ClauseOf(i).Any(l => l.Kind is "technique" or "again" or "times" or "otherSide") || Backward(i).FirstOrDefault(l => l.Is("technique")) is not { IsHandTechnique: true } last || !one && Clauses(i).Any(l => l.Is("technique")) || !(one ? ClauseOf(i) : Clauses(i)).Any(l => l.Is("footwork"))) return;
        if (_lexemes[i - 1].Is("note")) BecomesSmall(i - 1);
        if (one) _lexemes[end] = last with { Start = _lexemes[end].Start, Length = _lexemes[end].Length };
        else _lexemes.Insert(end + 1, last with { Start = _lexemes[end].Start + _lexemes[end].Length, Length = 0 });
    }

    /// <summary>Whether a command repeats what the hands did, and no more; they are the draft's then.</summary>
    private bool RepeatsTheHands(int i, int end, List<Lexeme> clause)
    {
        // "Step right, same with the other hand": what the hands did, with this step.
        if (_draft is { HasBody: true, IsDone: false, Footwork: not "turn" } && (!_draft.SentenceEnded || _draft is { Footwork: "step" or "step-back" or "slide" or "crescent-step", Stance: not null }) && clause.Any(l => l.Kind is "relHand" or "handNoun") && LastHandsInOrder() is { Count: > 0 } hands)
        {
            foreach (var lexeme in clause) Note(lexeme, "command");
            foreach (var (each, k) in hands.Select((h, k) => (h, k)))
            {
                // One after the other, as they were done before.
                if (k > 0) Begin(Counting.Then);
                _draft.Hands.AddRange(each.Select(h => h with { Hand = h.Hand?.Other }));
            }
            return true;
        }
        // "Step forward with the right foot and do it again the other way": with this step.
        if (_draft is { Footwork: "step" or "step-back", Foot: not null, IsDone: false, Stance: null, SentenceEnded: false } && i > 0 && (_lexemes[i - 1].Plain == "and" || _lexemes[i - 1].Is("stop", ",")) && clause.Any(l => l.Is("otherSide")) && !clause.Any(l => l.Kind is "passage" or "number" or "times" or "from") && LastHandsInOrder() is { Count: > 0 } mirrored)
        {
            foreach (var (each, k) in mirrored.Select((h, k) => (h, k)))
            {
                if (k > 0) Begin(Counting.Then);
                _draft.Hands.AddRange(each.Select(h => h with { Hand = h.Hand?.Other }));
            }
            foreach (var lexeme in clause) Note(lexeme, "command");
            if (end < _lexemes.Count && _lexemes[end].Is("stop", ":") && EndOfSentence(end) is var told && told > end) AsNote(end + 1, told);
            return true;
        }
        // "Two: turn to the right, back stance, the same on this side": what the hands did, mirrored.
        if (_draft is { IsNumbered: true, HasBody: true, IsDone: false, SentenceEnded: false, Stance: not null } && clause.Any(l => l.Is("otherSide")) && !clause.Any(l => l.Kind is "passage" or "number" or "times"))
        {
            _draft.Hands.AddRange(LastHands().Select(h => h with { Hand = h.Hand?.Other }));
            foreach (var lexeme in clause) Note(lexeme, "command");
            return true;
        }
        // "Step right again, horse stance, same.": what the hands did, over this foot.
        var steps = _draft is { Stance: not null } or { Footwork: "step", Way: null, HasTurn: false, Facing: null } or { Footwork: "step" or "slide" or null, Foot: not null, Way: null or Way.Forward, HasTurn: false, Facing: null };
        if (clause.Find(l => !l.Is("filler")) is { Kind: "again", Plain: "same" or "the same" or "same again" or "the same again" or "same thing" or "the same thing" or "same thing again" or "do the same" or "onaji" } && clause.All(l => l.Kind is "again" or "filler" or "side") && steps && _draft is { HasBody: true, IsDone: false, SentenceEnded: false } && LastHands() is { Count: > 0 } before)
        {
            if (_draft.Stance is null) (_draft.Foot, _side, _foot) = (_draft.Foot ?? _foot ?? _side, null, null);
            var exchanged = _draft.Stance is null ? _draft.Foot is null || _draft.Foot != Now().Lead
                : _draft.Foot is null && _draft.Lead is { } leads && Now().Lead == leads.Other || _draft.Foot is { } stepped && _before.Concat(_said).LastOrDefault(m => m.Footwork?.Foot is not null)?.Footwork?.Foot == stepped.Other;
            _draft.Hands.AddRange(before.Where(h => h.Technique.Value != "keep-hands").Select(h => exchanged ? h with { Hand = h.Hand?.Other } : h));
            var order = clause.First(l => l.Is("again"));
            foreach (var word in clause.Where(l => !ReferenceEquals(l, order))) Note(word, "command");
            Note(order, "command", exchanged ? "Read as what the hands did, on the other side." : "Read as what the hands did before.");
            return true;
        }
        // "…, same hands. Slide the left foot forward again, same.": they stay once more.
        if (clause is [{ Kind: "again", Plain: "same" or "the same" }] && steps && _draft is { HasBody: true, IsDone: false, SentenceEnded: false } && _said is [.., { Hands: [{ Technique.Value: "keep-hands" } kept] }])
        {
            _draft.Hands.Add(kept);
            Note(clause[0], "command");
            return true;
        }
        // "…, and again the other arm": only the hands change.
        if (clause.Any(l => l.Is("relHand")) && !clause.Any(l => l.Kind is "otherSide" or "passage" or "number"))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            _draft.Hands.AddRange(LastHands().Select(h => h with { Hand = (h.Hand ?? Now().Hands.LastOrDefault()?.Hand)?.Other }));
            foreach (var lexeme in clause) Note(lexeme, "command");
            return true;
        }
        return false;
    }

    /// <summary>What the hands did on the last count.</summary>
    private List<HandAction> LastHands() => [.. LastHandsInOrder().SelectMany(h => h)];

    /// <summary>The same, one after the other.</summary>
    private List<ValueList<HandAction>> LastHandsInOrder()
    {
        var moves = SoFar().Moves;
        return moves.Count == 0 ? [] : [.. moves.Skip(StartOfCount(moves.Count - 1)).Select(m => m.Hands).Where(h => h.Count > 0)];
    }
}
