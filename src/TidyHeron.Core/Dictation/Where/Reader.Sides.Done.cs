using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>A "left" or "right" that is told after what is done with that hand or foot.</summary>
public sealed partial class Reader
{
    /// <summary>The side of a technique that was just named without one.</summary>
    private bool SideOfWhatWasDone(int i, Side side)
    {
        var (next, previous) = (Next(i), Previous(i));
        // "From ready step out with the left, low block to the left": one turns there.
        if (previous is { IsHandTechnique: true, Term.IsWeapon: false } && Follows(i, "to") && Alone(i) && _draft is { Footwork: "step", Foot: { } outward, Stance: null, Way: null, HasTurn: false, Facing: null, SentenceEnded: false, Hands: [{ Hand: null }] } && outward == side && StanceSet.IsStanding(Now().Stance) && RestOfSentence(i).All(l => !l.Is("stance")))
        {
            _draft.TurnSide = side;
            _draft.Hands[^1] = _draft.Hands[^1] with { Hand = side.Hand };
            return true;
        }
        // "You block high with the left, and you strike …".
        if ((next is null && Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "and" && next is not { Kind: "side" or "handNoun" } || next is { Kind: "technique" } && _lexemes[i + 1].Plain is "with" or "plus" || next is { Kind: "then" or "tempo" or "together" or "shout" } or { Kind: "footwork", Value: "stay" } || next is { Kind: "stance" or "side" } && _lexemes[i + 1].Plain is "into" or "in" or "to") && Follows(i, "with") && previous is { Kind: "level" } && _draft is { SentenceEnded: false, Hands: [.., { Hand: null } high] })
        {
            _draft.Hands[^1] = high with { Hand = side.Hand };
            return true;
        }
        // "Punch to the chest right, then a low block with the left": the hand of the first.
        if (previous is { Kind: "level" } && _lexemes[i - 1] == previous && Previous(IndexBefore(i)) is { IsHandTechnique: true } && (Alone(i) || i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("then") || _lexemes[i + 1].Plain is "and" or "plus" or "with")) && _draft is { SentenceEnded: false, Hands: [.., { Hand: null } levelled] })
        {
            _draft.Hands[^1] = levelled with { Hand = side.Hand };
            return true;
        }
        // "Front kick with the right and punch": the foot that kicks.
        if (Follows(i, "with") && previous is { IsKick: true } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _draft is { SentenceEnded: false, HasHands: false, Kick: { Foot: null } kicks })
        {
            _draft.Kick = kicks with { Foot = side };
            return true;
        }
        // "Front kick, left and step back with it", "front kick, left, foot comes back".
        if (i > 0 && _lexemes[i - 1].Is("stop", ",") && Previous(i - 1) is { IsKick: true } && i + 2 < _lexemes.Count && (_lexemes[i + 1].Plain == "and" && next is { Kind: "footwork" or "landing" } || Alone(i)) && _draft is { SentenceEnded: false, HasHands: false, Kick: { Foot: null } came })
        {
            _draft.Kick = came with { Foot = side };
            return true;
        }
        // "Front kick, bring it back, left, punch left", "front kick, bring it back with the right and punch right".
        if (previous is { Kind: "landing" } && _draft is { SentenceEnded: false, HasHands: false, Kick: { Foot: null } back } && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and"))
        {
            _draft.Kick = back with { Foot = side };
            return true;
        }
        // "Punch right punch left": each side after its punch.
        if (previous is { IsHandTechnique: true } && i > 0 && _lexemes[i - 1] == previous && _draft is { Hands: [.., { Hand: null } one] } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("technique", previous.Value) && _lexemes[i + 2].Is("side") && _lexemes[i + 2].Value != _lexemes[i].Value && (Alone(i + 2) || _lexemes[i + 3].Kind is not ("technique" or "handNoun" or "footNoun")))
        {
            _draft.Hands[^1] = one with { Hand = side.Hand };
            return true;
        }
        // "Side kick left with back fist": the foot that kicks.
        if (previous is { IsKick: true } && i > 0 && _lexemes[i - 1] == previous && _draft is { Kick: { Foot: null } swung, SentenceEnded: false } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "with" or "and")
        {
            _draft.Kick = swung with { Foot = side };
            return true;
        }
        // "Rising block right at 45".
        if (previous is { IsHandTechnique: true } && _draft is { Hands: [.., { Hand: null } sideless] } && next is { Kind: "degrees" } && Follows(IndexAfter(i), "at"))
        {
            _draft.Hands[^1] = sideless with { Hand = side.Hand };
            return true;
        }
        // "Horizontal strike to the left side": where the weapon goes.
        if (previous is { IsHandTechnique: true, Term.IsWeapon: true } && Follows(i, "to") && next is null or { IsHandTechnique: true, Term.IsWeapon: false })
        {
            _draft.Notes.Add("to the " + side.Word);
            return true;
        }
        // "Rising block with the left with an inside block of the right arm": the hand of the first.
        if (previous is { IsHandTechnique: true } && Follows(i, "with", "using") && next is { IsHandTechnique: true } or { Kind: "level" } && _lexemes[i + 1].Plain is "with" or "plus" && _draft is { Hands: [.., { Hand: null } former], SentenceEnded: false })
        {
            _draft.Hands[^1] = former with { Hand = side.Hand };
            return true;
        }
        // "Punch with the right into a cat stance": the hand.
        if (previous is { IsHandTechnique: true } && Follows(i, "with", "using") && next is { Kind: "stance" or "side" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "in" or "to" && _draft is { Hands: [.., { Hand: null } done], SentenceEnded: false })
        {
            _draft.Hands[^1] = done with { Hand = side.Hand };
            return true;
        }
        // "Low block left and you punch": the side of what was just said.
        if (previous is { IsHandTechnique: true } && i > 0 && _lexemes[i - 1] == previous && _draft is { Hands: [.., { Hand: null } bare] } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "and" || _lexemes[i + 1].Is("then")))
        {
            _draft.Hands[^1] = bare with { Hand = side.Hand };
            return true;
        }
        return false;
    }
}
