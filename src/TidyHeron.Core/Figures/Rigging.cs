using TidyHeron.Core.Body;
using TidyHeron.Core.Checks;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Figures;

/// <summary>A rig on the way through a move.</summary>
/// <param name="At">When: 0 where the move before has ended, 1 where this one ends.</param>
public sealed record KeyRig(double At, Rig Rig);

/// <summary>What the body does in one move.</summary>
/// <param name="Kick">The kick at its furthest, where there is one.</param>
/// <param name="Ways">What the body goes through before the end, in order: the chambered leg, the kick, the air, the ground.</param>
/// <param name="End">How the move ends.</param>
public sealed record MoveRig(Rig? Kick, ValueList<KeyRig> Ways, Rig End);

/// <summary>Turns the postures of a form into rigs: feet from the floor, hips from the stance, hands from the techniques.</summary>
internal sealed class Rigging
{
    private readonly FormReading _reading;
    private readonly BodyMeasures _body;
    private readonly Weapon? _weapon;
    private readonly double _height;
    private readonly double _arm; // parts of stature that concern arms, for arms longer or shorter than usual

    private Rigging(FormReading reading)
    {
        _reading = reading;
        _body = reading.Body;
        _height = _body.StatureCm;
        _arm = _body.ArmReachCm / 0.440;
        _weapon = Weapons.Of(reading);
    }

    /// <summary>The rigs of a form: how it opens, then one a move.</summary>
    public static (Rig Start, ValueList<MoveRig> Moves) Of(FormReading reading)
    {
        var rigging = new Rigging(reading);
        var start = rigging.Open();
        var moves = new MoveRig[reading.Form.Moves.Count];
        var held = rigging._weapon is null ? null : Grips.Before(reading);
        var now = start;
        for (var i = 0; i < moves.Length; i++)
        {
            moves[i] = rigging.Move(i, now, held);
            now = moves[i].End;
        }
        return (start, moves.ToValueList());
    }

    private Rig Open()
    {
        var posture = _reading.Walk.Start;
        var ready = _reading.Ways.Vocabulary.Find(new TermId("fists-ready"))!;
        var rig = Stand(posture, posture.Heading.Degrees) with { LeftHand = Aim(ready, null, Side.Left), RightHand = Aim(ready, null, Side.Right) };
        return _weapon is null ? rig : Hold(rig, new TermId(_weapon.Hold == WeaponHold.Sword ? "sword-guard" : "staff-guard"), null, leadRight: true, true, true);
    }

    private MoveRig Move(int i, Rig before, IReadOnlyList<HashSet<Hand>>? held)
    {
        var move = _reading.Form.Moves[i];
        var posture = _reading.Walk.Postures[i];
        var end = Stand(posture, before.Degrees + posture.Turned.Degrees);
        end = Hands(end, before, move, posture, held?[i]);
        end = Look(end, move);
        var kick = move.Kick is { } kicked && posture.KickingFoot is { } foot ? Kick(kicked, foot, i, before, end) : null;
        return new MoveRig(kick, Through(move, before, end, kick).ToValueList(), end);
    }

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

    /// <summary>Feet and hips of a posture. Degrees go on counting through turns, so that what lies between two rigs turns the right way.</summary>
    private Rig Stand(Posture posture, double degrees)
    {
        var shape = _reading.Ways.Stances.Of(posture.Stance);
        var frame = new BodyFrame(degrees);
        double Toes(Foot foot) => degrees + Signed(foot.Heading.Degrees - degrees);
        var kneels = posture.Stance.Value is "kneeling-stance" or "both-knees";
        FootAim Aim(Side side)
        {
            var foot = posture.FootOf(side);
            var leads = posture.Lead is null || posture.Lead == side;
            if (foot.Lifted)
            {
                // Drawn up beside the standing knee.
                var standing = posture.FootOf(side.Other).Place;
                return new FootAim(Point3.At(standing, _height * 0.24) + frame.ToHall(_height * 0.06, side.Sign * _height * 0.03, 0), degrees, KneeAhead: 0.6);
            }
            var up = shape.HeelUp is HeelUp.Both || shape.HeelUp is HeelUp.Lead && leads && posture.Lead is not null || shape.HeelUp is HeelUp.Rear && !leads;
            return new FootAim(Point3.At(foot.Place, 0), Toes(foot), up ? _body.FootLengthCm * 0.3 : 0, kneels && (posture.Lead is null || !leads));
        }
        var (left, right) = (Aim(Side.Left), Aim(Side.Right));
        var share = posture.Lead is null ? 0.5 : shape.LeadWeight / 100.0;
        var (lead, rear) = posture.Lead == Side.Right ? (posture.Right, posture.Left) : (posture.Left, posture.Right);
        var over = posture.Lead is { } single && shape.Feet == FeetKind.Single ? posture.FootOf(single).Place : lead.Place * share + rear.Place * (1 - share);
        var height = _body.HipHeightCm * shape.Depth;
        if (kneels)
        {
            // The shin lies along the floor and the thigh stands on the knee.
            var behind = posture.Lead is null ? posture.Middle : rear.Place;
            var knee = behind + Ahead(_body.ShankCm + _body.FootLengthCm * -0.3);
            over = posture.Lead is null ? knee : knee + (lead.Place - knee) * 0.15;
            height = _height * 0.03 + _body.ThighCm * 0.97;
        }
        if (shape.RearStraight && posture.Lead is { } leading)
        {
            // As high as a straight rear leg lets the hips be; they sink by themselves to where both feet are reached.
            var flat = (posture.FootOf(leading.Other).Place - over).Length;
            var leg = _body.ThighCm + _body.ShankCm;
            height = Math.Max(height, _body.AnkleHeightCm + Math.Sqrt(Math.Max(0, leg * leg - flat * flat)));
        }
        if (posture.Stance.Value == "lying") over = posture.Middle + Ahead(-0.9 * (_body.ThighCm + _body.ShankCm));
        var lean = posture.Stance.Value switch { "lying" => -86, "drop-stance" => 12, "tiger-crouch-stance" => 10, "squat" => 15, _ => 2 };
        var none = new HandAim(default, default);
        return new Rig(Point3.At(over, height), degrees, lean, 0, left, right, none, none, null, 0, 0);

        Spot Ahead(double cm) => frame.ToHall(cm, 0, 0).Below;
    }

