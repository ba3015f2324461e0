using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Tests.Notation;

/// <summary>Edits of whole passages: repeating, mirroring, turning, filling down, replacing, carrying, parting.</summary>
public class PassageEditTests
{
    private static readonly Form Sample = Samples.Say("""
        Step with the left foot into a left front stance, left hand low block. Turn 90 degrees right, right foot, right front stance, right hand punch.
        Step with the left foot into a left front stance, left hand punch. Turn 90 degrees left, left front stance, left hand rising block.
        """).Form;

    private static ValueList<MoveId> Ids(Form form, params int[] at) => at.Select(i => form.Moves[i].Id).ToValueList();

    private static Heading[] Headings(Form form) => Walk.Of(form, BodyMeasures.Reference, Samples.Ways).Postures.Select(p => p.Heading).ToArray();

    [Fact]
    public void The_other_side_of_a_passage_lies_across_the_line_on_which_it_began()
    {
        var form = new OtherSide(Ids(Sample, 1, 2), Samples.Ways).Apply(Sample);
        Headings(form).Select(h => h.Degrees).ShouldBe([0, 90, 90, 270, 270, 180]);
        form.Moves[3].Hands[0].Hand.ShouldBe(Hand.Left);
        // From three o'clock to nine o'clock the body unwinds: against the turn to the right that led to three.
        form.Moves[3].Turn.ShouldBe(Turn.To(Side.Left, 180));
        form.Moves[4].Stance!.Lead.ShouldBe(Side.Right);
    }

    [Fact]
    public void Several_times_on_the_other_side_alternates()
    {
        var form = new OtherSide(Ids(Sample, 0), Samples.Ways, Times: 3).Apply(Sample);
        form.Moves.Take(4).Select(m => m.Footwork!.Foot).ShouldBe([Side.Left, Side.Right, Side.Left, Side.Right]);
        new Again(Ids(Sample, 0), Times: 2).Apply(Sample).Moves.Take(3).Select(m => m.Footwork!.Foot).ShouldAllBe(f => f == Side.Left);
    }

    [Fact]
    public void Turning_a_passage_turns_it_and_nothing_behind_it() =>
        Gen.Select(Samples.AnyForm, Gen.Int[1, 7].Select(k => k * 45)).Sample((form, by) =>
        {
            var chosen = form.Moves.Take(form.Moves.Count / 2 + 1).Select(m => m.Id).ToValueList();
            var turned = Headings(new TurnPassage(chosen, new Turn(by), Samples.Ways).Apply(form));
            var before = Headings(form);
            for (var i = 0; i < before.Length; i++)
            {
                // Coming back to ready faces the front however it was reached; what was said to face is turned all the same.
                if (i < chosen.Count) turned[i].ShouldBe(before[i] + new Turn(by), $"move {i}");
                else turned[i].ShouldBe(before[i], $"move {i}");
            }
        }, iter: 300);

    [Fact]
    public void Turning_there_and_back_leads_every_move_where_it_led() =>
        Samples.AnyForm.Sample(form =>
        {
            var all = form.Moves.Select(m => m.Id).ToValueList();
            var back = new TurnPassage(all, new Turn(-135), Samples.Ways).Apply(new TurnPassage(all, new Turn(135), Samples.Ways).Apply(form));
            Headings(back).ShouldBe(Headings(form));
        }, iter: 300);

    [Fact]
    public void Mirroring_a_passage_twice_leads_every_move_where_it_led()
    {
        var chosen = Ids(Sample, 1, 2);
        var once = new MirrorPassage(chosen, Samples.Ways).Apply(Sample);
        Headings(once).Select(h => h.Degrees).ShouldBe([0, 270, 270, 0]);
        var twice = new MirrorPassage(chosen, Samples.Ways).Apply(once);
        Headings(twice).ShouldBe(Headings(Sample));
        twice.Moves[1].ShouldBe(Sample.Moves[1]);
        twice.Moves[2].ShouldBe(Sample.Moves[2]);
    }

