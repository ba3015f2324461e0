using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>How one kneels before anything is done, and knees that only the hips rise over.</summary>
public sealed partial class Reader
{
    [GeneratedRegex(LeadIn + @"(?:(?:you|we|i)(?:'re| are|'m)|from|with) (?:(?:now|still|already|standing|kneeling|down|resting) )*(?:on )?(?:(?:your|the|our|my) )?(?<side>left|right) knee\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex KneelsOnOne();

    [GeneratedRegex(LeadIn + @"(?:let's |we'll |we |i'll |you )?(?:take|start|pick|begin|go|do|continue|carry on)(?: it| this| things| up| on)* (?:from|at|with) the (?:\w+ ){1,3}(?:part|bit|section|sequence)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TakesUpAPart();

    /// <summary>"Let's take it from the kneeling part. You're down on your right knee, left foot in front.": how one kneels before anything is done.</summary>
    private void FindWhereOneKneels()
    {
        var first = NextSentence(-1);
        if (first >= _lexemes.Count) return;
        if (TakesUpAPart().IsMatch(WordsFrom(first, EndOfSentence(first))))
        {
            AsNote(first, EndOfSentence(first));
            first = NextSentence(EndOfSentence(first));
        }
        if (first >= _lexemes.Count || KneelsOnOne().Match(WordsFrom(first, EndOfSentence(first))) is not { Success: true } kneels) return;
        var knee = _lexemes.FindIndex(first, l => l is { Kind: "technique", Plain: "knee" });
        if (knee < 1 || !_lexemes[knee - 1].Is("side") || EndOfSentence(first) is var last && (_lexemes.GetRange(first, last - first + 1).Any(l => l.Is("footwork") && l.Value is not "kneel") || knee != last && !_lexemes[knee + 1].IsStop)) return;
        _lexemes[knee - 1] = _lexemes[knee - 1] with { Value = _lexemes[knee - 1].Side.Other.Word };
        BecomesTerm(knee, "stance", "kneeling-stance");
        BecomesSmall(first, knee - 2);
        BecomesWhereWeAre(knee - 2);
        if (knee + 2 <= last) AsNote(knee + 2, last);
    }

    [GeneratedRegex(LeadIn + @"(?:(?:we|you|i)(?:'re| are|'ll| will|'m)? )?(?:(?:start|begin|starting|beginning|starts|begins)(?: out| off)? )?(?:(?:in|from|by|on) )?(?:a |the |your )?(?:kneel(?:ing)?|(?:your|both|the|my) (?<both>knees))(?: down)?(?: to (?:start|begin))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex KneelsToBegin();

    /// <summary>"Start kneeling, the sword at the left hip.", "from kneeling, the right foot steps out …": on both knees, before anything is done.</summary>
    private void FindHowOneKneelsFirst()
    {
        if (_before.Any(m => m.Counting != Counting.Uncounted)) return;
        var kneels = _lexemes.FindIndex(l => l.Kind is "technique" or "footNoun" or "stance" or "number" or "ordinal" || l is { Kind: "footwork", Value: not ("bow" or "announce") });
        if (kneels < 0 || _lexemes[kneels] is not ({ Kind: "footwork", Value: "kneel" } or { Kind: "technique", Plain: "knees" })) return;
        var first = StartOfSentence(kneels);
        var last = _lexemes[kneels + 1 < _lexemes.Count && _lexemes[kneels + 1].Plain == "down" ? kneels + 1 : kneels].Is("filler") ? kneels + 1 : kneels;
        // "Kneel." by itself is an order, and done.
        if (!KneelsToBegin().IsMatch(WordsFrom(first, last)) || OnlySmallWordsAndACallBefore(kneels) && _lexemes[kneels].Plain is "kneel" or "kneel down" && !_lexemes.GetRange(first, kneels - first).Any(l => Performers.Contains(l.Plain) || l.Plain is "start" or "begin")) return;
        var end = EndOfClause(kneels);
        if (_lexemes.GetRange(last + 1, end - last).Any(l => l.Kind is not ("filler" or "facing" or "place" or "detail" or "note" or "weapon" or "together" or "opening"))) return;
        BecomesTerm(kneels, "stance", "both-knees");
        BecomesSmall(first, kneels - 1);
        // "From kneeling, the right foot steps out": done from there.
        if (end + 1 < _lexemes.Count && _lexemes[end + 1].Is("stop", ",") && RestOfSentence(end + 1).Any(l => l.Kind is "footNoun" or "footwork" or "technique")) _lexemes[end + 1] = _lexemes[end + 1] with { Value = "." };
        _lexemes.Insert(kneels, new Lexeme("opening", "opening", _lexemes[kneels].Start, 0, "start in"));
    }

    [GeneratedRegex(@"\b(?:rise|rising|come|coming|get|getting|go|lift|raise yourself|raise the hips) (?:up )?(?:on ?to|on|to) (?:the |your |both )?(?:your |the )?knees\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex RisesOnTheKnees();

    /// <summary>"Rise on to the knees, step forward with the right foot and draw": the hips rise, and one kneels as before.</summary>
    private void FindHipsThatRise()
    {
        foreach (var (first, last, _) in Runs(RisesOnTheKnees(), "knees"))
            if (_lexemes.Take(first).LastOrDefault(l => l.Kind is "stance" or "footNoun" || l is { Kind: "footwork", Value: not "bow" }) is { Kind: "stance", Value: "both-knees" or "kneeling-stance" }) AsNote(first, last);
    }
}