    private Rig Hands(Rig rig, Rig before, Move move, Posture posture, HashSet<Hand>? held)
    {
        var aims = new Dictionary<Side, HandAim>();
        Term? weaponDone = null;
        Side? leading = move.Weapon?.Leads;
        Level? weaponLevel = null;
        var (leftHolds, rightHolds) = before.Weapon is { } w ? (w.LeftHolds, w.RightHolds) : (false, false);
        if (held is { Count: > 0 } && before.Weapon is not null) (leftHolds, rightHolds) = (held.Contains(Hand.Left), held.Contains(Hand.Right));
        foreach (var action in posture.Hands)
        {
            if (_reading.Ways.Vocabulary.Find(action.Technique) is not { } term || action.Hand is not { } hand) continue;
            Side[] sides = hand switch { Hand.Left => [Side.Left], Hand.Right => [Side.Right], _ => [Side.Left, Side.Right] };
            if (term.Id.Value is "keep-hands") continue;
            if (term.Id.Value is "release-hand" or "regrip" or "slide-grip")
            {
                foreach (var side in sides) (leftHolds, rightHolds) = side == Side.Left ? (term.Id.Value != "release-hand", rightHolds) : (leftHolds, term.Id.Value != "release-hand");
                continue;
            }
            if (term.IsWeapon && _weapon is not null)
            {
                (weaponDone, weaponLevel) = (term, action.Level);
                if (hand != Hand.Both) leading ??= sides[0];
                foreach (var side in sides) (leftHolds, rightHolds) = side == Side.Left ? (true, rightHolds) : (leftHolds, true);
                continue;
            }
            // The hand over the leading foot does the greater part of what both do.
            foreach (var side in sides) aims[side] = Aim(term, action.Level, side, second: sides.Length == 2 && posture.Lead is { } lead && side != lead);
        }
        foreach (var side in new[] { Side.Left, Side.Right })
        {
            if (aims.ContainsKey(side)) continue;
            var busy = posture.Hands.Any(h => h.Hand == side.Other.Hand && _reading.Ways.Vocabulary.Find(h.Technique)?.Family is "receiving" or "punch" or "strike" or "elbow");
            // Common practice: while one empty hand works, the other is drawn to the hip.
            aims[side] = busy && _weapon is null ? Aim(_reading.Ways.Vocabulary.Find(new TermId("chamber"))!, null, side)
                : side == Side.Left ? before.LeftHand : before.RightHand;
        }
        rig = rig with { LeftHand = aims[Side.Left], RightHand = aims[Side.Right], Twist = TwistOf(posture), LeanAhead = rig.LeanAhead + posture.Hands.Select(h => ArmTargets.LeanOf(h.Technique)).DefaultIfEmpty().MaxBy(Math.Abs) };
        if (_weapon is null || before.Weapon is null) return rig;
        var leadRight = leading is { } l ? l == Side.Right : weaponDone is not null && posture.Lead is { } front ? front == Side.Right : before.Weapon.LeadRight;
        if (leadRight ? !rightHolds : !leftHolds) leadRight = !leadRight;
        if (!leftHolds && !rightHolds) return rig with { Weapon = before.Weapon with { LeftHolds = false, RightHolds = false } };
        if (weaponDone is not null) return Hold(rig, weaponDone.Id, move.Weapon, leadRight, leftHolds, rightHolds, weaponLevel);
        var kept = before.Weapon with { LeadRight = leadRight, LeftHolds = leftHolds, RightHolds = rightHolds };
        var leadHand = before.Weapon.LeadRight ? before.RightHand : before.LeftHand;
        return leadRight ? rig with { Weapon = kept, RightHand = leadHand } : rig with { Weapon = kept, LeftHand = leadHand };
    }

