using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>A hand or foot cannot get where the move wants it: the stance is too long for this body, or the grip too wide.</summary>
public sealed class OutOfReach : IRule
{
    /// <summary>What clothes, a bent back and a loose grip make up for, in centimetres (common practice).</summary>
    private const double Give = 8;

    public string Id => "out-of-reach";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        for (var i = 0; i < reading.Form.Moves.Count; i++)
        {
            var (cm, what) = reading.Figures.Moves[i].End.Missed;
            if (cm <= Give) continue;
            yield return new Finding(Id, reading.Form.Moves[i].Id,
                FormattableString.Invariant($"The {what} would have to reach {cm:0} cm further than this body does. Shorten the stance, let go with one hand, or slide the grip."), []);
        }
    }
}
