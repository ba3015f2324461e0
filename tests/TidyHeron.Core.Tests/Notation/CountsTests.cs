using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Notation;

public class CountsTests
{
    private static Form Counted(params Counting[] countings) =>
        new() { Moves = countings.Select(c => new Move(MoveId.New()) { Counting = c }).ToValueList() };

    [Fact]
    public void Formalities_take_no_number_and_joined_moves_share_one()
    {
        var form = Counted(Counting.Uncounted, Counting.Own, Counting.Then, Counting.Together, Counting.Own, Counting.Uncounted);
        Counts.Of(form).ShouldBe([0, 1, 1, 1, 2, 0]);
    }

    [Fact]
    public void Joining_a_move_without_a_number_begins_a_number()
    {
        Counts.Of(Counted(Counting.Uncounted, Counting.Then, Counting.Own)).ShouldBe([0, 1, 2]);
    }

    [Fact]
    public void Numbers_run_from_one_without_a_gap() => Samples.AnyForm.Sample(form =>
    {
        var numbers = Counts.Of(form).Where(n => n > 0).ToList();
        numbers.Distinct().ShouldBe(Enumerable.Range(1, numbers.Count == 0 ? 0 : numbers.Max()));
        numbers.ShouldBe(numbers.Order());
    });
}
