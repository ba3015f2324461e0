using System.Collections.Frozen;
using System.Reflection;
using System.Text.Json;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Figures;

/// <summary>Where the hand of a technique ends, in parts of stature from the hips: ahead, to its own side, up.</summary>
/// <param name="Ahead">Ahead of the hips.</param>
/// <param name="Out">To the hand's own side; negative across the body.</param>
/// <param name="Up">Above the hips.</param>
/// <param name="Elbow">Where the elbow points: ahead, to the hand's own side, up.</param>
/// <param name="Hand">How the hand is held: how far it is open and how far its fingers point up from the forearm, in degrees.</param>
/// <param name="Along">For a weapon, from the leading hand to its tip: ahead, to the leading hand's own side, up.</param>
public sealed record ArmTarget(double Ahead, double Out, double Up, (double Ahead, double Out, double Up) Elbow, (double Open, double Bend) Hand, (double Ahead, double Out, double Up)? Along);

/// <summary>The arm targets of all techniques, as data (<c>Figures/Data/arms.json</c>).</summary>
public static class ArmTargets
{
    private static readonly Lazy<(FrozenDictionary<string, Row> Rows, Dictionary<string, string> Families, Dictionary<Level, double> Levels, FrozenDictionary<string, (double, double)> Shapes, Dictionary<string, double> Leans)> Data = new(Read);

    /// <summary>Where the hand ends.</summary>
    /// <param name="technique">The technique.</param>
    /// <param name="level">Level said, or meant by the name.</param>
    /// <param name="second">Whether this is the hand that does the lesser part where the two do different things.</param>
    public static ArmTarget Of(Term technique, Level? level, bool second = false)
    {
        var (rows, families, levels, shapes, _) = Data.Value;
        var row = rows.TryGetValue(technique.Id.Value, out var known) ? known : rows[families.GetValueOrDefault(technique.Family, "guard")];
        var (at, elbow) = second && row.Second is { } other ? (other.At, other.Elbow) : (row.At, row.Elbow);
        var aimed = at[2].ValueKind == JsonValueKind.String;
        var up = aimed ? levels[level ?? Level.Middle] : at[2].GetDouble();
        // What has a height of its own is still raised or lowered where another level is said.
        var change = !aimed && level is { } said && technique.DefaultLevel is { } usual && said != usual ? levels[said] - levels[usual] : 0;
        // The tip of a weapon goes to the level, the hands only part of the way.
        up += row.Along is null ? change : change * 0.3;
        // A standing arm reaches no lower than the thigh and no higher than overhead.
        up = Math.Clamp(up, -0.08, 0.48);
        return new ArmTarget(at[0].GetDouble(), at[1].GetDouble(), up, Three(elbow), shapes.GetValueOrDefault(technique.Id.Value), row.Along is { } along ? Tilted(Three(along), change) : null);
    }

    private static (double, double, double) Tilted((double Ahead, double Out, double Up) along, double change) => (along.Ahead, along.Out, along.Up + change * 1.2);

    /// <summary>How far the trunk leans ahead with a technique, in degrees.</summary>
    public static double LeanOf(TermId technique) => Data.Value.Leans.GetValueOrDefault(technique.Value);

    /// <summary>Techniques that the data name.</summary>
    public static IEnumerable<string> Known => Data.Value.Rows.Keys.Concat(Data.Value.Shapes.Keys).Concat(Data.Value.Leans.Keys);

    private static (double, double, double) Three(double[] row) => (row[0], row[1], row[2]);

    private static (FrozenDictionary<string, Row>, Dictionary<string, string>, Dictionary<Level, double>, FrozenDictionary<string, (double, double)>, Dictionary<string, double>) Read()
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("arms.json")!;
        var file = JsonSerializer.Deserialize<ArmsFile>(stream, JsonSerializerOptions.Web)!;
        var rows = new Dictionary<string, Row>();
        foreach (var row in file.Rows)
            foreach (var id in row.Ids) rows.TryAdd(id, row);
        return (rows.ToFrozenDictionary(), file.Families, file.Levels.ToDictionary(l => Enum.Parse<Level>(l.Key, ignoreCase: true), l => l.Value),
            file.Hands.SelectMany(h => h.Ids.Select(id => (id, (h.Open, h.Bend)))).ToFrozenDictionary(p => p.id, p => p.Item2), file.Leans);
    }

    private sealed record Row(string[] Ids, JsonElement[] At, double[] Elbow, double[]? Along = null, Second? Second = null);

    private sealed record Second(JsonElement[] At, double[] Elbow);

    private sealed record HandShape(string Shape, double Open, double Bend, string[] Ids);

    private sealed record ArmsFile(Row[] Rows, HandShape[] Hands, Dictionary<string, double> Leans, Dictionary<string, string> Families, Dictionary<string, double> Levels, string Source);
}
