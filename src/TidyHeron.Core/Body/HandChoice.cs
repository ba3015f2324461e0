using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Body;

/// <summary>Fills in which hand does what where it was not said.</summary>
internal static class HandChoice
{
    public static Posture Resolve(Posture posture, Posture before, Move move, Vocabulary vocabulary)
    {
        if (move.Hands.Count == 0) return posture with { Hands = [] };
        var inferred = posture.Inferred;
        var taken = move.Hands.Where(h => h.Hand is not null and not Hand.Both).Select(h => h.Hand!.Value).ToHashSet();
        var hands = new List<HandAction>(move.Hands.Count);
        foreach (var action in move.Hands)
        {
            var term = vocabulary.Find(action.Technique);
            var level = action.Level ?? term?.DefaultLevel;
            if (action.Hand is { } said)
            {
                hands.Add(action with { Hand = said, Level = level });
                continue;
            }
            var hand = term?.Limb == "both" ? Hand.Both : Guess(term, posture, before, taken);
            if (hand != Hand.Both)
            {
                inferred |= Inferred.Hand;
                taken.Add(hand);
            }
            hands.Add(action with { Hand = hand, Level = level });
        }
        return posture with { Hands = hands.ToValueList(), Inferred = inferred };
    }

    // Common practice: a hand that is not named is the one over the leading foot, unless the name says "reverse";
    // a hand that is already busy leaves the other one; without a lead, hands alternate.
    private static Hand Guess(Term? term, Posture posture, Posture before, HashSet<Hand> taken)
    {
        // A sword or a sabre in one hand is in the right one (common practice).
        if (term is { Family: "sword" }) return Hand.Right;
        var lead = (posture.Lead ?? posture.Moved)?.Hand;
        var first = term?.HandRule == HandRule.Rear ? lead?.Other : lead;
        var guess = first ?? before.Hands.FirstOrDefault(h => h.Hand is not Hand.Both)?.Hand?.Other ?? Hand.Right;
        return taken.Contains(guess) && !taken.Contains(guess.Other) ? guess.Other : guess;
    }
}
