namespace TidyHeron.Core.Teaching;

/// <summary>How well a student knows a section, from first sight to performance (common practice).</summary>
public enum KnowingStep
{
    /// <summary>No mark, or a mark taken back to nothing.</summary>
    NotShown = 0,
    Shown = 1,
    Follows = 2,
    ByCount = 3,
    Alone = 4,
    FullSpirit = 5,
}
