using System.Globalization;

namespace TidyHeron.Core.Dictation;

/// <summary>"On the sixth, seventh and eighth counts step forward with rising blocks": one step and one technique on each number of a list.</summary>
public sealed partial class Reader
{
    /// <summary>Tells such a list number by number, where nothing in the sentence parts its numbers: no side, no foot, no turn, no "three times".</summary>
    private void FindListedSteps()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var end = EndOfSentence(first);
            var from = first;
            while (from <= end && (_lexemes[from].Is("filler") || _lexemes[from].Kind is "then" or "countNoun")) from++;
            if (from > end || NumberAt(from) is not { } begins || ListedUpTo(from, end, begins) is not (var last, var ends) || ends - begins is < 1 or > 7) continue;
            var rest = _lexemes.GetRange(last + 1, end - last);
            // "…, one steps forward": whoever does it.
            var one = rest.FindIndex(l => l is { Kind: "number", Plain: "one" });
            if (one >= 0 && one + 1 < rest.Count && rest[one + 1].Is("footwork")) rest[one] = rest[one] with { Kind = "filler" };
            // "…, and you kiai on eight": the last of them.
            var called = rest.FindIndex(l => l.Is("number") && l.Number == ends);
            if (called > 0 && rest[called - 1].Plain == "on" && rest.Any(l => l.Is("shout")))
            {
                rest[called] = rest[called] with { Kind = "filler" };
                BecomesSmall(last + 1 + called);
            }
            var done = rest.FindAll(l => l.Is("technique"));
            var steps = rest.FindAll(l => l.Is("footwork"));
            if (done is not [{ IsHandTechnique: true } technique] || steps is not [{ Value: "step" } step] || rest.Any(l => !l.IsStop && l.Kind is not ("filler" or "technique" or "footwork" or "level" or "shout" or "tempo" or "detail" or "note"))) continue;
            if (one >= 0) BecomesSmall(last + 1 + one);
            var (start, length, _) = Said(from, last);
            var after = _lexemes[end].Start + _lexemes[end].Length;
            var more = new List<Lexeme>();
            for (var n = begins + 1; n <= ends; n++)
                more.AddRange([new("stop", ".", after, 0, ""), Number(n, after, 0), new("stop", ":", after, 0, ""), step with { Start = after, Length = 0 }, new("stop", ",", after, 0, ""), .. rest.Where(l => l.Is("level")).Select(l => l with { Start = after, Length = 0 }), technique with { Start = after, Length = 0 }]);
            // "…, and shout": on the last of them.
            var shout = rest.FindIndex(l => l.Is("shout"));
            if (shout >= 0)
            {
                more.Add(rest[shout] with { Start = after, Length = 0 });
                BecomesSmall(last + 1 + shout);
            }
            _lexemes.InsertRange(end + 1, more);
            _lexemes.RemoveRange(from, last - from + 1);
            if (_lexemes[from].IsStop) BecomesStopless(from);
            _lexemes.InsertRange(from, [Number(begins, start, length), new("stop", ":", start + length, 0, "")]);
            BecomesSmall(first, from - 1);
        }

        static Lexeme Number(int n, int start, int length) => new("number", n.ToString(CultureInfo.InvariantCulture), start, length, n.ToString(CultureInfo.InvariantCulture));
    }

    private int? NumberAt(int i) => _lexemes[i].Is("number") || _lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out _) ? _lexemes[i].Number : null;

    /// <summary>Where a list or a range of numbers ends, with the word for counts behind it, and its last number.</summary>
    private (int Last, int Number)? ListedUpTo(int from, int end, int begins)
    {
        var (last, number) = (from, begins);
        for (var k = from + 1; k <= end; k++)
        {
            if (NumberAt(k) is { } next)
            {
                var range = _lexemes[k - 1].Plain is "to" or "through" or "until" && last == from;
                if (!range && next != number + 1 || next <= number) break;
                (last, number) = (k, next);
            }
            else if (!(_lexemes[k].Is("stop", ",") || _lexemes[k].Plain is "and" or "the" or "to" or "through" or "until")) break;
        }
        if (last == from) return null;
        if (last < end && (_lexemes[last + 1].Is("countNoun") || _lexemes[last + 1] is { Kind: "footwork", Plain: "moves" or "steps" })) last++;
        return (last, number);
    }
}
