using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>What one line leaves waiting, the next takes up; what a line has told stays as it is.</summary>
public class LineByLineTests
{
    private static Form Say(params string[] lines) => lines.Aggregate(new Form(), (form, line) => Reader.Read(line, form, null, Samples.Ways).Form);

    private static string[] Told(Form form) => [.. form.Moves.Select(m => Speech.Say(m, Samples.Ways))];

    [Theory]
    [InlineData("Look left.", "Step left, left front stance, low block.")]
    [InlineData("Slowly.", "Left front stance, low block.")]
    [InlineData("This is the form for white belts.", "Left front stance, low block.")]
    public void A_look_a_pace_or_a_remark_at_the_end_belongs_to_the_move_that_comes(string first, string then)
    {
        var (byLine, atOnce) = (Say(first, then), Say(first + " " + then));
        Told(byLine).ShouldBe(Told(atOnce));
        byLine.Moves.Select(m => m.Note).ShouldBe(atOnce.Moves.Select(m => m.Note));
    }

    [Fact]
    public void It_stays_the_same_move_so_that_a_section_still_begins_with_it()
    {
        var looking = Say("Horse stance, punch.", "Look left.");
        var waiting = looking.Moves[^1].Id;
        looking = looking with { Sections = [new Section(SectionId.New(), "A", looking.Moves[0].Id), new Section(SectionId.New(), "B", waiting)] };
        var reading = Reader.Read("Turn left, left front stance, low block.", looking, null, Samples.Ways);
        reading.Form.Moves.Count.ShouldBe(2);
        reading.Form.Moves[^1].Id.ShouldBe(waiting);
        reading.Form.Sections.Select(s => s.First).ShouldBe(looking.Sections.Select(s => s.First));
        reading.Added.ShouldBe([waiting]);
    }

    [Theory]
    [InlineData("Look left.", "Look right.", 2)]                                  // another look is one more
    [InlineData("Left front stance, punch.", "Step, punch.", 2)]                  // a move is a move
    [InlineData("Left front stance. 2. Look left.", "3. Step, punch.", 3)]       // so is a number that was called
    public void What_has_been_told_is_not_taken_up(string first, string then, int moves) => Say(first, then).Moves.Count.ShouldBe(moves);

    [Fact]
    public void In_the_midst_of_a_form_a_look_stays_where_it_is()
    {
        var form = Say("1. Left front stance, punch. 2. Look left. 3. Step, punch.");
        form.Moves.Count.ShouldBe(3);
        var reading = Reader.Read("Step, rising block.", form, form.Moves[1].Id, Samples.Ways);
        Told(reading.Form).ShouldBe([.. Told(form)[..2], "step, rising block", Told(form)[2]]);
    }
}
