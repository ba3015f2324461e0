using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What closes a form takes no count.</summary>
public sealed partial class Reader
{
    // Moves that were called with a number, and moves that began with their sentence.
    private readonly HashSet<MoveId> _withNumber = [], _withSentence = [];

    /// <summary>Whether the last things said close the form, once everything has been said.</summary>
    private void Close()
    {
        if (_after.Count > 0 || _said.Count < 2) return;
        // "…, and finish: bring the left foot back": the foot that comes home closes the form.
        if (!_withNumber.Contains(_said[^1].Id) && _said[^1] is { Kick: null, Hands: [], Stance: null, Shout: false, Turn: null, Footwork.Kind.Value: "step-back" or "pull-together" or "step" } home && (home.Footwork.Kind.Value == "step" ? _lexemes.TakeLast(4).Any(l => l.Plain is "finish" or "finished" or "done") : FinishIsSaid()))
            _said[^1] = home with { Footwork = home.Footwork! with { Kind = new TermId("return"), Way = null }, Counting = Counting.Uncounted };
        var first = _said.Count;
        while (first > 1 && (MayClose(_said[first - 1]) || StepsBackToBow(first - 1))) first--;
        // Where numbers are called, what closes begins with a sentence of its own: the rest is on the last number.
        while (_explicitCounts && first < _said.Count && !_withSentence.Contains(_said[first].Id)) first++;
        if (!_said.Skip(first).Any(Closes) && !Enumerable.Range(first, _said.Count - first).Any(StepsBackToBow)) return;
        for (var k = first; k < _said.Count; k++) _said[k] = _said[k] with { Counting = Counting.Uncounted };
        // "Return to ready, turning right.": to the front.
        for (var k = first; k < _said.Count; k++)
            if (_said[k] is { Footwork.Kind.Value: "return", Turn: { Amount: 90 }, Facing: null } returns && _fields.All(f => f.Move != returns.Id || !(f.Field == "turn" && _text.AsSpan(f.Start, f.Length).ContainsAny("0123456789"))))
                _said[k] = returns with { Turn = null, Facing = Heading.Front };
        // "And turn left back to ready.": to the front, unless it is said how far.
        if (_said[^1] is { Footwork.Kind.Value: "turn", Turn: not null, Facing: null, Hands: [], Stance: { } ends } about && StanceSet.IsStanding(ends.Kind) && !_fields.Any(f => f.Move == about.Id && f.Field == "turn" && _lexemes.Any(l => l.Start == f.Start && l.Kind is "degrees" or "amount")))
            _said[^1] = about with { Turn = null, Facing = Heading.Front };
        // "And baro, turn to your left, ready stance.": to the front.
        for (var k = Math.Max(first, 1); k < _said.Count; k++)
            if (_said[k] is { Turn.Amount: 90, Facing: null, Hands: [] } turned && _said[k - 1] is { Footwork.Kind.Value: "return" } && _fields.All(f => f.Move != turned.Id || f.Field != "turn"))
                _said[k] = turned with { Turn = null, Facing = Heading.Front };
        // "Ready. Turn to face the front, and bow.": one stands there as one stood.
        for (var k = Math.Max(first, 1); k < _said.Count; k++)
            if (_said[k] is { Stance: null, Footwork.Kind.Value: "turn" } turns && (_said[k - 1].Stance ?? (_said[k - 1].Footwork?.Kind.Value == "pull-together" ? new StanceTaken(new TermId("closed-stance")) : null)) is { } stands && _ways.Stances.Of(stands.Kind).Feet == FeetKind.Even) _said[k] = turns with { Stance = stands };
        ForgetNow();
        ClosesToTheFront(first);
    }

