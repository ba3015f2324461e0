using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words of movement that move no foot where they stand: a weapon raised, a hand that slides, a line crossed.</summary>
public sealed partial class Reader
{
    /// <summary>Whether a word of movement is none here; it is taken for what it is then.</summary>
    private bool SaysSomethingElse(int i)
    {
        var lexeme = _lexemes[i];
        var kind = lexeme.Value;
        if ((kind is "lift-foot" or "slide" or "shift" or "drop" or "return" || lexeme.Plain is "bring" or "brings" or "take" or "put") && Next(i) is { Kind: "weapon" })
        {
            Note(lexeme, "filler"); // "raise the sword": the weapon moves, not a foot
            return true;
        }
        // "Come up with a left block": the hand does, where nobody kneels.
        if (kind == "rise" && lexeme.Plain.StartsWith("com", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is not ("filler" or "side" or "handNoun" or "level")) is { IsHandTechnique: true } && !IsLow(_draft.Stance ?? Here().Stance))
        {
            Note(lexeme, "filler");
            return true;
        }
        // "From the salute sink into horse stance": where one comes from.
        if (kind is "bow" or "announce" && Previous(i) is { Kind: "from" })
        {
            Note(lexeme, "filler");
            return true;
        }
        // "Back kick, turning": the kick turns.
        if (kind is "turn" or "spin" && lexeme.IsGerund && _draft is { Kick: not null, HasHands: false, SentenceEnded: false } && Next(i) is null or { Kind: "turnSide" })
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            if (Next(i) is { Kind: "turnSide" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return true;
        }
        // "Spin the bo": the weapon goes round.
        if (kind == "spin" && Next(i) is { Kind: "weapon", Value: "staff" })
        {
            Retell(i, "staff-spin");
            return true;
        }
        // "Low block left, and in the same stance a rising block left": one after the other.
        // "Low block, then without moving the feet turn the hand over, rising block".
        if (kind == "stay" && _draft is { HasHands: true, SentenceEnded: false } && !_together
            && (lexeme.Plain.EndsWith("same stance", StringComparison.Ordinal) && Follows(i, "in", "and") && _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Any(l => l.IsHandTechnique) || _then && RestOfSentence(i).Any(l => l.IsHandTechnique) && !RestOfSentence(i).Any(l => l.Kind is "times" or "number")))
        {
            Begin(Counting.Own);
            _draft.Footwork = "stay";
            Note(lexeme, "footwork");
            return true;
        }
        // "Low block, same stance": nothing more is done with the feet.
        if (kind == "stay" && _draft is { Footwork: not null, IsDone: true, SentenceEnded: false } or { Foot: not null, IsDone: true, SentenceEnded: false })
        {
            Note(lexeme, "footwork");
            return true;
        }
        // "On the third step draw": one of the steps just said.
        if (kind == "step" && lexeme.Plain == "step" && Previous(i) is { Kind: "ordinal" } && Follows(IndexBefore(i), "on", "with"))
        {
            Note(lexeme, "filler");
            return true;
        }
        // "Grab, twist and pull": the hands twist.
        if (lexeme.Plain is "twist" or "twisting" && _draft is { HasHands: true, SentenceEnded: false } && _ways.Vocabulary.Find(_draft.Hands[^1].Technique)?.Family is "grab" or "grip" or "lock"
            && Next(i) is null or { IsHandTechnique: true })
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        // "Twist the right knife hand together with the body until its palm faces down and then move …": how the hand is freed.
        if (lexeme.Plain is "twist" or "twisting" && Next(i) is { Kind: "side" } && IndexAfter(i) is var held && Next(held) is { IsHandTechnique: true } or { Kind: "handNoun" })
        {
            var freed = i;
            while (freed + 1 < _lexemes.Count && !_lexemes[freed + 1].IsStop && !_lexemes[freed + 1].Is("then")) freed++;
            AsNote(i, freed);
            _draft.Notes.Add(Slice(_lexemes[i]));
            Note(_lexemes[i], "note");
            return true;
        }
        // "The left palm slides along the leg": the hand does.
        if (kind is "slide" && i > 0 && _lexemes[i - 1] is { Kind: "technique", Plain: "palm" or "palms" or "knife hand" })
        {
            Note(lexeme, "filler");
            return true;
        }
        // "Left punch, twist, left inside block": the hips, between two things the hands do.
        if (lexeme.Plain is "twist" or "twisting" && _foot is null && Next(i) is null && Previous(i) is null or { Kind: "then" } && _draft is { HasHands: true, SentenceEnded: false } && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "stance" or "footNoun" or "turnSide") is { IsHandTechnique: true })
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        // "Left low block, right middle block, then switch them": the hands.
        if (kind == "switch" && _then && _draft is { HasHands: true, SentenceEnded: false } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "them" || Next(i) is { Kind: "handNoun" }) && _draft.Hands.All(h => h.Hand is Hand.Left or Hand.Right))
        {
            var changed = _draft.Hands.Select(h => h with { Hand = h.Hand?.Other }).ToList();
            Begin(Counting.Own);
            _draft.Hands.AddRange(changed);
            Note(lexeme, "technique");
            if (Next(i) is { Kind: "handNoun" }) BecomesSmall(IndexAfter(i));
            return true;
        }
        // "Third: switch, left inside block and right low": with the feet side by side the hands change.
        if (kind == "switch" && lexeme.Plain is "switch" or "switches" or "switch over" or "change" && _foot is null && _ways.Stances.Of(Here().Stance).Feet == FeetKind.Even && (_draft.IsEmpty || _draft is { SentenceEnded: true, HasBody: true } or { Footwork: "stay", IsDone: false }) && !Clauses(i).Any(l => l.Kind is "footNoun" or "stance"))
        {
            if (_draft is { HasBody: true, Footwork: not "stay" }) Begin(Counting.Own);
            if (!RestOfSentence(i).Any(l => l.IsHandTechnique)) _draft.Hands.AddRange(LastHands().Select(h => h with { Hand = h.Hand?.Other }));
            if (!_draft.HasHands) _draft.Footwork = "stay";
            Note(lexeme, "footwork", "Read as the hands changing.", "switch feet");
            return true;
        }
        // "Open the hands and pull in, hands to the sides": the hands.
        if (kind == "pull-together" && lexeme.Plain is "pull in" or "pulls in" or "pulling in" && _foot is null && Next(i) is null or { Kind: "handNoun" } && _draft is { HasHands: true, SentenceEnded: false })
        {
            Retell(i, "pull");
            return true;
        }
        // "Right punch, pull back, middle block": the hand.
        if (kind is "slide-back" && lexeme.Plain.StartsWith("pull", StringComparison.Ordinal) && _foot is null && Next(i) is null && Previous(i) is null && _draft is { HasHands: true, SentenceEnded: false } && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "stance" or "footNoun") is { IsHandTechnique: true })
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        // "Right outside block, turned to the left" in horse stance: the body over feet that stay.
        if (kind is "turn" && lexeme.Plain.StartsWith("turned", StringComparison.Ordinal) && _draft is { HasHands: true, SentenceEnded: false } && Next(i) is { Kind: "side" } && Alone(IndexAfter(i)) && _ways.Stances.Of(AfterDraft().Stance).IsStraddle && !RestOfSentence(i).Any(l => l.Kind is "stance" or "technique"))
        {
            AsNote(i, IndexAfter(i));
            _draft.Notes.Add(Slice(_lexemes[i]));
            Note(_lexemes[i], "note");
            return true;
        }
        // "Right inside block turning the hips": with the hands.
        if (kind is "turn" && lexeme.IsGerund && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "the hips" or "your hips" or "hips" or "the waist" or "your waist" or "the hip" && Alone(i + 1) && _draft is { HasHands: true, SentenceEnded: false })
        {
            AsNote(i, i + 1);
            _draft.Notes.Add(Slice(_lexemes[i]));
            Note(_lexemes[i], "note");
            return true;
        }
        // "…, the hips turn left": the body, with the hands.
        if (kind is "turn" && lexeme.Plain is "turn" or "turns" && i > 0 && _lexemes[i - 1].Plain is "hips" or "the hips" or "your hips" or "hip" or "shoulders" && _draft is { HasHands: true, SentenceEnded: false })
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            if (Next(i) is { Kind: "side" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return true;
        }
        // "Open the hands and rise": from a long stance one comes up into a shorter one, from the ground to the feet.
        if (kind == "rise" && _ways.Stances.Of(Now().Stance) is { Feet: FeetKind.Lead } && !IsLow(Now().Stance) && lexeme.Plain is "rise" or "rises" or "rise up" or "come up" or "straighten up" && _draft is { Stance: null, Footwork: null, HasHands: true, SentenceEnded: false }
            && !RestOfSentence(i).Any(l => l.Is("stance")) && Now().Stance.Value is not "short-front-stance")
        {
            (_draft.Footwork, _draft.Stance, _draft.Lead) = ("shift", new TermId("short-front-stance"), Now().Lead);
            Note(lexeme, "footwork", "Read as coming up into a short front stance.", "rise into ready stance");
            return true;
        }
        // "Stand with the heels together": from a low stance one rises, otherwise one stands already.
        if (kind == "rise" && lexeme.Plain is "stand" or "stands" or "stand up" or "standing up" or "standing" && !IsLow(_draft.Stance ?? Now().Stance) && _draft.Footwork is not ("kneel" or "drop" or "roll" or "fall"))
        {
            _draft.Stands = true;
            Note(lexeme, "filler");
            return true;
        }
        // "The hands press down, then come up back to back": in a stance side by side the hands do.
        if (kind == "rise" && lexeme.Plain is "come up" or "comes up" && _draft is { HasHands: true, SentenceEnded: false } && !IsLow(_draft.Stance ?? Now().Stance) && _ways.Stances.Of(_draft.Stance ?? Now().Stance).Feet == FeetKind.Even && !RestOfSentence(i).Any(l => l.Is("stance")))
        {
            Note(lexeme, "filler");
            if (Next(i) is { Kind: "way", Value: "back" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return true;
        }
        // "Strike, rising, to the groin": the line of the strike.
        if (kind == "rise" && lexeme.Plain == "rising" && _draft is { HasHands: true, SentenceEnded: false } && !IsLow(Now().Stance))
        {
            if (_draft.Hands[^1].Technique.Value == "strike" && SpeaksOf("staff")) _draft.Hands[^1] = _draft.Hands[^1] with { Technique = new TermId("staff-rising-strike") };
            Note(lexeme, "technique");
            return true;
        }
        // "Raise overhead and cut": what is raised without being named is what the hands hold.
        if (kind == "lift-foot" && lexeme.Plain is "raise" or "raises" or "lift" or "lifts" or "raising" or "lifting" && _foot is null
            && Next(i) is not { Kind: "side" or "footNoun" or "relFoot" or "handNoun" } and not { Plain: "knee" or "knees" })
        {
            if (Holds("sword")) Retell(i, "sword-high-guard");
            else Note(lexeme, "filler");
            return true;
        }
        if (lexeme.Plain is "cross" && _hand != Hand.Both && (Previous(i) is { Kind: "side" } && _side is not null || Previous(i) is { Kind: "handNoun" or "relHand" } && _hand is not null) && Next(i) is null or { Kind: "technique" or "then" or "together" } && _foot is null)
        {
            Retell(i, "reverse-punch"); // "right cross": said with a hand's side only, it is the punch
            return true;
        }
        if (lexeme.Plain is "cross" && _side is not null && _foot is null && Previous(i) is { Kind: "side" } && SpeaksOfBoxing() && Next(i) is not { Kind: "footNoun" or "way" or "stance" })
        {
            Retell(i, "reverse-punch");
            return true;
        }
        // "The hands cross low in front".
        if (kind is "cross-front" && lexeme.Plain is "cross" && _hand == Hand.Both && _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "level" or "way" or "tip" || l.Plain is "down" or "up" or "overhead"))
        {
            Retell(i, "x-block");
            return true;
        }
        // "Both arms cross in front of the chest", "the hands cross at the wrists".
        if (kind is "cross-front" && lexeme.Plain.StartsWith("cross", StringComparison.Ordinal) && _hand == Hand.Both && _foot is null)
        {
            Retell(i, "arms-crossed");
            return true;
        }
        // "Parry right, weight goes to the back leg": meanwhile.
        if (kind == "shift" && lexeme.Plain == "weight" && _draft is { HasHands: true, Footwork: null, SentenceEnded: false })
        {
            _draft.Footwork = kind;
            Note(lexeme, "footwork");
            for (var k = i + 1; k <= EndOfClause(i); k++)
                if (_lexemes[k].Kind is "relFoot" or "side" or "footNoun") AsNote(k, EndOfClause(i));
            return true;
        }
        // "Cross both sai overhead": the weapons are crossed.
        if (kind is "cross-front" && lexeme.Plain is "cross" or "crosses" && _foot is null && Next(i) is { Kind: "weapon" })
        {
            Retell(i, "x-block");
            return true;
        }
        // "The cross on the spot", where the words speak of jabs and hooks.
        if (lexeme.Plain is "cross" && _foot is null && (Next(i) is null or { Kind: "footwork", Value: "stay" } or { Kind: "level" or "again" } || Previous(i) is { Value: "jab" } or { Kind: "then" } && Next(i) is not { Kind: "footNoun" or "way" } && !(Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" })) && SpeaksOfBoxing())
        {
            Retell(i, "reverse-punch");
            return true;
        }
        // "Jab with the left, cross with the right".
        if (lexeme.Plain is "cross" && (_draft.HasHands && !_draft.SentenceEnded || SpeaksOfBoxing()) && Next(i) is { Kind: "side" } && IndexAfter(i) is var with && Follows(with, "with") && Next(with) is not { Kind: "footNoun" })
        {
            Retell(i, "reverse-punch");
            return true;
        }
        // "Bring the left foot back and close".
        if (lexeme.Plain == "close" && Follows(i, "and") && Alone(i) && _draft is { Footwork: "step" or "step-back" or "pull-together" or "slide" or "slide-back", IsDone: false, Stance: null, SentenceEnded: false })
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            _draft.Stance = new TermId("ready-stance"); // the end of a form, or of what was said of it
            Note(lexeme, "footwork");
            return true;
        }
        if (lexeme.Plain == "close" && !(Alone(i) && i > 0 && _lexemes[i - 1].IsStop) && Next(i) is not { Kind: "side" or "footNoun" or "relFoot" })
        {
            Unread(lexeme);
            return true;
        }
        if ((Follows(i, "at", "after", "before", "until") || Previous(i) is { Kind: "from" }) && lexeme.Plain is "jump" or "turn" or "roll" or "fall" or "spin")
        {
            Note(lexeme, "filler"); // "we pick it up at the jump": a place in the form
            return true;
        }
        if ((_series > 0 || _draft.Footwork == "step" && lexeme.Plain.StartsWith("stepping", StringComparison.Ordinal)) && kind == "step" && lexeme.IsGerund && _draft is { HasHands: true, SentenceEnded: false })
        {
            Note(lexeme, "footwork"); // "three punches going forward": taken in already
            return true;
        }
        // "Bring your hands up".
        if (lexeme.Plain is "bring" or "brings" or "put" or "get" && Next(i) is { Term.Family: "guard" })
        {
            Note(lexeme, "filler");
            return true;
        }
        if (kind is not ("bow" or "announce" or "return") && MovesAHand(i) && !(kind == "slide" && i + 1 < _lexemes.Count && (lexeme.Plain.EndsWith(" in", StringComparison.Ordinal) || _lexemes[i + 1].Plain is "in" or "with")))
        {
            // "Slide the left hand down", "both hands come up": the verb is a hand's, not a foot's.
            if (kind is "slide" or "switch") Retell(i, kind == "slide" ? "slide-grip" : "regrip");
            else Note(lexeme, "filler");
            return true;
        }
        if (kind == "return" && TakeBackToTheCentre(lexeme)) return true;
        // "Turning kick", "jumping front kick": the name of a technique that was not found whole.
        if (lexeme.IsGerund && Next(i) is { IsKick: true } && _foot is null && kind is "turn" or "spin")
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        // "Knife hands crossed in front of the face": the hands are.
        if (lexeme.Plain.StartsWith("crossed", StringComparison.Ordinal) && (Previous(i) is { IsHandTechnique: true } || Previous(i) is { Kind: "handNoun" } || Next(i) is { IsHandTechnique: true } || Previous(i) is null && Alone(i) && _draft is { HasHands: true, SentenceEnded: false }) && _foot is null)
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        if (kind.StartsWith("cross", StringComparison.Ordinal) && lexeme.Plain.StartsWith("crossed", StringComparison.Ordinal) && _draft is { Stance: not null, SentenceEnded: false })
        {
            _draft.Lead ??= _foot; // "resting stance, left leg crossed in front": how the stance is stood in
            _foot = null;
            Note(lexeme, "lead");
            return true;
        }
        // "Stepping back" after "same on the other side": how the repeat goes, not one more step.
        if (lexeme.IsGerund && _draft.IsEmpty && _repeated > 0 && _repeated == _before.Count + _said.Count && i > 0 && _lexemes[i - 1].Is("stop", ","))
        {
            Note(lexeme, "footwork");
            if (Next(i) is { Kind: "way" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return true;
        }
        return false;
    }
}
