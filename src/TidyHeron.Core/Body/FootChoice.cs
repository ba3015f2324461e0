using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>What a move means for the feet once everything that was not said has been filled in.</summary>
/// <param name="Planted">The foot the others are placed from; none if the feet stay as they are.</param>
internal sealed record FootChoice(
    Heading Heading, Turn Turned, TermId Stance, Side? Lead, Side? Planted, Side? Moved, Side? KickingFoot, Inferred Inferred)
{
    private const Side FirstStep = Side.Left; // Common practice: most forms open to the left or with the left foot.

    public static FootChoice For(Posture now, Move move, Opening opening, StanceSet stances)
    {
        var inferred = Inferred.Nothing;
        var kind = move.Footwork?.Kind.Value;
        var stance = StanceOf(now, move, opening, stances, ref inferred);
        var shape = stances.Of(stance);
        var heading = HeadingOf(now, move, shape, stances, ref inferred);
        var turned = TurnedFor(now, move, heading);
        var kicking = move.Kick is { } kick ? kick.Foot ?? Infer((kind == "lift-foot" ? move.Footwork?.Foot : null) ?? now.Lead?.Other ?? FirstStep, ref inferred) : (Side?)null;

        var statedLead = shape.Feet == FeetKind.Even ? null : move.Stance?.Lead;
        var stays = FeetStay(now, move, kind, stance, statedLead, turned, heading);
        if (stays)
            return new FootChoice(now.Heading, Turn.None, now.Stance, now.Lead, null, null, kicking, inferred);

        var onTheSpot = kind is "pivot" or "shift" or "stay" or null && move.Kick is null;
        var moved = onTheSpot && move.Footwork?.Foot is null && (kind is not null || OnlyTheWeightMoves(now, move, stances)) ? null
            : MovingFoot(now, move, kind, statedLead, turned, kicking, ref inferred);

        Side? lead = shape.Feet == FeetKind.Even ? null : statedLead ?? (kind == "return" ? opening.Lead : null);
        if (shape.Feet != FeetKind.Even && lead is null)
        {
            lead = LeadAfter(now, move, kind, moved, turned, shape);
            inferred |= Inferred.Lead;
        }

        Side planted;
        if (moved is { } foot) planted = foot.Other;
        else if (lead is { } leading) planted = shape.Feet == FeetKind.Single ? leading : leading.Other;
        else planted = now.Lead ?? turned.Side ?? Side.Left;

        // On one leg the named foot stands, whatever moved last.
        if (shape.Feet == FeetKind.Single && lead is { } standing && moved is null) planted = standing;
        return new FootChoice(heading, turned, stance, lead, planted, moved, kicking, inferred);
    }

    /// <summary>
    /// A stance that is only named, with no step: a cat stance out of one that leans forward is drawn back, a reverse punch is over
    /// the rear foot by its name. Either way the same foot leads. Common practice.
    /// </summary>
    private static bool OnlyTheWeightMoves(Posture now, Move move, StanceSet stances) =>
        move is { Footwork: null, Kick: null, Turn: null, Facing: null, Stance: { Lead: null } stance } && now.Lead is { } lead && stances.Of(now.Stance).Feet == FeetKind.Lead && stances.Of(stance.Kind).Feet == FeetKind.Lead
        && (stance.Kind.Value == "cat-stance" && stances.Of(now.Stance).LeadWeight > 50 || move.Hands is [{ Technique.Value: "reverse-punch", Hand: { } hand }] && hand.OnSide == lead.Other);

    private static TermId StanceOf(Posture now, Move move, Opening opening, StanceSet stances, ref Inferred inferred)
    {
        if (move.Stance is { } taken) return taken.Kind;
        var kind = move.Footwork?.Kind.Value;
        var stance = kind switch
        {
            "return" => opening.Stance,
            "cross-front" or "cross-behind" when move.Turn is { Amount: 180 or 270 } && stances.Of(now.Stance).Feet == FeetKind.Lead => now.Stance, // half a turn or more uncrosses the legs
            "cross-front" or "cross-behind" => new TermId("cross-stance"),
            "pull-together" => new TermId("closed-stance"),
            "kneel" => new TermId("kneeling-stance"),
            // "Right knee up, kick, step down behind": where the foot comes down one stands as one stood.
            "lift-foot" when move.Kick is { Landing: Landing.Front or Landing.Back } => stances.Of(now.Stance).Feet == FeetKind.Lead ? now.Stance : new TermId("short-front-stance"),
            "lift-foot" => new TermId("crane-stance"),
            // Rising from the knees or the ground, and stepping out of a stance without a lead, ends in some stance
            // that was not named; a short front stance is the least that can be meant.
            "rise" when move.Kick is { Landing: Landing.Front or Landing.Back } => new TermId("short-front-stance"),
            "rise" when move.Footwork is { Foot: not null, Way: Way.Back or Way.Forward } => new TermId("short-front-stance"), // "stand up, stepping the left foot back"
            "rise" => new TermId("ready-stance"),
            "fall" => new TermId("lying"),
            "step" when now.Stance.Value is "both-knees" => new TermId("kneeling-stance"), // one foot forward, the other knee stays on the floor
            "step" or "step-back" or "land" or "turn" or "slide" or "slide-back" or "shuffle" or "crescent-step"
                when stances.Of(now.Stance).Feet != FeetKind.Lead && (move.Footwork?.Way is not (Way.Left or Way.Right) || FacesWhereItGoes(now, move))
                => new TermId("short-front-stance"),
            "step" or "slide" or "stomp" when stances.Of(now.Stance).Feet == FeetKind.Single => new TermId("ready-stance"), // the raised foot comes down to the side
            null when move.Kick is { Landing: Landing.Front or Landing.Back } && stances.Of(now.Stance).Feet != FeetKind.Lead => new TermId("short-front-stance"),
            _ => now.Stance,
        };
        if (stance != now.Stance) inferred |= Inferred.Stance;
        return stance;
    }

    /// <summary>"Step to the left, facing left": a step forward on that line.</summary>
    private static bool FacesWhereItGoes(Posture now, Move move) =>
        move is { Footwork: { Kind.Value: "step" or "slide", Way: { } way }, Facing: { } facing } && facing == now.Heading + Ways.TurnOf(way);

    private static Heading HeadingOf(Posture now, Move move, StanceShape shape, StanceSet stances, ref Inferred inferred)
    {
        if (move.Facing is { } facing) return facing;
        if (move.Turn is { } turn) return now.Heading + turn;
        if (move.Footwork is { Kind.Value: "return" })
        {
            inferred |= Inferred.Heading;
            return Heading.Front;
        }
        // "Step to the left into a front stance": a stance with a lead is taken along the way of the step.
        if (move.Footwork is { Kind.Value: "step" or "slide" or "turn" or "crescent-step", Way: { } way } && shape.Feet == FeetKind.Lead
            && way is not (Way.Forward or Way.Back) && !ComesToTheOtherFoot(move, way))
        {
            inferred |= Inferred.Heading;
            return now.Heading + Ways.TurnOf(way);
        }
        if (ShiftsToward(now, move, stances.Of(now.Stance), shape) is { } toTheLead)
        {
            inferred |= Inferred.Heading;
            return now.Heading + toTheLead;
        }
        return now.Heading;
    }

    /// <summary>"Slide the right foot to the left, left cat stance": it comes up to the foot that leads, the body does not turn.</summary>
    private static bool ComesToTheOtherFoot(Move move, Way way) =>
        move is { Footwork.Foot: { } foot, Stance: { Kind.Value: "cat-stance", Lead: { } lead } } && lead == foot.Other && way == foot.Other.Way;

    /// <summary>
    /// The weight shifted into a stance with a lead while the feet stay where they are: out of one in which they stand side by
    /// side to the side of the foot that comes to lead, back into such a stance away from the foot that led, out of the same
    /// stance on the other foot to the other end of its line.
    /// </summary>
    private static Turn? ShiftsToward(Posture now, Move move, StanceShape from, StanceShape shape) => move switch
    {
        { Footwork.Kind.Value: "shift", Stance: not null } when shape.IsStraddle && now is { Lead: { } led, Stance.Value: "bow-stance" or "side-bow-stance" or "front-stance" } => Turn.To(led.Other, 90),
        not { Footwork.Kind.Value: "shift", Stance.Lead: not null } => null,
        _ when shape.Feet != FeetKind.Lead => null,
        { Stance: { } stance } when now.Lead == stance.Lead!.Value.Other && now.Stance == stance.Kind => Turn.To(stance.Lead.Value, 180),
        { Stance.Lead: { } lead } when from.IsStraddle => Turn.To(lead, 90),
        _ => null,
    };

    private static Turn TurnedFor(Posture now, Move move, Heading heading)
    {
        if (move.Turn is { } turn && now.Heading + turn == heading) return turn;
        var shortest = heading - now.Heading;
        // A half turn goes to the side of the foot that was said to move, or of the rear one.
        return shortest.Amount == 180 && (move.Footwork?.Foot ?? now.Lead?.Other) is { } foot ? Turn.To(foot, 180) : shortest;
    }

    private static bool FeetStay(Posture now, Move move, string? kind, TermId stance, Side? statedLead, Turn turned, Heading heading)
    {
        if (heading != now.Heading || turned.Degrees != 0) return false;
        var sameStance = stance == now.Stance && (statedLead is null || statedLead == now.Lead);
        if (kind is "stay" or "bow" or "announce" or "stomp" or "spin" or "fall" or "drop") return sameStance;
        if (kind is "hop" or "jump" or "roll" or "back-roll" or "slide-back") return false;
        if (kind is not null and not "shift" and not "pivot") return false;
        if (move.Kick is { Landing: Landing.Front or Landing.Back }) return false;
        return sameStance;
    }

    private static Side? MovingFoot(Posture now, Move move, string? kind, Side? statedLead, Turn turned, Side? kicking, ref Inferred inferred)
    {
        if (move.Footwork?.Foot is { } said) return said;
        if (kicking is not null && (kind is null or "land" || kind is "spin" or "jump" && move.Kick?.Landing is Landing.Front or Landing.Back || kind is "stay" && move.Kick?.Landing is not null)) return kicking ?? now.KickingFoot ?? statedLead ?? now.Lead?.Other ?? FirstStep;
        if (kind is "slide" or "shuffle" or "slide-back" or "hop" or "jump" or "roll" or "back-roll"
            && now.Lead is not null && statedLead is null) return null;
        inferred |= Inferred.Foot;
        var sideways = move.Footwork?.Way switch
        {
            Way.Left or Way.ForwardLeft or Way.BackLeft => Side.Left,
            Way.Right or Way.ForwardRight or Way.BackRight => Side.Right,
            _ => (Side?)null,
        };
        var back = kind is "step-back" || move.Footwork?.Way == Way.Back;
        return kind switch
        {
            "cross-front" or "cross-behind" => statedLead is { } crossing
                ? kind == "cross-front" ? crossing : crossing.Other
                : sideways?.Other ?? now.Lead?.Other ?? FirstStep,
            "pull-together" or "switch" or "kneel" or "rise" => now.Lead?.Other ?? Side.Right,
            "land" when now.KickingFoot is { } kicked => kicked,
            "return" => now.Lead ?? FirstStep,
            "lift-foot" => statedLead?.Other ?? now.Lead ?? FirstStep,
            _ when back => statedLead?.Other ?? now.Lead ?? Side.Right,
            // Out of feet that stand side by side the block says it; else they take turns.
            _ => statedLead ?? (turned.Degrees != 0 ? SideOfTheBlock(move) : null) ?? turned.Side ?? sideways ?? now.Lead?.Other
                ?? SideOfTheBlock(move) ?? now.Moved?.Other ?? FirstStep,
        };
    }

    /// <summary>
    /// The hand of a low, rising or knife-hand block with which one turns into a stance is the one over the leading foot.
    /// Common practice; the other blocks are done as often over the rear one.
    /// </summary>
    private static Side? SideOfTheBlock(Move move) =>
        move.Stance is not null && move.Hands is [{ Technique.Value: "low-block" or "rising-block" or "knife-hand-block", Hand: Hand.Left or Hand.Right } block] ? block.Hand == Hand.Left ? Side.Left : Side.Right : null;

    private static Side LeadAfter(Posture now, Move move, string? kind, Side? moved, Turn turned, StanceShape shape)
    {
        if (shape.Feet == FeetKind.Single) return moved?.Other ?? now.Lead ?? Side.Right;
        // A foot that has crossed over and then turned comes to lie on the other side: crossed behind it leads, in front it
        // follows. Turning to its own side it cannot have crossed in front: it has come round, and leads.
        if (moved is not null && turned.Amount > 90 && kind is "cross-front" or "cross-behind") return kind == "cross-behind" || turned.Side == moved ? moved.Value : moved.Value.Other;
        // A foot that leads and slides back into a cat stance is only drawn nearer.
        if (kind is "slide-back" && move.Stance is { Kind.Value: "cat-stance" } && moved == now.Lead && turned.Degrees == 0) return moved!.Value;
        // Stepping back and turning about puts that foot where one then faces.
        if (moved is { } behind && turned.Amount >= 135 && kind is "step-back") return behind;
        // A foot that kicked and is set down with a turn lands in front or behind: the block is over the leading one.
        if (kind is "land" && turned.Degrees != 0 && SideOfTheBlock(move) is { } over) return over;
        // The weight goes onto the rear leg of a stance that rests there, onto the front leg of the others.
        if (kind is "shift" && move.Footwork?.Foot is { } onto) return shape.LeadWeight < 50 ? onto.Other : onto;
        if (moved is { } foot)
            // The knee that goes down is behind.
            return kind is "step-back" or "slide-back" or "cross-behind" or "kneel" || move.Footwork?.Way is Way.Back or Way.BackLeft or Way.BackRight
                   || move.Kick is { Landing: Landing.Back } ? foot.Other : foot;
        // Turning on the spot past a right angle exchanges front and rear; less keeps the lead.
        if (now.Lead is { } lead) return turned.Amount > 90 ? lead.Other : lead;
        return turned.Side ?? FirstStep;
    }

    private static Side Infer(Side side, ref Inferred inferred)
    {
        inferred |= Inferred.Foot;
        return side;
    }
}
