using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Turns of phrase whose single words mean something else: "turn that into a cross block", "cover your face", "one count each".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"\b(?:(?:turn|turns|turning|change|changes|switch|switches|convert|make) (?:that|it|this|them|those|these|the hands?|your hands?|the block|that block) (?:over )?(?:in)?to|(?:it|that|this) (?:turns|changes|switches) (?:in)?to)(?= (?:an?|the|your) )", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BecomesAnother();

    [GeneratedRegex(@"\b(?:(?:and |to )?(?:protect|protects|protecting|shield|shields|shielding) )?(?:your|my|his|their|(?<=(?:cover|covers|covering|guard|guards|guarding|protect|protects|shield|shields) )the) face\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TheFaceOfTheBody();

    [GeneratedRegex(@"(?:,? ?(?:with |on |as |they're |those are |that's )*)\b(?:one count each|(?:each|both) (?:on |is |gets |has |with )?(?:its|their|his|a) own (?:count|counts)|two (?:separate )?counts|three (?:separate )?counts|separate counts|separately|a count each|each (?:is |gets |has )?(?:a|one) (?:separate )?count)(?=[.;]|$)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex HasItsOwnCount();

    [GeneratedRegex(@"\b(?:it|the foot|that foot|your foot|the leg|that leg|the kicking foot|the kicking leg) (?:just )?(?:goes|comes|lands|returns|drops|steps|is put|gets put)(?: back)?(?: down)? (?:behind(?: you)?|to the (?:back|rear))(?: again)?(?:,? (?:to )?where it (?:came from|was|started))?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex LandsBehindAgain();

    [GeneratedRegex(@"\b(?:put|set|place|puts|sets|bring) (?:it|the foot|that foot|the leg|that leg) (?:straight|right|directly) (?:back )?down(?: again)?\b(?! (?:in front|forward|behind|where|beside|next))", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex PutsItStraightDown();

    [GeneratedRegex(@"\b(?:(?:bring|take|lower|draw|drop|put|pull) them (?:back |slowly )*(?:down|in|up|apart|out|together)(?: (?:to|in front of|at|by) (?:the|your) (?:sides?|belt|hips?|belly|chest|waist|body))?|(?:bring|raise|lift|take) (?:the|your|both) (?:hands|arms) up(?: (?!and\b)\w+){0,4} and (?:back )?down(?: again)?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BringsTheHands();

    [GeneratedRegex(@"\b(?:,? ?and )?(?:take|takes|taking|push|pushing) off (?:from|with|on) (?:the|your) (?:left|right|back|front|rear)(?: foot| leg| one)?(?:(?= and kick| and then kick)(?: and then| and) kick(?:ing)? with (?:the|your) (?<side>left|right)(?: foot| leg| one)?)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TakesOff();

    [GeneratedRegex(@"\b(?:and )?(?:when|as|once|after) (?:it|the foot|that foot|the leg) (?:goes|comes) (?:back|down)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WhenItGoesBack();

    [GeneratedRegex(@"\b(?:(?:you're |you are )?(?:you go|you turn|you spin|going|turning|spinning|it goes|it comes|you rotate|so you go|you're going) )?(?:clockwise|anticlockwise|anti-clockwise|counterclockwise|counter-clockwise|all the way (?:round|around))(?: with it| as you do)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpinsWithTheKick();

    [GeneratedRegex(@"\b(?:and )?the (?:left|right)(?: one| hand| arm| fist)? (?:rises|comes up|goes up|lifts)(?: at the same time| meanwhile| as well| too)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex RisesMeanwhile();

    [GeneratedRegex(@"\bwith (?:the|your) (?:left|right|front|back|rear|other) (?:foot|leg) (?:just )?(?:staying|remaining|kept|planted|fixed)(?: put| there| where it is| still| in place| on the spot)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WithTheOtherFootStaying();

    [GeneratedRegex(@"\b(?:you |we )?(?:twist|turn|rotate|shift|go|come|drop) into (?:a |an |your |the )?(?:\w+ ){1,3}(?:stance|dachi|seogi|sogi|bow)(?: with it| for (?:that|this)(?: one)?| as you do(?: it| that| so)?)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex ForThatOne();

    private void FindPhrasesOfManyWords()
    {
        foreach (Match match in BecomesAnother().Matches(_text))
            if (RunOf(match) is var (first, last) && RestOfSentence(last).TakeWhile(l => !l.IsStop).Any(l => l.IsHandTechnique)) BecomeSmall(first, last);
        foreach (Match match in TheFaceOfTheBody().Matches(_text))
            if (RunOf(match) is var (first, last)) AsNote(first, last);
        foreach (Match match in HasItsOwnCount().Matches(_text)) PartsIntoCounts(match);
        foreach (Match match in WhenItGoesBack().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick) && LandsBehindAgain().IsMatch(WordsFrom(first, EndOfSentence(last)))) AsNote(first, last);
        foreach (Match match in LandsBehindAgain().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
            {
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = "back", Plain = "lands behind" };
            }
        // "For a jumping front kick, take off from the right and kick with the right": which foot kicks.
        foreach (Match match in TakesOff().Matches(_text))
            if (RunOf(match) is var (first, last) && _lexemes.FindLastIndex(first, first - StartOfSentence(first) + 1, l => l.IsKick) is > 0 and var kick)
            {
                AsNote(first, last);
                if (match.Groups["side"] is { Success: true } with && !_lexemes[kick - 1].Is("side")) _lexemes.Insert(kick, new Lexeme("side", with.Value.ToUpperInvariant() == "LEFT" ? "left" : "right", _lexemes[kick].Start, 0, with.Value));
            }
        foreach (Match match in PutsItStraightDown().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Find(l => l.IsKick) is not null)
            {
                // The leg in front comes down where it was; one from behind comes down in front.
                var same = before.Any(l => l.Is("relFoot", "front") || l.Is("relFoot", "lead")) || match.Value.Contains("back", StringComparison.OrdinalIgnoreCase);
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = same ? "samePlace" : "front", Plain = "put down" };
            }
        foreach (Match match in BringsTheHands().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "footNoun" or "handNoun" || l.IsHandTechnique) is var moved && (moved is { Kind: not "footNoun" } || moved is null && !match.Value.Contains(" them", StringComparison.OrdinalIgnoreCase))) AsNote(first, last);
        foreach (Match match in SpinsWithTheKick().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Find(l => l.Is("technique")) is { IsKick: true } kick && Spins(kick) && (Alone(last) || _lexemes[last + 1].Plain is "and" or "to")) AsNote(first, last);
        foreach (Match match in RisesMeanwhile().Matches(_text))
            if (RunOf(match) is var (first, last) && Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Any(l => l.IsHandTechnique) && !before.Any(l => l.Is("footNoun"))) AsNote(first, last);
        foreach (Match match in WithTheOtherFootStaying().Matches(_text))
            if (RunOf(match) is var (first, last) && Clauses(first).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" or "step" })) AsNote(first, last);
        // "Left palm pushes through, you twist into a front stance for that one": with it.
        foreach (Match match in ForThatOne().Matches(_text))
            if (RunOf(match) is var (first, last) && first > 1 && _lexemes[first - 1].Is("stop", ",") && Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique))
            {
                var stance = _lexemes.FindIndex(first, last - first + 1, l => l.Is("stance"));
                if (stance < 0) continue;
                if (stance < last) AsNote(stance + 1, last);
                _lexemes.Insert(first, new Lexeme("together", "while", _lexemes[first].Start, 0, "while"));
            }
        // "Then another one thirty five to the right", "right again to the other wall, so one thirty five": the degrees tell it.
        for (var i = 0; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "times", Plain: "another" } && _lexemes[i + 1].Is("degrees") || _lexemes[i].Is("again") && i > 0 && _lexemes[i - 1].Is("side") && OnlySmallWordsBefore(i - 1) && RestOfSentence(i).Any(l => l.Is("degrees")) && RestOfSentence(i).Any(l => l.Is("technique"))) BecomesSmall(i);
        // "Raise it in front of you": the weapon, where one is spoken of and no foot.
        if (_lexemes.Any(l => l.Is("weapon") || l.Term is { IsWeapon: true }))
            for (var i = 0; i + 1 < _lexemes.Count; i++)
                if (_lexemes[i] is { Kind: "footwork", Plain: "raise" or "lift" or "bring" or "hold" or "take" or "lower" or "raises" or "lifts" or "brings" or "takes" or "raising" or "lifting" } && _lexemes[i + 1].Plain == "it" && !Clauses(i).Any(l => l.Kind is "footNoun" or "relFoot" || l.IsKick)) BecomesSmall(i);
        // "Push the left foot out again": it goes there.
        for (var i = 0; i + 3 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "technique", Value: "push" } && IndexAfter(i) is > 0 and var pushed && _lexemes[pushed].Is("side") && pushed + 1 < _lexemes.Count && _lexemes[pushed + 1].Is("footNoun")) BecomesTerm(i, "footwork", "step");
        // "Block low, then hold, and hammer fist".
        for (var i = 1; i + 2 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "technique", Plain: "hold" } && _lexemes[i - 1].Kind is "then" && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "and" or "then" or "and then") _lexemes[i] = _lexemes[i] with { Kind = "tempo", Value = "held", Term = null };
        // "Turning to the right, spinning back kick with the right": with the kick.
        for (var i = 0; i + 2 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "footwork", Value: "turn" or "spin", IsGerund: true } && EndOfClause(i) is var end && end + 1 < _lexemes.Count && !_lexemes[end + 1].EndsSentence && _lexemes.GetRange(i + 1, end - i).All(l => l.Kind is "filler" or "side") && RestOfSentence(end + 1).FirstOrDefault(l => l.Is("technique")) is { IsKick: true } spun && Spins(spun) && !_lexemes.GetRange(i, _lexemes.IndexOf(spun, i) - i).Any(l => l.Kind is "stance" or "degrees" or "amount")) AsNote(i, end);

        static bool Spins(Lexeme kick) => kick.Plain.Contains("spin", StringComparison.Ordinal) || kick.Plain.Contains("turning back", StringComparison.Ordinal);
    }

    private void BecomeSmall(int first, int last)
    {
        for (var k = first; k <= last; k++) BecomesSmall(k);
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
