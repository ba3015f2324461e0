using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>How a weapon is led: which hand leads the grip, from which side it strikes, how high its tip ends, where it stops.</summary>
public sealed partial class Reader
{
    // What general words mean with each weapon in the hands. Common practice.
    private static readonly Dictionary<string, Dictionary<string, string>> WithWeapon = new()
    {
        ["staff"] = new()
        {
            ["thrust"] = "staff-thrust", ["sweep"] = "staff-sweep", ["uppercut"] = "staff-rising-strike", ["block"] = "staff-side-block",
            ["rising-block"] = "staff-high-block", ["low-block"] = "staff-low-block", ["inside-block"] = "staff-side-block",
            ["outside-block"] = "staff-side-block", ["middle-block"] = "staff-side-block", ["pressing-block"] = "staff-press", ["guard"] = "staff-guard",
            ["chop"] = "staff-overhead-strike",
        },
        ["sword"] = new()
        {
            ["thrust"] = "sword-thrust", ["block"] = "sword-parry", ["strike"] = "sword-downward-cut", ["uppercut"] = "sword-rising-cut",
            ["staff-horizontal-strike"] = "sword-horizontal-cut", ["staff-overhead-strike"] = "sword-downward-cut", ["staff-diagonal-strike"] = "sword-diagonal-cut", ["knife-slash"] = "sword-horizontal-cut",
            ["guard"] = "sword-guard", ["sweep"] = "sword-horizontal-cut", ["chop"] = "sword-downward-cut",
        },
        ["truncheon"] = new() { ["thrust"] = "truncheon-thrust", ["strike"] = "truncheon-strike", ["block"] = "truncheon-block" },
        ["trident"] = new() { ["thrust"] = "trident-thrust", ["punch"] = "trident-thrust", ["block"] = "trident-block", ["strike"] = "trident-strike" },
        ["sickle"] = new() { ["strike"] = "sickle-cut", ["knife-slash"] = "sickle-cut" },
        ["flail"] = new()
        {
            ["strike"] = "flail-strike", ["staff-diagonal-strike"] = "flail-strike", ["staff-overhead-strike"] = "flail-strike", ["staff-horizontal-strike"] = "flail-strike",
            ["staff-spin"] = "flail-spin", ["grab"] = "flail-catch", ["block"] = "flail-block", ["rising-block"] = "flail-block",
        },
        ["knife"] = new() { ["thrust"] = "knife-thrust", ["strike"] = "knife-slash" },
        ["fan"] = new() { ["strike"] = "fan-strike" },
    };

