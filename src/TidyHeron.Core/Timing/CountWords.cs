using System.Reflection;
using System.Text.Json;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Timing;

/// <summary>
/// The numbers as they are called in a tradition, romanised: "ichi, ni, san", "hana, dul, set", "yi, er, san". The words are
/// data (<c>Timing/Data/count-words.json</c>, recalled from memory); the same file tells the caller's voice what to say.
/// </summary>
public static class CountWords
{
    /// <summary>The highest number that has words; a longer form is called by digits.</summary>
    public const int Highest = 100;

    private sealed record Row(string[] Written, string[] WrittenTens);

    private static readonly Lazy<Dictionary<string, Row>> Rows = new(() =>
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("count-words.json")!;
        return JsonSerializer.Deserialize<Dictionary<string, Row>>(stream, JsonSerializerOptions.Web)!;
    });

    /// <summary>A number in words; its digits where it has none.</summary>
    public static string Of(Tradition tradition, int number)
    {
        if (number is < 1 or > Highest) return number.ToString(System.Globalization.CultureInfo.InvariantCulture);
        var row = Rows.Value[tradition.ToString().ToLowerInvariant()];
        if (number < 20) return row.Written[number - 1];
        var tens = row.WrittenTens[number / 10 - 2];
        return number % 10 == 0 ? tens : $"{tens} {row.Written[number % 10 - 1]}";
    }
}
