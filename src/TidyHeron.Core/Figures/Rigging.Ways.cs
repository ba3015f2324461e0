using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Figures;

/// <summary>What the body goes through within a move: the kick with its way there and back, the air, the ground.</summary>
internal sealed partial class Rigging
{
    /// <summary>What lies between the beginning and the end of a move.</summary>
    private IEnumerable<KeyRig> Through(Move move, Rig before, Rig end, Rig? kick)
    {
        if (kick is not null)
        {
            var shape = KickShape.Of(move.Kick!.Technique.Value);
            var (goes, comes) = (shape.Way(Chamber(before, kick), Swing(before, kick, shape, shape.Arc)), shape.Way(Chamber(end, kick), Swing(end, kick, shape, -shape.Arc)));
            if (goes is not null) yield return new KeyRig(0.3, goes);
            yield return new KeyRig(FigureReading.KickAt, kick);
            if (comes is not null) yield return new KeyRig(0.68, comes);
            yield break;
        }
        switch (move.Footwork?.Kind.Value)
        {
            case "jump": yield return new KeyRig(0.5, InTheAir(before, end, 0.14)); break;
            case "hop": yield return new KeyRig(0.5, InTheAir(before, end, 0.05)); break;
            case "roll":
                foreach (var key in Tumble(before, end, forward: true)) yield return key;
                break;
            case "back-roll":
                foreach (var key in Tumble(before, end, forward: false)) yield return key;
                break;
        }
    }

    /// <summary>The knee drawn up, the foot under it: a leg on its way to or from a kick.</summary>
    private Rig Chamber(Rig stands, Rig kick)
    {
        var frame = new BodyFrame(stands.Degrees);
        FootAim Drawn(FootAim foot, int sign) => foot.KneeAhead > 0
            ? foot with { Middle = kick.Pelvis + frame.ToHall(_height * 0.06, sign * _height * 0.06, -_height * 0.24), KneeAhead = 1 } : foot;
        return kick with
        {
            Degrees = (stands.Degrees + kick.Degrees) / 2, LeanAhead = kick.LeanAhead / 3, LeanRight = kick.LeanRight / 3,
            Left = Drawn(kick.Left, -1), Right = Drawn(kick.Right, 1), GazeDegrees = kick.GazeDegrees / 2,
        };
    }

    /// <summary>A straight leg on its way up or down, to the side where the kick goes round.</summary>
    private Rig Swing(Rig stands, Rig kick, KickShape shape, double arc)
    {
        var foot = kick.Left.KneeAhead > 0 ? Side.Left : Side.Right;
        var way = kick with { Degrees = (stands.Degrees + kick.Degrees) / 2, LeanAhead = kick.LeanAhead / 2 };
        var swinging = Stretched(way.Pelvis, way.Degrees, foot, stands.Degrees, -0.45 * (_body.ThighCm + _body.ShankCm), arc, shape);
        return foot == Side.Left ? way with { Left = swinging } : way with { Right = swinging };
    }

    /// <summary>Half way through a jump, the feet drawn up under the body.</summary>
    private Rig InTheAir(Rig before, Rig end, double part)
    {
        var middle = Motion.Between(before, end, 0.5, _body);
        var up = new Point3(0, 0, part * _height);
        FootAim Up(FootAim foot) => foot with { Middle = (foot.Middle with { Z = 0 }) + up * 0.9, HeelCm = 0.25 * _body.FootLengthCm };
        return middle with { Pelvis = (middle.Pelvis with { Z = _body.HipHeightCm * 0.97 }) + up, Left = Up(middle.Left), Right = Up(middle.Right) };
    }

    // A roll over the shoulder: how far the trunk has turned over, how high the hips are, and where the feet are from them
    // (ahead and up), in parts of stature. Common practice; the trunk is stiff, so it goes over a little higher than a back that is round.
    private static readonly (double At, double Lean, double Hips, double Ahead, double Up)[] Over =
    [
        (0.22, 75, 0.30, -0.12, -0.29), (0.36, 130, 0.36, -0.20, -0.10), (0.50, 190, 0.47, 0.05, 0.22), (0.64, 260, 0.17, 0.30, 0.15), (0.78, 322, 0.07, 0.28, -0.06),
    ];

