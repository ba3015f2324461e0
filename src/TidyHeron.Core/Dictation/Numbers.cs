namespace TidyHeron.Core.Dictation;

/// <summary>Reads numbers written as digits or as English words.</summary>
internal static class Numbers
{
    private static readonly Dictionary<string, int> Units = new()
    {
        ["one"] = 1, ["two"] = 2, ["three"] = 3, ["four"] = 4, ["five"] = 5, ["six"] = 6, ["seven"] = 7, ["eight"] = 8,
        ["nine"] = 9, ["ten"] = 10, ["eleven"] = 11, ["twelve"] = 12, ["thirteen"] = 13, ["fourteen"] = 14,
        ["fifteen"] = 15, ["sixteen"] = 16, ["seventeen"] = 17, ["eighteen"] = 18, ["nineteen"] = 19,
    };

    private static readonly Dictionary<string, int> Tens = new()
    {
        ["twenty"] = 20, ["thirty"] = 30, ["forty"] = 40, ["fifty"] = 50, ["sixty"] = 60, ["seventy"] = 70,
        ["eighty"] = 80, ["ninety"] = 90,
    };

    private static readonly string[] Ordinals =
    [
        "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth", "thirteenth",
        "fourteenth", "fifteenth", "sixteenth", "seventeenth", "eighteenth", "nineteenth", "twentieth",
    ];

    /// <summary>The word for an ordinal that was written with a digit; none beyond the twentieth.</summary>
    public static string? Ordinal(int number) => number >= 1 && number <= Ordinals.Length ? Ordinals[number - 1] : null;

    /// <summary>The number that begins at a word, and how many words it takes; none if there is none.</summary>
    public static (int Value, int Words)? At(IReadOnlyList<string?> words, int start)
    {
        string? Word(int i) => i < words.Count ? words[i] : null;
        if (Word(start) is not { } first) return null;
        if (int.TryParse(first, out var digits)) return digits is >= 0 and <= 100_000 ? (digits, 1) : null;

        if (first == "hundred" || first == "a" && Word(start + 1) == "hundred")
        {
            var next = start + (first == "a" ? 2 : 1);
            if (Word(next) == "and" && UpTo99(next + 1) is not null) next++;
            return UpTo99(next) is var (more, taken) ? (100 + more, next - start + taken) : (100, next - start);
        }
        if (Units.TryGetValue(first, out var unit))
        {
            if (Word(start + 1) == "hundred")
            {
                var at = start + 2;
                if (Word(at) == "and" && UpTo99(at + 1) is not null) at++;
                return UpTo99(at) is var (rest, used) ? (unit * 100 + rest, at - start + used) : (unit * 100, 2);
            }
            // "one eighty", "two seventy", "one thirty five"
            if (unit <= 3 && UpTo99(start + 1) is var (tail, length) && tail >= 20
                && (unit * 100 + tail) % 45 == 0) return (unit * 100 + tail, 1 + length);
            return (unit, 1);
        }
        return UpTo99(start) is var (value, count) ? (value, count) : null;

        (int, int)? UpTo99(int at)
        {
            if (Word(at) is not { } word) return null;
            if (Tens.TryGetValue(word, out var tens))
                return Word(at + 1) is { } next && Units.TryGetValue(next, out var one) && one < 10 ? (tens + one, 2) : (tens, 1);
            return Units.TryGetValue(word, out var small) ? (small, 1) : null;
        }
    }
}
