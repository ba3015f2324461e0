using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>"Front stance with the left foot in front": a left front stance, told in more words.</summary>
public sealed partial class Reader
{
    private void FindStancesWithTheirFoot()
    {
        for (var i = 0; i + 3 < _lexemes.Count; i++)
        {
            // Back stances and the like are named by the rear foot in some schools; what is told of them stays as it is.
            if (_lexemes[i] is not { Kind: "stance", Value: not ("back-stance" or "l-stance" or "cat-stance") } || _ways.Stances.Of(_lexemes[i].Term!.Id).Feet != FeetKind.Lead || _lexemes[i + 1].Plain != "with" || i > 0 && _lexemes[i - 1].Is("side")) continue;
            var side = i + 2;
            while (side < _lexemes.Count && _lexemes[side].Plain is "the" or "your" or "my") side++;
            if (side + 2 >= _lexemes.Count || !_lexemes[side].Is("side") || !_lexemes[side + 1].Is("footNoun") || _lexemes[side + 2] is not ({ Kind: "lead", Value: "lead" } or { Kind: "way", Value: "forward" })) continue;
            var leads = _lexemes[side].Value;
            BecomesSmall(i + 1, side + 2);
            _lexemes.Insert(i, new Lexeme("side", leads, _lexemes[i].Start, 0, leads));
        }
    }
}
