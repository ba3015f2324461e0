using System.Text.RegularExpressions;
using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Whole sentences that order a passage to be repeated, on the other side for the most part, however they say so: "left foot back, and do all three of those on the right".</summary>
public sealed partial class Reader
{
    private const string HowMany = @"(?<many>two|three|four|five|six|2|3|4|5|6)(?: (?:moves?|movements?|counts?|techniques?|things?|steps?|ones?))?(?: of (?:those|these|them|that))?";
    private const string AllOfIt = @"(?:all (?:of )?(?:that|it|this)|the (?:whole|entire|exact same|same) (?:thing|lot|sequence|combination|section)|that whole (?:thing|sequence|combination)|everything)";
    private const string Again = @"(?: again| once more| over again)?";
    private const string ThatWay = @",? ?(?:(?:on|to|towards?|at|facing|for|over to) (?:the |your |my )?(?:that side|other side|other way|opposite side|(?<to>right|left)(?:[- ]hand)?(?: side| wall)?|(?<to>three|nine|3|9) ?(?:o'clock)?)|(?:the )?(?:other|opposite) way(?: round| around)?|mirrored)";

    [GeneratedRegex(@"^(?:(?:okay|ok|so|and|now|then|right|next)[ ,]+)*"
        + @"(?:(?<feet>(?:(?:bring|pull|draw|take|put|slide|move) )?(?:the |your |my )?(?:left|right|front|back) foot (?:comes? |goes )?(?:back|in|up|over|to the|to your|beside|next to)(?: (?:to|beside|next to|the|your|left|right|other|foot|one))*|(?:bring|pull|draw) (?:back|in) (?:the |your |my )?(?:left|right|front|back) foot|(?:your |both |the )?feet (?:come )?(?:back )?together|(?:you )?(?:turn|spin|pivot) (?:around|round|about|back))(?:(?:,? (?:and|then|now)| ?,)+ ?(?:you |we )?(?:look|face|turn)(?: to)?(?: the| your)? (?:left|right)(?: side)?)?(?:,? (?:and|then|now)| ?,)+ ?)?"
        + @"(?<order>(?:(?:you |we |i )?(?:do|repeat|perform|go through) )?"
        + @"(?:(?:all |both )?(?:of )?(?:the same|same|those|these|the last|all|all the|all of those|all of these|those same|these same) " + HowMany + Again + ThatWay
        + @"|(?:the )?same(?: thing| again)?" + ThatWay + @",? all " + HowMany
        + @"|all " + HowMany + Again + ThatWay
        + @"|both(?: moves| counts| techniques| of (?:those|these|them))?" + Again + ThatWay
        + @"|" + AllOfIt + Again + ThatWay + @"))$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OrdersItOnTheOtherSide();

    [GeneratedRegex(@"^(?:(?:okay|ok|so|and|now|then|right|next)[ ,]+)*(?:(?:(?:bring|pull|draw|take|put|slide|move) )?(?:the |your |my )?(?:left|right|front|back) foot (?:comes? |goes )?(?:back|in|up|over|to the|to your|beside|next to)(?: (?:to|beside|next to|the|your|left|right|other|foot|one))*|(?:your |both |the )?feet (?:come )?(?:back )?together)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BringsTheFeetTogether();

    [GeneratedRegex(@"^(?:(?:okay|ok|so|and|now|then|right|next)[ ,]+)*(?:(?:do|repeat|once more,?|one more time,?|again,?) (?<both>both)(?: of (?:them|those|these))?|(?:(?:do|repeat) )?" + AllOfIt + @"(?: again| once more| over again| one more time)|repeat " + AllOfIt + @")(?: again| once more)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OrdersItOnceMore();

    private const string OneSide = @"(?<side>left|right)";

    [GeneratedRegex(LeadIn + @"(?:next[ ,]+)*(?:"
        // "Two more, stepping right and left"
        + @"(?:two|three|four|once|twice|one) more(?: times?| of (?:those|these|them))?[, ]+(?:each )?(?:stepping|walking|going|moving|with)(?: forwards?)?[, ]*(?:with )?(?:the )?" + OneSide + @"(?:(?:,| and| then)+ (?:the )?" + OneSide + @")*"
        // "Step forward with the right and do it again, then with the left"
        + @"|(?:you |we )?step(?:ping)?(?: forwards?| through)?(?: with)?(?: the| your)? " + OneSide + @"(?: foot| leg)?,? and (?:do )?(?:it|that|the same|the same thing) ?(?:again)?(?:,? (?:and )?then (?:with )?(?:the |your |my )?" + OneSide + @"(?: foot| leg)?)*"
        // "Again with the right"
        + @"|again,? (?:but )?with (?:the|a|your) " + OneSide + @"(?: foot| leg| step)?"
        // "The same with a right step, and the same with a left step"
        + @"|(?:the )?same(?: thing| again)?,? with (?:a|the|your) " + OneSide + @" (?:step|foot|leg)(?:,? and (?:then )?(?:the )?same(?: thing| again)? with (?:a|the|your) " + OneSide + @" (?:step|foot|leg))*"
        + @")$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex RepeatsItWithAStep();

    /// <summary>"Two more, stepping right and left": told like "right foot, the same. Left foot, the same.", where one has stood in a stance over one foot.</summary>
    private void FindStepsThatRepeat()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (first < 2 || !_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "again" or "times") || RepeatsItWithAStep().Match(WordsFrom(first, last)) is not { Success: true } order) continue;
            var sides = order.Groups["side"].Captures.Select(c => c.Value.ToUpperInvariant() == "LEFT" ? "left" : "right").ToList();
            var before = _lexemes.GetRange(StartOfSentence(first - 2), first - 1 - StartOfSentence(first - 2));
            if (sides.Zip(sides.Skip(1)).Any(p => p.First == p.Second) || !before.Any(l => l.IsHandTechnique || l.Is("again")) || before.Any(l => l.IsKick) || _lexemes.Take(first).LastOrDefault(l => l.Is("side"))?.Value == sides[0]
                || _lexemes.Take(first).LastOrDefault(l => l.Is("stance")) is not { Term: { } stood } || _ways.Stances.Of(stood.Id).Feet != FeetKind.Lead) continue;
            var (from, length, _) = Said(first, last);
            List<Lexeme> told = [];
            foreach (var (side, n) in sides.Select((side, n) => (side, n)))
            {
                if (n > 0) told.Add(new("stop", ".", from + length, 0, ""));
                told.AddRange([new("side", side, n == 0 ? from : from + length, n == 0 ? length : 0, side), new("footNoun", "foot", from + length, 0, "foot"), new("stop", ",", from + length, 0, ""), new("again", "again", from + length, 0, "the same")]);
            }
            _lexemes.RemoveRange(first, last - first + 1);
            _lexemes.InsertRange(first, told);
        }
    }

    /// <summary>Tells each such order in the words that <see cref="IsCommand"/> knows; how the feet come together for it is part of its first step.</summary>
    private void FindOrdersToRepeat()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            // "Do those two to the right, low block, punch": what is named behind the order orders nothing.
            if (EndOfClause(first) is var clause && clause + 1 < last && OnlyNamesWhatWasDone(first, clause + 2, last)) last = clause;
            if (OrdersItOnceMore().Match(WordsFrom(first, last)) is { Success: true } once && _lexemes.Take(first).Any(l => l.Kind is "technique" or "stance"))
            {
                var (begin, all, _) = Said(first, last);
                _lexemes.RemoveRange(first, last - first + 1);
                _lexemes.InsertRange(first, once.Groups["both"].Success
                    ? [new("again", "again", begin, all, "repeat"), new("ordinal", "last", begin + all, 0, "the last"), new("number", "2", begin + all, 0, "two")]
                    : [new("again", "again", begin, all, "repeat"), new("passage", "all", begin + all, 0, "all of that")]);
                continue;
            }
            if (OrdersItOnTheOtherSide().Match(WordsFrom(first, last)) is not { Success: true } order) continue;
            var start = _lexemes.GetRange(first, last - first + 1).Min(l => l.Start);
            var begins = _lexemes.FindIndex(first, l => l.Start >= start + order.Groups["order"].Index);
            if (begins < 0 || begins > last || !_lexemes.Take(first).Any(l => l.Kind is "technique" or "stance") || order.Groups["to"] is { Success: true } to && WentThereFirst(to.Value, order.Groups["many"].Value, first)) continue;
            var (from, length, _) = Said(begins, last);
            List<Lexeme> said = order.Groups["order"].Value.Contains("both ", StringComparison.OrdinalIgnoreCase) && !order.Groups["many"].Success
                ? [new("again", "again", from, length, "repeat"), new("ordinal", "last", from + length, 0, "the last"), new("number", "2", from + length, 0, "two")]
                : order.Groups["many"] is { Success: true } many
                ? [new("again", "again", from, length, "repeat"), new("ordinal", "last", from + length, 0, "the last"), new("number", Digit(many.Value), from + length, 0, many.Value)]
                : [new("again", "again", from, length, "repeat"), new("passage", "all", from + length, 0, "all of that")];
            said.Add(new("otherSide", "other", from + length, 0, "on the other side"));
            _lexemes.RemoveRange(begins, last - begins + 1);
            _lexemes.InsertRange(begins, said);
            var feet = order.Groups["feet"].Success && begins > first ? first : first > 1 && StartOfSentence(first - 2) is var before && BringsTheFeetTogether().IsMatch(WordsFrom(before, first - 2)) ? before : -1;
            var together = begins - 1; // without the "and" behind it
            while (together > first && (_lexemes[together].IsStop || _lexemes[together].Kind is "filler" or "then" && _lexemes[together].Plain is "and" or "then" or "now")) together--;
            if (feet == first) AsNote(_lexemes.FindIndex(first, l => l.Start >= start + order.Groups["feet"].Index), together);
            else if (feet >= 0) AsNote(feet, first - 2);
            // What is ordered is a clause of its own.
            if (feet == first) _lexemes.Insert(begins, StopAt(begins, ","));
        }

        static string Digit(string many) => many switch { "two" => "2", "three" => "3", "four" => "4", "five" => "5", "six" => "6", _ => many };
    }

    /// <summary>"Those three to the right", of three that went there: only once more.</summary>
    private bool WentThereFirst(string to, string many, int before)
    {
        var side = to.ToUpperInvariant() is "RIGHT" or "THREE" or "3" ? "right" : "left";
        var counts = many.ToUpperInvariant() switch { "TWO" or "2" => 2, "THREE" or "3" => 3, "FOUR" or "4" => 4, "FIVE" or "5" => 5, "SIX" or "6" => 6, _ => int.MaxValue };
        var first = before;
        for (var told = 0; first > 0 && told < counts;)
        {
            first = StartOfSentence(first - 1);
            if (RestOfSentence(first - 1).Any(l => l.Kind is "technique" or "stance")) told++;
        }
        var went = _lexemes.Skip(first).Take(before - first).FirstOrDefault(l => l.Kind is "side" or "turnSide" || l is { Kind: "gaze", Value: "left" or "right" } || l is { Kind: "clock", Value: "6" or "18" } || l is { Kind: "place", Value: "left" or "right" });
        return went is not null && (went.Value is "6" ? "right" : went.Value is "18" ? "left" : went.Value) == side;
    }
}
