namespace TidyHeron.Core.Body;

/// <summary>Traditional units of length and their exact size.</summary>
public static class TraditionalUnits
{
    /// <summary>One shaku in centimetres: 10/33 m exactly (Japanese Weights and Measures Act, 1891; recalled from memory).</summary>
    public const double ShakuCm = 1000.0 / 33;

    /// <summary>One inch in centimetres, exactly (international yard and pound agreement, 1959; recalled from memory).</summary>
    public const double InchCm = 2.54;

    /// <summary>A length of so many shaku, sun (a tenth) and bu (a hundredth), in centimetres.</summary>
    public static double Shaku(double shaku, double sun = 0, double bu = 0) => (shaku + sun / 10 + bu / 100) * ShakuCm;
}

/// <summary>How a weapon is held.</summary>
public enum WeaponHold
{
    /// <summary>Two hands apart, the weapon reaching out on both sides of them.</summary>
    Staff,
    /// <summary>Two hands together at one end.</summary>
    Sword,
    /// <summary>One hand near one end.</summary>
    OneHanded,
}

/// <summary>A weapon that a form is done with.</summary>
/// <param name="Id">Stable name, such as <c>staff</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="LengthCm">From end to end.</param>
/// <param name="Hold">How it is held.</param>
/// <param name="Source">Where the length comes from.</param>
public sealed record Weapon(string Id, string Name, double LengthCm, WeaponHold Hold, string Source)
{
    /// <summary>Weapons offered, with usual lengths. A form may give its own length.</summary>
    public static readonly IReadOnlyList<Weapon> All =
    [
        new("staff", "staff, six shaku", TraditionalUnits.Shaku(6), WeaponHold.Staff, "6 shaku"),
        new("short-staff", "short staff, four shaku", TraditionalUnits.Shaku(4), WeaponHold.Staff, "4 shaku; common practice"),
        new("sword", "practice sword", TraditionalUnits.Shaku(3, 3, 5), WeaponHold.Sword, "3 shaku 3 sun 5 bu"),
        new("broadsword", "single-edged sabre", 95, WeaponHold.OneHanded, "common practice"),
        new("truncheon", "truncheon", 50, WeaponHold.OneHanded, "common practice: a little longer than the forearm"),
        new("knife", "practice knife", 30, WeaponHold.OneHanded, "common practice"),
        new("trident", "sai", 46, WeaponHold.OneHanded, "common practice: it ends just past the elbow"),
        new("sickle", "sickle", 50, WeaponHold.OneHanded, "common practice: as long as the forearm with the fist"),
        new("flail", "flail of two sticks", 61, WeaponHold.OneHanded, "common practice: each stick as long as the forearm"),
        new("fan", "folding fan", 32, WeaponHold.OneHanded, "common practice"),
    ];

    /// <summary>A weapon by its name; none if it is not known.</summary>
    public static Weapon? Find(string id) => All.FirstOrDefault(w => w.Id == id);

    /// <summary>How far the weapon reaches beyond the leading hand. Staff: held a third from either end (common practice).</summary>
    public double BeyondLeadHandCm => Hold switch
    {
        WeaponHold.Staff => LengthCm * 0.62,
        WeaponHold.Sword => LengthCm * 0.78,
        _ => LengthCm * 0.85,
    };

    /// <summary>Between the two hands.</summary>
    public double GripSpacingCm(BodyMeasures body) => Hold switch
    {
        WeaponHold.Staff => Math.Min(body.ShoulderBreadthCm * 0.9, LengthCm * 0.3),
        WeaponHold.Sword => LengthCm * 0.12,
        _ => 0,
    };
}
