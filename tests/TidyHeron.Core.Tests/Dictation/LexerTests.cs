using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Words parted into what they are before anything is read from them. Hours and half hours of the clock: its face; the rest: common practice.</summary>
public sealed class LexerTests
{
    [Theory]
    [InlineData("nine o'clock", "clock 18")]
    [InlineData("9:30", "clock 19")]
    [InlineData("half past ten", "clock 21")]
    [InlineData("twelve o'clock", "clock 0")]
    [InlineData("facing three", "facing facing, clock 6")]
    [InlineData("turn clockwise to nine", "footwork turn, turnSide right, clock 18")]
    [InlineData("the left foot goes across to six", "side left, footNoun foot, clock 12")]
    [InlineData("ninety degrees", "degrees 90")]
    [InlineData("two seventy", "degrees 270")]
    [InlineData("three times", "times 3")]
    [InlineData("twice more", "times +2")]
    [InlineData("LFS, BS", "side left, stance front-stance, stop ,, stance back-stance")]
    [InlineData("RCS then HS", "side right, stance cat-stance, then then, stance horse-stance")]
    public void Numbers_are_what_their_company_makes_of_them(string words, string kinds) => Told(words).ShouldBe(kinds);

    [Theory]
    [InlineData("knife hand block", "technique knife-hand-block")]
    [InlineData("left knife hand", "side left, technique knife-hand-block")]
    [InlineData("front stance", "stance front-stance")]
    [InlineData("front kick", "technique front-kick")]
    [InlineData("look over the left shoulder", "gaze overShoulder")]
    [InlineData("zenkutsu dachi", "stance front-stance")]
    [InlineData("ap kubi", "stance front-stance")]
    [InlineData("gong bu", "stance bow-stance")]
    public void The_longest_known_phrase_counts(string words, string kinds) => Told(words).ShouldBe(kinds);

    [Theory]
    [InlineData("Step left; punch!  Turn — kick… (block)")]
    [InlineData("“Left”, no, ‘right’ foot\r\n1) naïve ✓ ½")]
    [InlineData("  ")]
    public void Lexemes_stand_in_the_order_of_the_text_and_within_it(string words)
    {
        var read = Lexer.Read(words, Samples.Ways.Vocabulary, []);
        read.ShouldAllBe(l => l.Start >= 0 && l.Length >= 0 && l.Start + l.Length <= words.Length);
        read.Select(l => l.Start).ShouldBe(read.Select(l => l.Start).Order());
    }

    private static string Told(string words) => string.Join(", ", Lexer.Read(words, Samples.Ways.Vocabulary, []).Where(l => !l.Is("filler")).Select(l => $"{l.Kind} {l.Value}"));
}
