using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Hands, levels and preparation.</summary>
public sealed partial class Reader
{
    private void TakeHandNoun(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "hand");
        if (lexeme.Value == "both" || _side is null && lexeme.Plain is "hands" or "fists" or "arms" or "forearms")
        {
            AssignHand(i, Hand.Both);
            return;
        }
        if (_side is not { } side) return;
        _side = null;
        if (Follows(SideIndex(i), "all") && Next(i) is null && _draft.HasHands) AllOfTheCount(side.Hand);
        else AssignHand(i, side.Hand);
    }

    /// <summary>"Low block, back fist, low block, all right hand": every one of them that has no hand yet.</summary>
    private void AllOfTheCount(Hand hand)
    {
        ValueList<HandAction> Named(IEnumerable<HandAction> actions) => actions.Select(a => a.Hand is null ? a with { Hand = hand } : a).ToValueList();
        var hands = Named(_draft.Hands);
        _draft.Hands.Clear();
        _draft.Hands.AddRange(hands);
        for (var k = _said.Count - 1; k >= 0 && _draft.Counting is Counting.Then or Counting.Together; k--)
        {
            _said[k] = _said[k] with { Hands = Named(_said[k].Hands) };
            if (_said[k].Counting is not (Counting.Then or Counting.Together)) break;
        }
        ForgetNow();
    }

    private void TakeRelativeHand(int i)
    {
        var lexeme = _lexemes[i];
        // "Backhand to the other temple": no hand of the performer's.
        if (lexeme.Plain == "the other" && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "unread" or "level" or "filler")
        {
            Note(lexeme, "filler");
            return;
        }
        // "The other L-stance": no hand.
        if (Next(i) is { Kind: "stance" } && !Follows(i, "with", "using"))
        {
            Note(lexeme, "filler");
            return;
        }
        // "Turn the hips to the same side".
        if (lexeme.Plain.EndsWith("side", StringComparison.Ordinal) && !(Next(i) is null && _draft is { SentenceEnded: false, Hands: [.., { Hand: null }] }))
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return;
        }
        var lead = LeadAt(i)?.Hand;
        Hand? hand = lexeme.Value switch
        {
            "front" => lead,
            "rear" => lead?.Other,
            "same" when lexeme.Plain.EndsWith("side", StringComparison.Ordinal) => (_draft.Kick?.Foot ?? AfterDraft().KickingFoot ?? LeadAt(i))?.Hand,
            "same" => LastHand(),
            _ => LastHand()?.Other,
        };
        if (hand is not { } found)
        {
            Unread(lexeme);
            return;
        }
        Note(lexeme, "hand", $"The {found.Word} one here.");
        // "Punch, same side": of what was just said.
        if (lexeme.Plain.EndsWith("side", StringComparison.Ordinal) && _draft is { Hands: [.., { Hand: null } said] }) _draft.Hands[^1] = said with { Hand = found };
        else AssignHand(i, found);

        Hand? LastHand() => _draft.Hands.LastOrDefault(h => h.Hand is not null)?.Hand
            ?? (_draft.HasHands && !(Follows(i, "with", "using") && _draft.Hands is [{ Hand: null }]) ? WorkingHand() : null) // "back fist with the same hand": that of the move before
            ?? Now().Hands.LastOrDefault(h => h.Hand is not Hand.Both)?.Hand ?? lead;
    }

    /// <summary>The hand that the move being said works with, where none was named.</summary>
    /// <summary>The foot that leads in the move that a word belongs to: as told so far, or further on in its sentence.</summary>
    private Side? LeadAt(int i)
    {
        var isToldAlready = _draft is { SentenceEnded: false } && (_draft.Lead is not null || _draft.Foot is not null && _draft.Footwork is "step" or "step-back");
        return (isToldAlready ? AfterDraft().Lead : null) ?? LeadToldAfter(i) ?? AfterDraft().Lead ?? Now().Lead;
    }

    /// <summary>"A punch with the front hand, left front stance", "… stepping out with the left foot": the lead where it is told after.</summary>
    private Side? LeadToldAfter(int i)
    {
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].Is("then"); k++)
        {
            // "Front arm block. Left fixed stance.": in a sentence of its own, within a count that is called.
            if (_lexemes[k].EndsSentence) return _draft.IsNumbered && k + 2 < _lexemes.Count && _lexemes[k + 1] is { Kind: "side", Side: { } stands } && _lexemes[k + 2].Is("stance") ? stands : null;
            // "… as you take one step back": the other foot comes to lead.
            if (_lexemes[k] is { Kind: "footwork", Value: "step" or "step-back" } && !_lexemes.Skip(k + 1).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "side" or "footNoun")) return Now().Lead?.Other;
            if (_lexemes[k] is not { Kind: "side", Side: { } side }) continue;
            if (Next(k) is { Kind: "stance" } named && (_lexemes[k + 1] == named || k + 2 < _lexemes.Count && _lexemes[k + 2] == named)) return side;
            if (Next(k) is { Kind: "footNoun" } || Previous(k) is { Kind: "footwork" } && Follows(k, "with")) return ClauseOf(k).Any(l => l.Is("footwork", "step-back") || l.Is("way", "back")) ? side.Other : side;
        }
        return null;
    }

    private Hand? WorkingHand() => AfterDraft().Hands.LastOrDefault(h => h.Hand is not Hand.Both)?.Hand;

    private void AssignHand(int i, Hand hand)
    {
        if (_hand is not null && _level is not null) Settle(); // "left hand middle, right hand high"
        ComesBackMeanwhile(i, hand);
        var next = Next(i);
        var previous = Previous(_lexemes[i].Kind == "handNoun" && _lexemes[i].Value != "both" ? SideIndex(i) : i);
        // "Block right hand and punch": the hand of what was just said.
        if (previous is { IsHandTechnique: true } && _draft is { Hands: [.., { Hand: null } bare], SentenceEnded: false } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "and" || _lexemes[i + 1].Is("then")))
        {
            _draft.Hands[^1] = bare with { Hand = hand };
            return;
        }
        var backward = Follows(SideIndex(i), "with", "using", "by", "of") || Follows(i, "with", "using", "by");
        backward &= !(next is { IsHandTechnique: true } && SideIndex(i) is > 0 and var article && _lexemes[article - 1].Plain is "a" or "an"); // "with a left hand rising elbow right after"
        var ends = backward && !_draft.SentenceEnded && (next is not { IsHandTechnique: true } and not { Kind: "level" } || _lexemes[i + 1].Plain is "with" or "plus");
        // "Elbow strike at chest height left hand", without a comma.
        var pastItsHeight = previous is { Kind: "level" } && Previous(_lexemes.IndexOf(previous)) is { IsHandTechnique: true } && next is null or { Kind: "then" or "stance" or "shout" or "facing" or "note" or "detail" } or { Kind: "side" };
        if ((previous is { IsHandTechnique: true } || ends || pastItsHeight) && _draft is { Hands: [.., { Hand: null } action] } && (backward || next is not { IsHandTechnique: true } and not { Kind: "level" }))
        {
            _draft.Hands[^1] = action with { Hand = hand };
            return;
        }
        if (ends && _draft is { Hands: [.., { Hand: { } same }] } && same == hand) return; // "block left with the left forearm"
        if (hand == Hand.Both && Next(i) is null && _draft is { SentenceEnded: false, Hands: [.., { Hand: Hand.Both }] }) return; // "double block with both arms"
        // "Step and punch, left hand.": told in a clause of its own.
        if (previous is null && hand != Hand.Both && _draft is { SentenceEnded: false, Hands: [.., { Hand: null } handless] } && _ways.Vocabulary.Find(handless.Technique)?.Limb != "both"
            && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence || (Alone(i) || next is null && _lexemes[i + 1].Plain.StartsWith("with ", StringComparison.Ordinal) || next is { Kind: "stance" or "shout" or "then" or "detail" or "tempo" or "facing" or "together" or "note" } or { IsGerund: true } || next is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "stance" } || _lexemes[i + 1].Plain is "and" or "followed by" or "with" or "plus") && TechniqueRightBefore(i) && NothingAheadWantsAHand(i)))
        {
            _draft.Hands[^1] = handless with { Hand = hand };
            return;
        }
        (_hand, _limbLexeme) = (hand, _lexemes[i]);
    }

    /// <summary>"Low block, left hand, front stance": whether the clause before the one that begins here ends with what a hand does.</summary>
    private bool TechniqueRightBefore(int i)
    {
        var stop = _lexemes.FindLastIndex(i, l => l.IsStop);
        return stop > 0 && !_lexemes[stop].EndsSentence && Previous(stop) is { IsHandTechnique: true } or { Kind: "level" };
    }

    /// <summary>Whether what hands do later in the sentence is told with a hand, a step or a stance of its own, or with "then".</summary>
    private bool NothingAheadWantsAHand(int i)
    {
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].EndsSentence; k++)
        {
            // "…, head block, right hand.", "…, head block with the right"; a reverse punch says it by its name.
            if (_lexemes[k].IsHandTechnique && _lexemes[k].Term!.HandRule != HandRule.Unsaid) return true;
            if (_lexemes[k].IsHandTechnique) return RestOfSentence(k).SkipWhile(l => l.Is("level")).Where(l => l.Plain is not ("the" or "your" or "my")).ToList() is [{ IsStop: true }, { Kind: "side" }, { Kind: "handNoun" }, ..] or [{ Plain: "with" or "of" or "using" }, ..];
            if (_lexemes[k].Kind is "then" or "tempo" or "side" or "relHand" or "stance" or "footwork" or "note" || _lexemes[k].Plain is "followed by") return true;
        }
        return true;
    }

    /// <summary>"The left hand comes back and the right hand punches": what the first of them does meanwhile is a remark.</summary>
    private void ComesBackMeanwhile(int i, Hand hand)
    {
        if (_hand is not (Hand.Left or Hand.Right) || hand != _hand.Value.Other || _limbLexeme is not { Kind: "handNoun" } limb || _lexemes.IndexOf(limb) is var at && at < 0) return;
        var (first, last) = (SideIndex(at), SideIndex(i) - 1);
        while (last > at && (_lexemes[last].Is("filler") || _lexemes[last].IsStop) && _lexemes[last].Plain is not ("down" or "up" or "back" or "in")) last--;
        if (last <= at || !_lexemes.GetRange(at + 1, last - at).All(l => l.Kind is "filler" or "way" or "level" or "detail") || _lexemes.GetRange(at + 1, last - at).All(l => l.Plain is "and" or "the")) return;
        _draft.Notes.Add(Said(first, last).Text);
        _fields.Add(new ReadField(_draft.Id, "note", limb.Start, limb.Length, "Kept as a remark: no technique was heard.", ""));
        (_hand, _limbLexeme) = (null, null);
    }

    private void TakeLevel(int i)
    {
        var lexeme = _lexemes[i];
        var level = Enum.Parse<Level>(lexeme.Value, ignoreCase: true);
        if (lexeme.Plain == "lower" && (i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "it" || IndexAfter(i) is var side and >= 0 && _lexemes[side].Is("side") && Next(side) is { Kind: "footNoun" }))
        {
            // "Lower it", "lower the left foot": a foot comes down.
            _lexemes[i] = lexeme with { Kind = "footwork", Value = "land" };
            TakeFootwork(i);
            return;
        }
        // "Turn to the middle, left low block": off the side line, to the side of what is done.
        if (lexeme.Plain is "middle" or "to the middle" && _draft is { IsTurning: true, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false } && Next(i) is null)
        {
            _draft.TurnAmount = 90;
            _draft.TurnSide = RestOfSentence(i).FirstOrDefault(l => l.Is("side")) is { } to ? to.Side : null;
            Note(lexeme, "turn", "Read as a right angle.", "the front");
            return;
        }
        // "Left foot to the middle, low block": off the side line, to the side of the foot.
        if ((lexeme.Plain is "to the middle" || lexeme.Plain is "middle" or "the middle" && i > 0 && (Follows(i, "to") || _lexemes[i - 1].Plain.EndsWith(" to", StringComparison.Ordinal))) && _draft is { Foot: { } middle, Footwork: null or "step", HasTurn: false, Facing: null, Way: null, IsDone: false, SentenceEnded: false } && Now().Heading.Degrees is 90 or 270)
        {
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide, _draft.TurnedAround) = ("step", 90, middle, true);
            Note(lexeme, "turn", "Read as a right angle.", "the front");
            return;
        }
        Note(lexeme, "level");
        if (_level == level && i > 0 && _levelLexeme == _lexemes[i - 1]) return; // "low to the knee": said twice
        var next = Next(i) is { Kind: "bare" } ? Next(IndexAfter(i)) : Next(i);
        // "The right arm blocks middle and the left …": of what was just said.
        var said = i > 0 && _lexemes[i - 1] is { IsHandTechnique: true } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "and" or "while" or "with" or "using" or "plus" or "of" && _draft is { Hands: [.., { Level: null }] };
        // "The left fist punches to the front at head height as the right …".
        said |= lexeme.Plain.Split(' ')[0] is "at" or "to" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "and" or "while" or "as" && Backward(i).SkipWhile(l => l.Kind is "filler" or "way" or "place" or "beside" or "detail").FirstOrDefault() is { IsHandTechnique: true } && _draft is { Hands: [.., { Level: null }] };
        // "Strike with the right stick low plus a thrust to the stomach", "block with the left hand high in left back stance".
        said |= _hand is null && Previous(i) is { Kind: "handNoun" } && (i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "plus" or "with" or "and" || next is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "stance" }) && Backward(i).SkipWhile(l => l.Kind is "filler" or "side" or "handNoun").FirstOrDefault() is { IsHandTechnique: true } && _draft is { SentenceEnded: false, Hands: [.., { Level: null }] };
        // "Strikes to the middle plus a left thrust".
        said |= lexeme.Plain == "middle" && Follows(i, "to") && Backward(i).SkipWhile(l => l.Is("filler")).FirstOrDefault() is { IsHandTechnique: true } && _draft is { Hands: [.., { Level: null }] };
        // "Ridge hand high left hand, then a low block": the hand, too, is of what was just said.
        said |= _hand is null && i > 0 && _lexemes[i - 1].IsHandTechnique && next is { Kind: "side" } && IndexAfter(i) is var told && (told + 1 < _lexemes.Count && _lexemes[told + 1].Is("handNoun") ? told + 2 : told + 1) is var behind && (behind >= _lexemes.Count || _lexemes[behind].IsStop || _lexemes[behind].Is("then") || _lexemes[behind].Plain is "and" or "plus" or "with") && _draft is { SentenceEnded: false, Hands: [.., { Level: null }] };
        // "Punch at shoulder height into right front stance".
        said |= next is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "stance" } && Previous(i) is { IsHandTechnique: true } && _draft is { Hands: [.., { Level: null }] };
        if (!said && next is { Kind: "technique" or "handNoun" or "relHand" or "side" or "level" } && !lexeme.Plain.StartsWith("to the", StringComparison.Ordinal))
        {
            (_level, _levelLexeme) = (level, lexeme);
            return;
        }
        if (!_draft.SentenceEnded && LastTechniqueIsKick() && _draft.Kick?.Level == level) return; // said once more
        if (!_draft.SentenceEnded && i > 0 && _lexemes[i - 1].IsHandTechnique && _draft is { Hands: [.., { Level: { } already }] } && already == level) return; // "low sweep to the ankle"
        if (LastTechniqueIsKick() && _draft.Kick is { Level: null } kick) _draft.Kick = kick with { Level = level };
        else if (!_draft.SentenceEnded && _hand is null && _draft is { Hands: [.., { Level: null } action] }) _draft.Hands[^1] = action with { Level = level };
        else (_level, _levelLexeme) = (level, lexeme);

        bool LastTechniqueIsKick()
        {
            for (var k = i - 1; k >= 0 && !_lexemes[k].EndsSentence; k--)
                if (_lexemes[k].Is("technique")) return _lexemes[k].IsKick;
            return false;
        }
    }

    /// <summary>"Palm block over the left palm": where the technique ends, told by the other hand.</summary>
    private int TakeOrder(int i)
    {
        Note(_lexemes[i], "note");
        // "Turn to the front over the left shoulder": the way round.
        if (_lexemes[i].Value == "over" && Next(i) is { Kind: "side" } round && IndexAfter(i) is var to && to + 1 < _lexemes.Count && _lexemes[to + 1].Plain is "shoulder")
        {
            if (_draft is { TurnSide: null, SentenceEnded: false } && (_draft.IsTurning || _draft.TurnAmount is not null)) _draft.TurnSide = round.Side;
            else _draft.Notes.Add(Said(i, to + 1).Text);
            for (var k = i + 1; k <= to + 1; k++) Note(_lexemes[k], "turn");
            return to + 1;
        }
        if (Previous(i) is not { IsHandTechnique: true } || Next(i) is not { Kind: "side" } || _draft.SentenceEnded || _lexemes[i + 1].Plain is "in" or "and") return i;
        var side = IndexAfter(i);
        if (side + 1 >= _lexemes.Count || _lexemes[side + 1] is not ({ Kind: "handNoun" } or { Plain: "palm" or "elbow" })) return i;
        _draft.Notes.Add(Said(i, side + 1).Text);
        for (var k = i + 1; k <= side + 1; k++) Note(_lexemes[k], "note");
        return side + 1;
    }

    /// <summary>"Set right over left": which hand lies on top before the move.</summary>
    private int TakePreparation(int i)
    {
        var sides = new List<Side>();
        bool? firstOnTop = null;
        var end = i;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].IsStop && k < i + 9; k++)
        {
            var lexeme = _lexemes[k];
            if (lexeme.Is("side")) sides.Add(lexeme.Side);
            else if (lexeme.Is("order")) firstOnTop = lexeme.Value == "over";
            else if (lexeme.Is("onTop")) firstOnTop = lexeme.Value == "top";
            else if (lexeme.Kind is not ("filler" or "handNoun")) break;
            end = k;
            if (sides.Count == 2 && firstOnTop is not null) break;
        }
        if (sides.Count > 0 && firstOnTop is { } top)
        {
            if (_draft.IsDone && (_draft.SentenceEnded || _draft.SetOnTop is not null)) Begin(Counting.Own);
            _draft.SetOnTop = top ? sides[0] : sides[0].Other;
            for (var k = i; k <= end; k++) Note(_lexemes[k], "set");
            return end;
        }
        // "Set the left fist on the right shoulder": where the hands make ready is a remark.
        if (ClauseOf(i).Any(l => l.Is("handNoun")) && ClauseOf(i).All(l => l.Kind is "set" or "filler" or "side" or "handNoun" or "level" or "beside" or "detail" or "place") && EndOfClause(i) is var remark)
        {
            _draft.Notes.Add(Said(i, remark).Text);
            for (var k = i; k <= remark; k++) Note(_lexemes[k], "note");
            return remark;
        }
        Note(_lexemes[i], "set");
        return i;
    }
}
