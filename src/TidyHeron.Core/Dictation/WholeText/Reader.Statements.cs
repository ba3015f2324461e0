using System.Text.RegularExpressions;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Sentences that say how things are by now, sum up what was done or name it: nothing is done in them. Whether they do is known
/// only where they stand, so they are looked for as the reader comes to them.
/// </summary>
public sealed partial class Reader
{
    private static readonly Dictionary<string, Heading> WallsOfTheHall = new() { ["front"] = Heading.Front, ["rear"] = Heading.Rear, ["left"] = Heading.Left, ["right"] = Heading.Right };

    private const int SumsUpAtMost = 8; // moves; a longer summary tells the form itself

    // Words a sentence may begin with before it says anything.
    private const string LeadIn = @"^(?:(?:ok|okay|alright|all right|right|so|and|now|but|then|again|here|yeah|yes|good|great|cool|remember|basically|like|um|uh|at this point|by now|once again|as you can see|notice(?: that)?|so far)[\s,]+)*";

    /// <summary>"You're in …", "you should have your left foot forward", "my left leg is in front".</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:you|we|i)(?:'re|'ll be|'ve got|'ve ended up| are| am| should (?:now |still )?(?:be|have)| will be| end up| wind up| have got| have ended up| have(?! to\b| the\b| a\b))"
        + @"|i'm|(?:my|your|the|our) (?:left|right|front|back|rear|lead|leading) (?:foot|leg|knee)(?:'s| is| should be| will be| stays)"
        + @"|(?:the |your |my |)weight(?:'s| is| should be| stays)|this is still)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysHowOneStands();

