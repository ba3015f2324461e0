using System.Collections.Frozen;
using System.Globalization;
using System.Reflection;
using System.Text.Json;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>How the feet of a stance relate.</summary>
public enum FeetKind
{
    /// <summary>One foot leads; length runs along the heading from the rear foot to the leading one.</summary>
    Lead,
    /// <summary>Neither foot leads; width runs across the heading.</summary>
    Even,
    /// <summary>On one foot, by which the stance is named; the other is lifted beside it.</summary>
    Single,
}

/// <summary>A length in a unit of the performer's own body, such as 1.5 shoulder widths.</summary>
/// <param name="Amount">How many.</param>
/// <param name="Unit">Which measure.</param>
/// <param name="Pivots">For a width that comes about by pivots, how far each of them turns the feet.</param>
public readonly record struct BodyLength(double Amount, BodyUnit Unit, ValueList<int> Pivots = default)
{
    /// <summary>The length for a body, in centimetres.</summary>
    public double Cm(BodyMeasures body) => Unit == BodyUnit.Pivots ? Calculators.PivotWidth(body, Pivots).Value : Amount * Unit switch
    {
        BodyUnit.Shoulders => body.ShoulderBreadthCm,
        BodyUnit.Hips => body.HipBreadthCm,
        BodyUnit.Feet => body.FootLengthCm,
        BodyUnit.CmAtReference => body.StatureCm / BodyMeasures.ReferenceStatureCm,
        _ => 1,
    };

    /// <summary>Reads "1.5 shoulders", "4 feet", "1 hips", "80 cm at 175", "5 cm" or "pivots 45 75".</summary>
    /// <exception cref="FormatException">Any other text.</exception>
    public static BodyLength Parse(string text)
    {
        var parts = text.Split(' ', 2);
        if (parts is ["pivots", var turns])
            return new BodyLength(0, BodyUnit.Pivots, turns.Split(' ').Select(t => int.TryParse(t, out var degrees) && degrees is >= 0 and <= 120 ? degrees
                : throw new FormatException($"\"{text}\": write degrees from 0 to 120.")).ToValueList());
        var unit = parts is [_, var name] ? name switch
        {
            "shoulders" => BodyUnit.Shoulders,
            "hips" => BodyUnit.Hips,
            "feet" => BodyUnit.Feet,
            "cm at 175" => BodyUnit.CmAtReference,
            "cm" => BodyUnit.Cm,
            _ => throw new FormatException($"\"{text}\": the unit is not one of shoulders, hips, feet, cm at 175, cm."),
        } : throw new FormatException($"\"{text}\": write an amount, a space and a unit.");
        return double.TryParse(parts[0], NumberStyles.Float, CultureInfo.InvariantCulture, out var amount) && amount is >= -10 and <= 300
            ? new BodyLength(amount, unit)
            : throw new FormatException($"\"{text}\": the amount is no usual number.");
    }

    /// <summary>The text that is read as this length.</summary>
    public override string ToString() => Unit == BodyUnit.Pivots ? "pivots " + string.Join(' ', Pivots)
        : FormattableString.Invariant($"{Amount:0.###} ") + Unit switch { BodyUnit.Shoulders => "shoulders", BodyUnit.Hips => "hips", BodyUnit.Feet => "feet", BodyUnit.CmAtReference => "cm at 175", _ => "cm" };
}

/// <summary>Units in which stances are measured.</summary>
public enum BodyUnit { Shoulders, Hips, Feet, CmAtReference, Cm, Pivots }

