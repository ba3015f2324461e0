using Shouldly;
using TidyHeron.Core.Dictation;

namespace TidyHeron.Core.Tests.Dictation.Handouts;

/// <summary>What stands in a copied text and is not told is left out, and nothing else. Formats: SubRip, WebVTT, HTML, and marks of emphasis in plain text.</summary>
public sealed class MarkupTests
{
    [Theory]
    [InlineData("**Low block**, punch", "  Low block  , punch")]
    [InlineData("*low block* and __punch__", " low block  and   punch  ")]
    [InlineData("* low block\n* punch", "* low block\n* punch")] // points of a list
    [InlineData("3 * punch, 2* kick", "3 * punch, 2* kick")] // how often
    [InlineData("punch *2, kick *3", "punch *2, kick *3")]
    [InlineData("*low block\npunch*", "*low block\npunch*")] // not across lines
    [InlineData("<b>low</b> block", "   low     block")]
    [InlineData("<li>low block</li>", "\n   low block\n    ")]
    [InlineData("<- low block, a < b", "<- low block, a < b")]
    [InlineData("low block\nPage 2 of 7\npunch", "low block\n           \npunch")]
    [InlineData("low block\n- 2 -\npunch", "low block\n     \npunch")]
    [InlineData("- 2 punches -", "- 2 punches -")]
    [InlineData("[10:02] Ann: kick\n[10:03] Ann: punch", "[10:02] Ann: kick\n[10:03] Ann: punch")] // two lines are no chat
    [InlineData("1. Step\n   a. low block\n   b. punch", "1. Step\n   a. low block\n   b. punch")] // letters that count once
    public void Only_what_is_not_told_is_left_out(string text, string told) => Markup.Blanked(text).Text.ShouldBe(told);

    [Fact]
    public void A_subtitle_loses_its_number_and_its_times_and_keeps_its_words_on_one_line()
    {
        var (told, untold) = Markup.Blanked("1\n00:00:01,000 --> 00:00:02,000\nStep left,\nlow block.\n\n2\n00:00:02,000 --> 00:00:03,000\nPunch.\n");

        told.Split('\n', StringSplitOptions.RemoveEmptyEntries).Select(l => l.Trim()).Where(l => l.Length > 0).ShouldBe(["Step left, low block.", "Punch."]);
        untold.Count.ShouldBe(2);
    }

    [Fact]
    public void Subtitles_that_roll_tell_each_line_once()
    {
        var (told, _) = Markup.Blanked("WEBVTT\n\n00:01.000 --> 00:02.000\nstep to the left\n\n00:02.000 --> 00:03.000\nstep to the left\n<00:02.500><c>low block now</c>\n");

        string.Join(' ', told.Split([' ', '\n'], StringSplitOptions.RemoveEmptyEntries)).ShouldBe("step to the left low block now");
    }

    [Theory]
    [InlineData("**Count 1** - step left")]
    [InlineData("<ol><li>step left</li></ol>")]
    [InlineData("1\n00:00:01,000 --> 00:00:02,000\nStep left.\n")]
    [InlineData("")]
    [InlineData("*")]
    [InlineData("-->")]
    public void It_stays_as_long_and_what_is_left_out_is_named(string text)
    {
        var (told, untold) = Markup.Blanked(text);

        told.Length.ShouldBe(text.Length);
        for (var i = 0; i < text.Length; i++)
            if (told[i] != text[i] && !char.IsWhiteSpace(text[i])) untold.ShouldContain(u => u.Start <= i && i < u.Start + u.Length, $"{i} of {text}");
    }
}
