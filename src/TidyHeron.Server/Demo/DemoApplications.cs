using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Demo;

/// <summary>The partner applications of the demo school, each with the counts of a form that it explains.</summary>
internal static class DemoApplications
{
    public static IEnumerable<(StoredApplication Application, string File, int FirstCount, int LastCount)> All()
    {
        yield return Make("Sweep and step in", AttackKind.FrontKick, Side.Right, Level.Middle, "first-crossing", 1, 2, [Risk.Kicks],
            "A: front kick with the right foot at hip height.",
            "D: step off to the left; the left forearm sweeps the kicking leg past, the right hand stays at the hip.",
            "D: before the foot is down again, step in with the right foot and punch to the body.");
        yield return Make("Catch the falling arm", AttackKind.StraightPunch, Side.Right, Level.High, "first-crossing", 3, 4, [Risk.Joints],
            "A: straight punch to the face with the right hand.",
            "D: step back with the right foot; the left forearm rises under the punch.",
            "D: close the left hand on the wrist and draw it down to the hip while standing up straight.",
            "A: follow the pull with a small step; tap when the arm is straight.");
        yield return Make("Inside and through", AttackKind.HookPunch, Side.Right, Level.High, "first-crossing", 9, 10, [Risk.Head],
            "A: wide hook with the right hand.",
            "D: step in with the left foot inside the hook; the left forearm meets the upper arm.",
            "D: right punch to the body; the left hand holds the sleeve on its way to the hip.");
        yield return Make("Break the lapel hold", AttackKind.LapelGrab, Side.Left, null, "first-crossing", 12, 12, [Risk.Joints],
            "A: take the lapel with the left hand.",
            "D: trap the hand on the chest with the right hand, step back with the right foot.",
            "D: the left forearm comes down across the elbow, slowly, until the partner taps.");
        yield return Make("Cut the wrist grip", AttackKind.WristGrab, Side.Left, null, "still-water", 1, 1, [Risk.Joints],
            "A: grip the defender's left wrist with the left hand.",
            "D: turn the left hand over the thumb and step to the left; the edge of the hand cuts across the forearm.",
            "A: let go when the wrist bends.");
        yield return Make("Both banks", AttackKind.StraightPunch, Side.Right, Level.Middle, "still-water", 2, 3, [],
            "A: straight punch to the body with the right hand, then pull it back.",
            "D: follow the pull with a right step and a right punch.",
            "A: cover with the left arm.",
            "D: left punch over the cover.");
        yield return Make("Turn on the second one", AttackKind.Charge, null, null, "still-water", 4, 6, [],
            "A: charge from behind, hands high.",
            "D: turn right, moving the right foot; both hands take the arms off the line to the right.",
            "D: step in with the left foot, left punch, then right punch.");
        yield return Make("Lift the grab", AttackKind.BothArmsFromBehind, null, null, "still-water", 8, 8, [Risk.Throws],
            "A: hold both arms from behind.",
            "D: sink, step forward with the right foot and raise the right arm slowly until the hold opens.",
            "D: the left hand keeps the partner's left hand at the hip; turn out under the arm.");
        yield return Make("Hook, kick, punch", AttackKind.StraightPunch, Side.Right, Level.Middle, "still-water", 9, 11, [Risk.Kicks],
            "A: straight punch with the right hand.",
            "D: draw the left foot back; the left hand hooks the wrist, the right hand covers.",
            "D: left front kick under the arm to the thigh, land in front, right punch.");
        yield return Make("Arm lock in the low stance", AttackKind.StraightPunch, Side.Left, Level.Middle, "still-water", 13, 14, [Risk.Joints],
            "A: straight punch with the left hand.",
            "D: step to the left outside the punch; the forearms close on it like shears.",
            "D: turn left through the arm; the right elbow rests on the shoulder, no further than the first tap.");
        yield return Make("Part the choke", AttackKind.Choke, null, null, "still-water", 19, 19, [Risk.Throat, Risk.Neck],
            "A: both hands to the collar beside the neck, never on the throat.",
            "D: draw the left foot back and wedge both arms up between the partner's, slowly.",
            "D: part them past the shoulders and step away.");
        yield return Make("Roof and pour", AttackKind.StaffStrike, Side.Right, Level.High, "long-reed", 2, 4, [Risk.Weapons, Risk.Head],
            "A: overhead strike with the staff, right hand leading, at half speed.",
            "D: step back with the right foot under a high block, tip higher than the rear hand so that the strike slides off.",
            "D: step forward with the right foot and thrust; stop a forearm's length short.");
        yield return Make("Shave the thrust", AttackKind.StaffThrust, Side.Right, Level.Middle, "long-reed", 5, 6, [Risk.Weapons],
            "A: thrust to the body with the staff.",
            "D: step back with the right foot; the staff stands upright and turns the thrust past to the right.",
            "D: draw the left foot in and keep the tip at the partner's eyes; both step out of distance.");
        yield return Make("The first cut", AttackKind.SwordCut, Side.Right, Level.High, "two-ferries-junior", 2, 3, [Risk.Weapons],
            "A: downward cut with the practice sword, stopping a hand's width above.",
            "D: step back with the right foot; the blade takes the cut on its flat and lets it fall to the left.",
            "D: small step in with the right foot, cut to the wrist, no contact.");
    }

    private static (StoredApplication, string, int, int) Make(string name, AttackKind attack, Side? side, Level? level, string file, int first, int last, List<Risk> risks, params string[] steps) =>
        (new StoredApplication
        {
            Name = name,
            AttackKind = attack,
            AttackSide = side,
            AttackLevel = level,
            Risks = risks,
            Steps = steps.Select(s => new StoredStep { Who = s[0] == 'A' ? Partner.Attacker : Partner.Defender, Text = char.ToUpperInvariant(s[3]) + s[4..] }).ToList(),
        }, file, first, last);
}
