using TidyHeron.Core.Body;
using TidyHeron.Core.Checks;
using TidyHeron.Core.Figures;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Readings;

/// <summary>Everything that is computed from a form, read once: counts, postures and what the checks find.</summary>
public sealed class FormReading
{
    private readonly Lazy<(IReadOnlyList<Finding> Open, IReadOnlyList<AcceptedFinding> Accepted)> _findings;

    private readonly Lazy<FigureReading> _figures;

    private FormReading(Form form, BodyMeasures body, Conventions ways)
    {
        Form = form;
        Body = body;
        Ways = ways.For(form);
        Counts = Notation.Counts.Of(form);
        Walk = Core.Body.Walk.Of(form, body, ways);
        Sections = Sectioning.Spans(form);
        _figures = new(() => FigureReading.Of(this));
        _findings = new(() => Rules.Look(this));
    }

    /// <summary>Reads a form for a body in a school's ways.</summary>
    public static FormReading Of(Form form, BodyMeasures body, Conventions ways) => new(form, body, ways);

    public Form Form { get; }
    public BodyMeasures Body { get; }
    public Conventions Ways { get; }
    /// <summary>One number a move; 0 for a move without one.</summary>
    public int[] Counts { get; }
    public WalkReading Walk { get; }
    /// <summary>The sections with the positions of their first and last moves.</summary>
    public ValueList<(Section Section, int First, int Last)> Sections { get; }
    /// <summary>The body at each move, posed.</summary>
    public FigureReading Figures => _figures.Value;
    /// <summary>How many counts the form has.</summary>
    public int TotalCounts => Counts.Length == 0 ? 0 : Counts.Max();
    /// <summary>What the checks find and nobody has accepted, in the order of the moves.</summary>
    public IReadOnlyList<Finding> Findings => _findings.Value.Open;
    /// <summary>What the checks find and the instructor lets stand.</summary>
    public IReadOnlyList<AcceptedFinding> AcceptedFindings => _findings.Value.Accepted;
}