    /// <summary>"That's two punches", "so far it's …", "I've done a low block and two punches".</summary>
    [GeneratedRegex(LeadIn + @"(?:that(?:'s| is| was| makes)|those (?:are|were)|so far it(?:'s| is)|it goes|(?:you|we|i)(?:'ve| have)(?: just| now)? done)\b(?! the same| exactly| what| when| where| why| how| because)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SumsUp();

    /// <summary>"We call that …", "it's called …", "in Japanese that's …".</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:that(?:'s| is)|this is|it(?:'s| is)|which is|these are|those are) (?:also )?(?:what (?:we|i|they|you) call|called|known as)"
        + @"|(?:we|i|they|some people|some schools|other schools) call (?:that|this|it|these|those)"
        + @"|(?:in|the) (?:japanese|korean|chinese|english|mandarin|cantonese)(?: name| word| term)?\b(?: (?:we call |)(?:that|this|it|them)(?:'s| is)?| for (?:that|this|it)\b| is\b| would be\b))", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Names();

    /// <summary>"That punch goes to the solar plexus", "both punches are middle level", "the second one is to the face".</summary>
    [GeneratedRegex(LeadIn + @"(?:that|this|both|both of (?:the|those|these)|these|those|all (?:of |)(?:the|those|these)(?: two| three| four)?|(?:the|your|my)(?: (?:first|second|third|last))?)"
        + @"(?: \p{L}+){1,3} (?:is|are|goes|go|should|has to|have to|comes|come|lands|land)\b(?! (?:a|an|the)\b)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex TellsWhatOneWasLike();

    /// <summary>"Let me show you that one more time", "once more from the side", "from the top".</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:let me|i'll|i will|let's|we'll|(?:i'm|we're|i am) (?:going to|gonna)) (?:just )?(?:show|do|go over|go through|run through|demonstrate|say|explain|repeat)\b.*\b(?:again|once more|one more time|from the (?:side|back|front|top))\b"
        + @"|(?:once more|one more time|again),? (?:from the (?:side|back|front|top)\b|slow|in slow|for you|for those|a bit (?:slower|faster))"
        + @"|from the (?:side|top|back)(?:[.,:]|$)|(?:to|let's|a quick|just to) (?:recap|review)\b|recap\b)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex ShowsAgain();

    /// <summary>"That's your starting position.": so far nothing was done.</summary>
    [GeneratedRegex(LeadIn + @"(?:that(?:'s| is)|this is) (?:your|our|my|the) (?:starting|start|ready|opening|beginning) (?:position|stance|posture)\W*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex EndsTheOpening();

    private bool NothingNumbered => _calls.Count == 0;

    /// <summary>"He's kicking and you block it", "it's for a punch to the face": what was done is for.</summary>
    [GeneratedRegex(@"\b(?:he|she|they|he's|she's|they're|him|them|his|her|their|somebody|someone|anybody|attacker|opponent|partner|enemy|guy|defend(?:s|ing)?|against|the idea|the reason|because|(?:it|this|that)(?:'s| is) for|(?:it|this|that) blocks|counter)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpeaksOfTheUse();

    /// <summary>"This could be a throw as well": what was done could be something else.</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:it|this|that|you|we) (?:could|can|might|may) (?:also )?(?:be|use|think of|see)\b|(?:some|other) (?:people|schools|teachers) (?:say|think|do|use|see)\b|(?:you|we) can think of)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatElseItCouldBe();

    /// <summary>Takes in a sentence or a clause that only says how things are, if one begins here.</summary>
    /// <param name="i">Where it may begin.</param>
    /// <param name="last">Its last lexeme.</param>
    private bool TakeStatement(int i, out int last)
    {
        last = i;
        // A clause that begins with a side, a step or a technique tells a move.
        if (_lexemes[i].Kind is "side" or "footwork" or "technique" or "stance" or "degrees" or "relFoot" or "number" or "turnSide" || _lexemes[i].IsStop || i > 0 && !_lexemes[i - 1].IsStop || !_draft.HasBody && NothingCounted || _draft is { IsNumbered: true, HasBody: false }) return false;
        var end = EndOfSentence(i);
        var run = _lexemes.GetRange(i, end - i + 1);
        if (run.Any(l => l.Kind is "footwork" or "degrees" or "turnSide" or "amount" or "again" or "otherSide")) return false;
        var words = WordsFrom(i, end);
        var sentence = run.Where(l => !l.IsStop && l.Kind is not ("filler" or "note" or "then" or "detail" or "opening" or "unread")).ToList();
        if (NothingNumbered && _before.All(m => m.Counting == Counting.Uncounted) && EndsTheOpening().IsMatch(words))
        {
            // What was done till then is how everybody gets there.
            for (var k = 0; k < _said.Count; k++) _said[k] = _said[k] with { Counting = Counting.Uncounted };
            _draft.Counting = Counting.Uncounted;
            AddRemark(i, end);
        }
        else if (SaysHowOneStands().IsMatch(words) && IsHowOneStands(sentence)) foreach (var word in run) Note(word, FieldOf(word));
        else if (Names().IsMatch(words) && (_draft.HasBody ? _draft.IsDone && !sentence.Any(l => l.Kind is "footwork" or "side") : sentence.All(l => l.Is("technique"))) || SumsUp().IsMatch(words) && SumUpWhatWasDone(sentence)) AddRemark(i, end);
        else if (words.StartsWith("so", StringComparison.OrdinalIgnoreCase) && SaysTheLastOnesAgain(sentence)) AddRemark(i, end);
        else if (_draft is not { HasBody: true, IsDone: false } && (SaysWhatElseItCouldBe().IsMatch(words) && sentence.All(l => l.Kind is "technique" or "level" or "side") || SpeaksOfTheUse().IsMatch(words) && IsWhatItIsFor(i, sentence))) AddRemark(i, end);
        else if (TellsWhatOneWasLike().IsMatch(words) && sentence.FirstOrDefault() is { Kind: "technique" or "ordinal" } && SumUpWhatWasDone(sentence))
        {
            TellHowHighTheyWere(sentence);
            AddRemark(i, end);
        }
        else return false;
        last = end;
        return true;

        static string FieldOf(Lexeme word) => word.Kind switch
        {
            "stance" => "stance",
            "facing" or "place" or "clock" => "facing",
            "side" or "footNoun" or "relFoot" or "lead" or "way" => "foot",
            _ => "filler",
        };
    }

    /// <summary>"That's one block and two punches": each of them was done lately.</summary>
    private bool SumUpWhatWasDone(List<Lexeme> sentence)
    {
        if (_draft.IsDone && sentence.Where(l => !l.Is("ordinal")).ToList() is [{ Kind: "technique", Term.IsWholeMovement: true }]) return true; // "that's single whip"
        if (_draft is { HasBody: true, IsDone: false } || !sentence.Any(l => l.Is("technique")) || sentence.Any(l => l.Kind is not ("technique" or "stance" or "side" or "handNoun" or "level" or "number" or "ordinal" or "relHand" or "passage"))) return false;
        var done = DoneLately();
        foreach (var named in sentence.Where(l => l.Is("technique")))
            if (!done.Any(d => IsThat(named, d)) && !(named.Value == "double-punch" && done.Count > 1 && done.TakeLast(2).All(IsPunch))) return false;
        return true;
    }

    /// <summary>"Both punches are middle level", "the first one is to the stomach, the second to the face".</summary>
    private void TellHowHighTheyWere(List<Lexeme> sentence)
    {
        var levels = sentence.Where(l => l.Is("level")).Select(l => Enum.Parse<Level>(l.Value, ignoreCase: true)).ToList();
        if (levels.Count == 0 || !_draft.HasHands || sentence.Any(l => l.Is("ordinal", "1")) && levels.Count == 1) return;
        var last = _draft.Hands.Count - 1;
        if (_draft.Hands[last].Level is null) _draft.Hands[last] = _draft.Hands[last] with { Level = levels[^1] };
        if (_said.Count == 0 || _draft.Counting != Counting.Then || levels.Count == 1 && !IsPlural(sentence.First(l => l.Is("technique"))) || _said[^1].Hands is not [{ Level: null } before]) return;
        _said[^1] = _said[^1] with { Hands = [before with { Level = levels[0] }] };
        ForgetNow();
    }

    /// <summary>"Let me show you that one more time: low block, punch, punch.": told once more what was told just before.</summary>
    private void FindWhatIsShownAgain()
    {
        for (var i = 1; i < _lexemes.Count; i++)
        {
            if (_lexemes[i].IsStop || !_lexemes[i - 1].EndsSentence) continue;
            var end = EndOfSentence(i);
            if (!ShowsAgain().IsMatch(WordsFrom(i, end))) continue;
            // "I'll show it again. Then the third one …": what comes is new.
            if (end + 2 < _lexemes.Count && (_lexemes[end + 2].Kind is "then" or "number" or "ordinal" or "countNoun" || _lexemes[end + 2].Plain is "next")) continue;
            var told = _lexemes.Take(i).Where(l => l.Is("technique")).ToList();
            var (again, shown) = (new List<Lexeme>(), -1);
            for (var from = i; from < _lexemes.Count && again.Count <= told.Count; from = EndOfSentence(from) + 2)
            {
                var to = EndOfSentence(from);
                again.AddRange(_lexemes.GetRange(from, to - from + 1).Where(l => l.Is("technique")));
                if (again.Count > 0 && again.Count <= told.Count && told.TakeLast(again.Count).Zip(again).All(p => IsThat(p.Second, p.First.Term!.Id))) shown = to;
            }
            if (shown > 0) AsNote(i, shown);
        }
    }

    private bool IsPunch(TermId done) => _ways.Vocabulary.Find(done)?.Family == "punch";

    private List<TermId> DoneLately() =>
        [.. _before.Concat(_said).TakeLast(SumsUpAtMost).SelectMany(m => m.Hands.Select(h => h.Technique).Concat(m.Kick is { } k ? [k.Technique] : [])), .. _draft.Hands.Select(h => h.Technique), .. _draft.Kick is { } kick ? [kick.Technique] : Array.Empty<TermId>()];

    /// <summary>"He kicks, you block the kick and you punch him", after a low block and a punch: the last ones, for no foot and no stance is told.</summary>
    private bool IsWhatItIsFor(int first, List<Lexeme> sentence)
    {
        if (_draft is { HasBody: true, SentenceEnded: false } || sentence.Count == 0 || sentence.Any(l => l.Kind is not ("technique" or "level" or "place" or "from" or "side" or "way") || l.Is("side") && !Follows(_lexemes.IndexOf(l, first), "on", "from"))) return false;
        var done = DoneLately().TakeLast(2).ToList();
        var at = 0;
        foreach (var named in sentence.Where(l => l.Is("technique")))
        {
            var k = _lexemes.IndexOf(named, first);
            // "Against a kick", "block the kick", "his punch".
            if (Follows(k, "against", "for", "his", "their") || k > 1 && _lexemes[k - 1].Plain is "the" or "a" && _lexemes[k - 2].Is("technique", "block")) continue;
            while (at < done.Count && !IsThat(named, done[at])) at++;
            if (at++ >= done.Count) return false;
        }
        return true;
    }

    /// <summary>"So block, punch, punch.", after a low block and two punches.</summary>
    private bool SaysTheLastOnesAgain(List<Lexeme> sentence) =>
        _draft is { IsDone: true, SentenceEnded: true } && sentence.Count > 1 && sentence.All(l => l.Is("technique")) && DoneLately().TakeLast(sentence.Count).ToList() is var done && done.Count == sentence.Count && done.Zip(sentence).All(p => IsThat(p.Second, p.First));

    /// <summary>Whether a name, or one of its kind ("the block"), is that of what was done.</summary>
    private bool IsThat(Lexeme named, TermId done) => named.Term!.Id == done || _ways.Vocabulary.Find(done) is { } term && named.Value switch
    {
        "block" => term.Family == "receiving",
        "punch" => term.Family == "punch",
        "kick" => term.IsKick,
        "strike" => !term.IsKick,
        _ => false,
    };

    /// <summary>"You're facing the front now, in a left front stance": so one stands by then.</summary>
    private bool IsHowOneStands(List<Lexeme> sentence)
    {
        if (sentence.Count == 0 || sentence.Any(l => l.Kind is not ("stance" or "side" or "footNoun" or "relFoot" or "lead" or "way" or "facing" or "place" or "clock" or "support" or "handNoun"))) return false;
        if (_draft is { HasBody: true, SentenceEnded: false } || _draft.IsOpening || _draft is { Footwork: "bow" or "announce" or "return" }) return false;
        var here = AfterDraft();
        foreach (var stance in sentence.Where(l => l.Is("stance")))
            if (stance.Term!.Id != here.Stance) return false;
        for (var k = 0; k < sentence.Count; k++)
        {
            var word = sentence[k];
            var after = k + 1 < sentence.Count ? sentence[k + 1] : null;
            if (word.Is("side") && after is not { Kind: "handNoun" })
            {
                if (after is { Kind: "place" or "facing" } || after is null && !sentence.Any(l => l.Kind is "stance" or "footNoun")) return false;
                var behind = after is { Kind: "footNoun" } && k + 2 < sentence.Count && sentence[k + 2].Is("way", "back");
                if (here.Lead is null || here.Lead != (behind ? word.Side.Other : word.Side)) return false;
            }
            if (word.Is("clock") && Heading.FromClock(word.Number) != here.Heading) return false;
            if (word.Is("place") && WallsOfTheHall.GetValueOrDefault(word.Value, here.Heading + Turn.To(Side.Right, 90)) != here.Heading) return false;
        }
        return sentence.Any(l => l.Kind is "stance" or "side" or "place" or "clock" or "support" or "relFoot");
    }
}
