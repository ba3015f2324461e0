using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words that name a stance here and something else there, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"Left foot left, back stance": whether the text tells so where feet go.</summary>
    private bool FeetGoByOneWord() => Enumerable.Range(0, _lexemes.Count - 1).Any(k => _lexemes[k].Is("footNoun") && (_lexemes[k + 1].Is("side") || _lexemes[k + 1] is { Kind: "place", Plain: not "front" }) && Alone(k + 1));

    /// <summary>"Into a forward bow", "a right forward bow".</summary>
    private bool IsAForwardBow(int i) =>
        _lexemes[i] is { Kind: "footwork", Plain: "bow" } && i > 0 && _lexemes[i - 1] is { Kind: "way", Plain: "forward" } && (Follows(i - 1, "into", "a", "to") || i > 1 && _lexemes[i - 2].Is("side"));

    /// <summary>Whether the foot of a side has stepped in the sentence so far.</summary>
    private bool HasStepped(int i, string side)
    {
        var told = Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("then")).ToList();
        var done = told.FindIndex(l => l.IsHandTechnique);
        // The words are told backward: what stands after another here was said before it.
        for (var k = 0; k + 1 < told.Count; k++)
        {
            var (word, before) = (told[k], told[k + 1]);
            if (word.Is("footNoun") && before.Is("side", side)) return true;
            if (word.Is("side", side) && before.Is("footwork", "step")) return true;
            if (done < 0 || k <= done) continue;
            if (word.Is("side", side) && before.Plain is "the" or "to" or "your" or "my") return true;
            if (word.Is("footwork", "step") && !told.Any(l => l.Kind is "footNoun" or "relFoot")) return true;
            if (word.Is("footwork", "step-back")) return true;
        }
        return false;
    }

    /// <summary>Whether a bow is the stance, not the greeting.</summary>
    private bool IsStoodIn(int i)
    {
        if (_lexemes[i] is not { Kind: "footwork", Plain: "bow" }) return false;
        var (before, after) = (i > 0 ? _lexemes[i - 1] : null, i + 1 < _lexemes.Count ? _lexemes[i + 1] : null);
        // "Down into left bow": with a side or a way into it.
        if (before is { Kind: "side" } || Follows(i, "into")) return true;
        if (IsAForwardBow(i)) return true;
        // "Bow left, right palm strike": with a side after it.
        if (after is { Kind: "side" } && (Alone(i + 1) || after.Plain is "left" or "right" && Next(i + 1) is { Kind: "facing" }) && (before is null or { IsStop: true } || before.Plain is "into" or "to" or "in")) return true;
        if (!_lexemes.Any(l => l.Is("stance", "bow-stance"))) return false;
        // Where bows are stood in: "the stance shifts to bow", "still in bow"; "step right, bow, left palm", among what is done.
        return Follows(i, "to", "in", "still in")
            || before is { Kind: "stop", Value: "," } && after is { Kind: "stop", Value: "," } && Clauses(i).Any(l => l.Is("footwork", "step") || l.Is("footNoun")) && RestOfSentence(i).Any(l => l.IsHandTechnique);
    }

    /// <summary>Words that say how one stands, or which foot leads.</summary>
    private void RetellStances(int i)
    {
        // "Horse stance, feet parallel": how that one is stood in.
        if (_lexemes[i] is { Kind: "stance", Plain: "feet parallel" or "feet apart" } && Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("footwork")).Any(l => l.Is("stance"))) AsNote(i, i);
        // "Into a front stance on the right side": that foot leads.
        if (_lexemes[i].Is("stance") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain == "on" && Next(i) is { Kind: "side" } && IndexAfter(i) is var onSide && onSide + 1 < _lexemes.Count && (_lexemes[onSide + 1] is { Kind: "filler", Plain: "side" or "after" or "with" } || _lexemes[onSide + 1].Is("then")) && !(i > 0 && _lexemes[i - 1].Is("side")))
        {
            var side = _lexemes[onSide];
            BecomesSmall(onSide);
            _lexemes.Insert(i, side);
            return;
        }
        // "Right foot to the right, right punch, right foot forward front stance": what the stance is called, no second step.
        if (_lexemes[i].Is("stance") && i > 2 && (_lexemes[i - 1].Is("way", "forward") ? i - 2 : i - 1) is var leads && _lexemes[leads].Is("footNoun") && _lexemes[leads - 1].Is("side") && (StartsClause(leads - 1) && HasStepped(leads - 1, _lexemes[leads - 1].Value) || leads == i - 1 && _lexemes[leads].Plain == "leg" || leads > 1 && _lexemes[leads - 2].Plain == "a"))
        {
            for (var k = leads; k < i; k++) BecomesSmall(k);
            var leading = _lexemes[leads - 1];
            _lexemes.RemoveAt(leads - 1);
            _lexemes.Insert(i - 1, leading);
        }
        var goesForward = IsAForwardBow(i);
        if (IsStoodIn(i)) BecomesTerm(i, "stance", "bow-stance");
        if (goesForward) BecomesSmall(i - 1);
        // "Migi ashi wo hiite", "mae e": particles.
        if (_lexemes[i] is { Plain: "wo" } && Previous(i) is { Kind: "footNoun" or "handNoun" or "technique" } || _lexemes[i] is { Kind: "unread", Plain: "e" } && Previous(i) is { Kind: "way" or "side" }) BecomesSmall(i);
        // "Turn back through the horse into a right bow stance": passed through.
        if (_lexemes[i].Is("stance") && (Follows(i, "through") || i > 0 && _lexemes[i - 1].Plain == "through") && RestOfSentence(i).Any(l => l.Is("stance"))) AsNote(i, i);
        // "Step right walking, high punch": the stance, said short.
        if (_lexemes[i] is { Kind: "footwork", Plain: "walking" } && i > 0 && _lexemes[i - 1].Is("side") && (Alone(i) || Next(i) is { IsHandTechnique: true } or { Kind: "level" }))
            BecomesTerm(i, "stance", "walking-stance");
        // "Right foot front back stance": it leads in it.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && i > 0 && _lexemes[i - 1].Is("footNoun") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stance"))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "Right foot back half a step, left foot empty": the stance of that name.
        if (_lexemes[i] is { Kind: "unread" or "filler", Plain: "empty" } && Alone(i) && Previous(i) is { Kind: "footNoun" })
        {
            BecomesTerm(i, "stance", "cat-stance");
            // With a side it is the one without weight; what else would the foot do.
            if (i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Clauses(i).Any(l => l.Is("footwork", "shift")))
            {
                var light = _lexemes[i - 2];
                BecomesSmall(i - 1);
                _lexemes.RemoveAt(i - 2);
                _lexemes.Insert(i - 1, light);
            }
        }
        // "Turn round to the left, low block, left foot forward.": how one stands then.
        if (_lexemes[i] is { Kind: "way", Value: "forward" } && i > 3 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && _lexemes[i - 3].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Backward(i - 2).TakeWhile(l => !l.EndsSentence).ToList() is var turned
            && turned.FindIndex(l => l.IsHandTechnique) is var does and >= 0 && turned.FindIndex(l => l is { Kind: "footwork", Value: "turn" or "pivot" }) > does && !turned.Any(l => l.Kind is "footNoun" or "relFoot" or "stance" or "kick"))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "The left leg becomes the cat stance": it leads.
        if (_lexemes[i].Plain is "becomes" && Previous(i) is { Kind: "footNoun" } && Next(i) is { Kind: "stance" })
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "Left crane on the right leg": named by the knee that is up.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "stance", Term: { } single } && _ways.Stances.Of(single.Id).Feet == FeetKind.Single && Next(i + 1) is { Kind: "side" } stands && stands.Value != _lexemes[i].Value && Follows(IndexAfter(i + 1), "on") && Next(IndexAfter(i + 1)) is { Kind: "footNoun" })
            BecomesSmall(i);
        // "Weight forward to the left leg": not a leg that moves.
        if (_lexemes[i] is { Kind: "detail", Plain: "weight forward" or "weight back" } && Next(i) is { Kind: "side" } && IndexAfter(i) is var carrying && Next(carrying) is { Kind: "footNoun" })
            AsNote(i, IndexAfter(carrying));
        // "The right foot kicks, steps down into a front stance": that foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "steps" or "step" or "comes" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "down" && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick) && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "technique"))
        {
            _lexemes[i] = new Lexeme("landing", "front", _lexemes[i].Start, _lexemes[i + 1].Start + _lexemes[i + 1].Length - _lexemes[i].Start, "step down");
            _lexemes.RemoveAt(i + 1);
        }
        // "… right side kick. Put the right foot down and turn": the foot that kicked lands.
        if (_lexemes[i].Plain is "put" or "puts" or "set" or "sets" or "place" && i + 4 < _lexemes.Count && Enumerable.Range(i + 1, 4).FirstOrDefault(k => k + 1 < _lexemes.Count && _lexemes[k].Is("footNoun") && _lexemes[k + 1].Plain == "down", -1) is var lands and > 0 && _lexemes[lands - 1].Is("side") && lands + 2 < _lexemes.Count && _lexemes[lands + 2].Plain == "and" && Next(lands + 1) is { Kind: "footwork", Value: "turn" } && Backward(i).Take(RunOn).Any(l => l.IsKick))
        {
            BecomesSmall(i);
            BecomesTerm(lands + 1, "footwork", "land");
        }
        // "Right front kick and step back with it": where the foot that kicked goes.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes[i + 2].Plain == "it" && Next(i + 2) is null or { Kind: "shout" } && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "technique" or "footwork") is { IsKick: true })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "back", Term = null };
            BecomesSmall(i + 1);
            BecomesSmall(i + 2);
        }
        // "Kick, then two punches as you land, right left": the foot lands first.
        if (_lexemes[i] is { Kind: "footwork", Value: "land" } && i > 2 && _lexemes[i - 1].Is("together") && _lexemes[i - 2].IsHandTechnique && IsPlural(_lexemes[i - 2]) && _lexemes[i - 3].Is("number") && i + 2 < _lexemes.Count && _lexemes[i + 1].IsStop && _lexemes[i + 2].Is("side") && Backward(i - 3).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick))
        {
            var (meanwhile, landed) = (_lexemes[i - 1] with { Kind = "filler" }, _lexemes[i] with { Kind = "landing", Value = "front", Term = null });
            _lexemes.RemoveRange(i - 1, 2);
            var at = i - 3;
            if (_lexemes[at - 1].Is("then")) at--;
            _lexemes.InsertRange(at, [meanwhile, landed]);
        }
        // "Set the right foot down in front, cat stance": a step, no preparation of the hands.
        if (_lexemes[i].Plain is "set" or "put" or "place" or "sets" or "puts" && _lexemes[i].Kind is "set" or "footwork" or "filler" && OnlySmallWordsBefore(i) && IndexAfter(i) is var setDown and >= 0 && _lexemes[setDown].Is("side") && setDown + 3 < _lexemes.Count && _lexemes[setDown + 1].Is("footNoun") && _lexemes[setDown + 2].Plain == "down" && _lexemes[setDown + 3] is { Kind: "lead", Value: "lead" } && Alone(setDown + 3))
        {
            BecomesTerm(i, "footwork", "step");
            _lexemes[setDown + 3] = _lexemes[setDown + 3] with { Kind = "way", Value = "forward" };
        }
        // "Shift your right foot back into a cat stance": the foot, not the weight.
        if (_lexemes[i] is { Kind: "footwork", Value: "shift", Plain: "shift" or "shifts" or "shifting" } && IndexAfter(i) is var shifted and >= 0 && _lexemes[shifted].Is("side") && Next(shifted) is { Kind: "footNoun" } && Next(IndexAfter(shifted)) is { Kind: "way" }) BecomesTerm(i, "footwork", "slide");
        // "Right foot turns out, left foot steps through": how the foot is set.
        if (_lexemes[i].Is("footNoun") && i > 0 && _lexemes[i - 1].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "turns" or "turned" or "turning" or "points" && _lexemes[i + 2].Plain is "out" or "in" or "outward" or "inward" && Alone(i + 2)) AsNote(i - 1, i + 2);
        // "Front leg front kick, that's the right, …".
        if (_lexemes[i].Is("side") && i > 1 && (Alone(i) || _lexemes[i + 1] is { Kind: "footNoun" or "number" } && Alone(i + 1)) && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2].Plain is "thats" or "that is" or "its" && StartsClause(i - 2) && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "relFoot" or "side") is { Kind: "relFoot" } meantFoot)
        {
            _lexemes[_lexemes.IndexOf(meantFoot)] = meantFoot with { Kind = "side", Value = _lexemes[i].Value };
            for (var k = i - 2; k < _lexemes.Count && !_lexemes[k].IsStop; k++) BecomesSmall(k);
        }
        // "Kick, and punch. Drop the right foot in front, …": the foot that kicked lands.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop" } && StartsSentence(i) && IndexAfter(i) is var dropped and >= 0 && _lexemes[dropped].Is("side") && Next(dropped) is { Kind: "footNoun" } && Backward(i).SkipWhile(l => l.Is("filler") || !l.EndsSentence).Skip(1).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick)) BecomesTerm(i, "footwork", "land");
        // "The right leg kicks and steps through into a bow stance": it lands there.
        if (_lexemes[i] is { Kind: "footwork", Plain: "steps through" or "steps forward" or "steps" } && i > 0 && _lexemes[i - 1].Plain == "and" && Previous(i) is { IsKick: true } && StanceComes(i))
            _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "front", Term = null };
        // "Stand with the right foot in front.": how one stands as it begins.
        if (_lexemes[i] is { Kind: "footwork", Plain: "stand" } && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.Kind is "footwork" or "stance") && EndOfClause(i) is var ahead && ahead > i + 3 && _lexemes[ahead].Is("lead", "lead") && _lexemes[ahead - 1].Is("footNoun") && _lexemes[ahead - 2].Is("side") && _lexemes.GetRange(i + 1, ahead - i - 3).All(l => l.Is("filler")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "opening", Value = "opening", Term = null };
            BecomesSmall(ahead - 1);
            BecomesTerm(ahead, "stance", "short-front-stance");
        }
        // "Land in front stance", "land in a front stance": the stance, not where the foot comes down.
        if (_lexemes[i] is { Kind: "landing", Value: "front" } down && down.Plain.EndsWith(" in front", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "filler", Plain: "stance" } stood)
        {
            var word = _text.LastIndexOf("front", down.Start + down.Length - 1, StringComparison.OrdinalIgnoreCase);
            _lexemes[i] = down with { Length = word - down.Start, Plain = "land" };
            if (StartsSentence(i)) BecomesTerm(i, "footwork", "land");
            _lexemes[i + 1] = new Lexeme("stance", "front-stance", word, stood.Start + stood.Length - word, "front stance", TermOf("front-stance"));
        }
        // "Right foot stays, left foot steps behind".
        if (_lexemes[i] is { Plain: "stays" or "stays there" or "stays put" or "stays where it is", Kind: "filler" or "footwork" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && StartsClause(i - 2) && (Next(i + 1) is { Kind: "side" } && RestOfSentence(i).Any(l => l.Is("footNoun")) || Next(i + 1) is { IsHandTechnique: true })) AsNote(i - 2, i);
        // "Left low block, right foot forward still": as before.
        if (_lexemes[i].Plain == "still" && Alone(i) && i > 2 && _lexemes[i - 1].Is("way", "forward") && _lexemes[i - 2].Is("footNoun") && _lexemes[i - 3].Is("side") && StartsClause(i - 3)) AsNote(i - 3, i);
        // "Pull the right foot back to where it was", with no kick to come back from: it steps back.
        if (_lexemes[i] is { Kind: "landing", Value: "samePlace" } home && home.Plain.StartsWith("back to where", StringComparison.Ordinal) && i > 1 && _lexemes[i - 1].Is("footNoun") && Previous(SideIndex(i)) is { Plain: "pull" or "pulls" or "bring" or "brings" or "take" or "slide" } fetched && !_lexemes.Take(i).Reverse().TakeWhile((_, k) => k < 40).Any(l => l.IsKick))
        {
            BecomesTerm(_lexemes.LastIndexOf(fetched, i), "footwork", "step-back");
            BecomesSmall(i);
        }
        // "…, left block in back stance, right foot forward, right block": after the left one has stepped, the right one does.
        if (_lexemes[i].Is("footNoun") && i > 3 && _lexemes[i - 1].Is("side") && _lexemes[i - 2].Is("stop", ",") && _lexemes[i - 3].Is("stance") && Next(i) is { Kind: "way", Value: "forward" } && Enumerable.Range(StartOfSentence(i), i - 1 - StartOfSentence(i)).Any(k => _lexemes[k].Is("footNoun") && k > 0 && _lexemes[k - 1].Is("side", _lexemes[i - 1].Side.Other.Word)) && Backward(i).TakeWhile(l => !l.EndsSentence).TakeWhile(l => !l.Is("footNoun")).Any(l => l.IsHandTechnique) && RestOfSentence(i).TakeWhile(l => !l.Is("footNoun")).Any(l => l.IsHandTechnique)) _lexemes[i - 2] = _lexemes[i - 2] with { Value = "." };
        // "Stands at attention and then opens to ready": the feet, no hand.
        if (_lexemes[i] is { Kind: "technique", Value: "release-hand" } opens && opens.Plain.StartsWith("open", StringComparison.Ordinal) && Next(i) is { Kind: "stance", Term: { } ready } && StanceSet.IsStanding(ready.Id) && !ClauseOf(i).Any(l => l.Is("handNoun"))) BecomesSmall(i);
        // "The left foot comes back to where it was": with no kick, it steps back.
        if (_lexemes[i] is { Kind: "landing", Value: "samePlace" } returned && returned.Plain.Contains("to where", StringComparison.Ordinal) && i > 1 && (_lexemes[i - 1].Is("footNoun") || _lexemes[i - 2].Is("footNoun") && _lexemes[i - 1].Is("filler")) && !_lexemes.Take(i).Reverse().TakeWhile((_, k) => k < 40).Any(l => l.IsKick)) BecomesTerm(i, "footwork", "step-back");
        // "Shift the front foot back to cat stance": the foot, not the weight.
        if (_lexemes[i] is { Kind: "footwork", Value: "shift", Plain: "shift" or "shifts" } && IndexAfter(i) is > 0 and var foot && _lexemes[foot].Is("relFoot", "front") && foot + 1 < _lexemes.Count && _lexemes[foot + 1].Is("way", "back")) BecomesTerm(i, "footwork", "slide");
        // "So you turn right, wait, you're facing left": no pause.
        if (_lexemes[i] is { Kind: "tempo", Plain: "wait" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",")) BecomesSmall(i);
        // "Bring that leg in": the one that was named last.
        if (_lexemes[i] is { Kind: "footNoun", Plain: "leg" or "foot" } && i > 1 && _lexemes[i - 1].Plain == "that" && _lexemes[i - 2] is { Plain: "bring" or "draw" or "pull" or "take" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "in" or "back" && Enumerable.Range(1, i).Select(back => i - back).FirstOrDefault(k => k > 0 && _lexemes[k].Is("footNoun") && _lexemes[k - 1].Is("side"), -1) is > 0 and var named)
            _lexemes.Insert(i, _lexemes[named - 1] with { Start = _lexemes[i].Start, Length = 0 });
        // "Left foot front": it leads, but where feet go "left" and "south" that is where it goes.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && Alone(i) && !Follows(i, "to") && Previous(i) is { Kind: "footNoun" } && !FeetGoByOneWord() && !ClauseOf(i).Any(l => l is { Kind: "footwork", Plain: "move" or "moves" }))
        {
            // "Look front. Left foot front": there it goes.
            if (LooksToTheFrontBefore(i) || _lexemes[i - 1].Plain is "goes" or "out") _lexemes[i] = _lexemes[i] with { Plain = "to the front" };
            else
            {
                _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
                if (_lexemes.Take(i).Any(l => l.Is("technique"))) _guesses[_lexemes[i].Start] = ("Read as the foot that leads.", "to the front");
            }
        }
        // "Drop down on the left leg, right leg extended": that one is in front.
        if (_lexemes[i].Plain is "extended" or "straight" or "stretched" or "stretched out" && _lexemes[i].Kind is "filler" or "unread" or "detail" && Previous(i) is { Kind: "footNoun" } && _lexemes[i - 1].Is("footNoun") && Clauses(i).Any(l => l.Is("stance") && l.Value is "drop-stance" or "low-stance"))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "Left foot behind right, cross": the stance that makes.
        if (_lexemes[i] is { Kind: "footwork", Plain: "cross" } && Alone(i) && i > 0 && _lexemes[i - 1].IsStop && Backward(i - 1).TakeWhile(l => !l.EndsSentence).Take(8).Any(l => l.Plain is "behind" or "behind the" or "in front of the"))
            BecomesTerm(i, "stance", "cross-stance");
    }
}
