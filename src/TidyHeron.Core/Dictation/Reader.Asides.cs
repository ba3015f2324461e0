namespace TidyHeron.Core.Dictation;

/// <summary>What a chatty voice says once more, or beside what is done: it tells nothing new, and no count is made of it.</summary>
public sealed partial class Reader
{
    private void RetellAsides(int i)
    {
        FindWhatIsSaidOnceMore(i);
        FindFeetNamedTwice(i);
        // "Look left, then turn and step …": the eyes go with it.
        if (_lexemes[i].Is("then") && Backward(i).TakeWhile(l => !l.EndsSentence).Where(l => !l.IsStop && !l.Is("filler")).ToList() is [{ Kind: "gaze" } eyes, ..] && OnlySmallWordsAndACallBefore(_lexemes.IndexOf(eyes))) BecomesSmall(i);
        // "Chamber your hands, and punch" likewise.
        if (_lexemes[i] is { Kind: "technique", Value: "chamber" } ready && ready.Plain.StartsWith("chamber", StringComparison.Ordinal) && ClauseOf(i).Any(l => l is { Kind: "handNoun", Plain: "hands" }) && !ClauseOf(i).Any(l => l.Is("side")) && RestOfSentence(i).FirstOrDefault(l => l.IsHandTechnique) is not null) AsNote(i, EndOfClause(i));
        // "Chamber the block by your right ear, and turn".
        if (_lexemes[i] is { Kind: "technique", Value: "chamber" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "the" or "a" or "your" or "that" && _lexemes[i + 2].IsHandTechnique) AsNote(i, EndOfClause(i));
        // "Next is the hammer fist, so pull the front foot back and hammer down": told out.
        if (_lexemes[i].IsHandTechnique && OnlySmallWordsBefore(i) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "is" or "thats" or "comes") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "so" or "so you" && RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" or "relFoot")) AsNote(i, i);
        // "Rising block, three of them": as many.
        if (_lexemes[i] is { Kind: "number" } many && i > 1 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].IsHandTechnique && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.StartsWith("of ", StringComparison.Ordinal) | _lexemes[i + 1].Plain == "of" && Alone(i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "of" ? i + 2 : i + 1))
        {
            _lexemes.RemoveAt(i);
            _lexemes.Insert(i - 2, many);
            var technique = _lexemes[i - 1];
            if (!IsPlural(technique)) _lexemes[i - 1] = technique with { Plain = technique.Plain + "s" };
        }
        // "Back to the middle: left foot to the back wall": where the next line begins, not the end of the form.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).Any(l => l.Kind is "footwork" or "footNoun") && _lexemes.Skip(EndOfSentence(i) + 1).Any(l => l.IsHandTechnique)) BecomesSmall(i);
        // "Front kick, and as the foot comes down, you drop into front stance": it has come down.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop" } && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot") && Next(i) is { Kind: "stance" } or { Kind: "side" } && ClauseOf(i).FirstOrDefault(l => l.Is("stance")) is { Term: { } fell } && !IsLow(fell.Id) && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "technique" or "stance") is { IsKick: true }) BecomesSmall(i);
        // "…, so you end up left foot forward": how one stands by then.
        if (_lexemes[i].Is("way", "forward") && i > 2 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Follows(i - 2, "up") && Backward(i - 2).TakeWhile(l => l.Is("filler")).Any(l => l.Plain.StartsWith("end", StringComparison.Ordinal))) _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "Turn around, so move the right foot, and do it again, right knife hand": told out.
        if (_lexemes[i].Is("again") && i > 0 && _lexemes[i - 1].Plain == "and" && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && Next(i + 2) is { IsHandTechnique: true } && Alone(IndexAfter(i + 2)) && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun") && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) BecomesSmall(i);
        // "Turn around, so move the right foot to the other side": where the turn goes.
        if (_lexemes[i].Is("otherSide") && i > 1 && _lexemes[i - 1].Is("footNoun") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l is { Kind: "footwork", Plain: "turn around" or "turn round" or "turn about" })) BecomesSmall(i);
        // "The right foot comes around and you land in a front stance": no kick comes down.
        if (_lexemes[i] is { Kind: "footwork", Value: "land" } && i > 1 && _lexemes[i - 1].Plain is "you" or "we" or "i" && _lexemes[i - 2].Plain == "and" && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var swung && swung.Any(l => l.Is("footNoun")) && swung.Any(l => l.Kind is "degrees" or "amount" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }) && !swung.Any(l => l.IsKick || l is { Kind: "footwork", Value: "jump" or "hop" })) BecomesSmall(i);
        // "Punch with the right hand, and shift into front stance while you punch": that one.
        if (_lexemes[i].IsHandTechnique && i > 0 && _lexemes[i - 1].Plain is "while you" or "as you" or "when you" && Alone(i) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique", _lexemes[i].Value)) && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "footwork" or "stance")) AsNote(i - 1, i);
        // "Next you kick. It's a right front kick": which one.
        if (_lexemes[i] is { IsHandTechnique: true, Value: "block" or "punch" or "strike" } or { IsKick: true, Value: "kick" } && OnlySmallWordsAndACallBefore(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].EndsSentence && _lexemes.FindIndex(i + 2, l => l.Plain is "its a" or "its" or "this is a" or "its the" || !l.Is("filler") && !l.Is("stop", ",")) is var itself and > 0 && _lexemes[itself].Plain is "its a" or "its" or "this is a" or "its the" && RestOfSentence(i + 1).FirstOrDefault(l => l.Is("technique")) is { } told && told.IsKick == _lexemes[i].IsKick)
        {
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            BecomesSmall(i);
            BecomesSmall(itself);
        }
        // "The first move is a left turn, so look left, step left": told out.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && OnlySmallWordsAndACallBefore(i) | (i > 0 && _lexemes[i - 1].Is("side") && OnlySmallWordsAndACallBefore(i - 1)) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "is" or "is a" or "thats") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "so" && RestOfSentence(i).Any(l => l.Kind is "gaze" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "step" })) AsNote(_lexemes[i - 1].Is("side") ? i - 1 : i, i);
        // "The front foot slides back and around, we pivot": so it swings.
        if (_lexemes[i] is { Kind: "footwork", Value: "slide-back" } or { Kind: "footwork", Value: "slide" } && Enumerable.Range(i + 1, 3).FirstOrDefault(k => k + 1 < _lexemes.Count && _lexemes[k].Plain == "and" && _lexemes[k + 1].Plain is "around" or "round", -1) > 0 && RestOfSentence(i).Any(l => l is { Kind: "footwork", Value: "pivot" or "turn" })) BecomesTerm(i, "footwork", "step-back");
        // "Oi zuki three times": so many steps.
        if (_lexemes[i] is { Kind: "technique", Value: "lunge-punch" } lunges && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "times", Value: "2" or "3" or "4" or "5" } often && Alone(i + 1) && OnlySmallWordsAndACallBefore(i))
        {
            _lexemes.RemoveAt(i + 1);
            _lexemes.Insert(i, often with { Kind = "number" });
            if (!IsPlural(lunges)) _lexemes[i + 1] = lunges with { Plain = lunges.Plain + "s" };
        }
        // "Strike again, stepping with the left, other side": the step tells it.
        if (_lexemes[i].Is("otherSide") && Alone(i) && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var stepped && stepped.Any(l => l.IsGerund) && stepped.Any(l => l.IsHandTechnique) && stepped.Any(l => l.Is("again")) && stepped.Any(l => l.Is("side"))) AsNote(i, i);
        // "Check that your back leg is straight."
        if (_lexemes[i] is { Kind: "technique", Plain: "check" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "that" or "if" or "whether") AsNote(i, EndOfClause(i));
        // "Land in another front stance": one more in this form.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("stance") || _lexemes[i + 1].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("stance"))) BecomesSmall(i);
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
        // "Block with the right arm, that's an inside block": which one.
        if (_lexemes[i] is { IsHandTechnique: true, Value: "block" or "punch" or "strike" } or { IsKick: true, Value: "kick" } && EndOfClause(i) + 1 is var comma && comma + 2 < _lexemes.Count && _lexemes[comma].Is("stop", ",") && _lexemes[comma + 1].Plain is "thats" or "thats a" or "that is" or "which is" or "so thats" && _lexemes.GetRange(comma + 1, EndOfClause(comma + 1) - comma).FirstOrDefault(l => l.Is("technique")) is { } which && which.IsKick == _lexemes[i].IsKick)
        {
            BecomesSmall(comma + 1);
            _lexemes[i] = _lexemes[i] with { Value = which.Value, Term = which.Term };
            BecomesSmall(_lexemes.IndexOf(which, comma));
        }
        // "Cross your arms, and low block": how the hands make ready for it.
        if (_lexemes[i] is { Kind: "technique", Value: "arms-crossed" } crossed && crossed.Plain.StartsWith("cross ", StringComparison.Ordinal) && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.IsHandTechnique) is { } then && then.Value != crossed.Value) AsNote(i, i);
        // "Step forward, and make sure it's a front stance": that is where it goes.
        if (_lexemes[i] is { Kind: "note", Plain: "make sure" or "be sure" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "its a" or "it is" or "its" or "thats a" or "this is" or "this is a" or "youre in" or "you are in" && Next(i + 1) is { Kind: "stance" } or { Kind: "side" } && ClauseOf(i).Any(l => l.Is("stance")))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "You take another step forward, right front stance, punch": told out, not the last one again.
        if (_lexemes[i] is { Kind: "times", Plain: "another" } && Next(i) is { Kind: "footwork" } && ClauseOf(i).All(l => !l.IsHandTechnique) && RestOfSentence(i).Any(l => l.Is("stance") || l.IsHandTechnique)) BecomesSmall(i);
    }

