using System.Text.RegularExpressions;
using Shouldly;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Walk-throughs as a machine writes down what it hears: without a single stop, or with nothing but commas. The files are
/// those that stops do not make clearer; each is expected to be read as it is with them.
/// </summary>
public partial class MissingStopsTests
{
    private static readonly string[] WithoutStops =
    [
        "all-in-degrees", "alright-starting-position", "back-of-the-floor", "bo-in-japanese-counts", "cantonese-counts", "captions-named-by-the-rear",
        "cat-and-elbow-counts", "coach-calling-in-korean", "corners-of-the-horse", "count-and-clock", "count-by-count", "count-one-dash", "counts-in-words",
        "elbows-and-back-fists", "first-second-third", "five-stances-both-ways", "four-sides-of-a-square", "from-attention-to-horse", "hooking-hands-both-ways",
        "ichi-hidari-ashi", "japanese-distances", "like-the-other-one", "look-and-step", "move-one-without-stops", "my-teachers-teacher", "number-one-with-a",
        "older-korean-words", "on-hana-on-dul", "on-one-on-two", "plain-and-whole", "quarter-and-half-turns", "sanchin-in-japanese", "second-basic-form", "so-number-one",
        "staff-ends", "staff-in-both-hands", "staff-in-eight", "staff-in-sentences", "staff-ordinals", "staff-palm-down", "staff-string", "starting-with-the-right",
        "tonfa-class", "white-belt-once-more", "wooden-staff", "your-right-hand-side",
    ];

    private static readonly string[] WithCommasOnly =
    [
        "all-in-degrees", "alright-starting-position", "attention-bow-ready", "back-of-the-floor", "bo-as-i-do-it", "bo-in-japanese-counts", "captions-named-by-the-rear",
        "cat-and-elbow-counts", "coach-calling-in-korean", "corners-of-the-horse", "count-and-clock", "count-by-count", "count-one-dash", "counts-in-words",
        "diagonals-with-the-staff", "elbows-and-back-fists", "first-count-looking-left", "first-second-third", "foot-then-technique", "four-sides-of-a-square",
        "from-attention-to-horse", "from-the-second-count", "hand-form-as-written", "hooking-hands-both-ways", "ichi-hidari-ashi", "korean-with-clock",
        "learned-it-like-this", "like-the-other-one", "long-fist-by-ordinals", "look-and-step", "move-one-without-stops", "my-teachers-teacher", "number-one-with-a",
        "number-then-sentence", "older-korean-words", "on-hana-on-dul", "one-long-sentence-each", "plain-and-whole", "quarter-and-half-turns", "sanchin-in-japanese",
        "second-basic-form", "so-number-one", "southern-words", "staff-ends", "staff-for-beginners", "staff-in-both-hands", "staff-in-eight", "staff-in-sentences",
        "staff-ordinals", "staff-palm-down", "staff-string", "starting-with-the-right", "that-is-all-twelve", "tonfa-class", "white-belt-once-more", "wooden-staff",
        "your-right-hand-side",
    ];

    public static IEnumerable<TheoryDataRow<string>> FilesWithoutStops => WithoutStops.Select(n => new TheoryDataRow<string>(n));

    public static IEnumerable<TheoryDataRow<string>> FilesWithCommas => WithCommasOnly.Select(n => new TheoryDataRow<string>(n));

    [Theory]
    [MemberData(nameof(FilesWithoutStops))]
    public void Without_a_stop_the_same_counts_are_read(string name) =>
        Counts(Spaces().Replace(Stops().Replace(WalkThroughTests.WordsOf(name), " "), " ").ToLowerInvariant().Trim()).ShouldBe(WalkThroughTests.Read(name).Meant);

    [Theory]
    [MemberData(nameof(FilesWithCommas))]
    public void With_commas_only_the_same_counts_are_read(string name) =>
        Counts(Ends().Replace(Spaces().Replace(WalkThroughTests.WordsOf(name), " ").Trim(), ",").TrimEnd(',').ToLowerInvariant()).ShouldBe(WalkThroughTests.Read(name).Meant);

    private static string Counts(string words) => WalkThroughTests.Told(Samples.Say(words).Form);

    [GeneratedRegex(@"[.,!?…–—]|\s-+\s")]
    private static partial Regex Stops();

    [GeneratedRegex(@"[.!?…]+(?=\s|$)")]
    private static partial Regex Ends();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
