namespace TidyHeron.Core.Body;

/// <summary>A number with how it comes about, so that a teacher can follow it.</summary>
/// <param name="Value">The number.</param>
/// <param name="Unit">"cm" or "times".</param>
/// <param name="Formula">The formula with its numbers.</param>
/// <param name="Source">Where it comes from.</param>
public sealed record Worked(double Value, string Unit, string Formula, string Source);

/// <summary>Small sums of the trade.</summary>
public static class Calculators
{
    /// <summary>How far the tip of a staff goes for each centimetre of a hand: pivot to tip over pivot to moving hand.</summary>
    /// <param name="lengthCm">Of the staff.</param>
    /// <param name="pivotFromButtCm">Where the still hand holds it.</param>
    /// <param name="betweenHandsCm">From the still hand to the moving one.</param>
    /// <exception cref="ArgumentOutOfRangeException">A hand that is not on the staff, or both at one place.</exception>
    public static Worked StaffLever(double lengthCm, double pivotFromButtCm, double betweenHandsCm)
    {
        if (!(lengthCm is >= 30 and <= 400)) throw new ArgumentOutOfRangeException(nameof(lengthCm), lengthCm, "Give a length from 30 to 400 cm.");
        if (!(pivotFromButtCm >= 0 && pivotFromButtCm < lengthCm)) throw new ArgumentOutOfRangeException(nameof(pivotFromButtCm), pivotFromButtCm, "The still hand must be on the staff.");
        if (!(betweenHandsCm >= 1 && pivotFromButtCm + betweenHandsCm <= lengthCm)) throw new ArgumentOutOfRangeException(nameof(betweenHandsCm), betweenHandsCm, "The moving hand must be on the staff, at least 1 cm from the other one.");
        var toTip = lengthCm - pivotFromButtCm;
        return new Worked(toTip / betweenHandsCm, "times", FormattableString.Invariant($"tip {toTip:0.#} cm from the still hand ÷ moving hand {betweenHandsCm:0.#} cm from it"), "the law of the lever");
    }

    /// <summary>How long a stance is for a body.</summary>
    public static Worked StanceLength(StanceShape shape, BodyMeasures body)
    {
        var length = shape.Feet == FeetKind.Even ? shape.Width : shape.Length;
        return new Worked(length.Cm(body), "cm", FormattableString.Invariant($"{length.Amount:0.##} {length.Unit} at {body.StatureCm:0} cm tall, between the middles of the feet"), shape.Source);
    }

    /// <summary>Height at which a belt is tied as a stand-in for a partner.</summary>
    public static Worked BeltHeight(BodyMeasures body) =>
        new(body.ShoulderHeightCm, "cm", FormattableString.Invariant($"shoulder height at {body.StatureCm:0} cm tall"), "common practice: tied at shoulder height");

    /// <summary>Length of the belt's free end.</summary>
    public static Worked BeltFreeEnd(BodyMeasures body) =>
        new(body.ArmReachCm, "cm", FormattableString.Invariant($"upper arm {body.UpperArmCm:0.#} + forearm {body.ForearmCm:0.#} + hand {body.HandCm:0.#} cm"), "common practice: free end as long as the arm");

    /// <summary>How far all others keep away from someone who swings a weapon on the spot.</summary>
    public static Worked ClearRadius(BodyMeasures body, Weapon weapon)
    {
        var arm = body.UpperArmCm + body.ForearmCm;
        return new Worked(arm + weapon.BeyondLeadHandCm, "cm", FormattableString.Invariant($"arm to the grip {arm:0.#} + weapon beyond it {weapon.BeyondLeadHandCm:0.#} cm; add a step for whoever moves"), "common practice");
    }

    /// <summary>
    /// How wide a stance becomes that is opened by pivots from feet together: first on the heels, toes out, then on the balls,
    /// heels out, and so on.
    /// </summary>
    /// <param name="body">Whose feet.</param>
    /// <param name="degrees">How far each pivot turns a foot: toes out by the first, heels out by the second, and so on.</param>
    /// <returns>Between the middles of the feet.</returns>
    public static Worked PivotWidth(BodyMeasures body, params IReadOnlyList<int> degrees)
    {
        // From heel to ball: the ball is seven tenths of the foot from the heel (common practice).
        var span = body.FootLengthCm * 0.7;
        double heel = 0, ball = 0, angle = 0;
        for (var k = 0; k < degrees.Count; k++)
        {
            var onHeel = k % 2 == 0;
            angle += onHeel ? degrees[k] : -degrees[k];
            var sine = Math.Sin(angle * Math.PI / 180);
            if (onHeel) ball = heel + span * sine;
            else heel = ball - span * sine;
        }
        var middle = heel + (ball - heel) / span * (body.FootLengthCm / 2);
        return new Worked(2 * middle + body.FootBreadthCm, "cm",
            FormattableString.Invariant($"pivots of {string.Join("°, ", degrees)}° of a foot {span:0.#} cm from heel to ball, begun with the feet together"), "computed from the pivots; common practice for the angles");
    }
}
