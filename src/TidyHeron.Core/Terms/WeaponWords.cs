using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Terms;

/// <summary>
/// What general words mean with a weapon in the hands, and what the words of a weapon mean without one. Common practice; the
/// words are in <c>Terms/Data/weapon-words.json</c>.
/// </summary>
internal static class WeaponWords
{
    /// <summary>A strike that is told by what it is aimed at.</summary>
    /// <param name="At">The targets and ways.</param>
    /// <param name="Strike">The technique.</param>
    internal sealed record AimedStrike(string[] At, string Strike);

    private sealed record Words(
        Dictionary<string, Dictionary<string, string>> With, AimedStrike[] Aimed, Dictionary<string, string> Levels, Dictionary<string, string> Without);

    private static readonly Lazy<Words> Data = new(() => PhraseBook.ReadData<Words>("weapon-words"));

    /// <summary>By kind of weapon: general technique or word to the weapon's technique.</summary>
    public static IReadOnlyDictionary<string, Dictionary<string, string>> With => Data.Value.With;

    /// <summary>Whether a technique's words mean the weapon's where one is in play.</summary>
    public static bool AreShared(TermId technique) => Shared.Value.Contains(technique.Value);

    private static readonly Lazy<HashSet<string>> Shared = new(() => With.Values.SelectMany(w => w.Keys).ToHashSet());

    /// <summary>Which staff strike goes to a target or a way; the first that fits.</summary>
    public static IReadOnlyList<AimedStrike> Aimed => Data.Value.Aimed;

    /// <summary>Which staff strike is meant at a level, where no target is named.</summary>
    public static IReadOnlyDictionary<string, string> Levels => Data.Value.Levels;

    /// <summary>The empty hand's technique that is meant by a weapon's where no weapon is in play.</summary>
    public static IReadOnlyDictionary<string, string> Without => Data.Value.Without;
}
