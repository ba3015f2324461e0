using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Repeating passages: "from the second count", "the last three on the other side", "the whole section again".</summary>
public sealed partial class Reader
{
    private const int MostAtOnce = 6; // counts that are spoken of as "the same six"

    private Form SoFar() => _form with { Moves = [.. _before, .. _said] };

    private WalkReading WalkSoFar() => Walk.Of(SoFar(), BodyMeasures.Reference, _ways);

    private int[] CountsSoFar() => Counts.Of(SoFar());

    /// <summary>"Repeat the rising block and the punch": what is named; empty where the clause is no such order, or where one of them was not done yet.</summary>
    private List<TermId> NamedToRepeat(List<Lexeme> clause)
    {
        var named = clause.Where(l => l.Is("technique")).Select(l => l.Term!.Id).ToList();
        if (named.Count < 2 || clause.Find(l => !l.Is("filler") && !l.Is("then")) is not { Kind: "again", Plain: "repeat" or "repeats" or "repeating" or "and repeat" or "same" or "the same" } || !clause.All(l => l.Kind is "filler" or "then" or "again" or "technique" or "level" or "otherSide")) return [];
        var done = _before.Concat(_said).SelectMany(m => m.Hands.Select(h => h.Technique).Concat(m.Kick is { } kick ? [kick.Technique] : [])).Concat(_draft.Hands.Select(h => h.Technique)).Concat(_draft.Kick is { } last ? [last.Technique] : []);
        return named.All(id => done.Any(d => Names(id, d))) ? named : [];
    }

    /// <summary>Whether a name stands for a technique: its own, or "kick", "punch" or "block" for any of them.</summary>
    private bool Names(TermId name, TermId technique) => name == technique || _ways.Vocabulary.Find(technique) is { } term && name.Value switch
    {
        "kick" => term.IsKick,
        "punch" => term.Family == "punch",
        "block" => term.Family == "receiving",
        _ => false,
    };

    /// <summary>The last counts in which these were done, in that order; none where they were not.</summary>
    private (int First, int Last)? PassageNamed(List<TermId> named)
    {
        if (named.Count == 0) return null;
        var moves = SoFar().Moves;
        var done = Enumerable.Range(0, moves.Count).SelectMany(k => moves[k].Hands.Select(h => (At: k, h.Technique)).Concat(moves[k].Kick is { } kick ? [(At: k, kick.Technique)] : [])).ToList();
        for (var from = done.Count - named.Count; from >= 0; from--)
        {
            if (!named.Select((id, n) => Names(id, done[from + n].Technique)).All(same => same)) continue;
            var last = done[from + named.Count - 1].At;
            while (last + 1 < moves.Count && moves[last + 1].Counting is Counting.Then or Counting.Together) last++;
            return (StartOfCount(done[from].At), last);
        }
        return null;
    }

