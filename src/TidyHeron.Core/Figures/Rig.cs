namespace TidyHeron.Core.Figures;

/// <summary>Where one foot is to be.</summary>
/// <param name="Middle">The middle of the sole, in the hall.</param>
/// <param name="Degrees">Where the toes point, clockwise from the front.</param>
/// <param name="HeelCm">How far the heel is off the floor while the ball stays down.</param>
/// <param name="Kneels">Whether the knee is on the floor.</param>
/// <param name="KneeAhead">How much the knee is drawn up in front, from 0 (over the toes) to 1 (a knee strike).</param>
public readonly record struct FootAim(Point3 Middle, double Degrees, double HeelCm = 0, bool Kneels = false, double KneeAhead = 0);

/// <summary>Where one hand is to be, from the hips: ahead, to the body's right, up, in centimetres; and where its elbow points.</summary>
/// <param name="Open">From 0, a fist, to 1, fingers stretched.</param>
/// <param name="Bend">How far the fingers point up from the line of the forearm, in degrees; down is negative.</param>
public readonly record struct HandAim(Point3 Palm, Point3 Elbow, double Open = 0, double Bend = 0);

/// <summary>The weapon: along a direction from the leading hand, from the body's own view.</summary>
/// <param name="LeadRight">Whether the right hand leads.</param>
/// <param name="Along">From the leading hand to the tip: ahead, right, up.</param>
/// <param name="BeyondCm">From the leading hand to the tip.</param>
/// <param name="BehindCm">From the leading hand to the other end.</param>
/// <param name="SpacingCm">From the leading hand to the other one, towards the other end.</param>
/// <param name="LeftHolds">Whether the left hand is on it.</param>
/// <param name="RightHolds">Whether the right hand is on it.</param>
public sealed record WeaponAim(bool LeadRight, Point3 Along, double BeyondCm, double BehindCm, double SpacingCm, bool LeftHolds, bool RightHolds);

/// <summary>What a body is to do at one moment: the targets from which its limbs follow. Two can be mixed, and limbs keep their lengths.</summary>
/// <param name="Pelvis">Middle between the hip joints, in the hall; it sinks as far as the legs need.</param>
/// <param name="Degrees">Where the hips face.</param>
/// <param name="LeanAhead">How far the trunk leans ahead, in degrees; back is negative.</param>
/// <param name="LeanRight">How far it leans to the right.</param>
/// <param name="Twist">How far the shoulders are turned from the hips, to the right positive: the left shoulder comes forward.</param>
/// <param name="GazeDegrees">Where the head looks, from the hips' facing, to the right positive.</param>
/// <param name="GazeDown">How far it looks down.</param>
public sealed record Rig(
    Point3 Pelvis, double Degrees, double LeanAhead, double LeanRight, FootAim Left, FootAim Right, HandAim LeftHand, HandAim RightHand,
    WeaponAim? Weapon, double GazeDegrees, double GazeDown, double Twist = 0);
