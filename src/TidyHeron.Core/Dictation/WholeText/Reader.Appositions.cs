using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>What a clause of its own names once more and more closely: "block, a low block, with the right hand" is one block.</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"^(?:(?:well|or|and|so|hmm|now|but)[, ]+)*(?:(?:we|i|you|they|some(?: people| schools| clubs)?|others|my teacher) (?:also |just |sometimes |usually |like to )?calls? (?:it|that|this)|(?:also|sometimes|otherwise|usually) (?:called|known as)|known as|that's what we call)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatItIsCalled();

    [GeneratedRegex(@"^(?:on |with |that's )?(?:the )?same (?:side|hand|leg|foot|arm) (?:as|that) (?:the|your|you|that|it|in|before)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhoseSide();

    [GeneratedRegex(@"^(?:(?:but|and|only|now|just) )*(?:this time|now|here)?,? ?(?:it's |its |with |on |of |using )*(?:the |your |my )?(?<side>left|right)(?: one| hand| side| fist| arm)?(?: this time| now| instead)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhichOne();

    [GeneratedRegex(@"\b(?:this|that|the) (?:wall|side|way)(?: (?:there|here))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex PointsAtAWall();

    [GeneratedRegex(@"^(?:the |my |your )?(?:left|right)(?:[- ]hand)? (?:one|wall|side)$|^(?:the (?:one|wall) )?(?:on|to) (?:the|your|my|our) (?:left|right)(?: side)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhichWall();

    private void FindAppositions()
    {
        NamesTheSideThisTime();
        NamesWhatTheArmDid();
        NamesWhatItComesTo();
        for (var i = 1; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i].Is("stop", ","))
            {
                NamesTheWall(i);
                NamesTheStep(i);
                NamesTheTechnique(i);
                NamesTheLeg(i);
                // "Punch, same side as the kick, so right": which one it is is told.
                if (SaysWhoseSide().IsMatch(WordsFrom(i + 1, EndOfClause(i + 1)))) AsNote(i + 1, EndOfClause(i + 1));
                // "An upset punch, we call it a hooking punch": by another name.
                if (Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique")) && ClauseOf(i + 1).Any(l => l.Is("technique")) && SaysWhatItIsCalled().IsMatch(WordsFrom(i + 1, EndOfClause(i + 1)))) AsNote(i + 1, EndOfClause(i + 1));
            }
            else if (_lexemes[i].Is("together")) IsDoneInTheTurn(i);
    }

    /// <summary>"Turn to that wall, the left one, and step out", "turn this way, to the left": which one is told after the comma.</summary>
    private void NamesTheWall(int comma)
    {
        if (_lexemes[comma - 1].Plain.Split(' ')[^1] is not ("wall" or "side" or "way" or "there" or "here")) return;
        var last = EndOfClause(comma + 1);
        if (FirstOfClause(comma) >= comma || last <= comma || !PointsAtAWall().IsMatch(WordsFrom(FirstOfClause(comma), comma - 1)) || !SaysWhichWall().IsMatch(WordsFrom(comma + 1, last))) return;
        var turns = _lexemes.GetRange(FirstOfClause(comma), comma - FirstOfClause(comma)).Exists(l => l is { Kind: "footwork", Value: "turn" or "pivot" } or { Kind: "facing" });
        if (!turns || _lexemes.FindIndex(comma, last - comma + 1, l => l.Is("side")) is var side && side < 0) return;
        BecomesStopless(comma);
        for (var k = comma + 1; k <= last; k++)
            if (k != side) BecomesSmall(k);
        BecomesWall(side);
    }

    /// <summary>"And again the reverse punch, this time the left, front stance", "the punch, with the left now": whose hand does it, told in a clause of its own before a stance.</summary>
    private void NamesTheSideThisTime()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("stop", ",") || EndOfClause(i + 1) is var last && (last - i > 6 || last + 1 < _lexemes.Count && !_lexemes[last + 1].IsStop) || SaysWhichOne().Match(WordsFrom(i + 1, last)) is not { Success: true } told) continue;
            var side = _lexemes.FindIndex(i + 1, last - i, l => l.Is("side"));
            if (side < 0 || last == side && side == i + 1 || RestOfSentence(last).FirstOrDefault(l => !l.IsStop && !l.Is("filler") && l.Plain != "in") is not { Kind: "stance" }) continue;
            var technique = _lexemes.FindLastIndex(i, i - FirstOfClause(i) + 1, l => l.IsHandTechnique);
            if (technique < 0 || ClauseOf(technique).Any(l => l.Kind is "side" or "handNoun" or "relHand")) continue;
            var which = _lexemes[side];
            for (var k = i + 1; k <= last; k++)
                if (!_lexemes[k].IsStop && k != side) BecomesSmall(k);
            _lexemes.RemoveAt(side);
            while (technique > 0 && _lexemes[technique - 1].Is("level")) technique--;
            _lexemes.Insert(technique, which);
        }
    }

    /// <summary>"Right arm sweeps up. Rising block.": what that is called.</summary>
    private void NamesWhatTheArmDid()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            if (first < 3 || _lexemes.GetRange(first, EndOfSentence(first) - first + 1).Where(l => !l.Is("filler")).ToList() is not [{ IsHandTechnique: true, Term.Family: "receiving" }]) continue;
            var sweeps = _lexemes.FindLastIndex(first - 2, first - 1 - StartOfSentence(first - 2), l => l.Is("technique"));
            if (sweeps < 2 || _lexemes[sweeps].Plain is not ("sweep" or "sweeps" or "sweeping" or "swings" or "swing") || !_lexemes[sweeps - 1].Is("handNoun") || !_lexemes[sweeps - 2].Is("side")) continue;
            AsNote(sweeps, first - 2);
            BecomesStopless(first - 1);
        }
    }

    /// <summary>"Sweeping the left arm down into a low block", "step and block: left front stance, low block left": one technique, told and then named.</summary>
    private void NamesWhatItComesTo()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "technique" } told) continue;
            var sweeps = told.Value is "sweeping-block" or "foot-sweep" && told.Plain is "sweep" or "sweeps" or "sweeping";
            if (!sweeps && !(told.Plain is "block" or "blocks" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":"))) continue;
            var named = _lexemes.FindIndex(i + 1, l => l.EndsSentence || l.Is("technique") || l.Kind is "footwork" or "then" or "together");
            if (named < 0 || _lexemes[named] is not { Kind: "technique", Term.Family: "receiving" } || _lexemes[named].Value == told.Value) continue;
            // With a hand of its own on either, they are two.
            var between = _lexemes.GetRange(i + 1, named - i - 1);
            if (sweeps && ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot")) continue;
            if (sweeps && (!RestOfSentence(FirstOfClause(i) - 1).Any(l => l.Kind is "handNoun" or "way") && !between.Any(l => l.Plain is "down" or "up" or "across" or "round" or "around") || between.Count(l => l.Is("side")) > 1 || between.Any(l => l.IsStop) && between.LastOrDefault()?.Is("side") == true)) continue;
            BecomesSmall(i);
            if (i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":")) BecomesStopless(i + 1);
        }
    }

    /// <summary>"Step your right foot forward in front stance, a crescent step, and block": how that step goes.</summary>
    private void NamesTheStep(int comma)
    {
        var (first, last) = (comma + 1, EndOfClause(comma + 1));
        if (_lexemes[first].Plain is not ("a" or "an") || last + 1 >= _lexemes.Count) return;
        var clause = _lexemes.GetRange(first, last - first + 1);
        if (clause[^1] is not { Kind: "footwork", IsGerund: false } named || !named.Plain.EndsWith("step", StringComparison.Ordinal) || clause.SkipLast(1).Any(l => l.Kind is not ("filler" or "detail" or "tempo" or "halfStep"))) return;
        // The step it speaks of, in this sentence.
        var step = comma - 1;
        while (step >= 0 && !_lexemes[step].EndsSentence && !_lexemes[step].Is("footwork")) step--;
        if (step < 0 || _lexemes[step] is not { Kind: "footwork", Value: "step" or "step-back" or "slide" } went) return;
        if (named.Value is not ("step" or "step-back") && went.Value == "step") _lexemes[step] = went with { Value = named.Value };
        AsNote(first, last);
    }

    /// <summary>"Block, a low block, with the right hand", "hit with the elbow, right elbow": the more general word, or the one without its side, is dropped.</summary>
    private void NamesTheTechnique(int comma)
    {
        if (_lexemes[comma - 1] is not { IsHandTechnique: true } general || general.Term is null || IsPlural(general)) return;
        var first = comma + 1;
        var withArticle = _lexemes[first].Plain is "a" or "an";
        if (withArticle) first++;
        var at = first;
        while (at < _lexemes.Count && _lexemes[at].Kind is "side" or "level") at++;
        if (at >= _lexemes.Count || _lexemes[at] is not { IsHandTechnique: true, Term: not null } specific) return;
        var same = specific.Term.Id == general.Term.Id;
        if (!same && !(withArticle && IsSuch(specific.Term.Id, general.Term.Id))) return;
        if (same && (at == first || !withArticle && !Follows(comma - 1, "with"))) return; // "punch, punch" is two
        if (Backward(comma).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "side" && Next(_lexemes.IndexOf(l)) is { IsHandTechnique: true } or { Kind: "handNoun" or "level" })) return;
        BecomesSmall(comma - 1);
        BecomesStopless(comma);
    }

    /// <summary>"Knee with the back leg, left knee": which leg that is.</summary>
    private void NamesTheLeg(int comma)
    {
        var at = comma + 1;
        if (_lexemes[at].Plain is "the" or "a" or "your") at++;
        if (at + 1 >= _lexemes.Count || !_lexemes[at].Is("side") || !_lexemes[at + 1].IsKick || !Alone(at + 1)) return;
        var before = Backward(comma).TakeWhile(l => !l.IsStop).ToList();
        if (before.FirstOrDefault(l => l.Is("technique")) is not { } kick || kick.Value != _lexemes[at + 1].Value || !before.TakeWhile(l => l != kick).Any(l => l.Is("relFoot")) || before.Any(l => l.Is("side"))) return;
        AsNote(comma + 1, at + 1);
    }

    /// <summary>"Turn around to the left. The left hand blocks low as you turn.": in the turn just told.</summary>
    private void IsDoneInTheTurn(int i)
    {
        if (i + 1 >= _lexemes.Count || _lexemes[i + 1] is not { Kind: "footwork", Value: "turn" or "pivot" or "spin" } || !Alone(i + 1)) return;
        var first = StartOfSentence(i);
        var told = Backward(first - 1).TakeWhile(l => !l.EndsSentence).TakeWhile(l => !l.Is("technique")).ToList();
        if (first == 0 || Clauses(i).Count(l => l.IsHandTechnique) != 1 || Clauses(i).Any(l => l.Kind is "turnSide" or "degrees" or "amount" or "footNoun" || l.Is("footwork") && l != _lexemes[i + 1]) || !told.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })) return;
        AsNote(i, i + 1);
        _lexemes[first - 1] = _lexemes[first - 1] with { Value = "," };
    }
}
