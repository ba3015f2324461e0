using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Which clauses only order a repeat, such as "the same on the other side".</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> CommandWords = ["again", "otherSide", "times", "alternating", "filler", "side", "number", "then", "timesNoun", "handNoun", "footNoun", "way", "countNoun", "together", "passage", "ordinal", "countWord", "from", "degrees", "relHand"];

    /// <summary>Whether a clause from here on consists only of a command, such as "same on the other side".</summary>
    private bool IsCommand(int i, out int end)
    {
        end = i;
        if (i > 0 && !_lexemes[i - 1].IsStop && !_lexemes[i - 1].Is("then") && _lexemes[i - 1].Plain != "and" && !(_lexemes[i].Is("again") && (_lexemes[i - 1].Is("ordinal") || _lexemes[i - 1].Is("countNoun") && i > 1 && _lexemes[i - 2].Is("ordinal")) && _explicitCounts)) return false;
        var (orders, tells) = (false, false);
        for (; end < _lexemes.Count && !_lexemes[end].IsStop; end++)
        {
            orders |= _lexemes[end].Kind is "again" or "otherSide" or "times" or "relFoot";
            tells |= !CommandWords.Contains(_lexemes[end].Kind);
        }
        if (tells && !orders) return false;
        // "Again, left.": the side is part of it.
        if (end == i + 1 && _lexemes[i].Is("again") && end + 1 < _lexemes.Count && _lexemes[end].Is("stop", ",") && _lexemes[end + 1].Is("side") && Alone(end + 1))
        {
            _lexemes[end] = _lexemes[end] with { Kind = "filler" };
            end += 2;
        }
        // "Right foot forward, same thing, right side.": so it is here.
        if (end == i + 1 && _lexemes[i].Is("again") && end + 2 < _lexemes.Count && _lexemes[end].Is("stop", ",") && _lexemes[end + 1].Is("side") && _lexemes[end + 2].Plain == "side" && Alone(end + 2))
        {
            _lexemes[end] = _lexemes[end] with { Kind = "filler" };
            end += 3;
        }
        end = EndOfOrder(i, end);
        // "The same with the other leg", whichever it was.
        if (_lexemes.FindIndex(i, end - i, l => l.Is("relFoot", "other")) is > 0 and var other && _lexemes.GetRange(i, end - i) is var order && (order.Any(l => l.Kind is "again" or "times") || LastCountKicked() && (end >= _lexemes.Count || _lexemes[end].EndsSentence) && (_draft is { SentenceEnded: true } or { HasBody: false })) && order.All(l => l.Is("relFoot") || CommandWords.Contains(l.Kind))) _lexemes[other] = _lexemes[other] with { Kind = "otherSide", Value = "other" };
        var clause = _lexemes.GetRange(i, end - i);
        // "Do the same again on this side: shift back, right hand parries, …": told out, so the telling counts.
        if (clause.Any(l => l.Is("relHand")) && !clause.Any(l => l.Kind is "again" or "otherSide")) return false;
        if (_listed < 2 && end < _lexemes.Count && _lexemes[end].Is("stop", ":") && clause.Any(l => l.Kind is "again" or "otherSide") && (clause.Any(l => l.Is("again")) || !clause.Any(l => l.Is("detail", "detail")))
            && _lexemes.Skip(end + 1).TakeWhile(l => !l.EndsSentence).ToList() is var told && told.Any(l => l.Is("side")) && told.Count(l => l.Kind is "technique" or "stance" or "footwork") >= 2)
        {
            // "Turn to the other side and do those three again: …": the turn is made.
            var turned = Enumerable.Range(i, end - i).FirstOrDefault(k => _lexemes[k].Plain == "and" && clause.Take(k - i).Any(l => l.Is("footwork", "turn")) && clause.Skip(k - i).Any(l => l.Is("again")), -1);
            // "The fourth from behind again: …": called all the same.
            var called = Enumerable.Range(i, end - i).LastOrDefault(IsCountMark, i - 1);
            if (Math.Max(turned, called) + 1 < end) AsNote(Math.Max(Math.Max(turned, called) + 1, i), end - 1);
            return false;
        }
        // "And it's the same again, right foot, cat stance, …", "turn to the right side, same, square stance, …": told out after a comma, foot and stance and all.
        if (_listed < 2 && end < _lexemes.Count && _lexemes[end].Is("stop", ",") && clause.Any(l => l.Is("again")) && clause.All(l => l.Kind is "again" or "filler" or "then") && _lexemes.Skip(end + 1).TakeWhile(l => !l.EndsSentence).ToList() is var anew && anew.Any(l => l.Is("stance")) && anew.Any(l => l.Is("side")) && anew.Any(l => l.Kind is "technique" or "handNoun")
            && (anew.Any(l => l.Is("footNoun")) || Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork"))))
        {
            AsNote(i, end - 1);
            return false;
        }
        // "Turn to the right, back stance, mirror image, double block, right inside, left rising": told out.
        if (!_explicitCounts && clause is [{ Kind: "otherSide", Plain: "mirror image" or "mirrored" or "mirror" }] && i > 0 && _lexemes[i - 1].Is("stop", ",") && end < _lexemes.Count && _lexemes[end].Is("stop", ",")
            && RestOfSentence(end).Count(l => l.IsHandTechnique) >= 2 && RestOfSentence(end).Any(l => l.Is("side")))
        {
            AsNote(i, end - 1);
            return false;
        }
        // "And again three punches.", where there were three before: as many as there are told, with what belongs to them.
        if (clause.FirstOrDefault(l => !l.Is("filler") && !l.Is("then")) is { Kind: "again", Plain: "again" or "and again" or "once again" } && clause.FindIndex(IsDeeds) is var deeds and > 0 && clause[deeds - 1].Is("number") && _lexemes.Take(i).Where((l, k) => k > 0 && IsDeeds(l) && l.Value == clause[deeds].Value && _lexemes[k - 1].Is("number") && _lexemes[k - 1].Value == clause[deeds - 1].Value).Any())
        {
            var again = i + clause.FindIndex(l => l.Is("again"));
            _lexemes[again] = _lexemes[again] with { Kind = "filler" };
            return false;
        }
        // "6: same, left punch": the same stance, and what is done in it.
        if (clause is [{ Kind: "again", Plain: "same" }] && (_explicitCounts ? _draft is { IsNumbered: true, HasBody: false } : StartsSentence(i)) && end < _lexemes.Count && !_lexemes[end].EndsSentence && _lexemes.Skip(end + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique))
        {
            if (_draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "stay", Term = TermOf("stay") };
            return false;
        }
        if (StartingWith(clause) is not null || NamedToRepeat(clause).Count > 0) return HasSomethingToRepeat();
        var general = clause.Any(l => l.Is("again")) && clause.Any(l => l.Is("number"));
        if (!clause.All(l => CommandWords.Contains(l.Kind) || general && IsDeeds(l) || l.Is("place") && clause.Any(w => w.Is("passage", "all")) || l.Is("shout") && clause.Any(w => w.Kind is "again" or "otherSide"))) return false;
        // "Down on one knee, the left one".
        if (_draft is { Footwork: "kneel", Foot: null, IsDone: false, SentenceEnded: false } && clause.Any(l => l.Is("side")) && clause.All(l => l.Kind is "side" or "filler" || l.Plain == "one")) return false;
        if (clause.All(l => l.Kind is "side" or "filler" or "handNoun" or "then" || l.Plain == "one") && clause.Any(l => l.Is("side")) && !clause.Any(l => l.Plain is "to" or "round" or "around") && (_series > 0 || SideAlone(i, end) || clause[0].Is("then") && clause[^1].Plain == "one")) return HasSomethingToRepeat();
        // "Left foot again, same direction, stamp, double block": told out.
        if (clause.Any(l => l.Is("footNoun")) && clause.Any(l => l.Is("again")) && RestOfSentence(end - 1).Any(l => l.Kind is "technique" or "stance"))
        {
            foreach (var again in Enumerable.Range(i, end - i).Where(k => _lexemes[k].Is("again"))) BecomesSmall(again);
            return false;
        }
        // "And right foot in again": a foot that goes somewhere.
        if (clause.Any(l => l.Is("footNoun")) && clause.Any(l => l.Plain is "in" or "out" or "down" or "up")) return false;
        // "…, hands the other way round": how they are held.
        var onlyHands = clause.FirstOrDefault(l => !l.Is("filler")) is { Kind: "handNoun", Plain: "hands" or "arms" } && clause.Any(l => l.Is("otherSide")) && !clause.Any(l => l.Is("again"));
        if (onlyHands || clause.Any(l => l.Is("otherSide")) && ToldByTheNextNumber(i, end))
        {
            AsNote(i, end - 1);
            return false;
        }
        if (clause.Any(l => l.Is("otherSide"))) return HasSomethingToRepeat();
        // "Two-seventy again": the turn is done once more, not the count of that number.
        if (clause.Any(l => l.Is("degrees")) && !clause.Any(l => l.Kind is "countNoun" or "from" or "passage" or "number" or "ordinal") && i + 1 < end && _lexemes[i + 1].Is("again")) return false;
        if (clause.Any(l => l.Is("again"))) return HasSomethingToRepeat();
        return clause.Any(l => l.Is("times")) && HasSomethingToRepeat();
    }

    /// <summary>"The same on the other side, beginning from one", "twice more, alternating", "left foot again, same thing": where an order in two clauses ends.</summary>
    private int EndOfOrder(int i, int end)
    {
        if (end + 1 >= _lexemes.Count || !_lexemes[end].Is("stop", ",")) return end;
        var clause = _lexemes.GetRange(i, end - i);
        if (!clause.Any(l => l.Kind is "again" or "otherSide" or "times")) return end;
        if (EndsOnTheOtherSide(clause, end) is { } both) return both;
        // "…, all the way through from one".
        var next = end + 1;
        while (next + 1 < _lexemes.Count && (_lexemes[next].Is("filler") || _lexemes[next].Is("amount") && _lexemes[next].Plain.StartsWith("all the way", StringComparison.Ordinal))) next++;
        if (!_lexemes[next].Is("from")) next = end + 1;
        var from = _lexemes[next].Kind is "opening" or "from" && next + 1 < _lexemes.Count && _lexemes[next + 1].Is("number");
        // "One more time, those two".
        if (_lexemes[next] is { Kind: "passage", Value: not "section" } && Alone(next) && clause.All(l => l.Kind is "again" or "times" or "filler" or "then"))
        {
            for (var k = end; k < next; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            return next + 1;
        }
        var more = _lexemes[next].Is("alternating") || _lexemes[next].Is("again") && clause.Any(l => l.Is("again"));
        var last = from ? next + 2 : next + 1;
        if (!from && !more || last < _lexemes.Count && !_lexemes[last].IsStop) return end;
        for (var k = end; k < next; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        if (from) _lexemes[next] = _lexemes[next] with { Kind = "from" };
        return last;
    }

    private bool LastCountKicked() => _draft.Kick is not null || SoFar().Moves is { Count: > 0 } moves && moves.Skip(StartOfCount(moves.Count - 1)).Any(m => m.Kick is not null);

    /// <summary>"The same as two, other side", "two again, with the left": where such an order ends; none where something else follows.</summary>
    private int? EndsOnTheOtherSide(List<Lexeme> clause, int comma)
    {
        var last = EndOfClause(comma + 1);
        var rest = _lexemes.GetRange(comma + 1, last - comma);
        var numbers = clause.SkipWhile(l => !l.Is("again")).Where(l => l.Is("number")).ToList();
        if (numbers.Count == 0) numbers = [.. clause.Where(l => l.Is("number"))];
        // "Same thing, left leg", "once more, with the left leg this time": without a number it is the last count.
        var onThatFoot = numbers.Count == 0 && clause.All(l => l.Kind is "again" or "filler" or "then" || l.Is("times", "+1")) && rest.Any(l => l.Is("footNoun"));
        if (numbers.Count is not (1 or 2) && !onThatFoot || !clause.Any(l => l.Kind is "again" or "times") || !(last + 1 >= _lexemes.Count || _lexemes[last + 1].EndsSentence) || !rest.All(l => l.Kind is "filler" or "otherSide" or "side" or "relHand" or "handNoun" || onThatFoot && (l.Is("footNoun") || l.Plain is "this time"))) return null;
        var told = rest.FindIndex(l => l.Kind is "otherSide" or "side" || l.Is("relHand", "other"));
        if (told < 0) return null;
        // A side is the other one unless the count had it already.
        var had = onThatFoot ? _draft.Kick?.Foot ?? SoFar().Moves.Skip(Math.Max(0, StartOfCount(Math.Max(0, _before.Count + _said.Count - 1)))).Select(m => m.Kick?.Foot ?? m.Footwork?.Foot).LastOrDefault(s => s is not null) ?? _draft.Foot
            : Called(numbers[0].Number) is { } id && SoFar().IndexOf(id) is var at and >= 0 && SoFar().Moves[at] is { } move ? move.Hands.Select(h => h.Hand?.OnSide).FirstOrDefault(s => s is not null) ?? move.Kick?.Foot ?? move.Footwork?.Foot : null;
        var mirrored = !rest[told].Is("side") || had != rest[told].Side;
        for (var k = comma; k <= last; k++)
            _lexemes[k] = _lexemes[k] with { Kind = k == comma + 1 + told && mirrored ? "otherSide" : "filler", Value = mirrored ? "other" : "filler" };
        return last + 1;
    }

    /// <summary>"Three: hammer fist. Now the other side. Four: …": a sentence between two numbers that follow on announces the second.</summary>
    private bool ToldByTheNextNumber(int i, int end)
    {
        if (!_explicitCounts || !StartsSentence(i) || end >= _lexemes.Count || !_lexemes[end].EndsSentence) return false;
        while (end < _lexemes.Count && (_lexemes[end].IsStop || _lexemes[end].Is("filler"))) end++;
        if (end >= _lexemes.Count || !IsCountMark(end) || CalledNumber(end) is not { } next) return false;
        return _calls.Count > 0 && _calls.Max(c => c.Number) == next - 1 && (_draft.IsNumbered ? _draft.HasBody : _said.Count > 0);
    }

    /// <summary>"Other side from there, starting with left knife-hand block": the technique that the passage begins with.</summary>
    private static Lexeme? StartingWith(List<Lexeme> clause) =>
        clause.Any(l => l.Is("otherSide")) && clause.FindIndex(l => l.Is("opening")) is var at and >= 0 && clause.Skip(at + 1).All(l => l.Kind is "side" or "technique" or "filler" or "level") ? clause.Skip(at + 1).FirstOrDefault(l => l.Is("technique")) : null;

    /// <summary>The passage from where a technique was last done to the end.</summary>
    private (int First, int Last)? SinceTheLast(Lexeme? technique)
    {
        var moves = SoFar().Moves;
        for (var k = moves.Count - 1; k >= 0 && technique is not null; k--)
            if (moves[k].Hands.Any(h => h.Technique.Value == technique.Value) || moves[k].Kick?.Technique.Value == technique.Value) return (StartOfCount(k), moves.Count - 1);
        return null;
    }

    /// <summary>"The same two hits": things done, without saying which.</summary>
    private static bool IsDeeds(Lexeme lexeme) => lexeme.Value is "strike" or "block" or "punch" or "kick" && lexeme.Plain.EndsWith('s') && !lexeme.Plain.Contains(' ');

    private bool HasSomethingToRepeat() => _said.Count + _before.Count > 0 || _draft.HasBody;

    /// <summary>"Third, right." "Fourth: left." — a sentence, or what follows a number, that is only a side.</summary>
    private bool SideAlone(int i, int end)
    {
        var before = i - 1;
        while (before >= 0 && (_lexemes[before].IsStop && !_lexemes[before].EndsSentence || _lexemes[before].Is("filler"))) before--;
        var counted = before >= 0 && IsCountMark(before) || _lexemes[i].Plain == "and" && StartsSentence(i) && _draft is { SentenceEnded: true, HasHands: true } && !_explicitCounts;
        return counted && (end >= _lexemes.Count || _lexemes[end].EndsSentence);
    }
}
