using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>
/// The hands load the other way round than the block needs. Common practice: the blocking hand of a low block loads
/// on top, that of a rising or inside block underneath.
/// </summary>
public sealed class PreparationContradictsMove : IRule
{
    public string Id => "preparation";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var move = reading.Form.Moves[i];
            if (move.SetOnTop is not { } top) continue;
            var action = reading.Walk.Postures[i].Hands.FirstOrDefault(h => h.Hand is Hand.Left or Hand.Right && LoadsOnTop(h.Technique) is not null);
            if (action is null) continue;
            var blocking = action.Hand == Hand.Left ? Side.Left : Side.Right;
            var needed = LoadsOnTop(action.Technique) == true ? blocking : blocking.Other;
            if (needed == top) continue;
            yield return new Finding(Id, move.Id,
                $"A {blocking.Word} {reading.Ways.Vocabulary.Name(action.Technique, reading.Ways.Tradition)} loads with the {needed.Word} hand on top, but the move sets {top.Word} over {top.Other.Word}.",
                [new Fix($"Set {needed.Word} over {needed.Other.Word}", new RewriteMove(move with { SetOnTop = needed }))]);
        }
    }

    private static bool? LoadsOnTop(TermId technique) => technique.Value switch
    {
        "low-block" or "low-knife-hand-block" or "outside-block" => true,
        "rising-block" or "inside-block" => false,
        _ => null,
    };
}
