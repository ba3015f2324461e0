using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is told of a foot on its way: behind one and round, and what is done as it lands.</summary>
public sealed partial class Reader
{
    /// <summary>"The left foot goes behind you to the right side, three quarters of a turn": over the shoulder of that foot; the side is where it lands.</summary>
    private void FindFeetThatGoBehind()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("footNoun") || !_lexemes[i - 1].Is("side") || EndOfSentence(i) is var last && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l is { Kind: "place", Plain: "behind you" or "behind" }) is var behind && behind < 0) continue;
            var far = _lexemes.FindIndex(behind, last - behind + 1, l => l.Kind is "degrees" or "amount" && l.Value is "180" or "225" or "270" && !l.Plain.StartsWith("all the way", StringComparison.Ordinal));
            if (far < 0 || _lexemes.GetRange(i, last - i + 1).Any(l => l.Is("turnSide")) || Enumerable.Range(far, last - far + 1).Any(k => _lexemes[k].Is("side") && Follows(k, "to"))) continue;
            var lands = Enumerable.Range(behind, far - behind).FirstOrDefault(k => _lexemes[k].Is("side", _lexemes[i - 1].Side.Other.Word) && Follows(k, "to", "to the"), -1);
            if (lands < 0 || Next(lands) is { Kind: "footNoun" or "stance" or "technique" }) continue;
            BecomesSmall(behind);
            for (var k = behind; k < far; k++) if (_lexemes[k].Is("amount")) BecomesSmall(k);
            AsNote(lands, lands);
            _lexemes.Insert(far + 1, new Lexeme("turnSide", _lexemes[i - 1].Value, _lexemes[far].Start + _lexemes[far].Length, 0, ""));
        }
    }

    [GeneratedRegex(@"\bso (?:that )?(?:(?:the|your|my) (?:left|right|front|back) (?:foot|leg) (?:slides|steps|goes|moves|shifts)|(?:you|we|i) (?:slide|step|move|shift) (?:the|your|my) (?:left|right|front|back) (?:foot|leg)) (?:out|forward|back|across)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SoTheFootGoes();

    /// <summary>"Left hammer fist, horse stance, so the left foot slides out": with it, not after it.</summary>
    private void FindFeetThatGoWithIt()
    {
        foreach (var (first, _, _) in Runs(SoTheFootGoes(), "so "))
            if (first > 0 && _lexemes[first - 1].Is("stop", ",") && Backward(first).TakeWhile(l => !l.EndsSentence).ToList() is var done && done.Any(l => l.IsHandTechnique) && done.Any(l => l.Is("stance")) && !done.Any(l => l.Kind is "footNoun" or "footwork")) _lexemes[first] = _lexemes[first] with { Kind = "together", Value = "while", Plain = "as" };
    }

    [GeneratedRegex(@"\b(?:so that|so|until|till|and|such that|to where|where) (?:your |the |both |they're |you're standing with |you're |you have )*(?:your |the |both )?feet (?:are |come |end up |meet )?(?:back )?together\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SoTheFeetAreTogether();

    /// <summary>"Bring the left foot back so your feet are together": beside the other one, not behind it.</summary>
    private void FindFeetThatComeTogether()
    {
        foreach (var (first, last, _) in Runs(SoTheFeetAreTogether(), "together"))
        {
            var opens = StartOfSentence(first);
            var foot = _lexemes.FindIndex(opens, first - opens, l => l.Kind is "footNoun" or "relFoot");
            if (foot < 0 || _lexemes.GetRange(opens, first - opens).Any(l => l.Kind is "technique" or "stance")) continue;
            var moves = _lexemes.FindLastIndex(first - 1, first - opens, l => l is { Kind: "footwork", Value: "step" or "step-back" or "slide" or "slide-back" } or { Kind: "way", Value: "back" });
            if (moves < 0) continue;
            for (var k = opens; k < first; k++)
                if (k != moves && _lexemes[k].Kind is "footwork" or "way") BecomesSmall(k);
            BecomesTerm(moves, "footwork", "pull-together");
            AsNote(first, last);
        }
    }

    [GeneratedRegex(@"^(?:and |then |so )*(?:(?:you|we|i) )?(?:spin|pivot|turn|swivel)(?:s|ning|ing)?(?: (?:round|around))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnlySpins();

    /// <summary>"Now we turn to the back. Right foot goes behind, we spin, and block": how the turn just told is made.</summary>
    private void FindHowATurnIsMade()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("footNoun") || !_lexemes[i - 1].Is("side") || _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Plain is "behind" or "behind you" && l.Kind is "place" or "way" or "lead" or "filler" or "beside" or "order") is not (> 0 and var behind) || !Alone(behind) || Next(behind) is not null) continue;
            var first = FirstOfClause(i);
            var sentence = StartOfSentence(i);
            var turned = OnlySmallWordsBefore(first) || first == sentence ? sentence > 1 ? _lexemes.GetRange(StartOfSentence(sentence - 2), sentence - 1 - StartOfSentence(sentence - 2)) : [] : _lexemes.GetRange(sentence, first - sentence);
            if (!turned.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } || l.Is("support") && l.Plain.Split(' ')[0] is "pivot" or "turn" or "spin" or "swivel") || turned.Any(l => l.Kind is "technique" or "stance") || turned.Any(l => l.Is("footNoun")) && !turned.Any(l => l.Is("support") || l.Plain == "on")) continue;
            var next = EndOfClause(behind) + 2;
            var spun = next < _lexemes.Count && !_lexemes[next - 1].EndsSentence && OnlySpins().IsMatch(WordsFrom(next, EndOfClause(next)));
            // How far was told, or that it is about; "the left foot steps behind" alone may cross.
            var halfTurn = turned.Any(l => l.Kind is "amount" or "degrees" && l.Value is "180");
            var about = turned.Any(l => l.Is("place", "rear") || l.Plain.Split(' ')[^1] is "round" or "around" or "about");
            if (!spun && !halfTurn && !(about && !_lexemes[behind].Is("lead"))) continue;
            BecomesSmall(behind);
            if (_lexemes[behind - 1] is { Kind: "way", Value: "back" }) BecomesSmall(behind - 1); // "goes back behind me"
            if (Previous(behind) is { Kind: "footwork" } goes) BecomesTerm(_lexemes.LastIndexOf(goes, behind), "footwork", "turn");
            if (spun) AsNote(next, EndOfClause(next));
        }
    }

    [GeneratedRegex(@"\bas (?:it|the foot|that foot|your foot|the leg|that leg) (?:goes out|lands|comes down|touches down|touches the floor|touches|sets down|gets there|arrives|settles|hits the floor)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex AsTheFootLands();

    /// <summary>"Out to the side into a horse stance, and as it lands do a double punch": with that step.</summary>
    private void FindWhatIsDoneAsTheFootLands()
    {
        foreach (var (first, last, _) in Runs(AsTheFootLands(), "as it", "as the", "as that", "as your"))
        {
            if (first < 2 || !RestOfSentence(last).Any(l => l.IsHandTechnique)) continue;
            var opens = OnlySmallWordsBefore(first) ? first - 1 : first;
            while (opens > 0 && !_lexemes[opens].IsStop) opens--;
            var before = Backward(OnlySmallWordsBefore(first) && _lexemes[opens].EndsSentence ? opens : first).TakeWhile(l => !l.EndsSentence).ToList();
            if (before.Any(l => l.IsKick || l.IsHandTechnique) || !before.Any(l => l.Is("stance"))) continue;
            AsNote(first, last);
            if (opens > 0 && _lexemes[opens].IsStop) _lexemes[opens] = _lexemes[opens] with { Value = "," };
        }
    }

    [GeneratedRegex(@"\b(?<stamp>stamp|stamps|stomp|stomps)(?: it| the foot| that foot| the right foot| the left foot)?(?: back)?(?: down)? (?:next to|beside|by) (?:the|your|my) (?:left|right|other)(?: one| foot)?\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex StampsBesideTheOther();

    [GeneratedRegex(@"^(?:with )?(?:the |your |my )?knee (?:nice and |really |up )?high$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex KneeHigh();

    /// <summary>"Bring your right leg up, knee high, and stamp it down next to the left one": the feet are side by side then.</summary>
    private void FindFeetThatStamp()
    {
        foreach (var (first, last, _) in Runs(StampsBesideTheOther(), "stamp", "stomp"))
        {
            if (!_lexemes[first].Is("footwork") || RestOfSentence(last).Any(l => l.Is("stance") || l.Is("footwork", "stomp"))) continue;
            var (start, length, _) = Said(first, last);
            var stamps = _lexemes[first];
            var foot = _lexemes.FindIndex(first, last - first + 1, l => l.Is("footNoun") && l.Plain != "");
            // Which foot is told before it, or with it.
            if (foot > 0 && _lexemes[foot - 1].Is("side") && foot < last - 1) continue;
            AsNote(first, last);
            _lexemes[first] = stamps with { Length = length };
            _lexemes.Insert(last + 1, new Lexeme("stance", "closed-stance", start + length, 0, "closed stance", TermOf("closed-stance")));
            var sentence = StartOfSentence(first);
            for (var k = first - 1; k > sentence; k--)
                if (!_lexemes[k].IsStop && _lexemes[k - 1].IsStop && KneeHigh().IsMatch(WordsFrom(k, EndOfClause(k)))) AsNote(k, EndOfClause(k));
        }
    }
}
