using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>What a school, or a set of shapes, changes about one stance; what is left out stays.</summary>
/// <param name="Length">Along the heading, as <see cref="BodyLength.Parse"/> reads it.</param>
/// <param name="Width">Across the heading.</param>
/// <param name="LeadWeight">Per cent of the weight on the leading foot, 0 to 100.</param>
/// <param name="LeadOut">Degrees that the leading foot points outward, -90 to 120.</param>
/// <param name="RearOut">Degrees that the other foot points outward.</param>
/// <param name="Depth">Height of the hips as a part of their height in standing, 0.1 to 1.</param>
/// <param name="Source">Where the numbers come from.</param>
public sealed record StanceChange(string? Length = null, string? Width = null, int? LeadWeight = null, int? LeadOut = null, int? RearOut = null, double? Depth = null, string? Source = null)
{
    /// <summary>The shape with the changes.</summary>
    /// <exception cref="FormatException">A length or number that cannot be meant.</exception>
    public StanceShape Over(StanceShape shape)
    {
        if (LeadWeight is < 0 or > 100) throw new FormatException("Give the weight on the leading foot from 0 to 100 per cent.");
        if (LeadOut is < -90 or > 120 || RearOut is < -90 or > 120) throw new FormatException("Give foot angles from -90 to 120 degrees.");
        if (Depth is < 0.1 or > 1) throw new FormatException("Give the height of the hips from 0.1 to 1.");
        return shape with
        {
            Length = Length is null ? shape.Length : BodyLength.Parse(Length),
            Width = Width is null ? shape.Width : BodyLength.Parse(Width),
            LeadWeight = LeadWeight ?? shape.LeadWeight,
            LeadOut = LeadOut ?? shape.LeadOut,
            RearOut = RearOut ?? shape.RearOut,
            Depth = Depth ?? shape.Depth,
            Source = Source ?? "the school's own",
        };
    }
}

/// <summary>A set of stance shapes as one kind of school teaches them.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What it is called.</param>
/// <param name="About">What is different in it.</param>
/// <param name="Changes">The stances that differ from the shapes that ship with the product.</param>
public sealed record StanceSchool(string Id, string Name, string About, IReadOnlyDictionary<string, StanceChange> Changes)
{
    private static readonly Lazy<IReadOnlyList<StanceSchool>> Sets = new(Read);

    /// <summary>All sets (<c>Body/Data/stance-sets.json</c>, each number with its source).</summary>
    public static IReadOnlyList<StanceSchool> All => Sets.Value;

    /// <summary>The shapes of a set, with a school's own changes on top; an unknown set is the standard one.</summary>
    public static StanceSet Of(string set, IReadOnlyDictionary<string, StanceChange> own)
    {
        var shapes = StanceSet.Standard;
        foreach (var changes in new[] { All.FirstOrDefault(s => s.Id == set)?.Changes, own })
            if (changes is { Count: > 0 }) shapes = shapes.Changed(changes.Select(c => (new TermId(c.Key), c.Value.Over(shapes.Of(new TermId(c.Key))))));
        return shapes;
    }

    private static IReadOnlyList<StanceSchool> Read()
    {
        using var stream = System.Reflection.Assembly.GetExecutingAssembly().GetManifestResourceStream("stance-sets.json")!;
        return System.Text.Json.JsonSerializer.Deserialize<StanceSchool[]>(stream, System.Text.Json.JsonSerializerOptions.Web)!;
    }
}
