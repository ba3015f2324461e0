using TidyHeron.Core.Body;

namespace TidyHeron.Core.Figures;

/// <summary>One leg or one arm: root, joint, end, and the tip of toes or fingers.</summary>
public readonly record struct Limb(Point3 Root, Point3 Joint, Point3 End, Point3 Tip);

/// <summary>A posed body, in the hall. Limbs have exactly the body's lengths.</summary>
/// <param name="Heel">The two heels, left then right.</param>
/// <param name="WeaponTip">The striking end; none without a weapon.</param>
/// <param name="WeaponButt">The other end.</param>
/// <param name="Missed">The furthest that a hand or foot stays from where it should be, in centimetres, and which one.</param>
public sealed record Figure(
    Point3 Pelvis, Point3 Neck, Point3 HeadTop, Point3 Eyes, Limb LeftArm, Limb RightArm, Limb LeftLeg, Limb RightLeg, (Point3 Left, Point3 Right) Heel,
    Point3? WeaponTip, Point3? WeaponButt, (double Cm, string What) Missed)
{
    /// <summary>How much of a hand's length a fist has: the fingers are folded (common practice).</summary>
    public const double FistLength = 0.6;

    /// <summary>Half the distance of the hip joints as a part of the hips' breadth (common practice).</summary>
    internal const double HipJoint = 0.26;

    /// <summary>Every point that a body or weapon may hit something with.</summary>
    public IEnumerable<Point3> Reach()
    {
        yield return HeadTop;
        foreach (var limb in new[] { LeftArm, RightArm, LeftLeg, RightLeg })
        {
            yield return limb.Joint;
            yield return limb.End;
            yield return limb.Tip;
        }
        yield return Heel.Left;
        yield return Heel.Right;
        if (WeaponTip is { } tip) yield return tip;
        if (WeaponButt is { } butt) yield return butt;
    }

    /// <summary>Poses a body as a rig asks.</summary>
    public static Figure Pose(Rig rig, BodyMeasures body)
    {
        var frame = new BodyFrame(rig.Degrees);
        var left = Ankle(rig.Left, body);
        var right = Ankle(rig.Right, body);
        var hipOut = body.HipBreadthCm * HipJoint;
        var pelvis = Sink(rig, frame, hipOut, left.Ankle, right.Ankle, body);
        var missed = (Cm: 0.0, What: "");
        void Miss(double cm, string what)
        {
            if (cm > missed.Cm) missed = (cm, what);
        }

        // The trunk leans from the hips.
        var (sinAhead, cosAhead) = Math.SinCos(rig.LeanAhead * Math.PI / 180);
        var (sinRight, cosRight) = Math.SinCos(rig.LeanRight * Math.PI / 180);
        var up = frame.ToHall(sinAhead * cosRight, sinRight, cosAhead * cosRight).Unit;
        var leftLeg = Leg(pelvis + frame.ToHall(0, -hipOut, 0), rig.Left, left, -1);
        var rightLeg = Leg(pelvis + frame.ToHall(0, hipOut, 0), rig.Right, right, 1);

        var neck = pelvis + up * body.TrunkCm;
        // Shoulders turn about the spine, whatever its lean.
        var (sinTwist, cosTwist) = Math.SinCos(rig.Twist * Math.PI / 180);
        var across = frame.ToHall(-sinAhead * sinRight, cosRight, -cosAhead * sinRight);
        var shoulders = (across * cosTwist + up.Cross(across) * -sinTwist) * (body.ShoulderBreadthCm / 2);
        var look = new BodyFrame(rig.Degrees + rig.GazeDegrees);
        var headTop = neck + up * body.HeadAboveShoulderCm;
        var eyes = neck + up * (body.EyeHeightCm - body.ShoulderHeightCm) + look.ToHall(1, 0, -Math.Tan(Math.Clamp(rig.GazeDown, 0, 60) * Math.PI / 180)).Unit * (body.StatureCm * 0.055);

        var (leftPalm, rightPalm) = (FromHips(rig.LeftHand.Palm), FromHips(rig.RightHand.Palm));
        Point3? tip = null, butt = null;
        if (rig.Weapon is { } weapon)
        {
            var along = frame.ToHall(weapon.Along.X, weapon.Along.Y, weapon.Along.Z).Unit;
            var lead = OverFloor(weapon.LeadRight ? rightPalm : leftPalm, along, weapon);
            if (weapon.LeadRight) rightPalm = lead;
            else leftPalm = lead;
            var other = lead - along * weapon.SpacingCm;
            if (weapon.LeadRight && weapon.LeftHolds) leftPalm = other;
            if (!weapon.LeadRight && weapon.RightHolds) rightPalm = other;
            (tip, butt) = (lead + along * weapon.BeyondCm, lead - along * weapon.BehindCm);
        }
        var leftArm = Arm(neck - shoulders, leftPalm, rig.LeftHand, "left hand");
        var rightArm = Arm(neck + shoulders, rightPalm, rig.RightHand, "right hand");
        if (rig.Weapon is { } carried)
        {
            // The weapon is where the leading hand really is, and as steep as the floor lets it be.
            var hand = Palm(carried.LeadRight ? rightArm : leftArm);
            var wanted = frame.ToHall(carried.Along.X, carried.Along.Y, carried.Along.Z).Unit;
            var slope = Math.Clamp(wanted.Z, -hand.Z / carried.BeyondCm, hand.Z / Math.Max(1, carried.BehindCm));
            var along = slope == wanted.Z ? wanted : ((wanted with { Z = 0 }).Unit * Math.Sqrt(Math.Max(0, 1 - slope * slope))) with { Z = slope };
            (tip, butt) = (hand + along * carried.BeyondCm, hand - along * carried.BehindCm);
        }
        return new Figure(pelvis, neck, headTop, eyes, leftArm, rightArm, leftLeg, rightLeg, (left.Heel, right.Heel), tip, butt, missed);

        Point3 FromHips(Point3 aim) => AboveFloor(pelvis + frame.ToHall(aim.X, aim.Y, 0) + up * aim.Z);

        Limb Leg(Point3 hip, FootAim aim, (Point3 Ankle, Point3 Heel, Point3 Toe) foot, int side)
        {
            var toes = new BodyFrame(aim.Degrees);
            // Knees go over the toes; a kneeling knee lies ahead of its foot; a drawn-up knee goes to the chest, however the trunk lies.
            var bend = aim.Kneels ? toes.ToHall(1, 0, -0.4)
                : aim.KneeAhead > 0 ? frame.ToHall(cosAhead, 0, -sinAhead) + up * 0.6
                : toes.ToHall(1, 0, 0.05) + frame.ToHall(0.3, 0, 0);
            var solved = OverFloor(TwoBone.Reach(hip, foot.Ankle, body.ThighCm, body.ShankCm, bend), hip, foot.Ankle, body.ThighCm, body.ShankCm);
            Miss(solved.MissedByCm, side < 0 ? "left foot" : "right foot");
            var shift = solved.End - foot.Ankle;
            return new Limb(hip, solved.Joint, solved.End, foot.Toe + shift);
        }

        Limb Arm(Point3 shoulder, Point3 palm, HandAim aim, string what)
        {
            var bend = frame.ToHall(aim.Elbow.X, aim.Elbow.Y, aim.Elbow.Z);
            // The palm is half a hand beyond the wrist, in line with the forearm.
            var lower = body.ForearmCm + body.HandCm / 2;
            var solved = OverFloor(TwoBone.Reach(shoulder, palm, body.UpperArmCm, lower, bend), shoulder, palm, body.UpperArmCm, lower);
            // Fingers that would go through the floor: the hand is held that much higher.
            var fingers = solved.End.Z + (solved.End - solved.Joint).Unit.Z * body.HandCm / 2;
            if (fingers < 0)
            {
                var higher = palm with { Z = palm.Z - fingers + 1 };
                solved = OverFloor(TwoBone.Reach(shoulder, higher, body.UpperArmCm, lower, bend), shoulder, higher, body.UpperArmCm, lower);
            }
            Miss(solved.MissedByCm, what);
            var forearm = (solved.End - solved.Joint).Unit;
            var wrist = solved.Joint + forearm * body.ForearmCm;
            var length = body.HandCm * (FistLength + (1 - FistLength) * Math.Clamp(aim.Open, 0, 1));
            return new Limb(shoulder, solved.Joint, wrist, AboveFloor(wrist + Fingers(forearm, aim.Bend) * length, wrist, length));
        }

        Point3 Palm(Limb arm) => arm.End + (arm.End - arm.Joint).Unit * (body.HandCm / 2);

        // Up from the forearm; from one that hangs or stands upright, ahead.
        Point3 Fingers(Point3 forearm, double degrees)
        {
            if (degrees == 0) return forearm;
            var upright = up - forearm * up.Dot(forearm);
            if (upright.Length < 0.3) upright = frame.ToHall(1, 0, 0) - forearm * frame.ToHall(1, 0, 0).Dot(forearm);
            var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
            return forearm * cos + upright.Unit * sin;
        }
    }

    /// <summary>Fingers that would go through the floor lie along it.</summary>
    private static Point3 AboveFloor(Point3 tip, Point3 wrist, double length)
    {
        if (tip.Z >= 0 || wrist.Z <= 0) return tip;
        var flat = (tip - wrist) with { Z = 0 };
        var down = Math.Min(wrist.Z, length);
        return flat.Length < 1e-6 ? tip : wrist + flat.Unit * Math.Sqrt(length * length - down * down) - new Point3(0, 0, down);
    }

    /// <summary>Nothing goes through the floor: a weapon whose end would is held higher.</summary>
    private static Point3 OverFloor(Point3 hand, Point3 along, WeaponAim weapon)
    {
        var lowest = Math.Min(hand.Z + along.Z * weapon.BeyondCm, hand.Z - along.Z * weapon.BehindCm);
        return lowest < 0 ? hand with { Z = hand.Z - lowest } : hand;
    }

    /// <summary>A knee or elbow that would go through the floor is turned up about the line from root to end.</summary>
    private static TwoBone OverFloor(TwoBone solved, Point3 root, Point3 target, double first, double second) =>
        solved.Joint.Z >= 2 ? solved : TwoBone.Reach(root, target, first, second, new Point3(0, 0, 1));

    private static Point3 AboveFloor(Point3 point) => point.Z < 2 ? point with { Z = 2 } : point;

    private static (Point3 Ankle, Point3 Heel, Point3 Toe) Ankle(FootAim aim, BodyMeasures body)
    {
        var toes = new BodyFrame(aim.Degrees);
        var half = body.FootLengthCm / 2;
        var toe = aim.Middle + toes.ToHall(half, 0, 0);
        var heel = aim.Middle + toes.ToHall(-half, 0, aim.HeelCm);
        // The ankle is a fifth of the foot ahead of the heel (common practice) and rises with it.
        var ankle = heel + toes.ToHall(body.FootLengthCm * 0.2, 0, body.AnkleHeightCm - aim.HeelCm * 0.2);
        return (ankle, heel, toe);
    }

    /// <summary>The hips as high as asked, or as low as the legs need to reach the ground.</summary>
    private static Point3 Sink(Rig rig, BodyFrame frame, double hipOut, Point3 left, Point3 right, BodyMeasures body)
    {
        var pelvis = rig.Pelvis;
        var reach = (body.ThighCm + body.ShankCm) * 0.9995;
        foreach (var (ankle, side) in new[] { (left, -1), (right, 1) })
        {
            var hip = pelvis + frame.ToHall(0, side * hipOut, 0);
            var flat = (hip - ankle) with { Z = 0 };
            var room = reach * reach - flat.Dot(flat);
            var highest = ankle.Z + (room > 0 ? Math.Sqrt(room) : 0);
            if (pelvis.Z > highest) pelvis = pelvis with { Z = Math.Max(highest, body.AnkleHeightCm) };
        }
        return pelvis;
    }
}
