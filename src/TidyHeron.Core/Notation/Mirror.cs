namespace TidyHeron.Core.Notation;

/// <summary>The same movement for the other side: every left becomes right. Twice gives the original.</summary>
public static class Mirror
{
    public static Way Of(Way way) => way switch
    {
        Way.Left => Way.Right,
        Way.Right => Way.Left,
        Way.ForwardLeft => Way.ForwardRight,
        Way.ForwardRight => Way.ForwardLeft,
        Way.BackLeft => Way.BackRight,
        Way.BackRight => Way.BackLeft,
        _ => way,
    };

    /// <summary>A move mirrored left for right across the front line.</summary>
    public static Move Of(Move move) => move with
    {
        Footwork = move.Footwork is { } f ? f with { Foot = f.Foot?.Other, Way = f.Way is { } w ? Of(w) : null } : null,
        Turn = move.Turn?.Mirrored,
        Facing = move.Facing?.Mirrored,
        Stance = move.Stance is { } s ? s with { Lead = s.Lead?.Other } : null,
        SetOnTop = move.SetOnTop?.Other,
        Hands = move.Hands.Select(h => h with { Hand = h.Hand?.Other }).ToValueList(),
        Kick = move.Kick is { } k ? k with { Foot = k.Foot?.Other } : null,
        Gaze = move.Gaze switch { Notation.Gaze.Left => Notation.Gaze.Right, Notation.Gaze.Right => Notation.Gaze.Left, var g => g },
    };

    /// <summary>A whole form mirrored left for right.</summary>
    public static Form Of(Form form) => form with
    {
        Opening = form.Opening with { Lead = form.Opening.Lead?.Other },
        Moves = form.Moves.Select(Of).ToValueList(),
    };

    /// <summary>
    /// "Same on the other side", said of a move that led from one heading to another: the limbs are exchanged
    /// and the new heading lies as far on the other side of the heading from which the first one started.
    /// </summary>
    /// <param name="move">The move just done.</param>
    /// <param name="before">Heading before it.</param>
    /// <param name="after">Heading after it, where the performer now stands.</param>
    public static Move OtherSide(Move move, Heading before, Heading after)
    {
        var mirrored = Of(move) with { Id = MoveId.New() };
        if (before == after) return mirrored with { Turn = null, Facing = move.Facing };
        var target = after.MirroredAcross(before);
        var turn = target - after;
        // A half turn could go either way; the body unwinds, so it goes against the first turn.
        if (turn.Amount == 180) turn = Turn.To((after - before).Side!.Value.Other, 180);
        return mirrored with { Turn = turn, Facing = target };
    }
}
