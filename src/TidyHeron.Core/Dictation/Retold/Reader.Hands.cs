using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words taken for what a hand does, or for what it does it to, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>Words taken for what a hand does, or for what it does it to.</summary>
    private void RetellHands(int i)
    {
        // "Block low, then hold, and hammer fist": a pause.
        if (_lexemes[i] is { Kind: "technique", Plain: "hold" } && i > 0 && i + 2 < _lexemes.Count && _lexemes[i - 1].Is("then") && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Plain is "and" or "then" or "and then") _lexemes[i] = _lexemes[i] with { Kind = "tempo", Value = "held", Term = null };
        // "Left fist on the left hip", "left hand at your left hip": as "on the hip".
        if (_lexemes[i].Is("handNoun", "hand") && Previous(i) is { Kind: "side" } ours && IndexAfter(i) is var hip and > 0 && _lexemes[hip].Is("side", ours.Value) && Follows(hip, "on", "at", "to", "by") && hip + 1 < _lexemes.Count && _lexemes[hip + 1].Plain is "hip" or "waist")
        {
            _lexemes[i] = new Lexeme("technique", "chamber", _lexemes[i].Start, _lexemes[hip + 1].Start + _lexemes[hip + 1].Length - _lexemes[i].Start, "at the hip", TermOf("chamber"));
            _lexemes.RemoveRange(i + 1, hip + 1 - i);
        }
        // "Pull back the left hand", "pull back left": which hand that is.
        if (_lexemes[i] is { Kind: "technique", Value: "pull", Plain: "pull" or "pulls" or "pulling" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && Next(i + 1) is { Kind: "side" } && IndexAfter(i + 1) is var pulled && (pulled + 1 < _lexemes.Count && _lexemes[pulled + 1].Is("handNoun") || Alone(pulled) && pulled == i + 2 && !Clauses(i).Any(l => l.Is("footNoun"))))
            BecomesSmall(i + 1);
        // "Draw the left hand back to the hip": no sword.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw", Plain: "draw" or "draws" or "drawing" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "handNoun" } && ClauseOf(i).Any(l => l.Is("technique", "chamber")) && !SpeaksOf("sword")) BecomesSmall(i);
        // "Pull the left hand back, and punch with it": that hand.
        if (_lexemes[i] is { IsHandTechnique: true } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes[i + 2].Plain == "it" && Alone(i + 2) && _lexemes.FindLastIndex(i, l => l.EndsSentence || l.Is("handNoun")) is > 0 and var named && _lexemes[named].Is("handNoun") && _lexemes[named - 1].Is("side"))
            _lexemes.Insert(i + 3, _lexemes[named - 1] with { Start = _lexemes[i + 2].Start + _lexemes[i + 2].Length, Length = 0 });
        // "Strike to the elbow with the right stick": where it lands.
        if (_lexemes[i] is { Kind: "technique", Value: "elbow-strike", Plain: "elbow" } && i > 1 && _lexemes[i - 1].Plain is "the" or "his" or "their" && _lexemes[i - 2].Plain is "to" or "at" or "on" && ClauseOf(i).Any(l => l.IsHandTechnique && l != _lexemes[i])) _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "middle", Plain = "to the elbow", Term = null };
        // "Grab the stick and twist it away": nobody turns.
        if (_lexemes[i] is { Kind: "footwork", Plain: "twist" or "twists" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "it" && ClauseOf(i).Any(l => l.Plain is "away" or "out" or "free" or "off")) AsNote(i, EndOfClause(i));
        // "Come down in left bow, right fist.": what else would it do.
        if (_lexemes[i] is { Kind: "handNoun", Plain: "fist" } && i > 1 && _lexemes[i - 1].Is("side") && _lexemes[i - 2].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && Clauses(i).Any(l => l.Is("stance") || IsStoodIn(_lexemes.IndexOf(l))) && !Clauses(i).Any(l => l.IsHandTechnique)) Guess(i, "punch", "Read as a punch.", "guard");
        // "Block back to the right": where it goes, no step.
        if (_lexemes[i].IsHandTechnique && StartsClause(i) && i + 4 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && _lexemes[i + 2].Plain == "to" && Next(i + 2) is { Kind: "side" } && IndexAfter(i + 2) is var wayBack && Alone(wayBack)) AsNote(i + 1, wayBack);
        // "Turn the wrist", "open, turn, pull back": the hand turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn", Plain: "turn" or "turns" or "rotate" or "twist" } && i + 2 < _lexemes.Count && (_lexemes[i + 1].Plain is "the" or "your" or "my" && _lexemes[i + 2] is { Kind: "handNoun" } or { Plain: "palm" or "palms" } && Alone(i + 2)
            || Alone(i) && i > 2 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].Plain == "open" && _lexemes[i - 3].IsStop)) AsNote(i, EndOfClause(i));
        // "Land forward right, two fists punch": the foot's side.
        if (_lexemes[i].Is("side") && Alone(i) && i > 0 && _lexemes[i - 1].Is("landing") && i + 2 < _lexemes.Count && _lexemes[i + 2] is { IsHandTechnique: true, Term.Limb: "both" }) BecomesSmall(i);
        // "Snap the hand back, hammer": on the way to what it does.
        if (_lexemes[i] is { Kind: "handNoun", Plain: "hand" or "fist" or "arm" } && i > 1 && _lexemes[i - 1].Plain is "the" or "your" or "my" or "that" && _lexemes[i - 2].Plain is "snap" or "pull" or "bring" or "draw" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && Alone(i + 1) && RestOfSentence(i + 1).Any(l => l.IsHandTechnique)) AsNote(i - 2, i + 1);
        // "The left palm covers the elbow".
        if (_lexemes[i] is { Kind: "technique", Value: "elbow-strike", Plain: "elbow" } && Alone(i) && Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => !(l.Is("filler") || l.Is("side"))) is { Value: "cover" or "support" }) BecomesSmall(i);
        RetellWhoseHand(i);
        RetellHowHighAndWhich(i);
        RetellHandsThatStay(i);
        // "Pull back to the left hip": what is pulled goes there.
        if (_lexemes[i].Plain is "hip" or "shoulder" or "waist" && i > 1 && _lexemes[i - 1].Is("side") && Follows(i - 1, "to") && Backward(i - 1).TakeWhile(l => !l.IsStop).SkipWhile(l => l.Kind is "filler" or "way").FirstOrDefault() is { Kind: "technique", Value: "pull" }) AsNote(i - 1, i);
        // "Low block, pulling the left fist to the hip": what that hand does meanwhile.
        if (_lexemes[i] is { Kind: "technique", Plain: "pulling" } && IndexAfter(i) is var pulls and >= 0 && _lexemes[pulls].Is("side") && Next(pulls) is { Kind: "technique", Value: "chamber" }) BecomesSmall(i);
        // "Double block, left arm low, right arm up": how high each of them is.
        if (_lexemes[i] is { Kind: "filler", Plain: "up" or "down" } where && Alone(i) && Previous(i) is { Kind: "handNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } && Backward(i).TakeWhile(l => !l.EndsSentence) is var twofold && twofold.Any(l => l.Is("handNoun", "both")) && twofold.Any(l => l.IsHandTechnique))
            _lexemes[i] = where with { Kind = "level", Value = where.Plain == "up" ? "high" : "low" };
        // "A right elbow in right front stance": it strikes, in that stance.
        if (_lexemes[i] is { Kind: "detail", Plain: "elbow in" } && i > 0 && _lexemes[i - 1].Is("side") && Next(i) is { Kind: "stance" } or { Kind: "side" }) BecomesTerm(i, "technique", "elbow-strike");
        // "The right foot circles behind you": no hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "circles" or "circle" } && i > 0 && _lexemes[i - 1].Is("footNoun")) BecomesSmall(i);
        // "The right leg kicks front snap": which kick.
        if (_lexemes[i] is { IsKick: true, Plain: "kick" or "kicks" or "leg kicks" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "front" && _lexemes[i + 2].Plain == "snap")
        {
            BecomesTerm(i, "technique", "front-kick");
            _lexemes[i] = _lexemes[i] with { Plain = "front snap kick" };
            BecomesSmall(i + 1);
        }
        // "A right angle punch": no quarter turn.
        if (_lexemes[i] is { Kind: "amount" or "degrees", Plain: "right angle" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "punch" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "side", Value = "right", Plain = "right" };
            BecomesTerm(i + 1, "technique", "hook-punch");
        }
        // "Right punch. Pull the left hand back to the hip.": in a sentence of its own, but meanwhile.
        if (OnlyPullsBack(i, out var pullsFrom))
        {
            _lexemes[pullsFrom - 1] = _lexemes[pullsFrom - 1] with { Value = "," };
            if (_lexemes[pullsFrom].Is("technique") && pullsFrom != i) BecomesSmall(pullsFrom);
        }
        // "Right punch, chambering the left": what that hand does meanwhile.
        if (_lexemes[i] is { Kind: "set", Plain: "chambering" } && IndexAfter(i) is var chambered and >= 0 && _lexemes[chambered].Is("side") && (Alone(chambered) || Next(chambered) is { Kind: "handNoun" } && Alone(IndexAfter(chambered))))
        {
            BecomesTerm(i, "technique", "chamber");
            (_lexemes[i], _lexemes[chambered]) = (_lexemes[chambered], _lexemes[i]);
        }
        // "Open them out to the sides.": with what the hands hold, and nothing we have a name for.
        if (_lexemes[i].Plain is "open" or "opens" && StartsSentence(i) && EndOfSentence(i) is var opened && opened - i >= 2 && _lexemes.GetRange(i, opened - i + 1).All(l => l.Is("filler")) && _lexemes[i + 1].Plain is "them" or "it" or "both" or "the") AsNote(i, opened);
        // "The left palm chops": the hand that does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { IsHandTechnique: true, Plain: "chops" or "chop" or "slices" or "cuts" }) _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand", Term = null };
        // "You're hitting the ribs here.": what the technique just told is for.
        if (_lexemes[i] is { Kind: "technique", Value: "strike" } && StartsSentence(IndexBefore(i) is var who and >= 0 ? who : i) && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "youre" or "were" or "you are" or "we are") && ClauseOf(i).All(l => l.Kind is "filler" or "technique" or "level" or "detail" or "unread" or "note")) AsNote(FirstOfClause(i), EndOfClause(i));
        // "Check your feet": no hand does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "check" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "your" or "the" or "my" && (_lexemes[i + 2].Is("footNoun") || _lexemes[i + 2].Plain is "stance" or "posture" or "balance" or "height" or "guard" or "knee" or "weight")) AsNote(i, EndOfClause(i));
        // "The back fist goes out to the right": the hand, and where.
        if (_lexemes[i] is { Kind: "footwork", Value: "step" } && i > 0 && _lexemes[i - 1].IsHandTechnique && _lexemes[i].Plain.Split(' ')[0] is "goes" or "comes" or "moves" && EndOfClause(i) is var thither && _lexemes.GetRange(i, thither - i + 1).All(l => l.Kind is "footwork" or "filler" or "side" or "way" or "place")) AsNote(i, thither);
        // "Pull the palms back to the waist": the hands, which strike nothing.
        if (_lexemes[i] is { Kind: "technique", Plain: "palms" or "both palms" } && i > 0 && (_lexemes[i - 1].Plain is "the" or "your" or "my" or "both" ? i > 1 && _lexemes[i - 2] is { Value: "pull" } : _lexemes[i - 1] is { Value: "pull" }))
            _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "both", Term = null };
        // "Double block, then inside, then punch": the block of that name that was told before.
        if (_lexemes[i].Plain is "inside" or "outside" && _lexemes[i].Kind is "order" or "filler" && Alone(i) && Previous(i) is { Kind: "then" } && Backward(i).Any(l => l.IsHandTechnique && l.Plain.StartsWith(_lexemes[i].Plain, StringComparison.Ordinal))) BecomesTerm(i, "technique", Backward(i).First(l => l.IsHandTechnique && l.Plain.StartsWith(_lexemes[i].Plain, StringComparison.Ordinal)).Value);
        // "Right inward block … left inward, right outward": the blocks of those names, where they were named before.
        if (_lexemes[i] is { Kind: "detail" or "filler" or "order", Plain: "inward" or "outward" or "upward" or "downward" } && Alone(i) && i > 0 && _lexemes[i - 1].Is("side") && StartsClause(i - 1) && Backward(i).FirstOrDefault(l => l.IsHandTechnique && l.Plain == _lexemes[i].Plain + " block") is { } meant) BecomesTerm(i, "technique", meant.Value);
        // "Left arm inside, right arm down": a block of two hands, told hand by hand.
        if (SaysWhereAHandBlocks(i) && HandsThatBlock(i) is { Count: > 1 } blockers) foreach (var at in blockers) BecomesTerm(at, "technique", _lexemes[at].Plain switch { "inside" => "inside-block", "outside" => "outside-block", _ => "low-block" });
        // "Punch punch right left": which hand does which.
        if (_lexemes[i].IsHandTechnique && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("technique", _lexemes[i].Value) && _lexemes[i + 2].Is("side") && _lexemes[i + 3].Is("side", _lexemes[i + 2].Side.Other.Word) && Next(i + 3) is not { Kind: "technique" or "stance" or "footNoun" or "handNoun" })
            (_lexemes[i + 1], _lexemes[i + 2]) = (_lexemes[i + 2], _lexemes[i + 1]);
        // "Gedan with the left": a height alone with a hand is a block, where the text names it so.
        if (_lexemes[i] is { Kind: "level", Plain: "gedan" } && StartsClause(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && EndOfClause(i) is var blocking && _lexemes.GetRange(i + 1, blocking - i).All(l => l.Kind is "filler" or "side" or "handNoun") && Next(i) is { Kind: "side" }) BecomesTerm(i, "technique", "low-block");
        // "The last punch has a kiai.": which of those just told.
        if (_lexemes[i].Is("technique") && i > 0 && _lexemes[i - 1] is { Kind: "ordinal" or "passage", Value: "last" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "has" or "gets" or "is with" && Next(i) is { Kind: "shout" })
        {
            BecomesSmall(i - 1);
            BecomesSmall(i);
        }
        // "And one more left punch, stepping": what is told then, no order to do the last one again.
        if (_lexemes[i] is { Kind: "times", Plain: "one more" } && OnlySmallWordsBefore(i) && Next(i) is { Kind: "side" } && RestOfSentence(i).Any(l => l.Is("footwork"))) BecomesSmall(i);
        // "Left palm push, then right palm push, then both palms": the same once more.
        if (_lexemes[i] is { Kind: "handNoun", Value: "both" } both && Alone(i) && i > 0 && _lexemes[i - 1].Is("then") && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Is("technique")) is { IsHandTechnique: true } goesOn)
            _lexemes.Insert(i + 1, goesOn with { Start = both.Start + both.Length, Length = 0 });
        // "Slowly draw the left hand back": no blade.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw", Plain: "draw" or "draws" or "drawing" } && Next(i) is { Kind: "side" } && IndexAfter(i) is var drawn && (Next(drawn) is { Kind: "handNoun" } && ClauseOf(i).Any(l => l.Is("way", "back")) || Alone(drawn)) && !_lexemes.Any(l => l.Is("weapon")) && CarriedBefore() is null) BecomesTerm(i, "technique", "pull");
        // "Drawing both fists to the waist": no blade.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-draw" } && Next(i) is { Kind: "handNoun" } && RestOfSentence(i).FirstOrDefault(l => l.Is("technique")) is { Value: "chamber" }) BecomesSmall(i);
        // "Push off and go into front stance".
        if (_lexemes[i] is { Kind: "technique", Plain: "push" or "pushes" or "pushing" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "off") BecomesSmall(i);
        // "Both blades crossed, upper block", "sticks closed": how the weapons are held.
        if (_lexemes[i] is { Kind: "footwork", Plain: "crossed" or "closed" } && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot") && (ClauseOf(i).Any(l => l.Kind is "weapon" or "technique") || i > 0 && _lexemes[i - 1].Is("stop", ",") && Alone(i) && RestOfSentence(i).Any(l => l.Is("technique")))
            && _lexemes.Any(l => l.Is("weapon"))) AsNote(i, i);
        // "Punch with the left hand, then the right.": the other one does the same.
        if (_lexemes[i].Is("side") && Alone(i) && Backward(i).FirstOrDefault(l => !l.Is("filler")) is { Kind: "then" } && Backward(i).SkipWhile(l => !l.Is("then")).Skip(1).FirstOrDefault() is { IsStop: true, EndsSentence: false } && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var punched
            && punched.FirstOrDefault(l => l.Kind is "technique" or "stance" or "footwork") is { IsHandTechnique: true } once && punched.TakeWhile(l => l != once).Any(l => l.Is("side", _lexemes[i].Side.Other.Word)) && punched.TakeWhile(l => l != once).Any(l => l.Is("handNoun")))
            _lexemes.Insert(i + 1, once with { Start = _lexemes[i].Start + _lexemes[i].Length, Length = 0 });
        // "Push the weight forward": nothing is struck.
        if (_lexemes[i] is { Kind: "technique", Plain: "push" or "pushing" or "pushes" } && EndOfClause(i) is var pushed && _lexemes.GetRange(i + 1, Math.Max(0, pushed - i)).FirstOrDefault(l => !l.Is("filler")) is { } load && load.Plain.StartsWith("weight", StringComparison.Ordinal)) BecomesTerm(i, "footwork", "shift");
        // "Hammer fist down on your open palm": what it falls on.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Backward(i).TakeWhile(l => l.Is("filler")).Select(l => l.Plain).ToList() is { Count: > 0 } onto && onto.Contains("on") && onto.All(w => w is "on" or "the" or "your" or "my" or "open" or "down" or "onto")) AsNote(i - onto.Count, i);
        // "The left arm supported by the right fist": that one supports.
        if (_lexemes[i] is { Kind: "technique", Plain: "supported" } && i > 1 && _lexemes[i - 1].Is("handNoun") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "by" && IndexAfter(i) is var by and >= 0 && _lexemes[by].Is("side"))
        {
            if (!Follows(SideIndex(i - 1), "with"))
            {
                BecomesSmall(i - 1);
                if (_lexemes[i - 2].Is("side")) BecomesSmall(i - 2);
            }
            (_lexemes[i + 1], _lexemes[i]) = (_lexemes[i], _lexemes[i + 1]);
            var noun = Next(by) is { Kind: "handNoun" } ? IndexAfter(by) : by;
            var supports = _lexemes[i + 1];
            _lexemes.RemoveAt(i + 1);
            _lexemes.Insert(noun, supports);
        }
        // "An outside block, so palm toward you": how the hand is turned.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" or "palms" } && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "facing" } && _lexemes[i + 2].Plain is "you" or "me" or "yourself" && Alone(i + 2)) AsNote(i, i + 2);
        // "The left hand hooks behind", "both hands in hook": a hand that hooks, where nobody boxes.
        if (_lexemes[i] is { Kind: "technique", Value: "hook-punch", Plain: "hook" or "hooks" } && (_lexemes[i].Plain == "hooks" || Previous(i) is { Kind: "handNoun" or "relHand" } || Next(i) is { Kind: "handNoun" } || Follows(i, "a", "into", "in")) && !_lexemes.Any(l => l.Value is "jab" or "uppercut"))
            BecomesTerm(i, "technique", Follows(i, "a", "into", "in") || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "behind" ? "crane-beak" : "hooking-block");
        // "Right left double punch", "double punch, right left": in which order, which is as they come.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 1].Value != _lexemes[i].Value
            && (i + 2 < _lexemes.Count && _lexemes[i + 2].Value == "double-punch" || i > 0 && _lexemes[i - 1].Value == "double-punch" || i > 1 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].Value == "double-punch" && Alone(i + 1)))
            AsNote(i, i + 1);
        // "The left arm blocks down".
        if (_lexemes[i] is { Kind: "filler", Plain: "down" } && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "block" }) _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low" };
        // "Rising block left. Right rising, left rising": said short.
        if (_lexemes[i] is { Kind: "footwork", Plain: "rising" } && i > 0 && _lexemes[i - 1].Is("side") && (Alone(i) || _lexemes[i + 1].Is("shout")) && (_lexemes.Any(l => l.Is("technique", "rising-block")) || i > 2 && _lexemes[i - 2].Is("stop", ",") && _lexemes[i - 3].Is("stance")))
            BecomesTerm(i, "technique", "rising-block");
        // "Gyaku uchi uke": the block of that name with the rear hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "gyaku uchi" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "uke" })
        {
            BecomesTerm(i, "technique", "inside-block");
            BecomesSmall(i + 1);
        }
        // "Bending the front knee": how the stance is stood in.
        if (_lexemes[i] is { Kind: "unread" or "filler", Plain: "bend" or "bends" or "bending" or "bent" } && EndOfClause(i) is var bent && _lexemes.GetRange(i, bent - i + 1).FindIndex(l => l.IsKick && l.Plain.Split(' ')[^1] is "knee" or "knees") is var joint and > 0 && !_lexemes.GetRange(i, joint).Any(l => l.Kind is "technique" or "stance" or "footwork"))
            AsNote(i, i + joint);
        // "Hooking block with the right palm": the hand that does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var doing && Follows(doing, "with") && Previous(doing) is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand", Term = null };
        // "Knife hand high block": one block, at that height.
        if (_lexemes[i] is { Kind: "technique", Plain: "high block" or "low block" } tall && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "knife-hand-block" or "palm-heel-block" } && !_lexemes[i - 1].Plain.EndsWith("block", StringComparison.Ordinal))
        {
            _lexemes[i] = tall with { Kind = "level", Value = tall.Plain.Split(' ')[0], Term = null };
            _lexemes[i - 1] = _lexemes[i - 1] with { Plain = _lexemes[i - 1].Plain + " block" };
        }
        // "The left arm comes up into a high block": that arm does it.
        if (_lexemes[i] is { Kind: "detail" } rising && rising.Plain.EndsWith(" comes up", StringComparison.Ordinal) && NamedSide(rising) is { } risen && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "to" or "in" && NextPastLevels(i) is { IsHandTechnique: true })
        {
            _lexemes[i] = new Lexeme("side", risen.Word, rising.Start, risen.Word.Length, risen.Word);
            _lexemes.Insert(i + 1, new Lexeme("handNoun", "hand", rising.Start + risen.Word.Length + 1, rising.Length - risen.Word.Length - 1, rising.Plain[(risen.Word.Length + 1)..]));
        }
        // "Sweep the left arm across": no foot does.
        if (_lexemes[i] is { Kind: "technique", Value: "foot-sweep", Plain: "sweep" or "sweeps" or "sweeping" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "handNoun" })
            BecomesTerm(i, "technique", "sweeping-block");
        // "Double knife hand guard": one thing.
        if (_lexemes[i] is { Kind: "technique", Plain: "guard" } && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "knife-hand-block" }) BecomesSmall(i);
        // "Salute, right fist against left palm": how the hands lie.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var lies && lies > 2 && (_lexemes[lies - 1].Plain is "against" or "in" or "on" or "to" || Follows(lies, "against", "into", "to")) && Backward(lies).TakeWhile(l => !l.IsStop).LastOrDefault() is { Kind: "side" } lying && Next(_lexemes.IndexOf(lying)) is { Kind: "handNoun" } && Clauses(i).Any(l => l.Is("footwork", "bow")))
            AsNote(_lexemes.IndexOf(lying), i);
        // "Right elbow into the left palm": what it strikes.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Follows(i, "to", "into", "against") && Previous(i) is { Kind: "technique", Term.Family: "elbow" })
            AsNote(i, i);
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var kicked && Follows(kicked, "to") && Previous(kicked) is { IsKick: true })
            AsNote(kicked, i);
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" or "hand" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var struck && (Follows(struck, "into", "against") || Previous(struck) is { Plain: "elbow strikes" or "strikes" or "hits" or "elbow hits" or "elbow strike" } verb && _lexemes[struck - 1].Plain is "the" or "your" or "my" or "elbow strikes" or "strikes" or "hits") && Previous(struck) is { Kind: "technique" })
            AsNote(struck, i);
        // "Left low block against the kick": the partner's.
        if (_lexemes[i].Plain == "against" && i > 0 && Previous(i) is { IsHandTechnique: true } && Enumerable.Range(i + 1, Math.Min(2, _lexemes.Count - i - 1)).FirstOrDefault(k => _lexemes[k].Is("technique"), -1) is var theirs and > 0)
            AsNote(i, theirs);
        // "Right back stance, outer forearm.": the block of that name, said short.
        if (_lexemes[i] is { Kind: "handNoun", Plain: "outer forearm" or "inner forearm" } && Alone(i) && Previous(i) is null or { Kind: "side" or "level" } && !Clauses(i).Any(l => l.IsHandTechnique))
            BecomesTerm(i, "technique", _lexemes[i].Plain == "outer forearm" ? "outside-block" : "inside-block");
        // "Strike the knee": what is struck.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" or "knees" } && i > 1 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2] is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
        // "Hit the head": how high.
        if (_lexemes[i] is { Kind: "unread", Plain: "head" } && i > 1 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2] is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "high", Term = null };
        // "Strike to the right knee": what is struck, and which.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var ofWhich && Follows(ofWhich, "to", "at") && Previous(ofWhich) is { IsHandTechnique: true } && Alone(i))
        {
            AsNote(ofWhich, ofWhich);
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
        }
        // "Right tiger claw rises to the face": the hand does.
        if (_lexemes[i] is { Kind: "footwork", Value: "rise", Plain: "rises" or "rise" } && i > 0 && _lexemes[i - 1].IsHandTechnique)
            BecomesSmall(i);
        // "Right inside and left low" among blocks: told by where they go.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "inside" or "outside" && _lexemes[i + 1].Kind is "filler" or "unread" or "order" or "detail" or "way" && (Alone(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "and"))
        {
            var first = StartOfSentence(i);
            var block = TermOf(_lexemes[i + 1].Plain == "inside" ? "inside-block" : "outside-block");
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "technique", Value = block.Id.Value, Term = block };
            for (var k = first; k <= EndOfSentence(i); k++)
            {
                if (k > 0 && _lexemes[k] is { Kind: "level", Value: "low", Plain: "low" } && _lexemes[k - 1].Is("side") && (Alone(k) || _lexemes[k + 1].Plain == "and")) BecomesTerm(k, "technique", "low-block");
                if (_lexemes[k].Plain is "cross blocks" or "double blocks" or "double block") BecomesSmall(k);
            }
        }
        // "Twisted high block": how it is done.
        if (_lexemes[i] is { Kind: "footwork", Plain: "twisted" or "twist" or "twisting" } && i + 1 < _lexemes.Count && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].IsHandTechnique || _lexemes[i - 1].Is("handNoun") || _lexemes[i - 1].Is("side")) && (_lexemes[i + 1].IsHandTechnique || _lexemes[i + 1].Is("level")))
            BecomesSmall(i);
        // "Turn to the right, gedan.", "L zenkutsu dachi gedan L": the block of that height, said short.
        if (_lexemes[i] is { Kind: "level", Plain: "gedan" } && (Alone(i) || _lexemes[i + 1].Is("facing") || _lexemes[i + 1].Is("side") && (Alone(i + 1) || _lexemes[i + 2].Is("facing"))) && Previous(i) is null or { Kind: "stance" or "side" or "degrees" or "handNoun" } && ClauseOf(i).All(l => l.Kind is not ("technique" or "unread")) && (i > 0 && _lexemes[i - 1].IsStop || Previous(i) is not null) && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "amount" or "stance"))
            Guess(i, "low-block", "Read as the low block.", "low punch");
        // "Open the hand and bring it up into a high block": the hand goes, no foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "bringing" or "take" or "takes" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "it" && !ClauseOf(i).Any(l => l.Is("footNoun")) && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance") is { IsHandTechnique: true } && _lexemes.Take(i).LastOrDefault(l => l.Kind is "handNoun" or "footNoun" or "technique") is { Kind: "handNoun" or "technique" })
            BecomesSmall(i);
        // "Reverse punch right in front stance": the hand's side, not the stance's.
        if (_lexemes[i].Is("side") && i > 0 && _lexemes[i - 1].IsHandTechnique && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "in" && Next(i) is { Kind: "stance" } && !(i > 1 && _lexemes[i - 2].Kind is "side" or "handNoun"))
            (_lexemes[i - 1], _lexemes[i]) = (_lexemes[i], _lexemes[i - 1]);
        // "Press the right palm down": the hand that does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var pressing && Previous(pressing) is { Value: "pressing-block" or "push", IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand", Term = null };
        // "Right punch over the block": over what was done before.
        if (_lexemes[i] is { Kind: "technique", Plain: "block" or "arm" } && i > 2 && _lexemes[i - 1].Plain is "the" or "your" or "my" or "that" && _lexemes[i - 2] is { Kind: "order" } && _lexemes[i - 3].IsHandTechnique) AsNote(i - 2, i);
        // "The forearms cross in front and push out": the arms.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front" } && i > 0 && _lexemes[i - 1].Plain.Split(' ')[^1] is "forearms" or "wrists" or "arms" && _lexemes[i - 1].Kind is "detail" or "filler" or "handNoun") BecomesTerm(i, "technique", "arms-crossed");
        // "Bring the elbow down on the head", "drop the right hammer fist": the hand.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "drop" or "drops" or "lower" } && Next(i) is { } brought && (brought is { IsHandTechnique: true } || brought.Is("side") && Next(IndexAfter(i)) is { IsHandTechnique: true }) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "the" or "your" or "that" or "my") BecomesSmall(i);
        if (IsAStraight(i)) BecomesTerm(i, "technique", "punch");
        // "Jab left, cross right": the other punch of the two.
        if (_lexemes[i] is { Kind: "footwork", Plain: "cross" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { Kind: "side" } crossing && Alone(IndexAfter(i)) && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Is("technique")) is { Value: "jab" or "hook-punch" } && ClauseOf(i - 1).Any(l => l.Is("side", crossing.Side.Other.Word))) BecomesTerm(i, "technique", "reverse-punch");
        // "Pyeonsonkeut sewo jjireugi": the fingertips thrust, no sword.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-thrust", Plain: "jjireugi" } && Backward(i).FirstOrDefault(l => l.Kind is not ("filler" or "detail" or "unread")) is { Value: "spear-hand" }) BecomesSmall(i);
        if (_lexemes[i] is { Kind: "technique", Value: "punch", Plain: "jireugi" or "jirugi" } && i > 0 && _lexemes[i - 1] is { Value: "spear-hand", Term: not null } && _lexemes[i - 1].Plain.StartsWith("pyeon", StringComparison.Ordinal)) BecomesSmall(i);
        // "Pyeonsonkeut oreun son": the right hand.
        if (_lexemes[i] is { Kind: "unread", Plain: "son" } && i > 0 && _lexemes[i - 1] is { Kind: "side", Plain: "oreun" or "oen" or "wen" }) _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand" };
        // "The left palm pierces along the leg": a spear hand.
        if (_lexemes[i].Plain is "pierces" or "pierce" or "threads" && Previous(i) is { Kind: "handNoun" } or { Kind: "technique", Plain: "palm" })
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "spear-hand");
        }
        // "Right palm up over the head": where it is held.
        if (_lexemes[i] is { Kind: "detail", Plain: "palm up" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("level") && Alone(i + 1) && !ClauseOf(i).Any(l => l.Is("technique")))
            AsNote(i - 1, i + 1);
        // "And the kick. Right kick, …": announced.
        if (_lexemes[i] is { Kind: "technique", Plain: "kick" or "punch" or "block" or "strike" or "kicks" or "punches" or "blocks" } && Alone(i) && i > 0 && _lexemes[i - 1].Plain == "the" && EndOfSentence(i) == i && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "then" || l.IsStop) && _lexemes.Skip(i + 1).SkipWhile(l => l.IsStop).Take(2).ToList() is [{ Kind: "side" }, { Kind: "technique" } told] && told.IsKick == _lexemes[i].IsKick)
            BecomesSmall(i);
        // "High block, left, go!": so is one told after a comma.
        if (_lexemes[i].IsHandTechnique && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && _lexemes[i + 3].IsStop && StartsSentence(i) && !RestOfSentence(i + 2).Any(l => l.Kind is "side" or "technique" or "stance" or "footwork"))
        {
            var side = _lexemes[i + 2];
            _lexemes.RemoveAt(i + 2);
            _lexemes.Insert(i, side);
        }
        // "Step right, circular block, right arm.": so is one with its noun, at the end of a sentence.
        if (_lexemes[i].IsHandTechnique && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && _lexemes[i + 3].Is("handNoun", "hand") && (i + 4 >= _lexemes.Count || _lexemes[i + 4].EndsSentence) && !ClauseOf(i).Any(l => l.Kind is "side" or "handNoun") && _lexemes[i].Term?.Limb != "both")
        {
            var hand = _lexemes.GetRange(i + 2, 2);
            _lexemes.RemoveRange(i + 2, 2);
            _lexemes.InsertRange(i, hand);
            i += 2;
        }
        // "Lunge punch R.": the hand told after what it does.
        if (_lexemes[i].IsHandTechnique && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && (Alone(i + 1) || Next(i + 1) is { Kind: "shout" } && Alone(IndexAfter(i + 1))) && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].Kind is "number" or "stance") && !(i + 3 < _lexemes.Count && _lexemes[i + 3].Is("side") && _lexemes[i + 2].Is("stop", ",")))
            (_lexemes[i], _lexemes[i + 1]) = (_lexemes[i + 1], _lexemes[i]);
        // "Left back stance, left knife.": the hand of that name.
        if (_lexemes[i] is { Kind: "unread" or "weapon", Plain: "knife" } && Alone(i) && i > 0 && _lexemes[i - 1].Is("side") && Clauses(i).Any(l => l.Is("stance")))
            Guess(i, "knife-hand-block", "Read as the knife-hand block.", "knife-hand strike");
        // "Front kick, down into front stance, gyaku.": the punch of the other hand.
        if (_lexemes[i] is { Kind: "unread", Plain: "gyaku" } && Alone(i) && Previous(i) is null or { Kind: "side" } && !Clauses(i).Any(l => l.IsHandTechnique))
            BecomesTerm(i, "technique", "reverse-punch");
    }

    /// <summary>"Jab left, straight right", "then a straight left", "finish with a right straight": the punch, with a side and nothing else in its clause.</summary>
    private bool IsAStraight(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "straight" } || i == 0 || ClauseOf(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance")) return false;
        if (Alone(i)) return _lexemes[i - 1].Is("side") && (Follows(i - 1, "a", "the", "with", "your") || StartsClause(i - 1));
        return _lexemes[i + 1].Is("side") && Alone(i + 1) && (_lexemes[i - 1].Plain is "a" || (StartsClause(i) || _lexemes[i - 1].Is("then")) && SpeaksOfBoxing());
    }

    private bool SaysWhereAHandBlocks(int i) =>
        _lexemes[i] is { Plain: "inside" or "outside" or "down" or "low", Kind: "order" or "filler" or "level" } && i > 1 && _lexemes[i - 1].Is("handNoun") && _lexemes[i - 2].Is("side")
        && (i + 1 >= _lexemes.Count || _lexemes[i + 1].IsStop || _lexemes[i + 1].Kind is "side" or "then" || _lexemes[i + 1].Plain is "and" or "now");

    /// <summary>Where the hands of a sentence are said to block; none where both do so below.</summary>
    private List<int> HandsThatBlock(int i)
    {
        var first = StartOfSentence(i);
        var words = Enumerable.Range(first, EndOfSentence(i) - first + 1).Where(SaysWhereAHandBlocks).ToList();
        return words.Any(k => _lexemes[k].Plain is "inside" or "outside") ? words : [];
    }

    /// <summary>"Leave the left hand where it is and punch with the right": what a hand goes on doing beside what is done.</summary>
    private void RetellHandsThatStay(int i)
    {
        // "Right hand stays in front, left hand goes to the hip.": a sentence of nothing else goes with what was done just now.
        if (OnlySmallWordsBefore(i) && _lexemes.FindLastIndex(i, l => l.EndsSentence) is > 0 and var ended && _lexemes[i] is { Kind: "detail" } && _lexemes[i].Plain.Split(' ') is ["left" or "right", _, "stays" or "remains"] && EndOfSentence(i) is var over && _lexemes.GetRange(i + 1, over - i).All(l => l.IsStop || l.Kind is "filler" or "lead" or "place" or "level" or "side" or "handNoun" || l.Value == "chamber") && _lexemes.GetRange(i + 1, over - i).Any(l => l.Value == "chamber") && Backward(ended).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique))
        {
            _lexemes[ended] = _lexemes[ended] with { Value = "," };
            AsNote(i, over);
            return;
        }
    }

    /// <summary>Whether the sentence that ends with this lexeme says only that the hand is drawn to the hip which the technique right before has left free.</summary>
    private bool OnlyPullsBack(int end, out int i)
    {
        i = end;
        if (_lexemes[end] is not { Value: "chamber" } || EndOfSentence(end) != end) return false;
        i = StartOfSentence(i);
        if (_lexemes[i] is not ({ Kind: "technique", Plain: "pull" or "bring" } or { Plain: "your" or "the" or "my" }) || i < 2 || i >= end) return false;
        var rest = _lexemes.GetRange(i + 1, end - i - 1);
        if (!rest.All(l => l.Kind is "filler" or "side" or "handNoun") || rest.Find(l => l.Is("side")) is not { } side) return false;
        // The hand that worked last is the other one, as far as it was told.
        var before = _lexemes.FindLastIndex(i - 2, l => l.IsHandTechnique || l.EndsSentence);
        if (before < 0 || !_lexemes[before].IsHandTechnique) return false;
        return _lexemes.Skip(before + 1).Take(i - 2 - before).Concat(Backward(before).TakeWhile(l => !l.IsStop && !l.Is("technique"))).FirstOrDefault(l => l.Is("side") && Next(_lexemes.IndexOf(l)) is not { Kind: "footNoun" or "stance" })?.Value != side.Value;
    }
}
