using TidyHeron.Core.Body;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Figures;

/// <summary>The weapon of a form: the one said, or the one that its techniques need.</summary>
public static class Weapons
{
    public static Weapon? Of(FormReading reading)
    {
        if (reading.Form.Weapon is { } said && Weapon.Find(said.Kind) is { } known)
            return said.LengthCm is { } cm ? known with { LengthCm = cm, Source = "given" } : known;
        foreach (var move in reading.Form.Moves)
            foreach (var action in move.Hands)
                if (reading.Ways.Vocabulary.Find(action.Technique) is { IsWeapon: true } term)
                    return Weapon.Find(term.Family switch { "staff" => "staff", "sword" => term.Id.Value.StartsWith("broadsword", StringComparison.Ordinal) ? "broadsword" : "sword", _ => "truncheon" });
        return null;
    }
}
