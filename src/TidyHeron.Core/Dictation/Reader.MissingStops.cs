using TidyHeron.Core.Body;

using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Speech written down without a single stop: where one move ends and the next begins.</summary>
public sealed partial class Reader
{
    /// <summary>Puts a full stop before each step or turn that follows something done, where a text has none at all.</summary>
    private void FindMissingStops()
    {
        const int FewestTechniques = 5; // a line of a few is one count as often as not
        if (_lexemes.Take(_lexemes.Count - 1).Any(l => l.EndsSentence || l.Is("stop", ":")) || _lexemes.Count(l => l.Is("technique")) < FewestTechniques || _lexemes.Count(l => l.IsStop) * 3 > _lexemes.Count(l => l.Is("technique"))) return;
        if (_lexemes.Any(l => l.Kind is "countNoun" or "countWord" || l.Is("number") && l.Number > 1)) return;
        var done = false;
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (_lexemes[i].Is("technique") || _lexemes[i].Is("stance") && StanceSet.IsStanding(_lexemes[i].Term!.Id)) done = true;
            if (!done || !BeginsAMove(i)) continue;
            var at = i;
            while (at > 0 && _lexemes[at - 1] is { Kind: "filler", Plain: "and" or "so" or "now" or "you" or "we" or "i" or "the" or "your" or "move" or "moves" or "were" or "youre" or "going to" or "gonna" } or { Kind: "then" }) at--;
            _lexemes.Insert(at, new Lexeme("stop", ".", _lexemes[at].Start, 0, ""));
            (i, done) = (i + 1, false);
        }
    }

    private bool BeginsAMove(int i)
    {
        var lexeme = _lexemes[i];
        if (i == 0 || _lexemes[i - 1].Plain is "with" or "while" or "as" or "without" or "by" || Follows(i, "with", "while", "as", "on", "of", "to")) return false;
        // "Then we bring the right hand down": no foot.
        if (lexeme.Is("footwork") && (Next(i) is { Kind: "handNoun" or "relHand" or "weapon" } || Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "handNoun" })) return false;
        var before = _lexemes.Take(i).LastOrDefault(l => !l.Is("filler"));
        if (before is null or { Kind: not ("technique" or "side" or "handNoun" or "level" or "shout" or "then" or "relHand" or "stance" or "otherSide" or "place") } or { Value: "pull" or "sword-draw" } || before is { Kind: "stance" } && !StanceSet.IsStanding(before.Term!.Id)) return false;
        return lexeme is { Kind: "footwork", IsGerund: false, Value: not ("stay" or "land" or "shift" or "lift-foot" or "rise" or "bow" or "return" or "announce") } || before.Is("then") && lexeme.Is("way", "back") && Next(i) is { Kind: "place" } || lexeme.Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("footNoun");
    }
}
