using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Versions;

namespace TidyHeron.Core.Tests.Versions;

public class AlignmentTests
{
    private static Form Said(string words) => Samples.Say(words).Form;

    private static Comparison Compare(Form a, Form b) => Alignment.Of(a, b, Samples.Ways);

    [Fact]
    public void A_form_compared_with_itself_is_all_the_same() => Samples.AnyForm.Sample(form =>
    {
        var comparison = Compare(form, form);
        comparison.Cost.ShouldBe(0);
        comparison.Moves.ShouldAllBe(m => m.Likeness == Likeness.Same && m.First == m.Second);
    });

    [Fact]
    public void Two_versions_are_aligned_and_the_differences_told_in_words()
    {
        var first = Said("Step with the left foot into a left front stance, left low block. Step with the right foot into a right front stance, right punch. Stay in place, left punch.");
        var second = Said("Step with the left foot into a left front stance, left low block. Left front kick. Step with the right foot into a right front stance, right high punch.");
        var lines = Compare(first, second).Moves;
        lines.Select(l => l.Likeness).ShouldBe([Likeness.Same, Likeness.OnlySecond, Likeness.Different, Likeness.OnlyFirst]);
        lines[2].Differences.ShouldBe(["hands: right hand punch / right hand high level punch"]);
    }

    [Fact]
    public void The_same_but_mirrored_or_turned_is_told_so()
    {
        var form = Said("Step with the left foot to nine o'clock into a left front stance, left low block.");
        Compare(form, Mirror.Of(form)).Moves.ShouldHaveSingleItem().Likeness.ShouldBe(Likeness.Mirrored);
        var turned = form with { Moves = [form.Moves[0] with { Facing = Heading.Rear }] };
        var line = Compare(form, turned).Moves.ShouldHaveSingleItem();
        line.Likeness.ShouldBe(Likeness.Turned);
        line.Differences.ShouldBe(["direction: facing nine o'clock / facing six o'clock"]);
    }

    [Fact]
    public void Swapping_the_forms_swaps_the_alignment_s_sides_at_the_same_cost() => Gen.Select(Samples.AnyForm, Samples.AnyForm).Sample((a, b) =>
        Compare(a, b).Cost.ShouldBe(Compare(b, a).Cost));

    // The optimum by trying everything: each move of the shorter form is paired or left alone, in order.
    [Fact]
    public void No_other_alignment_costs_less() => Gen.Select(Samples.AnyForm, Samples.AnyForm).Where((a, b) => a.Moves.Count <= 6 && b.Moves.Count <= 6).Sample((a, b) =>
        Compare(a, b).Cost.ShouldBe(Cheapest(a, b, 0, 0)), iter: 60);

    private static int Cheapest(Form a, Form b, int i, int j)
    {
        if (i == a.Moves.Count) return 2 * (b.Moves.Count - j);
        if (j == b.Moves.Count) return 2 * (a.Moves.Count - i);
        return Math.Min(Alignment.Of(a with { Moves = [a.Moves[i]], Sections = [] }, b with { Moves = [b.Moves[j]], Sections = [] }, Samples.Ways) is { Moves.Count: 1 } pair ? pair.Cost + Cheapest(a, b, i + 1, j + 1) : int.MaxValue,
            2 + Math.Min(Cheapest(a, b, i + 1, j), Cheapest(a, b, i, j + 1)));
    }

    [Fact]
    public void A_passage_done_again_on_the_other_side_is_found()
    {
        var form = Said("Step with the left foot into a left front stance, left low block. Stay in place, right punch. Stay in place, left punch. Stay in place, both hands guard.");
        form = new OtherSide(form.Moves.Take(3).Select(m => m.Id).ToValueList(), Samples.Ways).Apply(form);
        // The copy goes behind the third move; the last one stays last.
        var passage = Passages.Find([form]).ShouldHaveSingleItem();
        passage.ShouldBe(new Passage(0, 0, 0, 3, 3, Mirrored: true));
    }

    [Fact]
    public void A_passage_of_one_form_is_found_in_another()
    {
        var first = Said("Step with the left foot, left low block. Step with the right foot, right punch. Step with the left foot, left high block. Right front kick.");
        var second = Said("Left side kick. Step with the left foot, left low block. Step with the right foot, right punch. Step with the left foot, left high block.");
        Passages.Find([first, second]).Where(p => !p.Mirrored).ShouldHaveSingleItem().ShouldBe(new Passage(0, 0, 1, 1, 3, Mirrored: false));
    }

    [Fact]
    public void What_is_found_really_is_the_same() => Samples.AnyForm.Sample(form =>
    {
        var doubled = new Again(form.Moves.Select(m => m.Id).ToValueList()).Apply(form);
        foreach (var p in Passages.Find([doubled], least: 2))
            for (var k = 0; k < p.Length; k++)
            {
                var a = p.Mirrored ? Mirror.Of(doubled.Moves[p.First + k]) : doubled.Moves[p.First + k];
                var b = doubled.Moves[p.Second + k];
                (a.Stance, a.Kick, a.Footwork).ShouldBe((b.Stance, b.Kick, b.Footwork));
                a.Hands.ShouldBe(b.Hands);
            }
        if (form.Moves.Count >= 2) Passages.Find([doubled], least: 2).ShouldContain(p => !p.Mirrored && p.Length >= 2);
    });
}
