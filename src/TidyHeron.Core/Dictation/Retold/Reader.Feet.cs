using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words of feet and legs, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>Words that say where a foot goes.</summary>
    private void RetellFeet(int i)
    {
        // "Bring the left foot to the right, right foot to the right": the other foot, beside which it comes.
        if (_lexemes[i].Is("side") && Alone(i) && Follows(i, "to") && Previous(i) is { Kind: "footNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } brought && brought.Value != _lexemes[i].Value && i + 3 < _lexemes.Count && Next(i + 1) is { Kind: "side" } stays && stays.Value == _lexemes[i].Value && Next(IndexAfter(i + 1)) is { Kind: "footNoun" } && _lexemes.LastIndexOf(brought, i) is var comes && !Follows(comes, "with") && Previous(comes) is { Kind: "footwork", Value: "step" or "slide" } verb)
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
        // "The front foot, the left, goes …": which one that is.
        if (_lexemes[i].Is("relFoot") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && IndexAfter(i + 1) is var which && (which == i + 2 || which == i + 3 && _lexemes[i + 2].Plain is "the" or "your" or "my") && which + 1 < _lexemes.Count && _lexemes[which].Is("side") && _lexemes[which + 1].Is("stop", ","))
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
            _lexemes.Insert(i + 1, new Lexeme("side", side, slanting.Start + "forward ".Length, Math.Max(0, slanting.Length - "forward ".Length), side)); // another side may have been said first
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
        // "Rising block three times stepping forward, right, left, right": as "three rising blocks".
        if (_lexemes[i] is { Kind: "times", Value: "2" or "3" or "4" or "5" } often && i > 0 && _lexemes[i - 1].IsHandTechnique && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "footwork", Value: "step", IsGerund: true } && Alone(i + 1) && RestOfSentence(i + 1).FirstOrDefault(l => !l.IsStop) is { Kind: "side" })
        {
            BecomesSmall(i);
            _lexemes[i - 1] = _lexemes[i - 1] with { Plain = _lexemes[i - 1].Plain + "s" };
            _lexemes.Insert(i - 1, new Lexeme("number", often.Value, _lexemes[i - 1].Start, 0, often.Value));
        }
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
        // "Around with the right foot, low block", "round again with the left", "go right round behind you with that right foot": one turns about with it.
        if (_lexemes[i] is { Kind: "filler", Plain: "around" or "round" or "back around" } && SideBehindWith(i) is >= 0 and var goes && GoesRoundFrom(i, _lexemes[goes].Value) is var begins && OnlySmallWordsBefore(begins) && RestOfSentence(i).All(l => l.Kind is not ("degrees" or "amount" or "place") || l.Plain is "behind you" or "behind") && (Next(goes) is { Kind: "footNoun" } || Alone(goes)))
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
            BecomesSmall(begins, i - 1);
            BecomesSmall(i + 1, goes - 1);
            if (Alone(goes)) _lexemes.Insert(goes + 1, new Lexeme("footNoun", "foot", _lexemes[goes].Start + _lexemes[goes].Length, 0, "foot"));
        }
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
    /// <summary>"Kick low with the right", "kick low, left": the foot is told before the height.</summary>
    private void RetellKicksWithTheirHeight(int i)
    {
        if (!_lexemes[i].IsKick || _lexemes[i].Plain is "knee" or "knees") return;
        // "Kick forward with the right": where it goes; nobody steps.
        if (_lexemes[i].Plain is "kick" or "kicks" or "kicking" && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("way", "forward") && _lexemes[i + 2].Plain == "with") BecomesSmall(i + 1);
        var height = i + 1;
        while (height < _lexemes.Count && _lexemes[height].Plain is "to" or "at" or "the" or "his" && _lexemes[height].Is("filler")) height++;
        var end = height;
        while (end < _lexemes.Count && (_lexemes[end].Is("level") || end > height && _lexemes[end].Plain is "to" or "at" or "the" or "his" && _lexemes[end].Is("filler"))) end++;
        if (end == height) return;
        var side = end;
        while (side < _lexemes.Count && (_lexemes[side].Is("filler") && _lexemes[side].Plain is "with" or "using" or "the" or "your" or "my" || side == end && _lexemes[side].Is("stop", ","))) side++;
        if (side >= _lexemes.Count || !_lexemes[side].Is("side") || side == end) return;
        var last = side + 1 < _lexemes.Count && _lexemes[side + 1].Is("footNoun") ? side + 1 : side;
        // "Kick low, left punch": that of what follows; "with the left" tells the foot.
        if (last == side && !(last + 1 >= _lexemes.Count || _lexemes[last + 1].IsStop || _lexemes[last + 1].Is("then") || _lexemes[last + 1].Plain is "and")) return;
        if (last == side) _lexemes.Insert(++last, new Lexeme("footNoun", "foot", _lexemes[side].Start + _lexemes[side].Length, 0, "leg"));
        var (from, levels) = (i + 1, _lexemes.GetRange(i + 1, end - i - 1));
        if (_lexemes[end].Is("stop", ",")) BecomesStopless(end);
        _lexemes.RemoveRange(from, levels.Count);
        _lexemes.InsertRange(last + 1 - levels.Count, levels);
    }

    private void RetellLegs(int i)
    {
        RetellKicksWithTheirHeight(i);
        // "Left crescent stamp": it kicks, then stamps.
        if (_lexemes[i] is { Kind: "detail", Plain: "crescent" } && i > 0 && _lexemes[i - 1].Is("side") && Next(i) is { Kind: "footwork", Value: "stomp" })
            BecomesTerm(i, "technique", "inside-crescent-kick");
        // "Still going forward": as before.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "going forward" } && i > 0 && _lexemes[i - 1].Plain == "still") BecomesSmall(i);
        // "You drop a low block": nobody drops down.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop" } && Next(i) is { IsHandTechnique: true } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "a" or "an" or "the" or "your" or "my") BecomesSmall(i);
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

    /// <summary>Where "go right round", "step back around" begins.</summary>
    private int GoesRoundFrom(int i, string side)
    {
        if (i > 0 && (_lexemes[i - 1].Is("way", "back") || _lexemes[i - 1].Is("side", side))) i--;
        return i > 0 && _lexemes[i - 1] is { Kind: "footwork", Value: "step" } ? i - 1 : i;
    }

    /// <summary>The side behind "around with the", "round again with your", "round behind you with that"; -1 where it is not such.</summary>
    private int SideBehindWith(int i)
    {
        var k = i + 1;
        while (k < _lexemes.Count && (_lexemes[k].Is("again") || _lexemes[k].Plain is "now" or "behind you" or "behind")) k++;
        if (k >= _lexemes.Count || _lexemes[k].Plain is not ("with" or "with the" or "on")) return -1;
        for (k++; k < _lexemes.Count && _lexemes[k].Plain is "the" or "your" or "my" or "that"; k++) ;
        return k < _lexemes.Count && _lexemes[k].Is("side") ? k : -1;
    }
}