    /// <summary>"From the second count", "counts one to four", "the last three", "the whole section": which moves are meant.</summary>
    private (int First, int Last)? PassageOf(List<Lexeme> clause)
    {
        var counts = CountsSoFar();
        if (counts.Length == 0 || counts[^1] == 0 && counts.Max() == 0) return null;
        var end = counts.Length - 1;
        var highest = counts.Max();
        // Numbers called in this text are meant as they were called; others as they are counted.
        int Count(int number) => Called(number) is { } id && SoFar().IndexOf(id) is var at and >= 0 ? counts[at] : number;
        (int, int)? Counted(int first, int last) =>
            first >= 1 && first <= last && last <= highest ? (Array.IndexOf(counts, first), Array.LastIndexOf(counts, last)) : null;

        if (clause.Any(l => l.Is("passage", "all"))) return Counted(1, highest);
        if (clause.Any(l => l.Is("passage", "two"))) return Counted(highest - 1, highest);
        if (clause.FirstOrDefault(l => l.Is("passage") && l.Value is "three" or "four") is { } several) return Counted(Math.Max(1, highest - (several.Value == "three" ? 2 : 3)), highest);
        if (clause.Any(l => l.Is("passage", "section")))
        {
            var starts = _form.Sections.Concat(_cuts).Select(s => SoFar().IndexOf(s.First)).Where(i => i >= 0).Order().ToList();
            // Said right after "end of section", the section that has just ended is meant.
            return starts.Count == 0 ? (Array.IndexOf(counts, 1), end) : (starts[^1], end);
        }
        // "Repeat the third line": of the parts that were told by their headings.
        if (clause.FindIndex(l => l.Is("ordinal")) is var nth and >= 0 && nth + 1 < clause.Count && SectionNouns.Contains(clause[nth + 1].Plain) && int.TryParse(clause[nth].Value, out var part))
        {
            var starts = _form.Sections.Concat(_cuts).Select(s => SoFar().IndexOf(s.First)).Where(i => i >= 0).Append(Array.IndexOf(counts, 1)).Distinct().Order().ToList();
            if (part >= 1 && part <= starts.Count) return (starts[part - 1], part < starts.Count ? starts[part] - 1 : end);
        }
        // "For four you do the same thing as two": the numbers behind the word, where any are.
        var order = clause.FindIndex(l => l.Is("again"));
        var numbers = NumbersIn(clause.Skip(order + 1));
        if (numbers.Count == 0) numbers = NumbersIn(clause);
        var last = clause.Any(l => l.Is("passage", "last") || l.Is("ordinal", "last"));
        if (last) return Counted(Math.Max(1, highest - (numbers.Count > 0 ? numbers[0] : 1) + 1), highest);
        if (numbers.Count == 0) return null;
        // "The same two to the left", "same two again".
        if (numbers is [> 1 and <= MostAtOnce and var latest] && clause.FindIndex(l => l is { Kind: "again" } && l.Plain.EndsWith("same", StringComparison.Ordinal)) is var same and >= 0 && same + 1 < clause.Count && clause[same + 1].Is("number") && !clause.Any(IsDeeds)) return Counted(Math.Max(1, highest - latest + 1), highest);
        if (clause.Any(IsDeeds)) return Analogous(numbers[0]) ?? Counted(Math.Max(1, highest - numbers[0] + 1), highest);
        numbers = [.. numbers.Select(Count)];
        if (clause.Any(l => l.Is("from")) && numbers.Count == 1) return Counted(numbers[0], highest);
        // "Counts 6 to 9 same as 1 to 4": the last two tell what is repeated.
        // "Repeat eight": the number right after the word.
        if (numbers.Count == 1 && clause.FindIndex(l => l.Is("again")) is var again and >= 0 && clause.Skip(again + 1).SkipWhile(l => l is { Kind: "filler" or "again", Plain: "as" or "like" or "of" or "the" or "in" } or { Kind: "countNoun" }).FirstOrDefault() is { Kind: "number" or "degrees" }) return Counted(numbers[0], numbers[0]);
        // "Four is two again".
        if (numbers.Count == 1 && _draft is { IsNumbered: true, HasBody: false } && clause.FindIndex(l => l is { Kind: "again", Plain: "again" }) is > 0 and var anew && clause[anew - 1].Is("number")) return Counted(numbers[0], numbers[0]);
        // "Four mirrors two", "four is the mirror of two", "four is just two on the other side".
        if (numbers.Count == 1 && clause.FindIndex(l => l.Is("otherSide")) is var mirror and >= 0 && (clause[mirror].Plain.StartsWith("mirror", StringComparison.Ordinal) || _draft is { IsNumbered: true, HasBody: false } && _calls.Any(c => c.Number == clause.First(l => l.Kind is "number" or "degrees" or "countWord" or "ordinal").Number) && clause.Any(l => l.Plain is "is" or "just" or "like"))) return Counted(numbers[0], numbers[0]);
        return numbers.Count >= 2 ? Counted(numbers[^2], numbers[^1]) : clause.Any(l => l.Kind is "countNoun" or "ordinal") ? Counted(numbers[0], numbers[0]) : null;

        static List<int> NumbersIn(IEnumerable<Lexeme> words) => [.. words.Where(l => l.Kind is "number" or "countWord" or "degrees" || l.Is("ordinal") && int.TryParse(l.Value, out _)).Select(l => l.Number)];
    }

