using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>Something in a form that contradicts itself or needs a decision.</summary>
/// <param name="Rule">The rule that found it.</param>
/// <param name="Move">Where.</param>
/// <param name="Message">What is wrong and what to do, in plain words.</param>
/// <param name="Fixes">Edits that would set it right; none where only the instructor can know.</param>
public sealed record Finding(string Rule, MoveId Move, string Message, ValueList<Fix> Fixes);

/// <summary>A finding that the instructor lets stand.</summary>
/// <param name="Finding">What was found.</param>
/// <param name="Reason">Why it may stand.</param>
public sealed record AcceptedFinding(Finding Finding, string Reason);

/// <summary>An edit that is known to set a finding right.</summary>
/// <param name="Label">What it does, as a command.</param>
/// <param name="Edit">The edit.</param>
public sealed record Fix(string Label, Edit Edit);

/// <summary>One rule: what it looks at and what it says. Adding a check is adding a class and a line in <see cref="Rules"/>.</summary>
public interface IRule
{
    /// <summary>Stable name, such as <c>turn-facing</c>.</summary>
    string Id { get; }

    IEnumerable<Finding> Look(FormReading reading);
}

/// <summary>All rules.</summary>
public static class Rules
{
    public static readonly IReadOnlyList<IRule> All =
    [
        new TurnContradictsFacing(),
        new LeadContradictsStep(),
        new HandUsedTwice(),
        new CutInsideCount(),
        new StandingFootKicks(),
        new WeightOnMovingFoot(),
        new JumpWithoutLanding(),
        new GroundWithoutRising(),
        new WeaponHandStrikes(),
        new GripChangeMissing(),
        new PreparationContradictsMove(),
        new StartPositionUnclear(),
        new DeclaredTotals(),
        new DeclaredPairMissing(),
        new LineTwice(),
        new MirrorSlip(),
        new OutOfReach(),
    ];

    /// <summary>All findings in the order of the moves: those that are open, and those that the instructor lets stand.</summary>
    internal static (IReadOnlyList<Finding> Open, IReadOnlyList<AcceptedFinding> Accepted) Look(FormReading reading)
    {
        var order = reading.Form.Moves.Select((m, i) => (m.Id, i)).ToDictionary(p => p.Id, p => p.i);
        var open = new List<Finding>();
        var accepted = new List<AcceptedFinding>();
        foreach (var finding in All.SelectMany(r => r.Look(reading)).OrderBy(f => order.GetValueOrDefault(f.Move)))
        {
            var reason = reading.Form.Moves[order[finding.Move]].Accepted.FirstOrDefault(a => a.Rule == finding.Rule && a.Message == finding.Message)?.Reason;
            if (reason is null) open.Add(finding);
            else accepted.Add(new AcceptedFinding(finding, reason));
        }
        return (open, accepted);
    }
}
