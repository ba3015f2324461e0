using System.Text.RegularExpressions;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Orders to repeat, and announcements, that the sentences after them tell out: only the telling counts.</summary>
public sealed partial class Reader
{
    private const int ToldOutWithin = 5; // sentences after an order

    /// <summary>"The next thing is a low block", "now we're going to turn around", "what we want to do is …".</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:the|this) next (?:(?:two|three|four|few|couple of|bunch of) )?(?:move|thing|one|technique|count|step|part|section|bit|line)s?(?:'s| is| are| goes| go)"
        + @"|(?:now|next|then|here|after that|after this)\s+(?:comes?|it's|there's|we have|you have|we've got)|next(?: up)? is"
        + @"|(?:what|all) (?:we|you|i) (?:want|need|have|'re going|are going) to do|(?:next |now )?(?:we|you|i)(?:'re| are|'m| am) (?:now |just |then )?(?:going to|gonna|about to)|(?:next |now )?(?:we|you|i)(?:'ll| will)"
        + @"|(?:your|the|my) (?:left|right|front|back|rear) (?:foot|leg)(?:'s| is) (?:going to|gonna))\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex AnnouncesADeed();

    [GeneratedRegex(@"\bwhat(?:'s| is| comes| do we do| happens) (?:next|now)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex AsksWhatIsNext();

    [GeneratedRegex(@"\b(?:mirror|mirrored|mirror image|everything (?:we|i|you) just did|all of that)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpeaksOfAMirror();

    private void FindOrdersToldOut()
    {
        var sentences = new List<(int First, int Last)>();
        for (var k = 0; k < _lexemes.Count; k = EndOfSentence(k) + 2)
            if (!_lexemes[k].EndsSentence) sentences.Add((k, EndOfSentence(k)));
            else k--;
        FindCountsThatAreAlike(sentences);
        FindWhereACountGoes(sentences);
        FindTheOtherSideToldOut();
        var asked = false;
        for (var s = 0; s + 1 < sentences.Count; s++)
        {
            var words = WordsFrom(sentences[s].First, sentences[s].Last);
            if (s > 0 && IsRepeatToldOut(sentences, s, words)) AsNote(sentences[s].First, sentences[s].Last);
            else if (asked || AnnouncesADeed().IsMatch(words))
            {
                if (IsAnnouncementToldOut(sentences, s)) AsNote(sentences[s].First, sentences[s].Last);
                else JoinsTheFootThatIsToldTwice(sentences[s], sentences[s + 1]);
            }
            else if (s > 0 && IsStepToldOut(sentences[s], sentences[s + 1])) AsNote(sentences[s].First, sentences[s].Last);
            else if (s > 0) TellsTheTurnOfTheNext(sentences[s], sentences[s + 1]);
            asked = AsksWhatIsNext().IsMatch(words);
        }
    }

    /// <summary>"You've got to get to the other side, so the right foot comes round, half turn, …": told out in its own sentence.</summary>
    private void FindTheOtherSideToldOut()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("otherSide") || !OnlySmallWordsBefore(i)) continue;
            var rest = RestOfSentence(i).ToList();
            var turns = rest.Exists(l => l.Kind is "amount" or "degrees" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "pivot" }) || rest.Exists(l => l.Plain is "round" or "around") && rest.Exists(l => l.Is("footNoun"));
            if (turns && rest.Exists(l => l.IsHandTechnique) && !rest.Exists(l => l.Kind is "again" or "passage" or "times" or "otherSide")) BecomesSmall(i);
        }
    }

    /// <summary>"Fifth move is up the middle. So turn to the left, …": where it goes is told by what follows.</summary>
    private void FindWhereACountGoes(List<(int First, int Last)> sentences)
    {
        for (var s = 0; s + 1 < sentences.Count; s++)
        {
            var told = Enumerable.Range(sentences[s].First, sentences[s].Last - sentences[s].First + 1).Where(k => IsSaying(_lexemes[k])).ToList();
            if (told.Count != 2 || _lexemes[told[0]] is not { Kind: "ordinal" } || !_lexemes[told[1]].Is("way") && !_lexemes[told[1]].Is("place") || !Run(sentences[s]).Any(l => l.Plain is "is" or "goes") || !Run(sentences[s + 1]).TakeWhile(l => l.Is("filler") || l.IsStop).Any(l => l.Plain == "so") || !Run(sentences[s + 1]).Any(l => l.Is("footwork"))) continue;
            AsNote(told[1], told[1]);
        }
    }

