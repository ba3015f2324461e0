namespace TidyHeron.Core.Notation.Edits;

/// <summary>Lets a finding stand, for a reason.</summary>
public sealed record AcceptFinding(MoveId Move, string Rule, string Message, string Reason) : Edit
{
    protected override Form Change(Form form) => Acceptances.Change(form, Move, accepted =>
        [.. accepted.Where(a => (a.Rule, a.Message) != (Rule, Message)), new Acceptance(Rule, Message, Reason)]);
}

/// <summary>Takes a finding up again that was let stand.</summary>
public sealed record ReopenFinding(MoveId Move, string Rule, string Message) : Edit
{
    protected override Form Change(Form form) => Acceptances.Change(form, Move, accepted =>
        accepted.Where(a => (a.Rule, a.Message) != (Rule, Message)).ToValueList());
}

internal static class Acceptances
{
    public static Form Change(Form form, MoveId id, Func<ValueList<Acceptance>, ValueList<Acceptance>> change) =>
        form with { Moves = form.Moves.Select(m => m.Id == id ? m with { Accepted = change(m.Accepted) } : m).ToValueList() };

    /// <summary>What was accepted about a move holds until the move does something else; a copy starts afresh.</summary>
    public static Form Repair(Form form, Form before)
    {
        if (form.Moves.All(m => m.Accepted.Count == 0)) return form;
        var deeds = before.Moves.ToDictionary(m => m.Id, m => m.Deed);
        return form with
        {
            Moves = form.Moves.Select(m => m.Accepted.Count > 0 && !(deeds.TryGetValue(m.Id, out var deed) && deed == m.Deed) ? m with { Accepted = [] } : m).ToValueList(),
        };
    }
}
