using System.Text.RegularExpressions;

namespace TidyHeron.Core.Applications;

/// <summary>Exchanges left and right in running words. Twice gives the original, but for "counterclockwise", which comes back as "anticlockwise".</summary>
public static partial class SideWords
{
    // Only whole words: "right-handed" and "leftward" have a side, "upright", "bright" and "rightly" have none; nor has what is right as it should be.
    [GeneratedRegex(@"\b(left|(?<!\ball )right(?! (?:away|moment|time|timing|distance|angles?|order|height)\b)|counter-?clockwise|anti-?clockwise|clockwise)(?=(?:s|'s|ward|wards|handed)?\b)", RegexOptions.IgnoreCase)]
    private static partial Regex Sided();

    public static string Exchange(string text) => Sided().Replace(text, match =>
    {
        var word = match.Value.ToLowerInvariant() switch
        {
            "left" => "right",
            "right" => "left",
            "clockwise" => "anticlockwise",
            _ => "clockwise",
        };
        if (match.Value.All(char.IsUpper)) return word.ToUpperInvariant();
        return char.IsUpper(match.Value[0]) ? char.ToUpperInvariant(word[0]) + word[1..] : word;
    });
}