    /// <summary>"Six, seven and eight are all the same, you step forward and block high. So step right, high block, …": said of them, before they are told.</summary>
    private void FindCountsThatAreAlike(List<(int First, int Last)> sentences)
    {
        for (var s = 0; s + 1 < sentences.Count; s++)
        {
            var order = Run(sentences[s]);
            var same = order.FindIndex(l => l.Is("again"));
            if (same < 0 || order.Take(same).Count(l => l.Kind is "number" or "ordinal") < 2 || order.Take(same).Any(l => l.Kind is not ("number" or "ordinal" or "filler" or "then" or "countNoun" or "unread") && !l.IsStop) || !order.Take(same).Any(l => l.Plain is "are" or "all")) continue;
            var many = order.Take(same).Count(l => l.Kind is "number" or "ordinal");
            if (Enumerable.Range(s + 1, Math.Min(ToldOutWithin, sentences.Count - s - 1)).SelectMany(n => Run(sentences[n])).Count(l => l.Is("technique")) < many || Run(sentences[s + 1]).Any(l => l.Kind is "again" or "otherSide") || !order.Skip(same).Any(l => l.Is("technique")) && !Run(sentences[s + 1]).TakeWhile(l => l.Is("filler") || l.IsStop).Any(l => l.Plain == "so")) continue;
            // Like "six, seven and eight: step right, …".
            var last = sentences[s].First + order.FindLastIndex(same, l => l.Kind is "number" or "ordinal");
            AsNote(last + 1, sentences[s].Last);
            _lexemes[sentences[s].Last + 1] = _lexemes[sentences[s].Last + 1] with { Value = ":" };
            if (order.Take(same).All(l => !l.Is("number"))) continue;
            (_lexemes[last + 1], _lexemes[sentences[s].Last + 1]) = (_lexemes[sentences[s].Last + 1], _lexemes[last + 1]);
        }
    }

    private List<Lexeme> Run((int First, int Last) sentence) => _lexemes.GetRange(sentence.First, sentence.Last - sentence.First + 1);

    /// <summary>Where a sentence begins to say something: behind "okay, so".</summary>
    private int FirstTold((int First, int Last) sentence) =>
        Enumerable.Range(sentence.First, sentence.Last - sentence.First + 1).FirstOrDefault(k => !_lexemes[k].IsStop && !_lexemes[k].Is("filler"), sentence.First);

    /// <summary>Whether a number of a count begins the sentence.</summary>
    private bool IsCalled((int First, int Last) sentence) => Enumerable.Range(sentence.First, sentence.Last - sentence.First + 1).SkipWhile(k => _lexemes[k].IsStop || _lexemes[k].Kind is "filler" or "then").Take(1).Any(IsCountMark);

    private static bool IsSaying(Lexeme l) => !l.IsStop && l.Kind is not ("filler" or "then" or "note" or "detail" or "unread");

