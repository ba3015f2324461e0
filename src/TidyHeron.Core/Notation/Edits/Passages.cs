using TidyHeron.Core.Body;

namespace TidyHeron.Core.Notation.Edits;

/// <summary>Mirrors a passage where it stands, about the line on which it begins; what comes after it keeps the direction it had.</summary>
public sealed record MirrorPassage(ValueList<MoveId> Moves, Conventions Ways) : Edit
{
    protected override Form Change(Form form)
    {
        var first = form.Moves.FirstOrDefault(m => Moves.Contains(m.Id));
        if (first is null) return form;
        var before = Walk.Of(form, BodyMeasures.Reference, Ways);
        var axis = before.Before(form.IndexOf(first.Id)).Heading;
        var moves = form.Moves.Select(m => Moves.Contains(m.Id) ? Mirror.Across(m, axis) : m).ToList();
        var after = Walk.Of(form with { Moves = moves.ToValueList() }, BodyMeasures.Reference, Ways);
        var next = form.IndexOf(form.Moves.Last(m => Moves.Contains(m.Id)).Id) + 1;
        if (next < moves.Count && after.Postures[next].Heading != before.Postures[next].Heading)
            moves[next] = moves[next] with { Turn = null, Facing = before.Postures[next].Heading };
        return form with { Moves = moves.ToValueList() };
    }
}

/// <summary>Turns a passage on the floor; what comes after it keeps the direction it had.</summary>
/// <param name="Moves">The moves to turn.</param>
/// <param name="By">How far, signed, to the right positive.</param>
/// <param name="Ways">The school's ways, which say where the moves lead.</param>
public sealed record TurnPassage(ValueList<MoveId> Moves, Turn By, Conventions Ways) : Edit
{
    protected override Form Change(Form form)
    {
        var at = Enumerable.Range(0, form.Moves.Count).Where(i => Moves.Contains(form.Moves[i].Id)).ToList();
        if (at.Count == 0 || By.Degrees == 0) return form;
        var walk = Walk.Of(form, BodyMeasures.Reference, Ways);
        var moves = form.Moves.ToList();
        foreach (var i in at)
        {
            if (moves[i].Facing is { } facing) moves[i] = moves[i] with { Facing = facing + By };
            // Where the passage is entered, the body turns by so much more; where it is left, by so much less.
            if (!at.Contains(i - 1)) moves[i] = Bent(moves[i], By, walk.Postures[i].Heading + By);
            if (i + 1 < moves.Count && !at.Contains(i + 1)) moves[i + 1] = Bent(moves[i + 1], By.Mirrored, walk.Postures[i + 1].Heading);
        }
        // Which way a stance is taken may go by where the front is: "shift, horse stance". What led there without a word is then told.
        while (true)
        {
            var turned = form with { Moves = moves.ToValueList() };
            var now = Walk.Of(turned, BodyMeasures.Reference, Ways);
            var other = Enumerable.Range(at[0], moves.Count - at[0]).FirstOrDefault(i => moves[i] is { Turn: null, Facing: null } && now.Postures[i].Heading != Reached(i), -1);
            if (other < 0) return turned;
            moves[other] = moves[other] with { Facing = Reached(other) };
        }

        Heading Reached(int i) => walk.Postures[i].Heading + (at.Contains(i) ? By : default);
    }

    private static Move Bent(Move move, Turn by, Heading reached)
    {
        if (move.Turn is not { } turn) return move.Facing is null ? move with { Facing = reached } : move;
        var bent = turn.Degrees + by.Degrees;
        return move with { Turn = bent % 360 == 0 ? null : new Turn(bent > 360 ? bent - 360 : bent < -360 ? bent + 360 : bent), Facing = bent % 360 == 0 ? reached : move.Facing };
    }
}

/// <summary>A part of a move that can be filled down.</summary>
public enum MovePart { Footwork, Direction, Stance, Hands, Kick, Weapon, Gaze, Breath, Tempo, Shout, Note }

/// <summary>Gives all moves chosen the part that the first of them has.</summary>
public sealed record FillDown(ValueList<MoveId> Moves, MovePart Part) : Edit
{
    protected override Form Change(Form form)
    {
        var first = form.Moves.FirstOrDefault(m => Moves.Contains(m.Id));
        return first is null ? form : form with { Moves = form.Moves.Select(m => Moves.Contains(m.Id) ? Filled(m, first) : m).ToValueList() };
    }

    private Move Filled(Move move, Move from) => Part switch
    {
        MovePart.Footwork => move with { Footwork = from.Footwork },
        MovePart.Direction => move with { Turn = from.Turn, Facing = from.Facing },
        MovePart.Stance => move with { Stance = from.Stance },
        MovePart.Hands => move with { Hands = from.Hands, SetOnTop = from.SetOnTop },
        MovePart.Kick => move with { Kick = from.Kick },
        MovePart.Weapon => move with { Weapon = from.Weapon },
        MovePart.Gaze => move with { Gaze = from.Gaze },
        MovePart.Breath => move with { Breath = from.Breath },
        MovePart.Tempo => move with { Tempo = from.Tempo },
        MovePart.Shout => move with { Shout = from.Shout },
        _ => move with { Note = from.Note },
    };
}

/// <summary>Puts one term in the place of another, everywhere or in the moves chosen.</summary>
/// <param name="From">The term to replace.</param>
/// <param name="To">A term of the same kind.</param>
/// <param name="Moves">Where; none for the whole form.</param>
public sealed record ReplaceTerm(TermId From, TermId To, ValueList<MoveId> Moves) : Edit
{
    protected override Form Change(Form form) => form with
    {
        Opening = Moves.Count == 0 && form.Opening.Stance == From ? form.Opening with { Stance = To } : form.Opening,
        Moves = form.Moves.Select(m => Moves.Count == 0 || Moves.Contains(m.Id) ? Replaced(m) : m).ToValueList(),
    };

    private Move Replaced(Move move) => move with
    {
        Footwork = move.Footwork is { } f && f.Kind == From ? f with { Kind = To } : move.Footwork,
        Stance = move.Stance is { } s && s.Kind == From ? s with { Kind = To } : move.Stance,
        Hands = move.Hands.Select(h => h.Technique == From ? h with { Technique = To } : h).ToValueList(),
        Kick = move.Kick is { } k && k.Technique == From ? k with { Technique = To } : move.Kick,
    };
}

/// <summary>
/// Parts a move that says several things into moves with a count each: first what the feet do with the first thing that
/// the hands or the kicking foot do, then one move for each further thing.
/// </summary>
public sealed record SplitMove(MoveId Move) : Edit
{
    protected override Form Change(Form form)
    {
        var at = form.IndexOf(Move);
        if (at < 0) return form;
        var move = form.Moves[at];
        var parts = new List<Move>();
        if (move.Kick is not null) parts.Add(move with { Hands = [], Weapon = null, Shout = false });
        foreach (var hand in move.Hands)
            parts.Add(parts.Count == 0 ? move with { Hands = [hand], Shout = false } : new Move(MoveId.New()) { Hands = [hand] });
        if (parts.Count < 2) return form;
        // What ends the move ends its last part.
        parts[^1] = parts[^1] with { Shout = move.Shout, Weapon = move.Weapon };
        var moves = form.Moves.ToList();
        moves.RemoveAt(at);
        moves.InsertRange(at, parts);
        return form with { Moves = moves.ToValueList() };
    }
}
