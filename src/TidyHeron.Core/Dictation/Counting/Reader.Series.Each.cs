using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Rows of steps with the same done on each, told in one sentence in whatever order: "three front stances forward, a rising block on every step, shout on the last one".</summary>
public sealed partial class Reader
{
    /// <summary>Tells each of such a row out, with its step, its stance and what is done.</summary>
    private void FindRowsOfSteps()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (!_lexemes.GetRange(first, last - first + 1).Exists(l => l.IsHandTechnique || l.Kind is "times" or "number" or "side" || SaysEach(l))) continue;
            var row = RowOfSteps(first, last);
            if (row is null && PartsFromARow(first, last)) continue;
            // "Step forward three times. A punch each time. Shout on the last one.": told in sentences of their own.
            for (var (end, more) = (last, 0); row is null && more < 2 && NextSentence(end) is var next && next < _lexemes.Count; more++)
            {
                end = EndOfSentence(next);
                var (begun, goesOn) = (_lexemes.GetRange(first, last - first + 1), _lexemes.GetRange(next, end - next + 1));
                // "Three punches up the hall. Right, left, right. Shout on the third."
                var lists = goesOn.TrueForAll(l => l.Kind is "side" or "filler" or "then" or "shout" || l.IsStop) && goesOn.Exists(l => l.Is("side")) && begun.Exists(IsPlural);
                if (lists && RowOfSteps(first, end) is { } listed)
                {
                    (row, last) = (listed, end);
                    break;
                }
                if (!goesOn.Exists(SaysEach) || begun.Exists(l => l.Is("technique")) && (begun.Exists(l => l.Is("footwork")) || goesOn.Exists(l => l.Is("technique")))) break;
                var shouts = NextSentence(end);
                var ends = shouts < _lexemes.Count ? EndOfSentence(shouts) : end;
                if (RowOfSteps(first, ends) is { Shout: not null } withShout) (row, last) = (withShout, ends);
                else if (RowOfSteps(first, end) is { } without) (row, last) = (without, end);
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

    /// <summary>The row of steps that a sentence tells; null where it tells none, or something besides.</summary>
    private EqualSteps? RowOfSteps(int first, int last) => WhatARowSays(first, last) is { Done: not null } said ? SameOnEachOf(said) ?? OneAfterAnother(said) : null;

    /// <summary>"Three steps forward, a punch on each": as many of the same as are counted, or as sides are told.</summary>
    private EqualSteps? SameOnEachOf(RowWords said)
    {
        if (said is not { Told: 1, BeginsWithAHand: false }) return null;
        var (many, sides, each, step) = (said.Many, said.Sides, said.Each, said.Step);
        // "Three knife hands in cat stance going forward, left, right, left": a stance that is taken on one side and then on the other needs no "each";
        // nor a word for the steps, if what is done in it is a block: "there's three knife hands in back stance, so right, left, right".
        if (many > 1 && (sides.Count == 1 && said.Starts || sides.Count == many) && said.Stance is { Term: { } term } && _ways.Stances.Of(term.Id).Feet == Body.FeetKind.Lead)
        {
            each |= step is not null || said.Walks || IsPlural(said.Done!) && said.Done!.Term!.Family == "receiving";
            step ??= AStep(said.First);
        }
        if (!each || step is null) return null;
        if (many == 0) many = sides.Count;
        if (sides.Count == 1) sides = Alternating(sides[0], many);
        return many < 2 || sides.Count > 0 && sides.Count != many ? null : Row(said, many, step, sides);
    }

    /// <summary>
    /// "Walk up, right high block, left high block, right high block", "punch right, left, right going forward". One walks where that is said; a block on one side
    /// and then on the other, three times or more, is a step with each even where only the first is stepped (common practice), and told to be read so.
    /// </summary>
    private EqualSteps? OneAfterAnother(RowWords said)
    {
        const int Few = 3; // a row begins where a third is told
        if (said is not { Stance: null, NamesAFoot: false, Steps: < 2, Done: { } done }) return null;
        var at = _lexemes.IndexOf(done, said.First);
        var walks = said.Walks || said.Told == 1 && WalksByItself(done, said.First);
        // "Step and punch right, left, right".
        walks |= said.Told == 1 && said.Step is not null && _lexemes.IndexOf(said.Step, said.First) is var steps && steps < at && _lexemes.GetRange(steps + 1, at - steps - 1).TrueForAll(l => l.Is("filler"));
        var sides = said.Starts && said.Sides.Count == 1 && said.Many > 1 ? Alternating(said.Sides[0], said.Many) : said.Sides;
        var many = said.Many > 0 ? said.Many : Math.Max(said.Told, sides.Count);
        if (many < Few || sides.Count > 0 && sides.Count != many || said.Told != 1 && said.Told != many || said.Told == 1 && sides.Count == 0) return null;
        if (!walks && (said.Told == 1 || said.Step is null || said.OneStep || done.Term!.Family != "receiving")) return null;
        return Row(said with { OfTheFeet = false }, many, said.Step ?? AStep(said.First), sides) is { } row ? row with { Guessed = !walks } : null;
    }

    private Lexeme AStep(int first) => new("footwork", "step", _lexemes[first].Start, 0, "step");

    private static List<Side> Alternating(Side first, int many) => [.. Enumerable.Range(0, many).Select(n => n % 2 == 0 ? first : first.Other)];

    private EqualSteps? Row(RowWords said, int many, Lexeme step, List<Side> sides)
    {
        var way = said.Back ? "step-back" : "step";
        step = step with { Kind = "footwork", Value = way, Plain = said.Back ? "step back" : "step", Term = TermOf(way) };
        return said.ShoutOn > many ? null : new(many, step, said.There, said.Stance, said.Level, said.Done!, sides, said.OfTheFeet, said.Shout, said.ShoutOn < 0 ? many : said.ShoutOn);
    }

    /// <summary>"Left low block, and punch right, left, right going up": what is done before one walks is a sentence of its own, as the row is. Whether it was parted so.</summary>
    private bool PartsFromARow(int first, int last)
    {
        var done = _lexemes.FindIndex(first, last - first + 1, l => l.Is("technique"));
        if (done < 0 || _lexemes.GetRange(first, last - first + 1).Count(l => l.Is("side")) < 3) return false;
        var comma = Enumerable.Range(done + 1, last - done).FirstOrDefault(k => k < last && _lexemes[k].Is("stop", ",") && WhatARowSays(k + 1, last) is { Done: not null } said && said.Done.Value != _lexemes[done].Value && OneAfterAnother(said) is { Guessed: false, Sides.Count: > 0 });
        if (comma == 0) return false;
        _lexemes[comma] = _lexemes[comma] with { Value = "." };
        return true;
    }

    /// <summary>A row of steps with the same on each.</summary>
    /// <param name="ShoutOn">The one on which one shouts, from 1; 0 for each.</param>
    /// <param name="Guessed">Only the first step was said.</param>
    private sealed record EqualSteps(int Many, Lexeme Step, Lexeme? There, Lexeme? Stance, Lexeme? Level, Lexeme Done, List<Side> Sides, bool OfTheFeet, Lexeme? Shout, int ShoutOn, bool Guessed = false);
}