    private IEnumerable<KeyRig> Tumble(Rig before, Rig end, bool forward)
    {
        var keys = forward ? Over : [.. Over.Reverse().Select(k => k with { At = 1 - k.At, Lean = k.Lean - 360 })];
        foreach (var (at, lean, hips, ahead, up) in keys)
        {
            var on = Motion.Between(before, end, at, _body);
            var frame = new BodyFrame(on.Degrees);
            var pelvis = on.Pelvis with { Z = hips * _height };
            FootAim Foot(FootAim foot, int sign) => new(pelvis + frame.ToHall(ahead * _height, sign * 0.07 * _height, Math.Max(up, -hips) * _height), on.Degrees, KneeAhead: 0.8);
            // Hands go to the floor first and then hold the knees.
            var hand = Math.Abs(lean) is > 60 and < 200 ? new Point3(0.16 * _height, 0, 0.36 * _height) : new Point3(0.20 * _height, 0, 0.06 * _height);
            HandAim Hand(int sign) => new(hand with { Y = sign * 0.08 * _height }, new Point3(0, sign, -0.5), 1);
            yield return new KeyRig(at, on with { Pelvis = pelvis, LeanAhead = lean, LeanRight = 0, Left = Foot(on.Left, -1), Right = Foot(on.Right, 1), LeftHand = Hand(-1), RightHand = Hand(1), Twist = 0, GazeDown = 40 });
        }
        // The trunk has gone all the way round; upright again is a whole turn further.
        yield return new KeyRig(0.999, end with { LeanAhead = end.LeanAhead + (forward ? 360 : -360) });
    }

    /// <summary>The kicking leg at its furthest, the other one standing where it stood.</summary>
    private Rig Kick(Kick kick, Side foot, int i, Rig before, Rig end)
    {
        var term = _reading.Ways.Vocabulary.Find(kick.Technique)!;
        var standing = _reading.Walk.Before(i).FootOf(foot.Other);
        var way = KickShape.Of(term.Id.Value);
        var level = kick.Level ?? term.DefaultLevel ?? Level.Middle;
        var heading = end.Degrees;
        var frame = new BodyFrame(heading);
        // The hips open towards the kicking side: for a right foot they turn to the left.
        var degrees = heading - foot.Sign * way.HipsTurn;
        var flies = term.Id.Value.StartsWith("flying", StringComparison.Ordinal) || term.Id.Value.Contains("jump", StringComparison.Ordinal) || _reading.Form.Moves[i].Footwork?.Kind.Value is "jump";
        var air = flies ? 0.14 * _height : 0;
        var hips = Point3.At(standing.Place, _body.HipHeightCm * 0.97 + air);
        var height = way.OnFloor ? _body.AnkleHeightCm : level switch { Level.Low => 0.20 * _height, Level.High => 0.76 * _height, _ => 0.50 * _height };
        var kicking = way.IsKnee
            ? new FootAim(hips + frame.ToHall(0.10 * _height, foot.Sign * _height * 0.03, -_body.ThighCm * 0.55 - _body.AnkleHeightCm), heading, KneeAhead: 1)
            : Stretched(hips, degrees, foot, heading, height - hips.Z, 0, way);
        var support = new FootAim(Point3.At(standing.Place, air * 1.2), degrees + (foot == Side.Right ? -1 : 1) * 20);
        var guard = _reading.Ways.Vocabulary.Find(new TermId("guard"))!;
        var armed = before.Weapon is not null;
        return before with
        {
            Pelvis = hips, Degrees = degrees, LeanAhead = way.LeanAhead, LeanRight = -foot.Sign * way.LeanAway,
            Left = foot == Side.Left ? kicking : support, Right = foot == Side.Right ? kicking : support,
            LeftHand = armed ? before.LeftHand : Aim(guard, null, Side.Left), RightHand = armed ? before.RightHand : Aim(guard, null, Side.Right, second: true),
            GazeDegrees = foot.Sign * way.HipsTurn, GazeDown = 0, Twist = 0,
        };
    }

    /// <summary>The foot of a leg that is stretched from its hip towards the target.</summary>
    /// <param name="hipsDegrees">Where the hips face.</param>
    /// <param name="rise">How far the ankle is above the hips.</param>
    /// <param name="aside">How far it is outside the middle line, in parts of the leg.</param>
    private FootAim Stretched(Point3 hips, double hipsDegrees, Side foot, double heading, double rise, double aside, KickShape way)
    {
        var leg = (_body.ThighCm + _body.ShankCm) * 0.97;
        var frame = new BodyFrame(heading);
        var hip = hips + new BodyFrame(hipsDegrees).ToHall(0, foot.Sign * _body.HipBreadthCm * Figure.HipJoint, 0);
        var up = Math.Clamp(rise, -leg, leg);
        // Towards the middle line of the body, as far as the leg is long.
        var side = foot.Sign * (aside * leg + _height * 0.03) - frame.ToHall(0, 1, 0).Dot(hip - hips);
        side = Math.Clamp(side, -0.7 * leg, 0.7 * leg);
        var ahead = Math.Sqrt(Math.Max(0, leg * leg - up * up - side * side));
        var stretch = new Point3(ahead, side, up).Unit * leg;
        var ankle = hip + frame.ToHall(stretch.X, stretch.Y, stretch.Z);
        var toes = heading - foot.Sign * way.FootTurn;
        var middle = ankle + new BodyFrame(toes).ToHall(_body.FootLengthCm * 0.3, 0, -_body.AnkleHeightCm);
        return new FootAim(middle with { Z = Math.Max(middle.Z, way.OnFloor ? 0 : 2) }, toes, KneeAhead: 0.5);
    }
}
