using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation.BlindTexts;

/// <summary>A whole walk-through, written before the reader read it, with what it means.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Words">The words.</param>
/// <param name="Meant">One row a count.</param>
internal sealed record BlindText(string Name, string Words, Row[] Meant)
{
    /// <summary>The texts of a file: each "## name", the words, "=>", and what was meant, a count on each line, as <see cref="Row.Parse"/> reads it.</summary>
    /// <exception cref="FormatException">A text has not one "=>", or a row is no row.</exception>
    public static IEnumerable<BlindText> In(string file)
    {
        foreach (var part in ("\n" + File.ReadAllText(file)).Split("\n## ").Skip(1))
        {
            var head = part.Split('\n', 2);
            if (head[1].Split("=>") is not [var words, var meant]) throw new FormatException($"{file}: \"{head[0]}\" needs one \"=>\" between its words and what was meant.");
            yield return new(head[0].Trim(), words.Trim(), [.. meant.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(Row.Parse)]);
        }
    }

    /// <summary>The counts as they are read.</summary>
    public List<Row> Read() => Row.Of(Reader.Read(Words, new Form(), null, Conventions.Standard).Form);

    /// <summary>The first count that is not read as it was meant, from 1; 0 where all are. After it every heading may be wrong.</summary>
    public int FirstMistake(List<Row> read) =>
        1 + Enumerable.Range(0, Math.Max(read.Count, Meant.Length)).FirstOrDefault(i => i >= read.Count || i >= Meant.Length || !read[i].Is(Meant[i]), -1);
}
