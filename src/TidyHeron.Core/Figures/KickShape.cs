namespace TidyHeron.Core.Figures;

/// <summary>How a kick is done (common practice).</summary>
/// <param name="HipsTurn">How far the hips turn away from the target, in degrees.</param>
/// <param name="LeanAhead">Lean of the trunk ahead; back is negative.</param>
/// <param name="LeanAway">Lean away from the kicking leg.</param>
/// <param name="IsKnee">Whether the knee strikes.</param>
/// <param name="OnFloor">Whether the foot goes along the floor.</param>
/// <param name="Chambers">Whether the knee is drawn up before and after; a leg that swings stays straight.</param>
/// <param name="Arc">For a leg that swings round: how far outside it comes from, in parts of the leg; negative from inside.</param>
/// <param name="FootTurn">How far the toes turn in from the target, in degrees.</param>
internal readonly record struct KickShape(double HipsTurn, double LeanAhead, double LeanAway, bool IsKnee = false, bool OnFloor = false, bool Chambers = true, double Arc = 0, double FootTurn = 0)
{
    public static KickShape Of(string technique) => technique switch
    {
        "side-kick" or "side-snap-kick" or "flying-side-kick" => new(80, 0, 35, FootTurn: 90),
        "side-stretch-kick" => new(80, 0, 35, Chambers: false, FootTurn: 90),
        "roundhouse-kick" or "hook-kick" or "jump-turn-kick" => new(60, -5, 25, FootTurn: 60),
        "back-kick" => new(170, 45, 0),
        "knee-strike" or "round-knee" or "flying-knee" => new(0, -5, 0, IsKnee: true),
        "foot-sweep" or "back-sweep" or "leg-check" or "crescent-sweep-kick" => new(0, 8, 0, OnFloor: true),
        "inside-crescent-kick" => new(0, -8, 0, Chambers: false, Arc: 0.45, FootTurn: 30),
        "outside-crescent-kick" or "lotus-jump" => new(0, -8, 0, Chambers: false, Arc: -0.45, FootTurn: -30),
        "axe-kick" or "stretch-kick" or "slap-kick" => new(0, -8, 0, Chambers: false),
        _ => new(0, -10, 0),
    };

    /// <summary>What lies on the way to the kick; nothing for a knee and for a foot that stays on the floor.</summary>
    public Rig? Way(Rig chamber, Rig swing) => IsKnee || OnFloor ? null : Chambers ? chamber : swing;
}
