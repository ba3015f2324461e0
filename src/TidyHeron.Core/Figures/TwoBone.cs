namespace TidyHeron.Core.Figures;

/// <summary>Two bones with a joint between them, reaching from a root to a target.</summary>
/// <param name="Joint">Knee or elbow.</param>
/// <param name="End">Where the second bone ends: the target, or as near to it as the bones reach.</param>
/// <param name="MissedByCm">How far the end stays from the target; 0 where it is reached.</param>
public readonly record struct TwoBone(Point3 Joint, Point3 End, double MissedByCm)
{
    /// <summary>
    /// Solves the chain by the law of cosines. Both bones keep their lengths exactly, and the joint bends towards a
    /// direction that only needs to be roughly right.
    /// </summary>
    /// <param name="root">Hip or shoulder.</param>
    /// <param name="target">Where the ankle or hand should be.</param>
    /// <param name="first">Length of the bone at the root.</param>
    /// <param name="second">Length of the other bone.</param>
    /// <param name="bend">Where the joint points.</param>
    public static TwoBone Reach(Point3 root, Point3 target, double first, double second, Point3 bend)
    {
        var way = target - root;
        var wanted = way.Length;
        var axis = way.Unit;
        // A hair short of straight, so that the joint never snaps over, and never folded through itself.
        var distance = Math.Clamp(wanted, Math.Abs(first - second) + 0.01, (first + second) * 0.9999);
        var along = (first * first - second * second + distance * distance) / (2 * distance);
        var out_ = Math.Sqrt(Math.Max(0, first * first - along * along));
        var across = bend - axis * bend.Dot(axis);
        // The joint is asked to point along the limb itself: any direction across it will do.
        if (across.Length < 1e-6) across = Math.Abs(axis.Z) < 0.9 ? new Point3(0, 0, 1) - axis * axis.Z : new Point3(0, 1, 0) - axis * axis.Y;
        var joint = root + axis * along + across.Unit * out_;
        return new TwoBone(joint, root + axis * distance, Math.Max(0, wanted - distance));
    }
}
