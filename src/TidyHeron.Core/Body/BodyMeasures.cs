namespace TidyHeron.Core.Body;

/// <summary>
/// The performer's own measures, in centimetres, from stature alone: segment lengths as fractions of stature after
/// Drillis and Contini (1966), as tabulated in D. A. Winter, "Biomechanics and Motor Control of Human Movement";
/// recalled from memory.
/// </summary>
public sealed record BodyMeasures
{
    /// <summary>Stature that stance sizes given in plain centimetres are meant for (common practice).</summary>
    public const double ReferenceStatureCm = 175;

    public const double LeastStatureCm = 80;
    public const double GreatestStatureCm = 230;

    /// <summary>Stature, 80 to 230 cm.</summary>
    public double StatureCm { get; }

    /// <exception cref="ArgumentOutOfRangeException">Stature outside 80 to 230 cm.</exception>
    public BodyMeasures(double statureCm)
    {
        if (!(statureCm is >= LeastStatureCm and <= GreatestStatureCm))
            throw new ArgumentOutOfRangeException(nameof(statureCm), statureCm, "Give a height from 80 to 230 cm.");
        StatureCm = statureCm;
    }

    public static readonly BodyMeasures Reference = new(ReferenceStatureCm);

    public double FootLengthCm => 0.152 * StatureCm;
    public double FootBreadthCm => 0.055 * StatureCm;
    public double ShoulderBreadthCm => 0.259 * StatureCm;
    public double HipBreadthCm => 0.191 * StatureCm;
    public double HipHeightCm => 0.530 * StatureCm;
    public double ShoulderHeightCm => 0.818 * StatureCm;
    /// <summary>Upper arm, forearm and hand together.</summary>
    public double ArmReachCm => (0.186 + 0.146 + 0.108) * StatureCm;
}
