using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Checks;

/// <summary>
/// Follows which hands hold the weapon. Both do from the first two-handed weapon technique on, until a hand lets go.
/// </summary>
internal static class Grips
{
    /// <summary>Hands on the weapon before each move; empty where no weapon has appeared yet.</summary>
    public static IReadOnlyList<HashSet<Hand>> Before(FormReading reading)
    {
        var holding = new HashSet<Hand>();
        var before = new List<HashSet<Hand>>(reading.Form.Moves.Count);
        var oneHanded = reading.Form.Weapon is { } carried && Weapon.Find(carried.Kind)?.Hold == WeaponHold.OneHanded;
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            before.Add([.. holding]);
            for (var k = 0; k < reading.Walk.Postures[i].Hands.Count; k++)
            {
                var action = reading.Walk.Postures[i].Hands[k];
                // A cut that others do with both hands is one hand's with such a weapon, unless both are said.
                if (oneHanded && action.Hand == Hand.Both && reading.Form.Moves[i].Hands[k].Hand is null) action = action with { Hand = Hand.Right };
                var term = reading.Ways.Vocabulary.Find(action.Technique);
                if (term is null || action.Hand is not { } hand) continue;
                Hand[] hands = hand == Hand.Both ? [Hand.Left, Hand.Right] : [hand];
                if (term.Id.Value == "release-hand") holding.ExceptWith(hands);
                else if (term.Id.Value is "regrip" or "slide-grip" || term.IsWeapon) holding.UnionWith(hands);
            }
        }
        return before;
    }
}

/// <summary>A hand that holds the weapon punches, grabs or blocks as if it were empty.</summary>
public sealed class WeaponHandStrikes : IRule
{
    public string Id => "weapon-hand";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var grips = Grips.Before(reading);
        // A sai or a truncheon lies along the forearm: with it in the hand one punches and blocks, and only cannot take hold.
        var shortOnly = reading.Form.Moves.SelectMany(m => m.Hands).Select(h => reading.Ways.Vocabulary.Find(h.Technique)).Where(t => t is { IsWeapon: true }).All(t => t!.Family == "short weapon");
        for (var i = 0; i < grips.Count; i++)
        {
            var move = reading.Form.Moves[i];
            if (reading.Walk.Postures[i].Hands.Any(h => h.Technique.Value == "release-hand")) continue;
            for (var k = 0; k < move.Hands.Count; k++)
            {
                var action = reading.Walk.Postures[i].Hands[k];
                if (action.Hand is not { } hand || reading.Ways.Vocabulary.Find(action.Technique) is not { } term) continue;
                if (shortOnly && (term.Family is not ("grab" or "lock") || term.Id.Value is "pull" or "push")) continue;
                if (term.Family is not ("punch" or "strike" or "receiving" or "grab" or "lock") || !grips[i].Any(held => held.Shares(hand))) continue;
                var released = new HandAction(new TermId("release-hand"), hand);
                yield return new Finding(Id, move.Id,
                    $"{(hand == Hand.Both ? "Both hands hold" : $"The {hand.Word} hand holds")} the weapon and cannot also do a {term.In(reading.Ways.Tradition)}. Let go first, or name the weapon's technique.",
                    [new Fix("Let go first", new RewriteMove(move with { Hands = [.. move.Hands.Take(k), released, .. move.Hands.Skip(k)] }))]);
            }
        }
    }
}

/// <summary>A two-handed weapon technique with a hand that has let go and not taken hold again.</summary>
public sealed class GripChangeMissing : IRule
{
    public string Id => "grip-change";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var grips = Grips.Before(reading);
        var released = new HashSet<Hand>();
        for (var i = 0; i < grips.Count; i++)
        {
            var move = reading.Form.Moves[i];
            foreach (var action in reading.Walk.Postures[i].Hands)
            {
                if (reading.Ways.Vocabulary.Find(action.Technique) is not { } term || action.Hand is not { } hand) continue;
                Hand[] hands = hand == Hand.Both ? [Hand.Left, Hand.Right] : [hand];
                if (term.Id.Value == "release-hand") released.UnionWith(hands);
                else if (term.Id.Value is "regrip" or "slide-grip") released.ExceptWith(hands);
                else if (term.IsWeapon && hands.FirstOrDefault(released.Contains, Hand.Both) is var free && free != Hand.Both)
                {
                    released.ExceptWith(hands);
                    yield return new Finding(Id, move.Id, $"The {free.Word} hand let go of the weapon and does not take hold again before this. Say the regrip.",
                        [new Fix($"Regrip with the {free.Word} hand", new RewriteMove(move with { Hands = [new HandAction(new TermId("regrip"), free), .. move.Hands] }))]);
                }
            }
        }
    }
}
