using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>The ways in which a count of a made-up form moves.</summary>
internal enum Going { Turn, Step, StepBack, OnTheSpot, SideStep, WideStep, Kick, Same, Diagonal, KickBack, ThreeSteps }

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
    public required List<(Side Hand, string Technique)> Hands { get; init; }
    public string Kick { get; init; } = "";
    public bool Shout { get; init; }

    /// <summary>Whether a technique is done with the staff: both hands hold it.</summary>
    private static bool IsOfTheStaff(string technique) => technique.StartsWith("staff-", StringComparison.Ordinal);

    /// <summary>What the reader should have understood, in one line.</summary>
    public string Meant => $"{Heading} {(Stance == "horse" ? "none" : Lead.Word)} {Stance}, {string.Join(" then ", Hands.Select(h => $"{(IsOfTheStaff(h.Technique) ? "no" : h.Hand.Word)} {h.Technique}"))}{(Kick.Length > 0 ? ", " + Kick : "")}{(Shout ? ", shout" : "")}";
}

/// <summary>Makes up forms: any sequence of counts that a body can do, with a staff or without.</summary>
internal sealed class MadeUpForm(Random random, bool isArmed)
{
    private static readonly string[] Stances = ["front", "front", "front", "back", "cat", "short-front", "bow"];
    internal static readonly string[] Blocks = ["low-block", "rising-block", "inside-block", "outside-block", "knife-hand-block", "palm-block"];
    private static readonly string[] Techniques = [.. Blocks, "punch", "back-fist", "hammer-fist"];
    private static readonly string[] StaffTechniques = ["staff-overhead-strike", "staff-diagonal-strike", "staff-thrust", "staff-low-block", "staff-high-block", "staff-side-block", "staff-horizontal-strike"];

    private MadeUpCount? _last;
    private int _heading;
    private Side _lead;
    private string _stance = "ready";

    private T Any<T>(params IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private bool Perhaps(double chance) => random.NextDouble() < chance;

    /// <summary>A form of a number of counts.</summary>
    /// <param name="isNumbered">Whether each is called: only then do a kick and what the hands do after it surely share a count.</param>
    public List<MadeUpCount> Make(int counts, bool isNumbered) => [.. Enumerable.Range(0, counts).Select(i => _last = Next(i == counts - 1, isNumbered))];

    /// <summary>What each count should come to: three for three steps that are told at once.</summary>
    public static IEnumerable<string> MeantBy(IEnumerable<MadeUpCount> form) => form.SelectMany(c => c.Going == Going.ThreeSteps ? [Stepped(c, c.Foot), Stepped(c, c.Foot.Other), c.Meant] : new[] { c.Meant });

    private static string Stepped(MadeUpCount count, Side foot) => (count with { Lead = foot, Hands = [(foot, count.Hands[0].Technique)], Shout = false }).Meant;

    private MadeUpCount Next(bool isLast, bool isNumbered)
    {
        var going = Choose(isNumbered);
        if (going == Going.Same)
        {
            _lead = _lead.Other;
            return _last! with { Going = going, From = _heading, Lead = _lead, Foot = _lead, IsFirst = false, Shout = false, Hands = [.. _last.Hands.Select(h => (h.Hand.Other, h.Technique))] };
        }

        var (from, had) = (_heading, _stance is not ("ready" or "horse"));
        var side = Any(Side.Left, Side.Right);
        var amount = going switch { Going.SideStep => 90, Going.Diagonal => 45, Going.Turn => _last is null ? 90 : from % 90 != 0 ? Any(45, 90) : Any(90, 90, 180, 270, 45), _ => 0 };
        _heading = ((_heading + (side == Side.Left ? -amount : amount)) % 360 + 360) % 360;
        var foot = going switch
        {
            Going.Step or Going.Kick or Going.KickBack or Going.ThreeSteps when had => _lead.Other,
            Going.StepBack or Going.OnTheSpot => _lead,
            Going.SideStep or Going.Diagonal => side,
            Going.Turn when amount == 90 && Perhaps(0.7) => side,
            _ => Any(Side.Left, Side.Right),
        };
        if (going == Going.ThreeSteps)
        {
            _lead = foot;
        }
        else if (going is not (Going.OnTheSpot or Going.KickBack))
        {
            _lead = going == Going.StepBack ? foot.Other : foot;
            // A foot that leads and is drawn back into a cat stance may lead still.
            _stance = going == Going.WideStep ? "horse" : Any(Stances) is var stance && stance == "cat" && going == Going.StepBack ? "front" : stance;
        }
        var hand = going == Going.ThreeSteps || Perhaps(0.7) ? _lead : _lead.Other;
        var technique = Any(isArmed ? StaffTechniques : Techniques);
        List<(Side, string)> hands = going == Going.KickBack ? [] : [(hand, going == Going.ThreeSteps ? Any("punch", "rising-block", "low-block") : technique)];
        if (!isArmed && going is not (Going.Kick or Going.KickBack or Going.ThreeSteps) && Perhaps(0.25)) hands.Add((hand.Other, Any((isArmed ? StaffTechniques : Techniques).Where(t => t != technique).ToArray())));
        return new MadeUpCount
        {
            Going = going, IsFirst = _last is null, From = from, Heading = _heading, Amount = amount, Side = side, Foot = foot, FootIsPlain = had, Lead = _lead, Stance = _stance,
            Hands = hands, Kick = going is Going.Kick or Going.KickBack ? Any("front-kick", "front-kick", "side-kick", "roundhouse-kick") : "", Shout = isLast && Perhaps(0.6),
        };
    }

    private Going Choose(bool isNumbered)
    {
        if (_last is null) return Any(Going.Turn, Going.Step, Going.SideStep);
        var going = _stance == "horse" ? Any(Going.Turn, Going.Step, Going.OnTheSpot) : Any(Going.Diagonal, Going.KickBack, Going.ThreeSteps, Going.Same, Going.WideStep, Going.SideStep, Going.Turn, Going.Turn, Going.Step, Going.Step, Going.StepBack, Going.OnTheSpot, Going.Kick);
        return going switch
        {
            // "To the left" off a side line is the hall's for some and the performer's for others.
            Going.SideStep when _heading % 180 != 0 => Going.Turn,
            Going.Diagonal when _heading % 90 != 0 => Going.Step,
            Going.ThreeSteps or Going.Same or Going.Kick or Going.KickBack when isArmed => Going.Step,
            Going.ThreeSteps when isNumbered || _stance is not ("front" or "short-front" or "bow") => Going.Step,
            Going.Same when _last is not { Going: Going.Step, Hands.Count: 1 } => Going.Step,
            Going.Kick when !isNumbered => Going.Step,
            _ => going,
        };
    }
}
