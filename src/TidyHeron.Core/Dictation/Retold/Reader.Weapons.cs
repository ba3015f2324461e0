using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words that name a weapon here and a hand or a movement there, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>Whether a weapon, or what is done with one, is named anywhere in the text.</summary>
    private bool TellsOfAWeapon() => _lexemes.Exists(l => l.Is("weapon") || l.Term is { IsWeapon: true });

    /// <summary>Words that name a weapon here and a hand or a movement there.</summary>
    private void RetellWeapons(int i)
    {
        // "Raise it in front of you": the weapon, where one is spoken of and no foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "raise" or "lift" or "bring" or "hold" or "take" or "lower" or "raises" or "lifts" or "brings" or "takes" or "raising" or "lifting" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "it" && !Clauses(i).Any(l => l.Kind is "footNoun" or "relFoot" || l.IsKick) && TellsOfAWeapon()) BecomesSmall(i);
        // "Swing it round to hit the knee", "turn the staff over and strike up": nobody turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" or "spin" } && (_lexemes[i].Plain.Contains(" it ", StringComparison.Ordinal) || i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("weapon") || _lexemes[i + 1].Plain == "it")) && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footNoun" or "relFoot" || l.IsKick) && TellsOfAWeapon() && RestOfSentence(i).Any(l => l.IsHandTechnique) && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "turnSide" or "facing")) BecomesSmall(i);
        if (_lexemes[i].Is("amount") && i > 1 && _lexemes[i - 1].Plain == "it" && _lexemes[i - 2].Plain is "swing" or "spin" or "whirl" or "whip" && TellsOfAWeapon()) BecomesSmall(i - 2, i);
        // "Hold the staff upright on the right side. Step …": how a form begins with it.
        if (_lexemes[i] is { Kind: "technique", Value: "staff-guard" or "sword-guard" } begins && begins.Plain.StartsWith("hold", StringComparison.Ordinal) && _before.Count == 0 && Backward(i).All(l => l.Is("filler") || l.IsStop && !l.EndsSentence) && EndOfSentence(i) is var firstEnd && firstEnd + 1 < _lexemes.Count
            && _lexemes.GetRange(i + 1, firstEnd - i).All(l => l.Kind is "filler" or "detail" or "side" or "handNoun" or "place" || l.IsStop))
        {
            _weapons.Add(begins.Value.Split('-')[0]);
            AsNote(i, firstEnd);
        }
        // "The staff is held in both hands, right hand at the back.": so it is when the form begins.
        if (_lexemes[i].Is("weapon") && _before.Count == 0 && OnlySmallWordsBefore(i) && _lexemes.FindIndex(l => l.EndsSentence) is var endOfFirst && (endOfFirst < 0 || i < endOfFirst) && EndOfSentence(i) is var heldSo && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "is" or "are" && _lexemes.GetRange(i + 1, heldSo - i).All(l => l.IsStop || l.Kind is "filler" or "tempo" or "handNoun" or "footNoun" or "beside" or "side" or "place" or "way" or "lead" or "level" or "detail" or "weapon"))
        {
            _weapons.Add(_lexemes[i].Value);
            AsNote(i + 1, heldSo);
        }
        // "One stick in the right hand, left hand guards at the chest.": so one stands before the form.
        if (_lexemes[i].Is("weapon") && _before.Count == 0 && _lexemes.FindIndex(i, l => l.EndsSentence) is var heldEnd && heldEnd > i && Backward(i).All(l => l.Kind is "filler" or "number" or "unread" or "weapon" || l.IsStop) && _lexemes.GetRange(i + 1, heldEnd - i - 1) is var stands && stands.Any(l => l.Is("handNoun")) && stands.Any(l => l.IsHandTechnique) && stands.All(l => l.IsStop || l.Kind is "filler" or "handNoun" or "side" or "place" or "lead" or "level" or "detail" or "order" || l is { Kind: "technique", Value: "guard" or "staff-guard" or "chamber" }))
        {
            _weapons.Add(_lexemes[i].Value);
            AsNote(i + 1, heldEnd - 1);
        }
        // "Take up the staff in a right hand forward grip.": so one takes hold of it before the form.
        if (_lexemes[i].Is("weapon") && _before.Count == 0 && OnlySmallWordsBefore(i) && _lexemes.FindIndex(l => l.EndsSentence) is var first && first > i && Backward(i).Any(l => l.Plain is "take" or "pick" or "hold" or "grip" or "grasp")
            && _lexemes.GetRange(i + 1, first - i - 1).All(l => l.IsStop || l.Kind is "filler" or "handNoun" or "side" or "place" or "way" or "lead" or "level" or "detail" or "gripLead" || l.Value is "grab" or "regrip"))
        {
            _weapons.Add(_lexemes[i].Value);
            AsNote(FirstOfClause(i), first - 1);
        }
        // "Bring the sword to the right with a sharp flick".
        if (_lexemes[i] is { Kind: "unread", Plain: "flick" or "flicks" } && (SpeaksOf("sword") || CarriedBefore() == "sword" || _lexemes.Any(l => l.Is("weapon", "sword")))) BecomesTerm(i, "technique", "sword-flick");
        if (_lexemes[i].Is("weapon", "sword") && Previous(i) is { Kind: "footwork", Value: "step", Plain: "bring" or "move" or "take" } moved && ClauseOf(i).Any(l => l.Is("technique") || l.Plain is "flick")) BecomesSmall(_lexemes.LastIndexOf(moved, i));
        // "Put your right hand on the handle.": nobody steps.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "put" or "place" or "puts" or "places" } && Next(i) is { Kind: "detail" } hold && hold.Plain.Contains("hand", StringComparison.Ordinal) && Alone(IndexAfter(i))) AsNote(i, IndexAfter(i));
        // "…, blade pointing forward": so it is held. "Cut up to the left": it rises.
        if (_lexemes[i].Is("weapon") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "pointing" or "points" or "pointed") AsNote(i + 1, EndOfClause(i));
        if (_lexemes[i] is { Kind: "technique", Value: "sword-downward-cut", Plain: "cut" or "cuts" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "beside", Plain: "up to" } && Next(i + 1) is { Kind: "side" } && Alone(IndexAfter(i + 1)))
        {
            BecomesTerm(i, "technique", "sword-rising-cut");
            AsNote(i + 1, IndexAfter(i + 1));
        }
        // "Rotate the staff, bringing the bottom end up to the chin": how it turns, no step.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "bringing" or "bring" } && ClauseOf(i).Any(l => l.Plain is "end" or "tip" or "butt") && IsAboutAStaff && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) AsNote(i, EndOfClause(i));
        // "Holding the stick in your right hand": how it is carried.
        if (_lexemes[i] is { Kind: "technique", Value: "grab", Plain: "holding" or "hold" } && i + 1 < _lexemes.Count && EndOfClause(i) is var carries && carries > i && _lexemes.GetRange(i + 1, carries - i).All(l => l.Kind is "weapon" or "side" or "handNoun" or "filler" or "way" or "place") && _lexemes.GetRange(i + 1, carries - i).Any(l => l.Is("weapon")))
        {
            _weapons.UnionWith(_lexemes.GetRange(i + 1, carries - i).Where(l => l.Is("weapon")).Select(l => l.Value));
            AsNote(i, carries);
        }
        // "Staff at your right side", "the bo to the left side": how it is held.
        if (_lexemes[i].Is("weapon") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain is "at" or "to" or "by" or "on" && EndOfClause(i) is var held && held - i <= 4 && (_lexemes[held].Plain == "side" && _lexemes[held - 1].Is("side") || _lexemes[held].Is("side") && _lexemes[i + 1].Plain == "on")) AsNote(i + 1, held);
        // "Pull the staff to the left hip and step": where it is drawn.
        if (_lexemes[i].Is("weapon") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "back to" or "back" && Enumerable.Range(i + 2, 4).FirstOrDefault(k => k + 1 < _lexemes.Count && _lexemes[k].Is("side") && _lexemes[k + 1].Plain is "hip" or "shoulder" or "waist" && _lexemes.GetRange(i + 1, k - i - 1).All(l => l.Is("filler") || l.Is("way"))) is var drawn and > 0) AsNote(i + 1, drawn + 1);
        // "Right stick forward, fighting stance": which one is held in front.
        if (_lexemes[i].Is("weapon") && i > 0 && _lexemes[i - 1].Is("side") && StartsClause(i - 1) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "way" or "lead" } && Alone(i + 1)) AsNote(i - 1, i + 1);
        // "Swing the bo round and step in, strike down": on the way to what is then done with it.
        if (_lexemes[i].Is("weapon") && i > 0 && _lexemes[i - 1].Plain is "swing" or "swings" or "spin" or "circle" or "whirl" or "bring" && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "round" or "around" && _lexemes[i + 2].Plain is "and" or "," && Next(i + 1) is { Kind: "footwork" or "side" } && RestOfSentence(i + 1).Any(l => l.IsHandTechnique)) AsNote(i - 1, i + 1);
        // "Cross both kama at the chest": held so.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front", Plain: "cross" or "crosses" or "crossing" } && EndOfClause(i) is var crossed && _lexemes[crossed] is { Kind: "level", Plain: "at the chest" or "in front of the chest" } && (crossed == i + 1 || crossed - i <= 3 && _lexemes[crossed - 1].Is("weapon")) && _lexemes.Any(l => l.Is("weapon")))
        {
            BecomesTerm(i, "technique", "arms-crossed");
            AsNote(i + 1, crossed);
        }
        // "The left end goes down to the left, low block": where the end goes; nobody turns.
        if (_lexemes[i].Is("side") && i > 2 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2].Plain == "to" && Alone(i) && ClauseOf(i).Any(l => l.Plain is "end" or "tip" or "butt") && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "footwork" or "stance" or "degrees") && _lexemes.Any(l => l.Is("weapon"))) AsNote(i - 2, i);
        // "Both sai cross low": the weapons, no foot.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front", Plain: "cross" or "crosses" or "crossing" } && i > 0 && _lexemes[i - 1] is { Kind: "weapon", Value: not "staff" } && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot" or "stance")) BecomesTerm(i, "technique", "x-block");
        // "Release the right hand, regrip": of the staff, not out of a grip.
        if (_lexemes[i] is { Kind: "technique", Value: "wrist-release", Plain: "release" } && (_lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
            BecomesTerm(i, "technique", "regrip");
        // "Spear forward", "then you spear to the throat": with the end of it.
        if (_lexemes[i] is { Kind: "weapon", Plain: "spear" or "spears" } && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].Kind is "then" || _lexemes[i - 1].Plain is "you" or "we" or "i" or "and" or "there" or "to" or "now") && i + 1 < _lexemes.Count && (_lexemes[i + 1].Kind is "way" or "level" or "place" || _lexemes[i + 1].Plain is "straight" or "to" or "at" or "into" or "the" or "it" or "ahead") && ClauseOf(i).All(l => l.Kind is not ("technique" or "handNoun" or "relHand"))) BecomesTerm(i, "technique", "staff-thrust");
        // "The right hand spears upward": the hand does it, no spear.
        if (_lexemes[i] is { Kind: "weapon", Plain: "spears" or "spearing" or "spear" } && Previous(i) is { Kind: "handNoun" or "relHand" } or { Plain: "palm" or "palms" or "fingers" })
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "spear-hand");
        }
        // "Left hand low spear": no weapon either.
        if (_lexemes[i] is { Kind: "weapon", Plain: "spear" } && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("handNoun")) && !_lexemes.Any(l => l.Kind == "weapon" && l != _lexemes[i]))
            BecomesTerm(i, "technique", "spear-hand");
        // "Left hand front": on the weapon, it leads the grip.
        if (_lexemes[i] is { Kind: "place", Plain: "front" or "forward" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("handNoun") && _lexemes[i - 2] is { Kind: "side" } gripping && SpeaksOf("staff"))
        {
            var (from, to) = (gripping.Start, _lexemes[i].Start + _lexemes[i].Length);
            _lexemes[i - 2] = new Lexeme("gripLead", gripping.Value, from, to - from, "");
            for (var k = i - 1; k <= i; k++) _lexemes[k] = new Lexeme("filler", "filler", to, 0, "");
        }
        // "Swing the bo round to the left knee": what it strikes, and how high.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i > 0 && IsAboutAStaff && ClauseOf(i).Any(l => l.Plain is "swing" or "swings") && ClauseOf(i).Any(l => l.Is("weapon")) && SideIndex(i) is var its && Follows(its, "to", "at", "on", "against"))
        {
            if (its < i) BecomesSmall(its);
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
        }
        if (_lexemes[i] is { Kind: "unread" or "filler", Plain: "swing" or "swings" } && Next(i) is { Kind: "weapon" } && IsAboutAStaff && ClauseOf(i).Any(l => l.Is("level") || l.Plain is "knee" or "head" or "temple" or "ribs") && !ClauseOf(i).Any(l => l.IsHandTechnique)) BecomesTerm(i, "technique", "staff-horizontal-strike");
        // "Slap the spear down on the ground": the weapon, and nobody lies down.
        if (_lexemes[i].Is("stance", "lying") && ClauseOf(i).Any(l => l.Is("weapon"))) AsNote(i, i);
        if (_lexemes[i] is { Kind: "unread", Plain: "slap" or "slaps" or "smack" } && Next(i) is { Kind: "weapon" } && IsAboutAStaff) BecomesTerm(i, "technique", "staff-overhead-strike");
        // "Feet together, jo back to the right side": where it is held.
        if (_lexemes[i].Is("weapon") && Next(i) is { Kind: "way", Value: "back" } && i + 5 < _lexemes.Count && _lexemes[i + 2].Plain is "to" or "at" or "by" or "on" && EndOfClause(i) is var rests && _lexemes[rests].Plain is "side" or "hip" && Previous(rests) is { Kind: "side" } && rests - i <= 6) AsNote(i + 1, rests);
        // "Bring the bo up to a middle guard": into it.
        if (_lexemes[i] is { Kind: "beside", Plain: "up to" } && i > 0 && _lexemes[i - 1].Is("weapon") && ClauseOf(i).SkipWhile(l => l != _lexemes[i]).Any(l => l.Is("technique"))) _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler", Plain = "up" };
        // "Change grip so that the left hand leads", "… so the right hand is in front": what the grip is then.
        if (_lexemes[i] is { Kind: "technique", Value: "regrip" } && _lexemes.FindIndex(i + 1, l => l.IsStop || l.Plain is "so that" or "so" or "until" or "to have") is var so and > 0 && !_lexemes[so].IsStop)
        {
            if (ClauseOf(so).Any(l => l.Is("gripLead"))) BecomesSmall(so);
            else if (IndexAfter(so) is > 0 and var which && _lexemes[which].Is("side") && which + 1 < _lexemes.Count && _lexemes[which + 1].Is("handNoun") && Next(which + 1) is { Kind: "lead", Value: "lead" } or { Kind: "place", Plain: "front" or "forward" } && IndexAfter(which + 1) is var ahead && Alone(ahead))
            {
                BecomesSmall(so);
                _lexemes[which] = _lexemes[which] with { Kind = "gripLead" };
                for (var k = which + 1; k <= ahead; k++) BecomesSmall(k);
            }
        }
        // "Rear end comes up to the groin": that end of the staff strikes.
        if (_lexemes[i].Plain is "end" or "butt" or "tip" or "butt end" or "the butt end" or "tail end" or "the tail end" && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "comes" or "goes" or "swings" or "comes up" && _lexemes[i + 2].Plain.Split(' ')[0] is "up" or "to" && IsAboutAStaff)
        {
            BecomesTerm(i + 1, "technique", "staff-rising-strike");
            BecomesSmall(i + 2);
            if (i > 0 && _lexemes[i - 1].Plain is "rear" or "back" or "other" or "lower") BecomesSmall(i - 1);
        }
        // "Lower end to the groin".
        if (_lexemes[i].Plain is "end" or "butt" && Next(i) is { Kind: "level" } && IndexAfter(i) is var struck && struck == i + 1 && Alone(struck) && i > 0 && StartsClause(i - 1) && IsAboutAStaff)
        {
            BecomesTerm(i, "technique", "staff-rising-strike");
            if (_lexemes[i - 1].Plain is "lower" or "back" or "rear" or "other") BecomesSmall(i - 1);
        }
        // "The back end comes through": of the staff, no place in the hall.
        if (_lexemes[i].Plain == "end" && i > 0 && (_lexemes[i - 1] is { Kind: "way" or "place" or "lead", Plain: "back" or "front" or "rear" or "the back" or "the front" or "the rear" } || _lexemes[i - 1].Plain is "top" or "bottom") && IsAboutAStaff) BecomesSmall(i - 1);
        // "Swing the top end down for an overhead strike".
        // "Swing down on the head" with the staff: it strikes.
        if (_lexemes[i] is { Kind: "unread", Plain: "swing" or "swings" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "down" && _lexemes.Any(l => l.Is("weapon", "staff"))) BecomesTerm(i, "technique", "staff-overhead-strike");
        if (_lexemes[i] is { Kind: "unread", Plain: "swing" or "swings" } && ClauseOf(i).Any(l => l.Plain == "end") && ClauseOf(i).Any(l => l is { Kind: "technique", Term.IsWeapon: true })) BecomesSmall(i);
        // "Swing the butt end up": so it does where it is swung.
        if (_lexemes[i].Plain is "the butt end" or "the tail end" or "butt end" or "tail end" && i > 0 && _lexemes[i - 1].Plain is "swing" or "swings" or "bring" or "brings" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "up" && !ClauseOf(i).Any(l => l.Is("technique")) && IsAboutAStaff)
        {
            BecomesTerm(i, "technique", "staff-rising-strike");
            BecomesSmall(i - 1);
        }
        // "And do the knife hand": no knife.
        if (_lexemes[i] is { Kind: "weapon", Value: "knife" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "handNoun", Plain: "hand" })
        {
            BecomesTerm(i, "technique", "knife-hand-block");
            BecomesSmall(i + 1);
        }
        // "Bring the staff down on the head": it strikes.
        if (_lexemes[i].Is("weapon") && _lexemes[i].Value is "staff" or "sword" && Previous(i) is { Plain: "bring" or "brings" or "swing" or "swings" } fell && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "down" && !_lexemes.GetRange(i, EndOfClause(i) - i + 1).Any(l => l.Is("technique")))
        {
            BecomesSmall(_lexemes.IndexOf(fell));
            BecomesTerm(i, "technique", _lexemes[i].Value == "staff" ? "staff-overhead-strike" : "sword-downward-cut");
        }
        // "Step back and bring the jo up in front": held ready, where nothing else is done with it in that sentence.
        if (_lexemes[i].Is("weapon", "staff") && Previous(i) is { Plain: "bring" or "brings" or "raise" } brought && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "up" or "level" or "in front" or "across" && !Clauses(i).Any(l => l.Kind is "technique" or "stance") && Clauses(i).Any(l => l.Is("footNoun")))
        {
            BecomesSmall(_lexemes.IndexOf(brought));
            BecomesTerm(i, "technique", "staff-guard");
            if (_lexemes[i + 1].Is("way")) BecomesSmall(i + 1);
        }
        // "Left stick high, right stick low": what else would they do there.
        if (_lexemes[i] is { Kind: "weapon", Value: not ("staff" or "sword") } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("level") && Alone(i + 1) && StartsClause(i - 1)) _lexemes.Insert(i + 2, new Lexeme("technique", "strike", _lexemes[i + 1].Start + _lexemes[i + 1].Length, 0, "strike", TermOf("strike")));
        // "Reverse the bo, strike …": how the end that strikes comes there. "Holding the bo tip up": so it is held.
        if (_lexemes[i].Plain is "reverse" or "reverses" or "flip" or "turn over" && _lexemes[i].Kind is "unread" or "filler" && Next(i) is { Kind: "weapon" } && IndexAfter(i) is var reversed && (Alone(reversed) || _lexemes[reversed + 1].Plain is "and" or "over" or "around" or "round")) AsNote(i, reversed);
        if (_lexemes[i] is { Kind: "technique", Value: "grab", Plain: "holding" or "hold" } && Next(i) is { Kind: "weapon" } && Next(IndexAfter(i)) is { Kind: "tip" }) BecomesSmall(i);
        // "Both hands come to the sword.": to take hold of it.
        if (_lexemes[i].Is("handNoun") && IndexAfter(i) is var taken and > 0 && _lexemes[taken].Is("weapon") && Alone(taken) && taken - i >= 2 && _lexemes[i + 1].Plain is "come" or "comes" or "go" or "goes" or "move" && _lexemes.GetRange(i + 1, taken - i - 1).All(l => l.Is("filler")))
        {
            _weapons.Add(_lexemes[taken].Value);
            AsNote(SideIndex(i), taken);
        }
        // "Draw the sword and step forward, cutting across": the step goes with the draw.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && Next(i) is { Kind: "footwork", Value: "step" } && RestOfSentence(i).Any(l => l is { IsHandTechnique: true } && l.Plain.StartsWith("cutting", StringComparison.Ordinal)))
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "together", Value = "together" };
        // "Cutting from right to left": level.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-downward-cut" } level && level.Plain.StartsWith("cut", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("strikeFrom") && _lexemes[i + 1].Plain is "from right to left" or "from left to right") BecomesTerm(i, "technique", "sword-horizontal-cut");
        // "Swing it from the right to the left": so it strikes.
        if (_lexemes[i] is { Plain: "swing" or "swings", Kind: "unread" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "it" && ClauseOf(i).Any(l => l.Is("strikeFrom")) && !ClauseOf(i).Any(l => l.Is("technique"))) BecomesTerm(i, "technique", "strike");
        // "Sai held closed", "with the right sai closed": how they are held.
        if (_lexemes[i] is { Plain: "closed" or "open", Kind: "footwork" or "stance" or "technique" } && i > 0 && (_lexemes[i - 1].Is("weapon") || _lexemes[i - 1].Plain is "held" or "hold" or "holding" or "it" && _lexemes.Any(l => l.Is("weapon", "trident")))) AsNote(_lexemes[i - 1].Is("weapon") ? i : i - 1, i);
        // "Both sai cross in a low X block": no feet.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front" } && i > 0 && _lexemes[i - 1].Is("weapon") && ClauseOf(i).Any(l => l.IsHandTechnique)) BecomesSmall(i);
        // "Left spinning strike with the tonfa": the weapon spins.
        if (_lexemes[i] is { Kind: "footwork", Plain: "spinning" or "turning" or "rotating" } && i > 0 && (_lexemes[i - 1].Is("side") || _lexemes[i - 1].Plain is "a" or "the") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Value: "strike" or "block" } && _lexemes.Any(l => l.Is("weapon"))) BecomesSmall(i);
        // "Lower the jo", "swing the jo around the head and strike": how it comes there.
        if (_lexemes[i] is { Plain: "lower" or "lowers", Kind: "level" } && Next(i) is { Kind: "weapon" } || _lexemes[i] is { Plain: "swing" or "swings" or "bring" or "brings", Kind: "unread" } && Next(i) is { Kind: "weapon" } && ClauseOf(i).Any(l => l.IsHandTechnique)) AsNote(i, IndexAfter(i));
        // "Change the sabre to the left hand": who holds it.
        if (_lexemes[i].Plain is "change" or "changes" && i + 2 < _lexemes.Count && Next(i) is { Kind: "weapon" } && _lexemes[EndOfClause(i)] is { Kind: "handNoun" }) AsNote(i, EndOfClause(i));
        // "Roll the bo": the weapon rolls, nobody else.
        if (_lexemes[i] is { Kind: "footwork", Value: "roll" or "spin" } && Next(i) is { Kind: "weapon" }) AsNote(i, IndexAfter(i));
        if (_lexemes[i] is { Kind: "footwork", Value: "spin", Plain: "spin" } && Next(i) is { Kind: "side" } && IndexAfter(i) is var ofHand && Next(ofHand) is { Kind: "weapon" }) AsNote(i, IndexAfter(ofHand));
        // "One handed swing across": with the staff it strikes.
        if (_lexemes[i] is { Plain: "swing" or "swings", Kind: "unread" or "filler" or "footwork" } && (_lexemes[i].Kind != "footwork" || Next(i) is { Plain: "overhead" }) && !_lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop && l.Plain != "and").Any(l => l.Kind is "technique" or "footNoun" or "footwork") && WeaponInPlay() is { } swung && (i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "across" or "sideways" or "around" or "to" || WeaponInPlay() == "flail") || ClauseOf(i).Any(l => l.Is("weapon"))))
            BecomesTerm(i, "technique", swung switch { "staff" => "staff-horizontal-strike", "sword" => "sword-horizontal-cut", "flail" => "flail-strike", _ => "truncheon-strike" });
        // "Cut horizontally": which cut.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-downward-cut", Plain: "cut" or "cuts" or "cutting" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "horizontally" or "across" or "sideways")
        {
            BecomesTerm(i, "technique", "sword-horizontal-cut");
            BecomesSmall(i + 1);
        }
        // "Bring the back end up": of the staff, no foot and no place in the hall.
        if (_lexemes[i].Plain is "end" or "butt" or "tail end" or "butt end" && i > 1 && _lexemes[i - 1].Plain is "the back" or "back" or "the rear" or "rear" or "other" or "lower" && Previous(i - 1) is { Plain: "bring" or "brings" or "raise" or "lift" or "swing" } verb && IsAboutAStaff)
        {
            var told = RestOfSentence(i).Any(l => l.IsHandTechnique);
            if (told) BecomesSmall(i);
            else BecomesTerm(i, "technique", "staff-rising-strike");
            BecomesSmall(i - 1);
            BecomesSmall(_lexemes.IndexOf(verb));
        }
        // "Strike shomen": the second word says which.
        if (_lexemes[i] is { Kind: "technique", Plain: "strike" or "strikes" or "cut" or "cuts" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "shomen" or "yokomen" or "men" or "kote" or "do" })
            BecomesSmall(i);
        // "The left palm cuts along the leg": its edge does, no blade.
        if (_lexemes[i] is { Kind: "technique", Plain: "cut" or "cuts" } && Previous(i) is { Kind: "handNoun" } or { Plain: "palm" or "palms" } && !_lexemes.Any(l => l.Is("weapon")) && _form.Weapon is null)
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "knife-hand-strike");
        }
        // "Let's go": nobody lets go of anything.
        if (_lexemes[i] is { Kind: "technique", Plain: "lets go" } && _text.AsSpan(_lexemes[i].Start, _lexemes[i].Length).IndexOfAny('\'', '’') >= 0)
            BecomesSmall(i);
        // A name that ends like a word of movement.
        if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i > 0 && _lexemes[i - 1].Is("unread")) _lexemes[i] = _lexemes[i] with { Kind = "unread", Term = null };
        // "Gun form": one word for a roll and for the staff.
        if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "form" or "shu" or "fa" or "set")
            _lexemes[i] = _lexemes[i] with { Kind = "weapon", Value = "staff", Term = null };
    }

    /// <summary>"Strike with the right stick": of two weapons each stands for the hand that holds it.</summary>
    private void RetellTheHandThatHolds(int i)
    {
        if (_lexemes[i] is not { Kind: "weapon", Value: not ("staff" or "sword") } held || !_lexemes[i - 1].Is("side")) return;
        _weapons.Add(held.Value);
        _named.Add(held.Value);
        _lexemes[i] = held with { Kind = "handNoun", Value = "hand" };
    }

    /// <summary>Whether a staff is spoken of anywhere, or was carried before.</summary>
    private bool IsAboutAStaff => SpeaksOf("staff") || _lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff";

    /// <summary>The weapon that swings here, if it is one that strikes so.</summary>
    private string? WeaponInPlay()
    {
        var weapon = _lexemes.FirstOrDefault(l => l.Is("weapon"))?.Value ?? CarriedBefore() ?? (SpeaksOf("staff") ? "staff" : null);
        return weapon is "staff" or "sword" or "truncheon" or "flail" ? weapon : null;
    }
}
