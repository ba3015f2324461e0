using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>The ways in which a count of a made-up form moves.</summary>
internal enum Going
{
    Turn, Step, StepBack, OnTheSpot, SideStep, WideStep, Kick, Same, Diagonal, KickBack, ThreeSteps,
    Shuffle, CrossBehind, Together, Shift, PivotAround, Kneel, Rise, Jump, Passage,
    CrossInFront, DrawBack, ShuffleBack, SwitchFeet, JumpTurn, PivotAQuarter, DrawFromTheKnees,
}

/// <summary>What a hand does, or both together; the height only where it is told.</summary>
/// <param name="Hand">None where both do it, where the weapon does, or where nobody says which.</param>
internal sealed record Done(Side? Hand, string Technique, Level? Level = null)
{
    /// <summary>The height meant: the technique's own where none is told.</summary>
    public Level? Height => Level ?? Vocabulary.Standard.Find(new TermId(Technique))?.DefaultLevel;

    public Done Mirrored => this with { Hand = Hand?.Other };

    public override string ToString() => $"{Hand?.Word ?? "no"} {Technique} {Height}";
}

/// <summary>One count of a made-up form: how one gets there, and what it comes to.</summary>
internal sealed record MadeUpCount
{
    public required Going Going { get; init; }
    /// <summary>Whether nothing went before it.</summary>
    public bool IsFirst { get; init; }
    /// <summary>Degrees in the hall before it.</summary>
    public int From { get; init; }
    public int Heading { get; init; }
    /// <summary>Degrees of the turn.</summary>
    public int Amount { get; init; }
    public Side Side { get; init; }
    /// <summary>The foot that moves.</summary>
    public Side Foot { get; init; }
    /// <summary>Whether one foot led before, so that which one steps need not be said.</summary>
    public bool FootIsPlain { get; init; }
    public Side Lead { get; init; }
    public required string Stance { get; init; }
    public required List<Done> Hands { get; init; }
    public string Kick { get; init; } = "";
    public bool Shout { get; init; }
    /// <summary>The counts that are done again at once, as they come to be.</summary>
    public List<MadeUpCount> Passage { get; init; } = [];
    /// <summary>Which number the first and the last of those had that are done again.</summary>
    public (int First, int Last) Repeats { get; init; }

    /// <summary>Whether a foot leads in its stance.</summary>
    public bool Leads => MadeUpForm.Leads(Stance);

    /// <summary>What the reader should have understood, in one line.</summary>
    public string Meant => $"{Heading} {(Leads ? Lead.Word : "none")} {Stance}, {string.Join(" then ", Hands)}{(Kick.Length > 0 ? ", " + Kick : "")}{(Shout ? ", shout" : "")}";
}

/// <summary>Makes up forms: any sequence of counts that a body can do, empty-handed or with a weapon.</summary>
/// <param name="school">"staff", "sword", "sticks", "soft", the name of a tradition whose words alone are used, or nothing.</param>
internal sealed class MadeUpForm(Random random, string school)
{
    private static readonly string[] Stances = ["front", "front", "front", "front", "back", "back", "cat", "short-front", "bow", "walking", "fixed", "rooted"];
    private static readonly string[] Blocks = ["low-block", "rising-block", "inside-block", "outside-block", "middle-block", "knife-hand-block", "palm-block", "augmented-block", "pressing-block", "scooping-block"];
    private static readonly string[] Strikes = ["punch", "punch", "punch", "back-fist", "hammer-fist", "uppercut", "vertical-punch", "hook-punch", "knife-hand-strike", "palm-strike", "spear-hand", "ridge-hand", "elbow-strike", "rising-elbow"];
    private static readonly string[] BothHands = ["x-block", "high-x-block", "wedge-block", "twin-knife-hand-block", "double-punch"];
    private static readonly string[] StaffTechniques = ["staff-overhead-strike", "staff-diagonal-strike", "staff-thrust", "staff-low-block", "staff-high-block", "staff-side-block", "staff-horizontal-strike", "staff-rising-strike"];
    private static readonly string[] SwordTechniques = ["sword-downward-cut", "sword-diagonal-cut", "sword-rising-cut", "sword-horizontal-cut", "sword-thrust", "sword-parry"];
    private static readonly string[] OutOfTheSheath = ["sword-draw", "sword-horizontal-cut"];
    private static readonly string[] StickTechniques = ["truncheon-strike", "truncheon-strike", "truncheon-block", "truncheon-thrust"];
    private static readonly string[] SoftHand = ["ward-off", "pressing-block", "palm-strike", "palm-strike", "punch", "crane-beak"];
    private static readonly string[] SoftHands = ["roll-back", "double-palm", "hold-the-ball", "arms-crossed", "spread-arms"];
    private static readonly string[] Kicks = ["front-kick", "front-kick", "side-kick", "roundhouse-kick", "back-kick", "inside-crescent-kick", "knee-strike", "axe-kick"];
    /// <summary>Every technique that a made-up form may hold.</summary>
    public static readonly string[] Techniques = [.. Blocks, .. Strikes.Distinct(), .. BothHands, .. StaffTechniques, .. SwordTechniques, OutOfTheSheath[0], .. StickTechniques.Distinct(), .. Kicks.Distinct()];

