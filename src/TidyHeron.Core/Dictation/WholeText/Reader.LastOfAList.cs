namespace TidyHeron.Core.Dictation;

/// <summary>"Look left, chamber the block and step to the left": what is told last of several things, parted from the one before as by a comma.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> WhoDoesIt = ["you", "we", "i", "youre", "were", "im", "its", "it is", "its a", "it is a", "youll", "he", "she"];

    private void PartTheLastOfAList()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "filler", Plain: "and" or "so" } || _lexemes[i - 1].IsStop || StartsSentence(i)) continue;
            // "I turn around and my right foot goes behind me": a foot of its own, whether several things are told or not.
            if (!FootBegins(i + 1) && (_lexemes[i].Plain == "so" || !IsLastOfSeveral(i))) continue;
            if (FootBegins(i + 1) && !Backward(i).TakeWhile(l => !l.IsStop).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" } || l.Is("amount"))) continue;
            _lexemes.Insert(i, StopAt(i, ","));
            i++;
        }
    }

    private bool IsLastOfSeveral(int i)
    {
        if (_lexemes[i - 1].Kind is "footwork" or "side" or "number" or "landing" || _lexemes[i - 1].Is("technique", "chamber") || !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("stop", ","))) return false;
        var at = i + 1;
        while (at < _lexemes.Count && (_lexemes[at].Kind is "filler" or "together" || WhoDoesIt.Contains(_lexemes[at].Plain))) at++;
        if (at >= _lexemes.Count || _lexemes[at].IsStop) return false;
        var before = Backward(i).TakeWhile(l => !l.IsStop).ToList();
        // "The left foot comes around in a big arc and you turn": one way round.
        if (_lexemes[at].Is("footwork")) return !_lexemes[at].IsGerund && !(Turning.Contains(_lexemes[at].Value) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footNoun")));
        if (_lexemes.GetRange(i + 1, at - i - 1).Any(l => WhoDoesIt.Contains(l.Plain))) return _lexemes.GetRange(at, EndOfClause(at) - at + 1).Any(l => l.Kind is "technique" or "stance");
        // "Bring the knee up and open both hands", "step down in front stance and punch".
        return (_lexemes[at].IsHandTechnique || _lexemes[at].Is("handNoun") && _lexemes[at - 1].Plain is "open" or "opens" or "spread" or "raise") && before.Any(l => l.Kind is "footwork" or "footNoun" or "support" or "landing" or "stance") && !before.Any(l => l.IsHandTechnique || l.Is("handNoun"));
    }

    /// <summary>"… my right foot goes behind".</summary>
    private bool FootBegins(int i)
    {
        while (i < _lexemes.Count && _lexemes[i] is { Kind: "filler", Plain: "the" or "my" or "your" }) i++;
        return i + 2 < _lexemes.Count && _lexemes[i].Is("side") && _lexemes[i + 1].Is("footNoun") && _lexemes[i + 2].Plain.Split(' ')[0] is "goes" or "comes" or "steps" or "swings" or "moves" or "ends" or "like" or "is";
    }
}
