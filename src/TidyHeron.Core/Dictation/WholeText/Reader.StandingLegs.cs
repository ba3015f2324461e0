using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>The leg one stands on while the other kicks: it takes no step.</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"(?:^\s*on|\b(?:(?:stand|stands|standing|rise|rises|rising|come|comes|coming|get|balance|balances|balancing|stay|staying)(?: up| straight| tall| just| still| only)*|up|weight|(?:put|keep|with) (?:the|your|all your|all the) weight) on)(?: to)? (?:the |your |my )?(?<side>left|right)(?: leg| foot| one)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex StandsOnOneLeg();

    [GeneratedRegex(@"(?<=\bkicks? )(?:(?:out )?to (?:the|your|my) )?(?:left|right)(?: side)?(?= with (?:the|your|my) (?:left|right|front|back|rear|lead|other) (?:leg|foot)\b)|(?<=\bkicks? with (?:the|your|my) (?:left|right) (?:leg|foot) )(?:out )?to (?:the|your|my) (?:left|right)(?: side)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex KicksToASide();

    /// <summary>"Stand up on your right leg and side kick to the left": the other one kicks.</summary>
    private void FindLegsThatStand()
    {
        // "Side kick to the left with the left leg": where it goes, and then who does it.
        foreach (var (first, last, _) in Runs(KicksToASide(), "kick")) AsNote(first, last);
        foreach (var (first, last, match) in Runs(StandsOnOneLeg(), " on "))
        {
            var kick = _lexemes.FindIndex(last, l => l.EndsSentence || l.IsKick || l.IsHandTechnique || l.Kind is "footwork" or "stance");
            if (kick > last && (_lexemes.GetRange(last, kick - last).Count(l => l.IsStop) > 1 || Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footNoun")))) continue; // "left foot up to the right, stand on the right leg"
            // From the knee one gets up first.
            if (kick < 0 || !_lexemes[kick].IsKick || _lexemes[kick].Value == "knee-strike" || _lexemes.Take(first).Any(l => l is { Kind: "footwork", Value: "kneel" } || l is { Kind: "stance", Value: "kneeling-stance" })) continue;
            var kicks = match.Groups["side"].Value.Equals("left", StringComparison.OrdinalIgnoreCase) ? "right" : "left";
            BecomesSmall(first, last);
            if (!ClauseOf(kick).Any(l => l.Kind is "side" or "relFoot")) _lexemes.Insert(kick, new Lexeme("side", kicks, _lexemes[kick].Start, 0, kicks));
        }
    }
}
