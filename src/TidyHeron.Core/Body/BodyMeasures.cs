namespace TidyHeron.Core.Body;

/// <summary>Parts of a body that were measured with a tape, in centimetres; what is left out follows from stature.</summary>
/// <param name="ShoulderCm">Across the shoulders, from bone to bone.</param>
/// <param name="FootCm">Foot, heel to toe.</param>
/// <param name="ArmCm">Arm with the hand, shoulder to fingertip.</param>
/// <param name="LegCm">Floor to the hip joint.</param>
public sealed record MeasuredParts(double? ShoulderCm = null, double? FootCm = null, double? ArmCm = null, double? LegCm = null);

/// <summary>
/// The performer's own measures, in centimetres. From stature alone they are segment lengths as fractions of stature after
/// Drillis and Contini (1966), as tabulated in D. A. Winter, "Biomechanics and Motor Control of Human Movement"; recalled
/// from memory. What was measured takes the place of its fraction, and the segments it is made of scale with it.
/// </summary>
public sealed record BodyMeasures
{
    /// <summary>Stature that stance sizes given in plain centimetres are meant for (common practice).</summary>
    public const double ReferenceStatureCm = 175;

    public const double LeastStatureCm = 80;
    public const double GreatestStatureCm = 230;

    /// <summary>How far a measured part may be from its fraction of stature before it is taken for a slip.</summary>
    public const double MostDeviation = 0.35;

    private readonly MeasuredParts _measured;

    /// <summary>Stature, 80 to 230 cm.</summary>
    public double StatureCm { get; }

    /// <exception cref="ArgumentOutOfRangeException">Stature outside 80 to 230 cm, or a part that no body of that stature has.</exception>
    public BodyMeasures(double statureCm, MeasuredParts? measured = null)
    {
        if (!(statureCm is >= LeastStatureCm and <= GreatestStatureCm))
            throw new ArgumentOutOfRangeException(nameof(statureCm), statureCm, "Give a height from 80 to 230 cm.");
        StatureCm = statureCm;
        _measured = measured ?? new MeasuredParts();
        foreach (var (cm, fraction, part) in Parts)
            if (cm is { } given && !(Math.Abs(given / (fraction * statureCm) - 1) <= MostDeviation))
                throw new ArgumentOutOfRangeException(part, given, FormattableString.Invariant(
                    $"At {statureCm:0} cm tall this is usually about {fraction * statureCm:0} cm. Measure once more, or leave it out."));
    }

    public static readonly BodyMeasures Reference = new(ReferenceStatureCm);

    private IEnumerable<(double? Cm, double Fraction, string Part)> Parts =>
    [
        (_measured.ShoulderCm, 0.259, "shoulderCm"), (_measured.FootCm, 0.152, "footCm"), (_measured.ArmCm, 0.440, "armCm"), (_measured.LegCm, 0.530, "legCm"),
    ];

    public double FootLengthCm => _measured.FootCm ?? 0.152 * StatureCm;
    public double FootBreadthCm => 0.055 / 0.152 * FootLengthCm;
    public double ShoulderBreadthCm => _measured.ShoulderCm ?? 0.259 * StatureCm;
    public double HipBreadthCm => 0.191 * StatureCm;

    public double AnkleHeightCm => 0.039 * LegScale;
    public double KneeHeightCm => 0.285 * LegScale;
    public double HipHeightCm => 0.530 * LegScale;
    /// <summary>Hip to knee.</summary>
    public double ThighCm => HipHeightCm - KneeHeightCm;
    /// <summary>Knee to ankle.</summary>
    public double ShankCm => KneeHeightCm - AnkleHeightCm;

    /// <summary>Hip to shoulder.</summary>
    public double TrunkCm => (0.818 - 0.530) * StatureCm;
    public double ShoulderHeightCm => HipHeightCm + TrunkCm;
    public double ChinHeightCm => ShoulderHeightCm + (0.870 - 0.818) * StatureCm;
    public double EyeHeightCm => ShoulderHeightCm + (0.936 - 0.818) * StatureCm;
    /// <summary>Shoulder to the top of the head.</summary>
    public double HeadAboveShoulderCm => (1 - 0.818) * StatureCm;

    public double UpperArmCm => 0.186 * ArmScale;
    public double ForearmCm => 0.146 * ArmScale;
    public double HandCm => 0.108 * ArmScale;
    /// <summary>Upper arm, forearm and hand together.</summary>
    public double ArmReachCm => UpperArmCm + ForearmCm + HandCm;

    private double LegScale => (_measured.LegCm ?? 0.530 * StatureCm) / 0.530;
    private double ArmScale => (_measured.ArmCm ?? 0.440 * StatureCm) / 0.440;
}
