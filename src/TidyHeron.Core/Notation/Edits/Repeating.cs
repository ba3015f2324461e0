using TidyHeron.Core.Body;

namespace TidyHeron.Core.Notation.Edits;

/// <summary>Puts a copy of moves behind the last of them.</summary>
public sealed record Again(ValueList<MoveId> Moves) : Edit
{
    protected override Form Change(Form form) =>
        Copies.Behind(form, Moves, group => group.Select(m => m with { Id = MoveId.New() }));
}

/// <summary>Puts the same moves for the other side behind the last of them.</summary>
/// <param name="Moves">The moves to mirror.</param>
/// <param name="Ways">The school's ways, which say where the moves lead.</param>
public sealed record OtherSide(ValueList<MoveId> Moves, Conventions Ways) : Edit
{
    protected override Form Change(Form form)
    {
        var walk = Walk.Of(form, BodyMeasures.Reference, Ways);
        return Copies.Behind(form, Moves, group =>
        {
            var before = walk.Before(form.IndexOf(group[0].Id)).Heading;
            var after = walk.Postures[form.IndexOf(group[^1].Id)].Heading;
            return group.Select((m, i) => i == 0 && group.Count == 1 ? Mirror.OtherSide(m, before, after)
                : MirrorAbout(m, before) with { Id = MoveId.New() });
        });
    }

    /// <summary>Mirrors a move about the line on which its passage began.</summary>
    private static Move MirrorAbout(Move move, Heading axis)
    {
        var mirrored = Mirror.Of(move);
        return move.Facing is { } facing ? mirrored with { Facing = facing.MirroredAcross(axis) } : mirrored;
    }
}

internal static class Copies
{
    public static Form Behind(Form form, ValueList<MoveId> ids, Func<List<Move>, IEnumerable<Move>> copy)
    {
        var group = form.Moves.Where(m => ids.Contains(m.Id)).ToList();
        if (group.Count == 0) return form;
        var moves = form.Moves.ToList();
        moves.InsertRange(form.IndexOf(group[^1].Id) + 1, copy(group));
        return form with { Moves = moves.ToValueList() };
    }
}
