using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Figures;

/// <summary>The figures of one move.</summary>
/// <param name="Kick">The kick at its furthest, where there is one.</param>
/// <param name="End">How the move ends.</param>
public sealed record MoveFigures(Figure? Kick, Figure End)
{
    /// <summary>The figure that shows the move best: the kick where the hands do nothing, otherwise its end.</summary>
    public Figure Telling(Move move) => Kick is not null && move.Hands.Count == 0 ? Kick : End;
}

/// <summary>The body at each move of a form, posed.</summary>
public sealed class FigureReading
{
    private FigureReading(FormReading reading)
    {
        Reading = reading;
        (StartRig, Rigs) = Rigging.Of(reading);
        Start = Figure.Pose(StartRig, reading.Body);
        Moves = Rigs.Select(r => new MoveFigures(r.Kick is { } kick ? Figure.Pose(kick, reading.Body) : null, Figure.Pose(r.End, reading.Body))).ToValueList();
    }

    /// <summary>Poses a form for the body that it was read for.</summary>
    public static FigureReading Of(FormReading reading) => new(reading);

    public FormReading Reading { get; }
    public Rig StartRig { get; }
    public ValueList<MoveRig> Rigs { get; }
    public Figure Start { get; }
    public ValueList<MoveFigures> Moves { get; }

    /// <summary>The figure at a moment of a move.</summary>
    /// <param name="index">Position of the move.</param>
    /// <param name="t">0 where the move before has ended, 1 where this one ends.</param>
    public Figure At(int index, double t)
    {
        var before = index == 0 ? StartRig : Rigs[index - 1].End;
        var (kick, end) = Rigs[index];
        var load = Reading.Form.Moves[index].SetOnTop;
        var rig = kick is null ? Motion.Between(before, end, t, Reading.Body, load)
            : t < KickAt ? Motion.Between(before, kick, t / KickAt, Reading.Body)
            : Motion.Between(kick, end, (t - KickAt) / (1 - KickAt), Reading.Body);
        return Figure.Pose(rig, Reading.Body);
    }

    /// <summary>The part of a kicking move after which the leg is at its furthest.</summary>
    public const double KickAt = 0.5;
}
