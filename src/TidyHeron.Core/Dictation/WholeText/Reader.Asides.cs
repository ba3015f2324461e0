namespace TidyHeron.Core.Dictation;

/// <summary>What a chatty voice says once more, or beside what is done: it tells nothing new, and no count is made of it.</summary>
public sealed partial class Reader
{
    private void RetellAsides(int i)
    {
        // "We turn left, right, and then you step": he asks whether one follows.
        if (_lexemes[i].Is("side", "right") && Alone(i) && i > 1 && _lexemes[i - 1].Is("stop", ",") && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && (_lexemes[i + 2].Plain == "and then" || _lexemes[i + 2].Plain == "and" && _lexemes[i + 3].Is("then")) && Backward(i - 1).TakeWhile(l => !l.IsStop) is var asked && !asked.Any(l => l.Is("gaze")) && asked.Any(l => l.Kind is "side" or "place" or "degrees" or "amount" or "clock")) AsNote(i, i);
        // "That's your left hand.": which one it was.
        if (_lexemes[i].Kind is "handNoun" or "footNoun" && i > 1 && _lexemes[i - 1].Is("side") && (Alone(i) || i + 1 >= _lexemes.Count) && Backward(i - 1).TakeWhile(l => !l.EndsSentence).ToList() is [_, ..] pointing && pointing.All(l => l.Is("filler")) && pointing[^1].Plain is "thats" or "that's" or "that is" or "that") AsNote(i - 1, i);
        // "This is followed by a step forward": the next of them, no remark.
        if (_lexemes[i] is { Kind: "note", Plain: "this is" or "it is" or "its" or "that is" or "thats" } && _lexemes.Skip(i + 1).FirstOrDefault(l => l.Plain is not ("then" or "now")) is { } follows && follows.Plain.Split(' ')[0] is "followed" or "succeeded") BecomesSmall(i);
        FindWhatIsSaidOnceMore(i);
        FindFeetNamedTwice(i);
        RetellPreparations(i);
        RetellWhichOne(i);
    }

    /// <summary>What eyes and hands do on the way to a move, and what is only to be looked at.</summary>
    private void RetellPreparations(int i)
    {
        // "Look left, then turn and step …": the eyes go with it.
        if (_lexemes[i].Is("then") && Backward(i).TakeWhile(l => !l.EndsSentence).Where(l => !l.IsStop && !l.Is("filler")).ToList() is [{ Kind: "gaze" } eyes, ..] && OnlySmallWordsAndACallBefore(_lexemes.IndexOf(eyes))) BecomesSmall(i);
        if (MakesReady(i)) AsNote(_lexemes.FindIndex(FirstOfClause(i), l => l.Kind is "technique" or "side" or "handNoun"), EndOfClause(i));
        // "Chamber your hands, and punch" likewise.
        if (_lexemes[i] is { Kind: "technique", Value: "chamber" } ready && ready.Plain.StartsWith("chamber", StringComparison.Ordinal) && ClauseOf(i).Any(l => l is { Kind: "handNoun", Plain: "hands" }) && !ClauseOf(i).Any(l => l.Is("side")) && RestOfSentence(i).FirstOrDefault(l => l.IsHandTechnique) is not null) AsNote(i, EndOfClause(i));
        // "Chamber the block by your right ear, and turn".
        if (_lexemes[i] is { Kind: "technique", Value: "chamber" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "the" or "a" or "your" or "that" && _lexemes[i + 2].IsHandTechnique) AsNote(i, EndOfClause(i));
        // "Check that your back leg is straight."
        if (_lexemes[i] is { Kind: "technique", Plain: "check" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "that" or "if" or "whether") AsNote(i, EndOfClause(i));
        // "Cross your arms, and low block": how the hands make ready for it.
        if (_lexemes[i] is { Kind: "technique", Value: "arms-crossed" } crossed && crossed.Plain.StartsWith("cross ", StringComparison.Ordinal) && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.IsHandTechnique) is { } then && then.Value != crossed.Value) AsNote(i, i);
    }

    /// <summary>"Look left, both fists to the right hip, and step into front stance, low block": whether the hands only make ready for what is told in the same sentence.</summary>
    private bool MakesReady(int i)
    {
        if (_lexemes[i] is not { Kind: "technique", Value: "chamber" or "stack-hands" or "arms-crossed" } || _lexemes[i].Plain is "at the hip" || ClauseOf(i).Any(l => l.Kind is not ("technique" or "filler" or "side" or "handNoun" or "unread" or "then" or "number" or "countNoun" or "ordinal") || l.Is("technique") && l != _lexemes[i])) return false;
        if (Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is not ("gaze" or "filler" or "detail" or "then" or "number" or "countNoun" or "countWord" or "ordinal" or "side" or "handNoun" or "stop"))) return false;
        var end = EndOfClause(i);
        if (end + 1 >= _lexemes.Count || _lexemes[end + 1].EndsSentence || _lexemes[end + 1].Value == ":") return false;
        var next = RestOfSentence(end).FirstOrDefault(l => l.Kind is "footwork" or "footNoun" or "stance" or "technique" or "together");
        return next is { Kind: "footwork" or "footNoun" or "stance" } and not { Value: "stay" } && RestOfSentence(end).Any(l => l.IsHandTechnique);
    }

