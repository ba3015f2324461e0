using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>How a weapon is led: which hand leads the grip, from which side it strikes, how high its tip ends, where it stops.</summary>
public sealed partial class Reader
{
    private void TakeWeapon(Lexeme lexeme)
    {
        // "From the left" also tells where an empty hand comes from; only with a weapon is it the strike's side.
        if (lexeme.Plain is "from the left" or "from the right" && !_draft.Hands.Any(h => _ways.Vocabulary.Find(h.Technique) is { IsWeapon: true }))
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return;
        }
        var weapon = _draft.Weapon ?? new WeaponUse();
        _draft.Weapon = lexeme.Kind switch
        {
            "gripLead" => weapon with { Leads = Enum.Parse<Side>(lexeme.Value, ignoreCase: true) },
            "strikeFrom" => weapon with { From = Enum.Parse<Side>(lexeme.Value, ignoreCase: true) },
            "tip" => weapon with { Tip = Enum.Parse<TipHeight>(lexeme.Value, ignoreCase: true) },
            _ => weapon with { Stop = Enum.Parse<StopPlace>(lexeme.Value, ignoreCase: true) },
        };
        Note(lexeme, "weapon");
    }
}