    /// <summary>"That's a low block.", "so you've got your left foot in front.": a sentence that tells what the one before told.</summary>
    private void FindWhatIsSaidOnceMore(int i)
    {
        // "Again, that's your left foot in front": said again, not done.
        if (_lexemes[i].Is("again") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain.StartsWith("thats", StringComparison.Ordinal)) BecomesSmall(i);
        if (!StartsSentence(i) || i == 0 || _lexemes[i].Plain is not ("thats" or "so thats" or "thats a" or "thats your" or "that was" or "that was a" or "that is" or "youve got" or "weve got" or "youve" or "you have")) return;
        var end = EndOfSentence(i);
        var said = _lexemes.GetRange(i, end - i + 1).Where(l => !l.IsStop && l.Kind is not ("filler" or "note")).ToList();
        var before = Backward(i).SkipWhile(l => !l.EndsSentence).TakeWhile(l => !l.Is("countNoun") && !(l.Is("ordinal"))).Take(RunOn).ToList();
        // "That's the salute."
        if (said is [{ Kind: "footwork", Value: "bow" or "announce" }])
        {
            AsNote(i, end);
            return;
        }
        if (said.Count == 0 || said.Any(l => l.Kind is not ("side" or "technique" or "stance" or "level" or "handNoun" or "relHand" or "footNoun" or "lead"))) return;
        var isTold = said.Where(l => l.Kind is "technique" or "stance").All(t => before.Any(b => b.Is(t.Kind, t.Value)));
        var feetOnly = said.All(l => l.Kind is "side" or "footNoun" or "lead") && before.Any(l => l.Kind is "stance" or "footNoun");
        if (said.Any(l => l.Kind is "technique" or "stance") ? isTold : feetOnly) AsNote(i, end);
        // What has been done by then tells the rest (SaysOnceMore).
        else if (said.Any(l => l.Kind is "technique" or "stance") && _lexemes[i].Kind is "filler" or "note") _lexemes[i] = _lexemes[i] with { Kind = "note", Value = OnceMore };
    }

