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
        var (from, start) = (index == 0 ? StartRig : Rigs[index - 1].End, 0.0);
        var move = Rigs[index];
        var load = move.Ways.Count == 0 ? Reading.Form.Moves[index].SetOnTop : null;
        foreach (var key in move.Ways.Append(new KeyRig(1, move.End)))
        {
            if (t < key.At || key.At == 1) return Figure.Pose(Motion.Between(from, key.Rig, (t - start) / (key.At - start), Reading.Body, load), Reading.Body);
            (from, start) = (key.Rig, key.At);
        }
        throw new System.Diagnostics.UnreachableException(); // the last key is the end
    }

    /// <summary>How many poses a move needs so that what is drawn straight between two of them stays within a line's breadth.</summary>
    public int FramesOf(int index) => Rigs[index].Ways.Count switch { 0 => 10, <= 3 => 16, _ => 32 };

    /// <summary>The part of a kicking move after which the leg is at its furthest.</summary>
    public const double KickAt = 0.5;
}
