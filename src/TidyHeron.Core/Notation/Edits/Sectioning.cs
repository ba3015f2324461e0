namespace TidyHeron.Core.Notation.Edits;

/// <summary>Begins a section at a move. The first cut of a form also names what comes before it.</summary>
public sealed record CutHere(MoveId First, string Name = "") : Edit
{
    protected override Form Change(Form form)
    {
        if (form.IndexOf(First) < 0 || form.Sections.Any(s => s.First == First)) return form;
        var sections = form.Sections.ToList();
        if (sections.Count == 0 && form.Moves[0].Id != First) sections.Add(new Section(SectionId.New(), "", form.Moves[0].Id));
        sections.Add(new Section(SectionId.New(), Name, First));
        return form with { Sections = sections.ToValueList() };
    }
}

/// <summary>Joins a section to the one above it.</summary>
public sealed record JoinSection(SectionId Section) : Edit
{
    protected override Form Change(Form form) =>
        form with { Sections = form.Sections.Where(s => s.Id != Section).ToValueList() };
}

/// <summary>Gives a section its name.</summary>
public sealed record NameSection(SectionId Section, string Name) : Edit
{
    protected override Form Change(Form form) =>
        form with { Sections = form.Sections.Select(s => s.Id == Section ? s with { Name = Name } : s).ToValueList() };
}

/// <summary>Where the sections of a form lie.</summary>
public static class Sectioning
{
    /// <summary>The sections with the positions of their first and last moves, in order.</summary>
    public static ValueList<(Section Section, int First, int Last)> Spans(Form form)
    {
        var starts = form.Sections.Select(s => (Section: s, At: form.IndexOf(s.First))).Where(s => s.At >= 0).OrderBy(s => s.At).ToList();
        return starts.Select((s, k) => (s.Section, s.At, k + 1 < starts.Count ? starts[k + 1].At - 1 : form.Moves.Count - 1)).ToValueList();
    }

    /// <summary>
    /// Keeps the cuts in order and in place: a section whose first move is gone begins with the next move that was
    /// behind it, the first section begins with the first move, and an emptied section goes.
    /// </summary>
    internal static Form Repair(Form form, Form before)
    {
        if (form.Sections.Count == 0) return form;
        if (form.Moves.Count == 0) return form with { Sections = [] };
        var at = form.Moves.Select((m, i) => (m.Id, i)).ToDictionary(p => p.Id, p => p.i);
        var kept = new SortedList<int, Section>();
        foreach (var section in form.Sections)
        {
            var first = section.First;
            for (var i = before.IndexOf(first); i >= 0 && !at.ContainsKey(first) && ++i < before.Moves.Count;) first = before.Moves[i].Id;
            if (at.TryGetValue(first, out var index)) kept.TryAdd(index, section with { First = first });
        }
        if (kept.Count == 0) return form with { Sections = [] };
        // Nothing may lie before the first section.
        var opening = kept.Values[0];
        if (kept.Keys[0] != 0)
        {
            kept.RemoveAt(0);
            kept.Add(0, opening with { First = form.Moves[0].Id });
        }
        return form with { Sections = kept.Values.ToValueList() };
    }
}

/// <summary>Lets a section begin at another move.</summary>
public sealed record MoveCut(SectionId Section, MoveId First) : Edit
{
    protected override Form Change(Form form) =>
        form with { Sections = form.Sections.Select(s => s.Id == Section ? s with { First = First } : s).ToValueList() };
}
