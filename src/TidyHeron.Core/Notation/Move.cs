namespace TidyHeron.Core.Notation;

/// <summary>Stable name of a move; it survives inserting, reordering and re-cutting.</summary>
public readonly record struct MoveId(string Value)
{
    /// <summary>A new name that no other move has.</summary>
    public static MoveId New() => new(Guid.NewGuid().ToString("N")[..12]);

    public override string ToString() => Value;
}

/// <summary>Name of a term in the vocabulary, such as <c>front-stance</c>.</summary>
public readonly record struct TermId(string Value)
{
    public override string ToString() => Value;
}

/// <summary>How a move takes part in the counting. The numbers themselves are computed, never written.</summary>
public enum Counting
{
    /// <summary>Called with a number of its own.</summary>
    Own,
    /// <summary>On the number of the move above, after it.</summary>
    Then,
    /// <summary>On the number of the move above, at the same time.</summary>
    Together,
    /// <summary>Without a number: bow, ready position, closing.</summary>
    Uncounted,
}

/// <summary>Height at which a technique is aimed.</summary>
public enum Level { Low, Middle, High }

/// <summary>Direction of a step, seen from the performer's heading before the move.</summary>
public enum Way { Forward, Back, Left, Right, ForwardLeft, ForwardRight, BackLeft, BackRight }

/// <summary>Where a kicking foot comes down.</summary>
public enum Landing { Front, Back, SamePlace }

/// <summary>Pace of one move.</summary>
public enum Tempo { Fast, Slow, SlowWithTension, Held, FiredTogether }

/// <summary>Breath of one move.</summary>
public enum Breath { In, Out, LongOut, Silent }

/// <summary>Where the eyes are.</summary>
public enum Gaze { Ahead, AlongTechnique, OverShoulder, Down, Left, Right }

/// <summary>What the feet do.</summary>
/// <param name="Kind">Footwork term, such as <c>step</c> or <c>pivot</c>.</param>
/// <param name="Foot">The foot that moves, where it was said.</param>
/// <param name="Way">The direction of the step, where it was said.</param>
public sealed record Footwork(TermId Kind, Side? Foot = null, Way? Way = null);

/// <summary>The stance landed in.</summary>
/// <param name="Kind">Stance term.</param>
/// <param name="Lead">The leading foot, where it was said and the stance has one.</param>
public sealed record StanceTaken(TermId Kind, Side? Lead = null);

/// <summary>What one hand, or both, do.</summary>
/// <param name="Technique">Technique term.</param>
/// <param name="Hand">The hand, where it was said.</param>
/// <param name="Level">The level, where it was said.</param>
public sealed record HandAction(TermId Technique, Hand? Hand = null, Level? Level = null);

/// <summary>A kick, knee or sweep.</summary>
/// <param name="Technique">Technique term.</param>
/// <param name="Foot">The kicking foot, where it was said.</param>
/// <param name="Level">Target height, where it was said.</param>
/// <param name="Landing">Where the foot comes down, where it was said.</param>
public sealed record Kick(TermId Technique, Side? Foot = null, Level? Level = null, Landing? Landing = null);

/// <summary>How high the weapon's tip is when the move ends.</summary>
public enum TipHeight { Floor, Knee, Belt, Chest, Eyes, Overhead }

/// <summary>Where a weapon that has struck comes to rest.</summary>
public enum StopPlace { Shoulder, UnderArm, Belt, Hip, Forearm, FullReach }

/// <summary>On which part of the foot that stays the body turns.</summary>
public enum PivotPoint { Heel, Ball }

/// <summary>How the weapon is led. The line of a strike (overhead, diagonal, rising …) is its technique.</summary>
/// <param name="Leads">The hand nearer the striking end, where it was said.</param>
/// <param name="From">The side that the strike comes from, where it was said.</param>
/// <param name="Tip">How high the tip ends.</param>
/// <param name="Stop">Where the weapon comes to rest.</param>
public sealed record WeaponUse(Side? Leads = null, Side? From = null, TipHeight? Tip = null, StopPlace? Stop = null)
{
    public bool IsEmpty => this == new WeaponUse();
}

/// <summary>Another accepted way of doing the same move.</summary>
/// <param name="Whose">Whose way it is, in the school's words: a person, a branch, "older version".</param>
/// <param name="Way">The move done that way; it has no alternatives of its own.</param>
public sealed record Alternative(string Whose, Move Way);

/// <summary>A finding that the instructor has looked at and lets stand. It holds until the move is changed.</summary>
/// <param name="Rule">The rule that found it.</param>
/// <param name="Message">What it said; a finding that says something else is a new one.</param>
/// <param name="Reason">Why it may stand.</param>
public sealed record Acceptance(string Rule, string Message, string Reason);

/// <summary>
/// One move as the instructor wrote it. A part that is null was not said; what follows from it is computed by
/// <see cref="Body.Walk"/>, never written back.
/// </summary>
public sealed record Move(MoveId Id)
{
    public Counting Counting { get; init; } = Counting.Own;
    public Footwork? Footwork { get; init; }
    /// <summary>On which part of the foot that stays the body turns, where it was said; otherwise its middle stays.</summary>
    public PivotPoint? Pivot { get; init; }
    /// <summary>The turn as said.</summary>
    public Turn? Turn { get; init; }
    /// <summary>The direction faced afterwards, as said.</summary>
    public Heading? Facing { get; init; }
    public StanceTaken? Stance { get; init; }
    /// <summary>Which hand lies on top while the hands load ("set right over left").</summary>
    public Side? SetOnTop { get; init; }
    /// <summary>What the hands do, in the order said. Two entries for one hand are a finding, not an error.</summary>
    public ValueList<HandAction> Hands { get; init; } = [];
    public Kick? Kick { get; init; }
    /// <summary>How the weapon is led, where it was said.</summary>
    public WeaponUse? Weapon { get; init; }
    public Gaze? Gaze { get; init; }
    public Breath? Breath { get; init; }
    public Tempo? Tempo { get; init; }
    /// <summary>Whether the move carries a shout.</summary>
    public bool Shout { get; init; }
    /// <summary>How much longer (or, negative, shorter) than its stance the step is taken, in centimetres; 0 for as it comes.</summary>
    public double StepAdjustCm { get; init; }
    /// <summary>How long the move takes at full speed, in seconds, where it was timed.</summary>
    public double? Seconds { get; init; }
    /// <summary>Watch-points, intent and anything else worth keeping, in the instructor's words.</summary>
    public string Note { get; init; } = "";

    /// <summary>Other accepted ways of doing it.</summary>
    public ValueList<Alternative> Alternatives { get; init; } = [];
    /// <summary>Findings at this move that the instructor lets stand.</summary>
    public ValueList<Acceptance> Accepted { get; init; } = [];

    /// <summary>Whether the move says nothing at all.</summary>
    public bool IsEmpty => this == new Move(Id) { Counting = Counting };
}

/// <summary>Views of a move.</summary>
public static class Moves
{
    // Not a member of the record: its text would print the deed, whose text would print its deed, and so on.
    extension(Move move)
    {
        /// <summary>What is done, without what is only remarked about it.</summary>
        public Move Deed => move with { Note = "", Alternatives = [], Accepted = [] };
    }
}
