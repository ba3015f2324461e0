using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Versions;

/// <summary>A part that both people changed, each in another way.</summary>
/// <param name="Move">The move; none where it is about the form as a whole.</param>
/// <param name="Part">What of it, in words: "stance", "order of the moves", "title".</param>
/// <param name="Mine">The move as it stands in the merged form, with my part; none if I took it out.</param>
/// <param name="Theirs">The same move with their part instead; none if they took it out.</param>
public sealed record MergeClash(MoveId? Move, string Part, Move? Mine, Move? Theirs);

/// <summary>Two people's work in one form.</summary>
/// <param name="Form">The merged form; where both changed the same part, with mine.</param>
/// <param name="Clashes">Those parts, so that a person can decide.</param>
public sealed record MergedForm(Form Form, IReadOnlyList<MergeClash> Clashes);

/// <summary>
/// Merges two versions of a form that go back to one: move by move, and within a move part by part. Moves are known by
/// their ids. Whoever changed a part gets it; what one took out and the other rewrote stays in, and is told.
/// </summary>
public static class Merge
{
    public static MergedForm Of(Form origin, Form mine, Form theirs)
    {
        var clashes = new List<MergeClash>();
        var order = Order(origin, mine, theirs, clashes);
        var (inOrigin, inMine, inTheirs) = (ById(origin), ById(mine), ById(theirs));
        var moves = new List<Move>();
        foreach (var id in order)
        {
            var o = inOrigin.GetValueOrDefault(id);
            var m = inMine.GetValueOrDefault(id);
            var t = inTheirs.GetValueOrDefault(id);
            if (m is not null && t is not null && o is not null) moves.Add(Parts(o, m, t, clashes));
            else if (o is not null && (m ?? t) is { } survivor)
            {
                if (survivor == o) continue; // one took it out, the other left it alone
                moves.Add(survivor);
                clashes.Add(new MergeClash(id, m is null ? "taken out by you, rewritten by them" : "rewritten by you, taken out by them", m, t));
            }
            else if ((m ?? t) is { } added) moves.Add(added);
        }

        T Whole<T>(T o, T m, T t, string part)
        {
            if (Same(m, o)) return t;
            if (!Same(t, o) && !Same(m, t)) clashes.Add(new MergeClash(null, part, null, null));
            return m;
        }

        var merged = new Form
        {
            Title = Whole(origin.Title, mine.Title, theirs.Title, "title"),
            Opening = Whole(origin.Opening, mine.Opening, theirs.Opening, "opening position"),
            DeclaredCounts = Whole(origin.DeclaredCounts, mine.DeclaredCounts, theirs.DeclaredCounts, "declared counts"),
            DeclaredShouts = Whole(origin.DeclaredShouts, mine.DeclaredShouts, theirs.DeclaredShouts, "declared shouts"),
            NoLineTwice = Whole(origin.NoLineTwice, mine.NoLineTwice, theirs.NoLineTwice, "promise about lines"),
            Weapon = Whole(origin.Weapon, mine.Weapon, theirs.Weapon, "weapon"),
            Pairs = Whole(origin.Pairs, mine.Pairs, theirs.Pairs, "declared pairs"),
            Moves = moves.ToValueList(),
            Sections = Sections(origin, mine, theirs, clashes),
        };
        var positions = Changes.Positions(merged);
        merged = merged with { Sections = merged.Sections.Select(s => s with { First = Remaining(s.First, mine, theirs, positions) }).ToValueList() };
        return new MergedForm(Sectioning.Repair(merged, mine), clashes);
    }

    /// <summary>Where a section begins whose first move may be gone: with the next move behind it that is left.</summary>
    private static MoveId Remaining(MoveId first, Form mine, Form theirs, Dictionary<MoveId, int> positions)
    {
        if (positions.ContainsKey(first)) return first;
        var form = theirs.IndexOf(first) >= 0 ? theirs : mine;
        return form.Moves.Skip(form.IndexOf(first)).Select(m => m.Id).FirstOrDefault(positions.ContainsKey, first);
    }

