using TidyHeron.Core.Body;

namespace TidyHeron.Core.Notation.Edits;

/// <summary>Puts copies of moves behind the last of them.</summary>
/// <param name="Moves">The moves to repeat.</param>
/// <param name="Times">How many copies.</param>
public sealed record Again(ValueList<MoveId> Moves, int Times = 1) : Edit
{
    protected override Form Change(Form form) =>
        Copies.Behind(form, Moves, Times, (_, group) => group.Select(m => m with { Id = MoveId.New() }));
}

/// <summary>Puts the same moves for the other side behind the last of them; several times over, the sides alternate.</summary>
/// <param name="Moves">The moves to mirror.</param>
/// <param name="Ways">The school's ways, which say where the moves lead.</param>
/// <param name="Times">How many copies.</param>
public sealed record OtherSide(ValueList<MoveId> Moves, Conventions Ways, int Times = 1) : Edit
{
    protected override Form Change(Form form) =>
        Copies.Behind(form, Moves, Times, (sofar, group) => Mirror.OtherSide(group, Walk.Of(sofar, BodyMeasures.Reference, Ways), sofar));
}

internal static class Copies
{
    /// <summary>The most copies that one edit makes.</summary>
    public const int Most = 99;

    public static Form Behind(Form form, ValueList<MoveId> ids, int times, Func<Form, List<Move>, IEnumerable<Move>> copy)
    {
        var group = form.Moves.Where(m => ids.Contains(m.Id)).ToList();
        if (group.Count == 0) return form;
        for (var k = 0; k < Math.Min(times, Most); k++)
        {
            var moves = form.Moves.ToList();
            var copied = copy(form, group).ToList();
            moves.InsertRange(form.IndexOf(group[^1].Id) + 1, copied);
            form = form with { Moves = moves.ToValueList() };
            group = copied;
        }
        return form;
    }
}
