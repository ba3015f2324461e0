namespace TidyHeron.Core.Applications;

/// <summary>
/// The usual cautions of the trade (common practice). They never take the place of the instructor in the room.
/// </summary>
public static class Cautions
{
    /// <summary>The line that stands wherever a caution does.</summary>
    public const string Deference =
        "The instructor in the room, the club's insurer and local rules decide; this program gives no medical or legal advice.";

    /// <summary>The caution for a risk, in one or two plain sentences.</summary>
    public static string For(Risk risk) => risk switch
    {
        Risk.Neck => "Neck: slow, no cranking, let go at the first tap. Medical advice after any knock.",
        Risk.Head => "Head: stop short of the skin, or turn the shoulder instead of the head. Medical advice after any knock.",
        Risk.Throat => "Throat: mark the place beside the neck, never on it.",
        Risk.Joints => "Joints: slow to the first resistance, then stop; tap early, let go at once; no resistance games.",
        Risk.Throws => "Throws: only with someone who can fall, on a soft surface, with clear space around.",
        Risk.Falls => "Falls: whole arm at about 45°, never the elbow or wrist first; chin tucked.",
        Risk.Weapons => "Weapons: check the weapon and the clear radius; no contact; beginners at the longer distance.",
        _ => "Kicks: at half height and half speed with a partner; full power only on a pad.",
    };
}