    /// <summary>"Same thing to the right. The right foot steps out, …": told again, with the other side in it.</summary>
    private bool IsRepeatToldOut(List<(int First, int Last)> sentences, int s, string words)
    {
        var order = Run(sentences[s]).Where(IsSaying).ToList();
        if (order.Any(l => l.Kind is not ("again" or "otherSide" or "passage" or "side" or "place" or "timesNoun" or "countNoun" or "ordinal" or "number") && l is not { Kind: "footwork", Plain: "moves" or "steps" })) return false;
        if (!order.Any(l => l.Kind is "again" or "otherSide") && !SpeaksOfAMirror().IsMatch(words)) return false;
        if (OrdersItOnceMore().IsMatch(words) && !order.Any(l => l.Is("otherSide"))) return false; // all of it, as it was
        if (IsCalled(sentences[s]) || IsCalled(sentences[s + 1]) || OnlyNamesWhatWasDone(sentences[s].First, sentences[s + 1].First, sentences[s + 1].Last)) return false;
        var before = Enumerable.Range(0, sentences[s].First).Where(IsADeed).ToList();
        var until = sentences.Skip(s + 1).Take(ToldOutWithin).TakeWhile(n => !Run(n).Any(l => l.Kind is "again" or "otherSide")).LastOrDefault();
        var after = Enumerable.Range(sentences[s + 1].First, Math.Max(0, until.Last + 1 - sentences[s + 1].First)).Where(IsADeed).ToList();
        for (var many = Math.Min(before.Count, after.Count); many > 0; many--)
        {
            var (was, now) = (before.TakeLast(many).ToList(), after.Take(many).ToList());
            if (!was.Zip(now).All(p => IsThat(_lexemes[p.Second], _lexemes[p.First].Term!.Id))) continue;
            var (firstWas, lastNow) = (sentences.Last(n => n.First <= was[0]).First, sentences.Last(n => n.First <= now[^1]).Last);
            var (whichWas, whichNow) = (MostlyRight(firstWas, sentences[s].First - 1), MostlyRight(sentences[s + 1].First, lastNow));
            var there = order.FirstOrDefault(l => l.Is("side"));
            if (there is null && order.Any(l => l.Is("place", "rear"))) return Run(sentences[s + 1]).Any(l => l.Is("degrees", "180") || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } || l.Is("place", "rear"));
            if (there is not null ? whichNow * (there.Value == "right" ? 1 : -1) <= 0 || whichWas * whichNow > 0 : whichWas * whichNow >= 0 || !order.Any(l => l.Is("otherSide")) && !SpeaksOfAMirror().IsMatch(words)) return false;
            _mirrored[_lexemes[now[0]].Start] = _lexemes[was[0]].Start;
            return true;
        }
        return false;
    }

    // Where a technique stands that mirrors an earlier one, and where that one stands.
    private readonly Dictionary<int, int> _mirrored = [];

    /// <summary>A technique; "pull the left foot back" is none.</summary>
    private bool IsADeed(int k) => _lexemes[k].Is("technique") && !(_lexemes[k].Value is "pull" or "push" or "press" or "pressing-block" && IndexAfter(k) is var next and > 0 && (_lexemes[next].Is("relFoot") || _lexemes[next].Is("side") && IndexAfter(next) is var noun and > 0 && _lexemes[noun].Is("footNoun")));

    /// <summary>"Same on the other side. Step to the right, cat stance, block": facing the mirror of where one faced with it on the first side.</summary>
    private void FacesTheMirrorOfTheFirstSide(Draft draft, Posture now)
    {
        if (draft is not { TurnAmount: null, Facing: null } || draft.Footwork is null && draft.Foot is null || _mirrored.Count == 0) return;
        var at = _fields.FindIndex(f => f.Move == draft.Id && _mirrored.ContainsKey(f.Start));
        if (at < 0 || _fields.Find(f => f.Start == _mirrored[_fields[at].Start] && f.Move is not null)?.Move is not { } first) return;
        var moves = SoFar().Moves;
        var was = moves.ToList().FindIndex(m => m.Id == first);
        if (was < 0) return;
        var walked = Walk.Of(SoFar() with { Moves = [.. moves.Take(was + 1)] }, BodyMeasures.Reference, _ways).Postures;
        // The axis is how one faced before one turned there.
        var axis = walked.LastOrDefault(p => p.Heading != walked[^1].Heading)?.Heading ?? Heading.Front;
        if (now.Heading == axis || walked[^1].Heading.MirroredAcross(axis) == walked[^1].Heading) return; // the same turn to the other side leads there
        draft.Facing = walked[^1].Heading.MirroredAcross(axis);
        Assume(draft, "technique", $"Read as facing {Speech.Heading(draft.Facing.Value, _ways.Directions)}, as on the other side.", "");
    }

    /// <summary>More than nought where the right is named more often than the left, or first.</summary>
    private int MostlyRight(int first, int last)
    {
        var sides = _lexemes.GetRange(first, last - first + 1).Where(l => l is { Kind: "side" or "turnSide", Value: "left" or "right" }).Select(l => l.Value == "right" ? 1 : -1).ToList();
        return sides.Sum() is var more and not 0 ? more : sides.FirstOrDefault();
    }

    /// <summary>"Now comes the low block. Step across, …, low block": the same, told with its feet and sides.</summary>
    private bool IsAnnouncementToldOut(List<(int First, int Last)> sentences, int s)
    {
        var announced = Run(sentences[s]).Where(IsSaying).ToList();
        var named = announced.Where(l => l.Is("technique")).ToList();
        // "The next two moves go to the back. Turn …, 180 degrees": where to, that tells.
        if (announced.Any(l => l.Is("place")) && announced.All(l => l.Kind is "place" or "number" or "ordinal" or "countNoun" or "passage" || l is { Kind: "footwork", Value: "step" }) && !announced.Any(l => l.Kind is "footNoun") && Run(sentences[s + 1]).Any(l => l.Kind is "degrees" or "turnSide")) return true;
        if (named.Count == 0 || IsCalled(sentences[s]) || announced.Any(l => l.Kind is not ("technique" or "again" or "otherSide" or "times" or "level" or "number" or "place") && l is not { Kind: "footwork" })) return false;
        if (_lexemes[FirstTold(sentences[s + 1])] is { Kind: "then" or "number" or "ordinal" or "countNoun" } or { Plain: "next" or "and then" or "after that" }) return false;
        var told = new List<Lexeme>();
        for (var n = s + 1; n < sentences.Count && n <= s + ToldOutWithin && told.Count(l => l.Is("technique")) < named.Count; n++) told.AddRange(Run(sentences[n]));
        var deeds = told.Where(l => l.Is("technique")).Take(named.Count).ToList();
        return deeds.Count == named.Count && named.Zip(deeds).All(p => IsThat(p.First, p.Second.Term!.Id)) && told.Any(l => l.Kind is "side" or "footNoun" or "stance" or "degrees") && told.Any(l => l.Kind is "footNoun" or "stance" or "degrees" or "footwork");
    }

    /// <summary>"From here we go forward. Left foot steps forward, …", "from there we jump. Jump forward, …": one step, one jump.</summary>
    private bool IsStepToldOut((int First, int Last) sentence, (int First, int Last) next)
    {
        if (Run(sentence).Where(IsSaying).Where(l => !l.Is("from")).ToList() is not [{ Kind: "footwork", Value: "step" or "jump" } told, ..] said || said.Skip(1).Any(l => !l.Is("way", "forward")) || !Run(sentence).Any(l => Performers.Contains(l.Plain)) || Run(sentence)[0].Is("then")) return false;
        var clause = _lexemes.GetRange(FirstTold(next), EndOfClause(FirstTold(next)) - FirstTold(next) + 1);
        return clause.FindAll(l => l.Is("footwork") && l.Value != "land") is [{ } goes] && goes.Value == told.Value && (clause.Any(l => l.Is("footNoun")) || told.Value == "jump") && !clause.Any(l => l.Kind is "then" or "number" or "ordinal" || l.Is("way", "back"));
    }

    /// <summary>"Now we turn about. You pass the staff over your head as you pivot to your left": that far.</summary>
    private void TellsTheTurnOfTheNext((int First, int Last) sentence, (int First, int Last) next)
    {
        if (Run(sentence).Where(IsSaying).ToList() is not [{ Kind: "footwork", Value: "turn" } turn]) return;
        // "Now we turn. The left foot goes behind you, you turn 270 degrees": that tells how far.
        if (turn.Plain == "turn" && Run(next).Any(l => l.Kind is "degrees" or "amount") && Run(next).Any(l => l.Is("footwork"))) AsNote(sentence.First, sentence.Last);
        if (turn.Plain.Split(' ')[^1] is not ("about" or "around" or "round")) return;
        var pivot = Enumerable.Range(next.First, next.Last - next.First + 1).FirstOrDefault(k => _lexemes[k] is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }, -1);
        if (pivot < 0 || !Enumerable.Range(next.First, pivot - next.First).Any(k => _lexemes[k].Is("technique")) || Run(next).Any(l => l.Kind is "degrees" or "amount" or "clock" or "then")) return;
        AsNote(sentence.First, sentence.Last);
        _lexemes.Insert(pivot + 1, new Lexeme("degrees", "180", _lexemes[pivot].Start + _lexemes[pivot].Length, 0, "180 degrees"));
    }

    /// <summary>"Your right foot is going to move to the right. You step with the right foot into …": one step.</summary>
    private void JoinsTheFootThatIsToldTwice((int First, int Last) announced, (int First, int Last) told)
    {
        var sentence = Run(announced);
        if (sentence.Where(IsSaying).Any(l => l.Kind is not ("side" or "footNoun" or "footwork" or "way" or "beside")) || sentence.Count(l => l.Is("footwork")) != 1 || sentence.Count(l => l.Is("footNoun")) != 1 || sentence.Find(l => l.Is("footwork")) is not { Value: "step" or "slide" or "pull-together" }) return;
        var foot = sentence.FindIndex(l => l.Is("footNoun"));
        if (foot == 0 || !sentence[foot - 1].Is("side")) return;
        var from = FirstTold(told);
        var to = EndOfClause(from);
        var clause = _lexemes.GetRange(from, to - from + 1);
        var again = clause.FindIndex(l => l.Is("footNoun"));
        if (again < 1 || !clause[again - 1].Is("side", sentence[foot - 1].Value) || clause.Count(l => l.Is("footwork")) != 1 || clause.Find(l => l.Is("footwork")) is not { Value: "step" or "slide" } || clause.Any(l => l.Kind is "then" or "number" or "ordinal" or "way")) return;
        _lexemes[announced.Last + 1] = _lexemes[announced.Last + 1] with { Value = "," };
        foreach (var k in new[] { again - 1, again, clause.FindIndex(l => l.Is("footwork")) }) BecomesSmall(from + k);
    }
}
