namespace TidyHeron.Core.Notation.Edits;

/// <summary>Carries moves past their neighbour, up (-1) or down (+1).</summary>
public sealed record ShiftMoves(ValueList<MoveId> Moves, int By) : Edit
{
    protected override Form Change(Form form)
    {
        var moves = form.Moves.ToList();
        var order = Enumerable.Range(0, moves.Count).Where(i => Moves.Contains(moves[i].Id));
        foreach (var i in By < 0 ? order.ToList() : order.Reverse().ToList())
        {
            var to = i + Math.Sign(By);
            if (to < 0 || to >= moves.Count || Moves.Contains(moves[to].Id)) continue;
            (moves[i], moves[to]) = (moves[to], moves[i]);
        }
        return form with { Moves = moves.ToValueList() };
    }
}

/// <summary>Takes moves from where they are and puts them behind another move, or at the beginning where none is named.</summary>
public sealed record PlaceMoves(ValueList<MoveId> Moves, MoveId? After) : Edit
{
    protected override Form Change(Form form)
    {
        if (After is { } place && (Moves.Contains(place) || form.IndexOf(place) < 0)) return form;
        var carried = form.Moves.Where(m => Moves.Contains(m.Id)).ToList();
        var rest = form.Moves.Where(m => !Moves.Contains(m.Id)).ToList();
        rest.InsertRange(After is { } id ? rest.FindIndex(m => m.Id == id) + 1 : 0, carried);
        return form with { Moves = rest.ToValueList() };
    }
}
