using System.Text.RegularExpressions;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>
/// The ways to say each thing, from a file beside this one: a line "== name" begins them, "{name}" in one of them stands for
/// another or for a value of what is being told, "(nothing)" says it by saying nothing.
/// </summary>
internal sealed partial class PhraseBook
{
    private readonly Dictionary<string, string[]> _phrases;

    private PhraseBook(Dictionary<string, string[]> phrases) => _phrases = phrases;

    /// <summary>All the ways to say a thing.</summary>
    public string[] this[string name] => _phrases[name];

    /// <summary>One of the ways to say a thing, with what it holds filled in; keeps which one it was.</summary>
    public string Say(string name, Random random, IReadOnlyDictionary<string, Func<string>> values, ISet<string> said)
    {
        var phrase = _phrases[name][random.Next(_phrases[name].Length)];
        said.Add($"{name} | {phrase}");
        return Slot().Replace(phrase, slot => values.TryGetValue(slot.Groups[1].Value, out var value) ? value() : Say(slot.Groups[1].Value, random, values, said));
    }

    /// <summary>The book in a file.</summary>
    public static PhraseBook In(string file)
    {
        var phrases = new Dictionary<string, List<string>>();
        var name = "";
        foreach (var line in File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Dictation", "ManyVoices", file)).Where(l => l.Length > 0 && l[0] != '#'))
            if (line.StartsWith("== ", StringComparison.Ordinal)) phrases[name = line[3..]] = [];
            else phrases[name].Add(line == "(nothing)" ? "" : line);
        return new PhraseBook(phrases.ToDictionary(p => p.Key, p => p.Value.ToArray()));
    }

    [GeneratedRegex(@"\{([^}]+)\}")]
    private static partial Regex Slot();
}
