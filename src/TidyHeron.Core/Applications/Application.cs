using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Applications;

/// <summary>Common attacks that applications answer (common practice of the trade).</summary>
public enum AttackKind
{
    HookPunch, StraightPunch, FrontKick, RoundKick, WristGrab, LapelGrab, BothArmsFromBehind, BearHug, Charge, HeadLock,
    Choke, OverheadStrike, StaffStrike, StaffThrust, SwordCut,
}

/// <summary>What the partner comes with.</summary>
/// <param name="Kind">The attack.</param>
/// <param name="Side">The partner's hand or foot; none if it does not matter or both are used.</param>
/// <param name="Level">The level it comes at.</param>
public sealed record Attack(AttackKind Kind, Side? Side, Level? Level);

/// <summary>Who acts.</summary>
public enum Partner { Attacker, Defender }

/// <summary>One thing that one of the two does.</summary>
public sealed record ApplicationStep(Partner Who, string Text);

/// <summary>Parts of a partner drill that can hurt; each has a usual caution.</summary>
public enum Risk { Neck, Head, Throat, Joints, Throws, Falls, Weapons, Kicks }

/// <summary>
/// What a stretch of moves is for: an attack and what each side does. It is stored for one side and read out for the
/// other on demand.
/// </summary>
public sealed record Application(string Name, Attack Attack, ValueList<ApplicationStep> Steps, ValueList<Risk> Risks, string Note = "")
{
    /// <summary>The same application with every left and right exchanged.</summary>
    public Application Mirrored => this with
    {
        Attack = Attack with { Side = Attack.Side?.Other },
        Steps = Steps.Select(s => s with { Text = SideWords.Exchange(s.Text) }).ToValueList(),
        Note = SideWords.Exchange(Note),
    };
}
