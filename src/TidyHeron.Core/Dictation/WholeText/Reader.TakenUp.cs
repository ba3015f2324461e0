using System.Text.RegularExpressions;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>How one stands where a lesson takes a form up: "you finish the first half in a right front stance, facing the back wall".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(LeadIn + @"(?:(?:remember(?: that)?|if you remember|last (?:time|week|lesson|class)|(?:at|by) the end of [^.,]{1,30}|in the (?:first|last|second|next|previous) (?:half|part|section|bit))[, ]+)*"
        + @"(?:(?:you|we|i)(?: have|'ve)? (?:should (?:now |still )?be|will be|finish(?:ed)?|end(?:ed)?(?: up)?|left off|left (?:it|you|this|things)|stop(?:ped)?|pick (?:it |this |things )?up|picked (?:it |this )?up|start(?:ed)?|are|came out)"
        + @"|(?:you|we)'re(?: standing| now| still)*|(?:the|that|this|our) (?:\w+ ){0,2}(?:part|half|section|bit|line|form) (?:ends|ended|finishes|finished|stops|stopped|starts|begins|left (?:you|us))"
        + @"|(?:let's )?(?:pick|take) (?:it |this |things )?up|start (?:this|the) (?:\w+ )?(?:part|half|section|bit))\b[^.,]{0,40}\b(?:in|from|with|facing)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TakesTheFormUp();

    /// <summary>Before anything is done: the stance there is the one the words begin in, and what was done in it is a remark.</summary>
    private void FindWhereAFormIsTakenUp()
    {
        if (_before.Count > 0) return;
        FindWhatIsStillOut();
        FindWhereOneKneels();
        FindHowOneKneelsFirst();
        FindHipsThatRise();
        FindWhatIsTheOpening();
        FindWhereWeAreNow();
        FindWhichFormItIs();
        FindTheOpeningPosition();
        FindHowTheFeetOpen();
        PartReadyFromLooking();
        FindTheSideOneBeginsOn();
        var stance = _lexemes.FindIndex(l => l.Is("stance"));
        if (stance < 0 || StanceSet.IsStanding(_lexemes[stance].Term!.Id) || _lexemes.Take(stance).Any(l => l.Kind is "technique" or "footwork" or "footNoun" or "whereWeAre" or "number" || l.Is("opening") && !(l.Plain.Split(' ') is [.., "in"] and [_, "finished" or "ended" or "left" or "stopped", ..]))) return;
        var first = StartOfSentence(stance);
        // What tells where one stands begins with the side of the stance, its article, or the way one faces.
        var stands = _lexemes.FindIndex(first, l => l.Kind is "side" or "stance" or "facing");
        if (stands > 0 && _lexemes[stands - 1].Plain is "a" or "the" or "your" or "my") stands--;
        if (stands <= first || RestOfSentence(stance).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "amount")) return;
        var words = WordsFrom(first, _lexemes[stands].Is("facing") ? stands : stands - 1);
        if (!TakesTheFormUp().IsMatch(words)) return;
        BecomesSmall(first, stands - 1);
        BecomesWhereWeAre(stands - 1);
        if (_lexemes.FindIndex(stance, EndOfSentence(stance) - stance + 1, l => l.Is("technique")) is > 0 and var done) AsNote(FirstOfClause(done) > stance ? FirstOfClause(done) : done, EndOfSentence(stance));
    }

    [GeneratedRegex(@"\b(?:(?:out )?(?:on|to) (?:the |your |my )?(?<side>left|right)(?: (?:hand )?side)?|(?<side>left|right) (?:hand )?side)\b(?! (?:foot|leg|hand|arm|fist|palm|knee|elbow|hip|shoulder))", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnOneSide();

    /// <summary>"First you are in front stance on the left, that's your down block to the left side": to that side, as forms begin.</summary>
    private void FindTheSideOneBeginsOn()
    {
        var done = _lexemes.FindIndex(l => l.Is("technique"));
        if (done < 0 || _lexemes[done].IsKick) return;
        var (first, last) = (StartOfSentence(done), EndOfSentence(done));
        // "Move one is a left low block to the left": called so.
        if (_lexemes[first] is { Kind: "footwork", Plain: "move" or "step" } && _lexemes[first + 1].Is("number")) _lexemes[first] = _lexemes[first] with { Kind = "countNoun", Value = "count" };
        var sentence = _lexemes.GetRange(first, last - first + 1);
        if (_lexemes.Take(first).Any(l => l.Kind is "footwork" or "footNoun" or "turnSide" or "clock" or "degrees") || sentence.Any(l => l.Kind is "footwork" or "relFoot" or "turnSide" or "way" or "clock" or "degrees" or "facing" or "place" or "amount" or "gaze" or "weapon")) return;
        if (sentence.Find(l => l.Is("stance")) is not { Term: { } term } || _ways.Stances.Of(term.Id).Feet != FeetKind.Lead || sentence.Count(l => l.Is("technique")) != 1 || !Directed(_lexemes[done])) return;
        if (sentence.FindIndex(l => l.Is("stop", ":")) > sentence.FindIndex(l => l.Is("technique"))) return; // "three knife hands: left foot to the left, …"
        var to = sentence.Where(l => l.Is("side")).ToList();
        // "Left, low block, front stance": said first, by itself.
        if (OnlySmallWordsBefore(first + sentence.FindIndex(l => !l.Is("filler"))) && sentence.Find(l => !l.Is("filler")) is { Kind: "side" } alone && _lexemes.IndexOf(alone, first) is var by && Alone(by) && _lexemes[by + 1].Value == "," && (by == first || _lexemes[by - 1].IsStop || _lexemes[by - 1].Plain is "so" or "and" or "now" or "first") && to.All(l => l.Value == alone.Value))
        {
            Turns(by, by, by);
            return;
        }
        if (first == last) return;
        var (said, length, _) = Said(first, last - 1);
        if (OnOneSide().Match(_text, said, length) is not { Success: true } match || RunOf(match) is not (var from, var end) || to.Count == 0 || to.Any(l => l.Value != match.Groups["side"].Value.ToLowerInvariant())) return;
        // "Left front stance to the left": one steps there.
        if (from > first + 1 && _lexemes[from - 1].Is("stance") && _lexemes[from - 2].Is("side")) return;
        // "To the left, front stance, low block" begins as one goes; "to the left with a low block in front stance" does not.
        if (!(end + 1 < _lexemes.Count && _lexemes[end + 1].Plain is "with" or "and" or "in") && !match.Value.EndsWith("side", StringComparison.OrdinalIgnoreCase) && !_lexemes.GetRange(first, from - first).Any(l => l.Kind is "stance" or "technique")) return;
        // Behind the number by which it is called.
        Turns(_lexemes.FindIndex(first, l => !l.IsStop && l.Kind is not ("filler" or "number" or "ordinal" or "countNoun" or "countWord" or "note")), from, end);

        // The words for the side come first, as those of a turn; told as taken for granted.
        void Turns(int at, int begins, int ends)
        {
            var (start, side) = (_lexemes[begins].Start, to[0]);
            var turn = new Lexeme("turnSide", side.Value, start, _lexemes[ends].Start + _lexemes[ends].Length - start, side.Value);
            _lexemes.RemoveRange(begins, ends - begins + 1);
            _lexemes.InsertRange(Math.Min(at, begins), [new Lexeme("footwork", "turn", start, 0, "turn", TermOf("turn")), turn]);
            _guesses[start] = ($"Read as turning to the {side.Value}, as forms begin.", "facing twelve o'clock");
        }

        static bool Directed(Lexeme lexeme) => lexeme.Term is { Family: "receiving" or "strike" };
    }

    [GeneratedRegex(@"\b(?:the |your |our |my )?(?:opening|starting|start|ready|first) position(?: to (?:start|begin))?(?: is|'s| has)\b|\byour position to (?:start|begin) is\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TellsTheOpening();

    /// <summary>"Listen first, then we do it. The opening position is closed feet, fists in front.": how one stands, whatever was said before.</summary>
    private void FindTheOpeningPosition()
    {
        foreach (var (first, last, _) in Runs(TellsTheOpening(), "position"))
        {
            var opens = StartOfSentence(first);
            if (_lexemes.Take(opens).Any(l => l.Kind is "technique" or "footNoun" or "footwork" or "number" or "stance")) continue;
            var end = EndOfSentence(last);
            if (!_lexemes.GetRange(last + 1, end - last).Any(l => l.Kind is "footNoun" or "stance" or "footwork" || l.Plain.Contains("feet", StringComparison.Ordinal) || l.Plain.Contains("heels", StringComparison.Ordinal)) || _lexemes.GetRange(last + 1, end - last).Any(l => l is { Kind: "footwork", Value: not "pull-together" })) continue;
            AsNote(opens, end);
        }
    }

    /// <summary>"Form four. Ready. Step left …", "kata number two": which form it is, no count.</summary>
    private void FindWhichFormItIs()
    {
        for (var i = 1; i < _lexemes.Count && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footNoun" or "footwork"); i++)
        {
            if (!_lexemes[i].Is("number")) continue;
            var noun = _lexemes[i - 1].Is("countNoun") && i > 1 ? i - 2 : i - 1;
            if (!FormNouns.Contains(_lexemes[noun].Plain.Split(' ')[^1]) || _lexemes[noun].IsStop) continue;
            for (var k = noun + 1; k <= i; k++) BecomesSmall(k);
        }
    }

    /// <summary>"Open to yoi, left foot then right foot.": which foot opens first, before anything is done.</summary>
    private void FindHowTheFeetOpen()
    {
        for (var ready = 0; ready < _lexemes.Count && _lexemes[ready].Kind is not ("technique" or "footNoun"); ready++)
        {
            if (!_lexemes[ready].Is("stance") || !StanceSet.IsStanding(_lexemes[ready].Term!.Id) || !Alone(ready) || EndOfSentence(ready) is var end && end <= ready + 2) continue;
            var rest = _lexemes.GetRange(ready + 2, end - ready - 1);
            if (rest.Count(l => l.Is("footNoun")) == 2 && rest.All(l => l.IsStop || l.Kind is "filler" or "side" or "footNoun" or "then")) AsNote(ready + 2, end);
        }
    }

    /// <summary>"And we're ready, look to your left, step left, …": ready is how one stands, and the look begins what is done.</summary>
    private void PartReadyFromLooking()
    {
        var ready = _lexemes.FindIndex(l => !l.Is("filler") && !l.IsStop);
        if (ready < 0 || _lexemes[ready] is not { Kind: "stance", Term: { } term } || !StanceSet.IsStanding(term.Id) || !Alone(ready) || ready + 1 >= _lexemes.Count || _lexemes[ready + 1].EndsSentence) return;
        var looks = _lexemes.FindIndex(ready + 1, l => !l.Is("filler") && !l.IsStop && !l.Is("then"));
        if (looks < 0 || !_lexemes[looks].Is("gaze") || looks > EndOfSentence(ready) || !RestOfSentence(looks).Any(l => l.Kind is "footwork" or "footNoun" or "stance")) return;
        _lexemes[ready + 1] = _lexemes[ready + 1] with { Value = "." };
        for (var k = ready + 2; k < looks; k++)
            if (_lexemes[k].IsStop) BecomesStopless(k);
    }

    [GeneratedRegex(@"\b(?:with )?(?:(?:the|your|that|a) )?(?:(?:left|right|last) )?(?:(?:punch|fist|hand|block|arm|punching hand|knife hand)(?: is| still| still is)? (?:still )?(?:out|extended|in front|there|up)(?: in front)?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatIsOut();

    /// <summary>"You're in a right front stance with your punch out, facing the front.": the hand has struck before these words.</summary>
    private void FindWhatIsStillOut()
    {
        var last = EndOfSentence(0);
        if (_lexemes.Count == 0 || last + 2 >= _lexemes.Count || !WordsFrom(0, last).Contains(" out", StringComparison.OrdinalIgnoreCase) && !WordsFrom(0, last).Contains("extended", StringComparison.OrdinalIgnoreCase) || _lexemes.Take(last).Any(l => l.Kind is "footwork" or "number" or "ordinal" or "countNoun") || !SaysWhereOneIs().IsMatch(WordsFrom(0, last))) return;
        foreach (var (from, to, _) in Runs(SaysWhatIsOut(), " out", "extended", "in front", " up", "there"))
            if (to <= last) AsNote(from, to);
    }

    [GeneratedRegex(LeadIn + @"(?:(?:you|we|i)(?:'re| are| should be| will be|'ve| have|'m| left off)|your|from)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhereOneIs();

    [GeneratedRegex(@"\b(?:that's|this is|that is|which is) (?:just |only )?(?:the|your|my|our) (?:opening|ready|ready position|salute|salutation|beginning|start position|starting position)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysItWasTheOpening();

    /// <summary>"Cross the arms, bring them down, that's just the opening.": none of it takes a count, and where no foot moves it is a remark.</summary>
    private void FindWhatIsTheOpening()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (!SaysItWasTheOpening().IsMatch(WordsFrom(first, last)))
            {
                if (_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "footNoun" or "number" || l.Is("stance") && !StanceSet.IsStanding(l.Term!.Id))) return;
                continue;
            }
            for (var from = NextSentence(-1); from <= first; from = NextSentence(EndOfSentence(from)))
                if (!_lexemes.GetRange(from, EndOfSentence(from) - from + 1).Any(l => l.Is("stance") || l is { Kind: "footwork", Value: "bow" or "announce" })) AsNote(from, EndOfSentence(from));
            return;
        }
    }

    [GeneratedRegex(LeadIn + @"(?:(?:you've|we've|you have|we have|i've) just|(?:we|you)(?:'re| are) (?:now |just )?(?:on|at|in the middle of|picking (?:it |this )?up|coming back|going back) (?:the |after |from |to )?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatWasJustDone();

    /// <summary>"You've just turned and you're in a left front stance with the low block done.": the stance is the one the words begin in, and the rest was done before.</summary>
    private void FindWhereWeAreNow()
    {
        var first = NextSentence(-1);
        if (first >= _lexemes.Count || EndOfSentence(first) is var last && (last + 2 >= _lexemes.Count || !SaysWhatWasJustDone().IsMatch(WordsFrom(first, last)))) return;
        if (_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "whereWeAre" or "footNoun")) return;
        var stance = _lexemes.FindIndex(first, last - first + 1, l => l.Is("stance"));
        if (stance < 0)
        {
            if (_lexemes.GetRange(first, last - first + 1).Any(l => l.Kind is "technique" or "footwork")) AsNote(first, last);
            return;
        }
        if (stance < 2 || _lexemes.GetRange(stance, last - stance + 1).Any(l => l.Is("facing"))) return;
        var from = _lexemes[stance - 1].Is("side") ? stance - 1 : stance;
        for (var k = first; k < from; k++)
            if (_lexemes[k].IsStop) BecomesStopless(k);
            else BecomesSmall(k);
        _lexemes[from - 1] = _lexemes[from - 1] with { Kind = "opening", Value = "opening" };
        if (stance < last) AsNote(stance + 1, last);
    }
}
