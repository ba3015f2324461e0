namespace TidyHeron.Core.Dictation;

/// <summary>"Left front stance, low block, to the left.": a direction told last is that of the whole sentence.</summary>
public sealed partial class Reader
{
    /// <summary>Puts a direction that ends a sentence, or stands in brackets behind it, before what is done there.</summary>
    private void FindDirectionsToldAfter()
    {
        for (var first = 0; first < _lexemes.Count; first++)
        {
            if (_lexemes[first].IsStop) continue;
            var end = EndOfSentence(first);
            while (end > first && _lexemes[end].IsStop) end--;
            var comma = end;
            while (comma > first && !_lexemes[comma].IsStop) comma--;
            if (comma > first && comma < end && (IsDirectionAlone(comma + 1, end) || IsFootThatGoes(comma + 1, end) && TellsNoFoot(first, comma - 1)) && TellsNoDirection(first, comma - 1))
            {
                var start = first;
                while (start < comma && _lexemes[start].Kind is "number" or "countNoun" or "ordinal" or "then" or "filler" or "countWord" || _lexemes[start].IsStop) start++;
                var (stop, told) = (_lexemes[comma], _lexemes.GetRange(comma + 1, end - comma));
                _lexemes.RemoveRange(comma, end - comma + 1);
                if (!told.Any(l => l.Kind is "footwork" or "footNoun")) told.Insert(0, new Lexeme("footwork", "turn", told[0].Start, 0, "turn", TermOf("turn")));
                _lexemes.InsertRange(start, [.. told, stop]);
            }
            // "5 left low block to front": in a list.
            else if (end - first > 2 && _lexemes[first].Is("number") && _lexemes[end] is { Kind: "place", Value: "front" or "rear" } && _lexemes[end - 1].Plain == "to" && _lexemes[end - 2].IsHandTechnique && TellsNoDirection(first, end - 2))
            {
                var (there, stop) = (_lexemes[end], StopAt(end, ","));
                _lexemes.RemoveAt(end);
                _lexemes.InsertRange(first + 1, [there, stop]);
                FacingBefore(first + 1);
            }
            first = EndOfSentence(first);
        }
        TurnWhereACountGoes();
        PutFeetBeforeWhatTheyStandIn();
        PutDegreesFirst();
        TakeTheStanceOfAll();
        PutStancesBeforeHands();
    }

