using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is announced, ordered or named first and then told out: the telling counts. And where the words begin, and how often.</summary>
public sealed partial class Reader
{
    private void RetellWhatIsToldOut(int i)
    {
        RetellNamedMovements(i);
        // "Next is the hammer fist, so pull the front foot back and hammer down": told out.
        if (_lexemes[i].IsHandTechnique && OnlySmallWordsBefore(i) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "is" or "thats" or "comes") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "so" or "so you" && RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" or "relFoot")) AsNote(i, i);
        // "Three punches going back to where we started": that way.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && i > 0 && _lexemes[i - 1].Plain is "going" or "moving" or "heading" or "coming" && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("technique") && IsPlural(l))) BecomesSmall(i);
        // "Now we come back to the middle. Left foot moves to the front, …": told out.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } home && home.Plain.Split(' ')[^1] is "middle" or "centre" or "center" && OnlySmallWordsBefore(i) && Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Performers.Contains(_lexemes[Math.Max(0, i - 1)].Plain) && RestOfSentence(i + 1).Any(l => l.Is("footNoun")) && RestOfSentence(i + 1).Any(l => l.Kind is "place" or "stance") && _lexemes.Skip(EndOfSentence(i + 2)).Count(l => l.IsHandTechnique) > 1) BecomesSmall(i);
        // "Back to the middle: left foot to the back wall": where the next line begins, not the end of the form.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).Any(l => l.Kind is "footwork" or "footNoun") && _lexemes.Skip(EndOfSentence(i) + 1).Any(l => l.IsHandTechnique)) BecomesSmall(i);
        // "Turn around, so move the right foot, and do it again, right knife hand": told out.
        if (_lexemes[i].Is("again") && i > 0 && _lexemes[i - 1].Plain == "and" && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && Next(i + 2) is { IsHandTechnique: true } && Alone(IndexAfter(i + 2)) && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun") && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) BecomesSmall(i);
        // "Turn around, so move the right foot to the other side": where the turn goes.
        if (_lexemes[i].Is("otherSide") && i > 1 && _lexemes[i - 1].Is("footNoun") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l is { Kind: "footwork", Plain: "turn around" or "turn round" or "turn about" })) BecomesSmall(i);
        // "The first move is a left turn, so look left, step left": told out.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && (OnlySmallWordsAndACallBefore(i) || i > 0 && _lexemes[i - 1].Is("side") && OnlySmallWordsAndACallBefore(i - 1)) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "is" or "is a" or "thats") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "so" && RestOfSentence(i).Any(l => l.Kind is "gaze" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "step" })) AsNote(_lexemes[i - 1].Is("side") ? i - 1 : i, i);
        // "Strike again, stepping with the left, other side": the step tells it.
        if (_lexemes[i].Is("otherSide") && Alone(i) && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var stepped && stepped.Any(l => l.IsGerund) && stepped.Any(l => l.IsHandTechnique) && stepped.Any(l => l.Is("again")) && stepped.Any(l => l.Is("side"))) AsNote(i, i);
        // "Now we do the opposite direction. So the right foot …": told out.
        if (_lexemes[i] is { Kind: "place", Value: "rear" } opposite && opposite.Plain.Contains("opposite", StringComparison.Ordinal) && Alone(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "then" || l.IsStop) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "do" or "doing")) AsNote(FirstOfClause(i), i);
        // "We finish the kicks and we're facing the left wall": what was done before.
        if (_lexemes[i].Is("technique") && IsPlural(_lexemes[i]) && !_before.Concat(_said).Any() && Backward(i).All(l => l.Is("filler") || l.IsStop) && Backward(i).Any(l => l.Plain is "finish" or "finished" or "ended") && ClauseOf(i).Any(l => l.Is("facing"))) AsNote(FirstOfClause(i), i);
        // "We're facing the left wall with the right foot forward.": where these words begin.
        if (_lexemes[i].Is("facing") && i > 0 && _lexemes[i - 1].Plain is "were" or "youre" or "we are" or "you are" or "im" && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.EndsSentence) && RestOfSentence(i).Where(l => !l.IsStop && !l.Is("filler")).ToList() is [{ Kind: "place" or "clock" }, { Kind: "side" }, { Kind: "footNoun" }, { Kind: "way" or "lead" } led])
        {
            var (place, foot) = (RestOfSentence(i).First(l => l.Kind is "place" or "clock"), RestOfSentence(i).First(l => l.Is("side")));
            var (from, to) = (i - 1, _lexemes.IndexOf(led, i));
            var small = _lexemes.GetRange(from, to - from + 1).Where(l => l != _lexemes[from] && l != _lexemes[i] && l != place && l != foot).Select(l => l with { Kind = "filler", Value = "filler", Plain = "", Term = null }).ToList();
            List<Lexeme> opening = [_lexemes[from] with { Kind = "opening", Value = "opening" }, foot, new Lexeme("stance", "short-front-stance", foot.Start + foot.Length, 0, "short front stance", TermOf("short-front-stance")), new Lexeme("stop", ",", foot.Start + foot.Length, 0, ""), _lexemes[i], place, .. small];
            _lexemes.RemoveRange(from, to - from + 1);
            _lexemes.InsertRange(from, opening);
        }
        // "Nukite. You are in heisoku dachi.": a heading.
        if (_lexemes[i].IsHandTechnique && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].EndsSentence && _lexemes.Skip(i + 2).FirstOrDefault(l => !l.Is("filler") && !l.Is("stop", ",")) is { Kind: "opening" } && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footNoun")) AsNote(i, i);
        // "Now the other foot: step through right": which one it is is told.
        if (_lexemes[i].Is("relFoot", "other") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && OnlySmallWordsBefore(i) && RestOfSentence(i + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "footwork" } && RestOfSentence(i + 1).Any(l => l.Is("side"))) AsNote(i, i);
        // "Two knife hands left, two knife hands right, then forward with punches.": what there is in it, before it is told.
        if (i == 0 || _lexemes[i - 1].EndsSentence) FindAnOverview(i);
        // "And go to the other side, right foot to the right, front stance": told out.
        if (_lexemes[i].Is("otherSide") && Alone(i) && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && _lexemes[i + 3].Is("footNoun"))
        {
            if (Previous(i) is { Kind: "footwork", Plain: "go" or "goes" or "go to" or "move" }) AsNote(IndexBefore(i), i);
            else if (Previous(i) is null && Follows(i, "go", "going")) AsNote(i, i);
        }
        // "And do the same: low block, punch, kick, punch": told out.
        if (_lexemes[i].Is("again") && Alone(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && _listed < 2 && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork", "turn")) && RestOfSentence(i + 1).Count(l => l.Is("technique")) >= 3 && RestOfSentence(i + 1).All(l => l.Kind is "technique" or "filler" or "side" or "level" or "then" || l.IsStop)) AsNote(i, i);
    }

    /// <summary>"Another": one more in this form where what is done is told, not the last count once more.</summary>
    private void RetellAnother(int i)
    {
        // "… low block. Another stepping punch.": such a one was done earlier, not just now.
        if (_lexemes[i].Is("times", "+1") && OnlySmallWordsAndACallBefore(i) && Next(i) is { Kind: "technique" or "footwork" } && RestOfSentence(i).FirstOrDefault(l => l.Is("technique")) is { IsHandTechnique: true } another && _lexemes.Take(i).LastOrDefault(l => l.Is("technique")) is { } lately
            && lately.Term?.Family != another.Term?.Family && _lexemes.Take(i).Any(l => l.Is("technique") && l.Term?.Family == another.Term?.Family)) BecomesSmall(i);
        // "Then another one thirty five to the right", "right again to the other wall, so one thirty five": the degrees tell it.
        if (i + 1 < _lexemes.Count && _lexemes[i] is { Kind: "times", Plain: "another" } && _lexemes[i + 1].Is("degrees")
            || _lexemes[i].Is("again") && i > 0 && _lexemes[i - 1].Is("side") && OnlySmallWordsBefore(i - 1) && RestOfSentence(i).Any(l => l.Is("degrees")) && RestOfSentence(i).Any(l => l.Is("technique"))) BecomesSmall(i);
        // "Slide to the left and do it again": the same with this step.
        if (_lexemes[i] is { Kind: "again" } repeat && repeat.Plain.EndsWith("again", StringComparison.Ordinal) && Alone(i) && i > 1 && (_lexemes[i - 1].Plain == "and" || _lexemes[i - 1].Plain == "do" && _lexemes[i - 2].Plain == "and") && ClauseOf(i).FirstOrDefault(l => l.Is("footwork")) is { Value: "step" or "slide" or "step-back" } && !ClauseOf(i).Any(l => l.Is("technique")) && EndOfClause(i) == EndOfSentence(i)) _lexemes[i] = repeat with { Value = "again", Plain = "same again" };
        // "Left foot out, left knife hand. Step, right. Step, left.": the same with that hand, where nothing else is told.
        if (_lexemes[i].Is("side") && i > 1 && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence) && _lexemes[i - 1].Is("stop", ",") && StartOfSentence(i) is > 1 and var steps && _lexemes.GetRange(steps, i - steps).All(l => l.IsStop || l.Kind is "filler" or "then" || l is { Kind: "footwork", Value: "step" }) && _lexemes.GetRange(steps, i - steps).Exists(l => l.Is("footwork"))
            && _lexemes.GetRange(StartOfSentence(steps - 2), steps - 1 - StartOfSentence(steps - 2)) is var told && told.FindAll(l => l.Is("technique")) is [{ IsKick: false } done] && told.Exists(l => l.Is("side", _lexemes[i].Side.Other.Word)))
            _lexemes.Insert(i + 1, done with { Start = _lexemes[i].Start + _lexemes[i].Length, Length = 0 });
        // "Step again, left.", "once more, stepping left": the same with this step.
        if (_lexemes[i] is { Kind: "again" or "times" } stepped && stepped.Value is "again" or "+1" && Alone(i) && Previous(i) is null or { Kind: "footwork", Plain: "step" or "step forward" or "step up" or "step in" or "step through" or "step out" } && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "then" || l is { Kind: "footwork", Value: "step" } || l.IsStop) && RestOfSentence(i).Where(l => !l.IsStop && !l.Is("filler")).ToList() is [.., { Kind: "side" } turned] others && others.Count <= 2 && others.Take(others.Count - 1).All(l => l is { Kind: "footwork", Value: "step", IsGerund: true })
            && _lexemes.Take(i).LastOrDefault(l => l.Kind is "side" or "filler" && l.Plain is "left" or "right") is { } was && was.Value != turned.Value && Backward(i).Any(l => l.IsHandTechnique))
        {
            foreach (var word in others) BecomesSmall(_lexemes.IndexOf(word, i));
            for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].EndsSentence; k++) if (_lexemes[k].IsStop) BecomesStopless(k);
            _lexemes[i] = stepped with { Kind = "again", Value = "again", Plain = "same again" };
            // As "step and do it again".
            List<Lexeme> toldSo = ClauseOf(i).Any(l => l.Is("footwork")) ? [] : [new("footwork", "step", stepped.Start, 0, "step", TermOf("step"))];
            toldSo.AddRange([new("filler", "filler", stepped.Start, 0, "and"), new("filler", "filler", stepped.Start, 0, "do")]);
            _lexemes.InsertRange(i, toldSo);
            return;
        }
        // "And once more with a shout."
        if (_lexemes[i] is { Kind: "times", Value: "+1" } && OnlySmallWordsAndACallBefore(i) && EndOfClause(i) == EndOfSentence(i) && ClauseOf(i).Any(l => l.Is("shout")) && ClauseOf(i).All(l => l.Kind is "filler" or "times" or "shout" or "then")) _lexemes[i] = _lexemes[i] with { Kind = "again", Value = "again", Plain = "again" };
        if (_lexemes[i] is not { Kind: "times", Plain: "another" or "one more" }) return;
        // "On two we step and do another one": the same with this step.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number", "1") && Alone(i + 1) && Follows(i, "do") && ClauseOf(i).Any(l => l.Is("footwork", "step")) && !ClauseOf(i).Any(l => l.Is("technique")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "again", Value = "again", Plain = "same again" };
            BecomesSmall(i + 1);
        }
        // "The foot comes back, you turn to the right, and it's another low block": one more in this form.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && i > 0 && _lexemes[i - 1].Plain is "its" or "thats" or "is" && Next(i) is { IsHandTechnique: true } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "footNoun")) BecomesSmall(i);
        // "You take another step forward, right front stance, punch": told out, not the last one again.
        if (_lexemes[i] is { Kind: "times", Plain: "another" or "one more" } && Next(i) is { Kind: "footwork" } && ClauseOf(i).All(l => !l.IsHandTechnique) && RestOfSentence(i).Any(l => l.Is("stance") || l.IsHandTechnique)) BecomesSmall(i);
        // "Land in another front stance": one more in this form.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("stance") || _lexemes[i + 1].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("stance"))) BecomesSmall(i);
        // "Step with another knife hand": one more in this step, not the one before once more.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && Follows(i, "with") && Next(i) is { Kind: "technique" or "side" or "level" }) BecomesSmall(i);
        // "Bring the foot around behind you and do another low block" likewise.
        else if (_lexemes[i] is { Kind: "times", Plain: "another" } && Follows(i, "do") && Next(i) is { IsHandTechnique: true } or { Kind: "side" or "level" } && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun")) BecomesSmall(i);
        // "He spins round, right leg in front, another low block": one more in this form, after what else is done for the first time.
        else if (_lexemes[i] is { Kind: "times", Plain: "another" or "one more" } && i > 0 && (_lexemes[i - 1].Is("stop", ",") || _lexemes[i - 1].Plain == "and") && Next(i) is { IsHandTechnique: true } && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var sofar && sofar.Any(l => l.Kind is "footwork" or "stance" or "footNoun") && !sofar.Any(l => l.Is("technique"))) BecomesSmall(i);
    }

    /// <summary>"Rising block, three of them", "oi zuki three times": as many, told before.</summary>
    private void RetellHowOften(int i)
    {
        // "Turn right 180, low block once more", "turn around for another low block": as it was done before, with a turn of its own.
        if (_lexemes[i].Is("times", "+1") && i > 1 && (Alone(i) && _lexemes[i - 1].IsHandTechnique && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence) && _lexemes.Take(StartOfSentence(i)).Any(l => l.Value == _lexemes[i - 1].Value) || _lexemes[i - 1].Plain == "for" && Next(i) is { IsHandTechnique: true })
            && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" } || l.Is("degrees"))) BecomesSmall(i);
        // "Punch right, left.": two of them.
        if (_lexemes[i] is { IsHandTechnique: true, Term.Family: "punch" or "receiving" or "strike" } and not { Value: "double-punch" } && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("stop", ",") && _lexemes[i + 3].Is("side") && _lexemes[i + 3].Value != _lexemes[i + 1].Value && (i + 4 >= _lexemes.Count || _lexemes[i + 4].EndsSentence))
            _lexemes.Insert(i + 4, _lexemes[i] with { Start = _lexemes[i + 3].Start + _lexemes[i + 3].Length, Length = 0 });
        // "Double punch, left and then right": two of them.
        if (_lexemes[i] is { Kind: "technique", Value: "double-punch", Plain: "double punch" or "two punches" } twice && i + 2 < _lexemes.Count && _lexemes[i + 1].IsStop && !_lexemes[i + 1].EndsSentence && _lexemes[i + 2].Is("side")
            && _lexemes.Skip(i + 2).TakeWhile(l => !l.EndsSentence && (l.Is("side") || l.Is("then") || l.IsStop || l.Plain == "and")).Count(l => l.Is("side")) == 2)
        {
            _lexemes[i] = twice with { Value = "punch", Plain = "punches", Term = TermOf("punch") };
            _lexemes.Insert(i++, new Lexeme("number", "2", twice.Start, 0, "2"));
        }
        // "Rising block, three of them": as many.
        if (_lexemes[i] is { Kind: "number" } many && i > 1 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].IsHandTechnique && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.Split(' ')[0] == "of" && Alone(i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "of" ? i + 2 : i + 1))
        {
            _lexemes.RemoveAt(i);
            _lexemes.Insert(i - 2, many);
            var technique = _lexemes[i - 1];
            if (!IsPlural(technique)) _lexemes[i - 1] = technique with { Plain = technique.Plain + "s" };
        }
        // "A one-two punch, right left": two of them.
        if (_lexemes[i] is { Kind: "then", Plain: "one two" } oneTwo && i + 4 < _lexemes.Count && _lexemes[i + 1] is { IsHandTechnique: true, Term.Family: "punch" } && _lexemes[i + 2].Is("stop", ",") && _lexemes[i + 3].Is("side") && _lexemes[i + 4].Is("side") && _lexemes[i + 4].Value != _lexemes[i + 3].Value)
        {
            _lexemes[i] = oneTwo with { Kind = "number", Value = "2" };
            if (!IsPlural(_lexemes[i + 1])) _lexemes[i + 1] = _lexemes[i + 1] with { Plain = _lexemes[i + 1].Plain + "s" };
        }
        // "Punch twice, right and then left": two of them.
        if (_lexemes[i] is { Kind: "technique", Value: "punch" } && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "times", Value: "2" or "3" } twiceOrMore && _lexemes[i + 2].Is("stop", ",") && _lexemes.Skip(i + 3).TakeWhile(l => l.Is("side") || l.Is("then") || l.Is("stop", ",") || l.Plain == "and").Count(l => l.Is("side")) == twiceOrMore.Number)
            TellHowManyFirst(i);
        // "Age uke three times going forward": so many steps.
        if (_lexemes[i] is { IsHandTechnique: true, Term.Family: "receiving" or "punch" or "strike" } && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "times", Value: "2" or "3" or "4" or "5" } && (_lexemes[i + 2] is { Kind: "footwork", Value: "step", IsGerund: true } || _lexemes[i + 2].Plain is "forward" or "going forward" or "moving forward" or "walking forward"))
            TellHowManyFirst(i);
        // "Oi zuki three times": so many steps.
        if (_lexemes[i] is { Kind: "technique", Value: "lunge-punch" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "times", Value: "2" or "3" or "4" or "5" } && Alone(i + 1) && OnlySmallWordsAndACallBefore(i))
            TellHowManyFirst(i);
    }

    /// <summary>"Punch three times" is told like "three punches".</summary>
    private void TellHowManyFirst(int technique)
    {
        var times = _lexemes[technique + 1];
        _lexemes.RemoveAt(technique + 1);
        if (!IsPlural(_lexemes[technique])) _lexemes[technique] = _lexemes[technique] with { Plain = _lexemes[technique].Plain + "s" };
        _lexemes.Insert(technique, times with { Kind = "number" });
    }

    /// <summary>"Two knife hands left, two knife hands right, then forward with punches.": what there is in the form.</summary>
    private void FindAnOverview(int first)
    {
        if (_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun" or "stance")) return;
        var end = EndOfSentence(first);
        var sentence = _lexemes.GetRange(first, end - first + 1);
        if (sentence.Zip(sentence.Skip(1)).Count(p => p.First.Is("number") && p.Second.Is("technique") && IsPlural(p.Second)) < 2 || sentence.Any(l => l.Kind is not ("filler" or "number" or "technique" or "side" or "then" or "way" or "stop"))) return;
        if (_lexemes.Skip(end + 1).Count(l => l.EndsSentence) > 2) AsNote(first, end);
    }

    /// <summary>"… and I do exactly the same thing. So double block, then inside, then punch.": told again by the sentence that follows.</summary>
    private void FindRepeatsToldOut()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "again", Plain: "same" or "the same" or "the same thing" or "same thing" } && _lexemes[i + 1].EndsSentence && !StartsSentence(i) && _lexemes.Skip(i + 2).TakeWhile(l => l.Is("filler") || l.Is("stop", ",")).Any(l => l.Plain == "so")
                && RestOfSentence(i + 1).ToList() is var told && told.Count(l => l.IsHandTechnique) > 1 && !told.Any(l => l.Kind is "footwork" or "footNoun" or "again")) BecomesSmall(i);
    }

    /// <summary>"Now the other side, turn your head to the right, and mirror all of that.": one order.</summary>
    private void FindOrdersGivenTwice()
    {
        for (var i = 0; i < _lexemes.Count; i++)
            if (_lexemes[i].Is("otherSide") && Alone(i) && OnlySmallWordsAndACallBefore(i) && RestOfSentence(i).Any(l => l.Is("passage")) && RestOfSentence(i).Any(l => l.Kind is "again" or "otherSide") && !RestOfSentence(i).Any(l => l.Kind is "technique" or "footwork" or "stance")) AsNote(i, i);
    }

    /// <summary>"Then we do the same thing on the right side. So the right foot steps out, short stance, right block.": told out likewise.</summary>
    private void FindSameSidesToldOut()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
        {
            // "Same to the right, so right foot forward, right rising block": within the sentence.
            if (_lexemes[i].Is("again") && OnlySmallWordsAndACallBefore(i) && EndOfClause(i) is var said && said + 3 < _lexemes.Count && _lexemes[said + 1].Is("stop", ",") && _lexemes[said + 2].Plain == "so" && ClauseOf(i).All(l => l.Kind is "filler" or "again" or "side" or "otherSide" or "number" or "ordinal" or "countNoun") && RestOfSentence(said + 1).ToList() is var next && next.Any(l => l.Is("footNoun")) && next.Any(l => l.IsHandTechnique))
            {
                AsNote(i, said);
                continue;
            }
            // "Slide to the right and do the other side, left punch, right elbow": told out, with the other hands.
            if (_lexemes[i].Is("otherSide") && (Follows(i, "do") || _lexemes[i].Plain.StartsWith("do ", StringComparison.Ordinal)) && _lexemes[i + 1].Is("stop", ",") && ClauseOf(i).Any(l => l.Is("footwork")) && RestOfSentence(i + 1).Where(l => l.Is("technique")).ToList() is { Count: > 0 } others && RestOfSentence(i + 1).Count(l => l.Is("side")) >= others.Count
                && _lexemes.Take(i).Where(l => l.Is("technique")).TakeLast(others.Count).ToList() is var ours && ours.Count == others.Count && ours.Zip(others).All(p => p.First.Term!.Id == p.Second.Term!.Id || p.First.Term.Family == p.Second.Term!.Family))
            {
                AsNote(i, i);
                continue;
            }
            // "…, and do the other side: right leg out, block low, …".
            if (_lexemes[i].Is("otherSide") && i > 0 && (_lexemes[i - 1].Plain is "do" or "the" || Follows(i, "do")) && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).ToList() is var toldOut && toldOut.Any(l => l.Is("footNoun")) && toldOut.Any(l => l.IsHandTechnique) && !OnlySmallWordsAndACallBefore(i))
            {
                AsNote(i, i);
                _lexemes[i + 1] = _lexemes[i + 1] with { Value = "." };
                continue;
            }
            if (!_lexemes[i].Is("again") || !OnlySmallWordsAndACallBefore(i) || ClauseOf(i).Any(l => l.Kind is not ("filler" or "again" or "side" or "otherSide" or "then" or "timesNoun"))) continue;
            var end = EndOfSentence(i);
            if (end != EndOfClause(i) || end + 2 >= _lexemes.Count || !_lexemes.Skip(end + 2).TakeWhile(l => l.Is("filler") || l.Is("stop", ",")).Any(l => l.Plain is "so" or "so the" or "so your" or "so now" or "okay so") || !ClauseOf(i).Any(l => l.Kind is "side" or "otherSide")) continue;
            var told = RestOfSentence(end + 1).ToList();
            // What was not done before is not the same.
            if (told.Where(l => l.Is("technique") && !IsDeeds(l)).Any(l => l.Value is not ("block" or "punch" or "strike" or "kick" or "chamber") && !_lexemes.Take(i).Any(b => b.Is("technique", l.Value)))) continue;
            if (told.Any(l => l.Is("footNoun")) && told.Any(l => l.Is("stance") || l.IsHandTechnique) && !told.Any(l => l.Kind is "again" or "otherSide" or "ordinal" or "number" or "countNoun" || l.Plain is "next" or "the next"))
            {
                // "… to the left … the same on the right side. So the right foot steps out": to the right.
                var there = ClauseOf(i).FirstOrDefault(l => l.Is("side"));
                var goes = _lexemes.FindIndex(end + 2, l => l.EndsSentence || l is { Kind: "footwork", Value: "step" });
                if (there is not null && goes > 0 && _lexemes[goes].Is("footwork") && (goes + 1 >= _lexemes.Count || _lexemes[goes + 1].IsStop) && WentTo(there.Side.Other, i)
                    && !told.Any(l => l.Kind is "place" or "way" or "degrees" or "turnSide" or "clock"))
                {
                    var at = _lexemes[goes].Start + _lexemes[goes].Length;
                    _lexemes.InsertRange(goes + 1, [new Lexeme("filler", "filler", at, 0, "to"), new Lexeme("side", there.Value, at, 0, there.Value)]);
                }
                AsNote(i, end);
            }
        }

        // Whether what was told before went to a side.
        bool WentTo(Side side, int before) => Enumerable.Range(0, before).Any(k => _lexemes[k].Is("gaze", side.Word) || _lexemes[k].Is("side", side.Word) && Follows(k, "to"));
    }

    /// <summary>
    /// "Part the mane: turn right, hold the ball, …", "pu bu: step out right, drop stance": the name of what is then told out, all of it on
    /// one count; "swallow strike, left hand high block and right knife hand": hand by hand.
    /// </summary>
    private void RetellNamedMovements(int i)
    {
        var isMovement = _lexemes[i] is { Kind: "technique", Term.IsWholeMovement: true } or { Plain: "brush knee" or "brush the knee" };
        if (!isMovement && !(_lexemes[i].Is("stance") && StartsSentence(i)) || i + 1 >= _lexemes.Count) return;
        var told = RestOfSentence(i + 1);
        var isToldOut = StartsClause(i) && _lexemes[i + 1].Is("stop", ":")
            && (isMovement ? told.Any(l => l.Kind is "footwork" or "footNoun" or "stance") : told.Any(l => l.Is("stance", _lexemes[i].Value)) && told.Any(l => l.Kind is "footwork" or "footNoun"));
        if (isToldOut && EndOfSentence(i) + 1 is var end) _namedMovements.Add((_lexemes[i].Start, end < _lexemes.Count ? _lexemes[end].Start : _text.Length));
        if (isToldOut || isMovement && _lexemes[i + 1].Is("stop", ",") && ToldHandByHand(i + 1)) AsNote(i, i);
    }
}
