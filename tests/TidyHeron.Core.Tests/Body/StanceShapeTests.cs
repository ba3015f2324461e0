using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Body;

public class StanceShapeTests
{
    [Theory] // Common practice: wide, side by side, the weight sunk between the feet.
    [InlineData("horse-stance", true)]
    [InlineData("square-stance", true)]
    [InlineData("inward-horse-stance", true)]
    [InlineData("ready-stance", false)]
    [InlineData("wide-ready-stance", false)]
    [InlineData("closed-stance", false)]
    [InlineData("squat", false)]
    [InlineData("both-knees", false)]
    [InlineData("half-horse-stance", false)]
    [InlineData("front-stance", false)]
    public void A_straddle_is_wide_and_sunk_between_the_feet(string stance, bool straddles) =>
        StanceSet.Standard.Of(new TermId(stance)).IsStraddle.ShouldBe(straddles);

    [Theory]
    [InlineData("horse-stance")]
    [InlineData("square-stance")]
    [InlineData("inward-horse-stance")]
    public void Out_of_a_straddle_the_weight_shifted_over_a_foot_turns_the_body_to_it_and_back(string stance)
    {
        var start = new Form { Moves = [new Move(MoveId.New()) { Stance = new StanceTaken(new TermId(stance), null) }] };
        foreach (var side in new[] { Side.Left, Side.Right })
        {
            var shifted = new Move(MoveId.New()) { Footwork = new Footwork(new TermId("shift"), null, null), Stance = new StanceTaken(new TermId("front-stance"), side) };
            var end = Walk.Of(start with { Moves = [.. start.Moves, shifted] }, BodyMeasures.Reference, Conventions.Standard).End;
            end.Heading.ShouldBe(Heading.Front + Turn.To(side, 90));
            var back = shifted with { Id = MoveId.New(), Stance = new StanceTaken(new TermId(stance), null) };
            Walk.Of(start with { Moves = [.. start.Moves, shifted, back] }, BodyMeasures.Reference, Conventions.Standard).End.Heading.ShouldBe(Heading.Front);
        }
    }

    [Theory]
    [InlineData("step")]
    [InlineData("stomp")]
    public void A_raised_foot_set_down_to_the_side_ends_standing_on_both(string footwork)
    {
        var crane = new Move(MoveId.New()) { Stance = new StanceTaken(new TermId("crane-stance"), Side.Left) };
        var down = new Move(MoveId.New()) { Footwork = new Footwork(new TermId(footwork), Side.Right, Way.Right) };
        var end = Walk.Of(new Form { Moves = [crane, down] }, BodyMeasures.Reference, Conventions.Standard).End;
        end.Stance.Value.ShouldBe("ready-stance");
        (end.Left.Lifted || end.Right.Lifted).ShouldBeFalse();
    }
}
