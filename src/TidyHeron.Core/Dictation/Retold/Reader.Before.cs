using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Where one stands as the words begin, and what was done before: a lesson takes a form up in its middle.</summary>
public sealed partial class Reader
{
    /// <summary>"You're facing twelve, right foot forward.", before anything is done: how one stands as the words begin.</summary>
    private void RetellHowOneStands(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "youre" or "were" or "you are" or "we are" or "ended" or "finished" } || _before.Count > 0 || !OnlySmallWordsAndACallBefore(i) && !Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Is("filler") || l.IsStop)) return;
        var sentence = RestOfSentence(i).ToList();
        if (!sentence.Any(l => l.Is("facing")) || !sentence.Any(l => l.Is("footNoun")) || sentence.Any(l => l.Kind is "technique" or "footwork" or "stance" or "shout" or "degrees" or "amount") || _lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun" or "opening") || _lexemes.Count <= EndOfSentence(i) + 3) return;
        var foot = _lexemes.FindIndex(i, l => l.Is("footNoun"));
        ForwardIsTheLead(foot);
        if (foot + 1 >= _lexemes.Count || !_lexemes[foot + 1].Is("lead")) return;
        BecomesWhereWeAre(i);
    }

    /// <summary>"You finished with the punch and the shout, you're facing the front with your right foot forward.": how one stands as the words begin, and what was before.</summary>
    private void RetellWhatWasBefore(int i)
    {
        if (_lexemes[i].Plain is not ("finished" or "ended" or "stopped") || i == 0 || _lexemes[i - 1].Plain is not ("you" or "we" or "i") || _before.Count > 0 || _lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun")) return;
        var (comma, end) = (EndOfClause(i) + 1, EndOfSentence(i));
        if (comma >= end || !_lexemes[comma].Is("stop", ",") || _lexemes.FindIndex(comma, end - comma + 1, l => l.Plain is "youre" or "you are" or "were" or "we are") is var now && now < 0 || !_lexemes.GetRange(now, end - now + 1).Any(l => l.Is("facing")) || _lexemes.GetRange(now, end - now + 1).Any(l => l.Kind is "technique" or "footwork")) return;
        var foot = _lexemes.FindIndex(now, end - now + 1, l => l.Is("footNoun"));
        if (foot > 0) ForwardIsTheLead(foot);
        AsNote(i - 1, comma - 1);
        BecomesWhereWeAre(now);
    }

    /// <summary>"Right foot forward", of how one stands: it leads.</summary>
    private void ForwardIsTheLead(int foot)
    {
        if (foot + 1 < _lexemes.Count && _lexemes[foot + 1].Is("way", "forward")) _lexemes[foot + 1] = _lexemes[foot + 1] with { Kind = "lead", Value = "lead" };
    }

    /// <summary>What stands in this sentence was there before the words begin.</summary>
    private void BecomesWhereWeAre(int i) => _lexemes[i] = _lexemes[i] with { Kind = "whereWeAre", Value = "before", Term = null };

    /// <summary>"Sanchin stance to start, right foot forward. You've got both arms up in the double block.": how one stands as the form begins.</summary>
    private void RetellStanceToStartWith(int i)
    {
        if (!_lexemes[i].Is("stance") || _before.Count > 0 || i + 2 >= _lexemes.Count || _lexemes[i + 1].Plain != "to" || _lexemes[i + 2].Plain is not ("start" or "begin" or "start with" or "begin with") || _lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance" or "opening")) return;
        if (_lexemes.FindIndex(i, EndOfSentence(i) - i + 1, l => l.Is("footNoun")) is var leads and > 0) ForwardIsTheLead(leads);
        var next = EndOfSentence(i) + 2;
        if (next < _lexemes.Count && WordsFrom(next, EndOfSentence(next)) is var words && (words.StartsWith("you've got", StringComparison.OrdinalIgnoreCase) || words.StartsWith("you have", StringComparison.OrdinalIgnoreCase)) && !_lexemes.GetRange(next, EndOfSentence(next) - next + 1).Any(l => l.Kind is "footwork" or "footNoun")) AsNote(next, EndOfSentence(next));
        // One word, as "front stance, left, to start with" has it (RetellNames).
        _lexemes[i + 1] = _lexemes[i + 1] with { Length = _lexemes[i + 2].Start + _lexemes[i + 2].Length - _lexemes[i + 1].Start, Plain = "to " + _lexemes[i + 2].Plain };
        _lexemes.RemoveAt(i + 2);
    }

    private void RetellWhereTheWordsBegin(int i)
    {
        // "This last bit starts facing the back.": so one stands.
        if (_lexemes[i].Plain is "starts" or "begins" && i > 0 && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("facing") && _lexemes[i + 2] is { Kind: "place" or "clock" } && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance"))
        {
            BecomesWhereWeAre(i);
            if (Alone(i + 2) && !_lexemes[i + 3 < _lexemes.Count ? i + 3 : i].EndsSentence) _lexemes[i + 3] = _lexemes[i + 3] with { Value = "." };
        }
        // "You have just done the two strikes and you are facing the back in a left front stance": where these words begin.
        if (_lexemes[i].Plain == "just" && i > 1 && _lexemes[i - 1].Plain == "have" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "done" or "finished" && !_before.Concat(_said).Any()
            && Enumerable.Range(i, EndOfClause(i) - i).FirstOrDefault(k => _lexemes[k].Plain is "you are" or "youre" or "we are" && _lexemes[k + 1].Is("facing"), -1) is var now and > 0 && _lexemes.GetRange(now, EndOfClause(now) - now + 1).Any(l => l.Is("stance")))
        {
            AsNote(i - 1, now - 1);
            BecomesWhereWeAre(now);
        }
        // "You've just landed in the right front stance facing the back.": what was before, as one hears the section.
        if (_lexemes[i].Plain is "just" && i > 0 && _lexemes[i - 1].Plain is "youve" or "weve" or "ive" or "have" && StartsSentence(i - 1) && RestOfSentence(i).FirstOrDefault(l => l.Is("stance")) is { } stood && !_before.Concat(_said).Any())
        {
            var k = _lexemes.IndexOf(stood);
            for (var at = i - 1; at < k; at++) if (_lexemes[at].Kind is "footwork") BecomesSmall(at);
            BecomesWhereWeAre(i);
        }
        // "We left off facing the back in a right front stance.": so does what was before.
        if (_lexemes[i].Plain is "we" or "you" or "i" && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "left" or "finished" or "ended" or "stopped" && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "side" or "footNoun" or "footwork")
            && RestOfSentence(i).ToList() is var stopped && stopped.Any(l => l.Is("stance")) && stopped.All(l => l.Kind is "filler" or "facing" or "place" or "side" or "stance" or "clock" or "ordinal" or "set" or "cut" or "passage" or "number" or "footNoun" or "lead" || l.Is("way") || l.IsStop))
        {
            if (_lexemes.FindIndex(i, l => l.Is("footNoun")) is var leads and > 0) ForwardIsTheLead(leads);
            // "… in right front stance facing back": before what is stood in, as "facing the back, in right front stance".
            var end = EndOfSentence(i);
            for (var k = i + 2; k <= end; k++)
            {
                if (_lexemes[k].Kind is "set" or "ordinal" or "cut" or "passage" or "number") BecomesSmall(k);
                if (_lexemes[k].Is("way", "back")) _lexemes[k] = _lexemes[k] with { Kind = "place", Value = "rear", Plain = "the back" };
            }
            BecomesSmall(i + 1);
            BecomesWhereWeAre(i);
        }
        // "You're facing the back wall in left front stance.", before anything is done: where these words begin.
        if (_lexemes[i].Plain is "youre" or "were" or "im" or "you are" or "we are" && StartsSentence(i) && !_before.Concat(_said).Any() && Next(i) is { Kind: "facing" } && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "side" or "stance" or "number" or "footNoun")
            && RestOfSentence(i).ToList() is var standing && standing.Any(l => l.Is("stance") && !StanceSet.IsStanding(l.Term!.Id)) && standing.All(l => l.Kind is "filler" or "facing" or "place" or "side" or "stance" or "clock" || l.IsStop))
            BecomesWhereWeAre(i);
        // "…, and you've just done the lunge punch": before these words begin.
        if (_lexemes[i].Plain is "just" && i > 1 && _lexemes[i - 1].Plain is "youve" or "weve" or "ive" or "have" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "done" or "finished" or "punched" or "kicked" or "blocked" && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.Is("technique")))
            AsNote(i, EndOfClause(i));
        // "In the second section we are facing the back, in a right front stance.": so it is here.
        if (_lexemes[i].Plain is "are" or "were" or "youre" or "im" && _lexemes[i].Is("filler") && Next(i) is { Kind: "facing" } or { Kind: "stance" } && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.EndsSentence) && _lexemes.Take(i).Any(l => l.Kind is "cut" or "passage" || SectionNouns.Contains(l.Plain)) && RestOfSentence(i).Any(l => l.Is("stance")) && RestOfSentence(i).All(l => l.Kind is "facing" or "place" or "stance" or "side" or "filler" || l.IsStop))
            BecomesWhereWeAre(i);
        // "From this position to the left, left foot forward": where one stands.
        if (_lexemes[i].Is("from") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "position" or "point" or "place" && OnlySmallWordsAndACallBefore(i)) BecomesSmall(i);
        // "Straight from that, to the right": what went before.
        if (_lexemes[i] is { Kind: "from", Plain: "from that" or "from this" } && Alone(i)) BecomesSmall(i);
        // "Once again move to the right, …": told out.
        if (_lexemes[i] is { Kind: "again", Plain: "once again" } && OnlySmallWordsAndACallBefore(i) && !Alone(i) && ClauseOf(i).Any(l => l.Kind is "footwork" or "footNoun" or "stance" or "gaze") && ClauseOf(i).Count(l => l.Kind is "again" or "otherSide") == 1) BecomesSmall(i);
        // "We pick up facing the back wall in a right bow stance.": where one stands as the words begin.
        if (_lexemes[i] is { Kind: "footwork", Plain: "pick up" } && i > 0 && _lexemes[i - 1].Plain is "we" or "i" or "you" or "lets" && Next(i) is { Kind: "facing" or "from" or "stance" } && !_before.Concat(_said).Any()) BecomesWhereWeAre(i);
    }
}
