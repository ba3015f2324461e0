using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Tests.Checks;

/// <summary>Findings that the instructor lets stand.</summary>
public class AcceptanceTests
{
    private static readonly Form Wrong = Samples.Say("Turn 90 degrees left facing three o'clock, left front stance, low block. Step right punch.").Form;

    private static Form Accepted()
    {
        var finding = Samples.ReadingOf(Wrong).Findings.Single();
        return new AcceptFinding(finding.Move, finding.Rule, finding.Message, "the old hall was built askew").Apply(Wrong);
    }

    [Fact]
    public void An_accepted_finding_is_out_of_the_way_with_its_reason()
    {
        var reading = Samples.ReadingOf(Accepted());
        reading.Findings.ShouldBeEmpty();
        reading.AcceptedFindings.Single().Reason.ShouldBe("the old hall was built askew");
    }

    [Fact]
    public void It_stays_accepted_while_the_move_does_the_same()
    {
        var form = new RewriteMove(Accepted().Moves[0] with { Note = "mind the pillar" }).Apply(Accepted());
        Samples.ReadingOf(form).Findings.ShouldBeEmpty();
        form = new RewriteMove(Accepted().Moves[1] with { Shout = true }).Apply(Accepted());
        Samples.ReadingOf(form).Findings.ShouldBeEmpty();
    }

    [Fact]
    public void It_is_open_again_when_the_move_changes_or_is_copied()
    {
        var changed = new RewriteMove(Accepted().Moves[0] with { Shout = true }).Apply(Accepted());
        Samples.ReadingOf(changed).Findings.Count.ShouldBe(1);
        // And changing it back does not bring the acceptance back.
        Samples.ReadingOf(new RewriteMove(changed.Moves[0] with { Shout = false }).Apply(changed)).Findings.Count.ShouldBe(1);
        new Again([Accepted().Moves[0].Id]).Apply(Accepted()).Moves[1].Accepted.ShouldBeEmpty();
    }

    [Fact]
    public void A_finding_that_says_something_else_is_a_new_one()
    {
        // The same move now turns from another heading: what was accepted was another contradiction.
        var first = new InsertMoves(null, [new Move(MoveId.New()) { Facing = Heading.Right }]).Apply(Accepted());
        Samples.ReadingOf(first).Findings.Count.ShouldBe(1);
    }

    [Fact]
    public void A_finding_can_be_taken_up_again()
    {
        var finding = Samples.ReadingOf(Accepted()).AcceptedFindings.Single().Finding;
        Samples.ReadingOf(new ReopenFinding(finding.Move, finding.Rule, finding.Message).Apply(Accepted())).Findings.Count.ShouldBe(1);
    }
}
