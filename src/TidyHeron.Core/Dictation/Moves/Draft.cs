using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>A move while it is being said.</summary>
internal sealed class Draft
{
    public MoveId Id { get; init; } = MoveId.New();
    public Counting Counting { get; set; } = Counting.Own;
    public string? Footwork { get; set; }
    public Side? Foot { get; set; }
    /// <summary>Another foot named after it in the same breath: the one that kicks, if one does.</summary>
    public Side? SecondFoot { get; set; }
    public Way? Way { get; set; }
    public PivotPoint? Pivot { get; set; }
    public int? TurnAmount { get; set; }
    public Side? TurnSide { get; set; }
    public Heading? Facing { get; set; }
    /// <summary>A direction named without "facing": for a stance without a lead it says where the step goes.</summary>
    public bool FacingIsLoose { get; set; }

    /// <summary>"Step the right foot back to three o'clock": the facing was told as where a foot goes that steps back.</summary>
    public bool FootGoesBackThere { get; set; }
    public TermId? Stance { get; set; }
    public Side? Lead { get; set; }
    /// <summary>"Left foot leading": said so that it cannot be the name of the stance.</summary>
    public bool LeadIsPlain { get; set; }
    public Side? SetOnTop { get; set; }
    public List<HandAction> Hands { get; } = [];
    public Kick? Kick { get; set; }
    public WeaponUse? Weapon { get; set; }
    public Gaze? Gaze { get; set; }
    /// <summary>To which side the eyes were said to go.</summary>
    public Side? EyesTo { get; set; }
    /// <summary>The eyes were said to go there before anything was said to move.</summary>
    public bool LooksFirst { get; set; }
    /// <summary>"Draw", "pull", "slide": the foot stays near the floor and near the other one.</summary>
    public bool Drawn { get; set; }
    /// <summary>It was begun with its sentence.</summary>
    public bool BeginsSentence { get; set; }
    /// <summary>"Left foot back to the centre": the foot came beside the other one, facing the front.</summary>
    public bool CameToTheCentre { get; set; }
    /// <summary>"With a low block, step forward": what the hands do was told before what the feet do.</summary>
    public bool HandsFirst { get; set; }
    /// <summary>It was begun with "then": the second half of one number.</summary>
    public bool AfterThen { get; set; }
    /// <summary>"Off the line": the foot goes aside, the body does not turn.</summary>
    public bool OffTheLine { get; set; }
    /// <summary>"Horse stance sideways": the side is where the front was.</summary>
    public bool IsSideways { get; set; }
    /// <summary>A technique of both hands was told hand by hand.</summary>
    public bool HandsParted { get; set; }
    /// <summary>"Round the back": over the other shoulder, the longer way.</summary>
    public bool LongWay { get; set; }

    /// <summary>"Turn left the long way round": to that side, three quarters; "to the right by going round the back" is three quarters to the other.</summary>
    public bool FarRound { get; set; }
    /// <summary>"Cross the right foot in front of the left and turn": it uncrosses away from that foot.</summary>
    public bool CrossedBefore { get; set; }
    /// <summary>"Turn around": half a turn unless a number of degrees follows.</summary>
    public bool TurnedAround { get; set; }
    /// <summary>The step was not said but taken for granted; words for it may follow.</summary>
    public bool StepAssumed { get; set; }
    /// <summary>The foot was told by a bare side, which may have meant the way.</summary>
    public bool FootFromSide { get; set; }
    /// <summary>"Stand", said where one stands already.</summary>
    public bool Stands { get; set; }
    /// <summary>"Mawatte", the turn of the basics.</summary>
    public bool IsMawatte { get; set; }
    /// <summary>"Bring": the foot is fetched to somewhere.</summary>
    public bool Brought { get; set; }
    /// <summary>"The foot comes back": it may come round as well as go backwards.</summary>
    public bool CameBack { get; set; }
    /// <summary>What the hands do for the salute that is said in the same sentence.</summary>
    public bool SalutesNext { get; set; }
    /// <summary>"Again with the right foot, turning left, double block": like the one before, as far as it is not told.</summary>
    public bool IsAgain { get; set; }
    /// <summary>"Half a step".</summary>
    public bool HalfStep { get; set; }
    public Breath? Breath { get; set; }
    public Tempo? Tempo { get; set; }
    public bool Shout { get; set; }
    public List<string> Notes { get; } = [];
    /// <summary>"Pull the right foot back": beside the other one, unless a stance says that it goes past.</summary>
    public bool PulledBack { get; set; }
    public bool IsOpening { get; set; }
    /// <summary>"You've just landed in …": where one stands as the words begin; it takes no count.</summary>
    public bool IsWhereWeAre { get; set; }
    public bool SentenceEnded { get; set; }
    /// <summary>Called with a number: whatever it is, it takes the count.</summary>
    public bool IsNumbered { get; init; }
    /// <summary>Where in the text its number stands.</summary>
    public int CalledAt { get; init; }

    /// <summary>Half a turn, unless how far has been said.</summary>
    public void TurnAround()
    {
        if (TurnAmount is null) (TurnAmount, TurnedAround) = (180, true);
    }

    public bool HasHands => Hands.Count > 0;
    public bool IsDone => HasHands || Kick is not null;
    /// <summary>"Hold the ball": the hands make ready between two moves.</summary>
    public bool HoldsOnlyTheBall => Kick is null && HasHands && Hands.All(h => h.Technique.Value == "hold-the-ball");
    public bool HasTurn => TurnAmount is not null || TurnSide is not null;
    public bool IsTurning => Footwork is "turn" or "pivot" or "spin";

    /// <summary>Whether anything was said that makes it a move of its own.</summary>
    public bool HasBody => Footwork is not null || HasTurn || Facing is not null || Stance is not null || IsDone || Foot is not null || Way is not null;

