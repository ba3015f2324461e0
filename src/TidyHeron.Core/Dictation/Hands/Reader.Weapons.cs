using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>How a weapon is led: which hand leads the grip, from which side it strikes, how high its tip ends, where it stops.</summary>
public sealed partial class Reader
{
    private readonly HashSet<string> _named = []; // the weapons spoken of outside remarks

    /// <summary>
    /// What the form carries from now on: named once at its beginning, the weapon is in the hands for all that is said later.
    /// </summary>
    private WeaponCarried? Carried()
    {
        if (_form.Weapon is not null || _named.Count != 1 || !_before.All(m => m.Counting == Counting.Uncounted) || Body.Weapon.Find(_named.First()) is not { } weapon) return _form.Weapon;
        var at = _fields.FindIndex(f => f.Field == "weapon");
        if (at >= 0) _fields[at] = _fields[at] with { Assumption = $"The form carries a {weapon.Name} from here on; its settings tell which." };
        return new WeaponCarried(weapon.Id);
    }

    /// <summary>"Left stick", "both sticks": with a side the weapon stands for the hand that holds it; by itself it is only named.</summary>
    private void TakeWeaponNoun(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "weapon");
        _named.Add(lexeme.Plain.Split(' ')[^1] is "sabre" or "saber" or "broadsword" ? "broadsword" : lexeme.Value);
        if (_side is { } side) (_side, _hand, _limbLexeme) = (null, side.Hand, lexeme);
        else if (Follows(i, "both") && Next(i) is { Kind: "technique" or "level" }) (_hand, _limbLexeme) = (Hand.Both, lexeme);
    }

    /// <summary>
    /// "Side block", "thrust": words of the weapon that name none mean the empty hand's technique where no weapon is in play.
    /// </summary>
    private MeantTerm? WithoutAWeapon(Lexeme lexeme)
    {
        var term = lexeme.Term!;
        if (!WeaponWords.Without.TryGetValue(term.Id.Value, out var empty) || IsItsName(term, lexeme.Plain) || NamesAWeapon(lexeme)) return null;
        if (_bare) return new MeantTerm(TermOf(empty));
        if (InPlay()) return null;
        return new MeantTerm(TermOf(empty), "Read with the empty hand.", term.English);
    }

    /// <summary>Whether a weapon is declared, spoken of, or has been used.</summary>
    private bool InPlay() => _form.Weapon is not null || _weapons.Count > 0 || CarriedBefore() is not null
        || _before.Concat(_said).SelectMany(m => m.Hands).Any(h => h.Technique.Value is "regrip" or "slide-grip")
        || _lexemes.Any(l => l.Kind is "gripLead" or "tip" or "stopPlace")
        || _lexemes.Any(l => l.Term is { IsWeapon: true } other && l.Plain is not ("draw" or "draws" or "drawing") && (!WeaponWords.Without.ContainsKey(other.Id.Value) || IsItsName(other, l.Plain) || NamesAWeapon(l)));

    private static bool IsItsName(Term term, string plain) => term.Names.Values.Append(term.English).Any(n => string.Join(' ', Spelling.Words(n)) == plain);

    private bool NamesAWeapon(Lexeme lexeme) => lexeme.Plain.Split(' ').Any(w => _ways.Vocabulary.Phrases.Match([w], 0) is { Meaning.Kind: "weapon" });

    /// <summary>Whether a weapon of a kind is in the hands: something was done with it, or the words speak of it.</summary>
    private bool Holds(string weapon) =>
        SpeaksOf(weapon)
        || _before.Concat(_said).SelectMany(m => m.Hands).Concat(_draft.Hands).Any(h => h.Technique.Value.StartsWith(weapon + "-", StringComparison.Ordinal));

    /// <summary>The two-handed weapon that the form is declared to carry, or that its moves so far were done with.</summary>
    private string? CarriedBefore()
    {
        if (_form.Weapon is { Kind: var kind }) return WeaponWords.With.ContainsKey(kind) ? kind : kind is "broadsword" ? "sword" : null;
        for (var k = _said.Count + _before.Count - 1; k >= 0; k--)
            foreach (var action in (k >= _before.Count ? _said[k - _before.Count] : _before[k]).Hands)
                if (_ways.Vocabulary.Find(action.Technique) is { IsWeapon: true } term && term.Id.Value.Split('-')[0] is var first)
                    return WeaponWords.With.ContainsKey(first) ? first : term.Family is "sword" ? "sword" : null;
        return null;
    }

    private bool SpeaksOf(string weapon) => _weapons.Contains(weapon);

    /// <summary>"Strike down", "sweep", "block": general words are the weapon's where one is in the hands.</summary>
    private Term? WithTheWeapon(int i)
    {
        var lexeme = _lexemes[i];
        // Where the words speak of the weapon or the form has carried it so far. A move said back by itself keeps the
        // technique that it has; within a form of the weapon, an empty hand has let go first or is said to be empty.
        if (_bare || lexeme.Term is { IsWeapon: true } own && IsItsName(own, lexeme.Plain)) return null;
        var weapon = NamedWith(i) ?? ((WeaponWords.With.Keys.FirstOrDefault(SpeaksOf) ?? CarriedBefore()) is { } carried && !LetGo() ? carried : null);
        var way = i + 1 < _lexemes.Count ? _lexemes[i + 1].Plain : "";
        if (weapon == "staff" && lexeme.Plain is "strike" or "strikes" && StrikeAt(i) is { } aimed) return TermOf(aimed);
        if (lexeme.Plain == "strike" && (weapon == "staff" || weapon is null && Holds("staff")) && way is "down" or "across" or "horizontally" or "sideways" or "up")
            return TermOf(way switch { "down" => "staff-overhead-strike", "across" or "horizontally" or "sideways" => "staff-horizontal-strike", _ => "staff-rising-strike" });
        if (weapon == "staff" && lexeme.Value == "block" && (_level ?? (Next(i) is { Kind: "level" } next ? Enum.Parse<Notation.Level>(next.Value, true) : null)) is { } height and not Notation.Level.Middle)
            return TermOf(height == Notation.Level.High ? "staff-high-block" : "staff-low-block");
        if (weapon is null && lexeme.Plain is "sweep" or "sweeping" && Holds("staff")) return TermOf("staff-sweep");
        if (weapon is null) return null;
        var general = lexeme.Plain switch
        {
            _ when lexeme.Value == "staff-thrust" && lexeme.Plain.StartsWith("thrust", StringComparison.Ordinal) => "thrust",
            "chudan zuki" or "jodan zuki" or "tsuki" or "zuki" or "jirugi" or "choku tsuki" or "choku zuki" or "chudan tsuki" or "jodan tsuki" when weapon == "staff" => "thrust",
            "chop" or "chops" or "chopping" => "chop",
            "sweep" or "sweeps" or "sweeping" or "sweep the leg" => "sweep",
            _ => lexeme.Value,
        };
        if (general == "chop" && weapon == "sword" && (_form.Weapon is { Kind: "broadsword" } || _lexemes.Any(l => l.Is("weapon", "sword") && (l.Plain.EndsWith("sabre", StringComparison.Ordinal) || l.Plain.EndsWith("broadsword", StringComparison.Ordinal))))) return TermOf("broadsword-chop");
        return WeaponWords.With[weapon].TryGetValue(general, out var term) ? TermOf(term) : null;
    }

    /// <summary>Which staff strike goes the way or to the target that is named with it. Common practice.</summary>
    private string? StrikeAt(int i)
    {
        var clause = _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).ToList();
        var words = clause.SelectMany(l => l.Plain.Split(' ')).ToHashSet();
        if (WeaponWords.Aimed.FirstOrDefault(a => a.At.Any(words.Contains)) is { } aimed) return aimed.Strike;
        return clause.FirstOrDefault(l => l.Is("level")) is { } level ? WeaponWords.Levels.GetValueOrDefault(level.Value) : null;
    }

    /// <summary>The weapon named in the same clause, right before or right after the word.</summary>
    private string? NamedWith(int i) => new[] { Previous(i), Next(i) }.FirstOrDefault(l => l is { Kind: "weapon" } && WeaponWords.With.ContainsKey(l.Value))?.Value;

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
        if (lexeme.Is("strikeFrom") && (lexeme.Plain is "from the left" or "from the right" || lexeme.Plain.StartsWith("from ", StringComparison.Ordinal) && lexeme.Plain.Contains(" to ", StringComparison.Ordinal)) && !_draft.Hands.Any(h => _ways.Vocabulary.Find(h.Technique) is { IsWeapon: true }))
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return;
        }
        // "Knife-hand block, right hand leading": where no weapon is in play the hand that does it.
        if (lexeme.Is("gripLead") && lexeme.Plain.EndsWith("leading", StringComparison.Ordinal) && _weapons.Count == 0 && Carried() is null && CarriedBefore() is null && _draft is { SentenceEnded: false, Hands: [.., { Hand: null } action] })
        {
            _draft.Hands[^1] = action with { Hand = lexeme.Side.Hand };
            Note(lexeme, "hand");
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