    /// <summary>A block, a punch, a kick or a stance that is named by what is said after it.</summary>
    private void RetellWhichOne(int i)
    {
        // "Punch with the right hand, and shift into front stance while you punch": that one.
        if (_lexemes[i].IsHandTechnique && i > 0 && _lexemes[i - 1].Plain is "while you" or "as you" or "when you" && Alone(i) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique", _lexemes[i].Value)) && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "footwork" or "stance")) AsNote(i - 1, i);
        // "Next you kick. It's a right front kick": which one.
        if (_lexemes[i] is { IsHandTechnique: true, Value: "block" or "punch" or "strike" } or { IsKick: true, Value: "kick" } && OnlySmallWordsAndACallBefore(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].EndsSentence && _lexemes.FindIndex(i + 2, l => l.Plain is "its a" or "its" or "this is a" or "its the" || !l.Is("filler") && !l.Is("stop", ",")) is var itself and > 0 && _lexemes[itself].Plain is "its a" or "its" or "this is a" or "its the" && RestOfSentence(i + 1).FirstOrDefault(l => l.Is("technique")) is { } told && told.IsKick == _lexemes[i].IsKick)
        {
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            BecomesSmall(i);
            BecomesSmall(itself);
        }
        // "Next you're going to kick with your right foot. Front snap kick straight ahead.": which kick.
        if (_lexemes[i] is { IsKick: true, Value: "kick" } && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "then" or "number" or "countNoun" or "ordinal" || l.IsStop) && EndOfSentence(i) is var over && over + 2 < _lexemes.Count && RestOfSentence(i).All(l => l.Kind is "filler" or "side" or "footNoun" or "relFoot") && RestOfSentence(i).Any(l => l.Kind is "side" or "relFoot")
            && _lexemes.FindIndex(over + 2, l => !l.Is("filler") && !l.Is("stop", ",")) is var named and > 0 && _lexemes[named] is { IsKick: true, Value: not "kick" } specific)
        {
            _lexemes[i] = _lexemes[i] with { Value = specific.Value, Term = specific.Term };
            _lexemes[over + 1] = _lexemes[over + 1] with { Value = "," };
            BecomesSmall(named);
        }
        // "Block with the right arm, that's an inside block": which one.
        if (_lexemes[i] is { IsHandTechnique: true, Value: "block" or "punch" or "strike" } or { IsKick: true, Value: "kick" } && EndOfClause(i) + 1 is var comma && comma + 2 < _lexemes.Count && _lexemes[comma].Is("stop", ",") && _lexemes[comma + 1].Plain is "thats" or "thats a" or "that is" or "which is" or "so thats" or "its" or "its a" && _lexemes.GetRange(comma + 1, EndOfClause(comma + 1) - comma).FirstOrDefault(l => l.Is("technique")) is { } which && which.IsKick == _lexemes[i].IsKick)
        {
            BecomesSmall(comma + 1);
            _lexemes[i] = _lexemes[i] with { Value = which.Value, Term = which.Term };
            BecomesSmall(_lexemes.IndexOf(which, comma));
        }
        // "And the hammer, you pull the foot in and come over the top with a hammer fist": what is then told out.
        if (_lexemes[i].IsHandTechnique && Alone(i) && i > 1 && _lexemes[i - 1].Plain is "the" && OnlySmallWordsAndACallBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && RestOfSentence(i + 1).Any(l => l.Is("technique", _lexemes[i].Value))) BecomesSmall(i);
        // "Block left, chudan uke": which block.
        if (_lexemes[i] is { IsHandTechnique: true, Value: "block", Plain: "block" or "blocks" } && EndOfClause(i) + 1 is var after && after + 1 < _lexemes.Count && _lexemes[after].Is("stop", ",") && _lexemes[after + 1] is { IsHandTechnique: true, Value: not "block", Term.Family: "receiving" } itsName && EndOfClause(after + 1) == after + 1
            && _lexemes.GetRange(i + 1, after - i - 1).All(l => l.Kind is "side" or "filler" or "handNoun") && _lexemes.GetRange(i + 1, after - i - 1).Any(l => l.Is("side")))
        {
            _lexemes[i] = _lexemes[i] with { Value = itsName.Value, Term = itsName.Term };
            BecomesSmall(after + 1);
        }
        // "Both hands come up, so it's a double block": what is done, where nothing else is.
        if (_lexemes[i] is { Kind: "note", Plain: "its a" or "its an" } && ClauseOf(i).Any(l => l.IsHandTechnique) && i > 0 && _lexemes[i - 1].Plain == "so" && !Clauses(i).Any(l => l.IsHandTechnique && !ClauseOf(i).Contains(l)) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("handNoun"))) BecomesSmall(i);
        // "Step forward, and make sure it's a front stance": that is where it goes.
        if (_lexemes[i] is { Kind: "note", Plain: "make sure" or "be sure" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "its a" or "it is" or "its" or "thats a" or "this is" or "this is a" or "youre in" or "you are in" && Next(i + 1) is { Kind: "stance" } or { Kind: "side" } && ClauseOf(i).Any(l => l.Is("stance")))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
    }

