using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Versions;

namespace TidyHeron.Core.Tests.Versions;

public class MergeTests
{
    private static readonly Form Origin = Samples.Say("Step with the left foot, left hand low block. Step with the right foot, right hand punch. Step with the left foot, left hand rising block. Step with the right foot, right hand palm strike.").Form
        with { Title = "Origin" };

    private static Form Rewrite(Form form, int at, Func<Move, Move> change) => new RewriteMove(change(form.Moves[at])).Apply(form);

    /// <summary>Some edits as a person might make them.</summary>
    private static Gen<Form> Edited(Form form) =>
        Gen.Select(Gen.Int[0, 5], Gen.Int[0, 11], Samples.AnyMove).Array[0, 4].Select(steps => steps.Aggregate(form, (f, s) =>
        {
            if (f.Moves.Count == 0) return f;
            var id = f.Moves[s.Item2 % f.Moves.Count].Id;
            Edit edit = s.Item1 switch
            {
                0 => new InsertMoves(id, [s.Item3 with { Id = MoveId.New() }]),
                1 => new DeleteMoves([id]),
                2 => new ShiftMoves([id], s.Item2 % 2 == 0 ? 1 : -1),
                3 => new RewriteMove(s.Item3 with { Id = id }),
                4 => new CutHere(id, "cut"),
                _ => new SetCounting([id], Counting.Then),
            };
            return edit.Apply(f);
        }));

    private static readonly Gen<(Form Origin, Form Mine, Form Theirs)> AnyThree =
        from origin in Samples.AnyForm
        from mine in Edited(origin)
        from theirs in Edited(origin)
        select (origin, mine, theirs);

    [Fact]
    public void Where_only_one_has_worked_their_work_is_the_result() => AnyThree.Sample(three =>
    {
        Merge.Of(three.Origin, three.Mine, three.Origin).Form.ShouldBe(three.Mine);
        Merge.Of(three.Origin, three.Origin, three.Theirs).Form.ShouldBe(three.Theirs);
        Merge.Of(three.Origin, three.Mine, three.Mine).Form.ShouldBe(three.Mine);
        Merge.Of(three.Origin, three.Mine, three.Origin).Clashes.ShouldBeEmpty();
    }, iter: 300);

    [Fact]
    public void Nothing_that_anyone_added_or_rewrote_is_lost() => AnyThree.Sample(three =>
    {
        var merged = Merge.Of(three.Origin, three.Mine, three.Theirs);
        var ids = merged.Form.Moves.Select(m => m.Id).ToList();
        ids.Distinct().Count().ShouldBe(ids.Count);
        foreach (var form in new[] { three.Mine, three.Theirs })
            foreach (var move in form.Moves)
            {
                var origin = three.Origin.Moves.FirstOrDefault(m => m.Id == move.Id);
                if (origin is null || origin != move) ids.ShouldContain(move.Id);
            }
        // Sections stand where moves are, in order.
        merged.Form.Sections.ShouldAllBe(s => ids.Contains(s.First));
        merged.Form.Sections.Select(s => ids.IndexOf(s.First)).ShouldBeInOrder();
    }, iter: 300);

    [Fact]
    public void Two_people_at_different_parts_of_one_move_both_have_their_way()
    {
        var mine = Rewrite(Origin, 1, m => m with { Shout = true });
        var theirs = Rewrite(Origin, 1, m => m with { Note = "sink first" });
        var merged = Merge.Of(Origin, mine, theirs);
        merged.Clashes.ShouldBeEmpty();
        merged.Form.Moves[1].Shout.ShouldBeTrue();
        merged.Form.Moves[1].Note.ShouldBe("sink first");
    }

    [Fact]
    public void The_same_part_changed_by_both_is_told_with_both_ways()
    {
        var mine = Rewrite(Origin, 1, m => m with { Hands = [new HandAction(new TermId("palm-strike"), Hand.Right)] });
        var theirs = Rewrite(Origin, 1, m => m with { Hands = [new HandAction(new TermId("punch"), Hand.Left)], Shout = true });
        var clash = Merge.Of(Origin, mine, theirs).Clashes.ShouldHaveSingleItem();
        clash.Part.ShouldBe("hands");
        clash.Mine!.Hands[0].Technique.Value.ShouldBe("palm-strike");
        clash.Theirs!.Hands[0].Hand.ShouldBe(Hand.Left);
        clash.Mine.Shout.ShouldBeTrue(); // what only they changed is in both
    }

    [Fact]
    public void What_one_took_out_and_the_other_rewrote_stays_and_is_told()
    {
        var merged = Merge.Of(Origin, new DeleteMoves([Origin.Moves[2].Id]).Apply(Origin), Rewrite(Origin, 2, m => m with { Shout = true }));
        merged.Form.Moves.Count.ShouldBe(4);
        merged.Clashes.ShouldHaveSingleItem().Part.ShouldBe("taken out by you, rewritten by them");
        Merge.Of(Origin, new DeleteMoves([Origin.Moves[2].Id]).Apply(Origin), Origin).Form.Moves.Count.ShouldBe(3);
    }

    [Fact]
    public void Moves_that_both_added_stay_together_and_a_new_order_holds()
    {
        var (a, b) = (Samples.Say("Left front kick. Right front kick.").Form.Moves, Samples.Say("Left side kick. Right side kick.").Form.Moves);
        var mine = new InsertMoves(Origin.Moves[1].Id, a).Apply(Origin);
        var theirs = new InsertMoves(Origin.Moves[1].Id, b).Apply(Origin);
        Merge.Of(Origin, mine, theirs).Form.Moves.Select(m => m.Kick?.Technique.Value ?? "-").ShouldBe(["-", "-", "side-kick", "side-kick", "front-kick", "front-kick", "-", "-"]);

        var reordered = new ShiftMoves([Origin.Moves[0].Id], 1).Apply(Origin);
        Merge.Of(Origin, reordered, theirs).Form.Moves.Select(m => m.Id).ShouldBe([Origin.Moves[1].Id, b[0].Id, b[1].Id, Origin.Moves[0].Id, Origin.Moves[2].Id, Origin.Moves[3].Id]);
    }

    [Fact]
    public void Changes_are_told_by_what_happened_to_each_move()
    {
        var later = Rewrite(new DeleteMoves([Origin.Moves[3].Id]).Apply(new ShiftMoves([Origin.Moves[0].Id], 1).Apply(Origin)), 2, m => m with { Note = "low" });
        Changes.Between(Origin, later, Samples.Ways).Select(c => (c.Kind, c.Words)).ShouldBe(
        [
            (ChangeKind.Moved, "step with the left foot, left hand low block"),
            (ChangeKind.Rewritten, "note"),
            (ChangeKind.TakenOut, "step with the right foot, right hand palm-heel strike"),
        ]);
        Changes.Between(Origin, Origin, Samples.Ways).ShouldBeEmpty();
    }
}
