using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>What the lines of a text are: wrapped or broken anywhere, points of a list, counted by letters.</summary>
internal static partial class Lexer
{
    // "two: …": a number called at the beginning of a line.
    [GeneratedRegex(@"^(?:\p{L}+|\d+)(?: \p{L}+)?:\s", RegexOptions.CultureInvariant)]
    private static partial Regex CalledFirst();

    // In a list of points a semicolon parts what belongs to one of them.
    [GeneratedRegex(@"^\s*[-–•*]\s", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex Bullet();

    [GeneratedRegex(@"[.!?;:]\s*$", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex LineEnd();

    // "A) …" at the beginning of a line, "iv. …" at that of a sentence.
    [GeneratedRegex(@"(?:^[ \t]*([A-Za-z]|[ivxIVX]{1,5})|[.!?]\s+(?:\w+, )?([ivx]{1,5}))[.)](?=\s)", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex Label();

    private static readonly string[] Roman = ["i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x", "xi", "xii", "xiii", "xiv", "xv", "xvi", "xvii", "xviii", "xix", "xx"];

    /// <summary>Letters or Roman numerals that count up from line to line, at least three of them: where each stands, and its number.</summary>
    private static Dictionary<int, int> Labels(string text)
    {
        const int Fewest = 3;
        var groups = Label().Matches(text).Select(m => m.Groups[1].Success ? m.Groups[1] : m.Groups[2]).ToList();
        foreach (var number in new Func<string, int>[] { word => Array.IndexOf(Roman, word) + 1, word => word.Length == 1 ? word[0] - 'a' + 1 : 0 })
        {
            var found = new Dictionary<int, int>();
            foreach (var group in groups)
                if (number(group.Value.ToLowerInvariant()) == found.Count + 1) found[group.Index] = found.Count + 1;
            if (found.Count >= Fewest) return found;
        }
        return [];
    }

    /// <summary>Whether the text is a list with a mark before each point.</summary>
    public static bool IsListOfPoints(string text) => Bullet().Count(text) >= 3;

    /// <summary>
    /// Whether the lines of a text are as long as its width lets them be: most of them end where the next word would not have
    /// had room. Lists of moves do not, whatever the length of their lines.
    /// </summary>
    private static bool IsWrapped(string text)
    {
        var lines = text.Split('\n').Select(l => l.TrimEnd()).ToList();
        var width = lines.Max(l => l.Length);
        var (full, breaks) = (0, 0);
        for (var i = 0; i + 1 < lines.Count; i++)
        {
            var next = lines[i + 1].TrimStart();
            if (lines[i].Length == 0 || next.Length == 0 || lines[i].Length == width) continue;
            breaks++;
            var word = next.IndexOf(' ') is var space and > 0 ? space : next.Length;
            if (lines[i].Length + 1 + word > width) full++;
        }
        return breaks == 0 || full * 2 >= breaks;
    }

    /// <summary>
    /// Whether the lines of a text end wherever it happens, as captions do: after "the", "your" or "with", where no list of
    /// moves ends one.
    /// </summary>
    private static bool IsBrokenAnywhere(string text)
    {
        const int Fewest = 2; // lines; and one in ten
        var lines = text.Split('\n').Select(l => l.Trim()).Where(l => l.Length > 0).ToList();
        static string Last(string line) => line[(line.LastIndexOf(' ') + 1)..];
        static string First(string line) => line.IndexOf(' ') is var space and > 0 ? line[..space] : line;
        var hanging = lines.Zip(lines.Skip(1)).Count(p => Hanging.Contains(Last(p.First)) || Last(p.First) is "left" or "right" && First(p.Second) is "foot" or "leg" or "hand" or "arm" or "fist" or "elbow" or "knee");
        return hanging >= Fewest && hanging * 10 >= lines.Count;
    }

    private static readonly HashSet<string> Hanging = ["the", "a", "an", "your", "my", "our", "with", "and", "to", "into", "of", "from", "is", "we", "you", "i", "you're", "we're", "i'm", "it's", "that's", "so", "that", "going", "gonna"];

    /// <summary>A line that was long enough to be broken by whatever it was copied from goes on with a small letter.</summary>
    private static bool Wraps(string text, int lineBreak, int next, bool wrapped)
    {
        // Characters. In a text whose lines are full a shorter one may be wrapped; lists of moves have no line so long.
        // Where no line ends with a full stop, the breaks are all there is to part them.
        var enough = wrapped ? 50 : LineEnd().IsMatch(text) ? 90 : int.MaxValue;
        var start = lineBreak == 0 ? 0 : text.LastIndexOfAny(['\n', '\r'], lineBreak - 1) + 1;
        if (CalledFirst().IsMatch(text[next..Math.Min(text.Length, next + 24)])) return false;
        var goesOn = char.IsLower(text[next]) || next + 1 < text.Length && text[next + 1] == '-'; // or with "L-stance"
        return lineBreak - start >= enough && goesOn && !text.AsSpan(lineBreak, next - lineBreak).Trim(" \t").Trim("\r\n").Contains('\n');
    }

    /// <summary>A hyphen or slash between two letters joins words instead of parting clauses.</summary>
    private static bool Joins(string text, int at) =>
        at > 0 && at + 1 < text.Length && char.IsLetterOrDigit(text[at - 1]) && char.IsLetterOrDigit(text[at + 1]);
}
