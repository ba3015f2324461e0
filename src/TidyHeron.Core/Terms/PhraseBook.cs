using System.Reflection;
using System.Text.Json;

namespace TidyHeron.Core.Terms;

/// <summary>What a run of words means: the kind of phrase, which of that kind, and the term if it names one.</summary>
/// <param name="Kind">"stance", "footwork", "technique", or a kind of <c>Terms/Data/phrases.json</c>.</param>
/// <param name="Value">Which one of the kind.</param>
/// <param name="Term">The term, for the first three kinds.</param>
public sealed record Meaning(string Kind, string Value, Term? Term = null);

/// <summary>Finds the longest run of words that means something.</summary>
internal sealed class PhraseBook
{
    private sealed class Node
    {
        public Dictionary<string, Node> Next { get; } = [];
        public Meaning? Meaning { get; set; }
    }

    private static readonly Lazy<IReadOnlyList<(string Phrase, Meaning Meaning)>> FunctionWords = new(ReadFunctionWords);
    private static readonly Lazy<string[][]> SpellingGroups = new(() => ReadData<string[][]>("spellings"));

    private readonly Node _root = new();

    public PhraseBook(Vocabulary vocabulary)
    {
        // Function words first and terms after: where a term has the same spelling, the term is meant.
        foreach (var (phrase, meaning) in FunctionWords.Value) Add(Spelling.Words(phrase), meaning, replace: true);
        var terms = vocabulary.Terms.Select(t => (Term: t, Meaning: new Meaning(KindOf(t), t.Id.Value, t))).ToList();
        foreach (var (term, meaning) in terms)
            foreach (var spelling in term.Spellings) Add(Spelling.Words(spelling), meaning, replace: true);
        // Usual variants come last and never take the place of a spelling that somebody wrote down.
        foreach (var (term, meaning) in terms)
            foreach (var spelling in term.Spellings)
                foreach (var variant in Variants(Spelling.Words(spelling))) Add(variant, meaning, replace: false);
        // "Stand on my right leg", "to his face": whose limb or body it is changes nothing.
        foreach (var (phrase, meaning) in FunctionWords.Value)
            foreach (var variant in WhoseItIs(Spelling.Words(phrase), meaning)) Add(variant, meaning, replace: false);
    }

    /// <summary>Whether some phrase begins with a word.</summary>
    public bool Knows(string word) => Forms(word).Any(_root.Next.ContainsKey);

    /// <summary>The longest phrase that begins at a word.</summary>
    /// <param name="words">Plain words; null where punctuation parts them.</param>
    /// <param name="start">Where to begin.</param>
    /// <param name="atMost">The most words to take.</param>
    /// <returns>The meaning and how many words it takes; none if the word means nothing.</returns>
    public (Meaning Meaning, int Length)? Match(IReadOnlyList<string?> words, int start, int atMost = int.MaxValue)
    {
        (Meaning, int)? best = null;
        Search(_root, start);
        return best;

        void Search(Node node, int at)
        {
            if (node.Meaning is { } meaning && (best is not { } found || at - start > found.Item2)) best = (meaning, at - start);
            if (at >= words.Count || at - start >= atMost || words[at] is not { } word) return;
            foreach (var form in Forms(word))
            {
                if (!node.Next.TryGetValue(form, out var next)) continue;
                var before = best;
                Search(next, at + 1);
                if (best != before) return; // the word as written wins over its stem
            }
        }
    }

    private void Add(string[] words, Meaning meaning, bool replace)
    {
        if (words.Length == 0) return;
        var node = _root;
        foreach (var word in words)
        {
            if (!node.Next.TryGetValue(word, out var next)) node.Next[word] = next = new Node();
            node = next;
        }
        if (replace || node.Meaning is null) node.Meaning = meaning;
    }

    private static readonly string[] Whose = ["your", "my", "our", "his", "her", "their"];

