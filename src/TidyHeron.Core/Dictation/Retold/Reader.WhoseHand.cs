namespace TidyHeron.Core.Dictation;

/// <summary>Which hand did which of two things, and where a hand is told before what it does.</summary>
public sealed partial class Reader
{
    /// <summary>"Right elbow strike to the left palm": what it strikes.</summary>
    private void RetellThePalmThatIsStruck(int i)
    {
        if (_lexemes[i] is not { Kind: "technique", Value: "palm-strike", Plain: "palm" } || i < 2 || !_lexemes[i - 1].Is("side") || !Follows(i - 1, "to", "into", "in", "onto", "on", "against") || Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("technique")) is not ({ Term.Family: "elbow" or "knee" } or { IsKick: true })) return;
        AsNote(i - 1, i);
    }

    /// <summary>"Block with the inside of the left forearm", "hit with the point of the right elbow": the part is a remark, the limb does it.</summary>
    private void RetellPartsOfALimb(int i)
    {
        if (!_lexemes[i].Is("side") || i + 1 >= _lexemes.Count || _lexemes[i + 1] is not ({ Kind: "handNoun" or "footNoun" } or { Plain: "elbow" or "knee" }) || !Follows(i, "of")) return;
        var of = _lexemes.FindLastIndex(i, l => l.Plain == "of");
        var with = _lexemes.FindLastIndex(of, Math.Min(of + 1, 5), l => l.Plain is "with" or "using" or "by");
        if (with < 1 || of - with < 2 || _lexemes.GetRange(with + 1, of - with - 1).Any(l => l.IsStop || l.Kind is "side" or "technique" or "footNoun" or "handNoun") || !Backward(with).TakeWhile(l => !l.IsStop).Any(l => l.Is("technique"))) return;
        AsNote(with + 1, of);
        // Before "with", which tells the limb.
        (_lexemes[with], _lexemes[with + 1]) = (_lexemes[with + 1], _lexemes[with]);
    }

    /// <summary>"Sweep the low block across", "pushing out a knife hand": how it is done, no technique of its own.</summary>
    private void RetellHowItIsDone(int i)
    {
        if (_lexemes[i] is not { Kind: "technique", Plain: "sweep" or "sweeps" or "sweeping" or "push" or "pushing" }) return;
        var article = i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "out" or "through" or "down" ? i + 2 : i + 1;
        if (article + 1 >= _lexemes.Count || _lexemes[article].Plain is not ("the" or "a" or "that" or "your")) return;
        var named = _lexemes[article + 1].Is("side") ? article + 2 : article + 1;
        if (named < _lexemes.Count && _lexemes[named] is { IsHandTechnique: true, Plain: not "palm" and not "palms" and not "elbow" }) BecomesSmall(i);
    }

    /// <summary>"Block down with the left palm", "knee him with the left knee": what does it, not one more.</summary>
    private void RetellWhatItIsDoneWith(int i)
    {
        // "Right knife hand outer block": one block, with that hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "knife hand" } edge && i + 1 < _lexemes.Count && _lexemes[i + 1] is { IsHandTechnique: true, Term.Family: "receiving" } named && named.Value != "knife-hand-block" && named.Plain.EndsWith("block", StringComparison.Ordinal))
        {
            if (named.Value is "outside-block") _lexemes[i + 1] = named with { Value = edge.Value, Term = edge.Term };
            AsNote(i, i);
            return;
        }
        if (_lexemes[i] is not { Kind: "technique", Plain: "palm" or "knee" or "elbow" or "knife hand" } limb || i < 2 || !_lexemes[i - 1].Is("side") || !Follows(i - 1, "with") || Backward(i - 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is not ("filler" or "level" or "detail")) is not { Kind: "technique" } done) return;
        if (limb.Plain == "knife hand")
        {
            if (done.Term?.Family != "receiving" || done.Value == limb.Value) return;
            if (done.Value is "outside-block" or "block") _lexemes[_lexemes.LastIndexOf(done, i)] = done with { Value = limb.Value, Term = limb.Term };
            _lexemes[i] = limb with { Kind = "handNoun", Value = "hand", Term = null };
            return;
        }
        if (limb.Plain == "palm" ? done.Term?.Family == "receiving" : done.Value == limb.Value) _lexemes[i] = limb with { Kind = limb.Plain == "knee" ? "footNoun" : "handNoun", Value = limb.Plain == "knee" ? "foot" : "hand", Term = null };
        // "Hit with the right elbow": that is what it is called.
        else if (limb.Plain == "elbow" && done is { Value: "strike" })
        {
            _lexemes[_lexemes.LastIndexOf(done, i)] = done with { Value = limb.Value, Term = limb.Term };
            _lexemes[i] = limb with { Kind = "handNoun", Value = "hand", Term = null };
        }
    }

    private void RetellWhoseHand(int i)
    {
        // "Then with the left hand, uppercut": the hand is told first.
        if (_lexemes[i].Is("side") && (Follows(i, "with") || (Previous(i) is { Kind: "then" } || OnlySmallWordsAndACallBefore(i)) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("handNoun")) && Backward(i).TakeWhile(l => !l.IsStop).All(l => l.Kind is "filler" or "then") && (i + 1 < _lexemes.Count && _lexemes[i + 1].Is("handNoun") ? i + 2 : i + 1) is var comma && comma + 1 < _lexemes.Count && _lexemes[comma].Is("stop", ",")
            && _lexemes.GetRange(comma + 1, EndOfClause(comma + 1) - comma) is var deed && deed.SkipWhile(l => l.Kind is "filler" or "level").FirstOrDefault() is { IsHandTechnique: true } && !deed.Any(l => l.Kind is "side" or "handNoun" or "relHand")) _lexemes[comma] = new Lexeme("filler", "filler", _lexemes[comma].Start, _lexemes[comma].Length, "");
        // "Rising block, right hand on the step, step through": that hand did it.
        if (_lexemes[i].Is("handNoun") && i > 0 && _lexemes[i - 1].Is("side") && StartsClause(i - 1) && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "on the step" or "on landing" || _lexemes[i + 1].Is("footwork", "stay") || _lexemes[i + 1].Plain.StartsWith("as the foot ", StringComparison.Ordinal))) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        PartTwoHands(i);
        // "Block low with your right and bring the right foot forward": that hand.
        if (_lexemes[i].IsHandTechnique && Next(i) is { Kind: "side" or "level" } && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Is("side")) is var works and > 0 && Follows(works, "with", "using") && works + 2 < _lexemes.Count && _lexemes[works + 1].Plain == "and" && Next(works) is { Kind: "footwork" }) _lexemes.Insert(works + 1, new Lexeme("handNoun", "hand", _lexemes[works].Start + _lexemes[works].Length, 0, "hand"));
    }

    /// <summary>"Back fist right hand plus an inside block with the left": each has its own, so a comma parts them.</summary>
    private void PartTwoHands(int i)
    {
        if (!(_lexemes[i].Is("handNoun") ? i > 0 && _lexemes[i - 1].Is("side") : _lexemes[i].Is("side")) || i + 1 >= _lexemes.Count || !(_lexemes[i + 1].Is("then") || _lexemes[i + 1].Plain is "plus" or "and" or "with")) return;
        var side = SideIndex(i);
        if (Backward(side).SkipWhile(l => l.Kind is "filler" or "level" || l.Is("stop", ",")).FirstOrDefault() is not { IsHandTechnique: true }) return;
        var second = _lexemes.FindIndex(i + 1, EndOfClause(i) - i, l => l.IsHandTechnique);
        if (second < 0 || _lexemes.GetRange(i + 1, second - i).Any(l => l.Kind is "side" or "footwork" or "relHand")) return;
        if (Enumerable.Range(second, EndOfClause(i) - second + 1).Any(k => _lexemes[k].Is("side") && _lexemes[k].Value != _lexemes[side].Value && Follows(k, "with", "of", "using"))) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
    }
}
