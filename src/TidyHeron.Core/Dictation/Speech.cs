using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Says moves back in words. Only what was written is said, so that reading the words again gives the same move;
/// notes are not part of the words.
/// </summary>
public static class Speech
{
    private static readonly string[] Hours = ["twelve", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven"];

    /// <summary>One move in words, such as "step with the left foot, left front stance, left hand low block".</summary>
    public static string Say(Move move, Conventions ways)
    {
        var parts = new List<string>();
        Feet(parts, move, ways);
        if (move.SetOnTop is { } top) parts.Add($"set {top.Word} over {top.Other.Word}");
        if (move.Kick is { } kick) parts.Add(Kick(kick, ways));
        // The name of a lunge punch alone would be read as a step.
        var nothingButHands = move is { Footwork: null, Turn: null, Facing: null, Stance: null, Kick: null };
        string Hand(HandAction action) => (nothingButHands && action is { Hand: null, Technique.Value: "lunge-punch" } ? "hand " : "") + Hands(action, ways);
        if (move.Hands.Count > 0) parts.Add((move.Kick is null ? "" : "while ") + string.Join(" while ", move.Hands.Select(Hand)));
        if (move.Weapon is { } weapon) parts.Add(Weapon(weapon));
        if (move.Gaze is { } gaze) parts.Add(Gaze(gaze));
        if (move.Breath is { } breath) parts.Add(Breath(breath));
        if (move.Tempo is { } tempo) parts.Add(Tempo(tempo));
        if (move.Shout) parts.Add("shout");
        return string.Join(", ", parts.Where(p => p.Length > 0));
    }

    /// <summary>The feet alone: footwork, turn, facing and stance.</summary>
    public static string SayFeet(Move move, Conventions ways)
    {
        var parts = new List<string>();
        Feet(parts, move, ways);
        return string.Join(", ", parts);
    }

    /// <summary>The hands and the kick alone, with the voice.</summary>
    public static string SayHands(Move move, Conventions ways)
    {
        var parts = new List<string>();
        if (move.Kick is { } kick) parts.Add(Kick(kick, ways));
        parts.AddRange(move.Hands.Select(h => Hands(h, ways)));
        if (move.Weapon is { } weapon) parts.Add(Weapon(weapon));
        if (move.Shout) parts.Add("shout");
        return string.Join(", ", parts);
    }

    /// <summary>One hand action in words.</summary>
    public static string Hands(HandAction action, Conventions ways)
    {
        var level = action.Level is { } l ? LevelWord(l) + " level " : "";
        var hand = action.Hand switch { Hand.Left => "left hand ", Hand.Right => "right hand ", Hand.Both => "both hands ", _ => "" };
        var empty = ways.IsArmed && WeaponWords.AreShared(action.Technique) && ways.Vocabulary.Find(action.Technique) is { IsWeapon: false } ? "empty-hand " : "";
        return hand + level + empty + ways.Vocabulary.Name(action.Technique, ways.Tradition);
    }

    /// <summary>A kick in words.</summary>
    public static string Kick(Kick kick, Conventions ways)
    {
        var foot = kick.Foot is { } f ? f.Word + " foot " : "";
        var level = kick.Level is { } l ? LevelWord(l) + " level " : "";
        var landing = kick.Landing switch
        {
            Landing.Front => " landing in front",
            Landing.Back => " landing behind",
            Landing.SamePlace => " landing in the same place",
            _ => "",
        };
        return foot + level + ways.Vocabulary.Name(kick.Technique, ways.Tradition) + landing;
    }

    /// <summary>How the weapon is led, in words: "left hand leads the grip, tip at eye height".</summary>
    public static string Weapon(WeaponUse weapon)
    {
        var parts = new List<string>();
        if (weapon.Leads is { } lead) parts.Add($"{lead.Word} hand leads the grip");
        if (weapon.From is { } side) parts.Add($"strike from the {side.Word} side");
        if (weapon.Tip is { } tip)
            parts.Add(tip switch
            {
                TipHeight.Floor => "tip on the floor",
                TipHeight.Overhead => "tip overhead",
                TipHeight.Eyes => "tip at eye height",
                _ => $"tip at {tip.ToString().ToLowerInvariant()} height",
            });
        if (weapon.Stop is { } stop)
            parts.Add(stop switch
            {
                StopPlace.UnderArm => "stopping under the arm",
                StopPlace.FullReach => "stopping at full reach",
                _ => $"stopping at the {stop.ToString().ToLowerInvariant()}",
            });
        return string.Join(", ", parts);
    }

    /// <summary>A heading in the reader's own habit: "nine o'clock", "the left wall", "270°".</summary>
    public static string Heading(Heading heading, DirectionHabit habit) => habit switch
    {
        DirectionHabit.Clock when heading.Degrees % 30 == 0 => $"{Hours[heading.Degrees / 30]} o'clock",
        DirectionHabit.Clock when heading.Degrees % 15 == 0 => $"{(heading.Degrees < 30 ? 12 : heading.Degrees / 30)}:30",
        DirectionHabit.Words => heading.Degrees switch
        {
            0 => "the front wall",
            45 => "front right corner",
            90 => "the right wall",
            135 => "back right corner",
            180 => "the back wall",
            225 => "back left corner",
            270 => "the left wall",
            315 => "front left corner",
            _ => $"{heading.Degrees} degrees",
        },
        _ => $"{heading.Degrees} degrees",
    };

    /// <summary>A stance with its leading foot: "left front stance".</summary>
    public static string Stance(TermId stance, Side? lead, Conventions ways) =>
        lead is not { } side ? ways.Vocabulary.Name(stance, ways.Tradition)
        // Where schools name a stance by its rear foot, only saying which foot leads is plain.
        : ways.Stances.Of(stance).NamedByRearFoot ? $"{ways.Vocabulary.Name(stance, ways.Tradition)} with the {side.Word} foot leading"
        : $"{side.Word} {ways.Vocabulary.Name(stance, ways.Tradition)}";

    /// <summary>A turn in words: "turn 90 degrees left".</summary>
    public static string Turn(Turn turn) => turn.Side is { } side ? $"turn {turn.Amount} degrees {side.Word}" : "turn 0 degrees right";

    private static void Feet(List<string> parts, Move move, Conventions ways)
    {
        if (move.Footwork is { } footwork)
        {
            // A plain turn is said by the turn itself.
            var silent = footwork is { Kind.Value: "turn", Foot: null, Way: null } && move.Turn is not null;
            if (!silent)
            {
                var foot = footwork.Foot is { } f ? $" with the {f.Word} foot" : "";
                parts.Add(ways.Vocabulary.Name(footwork.Kind, ways.Tradition) + foot + (footwork.Way is { } way ? " " + WayWord(way) : ""));
            }
        }
        if (move.Pivot is { } pivot) parts.Add(pivot == PivotPoint.Heel ? "pivoting on the heel" : "pivoting on the ball of the foot");
        if (move.Turn is { } turn) parts.Add(Turn(turn));
        if (move.Facing is { } facing) parts.Add("facing " + Heading(facing, ways.Directions));
        // Some schools name every back stance by its rear foot: against the foot that moves, the lead is said plainly.
        if (move.Stance is { Kind.Value: "back-stance", Lead: { } lead } back && move.Footwork is { Kind.Value: "step" or "turn" or "slide", Foot: { } moving, Way: not Way.Back } && moving != lead)
            parts.Add($"{ways.Vocabulary.Name(back.Kind, ways.Tradition)} with the {lead.Word} foot leading");
        else if (move.Stance is { } stance) parts.Add(Stance(stance.Kind, stance.Lead, ways));
    }

    private static string WayWord(Way way) => way switch
    {
        Way.Forward => "forward",
        Way.Back => "backward",
        Way.Left => "to the left",
        Way.Right => "to the right",
        Way.ForwardLeft => "diagonally forward left",
        Way.ForwardRight => "diagonally forward right",
        Way.BackLeft => "diagonally back left",
        _ => "diagonally back right",
    };

    private static string LevelWord(Level level) => level switch { Level.Low => "low", Level.High => "high", _ => "middle" };

    private static string Gaze(Gaze gaze) => gaze switch
    {
        Notation.Gaze.Ahead => "look straight ahead",
        Notation.Gaze.AlongTechnique => "look along the technique",
        Notation.Gaze.OverShoulder => "look over the shoulder",
        Notation.Gaze.Down => "look down",
        Notation.Gaze.Left => "look to the left",
        _ => "look to the right",
    };

    private static string Breath(Breath breath) => breath switch
    {
        Notation.Breath.In => "breathe in",
        Notation.Breath.Out => "breathe out",
        Notation.Breath.LongOut => "long audible breath",
        _ => "silent breath",
    };

    private static string Tempo(Tempo tempo) => tempo switch
    {
        Notation.Tempo.Fast => "fast",
        Notation.Tempo.Slow => "slow",
        Notation.Tempo.SlowWithTension => "slow with tension",
        Notation.Tempo.Held => "and hold",
        _ => "without a pause",
    };
}
