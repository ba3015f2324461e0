using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Figures;

/// <summary>What lies between two rigs: feet that stay do not slide, feet that move swing, hands go along arcs, limbs keep their lengths.</summary>
public static class Motion
{
    /// <summary>A foot whose place differs by less than this has stayed, in centimetres.</summary>
    private const double Stayed = 0.5;

    /// <summary>The rig at a moment on the way from one to the next.</summary>
    /// <param name="from">How the body stood.</param>
    /// <param name="to">How it will stand.</param>
    /// <param name="t">0 at the first, 1 at the second.</param>
    /// <param name="body">Whose body.</param>
    /// <param name="load">The hand that lies on top while both load, if they do.</param>
    public static Rig Between(Rig from, Rig to, double t, BodyMeasures body, Side? load = null)
    {
        if (t <= 0) return from;
        if (t >= 1) return to;
        // Starts and ends at rest.
        var s = t * t * (3 - 2 * t);
        var swing = Math.Sin(Math.PI * t);
        return new Rig(
            Point3.Between(from.Pelvis, to.Pelvis, s), Mix(from.Degrees, to.Degrees), Mix(from.LeanAhead, to.LeanAhead), Mix(from.LeanRight, to.LeanRight),
            Foot(from.Left, to.Left), Foot(from.Right, to.Right), Hand(from.LeftHand, to.LeftHand, -1), Hand(from.RightHand, to.RightHand, 1),
            Carry(from.Weapon, to.Weapon), Mix(from.GazeDegrees, to.GazeDegrees), Mix(from.GazeDown, to.GazeDown), Mix(from.Twist, to.Twist));

        double Mix(double a, double b) => a + (b - a) * s;

        FootAim Foot(FootAim a, FootAim b)
        {
            var way = b.Middle - a.Middle;
            var middle = way.Length < Stayed ? a.Middle : Point3.Between(a.Middle, b.Middle, s);
            // A step lifts the foot a hand's breadth; what is in the air already needs no more.
            // And a foot that turns on its heel or ball stays down.
            var pivots = way.Length <= 0.8 * body.FootLengthCm && Math.Abs(b.Degrees - a.Degrees) > 15;
            if (way.Length >= Stayed && !pivots && a.Middle.Z < 1 && b.Middle.Z < 1) middle = middle with { Z = middle.Z + swing * Math.Min(0.03 * body.StatureCm, way.Length * 0.2) };
            return new FootAim(middle, Mix(a.Degrees, b.Degrees), Mix(a.HeelCm, b.HeelCm), t < 0.5 ? a.Kneels : b.Kneels, Mix(a.KneeAhead, b.KneeAhead));
        }

        HandAim Hand(HandAim a, HandAim b, int side)
        {
            var palm = Point3.Between(a.Palm, b.Palm, s);
            if ((b.Palm - a.Palm).Length > 1)
            {
                // Hands that load cross before the chest, the upper one higher; others pass close to the body.
                var onTop = load is { } top && (top == Side.Right) == (side > 0);
                var via = load is null ? palm with { X = palm.X - 0.05 * body.StatureCm }
                    : new Point3(0.12 * body.StatureCm, -side * 0.06 * body.StatureCm, (onTop ? 0.27 : 0.20) * body.StatureCm);
                palm = Point3.Between(palm, via, swing * (load is null ? 1 : 0.8));
            }
            return new HandAim(palm, Point3.Between(a.Elbow, b.Elbow, s), Mix(a.Open, b.Open), Mix(a.Bend, b.Bend));
        }

        WeaponAim? Carry(WeaponAim? a, WeaponAim? b)
        {
            if (a is null || b is null) return b ?? a;
            // Where the leading hand changes, the weapon goes over at half way.
            var now = t < 0.5 ? a : b;
            var along = Point3.Between(a.Along, b.Along, s);
            return now with { Along = along.Length < 0.2 ? new Point3(0.3, 0, 1) : along.Unit };
        }
    }
}