    /// <summary>"That's a low block.", "so you've got your left foot in front.": a sentence that tells what the one before told.</summary>
    private void FindWhatIsSaidOnceMore(int i)
    {
        // "Again, that's your left foot in front": said again, not done.
        if (_lexemes[i].Is("again") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain.StartsWith("thats", StringComparison.Ordinal)) BecomesSmall(i);
        if (!StartsSentence(i) || i == 0 || _lexemes[i].Plain is not ("thats" or "so thats" or "thats a" or "thats your" or "this is a" or "that was" or "that was a" or "that is" or "youve got" or "weve got" or "youve" or "you have")) return;
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
        // Of a stance only the last one that was told.
        var isTold = said.Where(l => l.Kind is "technique" or "stance").All(t => t.Is("stance") ? before.Find(b => b.Is("stance"))?.Value == t.Value
            : before.Any(b => b.Is("technique", t.Value) || t.Value == "lunge-punch" && b.Value == "punch" || t.Is("technique", "kick") && b.IsKick || t.Value is "block" or "punch" && b.IsHandTechnique && b.Value.EndsWith(t.Value, StringComparison.Ordinal)));
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
        if (clause[0].Plain is not ("thats" or "that is" or "thats your" or "which is" or "which" or "so" or "the" or "your" or "my") || clause.Count(l => l.Is("side")) != 1 || clause.Any(l => l.Kind is not ("filler" or "note" or "side" or "footNoun" or "number"))) return;
        if (end + 1 >= _lexemes.Count || _lexemes[end + 1].EndsSentence || Next(end + 1) is not { Kind: "footwork" or "way" } && !(end + 2 < _lexemes.Count && _lexemes[end + 2].Plain is "comes" or "goes")) return;
        // The side is what tells; the foot that it is of goes with it.
        var foot = clause.First(l => l.Is("side"));
        var noun = clause.FirstOrDefault(l => l.Is("footNoun")) ?? new Lexeme("footNoun", "foot", foot.Start + foot.Length, 0, "foot");
        var small = _lexemes.GetRange(i, end - i + 2).Where(l => l != foot && l != noun).Select(l => l with { Kind = "filler", Value = "filler", Plain = "", Term = null }).ToList();
        _lexemes.RemoveRange(i, end - i + 2);
        _lexemes.InsertRange(i, [.. small, foot, noun]);
    }
}