    /// <summary>A shout or a remark and nothing else: it speaks of the move before.</summary>
    public bool IsOnlyVoice => !HasBody && Gaze is null && Breath is null && Tempo is null && SetOnTop is null && Weapon is null && Pivot is null && Lead is null;

    public bool IsEmpty => !HasBody && Gaze is null && Breath is null && Tempo is null && !Shout && SetOnTop is null && Weapon is null && Pivot is null && Notes.Count == 0 && Lead is null;

    /// <summary>The move as far as it was said.</summary>
    /// <param name="before">Where the performer stands before it.</param>
    /// <param name="standing">The foot that leads before it: a turn without a side swings that one round (common practice in forms).</param>
    /// <param name="isEven">Whether the stance, or the present one, has no lead.</param>
    public Move ToMove(Heading before, Side? standing, bool isEven)
    {
        var footwork = Footwork;
        if (footwork is null && (Foot is not null || Way is not null)) footwork = Way is Notation.Way.Back ? "step-back" : "step";
        if (footwork is null && HasTurn) footwork = "turn";
        var way = Way;
        if (footwork is "step-back" or "slide-back" && way == Notation.Way.Back) way = null;
        if (footwork is "step" && way == Notation.Way.Back) (footwork, way) = ("step-back", null);
        if (footwork is "slide" && way == Notation.Way.Back) (footwork, way) = ("slide-back", null);
        if (way == Notation.Way.Forward && footwork is not "jump" and not "hop" and not "rise") way = null; // every step goes forward unless said otherwise

        var facing = Facing;
        if (facing is { } loose && FacingIsLoose && isEven && Stance is not null && footwork is "step" or "slide" && !HasTurn && facing is { } to)
        {
            if (WayTo(before, to) is { } sideways) (way, facing) = (sideways, null);
        }

        // "Turn around to the left … facing the back": where one faces then says how far.
        var loosely = TurnedAround && facing is { } seen && before + Turn.To(TurnSide ?? Side.Right, TurnAmount ?? 0) != seen;
        Turn? turn = TurnAmount is { } amount && !loosely
            ? Turn.To(TurnSide ?? (CrossedBefore ? Foot?.Other : Foot) ?? Lead ?? (amount is 45 or 270 ? SideOf(Hands) ?? standing?.Other : standing) ?? Side.Right, amount)
            : TurnSide is { } side ? Turn.To(side, footwork == "spin" ? 360 : before.Degrees % 90 == 45 && Facing is null && footwork is "turn" ? 135 : 90) : null;
        // "Turn" with a direction to face needs no amount; "turn around" and a bare turn are half turns.
        if (turn is null && footwork is "turn" or "pivot" or "spin" && facing is null && Footwork is not null && way is null)
            turn = footwork == "spin" ? Turn.To(Foot ?? Lead ?? standing ?? Side.Right, 360) : BareTurn();
        // "Turn left to face nine o'clock": the side and the facing together say how far.
        if ((TurnAmount is null || loosely) && TurnSide is { } toward && facing is { } target)
        {
            var shortest = target - before;
            turn = shortest.Amount == 0 ? footwork is "step" ? null : Turn.To(toward, 360)
                : shortest.Side == toward || shortest.Amount == 180 ? Turn.To(toward, shortest.Amount)
                : Turn.To(toward, 360 - shortest.Amount);
        }

        if (LongWay && turn is null && facing is { } there && (there - before) is { Amount: > 0 and < 180 } direct) turn = direct;
        if (FarRound && facing is null && TurnAmount is null && TurnSide is { } told) turn = Turn.To(told, 270);
        else if (LongWay && turn is { Amount: < 180, Side: { } near } shorter) turn = Turn.To(near.Other, 360 - shorter.Amount);
        if (OffTheLine && way is not null && turn is null) facing ??= before;

        return new Move(Id)
        {
            Counting = Counting,
            Footwork = footwork is null ? null : new Footwork(new TermId(footwork), Foot, way),
            Pivot = Pivot,
            Turn = turn,
            Facing = facing,
            Stance = Stance is { } stance ? new StanceTaken(stance, isEven ? null : Lead) : null,
            SetOnTop = SetOnTop,
            Hands = Hands.ToValueList(),
            Kick = Kick,
            Weapon = Weapon,
            Gaze = Gaze,
            Breath = Breath,
            Tempo = Tempo,
            Shout = Shout,
            Note = string.Join("; ", Notes),
        };

        // To a diagonal and over three quarters of a circle the rear foot goes, to its own side, or that of the hand that works.
        static Side? SideOf(List<HandAction> hands) => hands is [{ Hand: Hand.Left or Hand.Right } only] ? only.Hand == Hand.Left ? Side.Left : Side.Right : null;

        // "Turn into a left bow" out of a stance without a lead: a quarter to that side. With a lead, about face.
        Turn? BareTurn() => Footwork == "turn" && standing is null && Foot is null && !isEven && Stance is not null && !IsMawatte && Lead is { } toThere ? Turn.To(toThere, 90) : Footwork == "turn" ? Turn.To(Foot ?? Lead ?? standing ?? Side.Right, before.Degrees % 90 == 45 ? 135 : 180) : null; // from a diagonal to the line
    }

    internal static Way? WayTo(Heading from, Heading to) => (to - from).Degrees switch
    {
        90 => Notation.Way.Right,
        -90 => Notation.Way.Left,
        180 => Notation.Way.Back,
        45 => Notation.Way.ForwardRight,
        -45 => Notation.Way.ForwardLeft,
        135 => Notation.Way.BackRight,
        -135 => Notation.Way.BackLeft,
        _ => null,
    };
}
