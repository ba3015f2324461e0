using System.Text.RegularExpressions;
using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Kicks told in many words: how the foot comes down again ("it goes behind you where it came from", "put it straight down"), which one takes off, and turns that are the kick's own.</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"\b(?:it|the foot|that foot|your foot|the leg|that leg|the kicking foot|the kicking leg) (?:just )?(?:goes|comes|lands|returns|drops|steps|is put|gets put)(?: back)?(?: down)? (?:behind(?: you)?|to the (?:back|rear))(?: again)?(?:,? (?:to )?where it (?:came from|was|started))?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex LandsBehindAgain();

    [GeneratedRegex(@"\b(?:(?:the|your|that|kicking|front|back) )*(?:foot|leg) return(?:s|ing)(?: back)?(?: to (?:its (?:place|position)|where it (?:was|came from|started)|place|the floor|the ground))?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TheFootReturns();

    private const string TheKickingOne = "(?:it|(?:the|that|your|the same|the kicking|your kicking) (?:foot|leg))";

    [GeneratedRegex(@"\b(?:(?<place>(?:pull|draw|bring|take|snap)(?:s|ing)? " + TheKickingOne + @" back(?: again)?)\b(?! (?:to|in|into))|(?<back>step(?:s|ping)? back with " + TheKickingOne + @")|step(?:s|ping)? (?:forward|through|down) with " + TheKickingOne + @")\b(?! (?:down|behind|where|beside|next|up))", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex GoesOnWithTheKickingFoot();

    private const string TheFootNamed = "(?:(?:the|your|my|that) )?(?<foot>left|right) (?:foot|leg)";
    private const string WhereItWas = "(?: (?:(?:down )?behind(?: you)?|again|(?:to )?where it (?:was|came from|started)|to its place))?";

    /// <summary>"Step forward with the right foot", "the right foot goes back", "put the right foot down in front".</summary>
    [GeneratedRegex(@"\b(?:(?<back>step(?:s|ping)? back with " + TheFootNamed
        + "|" + TheFootNamed + " (?:(?:goes|steps|comes|moves|lands) )?back" + WhereItWas + "|" + TheFootNamed + " returns" + WhereItWas
        + "|(?:put|set|place|bring|pull|draw|take|return)(?:s|ting|ing)? " + TheFootNamed + " (?:straight )?(?:back(?: down)?|down behind(?: you)?|behind(?: you)?)" + WhereItWas
        + ")|step(?:s|ping)? (?:forwards?|through|down)(?: in front)? with " + TheFootNamed
        + "|" + TheFootNamed + " (?:(?:goes|steps|comes|lands|is (?:put|set|placed)) )?(?:down )?(?:forwards?|through|down|in front)"
        + "|land(?:s|ing)? (?:forwards?|in front) (?:on|with) " + TheFootNamed + "(?: in front| forwards?)?"
        + "|(?:put|set|place|plant|bring|drop)(?:s|ting|ing)? " + TheFootNamed + @" (?:down )?(?:forwards?|down|in front))\b(?! (?:to|half|behind|where|beside|next|up|together|of|towards?|around|round|across)\b)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TheNamedFootComesDown();

    [GeneratedRegex(@"\b(?:put|set|place|puts|sets|bring) (?:it|the foot|that foot|the leg|that leg) (?:straight|right|directly) (?:back )?down(?: again)?\b(?! (?:in front|forward|behind|where|beside|next))", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex PutsItStraightDown();

    [GeneratedRegex(@"\b(?:take|takes|taking|push|pushing) off (?:from|with|on) (?:the|your|my) (?:left|right|back|front|rear)(?: foot| leg| one)?(?:(?: and then| and) kick(?:ing)? with (?:the|your|my) (?<side>left|right)(?: foot| leg| one)?)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TakesOff();

    [GeneratedRegex(@"(?<=\b(?:jump|jumps|jumping|leap|leaps|hop|hops) )off (?:the|your|my) (?:left|right|back|front)(?: foot| leg| one)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex JumpsOff();

    [GeneratedRegex(@"\b(?:when|as|once|after) (?:it|the foot|that foot|the leg) (?:goes|comes) (?:back|down)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WhenItGoesBack();

    [GeneratedRegex(@"\b(?:clockwise|anticlockwise|anti-clockwise|counterclockwise|counter-clockwise|all the way (?:round|around))(?: with it| as you do)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpinsWithTheKick();

    private void FindHowKicksComeDown()
    {
        if (!_lexemes.Any(l => l.IsKick)) return;
        foreach (var (first, last, _) in Runs(WhenItGoesBack(), "goes", "comes"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick) && LandsBehindAgain().IsMatch(WordsFrom(first, EndOfSentence(last)))) AsNote(first, last);
        foreach (var (first, last, _) in Runs(LandsBehindAgain(), "behind", "to the back", "to the rear"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
            {
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = "back", Plain = "lands behind" };
            }
        // "Front kick, foot returns": not to the stance the form began in.
        foreach (var (first, last, _) in Runs(TheFootReturns(), " return"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
            {
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = "samePlace", Plain = "returns" };
            }
        // "Kick with the right and step forward with it", "kick, pull the foot back": where it comes down.
        foreach (var (first, last, match) in Runs(GoesOnWithTheKickingFoot(), "with ", " back"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "stance" or "footNoun" or "footwork" || l.IsHandTechnique || l.IsKick) is { } kicked && (kicked.IsKick || kicked.Is("footNoun") && Backward(first).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.IsKick || l.Kind is "stance" or "footwork" || l.IsHandTechnique) is { IsKick: true }))
            {
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = match.Groups["place"].Success ? "samePlace" : match.Groups["back"].Success ? "back" : "front", Plain = "lands" };
            }
        // "Right front kick, step forward with the right foot": the foot that kicked.
        foreach (var (first, last, match) in Runs(TheNamedFootComesDown(), " foot", " leg"))
            if (KickJustBefore(first) is { } kick && _lexemes.GetRange(FirstOfClause(kick), first - FirstOfClause(kick)).FindAll(l => l.Is("side")) is [{ } its] && its.Value == match.Groups["foot"].Value.ToLowerInvariant())
            {
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = match.Groups["back"].Success ? "back" : "front", Plain = "lands" };
            }
        // "Front kick and return to the left front stance": where it kicked from. "Kick, right foot, down in front".
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i].Is("footwork", "return") && RestOfSentence(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("stance")) is { Term: { } term } && !StanceSet.IsStanding(term.Id) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
            {
                var to = EndOfClause(i);
                AsNote(i, to);
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "samePlace", Plain = "return" };
            }
            // "Kick with the right and step back to left front stance": with the foot that kicked.
            else if (_lexemes[i] is { Kind: "footwork", Value: "step-back", Plain: "step back" or "steps back" or "stepping back" } && RestOfSentence(i).SkipWhile(l => l.Is("side") || l.Plain is "to" or "into" or "in" or "a" or "the" or "your").FirstOrDefault() is { Kind: "stance" }
                && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "stance" or "footwork" || l.IsHandTechnique || l.IsKick) is { IsKick: true })
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "back", Term = null };
            else if (_lexemes[i] is { Kind: "filler", Plain: "down" } && _lexemes[i - 1].Is("stop", ",") && _lexemes[i + 1].Is("lead") && _lexemes[i + 1].Plain == "in front" && Alone(i + 1) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
            {
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "front" };
                BecomesSmall(i + 1);
            }
        }
        // "For a jumping front kick, take off from the right and kick with the right": which foot kicks.
        foreach (var (first, last, match) in Runs(TakesOff(), " off "))
            if (_lexemes.FindLastIndex(first, first - StartOfSentence(first) + 1, l => l.IsKick) is > 0 and var kick)
            {
                AsNote(first, last);
                if (match.Groups["side"] is { Success: true } with && !_lexemes[kick - 1].Is("side")) _lexemes.Insert(kick, new Lexeme("side", with.Value.ToUpperInvariant() == "LEFT" ? "left" : "right", _lexemes[kick].Start, 0, with.Value));
            }
        // "Jump off the left and kick with the right": the other one kicks.
        foreach (var (first, last, _) in Runs(JumpsOff(), " off "))
            if (RestOfSentence(last).Any(l => l.IsKick)) AsNote(first, last);
        foreach (var (first, last, match) in Runs(PutsItStraightDown(), "straight", "right", "directly"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Find(l => l.IsKick) is not null)
            {
                // The leg in front comes down where it was; one from behind comes down in front.
                var same = before.Any(l => l.Is("relFoot", "front") || l.Is("relFoot", "lead")) || match.Value.Contains("back", StringComparison.OrdinalIgnoreCase);
                AsNote(first, last);
                _lexemes[first] = _lexemes[first] with { Kind = "landing", Value = same ? "samePlace" : "front", Plain = "put down" };
            }
        foreach (var (first, last, _) in Runs(SpinsWithTheKick(), "clockwise", "all the way"))
            if (Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var before && before.Find(l => l.Is("technique")) is { IsKick: true } kick && Spins(kick) && (Alone(last) || _lexemes[last + 1].Plain is "and" or "to")) AsNote(first, last);
        // "Turning to the right, spinning back kick with the right": with the kick.
        for (var i = 0; i + 2 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "footwork", Value: "turn" or "spin", IsGerund: true } && EndOfClause(i) is var end && end + 1 < _lexemes.Count && !_lexemes[end + 1].EndsSentence && _lexemes.GetRange(i + 1, end - i).All(l => l.Kind is "filler" or "side") && RestOfSentence(end + 1).FirstOrDefault(l => l.Is("technique")) is { IsKick: true } spun && Spins(spun) && !_lexemes.GetRange(i, _lexemes.IndexOf(spun, i) - i).Any(l => l.Kind is "stance" or "degrees" or "amount")) AsNote(i, end);

        static bool Spins(Lexeme kick) => kick.Plain.Contains("spin", StringComparison.Ordinal) || kick.Plain.Contains("turning back", StringComparison.Ordinal);
    }

    /// <summary>The kick that is the last thing told before a place in its sentence, with or without its leg; none where something else is.</summary>
    private int? KickJustBefore(int i)
    {
        for (var k = i - 1; k >= 0 && !_lexemes[k].EndsSentence; k--)
            if (_lexemes[k].IsKick) return k;
            else if (!(_lexemes[k].Kind is "filler" or "side" or "footNoun" or "level" or "then" or "tempo" or "shout" or "relFoot" || _lexemes[k].IsStop)) return null;
        return null;
    }
}
