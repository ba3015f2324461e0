using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>What is offered where words could mean two things does say the other thing: put in their place, it is read otherwise, and understood.</summary>
public class OffersTests
{
    /// <summary>Where an offer changes nothing, as other words near it say the same once more.</summary>
    private static readonly HashSet<string> SaidOnceMore = ["alternating-punches", "no-stance-is-named", "what-i-do"];

    public static IEnumerable<TheoryDataRow<string>> Files => WalkThroughTests.Files;

    [Theory]
    [MemberData(nameof(Files))]
    public void Words_that_are_offered_are_read_otherwise(string name)
    {
        var words = WalkThroughTests.WordsOf(name);
        var said = Samples.Say(words);
        var idle = said.Fields.Where(f => f.Instead.Length > 0).Where(f => AsSaid(Samples.Say(With(words, f))) == AsSaid(said)).Select(f => $"{f.Assumption} {f.Instead}").ToList();
        if (SaidOnceMore.Contains(name)) idle.ShouldHaveSingleItem();
        else idle.ShouldBeEmpty();
    }

    /// <summary>The words with what a field offers put in its place.</summary>
    internal static string With(string words, ReadField field) => words[..field.Start] + field.Instead + words[(field.Start + field.Length)..];

    /// <summary>All moves in words, each with how it counts.</summary>
    internal static string AsSaid(DictationReading reading) => string.Join('\n', reading.Form.Moves.Select(m => $"{m.Counting}: {Speech.Say(m, Samples.Ways)}"));
}