    /// <summary>"Left stick", "both sticks": with a side the weapon stands for the hand that holds it; by itself it is only named.</summary>
    private void TakeWeaponNoun(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "weapon");
        if (_side is { } side) (_side, _hand, _limbLexeme) = (null, side.Hand, lexeme);
        else if (Follows(i, "both") && Next(i) is { Kind: "technique" or "level" }) (_hand, _limbLexeme) = (Hand.Both, lexeme);
    }

    /// <summary>Whether a weapon of a kind is in the hands: something was done with it, or the words speak of it.</summary>
    private bool Holds(string weapon) =>
        SpeaksOf(weapon)
        || _before.Concat(_said).SelectMany(m => m.Hands).Concat(_draft.Hands).Any(h => h.Technique.Value.StartsWith(weapon + "-", StringComparison.Ordinal));

    /// <summary>The two-handed weapon that the form is declared to carry, or that its moves so far were done with.</summary>
    private string? CarriedBefore()
    {
        if (_form.Weapon is { Kind: var kind }) return WithWeapon.ContainsKey(kind) ? kind : kind is "broadsword" ? "sword" : null;
        for (var k = _said.Count + _before.Count - 1; k >= 0; k--)
            foreach (var action in (k >= _before.Count ? _said[k - _before.Count] : _before[k]).Hands)
                if (_ways.Vocabulary.Find(action.Technique) is { IsWeapon: true } term && term.Id.Value.Split('-')[0] is var first)
                    return WithWeapon.ContainsKey(first) ? first : term.Family is "sword" ? "sword" : null;
        return null;
    }

    private bool SpeaksOf(string weapon) => _weapons.Contains(weapon);

    /// <summary>"Strike down", "sweep", "block": general words are the weapon's where one is in the hands.</summary>
    private Term? WithTheWeapon(int i)
    {
        var lexeme = _lexemes[i];
        // Where the words speak of the weapon or the form has carried it so far. A move said back by itself keeps the
        // technique that it has; within a form of the weapon, an empty hand has let go first or is said to be empty.
        if (_bare) return null;
        var weapon = NamedWith(i) ?? (LetGo() ? null : WithWeapon.Keys.FirstOrDefault(SpeaksOf) ?? CarriedBefore());
        var way = i + 1 < _lexemes.Count ? _lexemes[i + 1].Plain : "";
        if (weapon == "staff" && lexeme.Plain is "strike" or "strikes" && StrikeAt(i) is { } aimed) return TermOf(aimed);
        if ((weapon == "staff" || weapon is null && Holds("staff")) && lexeme.Plain == "strike" && way is "down" or "across" or "up")
            return TermOf(way switch { "down" => "staff-overhead-strike", "across" => "staff-horizontal-strike", _ => "staff-rising-strike" });
        if (weapon == "staff" && lexeme.Value == "block" && (_level ?? (Next(i) is { Kind: "level" } next ? Enum.Parse<Notation.Level>(next.Value, true) : null)) is { } height and not Notation.Level.Middle)
            return TermOf(height == Notation.Level.High ? "staff-high-block" : "staff-low-block");
        if (weapon is null && lexeme.Plain is "sweep" or "sweeping" && Holds("staff")) return TermOf("staff-sweep");
        if (weapon is null) return null;
        var general = lexeme.Plain switch
        {
            "thrust" or "thrusts" or "thrusting" => "thrust",
            "chop" or "chops" or "chopping" => "chop",
            "sweep" or "sweeps" or "sweeping" or "sweep the leg" => "sweep",
            _ => lexeme.Value,
        };
        if (general == "chop" && weapon == "sword" && _lexemes.Any(l => l.Is("weapon", "sword") && (l.Plain.EndsWith("sabre", StringComparison.Ordinal) || l.Plain.EndsWith("broadsword", StringComparison.Ordinal)))) return TermOf("broadsword-chop");
        return WithWeapon[weapon].TryGetValue(general, out var term) ? TermOf(term) : null;
    }

    /// <summary>Which staff strike goes the way or to the target that is named with it. Common practice.</summary>
    private string? StrikeAt(int i)
    {
        var words = " " + string.Join(' ', _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Select(l => l.Plain)) + " ";
        bool Says(params string[] any) => any.Any(w => words.Contains($" {w} ", StringComparison.Ordinal));
        return Says("diagonally", "temple", "neck", "ear", "collarbone") ? "staff-diagonal-strike"
            : Says("rising", "up", "groin", "chin") ? "staff-rising-strike"
            : Says("knee", "shin", "ankle", "ankles", "knees", "leg") ? "staff-low-strike"
            : Says("ribs", "body", "across") ? "staff-horizontal-strike"
            : Says("down", "head", "crown") ? "staff-overhead-strike"
            : _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("level"))?.Value switch
            {
                "high" => "staff-diagonal-strike",
                "middle" => "staff-horizontal-strike",
                "low" => "staff-low-strike",
                _ => null,
            };
    }

    /// <summary>The weapon named in the same clause, right before or right after the word.</summary>
    private string? NamedWith(int i) => new[] { Previous(i), Next(i) }.FirstOrDefault(l => l is { Kind: "weapon" } && WithWeapon.ContainsKey(l.Value))?.Value;

    /// <summary>A hand has let go of the weapon and not taken it again.</summary>
    private bool LetGo()
    {
        foreach (var action in _before.Concat(_said).SelectMany(m => m.Hands).Concat(_draft.Hands).Reverse())
        {
            if (action.Technique.Value == "release-hand") return true;
            if (action.Technique.Value is "regrip") return false;
        }
        return false;
    }

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