    /// <summary>
    /// Where the passage began that "the same on the other side" speaks of, if it is more than the last count. Common
    /// practice: what was done since the body turned, as in "turn left, low block; step, punch; same on the other side", or
    /// since the feet were last together, if they have just come together again.
    /// </summary>
    private int? SinceTheTurn()
    {
        const int MostCounts = 6;
        var counts = CountsSoFar();
        var walk = WalkSoFar();
        // Not over the beginning of a section; lines said one by one are as good as all at once.
        var from = _form.Sections.Concat(_cuts).Select(s => SoFar().IndexOf(s.First)).Where(at => at < _before.Count + _said.Count).DefaultIfEmpty(0).Max();
        from = Math.Max(from, 0);
        from = Math.Max(from, _repeated);
        bool Together(int i) => walk.Postures[i].Stance.Value is "closed-stance" or "ready-stance" or "attention-stance";
        // A form that never turns has two halves; "the same to the other side" at its end is the second.
        if (from == 0 && counts.Length > 0 && counts[^1] > MostCounts && walk.Postures.All(p => p.Heading == walk.Start.Heading)) return Array.IndexOf(counts, 1);
        var home = counts.Length > 0 && Together(counts.Length - 1);
        for (var i = counts.Length - 1; i >= from; i--)
        {
            if (home && (i == from || counts[i - 1] == 0 || Together(i - 1)) && counts[i] > 0) return counts[i] == counts[^1] ? null : i;
            if (home) continue;
            if (counts[i] == 0 || counts[^1] - counts[i] >= MostCounts) return null;
            if (walk.Postures[i].Turned.Degrees == 0) continue;
            while (i > from && counts[i - 1] == counts[i]) i--;
            return counts[i] == counts[^1] ? null : i;
        }
        return null;
    }

    /// <summary>
    /// "The same double block. The same two hits": what followed the count that the last one repeats is what follows again.
    /// </summary>
    private (int First, int Last)? Analogous(int howMany)
    {
        var moves = SoFar().Moves;
        var counts = CountsSoFar();
        var last = Array.IndexOf(counts, counts.Max());
        for (var count = counts.Max() - 1; count >= 1; count--)
        {
            var at = Array.IndexOf(counts, count);
            if (count + howMany > counts.Max() - 1 || moves[at].Stance?.Kind != moves[last].Stance?.Kind || moves[at].Hands.Count == 0
                || !moves[at].Hands.Select(h => h.Technique).SequenceEqual(moves[last].Hands.Select(h => h.Technique))) continue;
            return (Array.IndexOf(counts, count + 1), Array.LastIndexOf(counts, count + howMany));
        }
        return null;
    }

    private void RepeatPassage((int First, int Last) passage, int more, bool otherSide)
    {
        var group = SoFar().Moves.ToArray()[passage.First..(passage.Last + 1)];
        for (var k = 0; k < more; k++)
        {
            var form = SoFar();
            var walk = Body.Walk.Of(form, Body.BodyMeasures.Reference, _ways);
            IReadOnlyList<Move> copies;
            if (otherSide)
            {
                copies = Mirror.OtherSide(group, walk, form);
                // A passage that does not end where it will be begun anew turns there from where the performer stands now.
                if (walk.Postures[form.IndexOf(group[0].Id)].Turned.Degrees != 0 && walk.End.Heading != walk.Postures[form.IndexOf(group[^1].Id)].Heading)
                {
                    var target = walk.Postures[form.IndexOf(group[0].Id)].Heading.MirroredAcross(walk.Before(form.IndexOf(group[0].Id)).Heading);
                    copies = [copies[0] with { Turn = target == walk.End.Heading ? null : target - walk.End.Heading, Facing = target }, .. copies.Skip(1)];
                }
            }
            else copies = AsSaidAgain(group, walk.Before(form.IndexOf(group[0].Id)), walk.End);
            _said.AddRange(copies);
            group = [.. copies];
        }
        _repeated = _before.Count + _said.Count;
        _draft = new Draft { Counting = _explicitCounts ? Counting.Then : Counting.Own };
    }
}
