using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Sentences that speak of the step just told: what else they tell is done on it.</summary>
public sealed partial class Reader
{
    private const string TheStep =
        @"(?:(?:on|with|during|together with|along with|at the end of|as (?:you|we) (?:take|make|do)|while (?:taking|making|doing)|as part of) (?:that|this|the same|the) (?:(?<step>step|slide|lunge)|(?<turn>turn|pivot|spin)|shift|movement|jump|hop)"
        + @"|(?:as|while|when|once) (?:you|we|i|he|she|they)(?:'re| are)? (?:(?<step>step|stepping|slide|sliding)(?: forward| through| out| in)?|(?<turn>turn|turning|pivot)|land|landing|arrive|do (?:that|this|so)|(?:are )?doing (?:that|this|so))"
        + @"|while (?:(?<step>stepping|sliding)|(?<turn>turning)|landing|doing (?:that|this|so))"
        + @"|(?:as|when|while|once) (?:(?:the|your|that|this) (?:(?:left|right|front) )?(?:foot|leg)|it|that) (?:lands|touches(?: down)?|comes down|arrives|happens))";

    [GeneratedRegex(@"^(?:(?:and|so|now|then|okay|ok)[ ,]+)*" + TheStep + @"\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex BeginsWithTheStep();

    [GeneratedRegex(@"\b" + TheStep + @"$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex EndsWithTheStep();

    /// <summary>"Step out to the left in horse stance. On that step punch left.", "step through. Punch as you land.": one count.</summary>
    private void FindWhatIsDoneOnTheStep()
    {
        for (var first = NextSentence(EndOfSentence(0)); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var words = WordsFrom(first, last);
            if ((BeginsWithTheStep().Match(words) is { Success: true } begins ? begins : EndsWithTheStep().Match(words)) is not { Success: true } told) continue;
            var stop = first - 1;
            while (stop > 0 && !_lexemes[stop].EndsSentence) stop--;
            if (stop <= 0) continue;
            var start = _lexemes[first].Start + told.Index;
            var from = _lexemes.FindIndex(first, l => l.Start >= start);
            var to = _lexemes.FindLastIndex(last, l => l.Start < start + told.Length);
            var rest = _lexemes.GetRange(first, last - first + 1).Where((_, k) => first + k < from || first + k > to).ToList();
            if (from < 0 || to < from || !rest.Any(l => l.IsHandTechnique) || rest.Any(l => l.Kind is "footwork" or "footNoun" or "stance" or "number" || l.IsKick)) continue;
            // Something is done already in what it speaks of: then this comes after it.
            var before = _lexemes.GetRange(StartOfSentence(stop), stop - StartOfSentence(stop));
            if (before.Any(l => l.Is("technique") || l.Is("again"))) continue;
            var steps = before.Any(l => l.Is("footNoun") || l is { Kind: "footwork", Value: "step" or "slide" or "step-back" or "slide-back" });
            var turns = before.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" });
            if (told.Groups["step"].Success ? !steps : told.Groups["turn"].Success ? !turns : !(steps || turns || before.Any(l => l.Is("footwork")))) continue;
            _lexemes[stop] = _lexemes[stop] with { Value = "," };
            BecomesSmall(from, to);
        }
    }
}
