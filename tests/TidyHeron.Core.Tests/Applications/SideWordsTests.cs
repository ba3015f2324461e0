using CsCheck;
using Shouldly;
using TidyHeron.Core.Applications;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Applications;

public class SideWordsTests
{
    [Theory]
    [InlineData("Step left, right punch.", "Step right, left punch.")]
    [InlineData("Right hand over LEFT hand", "Left hand over RIGHT hand")]
    [InlineData("stand upright, it is all right", "stand upright, it is all right")]
    [InlineData("At the right moment, at right angles, right away: the right hand.", "At the right moment, at right angles, right away: the left hand.")]
    [InlineData("the right foot at the Right distance", "the left foot at the Right distance")]
    [InlineData("all left, all the right side", "all right, all the left side")]
    [InlineData("turn counterclockwise, Clockwise", "turn clockwise, Anticlockwise")]
    [InlineData("turn leftward, clockwise", "turn rightward, anticlockwise")]
    [InlineData("brightly, the leftover, righteous", "brightly, the leftover, righteous")]
    public void Left_and_right_are_exchanged_as_whole_words(string words, string expected) => SideWords.Exchange(words).ShouldBe(expected);

    [Fact]
    public void Exchanging_twice_gives_the_words_back() =>
        Gen.Int[0, 7].Array[0, 12].Select(picks => string.Join(" ", picks.Select(p => new[] { "left", "Right", "hand", "LEFT,", "upright", "clockwise", "anticlockwise", "step" }[p])))
            .Sample(words => SideWords.Exchange(SideWords.Exchange(words)).ShouldBe(words));

    [Fact]
    public void An_application_is_read_for_the_other_side_with_every_side_exchanged()
    {
        var application = new Application("Sweep", new Attack(AttackKind.FrontKick, Side.Right, Level.Middle),
            [new ApplicationStep(Partner.Attacker, "Kick with the right foot."), new ApplicationStep(Partner.Defender, "Left forearm sweeps.")], [Risk.Kicks], "watch the left knee");
        var other = application.Mirrored;
        other.Attack.Side.ShouldBe(Side.Left);
        other.Steps.Select(s => s.Text).ShouldBe(["Kick with the left foot.", "Right forearm sweeps."]);
        other.Note.ShouldBe("watch the right knee");
        other.Mirrored.ShouldBe(application);
    }

    [Fact]
    public void Every_risk_has_its_caution()
    {
        foreach (var risk in Enum.GetValues<Risk>()) Cautions.For(risk).ShouldStartWith(risk.ToString());
        Cautions.Deference.ShouldContain("instructor in the room");
    }
}
