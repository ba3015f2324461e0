using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"Bring the left foot in, turn to the right, right foot forward, front stance": one foot comes home, and the other goes out to the other side.</summary>
public sealed partial class Reader
{
    /// <summary>
    /// However the two are said, in one sentence with the turn between them, they are told like "pull the left foot back, turn right, right foot
    /// out": how far one turns is decided where it is known on which line one stands.
    /// </summary>
    private void FindTheOtherFootThatGoesOut()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var turns = _lexemes.FindIndex(first, last - first + 1, l => l is { Kind: "footwork", Value: "turn" or "pivot" } || (l.Is("stance") && l.Value is not ("closed-stance" or "ready-stance")) || l.Is("technique") && !IsAPull(l));
            if (turns <= first || !_lexemes[turns].Is("footwork") || IndexAfter(turns) is not (> 0 and var to) || !_lexemes[to].Is("side") || _lexemes[to + 1 < _lexemes.Count ? to + 1 : to].Is("footNoun")) continue;
            if (_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "degrees" or "amount" or "clock" or "facing" or "again" or "otherSide" or "turnSide")) continue;
            var side = _lexemes[to].Side;
            // Out of a stance without a lead no foot comes home.
            if (_ways.Stances.Of(_lexemes.Take(first).LastOrDefault(l => l.Is("stance"))?.Term?.Id ?? Now().Stance).Feet != FeetKind.Lead) continue;
            // What comes home.
            var home = _lexemes.GetRange(first, turns - first);
            var foot = home.FindIndex(l => l.Is("footNoun"));
            var together = home.FindIndex(l => l.Is("stance", "closed-stance") || l is { Kind: "footwork", Value: "pull-together" } && l.Plain.Contains("feet", StringComparison.Ordinal));
            if (foot >= 0 ? foot == 0 || !home[foot - 1].Is("side") || home[foot - 1].Side == side || home.Count(l => l.Is("footNoun")) > 1 || !home.Any(l => l.Is("way", "back") || l is { Kind: "footwork", Value: "pull-together" or "step-back" or "slide-back" or "return" } || IsAPull(l) || l.Plain is "in" or "home" or "together") : together < 0) continue;
            if (home.Any(l => l.Kind is "way" && l.Value != "back" || l is { Kind: "footwork", Value: not ("pull-together" or "step-back" or "slide-back" or "return" or "step") })) continue;
            // What goes out.
            var goes = _lexemes.FindIndex(to + 1, l => l.Is("footNoun"));
            var stance = _lexemes.FindIndex(to + 1, l => l.Kind is "stance" or "technique");
            if (goes < 0 || goes > last || stance < goes || stance > last || !_lexemes[stance].Is("stance") || !_lexemes[goes - 1].Is("side") || _lexemes[goes - 1].Side != side) continue;
            var out_ = _lexemes.GetRange(to + 1, stance - to - 1);
            if (out_.Any(l => !l.IsStop && !(l.Kind is "filler" or "side" or "footNoun" or "then" || l is { Kind: "way", Value: "forward" } || l is { Kind: "footwork", Value: "step" or "slide" })) || out_.Any(l => l.Is("side") && l.Value != _lexemes[to].Value)) continue;
            var named = stance > 0 && _lexemes[stance - 1].Is("side") ? stance - 1 : stance;
            for (var k = goes + 1; k < named; k++)
                if (!_lexemes[k].IsStop) BecomesSmall(k);
            for (var k = to + 1; k < goes - 1; k++)
                if (_lexemes[k].IsStop) BecomesStopless(k);
                else BecomesSmall(k);
            Insert(goes + 1, new Lexeme("filler", "filler", After(goes), 0, "out"));
            if (!_lexemes[goes + 2].IsStop) Insert(goes + 2, StopAt(goes + 2, ","));
            Insert(goes - 1, StopAt(goes - 1, ","));
            for (var k = first; k < turns; k++)
            {
                if (_lexemes[k].IsStop && !_lexemes.GetRange(first, k - first).All(l => l.Kind is "number" or "countNoun" or "countWord" or "ordinal" or "filler" or "then")) BecomesStopless(k);
                else if (_lexemes[k].Kind is "way" or "then" or "stance" or "technique" or "footwork") BecomesSmall(k);
            }
            Insert(turns, StopAt(turns, ","));
            var (at, from, other) = (first + (foot < 0 ? together : foot - 1), _lexemes[first + (foot < 0 ? together : foot - 1)].Start, side.Other.Word);
            if (foot < 0) _lexemes.InsertRange(at, [new Lexeme("side", other, from, 0, other), new Lexeme("footNoun", "foot", from, 0, "foot")]);
            Insert(at, new Lexeme("footwork", "pull-together", from, 0, "pull", TermOf("pull-together")));
        }

        static bool IsAPull(Lexeme l) => l is { Kind: "technique", Plain: "pull" or "pulls" or "draw" or "draws" };
        void Insert(int at, Lexeme lexeme) => _lexemes.Insert(at, lexeme);
        int After(int at) => _lexemes[at].Start + _lexemes[at].Length;
    }
}
