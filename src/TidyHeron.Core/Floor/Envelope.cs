using TidyHeron.Core.Body;
using TidyHeron.Core.Figures;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Floor;

/// <summary>What a body and its weapon sweep over at one moment: the floor below it and the height above.</summary>
/// <param name="Move">Position of the move; -1 for the opening.</param>
/// <param name="Hull">The floor below.</param>
/// <param name="TopCm">The highest point.</param>
public sealed record Moment(int Move, Hull Hull, double TopCm);

/// <summary>The space that a form takes for a body: feet, limbs and weapon, at rest and on the way between moves.</summary>
public sealed class Envelope
{
    /// <summary>How many moments of each move are looked at: enough for a swung tip not to leave an arc uncounted.</summary>
    private const int Moments = 4;

    private Envelope(FormReading reading, int first, int last, IReadOnlyList<Moment> moments)
    {
        (Reading, First, Last, Each) = (reading, first, last, moments);
        Hull = Hull.Of(moments.SelectMany(m => m.Hull.Corners));
        CeilingCm = moments.Max(m => m.TopCm);
    }

    public FormReading Reading { get; }
    public int First { get; }
    public int Last { get; }
    public IReadOnlyList<Moment> Each { get; }
    /// <summary>The floor that everything takes together.</summary>
    public Hull Hull { get; }
    /// <summary>The highest that a hand, a foot or the weapon goes.</summary>
    public double CeilingCm { get; }

    /// <summary>The space of a whole form.</summary>
    public static Envelope Of(FormReading reading) => Of(reading, 0, reading.Form.Moves.Count - 1);

    /// <summary>The space of a passage, begun where the move before it ends.</summary>
    public static Envelope Of(FormReading reading, int first, int last)
    {
        var figures = reading.Figures;
        var moments = new List<Moment> { At(first - 1, first == 0 ? figures.Start : figures.Moves[first - 1].End) };
        for (var i = first; i <= last; i++)
            for (var k = 1; k <= Moments; k++)
                moments.Add(At(i, k == Moments ? figures.Moves[i].End : figures.At(i, k / (double)Moments)));
        return new Envelope(reading, first, last, moments);

        Moment At(int move, Figure figure)
        {
            var points = figure.Reach().ToArray();
            return new Moment(move, Hull.Of(points.Select(p => p.Below)), points.Max(p => p.Z));
        }
    }
}
