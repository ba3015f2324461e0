using Shouldly;
using TidyHeron.Core.Tests.Dictation.BlindTexts;

namespace TidyHeron.Core.Tests.Dictation.PutTogether;

/// <summary>
/// Sentences put together from parts are read as their parts say, whatever joins them: a comma, "and", or nothing. Wording: common practice
/// in teaching.
/// </summary>
public sealed class PutTogetherTests
{
    private const int Sentences = 1500; // of each file, far apart in it

    /// <summary>Every file of parts beside this one.</summary>
    public static IEnumerable<TheoryDataRow<string>> Files =>
        Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "Dictation", "PutTogether"), "*.txt").Order().Select(f => new TheoryDataRow<string>(Path.GetFileName(f)));

    [Theory]
    [MemberData(nameof(Files))]
    public void A_sentence_is_read_as_its_parts_say(string name)
    {
        var parts = SentenceParts.In(Path.Combine(AppContext.BaseDirectory, "Dictation", "PutTogether", name));
        // A step that shares no factor with the number of sentences comes to each of them once before it comes to one again.
        var step = parts.Count / Sentences + 1;
        while (Gcd(step, parts.Count) > 1) step++;
        var misread = new List<string>();
        for (long i = 0; i < Math.Min(Sentences, parts.Count); i++)
        {
            var (words, expected, does) = parts.At(i * step % parts.Count);
            var read = Row.Of(Samples.Say(words).Form);
            if (!IsMeant(read, expected, does)) misread.Add($"{words}\n  meant {expected}: {string.Join(", ", does)}\n  read  {string.Join("; ", read)}");
        }
        misread.ShouldBeEmpty();
    }

    /// <summary>Whether the counts stand as expected, and in the one that is marked just that is done which was said.</summary>
    private static bool IsMeant(List<Row> read, string expected, List<string> does)
    {
        var meant = expected.Split(',', StringSplitOptions.TrimEntries);
        return read.Count == meant.Length && read.Zip(meant).All(p => p.First.Stands == p.Second.TrimStart('*') && (p.Second[0] != '*' || p.First.Does.SequenceEqual(does)));
    }

    private static long Gcd(long a, long b) => b == 0 ? a : Gcd(b, a % b);
}
