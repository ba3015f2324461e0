using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Terms;

/// <summary>What kind of thing a term names.</summary>
public enum TermKind { Stance, Footwork, Technique }

/// <summary>A tradition whose words a school uses for display.</summary>
public enum Tradition { English, Japanese, Korean, Chinese }

/// <summary>A word of the trade, with its names in the traditions that have it.</summary>
/// <param name="Id">Stable name, such as <c>front-stance</c>.</param>
/// <param name="Kind">Stance, footwork or technique.</param>
/// <param name="English">The standard English name; every term has one.</param>
/// <param name="Names">Names in the other traditions, romanised.</param>
/// <param name="Aliases">Other names and spellings that are understood.</param>
/// <param name="Family">Receiving, punch, strike, kick, guard, staff and so on; empty for stances and footwork.</param>
/// <param name="Limb">"hand", "both" (hands) or "foot"; empty for stances and footwork.</param>
/// <param name="DefaultLevel">The level meant where none is said.</param>
/// <param name="HandRule">Whether the name itself says that the lead or the rear hand does it.</param>
/// <param name="IsWholeMovement">Whether it names a movement of feet and hands together, which is often told out after its name.</param>
public sealed record Term(
    TermId Id,
    TermKind Kind,
    string English,
    IReadOnlyDictionary<Tradition, string> Names,
    IReadOnlyList<string> Aliases,
    string Family = "",
    string Limb = "",
    Level? DefaultLevel = null,
    HandRule HandRule = HandRule.Unsaid,
    bool IsWholeMovement = false)
{
    /// <summary>The name in a tradition; English where the tradition has none.</summary>
    public string In(Tradition tradition) => Names.TryGetValue(tradition, out var name) ? name : English;

    /// <summary>Every spelling that is understood, the English name first.</summary>
    public IEnumerable<string> Spellings => [English, .. Names.Values, .. Aliases];

    /// <summary>Whether a foot does it: kicks, knees and sweeps.</summary>
    public bool IsKick => Limb == "foot";

    /// <summary>Whether the weapon does it.</summary>
    public bool IsWeapon => Family is "staff" or "sword" or "short weapon";
}

/// <summary>Which hand a technique's own name names, relative to the leading foot.</summary>
public enum HandRule { Unsaid, Lead, Rear }
