using System.Text.Json;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Terms;

public class VocabularyTests
{
    private static readonly IReadOnlyList<Term> All = Vocabulary.Standard.Terms;

    [Fact]
    public void No_spelling_means_two_things()
    {
        var twice = All.SelectMany(t => t.Spellings.Select(s => (Spelling: string.Join(' ', Spelling.Words(s)), t.Id)).Distinct())
            .GroupBy(p => p.Spelling).Where(g => g.Select(p => p.Id).Distinct().Count() > 1)
            .Select(g => $"{g.Key}: {string.Join(", ", g.Select(p => p.Id))}");
        twice.ShouldBeEmpty();
    }

    [Fact]
    public void Every_term_has_a_plain_id_and_an_English_name()
    {
        All.Select(t => t.Id).Distinct().Count().ShouldBe(All.Count);
        foreach (var term in All)
        {
            term.Id.Value.ShouldMatch("^[a-z0-9]+(-[a-z0-9]+)*$");
            term.English.ShouldNotBeNullOrWhiteSpace();
        }
    }

    [Fact]
    public void Words_with_and_without_a_weapon_name_techniques_that_exist()
    {
        using var stream = typeof(Vocabulary).Assembly.GetManifestResourceStream("weapon-words.json")!;
        var words = JsonDocument.Parse(stream).RootElement;
        var meant = words.GetProperty("with").EnumerateObject().SelectMany(w => w.Value.EnumerateObject())
            .Concat(words.GetProperty("without").EnumerateObject()).Concat(words.GetProperty("levels").EnumerateObject()).Select(p => p.Value.GetString()!)
            .Concat(words.GetProperty("aimed").EnumerateArray().Select(a => a.GetProperty("strike").GetString()!))
            .Concat(words.GetProperty("without").EnumerateObject().Select(p => p.Name));
        meant.Where(id => Vocabulary.Standard.Find(new TermId(id)) is not { Kind: TermKind.Technique }).ShouldBeEmpty();
    }

    [Fact]
    public void Every_technique_has_a_family_and_says_which_limb_does_it()
    {
        foreach (var term in All.Where(t => t.Kind == TermKind.Technique))
        {
            term.Family.ShouldNotBeNullOrWhiteSpace(term.Id.Value);
            term.Limb.ShouldBeOneOf("hand", "both", "foot");
        }
    }

    [Fact]
    public void Every_stance_has_a_shape_and_every_shape_a_stance_and_a_source()
    {
        StanceSet.Standard.Stances.Order(Comparer<TermId>.Create((a, b) => string.CompareOrdinal(a.Value, b.Value)))
            .ShouldBe(All.Where(t => t.Kind == TermKind.Stance).Select(t => t.Id).OrderBy(i => i.Value, StringComparer.Ordinal));
        foreach (var stance in StanceSet.Standard.Stances) StanceSet.Standard.Of(stance).Source.ShouldNotBeNullOrWhiteSpace();
    }

    [Fact]
    public void The_vocabulary_is_as_wide_as_the_trade()
    {
        All.Count(t => t.Kind == TermKind.Stance).ShouldBeGreaterThanOrEqualTo(45);
        All.Count(t => t.Kind == TermKind.Technique).ShouldBeGreaterThanOrEqualTo(170);
    }

    [Fact]
    public void A_school_s_own_term_is_understood_and_takes_the_place_of_one_of_the_same_id()
    {
        var own = new Term(new TermId("heron-step"), TermKind.Stance, "heron perch", new Dictionary<Tradition, string>(), ["reed stand"]);
        var ways = Samples.Ways with { Vocabulary = Vocabulary.Standard.With([own]) };
        var reading = Core.Dictation.Reader.Read("step left into a reed stand", new Form(), null, ways);
        reading.Unread.ShouldBeEmpty();
        reading.Form.Moves[0].Stance!.Kind.ShouldBe(own.Id);
    }
}
