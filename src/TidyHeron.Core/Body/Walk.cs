using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>The postures of a form: how it opens, then one after each move.</summary>
/// <param name="Start">The opening posture, its middle on the starting spot, facing the front.</param>
/// <param name="Postures">One a move, in order.</param>
public sealed record WalkReading(Posture Start, ValueList<Posture> Postures)
{
    /// <summary>The posture before the move at a position.</summary>
    public Posture Before(int index) => index == 0 ? Start : Postures[index - 1];

    /// <summary>The last posture.</summary>
    public Posture End => Postures.Count == 0 ? Start : Postures[^1];
}

/// <summary>
/// Turns moves into postures. In a step one foot stays; the stance, its lead and its heading place the other.
/// </summary>
public static class Walk
{
    /// <summary>The postures of a form for a body, in a school's ways.</summary>
    public static WalkReading Of(Form form, BodyMeasures body, Conventions ways)
    {
        var start = Open(form.Opening, body, ways.Stances);
        var postures = new Posture[form.Moves.Count];
        var now = start;
        for (var i = 0; i < postures.Length; i++)
            postures[i] = now = After(now, form.Moves[i], form.Opening, body, ways);
        return new WalkReading(start, postures.ToValueList());
    }

    /// <summary>The opening posture, its middle on the origin.</summary>
    public static Posture Open(Opening opening, BodyMeasures body, StanceSet stances)
    {
        var shape = stances.Of(opening.Stance);
        Side? lead = shape.Feet == FeetKind.Even ? null : opening.Lead ?? Side.Left;
        var nowhere = new Foot(default, Heading.Front);
        var posture = new Posture(Heading.Front, Turn.None, opening.Stance, lead, nowhere, nowhere, null, [], null, Inferred.Nothing);
        posture = Place(posture, planted: Side.Left, shape, body);
        var shift = posture.Middle;
        return posture with
        {
            Left = posture.Left with { Place = posture.Left.Place - shift },
            Right = posture.Right with { Place = posture.Right.Place - shift },
        };
    }

    /// <summary>The posture after one more move.</summary>
    public static Posture After(Posture now, Move move, Opening opening, BodyMeasures body, Conventions ways)
    {
        if (StepBeforeTheKick(move) is { } step)
        {
            var stepped = After(now, step, opening, body, ways);
            var landed = After(stepped, move with { Footwork = null, Turn = null, Facing = null, Pivot = null }, opening, body, ways);
            return landed with { Turned = stepped.Turned, Inferred = landed.Inferred | stepped.Inferred };
        }
        var choice = FootChoice.For(now, move, opening, ways.Stances);
        var shape = ways.Stances.Of(choice.Stance);
        var next = now with
        {
            Heading = choice.Heading,
            Turned = choice.Turned,
            Stance = choice.Stance,
            Lead = choice.Lead,
            Moved = choice.Moved,
            KickingFoot = choice.KickingFoot,
            Inferred = choice.Inferred,
        };
        if (choice.Planted is { } planted)
        {
            next = Place(next, planted, shape, body, move.Pivot);
            if (choice.Planted == choice.Moved) next = next with { Moved = null };
        }
        next = Adjusted(next, move, shape);
        if (Travel.Of(move, now, body) is { } travel)
            next = next with
            {
                Left = next.Left with { Place = next.Left.Place + travel },
                Right = next.Right with { Place = next.Right.Place + travel },
                Moved = null,
            };
        return HandChoice.Resolve(next, now, move, ways.Vocabulary);
    }

    /// <summary>"Step with the left foot, right front kick, landing in front": one foot goes, then the other; the step of such a move, else nothing.</summary>
    private static Move? StepBeforeTheKick(Move move) =>
        move is { Footwork: { Kind.Value: "step" or "slide", Foot: { } goes }, Kick: { Landing: Landing.Front or Landing.Back, Foot: { } kicks } } && kicks == goes.Other && move.Stance?.Lead != goes
            ? move with { Kick = null, Hands = [], Stance = null, StepAdjustCm = 0 }
            : null;

    /// <summary>Where the middle of a foot comes to be that turns on its heel or ball.</summary>
    private static Spot Turned(Foot foot, Heading to, PivotPoint? on, BodyMeasures body)
    {
        // The ball is seven tenths of the foot from the heel (common practice), a fifth ahead of its middle.
        var ahead = on switch { PivotPoint.Heel => -0.5, PivotPoint.Ball => 0.2, _ => 0 } * body.FootLengthCm;
        return foot.Place + Spot.Along(foot.Heading, ahead) - Spot.Along(to, ahead);
    }

    /// <summary>A step that is taken longer or shorter than its stance: the foot that moved goes on along its line.</summary>
    private static Posture Adjusted(Posture posture, Move move, StanceShape shape)
    {
        if (move.StepAdjustCm == 0 || posture.Moved is not { } moved) return posture;
        // Longer is further away from the foot that stays: ahead for the leading foot, back for the rear one, outward in an even stance.
        var shift = shape.Feet == FeetKind.Even ? Spot.Across(posture.Heading, moved.Sign * move.StepAdjustCm)
            : Spot.Along(posture.Heading, posture.Lead == moved ? move.StepAdjustCm : -move.StepAdjustCm);
        return moved == Side.Left
            ? posture with { Left = posture.Left with { Place = posture.Left.Place + shift } }
            : posture with { Right = posture.Right with { Place = posture.Right.Place + shift } };
    }

    /// <summary>Puts the feet where the stance wants them, the planted one staying where it is.</summary>
    private static Posture Place(Posture posture, Side planted, StanceShape shape, BodyMeasures body, PivotPoint? pivot = null)
    {
        var heading = posture.Heading;
        // From the left foot to the right one, as the stance lays it out.
        var length = shape.Length.Cm(body);
        var width = shape.Width.Cm(body);
        var ahead = posture.Lead is { } lead ? length * lead.Sign : 0;
        var leftToRight = Spot.Along(heading, ahead) + Spot.Across(heading, width);

        Foot FootAt(Side side, Spot place)
        {
            var leads = posture.Lead is null || posture.Lead == side;
            var outward = leads ? shape.LeadOut : shape.RearOut;
            return new Foot(place, new Heading(heading.Degrees + side.Sign * outward),
                Lifted: shape.Feet == FeetKind.Single && posture.Lead != side);
        }

        var stays = Turned(posture.FootOf(planted), FootAt(planted, default).Heading, pivot, body);
        return planted == Side.Left
            ? posture with { Left = FootAt(Side.Left, stays), Right = FootAt(Side.Right, stays + leftToRight) }
            : posture with { Left = FootAt(Side.Left, stays - leftToRight), Right = FootAt(Side.Right, stays) };
    }
}