    /// <summary>Every stance that a made-up form may hold.</summary>
    public static readonly string[] AllStances = [.. Stances.Distinct(), "horse", "closed", "cross", "kneeling"];

    private readonly List<MadeUpCount> _made = [];
    private MadeUpCount? _last;
    private int _heading;
    private Side _lead;
    private string _stance = "ready";

    private bool IsArmed => school is "staff" or "sword";

    private bool IsRomanised => Enum.TryParse<Tradition>(school, out _);

    private bool IsSoft => school == "soft";

    /// <summary>Whether a foot leads in a stance.</summary>
    public static bool Leads(string stance) => stance is not ("ready" or "horse" or "closed");

    /// <summary>Whether both hands do a technique.</summary>
    public static bool IsOfBothHands(string technique) => BothHands.Contains(technique);

    /// <summary>One of several that the tradition has a name for.</summary>
    private string Named(string[] of)
    {
        while (true)
            if (Any(of) is var one && (!Enum.TryParse<Tradition>(school, out var tradition) || (Vocabulary.Standard.Find(new TermId(one + "-stance")) ?? Vocabulary.Standard.Find(new TermId(one)))!.Names.ContainsKey(tradition))) return one;
    }

    private T Any<T>(params IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private bool Perhaps(double chance) => random.NextDouble() < chance;

    /// <summary>A form of a number of counts.</summary>
    /// <param name="isNumbered">Whether each is called: only then do a kick and what the hands do after it surely share a count.</param>
    public List<MadeUpCount> Make(int counts, bool isNumbered) => [.. Enumerable.Range(0, counts).Select(i => Keep(Next(i == counts - 1, isNumbered)))];

    private MadeUpCount Keep(MadeUpCount count)
    {
        _made.Add(count);
        return _last = count;
    }

    /// <summary>What each count should come to: three for three steps that are told at once, as many as are done again of a passage.</summary>
    public static IEnumerable<string> MeantBy(IEnumerable<MadeUpCount> form) => form.SelectMany(c => c.Going == Going.Passage ? c.Passage.Select(p => p.Meant) : c.Going == Going.ThreeSteps ? [Stepped(c, c.Foot), Stepped(c, c.Foot.Other), c.Meant] : new[] { c.Meant });

    private static string Stepped(MadeUpCount count, Side foot) => (count with { Lead = foot, Hands = [new Done(foot, count.Hands[0].Technique)], Shout = false }).Meant;

    private MadeUpCount Next(bool isLast, bool isNumbered)
    {
        // Where counts are called, each that is done again has a number of its own.
        if (!isNumbered && RepeatsAPassage() is { } again) return again;
        var going = Choose(isNumbered);
        if (going == Going.Same)
        {
            _lead = _lead.Other;
            return _last! with { Going = going, From = _heading, Lead = _lead, Foot = _lead, IsFirst = false, Shout = false, Hands = [.. _last.Hands.Select(h => h.Mirrored)] };
        }

        var (from, had) = (_heading, Leads(_stance));
        // Out of a stance with a lead one opens to the side of the rear foot.
        var side = going == Going.PivotAQuarter && had ? _lead.Other : Any(Side.Left, Side.Right);
        var amount = going switch { Going.SideStep => 90, Going.Diagonal => 45, Going.PivotAround or Going.JumpTurn => 180, Going.PivotAQuarter => 90, Going.Turn => _last is null ? 90 : from % 90 != 0 ? Any(45, 90) : Any(90, 90, 180, 270, 45), _ => 0 };
        _heading = ((_heading + (side == Side.Left ? -amount : amount)) % 360 + 360) % 360;
        var foot = going switch
        {
            Going.Step or Going.Kick or Going.KickBack or Going.ThreeSteps or Going.CrossBehind or Going.Together or Going.Kneel or Going.Jump or Going.CrossInFront or Going.SwitchFeet when had => _lead.Other,
            Going.StepBack or Going.OnTheSpot or Going.Shuffle or Going.Shift or Going.Rise or Going.ShuffleBack or Going.DrawBack => _lead,
            Going.PivotAround => _lead.Other,
            Going.SideStep or Going.Diagonal => side,
            Going.PivotAQuarter => side,
            Going.DrawFromTheKnees => Side.Right,
            Going.Turn when amount == 90 && Perhaps(0.7) => side,
            _ => Any(Side.Left, Side.Right),
        };
        TakeStance(going, foot);
        var hands = going switch { Going.KickBack => [], Going.ThreeSteps => [new Done(_lead, Any("punch", "rising-block", "low-block"))], _ => Hands(going, isLast) };
        return new MadeUpCount
        {
            Going = going, IsFirst = _last is null, From = from, Heading = _heading, Amount = amount, Side = side, Foot = foot, FootIsPlain = had, Lead = _lead, Stance = _stance,
            Hands = hands, Kick = going is Going.Kick or Going.KickBack ? Named(Kicks) : "", Shout = isLast && Perhaps(0.6),
        };
    }

    /// <summary>The last two counts once more, where two steps can be taken again, or those since a turn on the other side.</summary>
    private MadeUpCount? RepeatsAPassage()
    {
        if (IsSoft || IsRomanised || _made is not [.., var first, { Going: Going.Step, FootIsPlain: true } second] || !Leads(first.Stance) || !Perhaps(0.4)) return null;
        var (number, passage) = (MeantBy(_made).Count(), new[] { first, second });
        if (first is { Going: Going.Step, FootIsPlain: true })
            return second with { Going = Going.Passage, Shout = false, Repeats = (number - 1, number), Passage = [.. passage] };
        if (first is not { Going: Going.Turn, Amount: 90 } || first.From % 90 != 0 || first.Foot != first.Side) return null;
        _lead = _lead.Other;
        _heading = Across(second.Heading, first.From);
        return second with
        {
            Going = Going.Passage, Shout = false, Repeats = (number - 1, number), Side = first.Side.Other, Lead = _lead, Heading = _heading,
            Passage = [.. passage.Select(c => c with { Lead = c.Lead.Other, Heading = Across(c.Heading, first.From), Hands = [.. c.Hands.Select(h => h.Mirrored)] })],
        };

        static int Across(int heading, int line) => ((2 * line - heading) % 360 + 360) % 360;
    }

    private void TakeStance(Going going, Side foot)
    {
        switch (going)
        {
            case Going.OnTheSpot or Going.KickBack or Going.Shuffle or Going.ShuffleBack: return;
            case Going.SwitchFeet: _lead = foot; return;
            case Going.CrossInFront: (_lead, _stance) = (foot, "cross"); return;
            case Going.PivotAQuarter: (_lead, _stance) = (foot, Leads(_stance) ? "horse" : Any("front", "bow")); return;
            case Going.DrawFromTheKnees: (_lead, _stance) = (foot, "kneeling"); return;
            case Going.ThreeSteps: _lead = foot; return;
            // The foot that goes behind, or the knee that goes down, does not lead.
            case Going.CrossBehind: (_lead, _stance) = (foot.Other, "cross"); return;
            case Going.Kneel: (_lead, _stance) = (foot.Other, "kneeling"); return;
            case Going.Together or Going.DrawBack: (_lead, _stance) = (foot, "closed"); return;
            case Going.WideStep: (_lead, _stance) = (foot, "horse"); return;
            case Going.Shift: _stance = IsSoft ? _stance == "bow" ? "cat" : "bow" : _stance is "back" or "cat" ? "front" : "back"; return;
            case Going.Rise: _stance = "front"; return;
            default:
                _lead = going == Going.StepBack ? foot.Other : foot;
                if (IsSoft)
                {
                    _stance = going == Going.SideStep || Perhaps(0.7) ? "bow" : "cat";
                    return;
                }
                // A foot that leads and is drawn back into a cat stance may lead still.
                _stance = Named(Stances) is var stance && stance == "cat" && going is Going.StepBack or Going.PivotAround ? Named(["front", "bow"]) : stance;
                return;
        }
    }

    private List<Done> Hands(Going going, bool isLast)
    {
        if (going == Going.DrawFromTheKnees) return [.. OutOfTheSheath.Select(t => new Done(null, t))];
        // Hands that are held at the end of a form close it.
        if (IsSoft) return Perhaps(0.4) ? [new Done(null, Any(isLast ? SoftHands[..2] : SoftHands))] : [SoftlyDone(_lead), SoftlyDone(_lead.Other)];
        if (IsArmed) return [new Done(null, Any(school == "staff" ? StaffTechniques : SwordTechniques))];
        if (school != "sticks" && Perhaps(0.08)) return [new Done(null, Named(BothHands))];
        var first = OneHand(Perhaps(0.7) ? _lead : _lead.Other);
        if (going == Going.Kick || !Perhaps(0.25)) return [first];
        var second = OneHand(first.Hand!.Value.Other);
        return second.Technique != first.Technique ? [first, second] : school.Length == 0 ? [first, first.Mirrored] : [first];
    }

    private Done SoftlyDone(Side hand) => Any(SoftHand) is var technique && technique is "palm-strike" or "punch" && Perhaps(0.3) ? new Done(hand, technique, Level.High) : new Done(hand, technique);

    private Done OneHand(Side hand)
    {
        if (school == "sticks") return Any(StickTechniques) is var stick && stick == "truncheon-thrust" ? new Done(hand, stick, Any(Level.Middle, Level.High)) : new Done(hand, stick, Any(Level.Low, Level.Middle, Level.High));
        var technique = Named(Perhaps(0.5) ? Blocks : Strikes);
        var level = Blocks.Contains(technique) || technique is "rising-elbow" or "uppercut" || Perhaps(0.7) ? (Level?)null : technique is "punch" or "palm-strike" ? Any(Level.Low, Level.Middle, Level.High) : Any(Level.Middle, Level.High);
        return new Done(hand, technique, level);
    }

    private Going Choose(bool isNumbered)
    {
        if (_last is null && school == "sword" && Perhaps(0.3)) return Going.DrawFromTheKnees;
        if (_last is null) return IsRomanised ? Any(Going.Turn, Going.Step) : Any(Going.Turn, Going.Step, Going.SideStep);
        if (IsSoft) return ChooseSoftly();
        if (IsRomanised) return AllowedBy(_stance is "horse" or "closed" ? Any(Going.Turn, Going.Step, Going.OnTheSpot) : Any(Going.Turn, Going.Turn, Going.Turn, Going.Step, Going.Step, Going.Step, Going.StepBack, Going.OnTheSpot, Going.WideStep, Going.Kick, Going.Shuffle, Going.Together), isNumbered);
        var going = _stance switch
        {
            "horse" => Any(Going.Turn, Going.Step, Going.OnTheSpot, Going.PivotAQuarter),
            "closed" => Any(Going.Step, Going.OnTheSpot, Going.WideStep),
            "cross" => Any(Going.Step, Going.OnTheSpot),
            "kneeling" => Any(Going.Rise, Going.Rise, Going.OnTheSpot),
            _ => Any(Going.Diagonal, Going.KickBack, Going.ThreeSteps, Going.Same, Going.WideStep, Going.SideStep, Going.Turn, Going.Turn, Going.Turn, Going.Step, Going.Step, Going.Step,
                Going.StepBack, Going.OnTheSpot, Going.Kick, Going.Shuffle, Going.CrossBehind, Going.Together, Going.Shift, Going.PivotAround, Going.Kneel, Going.Jump,
                Going.CrossInFront, Going.DrawBack, Going.ShuffleBack, Going.SwitchFeet, Going.JumpTurn, Going.PivotAQuarter),
        };
        return AllowedBy(going, isNumbered);
    }

    private Going ChooseSoftly() => AllowedBy(_stance switch
    {
        "closed" => Any(Going.Step, Going.OnTheSpot, Going.SideStep),
        _ => Any(Going.Step, Going.Step, Going.Turn, Going.StepBack, Going.OnTheSpot, Going.Shift, Going.Shift, Going.Together, Going.Together, Going.SideStep),
    }, isNumbered: true);

    private Going AllowedBy(Going going, bool isNumbered) => going switch
    {
        // "To the left" off a side line is the hall's for some and the performer's for others.
        Going.SideStep when _heading % 180 != 0 => Going.Turn,
        Going.Diagonal or Going.PivotAQuarter when _heading % 90 != 0 => Going.Step,
        Going.ThreeSteps or Going.Same or Going.Kick or Going.KickBack when IsArmed => Going.Step,
        Going.ThreeSteps when school == "sticks" || isNumbered || _stance is not ("front" or "short-front" or "bow") => Going.Step,
        Going.Same when _last is not { Going: Going.Step, Hands: [{ Hand: not null }] } => Going.Step,
        Going.Kick when !isNumbered => Going.Step,
        _ => going,
    };
}
