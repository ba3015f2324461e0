using System.Text.RegularExpressions;
using Shouldly;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Walk-throughs as a machine writes down what it hears: without a single stop, or with nothing but commas. The files are
/// those that stops do not make clearer; each is expected to be read as it is with them.
/// </summary>
public partial class MissingStopsTests
{
    public static IEnumerable<TheoryDataRow<string>> FilesWithoutStops => WalkThroughTests.Marked("without stops");

    public static IEnumerable<TheoryDataRow<string>> FilesWithCommas => WalkThroughTests.Marked("with commas only");

    [Theory]
    [MemberData(nameof(FilesWithoutStops))]
    public void Without_a_stop_the_same_counts_are_read(string name) =>
        Counts(Spaces().Replace(Stops().Replace(WalkThroughTests.WordsOf(name), " "), " ").ToLowerInvariant().Trim()).ShouldBe(WalkThroughTests.Read(name).Meant);

    [Theory]
    [MemberData(nameof(FilesWithCommas))]
    public void With_commas_only_the_same_counts_are_read(string name) =>
        Counts(Ends().Replace(Spaces().Replace(WalkThroughTests.WordsOf(name), " ").Trim(), ",").TrimEnd(',').ToLowerInvariant()).ShouldBe(WalkThroughTests.Read(name).Meant);

    [Theory]
    [InlineData("step forward left front stance low block step forward right punch step forward left punch right front kick land right punch turn around low block", 5)]
    [InlineData("one left front stance low block two right foot forward punch three left foot forward punch four right foot forward punch five left foot forward punch", 5)]
    [InlineData("first left front stance low block second right foot forward punch third left foot forward punch fourth right foot forward punch fifth left foot forward punch", 5)]
    [InlineData("hana left front stance low block dul right foot forward punch set left foot forward punch net right foot forward punch dasot left foot forward punch", 5)]
    [InlineData("one left front stance low block two right foot forward punch three four five three punches stepping six turn around low block", 6)]
    [InlineData("left front stance low block step punch kiai look left step left low block step punch now turn around right low block step punch", 6)]
    [InlineData("seventh left front stance low block eighth turn around right low block", 2)] // too little to be parted by numbers, but each has its own
    [InlineData("first left front stance low block second step punch third step punch fourth step punch fifth step punch sixth step punch seventh step punch eighth turn around right low block", 8)]
    public void Stops_are_put_in_where_the_next_move_begins(string words, int counts) => Samples.ReadingOf(words).TotalCounts.ShouldBe(counts);

    [Fact]
    public void What_is_taken_back_takes_back_no_more_where_there_are_no_stops() =>
        Counts("left front stance low block step forward right punch turn one eighty clockwise right front stance no sorry its a right back stance right low block step forward left front stance punch step forward right front stance punch")
            .ShouldBe("0 left front, 0 right front, 180 right back, 180 left front, 180 right front");

    [Fact]
    public void Every_word_is_accounted_for_where_stops_are_put_in()
    {
        foreach (var name in FilesWithoutStops.Select(f => f.Data))
        {
            var words = Spaces().Replace(Stops().Replace(WalkThroughTests.WordsOf(name), " "), " ").Trim();
            Samples.AccountsForEveryWord(words, Samples.Say(words));
        }
    }

    /// <summary>Captions end their lines wherever it happens; a list of moves does not end one after "the" or "with your".</summary>
    [Fact]
    public void Lines_of_captions_are_read_across_their_ends()
    {
        const string Captions = "so we turn to the left and step with the\nleft foot into a front stance and low\nblock and then we step forward with the\nright foot and punch and then turn\naround to the right and low block";
        Counts(Captions).ShouldBe(Counts(Captions.Replace('\n', ' ')));
        Counts(Captions).ShouldBe("270 left front, 270 right front, 90 right front");
        Samples.ReadingOf("left front stance low block\nright foot forward punch\nleft foot forward punch").TotalCounts.ShouldBe(3);
    }

    private static string Counts(string words) => WalkThroughTests.Told(Samples.Say(words).Form);

    [GeneratedRegex(@"[.,!?…–—]|\s-+\s")]
    private static partial Regex Stops();

    [GeneratedRegex(@"[.!?…]+(?=\s|$)")]
    private static partial Regex Ends();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
