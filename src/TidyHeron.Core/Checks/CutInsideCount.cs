using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>A section begins in the middle of a count.</summary>
public sealed class CutInsideCount : IRule
{
    public string Id => "cut-in-count";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        foreach (var (section, first, _) in reading.Sections)
        {
            if (Counts.BeginsAt(reading.Counts, first)) continue;
            var at = first;
            while (!Counts.BeginsAt(reading.Counts, at)) at--;
            var fixes = new List<Fix> { new("Join the sections", new JoinSection(section.Id)) };
            if (reading.Sections.All(s => s.First != at)) fixes.Insert(0, new Fix($"Cut before count {reading.Counts[first]}", new MoveCut(section.Id, reading.Form.Moves[at].Id)));
            yield return new Finding(Id, reading.Form.Moves[first].Id,
                $"The section begins inside count {reading.Counts[first]}: a count cannot be taught in halves.", fixes.ToValueList());
        }
    }
}
