using System.Text.RegularExpressions;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Parts running words into lexemes. Every character is a lexeme's or white space's; nothing is dropped.</summary>
internal static partial class Lexer
{
    [GeneratedRegex(@"\d{1,2}[:.]\d{2}(?!\d)|\d+|[\p{L}\p{M}'’‘ʼ`]+|[^\s]", RegexOptions.CultureInvariant)]
    private static partial Regex Token();

    [GeneratedRegex(@"^(\p{L}+)['’]s$", RegexOptions.CultureInvariant)]
    private static partial Regex Call();

    [GeneratedRegex(@"(?:^|[^\p{L}])[LRlr]\.(?:,|\s+[\p{Ll}→-])", RegexOptions.CultureInvariant)]
    private static partial Regex Shortened();

    [GeneratedRegex(@"^[\s\[(]*(\d{1,2}:\d{2})(?!\d)", RegexOptions.CultureInvariant | RegexOptions.Multiline)]
    private static partial Regex TimeStamp();

    [GeneratedRegex("^[LR]?[FBCH]S$", RegexOptions.CultureInvariant)]
    private static partial Regex LettersOfAStance();

    [GeneratedRegex(@"\G\p{L}+-\r?\n[ \t]*(\p{Ll}+)", RegexOptions.CultureInvariant)]
    private static partial Regex Hyphenated();

    private static readonly HashSet<int> Turns = [45, 90, 135, 180, 225, 270, 315, 360];

