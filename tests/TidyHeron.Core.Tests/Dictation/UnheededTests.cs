using CsCheck;
using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Words that come to nothing in their move are told, and words that do not are left alone.</summary>
public class UnheededTests
{
    private static string[] Told(string words) =>
        [.. Samples.Say(words).Fields.Where(f => f.Unheeded).Select(f => words.Substring(f.Start, f.Length))];

    [Fact]
    public void A_move_said_back_has_no_word_that_comes_to_nothing()
    {
        var begun = Samples.Say("step with the left foot into a left front stance, right hand punch.").Form;
        Samples.AnyMove.Where(m => !(m with { Shout = false }).IsEmpty).Sample(move =>
        {
            var words = Speech.Say(move, Samples.Ways);
            var reading = Reader.Read(words, begun, null, Samples.Ways);
            reading.Fields.Where(f => f.Unheeded).Select(f => words.Substring(f.Start, f.Length)).ShouldBeEmpty(words);
        }, iter: 1000);
    }

    // These are rightly told: a lead in which one only stands, an arm without a technique, a side on which something is carried,
    // the foot to which another comes, the opening of feet that the stance tells,
    // a fist that is caught, a name of a posture.
    private static readonly Dictionary<string, string[]> Known = new()
    {
        ["bo-in-japanese-counts"] = ["left foot"],
        ["both-names-of-it"] = ["left forearm"],
        ["captions-weight-goes"] = ["left hand"],
        ["checking-i-have-this"] = ["punches"],
        ["caught-fist-at-the-hip"] = ["right fist"],
        ["north-and-east"] = ["south"],
        ["for-my-own-memory"] = ["left foot"],
        ["hold-the-ball-and-step"] = ["left hand"],
        ["little-set-southern"] = ["Open the horse"],
        ["what-i-do"] = ["left foot"],
    };

    [Theory]
    [MemberData(nameof(WalkThroughTests.Files), MemberType = typeof(WalkThroughTests))]
    public void A_walk_through_read_as_it_was_meant_has_none(string name) =>
        Told(WalkThroughTests.WordsOf(name)).ShouldBe(Known.GetValueOrDefault(name, []));

    /// <summary>The words of a move held against its mirror image: a side that was said is not there.</summary>
    [Theory]
    [InlineData("Step with the left foot into a left front stance, right hand punch.", "left foot", "left", "right hand")]
    [InlineData("Right hand punch.", "Right hand")]
    [InlineData("Left foot front kick.", "Left foot")]
    [InlineData("Turn left, left hand low block.", "left", "left hand")]
    [InlineData("Left foot steps to nine o'clock.", "Left foot", "nine o'clock")]
    public void A_side_that_was_read_the_other_way_round_is_told(string words, params string[] told)
    {
        var begun = Samples.Say("Horse stance.").Form;
        var reading = Reader.Read(words, begun, null, Samples.Ways);
        var mirrored = reading.Form with { Moves = reading.Form.Moves.Select(m => Mirror.Of(m)).ToValueList() };
        var fields = reading.Fields.ToList();
        new Unheeded(Lexer.Read(words, Samples.Ways.Vocabulary, []), mirrored, Samples.Ways).TellIn(fields);
        fields.Where(f => f.Unheeded).Select(f => words.Substring(f.Start, f.Length)).ShouldBe(told);
    }

    [Theory]
    [InlineData("Left front stance, low block.", "Left back stance, low block.", "front stance")]
    [InlineData("Turn 90 degrees left, low block.", "Turn 180 degrees left, low block.", "90 degrees")]
    [InlineData("Step to the corner, low block.", "Step, low block.", "corner")]
    [InlineData("Front kick.", "Left front stance.", "Front kick")]
    public void What_was_said_is_held_against_what_was_read(string said, string read, string told)
    {
        var form = Samples.Say(read).Form;
        var fields = Samples.Say(said).Fields.Select(f => f with { Move = form.Moves[0].Id, Assumption = "" }).ToList();
        new Unheeded(Lexer.Read(said, Samples.Ways.Vocabulary, []), form, Samples.Ways).TellIn(fields);
        fields.Where(f => f.Unheeded).Select(f => said.Substring(f.Start, f.Length)).ShouldBe([told]);
    }

    [Theory]
    [InlineData("One: left front stance, low block. Two: step, punch. Three: step, punch.")]
    [InlineData("Five: left front stance, low block. Six: step, punch.")] // a form may go on from another line
    public void Numbers_that_are_the_counts_are_not_told(string words) =>
        Samples.Say(words).Fields.ShouldNotContain(f => f.Assumption.StartsWith("called", StringComparison.OrdinalIgnoreCase));

    [Fact]
    public void A_number_that_is_not_its_count_is_told_once()
    {
        const string Words = "One: left front stance, low block. Two: step, punch. Five: step, punch. Six: step, punch.";
        var told = Samples.Say(Words).Fields.Where(f => f.Assumption.Contains("but it is count", StringComparison.Ordinal)).ToList();
        told.Select(f => Words.Substring(f.Start, f.Length)).ShouldBe(["Five"]);
        told[0].Assumption.ShouldStartWith("called 5, but it is count 3 here");
    }
}