    /// <summary>Kinds of phrase in which "the" stands before a part of a body; elsewhere it may be a wall ("the back").</summary>
    private static readonly HashSet<string> OfTheBody = ["support", "level", "gaze", "landing", "gripLead", "stopPlace", "pivotPoint"];

    private static IEnumerable<string[]> WhoseItIs(string[] words, Meaning meaning)
    {
        for (var i = 0; i < words.Length; i++)
            if (words[i] == "your" || words[i] == "the" && OfTheBody.Contains(meaning.Kind))
                foreach (var other in Whose)
                    if (other != words[i]) yield return [.. words[..i], other, .. words[(i + 1)..]];
    }

    private static IEnumerable<string[]> Variants(string[] words)
    {
        if (words.Length is > 1 and < 4) yield return [string.Concat(words)];
        // "Knifehand side strike", "roundhouse backfist": any two of the words may be written as one.
        if (words.Length is > 2 and < 5)
            for (var i = 0; i + 1 < words.Length; i++) yield return [.. words[..i], words[i] + words[i + 1], .. words[(i + 2)..]];
        for (var i = 0; i < words.Length; i++)
            foreach (var group in SpellingGroups.Value)
                if (group.Contains(words[i]))
                    foreach (var other in group)
                        if (other != words[i])
                        {
                            string[] variant = [.. words[..i], .. other.Split(' '), .. words[(i + 1)..]];
                            yield return variant;
                            if (variant.Length is > 1 and < 4) yield return [string.Concat(variant)];
                        }
        // "Rider position", "position of the cat".
        if (words.Length is 2 or 3 && words[^1] == "stance")
            foreach (var other in new[] { "position", "posture" })
            {
                yield return [.. words[..^1], other];
                yield return [other, "of", .. words[..^1]];
                yield return [other, "of", "the", .. words[..^1]];
            }
        // A Japanese stance is often named without the word for stance.
        if (words.Length > 1 && words[^1] == "dachi" && string.Concat(words[..^1]).Length > 3) yield return words[..^1];
    }

    /// <summary>The word as written, then what is left when an English ending is taken off.</summary>
    private static IEnumerable<string> Forms(string word)
    {
        yield return word;
        if (word.Length > 3 && word.EndsWith('s'))
        {
            yield return word[..^1];
            if (word.EndsWith("es", StringComparison.Ordinal)) yield return word[..^2];
        }
        foreach (var ending in new[] { "ing", "ed" })
        {
            if (word.Length < ending.Length + 3 || !word.EndsWith(ending, StringComparison.Ordinal)) continue;
            var stem = word[..^ending.Length];
            yield return stem;
            yield return stem + "e";
            if (stem[^1] == stem[^2]) yield return stem[..^1];
        }
    }

    private static string KindOf(Term term) => term.Kind switch
    {
        TermKind.Stance => "stance",
        TermKind.Footwork => "footwork",
        _ => "technique",
    };

    private static List<(string, Meaning)> ReadFunctionWords() =>
        [.. from kind in ReadData<Dictionary<string, Dictionary<string, string[]>>>("phrases").Reverse() // later kinds are weaker
            from value in kind.Value
            from template in value.Value
            from phrase in Phrases(template)
            select (phrase, new Meaning(kind.Key, value.Key))];

    /// <summary>Every phrase that a template stands for: "(to|at) the (head|face)" is four; an empty choice may be left out.</summary>
    private static IEnumerable<string> Phrases(string template)
    {
        var open = template.IndexOf('(');
        if (open < 0) return [template];
        var close = template.IndexOf(')', open);
        return from choice in template[(open + 1)..close].Split('|')
               from phrase in Phrases(template[..open] + choice + template[(close + 1)..])
               select phrase;
    }

    internal static T ReadData<T>(string file)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(file + ".json")!;
        return JsonSerializer.Deserialize<T>(stream, JsonSerializerOptions.Web)!;
    }
}