    /// <summary>Parts a text into lexemes; where it is a table, the ends of its cells and rows part them.</summary>
    public static List<Lexeme> Read(string text, Vocabulary vocabulary, IReadOnlyList<Table> tables)
    {
        var parted = tables.SelectMany(t => t.Rows).SelectMany(r => r.Where(c => c.End != r.Max(x => x.End))).Select(c => c.End).ToHashSet();
        var words = new List<string?>();
        var spans = new List<(int Start, int Length)>();
        var stops = new List<string?>();
        void Add(string? word, int start, int length, string? stop)
        {
            words.Add(word);
            spans.Add((start, length));
            stops.Add(stop);
        }

        var labels = Labels(text);
        // "0:03 turns left", line after line: when it is seen in a recording.
        var times = TimeStamp().Matches(text) is { Count: >= 3 } stamps ? stamps.Select(m => m.Groups[1].Index).ToHashSet() : [];
        // "… / … / …": moves parted by slashes, unless each line has a few of its own.
        var slashed = text.Split(" / ").Length is var parts and > 4 && parts > 4 * text.Split('\n').Length;
        var (wrapped, captions) = (IsWrapped(text), IsBrokenAnywhere(text));
        var bulleted = Bullet().Count(text) is var bullets && (bullets >= 3 || bullets == 1 && !text.Trim().Contains('\n'));
        // "<- … -> … ^ …": directions, where they point to the left as well.
        var arrows = text.Contains("<-", StringComparison.Ordinal);
        var hesitations = new List<Lexeme>();
        var last = 0;
        foreach (Match token in Token().Matches(text))
        {
            if (token.Index < last) continue; // the rest of a word told already
            // A line break ends a sentence like a full stop, unless it only wraps a long line.
            var gap = text.AsSpan(last, token.Index - last);
            var lineBreak = gap.IndexOfAny('\n', '\r');
            var inTable = lineBreak < 0 ? null : tables.Select(t => t.StopAt(last + lineBreak)).FirstOrDefault(s => s is not null);
            if (inTable is not null) Add(null, last + lineBreak, 1, inTable);
            else if (parted.Count > 0 && Enumerable.Range(last, gap.Length).FirstOrDefault(parted.Contains, -1) is var cell and >= 0) Add(null, cell, 1, ",");
            if (lineBreak >= 0 && inTable is null && !(captions && !gap.Contains("\n\n", StringComparison.Ordinal)) && !Wraps(text, last + lineBreak, token.Index, wrapped)) Add(null, last + lineBreak, 1, ".");
            last = token.Index + token.Length;
            var c = token.Value[0];
            if (char.IsLetterOrDigit(c) || c is '\'' or '’' or '‘' or 'ʼ' or '`')
            {
                // "1st", "12th": ordinals like those written out.
                if (token.Value.ToLowerInvariant() is "st" or "nd" or "rd" or "th" && spans is [.., var before] && token.Index == before.Start + before.Length && words is [.., { } digits] && int.TryParse(digits, out var nth) && Numbers.Ordinal(nth) is { } ordinal)
                {
                    words[^1] = ordinal;
                    spans[^1] = (spans[^1].Start, spans[^1].Length + token.Length);
                    continue;
                }
                if (times.Contains(token.Index))
                {
                    Add("video", token.Index, token.Length, null);
                    continue;
                }
                if (labels.TryGetValue(token.Index, out var label))
                {
                    Add(label.ToString(System.Globalization.CultureInfo.InvariantCulture), token.Index, token.Length, null);
                    continue;
                }
                // "RP", "LK": a side and what it does.
                if (token.Value is "RP" or "LP" or "RK" or "LK")
                {
                    Add(token.Value[0] == 'R' ? "right" : "left", token.Index, 1, null);
                    Add(token.Value[1] == 'P' ? "punch" : "kick", token.Index + 1, 1, null);
                    continue;
                }
                // "LFS", "BS": the letters of a stance, with its side or without.
                if (LettersOfAStance().IsMatch(token.Value))
                {
                    var from = token.Index;
                    if (token.Length == 3) Add(text[from] == 'R' ? "right" : "left", from++, 1, null);
                    Add(text[from] switch { 'F' => "front", 'B' => "back", 'C' => "cat", _ => "horse" }, from, 1, null);
                    Add("stance", from + 1, 1, null);
                    continue;
                }
                var plain = Spelling.Plain(token.Value);
                // "For-" at the end of a line and "ward" in the next.
                if (Hyphenated().Match(text, token.Index) is { Success: true } broken && plain + Spelling.Plain(broken.Groups[1].Value) is var whole && vocabulary.Phrases.Knows(whole))
                {
                    Add(whole, token.Index, broken.Length, null);
                    last = token.Index + broken.Length;
                    continue;
                }
                // "Two's the cross": the number keeps its mark, so that the reader knows it for a call.
                if (Call().Match(token.Value) is { Success: true } call && Numbers.At([call.Groups[1].Value.ToLowerInvariant()], 0) is not null) plain = call.Groups[1].Value.ToLowerInvariant() + "'s";
                // "Look to the uh, right": within what is said, a hesitation parts nothing.
                if (plain is "um" or "uh" or "er" or "erm" && words is [.., "look" or "looks" or "looking" or "to" or "the" or "my" or "your" or "head" or "with"])
                {
                    hesitations.Add(new Lexeme("filler", "filler", token.Index, token.Length, plain));
                    continue;
                }
                // "W/ left foot", "w kiai": with it.
                if (plain == "w" && token.Index + 1 < text.Length && (text[token.Index + 1] == '/' || text[token.Index] == 'w' && text[token.Index + 1] == ' ')) plain = "with";
                if (plain.Length > 0) Add(plain, token.Index, token.Length, null);
            }
            else if (c == ',' && hesitations is [.., var pause] && pause.Start + pause.Length == token.Index) continue;
            else if (arrows && c is '<' or '^' or '>' && (c == '^' || Arrow(text, token.Index, c))) Add(c == '<' ? "9:00" : c == '>' ? "3:00" : "12:00", token.Index, 1, null);
            else if (arrows && c == '-' && token.Index > 0 && (text[token.Index - 1] == '<' || token.Index + 1 < text.Length && text[token.Index + 1] == '>')) continue;
            else if (c == '°') Add("degrees", token.Index, 1, null);
            else if (c is '×' or '*') Add("times", token.Index, 1, null);
            else if (c == '/' && slashed && token.Index > 0 && char.IsWhiteSpace(text[token.Index - 1])) Add(null, token.Index, token.Length, ".");
            else if (c is '-' or '–' or '/' && Joins(text, token.Index)) continue;
            // "L. foot", "180° R., R. cat stance": a letter cut short ends no sentence.
            // "Sanchin? No, zenkutsu": a question that answers itself.
            else if (c == '?' && text.AsSpan(token.Index + 1).TrimStart() is var reply && reply.Length > 2 && reply.StartsWith("no", StringComparison.OrdinalIgnoreCase) && reply[2] is ' ' or ',') Add(null, token.Index, token.Length, ",");
            else if (c == '.' && Shortened().IsMatch(text[Math.Max(0, token.Index - 2)..Math.Min(text.Length, token.Index + 12)])) continue;
            // "Forearm... no, under the arm": dots of hesitation part no sentence.
            else if (c == '…' || c == '.' && token.Index + 1 < text.Length && text[token.Index + 1] == '.' || c == '.' && token.Index > 0 && text[token.Index - 1] == '.') Add(null, token.Index, token.Length, ",");
            else if (parted.Contains(token.Index)) Add(null, token.Index, token.Length, ",");
            else Add(null, token.Index, token.Length, c is '.' or '!' or '?' || c == ';' && !bulleted ? "." : c == ':' ? ":" : ",");
        }

        var lexemes = new List<Lexeme>();
        var phrases = vocabulary.Phrases;
        for (var i = 0; i < words.Count;)
        {
            var (lexeme, used) = Next(i);
            lexemes.Add(lexeme);
            i += used;
        }
        foreach (var hesitation in hesitations) lexemes.Insert(lexemes.FindLastIndex(l => l.Start < hesitation.Start) + 1, hesitation);
        return lexemes;

        (Lexeme, int) Next(int i)
        {
            if (stops[i] is { } stop) return (Make("stop", stop, i, 1), 1);
            var phrase = phrases.Match(words, i);
            // "The back leg" is not a place in the hall: a longer phrase that begins inside a place wins.
            if (phrase is { Length: > 1 } place && ReachesFurther(i, place.Length))
            {
                var first = phrases.Match(words, i, atMost: 1);
                // "Left foot sweeping crescent" is no foot sweep, but "left side kick to the knee" is a side kick.
                // "From the left" tells where a strike comes from, but "from the left front stance" where a step does.
                // "Land in front stance" is in that stance, but "land in front punch" is in front; "down in front punch" as well.
                var frontPunch = phrases.Match(words, i + place.Length - 1) is { Meaning.Kind: "technique" };
                if (place.Meaning.Kind is "strikeFrom" or "way" or "filler" or "lead" && !(frontPunch && i > 0 && words[i - 1] is "down") || place.Meaning is { Kind: "landing", Value: "front" } && !frontPunch) phrase = phrases.Match(words, i, atMost: place.Length - 1) ?? first;
                else if (place.Meaning.Kind is "place" or "facing" or "from" or "again" || lexemes is [.., { Kind: "side" }] && first?.Meaning.Kind is "footNoun" or "handNoun") phrase = first;
            }
            // "Right foot forward horse stance", "to the left side horse stance": where the foot goes, and what is stood in.
            if (phrase is { Meaning.Kind: "stance", Length: > 2 } named && (words[i] is "forward" && lexemes is [.., { Kind: "footNoun" } or { Kind: "footwork", Value: "step" or "land" }] || words[i] is "side" && i > 1 && (words[i - 1] is "the" || words[i - 1] is "left" or "right" && words[i - 2] is "the" or "your" or "my")) && phrases.Match(words, i + 1) is ({ Kind: "stance" }, var bare) && bare == named.Length - 1) phrase = phrases.Match(words, i, atMost: 1);
            if (phrase is { Length: > 1 } longer) return (Make(longer.Meaning.Kind, longer.Meaning.Value, i, longer.Length, longer.Meaning.Term), longer.Length);
            if ((phrase is { Meaning.Kind: "countWord" } || words[i] is "set" or "go" or "er" or "shi") && TensAndOnes(i) is var (called, parts)) return (Make("countWord", called.ToString(), i, parts), parts);
            if (ClockTime(i) is var (halfHours, length)) return (Make("clock", halfHours.ToString(), i, length), length);
            if (words[i]!.EndsWith("'s", StringComparison.Ordinal) && Numbers.At([words[i]![..^2]], 0) is var (call, _)) return (Make("number", call.ToString(), i, 1), 1);
            if (Numbers.At(words, i) is var (number, count)) return Numeral(number, i, count);
            if (LetterOfTheDiagram(i) is { } toward) return (Make("clock", toward.ToString(), i, 1), 1);
            if (phrase is { } one) return (Make(one.Meaning.Kind, one.Meaning.Value, i, 1, one.Meaning.Term), 1);
            return (Make("unread", words[i]!, i, 1), 1);
        }

        // "Yol hana", "ju ni", "ni ju ichi", "shi er": ten and one to nine, called in the languages that count so.
        (int, int)? TensAndOnes(int i)
        {
            var (tens, at) = CountWord(i) is { } first and > 1 and < 10 && IsTen(i + 1) ? (first * 10, i + 2) : IsTen(i) ? (10, i + 1) : (0, 0);
            if (tens == 0) return null;
            var ones = CountWord(at) is { } last and < 10 ? last : 0;
            return ones > 0 && !IsTen(at + 1) ? (tens + ones, at + 1 - i) : tens > 10 ? (tens, at - i) : null;
        }

        // Four in Japanese is ten in Chinese: it is that before a Chinese number.
        bool IsTen(int i) => i < words.Count && words[i] is { } word && (phrases.Match(words, i, atMost: 1) is { Meaning: { Kind: "countWord", Value: "10" } } || word == "shi" && i + 1 < words.Count && words[i + 1] is "yi" or "er" or "san" or "si" or "wu" or "liu" or "qi" or "ba" or "jiu");

        // Three in Korean, five in Japanese and two in Chinese are words of other uses as well.
        int? CountWord(int i) => i >= words.Count || words[i] is not { } word ? null : word switch
        {
            "set" => 3,
            "go" => 5,
            "er" => 2,
            _ => phrases.Match(words, i, atMost: 1) is { Meaning: { Kind: "countWord" } meaning } ? int.Parse(meaning.Value) : null,
        };

        bool ReachesFurther(int i, int length)
        {
            if (words[i + length - 1] is "left" or "right" && words[i] is "from" or "forward" or "backward" or "all" && phrases.Match(words, i + length) is { Meaning.Kind: "stance" or "footNoun" or "handNoun" or "technique" }) return true;
            for (var k = i + 1; k < i + length; k++)
                if (phrases.Match(words, k) is { Length: > 1 } inner && k + inner.Length > i + length) return true;
            return false;
        }

        (Lexeme, int) Numeral(int number, int i, int count)
        {
            var after = phrases.Match(words, i + count);
            if (after is { Meaning.Kind: "degreesWord" }) return (Make("degrees", number.ToString(), i, count + 1), count + 1);
            if (after is { Meaning.Kind: "clockNoun" } && number is >= 1 and <= 12) return (Make("clock", (number % 12 * 2).ToString(), i, count + after.Value.Length), count + after.Value.Length);
            if (after is { Meaning: { Kind: "timesNoun" } noun } && number is >= 1 and <= 99)
                return (Make("times", (noun.Value == "more" ? "+" : "") + number, i, count + after.Value.Length), count + after.Value.Length);
            // "×3" is three times, like "3 times".
            if (i > 0 && words[i - 1] is "times" or "x" && lexemes is [.., { Plain: "times" or "x" } sign] && number <= 99)
            {
                lexemes.RemoveAt(lexemes.Count - 1);
                var start = sign.Start;
                return (new Lexeme("times", number.ToString(), start, spans[i + count - 1].Start + spans[i + count - 1].Length - start, "times"), count);
            }
            // "Right foot back to six", "turn clockwise to nine", "step to twelve with the left": where one goes, an hour needs no "o'clock" either.
            if (number is >= 1 and <= 12 && (i + count >= words.Count || words[i + count] is null or "with" or "in" or "into" or "and" or "then" or "facing" or "forming" or "for" or "over") && GoesSomewhere()) return (Make("clock", (number % 12 * 2).ToString(), i, count), count);
            // "Left foot to twelve front stance", "step to three left high block": said without a comma.
            if (number is >= 1 and <= 12 && GoesSomewhere() && i + count < words.Count && IsTakenThere(i + count)) return (Make("clock", (number % 12 * 2).ToString(), i, count), count);
            // "Face twelve": after a word of facing an hour needs no "o'clock".
            if (number is >= 1 and <= 12 && lexemes is [.., { Kind: "facing" }]) return (Make("clock", (number % 12 * 2).ToString(), i, count), count);
            return (Make(Turns.Contains(number) ? "degrees" : "number", number.ToString(), i, count), count);
        }

        // One stance or technique, not several: "step to three punches" goes nowhere.
        bool IsTakenThere(int i)
        {
            if (words[i] is "left" or "right" && i + 1 < words.Count && words[i + 1] is not null) i++;
            return phrases.Match(words, i) is ({ Kind: "stance" or "technique" }, var length) && !words[i + length - 1]!.EndsWith('s');
        }

        bool GoesSomewhere() =>
            lexemes is [.., { Kind: "footNoun" or "relFoot" or "side" }, { Plain: "goes" or "moves" or "out" or "over" or "around" or "round" or "back" or "across" }, { Plain: "to" }] or [.., { Kind: "footNoun" or "relFoot" or "side" }, { Plain: "goes" or "moves" or "comes" or "swings" }, { Plain: "out" or "over" or "around" or "round" or "across" }, { Plain: "to" }] or [.., { Plain: "line" } or { IsStop: true }, { Plain: "to" }] or [{ Plain: "to" }]
            || lexemes is [.., { Kind: "way" or "footNoun" or "relFoot" or "side" or "turnSide" } or { Kind: "footwork", Value: "step" or "step-back" or "turn" or "pivot" or "slide" or "slide-back" or "jump" }, { Plain: "to" }]
            || lexemes is [.., { Kind: "footwork", Value: "turn" or "pivot" } toward] && toward.Plain.EndsWith(" to", StringComparison.Ordinal);

        (int, int)? ClockTime(int i)
        {
            var word = words[i]!;
            if (word.Length is 4 or 5 && word[^3] is ':' or '.' && int.TryParse(word[..^3], out var hour) && hour is >= 1 and <= 12 && word[^2..] is "00" or "30")
                return (hour % 12 * 2 + (word[^2] == '3' ? 1 : 0), 1 + Oclock(i + 1));
            if (word == "half" && i + 2 < words.Count && words[i + 1] == "past" && Numbers.At(words, i + 2) is var (past, used) && past is >= 1 and <= 12)
                return (past % 12 * 2 + 1, 2 + used + Oclock(i + 2 + used));
            if (Numbers.At(words, i) is var (full, one) && one == 1 && full is >= 1 and <= 12 && i + 1 < words.Count && words[i + 1] == "thirty"
                && (i + 2 >= words.Count || Numbers.At(words, i + 2) is null)) return (full % 12 * 2 + 1, 2 + Oclock(i + 2));
            return null;
        }

        int Oclock(int i) => phrases.Match(words, i) is { Meaning.Kind: "clockNoun" } match ? match.Length : 0;

        // Floor diagrams mark the ends of their lines with letters (D the front, A the right, a second line EF across), and corners
        // with two of them; only right after a word of direction are they read so. In half hours.
        int? LetterOfTheDiagram(int i) => char.IsUpper(text[spans[i].Start]) && lexemes is [.., { Kind: "facing" } or { Plain: "to" or "turn to" or "line" or "line from" }]
            ? words[i] switch
            {
                "a" or "e" => 6,
                "b" or "f" => 18,
                "c" => 12,
                "d" => 0,
                "ad" or "da" or "de" or "ed" => 3,
                "ac" or "ca" or "ce" or "ec" => 9,
                "bc" or "cb" or "cf" or "fc" => 15,
                "bd" or "db" or "df" or "fd" => 21,
                _ => null,
            }
            : null;

        Lexeme Make(string kind, string value, int i, int count, Term? term = null)
        {
            var (start, _) = spans[i];
            var (lastStart, lastLength) = spans[i + count - 1];
            return new Lexeme(kind, value, start, lastStart + lastLength - start, string.Join(' ', words.Skip(i).Take(count)), term);
        }
    }

    private static bool Arrow(string text, int at, char head) => head == '<' ? at + 1 < text.Length && text[at + 1] == '-' : at > 0 && text[at - 1] == '-';
}
