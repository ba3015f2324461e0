using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>A jump says nothing about how it comes down: no stance, no hands, no kick, and the form ends there.</summary>
public sealed class JumpWithoutLanding : IRule
{
    public string Id => "jump-landing";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var moves = reading.Form.Moves;
        for (var i = 0; i < moves.Count; i++)
        {
            if (moves[i] is not { Footwork.Kind.Value: "jump", Stance: null } move) continue;
            if (i + 1 < moves.Count && moves[i + 1] is { Footwork.Kind.Value: "land" } or { Stance: not null, Footwork: null }) continue;
            yield return new Finding(Id, move.Id, "The jump does not say the stance it lands in. Say the stance, or let the next move land.",
                [new Fix("Land in the stance before", new RewriteMove(move with { Stance = new StanceTaken(reading.Walk.Before(i).Stance, reading.Walk.Before(i).Lead) }))]);
        }
    }
}

/// <summary>The performer kneels, lies or rolls, and later steps or kicks without having risen.</summary>
public sealed class GroundWithoutRising : IRule
{
    private static readonly HashSet<string> Ground = ["kneeling-stance", "both-knees", "lying"];

    public string Id => "ground-rising";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var before = reading.Walk.Before(i).Stance;
            if (!Ground.Contains(before.Value)) continue;
            var move = reading.Form.Moves[i];
            var steps = move.Footwork?.Kind.Value is "step" or "step-back" or "slide" or "shuffle" or "jump" or "hop" or "crescent-step" or "cross-front" or "cross-behind";
            // A new standing stance said with the step is the rising; a step on the knees needs none.
            if (!steps || move.Stance is not null || before.Value is "both-knees" && reading.Walk.Postures[i].Stance.Value is "kneeling-stance") continue; // one foot put forward, still on a knee
            var name = reading.Ways.Vocabulary.Name(before, reading.Ways.Tradition);
            yield return new Finding(Id, move.Id, $"The move steps out of {name} without rising. Say \"rise\", or the stance stepped into.",
                [new Fix("Rise with it", new RewriteMove(move with { Footwork = move.Footwork! with { Kind = new TermId("rise"), Way = null } }))]);
        }
    }
}