    // Common practice: the shoulder of a hand that strikes comes a little forward, that of a hand that receives more ("half facing").
    private double TwistOf(Posture posture)
    {
        var working = posture.Hands.Where(h => _reading.Ways.Vocabulary.Find(h.Technique)?.Family is "punch" or "strike" or "receiving").ToList();
        if (working is not [{ Hand: { } hand } action] || hand == Hand.Both) return 0;
        var family = _reading.Ways.Vocabulary.Find(action.Technique)!.Family;
        return (hand == Hand.Left ? 1 : -1) * (family == "receiving" ? 26 : 12);
    }

    /// <summary>Both hands and the weapon as a weapon technique wants them.</summary>
    private Rig Hold(Rig rig, TermId technique, WeaponUse? use, bool leadRight, bool leftHolds, bool rightHolds, Level? level = null)
    {
        var term = _reading.Ways.Vocabulary.Find(technique)!;
        var target = ArmTargets.Of(term, level);
        var sign = leadRight ? 1 : -1;
        var (ahead, out_, up) = target.Along ?? (0.9, 0, 0.3);
        var along = new Point3(ahead, out_ * sign, up).Unit;
        var hand = Aim(term, level, leadRight ? Side.Right : Side.Left);
        var beyond = _weapon!.BeyondLeadHandCm;
        if (use?.Tip is { } tip)
        {
            // As high as was said, as far as the weapon reaches there.
            var height = tip switch
            {
                TipHeight.Floor => 2, TipHeight.Knee => _body.KneeHeightCm, TipHeight.Belt => _body.HipHeightCm * 1.08, TipHeight.Chest => _body.ShoulderHeightCm * 0.88,
                TipHeight.Eyes => _body.EyeHeightCm, _ => _height * 1.2,
            };
            var slope = Math.Clamp((height - rig.Pelvis.Z - hand.Palm.Z) / beyond, -0.97, 0.97);
            var flat = new Point3(along.X, along.Y, 0).Unit;
            along = (flat * Math.Sqrt(1 - slope * slope)) with { Z = slope };
        }
        // The other elbow hangs as the technique's own does, on its side.
        var other = new HandAim(hand.Palm, hand.Elbow with { Y = -hand.Elbow.Y });
        return rig with
        {
            LeftHand = leadRight ? leftHolds ? other : rig.LeftHand : hand,
            RightHand = leadRight ? hand : rightHolds ? other : rig.RightHand,
            Weapon = new WeaponAim(leadRight, along, beyond, _weapon.LengthCm - beyond, _weapon.GripSpacingCm(_body), leftHolds, rightHolds),
        };
    }

    private HandAim Aim(Term technique, Level? level, Side side, bool second = false)
    {
        var target = ArmTargets.Of(technique, level, second);
        var palm = new Point3(target.Ahead * _arm, side.Sign * target.Out * _arm, target.Up * _height);
        // A hand goes where it is aimed as far as the arm is long: a low punch ends nearer than a middle one.
        var shoulder = new Point3(0, side.Sign * _body.ShoulderBreadthCm / 2, _body.TrunkCm);
        var reach = (_body.UpperArmCm + _body.ForearmCm + _body.HandCm / 2) * 0.98;
        if ((palm - shoulder).Length > reach) palm = shoulder + (palm - shoulder).Unit * reach;
        return new HandAim(
            palm,
            new Point3(target.Elbow.Ahead, side.Sign * target.Elbow.Out, target.Elbow.Up), target.Hand.Open, target.Hand.Bend);
    }

    private static Rig Look(Rig rig, Move move) => move.Gaze switch
    {
        Gaze.Left => rig with { GazeDegrees = -70 },
        Gaze.Right => rig with { GazeDegrees = 70 },
        Gaze.OverShoulder => rig with { GazeDegrees = 100 },
        Gaze.Down => rig with { GazeDown = 40 },
        _ => rig,
    };

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

    private static double Signed(double degrees) => degrees - 360 * Math.Round(degrees / 360);
}

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

/// <summary>The weapon of a form: the one said, or the one that its techniques need.</summary>
public static class Weapons
{
    public static Weapon? Of(FormReading reading)
    {
        if (reading.Form.Weapon is { } said && Weapon.Find(said.Kind) is { } known)
            return said.LengthCm is { } cm ? known with { LengthCm = cm, Source = "given" } : known;
        foreach (var move in reading.Form.Moves)
            foreach (var action in move.Hands)
                if (reading.Ways.Vocabulary.Find(action.Technique) is { IsWeapon: true } term)
                    return Weapon.Find(term.Family switch { "staff" => "staff", "sword" => term.Id.Value.StartsWith("broadsword", StringComparison.Ordinal) ? "broadsword" : "sword", _ => "truncheon" });
        return null;
    }
}
