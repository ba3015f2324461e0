using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>One hand is given two things to do at the same time on one count.</summary>
public sealed class HandUsedTwice : IRule
{
    public string Id => "hand-twice";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var moves = reading.Form.Moves;
        var busy = new List<HandAction>();
        for (var i = 0; i < moves.Count; i++)
        {
            var move = moves[i];
            if (move.Counting != Counting.Together || i == 0) busy.Clear();
            for (var k = 0; k < reading.Walk.Postures[i].Hands.Count; k++)
            {
                var action = reading.Walk.Postures[i].Hands[k];
                var clash = busy.FirstOrDefault(b => Clash(b, action, reading));
                busy.Add(action);
                if (clash is null) continue;
                var hand = action.Hand == Hand.Both ? clash.Hand!.Value : action.Hand!.Value;
                string Name(HandAction a) => reading.Ways.Vocabulary.Name(a.Technique, reading.Ways.Tradition);
                yield return new Finding(Id, move.Id,
                    $"{(hand == Hand.Both ? "Both hands do" : $"The {hand.Word} hand does")} two things at once: {Name(clash)} and {Name(action)}.",
                    Fixes(move, k, action));
            }
        }
    }

    // Shaping and placing a hand is not a second action of it: a hand can be pulled to the hip by a grip it releases.
    private static bool Clash(HandAction a, HandAction b, FormReading reading) =>
        a.Hand is { } first && b.Hand is { } second && first.Shares(second)
        && reading.Ways.Vocabulary.Find(a.Technique)?.Family is not "grip"
        && reading.Ways.Vocabulary.Find(b.Technique)?.Family is not "grip";

    private static ValueList<Fix> Fixes(Move move, int index, HandAction action)
    {
        if (index >= move.Hands.Count) return [];
        var fixes = new List<Fix>();
        if (action.Hand is Hand.Left or Hand.Right && move.Hands.Where((_, k) => k != index).All(h => h.Hand != action.Hand!.Value.Other && h.Hand != Hand.Both))
        {
            var other = move.Hands.Select((h, k) => k == index ? h with { Hand = action.Hand!.Value.Other } : h).ToValueList();
            fixes.Add(new Fix($"Use the {action.Hand!.Value.Other.Word} hand for the second", new RewriteMove(move with { Hands = other })));
        }
        if (move.Counting == Counting.Together && index == 0)
            fixes.Add(new Fix("Do it after, on the same count", new RewriteMove(move with { Counting = Counting.Then })));
        return fixes.ToValueList();
    }
}
