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
        FindSidesThatLeadIn();
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var next = last + 2;
            if (next < _lexemes.Count && last - first < MostOfAShortOne && SaysTheWallOfTheNext().Match(WordsFrom(first, last)) is { Success: true } wall && TellsTheWall(next, wall.Groups["wall"].Value.ToUpperInvariant() == "FRONT" ? "0" : "12")) AsNote(first, last);
            if (next >= _lexemes.Count || !_lexemes.GetRange(first, last - first + 1).All(l => l.Kind is "filler" or "side" or "then" or "ordinal" or "otherSide" || l.IsStop || l.Plain is "over" or "out" or "back") || _lexemes.GetRange(first, last - first + 1).Count(l => l.Is("side")) != 1) continue;
            if (SaysTheSideOfTheNext().Match(WordsFrom(first, last)) is not { Success: true } said) continue;
            var side = said.Groups["side"].Value.ToUpperInvariant() == "LEFT" ? "left" : "right";
            var told = RestOfSentence(next - 1).ToList();
            if (told.FirstOrDefault(l => l.Is("side")) is not { } foot || foot.Value != side || told.FirstOrDefault(l => l.Is("stance")) is not { Term: { } stance } || _ways.Stances.Of(stance.Id).Feet != FeetKind.Lead || told.FirstOrDefault(l => l.Kind is "footNoun" or "footwork" or "technique") is not { Kind: "footNoun" or "footwork" } || TellsItself(told)) continue;
            AsNote(first, last);
            Faces(next, side == "left" ? "18" : "6");
        }
    }

    /// <summary>Whether a sentence tells itself where it goes, or how often.</summary>
    private static bool TellsItself(IEnumerable<Lexeme> told) =>
        told.Any(l => l.Kind is "degrees" or "amount" or "turnSide" or "facing" or "clock" or "again" or "otherSide" or "number" or "place" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" or "stay" });

    /// <summary>Faces a clock direction, in half hours, in the sentence that begins there.</summary>
    private void Faces(int first, string clock) =>
        _lexemes.InsertRange(first, [new("facing", "facing", _lexemes[first].Start, 0, "facing"), new("clock", clock, _lexemes[first].Start, 0, ""), StopAt(first, ",")]);

    [GeneratedRegex(LeadIn + @"(?:(?:then|next|now|and|finally)[, ]+)*(?:(?:the )?(?:next|first|second|third|fourth|last|other)(?: one| move| line| direction| bit| part)?(?:'s| is| goes| will be| are)|(?:it's|it is|that's|we go|we're going|you go|you're going))(?: going)?(?: back| out| over| up| down)* ?(?:to|towards?|facing)? ?the (?<wall>front|back|rear)(?: of the (?:room|hall))?(?: again| now| next)*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysTheWallOfTheNext();

    /// <summary>"Next is to the front. Left foot steps, left front stance, low block": faced by the next sentence, where it steps and tells no direction itself.</summary>
    private bool TellsTheWall(int next, string clock)
    {
        var told = RestOfSentence(next - 1).ToList();
        if (!told.Any(l => l.Kind is "footNoun" or "footwork") || TellsItself(told.Where(l => l.Kind is not ("facing" or "place")))) return false;
        // It may say so again, but nothing else.
        if (told.Any(l => l.Kind is "facing" or "place")) return told.Any(l => l.Is("place", clock == "0" ? "front" : "rear"));
        Faces(next, clock);
        return true;
    }

    [GeneratedRegex(LeadIn + @"(?:(?:next|finally)[, ]+)*(?:over |out |off |back )*(?:to )?(?:the |your )?(?<side>left|right)(?: side)?(?: again| now| next)*(?: with (?:the|your) (?:left|right) (?:foot|leg))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlySaysASide();

    /// <summary>"To the left now, left foot, front stance, low block", "then left, left front stance": so one turns there, where that foot leads and no turn is told.</summary>
    private void FindSidesThatLeadIn()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (end, last) = (EndOfClause(first), EndOfSentence(first));
            if (end + 1 >= last || end + 2 >= _lexemes.Count || _lexemes[end + 1].EndsSentence || end - first > MostOfAShortOne || !_lexemes.GetRange(first, end - first + 1).Any(l => l.Is("side")) || !_lexemes.Take(first).Any(l => l.IsHandTechnique) || OnlySaysASide().Match(WordsFrom(first, end)) is not { Success: true } said || _lexemes[end + 2].Plain == "so") continue; // "right, so …"
            var side = said.Groups["side"].Value.ToUpperInvariant() == "LEFT" ? "left" : "right";
            var told = _lexemes.GetRange(end + 2, last - end - 1);
            if (told.FirstOrDefault(l => l.Is("stance")) is not { Term: { } stance } || _ways.Stances.Of(stance.Id).Feet != FeetKind.Lead || !told.Any(l => l.IsHandTechnique) || told.Any(l => l.Is("way")) || TellsItself(told)) continue;
            // The foot of that side is told, with its noun or its stance.
            var withFoot = _lexemes.GetRange(first, end - first + 1).Any(l => l.Is("footNoun"));
            var foot = Enumerable.Range(first, last - first + 1).Where(k => _lexemes[k].Is("side", side) && Next(k) is { Kind: "footNoun" or "stance" }).ToList();
            if (foot.Count == 0 || !withFoot && foot[0] <= end) continue;
            var at = Enumerable.Range(first, end - first + 1).First(k => _lexemes[k].Is("side", side));
            _lexemes.Insert(at, new Lexeme("footwork", "turn", _lexemes[at].Start, 0, "turn", TermOf("turn")));
            for (var k = at + 2; k <= EndOfClause(first); k++)
                if (_lexemes[k].Is("again")) BecomesSmall(k);
        }
    }
}
