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
                    return Weapon.Find(term.Id.Value.Split('-')[0]) ?? Weapon.Find(term.Family is "staff" or "sword" ? term.Family : "truncheon"); // a technique begins with what it is done with
        return null;
    }
}
