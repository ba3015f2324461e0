using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Timing;

/// <summary>For what a form is timed.</summary>
public enum Pace
{
    /// <summary>Slowly, by the count, with time to look.</summary>
    Learning,
    /// <summary>The caller's pace in class.</summary>
    Class,
    /// <summary>As it is performed.</summary>
    Performance,
}

/// <summary>When one move happens.</summary>
/// <param name="Start">Seconds from the beginning.</param>
/// <param name="Moving">How long the body moves.</param>
/// <param name="Resting">How long it is held or waits for the next call.</param>
/// <param name="Timed">Whether the instructor gave the time.</param>
public sealed record TimedMove(double Start, double Moving, double Resting, bool Timed)
{
    public double End => Start + Moving + Resting;
}

/// <summary>Moves that run on without a rest.</summary>
/// <param name="First">Position of the first.</param>
/// <param name="Last">Position of the last.</param>
/// <param name="Seconds">How long they take.</param>
public sealed record Phase(int First, int Last, double Seconds);

/// <summary>
/// The time of each move from its marks. The base times are common practice; they stand here because they are few, and a
/// move that was timed with a watch takes the time that was given.
/// </summary>
public sealed record Timeline(Pace Pace, ValueList<TimedMove> Moves, ValueList<Phase> Phases)
{
    public double Total => Moves.Count == 0 ? 0 : Moves[^1].End;

    /// <summary>Times a form.</summary>
    /// <param name="reading">The form.</param>
    /// <param name="pace">For what.</param>
    /// <param name="speed">1 as it comes, 2 twice as fast.</param>
    public static Timeline Of(FormReading reading, Pace pace, double speed = 1)
    {
        var moves = new TimedMove[reading.Form.Moves.Count];
        var now = 0.0;
        for (var i = 0; i < moves.Length; i++)
        {
            var move = reading.Form.Moves[i];
            var last = i + 1 == moves.Length;
            var next = last ? null : reading.Form.Moves[i + 1];
            var (moving, resting) = Times(move, next, reading, i, pace);
            if (move.Seconds is { } given) (moving, resting) = Given(given, moving, resting, pace);
            moves[i] = new TimedMove(now, moving / speed, resting / speed, move.Seconds is not null);
            now = moves[i].End;
        }
        return new Timeline(pace, moves.ToValueList(), PhasesOf(moves));
    }

    /// <summary>The count that sounds at a moment, and the position of its move; none before the first and between.</summary>
    public int At(double seconds)
    {
        for (var i = Moves.Count - 1; i >= 0; i--)
            if (seconds >= Moves[i].Start) return i;
        return -1;
    }

    // Common practice: a move at full speed takes about half a second, a slow one two, one with tension three; a kick and a
    // turn take a little longer; the caller waits about a second between numbers in class and two while learning.
    private static (double Moving, double Resting) Times(Move move, Move? next, FormReading reading, int i, Pace pace)
    {
        var moving = move.Tempo switch
        {
            Tempo.Fast or Tempo.FiredTogether => 0.4,
            Tempo.Slow => 2.0,
            Tempo.SlowWithTension => 3.0,
            _ => 0.6,
        };
        if (move.Kick is not null) moving += 0.3;
        if (reading.Walk.Postures[i].Turned.Amount >= 180) moving += 0.2;
        if (move.Footwork?.Kind.Value is "roll" or "back-roll" or "fall" or "jump" or "rise") moving += 0.6;
        if (move.Counting == Counting.Uncounted) moving = Math.Max(moving, 1.5);
        var runsOn = next is { Counting: Counting.Then or Counting.Together } || next?.Tempo == Tempo.FiredTogether;
        var resting = runsOn ? 0 : 0.35;
        if (move.Tempo == Tempo.Held) resting += 1.0;
        if (move.Shout) resting += 0.3;
        return pace switch
        {
            Pace.Learning => (moving * 2, resting + (runsOn ? 0.4 : 2.0)),
            Pace.Class => (moving * 1.2, resting + (runsOn ? 0.1 : 0.9)),
            _ => (moving, resting),
        };
    }

    private static (double Moving, double Resting) Given(double seconds, double moving, double resting, Pace pace)
    {
        // What was timed is the performance; other paces stretch as they stretch what was not timed.
        var atSpeed = pace switch { Pace.Learning => moving / 2, Pace.Class => moving / 1.2, _ => moving };
        var part = Math.Min(0.95, atSpeed / Math.Max(0.1, atSpeed + 0.35));
        return pace switch
        {
            Pace.Learning => (seconds * part * 2, resting),
            Pace.Class => (seconds * part * 1.2, resting),
            _ => (seconds * part, seconds * (1 - part)),
        };
    }

    private static ValueList<Phase> PhasesOf(TimedMove[] moves)
    {
        var phases = new List<Phase>();
        var first = 0;
        for (var i = 0; i < moves.Length; i++)
        {
            if (i + 1 < moves.Length && moves[i].Resting < 0.2) continue;
            phases.Add(new Phase(first, i, moves[i].End - moves[first].Start));
            first = i + 1;
        }
        return phases.ToValueList();
    }
}
