using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;


namespace TidyHeron.Core.Dictation;

/// <summary>Watch-points and imagined intent.</summary>
public sealed partial class Reader
{
    /// <summary>"…, right hand low block": a clause that tells a side and what is done with it ends a remark.</summary>
    private bool SaysAMove(int i)
    {
        var clause = _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Where(l => !l.Is("filler")).ToList();
        if (clause.FirstOrDefault() is { Kind: "note" }) return false;
        // "There's another one behind you, so turn around clockwise".
        if (i < _lexemes.Count && _lexemes[i].Plain == "so" && SaysWhatToDo(i + 1) && (clause.Any(l => l.Kind is "side" or "turnSide" or "stance" or "footNoun" or "place") || clause[0].Plain.Split(' ')[^1] is "around" or "round")) return true;
        // "Don't pull it back, just drop it forward, so you're in a cross stance".
        if (clause is [{ Kind: "opening" }, ..] && clause.Any(l => l.Is("stance")) && i < _lexemes.Count && _lexemes[i].Plain == "so") return true;
        if (clause.Any(l => l.Is("technique") && l.Plain.Contains(' ')) && clause.All(l => l.Kind is "technique" or "level" or "side" or "tempo" or "number" or "handNoun")
            || clause is [{ Kind: "number" }, { Kind: "technique" }]) return true;
        if (clause.FirstOrDefault() is { Kind: "footwork" } && clause.Any(l => l.Kind is "degrees" or "amount")) return true; // "…, so you turn a full turn to the left"
        // "It's a big one, and it goes into back stance".
        if (clause is [{ Kind: "stance" }] && _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "goes" or "go") && _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "into" or "to")) return true;
        // "As if holding a ball, …, left foot comes in to the right foot".
        if (clause is [{ Kind: "side" }, { Kind: "footNoun" }, ..] && _lexemes.IndexOf(clause[1], i) is var foot && foot + 1 < _lexemes.Count && (_lexemes[foot + 1] is { Kind: "footwork", Value: not "stay" } || _lexemes[foot + 1].Plain is "comes" or "goes" or "moves")) return true;
        // "…, block up on the left".
        if (clause is [{ IsHandTechnique: true }, ..] && clause.Count <= 4 && clause.Any(l => l.Is("side"))) return true;
        return clause.FirstOrDefault() is { Kind: "side" or "then" or "footwork" or "relFoot" } or { IsKick: true } && clause.Any(l => l.Kind is "side" or "stance" or "footwork") && clause.Any(l => l.Kind is "technique" or "stance");
    }

    private const int RunOn = 25; // lexemes without a comma or a full stop: nobody speaks in such clauses, but captions are written so

    /// <summary>Watch-points and imagined intent are kept as they were said, to the end of the sentence.</summary>
    private int TakeNote(int i)
    {
        if (_lexemes[i].Value == OnceMore && !SaysOnceMore(i))
        {
            TellTheStanceOf(i);
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Then it's a step through": what is pointed at is a move, not a remark.
        if (_lexemes[i].Value != OnceMore && _lexemes[i].Plain is "its a" or "it is" or "this is" or "that is" or "so thats" or "theres" or "there is" or "this is a" or "you are" or "that means" or "which means" or "meaning"
            && Next(i) is { Kind: "footwork" or "technique" or "stance" or "side" or "level" or "degrees" or "amount" } && RestOfSentence(i).LastOrDefault() is not { Plain: "before" or "as before" }) // "this is the same stance as before": nothing is done
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Keep the horse stance and punch across": what is kept is where one stands.
        if (_lexemes[i].Plain is "keep the" or "keep your" or "keep it" && Next(i) is { Kind: "stance" } && IndexAfter(i) is var kept && kept + 1 < _lexemes.Count && _lexemes[kept + 1].Plain is "and" or "," && RestOfSentence(kept).Any(l => l.Is("technique")))
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "You are going to look left".
        if (_lexemes[i].Plain == "you are" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "going" or "going to" or "gonna")
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "So that you end in front stance with the right foot in front".
        if (_lexemes[i].Plain == "so that" && Next(i) is { Kind: "facing" } && Next(IndexAfter(i)) is { Kind: "place" or "clock" } // "so that you're facing the rear"
            || _lexemes[i].Plain == "so that" && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } && RestOfSentence(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("lead")) // "so that the left foot is in front"
            || _lexemes[i].Plain == "so that" && Next(i) is { Kind: "stance" or "side" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "you" or "we" or "youre" or "were")
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Turn your hips to nine o'clock": part of the turn.
        if (_lexemes[i].Plain is "your hips" or "the hips" or "the hip" && Previous(i) is { Kind: "footwork" })
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Right hand over the head like a rising block": it is one.
        if (_lexemes[i].Plain is "like a" && _hand is not null && Next(i) is { IsHandTechnique: true })
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Let the weight go forward", "let the waist turn": it does.
        if (_lexemes[i].Plain is "let the" or "let your" && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "weight" || _lexemes[i + 1].Plain.Contains("waist", StringComparison.Ordinal)))
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "Let the left foot step out": it does.
        if (_lexemes[i].Plain is "let the" or "let your" && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } && Next(IndexAfter(IndexAfter(i))) is { Kind: "footwork" })
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // "To make a left bow stance", "you're going to make a quarter turn"; "you should step with the left foot", "you should turn around".
        if (_lexemes[i].Plain is "to make" && Next(i) is { Kind: "side" or "stance" or "technique" or "degrees" or "amount" or "level" or "footwork" }
            || _lexemes[i].Plain is "you should" && (Next(i) is { Kind: "footwork" or "technique" or "side" or "amount" or "degrees" or "support" or "gaze" or "pivotPoint" } || i + 1 < _lexemes.Count && _lexemes[i + 1].Is("facing")) && (Next(i) is { Kind: "footwork", Value: not "stay" } verb && verb.Plain.Contains(' ') || RestOfSentence(i).Any(l => l.Kind is "side" or "stance" or "degrees" or "amount" or "clock" or "place" or "technique")))
        {
            Note(_lexemes[i], "filler");
            return i;
        }
        // Where nothing parts the sentences, "then" does.
        var runsOn = _ranOn || _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Count() > RunOn;
        bool GoesOn(int at) => runsOn && (_lexemes[at].Is("then") || _lexemes[at].Plain == "now" || _lexemes[at].Is("opening")) && _lexemes.Skip(at + 1).Take(8).Any(l => l.Kind is "side" or "footwork" or "technique" or "stance" or "relFoot");
        // "This is what I wrote after class: look left, step …": the remark ends where the telling begins.
        bool Begins(int at) => _lexemes[at].Is("stop", ":") && StartsSentence(i) && _lexemes[i].Plain is "this is" or "that is" or "heres" && RestOfSentence(at).ToList() is var told && told.Any(l => l.Is("technique")) && told.Any(l => l.Is("footwork"));
        var end = i;
        while (end + 1 < _lexemes.Count && !_lexemes[end + 1].EndsSentence && !Begins(end + 1) && !GoesOn(end + 1) && !(_lexemes[end + 1].IsStop && SaysAMove(end + 2))) end++;
        // "Crane stance … that means standing on the right leg": tells on which one.
        if (_draft is { Stance: { } single } && _ways.Stances.Of(single).Feet == FeetKind.Single)
            for (var k = i; k + 1 < end; k++)
                if (_lexemes[k].Is("support") && _lexemes[k + 1].Is("side")) _draft.Lead = _lexemes[k + 1].Side;
        AddRemark(i, end);
        return end;
    }

    /// <summary>Keeps words with the move being said, as they were said.</summary>
    private void AddRemark(int first, int last)
    {
        var (start, length, text) = Said(first, last);
        _draft.Notes.Add(text.Trim());
        _fields.Add(new ReadField(_draft.Id, "note", start, length));
    }

    /// <summary>The words of a run of lexemes as expressions are held against them.</summary>
    private string WordsFrom(int first, int last) => Said(first, last).Text.Replace('’', '\'').Trim();

    /// <summary>The words of a run of lexemes, some of which may have been put before those they follow.</summary>
    private (int Start, int Length, string Text) Said(int first, int last)
    {
        var (start, end) = (int.MaxValue, 0);
        for (var k = first; k <= last; k++) (start, end) = (Math.Min(start, _lexemes[k].Start), Math.Max(end, _lexemes[k].Start + _lexemes[k].Length));
        return (start, end - start, _text[start..end]);
    }
}
