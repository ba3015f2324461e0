using System.Text.RegularExpressions;

namespace TidyHeron.Core.Notation;

/// <summary>The same movement for the other side: every left becomes right. Twice gives the original.</summary>
public static partial class Mirror
{
    // A side, and no "right away": after a word that points, or before a part of the body or of the hall.
    [GeneratedRegex(@"(?<=\b(?:the|your|his|her|my|to|from) )(?:left|right)\b|\b(?:left|right)(?= (?:hand|foot|arm|leg|knee|elbow|hip|side|shoulder|fist|palm|heel|ankle|wall|corner|ear)s?\b)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SideInARemark();

    /// <summary>A remark with its sides exchanged.</summary>
    public static string Of(string remark) => SideInARemark().Replace(remark, m => m.Value switch
    {
        "left" => "right",
        "Left" => "Right",
        "right" => "left",
        "Right" => "Left",
        var other => other,
    });

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
        Footwork = move.Footwork is { } f ? f with { Foot = f.Foot?.Other, Way = f.Way is { } way ? Of(way) : null } : null,
        Turn = move.Turn?.Mirrored,
        Facing = move.Facing?.Mirrored,
        Stance = move.Stance is { } s ? s with { Lead = s.Lead?.Other } : null,
        SetOnTop = move.SetOnTop?.Other,
        Hands = move.Hands.Select(h => h with { Hand = h.Hand?.Other }).ToValueList(),
        Kick = move.Kick is { } k ? k with { Foot = k.Foot?.Other } : null,
        Weapon = move.Weapon is { } w ? w with { Leads = w.Leads?.Other, From = w.From?.Other } : null,
        Alternatives = move.Alternatives.Select(a => a with { Way = Of(a.Way) }).ToValueList(),
        Note = Of(move.Note),
        Gaze = move.Gaze switch { Notation.Gaze.Left => Notation.Gaze.Right, Notation.Gaze.Right => Notation.Gaze.Left, var g => g },
    };

    /// <summary>A whole form mirrored left for right.</summary>
    public static Form Of(Form form) => form with
    {
        Opening = form.Opening with { Lead = form.Opening.Lead?.Other },
        Moves = form.Moves.Select(Of).ToValueList(),
    };

    /// <summary>A move mirrored left for right about a line on the floor.</summary>
    public static Move Across(Move move, Heading axis) =>
        move.Facing is { } facing ? Of(move) with { Facing = facing.MirroredAcross(axis) } : Of(move);

    /// <summary>
    /// "Same on the other side", said of a move or passage just done: the limbs are exchanged, and every direction lies as
    /// far on the other side of the line on which the passage began. Its first move turns there from where it ended.
    /// </summary>
    /// <param name="passage">The moves, in order.</param>
    /// <param name="walk">Where they lead.</param>
    /// <param name="form">The form that was walked and holds them.</param>
    public static IReadOnlyList<Move> OtherSide(IReadOnlyList<Move> passage, Body.WalkReading walk, Form form)
    {
        var at = form.IndexOf(passage[0].Id);
        var axis = walk.Before(at).Heading;
        var end = walk.Postures[form.IndexOf(passage[^1].Id)].Heading;
        var first = walk.Postures[at];
        var copies = passage.Select(m => Across(LedAsItStood(m, walk.Postures[form.IndexOf(m.Id)]), axis) with { Id = MoveId.New() }).ToArray();
        if (end == axis) return copies;
        var target = first.Heading.MirroredAcross(axis);
        var turn = target - end;
        // A half turn could go either way; the body unwinds, so it goes against the first turn.
        if (turn.Amount == 180 && first.Turned.Side is { } side) turn = Turn.To(side.Other, 180);
        copies[0] = copies[0] with { Turn = turn.Degrees == 0 ? null : turn, Facing = target };
        return copies;
    }

    /// <summary>A stance that was only named, with no foot that moves into it, says which foot leads: on the other side it is the other one.</summary>
    private static Move LedAsItStood(Move move, Body.Posture stood) =>
        move is { Footwork: null, Kick: null, Turn: null, Facing: null, Stance: { Lead: null } stance } && stood.Lead is { } lead ? move with { Stance = stance with { Lead = lead } } : move;
}
