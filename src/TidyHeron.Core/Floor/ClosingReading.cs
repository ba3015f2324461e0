using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Floor;

/// <summary>A turn that, had it gone otherwise, would bring the form back to where it began.</summary>
/// <param name="Move">Which move.</param>
/// <param name="Count">Its number.</param>
/// <param name="Turned">How far it turns as it is read.</param>
/// <param name="Would">How far it would turn; <see cref="Turn.None"/> for not at all.</param>
/// <param name="EndsCm">How far from its start the form would then end.</param>
public sealed record ClosingTurn(MoveId Move, int Count, Turn Turned, Turn Would, double EndsCm);

/// <summary>
/// Whether a form that comes back to standing ends where it began, and which single turn, taken otherwise, would bring it there.
/// Traditional forms end on the spot or within a step or two of it (common practice), so a form that ends far off has most
/// likely a turn written wrong.
/// </summary>
/// <param name="EndsCm">How far the middle of the feet is from where it began.</param>
/// <param name="Turns">The likeliest turns, the one that ends nearest first; none where the form ends near enough.</param>
public sealed record ClosingReading(double EndsCm, IReadOnlyList<ClosingTurn> Turns)
{
    /// <summary>Centimetres. Forms stepped strictly by the book drift by one to two shoulder widths, and by a step where kicks land.</summary>
    public const double FarCm = 170;

    private const int FewestCounts = 8, MostTurns = 3, WalkedAgain = 12;

    /// <summary>The reading of a whole form; none for one that does not come back to standing or is too short to tell.</summary>
    public static ClosingReading? Of(FormReading reading)
    {
        if (reading.TotalCounts < FewestCounts || !StanceSet.IsStanding(reading.Walk.End.Stance) || reading.Form.Moves[^1].Footwork?.Kind.Value is "jump") return null;
        var ends = (reading.Walk.End.Middle - reading.Walk.Start.Middle).Length;
        return new ClosingReading(ends, ends < FarCm ? [] : Likeliest(reading, ends));
    }

    private static IReadOnlyList<ClosingTurn> Likeliest(FormReading reading, double ends)
    {
        var (form, walk) = (reading.Form, reading.Walk);
        var off = walk.End.Middle - walk.Start.Middle;
        var tried = new List<(int Move, int By, double Near)>();
        for (var i = 0; i + 1 < form.Moves.Count; i++)
        {
            var turned = walk.Postures[i].Heading - walk.Before(i).Heading;
            if (turned.Amount == 0 || reading.Counts[i] == 0) continue;
            // What follows is carried round by as much as the turn is changed.
            var pivot = walk.Before(i).Middle - walk.Start.Middle;
            for (var by = 45; by < 360; by += 45)
                if (by % 90 == 0 || turned.Amount % 90 != 0) tried.Add((i, by, (pivot + (off - pivot).TurnedBy(by)).Length));
        }
        // The step that is taken with the turn goes another way too; only walking shows where to.
        return tried.OrderBy(t => t.Near).Take(WalkedAgain).SelectMany(t => Ways(reading, t.Move, t.By)).Select(t => WalkAgain(reading, t.Move, t.Would))
            .Where(t => t.EndsCm < FarCm && t.EndsCm < ends / 1.5).OrderBy(t => t.EndsCm).DistinctBy(t => t.Move).Take(MostTurns).ToList();
    }

    /// <summary>A quarter to one side, or three quarters to the other: the same heading, with another foot.</summary>
    private static IEnumerable<(int Move, Turn Would)> Ways(FormReading reading, int index, int by)
    {
        var would = reading.Walk.Postures[index].Heading + Turn.To(Side.Right, by) - reading.Walk.Before(index).Heading;
        yield return (index, would);
        if (would is { Amount: 90, Side: { } side }) yield return (index, Turn.To(side.Other, 270));
    }

    private static ClosingTurn WalkAgain(FormReading reading, int index, Turn would)
    {
        var (form, walk) = (reading.Form, reading.Walk);
        var (before, after) = (walk.Before(index).Heading, walk.Postures[index].Heading);
        var turned = form.Moves[index].Turn is { } said && before + said == after ? said : after - before;
        // Everything after it keeps its own turn; what says where it faces would hide the change.
        var moves = form.Moves.Select((m, i) => i < index || i + 1 == form.Moves.Count || m is { Facing: null, Turn: null } && i != index ? m
            : m with { Facing = null, Turn = i == index ? would.Amount == 0 ? null : would : walk.Postures[i].Heading - walk.Before(i).Heading is { Amount: > 0 } kept ? m.Turn ?? kept : null });
        var end = Walk.Of(form with { Moves = moves.ToValueList() }, reading.Body, reading.Ways).End;
        return new ClosingTurn(form.Moves[index].Id, reading.Counts[index], turned, would, (end.Middle - walk.Start.Middle).Length);
    }
}
