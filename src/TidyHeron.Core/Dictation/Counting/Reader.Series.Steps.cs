using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Steps that are counted, or listed by their feet, with one technique for each of them.</summary>
public sealed partial class Reader
{
    /// <summary>"Then three more steps forward: right knife hand, left knife hand, and then right front stance, spear hand": told one by one, each a step and a count.</summary>
    private void FindStepsToldOneByOne()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "times" or "number" } many || !int.TryParse(many.Value.TrimStart('+'), out var steps) || steps < 2 || _lexemes[i + 1] is not { Kind: "footwork", Value: "step" }) continue;
            var colon = _lexemes[i + 2].Is("way", "forward") ? i + 3 : i + 2;
            if (colon + 1 >= _lexemes.Count || !_lexemes[colon].Is("stop", ":") || _lexemes.GetRange(colon, EndOfSentence(colon) - colon + 1).Any(l => l.Is("footwork"))) continue;
            var told = Enumerable.Range(colon + 1, EndOfSentence(colon) - colon).Where(k => _lexemes[k].Is("side") && Backward(k).TakeWhile(l => !l.IsStop).All(l => l.Kind is "filler" or "then") && _lexemes.Skip(k + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "technique" or "stance" }).ToList();
            // Where all do the same, a series tells it.
            if (told.Count != steps || _lexemes.GetRange(colon, EndOfSentence(colon) - colon + 1).Where(l => l.Is("technique")).Select(l => l.Value).Distinct().Count() < 2) continue;
            foreach (var k in told.AsEnumerable().Reverse())
            {
                if (Backward(k).SkipWhile(l => l.Kind is "filler" or "then").FirstOrDefault() is { Kind: "stop", Value: "," } comma && _lexemes.LastIndexOf(comma, k) is var at) _lexemes[at] = comma with { Value = "." };
                _lexemes.Insert(k, new Lexeme("footwork", "step", _lexemes[k].Start, 0, "step", TermOf("step")));
                _lexemes.Insert(k + 1, new Lexeme("stop", ",", _lexemes[k].Start, 0, ""));
            }
            _lexemes[colon] = _lexemes[colon] with { Value = "," };
            for (var k = i; k < colon; k++) BecomesSmall(k);
        }
    }

    /// <summary>
    /// "Step forward with right, left, right foot, each with a high block", "step forward three times with punches, right, left, right":
    /// told like "step forward, three high blocks, right, left, right".
    /// </summary>
    private void FindSeriesOfSteps()
    {
        FindRowsOfSteps();
        FindTechniquesOnBothSides();
        FindOtherOrders();
        FindWhichIsFirst();
        for (var i = 0; i < _lexemes.Count; i++)
        {
            // "Walk back three steps".
            if (_lexemes[i] is { Kind: "footwork", Value: "step" } && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && _lexemes[i + 2].Is("number") && _lexemes[i + 3] is { Kind: "footwork", Plain: "steps" } steps && Alone(i + 3))
            {
                BecomesSmall(i);
                BecomesSmall(i + 1);
                _lexemes[i + 3] = steps with { Value = "step-back", Plain = "steps back", Term = TermOf("step-back") };
            }
            if (_lexemes[i] is not { Kind: "footwork", Value: "step" }) continue;
            var end = EndOfSentence(i);
            var at = _lexemes.FindIndex(i + 1, end - i, l => l.Is("technique") || l is { Kind: "footwork" or "turnSide" });
            // "Step forward three times, left, right, left": three steps.
            if (at < 0 && _lexemes.FindIndex(i + 1, end - i, l => l.Is("times") && int.TryParse(l.Value, out _)) is > 0 and var told && told <= EndOfClause(i) && _lexemes.GetRange(told, end - told + 1).Count(l => l.Is("side")) == _lexemes[told].Number)
            {
                var many = _lexemes[told] with { Kind = "number" };
                _lexemes[i] = _lexemes[i] with { Plain = "steps forward" };
                for (var k = i + 1; k < told; k++) BecomesSmall(k);
                _lexemes.RemoveAt(told);
                _lexemes.Insert(i++, many);
                continue;
            }
            if (at < 0 || !_lexemes[at].IsHandTechnique) continue;
            if (FeetListed(i, at) is { Count: > 1 } feet) EachWithOne(i, at, feet);
            else if (TimesTold(i, at) is var times and > 0)
            {
                var often = _lexemes[times];
                for (var k = times; k < at; k++)
                    if (_lexemes[k].IsStop) BecomesSmall(k); // "three times, with a punch each time"
                _lexemes.RemoveAt(times);
                _lexemes.Insert(at - 1, often with { Kind = "number" });
                if (!IsPlural(_lexemes[at])) _lexemes[at] = _lexemes[at] with { Plain = _lexemes[at].Plain + "s" };
            }
        }
    }

    /// <summary>"Three steps back, starting with the left foot", "two punches, left first": told like "…, left, right, left".</summary>
    private void FindWhichIsFirst()
    {
        for (var i = 1; i < _lexemes.Count; i++)
        {
            // "… three times. Right one first.": of those just told.
            if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "number", Plain: "one" } && _lexemes[i + 2].Plain == "first" && Alone(i + 2))
            {
                _lexemes[i] = _lexemes[i] with { Length = _lexemes[i + 1].Start + _lexemes[i + 1].Length - _lexemes[i].Start };
                _lexemes.RemoveAt(i + 1);
            }
            if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "first" && Alone(i + 1) && _lexemes[i - 1].EndsSentence) _lexemes[i - 1] = _lexemes[i - 1] with { Value = "," };
            if (!_lexemes[i].Is("side") || _lexemes[i - 1].IsStop && i < 2) continue;
            var (first, last) = (i, i);
            if (last + 1 < _lexemes.Count && _lexemes[last + 1].Kind is "footNoun" or "handNoun") last++;
            if (last + 1 < _lexemes.Count && _lexemes[last + 1] is { Plain: "first" } && _lexemes[first - 1].IsStop) last++;
            else
            {
                while (first > 0 && _lexemes[first - 1].Kind is "filler" && _lexemes[first - 1].Plain is "the" or "your" or "my" or "with") first--;
                if (first < 1 || _lexemes[first - 1].Plain is not ("starting with" or "beginning with" or "starting" or "beginning" or "leading with" or "start with" or "begin with")) continue;
                first--;
            }
            var end = last + 1 < _lexemes.Count ? last + 1 : last;
            if (!Alone(last) && !(_lexemes[end].Plain is "and" or "with")) continue;
            var sentence = Backward(first).TakeWhile(l => !l.EndsSentence).ToList();
            var many = sentence.FindIndex(l => l.Is("number") && l.Number is > 1 and < 10 || l.Is("times") && int.TryParse(l.Value, out _));
            if (many < 0) continue;
            var counted = sentence[many].Is("times") || many > 0 && sentence.Take(many).Any(l => l.Is("technique") && IsPlural(l) || l.Is("footwork") && l.Plain.StartsWith("steps", StringComparison.Ordinal));
            if (!counted || sentence.Take(many).Any(l => l.Is("side"))) continue;
            var (named, at) = (_lexemes[i], _lexemes[i].Start + _lexemes[i].Length);
            for (var k = first; k <= last; k++) BecomesSmall(k);
            _lexemes.RemoveAt(i);
            // What is done with each step is told before their sides.
            var ends = EndOfSentence(first);
            var to = _lexemes.GetRange(last, ends - last + 1).Any(l => l.IsHandTechnique) ? ends + 1 : first;
            if (to > first && !_lexemes[ends].IsStop) _lexemes.Insert(to++, new Lexeme("stop", ",", at, 0, ""));
            _lexemes.Insert(to, named);
            for (var k = 1; k < sentence[many].Number; k++)
                _lexemes.Insert(to + k, new Lexeme("side", (k % 2 == 1 ? named.Side.Other : named.Side).Word, at, 0, ""));
            i += sentence[many].Number;
        }
    }

    /// <summary>"Punch right, punch left, punch right, each with a step": a step with each of them.</summary>
    private void FindTechniquesEachWithAStep()
    {
        for (var i = 1; i < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "footwork", Value: "step" } || !(ClauseOf(i).Any(SaysEach) || OneForEach(i) || _lexemes[i - 1].Plain == "all" && _lexemes[i].IsGerund) || !ClauseOf(i).All(l => l.Kind is "filler" or "footwork" or "way" or "number")) continue;
            var first = i;
            while (first > 0 && !_lexemes[first - 1].EndsSentence && !_lexemes[first - 1].Is("stop", ":")) first--;
            var done = Enumerable.Range(first, i - first).Where(k => _lexemes[k].IsHandTechnique).ToList();
            // "The right hand strikes the neck, then left hand, then right hand": the same, hand by hand.
            if (done.Count == 1 && HandsAlone(done[0], i) is { Count: > 0 } more)
            {
                foreach (var hand in more.AsEnumerable().Reverse())
                    _lexemes.Insert(hand + 1, _lexemes[done[0]] with { Start = _lexemes[hand].Start + _lexemes[hand].Length, Length = 0 });
                i += more.Count;
                done = [.. Enumerable.Range(first, i - first).Where(k => _lexemes[k].IsHandTechnique)];
            }
            if (done.Count < 2 || done.Any(k => _lexemes[k].Value != _lexemes[done[0]].Value) || _lexemes.GetRange(first, i - first).Any(l => l.Kind is "stance" or "footNoun" or "footwork")) continue;
            var last = EndOfClause(i);
            // "…, one step for each of them, going north".
            if (last + 2 < _lexemes.Count && _lexemes[last + 1].Is("stop", ",") && _lexemes[last + 2].IsGerund && _lexemes.GetRange(last + 2, EndOfClause(last + 2) - last - 1).All(l => l.Kind is "footwork" or "filler" or "place" or "way" or "clock")) last = EndOfClause(last + 2);
            AsNote(FirstOfClause(i), last);
            StepWithEach(done);
            i += 2 * done.Count;
        }
        // "Three steps going forward: rising block, rising block, rising block" the same.
        // "Three steps forward: right punch, left punch, and on the third a right punch".
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("number") || _lexemes[i].Number is < 2 or > 6 || _lexemes[i + 1] is not { Kind: "footwork", Value: "step" } || !_lexemes[i + 1].Plain.StartsWith("steps", StringComparison.Ordinal)) continue;
            var end = EndOfSentence(i);
            var done = Enumerable.Range(i, end - i + 1).Where(k => _lexemes[k].IsHandTechnique).ToList();
            if (done.Count != _lexemes[i].Number || !done.All(k => ClauseOf(k).Any(l => l.Is("side"))) && done.Any(k => _lexemes[k].Value != _lexemes[done[0]].Value || ClauseOf(k).Any(l => l.Kind is not ("filler" or "technique" or "then"))) || !_lexemes.GetRange(i, done[0] - i).Any(l => l.IsStop) || RestOfSentence(i + 1).Any(l => l.Kind is "stance" or "footNoun" || l is { Kind: "footwork", IsGerund: false } || l.IsKick)) continue;
            for (var k = i + 2; k <= end; k++) if (_lexemes[k].Is("ordinal")) BecomesSmall(k);
            var called = EndOfClause(i);
            AsNote(i, called);
            _lexemes[called + 1] = _lexemes[called + 1] with { Value = "," };
            StepWithEach(done);
            i += 2 * done.Count;
        }
        // "Now you're going back home, punch, punch, punch": a step with each.
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].IsHandTechnique || i < 2 || !_lexemes[i - 1].Is("stop", ",") || !ClauseOf(i - 2).Any(l => l.Plain.Split(' ')[0] is "going" or "heading" or "walking") || ClauseOf(i - 2).Any(l => l.Kind is not ("filler" or "footwork" or "way" or "place" or "then"))) continue;
            var done = new List<int> { i };
            while (done[^1] + 2 < _lexemes.Count && _lexemes[done[^1] + 1].Is("stop", ",") && _lexemes[done[^1] + 2].Is("technique", _lexemes[i].Value) && Alone(done[^1] + 2)) done.Add(done[^1] + 2);
            if (done.Count < 3) continue;
            AsNote(FirstOfClause(i - 2), i - 2);
            StepWithEach(done);
            i += 2 * done.Count;
        }
        // "Then up the middle: rising block right, rising block left, rising block right".
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("way", "forward") || i + 1 >= _lexemes.Count || !_lexemes[i + 1].Is("stop", ":") || !OnlySmallWordsBefore(i)) continue;
            var end = EndOfSentence(i);
            var done = Enumerable.Range(i, end - i + 1).Where(k => _lexemes[k].IsHandTechnique).ToList();
            if (done.Count < 2 || done.Any(k => _lexemes[k].Value != _lexemes[done[0]].Value || !ClauseOf(k).Any(l => l.Is("side"))) || RestOfSentence(i).Any(l => l.Kind is "stance" or "footNoun" or "footwork" || l.IsKick)) continue;
            AsNote(i, i);
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            StepWithEach(done);
        }
    }

    /// <summary>"One step for each of them".</summary>
    private bool OneForEach(int i) => i > 0 && _lexemes[i - 1].Is("number", "1") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "for" or "with" && _lexemes.GetRange(i, EndOfClause(i) - i + 1).Any(SaysEach);

    /// <summary>Puts a step, in a sentence of its own, before each of some techniques.</summary>
    private void StepWithEach(List<int> techniques)
    {
        foreach (var k in techniques.AsEnumerable().Reverse())
        {
            var clause = FirstOfClause(k);
            if (clause > 0 && _lexemes[clause - 1].Is("stop", ",")) _lexemes[clause - 1] = _lexemes[clause - 1] with { Value = "." };
            if (_lexemes[clause].Is("then")) clause++;
            _lexemes.InsertRange(clause, [new Lexeme("footwork", "step", _lexemes[clause].Start, 0, "step", TermOf("step")), new Lexeme("stop", ",", _lexemes[clause].Start, 0, "")]);
        }
    }

    /// <summary>"Rising block, rising block, rising block with a kiai, so right, left, right.": told like "three rising blocks, right, left, right, kiai".</summary>
    private void FindRowsWithTheirSides()
    {
        for (var i = 0; i + 6 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].IsHandTechnique || !OnlySmallWordsAndACallBefore(i)) continue;
            var last = i;
            while (last + 2 < _lexemes.Count && _lexemes[last + 1].Is("stop", ",") && _lexemes[last + 2].Is("technique", _lexemes[i].Value)) last += 2;
            var (often, end) = ((last - i) / 2 + 1, EndOfClause(last));
            var after = RestOfSentence(end).ToList();
            if (often < 3 || !_lexemes.GetRange(last + 1, end - last).All(l => l.Kind is "filler" or "shout") || after.Count(l => l.Is("side")) != often || !after.All(l => l.Kind is "filler" or "side" or "then" || l.IsStop)) continue;
            for (var k = i + 1; k <= last; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler", Term = null };
            var shouts = _lexemes.GetRange(last + 1, end - last).Where(l => l.Is("shout")).ToList();
            _lexemes.InsertRange(EndOfSentence(end) + 1, shouts);
            foreach (var shout in shouts) _lexemes.RemoveAt(_lexemes.IndexOf(shout, last));
            _lexemes[i] = _lexemes[i] with { Plain = _lexemes[i].Plain + "s" };
            _lexemes.Insert(i, new Lexeme("number", often.ToString(System.Globalization.CultureInfo.InvariantCulture), _lexemes[i].Start, 0, ""));
            i++;
        }
    }

    /// <summary>The hands that stand alone in clauses after a technique: ", then left hand, then right hand".</summary>
    private List<int> HandsAlone(int technique, int end) =>
        [.. Enumerable.Range(technique + 1, end - technique - 1).Where(k => _lexemes[k].Is("handNoun") && Alone(k) && _lexemes[k - 1].Is("side") && Previous(k - 1) is null or { Kind: "then" })];

    /// <summary>Where "three times" stands between a step and what is done with it.</summary>
    private int TimesTold(int step, int technique) =>
        _lexemes.FindIndex(step + 1, technique - step - 1, l => l.Is("times") && l.Value is "2" or "3" or "4" or "5") is var times and > 0
        && _lexemes.GetRange(step + 1, technique - step - 1) is var between && between.All(l => l.Kind is "filler" or "place" or "way" or "times" or "level" or "clock" || l.Is("stop", ",") && EndOfClause(technique) is var ends && _lexemes.GetRange(technique, ends - technique + 1).Any(SaysEach))
            ? times : -1;

    /// <summary>The feet listed between a step and what is done with each of them; none where "each" is not said.</summary>
    private List<Lexeme>? FeetListed(int step, int technique)
    {
        var end = EndOfSentence(step);
        if (!_lexemes.GetRange(step, end - step + 1).Any(SaysEach)) return null;
        PartLeftAndRight(_lexemes.FindIndex(step, l => l.Kind is "side" or "alternating") is var first and >= 0 ? first : step);
        technique = _lexemes.FindIndex(step + 1, l => l.Is("technique"));
        var between = _lexemes.GetRange(step + 1, technique - step - 1);
        var sides = between.Where(l => l.Is("side")).ToList();
        if (sides.Count < 2 || !between.Any(l => l is { Kind: "footNoun" }) && !between.TakeWhile(l => l.Kind is "way" or "filler" || l.Is("side")).Any(l => l.Is("side")) || !between.All(l => l.Kind is "filler" or "side" or "footNoun" or "way" or "place" or "level" or "together" || l.Is("stop", ","))) return null;
        return sides.Zip(sides.Skip(1)).All(p => p.First.Value != p.Second.Value) ? sides : null;
    }

    private void EachWithOne(int step, int technique, List<Lexeme> feet)
    {
        technique = _lexemes.FindIndex(step + 1, l => l.Is("technique"));
        var done = _lexemes[technique];
        for (var k = step + 1; k < technique; k++)
            if (_lexemes[k].Kind is "side" or "footNoun") BecomesSmall(k);
            else if (_lexemes[k].IsStop) _lexemes[k] = new Lexeme("filler", "filler", _lexemes[k].Start, 0, "");
        // "With the same hand as the foot each time": that is what each means.
        for (var k = technique + 1; k < _lexemes.Count && !_lexemes[k].IsStop; k++)
            if (_lexemes[k].Kind is "relHand" or "together" or "footNoun" or "handNoun") BecomesSmall(k);
        var after = done.Start + done.Length;
        if (!IsPlural(done)) _lexemes[technique] = done with { Plain = done.Plain + "s" };
        var sides = feet.Select(f => new Lexeme("side", f.Value, after, 0, f.Value)).ToList();
        _lexemes.InsertRange(technique + 1, [new Lexeme("stop", ",", after, 0, ""), .. sides, new Lexeme("stop", ",", after, 0, "")]);
        _lexemes.Insert(technique, new Lexeme("number", feet.Count.ToString(System.Globalization.CultureInfo.InvariantCulture), done.Start, 0, ""));
    }
}
