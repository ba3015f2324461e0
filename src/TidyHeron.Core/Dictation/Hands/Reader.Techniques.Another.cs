using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Whether what a hand does begins another move, goes with the one being said, or follows it on the same count.</summary>
public sealed partial class Reader
{
    /// <summary>"Roll forward. Left kick.": a roll or a fall with a sentence to itself is a move to itself.</summary>
    private bool WentToGround => _draft is { SentenceEnded: true, Footwork: "roll" or "back-roll" or "fall" };

    private bool StartsAnotherMove(int i, Terms.Term term, Hand? hand, bool handNamed, out Counting counting)
    {
        counting = _draft.SentenceEnded ? Counting.Own : Counting.Then;
        if (_draft.IsOpening) return !Formalities.AtRest(term.Id);
        if (!_draft.HasHands)
        {
            if (WentToGround) return true;
            // "Ready. Left low block, stepping left": how one stood before anything was done.
            if (_draft is { SentenceEnded: true, Stance: { } stood, Footwork: null or "step", Kick: null, IsNumbered: false } && StanceSet.IsStanding(stood) && NothingCounted && !Formalities.AtRest(term.Id) && RestOfSentence(i).Any(l => l.Kind is "footwork" or "stance")) return true;
            // After a kick the hands follow, unless something says that they go with it.
            if (_draft.Kick is not null && !_together && !MeanwhileLater(i) && term.Family is not ("guard" or "grip")) return true;
            return _draft.Footwork is "bow" or "announce";
        }
        // "As the arms cross, the right foot steps forward": the sentence tells what goes together in it.
        if (_together && _draft.SentenceEnded && Backward(i).TakeWhile(l => !l.EndsSentence).LastOrDefault(l => !l.IsStop && l.Kind is not ("filler" or "then" or "number" or "countNoun" or "ordinal")) is { Kind: "together" } meanwhile && meanwhile.Plain.Split(' ')[0] is "as" or "while" && RestOfSentence(i).Any(l => l is { Kind: "footwork", IsGerund: false } or { IsHandTechnique: true })) return true;
        // What the other hand does meanwhile: pulling, covering, supporting.
        if (term.Family is "grip" && _draft.SentenceEnded) return true;
        if (term.Family is "guard" && term.Limb == "both" && _draft.SentenceEnded && term.Id.Value is "stack-hands" or "large-hinge" or "hold-the-ball" || term.Id.Value is "spread-arms" && _draft is { SentenceEnded: true, Footwork: not null }) return true;
        // "He grabs your wrist. Pull it back to your hip and palm heel": what comes of it is the next count.
        if (term.Id.Value is "chamber" && hand is null && _draft.SentenceEnded && StartsWithAPull(i) && RestOfSentence(i).Any(l => l is { IsHandTechnique: true, Term.Family: not "guard" })) return true;
        // "Chamber the left fist, punch with it.", "the left hand comes back to the hip and punches.": with what it makes ready for.
        if (term.Id.Value is "chamber" && _draft.SentenceEnded && !_together && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "stance") && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "side" or "handNoun" || l is { Kind: "footwork", Plain: "bring" or "brings" } || l.Kind is "handNoun" or "way" or "then" or "number" or "countNoun" or "ordinal" || l.IsStop) && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "together" or "note") is { IsHandTechnique: true, Term.Family: not "guard" }) return true;
        if (term.Family is "guard" && _draft.SentenceEnded && SaidThenFirst(i)) return true;
        if (term.Family is "guard" && _then && _draft.Hands.Any(h => h.Technique == term.Id)) return true; // "cross low, then cross high"
        if (term.Family is "guard" or "grip") return _draft.Hands.Any(h => h.Hand is not null && h.Hand == hand && hand is not null) && _draft.SentenceEnded;
        if (_together) return false;
        // "Left hand blocks, right hand punches": both are named as hands and work together. "Left block, right punch"
        // are two things in a row.
        var others = handNamed && hand is { } mine && _draft.Hands.All(h => h.Hand is { } theirs && !theirs.Shares(mine));
        if (others && term.Family is "punch" or "strike" or "elbow" && _draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique)?.Family is "punch" or "strike" or "elbow")) return true;
        // "Left arm middle block. The right fist comes down in a hammer.": a blow in a sentence of its own comes after.
        if (others && _draft.SentenceEnded && OnlySmallWordsAndACallBefore(SideIndexOfHand(i)) && !RestOfSentence(i).Any(l => l.Is("times")) && term.Family is "punch" or "strike" or "elbow" && _draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique)?.Family is "receiving")) return true;
        // "Right back fist. Now left low block, stepping through with the left", "and with a right palm block, turn …": it has a step or a turn of its own.
        if (others && _draft.SentenceEnded && OnlySmallWordsAndACallBefore(SideIndexOfHand(i)) && RestOfSentence(i).Any(l => l is { Kind: "footwork", Value: "step" or "step-back" or "slide" or "turn" or "pivot" or "stay" } && (l.IsGerund || Follows(SideIndexOfHand(i), "with") || _lexemes.IndexOf(l) is var at and > 0 && (_lexemes[at - 1].Is("together") || _lexemes[at - 1].Is("stop", ":"))))) return true;
        // "Right middle block. Left low block, right middle block": what the first hand does anew is another count, so is what the other does with it.
        if (others && !_then) return _draft.SentenceEnded && (_draft.Hands.Count >= 2 || SaidThenFirst(i) || _draft.Hands.Any(h => h.Technique == term.Id) && StartsSentence(SideIndexOfHand(i)) || term.Family is "receiving" && _draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique)?.Family is "receiving") && hand?.OnSide is { } one && AlsoWorksInThisSentence(i, one.Other));
        return true;
    }

    private bool StartsWithAPull(int i) => Backward(i).TakeWhile(l => !l.EndsSentence).LastOrDefault(l => !l.IsStop && !l.Is("filler")) is { } first && first.Plain.Split(' ')[0] is "pull" or "draw" or "yank" or "rip";

    /// <summary>Whether the hand of a side receives as well, later in the sentence.</summary>
    private bool AlsoWorksInThisSentence(int i, Side side) =>
        Enumerable.Range(i + 1, Math.Max(0, EndOfSentence(i) - i)).Any(k => _lexemes[k].Is("side", side.Word) && _lexemes.Skip(k + 1).FirstOrDefault(l => l.Kind is not ("handNoun" or "level" or "filler")) is { IsHandTechnique: true, Term.Family: "receiving" });

    /// <summary>Where the side of the hand stands that a technique is done with.</summary>
    private int SideIndexOfHand(int i)
    {
        var at = i;
        while (at > 0 && !_lexemes[at - 1].IsStop && !_lexemes[at].Is("side")) at--;
        return at;
    }

    /// <summary>"Then the left hand punches.": the sentence says that it comes after.</summary>
    private bool SaidThenFirst(int i)
    {
        var k = StartOfSentence(i);
        return _lexemes.Skip(k).Take(i - k).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "then" };
    }

    /// <summary>"Side kick and back fist at the same time": told only after both.</summary>
    private bool MeanwhileLater(int i)
    {
        for (var k = i; k < _lexemes.Count && !_lexemes[k].EndsSentence && !_lexemes[k].Is("then"); k++)
            if (_lexemes[k] is { Kind: "together", Plain: "at the same time" or "simultaneously" or "at once" or "same time" or "at the same moment" }) return true;
        return false;
    }
}
