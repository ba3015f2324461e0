namespace TidyHeron.Core.Tests.Dictation.PutTogether;

/// <summary>
/// Sentences put together from parts, each with what is expected of it. A file holds what stands before and after, and a line for every
/// part of the sentence in order: "name: one way | another"; where a part decides what is expected, "name = 270 right front, 270 left front:
/// one way | another", and several such lines are ways of the same part. What a hand or a kick does stands after "&gt;", "name &gt; r punch: one way |
/// another"; it is all that is done in the count that is marked "*270 right front". "joins:" gives what may stand between two parts; a way that begins
/// with "and" or "with" is joined by a space.
/// </summary>
internal sealed class SentenceParts
{
    private readonly List<(string Name, List<Way> Ways)> _parts = [];
    private readonly List<string> _joins = [];
    private string _before = "", _after = "";

    /// <summary>How many sentences can be put together.</summary>
    public long Count => _parts.Aggregate(1L, (n, p) => n * p.Ways.Count) * (long)Math.Pow(_joins.Count, _parts.Count - 1);

    /// <summary>Every way of every part.</summary>
    public IEnumerable<string> Ways => _parts.SelectMany(p => p.Ways).Select(w => w.Words).Distinct();

    /// <summary>Reads a file of parts.</summary>
    /// <exception cref="FormatException">A line has no colon.</exception>
    public static SentenceParts In(string file)
    {
        var read = new SentenceParts();
        foreach (var line in File.ReadLines(file).Where(l => l.Length > 0 && l[0] != '#'))
        {
            if (line.Split(':', 2) is not [var label, var told]) throw new FormatException($"{file}: \"{line}\" needs a colon.");
            var ways = told.Split('|');
            if (label is "before") read._before = told.Trim();
            else if (label is "after") read._after = told.Trim();
            else if (label is "joins") read._joins.AddRange(ways.Select(w => w.Trim().Trim('"')));
            else
            {
                var name = label.Split('=', '>')[0].Trim();
                if (read._parts.FindIndex(p => p.Name == name) < 0) read._parts.Add((name, []));
                read._parts.Find(p => p.Name == name).Ways.AddRange(ways.Select(w => new Way(w.Trim(), After(label, '='), After(label, '>'))));
            }
        }
        return read;
    }

    private static string After(string label, char mark) => label.Split(mark) is [_, var after] ? after.Split('=', '>')[0].Trim() : "";

    /// <summary>The sentence of a number below <see cref="Count"/>, what stands before and after it, and what is expected of them all.</summary>
    public (string Words, string Expected, List<string> Does) At(long number)
    {
        var (sentence, expected, does) = ("", "", new List<string>());
        foreach (var (_, ways) in _parts)
        {
            var (words, meant, done) = ways[Taken(ways.Count)];
            var join = sentence.Length == 0 ? "" : _joins[Taken(_joins.Count)];
            sentence += (words.Split(' ')[0] is "and" or "with" && join.Length > 0 ? " " : join) + words;
            if (meant.Length > 0) expected = meant;
            if (done.Length > 0) does.AddRange(done.Split(',', StringSplitOptions.TrimEntries));
        }
        return ($"{_before} {char.ToUpperInvariant(sentence[0])}{sentence[1..]}. {_after}".Trim(), expected, does);

        int Taken(int of)
        {
            var taken = (int)(number % of);
            number /= of;
            return taken;
        }
    }

    /// <summary>One way to say a part, the counts that follow from it, and what hands and kicks do in it.</summary>
    private sealed record Way(string Words, string Expected, string Does);
}
