using System.Collections.Frozen;
using System.Reflection;
using System.Text.Json;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Terms;

/// <summary>
/// All terms that are understood. The standard vocabulary is data (<c>Terms/Data/*.json</c>); a school's own words
/// are laid over it with <see cref="With"/>.
/// </summary>
public sealed class Vocabulary
{
    private static readonly Lazy<Vocabulary> StandardVocabulary = new(() => new Vocabulary(
        [.. Read("stances", TermKind.Stance), .. Read("footwork", TermKind.Footwork), .. Read("techniques", TermKind.Technique)]));

    private readonly FrozenDictionary<TermId, Term> _terms;
    private PhraseBook? _phrases;

    private Vocabulary(IReadOnlyList<Term> terms)
    {
        Terms = terms;
        _terms = terms.ToFrozenDictionary(t => t.Id);
    }

    /// <summary>The vocabulary that ships with the product.</summary>
    public static Vocabulary Standard => StandardVocabulary.Value;

    /// <summary>Every term, stances first, in the order of the data.</summary>
    public IReadOnlyList<Term> Terms { get; }

    /// <summary>The words of this vocabulary, ready for matching.</summary>
    internal PhraseBook Phrases => _phrases ??= new PhraseBook(this);

    public Term? Find(TermId id) => _terms.GetValueOrDefault(id);

    /// <summary>A term of one kind, or null.</summary>
    public Term? Find(string id, TermKind kind) => Find(new TermId(id)) is { } term && term.Kind == kind ? term : null;

    /// <summary>The name of a term in a tradition; its id in words where the vocabulary does not hold it.</summary>
    public string Name(TermId id, Tradition tradition = Tradition.English) =>
        Find(id)?.In(tradition) ?? id.Value.Replace('-', ' ');

    /// <summary>This vocabulary with more terms, or with terms that take the place of those of the same id.</summary>
    public Vocabulary With(IEnumerable<Term> own)
    {
        var replaced = own.ToDictionary(t => t.Id);
        var kept = Terms.Select(t => replaced.Remove(t.Id, out var mine) ? mine : t).ToList();
        return new Vocabulary([.. kept, .. replaced.Values]);
    }

    /// <summary>What a phrase means as a whole; none if it is not understood as one.</summary>
    public Meaning? MeaningOf(string phrase)
    {
        var words = Spelling.Words(phrase);
        return words.Length > 0 && Phrases.Match(words, 0) is { } match && match.Length == words.Length ? match.Meaning : null;
    }

    private static IEnumerable<Term> Read(string file, TermKind kind)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(file + ".json")!;
        foreach (var row in JsonSerializer.Deserialize<TermRow[]>(stream, JsonSerializerOptions.Web)!)
        {
            var names = new Dictionary<Tradition, string>();
            if (row.Ja is { } ja) names[Tradition.Japanese] = ja;
            if (row.Ko is { } ko) names[Tradition.Korean] = ko;
            if (row.Zh is { } zh) names[Tradition.Chinese] = zh;
            // The Cantonese spelling is read, but shown only as an alias: the display tradition uses pinyin.
            string[] aliases = row.Yue is { } yue ? [.. row.Also, yue] : row.Also;
            yield return new Term(
                new TermId(row.Id), kind, row.En, names, aliases, row.Family, row.Limb,
                row.Level is { } level ? Enum.Parse<Level>(level, ignoreCase: true) : null,
                row.Hand switch { "lead" => HandRule.Lead, "rear" => HandRule.Rear, _ => HandRule.Unsaid }, row.Whole);
        }
    }

    private sealed record TermRow(string Id, string En, string? Ja, string? Ko, string? Zh, string? Yue, string[] Also,
        string Family = "", string Limb = "", string? Level = null, string? Hand = null, bool Whole = false);
}
