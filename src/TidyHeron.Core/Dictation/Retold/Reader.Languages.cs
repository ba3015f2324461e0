using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Small words of other languages, and words that are small in English and are none there, retold before all others.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> EnglishWords = ["the", "a", "an", "your", "my", "and", "step", "left", "right", "with", "into", "foot"];

    /// <summary>Puts the small words of Japanese, Korean and Chinese into those whose place the other rules know.</summary>
    private void RetellOtherLanguages()
    {
        FindSidesInChinese();
        for (var i = 0; i < _lexemes.Count; i++) RetellParticle(i);
    }

    /// <summary>"You gong bu, you chong quan": where no English is spoken "you" is the right side.</summary>
    private void FindSidesInChinese()
    {
        if (!_lexemes.Any(l => l.Plain is "you")) return;
        // Among English words only before a name in Chinese, where the left side is told so too.
        if (_lexemes.Any(l => EnglishWords.Contains(l.Plain)) && _lexemes.Any(l => l.Plain is "zuo"))
            for (var i = 0; i + 1 < _lexemes.Count; i++)
                if (_lexemes[i] is { Kind: "filler", Plain: "you" } && _lexemes[i + 1].Kind is "stance" or "technique" && _lexemes[i + 1].Plain.Split(' ')[^1] is "bu" or "quan" or "zhang" or "dang" or "tui" or "jiao" or "zhou" or "jia") _lexemes[i] = _lexemes[i] with { Kind = "side", Value = "right", Plain = "right" };
        if (_lexemes.Any(l => EnglishWords.Contains(l.Plain)) || !_lexemes.Any(l => l.Plain is "zuo" || l.Plain.Split(' ')[^1] is "bu" or "quan" or "zhang")) return;
        for (var i = 0; i < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "filler", Plain: "you" }) _lexemes[i] = _lexemes[i] with { Kind = "side", Value = "right", Plain = "right" };
    }

    private void RetellParticle(int i)
    {
        // "Zuo jiao xiang qian": the foot, which is a choke elsewhere.
        if (_lexemes[i].Plain == "jiao" && i > 0 && _lexemes[i - 1].Is("side")) _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
        // "Xiang zuo zhuan": to the left.
        if (_lexemes[i] is { Kind: "unread", Plain: "xiang" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side")) _lexemes[i] = _lexemes[i] with { Kind = "filler", Plain = "to" };
        // "Shang zuo bu", "tui you bu": a step with that foot.
        if (_lexemes[i].Plain is "shang" or "tui" or "jin" or "kai" or "bing" && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Plain is "bu" or "jiao")
        {
            BecomesTerm(i, "footwork", _lexemes[i].Plain switch { "tui" => "step-back", "bing" => "pull-together", _ => "step" });
            _lexemes[i + 2] = _lexemes[i + 2] with { Kind = "footNoun", Value = "foot", Term = null };
        }
        // "Zuo jiao xiang zuo kai bu": the left foot steps to the left.
        if (_lexemes[i] is { Kind: "footwork", Plain: "kai bu" } && i > 2 && _lexemes[i - 1].Is("side") && _lexemes[i - 2].Plain == "to" && _lexemes[i - 3].Is("footNoun"))
            (_lexemes[i - 2], _lexemes[i - 1], _lexemes[i]) = (_lexemes[i], _lexemes[i - 2], _lexemes[i - 1]);
        // "Hidari ashi mae no zenkutsu dachi": no correction, and that foot leads in it.
        if (_lexemes[i] is { Kind: "correction", Plain: "no" } && i > 0 && _lexemes[i - 1].Plain is "mae" or "ashi" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stance")) BecomesSmall(i);
        if (_lexemes[i] is { Kind: "way", Plain: "mae" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "no" && _lexemes[i + 2].Is("stance")) _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "Mawatte hidari zenkutsu dachi", without a comma: the foot that leads then, or the hand, not to which side.
        if (_lexemes[i] is { Kind: "footwork", Plain: "mawatte" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Kind is "stance" or "technique" or "level") _lexemes.Insert(i + 1, new Lexeme("stop", ",", _lexemes[i + 1].Start, 0, ""));
        // "Dwiro dora": round to the back.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && _lexemes[i].Plain.Split(' ')[0] is "dwiro" or "dwi" && !ClauseOf(i).Any(l => l.Kind is "degrees" or "amount")) _lexemes.Insert(i + 1, new Lexeme("degrees", "180", _lexemes[i].Start + _lexemes[i].Length, 0, "180 degrees"));
        // "Oreunjjogeuro, oreun ap gubi": to the right.
        if (_lexemes[i].Is("side") && _lexemes[i].Plain.EndsWith("jjogeuro", StringComparison.Ordinal) && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "side" or "stance" or "technique" || i > 0 && _lexemes[i - 1].Is("footNoun") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "footwork", Value: "step" }))
        {
            var there = _lexemes[i];
            _lexemes[i] = there with { Plain = there.Value };
            // "Oen bal oenjjogeuro omgyeo": that foot steps there.
            if (i + 1 < _lexemes.Count && _lexemes[i + 1].Is("footwork"))
            {
                var step = _lexemes[i + 1];
                _lexemes.RemoveAt(i + 1);
                _lexemes.Insert(i, step);
                _lexemes.Insert(++i, new Lexeme("filler", "filler", there.Start, 0, "to"));
                return;
            }
            if (!Alone(i)) _lexemes.Insert(i + 1, new Lexeme("stop", ",", there.Start + there.Length, 0, ""));
            _lexemes.Insert(i, new Lexeme("filler", "filler", there.Start, 0, "to"));
            // "Oenbal oenjjogeuro": the foot and where it goes.
            if (i > 0 && _lexemes[i - 1].Is("side") && _lexemes[i - 1].Plain.EndsWith("bal", StringComparison.Ordinal)) _lexemes.Insert(i, new Lexeme("footNoun", "foot", there.Start, 0, "bal"));
        }
        // "Ashi wo hidari ni dashite", "hidari e": to the left.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "ni" or "e" && _lexemes[i].Plain is "hidari" or "migi")
        {
            (_lexemes[i], _lexemes[i + 1]) = (_lexemes[i + 1] with { Kind = "filler", Value = "filler", Plain = "to", Term = null }, _lexemes[i]);
            // "Hidari ni hidari ashi wo dashite": there the left foot goes.
            if (i + 3 < _lexemes.Count && _lexemes[i + 2].Is("side") && _lexemes[i + 3].Is("footNoun")) _lexemes.Insert(i + 2, new Lexeme("stop", ",", _lexemes[i + 2].Start, 0, ""));
        }
    }
}
