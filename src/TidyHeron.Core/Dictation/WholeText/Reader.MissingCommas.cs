namespace TidyHeron.Core.Dictation;

/// <summary>Commas that many leave out: before the last of several things ("look left, chamber the block and step to the left"), before "so", and behind a place, a side that one faces, or a foot that a stance follows.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> WhoDoesIt = ["you", "we", "i", "youre", "were", "im", "its", "it is", "its a", "it is a", "youll", "he", "she"];

    private void FindMissingCommas()
    {
        PartPlacesFromWhatFollows();
        PartTheLastOfAList();
    }

    private void PartPlacesFromWhatFollows()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            // "Bring the left foot up to the right and left low block": not both of them.
            if (IsLeftAndRight(i) && _lexemes[i + 1].IsHandTechnique && Follows(i, "the", "your", "my", "to the", "to your")) IntoTwoSides(i);
            if (EndsWithThis(i))
            {
                _lexemes.Insert(i + 1, StopAfter(i, ","));
                i++;
            }
        }
    }

    private bool EndsWithThis(int i)
    {
        var next = _lexemes[i + 1];
        var (takes, strikes) = (next.Is("stance"), next.IsHandTechnique);
        var sided = next.Is("side") && i + 2 < _lexemes.Count ? _lexemes[i + 2] : null;
        return _lexemes[i].Kind switch
        {
            // "Turn to the back left front stance", "turn front left low block": the side of what follows.
            "place" => sided is { Kind: "stance" } or { IsHandTechnique: true } && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("footwork")),
            // "Do the same on the other side low block, punch", "the same to the right low block and punch": what is done there.
            "otherSide" or "side" or "again" or "filler" when IsOrderedOver(i) => (strikes || sided is { IsHandTechnique: true }) && RestOfSentence(i).Count(l => l.Is("technique")) > 1,
            // "Bring the left foot up to the right foot left low block", "up to the right right punch": the side of what the hand does.
            "footNoun" or "side" or "relFoot" when sided is { IsHandTechnique: true } && Follows(_lexemes[i].Is("footNoun") && _lexemes[i - 1].Is("side") ? i - 1 : i, "the", "your", "my", "to the", "to your") => true,
            // "Facing left rising block": so one faces, where nothing else tells it.
            "side" => strikes && _lexemes[i - 1].Is("facing"),
            // "Sit back onto the right leg cat stance": the leg that bears the weight, and what is stood in.
            "footNoun" => takes && _lexemes[i - 1].Is("side") && (Follows(i - 1, "on", "onto") || PreviousIs(i - 1, "support"))
                && _ways.Stances.Of(next.Term!.Id).Feet == Body.FeetKind.Lead,
            _ => false,
        };
    }

    private void PartTheLastOfAList()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "filler", Plain: "and" or "so" } || _lexemes[i - 1].IsStop || StartsSentence(i)) continue;
            // "I turn around and my right foot goes behind me": a foot of its own, whether several things are told or not.
            var therefore = _lexemes[i].Plain == "so" && SaysWhatToDo(i + 1);
            if (!therefore && !FootBegins(i + 1) && (_lexemes[i].Plain == "so" || !IsLastOfSeveral(i))) continue;
            if (!therefore && FootBegins(i + 1) && !Backward(i).TakeWhile(l => !l.IsStop).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" } || l.Is("amount"))) continue;
            _lexemes.Insert(i, StopAt(i, ","));
            i++;
        }
    }

    /// <summary>"It's a big turn so pull that foot around", "… so you turn around".</summary>
    private bool SaysWhatToDo(int i)
    {
        while (i < _lexemes.Count && _lexemes[i].Is("filler") && WhoDoesIt.Contains(_lexemes[i].Plain)) i++;
        return i < _lexemes.Count && (_lexemes[i] is { Kind: "footwork", Value: "turn" or "pivot" or "spin" or "step" or "step-back" or "slide" or "shift", IsGerund: false } || _lexemes[i].Plain is "pull" or "bring" or "swing" or "drag");
    }

    private bool IsLastOfSeveral(int i)
    {
        if (_lexemes[i - 1].Kind is "footwork" or "side" or "number" or "landing" || _lexemes[i - 1].Is("technique", "chamber") || !Backward(i).TakeWhile(l => !l.EndsSentence).SkipWhile(l => !l.Is("stop", ",")).Any(l => !l.IsStop && l.Kind is not ("filler" or "then" or "number" or "ordinal" or "countNoun" or "countWord"))) return false; // "okay, …" is none of several
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

    /// <summary>"… the same on the other side", "turn around and repeat", "those two to the right": whether an order to do something over ends there.</summary>
    private bool IsOrderedOver(int i)
    {
        return _lexemes[i].Kind switch
        {
            "otherSide" => _lexemes[i].Plain.StartsWith("same", StringComparison.Ordinal) || Before(l => l.Is("again")),
            "again" => Before(l => l.Is("footwork", "turn") || l.Is("otherSide")) || i > 1 && _lexemes[i - 1].Is("stop", ",") && ClauseOf(i - 2).Any(l => l.Is("otherSide")),
            "side" => Follows(i, "the", "to the", "on the") && Before(l => l.Kind is "again" or "otherSide"),
            _ => _lexemes[i].Plain is "side" && Before(l => l.Is("again")),
        };

        bool Before(Func<Lexeme, bool> says) => Backward(i).TakeWhile(l => !l.IsStop).Any(says);
    }
}
