using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core;

/// <summary>How a reader likes directions told.</summary>
public enum DirectionHabit { Clock, Words, Degrees }

/// <summary>A school's ways: its vocabulary, its stance shapes, its tradition of names and its habit of telling directions.</summary>
public sealed record Conventions(Vocabulary Vocabulary, StanceSet Stances, Tradition Tradition, DirectionHabit Directions)
{
    public static readonly Conventions Standard =
        new(Vocabulary.Standard, StanceSet.Standard, Tradition.English, DirectionHabit.Clock);

    /// <summary>Whether a weapon is in play: a block is the weapon's then, and the empty hand's is said as such.</summary>
    public bool IsArmed { get; init; }

    /// <summary>The same ways, as a form is spoken of in them.</summary>
    public Conventions For(Form form)
    {
        var armed = form.Weapon is not null || form.Moves.Any(m => m.Weapon is not null || m.Hands.Any(h => Vocabulary.Find(h.Technique) is { IsWeapon: true }));
        return armed == IsArmed ? this : this with { IsArmed = armed };
    }
}
