using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Terms;

/// <summary>A school's words laid over the standard ones. Its names are made up.</summary>
public class SchoolTermsTests
{
    private static readonly TermId FrontStance = new("front-stance");
    private static readonly TermId ReedStance = new("reed-stance");

    private static Conventions With(params SchoolTerm[] own)
    {
        var (vocabulary, stances) = SchoolTerms.Over(Vocabulary.Standard, StanceSet.Standard, own);
        return Samples.Ways with { Vocabulary = vocabulary, Stances = stances };
    }

    private static TermId? StanceOf(string words, Conventions ways)
    {
        var reading = Reader.Read(words, new Form(), null, ways);
        reading.Unread.ShouldBeEmpty(words);
        return reading.Form.Moves.ShouldHaveSingleItem().Stance?.Kind;
    }

    [Fact]
    public void Without_own_words_the_standard_ones_stay_the_same_objects()
    {
        var (vocabulary, stances) = SchoolTerms.Over(Vocabulary.Standard, StanceSet.Standard, []);
        vocabulary.ShouldBeSameAs(Vocabulary.Standard);
        stances.ShouldBeSameAs(StanceSet.Standard);
    }

    [Fact]
    public void A_name_of_the_school_is_shown_in_every_tradition_and_every_older_name_is_still_understood()
    {
        var ways = With(new SchoolTerm(FrontStance, "marsh stance", [], false, null));
        foreach (var tradition in Enum.GetValues<Tradition>()) ways.Vocabulary.Name(FrontStance, tradition).ShouldBe("marsh stance");
        var known = Vocabulary.Standard.Find(FrontStance)!;
        foreach (var name in known.Names.Values.Append(known.English).Append("marsh stance"))
            StanceOf($"left foot steps forward, left {name}", ways).ShouldBe(FrontStance, name);
    }

    [Fact]
    public void Further_words_are_understood_here_and_nowhere_else()
    {
        const string Said = "left foot steps forward, left willow line";
        var ways = With(new SchoolTerm(FrontStance, null, ["willow line"], false, null));
        StanceOf(Said, ways).ShouldBe(FrontStance);
        ways.Vocabulary.Name(FrontStance, Tradition.English).ShouldBe(Vocabulary.Standard.Name(FrontStance, Tradition.English));
        Reader.Read(Said, new Form(), null, Samples.Ways).Unread.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_term_of_its_own_has_the_shape_of_the_one_it_is_done_like()
    {
        var ways = With(new SchoolTerm(ReedStance, "reed stance", ["the reed"], false, new TermId("cat-stance")));
        StanceOf("left foot steps forward, left reed stance", ways).ShouldBe(ReedStance);
        StanceOf("left foot steps forward into the reed", ways).ShouldBe(ReedStance);
        ways.Stances.Of(ReedStance).LeadWeight.ShouldBe(StanceSet.Standard.Of(new TermId("cat-stance")).LeadWeight);
        ways.Vocabulary.Find(ReedStance)!.Kind.ShouldBe(TermKind.Stance);
    }

    [Fact]
    public void A_term_of_its_own_without_a_name_is_called_by_its_id() =>
        With(new SchoolTerm(ReedStance, null, [], false, FrontStance)).Vocabulary.Name(ReedStance, Tradition.Japanese).ShouldBe("reed stance");

    [Theory]
    [InlineData(null)]
    [InlineData("no-such-stance")]
    public void What_is_neither_known_nor_done_like_a_known_term_is_left_out(string? like)
    {
        var ways = With(new SchoolTerm(ReedStance, "reed stance", [], false, like is null ? null : new TermId(like)));
        ways.Vocabulary.Find(ReedStance).ShouldBeNull();
        ways.Vocabulary.Terms.Count.ShouldBe(Vocabulary.Standard.Terms.Count);
    }

    [Fact]
    public void A_hidden_term_is_still_understood_so_that_no_form_loses_a_word() =>
        StanceOf("left foot steps forward, left front stance", With(new SchoolTerm(FrontStance, null, [], Hidden: true, null))).ShouldBe(FrontStance);
}