    /// <summary>"Left foot back, yoi.": a form ends facing where it began, whether one says it or not.</summary>
    private void ClosesToTheFront(int first)
    {
        var at = _said.FindIndex(first, m => m is { Stance.Kind.Value: "ready-stance" or "attention-stance", Footwork: not null, Turn: null, Facing: null });
        if (at < 0 || _said.Skip(first).Any(m => m.Turn is not null || m.Facing is not null) || Now().Heading == Heading.Front) return;
        _said[at] = _said[at] with { Facing = Heading.Front };
        ForgetNow();
        if (_fields.FindLastIndex(f => f.Move == _said[at].Id && f.Field == "stance") is var field and >= 0)
            _fields[field] = _fields[field] with { Assumption = "Read as turning to the front, where a form ends.", Instead = $"{Slice(_fields[field])} facing {Speech.Heading(Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + at).ToValueList() }, BodyMeasures.Reference, _ways).End.Heading, _ways.Directions)}" };
    }

    /// <summary>Whether a move is one with which a form is closed; where the feet only come together, something else has to say so.</summary>
    private bool Closes(Move move)
    {
        if (move == _said[^1] && StandsAsItBegan(move)) return true;
        const int FewestToClose = 6; // moves: feet that come together after fewer may be one more count of a part
        if (move.Footwork is { Kind.Value: "return" } || Formalities.Closes(move) || ComesHome(move)) return true;
        if (move == _said[^1] && move.Stance?.Kind == _form.Opening.Stance && move.Footwork is not null && FinishIsSaid()) return true; // "left foot back to hachiji dachi and we're finished"
        if (move is { Stance: null, Hands: [], Kick: null, Footwork: { Kind.Value: "step-back" or "pull-together", Foot: not null } } && move.Facing == Heading.Front && _said[^1] is { Footwork.Kind.Value: "bow" }) return true; // "bring the left leg back and face me. Bow."
        if (move is { Stance: null, Hands: [], Footwork.Kind.Value: "turn" } && move.Facing == Heading.Front && _said[^1] is { Footwork.Kind.Value: "bow" }) return true; // "turn to the front and bow"
        if (move == _said[^1] && move is { Stance.Kind.Value: "closed-stance", Kick: null, Shout: false, Hands: [{ Technique.Value: "hands-at-sides" }] }) return true; // "feet together, hands down"
        if ((move == _said[^1] || _said.Count > 1 && move == _said[^2] && _said[^1] is { Footwork.Kind.Value: "bow" }) && move is { Footwork.Kind.Value: "kneel", Hands: [] } && OpensOnTheKnees && _said.TakeLast(3).Any(m => m.Hands.Any(h => h.Technique.Value == "sword-sheathe"))) return true; // "put it away, and kneel again"
        if (move == _said[^1] && move.Stance is not null && move.Hands is [{ Technique.Value: "sword-sheathe" }]) return true; // "feet together and sheathe"
        var together = move is { Stance.Kind.Value: "closed-stance" } or { Stance: null, Footwork.Kind.Value: "pull-together" };
        // "Feet together, staff down at your side.": the last thing said, in a sentence of its own.
        if (together && move == _said[^1] && move.Footwork is null && move.Hands.All(h => Formalities.AtRest(h.Technique)) && _withSentence.Contains(move.Id) && _said.Count > FewestToClose) return true;
        return together && (_explicitCounts || _said[^1] is { Footwork.Kind.Value: "bow" } || RestsAfterABow(_said[^1]) || FinishIsSaid() || move == _said[^1] && move.Facing == Heading.Front);
    }

    private bool OpensOnTheKnees => _form.Opening.Stance.Value is "both-knees" or "kneeling-stance";

    /// <summary>Whether a move is such as may close a form: one comes to stand, turns to the front, bows; the hands rest.</summary>
    private bool MayClose(Move move) =>
        !_withNumber.Contains(move.Id) && !(_listOfPoints && move is { Footwork: { Kind.Value: "step" or "step-back", Foot: not null }, Stance: null }) && move is { Kick: null, Shout: false } && move.Hands.All(h => Formalities.AtRest(h.Technique))
        && (move.Counting == Counting.Uncounted || move.Stance is null or { Kind.Value: "ready-stance" or "closed-stance" or "attention-stance" } || move.Stance.Kind == _form.Opening.Stance && FinishIsSaid())
        && (move.Stance is not null || RestsAfterABow(move) || move.Hands is [{ Technique.Value: "sword-flick" or "sword-sheathe" }, ..] || move.Footwork is { Kind.Value: "return" or "bow" or "announce" or "pull-together" or "rise" } || move.Footwork is { Kind.Value: "kneel" } && OpensOnTheKnees || move.Facing == Heading.Front);