    /// <summary>"Step out with the left foot, low block. That's a front stance.": so one stands then.</summary>
    private void TellTheStanceOf(int i)
    {
        var said = RestOfSentence(i).Where(l => !l.IsStop && !l.Is("filler")).ToList();
        if (said is not [{ Kind: "stance" } stance] || _draft is not { Stance: null, IsDone: true, SentenceEnded: true, Footwork: "step" or "turn" or "step-back" or "slide" or null } || (_draft.Foot ?? _draft.TurnSide) is null) return;
        _draft.Stance = stance.Term!.Id;
        Note(stance, "stance");
        _lexemes[_lexemes.IndexOf(stance, i)] = stance with { Kind = "filler", Term = null };
    }

    private void FindAnOverview(int first)
    {
        if (_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun" or "stance")) return;
        var end = EndOfSentence(first);
        var sentence = _lexemes.GetRange(first, end - first + 1);
        if (sentence.Zip(sentence.Skip(1)).Count(p => p.First.Is("number") && p.Second.Is("technique") && IsPlural(p.Second)) < 2 || sentence.Any(l => l.Kind is not ("filler" or "number" or "technique" or "side" or "then" or "way" or "stop"))) return;
        if (_lexemes.Skip(end + 1).Count(l => l.EndsSentence) > 2) AsNote(first, end);
    }

    private const string OnceMore = "onceMore";

    /// <summary>"So that's a left cross stance.", where one stands so: nothing is done.</summary>
    private bool SaysOnceMore(int i)
    {
        var said = RestOfSentence(i).ToList();
        return said.Where(l => l.Is("stance")).All(s => s.Term!.Id == AfterDraft().Stance) && said.Where(l => l.Is("technique")).All(t => _draft.Hands.Any(h => h.Technique == t.Term!.Id) || _draft.Kick?.Technique == t.Term!.Id);
    }

    /// <summary>"The back foot, that's your left foot, steps through", "the front foot, which is the right one, goes back": one foot.</summary>
    private void FindFeetNamedTwice(int i)
    {
        if (_lexemes[i] is not { Kind: "relFoot", Value: "front" or "rear" } || i + 2 >= _lexemes.Count || !_lexemes[i + 1].Is("stop", ",")) return;
        var end = EndOfClause(i + 2);
        var clause = _lexemes.GetRange(i + 2, end - i - 1);
        if (clause[0].Plain is not ("thats" or "that is" or "thats your" or "which is" or "which" or "so" or "your" or "the") || clause.Count(l => l.Is("side")) != 1 || clause.Any(l => l.Kind is not ("filler" or "note" or "side" or "footNoun" or "number"))) return;
        if (end + 1 >= _lexemes.Count || _lexemes[end + 1].EndsSentence || Next(end + 1) is not { Kind: "footwork" or "way" } && !(end + 2 < _lexemes.Count && _lexemes[end + 2].Plain is "comes" or "goes")) return;
        // The side is what tells; the foot that it is of goes with it.
        var foot = clause.First(l => l.Is("side"));
        var noun = clause.FirstOrDefault(l => l.Is("footNoun")) ?? new Lexeme("footNoun", "foot", foot.Start + foot.Length, 0, "foot");
        var small = _lexemes.GetRange(i, end - i + 2).Where(l => l != foot && l != noun).Select(l => l with { Kind = "filler", Value = "filler", Plain = "", Term = null }).ToList();
        _lexemes.RemoveRange(i, end - i + 2);
        _lexemes.InsertRange(i, [.. small, foot, noun]);
    }
}
