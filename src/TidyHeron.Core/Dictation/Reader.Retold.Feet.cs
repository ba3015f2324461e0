using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words retold for feet, legs and stances, by the words around them.</summary>
public sealed partial class Reader
{
    /// <summary>"Left foot left, back stance": whether the text tells so where feet go.</summary>
    private bool FeetGoByOneWord() => Enumerable.Range(0, _lexemes.Count - 1).Any(k => _lexemes[k].Is("footNoun") && (_lexemes[k + 1].Is("side") || _lexemes[k + 1] is { Kind: "place", Plain: not "front" }) && Alone(k + 1));

    /// <summary>Whether a bow is the stance, not the greeting.</summary>
    private bool IsStoodIn(int i)
    {
        if (_lexemes[i] is not { Kind: "footwork", Plain: "bow" }) return false;
        var (before, after) = (i > 0 ? _lexemes[i - 1] : null, i + 1 < _lexemes.Count ? _lexemes[i + 1] : null);
        // "Down into left bow": with a side or a way into it.
        if (before is { Kind: "side" } || Follows(i, "into")) return true;
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
        if (IsStoodIn(i)) BecomesTerm(i, "stance", "bow-stance");
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
            BecomesTerm(i, "stance", "cat-stance");
        // "The left leg becomes the cat stance": it leads.
        if (_lexemes[i].Plain is "becomes" && Previous(i) is { Kind: "footNoun" } && Next(i) is { Kind: "stance" })
            _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "Left crane on the right leg": named by the knee that is up.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "stance", Term: { } single } && _ways.Stances.Of(single.Id).Feet == FeetKind.Single && Next(i + 1) is { Kind: "side" } stands && stands.Value != _lexemes[i].Value && Follows(IndexAfter(i + 1), "on") && Next(IndexAfter(i + 1)) is { Kind: "footNoun" })
            BecomesSmall(i);
        // "Weight forward to the left leg": not a leg that moves.
        if (_lexemes[i] is { Kind: "detail", Plain: "weight forward" or "weight back" } && Next(i) is { Kind: "side" } && IndexAfter(i) is var carrying && Next(carrying) is { Kind: "footNoun" })
            AsNote(i, IndexAfter(carrying));
        // "Land in front stance", "land in a front stance": the stance, not where the foot comes down.
        if (_lexemes[i] is { Kind: "landing", Value: "front" } down && down.Plain.EndsWith(" in front", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "filler", Plain: "stance" } stood)
        {
            var word = _text.LastIndexOf("front", down.Start + down.Length - 1, StringComparison.OrdinalIgnoreCase);
            _lexemes[i] = down with { Length = word - down.Start, Plain = "land" };
            _lexemes[i + 1] = new Lexeme("stance", "front-stance", word, stood.Start + stood.Length - word, "front stance", TermOf("front-stance"));
        }
        // "Left foot front": it leads, but where feet go "left" and "south" that is where it goes.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && Alone(i) && Previous(i) is { Kind: "footNoun" } && !FeetGoByOneWord())
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
        // "Sink into a drop stance on the right leg": the weight is on it, so the other one leads.
        if (_lexemes[i] is { Kind: "stance", Term: { } low } && _ways.Stances.Of(low.Id) is { Feet: FeetKind.Lead, LeadWeight: < 40 } && Previous(i) is not { Kind: "side" } && Next(i) is { Kind: "side" } bears && IndexAfter(i) is var bearing && Follows(bearing, "on", "onto") && Next(bearing) is { Kind: "footNoun", Plain: "leg" })
        {
            AsNote(bearing, IndexAfter(bearing));
            _lexemes.Insert(i, new Lexeme("side", bears.Side.Other.Word, _lexemes[i].Start, 0, bears.Side.Other.Word));
        }
        // "Pivot on the left, turn around to the right": that foot stays.
        if (_lexemes[i].Is("support") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("stop", ",") && RestOfSentence(i + 2).FirstOrDefault(l => !l.IsStop) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })
            _lexemes.Insert(i + 2, new Lexeme("footNoun", "foot", _lexemes[i + 1].Start + _lexemes[i + 1].Length, 0, "foot"));
        // "Flip it back and punch": the weapon, no foot.
        if (_lexemes[i].Plain == "it" && i > 0 && i + 1 < _lexemes.Count && _lexemes[i - 1].Plain is "flip" or "flips" or "turn" or "roll" or "swing" or "spin" or "bring" && _lexemes[i + 1].Is("way")) BecomesSmall(i + 1);
        // "Three times forward with upper block, right, left, right": three steps.
        if (_lexemes[i] is { Kind: "times" } often && StartsSentence(i) && often.Value.Length == 1 && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("way", "forward") && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "stance") is { IsHandTechnique: true } many)
        {
            _lexemes[i] = _lexemes[i + 1];
            _lexemes[i + 1] = often with { Kind = "number" };
            var at = _lexemes.IndexOf(many);
            for (var k = i + 2; k < at; k++) if (!_lexemes[k].IsStop) BecomesSmall(k);
            if (!IsPlural(many)) _lexemes[at] = many with { Plain = many.Plain + "s" };
        }
        // "Bring that front foot back a little": it is only drawn nearer.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "move" or "moves" or "take" } && EndOfClause(i) is var little && _lexemes.GetRange(i, little - i + 1) is [_, .., { Kind: "relFoot" or "footNoun" }, { Kind: "way", Value: "back" }, { Plain: "a little" or "a bit" or "slightly" or "a little bit" }])
        {
            BecomesTerm(i, "footwork", "slide-back");
            BecomesSmall(little - 1);
        }
        // "The right foot pulls to the left": beside the other one.
        if (_lexemes[i] is { Kind: "technique", Plain: "pulls" or "pull" } && Previous(i) is { Kind: "footNoun" or "relFoot" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "up to" or "in to" && Next(i) is { Kind: "side" } or { Kind: "footNoun" or "relFoot" })
            BecomesTerm(i, "footwork", "pull-together");
        // "Pull the right foot back behind you, turning": it steps there.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" or "draw" or "draws" or "swing" } && EndOfClause(i) is var behindYou && _lexemes.GetRange(i, behindYou - i + 1) is [_, .., { Kind: "footNoun" }, { Kind: "way", Value: "back" }, { Kind: "place", Plain: "behind you" }])
            BecomesTerm(i, "footwork", "step");
        // "Both sticks come back to the shoulder": no foot does.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back" or "step", Plain: "come back" or "comes back" or "go back" or "comes" or "goes" } && Previous(i) is { Kind: "weapon" })
            AsNote(i, EndOfClause(i));
        // "Crescent again with the left": a step in a crescent, with that foot.
        if (_lexemes[i] is { Kind: "detail", Plain: "crescent" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes.GetRange(i + 1, EndOfClause(i) - i).All(l => l.Kind is "again" or "filler" or "side") && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Is("side")) is var arc and > 0)
        {
            BecomesTerm(i, "footwork", "crescent-step");
            for (var k = i + 1; k < arc; k++) BecomesSmall(k);
            _lexemes.Insert(arc + 1, new Lexeme("footNoun", "foot", _lexemes[arc].Start + _lexemes[arc].Length, 0, "foot"));
        }
        // "Sink into the bow": stood in.
        if (_lexemes[i].Is("footwork", "bow") && _lexemes[i].Plain == "bow" && Follows(i, "into", "in") | (i > 1 && _lexemes[i - 1].Plain is "the" or "a" && _lexemes[i - 2].Plain.EndsWith(" into", StringComparison.Ordinal)) && ClauseOf(i).Any(l => l.Is("footwork", "shift") || l.Is("footwork", "step")))
            BecomesTerm(i, "stance", "bow-stance");
        // "Bring the right foot up, change hands": beside the other one, where it neither kicks nor goes on.
        if (_lexemes[i] is { Kind: "filler" or "way", Plain: "up" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && Previous(IndexBefore(i)) is { Kind: "side" } && _lexemes.Take(i).LastOrDefault(l => l.Is("footwork")) is { Plain: "bring" or "brings" } && !RestOfSentence(i).Any(l => l.Kind is "stance" or "footwork" or "footNoun" || l.IsKick) && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique")))
            BecomesTerm(i, "footwork", "pull-together");
        // "Pivot around to the left", "turns around to the left": like "turn around".
        if (_lexemes[i] is { Kind: "footwork", Value: "pivot" or "turn", Plain: "pivot" or "pivots" or "turns" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "around" or "round" && Next(i) is { Kind: "side" })
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn around" };
            BecomesSmall(i + 1);
        }
        // "Right lunge punch when you land": the kick before it comes down in front.
        if (_lexemes[i] is { Kind: "footwork", Value: "land", Plain: "land" or "lands" or "landing" } && Alone(i) && Follows(i, "when", "as", "you") && ClauseOf(i).Any(l => l.IsHandTechnique) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick)) BecomesSmall(i);
        // "The right foot goes round behind, …, right low block.": so far as to face the other way, if nothing else is told.
        if (_lexemes[i] is { Kind: "lead", Plain: "behind" } && Alone(i) && i > 1 && _lexemes[i - 1].Plain is "round" or "around" && Previous(i) is { Kind: "footNoun" } && SideIndex(IndexBefore(i)) is var goesRound && _lexemes[goesRound].Is("side") && !Clauses(i).Any(l => l.Kind is "turnSide" or "degrees" or "amount" or "place" or "clock" or "facing" or "otherSide" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })
            && RestOfSentence(i).FirstOrDefault(l => l.Value is "low-block" or "rising-block" or "knife-hand-block") is { } over && _lexemes.Take(_lexemes.IndexOf(over)).LastOrDefault(l => l.Is("side")) is { } with && with.Value == _lexemes[goesRound].Value)
        {
            var (from, length, round) = (_lexemes[i].Start, _lexemes[i].Length, _lexemes[goesRound].Value);
            _guesses[from] = ("Read as half a turn.", "back");
            _lexemes[i] = new Lexeme("footwork", "turn", from, length, "turn around", TermOf("turn"));
            _lexemes.Insert(i + 1, new Lexeme("degrees", "180", from + length, 0, "180 degrees"));
            _lexemes.Insert(i + 2, new Lexeme("turnSide", round, from + length, 0, round));
        }
        // "Jump kick with the left, land on the left foot, right foot forward": the one that kicked, said again.
        if (_lexemes[i].Is("footNoun") && Alone(i) && i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "on") && ClauseOf(i).Any(l => l.Is("footwork", "land") || l.Is("landing")) && Backward(i - 1).TakeWhile(l => !l.EndsSentence).ToList() is var kicked && kicked.Any(l => l.IsKick) && kicked.FirstOrDefault(l => l.Is("side"))?.Value == _lexemes[i - 1].Value)
            AsNote(i - 1, i);
        // "Right foot back to cat stance": drawn back, it leads as before if it did.
        if (_lexemes[i] is { Kind: "way", Value: "back", Plain: "back" } && i > 0 && _lexemes[i - 1].Is("footNoun") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "to" && _lexemes[i + 2].Is("stance", "cat-stance") && Previous(SideIndex(i - 1)) is null)
            BecomesTerm(i, "footwork", "slide-back");
        // "You come round to the left until you face …": one turns.
        if (_lexemes[i].Plain is "round" or "around" && i > 0 && _lexemes[i - 1].Plain is "come" or "comes" && Next(i) is { Kind: "side" or "facing" } && ClauseOf(i).Any(l => l.Is("facing")))
            BecomesTerm(i, "footwork", "turn");
        // "Turn to the front and close.", "left foot in and finish.": one comes back, in the last words.
        if (_lexemes[i] is { Kind: "footwork", Value: "pull-together", Plain: "close" } && Alone(i) && i > 0 && _lexemes[i - 1].Plain == "and" && EndOfSentence(i) >= _lexemes.Count - 2 && !ClauseOf(i).Any(l => l.Is("footNoun")))
        {
            BecomesTerm(i, "footwork", "return");
            _lexemes[i] = _lexemes[i] with { Plain = "and return" };
        }
        if (_lexemes[i] is { Kind: "filler", Plain: "in" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _lexemes[i + 2].Plain is "finish" or "done" && Alone(i + 2)) BecomesTerm(i, "footwork", "pull-together");
        // "Swivel into a left bow": it turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "pivot", Plain: "swivel" or "swivels" or "pivot" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "to" && (StanceComes(i) || Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Plain: "bow" }))
            BecomesTerm(i, "footwork", "turn");
        // "Bring the left foot behind the right": it crosses.
        if (_lexemes[i] is { Kind: "lead", Plain: "behind" } && i > 0 && _lexemes[i - 1].Is("footNoun") && Next(i) is { Kind: "side" } passed && Alone(IndexAfter(i)) && SideIndex(i - 1) is var passing && _lexemes[passing].Is("side") && passed.Value != _lexemes[passing].Value && ClauseOf(i).Any(l => l is { Kind: "footwork", Plain: "bring" or "brings" or "put" or "puts" }))
        {
            BecomesTerm(i, "footwork", "cross-behind");
            BecomesSmall(IndexAfter(i));
        }
        // "Left forward bow": the stance.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bow" } && i > 1 && _lexemes[i - 1] is { Kind: "way", Plain: "forward" } && _lexemes[i - 2].Is("side"))
        {
            BecomesSmall(i - 1);
            BecomesTerm(i, "stance", "bow-stance");
        }
        // "Pull that right foot all the way around": one turns with it.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" or "swing" } && EndOfClause(i) is var swings && _lexemes.GetRange(i, swings - i + 1) is [_, .., { Kind: "footNoun" }, { Kind: "amount" } far] && far.Plain.StartsWith("all the way", StringComparison.Ordinal))
            BecomesTerm(i, "footwork", "turn");
        // "The right foot crosses over the left in front": which foot it crosses over.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front" or "cross-behind" } && Next(i) is { Kind: "side" } crossedOver && Previous(i) is { Kind: "footNoun" } && SideIndex(IndexBefore(i)) is var crossing && _lexemes[crossing].Is("side") && _lexemes[crossing].Value != crossedOver.Value && Next(IndexAfter(i)) is { Kind: "lead" })
            BecomesSmall(IndexAfter(i));
        // "Then both come back", said of the hands.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back", Plain: "come back" or "comes back" or "go back" } && i > 0 && _lexemes[i - 1].Plain is "both" && _lexemes.Take(i).LastOrDefault(l => l.Kind is "handNoun" or "footNoun" or "footwork") is { Kind: "handNoun" })
            AsNote(i - 1, i);
        // "On the same foot position": nobody steps.
        if (_lexemes[i] is { Kind: "relFoot", Value: "same" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "position" or "positions" or "stance")
        {
            BecomesTerm(i, "footwork", "stay");
            BecomesSmall(i + 1);
        }
        // "Back to ready by bringing the left foot up": how one comes back.
        if (_lexemes[i].Is("footwork", "return") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "by") AsNote(i + 1, EndOfClause(i));
        // "Land on the right foot, left foot crossed behind": a crossed stance, led by the foot in front.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-behind" or "cross-front" } crossed && crossed.Plain.Split(' ')[0] == "crossed" && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Clauses(i).Any(l => l is { Kind: "footwork", Value: "land" or "jump" }) && !Clauses(i).Any(l => l.Is("stance")))
        {
            var leads = crossed.Value == "cross-front" ? _lexemes[i - 2].Side : _lexemes[i - 2].Side.Other;
            _lexemes[i - 2] = _lexemes[i - 2] with { Value = leads.Word };
            BecomesSmall(i - 1);
            BecomesTerm(i, "stance", "cross-stance");
        }
        // "Pull back to the left hip, cat stance": the weight comes back, and the weapon to the hip.
        if (_lexemes[i] is { Kind: "technique", Value: "pull" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && EndOfClause(i) is var toHip && _lexemes[toHip].Plain is "hip" or "waist" or "shoulder" or "side" && StanceComes(toHip + 1))
        {
            BecomesTerm(i, "footwork", "slide-back");
            AsNote(i + 1, toHip);
        }
        // "The right foot passes through": it steps.
        if (_lexemes[i] is { Kind: "technique", Value: "regrip", Plain: "pass" or "passes" or "passing" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
            BecomesTerm(i, "footwork", "step");
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