    /// <summary>"Feet together, fists covered … draw the left foot back, feet together, fists covered.": in the stance, and with the hands, of the opening.</summary>
    private bool StandsAsItBegan(Move move)
    {
        return move is { Hands.Count: > 0, Footwork: not null } && _before.Concat(_said).Where(IsAlike).ToList() is [{ Counting: Counting.Uncounted } first, _] && first == _before.Concat(_said).First();

        bool IsAlike(Move other) => other.Stance?.Kind == move.Stance?.Kind && other.Hands.Select(h => h.Technique).SequenceEqual(move.Hands.Select(h => h.Technique));
    }

    /// <summary>"Left foot back, face north.": the last thing said, after a whole form.</summary>
    private bool ComesHome(Move move)
    {
        const int WholeForm = 10; // moves
        return _said.Count > WholeForm && move == _said[^1] && move is { Footwork.Kind.Value: "step-back" or "pull-together", Stance: null, Hands: [], Kick: null, Shout: false } && move.Facing == Heading.Front && _withSentence.Contains(move.Id) && !_explicitCounts;
    }

    /// <summary>"Step back and bow."</summary>
    private bool StepsBackToBow(int at) =>
        at + 1 < _said.Count && _said[at + 1] is { Footwork.Kind.Value: "bow" } && !_withNumber.Contains(_said[at].Id) && !_withSentence.Contains(_said[at + 1].Id)
        && (_said[at].Footwork?.Kind.Value == "step-back" || IsBrought(_said[at]))
        && _said[at] is { Stance: null, Kick: null, Shout: false, Turn: null } back && back.Hands.All(h => Formalities.AtRest(h.Technique));

    /// <summary>"Bring the left foot up": the word was said of the foot.</summary>
    private bool IsBrought(Move move) => _fields.Any(f => f.Move == move.Id && f.Field == "footwork" && _text.AsSpan(f.Start, f.Length).StartsWith("bring", StringComparison.OrdinalIgnoreCase));

    /// <summary>"…, salute, hands down."</summary>
    private bool RestsAfterABow(Move move) => _said.Count > 1 && move is { Footwork: null, Hands: [{ Technique.Value: "hands-at-sides" }] } && move == _said[^1] && _said[^2] is { Footwork.Kind.Value: "bow" };

    private bool FinishIsSaid()
    {
        const int LastWords = 10; // lexemes: a foot comes home in few words
        var last = _lexemes.TakeLast(LastWords).ToList();
        // "…, hands as in the beginning".
        var asItBegan = last.FindIndex(l => l.Plain is "as" or "like" or "where") is var like and >= 0 && last.Skip(like).Any(l => l.Plain is "beginning" or "began" or "started" or "start");
        // "Left foot back to the right and staff to your side".
        var putAway = last.FindIndex(l => l.Is("weapon")) is var carried and >= 0 && (last.Skip(carried).Any(l => l.Plain is "side" or "sides" or "your side" or "at your side")
            || !_withNumber.Contains(_said[^1].Id) && _text[last[carried].Start..] is var rest && (rest.Contains(" to the side", StringComparison.OrdinalIgnoreCase) || rest.Contains(" down", StringComparison.OrdinalIgnoreCase)));
        return asItBegan || putAway || last.Any(l => l.Plain is "close" or "closes" or "closing"
            || l.Is("filler") && l.Plain is "done" or "finished" or "finish" or "finishing" or "end" or "ending" or "finally" or "lastly"
            || l.Plain is "last" && l.Kind is "ordinal" or "passage");
    }
}
