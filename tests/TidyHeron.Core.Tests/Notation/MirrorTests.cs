using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Notation;

public class MirrorTests
{
    [Fact]
    public void Mirroring_a_move_twice_gives_it_back() => Samples.AnyMove.Sample(move => Mirror.Of(Mirror.Of(move)).ShouldBe(move));

    /// <summary>Sides in remarks are exchanged where a part of the body, the hall or a pointing word shows that they are sides.</summary>
    [Theory]
    [InlineData("to the left", "to the right")]
    [InlineData("Left hand on top", "Right hand on top")]
    [InlineData("right fist over the left shoulder", "left fist over the right shoulder")]
    [InlineData("do it right away, that's right", "do it right away, that's right")]
    [InlineData("", "")]
    public void A_remark_is_mirrored_where_it_speaks_of_sides(string remark, string mirrored)
    {
        Mirror.Of(remark).ShouldBe(mirrored);
        Mirror.Of(mirrored).ShouldBe(remark);
    }

    [Fact]
    public void The_mirror_image_of_a_form_has_the_mirror_image_of_every_footprint() => Samples.AnyForm.Select(SaidInFull).Sample(form =>
    {
        var walk = Walk.Of(form, BodyMeasures.Reference, Samples.Ways);
        var mirrored = Walk.Of(Mirror.Of(form), BodyMeasures.Reference, Samples.Ways);
        for (var i = 0; i < walk.Postures.Count; i++)
        {
            var (here, there) = (walk.Postures[i], mirrored.Postures[i]);
            there.Heading.ShouldBe(here.Heading.Mirrored);
            there.Lead.ShouldBe(here.Lead?.Other);
            there.Left.Place.X.ShouldBe(-here.Right.Place.X, 1e-6);
            there.Left.Place.Y.ShouldBe(here.Right.Place.Y, 1e-6);
            there.Right.Place.X.ShouldBe(-here.Left.Place.X, 1e-6);
            there.Right.Place.Y.ShouldBe(here.Left.Place.Y, 1e-6);
        }
    });

    [Fact]
    public void Same_on_the_other_side_of_a_step_to_the_left_is_a_step_to_the_right()
    {
        var form = Samples.Say("Step with the left foot to nine o'clock into a left front stance, left low block. Same on the other side.").Form;
        var second = form.Moves[1];
        second.Footwork!.Foot.ShouldBe(Side.Right);
        second.Facing.ShouldBe(Heading.Right);
        second.Turn.ShouldBe(Turn.To(Side.Right, 180));
        second.Stance!.Lead.ShouldBe(Side.Right);
        second.Hands[0].Hand.ShouldBe(Hand.Right);
    }

    // A foot, lead or side that nobody said is chosen by custom (the first step is with the left), which a mirror
    // does not turn round; so only moves that say all of it are compared.
    private static Form SaidInFull(Form form) => form with
    {
        Moves = form.Moves.Select((m, i) =>
        {
            var side = i % 2 == 0 ? Side.Left : Side.Right;
            return m with
            {
                Footwork = new Footwork(m.Footwork?.Kind ?? new TermId("step"), m.Footwork?.Foot ?? side, null),
                Facing = m.Facing ?? new Heading(i * 45),
                Turn = null,
                Stance = m.Stance is { } s ? s with { Lead = StanceSet.Standard.Of(s.Kind).Feet == FeetKind.Even ? null : s.Lead ?? side } : new StanceTaken(new TermId("front-stance"), side),
                Kick = null,
            };
        }).ToValueList(),
    };
}