    /// <summary>"Right foot steps to the right, left knife hand, right low block, right cat stance.": told last, it is that of the step.</summary>
    private void PutStancesBeforeHands()
    {
        for (var i = 1; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("stance") || !Alone(i) || FirstOfClause(i) is var own && (own < 3 || !_lexemes[own - 1].Is("stop", ",") || !_lexemes.GetRange(own, i - own).All(l => l.Kind is "filler" or "side"))) continue;
            var comma = own - 1;
            var hands = 0;
            while (comma > 0 && _lexemes[comma].Is("stop", ",") && FirstOfClause(comma - 1) is var first && first > 0 && _lexemes.GetRange(first, comma - first) is var clause && clause.Count(l => l is { IsHandTechnique: true, Term.Family: not "guard" }) == 1 && clause.All(l => l.IsHandTechnique || l.Kind is "filler" or "side" or "handNoun" or "level"))
            {
                hands++;
                comma = first - 1;
            }
            if (hands < 2 || !_lexemes[comma].Is("stop", ",") || ClauseOf(comma - 1).ToList() is var goes && (!goes.Any(l => l is { Kind: "footwork", Value: "step" or "slide" } or { Kind: "footNoun" }) || goes.Any(l => l.Kind is "technique" or "stance"))) continue;
            var told = _lexemes.GetRange(own - 1, i - own + 2);
            _lexemes.RemoveRange(own - 1, i - own + 2);
            _lexemes.InsertRange(comma, told);
        }
    }

    /// <summary>"…, left foot to the left": a foot and where it goes, nothing else.</summary>
    private bool IsFootThatGoes(int first, int last) =>
        _lexemes.GetRange(first, last - first + 1).Where(l => !l.Is("filler")).ToList() is [{ Kind: "side" }, { Kind: "footNoun" }, { Kind: "side" or "clock" }] && Follows(last, "to");

    /// <summary>Whether a stance and what is done in it are told, and no foot.</summary>
    private bool TellsNoFoot(int first, int last) =>
        _lexemes.GetRange(first, last - first + 1) is var told && told.Any(l => l.Is("stance")) && told.Any(l => l.IsHandTechnique) && !told.Any(l => l.Kind is "footwork" or "footNoun" or "relFoot" or "kick" || l.IsKick);

    /// <summary>"Right knife hand at one thirty-five to the right, and left knife hand at forty-five left": where two are told so, one turns and then does it.</summary>
    private void PutDegreesFirst()
    {
        var told = Enumerable.Range(1, Math.Max(0, _lexemes.Count - 3)).Where(i => _lexemes[i].Is("technique") && _lexemes[i - 1].Is("side") && _lexemes[i + 1].Plain == "at" && _lexemes[i + 2].Is("degrees")
            && Next(i + 2) is { Kind: "side" } && Alone(IndexAfter(i + 2))).ToList();
        foreach (var i in told.Where(i => told.Any(k => k != i && !_lexemes.Skip(Math.Min(i, k)).Take(Math.Abs(i - k)).Any(l => l.EndsSentence))).Reverse())
        {
            var (first, last) = (i + 2, IndexAfter(i + 2));
            var turn = _lexemes.GetRange(first, last - first + 1);
            _lexemes.RemoveRange(first, last - first + 1);
            _lexemes.InsertRange(i - 1, [.. turn, StopAt(i - 1, ",")]);
            if (i > 2 && _lexemes[i - 2].Plain == "and" && _lexemes[i - 3].Is("stop", ",")) _lexemes[i - 3] = _lexemes[i - 3] with { Value = "." };
        }
    }

    /// <summary>"1 L low block. 2 R punch. … All in long stance.": every count that names none stands in it, over the foot of the side that is called.</summary>
    private void TakeTheStanceOfAll()
    {
        var at = Enumerable.Range(0, _lexemes.Count).FirstOrDefault(i => _lexemes[i].Is("stance") && Alone(i) && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is { Count: > 0 } words && words.All(l => l.Is("filler")) && words[^1].Plain is "all" or "always" or "everything", -1);
        if (at < 0 || _lexemes.Count(l => l.Is("stance")) > 1) return;
        var stance = _lexemes[at];
        AsNote(at, at);
        for (var end = EndOfSentence(at); end >= 0; end--)
        {
            if (!_lexemes[end].EndsSentence && end != _lexemes.Count - 1) continue;
            var sentence = Backward(end).TakeWhile(l => !l.EndsSentence).ToList();
            if (sentence.Find(l => l.IsHandTechnique) is not { } done || !sentence.Any(l => l.Kind is "number" or "countNoun" or "ordinal")) continue;
            var where = _lexemes[end].EndsSentence ? end : end + 1;
            var stop = StopAfter(where - 1, ",");
            var over = sentence.SkipWhile(l => l != done).FirstOrDefault(l => l.Is("side"));
            List<Lexeme> lead = done.Plain.Contains("reverse", StringComparison.Ordinal) || over is null ? [] : [over];
            _lexemes.InsertRange(where, [stop, .. lead.Append(stance).Select(l => l with { Start = stop.Start, Length = 0 })]);
        }
    }

    /// <summary>"It's an inside block in back stance. So left foot goes out, …": how the feet get there.</summary>
    private void PutFeetBeforeWhatTheyStandIn()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (last, told) = (EndOfSentence(first), StartOfSentence(Math.Max(0, first - 2)));
            if (told >= first || _lexemes[first].Plain != "so") continue;
            var end = EndOfClause(first);
            var clause = _lexemes.GetRange(first, end - first + 1);
            if (!clause.Any(l => l.Is("footNoun")) || !clause.Any(l => l is { Kind: "footwork", Value: "step" or "step-back" or "slide" }) || _lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "technique" or "stance" or "degrees" or "again")) continue;
            var before = _lexemes.GetRange(told, first - 1 - told);
            if (!before.Any(l => l.Is("stance")) || !before.Any(l => l.IsHandTechnique) || before.Any(l => l.Kind is "footNoun" or "relFoot" || l.IsKick || l is { Kind: "footwork", Value: not "turn" and not "pivot" })) continue;
            // Before the clause that names what is done or stood in.
            var at = FirstOfClause(_lexemes.FindIndex(told, l => l.Kind is "stance" || l.IsHandTechnique));
            _lexemes[first - 1] = _lexemes[first - 1] with { Value = "," };
            _lexemes.RemoveRange(first, clause.Count);
            if (first < _lexemes.Count && _lexemes[first].Is("stop", ",")) BecomesStopless(first);
            _lexemes.InsertRange(at, [.. clause, StopAt(at, ",")]);
        }
    }

    /// <summary>"First move is to the left, it's an inside block …": so one turns there.</summary>
    private void TurnWhereACountGoes()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("side") || !_lexemes[i + 1].Is("stop", ",") || FirstOfClause(i) is var first && !StartsSentence(first) || !Follows(i, "to")) continue;
            var clause = _lexemes.GetRange(first, i - first);
            if (!clause.Any(l => l.Kind is "ordinal") || !clause.Any(l => l.Plain is "is" or "goes" || l.Plain.EndsWith("'s", StringComparison.Ordinal) || _text.AsSpan(l.Start, l.Length).EndsWith("'s") || _text.AsSpan(l.Start, l.Length).EndsWith("’s")) || !clause.All(l => l.Kind is "ordinal" or "filler" or "countNoun" or "then")) continue;
            if (RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "stance" or "footwork" or "footNoun" or "side") is not { IsHandTechnique: true }) continue;
            _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
            i++;
        }
    }

    private bool IsDirectionAlone(int first, int last)
    {
        var clause = _lexemes.GetRange(first, last - first + 1);
        var isBracketed = _lexemes[first - 1] is { Length: > 0 } mark && _text[mark.Start] is '(' or '[';
        if (!clause.All(l => l.Kind is "filler" or "side" or "turnSide" or "degrees" or "amount" || l.Is("footwork", "turn"))) return false;
        return clause.Count(l => l.Is("side")) == 1 && clause.All(l => l.Kind is "filler" or "side") && (isBracketed || clause is [{ Plain: "to" }, ..]) && (clause.Count(l => !l.Is("filler")) == 1)
            || isBracketed && clause.Any(l => l.Is("footwork"));
    }

    /// <summary>Whether a sentence says what is done and how one stands or strikes, but not where to.</summary>
    private bool TellsNoDirection(int first, int last)
    {
        var sentence = _lexemes.GetRange(first, last - first + 1);
        return sentence.Any(l => l.Is("technique")) && sentence.Count(l => l.IsStop) <= 3
            && sentence.All(l => l.Kind is "number" or "countNoun" or "ordinal" or "countWord" or "then" or "filler" or "side" or "stance" or "technique" or "level" or "handNoun" || l.IsStop)
            && (sentence.Any(l => l.Is("stance")) || sentence.Any(l => l.Kind is "number" or "countNoun"));
    }
}
