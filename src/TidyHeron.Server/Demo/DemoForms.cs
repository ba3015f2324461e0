using System.Reflection;
using TidyHeron.Core;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Server.Demo;

/// <summary>A form of the demo school: what was said (<c>Demo/Words/*.txt</c>) and where it is cut.</summary>
/// <param name="File">The words.</param>
/// <param name="Title">Its name.</param>
/// <param name="SharedFromRank">Position of the rank from which students may read it.</param>
/// <param name="Cuts">Sections by name and the count that each begins with.</param>
public sealed record DemoForm(string File, string Title, int SharedFromRank, IReadOnlyList<(string Name, int FirstCount)> Cuts)
{
    /// <summary>Other ways of doing a count, with whose they are.</summary>
    private IReadOnlyList<(int Count, string Whose, string Words)> Alternatives { get; init; } = [];

    /// <summary>All forms, made up for the demo; each closes on its starting spot and raises no findings.</summary>
    public static readonly IReadOnlyList<DemoForm> All =
    [
        new("first-crossing", "First Crossing", 0, [("To the left bank", 1), ("To the right bank", 5), ("Midstream", 9)]),
        new("still-water", "Still Water", 1, [("Two banks", 1), ("Upstream", 7), ("The turn", 13), ("Back to the near bank", 19), ("Sinking", 26)])
        {
            Alternatives = [(2, "the older version", "Step with the right foot into a right back stance, right hand knife hand block.")],
        },
        new("long-reed", "Long Reed (staff)", 2, [("Over and under", 1), ("Left channel", 7), ("Right channel", 11), ("Rising", 15)]),
        new("two-ferries-senior", "Two Ferries, senior side (sword)", 3, [("Meeting", 1), ("Drawing out", 4), ("Parting", 7)]),
        new("two-ferries-junior", "Two Ferries, junior side (sword)", 3, [("Meeting", 1), ("Following", 4), ("Parting", 7)]),
    ];

    /// <summary>The form, read from its words.</summary>
    public Form Read()
    {
        var form = Reader.Read(Words(), new Form { Title = Title }, null, Conventions.Standard).Form;
        var counts = Counts.Of(form);
        foreach (var (name, count) in Cuts)
            form = new CutHere(form.Moves[count == 1 ? 0 : Array.IndexOf(counts, count)].Id, name).Apply(form);
        foreach (var (count, whose, words) in Alternatives)
            form = new AddAlternative(form.Moves[Array.IndexOf(counts, count)].Id, whose, Reader.Read(words, new Form(), null, Conventions.Standard).Form.Moves[0]).Apply(form);
        return form with { DeclaredCounts = counts.Max(), DeclaredShouts = form.Moves.Count(m => m.Shout) };
    }

    /// <summary>What was said.</summary>
    public string Words()
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream(File + ".txt")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}
