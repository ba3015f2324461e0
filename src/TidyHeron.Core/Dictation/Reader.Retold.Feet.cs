using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words retold for feet, legs and stances, by the words around them.</summary>
public sealed partial class Reader
{
    /// <summary>"Left foot left, back stance": whether the text tells so where feet go.</summary>
    private bool FeetGoByOneWord() => Enumerable.Range(0, _lexemes.Count - 1).Any(k => _lexemes[k].Is("footNoun") && (_lexemes[k + 1].Is("side") || _lexemes[k + 1] is { Kind: "place", Plain: not "front" }) && Alone(k + 1));

    /// <summary>"Into a forward bow", "a right forward bow".</summary>
    private bool IsAForwardBow(int i) =>
        _lexemes[i] is { Kind: "footwork", Plain: "bow" } && i > 0 && _lexemes[i - 1] is { Kind: "way", Plain: "forward" } && (Follows(i - 1, "into", "a", "to") || i > 1 && _lexemes[i - 2].Is("side"));

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
        // "Bring the left foot to the right, right foot to the right": the other foot, beside which it comes.
        if (_lexemes[i].Is("side") && Alone(i) && Follows(i, "to") && Previous(i) is { Kind: "footNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } brought && brought.Value != _lexemes[i].Value && i + 3 < _lexemes.Count && Next(i + 1) is { Kind: "side" } stays && stays.Value == _lexemes[i].Value && Next(IndexAfter(i + 1)) is { Kind: "footNoun" } && _lexemes.LastIndexOf(brought, i) is var whose && !Follows(whose, "with") && Previous(whose) is { Kind: "footwork", Value: "step" or "slide" } verb)
        {
            BecomesTerm(_lexemes.LastIndexOf(verb, i), "footwork", "pull-together");
            BecomesSmall(i);
        }
        // "Turn to the east by pulling the right foot back and around": the foot that goes round.
        if (_lexemes[i] is { Kind: "technique", Plain: "pulling" } && Follows(i, "by") && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } && ClauseOf(i).Any(l => l.Is("footwork", "turn")) && Enumerable.Range(i, EndOfClause(i) - i + 1).FirstOrDefault(k => _lexemes[k].Is("way", "back"), -1) is var pulledBack and > 0 && ClauseOf(i).Any(l => l.Plain is "around" or "round"))
        {
            BecomesSmall(i);
            BecomesSmall(pulledBack);
        }
        // "Slide the left foot in and bow": beside the other one.
        if (_lexemes[i] is { Kind: "footwork", Value: "slide" } && i + 3 < _lexemes.Count && Next(i) is { Kind: "side" } && IndexAfter(i) is var slid && slid + 2 < _lexemes.Count && _lexemes[slid + 1].Is("footNoun") && _lexemes[slid + 2].Plain == "in" && (Alone(slid + 2) && !RestOfSentence(slid + 2).Any(l => l.Kind is "technique" or "stance") || slid + 4 < _lexemes.Count && _lexemes[slid + 3].Plain == "and" && _lexemes[slid + 4].Is("footwork", "bow"))) BecomesTerm(i, "footwork", "pull-together");
        // "Kaiten, hidari zenkutsu": where nobody says how far, about face.
        if (_lexemes[i] is { Kind: "footwork", Value: "spin", Plain: "kaiten" } && !Clauses(i).Any(l => l.Kind is "degrees" or "amount" or "turnSide" or "facing" or "clock" or "place") && RestOfSentence(i).Any(l => l.Is("stance")))
        {
            _guesses[_lexemes[i].Start] = ("Read as about face.", "spin");
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn" };
        }
        // "Right foot front back stance": it leads in it.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && i > 0 && _lexemes[i - 1].Is("footNoun") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stance"))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "Right foot back half a step, left foot empty": the stance of that name.
        if (_lexemes[i] is { Kind: "unread" or "filler", Plain: "empty" } && Alone(i) && Previous(i) is { Kind: "footNoun" })
            BecomesTerm(i, "stance", "cat-stance");
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
        // "Shift the front foot back to cat stance": the foot, not the weight.
        if (_lexemes[i] is { Kind: "footwork", Value: "shift", Plain: "shift" or "shifts" } && IndexAfter(i) is > 0 and var foot && _lexemes[foot].Is("relFoot", "front") && foot + 1 < _lexemes.Count && _lexemes[foot + 1].Is("way", "back")) BecomesTerm(i, "footwork", "slide");
        // "So you turn right, wait, you're facing left": no pause.
        if (_lexemes[i] is { Kind: "tempo", Plain: "wait" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",")) BecomesSmall(i);
        // "Bring that leg in": the one that was named last.
        if (_lexemes[i] is { Kind: "footNoun", Plain: "leg" or "foot" } && i > 1 && _lexemes[i - 1].Plain == "that" && _lexemes[i - 2] is { Plain: "bring" or "draw" or "pull" or "take" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "in" or "back" && Enumerable.Range(1, i).Select(back => i - back).FirstOrDefault(k => k > 0 && _lexemes[k].Is("footNoun") && _lexemes[k - 1].Is("side"), -1) is > 0 and var named)
            _lexemes.Insert(i, _lexemes[named - 1] with { Start = _lexemes[i].Start, Length = 0 });
        // "Left foot front": it leads, but where feet go "left" and "south" that is where it goes.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && Alone(i) && !Follows(i, "to") && Previous(i) is { Kind: "footNoun" } && !FeetGoByOneWord() && !ClauseOf(i).Any(l => l is { Kind: "footwork", Plain: "move" or "moves" }))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "Drop down on the left leg, right leg extended": that one is in front.
        if (_lexemes[i].Plain is "extended" or "straight" or "stretched" or "stretched out" && _lexemes[i].Kind is "filler" or "unread" or "detail" && Previous(i) is { Kind: "footNoun" } && _lexemes[i - 1].Is("footNoun") && Clauses(i).Any(l => l.Is("stance") && l.Value is "drop-stance" or "low-stance"))
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "Left foot behind right, cross": the stance that makes.
        if (_lexemes[i] is { Kind: "footwork", Plain: "cross" } && Alone(i) && i > 0 && _lexemes[i - 1].IsStop && Backward(i - 1).TakeWhile(l => !l.EndsSentence).Take(8).Any(l => l.Plain is "behind" or "behind the" or "in front of the"))
            BecomesTerm(i, "stance", "cross-stance");
    }

    /// <summary>Words that say where a foot goes.</summary>
    private void RetellFeet(int i)
    {
        // "The front foot, the left, goes …": which one that is.
        if (_lexemes[i].Is("relFoot") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && IndexAfter(i + 1) is var which && (which == i + 2 || which == i + 3 && _lexemes[i + 2].Plain is "the" or "your") && which + 1 < _lexemes.Count && _lexemes[which].Is("side") && _lexemes[which + 1].Is("stop", ","))
        {
            (_lexemes[i], _lexemes[which]) = (_lexemes[which], _lexemes[i] with { Kind = "footNoun", Value = "foot" });
            BecomesSmall(i + 1);
            BecomesSmall(which + 1);
        }
        // "Forward left walking stance": the side is that of the stance.
        if (_lexemes[i] is { Kind: "way", Plain: "forward left" or "forward right" } slanting && Next(i) is { Kind: "stance" } or { Kind: "footwork", Plain: "walking" })
        {
            var side = slanting.Value == "forwardLeft" ? "left" : "right";
            _lexemes[i] = slanting with { Value = "forward", Plain = "forward", Length = "forward".Length };
            _lexemes.Insert(i + 1, new Lexeme("side", side, slanting.Start + slanting.Length - side.Length, side.Length, side));
        }
        // "The left foot steps across in front": it crosses.
        if (_lexemes[i] is { Kind: "footwork", Value: "step" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "across" && _lexemes[i + 2] is { Kind: "lead", Plain: "in front" or "behind" } beyond && Previous(i) is { Kind: "footNoun" })
        {
            BecomesTerm(i, "footwork", beyond.Value == "rear" ? "cross-behind" : "cross-front");
            BecomesSmall(i + 1);
            BecomesSmall(i + 2);
        }
        // "Turn left around": about, over that side.
        if (_lexemes[i] is { Kind: "filler", Plain: "around" or "round" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("side") && _lexemes[i - 2] is { Kind: "footwork", Plain: "turn" or "turning" })
            _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "180", Term = null };
        // "Pull back, hammer fist in a short stance": the front foot, where no hand is named.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "way", Plain: "back" } && Alone(i + 1) && StartsClause(i) && RestOfSentence(i + 1).Any(l => l.IsHandTechnique) && !ClauseOf(i).Any(l => l.Is("handNoun")))
        {
            BecomesTerm(i, "footwork", "slide-back");
            BecomesSmall(i + 1);
        }
        // "Pull the right foot back and around": the foot goes there.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" } && IndexAfter(i) is var pulled and >= 0 && _lexemes[pulled].Is("side") && pulled + 1 < _lexemes.Count && (_lexemes[pulled + 1].Is("footNoun") || NamesTheFoot(_lexemes[pulled])) && RestOfSentence(pulled).FirstOrDefault(l => l.Kind is not ("filler" or "footNoun")) is { Kind: "way", Value: "back" } && ClauseOf(i).Any(l => l.Plain is "around" or "round"))
            BecomesSmall(i);
        // "Pull the left foot back to ready width": how far.
        if (_lexemes[i] is { Kind: "stance", Value: "ready-stance" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "width")
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "Land on the right foot with the left crossed behind, cross stance": the other one is in front.
        if (_lexemes[i] is { Kind: "footwork", Plain: "crossed behind" or "crossed in front" or "crossing behind" } && i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "with") && RestOfSentence(i).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "stance" } crosses && crosses.Value == "cross-stance")
        {
            var stance = _lexemes.IndexOf(crosses);
            var leads = _lexemes[i].Plain.EndsWith("behind", StringComparison.Ordinal) ? _lexemes[i - 1].Side.Other.Word : _lexemes[i - 1].Value;
            AsNote(i - 1, i);
            _lexemes.Insert(stance, new Lexeme("side", leads, crosses.Start, 0, leads));
        }
        // "Go into front stance with the left and poke": the leg.
        if (_lexemes[i].Is("side") && Follows(i, "with") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && Previous(i) is { Kind: "stance" }) _lexemes.Insert(i + 1, new Lexeme("footNoun", "foot", _lexemes[i].Start + _lexemes[i].Length, 0, "leg"));
        // "Turn left one eighty, left foot ahead, in an empty stance": it leads.
        if (_lexemes[i] is { Kind: "way", Plain: "ahead" } && Alone(i) && i > 2 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Backward(i - 2).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork", "turn")) && RestOfSentence(i).Any(l => l.Is("stance"))) _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
        // "Three lunge punches going forward": the way of them all.
        if (_lexemes[i].Is("way") && i > 1 && _lexemes[i - 1] is { Kind: "filler", Plain: "going" or "moving" } && _lexemes[i - 2] is { Kind: "technique", Plain: "lunge punches" } && Alone(i)) BecomesSmall(i);
        // "Left foot down in front": it steps there, as "put the left foot down in front".
        if (_lexemes[i] is { Kind: "filler", Plain: "down" } && i > 1 && _lexemes[i - 1].Is("footNoun") && StartsSentence(SideIndex(i - 1)) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "lead", Plain: "in front" } && Alone(i + 1) && RestOfSentence(i + 1).Any(l => l.Is("stance")))
        {
            BecomesTerm(i, "footwork", "step");
            BecomesSmall(i + 1);
        }
        // "Left leg to front, front stance": to it.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && i > 1 && _lexemes[i - 1].Plain == "to" && _lexemes[i - 2].Is("footNoun")) _lexemes[i] = _lexemes[i] with { Plain = "to the front" };
        // "Zuo jiao", the foot; by itself it is a choke.
        if (_lexemes[i] is { Kind: "technique", Plain: "jiao" } && i > 0 && _lexemes[i - 1].Is("side")) _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
        // "The right foot is pulled back to the left": drawn there.
        if (_lexemes[i] is { Plain: "pulled back" or "drawn back" or "brought back" or "pulled" or "drawn" or "brought" or "moved" } && _lexemes[i].Kind is "technique" or "unread" && Previous(i) is { Kind: "footNoun" } && i > 0 && _lexemes[i - 1].Plain is "is" or "are" or "then" && Next(i) is { Kind: "side" })
            BecomesTerm(i, "footwork", "step");
        // "She opens to the left into ready": she steps.
        if (_lexemes[i] is { Kind: "technique", Plain: "open" or "opens" or "opening" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "to" && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is null or { Kind: "stance" }) BecomesTerm(i, "footwork", "step");
        // "Brings the left foot up, salutes and closes."
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" } && EndOfClause(i) is var lifted && _lexemes[lifted].Plain == "up" && _lexemes.GetRange(i + 1, lifted - i - 1).All(l => l.Kind is "filler" or "side" or "footNoun") && RestOfSentence(lifted).FirstOrDefault(l => l.Kind is not "filler" && !l.IsStop && !l.Is("then")) is { Kind: "footwork", Value: "bow" or "return" }) BecomesTerm(i, "footwork", "pull-together");
        // "Rising block three times stepping": each with a step.
        if (_lexemes[i] is { Kind: "footwork", Plain: "stepping" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("times") && _lexemes[i - 2].IsHandTechnique)
        {
            var stepping = _lexemes[i] with { Plain = "step" };
            var deed = i > 2 && _lexemes[i - 3].Is("side") ? i - 3 : i - 2;
            _lexemes.RemoveAt(i);
            _lexemes.Insert(deed, stepping);
        }
        // "Pull back the right foot, cat stance".
        if (_lexemes[i] is { Kind: "technique", Value: "pull" } && Next(i) is { Kind: "way", Value: "back" } && IndexAfter(i) is var drawn && Next(drawn) is { Kind: "side" } && Next(IndexAfter(drawn)) is { Kind: "footNoun" })
        {
            BecomesSmall(drawn);
            BecomesTerm(i, "footwork", "slide-back");
        }
        // "Come back to the middle, feet together": a step, where no wide stance follows in which one stood there.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && _lexemes[i].Plain.StartsWith("come", StringComparison.Ordinal) && _lexemes[i].Plain.EndsWith("middle", StringComparison.Ordinal) && !RestOfSentence(i).Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id).IsStraddle))
            BecomesTerm(i, "footwork", "step-back");
        // "The right foot draws to the left": beside it.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw", Plain: "draw" or "draws" or "drawing" } && Previous(i) is { Kind: "footNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } whose && Next(i) is { Kind: "side" } toward && toward.Value != whose.Value && Follows(IndexAfter(i), "to"))
            BecomesTerm(i, "footwork", "pull-together");
        // "The right foot draws a circle": it steps in an arc.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw", Plain: "draw" or "draws" or "drawing" } && Previous(i) is { Kind: "footNoun" or "relFoot" } && _lexemes[i - 1].Plain != "and")
            BecomesTerm(i, "footwork", "crescent-step");
        // "The right foot draws back to the left".
        if (_lexemes[i] is { Kind: "technique", Plain: "draws back" or "draw back" or "pulls back" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = Next(i) is { Kind: "stance" } ? "slide-back" : i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "to" ? "pull-together" : "step-back", Term = null };
        if (_lexemes[i] is { Kind: "technique", Plain: "pulls" or "pull" } && Previous(i) is { Kind: "footNoun" or "relFoot" } && Next(i) is { Kind: "way", Value: "back" } && Next(IndexAfter(i)) is { Kind: "stance" })
        {
            BecomesSmall(IndexAfter(i));
            BecomesTerm(i, "footwork", "slide-back");
        }
        // "Swing the left foot around", "the left foot swings behind you": it steps.
        if (_lexemes[i].Plain is "swing" or "swings" && (Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } || Previous(i) is { Kind: "footNoun" } && !RestOfSentence(i).Take(3).Any(l => l.IsKick)))
            BecomesTerm(i, "footwork", "step");
        // "Draw back on the right leg and parry", "weight goes to the back leg": the weight moves, no foot does.
        if (_lexemes[i] is { Kind: "technique", Plain: "draw back" or "pull back" or "rock back" } && i + 2 < _lexemes.Count && Follows(i + 2, "on", "onto", "over") && Next(i) is { Kind: "side" or "relFoot" } || _lexemes[i] is { Kind: "filler", Plain: "weight" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "goes" or "comes" or "moves" or "rolls" or "rocks" or "settles")
            BecomesTerm(i, "footwork", "shift");
        // "Swing the body to the right, right bow": it turns.
        if (_lexemes[i].Plain is "swing" or "swings" or "rotate" or "rotates" && _lexemes[i].Kind is "unread" or "filler" && EndOfClause(i) is var swung && _lexemes.GetRange(i + 1, swung - i) is var around && around.Any(l => l.Plain is "body" or "your body" or "hips" or "the hips") && around.Any(l => l.Is("side")) && !around.Any(l => l.Kind is "footNoun" or "technique"))
            BecomesTerm(i, "footwork", "turn");
        // "Hidari ashi hiki": the foot is drawn back.
        if (_lexemes[i] is { Kind: "technique", Plain: "hiki" or "hiite" or "hiku" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
            BecomesTerm(i, "footwork", "step-back");
        // "Left foot in, step out right": beside the other one.
        if (_lexemes[i] is { Kind: "filler", Plain: "in" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Previous(i - 2) is null or { Kind: "footwork", Plain: "bring" } && (Previous(i - 2) is not null && !RestOfSentence(i).Any(l => l.Is("stance")) || RestOfSentence(i).Any(l => l.Is("footwork", "step")) || !RestOfSentence(i).Any(l => l.Is("technique") || l.Is("stance") && !StanceSet.IsStanding(l.Term!.Id))))
            BecomesTerm(i, "footwork", "pull-together");
        // "Slip left foot, walking stance": with a foot it slides.
        if (_lexemes[i] is { Plain: "slip" or "slips", Kind: not "stop" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } || _lexemes[i].Plain is "slip" or "slips" && (Previous(i) is { Kind: "footNoun" } || StanceComes(i)))
            BecomesTerm(i, "footwork", "slide");
        // "Left foot comes up, left inside block": beside the other one, where it does not kick.
        if (_lexemes[i].Plain is "comes" or "comes up" && i > 1 && _lexemes[i - 1] is { Kind: "footNoun", Plain: "foot" } && Previous(IndexBefore(i)) is { Kind: "side" } && (_lexemes[i].Plain == "comes up" ? i : i + 1) is var up && up < _lexemes.Count && (up == i || _lexemes[up].Plain == "up") && Alone(up)
            && !_lexemes.Skip(up).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick || l.Is("stance") || l.Is("footwork")))
            BecomesTerm(up, "footwork", "pull-together");
        // "The left foot opens to the left".
        if (_lexemes[i].Plain is "opens" or "open" && _lexemes[i].Kind is "technique" or "filler" && Previous(i) is { Kind: "footNoun" })
            BecomesTerm(i, "footwork", "step");
        // "Pull back to ready": one comes back.
        if (_lexemes[i] is { Kind: "technique", Value: "pull" } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("footwork", "return") || _lexemes[i + 1].Is("way", "back") && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("footwork", "return")))
            BecomesSmall(i);
        // "Around to the other side, low block": one turns there.
        if (_lexemes[i] is { Kind: "filler", Plain: "around" or "round" or "back around" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("otherSide") && Alone(i + 1) && !_lexemes[Math.Min(i + 2, _lexemes.Count - 1)].EndsSentence)
            BecomesTerm(i, "footwork", "turn");
        // "Bring the left foot up, stand up": beside the other one.
        if (_lexemes[i] is { Kind: "filler" or "way", Plain: "up" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && Previous(IndexBefore(i)) is { Kind: "side" } && RestOfSentence(i).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "footwork", Value: "rise" })
            BecomesTerm(i, "footwork", "pull-together");
        // "Go forward left, right, left with high blocks": three steps.
        if (_lexemes[i] is { Kind: "way", Plain: "forward left" or "forward right" } first && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side"))
        {
            var side = first.Plain["forward ".Length..];
            _lexemes[i] = new Lexeme("footwork", "step", first.Start, "forward".Length, "step", TermOf("step"));
            _lexemes.Insert(i + 1, new Lexeme("side", side, first.Start + first.Length - side.Length, side.Length, side));
        }
        // "Walk forward, left foot, right foot": a step with each.
        if (_lexemes[i] is { Kind: "footwork", Value: "step" } walked && (walked.Plain.StartsWith("walk", StringComparison.Ordinal) || walked.Plain.StartsWith("go", StringComparison.Ordinal)))
            for (var k = i + 1; k + 5 < _lexemes.Count && _lexemes[k].Is("stop", ",") && _lexemes[k + 1].Is("side") && _lexemes[k + 2].Is("footNoun") && _lexemes[k + 3].IsStop && !_lexemes[k + 3].EndsSentence && _lexemes[k + 4].Is("side") && _lexemes[k + 4].Value != _lexemes[k + 1].Value && _lexemes[k + 5].Is("footNoun"); k += 3)
            {
                _lexemes[k + 3] = _lexemes[k + 3] with { Value = "." };
                _lexemes.Insert(k + 4, new Lexeme("footwork", "step", _lexemes[k + 4].Start, 0, "step", TermOf("step")));
                k++;
            }
        // "Spring show", "spring term": the season.
        if (_lexemes[i] is { Kind: "footwork", Plain: "spring" } && Next(i) is null or { Kind: "unread" }) BecomesSmall(i);
    }

    /// <summary>Words of legs that kick, and of going down that is none.</summary>
    private void RetellLegs(int i)
    {
        // "Left crescent stamp": it kicks, then stamps.
        if (_lexemes[i] is { Kind: "detail", Plain: "crescent" } && i > 0 && _lexemes[i - 1].Is("side") && Next(i) is { Kind: "footwork", Value: "stomp" })
            BecomesTerm(i, "technique", "inside-crescent-kick");
        // "Still going forward": as before.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "going forward" } && i > 0 && _lexemes[i - 1].Plain == "still") BecomesSmall(i);
        // "You drop a low block": nobody drops down.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop" } && Next(i) is { IsHandTechnique: true } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "a" or "an" or "the" or "your") BecomesSmall(i);
        // "Front kick, retract and step behind": that is where it comes down.
        if (_lexemes[i] is { Kind: "technique", Plain: "retract" or "retracts" or "rechamber" } && i > 1 && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick) && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _lexemes[i + 2] is { Kind: "footwork", Plain: "step behind" or "step back" })
        {
            BecomesSmall(i);
            _lexemes[i + 2] = _lexemes[i + 2] with { Kind = "landing", Value = "back", Term = null };
        }
        // "Lead knee, rear front kick": with which leg.
        if (_lexemes[i] is { Kind: "unread" or "filler" or "lead", Plain: "rear" or "lead" or "back" or "front" } && i + 1 < _lexemes.Count && _lexemes[i + 1].IsKick)
            _lexemes[i] = _lexemes[i] with { Kind = "relFoot", Value = _lexemes[i].Plain is "rear" or "back" ? "rear" : "front", Term = null };
    }
}
