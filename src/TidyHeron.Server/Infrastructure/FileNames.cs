namespace TidyHeron.Server.Infrastructure;

/// <summary>Names for files that are handed out.</summary>
internal static class FileNames
{
    /// <summary>A title in plain letters, digits and hyphens; a word of one's own where nothing of it is left.</summary>
    public static string Plain(string title, string otherwise)
    {
        var plain = new string([.. title.Select(c => char.IsAsciiLetterOrDigit(c) ? char.ToLowerInvariant(c) : '-')]).Trim('-');
        return plain.Length > 0 ? plain : otherwise;
    }
}
