using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words of kneeling, sitting and knees that are no blows, and of weight that sinks.</summary>
public sealed partial class Reader
{
    private void RetellLowPostures(int i)
    {
        // "Pull the left knee up to the right foot", kneeling: how the knees come together; no blow.
        if (_lexemes[i] is { Kind: "technique", Value: "knee-strike", Plain: "knee" } && i > 1 && _lexemes[i - 1].Is("side") && Backward(i - 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => !l.Is("filler")) is { Plain: "pull" or "draw" or "bring" or "slide" } comesUp && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "beside" or "filler" && ClauseOf(i + 1).Any(l => l.Kind is "footNoun" or "relFoot")) AsNote(_lexemes.LastIndexOf(comesUp, i), EndOfClause(i));
        // "Step up with the right foot, staying on the left knee": kneeling on it.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i > 1 && _lexemes[i - 1].Is("side") && Follows(i - 1, "on") && Backward(i - 1).TakeWhile(l => l.Is("filler")).Any(l => l.Plain is "staying" or "stay" or "stays" or "remaining") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork")))
        {
            _lexemes[i - 1] = _lexemes[i - 1] with { Value = _lexemes[i - 1].Side.Other.Word };
            BecomesTerm(i, "stance", "kneeling-stance");
        }
        // "Up on the right leg, left knee high": on that one alone, too.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i > 1 && _lexemes[i - 1].Is("side") && StartsClause(i - 1) && i > 6 && _lexemes[i - 2].IsStop && _lexemes[i - 3].Is("footNoun") && _lexemes[i - 4].Is("side") && _lexemes[i - 4].Value != _lexemes[i - 1].Value && Backward(i - 4).TakeWhile(l => l.Is("filler")).Select(l => l.Plain).ToList() is var upright && upright.Contains("up") && upright.Contains("on"))
        {
            BecomesTerm(i - 3, "stance", "crane-stance");
            AsNote(i - 1, EndOfClause(i));
        }
        // "Stand on the right leg with the left knee up", "rise up on the left leg, right knee high": likewise.
        if ((_lexemes[i] is { Kind: "support" } one && StandsOnIt(one) || _lexemes[i] is { Kind: "filler", Plain: "on" } && Previous(i) is { Kind: "footwork", Value: "rise" }) && IndexAfter(i) is > 0 and var standing && standing + 1 < _lexemes.Count && _lexemes[standing].Is("side") && _lexemes[standing + 1].Is("footNoun") && !Clauses(i).Any(l => l.Is("stance") || l.IsKick && l.Value != "knee-strike")
            && _lexemes.FindIndex(standing + 2, Math.Max(0, EndOfSentence(i) - standing - 1), l => l is { Kind: "technique", Plain: "knee" or "knee up" or "knee raised" }) is var lifted and > 0 && _lexemes[lifted - 1].Is("side", _lexemes[standing].Side.Other.Word)
            && (_lexemes[lifted].Plain != "knee" || lifted + 1 < _lexemes.Count && _lexemes[lifted + 1] is { Plain: "up" or "high" or "raised" or "lifted" } || _lexemes[lifted - 2] is { Value: "lift-foot", Plain: "raised" }))
        {
            BecomesSmall(i);
            BecomesTerm(standing + 1, "stance", "crane-stance");
            if (_lexemes[lifted - 2] is { Plain: "raised" }) BecomesSmall(lifted - 2);
            AsNote(lifted - 1, lifted + 1 < _lexemes.Count && !_lexemes[lifted + 1].IsStop && _lexemes[lifted].Plain == "knee" && _lexemes[lifted + 1].Plain is "up" or "high" or "raised" or "lifted" ? lifted + 1 : lifted);
        }
        // "Come up, stand on the left leg, and …": on that one alone.
        if (_lexemes[i] is { Kind: "support" } onOneLeg && StandsOnIt(onOneLeg) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("footNoun") && (Alone(i + 2) || _lexemes[i + 3].Plain is "and" or "alone" or "only") && !Backward(i).TakeWhile(l => !l.EndsSentence).Concat(RestOfSentence(i)).Any(l => l.Kind is "stance" || l.IsKick || l is { Kind: "technique", Plain: "knee" }))
        {
            BecomesSmall(i);
            BecomesTerm(i + 2, "stance", "crane-stance");
        }
        // "Crane stance, left leg standing": which one bears.
        if (_lexemes[i] is { Kind: "footwork", Plain: "standing" } && Alone(i) && i > 2 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && StartsClause(i - 2) && Previous(i - 2) is null && _lexemes.Take(i - 2).LastOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "stance" } single && _ways.Stances.Of(single.Term!.Id).Feet == FeetKind.Single)
        {
            _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler" };
            _lexemes.Insert(i - 2, new Lexeme("support", "on", _lexemes[i - 2].Start, 0, "stand on the", null));
        }
        // "Bring up the back knee, the right one": which one, and no wall.
        if (_lexemes[i] is { Kind: "place", Value: "rear", Plain: "the back" or "the rear" or "rear" or "back" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "knee" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "relFoot", Value = "rear" };
            BecomesSmall(i + 1);
            if (i > 0 && _lexemes[i - 1] is { Kind: "footwork", Value: "pull-together" or "step" }) BecomesTerm(i - 1, "footwork", "lift-foot");
        }
        // "Bring the right knee up": the foot is lifted.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i > 1 && _lexemes[i - 1].Is("side") && Previous(i - 1) is { Kind: "footwork", Plain: "bring" or "brings" or "bringing" } raised && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "up" && Alone(i + 1))
        {
            BecomesTerm(_lexemes.LastIndexOf(raised, i), "footwork", "lift-foot");
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
        }
        // "Bring up the right knee and front kick", "pull up the knee": so is it here.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && IndexBefore(i) is var ups and >= 0 && (_lexemes[ups].Is("side") ? IndexBefore(ups) : ups) is var pulls and >= 0 && _lexemes[pulls] is { Kind: "footwork", Plain: "bring up" or "pull up" or "draw up" or "brings up" or "bringing up" } && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "and"))
        {
            BecomesTerm(pulls, "footwork", "lift-foot");
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
        }
        // "Drop back with the right leg, sinking the weight onto it": as one stands in a back stance.
        if (_lexemes[i] is { Kind: "footwork", Value: "shift", IsGerund: true } && EndOfClause(i) is var borne && _lexemes.GetRange(i, borne - i + 1) is var sinks && sinks.Any(l => l.Plain.Contains("weight", StringComparison.Ordinal)) && sinks.Any(l => l.Plain is "onto" or "on" or "into") && sinks[^1].Plain is "it" or "back leg" or "rear leg"
            && Clauses(i).Any(l => l.Is("footwork", "step-back")) && !Clauses(i).Any(l => l.Is("stance")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "stance", Value = "back-stance", Term = TermOf("back-stance"), Length = _lexemes[borne].Start + _lexemes[borne].Length - _lexemes[i].Start };
            _guesses[_lexemes[i].Start] = ("Read as a back stance, as the weight is on the rear foot.", "");
            for (var k = i + 1; k <= borne; k++) _lexemes[k] = new Lexeme("filler", "filler", _lexemes[borne].Start + _lexemes[borne].Length, 0, "");
        }
        // "Most of your weight is on the right leg.": of the stance just taken.
        if (_lexemes[i].Is("support") && _lexemes[i].Plain.Contains("weight", StringComparison.Ordinal) && StartsSentence(i) && EndOfSentence(i) is var carried && carried == i + 2 && (_lexemes[i + 1].Is("side") || _lexemes[i + 1].Is("relFoot")) && Backward(FirstOfClause(i) - 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("stance"))) AsNote(i, carried);
        // "Left foot to twelve, right L-stance, so the weight is on the right leg": called by the rear foot, all through the text.
        if (_lexemes[i].Is("support") && _lexemes[i].Plain.Contains("weight", StringComparison.Ordinal) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("footNoun") && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var weighted
            && weighted.FindIndex(l => l.Is("stance")) is var rests and >= 0 && (_ways.Stances.Of(weighted[rests].Term!.Id).NamedByRearFoot || weighted[rests].Value == "back-stance"))
        {
            _namedByRear |= weighted.Skip(rests + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "side" } called && called.Value == _lexemes[i + 1].Value;
            AsNote(i, i + 2);
        }
        // "Look the other way, weight over, right front stance".
        if (_lexemes[i].Plain == "weight" && StartsClause(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "over" or "across" && Alone(i + 1))
        {
            BecomesTerm(i, "footwork", "shift");
            BecomesSmall(i + 1);
        }
        // "Still on the left knee", "to where the knee was": nothing is struck.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && Backward(i).TakeWhile(l => l.Kind is "filler" or "side").Select(l => l.Plain).ToList() is { Count: > 0 } upon && (upon.Contains("still") && upon.Contains("on") || upon.Contains("where") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "was" or "is"))
            AsNote(i - upon.Count, i);
        // "The knees bend", "knees slightly bent": how one stands.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" or "knees" } && EndOfClause(i) is var ends && _lexemes.FindIndex(i, Math.Min(3, ends - i + 1), l => l.Plain is "bend" or "bends" or "bent" or "bending" or "soft" or "straight") is var bent and > 0)
            AsNote(i, bent);
        // "The left knee is over the toes": where it is, too.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "is" or "stays" or "should" or "must" or "points" && ClauseOf(i).All(l => l.Plain is not ("up" or "raised" or "lifted")) && !ClauseOf(i).Any(l => l.Is("level") || l.IsHandTechnique)) AsNote(FirstOfClause(i), EndOfClause(i));
        // "Your right leg is straight", "…, right leg straight": but for a stance on one bent leg, which the other one tells.
        if (_lexemes[i].Is("footNoun") && SideIndex(i) is var straightened && _lexemes[straightened].Is("side") && straightened >= FirstOfClause(i) && EndOfClause(i) is var says && says > i && _lexemes[says].Plain is "straight" or "straight ahead" or "ahead" && _lexemes.GetRange(i + 1, says - i).All(l => l.Is("filler") || l.Is("place") || l.Plain is "points" or "straight ahead")
            && !_lexemes.GetRange(FirstOfClause(i), straightened - FirstOfClause(i)).Any(l => !l.Is("filler")) && (Backward(i).FirstOrDefault(l => l.Is("stance")) is not { Value: "drop-stance" or "low-stance" or "kneeling-stance" } and var stood && (stood is not { Value: "bow-stance" or "side-bow-stance" } || _lexemes.LastIndexOf(stood, i) is > 0 and var named && _lexemes[named - 1].Is("side") || EndOfSentence(i) == says && FirstOfClause(i) is > 0 and var alone && _lexemes[alone - 1].EndsSentence || Backward(straightened).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footNoun" or "relFoot")))) AsNote(FirstOfClause(i), says);
        // "Rear leg straight kick": which leg, and a kick of that name.
        if (_lexemes[i].Is("detail") && _lexemes[i].Plain.EndsWith(" leg straight", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { IsKick: true, Plain: "kick" or "kicks" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "relFoot", Value = "rear" };
            BecomesTerm(i + 1, "technique", "front-kick");
        }
        FindWhereAFootIsPut(i);
        // "The left end goes down on the head": nobody kneels on that.
        if (_lexemes[i] is { Kind: "footwork", Value: "kneel" } downOn && downOn.Plain.Split(' ')[0] is "goes" or "go" or "comes" or "come" && downOn.Plain.EndsWith(" on", StringComparison.Ordinal) && Next(i) is { Kind: "unread" or "level" or "detail" or "handNoun" })
        {
            if (ClauseOf(i).Any(l => l.Plain.Split(' ')[^1] is "end" or "tip" or "butt") && IsAboutAStaff && !Clauses(i).Any(l => l.IsHandTechnique)) BecomesTerm(i, "technique", "staff-overhead-strike");
            else BecomesSmall(i);
        }
        // "The left knee lifts", as "lift the left knee".
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "footwork", Value: "lift-foot" } lifts && SideIndex(i) is var up && _lexemes[up].Is("side"))
        {
            _lexemes.RemoveAt(i + 1);
            _lexemes.Insert(up, lifts);
        }
        // "Rise on the left knee", "sinking down onto the left knee": that one is knelt on.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && SideIndex(i) is var which && _lexemes[which].Is("side") && (Follows(which, "on", "onto") || Follows(which, "to") && ClauseOf(i).Any(l => l.Plain is "down" or "sink" or "sinks" or "sinking" or "sink down")) && (Alone(i) || _lexemes[i + 1].Kind is "technique" or "side" or "relHand" or "set" or "then" or "filler")
            && _lexemes.FindLastIndex(i, i - FirstOfClause(i) + 1, l => l is { Kind: "footwork", Value: "rise" or "shift" or "drop" } || l.Plain is "go" or "goes" or "get" or "gets") is var goes and >= 0)
        {
            BecomesTerm(goes, "footwork", "kneel");
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
        }
        // "Right knee to the floor", "lower the right knee to the ground", "kneel, right knee on the mat": that one is knelt on.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && SideIndex(i) is var lowered && (_lexemes[lowered].Is("side") || _lexemes[lowered].Is("relFoot")) && GroundAfter(i) is var ground and > 0)
        {
            var verb = _lexemes.FindLastIndex(i, i - FirstOfClause(i) + 1, l => l is { Kind: "footwork", Value: not "stay" } || l.Plain is "lower" or "lowers" or "lowering");
            // "Drop into kneeling stance, right knee down".
            if (verb < 0 && FirstOfClause(i) is > 0 and var clause && Previous(clause - 1) is { Kind: "stance", Value: "kneeling-stance" }) verb = _lexemes.FindLastIndex(clause, clause - FirstOfClause(clause - 1) + 1, l => l is { Kind: "footwork" });
            for (var k = i + 1; k <= ground; k++) BecomesSmall(k);
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Term = null };
            if (verb >= 0) BecomesTerm(verb, "footwork", "kneel");
            else if (_lexemes.Take(lowered).LastOrDefault(l => !l.IsStop && !l.Is("filler")) is not { Kind: "footwork", Value: "kneel" }) _lexemes.Insert(lowered, new Lexeme("footwork", "kneel", _lexemes[lowered].Start, 0, "kneel", TermOf("kneel")));
        }
        // "The left knee comes up to the right heel": of one who kneels.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && SideIndex(i) is var moving && _lexemes[moving].Is("side") && EndOfClause(i) is var reaches && _lexemes.GetRange(i + 1, reaches - i) is var goal && goal.Any(l => l.Is("beside")) && goal.LastOrDefault() is { Kind: "footNoun" })
            AsNote(moving, reaches);
        // "The feet change".
        if (_lexemes[i] is { Plain: "change" or "changes" or "switch", Kind: "unread" or "filler" or "footwork" } && i > 0 && _lexemes[i - 1] is { Kind: "footNoun", Plain: "feet" } && Previous(i - 1) is null)
            BecomesTerm(i, "footwork", "switch");
        // "Sit on the left leg": the weight goes there.
        if (_lexemes[i] is { Kind: "unread", Plain: "sit" or "sits" or "sitting" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "on" or "onto" or "over" or "into" && Next(i) is { Kind: "side" or "relFoot" } && ClauseOf(i).Any(l => l.Is("footNoun") || l.Is("relFoot")))
            BecomesTerm(i, "footwork", "shift");
        // "Put the sword back": in its sheath.
        if (_lexemes[i].Plain is "put" or "puts" && i + 1 < _lexemes.Count && EndOfClause(i) is var away && _lexemes.GetRange(i, away - i + 1).FindIndex(l => l.Is("weapon", "sword")) is var sword and > 0 && i + sword + 1 <= away && _lexemes[i + sword + 1].Plain is "back" or "away")
        {
            BecomesTerm(i, "technique", "sword-sheathe");
            BecomesSmall(i + sword + 1);
        }
        // "Step back into chudan": the guard of that height.
        if (_lexemes[i] is { Kind: "level", Plain: "chudan" or "jodan" or "gedan" } height && Follows(i, "into", "in", "to") && Alone(i) && ClauseOf(i).All(l => l.Kind != "technique") && (SpeaksOf("sword") || _lexemes.Any(l => l.Is("weapon", "sword"))))
            BecomesTerm(i, "technique", height.Plain switch { "jodan" => "sword-high-guard", "gedan" => "sword-low-guard", _ => "sword-guard" });
    }

    /// <summary>Where "to the floor", "on the ground" ends that stands right after a word.</summary>
    private int GroundAfter(int i)
    {
        var at = i + 1;
        while (at < _lexemes.Count && _lexemes[at].Plain is "on" or "to" or "onto" or "touches" or "touching" or "the" or "down" or "goes" or "comes") at++;
        return at < _lexemes.Count && _lexemes[at].Plain.Split(' ')[^1] is "floor" or "ground" or "mat" ? at : at == i + 2 && _lexemes[i + 1].Plain == "down" ? i + 1 : -1;
    }

    /// <summary>"…, and then lower the right foot to the front": so it comes down after a kick.</summary>
    private void RetellFeetThatAreLowered(int i)
    {
        if (_lexemes[i] is not { Kind: "level", Plain: "lower" or "lowering" or "lowers" } || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || side + 1 >= _lexemes.Count || !_lexemes[side + 1].Is("footNoun") || !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick)) return;
        if (IndexAfter(side + 1) is not (> 0 and var to) || _lexemes[to].Kind is not ("place" or "way")) return;
        var behind = _lexemes[to].Value is "rear" or "back";
        _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = behind ? "back" : "front" };
        BecomesSmall(side);
        BecomesSmall(side + 1);
        BecomesSmall(to);
        if (i > 0 && _lexemes[i - 1].Is("then")) BecomesSmall(i - 1);
    }

    private int FirstOfClause(int i)
    {
        while (i > 0 && !_lexemes[i - 1].IsStop) i--;
        return i;
    }

    /// <summary>Where a foot is put that steps, or comes down: no knee strikes, and nobody turns there.</summary>
    private void FindWhereAFootIsPut(int i)
    {
        // "The right foot comes up to the left knee", "lift the right foot to the left knee", "place it against the other knee": where it comes.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && SideIndex(i) is var its && _lexemes[its].Kind is "side" or "relFoot" or "relHand" && FirstOfClause(i) is var begun && its > begun && _lexemes.FindIndex(begun, its - begun, l => l.Is("footNoun")) is > 0 and var foot)
        {
            var put = its;
            while (put - 1 > foot && _lexemes[put - 1] is { Kind: "filler", Plain: "the" or "your" or "my" or "to" or "against" or "on" or "by" or "at" or "next to" or "level with" or "onto" or "inside" or "up" or "of" } or { Kind: "beside" } or { Kind: "note" or "detail", Plain: "against the" or "against your" or "against my" } or { Kind: "lead", Plain: "behind" }) put--;
            if (put == its || _lexemes.GetRange(foot, put - foot).Any(l => l is { Kind: "footwork", Value: "kneel" or "drop" or "fall" })) return;
            var verb = _lexemes.FindIndex(begun, foot - begun, l => l is { Kind: "footwork", Plain: "bring" or "brings" or "bringing" or "place" or "put" or "raise" or "lift" } or { Plain: "take" or "takes" } or { Plain: "pull" or "pulls" or "draw" or "draws" or "tuck" or "hook" });
            AsNote(put, i);
            if (verb >= 0) BecomesTerm(verb, "footwork", "lift-foot");
            else if (foot > 0 && _lexemes[foot - 1].Is("side") && StartsClause(foot - 1))
            {
                for (var k = foot + 1; k < put; k++)
                    if (_lexemes[k].Kind is "footwork" or "way") BecomesSmall(k);
                _lexemes.Insert(foot - 1, new Lexeme("footwork", "lift-foot", _lexemes[foot - 1].Start, 0, "lift", TermOf("lift-foot")));
            }
        }
        // "Lower it toward the rear, turn to the front": where it comes down.
        if (_lexemes[i].Is("facing") && i + 3 < _lexemes.Count && _lexemes[i].Plain is "toward" or "towards" && _lexemes[i + 1].Is("place") && _lexemes[i + 2].Is("stop", ",") && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "lower" or "lower it" or "put it down" or "set it down" or "lowering" || l.Is("footwork", "land")) && _lexemes.GetRange(i + 3, EndOfClause(i + 3) - i - 2) is var turned && turned.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }) && turned.Any(l => l.Kind is "place" or "clock" or "degrees" or "amount")) AsNote(i, i + 1);
    }

    /// <summary>"Stand on the", "balancing on your": that leg bears one.</summary>
    private static bool StandsOnIt(Lexeme support) => support.Plain.Split(' ')[0] is "stand" or "standing" or "balance" or "balancing";
}
