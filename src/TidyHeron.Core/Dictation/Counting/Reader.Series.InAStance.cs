using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Rows of like techniques in a stance that is named with them: "three knife-hand blocks in cat stance going forward, left, right, left".</summary>
public sealed partial class Reader
{
    /// <summary>Tells each of such a row with its step, its stance and its side; a stance told before or after the name is that of all of them.</summary>
    private void FindRowsInAStance()
    {
        if (!_lexemes.Exists(l => l.Kind is "number" or "times")) return;
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (RowInAStance(first, last) is not { } row) continue;
            var (many, done, stance, sides) = row;
            var end = _lexemes[last].IsStop ? last : last + 1;
            var at = _lexemes[end - 1].Start + _lexemes[end - 1].Length;
            for (var k = first; k < end; k++)
                if (_lexemes[k].IsStop) BecomesStopless(k);
                else if (_lexemes[k] != done && _lexemes[k] != stance && _lexemes[k].Kind is not ("level" or "shout" or "tempo" or "breath")) BecomesSmall(k);
            var told = new List<Lexeme>();
            for (var n = 1; n < many; n++)
                told.AddRange([new("stop", ".", at, 0, ""), .. ToldWithItsStep(at, "step", null, stance, sides[n], done with { Start = at, Length = 0 })]);
            _lexemes.InsertRange(end, told);
            // The first keeps its words, where they stand. A punch as one walks is over the foot that steps. Common practice.
            _lexemes.Insert(_lexemes.IndexOf(done, first), new("side", sides[0].Word, done.Start, 0, ""));
            var begins = _lexemes[first].Start;
            _lexemes.InsertRange(first, [new("footwork", "step", begins, 0, "step", TermOf("step")), .. done.Value is "punch" or "lunge-punch" ? [new Lexeme("side", sides[0].Word, begins, 0, ""), new("footNoun", "foot", begins, 0, "foot")] : Array.Empty<Lexeme>()]);
        }
    }

    /// <summary>How many there are, what is done in which stance, and the side of each; null where a sentence tells no such row.</summary>
    private (int Many, Lexeme Done, Lexeme Stance, List<Side> Sides)? RowInAStance(int first, int last)
    {
        const int Most = 9; // of a kind in a row
        var sentence = _lexemes.GetRange(first, last - first + 1);
        if (sentence.Where(l => l.Is("technique")).ToList() is not [{ IsKick: false } done] || sentence.Where(l => l.Is("stance")).ToList() is not [{ Term: { } term } stance] || _ways.Stances.Of(term.Id).Feet != Body.FeetKind.Lead) return null;
        if (sentence.Any(l => l.Kind is "footNoun" or "relFoot" or "handNoun" or "relHand" or "degrees" or "amount" or "turnSide" or "again" or "otherSide" or "gaze" or "place" or "clock" or "ordinal" or "together" or "facing" || l is { Kind: "footwork", Value: not "step" })) return null;
        var walks = sentence.Any(l => l.Is("footwork", "step") && (l.IsGerund || l.Plain.StartsWith("going", StringComparison.Ordinal)) || l.Is("way", "forward") || l.Plain is "hall" or "floor" or "room" || l.Plain.EndsWith(" hall", StringComparison.Ordinal));
        var number = sentence.FindIndex(l => l is { Kind: "number", Number: > 1 and <= Most });
        var counted = number >= 0 && !IsCountMark(first + number) && sentence.Skip(number + 1).SkipWhile(l => l.Kind is "level" or "filler").FirstOrDefault() is { Kind: "stance" or "technique" } && (IsPlural(done) || HasNoPlural(done) || done.Plain.EndsWith('s'));
        var many = counted ? sentence[number].Number : sentence.Find(l => l.Is("times")) is { } times && int.TryParse(times.Value, out var said) && said is > 1 and <= Most && !times.Value.StartsWith('+') ? said : 0;
        if (many == 0 || !walks || sentence.Count(l => l.Kind is "number" or "times") > 1) return null;
        var sides = sentence.Where(l => l.Is("side")).Select(l => l.Side).ToList();
        if (sides.Count == many) return (many, done, stance, sides);
        var starts = sides.Count == 1 && sentence.Any(l => l.Plain.Split(' ')[0] is "starting" or "beginning" or "start" or "first");
        if (starts) return (many, done, stance, [.. Enumerable.Range(0, many).Select(n => n % 2 == 0 ? sides[0] : sides[0].Other)]);
        return null;
    }
}
