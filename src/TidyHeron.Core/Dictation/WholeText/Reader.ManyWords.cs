using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Turns of phrase whose single words mean something else: "turn that into a cross block", "cover your face", "one count each".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"\b(?:(?:turn|turns|turning|change|changes|switch|switches|convert|make) (?:that|it|this|them|those|these|the hands?|your hands?|the block|that block) (?:over )?(?:in)?to|(?:it|that|this) (?:turns|changes|switches) (?:in)?to)(?= (?:an?|the|your) )", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BecomesAnother();

    [GeneratedRegex(@"(?<=\b(?:your|my|his|their|(?:cover|covers|covering|guard|guards|guarding|protect|protects|protecting|shield|shields|shielding) the) )face\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TheFaceOfTheBody();

    [GeneratedRegex(@"(?:,? ?(?:with |on |as |they're |those are |that's )*)\b(?:one count each|(?:each|both) (?:on |is |gets |has |with )?(?:its|their|his|a) own (?:count|counts)|(?:two|three) (?:separate |more )?counts(?: again| here| too| as well)?|separate counts|separately|a count each|each (?:is |gets |has )?(?:a|one) (?:separate )?count)(?=[.;]|$)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex HasItsOwnCount();

    [GeneratedRegex(@"\b(?:(?:bring|take|lower|draw|drop|put|pull) them (?:back |slowly )*(?:down|in|up|apart|out|together)(?: (?:to|in front of|at|by) (?:the|your|my) (?:sides?|belt|hips?|belly|chest|waist|body))?|(?:bring|raise|lift|take) (?:the|your|both) (?:hands|arms) up(?: (?!and\b)\w+){0,4} and (?:back )?down(?: again)?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BringsTheHands();

    [GeneratedRegex(@"\bthe (?:left|right)(?: one| hand| arm| fist)? (?:rises|comes up|goes up|lifts)(?: at the same time| meanwhile| as well| too)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex RisesMeanwhile();

    [GeneratedRegex(@"\bwith (?:the|your|my) (?:left|right|front|back|rear|other) (?:foot|leg) (?:just )?(?:staying|remaining|kept|planted|fixed)(?: put| there| where it is| still| in place| on the spot)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WithTheOtherFootStaying();

    [GeneratedRegex(@"\b(?:twist|turn|rotate|shift|go|come|drop) into (?:a |an |your |the )?(?:\w+ ){1,3}(?:stance|dachi|seogi|sogi|bow)(?: with it| for (?:that|this)(?: one)?| as you do(?: it| that| so)?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex ForThatOne();

    [GeneratedRegex(@"^\s*(?:(?:and|then|so|now|but|okay) )*before (?:(?:you|we|i) (?:\w+ )?(?:step|move|go|walk|turn|do|start|leave|advance|take the next)|(?:stepping|moving|going|walking|turning|advancing|that|this|the (?:next )?(?:step|turn)))\b(?:(?! (?:you|we|i|the|your|both) )[^,.;:])*", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BeforeSomethingElse();

    [GeneratedRegex(@",? ?\bnot (?:count |number )?(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)(?: yet| any more)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NotThatNumber();

    [GeneratedRegex(@"(?:\bfrom (?:(?:the|that|this|your) )?(?:\w+ ){1,3}|^\s*)(?:still )?facing (?:the )?(?:front|forward|back|rear|left|right)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex FromThereFacing();

    [GeneratedRegex(@"^\s*(?:(?:and|then|now|so|you|we|i) )*(?:pull|draw|come) back(?=,|$| and )", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex PullsBackFirst();

    [GeneratedRegex(@"\b(?:(?:leave|leaving|keep|keeping) (?:the|your|my) (?:front|lead|leading|back|rear|blocking|other|left|right) (?:hand|arm)|(?:(?:the|your|my) )?(?:front|lead|leading|back|rear|blocking|left|right) (?:hand|arm) (?:just )?(?:stays|remains|doesn't move|does not move|is left|is still))(?: (?:there|out|put|up|still|in place|where it is|in front|extended))*\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex AHandThatStays();

    private void FindPhrasesOfManyWords()
    {
        // "Okay, that's six, not five.": which of them it was is told already.
        foreach (var (first, last, _) in Runs(NotThatNumber(), "not "))
            if (first > 2 && _lexemes[first - 1].Is("stop", ",") && _lexemes[first - 2].Is("number") && Alone(last))
            {
                AsNote(first, last);
                BecomesStopless(first - 1);
            }
        // "From horse stance facing the front, you twist left": where one comes from.
        foreach (var (first, last, _) in Runs(FromThereFacing(), "facing"))
            if (StartOfSentence(first) is var opens && _lexemes.GetRange(opens, first - opens) is var before && before.All(l => l.IsStop || l.Kind is "filler" or "from" or "stance") && _lexemes.FindIndex(first, last - first + 1, l => l.Is("facing")) is > 0 and var faced
                && (before.Any(l => l.Is("from")) ? before.Any(l => l.Is("stance")) : _lexemes.GetRange(first, faced - first).Any(l => l.Is("stance")))) AsNote(faced, last);
        // "Pull back, right foot to the other corner": how the step begins.
        foreach (var (first, last, _) in Runs(PullsBackFirst(), "pull back", "draw back", "come back"))
            if (last + 1 < _lexemes.Count && (_lexemes[last + 1].Is("stop", ",") && last + 2 < _lexemes.Count && ClauseOf(last + 2).Any(l => l.Is("footNoun")) || _lexemes[last + 1].Plain == "and" && Next(last + 1) is { Kind: "footwork", Value: "step" })) AsNote(first, last);
        // "The front hand stays and you reverse punch": with the other one.
        foreach (var (first, last, _) in Runs(AHandThatStays(), "leave", "leaving", "keep", " stays", "remains", "move", " is left", " is still"))
            if (last + 1 < _lexemes.Count && (_lexemes[last + 1].IsStop || _lexemes[last + 1].Plain is "and" or "while" or "as") && RestOfSentence(last).FirstOrDefault(l => l.Kind is "technique" or "stance" or "footwork" or "footNoun") is { Kind: "technique", Value: not "chamber" } && (_lexemes.GetRange(first, last - first + 1).Any(l => l.Is("relHand")) || Backward(first).TakeWhile(l => !l.EndsSentence).All(l => l.IsStop || l.Kind is "filler" or "number"))) AsNote(first, last);
        // "Four, before you step you pull the right fist in": what comes later is told in its own place.
        foreach (var (first, last, _) in Runs(BeforeSomethingElse(), "before")) AsNote(first, last);
        foreach (var (first, last, _) in Runs(BecomesAnother(), "turn", "change", "switch", "convert", "make"))
            if (RestOfSentence(last).TakeWhile(l => !l.IsStop).Any(l => l.IsHandTechnique)) BecomesSmall(first, last);
        foreach (var (first, last, _) in Runs(TheFaceOfTheBody(), " face")) AsNote(first, last);
        if (_text.Contains("count", StringComparison.OrdinalIgnoreCase) || _text.Contains("separately", StringComparison.OrdinalIgnoreCase))
            foreach (Match match in HasItsOwnCount().Matches(_text)) PartsIntoCounts(match);
        foreach (var (first, last, match) in Runs(BringsTheHands(), "them", "hands up", "arms up"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "footNoun" or "handNoun" || l.IsHandTechnique) is var moved && (moved is { Kind: not "footNoun" } || moved is null && !match.Value.Contains(" them", StringComparison.OrdinalIgnoreCase))) AsNote(first, last);
        foreach (var (first, last, _) in Runs(RisesMeanwhile(), "at the same time", "meanwhile", "as well", " too"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Any(l => l.IsHandTechnique) && !before.Any(l => l.Is("footNoun"))) AsNote(first, last);
        foreach (var (first, last, _) in Runs(WithTheOtherFootStaying(), "staying", "remaining", "kept", "planted", "fixed"))
            if (Clauses(first).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" or "step" })) AsNote(first, last);
        // "Left palm pushes through, you twist into a front stance for that one": with it.
        foreach (var (first, last, _) in Runs(ForThatOne(), " into "))
        {
            var opens = FirstOfClause(first); // with the "you" before it
            var stance = _lexemes.FindIndex(first, last - first + 1, l => l.Is("stance"));
            if (stance < 0 || opens < 2 || !_lexemes[opens - 1].Is("stop", ",") || !_lexemes.GetRange(opens, first - opens).All(l => l.Is("filler")) || !Backward(opens).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) continue;
            if (stance < last) AsNote(stance + 1, last);
            _lexemes.Insert(opens, new Lexeme("together", "while", _lexemes[opens].Start, 0, "while"));
        }
    }

    /// <summary>"Jab, cross, one count each": each technique is a sentence of its own.</summary>
    private void PartsIntoCounts(Match match)
    {
        var last = _lexemes.FindLastIndex(l => l.Start < match.Index + match.Length);
        var first = _lexemes.FindIndex(l => l.Start >= match.Index);
        if (first < 0 || last < first) return;
        // "Jab, cross. Those are separate counts."
        var opens = OnlySmallWordsBefore(first) && first > 1 ? StartOfSentence(StartOfSentence(first) - 2) : StartOfSentence(first);
        var deeds = Enumerable.Range(opens, first - opens).Where(k => _lexemes[k].IsHandTechnique || _lexemes[k].Plain == "cross").ToList();
        if (deeds.Count < 2) return;
        for (var k = first; k <= last; k++)
            if (_lexemes[k].IsStop) BecomesStopless(k);
        AsNote(first, last);
        foreach (var k in deeds)
            if (_lexemes[k].Plain == "cross") BecomesTerm(k, "technique", "reverse-punch");
        for (var n = deeds.Count - 1; n > 0; n--)
        {
            var stop = _lexemes.FindIndex(deeds[n - 1] + 1, deeds[n] - deeds[n - 1] - 1, l => l.IsStop);
            if (stop >= 0) _lexemes[stop] = _lexemes[stop] with { Value = "." };
            else _lexemes.Insert(deeds[n - 1] + 1, StopAfter(deeds[n - 1], "."));
        }
    }
}
