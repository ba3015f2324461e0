using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Stances: which foot leads in them, where they were stood in before, and from which one a move comes.</summary>
public sealed partial class Reader
{
    /// <summary>"Start in left stance", "left stance, staff in front": the stance of the weapon schools, told by the foot in front.</summary>
    private void RetellStancesWithoutAName(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "stance" } || i < 1 || !_lexemes[i - 1].Is("side") || !Alone(i) || !(i > 1 && _lexemes[i - 2].Is("opening"))) return;
        Guess(i, "short-front-stance", "Read as a short front stance with that foot leading.", "front stance");
        _lexemes[i] = _lexemes[i] with { Kind = "stance" };
    }

    private void TakeLead(int i)
    {
        Note(_lexemes[i], "lead");
        // "The left foot steps behind, resting stance": behind the other one where the legs cross, else back.
        if (_lexemes[i].Plain != "behind" || Previous(i) is not { Kind: "footwork", Value: "step" } || _draft is not { Footwork: "step", Foot: not null, Stance: null or { Value: "cross-stance" or "resting-stance" or "covered-step-stance" }, Way: null, IsDone: false, SentenceEnded: false }) return;
        var crossed = _draft.Stance is not null || _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("stance") && l.Value is "cross-stance" or "resting-stance" or "covered-step-stance");
        _draft.Footwork = crossed ? "cross-behind" : "step-back";
    }

    private void TakeStance(int i)
    {
        var lexeme = _lexemes[i];
        var stance = lexeme.Term!.Id;
        var shape = _ways.Stances.Of(stance);
        // "Still horse.": as one stands.
        if (Alone(i) && i > 0 && _lexemes[i - 1].Plain == "still" && StartsSentence(i) && (_draft.Stance ?? AfterDraft().Stance) == stance)
        {
            Note(lexeme, "stance");
            return;
        }
        // "…, low block; weight on the back leg, cat stance.": how one stands then.
        if (_draft is { SentenceEnded: true, IsDone: true, Stance: null } && (_draft.Footwork ?? _draft.Foot?.Word) is not null && EndsInSemicolon(i) && _lexemes.GetRange(FirstOfClause(i), i - FirstOfClause(i) + 1).TrueForAll(l => l.Kind is "stance" or "side" or "filler" or "detail" or "support" or "relFoot" or "footNoun" or "way" or "lead" or "shout" or "tempo")) _draft.SentenceEnded = false;
        if (_draft.Stance is not null && (_draft.SentenceEnded || _draft.IsDone || _then)) Begin(Counting.Own);
        else if (_draft.SentenceEnded && (_draft.IsDone || _draft is { Footwork: "stay", IsNumbered: true, Shout: true })) Begin(Counting.Own); // "count eight, shout and clap. Feet together."
        else if (_draft.Footwork is "bow" or "announce" || _draft is { Footwork: "return", SentenceEnded: true } && shape.Feet == FeetKind.Lead) Begin(Counting.Own);
        _then = false;
        _draft.SentenceEnded = false;
        if (_draft is { PulledBack: true, Footwork: "pull-together" } && shape.Feet == FeetKind.Lead) _draft.Footwork = "step-back";
        _draft.Stance = stance;
        LandsForTheStance(i, shape);
        // "Step left into horse stance": a stance without a lead leaves the side to the foot.
        if (_side is { } stepped && shape.Feet == FeetKind.Even && _draft is { Footwork: "step" or "slide", Foot: null, Way: null } && Previous(SideIndex(i)) is { Kind: "footwork" })
        {
            (_draft.Foot, _side) = (stepped, null);
        }
        else if (_side is { } side)
        {
            _draft.Lead = side;
            _side = null;
        }
        // "Back to the left, the other L-stance": the one with the other foot leading.
        else if (_draft.Lead is null && i > 0 && _lexemes[i - 1].Plain is "other" or "the other" && Now().Lead is { } former) _draft.Lead = former.Other;
        if (_foot is { } foot)
        {
            _draft.Foot ??= foot;
            _foot = null;
        }
        if (shape.Feet == FeetKind.Even && (Previous(i) is { Kind: "way", Value: "back" } && Follows(i, "to", "into") || _draft is { IsTurning: true, Foot: null } && i > 1 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].Is("way", "back") && HasOnlyTurnedOutOf(stance)) && !_draft.HasTurn && _draft.Facing is null && (LastHeadingIn(stance) ?? (stance == _form.Opening.Stance ? Heading.Front : null)) is { } home && home != Now().Heading)
        {
            _draft.Facing = home;
            Note(lexeme, "stance", $"Read as facing where it was stood in before, {Speech.Heading(home, _ways.Directions)}.");
            return;
        }
        Note(lexeme, "stance", shape.Feet == FeetKind.Lead || _draft.Lead is null ? "" : $"A {lexeme.Term.English} has no leading foot.");
    }

    /// <summary>The lexemes of the sentence around one.</summary>
    private IEnumerable<Lexeme> Clauses(int i) =>
        Backward(i).TakeWhile(l => !l.EndsSentence).Concat(_lexemes.Skip(i).TakeWhile(l => !l.EndsSentence));

    /// <summary>The lexemes between the stops around one.</summary>
    private IEnumerable<Lexeme> ClauseOf(int i) => Backward(i).TakeWhile(l => !l.IsStop).Concat(_lexemes.Skip(i).TakeWhile(l => !l.IsStop));

    private bool EndsInSemicolon(int i)
    {
        var k = i;
        while (k >= 0 && !_lexemes[k].EndsSentence) k--;
        return k >= 0 && CharAt(_lexemes[k].Start) == ';';
    }

    /// <summary>"Back to horse stance": the heading in which the stance was last stood in.</summary>
    private Heading? LastHeadingIn(TermId stance)
    {
        var walk = WalkSoFar();
        for (var k = walk.Postures.Count - 1; k >= 0; k--)
            if (walk.Postures[k].Stance == stance) return walk.Postures[k].Heading;
        return null;
    }

    /// <summary>Whether the feet have not stepped since a stance was last stood in.</summary>
    private bool HasOnlyTurnedOutOf(TermId stance)
    {
        var (form, walk) = (SoFar(), WalkSoFar());
        for (var k = walk.Postures.Count - 1; k >= 0; k--)
        {
            if (walk.Postures[k].Stance == stance) return true;
            if (form.Moves[k].Footwork is { Kind.Value: not ("turn" or "pivot" or "shift" or "stay") }) return false;
        }
        return false;
    }

    /// <summary>"From the right front stance": where the move comes from, not where it goes. At the opening, the start.</summary>
    private int TakeSource(int i, bool opening)
    {
        // "You begin in ready. From ready look left, and …": how it opens has been said.
        if (!opening && _draft is { IsOpening: true, SentenceEnded: true, Stance: not null, IsDone: false } && StartsSentence(i)) Begin(Counting.Own);
        Note(_lexemes[i], "note");
        var at = i;
        Side? lead = null;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].IsStop; k++)
        {
            var lexeme = _lexemes[k];
            if (lexeme.Is("filler") || lexeme.Is("detail")) continue;
            if (lexeme.Is("side"))
            {
                lead = lexeme.Side;
                continue;
            }
            if (!lexeme.Is("stance")) break;
            if (_before.Count + _said.Count == 0 && (!_draft.IsDone || OnlyTakesHold()))
            {
                if (!opening) _form = _form with { Opening = new Opening(lexeme.Term!.Id, lead) };
                else (_draft.Stance, _draft.Lead, _draft.IsOpening) = (lexeme.Term!.Id, lead, true);
                ForgetNow();
            }
            for (var used = i + 1; used <= k; used++) Note(_lexemes[used], "stance");
            at = k;
            // "From left front stance low block, kick": as one stands.
            if (!opening && k + 1 < _lexemes.Count && _lexemes[k + 1].IsHandTechnique && Alone(k + 1) && RestOfSentence(k + 1).Any(l => l.Is("technique")))
            {
                Note(_lexemes[k + 1], "note");
                at = k + 1;
            }
            break;
        }
        if (opening && _before.Count + _said.Count == 0 && (!_draft.IsDone || _draft.IsOpening)) (_draft.IsOpening, _draft.SentenceEnded) = (true, false);
        return at;
    }
}
