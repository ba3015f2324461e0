using TidyHeron.Core.Body;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core;

/// <summary>How a reader likes directions told.</summary>
public enum DirectionHabit { Clock, Words, Degrees }

/// <summary>A school's ways: its vocabulary, its stance shapes, its tradition of names and its habit of telling directions.</summary>
public sealed record Conventions(Vocabulary Vocabulary, StanceSet Stances, Tradition Tradition, DirectionHabit Directions)
{
    public static readonly Conventions Standard =
        new(Vocabulary.Standard, StanceSet.Standard, Tradition.English, DirectionHabit.Clock);
}