/// <summary>
/// The size of a stance. Lengths run between the middles of the feet. A negative width crosses the feet.
/// </summary>
/// <param name="Feet">Which feet there are.</param>
/// <param name="Length">Along the heading.</param>
/// <param name="Width">Across the heading.</param>
/// <param name="LeadWeight">Per cent of the weight on the leading (or named) foot.</param>
/// <param name="LeadOut">Degrees the leading foot points outward.</param>
/// <param name="RearOut">Degrees the other foot points outward.</param>
/// <param name="Source">Where the numbers come from.</param>
/// <param name="NamedByRearFoot">Whether the school that the stance comes from calls it "right" when the right foot is behind.</param>
/// <param name="Depth">Height of the hips as a part of their height in standing (common practice).</param>
/// <param name="HeelUp">Whose heel is off the floor.</param>
/// <param name="RearStraight">Whether the rear leg is straight, so that it says how high the hips are.</param>
public sealed record StanceShape(FeetKind Feet, BodyLength Length, BodyLength Width, int LeadWeight, int LeadOut, int RearOut, string Source, bool NamedByRearFoot = false,
    double Depth = 1, HeelUp HeelUp = HeelUp.None, bool RearStraight = false)
{
    // Wider than one stands, and sunk between the feet, but not down to the floor (common practice).
    private const double WiderThanShoulders = 1.2, Sunk = 0.9, Squatting = 0.6;

    /// <summary>Whether the weight is sunk between feet that stand wide apart side by side, as in horse stance: from there the body turns over either foot.</summary>
    public bool IsStraddle => Feet == FeetKind.Even && Depth is > Squatting and < Sunk && Width.Cm(BodyMeasures.Reference) > WiderThanShoulders * BodyMeasures.Reference.ShoulderBreadthCm;
}

/// <summary>Whose heel is off the floor in a stance.</summary>
public enum HeelUp { None, Lead, Rear, Both }

/// <summary>The shapes of all stances, as one school teaches them.</summary>
public sealed class StanceSet
{
    private static readonly Lazy<StanceSet> StandardSet = new(Read);
    private static readonly HashSet<string> Resting = ["attention-stance", "ready-stance", "closed-stance", "open-stance", "wide-ready-stance", "both-knees"];
    private readonly FrozenDictionary<TermId, StanceShape> _shapes;

    private StanceSet(FrozenDictionary<TermId, StanceShape> shapes) => _shapes = shapes;

    /// <summary>Whether one only stands or kneels in it, waiting, as forms open and close (common practice).</summary>
    public static bool IsStanding(TermId stance) => Resting.Contains(stance.Value);

    /// <summary>The shapes that ship with the product (<c>Body/Data/shapes.json</c>, each with its source).</summary>
    public static StanceSet Standard => StandardSet.Value;

    /// <summary>A stance's shape; a school's own stance without one stands like a short front stance.</summary>
    public StanceShape Of(TermId stance) =>
        _shapes.TryGetValue(stance, out var shape) ? shape : _shapes[new TermId("short-front-stance")];

    /// <summary>These shapes with more stances, each standing like one that is known.</summary>
    public StanceSet With(IEnumerable<(TermId Stance, TermId Like)> own)
    {
        var shapes = new Dictionary<TermId, StanceShape>(_shapes);
        foreach (var (stance, like) in own) shapes.TryAdd(stance, Of(like));
        return new StanceSet(shapes.ToFrozenDictionary());
    }

    /// <summary>These shapes with some of them changed.</summary>
    public StanceSet Changed(IEnumerable<(TermId Stance, StanceShape Shape)> changes)
    {
        var shapes = new Dictionary<TermId, StanceShape>(_shapes);
        foreach (var (stance, shape) in changes) shapes[stance] = shape;
        return new StanceSet(shapes.ToFrozenDictionary());
    }

    /// <summary>Every stance with a shape.</summary>
    public IEnumerable<TermId> Stances => _shapes.Keys;

    private static StanceSet Read()
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("shapes.json")!;
        var rows = JsonSerializer.Deserialize<ShapeRow[]>(stream, JsonSerializerOptions.Web)!;
        return new StanceSet(rows.ToFrozenDictionary(
            r => new TermId(r.Id),
            r => new StanceShape(Enum.Parse<FeetKind>(r.Feet, ignoreCase: true), BodyLength.Parse(r.Length),
                BodyLength.Parse(r.Width), r.LeadWeight, r.LeadOut, r.RearOut, r.Source, r.NamedByRearFoot, r.Depth,
                r.HeelUp is { } heel ? Enum.Parse<HeelUp>(heel, ignoreCase: true) : HeelUp.None, r.RearStraight)));
    }

    private sealed record ShapeRow(string Id, string Feet, string Length, string Width, int LeadWeight, int LeadOut, int RearOut, string Source,
        bool NamedByRearFoot = false, double Depth = 1, string? HeelUp = null, bool RearStraight = false);
}
