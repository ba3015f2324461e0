using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words for where in the hall, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>Words for where in the hall.</summary>
    private void RetellPlaces(int i)
    {
        if (IsASideOfTheHall(i))
        {
            _guesses[_lexemes[i].Start] = ($"Read as the {_lexemes[i].Value} side of the hall.", $"own {_lexemes[i].Value}");
            BecomesWall(i);
            FacingBefore(i);
            return;
        }
        // "Turn through the front to the left side": by that way, to the other place.
        if (_lexemes[i].Is("place") && i > 0 && _lexemes[i - 1].Plain is "through" or "past" or "via" or "by" && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Plain: "to" } or { Kind: "facing" } && Next(i) is { Kind: "side" or "place" or "facing" or "clock" } there && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }))
        {
            AsNote(i - 1, i);
            if (there.Is("side") && (Alone(IndexAfter(i)) || _lexemes[IndexAfter(i) + 1].Plain is "side" or "wall")) BecomesWall(IndexAfter(i));
        }
        // "To the left, left foot steps forward, left front stance": there one turns.
        if (_lexemes[i].Is("side") && Alone(i) && Follows(i, "to") && OnlySmallWordsAndACallBefore(i) && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && Next(i + 1) is { Kind: "side" } && Next(IndexAfter(i + 1)) is { Kind: "footNoun" } && RestOfSentence(i).FirstOrDefault(l => l.Is("stance") && l.Plain != "wo") is { Term: { } taken } && _ways.Stances.Of(taken.Id).Feet == FeetKind.Lead && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount" or "facing" || l is { Kind: "footwork", Value: "turn" or "pivot" }))
        {
            var first = FirstOfClause(i);
            _lexemes.Insert(first, new Lexeme("footwork", "turn", _lexemes[first].Start, 0, "turn", TermOf("turn")));
            return;
        }
        // "Shomen, hidari zenkutsu dachi": to the front, no cut.
        if (_lexemes[i] is { Kind: "technique", Plain: "shomen" } && OnlySmallWordsAndACallBefore(i) && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "ni" or "o") && RestOfSentence(i).Any(l => l.Is("stance")) && RestOfSentence(i).Any(l => l.Is("technique")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "to the front", Term = null };
            FacingBefore(i);
            return;
        }
        // "Cover to 3 o'clock, right high block": who covers a direction turns there.
        if (_lexemes[i] is { Kind: "technique", Value: "cover", Plain: "cover" or "covers" } && OnlySmallWordsAndACallBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "toward" or "towards" && Next(i) is { Kind: "clock" or "place" } or { Kind: "facing" })
        {
            BecomesTerm(i, "footwork", "turn");
            _lexemes[i] = _lexemes[i] with { Plain = "turn" };
        }
        // "One, to the left, low block in a left walking stance": one turns there.
        if (_lexemes[i].Is("side") && Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && Follows(i, "to") && OnlySmallWordsAndACallBefore(i) && RestOfSentence(i) is var goesOn && goesOn.FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { IsHandTechnique: true } or { Kind: "side" }
            && goesOn.Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id).Feet == FeetKind.Lead) && goesOn.Any(l => l.Is("side", _lexemes[i].Value)) && !goesOn.Any(l => l.Kind is "footwork" or "footNoun" or "place" or "clock" or "degrees" or "amount"))
            _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
        // "The left foot goes out to the left, toes pointing left, bend the knee": that way one faces then, where no stance tells it.
        if (_lexemes[i] is { Kind: "footNoun", Plain: "toes" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "pointing" or "pointed" or "point" && Next(i + 1) is { Kind: "side" } pointed && Alone(IndexAfter(i + 1)) && !RestOfSentence(i).Any(l => l.Is("stance")) && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var went && went.Any(l => l.Is("side", pointed.Value) && l != pointed) && went.Any(l => l.Is("footwork", "step")) && !went.Any(l => l.Is("stance")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "facing", Value = "facing" };
            BecomesSmall(i + 1);
        }
        // "… shiko dachi at 45 … shiko dachi other side, low block": on the other diagonal, no order to do it there once more.
        if (_lexemes[i] is { Kind: "otherSide", Plain: "other side" or "the other side" } && i > 0 && _lexemes[i - 1] is { Kind: "stance", Term: { } apart } && _ways.Stances.Of(apart.Id).IsStraddle && RestOfSentence(i).Any(l => l.IsHandTechnique) && _lexemes.Take(i).Any(l => l.Is("degrees", "45")) && Clauses(i).Any(l => l.Is("footwork")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "45", Plain = "45 degrees" };
            _lexemes.Insert(i, new Lexeme("filler", "filler", _lexemes[i].Start, 0, "the other"));
        }
        // "Turn to face the right side of the hall", "pivot to the left side of the hall": that wall.
        if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "side" && _lexemes[i + 2].Plain is "of the hall" or "of the room" or "of the dojo" or "of the gym" && ((Previous(i) is null || OnlySmallWordsAndACallBefore(i)) && Follows(i, "to") || Previous(i) is { } faces && (faces.Kind is "footwork" or "footNoun" || faces.Plain.Split(' ')[^1] is "face" or "facing")))
            _lexemes[i] = _lexemes[i] with { Kind = "place", Plain = _lexemes[i].Value + " wall" };
        // "Turn 45 degrees right to left front stance", "block with the left to right front stance": one side, and the stance's.
        if (_lexemes[i] is { Kind: "detail", Plain: "left to right" or "right to left" } both && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stance"))
        {
            var (first, lead) = (both.Plain.Split(' ')[0], both.Plain.Split(' ')[^1]);
            _lexemes[i] = both with { Kind = "side", Value = first, Length = first.Length, Plain = first };
            _lexemes.Insert(i + 1, new Lexeme("filler", "filler", both.Start + first.Length, both.Length - first.Length - lead.Length, "to"));
            _lexemes.Insert(i + 2, new Lexeme("side", lead, both.Start + both.Length - lead.Length, lead.Length, lead));
        }
        // "Then you shift over to the other diagonal: the right foot …": told out after it.
        if (_lexemes[i].Plain is "diagonal" or "corner" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).Any(l => l.Kind is "footNoun" or "relFoot") && ClauseOf(i).Any(l => l.Is("footwork"))) AsNote(FirstOfClause(i), i);
        // "To your left, walking stance, low block", "to the left with the left leg, back stance": one turns there.
        if (_lexemes[i].Is("side") && i > 0 && Follows(i, "to") && OnlySmallWordsAndACallBefore(i) && i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("stop", ",") || _lexemes[i + 1].Plain == "with" && Next(IndexAfter(i)) is { Kind: "footNoun" } && Alone(IndexAfter(IndexAfter(i))))
            && RestOfSentence(i).FirstOrDefault(l => l.Kind is "stance" or "technique" or "footwork" or "degrees" or "amount" or "turnSide" or "gaze") is { Kind: "stance", Term: { } lineUp } && _ways.Stances.Of(lineUp.Id).Feet == FeetKind.Lead)
            _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
        // "To your right right front stance", "to my left rooted stance left leg in front", without a comma: one turns there, as the lead is told besides.
        if (_lexemes[i].Is("side") && i > 0 && Follows(i, "to") && OnlySmallWordsAndACallBefore(i) && LeadIsToldBesides(i))
        {
            _lexemes.Insert(i + 1, StopAt(i + 1, ","));
            _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
        }
        // "Left foot forward left elbow strike", without a comma: the hand's side.
        if (_lexemes[i] is { Kind: "way", Plain: "forward left" or "forward right" } slanting && Previous(i) is { Kind: "footNoun" } && i + 1 < _lexemes.Count && (_lexemes[i + 1].IsHandTechnique || _lexemes[i + 1].Kind is "level" or "handNoun"))
        {
            var handed = slanting.Plain.Split(' ')[1];
            _lexemes[i] = slanting with { Value = "forward", Plain = "forward", Length = "forward".Length };
            _lexemes.InsertRange(i + 1, [StopAfter(i, ","), new Lexeme("side", handed, slanting.Start + slanting.Length - handed.Length, handed.Length, handed)]);
        }
        // "Left foot moves to the front, so back to twelve": there again, not backwards.
        if (_lexemes[i] is { Kind: "way", Value: "back", Plain: "back" } && i > 1 && _lexemes[i - 1].Plain is "so" or "so its" or "now" && _lexemes[i - 2].IsStop && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "to" && (_lexemes[i + 2].Kind is "clock" or "place" || _lexemes[i + 2].Plain == "the" && i + 3 < _lexemes.Count && _lexemes[i + 3].Kind is "clock" or "place")) BecomesSmall(i);
        // "Turn to shomen", "hidari ashi shomen": the front, no strike.
        if (_lexemes[i] is { Kind: "technique", Plain: "shomen" } && i > 0 && _lexemes[i - 1] is { Kind: "footwork", Value: "turn" or "pivot" } or { Kind: "footNoun" } or { Kind: "facing" }) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "to the front", Term = null };
        // "To the other forty-five": a direction, no hand.
        RetellWhereOneFaces(i);
        // "Turn half left", "left foot half left": half a right angle.
        if (_lexemes[i] is { Kind: "detail" or "filler", Plain: "half" } halfWay && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "side" } toward && (Alone(i + 1) || _lexemes[i + 2].Kind is "filler" or "then" or "stance" || _lexemes[i + 2].Plain.StartsWith("diagonal", StringComparison.Ordinal)) && !(i > 0 && _lexemes[i - 1].Plain is "a" or "one" or "and"))
        {
            _lexemes[i] = new Lexeme("place", toward.Value == "left" ? "frontLeft" : "frontRight", halfWay.Start, toward.Start + toward.Length - halfWay.Start, "half " + toward.Value);
            _lexemes.RemoveAt(i + 1);
        }
        if (_lexemes[i] is { Kind: "relHand", Plain: "the other" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("degrees", "45")) BecomesSmall(i);
        // "Turn right about": half a turn.
        if (_lexemes[i] is { Kind: "filler", Plain: "about" } && i > 1 && _lexemes[i - 1].Is("side") && Previous(i - 1) is { Kind: "footwork", Value: "turn" } && Alone(i)) BecomesHalfTurn(i);
        // "The right foot steps forward on the diagonal", "… onto the other diagonal": forty-five degrees, to the side of that foot.
        if (_lexemes[i] is { Kind: "filler", Plain: "diagonal" } && i > 1 && (Follows(i, "on", "onto") || _lexemes[i - 1].Plain == "the other" && Follows(i - 1, "on", "onto")) && Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("footNoun")) is { } diagonally && SideIndex(_lexemes.IndexOf(diagonally)) is var outward && _lexemes[outward].Is("side"))
        {
            if (_lexemes[i - 1].Plain == "the other") BecomesSmall(i - 1);
            _lexemes.Insert(i + 1, _lexemes[outward] with { Start = _lexemes[i].Start + _lexemes[i].Length, Length = 0 });
            _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "45", Plain = "45 degrees" };
        }
        // "Back: right front stance, low block.": where it goes.
        if (_lexemes[i] is { Kind: "way", Plain: "back" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && OnlySmallWordsAndACallBefore(i)) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "rear", Plain = "the back" };
        // "Hidari ni, left cat stance": to the left, no number.
        if (_lexemes[i] is { Kind: "side", Plain: "hidari" or "migi" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "countWord", Plain: "ni" } towards && OnlySmallWordsAndACallBefore(i))
            (_lexemes[i], _lexemes[i + 1]) = (towards with { Kind = "filler", Plain = "to" }, _lexemes[i]);
        // "Turn a half circle to the rear": half a turn, no hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "circle" } && i > 1 && _lexemes[i - 1] is { Kind: "detail", Value: "halfStep" } && ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }))
        {
            BecomesHalfTurn(i);
            BecomesSmall(i - 1);
        }
        // "Face the opposite way, left front stance, low block": one turns there, wherever one faced.
        if (_lexemes[i] is { Kind: "facing", Plain: "face" } && OnlySmallWordsAndACallBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "place", Plain: "the other way" or "other way" or "the opposite way" or "opposite way" or "the opposite direction" or "opposite direction" or "the other direction" } && RestOfSentence(i).Any(l => l.Kind is "stance" or "technique")) BecomesTerm(i, "footwork", "turn");
        // "Then you turn on both heels to the other side".
        if (_lexemes[i] is { Kind: "pivotPoint" } heels && heels.Plain.Split(' ')[0] is "turn" or "pivot" or "spin" && i > 0 && !_lexemes[i - 1].Is("footwork") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("otherSide")) _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
        // "At forty-five to the left … forty-five the other way": the other diagonal.
        if (_lexemes[i] is { Kind: "place", Plain: "the other way" } && i > 0 && _lexemes[i - 1].Is("degrees", "45")) BecomesSmall(i);
        // "Right foot back, horse stance, left side on": the left side is where the front was.
        if (_lexemes[i] is { Kind: "detail", Plain: "side on" } on && Alone(i) && i > 1 && _lexemes[i - 1].Is("side") && _lexemes[i - 2].IsStop && Previous(i - 2) is { Kind: "stance" })
        {
            var turned = _lexemes[i - 1].Side.Other.Word;
            AsNote(i - 1, i);
            _lexemes.InsertRange(i - 1, [new Lexeme("degrees", "90", on.Start + on.Length, 0, "90 degrees"), new Lexeme("turnSide", turned, on.Start + on.Length, 0, turned)]);
        }
        // "Facing the left corner": of the front wall.
        if (_lexemes[i] is { Kind: "filler", Plain: "corner" } && i > 0 && _lexemes[i - 1].Is("side") && Previous(IndexBefore(i)) is { Kind: "facing" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = _lexemes[i - 1].Value == "left" ? "frontLeft" : "frontRight" };
            BecomesSmall(i - 1);
        }
        // "Left foot steps forward to the left corner": half a right angle to that side.
        else if (_lexemes[i] is { Kind: "filler", Plain: "corner" or "diagonal" } corner && i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "to", "towards", "toward") && Previous(i - 1) is { Kind: "footwork", Value: "step" or "slide" } or { Kind: "footNoun" } or { Kind: "way", Value: "forward" } && Clauses(i).Any(l => l.Is("footNoun")))
            (_lexemes[i - 1], _lexemes[i]) = (_lexemes[i - 1] with { Kind = "degrees", Value = "45", Plain = "45 degrees" }, corner with { Kind = "turnSide", Value = _lexemes[i - 1].Value });
        // "Turn to me": to who stands in front.
        if (_lexemes[i].Plain is "me" or "us" && i > 0 && _lexemes[i - 1] is { Kind: "footwork", Plain: "turn to" or "turn towards" or "turn toward" or "turn back to" })
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        // "Again the other way: left, right", "repeat that going the other way", "go the other way and do the same": on the other side.
        if (_lexemes[i] is { Kind: "place", Plain: "the other way" or "the other direction" or "the opposite direction" or "the opposite way" or "other way" or "other direction" } && i > 0
            && (_lexemes[i - 1].Is("again") || (_lexemes[i - 1].Plain is "going" or "go" or "in" or "heading" || _lexemes[i - 1].Is("footwork", "step")) && ClauseOf(i).ToList() is var all && all.Exists(l => l.Is("again")) && all.TrueForAll(l => l.Kind is "filler" or "again" or "place" or "then" || l.Is("footwork", "step"))))
        {
            if (_lexemes[i - 1].Is("footwork")) BecomesSmall(i - 1);
            _lexemes[i] = _lexemes[i] with { Kind = "otherSide", Value = "other" };
        }
        // "Now the other side, same thing": one order.
        if (_lexemes[i].Is("otherSide") && OnlySmallWordsAndACallBefore(i) && Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("again") && Alone(i + 2)) BecomesSmall(i + 2);
        // "Land facing the other side in left bow stance": half a turn.
        if (_lexemes[i].Is("otherSide") && i > 0 && _lexemes[i - 1].Is("facing") && ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "jump" or "land" or "turn" or "spin" } || l.Is("landing")))
        {
            BecomesHalfTurn(i);
            _lexemes.Insert(i + 1, new Lexeme("stop", ",", _lexemes[i].Start + _lexemes[i].Length, 0, ""));
            BecomesSmall(i - 1);
        }
        // "Finish facing the audience": in front, as everybody stands before a form begins.
        if (_lexemes[i].Plain is "audience" or "judges" or "spectators" && Previous(i) is { Kind: "facing" } && _lexemes.Take(i).Any(l => l.Is("technique"))) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        // "Turn over the left shoulder to the right side": a side of the hall, as the way round is told.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "side" or "wall" && Follows(i, "to") && Previous(i) is { Kind: "filler" or "side" or "order" or "gaze" } && Backward(i).TakeWhile(l => !l.IsStop).ToList() is var told && told.Any(l => l.Plain.EndsWith("shoulder", StringComparison.Ordinal)) && told.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }))
        {
            BecomesWall(i);
            BecomesSmall(i + 1);
        }
        // "The first comes from the left: turn, …": that is where one turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("stop", ":") && _lexemes[i - 2] is { Kind: "strikeFrom" } comes)
            _lexemes.Insert(i + 1, new Lexeme("turnSide", comes.Value, _lexemes[i].Start + _lexemes[i].Length, 0, comes.Value));
        // "The third comes from the front: left foot forward, …": one faces it.
        if (_lexemes[i] is { Kind: "place", Value: "front" } && Previous(i) is { Kind: "from" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && ClauseOf(i).Any(l => l.Plain is "comes" or "attacks" or "is coming"))
            _lexemes.InsertRange(i + 2, [new Lexeme("facing", "facing", _lexemes[i + 1].Start + 1, 0, "facing"), new Lexeme("place", "front", _lexemes[i + 1].Start + 1, 0, "the front"), new Lexeme("stop", ",", _lexemes[i + 1].Start + 1, 0, "")]);
        // "Face your right-hand side": of the hall, as one stands in front of it.
        if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Plain: "hand", Kind: "handNoun" } && _lexemes[i + 2].Plain is "side" or "wall" && (_lexemes[i + 2].Plain == "wall" || Previous(i) is { Kind: "facing" } || Follows(i, "to")))
        {
            BecomesWall(i);
            BecomesSmall(i + 1);
            BecomesSmall(i + 2);
        }
        // "Look to the front, back stance facing twelve": the eyes go first, where one faces is told.
        if (_lexemes[i] is { Plain: "look" or "looks" or "looking", Kind: "unread" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("place") && Alone(i + 1) && RestOfSentence(i + 1).Any(l => l.Is("facing"))) AsNote(i, i + 1);
        if (IsLeftAndRight(i)) RetellLeftAndRight(i);
        // "Bring the staff up to guard": no place for a foot.
        if (_lexemes[i] is { Kind: "beside", Plain: "up to" } && i + 1 < _lexemes.Count && _lexemes[i + 1].IsHandTechnique) BecomesSmall(i);
        // "Do the same thing to the right side: right back stance, …": told out, to that side of the hall.
        if (_lexemes[i] is { Kind: "again" } && i + 4 < _lexemes.Count && Next(i) is { Kind: "side" } sided && IndexAfter(i) is var which && which + 2 < _lexemes.Count && Follows(which, "to") && _lexemes[which + 1].Plain == "side" && _lexemes[which + 2].Is("stop", ":") && RestOfSentence(which + 2).Any(l => l.Is("stance"))
            && Enumerable.Range(0, i).Any(k => _lexemes[k].Is("side", sided.Side.Other.Word) && Follows(k, "to")))
        {
            BecomesSmall(i);
            _lexemes[which + 2] = _lexemes[which + 2] with { Value = "." };
            BecomesWall(which);
            FacingBefore(which);
            if (Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "footNoun")) _lexemes.Insert(i, StopAt(i, "."));
        }
        // "Turn to face (the) left": of the hall, as "face left" is.
        if (_lexemes[i] is { Kind: "footwork", Plain: "turn to face" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "the" && _lexemes[i + 2] is { Kind: "side" } && Alone(i + 2))
        {
            BecomesWall(i + 2);
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "facing", Value = "facing" };
        }
        else if (_lexemes[i] is { Kind: "footwork", Plain: "turn to face" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && Alone(i + 1)) _lexemes[i] = _lexemes[i] with { Kind = "facing", Value = "facing", Term = null };
        // "Then the middle line: left foot, …": up the hall.
        if (_lexemes[i] is { Plain: "the middle line" or "the center line" or "the centre line" or "middle line", Kind: "filler" } && OnlySmallWordsBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && !(i > 0 && _lexemes[i - 1].Plain is "on" or "along" or "down"))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
            FacingBefore(i);
        }
        // "Turn to the other wall": half a turn.
        if (_lexemes[i].Plain is "other" or "the other" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "wall" && ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "rear", Plain = "the other way", Length = _lexemes[i + 1].Start + _lexemes[i + 1].Length - _lexemes[i].Start };
            _lexemes.RemoveAt(i + 1);
        }
        // "Turn to the right forty-five degree corner": which corner.
        if (_lexemes[i] is { Kind: "degrees", Value: "45" } half && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Plain: "corner" or "diagonal" } angle)
        {
            _lexemes[i] = angle with { Start = half.Start, Length = angle.Start + angle.Length - half.Start };
            _lexemes.RemoveAt(i + 1);
        }
        // "To the left gate: left foot out, …": to that side of the hall.
        if (_lexemes[i].Is("side") && Follows(i, "to") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("unread") && _lexemes[i + 2].Is("stop", ":"))
        {
            BecomesSmall(i + 1);
            BecomesWall(i);
            FacingBefore(i);
        }
        // "Front, left foot, walking stance, …": told like "front: …".
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && (OnlySmallWordsBefore(i) || i > 0 && _lexemes[i - 1].Is("then") && StartsSentence(i - 1)) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Kind is "side" or "stance" && RestOfSentence(i).Any(l => l.Kind is "stance" or "footNoun" || l is { Kind: "technique", Term.Family: "receiving" })) _lexemes[i + 1] = _lexemes[i + 1] with { Value = ":" };
        // "Now front. Left foot, low block.": so is a sentence of its own.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && OnlySmallWordsBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && RestOfSentence(i + 1).Any(l => l.Kind is "footNoun" or "stance")) (_lexemes[i], _lexemes[i + 1]) = (_lexemes[i] with { Plain = "to the front" }, _lexemes[i + 1] with { Value = ":" });
        // "Look front.": to it.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && LooksAt(i)) _lexemes[i] = _lexemes[i] with { Plain = "to the front" };
        // "Left, walking stance, low block.": so is a side where one has only stood yet.
        if (_lexemes[i].Is("side") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("stance") && RestOfSentence(i + 2).Any(l => l.IsHandTechnique) && !RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "turnSide") && !_lexemes.Take(i).Any(l => l.Is("technique"))) _lexemes[i + 1] = _lexemes[i + 1] with { Value = ":" };
        // "Turns back to face me": who teaches stands in front.
        if (_lexemes[i].Plain is "me" or "us" or "teacher" or "instructor" && i > 0 && (Previous(i) is { Kind: "facing" } || Previous(i) is { Kind: "footwork" } toSee && toSee.Plain.EndsWith(" face", StringComparison.Ordinal) && Clauses(i).All(l => l.Plain != "partner") || Follows(i, "to", "towards", "toward", "at") && ClauseOf(i).Any(l => l.Is("footNoun") || l is { Kind: "footwork", Value: "turn" or "pivot" })))
        {
            if (Follows(i, "at") && Enumerable.Range(FirstOfClause(i), i - FirstOfClause(i)).FirstOrDefault(k => _lexemes[k] is { Kind: "unread", Plain: "look" or "looking" }, -1) is >= 0 and var looks) BecomesSmall(looks);
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        }
        // "The left foot steps up to the left front": to that corner.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].IsStop && (Follows(i - 1, "to", "towards", "toward") || _lexemes.Take(i - 1).LastOrDefault(l => !l.Is("filler")) is { Kind: "beside" }) && ClauseOf(i).Any(l => l.Is("footNoun") || l.Is("footwork")))
        {
            if (_lexemes.FindLastIndex(i, l => l.Is("beside")) is var beside and >= 0 && !_lexemes.GetRange(beside, i - beside).Any(l => l.IsStop)) BecomesSmall(beside);
            _lexemes[i] = _lexemes[i] with { Value = _lexemes[i - 1].Value == "left" ? "frontLeft" : "frontRight", Plain = "front corner" };
            BecomesSmall(i - 1);
        }
        // "So from left front you end in right back stance": out of which one comes.
        if (_lexemes[i].Is("from") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2] is { Plain: "front" or "back", Kind: not "stance" } && !(i + 3 < _lexemes.Count && _lexemes[i + 3].Is("stance")))
            AsNote(i, i + 2);
        // "To the left, cat stance, …", "left side, left bow": one turns there.
        if (_lexemes[i].Is("side") && Previous(i) is null && i + 2 < _lexemes.Count && (Follows(i, "to") && _lexemes[i + 1].Is("stop", ",") ? i + 1 : _lexemes[i + 1].Plain == "side" && _lexemes[i + 2].Is("stop", ",") ? i + 2 : -1) is var end and > 0 && (StartsSentence(i) || IsCountMark(FirstOfClause(i))) && (StanceIsNext(end))
            && RestOfSentence(end).All(l => l.Plain == "bow" || l.Kind is not ("footwork" or "footNoun" or "turnSide" or "degrees" or "amount" or "place" or "clock")))
            _lexemes.Insert(FirstOfClause(i), new Lexeme("footwork", "turn", _lexemes[FirstOfClause(i)].Start, 0, "turn", TermOf("turn")));
        // "On the diagonal to the front with the right foot, …": the foot that goes there.
        if (_lexemes[i] is { Kind: "filler", Plain: "diagonal" } slant && EndOfClause(i) is var goesTo && _lexemes.GetRange(i, goesTo - i + 1) is var rest && rest is [_, .., { Kind: "side" }, { Kind: "footNoun" }] && rest.All(l => l.Kind is "filler" or "side" or "footNoun" or "place") && Follows(goesTo - 1, "with") && Previous(i) is null or { Kind: "then" })
        {
            var first = i;
            while (first > 0 && _lexemes[first - 1].Is("filler")) first--;
            var small = _lexemes.GetRange(first, i - first).Concat(rest[1..^2]).Select(l => l with { Kind = "filler", Value = "filler" }).ToList();
            _lexemes.RemoveRange(first, goesTo - first + 1);
            _lexemes.InsertRange(first, [.. rest[^2..], .. small, slant]);
        }
    }

    /// <summary>"Left and right" where no turns are taken: the first side ends what was said, the other begins what follows.</summary>
    private void RetellLeftAndRight(int i)
    {
        if (i + 1 >= _lexemes.Count) return;
        var (before, after) = (Previous(i), _lexemes[i + 1]);
        // "Facing left and right palm out": the way one faces, and whose palm it is.
        if (i > 0 && _lexemes[i - 1].Is("facing") && Next(i) is { Kind: "technique" or "handNoun" }) IntoTwoSides(i);
        // "Turn to the left and right foot steps out": the side, and that foot.
        else if (after is { Kind: "footNoun", Plain: "foot" or "leg" } && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("footwork") && (Follows(i, "to") || before is { Kind: "footwork", Plain: "turn to" or "turning to" or "turns to" })) IntoTwoSides(i);
        // "Block high with your left and right after that punch": that hand, and what comes at once.
        else if (after.Plain.Split(' ')[0] == "after") _lexemes[i] = _lexemes[i] with { Kind = "side", Value = _lexemes[i].Plain.Split(' ')[0], Plain = _lexemes[i].Plain.Split(' ')[0] };
        // "Knife-hand block with the right and left hand punch": one did the first, the other does the second.
        else if (Follows(i, "with") && before is { Kind: "technique" or "level" } && (after is { Kind: "handNoun", Plain: "hand" or "arm" or "fist" } && Next(i + 1) is { Kind: "technique" or "level" } || after.IsHandTechnique))
        {
            IntoTwoSides(i);
            _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        }
    }

    /// <summary>Whether the words after a stop name a stance; a bow that is stood in may not be known for one yet.</summary>
    private bool StanceIsNext(int stop)
    {
        var at = stop + 1 < _lexemes.Count && _lexemes[stop + 1].Is("side") ? stop + 2 : stop + 1;
        return at < _lexemes.Count && (_lexemes[at].Is("stance") || _lexemes[at].Plain == "bow" && at > stop + 1);
    }

    /// <summary>Whether a stance follows a side right away that tells its lead with another one, before or after its name.</summary>
    private bool LeadIsToldBesides(int i) =>
        i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("stance")
        || i + 4 < _lexemes.Count && _lexemes[i + 1].Is("stance") && _lexemes[i + 2].Is("side") && _lexemes[i + 3].Is("footNoun") && (_lexemes[i + 4].Is("lead") || _lexemes[i + 4].Plain == "forward");

    /// <summary>"The left side" of the hall, as one stands facing its front.</summary>
    private void BecomesWall(int i) => _lexemes[i] = _lexemes[i] with { Kind = "place", Plain = "the " + _lexemes[i].Value + " wall" };

    private void FacingBefore(int i) => _lexemes.Insert(i, new Lexeme("facing", "facing", _lexemes[i].Start, 0, "facing"));

    /// <summary>Words for where one faces that are no side of the body: "where you began", "right side" out of the left one.</summary>
    private void RetellWhereOneFaces(int i)
    {
        // "Turn to face where you began": the front.
        if (_lexemes[i].Plain is "where" or "where you" or "where we" && (Follows(i, "facing", "face") || Previous(i) is { Kind: "facing" } || Previous(i) is { Kind: "footwork" } faces && faces.Plain.EndsWith("face", StringComparison.Ordinal)) && EndOfClause(i) is var began && began - i <= 2 && _lexemes[began].Plain.Split(' ')[^1] is "began" or "started")
        {
            for (var k = i + 1; k <= began; k++) BecomesSmall(k);
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        }
        // "Right foot, right side, cat stance", out of the left side: that wall.
        if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "side" && Backward(i).TakeWhile(l => !l.IsStop).All(l => l.Is("filler")) && Alone(i + 1) && _lexemes[i + 2].Value is "," or ":" && Clauses(i) is var told && told.Any(l => l.Is("footNoun")) && told.Any(l => l.Is("stance")) && !told.Any(l => l.Kind is "facing" or "turnSide" or "degrees" or "place" || l.Is("side", _lexemes[i].Side.Other.Word)) && _text.AsSpan(0, _lexemes[i].Start).Contains(_lexemes[i].Side.Other.Word + " side", StringComparison.OrdinalIgnoreCase))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Plain = _lexemes[i].Value + " wall" };
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler" };
        }
    }

    private bool LooksAt(int i) => i > 0 && _lexemes[i - 1].Plain is "look" or "looks" or "looking" or "eyes" or "look to" or "look towards";

    /// <summary>Whether the eyes were told to go to the front earlier in the sentence, or in the one before.</summary>
    private bool LooksToTheFrontBefore(int i)
    {
        var first = StartOfSentence(i);
        var from = first > 1 ? StartOfSentence(first - 2) : first;
        return Enumerable.Range(from, i - from).Any(k => _lexemes[k].Is("place", "front") && LooksAt(k));
    }
}
