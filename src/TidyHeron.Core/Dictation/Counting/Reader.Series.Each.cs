using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Rows of steps with the same done on each, told in one sentence in whatever order: "three front stances forward, a rising block on every step, shout on the last one".</summary>
public sealed partial class Reader
{
    /// <summary>Tells each of such a row out, with its step, its stance and what is done.</summary>
    private void FindTheSameOnEveryStep()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (!_lexemes.GetRange(first, last - first + 1).Exists(l => l.IsHandTechnique || l.Kind is "times" or "number" or "side" || SaysEach(l))) continue;
            var row = SameOnEveryStep(first, last) ?? OneAfterAnother(first, last);
            if (row is null) PartFromTheRow(first, last);
            // "Step forward three times. A punch each time. Shout on the last one.": told in sentences of their own.
            for (var (end, more) = (last, 0); row is null && more < 2 && NextSentence(end) is var next && next < _lexemes.Count; more++)
            {
                end = EndOfSentence(next);
                var (begun, goesOn) = (_lexemes.GetRange(first, last - first + 1), _lexemes.GetRange(next, end - next + 1));
                // "Three punches up the hall. Right, left, right. Shout on the third."
                var lists = goesOn.TrueForAll(l => l.Kind is "side" or "filler" or "then" or "shout" || l.IsStop) && goesOn.Exists(l => l.Is("side")) && begun.Exists(IsPlural);
                if (lists && OneAfterAnother(first, end) is { } listed)
                {
                    (row, last) = (listed, end);
                    break;
                }
                if (!goesOn.Exists(SaysEach) || begun.Exists(l => l.Is("technique")) && (begun.Exists(l => l.Is("footwork")) || goesOn.Exists(l => l.Is("technique")))) break;
                var shouts = NextSentence(end);
                var ends = shouts < _lexemes.Count ? EndOfSentence(shouts) : end;
                if (SameOnEveryStep(first, ends) is { Shout: not null } withShout) (row, last) = (withShout, ends);
                else if (SameOnEveryStep(first, end) is { } without) (row, last) = (without, end);
            }
            if (row is null) continue;
            if (row is { Guessed: true, Step.Length: > 0 }) _guesses[row.Step.Start] = ("Read as a step with each of them.", "one step");
            var at = _lexemes[last].Start + _lexemes[last].Length;
            for (var k = first; k <= last; k++)
                if (_lexemes[k].IsStop) BecomesStopless(k);
                else if (_lexemes[k].Kind is not "detail" && (row.Shout is null || _lexemes[k] != row.Shout)) BecomesSmall(k);
            var told = new List<Lexeme>();
            for (var n = 0; n < row.Many; n++)
            {
                // The words of the first are those that were said; the others are as good as said.
                Lexeme Its(Lexeme l) => n == 0 ? l : l with { Start = at, Length = 0 };
                if (n > 0) told.Add(new("stop", ".", at, 0, ""));
                told.Add(Its(row.Step));
                if (n == 0 && row.There is not null) told.Add(row.There);
                // A punch as one walks in a stance is over the foot that steps. Common practice.
                if (row.Sides.Count > 0 && (row.OfTheFeet || n == 0 && row is { Stance: not null, Done.Value: "punch" or "lunge-punch" })) told.AddRange([new("side", row.Sides[n].Word, at, 0, ""), new("footNoun", "foot", at, 0, "foot")]);
                if (row.Stance is not null) told.Add(Its(row.Stance));
                told.Add(new("stop", ",", at, 0, ""));
                if (row.Sides.Count > 0 && !row.OfTheFeet) told.Add(new("side", row.Sides[n].Word, at, 0, ""));
                if (row.Level is not null) told.Add(Its(row.Level));
                told.Add(Its(row.Done));
                if (row.Shout is not null && (row.ShoutOn == n + 1 || row.ShoutOn == 0)) told.Add(row.Shout with { Start = at, Length = 0 });
            }
            foreach (var said in new[] { row.Step, row.There, row.Stance, row.Level, row.Done, row.Shout })
                if (said is not null && _lexemes.FindIndex(first, last - first + 1, l => l.Start == said.Start && l.Length == said.Length) is >= 0 and var k && said.Length > 0)
                {
                    _lexemes.RemoveAt(k);
                    last--;
                }
            // A shout keeps its words where it is heard.
            if (row.Shout is { } shout && told.FindLastIndex(l => l.Is("shout")) is >= 0 and var heard) told[heard] = shout;
            _lexemes.InsertRange(last + 1, told);
        }
    }

    private static bool SaysEach(Lexeme l) => l.Plain is "each" or "every" or "each time" or "every time" or "with each";

    /// <summary>What a sentence tells of such a row; null where it tells none, or something besides.</summary>
    private EqualSteps? SameOnEveryStep(int first, int last)
    {
        const int Most = 9; // of a kind in a row
        var (many, sides, ofTheFeet, back, each, walks, starts) = (0, new List<Side>(), false, false, false, false, false);
        Lexeme? step = null, there = null, stance = null, level = null, done = null, shout = null;
        var shoutOn = -1;
        for (var k = first; k <= last; k++)
        {
            var lexeme = _lexemes[k];
            var next = k < last ? _lexemes[k + 1] : null;
            starts |= lexeme.Plain.Split(' ')[0] is "starting" or "beginning";
            switch (lexeme)
            {
                case { Kind: "stop" or "then" or "together" }: break;
                case { Kind: "again" } when next is { IsStop: true } && OnlySmallWordsBefore(k): break; // "Same again, three steps forward with a punch on each"
                case var _ when SaysEach(lexeme):
                    each = true;
                    // "On every step", "each one", "with each punch".
                    if (next is { Kind: "technique" } same && same.Value == done?.Value || next is { Kind: "footwork", Value: "step" } or { Kind: "number", Value: "1" } or { Plain: "time" } && (k + 2 > last || _lexemes[k + 2] is { IsStop: true } or { Kind: "filler" or "shout" or "then" } or { Plain: "and" })) k++;
                    break;
                case { Kind: "shout" } when shout is null:
                    shout = lexeme;
                    if (WhereOneShouts(k + 1, last) is var (on, ends)) (shoutOn, k) = (on, ends);
                    break;
                case { Kind: "number" } when int.TryParse(lexeme.Value, out var number):
                    if (number == 1 && k > first && _lexemes[k - 1].Is("ordinal", "last")) break;
                    if (number == 1 && next is { Kind: "technique" or "level" or "footwork" }) break; // "one punch on each", "one step for each"
                    if (number is < 2 or > Most || many > 0 && many != number || IsCountMark(k) || next is not ({ Kind: "footwork" or "technique" or "stance" or "level" } or { Plain: "more" })) return null;
                    many = number;
                    break;
                case { Kind: "times" } when int.TryParse(lexeme.Value, out var times) && (!lexeme.Value.StartsWith('+') || next is { Kind: "footwork" or "stance" or "technique" }): // "three more steps"
                    if (times is < 2 or > Most || many > 0 && many != times) return null;
                    many = times;
                    break;
                case { Kind: "footwork", Value: "step" or "step-back" }:
                    back |= lexeme.Value == "step-back" || lexeme.Plain.EndsWith(" back", StringComparison.Ordinal);
                    step ??= lexeme;
                    break;
                case { Kind: "way", Value: "forward" or "back" }: back |= lexeme.Value == "back"; step ??= lexeme; break;
                case { Kind: "place" } when there is null && k > first && _lexemes[k - 1] is { Kind: "footwork" } or { Kind: "filler", Plain: "to" or "the" }: there = lexeme; break; // "three steps to the front"
                case { Kind: "stance" } when stance is null: stance = lexeme; break;
                case { Kind: "level" } when level is null: level = lexeme; break;
                case { Kind: "technique" } when lexeme.IsHandTechnique && done is null:
                    done = lexeme;
                    each |= IsPlural(lexeme) && Follows(k, "with", "doing"); // "step forward three times with rising blocks"
                    break;
                case { Kind: "side" }:
                    if (next is { Kind: "handNoun" or "stance" } || sides.Count == 0 && next is { Kind: "technique" or "level" } || sides.Count > 0 && sides[^1] == lexeme.Side) return null;
                    ofTheFeet |= done is null || next is { Kind: "footNoun" };
                    sides.Add(lexeme.Side);
                    break;
                case { Kind: "footNoun" } when k > first && _lexemes[k - 1].Is("side"): break;
                case { Kind: "filler" or "unread" } when lexeme.Plain.Split(' ')[^1] is "hall" or "floor" or "room": walks = true; break; // "up the hall"
                case { Kind: "filler" } or { Kind: "opening", Plain: "starting with" or "beginning with" or "starting" or "beginning" } or { Kind: "note", Plain: "theres" } or { Kind: "detail", Plain: "" }: break;
                case { Kind: "ordinal", Value: "last" } when shout is null && next is { Kind: "number", Value: "1" } or { Kind: "filler" }: break; // "and the last one you shout"
                default: return null;
            }
        }
        // "Three knife hands in cat stance going forward, left, right, left": a stance that is taken on one side and then on the other needs no "each";
        // nor a word for the steps, if what is done in it is a block: "there's three knife hands in back stance, so right, left, right".
        if (done is not null && many > 1 && (sides.Count == 1 && starts || sides.Count == many) && stance is { Term: { } term } && _ways.Stances.Of(term.Id).Feet == Body.FeetKind.Lead)
        {
            each |= step is not null || walks || IsPlural(done) && done.Term!.Family == "receiving";
            step ??= new("footwork", "step", _lexemes[first].Start, 0, "step");
        }
        if (!each || step is null || done is null) return null;
        if (many == 0) many = sides.Count;
        if (sides.Count == 1) sides = [.. Enumerable.Range(0, many).Select(n => n % 2 == 0 ? sides[0] : sides[0].Other)];
        if (many < 2 || sides.Count > 0 && sides.Count != many || shoutOn > many) return null;
        step = step with { Kind = "footwork", Value = back ? "step-back" : "step", Plain = back ? "step back" : "step", Term = TermOf(back ? "step-back" : "step") };
        return new(many, step, there, stance, level, done, sides, ofTheFeet, shout, shoutOn < 0 ? many : shoutOn);
    }

    /// <summary>"On the last one", "on three", "on the third punch": which one, 0 for each of them, -1 for the last, and the last of these words; none where it is not told.</summary>
    private (int On, int Ends)? WhereOneShouts(int k, int last)
    {
        var on = -2;
        var begins = k;
        for (; k <= last && !_lexemes[k].IsStop; k++)
        {
            if (_lexemes[k] is { Kind: "ordinal", Value: "last" } or { Plain: "final" }) on = -1;
            else if (SaysEach(_lexemes[k])) on = 0;
            else if (on == -2 && _lexemes[k] is { Kind: "number" or "ordinal" } && int.TryParse(_lexemes[k].Value, out var number)) on = number;
            else if (!(_lexemes[k] is { Kind: "filler" or "countNoun" or "technique" } or { Kind: "number", Value: "1" } or { Kind: "footwork", Value: "step" })) break;
        }
        return on == -2 || k == begins ? null : (on, k - 1);
    }

    /// <summary>A row of steps with the same on each.</summary>
    /// <param name="ShoutOn">The one on which one shouts, from 1; 0 for each.</param>
    /// <param name="Guessed">Only the first step was said.</param>
    private sealed record EqualSteps(int Many, Lexeme Step, Lexeme? There, Lexeme? Stance, Lexeme? Level, Lexeme Done, List<Side> Sides, bool OfTheFeet, Lexeme? Shout, int ShoutOn, bool Guessed = false);
}