    [Fact]
    public void Filling_down_gives_the_chosen_part_and_no_other()
    {
        foreach (var part in Enum.GetValues<MovePart>())
        {
            var filled = new FillDown(Ids(Sample, 0, 1, 2), part).Apply(Sample);
            filled.Moves[0].ShouldBe(Sample.Moves[0]);
            filled.Moves[3].ShouldBe(Sample.Moves[3]);
            filled.Moves[2].Hands.ShouldBe(part == MovePart.Hands ? Sample.Moves[0].Hands : Sample.Moves[2].Hands, part.ToString());
            filled.Moves[1].Stance.ShouldBe(part == MovePart.Stance ? Sample.Moves[0].Stance : Sample.Moves[1].Stance, part.ToString());
            filled.Moves[1].Turn.ShouldBe(part == MovePart.Direction ? Sample.Moves[0].Turn : Sample.Moves[1].Turn, part.ToString());
        }
    }

    [Fact]
    public void A_term_is_replaced_everywhere_or_where_chosen()
    {
        var (front, back) = (new TermId("front-stance"), new TermId("back-stance"));
        new ReplaceTerm(front, back, []).Apply(Sample).Moves.ShouldAllBe(m => m.Stance!.Kind == back);
        new ReplaceTerm(front, back, Ids(Sample, 2)).Apply(Sample).Moves.Select(m => m.Stance!.Kind).ShouldBe([front, front, back, front]);
        new ReplaceTerm(new TermId("punch"), new TermId("reverse-punch"), []).Apply(Sample).Moves.Count(m => m.Hands[0].Technique.Value == "reverse-punch").ShouldBe(2);
    }

    [Fact]
    public void Moves_are_carried_behind_another_one_with_their_ids()
    {
        var form = new PlaceMoves(Ids(Sample, 0, 1), Sample.Moves[3].Id).Apply(Sample);
        form.Moves.Select(m => Sample.IndexOf(m.Id)).ShouldBe([2, 3, 0, 1]);
        new PlaceMoves(Ids(Sample, 2), null).Apply(Sample).Moves.Select(m => Sample.IndexOf(m.Id)).ShouldBe([2, 0, 1, 3]);
        new PlaceMoves(Ids(Sample, 2), Sample.Moves[2].Id).Apply(Sample).ShouldBe(Sample);
    }

    [Fact]
    public void A_move_that_says_several_things_is_parted_into_counts()
    {
        var form = Samples.Say("Step with the left foot into a left front stance, right front kick while left hand low block while right hand punch, shout.").Form;
        var parted = new SplitMove(form.Moves[0].Id).Apply(form);
        Counts.Of(parted).ShouldBe([1, 2, 3]);
        parted.Moves[0].Kick.ShouldNotBeNull();
        parted.Moves.Select(m => m.Shout).ShouldBe([false, false, true]);
        parted.Moves[0].Id.ShouldBe(form.Moves[0].Id);
        new SplitMove(Sample.Moves[0].Id).Apply(Sample).ShouldBe(Sample);
    }

    [Fact]
    public void Another_way_is_kept_used_and_taken_out_again()
    {
        var way = Samples.Say("Step with the left foot into a left back stance, left hand knife hand block.").Form.Moves[0];
        var id = Sample.Moves[0].Id;
        var form = new AddAlternative(id, "the river branch", way).Apply(Sample);
        form.Moves[0].Deed.ShouldBe(Sample.Moves[0].Deed);
        var used = new UseAlternative(id, 0).Apply(form);
        used.Moves[0].Id.ShouldBe(id);
        used.Moves[0].Stance!.Kind.Value.ShouldBe("back-stance");
        used.Moves[0].Alternatives[0].Way.Hands.ShouldBe(Sample.Moves[0].Hands);
        new UseAlternative(id, 0).Apply(used).Moves[0].Deed.ShouldBe(Sample.Moves[0].Deed);
        new DropAlternative(id, 0).Apply(form).ShouldBe(Sample);
    }
}
