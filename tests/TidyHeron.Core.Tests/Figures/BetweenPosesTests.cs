using Shouldly;
using TidyHeron.Core.Figures;

namespace TidyHeron.Core.Tests.Figures;

/// <summary>The client draws straight between the poses of each move: how far that is from the pose itself.</summary>
public class BetweenPosesTests
{
    [Fact]
    public void Drawing_straight_between_the_poses_of_a_move_stays_within_a_line_s_breadth()
    {
        var reading = Samples.ReadingOf("""
            Step with the left foot to nine o'clock into a left front stance, set left over right, left low block. Step with the right foot into a right front stance, right punch.
            Turn 180 degrees right, right foot, right front stance, right low block. Right side kick, landing in front. Turn 270 degrees left, left back stance, left knife hand block.
            Left front kick, landing in front, left front stance, reverse punch. Roll. Rise into a left front stance, right elbow strike.
            """);
        var figures = reading.Figures;
        var worst = 0.0;
        for (var i = 0; i < figures.Moves.Count; i++)
            for (var (k, count) = (0, (double)figures.FramesOf(i)); k < count; k++)
            {
                var (a, b, middle) = (figures.At(i, k / count), figures.At(i, (k + 1) / count), figures.At(i, (k + 0.5) / count));
                foreach (var (drawn, posed) in a.Reach().Zip(b.Reach(), (p, q) => Point3.Between(p, q, 0.5)).Zip(middle.Reach())) worst = Math.Max(worst, (drawn - posed).Length);
            }
        TestContext.Current.TestOutputHelper?.WriteLine($"at most {worst:0.0} cm");
        worst.ShouldBeLessThan(9); // a forearm is drawn six centimetres broad
    }
}
