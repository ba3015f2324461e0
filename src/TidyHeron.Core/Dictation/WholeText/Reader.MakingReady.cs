using TidyHeron.Core.Body;
using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>What only makes a move ready, told as one talks the class through it: "look, chamber, step, front stance, low block" is one count.</summary>
public sealed partial class Reader
{
    private const string BesideTheBody = @"(?:up |down |back )?(?:at|on|by|near|over|above|to|beside|next to|under|behind) (?:the|your|my) (?:(?:left|right|other|opposite) )?(?:ear|shoulder|hip|side|elbow|armpit|chest|belt|waist|head)";

    [GeneratedRegex(LeadIn + @"(?:(?:you|we|i|first|next)[ ,]+)*(?:look(?:s|ing)?(?: to (?:the|your|my))? (?:left|right) and )?(?:(?:re)?chamber(?:s|ing)?|prepare|prep|load(?: up)?|set|wind up|cock|get set|set up|(?:the |your |both )?arms cross(?:ing|ed)?|(?:the |your |both )?hands cross(?:ing|ed)?|(?:the |your |my )?arms come across)(?: (?:it|up|first|(?:for )?(?:the|your|my|a) (?:(?:left|right|low|high|rising|middle|inside|outside|down|downward) )*(?:hands?|fists?|arms?|block|punch)))*(?: " + BesideTheBody + @")?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlyMakesReady();

    [GeneratedRegex(LeadIn + @"(?:(?:bring|take|draw|pull|set|place) )?(?:(?:both|the|your) )*(?:fists|hands) (?:back )?(?:to|at|on|over to) (?:the|your|my) (?:left|right) (?:hip|side|waist)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex FistsToTheHip();

    private void FindWhatOnlyMakesReady()
    {
        for (var first = 0; first < _lexemes.Count; first++)
        {
            if (_lexemes[first].IsStop || first > 0 && !_lexemes[first - 1].IsStop) continue;
            var last = EndOfClause(first);
            if (last - first > MostOfAShortOne) continue;
            var words = WordsFrom(first, last);
            var looks = words.ToUpperInvariant() is "LOOK" or "LOOK THERE" or "LOOK FIRST";
            if (!looks && !OnlyMakesReady().IsMatch(words) && !(FistsToTheHip().IsMatch(words) && LooksBeforeTheStep(first, last))) continue;
            // The last of several things told in a sentence is how one stands then: "feet shoulder width, arms crossed."
            if (EndOfSentence(first) == last && StartOfSentence(first) < FirstOfClause(first) && !OnlyLooks(FirstOfClause(first) - 2)) continue;
            // What is made ready: a step and what is done with it, in this sentence or those after it that say no more than one of them.
            var ahead = Ahead(last + 1 < _lexemes.Count && _lexemes[last + 1].EndsSentence ? last + 2 : last + 1);
            if (!ahead.Any(l => l.Is("footwork") || l.Is("footNoun")) || !ahead.Any(l => l.IsHandTechnique) || IsCountMark(first)) continue;
            for (var k = last + 1; k < _lexemes.Count && _lexemes[k - 1] != ahead[^1]; k++)
                if (_lexemes[k].IsStop && _lexemes[k].EndsSentence) _lexemes[k] = _lexemes[k] with { Value = "," };
            if (first > 0 && _lexemes[first - 1].EndsSentence && first > 1 && OnlyLooks(first - 2)) _lexemes[first - 1] = _lexemes[first - 1] with { Value = "," };
            if (looks) BecomesSmall(first, last);
            else AsNote(first, last);
        }

        // "Look left, fists to the right hip and step left": on the way; by itself it is a count of many forms.
        bool LooksBeforeTheStep(int begin, int end) => Backward(begin).TakeWhile(l => !l.EndsSentence).ToList() is var looked && looked.Any(l => l.Is("gaze")) && looked.All(l => l.Kind is "gaze" or "filler" or "stop" or "then")
            && _lexemes.Skip(end + 1).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => !l.IsStop && l.Kind is not ("filler" or "then")) is { Kind: "footwork", Value: "step" };

        // A sentence "look left."
        bool OnlyLooks(int end) => end >= 0 && _lexemes.GetRange(StartOfSentence(end), end - StartOfSentence(end) + 1).All(l => l.Kind is "gaze" or "filler" or "then");

        // Up to the technique; a sentence that only steps, looks or names the stance goes on with the next.
        List<Lexeme> Ahead(int from)
        {
            var run = new List<Lexeme>();
            for (var k = from; k < _lexemes.Count && run.Count < RunOn; k++)
            {
                run.Add(_lexemes[k]);
                if (!_lexemes[k].EndsSentence) continue;
                var sentence = _lexemes.GetRange(StartOfSentence(k - 1), k - StartOfSentence(k - 1));
                if (sentence.Any(l => l.IsHandTechnique && !OnlyMakesReady().IsMatch(l.Plain)) || !sentence.All(l => l.IsStop || l.Kind is "filler" or "gaze" or "footwork" or "footNoun" or "side" or "stance" or "then" or "technique" or "set")) break;
            }
            var done = run.FindIndex(l => l.IsHandTechnique && l.Plain != "chamber");
            return done < 0 ? run : run[..(done + 1)];
        }
    }

    [GeneratedRegex(@"\b(?:look(?:s|ing)?|turn(?:s|ing)? (?:your|the) head|(?:your|the) (?:head|eyes) (?:turns?|goe?s?|look)|eyes) (?:over )?(?:to )?(?:the )?(?:other|opposite) (?:way|side|direction)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex LooksTheOtherWay();

    /// <summary>"Bring the feet together and look the other way": the eyes, in the middle between the two sides.</summary>
    private void FindEyesThatGoTheOtherWay()
    {
        foreach (var (first, last, _) in Runs(LooksTheOtherWay(), "other", "opposite"))
        {
            if (!Clauses(first).Any(l => l.Is("footwork", "pull-together") || l.Plain.StartsWith("feet together", StringComparison.Ordinal) || l.Is("stance") && StanceSet.IsStanding(l.Term!.Id) || l.Plain == "together") && !(Clauses(first).Any(l => l.Is("footNoun")) && Clauses(first).Any(l => l.Plain.Split(' ')[0] is "draw" or "bring" or "pull"))) continue;
            AsNote(first, last);
            _lexemes[first] = _lexemes[first] with { Kind = "gaze", Value = "overShoulder", Plain = OtherWay };
        }
    }

    private const string OtherWay = "the other way";

    /// <summary>"Look to your left, so you're looking to the front.": where that is, of the eyes.</summary>
    private void FindWhereTheEyesGo()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            var gaze = _lexemes.FindIndex(first, last - first + 1, l => l is { Kind: "gaze", Value: "left" or "right" or "overShoulder" });
            if (gaze < 0 || gaze >= last || !_lexemes.GetRange(first, gaze - first).All(l => l.IsStop || l.Kind is "filler" or "then")) continue;
            var rest = _lexemes.GetRange(gaze + 1, last - gaze);
            if (!rest.Any(l => l.Kind is "place" or "facing") || !rest.All(l => l.IsStop || l.Kind is "filler" or "note" or "place" or "facing" or "way" or "gaze" or "unread" or "detail")) continue;
            var from = gaze + 1;
            while (from <= last && _lexemes[from].IsStop) from++;
            if (from <= last) AsNote(from, last);
        }
    }
}
