using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Readings;

/// <summary>The usual cautions for what a form holds, deferring to whoever is in charge on the spot.</summary>
public static class FormCautions
{
    public static IReadOnlyList<string> Of(FormReading reading)
    {
        var cautions = new List<string>();
        bool Footwork(params string[] kinds) => reading.Form.Moves.Any(m => m.Footwork is { } f && kinds.Contains(f.Kind.Value));
        if (Footwork("roll", "back-roll")) cautions.Add("Rolls: chin tucked, from shoulder to the opposite hip, never along the spine; on a soft surface, and at first only with an instructor.");
        if (Footwork("fall")) cautions.Add("Falls: the whole arm meets the floor at about 45° to the body, never elbow or wrist first.");
        if (Footwork("jump", "hop", "spin")) cautions.Add("Jumps and spins: check the floor, the footwear and the space around.");
        if (reading.Walk.Postures.Any(p => reading.Ways.Stances.Of(p.Stance).Depth < 0.82)) cautions.Add("Deep stances: knees over the feet and not past the toes; do not force the ankles inward.");
        if (Figures.Weapons.Of(reading) is not null) cautions.Add("Weapons: check the weapon, the clear circle around it and the ceiling; no contact; local law on carrying and transport.");
        if (cautions.Count > 0) cautions.Add(Cautions.Deference);
        return cautions;
    }
}
