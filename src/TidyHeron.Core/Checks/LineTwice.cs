using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>Two techniques in a row go along the same line of the star, though the form promises that none do.</summary>
public sealed class LineTwice : IRule
{
    public string Id => "line-twice";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        if (!reading.Form.NoLineTwice) yield break;
        (int Count, Heading Line)? last = null;
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var move = reading.Form.Moves[i];
            var count = reading.Counts[i];
            if (count == 0 || move.Hands.Count == 0 && move.Kick is null) continue;
            var line = reading.Walk.Postures[i].Heading;
            // What is done on one count is one technique.
            if (last is { } before && before.Count != count && before.Line == line)
                yield return new Finding(Id, move.Id,
                    $"Counts {before.Count} and {count} both go to {Speech.Heading(line, reading.Ways.Directions)}, but the form promises no two techniques in a row on one line.", []);
            last = (count, line);
        }
    }
}
