namespace TidyHeron.Core.Notation.Edits;

/// <summary>Keeps another way of doing a move, with whose it is.</summary>
public sealed record AddAlternative(MoveId Move, string Whose, Move Way) : Edit
{
    protected override Form Change(Form form) => Alternatives.Change(form, Move, move => move with
    {
        Alternatives = [.. move.Alternatives, new Alternative(Whose, Way with { Id = MoveId.New(), Alternatives = [], Accepted = [] })],
    });
}

/// <summary>Does the move the other way from now on; the way it was done becomes an alternative in its place.</summary>
public sealed record UseAlternative(MoveId Move, int Index) : Edit
{
    /// <summary>What the former way is called.</summary>
    public const string FormerWay = "until now";

    protected override Form Change(Form form) => Alternatives.Change(form, Move, move =>
    {
        if (Index < 0 || Index >= move.Alternatives.Count) return move;
        var former = new Alternative(FormerWay, move with { Id = move.Alternatives[Index].Way.Id, Alternatives = [], Accepted = [] });
        return move.Alternatives[Index].Way with
        {
            Id = move.Id, Counting = move.Counting,
            Alternatives = move.Alternatives.Select((a, i) => i == Index ? former : a).ToValueList(),
        };
    });
}

/// <summary>Takes an alternative out.</summary>
public sealed record DropAlternative(MoveId Move, int Index) : Edit
{
    protected override Form Change(Form form) => Alternatives.Change(form, Move, move =>
        move with { Alternatives = move.Alternatives.Where((_, i) => i != Index).ToValueList() });
}

internal static class Alternatives
{
    public static Form Change(Form form, MoveId id, Func<Move, Move> change) =>
        form with { Moves = form.Moves.Select(m => m.Id == id ? change(m) : m).ToValueList() };
}
