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
internal sealed partial class Rigging
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

    private static double Signed(double degrees) => degrees - 360 * Math.Round(degrees / 360);
}
