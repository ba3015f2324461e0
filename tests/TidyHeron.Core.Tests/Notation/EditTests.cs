using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Tests.Notation;

public class EditTests
{
    private static Form FourCounts() => Samples.Say("Step left low block. Step right punch. Step left high block. Step right punch.").Form;

    [Fact]
    public void An_edit_leaves_the_form_it_was_given_as_it_was()
    {
        var form = FourCounts();
        var before = form with { };
        new DeleteMoves([form.Moves[1].Id]).Apply(form);
        form.ShouldBe(before);
    }

    [Fact]
    public void Inserted_moves_come_after_the_one_named_and_the_others_keep_their_ids()
    {
        var form = FourCounts();
        var added = new Move(MoveId.New());
        var edited = new InsertMoves(form.Moves[0].Id, [added]).Apply(form);
        edited.Moves.Select(m => m.Id).ShouldBe([form.Moves[0].Id, added.Id, form.Moves[1].Id, form.Moves[2].Id, form.Moves[3].Id]);
    }

    [Fact]
    public void The_first_cut_also_names_what_lies_before_it()
    {
        var form = FourCounts();
        var cut = new CutHere(form.Moves[2].Id, "Second half").Apply(form);
        cut.Sections.Count.ShouldBe(2);
        cut.Sections[0].First.ShouldBe(form.Moves[0].Id);
        Sectioning.Spans(cut).Select(s => (s.First, s.Last)).ShouldBe([(0, 1), (2, 3)]);
        new JoinSection(cut.Sections[1].Id).Apply(cut).Sections.ShouldHaveSingleItem();
    }

    [Fact]
    public void A_section_keeps_its_id_when_its_first_move_is_taken_out()
    {
        var form = FourCounts();
        var cut = new CutHere(form.Moves[2].Id).Apply(form);
        var edited = new DeleteMoves([form.Moves[2].Id]).Apply(cut);
        edited.Sections.Select(s => s.Id).ShouldBe(cut.Sections.Select(s => s.Id));
        edited.Sections[1].First.ShouldBe(form.Moves[3].Id);
    }

    [Fact]
    public void A_section_left_without_moves_goes()
    {
        var form = FourCounts();
        var cut = new CutHere(form.Moves[3].Id).Apply(form);
        new DeleteMoves([form.Moves[3].Id]).Apply(cut).Sections.ShouldHaveSingleItem();
        new DeleteMoves(form.Moves.Select(m => m.Id).ToValueList()).Apply(cut).Sections.ShouldBeEmpty();
    }

    [Fact]
    public void Moves_are_carried_past_their_neighbour_and_stop_at_the_ends()
    {
        var form = FourCounts();
        var ids = form.Moves.Select(m => m.Id).ToList();
        new ShiftMoves([ids[1], ids[2]], -1).Apply(form).Moves.Select(m => m.Id).ShouldBe([ids[1], ids[2], ids[0], ids[3]]);
        new ShiftMoves([ids[2], ids[3]], 1).Apply(form).Moves.Select(m => m.Id).ShouldBe(ids);
    }

    [Fact]
    public void Whatever_is_done_the_sections_cover_the_form_in_order_and_no_id_is_twice() => Gen.Select(Samples.AnyForm, Gen.Int[0, 6].Array[1, 8], Gen.Int[0, 11].Array[8]).Sample((start, kinds, places) =>
    {
        var form = start;
        for (var i = 0; i < kinds.Length && form.Moves.Count > 0; i++)
        {
            var id = form.Moves[places[i] % form.Moves.Count].Id;
            Edit edit = kinds[i] switch
            {
                0 => new DeleteMoves([id]),
                1 => new ShiftMoves([id], i % 2 == 0 ? 1 : -1),
                2 => new CutHere(id),
                3 => form.Sections.Count > 0 ? new JoinSection(form.Sections[places[i] % form.Sections.Count].Id) : new Again([id]),
                4 => new Again([id]),
                5 => new OtherSide([id], Samples.Ways),
                _ => new InsertMoves(null, [new Move(MoveId.New())]),
            };
            form = edit.Apply(form);
        }
        form.Moves.Select(m => m.Id).Distinct().Count().ShouldBe(form.Moves.Count);
        var spans = Sectioning.Spans(form);
        if (form.Sections.Count > 0)
        {
            spans[0].First.ShouldBe(0);
            spans[^1].Last.ShouldBe(form.Moves.Count - 1);
            for (var i = 1; i < spans.Count; i++) spans[i].First.ShouldBe(spans[i - 1].Last + 1);
        }
        form.Sections.Select(s => s.Id).Distinct().Count().ShouldBe(form.Sections.Count);
    });
}
