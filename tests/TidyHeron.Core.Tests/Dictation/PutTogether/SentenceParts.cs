namespace TidyHeron.Core.Tests.Dictation.PutTogether;

/// <summary>
/// Sentences put together from parts, each with what is expected of it. A file holds what stands before and after, and a line for every
/// part of the sentence in order: "name: one way | another"; where a part decides what is expected, "name = 270 right front, 270 left front:
/// one way | another", and several such lines are ways of the same part. "joins:" gives what may stand between two parts; a way that begins
/// with "and" or "with" is joined by a space.
/// </summary>
internal sealed class SentenceParts
{
    private readonly List<(string Name, List<(string Words, string Expected)> Ways)> _parts = [];
    private readonly List<string> _joins = [];
    private string _before = "", _after = "";

    /// <summary>How many sentences can be put together.</summary>
    public long Count => _parts.Aggregate(1L, (n, p) => n * p.Ways.Count) * (long)Math.Pow(_joins.Count, _parts.Count - 1);

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
            else read.Add(label.Split('=') is [var name, var expected] ? (name.Trim(), expected.Trim()) : (label.Trim(), ""), ways);
        }
        return read;
    }

    private void Add((string Name, string Expected) part, string[] ways)
    {
        if (_parts.FindIndex(p => p.Name == part.Name) < 0) _parts.Add((part.Name, []));
        _parts.Find(p => p.Name == part.Name).Ways.AddRange(ways.Select(w => (w.Trim(), part.Expected)));
    }

    /// <summary>The sentence of a number below <see cref="Count"/>, what stands before and after it, and what is expected of them all.</summary>
    public (string Words, string Expected) At(long number)
    {
        var (sentence, expected) = ("", "");
        foreach (var (_, ways) in _parts)
        {
            var (words, meant) = ways[Taken(ways.Count)];
            var join = sentence.Length == 0 ? "" : _joins[Taken(_joins.Count)];
            sentence += (words.Split(' ')[0] is "and" or "with" && join.Length > 0 ? " " : join) + words;
            if (meant.Length > 0) expected = meant;
        }
        return ($"{_before} {char.ToUpperInvariant(sentence[0])}{sentence[1..]}. {_after}".Trim(), expected);

        int Taken(int of)
        {
            var taken = (int)(number % of);
            number /= of;
            return taken;
        }
    }
}
