using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Terms;

public class SpellingTests
{
    [Theory]
    [InlineData("Zenkutsu-Dachi", "zenkutsu dachi")]
    [InlineData("dōllyo chagi", "dollyo chagi")]
    [InlineData("don’t", "dont")]
    [InlineData("gōng bù", "gong bu")]
    [InlineData("  knife–hand / block\t", "knife hand block")]
    [InlineData("", "")]
    public void Words_are_compared_without_case_accents_and_hyphens(string written, string compared) =>
        string.Join(' ', Spelling.Words(written)).ShouldBe(compared);

    [Fact]
    public void What_is_plain_stays_plain() =>
        Gen.String[Gen.Char["aÀéö' -’Zz9ß"], 0, 20].Sample(word => Spelling.Plain(Spelling.Plain(word)).ShouldBe(Spelling.Plain(word)));

    [Fact]
    public void A_stance_of_two_words_is_found_in_capitals_in_one_word_and_with_a_hyphen()
    {
        foreach (var stance in Vocabulary.Standard.Terms.Where(t => t.Kind == TermKind.Stance && Spelling.Words(t.English) is { Length: 2 }))
        {
            var words = Spelling.Words(stance.English);
            foreach (var written in new[] { stance.English.ToUpperInvariant(), string.Concat(words), string.Join('-', words) })
                Samples.Say($"step forward, {written}").Form.Moves.ShouldHaveSingleItem().Stance.ShouldNotBeNull(written).Kind.ShouldBe(stance.Id, written);
        }
    }
}
