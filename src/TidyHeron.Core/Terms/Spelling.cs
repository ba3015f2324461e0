using System.Globalization;
using System.Text;

namespace TidyHeron.Core.Terms;

/// <summary>Brings words to the one spelling in which they are compared.</summary>
public static class Spelling
{
    /// <summary>Lower case, without accents and apostrophes: "Zenkutsu", "don’t" and "dōllyo" compare as typed plainly.</summary>
    public static string Plain(string word)
    {
        var plain = new StringBuilder(word.Length);
        foreach (var c in word.Normalize(NormalizationForm.FormD))
        {
            if (CharUnicodeInfo.GetUnicodeCategory(c) == UnicodeCategory.NonSpacingMark) continue;
            if (c is '\'' or '’' or '‘' or 'ʼ' or '`') continue;
            plain.Append(char.ToLowerInvariant(c));
        }
        return plain.ToString();
    }

    /// <summary>The plain words of a phrase; hyphens and slashes part words.</summary>
    public static string[] Words(string phrase) =>
        Plain(phrase).Split([' ', '-', '–', '/', '\t'], StringSplitOptions.RemoveEmptyEntries);
}