    /// <summary>The order of whoever changed it, with the other's new moves behind those they came after.</summary>
    private static List<MoveId> Order(Form origin, Form mine, Form theirs, List<MergeClash> clashes)
    {
        var (o, m, t) = (Ids(origin), Ids(mine), Ids(theirs));
        var common = o.Where(id => m.Contains(id) && t.Contains(id)).ToHashSet();
        bool Reordered(List<MoveId> ids) => !ids.Where(common.Contains).SequenceEqual(o.Where(common.Contains));
        var (iDid, theyDid) = (Reordered(m), Reordered(t));
        if (iDid && theyDid && !m.Where(common.Contains).SequenceEqual(t.Where(common.Contains)))
            clashes.Add(new MergeClash(null, "order of the moves", null, null));
        var (spine, other) = iDid ? (m, t) : (t, m);
        var order = spine.ToList();
        var present = order.ToHashSet();
        var shared = other.ToHashSet();
        for (var i = 0; i < other.Count; i++)
        {
            if (!present.Add(other[i])) continue;
            var at = i == 0 ? 0 : order.IndexOf(other[i - 1]) + 1;
            // Both put something in at the same place: theirs stays together, and so does mine.
            if (i > 0 && common.Contains(other[i - 1]) || i == 0)
                while (at < order.Count && !shared.Contains(order[at])) at++;
            order.Insert(at, other[i]);
        }
        return order;
    }

    private static Move Parts(Move o, Move m, Move t, List<MergeClash> clashes)
    {
        if (m == o) return t;
        if (t == o || m == t) return m;
        var clashing = new List<(string Part, Func<Move, Move> Theirs)>();
        var merged = m;

        void Part<T>(string name, Func<Move, T> read, Func<Move, T, Move> write)
        {
            var (before, my, their) = (read(o), read(m), read(t));
            if (Same(my, before)) merged = write(merged, their);
            else if (!Same(their, before) && !Same(my, their)) clashing.Add((name, move => write(move, their)));
        }

        Part("counting", x => x.Counting, (x, v) => x with { Counting = v });
        Part("feet", x => x.Footwork, (x, v) => x with { Footwork = v });
        Part("direction", x => (x.Turn, x.Facing), (x, v) => x with { Turn = v.Turn, Facing = v.Facing });
        Part("pivot", x => x.Pivot, (x, v) => x with { Pivot = v });
        Part("stance", x => x.Stance, (x, v) => x with { Stance = v });
        Part("preparation", x => x.SetOnTop, (x, v) => x with { SetOnTop = v });
        Part("hands", x => x.Hands, (x, v) => x with { Hands = v });
        Part("kick", x => x.Kick, (x, v) => x with { Kick = v });
        Part("weapon", x => x.Weapon, (x, v) => x with { Weapon = v });
        Part("gaze", x => x.Gaze, (x, v) => x with { Gaze = v });
        Part("breath", x => x.Breath, (x, v) => x with { Breath = v });
        Part("tempo", x => x.Tempo, (x, v) => x with { Tempo = v });
        Part("shout", x => x.Shout, (x, v) => x with { Shout = v });
        Part("length of the step", x => x.StepAdjustCm, (x, v) => x with { StepAdjustCm = v });
        Part("time", x => x.Seconds, (x, v) => x with { Seconds = v });
        Part("note", x => x.Note, (x, v) => x with { Note = v });
        Part("alternatives", x => x.Alternatives, (x, v) => x with { Alternatives = v });
        // What was accepted about one person's version need not hold for both together.
        merged = merged with { Accepted = merged.Deed == m.Deed ? m.Accepted : merged.Deed == t.Deed ? t.Accepted : [] };
        foreach (var (part, theirs) in clashing) clashes.Add(new MergeClash(o.Id, part, merged, theirs(merged)));
        return merged;
    }

    private static ValueList<Section> Sections(Form origin, Form mine, Form theirs, List<MergeClash> clashes)
    {
        var sections = new List<Section>();
        foreach (var id in mine.Sections.Concat(theirs.Sections).Select(s => s.Id).Distinct())
        {
            var o = origin.Sections.FirstOrDefault(s => s.Id == id);
            var m = mine.Sections.FirstOrDefault(s => s.Id == id);
            var t = theirs.Sections.FirstOrDefault(s => s.Id == id);
            if (o is null) sections.Add((m ?? t)!);
            else if (m is null || t is null)
            {
                // One joined it to the section above: that holds, unless the other worked on it.
                if ((m ?? t)! != o) sections.Add((m ?? t)!);
            }
            else
            {
                if (m.Name != o.Name && t.Name != o.Name && m.Name != t.Name) clashes.Add(new MergeClash(null, $"name of the section \"{o.Name}\"", null, null));
                sections.Add(new Section(id, m.Name != o.Name ? m.Name : t.Name, m.First != o.First ? m.First : t.First));
            }
        }
        return sections.ToValueList();
    }

    private static bool Same<T>(T a, T b) => EqualityComparer<T>.Default.Equals(a, b);

    private static List<MoveId> Ids(Form form) => form.Moves.Select(m => m.Id).ToList();

    private static Dictionary<MoveId, Move> ById(Form form) => form.Moves.ToDictionary(m => m.Id);
}
