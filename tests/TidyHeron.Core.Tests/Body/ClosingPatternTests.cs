using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Body;

/// <summary>
/// A published pattern of 21 movements on a floor diagram like a capital I, which by the book ends where it began:
/// Choi Hong Hi, "Encyclopedia of Taekwon-Do" (1983), recalled from memory. Front D = 0°, A = 90°, C = 180°, B = 270°.
/// </summary>
public class ClosingPatternTests
{
    private const string Walking = "walking-stance", L = "l-stance";

    // Foot that moves, stance, lead, heading; none for the movement without a step.
    private static readonly (Side Foot, string Stance, Side Lead, int Heading)?[] Movements =
    [
        (Side.Left, L, Side.Left, 270), (Side.Right, Walking, Side.Right, 270), (Side.Right, L, Side.Right, 90), (Side.Left, Walking, Side.Left, 90),
        (Side.Left, Walking, Side.Left, 0), (Side.Right, Walking, Side.Right, 0), (Side.Left, Walking, Side.Left, 0), (Side.Right, Walking, Side.Right, 0),
        (Side.Left, L, Side.Left, 90), (Side.Right, Walking, Side.Right, 90), (Side.Right, L, Side.Right, 270), (Side.Left, Walking, Side.Left, 270),
        (Side.Left, Walking, Side.Left, 180), null, (Side.Right, Walking, Side.Right, 180), (Side.Left, Walking, Side.Left, 180), (Side.Right, Walking, Side.Right, 180),
        (Side.Left, L, Side.Left, 270), (Side.Right, Walking, Side.Right, 270), (Side.Right, L, Side.Right, 90), (Side.Left, Walking, Side.Left, 90),
        (Side.Left, "ready-stance", Side.Left, 0),
    ];

    private static Form Pattern() => new()
    {
        Moves = Movements.Select((m, i) => m is var (foot, stance, lead, heading)
            ? new Move(new MoveId($"m{i + 1}"))
            {
                Counting = i == Movements.Length - 1 ? Counting.Uncounted : Counting.Own,
                Footwork = new Footwork(new TermId("step"), foot),
                Facing = new Heading(heading),
                Stance = new StanceTaken(new TermId(stance), stance == "ready-stance" ? null : lead),
                Shout = i is 7 or 16,
            }
            : new Move(new MoveId($"m{i + 1}")) { Footwork = new Footwork(new TermId("stay")) }).ToValueList(),
    };

    [Theory]
    [InlineData(140)]
    [InlineData(175)]
    [InlineData(200)]
    public void Stepped_by_the_book_it_ends_exactly_on_its_start(double heightCm)
    {
        var reading = FormReading.Of(Pattern(), new BodyMeasures(heightCm), Samples.Ways);
        reading.TotalCounts.ShouldBe(21);
        var error = FloorReading.Of(reading).EndError;
        error.X.ShouldBe(0, 1e-9);
        error.Y.ShouldBe(0, 1e-9);
    }

    [Fact]
    public void It_raises_no_findings() => Samples.ReadingOf(Pattern()).Findings.ShouldBeEmpty();

    [Fact]
    public void Said_in_running_words_it_has_the_same_headings_and_ends_on_its_start()
    {
        var reading = Samples.ReadingOf("""
            Start in ready stance.
            Move the left foot to nine o'clock into an L-stance with the left foot leading, knife-hand block.
            Step forward with the right foot into a right walking stance, right high punch.
            Turn 180 degrees right with the right foot into an L-stance with the right foot leading, knife-hand block.
            Step forward with the left foot into a left walking stance, left high punch.
            Turn 90 degrees left with the left foot, left walking stance, left low block.
            Step forward right, right walking stance, right high punch.
            Step forward left, left walking stance, left high punch.
            Step forward right, right walking stance, right high punch, kihap.
            Turn 270 degrees left with the left foot into an L-stance with the left foot leading, twin forearm block.
            Step forward with the right foot into a right walking stance, right high punch.
            Turn 180 degrees right with the right foot into an L-stance with the right foot leading, twin forearm block.
            Step forward with the left foot into a left walking stance, left high punch.
            Turn 90 degrees left with the left foot into a left walking stance, left low block.
            From where you stand, left rising block.
            Step forward right, right walking stance, right rising block.
            Step forward left, left walking stance, left rising block.
            Step forward right, right walking stance, right rising block, kihap.
            Turn 270 degrees left with the left foot into an L-stance with the left foot leading, left knife-hand strike.
            Step forward with the right foot into a right walking stance, right high punch.
            Turn 180 degrees right with the right foot into an L-stance with the right foot leading, right knife-hand strike.
            Step forward with the left foot into a left walking stance, left high punch.
            Bring the left foot back to ready stance, facing the front.
            """);
        reading.TotalCounts.ShouldBe(21);
        reading.Walk.Postures.Select(p => p.Heading.Degrees).ShouldBe(Samples.ReadingOf(Pattern()).Walk.Postures.Select(p => p.Heading.Degrees));
        reading.Form.Moves.Select((m, i) => (m.Shout, i + 1)).Where(m => m.Shout).Select(m => m.Item2).ShouldBe([8, 17]);
        reading.Findings.ShouldBeEmpty();
        FloorReading.Of(reading).EndError.Length.ShouldBe(0, 1e-9);
    }
}
