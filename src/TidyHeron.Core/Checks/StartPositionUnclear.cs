using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>A section begins where nobody can stand still: in the air, on the way down, or right after a kick that has not landed.</summary>
public sealed class StartPositionUnclear : IRule
{
    public string Id => "section-start";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        foreach (var (section, first, _) in reading.Sections)
        {
            if (first == 0) continue;
            var last = reading.Form.Moves[first - 1];
            var why = last switch
            {
                { Footwork.Kind.Value: "jump" or "hop", Stance: null } => "in the air",
                { Footwork.Kind.Value: "roll" or "back-roll" or "fall", Stance: null } => "in a roll or fall",
                { Kick: not null, Stance: null, Kick.Landing: null } => "on one leg, after a kick that does not say where it comes down",
                { Tempo: Tempo.FiredTogether } => null,
                _ => null,
            };
            if (why is null && reading.Form.Moves[first].Tempo == Tempo.FiredTogether) why = "inside two moves that are fired together";
            if (why is null) continue;
            yield return new Finding(Id, reading.Form.Moves[first].Id, $"The section begins {why}; students cannot take that up cold. Cut a move earlier or later.",
                [new Fix("Join the sections", new JoinSection(section.Id))]);
        }
    }
}
