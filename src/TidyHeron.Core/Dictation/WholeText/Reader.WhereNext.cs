using System.Text.RegularExpressions;
using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Sentences that only say to which side of the hall one goes next: "then we go to the right. Right foot, right walking stance, …".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(LeadIn + @"(?:(?:first(?: of all)?|then|next|now|and|finally)[, ]+)*(?:"
        + @"(?:(?:we|you|i|let's)(?:'re| are|'ll| will)? (?:going to |gonna )?(?:go|start|begin|move|come|head|work|do) )?(?:off |over |out |back |across )?(?:(?:to|on|towards?|with) )?(?:the |your |our )?(?<side>left|right)(?:[- ]hand)?(?: side| wall)?(?: first| now| next)?"
        + @"|the (?:first|second|third|fourth|next|other|last) (?:line|direction|row|side|part) (?:goes|is|goes out|runs) (?:to )?the (?<side>left|right)(?: side)?"
        + @"|(?:starting|beginning|going) (?:off )?(?:to|on) the (?<side>left|right)(?: side)?)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysTheSideOfTheNext();

    /// <summary>Tells that side with the step of the next sentence, where this one steps into a stance led by the foot of that side and tells no turn itself.</summary>
    private void FindWhereTheNextGoes()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var next = last + 2;
            if (next >= _lexemes.Count || !_lexemes.GetRange(first, last - first + 1).All(l => l.Kind is "filler" or "side" or "then" or "ordinal" or "otherSide" || l.IsStop || l.Plain is "over" or "out" or "back") || _lexemes.GetRange(first, last - first + 1).Count(l => l.Is("side")) != 1) continue;
            if (SaysTheSideOfTheNext().Match(WordsFrom(first, last)) is not { Success: true } said) continue;
            var side = said.Groups["side"].Value.ToUpperInvariant() == "LEFT" ? "left" : "right";
            var told = RestOfSentence(next - 1).ToList();
            if (told.FirstOrDefault(l => l.Is("side")) is not { } foot || foot.Value != side || told.FirstOrDefault(l => l.Is("stance")) is not { Term: { } stance } || _ways.Stances.Of(stance.Id).Feet != FeetKind.Lead || told.FirstOrDefault(l => l.Kind is "footNoun" or "footwork" or "technique") is not { Kind: "footNoun" or "footwork" }
                || told.Any(l => l.Kind is "degrees" or "amount" or "turnSide" or "facing" or "clock" or "again" or "otherSide" or "number" || l.Is("place") || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" or "stay" })) continue;
            AsNote(first, last);
            var at = _lexemes[next].Start;
            _lexemes.InsertRange(next, [new("facing", "facing", at, 0, "facing"), new("clock", side == "left" ? "18" : "6", at, 0, ""), StopAt(next, ",")]);
        }
    }
}
