using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What closes a form takes no count.</summary>
public sealed partial class Reader
{
    /// <summary>Whether the last thing said closes the form, once everything has been said.</summary>
    private void Close()
    {
        if (_after.Count > 0 || _said.Count < 2) return;
        // "…, and finish: bring the left foot back": the foot that comes home closes the form.
        if (_said[^1] is { Kick: null, Hands: [], Stance: null, Shout: false, Turn: null, Facing: null, Footwork.Kind.Value: "step-back" or "pull-together" } home && FinishIsSaid())
            _said[^1] = home with { Footwork = home.Footwork! with { Kind = new TermId("return"), Way = null }, Counting = Counting.Uncounted };
        // "Nineteen: …, punch. Feet together.": what closes the form with a sentence to itself is not on the last number.
        if (_explicitCounts && _lastInSentence && _said[^1] is { Counting: Counting.Then, Kick: null, Shout: false } closing && closing.Hands.All(h => Formalities.AtRest(h.Technique))
            && (closing.Footwork is { Kind.Value: "return" } || closing.Stance is { Kind.Value: "ready-stance" or "closed-stance" or "attention-stance" } || closing is { Stance: null, Footwork.Kind.Value: "pull-together", Turn: null, Facing: null }))
            _said[^1] = closing with { Counting = Counting.Uncounted };
        if (!_explicitCounts && _said[^1].Counting == Counting.Own && Formalities.Closes(_said[^1]))
            _said[^1] = _said[^1] with { Counting = Counting.Uncounted };
    }

    private bool FinishIsSaid()
    {
        const int LastWords = 10; // lexemes: a foot comes home in few words
        return _lexemes.TakeLast(LastWords).Any(l => l.Is("filler") && l.Plain is "finish" or "finishing" or "end" or "ending" or "finally" or "lastly") || _lexemes.TakeLast(LastWords).Any(l => l.Plain is "last" && l.Kind is "ordinal" or "passage");
    }
}
