using Shouldly;

namespace TidyHeron.Core.Tests.Dictation.BlindTexts;

/// <summary>
/// Texts written blind, as plainly as a teacher tells a form, keep what was understood of them; those still misread are named here with the
/// count, so that mending one shows. <c>bench/TidyHeron.BlindTexts</c> tells their rate. Wording: common practice in teaching.
/// </summary>
public sealed class BlindTextsTests
{
    /// <summary>What is still misread, and on which count first.</summary>
    private static readonly Dictionary<string, int> StillMisread = new()
    {
        ["staff-plain"] = 3, // a foot that slides back to the side before the turn
        ["blog-style"] = 5, // "repeat with the right foot" turns again
        ["mail-to-brother"] = 6, // "to the flag"
        ["sword-plain"] = 4, // standing up and flicking the blade
        ["jo-plain"] = 5, // "pull the left foot back and block"
        ["soft-and-plain"] = 2, // arms that float
        ["gym-notes-abbrev"] = 1, // "LFS"
        ["nervous-student"] = 8, // a sentence taken back in the middle
        ["soft-set-plain"] = 2, // arms that float
        ["captions-one"] = 3, // "take my right foot and step all the way back around", without a stop
        ["captions-two"] = 7, // "rising block with the same arm no step", without a stop
        ["mixed-languages-by-number"] = 1, // where the first block goes, told after it
        ["fists-at-the-waist"] = 7, // a closing with the fists at the waist
        ["evening-class"] = 5, // "now the other side", told out with another name for the block
        ["teaching-notes-staff"] = 3, // "pull the right foot back to the left and turn to the right, right foot out"
        ["dad-to-daughter"] = 17, // "walk, punch, walk, punch and shout. Then left foot round again, that long turn"
        ["from-the-kneel"] = 5, // sheathing as the feet come together
        ["messages-in-parts"] = 9, // "left foot behind and round to the right side"
        ["palms-and-bows"] = 10, // a closing with the fists at the waist
        ["aunt-explains"] = 4, // "all the same again on the right: right foot slides out", after the feet came together in the same sentence
        ["student-voice-note"] = 11, // "pull the right foot across to the left side"
        ["talking-it-through-with-a-friend"] = 6, // "and here you don't step", in the sentence of the block before it
        ["kids-class-handout"] = 1, // "block low" is a block at low level
        ["message-from-a-student"] = 4, // "step left foot punch", after a back stance: still in one
        ["assistant-instructor"] = 6, // "shift to front stance facing right" out of a horse stance that was turned into
        ["sword-beginner"] = 4, // what is shaken off and sheathed closes the form, uncounted
        ["voice-note"] = 1, // "look to the left and you step", behind much else in one sentence
        ["staff-seminar-sheet"] = 4, // "slide in again and thrust" out of a cat stance
        ["two-friends-comparing"] = 9, // "left foot round to the left", a quarter or three
        ["short-stick-notes"] = 5, // a low block with the stick
    };

    /// <summary>Every text beside this file.</summary>
    public static IEnumerable<TheoryDataRow<string>> Names => Texts().Select(t => new TheoryDataRow<string>(t.Name));

    private static IEnumerable<BlindText> Texts() => Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "Dictation", "BlindTexts"), "*.txt").Order().SelectMany(BlindText.In);

    [Theory]
    [MemberData(nameof(Names))]
    public void A_text_is_read_as_it_was_meant(string name)
    {
        var text = Texts().Single(t => t.Name == name);
        var read = text.Read();
        text.FirstMistake(read).ShouldBe(StillMisread.GetValueOrDefault(name), string.Join("\n", read));
    }

    [Theory]
    [InlineData("270 left front: r punch", "270 left front: l punch", false)]
    [InlineData("270 left front: r punch", "270 left front: punch", true)]
    [InlineData("270 left front: punch", "270 left front: l punch", true)]
    [InlineData("270 left front: r punch", "270 left front: r", true)]
    [InlineData("270 left front: r punch", "270 left front: l", false)]
    [InlineData("270 left front: r punch, l punch", "270 left front: l", true)]
    [InlineData("270 left front", "270 * *", true)]
    [InlineData("270 left front", "90 left front", false)]
    [InlineData("270 left front", "270 right front", false)]
    [InlineData("270 left front", "270 left back", false)]
    public void A_row_is_held_against_what_was_meant(string read, string meant, bool same) => Row.Parse(read).Is(Row.Parse(meant)).ShouldBe(same);

    [Fact]
    public void A_row_that_says_too_little_is_refused() => Should.Throw<FormatException>(() => Row.Parse("270 left"));
}
