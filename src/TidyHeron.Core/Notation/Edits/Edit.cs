namespace TidyHeron.Core.Notation.Edits;

/// <summary>
/// A named operation on a form. Applying one gives a new form and leaves the old one as it was; an edit that names
/// a move or section the form no longer has changes nothing.
/// </summary>
public abstract record Edit
{
    /// <summary>The form after the edit.</summary>
    public Form Apply(Form form) => Acceptances.Repair(Sectioning.Repair(Change(form), form), form);

    protected abstract Form Change(Form form);
}

/// <summary>Puts moves in after a move, or at the beginning where none is named.</summary>
public sealed record InsertMoves(MoveId? After, ValueList<Move> Moves) : Edit
{
    protected override Form Change(Form form)
    {
        var moves = form.Moves.ToList();
        moves.InsertRange(After is { } id ? form.IndexOf(id) + 1 : 0, Moves);
        return form with { Moves = moves.ToValueList() };
    }
}

/// <summary>Takes moves out.</summary>
public sealed record DeleteMoves(ValueList<MoveId> Moves) : Edit
{
    protected override Form Change(Form form) =>
        form with { Moves = form.Moves.Where(m => !Moves.Contains(m.Id)).ToValueList() };
}

/// <summary>Writes a move anew; its id says which.</summary>
public sealed record RewriteMove(Move Move) : Edit
{
    protected override Form Change(Form form) =>
        form with { Moves = form.Moves.Select(m => m.Id == Move.Id ? Move : m).ToValueList() };
}

/// <summary>Changes how moves take part in the counting: on their own number, joined to the one above, or without.</summary>
public sealed record SetCounting(ValueList<MoveId> Moves, Counting Counting) : Edit
{
    protected override Form Change(Form form) => form with
    {
        Moves = form.Moves.Select(m => Moves.Contains(m.Id) ? m with { Counting = Counting } : m).ToValueList(),
    };
}
