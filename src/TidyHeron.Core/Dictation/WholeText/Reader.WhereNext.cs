using System.Text.RegularExpressions;
using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Sentences that only say to which side of the hall one goes next: "then we go to the right. Right foot, right walking stance, …".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(LeadIn + @"(?:(?:first(?: of all)?|then|next|now|and|finally)[, ]+)*(?:"
        + @"(?:(?:we|you|i|let's)(?:'re| are|'ll| will)? (?:going to |gonna )?(?:go|start|begin|move|come|head|work|do) )?(?:off |over |out |back |across )?(?:(?:to|on|towards?|with) )?(?:the |your |my |our )?(?<side>left|right)(?:[- ]hand)?(?: side| wall)?(?: first| now| next)?"
        + @"|the (?:first|second|third|fourth|next|other|last) (?:line|direction|row|side|part) (?:goes|is|goes out|runs) (?:to )?the (?<side>left|right)(?: side)?"
        + @"|(?:starting|beginning|going) (?:off )?(?:to|on) the (?<side>left|right)(?: side)?)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysTheSideOfTheNext();

    /// <summary>Tells that side with the step of the next sentence, where this one steps into a stance led by the foot of that side and tells no turn itself.</summary>
    private void FindWhereTheNextGoes()
    {
        FindSidesThatLeadIn();
        FindTheCentreOneGoesOutFrom();
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var next = last + 2;
            if (next < _lexemes.Count && last - first < MostOfAShortOne && SaysTheWallOfTheNext().Match(WordsFrom(first, last)) is { Success: true } wall && !(wall.Groups["looks"].Success && (first > 0 && CharAt(_lexemes[first - 1].Start) == ';' || RestOfSentence(next - 1).Any(l => l is { Kind: "place", Plain: "front" }))) && TellsTheWall(next, wall.Groups["wall"].Value.ToUpperInvariant() == "FRONT" ? "0" : "12")) AsNote(first, last);
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

    [GeneratedRegex(LeadIn + @"(?:(?:then|next|now|and|finally)[, ]+)*(?:(?:the )?(?:next|first|second|third|fourth|last|other)(?: one| move| line| direction| bit| part)?(?:'s| is| goes| will be| are)|(?:it's|it is|that's|we go|we're going|you go|you're going))(?: going)?(?: back| out| over| up| down)* ?(?:to|towards?|facing)? ?the (?<wall>front|back|rear)(?: of the (?:room|hall))?(?: again| now| next)*$"
        + "|" + LeadIn + @"(?:(?:you|we|i) )?(?<looks>look(?:s|ing)?|turn (?:your|the) head|eyes)(?: back)?(?: (?:to|at|towards?))? (?:the )?(?<wall>front|back|rear)(?: wall| of the (?:room|hall))?(?: again| now| next)*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
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

    /// <summary>"The next move is", "this one goes", "your first block will be", "it's".</summary>
    private const string WhatGoesThere = @"(?:(?:(?:the|this|that|your|our) )?(?:(?:very )?(?:first|second|third|fourth|fifth|sixth|next|last|final|other|opening) )?(?:one|move|movement|technique|block|punch|kick|strike|count|step|direction|thing)?(?: ?'s| is| goes| will be| comes)|it(?:'s| is)|we(?: go|'re going)|you(?: go|'re going))";

    [GeneratedRegex(LeadIn + @"(?:(?:next|finally)[, ]+)*(?:(?<what>" + WhatGoesThere + @") )?(?:over |out |off |back )*(?:to )?(?:the |your |my )?(?<side>left|right)(?: side)?(?: again| now| next)*(?: with (?:the|your|my) (?:left|right) (?:foot|leg))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlySaysASide();

    /// <summary>"Left. Low block, front stance.": one sentence, where the second tells no side and no foot.</summary>
    private void JoinSidesThatLeadIn()
    {
        for (var first = NextSentence(-1); NextSentence(EndOfSentence(first)) is var next && next < _lexemes.Count; first = next)
        {
            var stop = EndOfSentence(first) + 1;
            if (stop - first > MostOfAShortOne + 1 || !_lexemes.GetRange(first, stop - first).Exists(l => l.Is("side")) || !OnlySaysASide().IsMatch(WordsFrom(first, stop - 1))) continue;
            var told = _lexemes.GetRange(next, EndOfSentence(next) - next + 1);
            if (told.Find(l => !l.IsStop && l.Kind is not ("filler" or "then")) is not ({ Kind: "stance" } or { IsHandTechnique: true }) || !told.Exists(l => l.Is("stance")) || !told.Exists(l => l.IsHandTechnique)
                || told.Exists(l => l.Kind is "side" or "footNoun" or "footwork" or "turnSide" or "degrees" or "place" or "way" or "again" or "otherSide")) continue;
            _lexemes[stop] = _lexemes[stop] with { Value = "," };
        }
    }

    /// <summary>"To the left now, left foot, front stance, low block", "then left, left front stance": so one turns there, where that foot leads and no turn is told.</summary>
    private void FindSidesThatLeadIn()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (end, last) = (EndOfClause(first), EndOfSentence(first));
            if (end + 1 >= last || end + 2 >= _lexemes.Count || _lexemes[end + 1].EndsSentence || end - first > MostOfAShortOne || !_lexemes.GetRange(first, end - first + 1).Any(l => l.Is("side")) || OnlySaysASide().Match(WordsFrom(first, end)) is not { Success: true } said || (!said.Groups["what"].Success || RestOfSentence(end).Any(l => l.Is("footNoun"))) && !_lexemes.Take(first).Any(l => l.IsHandTechnique) || _lexemes[end + 2].Plain == "so") continue; // "right, so …"
            var side = said.Groups["side"].Value.ToUpperInvariant() == "LEFT" ? "left" : "right";
            var told = _lexemes.GetRange(end + 2, last - end - 1);
            if (told.FirstOrDefault(l => l.Is("stance")) is not { Term: { } stance } || _ways.Stances.Of(stance.Id).Feet != FeetKind.Lead || !told.Any(l => l.IsHandTechnique) || told.Any(l => l.Is("way")) || TellsItself(told)) continue;
            // The foot of that side is told, with its noun or its stance.
            var withFoot = _lexemes.GetRange(first, end - first + 1).Any(l => l.Is("footNoun"));
            var foot = Enumerable.Range(first, last - first + 1).Where(k => _lexemes[k].Is("side", side) && Next(k) is { Kind: "footNoun" or "stance" }).ToList();
            if (foot.Count == 0 || !withFoot && foot[0] <= end) continue;
            var at = Enumerable.Range(first, end - first + 1).First(k => _lexemes[k].Is("side", side));
            if (_lexemes[at + 1].Is("footNoun")) continue; // the cell of a table: a foot, whose word is at the head of the column
            for (var k = first; k < at; k++)
                if (_lexemes[k].Kind is "technique" or "number" or "note" or "footwork") BecomesSmall(k); // "this one goes", "the first block is"
            _lexemes.Insert(at, new Lexeme("footwork", "turn", _lexemes[at].Start, 0, "turn", TermOf("turn")));
            for (var k = at + 2; k <= EndOfClause(first); k++)
                if (_lexemes[k].Is("again")) BecomesSmall(k);
        }
    }

    [GeneratedRegex(LeadIn + @"(?:(?:next|finally|from (?:here|there)|after that)[, ]+)*(?:(?:we|you|i|let's)(?:'re| are|'ll| will)? (?:going to |gonna )?)?(?:(?:go|goes|move|come|comes|head|cross|face|facing|turn) )?(?:over |across |round |around |on )*(?:(?:to|on|for|towards?) )?(?:the |your |my )?(?:other|opposite) (?:side|way|direction)(?: now| next)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlySaysTheOtherSide();

    /// <summary>"Now the other side, right front stance, low block", "go to the other side. Right front stance, …": one turns there, where what is done is told out.</summary>
    private void FindTheOtherSideThatLeadsIn()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("otherSide") && _lexemes[i] is not { Kind: "place", Plain: "the other way" or "other way" or "the other direction" or "opposite way" or "the opposite way" or "the opposite direction" or "opposite direction" }) continue;
            var first = StartOfSentence(i);
            if (!_lexemes.Take(first).Any(l => l.IsHandTechnique) || !OnlySaysTheOtherSide().IsMatch(WordsFrom(first, i))) continue;
            var rest = i + 1;
            while (rest < _lexemes.Count && _lexemes[rest].Plain is "now" or "next") rest++;
            if (rest + 1 >= _lexemes.Count || !_lexemes[rest].IsStop && _lexemes[rest].Plain is not ("with" or "into" or "in")) continue;
            var told = _lexemes.Skip(_lexemes[rest].IsStop ? rest + 1 : rest).TakeWhile(l => !l.EndsSentence).ToList();
            if (told.FindIndex(l => l.Is("stance")) is not (>= 0 and var stands) || _ways.Stances.Of(told[stands].Term!.Id).Feet != FeetKind.Lead || !(stands > 0 && told[stands - 1].Is("side") || !_lexemes[rest].EndsSentence && told.Count(l => l.Is("footNoun")) == 1 && told[..stands].FindIndex(l => l.Is("footNoun")) is > 0 and var foot && told[foot - 1].Is("side")) || told.Count(l => l.IsHandTechnique) is not (1 or 2) || told.Any(l => l.Is("footwork") || l.IsKick) || _lexemes[i].Is("place") && told.Any(l => l.Is("footNoun")) || TellsItself(told)) continue;
            for (var k = first; k < i; k++)
                if (_lexemes[k].Kind is "footwork" or "facing" or "way" or "beside") BecomesSmall(k);
            if (_lexemes[rest].IsStop) _lexemes[rest] = _lexemes[rest] with { Value = "," };
            _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "180", Plain = "180 degrees" };
            _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
            _guesses[_lexemes[i + 1].Start] = ("Read as turning about, as what is done there is told.", "");
            i++;
        }
    }

    /// <summary>"From the centre, left foot goes straight forward": to the front, where an arm of the line was walked before and no other direction is told.</summary>
    private void FindTheCentreOneGoesOutFrom()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("from") || !OnlySmallWordsBefore(i)) continue;
            var centre = _lexemes[i + 1].Plain is "the" ? i + 2 : i + 1;
            if (centre >= _lexemes.Count || _lexemes[centre].Plain is not ("middle" or "centre" or "center" or "the centre line" or "the center line" or "the middle line")) continue;
            var told = RestOfSentence(centre).ToList();
            if (!told.Exists(l => l.Is("stance")) || !told.Exists(l => l.Is("way", "forward") || l is { Kind: "footwork", Plain: "step forward" }) || TellsItself(told)) continue;
            BecomesSmall(i);
            _lexemes[centre] = _lexemes[centre] with { Kind = "place", Value = "front", Plain = FromTheCentre };
        }
    }

    private const string FromTheCentre = "from the centre";
}
