using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>The form has another number of counts or shouts than the school says it has.</summary>
public sealed class DeclaredTotals : IRule
{
    public string Id => "declared-totals";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var form = reading.Form;
        if (form.Moves.Count == 0) yield break;
        var shouts = form.Moves.Count(m => m.Shout);
        if (form.DeclaredCounts is { } counts && counts != reading.TotalCounts)
            yield return new Finding(Id, form.Moves[^1].Id, $"The form is said to have {counts} counts; {reading.TotalCounts} are written.",
                [new Fix($"Declare {reading.TotalCounts} counts", SetHeader.Of(form) with { DeclaredCounts = reading.TotalCounts })]);
        if (form.DeclaredShouts is { } declared && declared != shouts)
            yield return new Finding(Id, form.Moves[^1].Id, $"The form is said to have {declared} shouts; {shouts} are written.",
                [new Fix($"Declare {shouts} shouts", SetHeader.Of(form) with { DeclaredShouts = shouts })]);
    }
}
