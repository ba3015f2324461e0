using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Sides, turns and directions: what a bare "left" belongs to, how far, and facing where.</summary>
public sealed partial class Reader
{
    private void BeginTurnIfDone(int i)
    {
        // "Spinning back fist, turning 360 left": how far the turn goes that this move has begun.
        if (_draft is { IsTurning: true, HasTurn: false, SentenceEnded: false }) return;
        // "Low block as you make a quarter turn", "… as you about face".
        if (_together && _draft is { IsDone: true, HasTurn: false, Stance: null, SentenceEnded: false } && Previous(i) is { Kind: "together" }) return;
        // "With a low block, make a quarter turn to the left".
        if (TakesHandsFirst(i) || _draft is { HandsFirst: true, TurnAmount: null, Stance: null, SentenceEnded: false }) return;
        // "Low block as you swing around 90 degrees": less than half a turn.
        if (_draft is { TurnedAround: true, IsTurning: true, SentenceEnded: false } && Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }) return;
        // "Low block, stepping 45 degrees to the left".
        if (_draft is { TurnAmount: null, SentenceEnded: false } && Previous(i) is { IsGerund: true, Value: "step" or "slide" }) return;
        // "Punch in bow stance, turning left 90 degrees".
        if (_draft is { IsTurning: true, TurnAmount: null, SentenceEnded: false } && Previous(i) is { Kind: "side" } && Previous(IndexBefore(i)) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }) return;
        if (_draft is { TurnAmount: null, SentenceEnded: false } && _lexemes.FindLastIndex(i, l => l.IsStop) is var opens and >= 0 && CharAt(_lexemes[opens].Start) == '(') return; // "low block (90° left)"
        if (_draft.IsDone || _draft.SentenceEnded && _draft.Stance is not null) Begin(Counting.Own);
    }

    /// <summary>"Facing": the direction is said next; "facing the same way" is as one faced.</summary>
    private void TakeFacing(int i)
    {
        if (i + 2 < _lexemes.Count && _lexemes[i + (_lexemes[i + 1].Plain == "the" ? 2 : 1)].Plain is "same way" or "the same way" or "same direction" or "the same direction" && _draft is { HasTurn: false, Facing: null, SentenceEnded: false, IsTurning: false } && (_draft.Footwork is not null || _draft.Foot is not null))
            _draft.Facing = Now().Heading;
        Note(_lexemes[i], "facing");
    }

    private void TakeDegrees(int i) => TakeAmount(i, _lexemes[i].Number);

    private void TakeAmount(int i, int degrees)
    {
        if (Previous(i) is { Kind: "facing" })
        {
            // "Facing 45 left" is a direction in the hall, as "facing 315" is.
            var left = Next(i) is { Kind: "side" or "turnSide", Value: "left" };
            if (Next(i) is { Kind: "side" or "turnSide" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            TakeDirection(i, new Heading(left ? 360 - degrees : degrees), said: true);
            return;
        }
        var allTheWay = _lexemes[i].Plain.StartsWith("all the way", StringComparison.Ordinal) || _lexemes[i].Plain.StartsWith("the whole way", StringComparison.Ordinal);
        // "The right foot goes around behind, so you've turned all the way".
        var hasTurned = Previous(i) is { Kind: "footwork", Plain: "turned" } && _draft is { Footwork: "step-back" or "turn", IsDone: false, SentenceEnded: false };
        if (hasTurned) _draft.Footwork = "turn";
        if (_lexemes[i].Plain == "all the way" && _draft is not { Footwork: "spin" or "turn" or "jump" } && !(_draft.HasTurn && ClauseOf(i).Any(l => l.Is("footwork", "turn"))))
        {
            Note(_lexemes[i], "filler"); // "all the way down"
            return;
        }
        if (allTheWay && _draft is { Footwork: "spin" or "jump", SentenceEnded: false })
        {
            // "… until you're facing the left wall": how far, that tells.
            if (_draft.TurnAmount is null) (_draft.TurnAmount, _draft.TurnedAround) = (360, true);
            Note(_lexemes[i], "turn");
            return;
        }
        // "Low block left, then rising block right at 45": the second one is done on the diagonal, with a step.
        if (degrees == 45 && Follows(i, "at") && _draft is { Counting: Counting.Then, HasTurn: false, Facing: null, Footwork: null, Hands: [{ Hand: Hand.Left or Hand.Right } block], SentenceEnded: false } && !_explicitCounts)
        {
            (_draft.Counting, _draft.TurnSide, _draft.TurnAmount, _draft.Footwork) = (Counting.Own, block.Hand == Hand.Left ? Side.Left : Side.Right, 45, "turn");
            Note(_lexemes[i], "turn");
            return;
        }
        // "Step back to the 45 on the right … step back to the other 45": the one across the line that one faced before.
        if (degrees == 45 && i > 0 && _lexemes[i - 1].Plain is "other" or "the other" && _draft is { HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false } && Now().Heading.Degrees % 90 == 45 && Walk.Of(SoFar() with { Moves = [.. _before, .. _said] }, BodyMeasures.Reference, _ways) is var walked)
        {
            var line = walked.Postures.LastOrDefault(p => p.Heading.Degrees % 90 == 0)?.Heading ?? Heading.Front;
            _draft.Facing = line + (line - Now().Heading);
            Note(_lexemes[i], "facing");
            return;
        }
        BeginTurnIfDone(i);
        // "Turn all the way around, 180 degrees": the number tells how far.
        if (allTheWay && (RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount") || RestOfSentence(i) is var told && told.LastOrDefault(l => l.Is("facing")) is { } faces && Next(_lexemes.IndexOf(faces)) is { Kind: "side" or "clock" or "place" }))
        {
            Note(_lexemes[i], "turn");
            return;
        }
        // "Turn all the way round" is about face for most who say it; a spin or a jump goes full circle.
        if (allTheWay && _draft.TurnAmount is null)
        {
            // "…, all the way round, still going forward": back to where one faced.
            var full = RestOfSentence(i).Any(l => l.Plain is "still" or "in the same direction" or "the same direction" or "same direction");
            _draft.TurnAmount = full ? 360 : 180;
            if (_side is { } way && _draft.TurnSide is null) (_draft.TurnSide, _side) = (way, null);
            Note(_lexemes[i], "turn", full ? "Read as a full turn." : "Read as half a turn.", full ? "180 degrees" : "360 degrees");
            return;
        }
        // "At 45 to the left … at 45 to the right": from one diagonal the other one is meant.
        if (degrees == 45 && !ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }) && (Follows(i, "at") || _draft is { Foot: not null, Footwork: null } or { Foot: not null, Footwork: "step" } || _draft.Footwork == "step" && WithTheFoot(i) is not null) && _draft is { TurnAmount: null, SentenceEnded: false } && Now().Heading.Degrees % 90 == 45 && !CameFromTheOtherDiagonal(i)
            && !(i > 0 && _lexemes[i - 1].Plain is "around" or "round" or "it")) // "the foot comes around 45 degrees": so far, not to a diagonal
        {
            _draft.TurnAmount = 90;
            if (_side is { } toward && _draft.TurnSide is null) (_draft.TurnSide, _side) = (toward, null);
            Note(_lexemes[i], "turn", "Read as the other diagonal.", "turn 45 degrees");
            return;
        }
        if (_draft.TurnAmount is null || _draft.TurnedAround && _lexemes[i].Is("degrees")) _draft.TurnAmount = degrees; // "turn around to the left, 270"
        if (_side is { } side && _draft.TurnSide is null) (_draft.TurnSide, _side) = (side, null);
        Note(_lexemes[i], "turn");
    }

    /// <summary>Whether the diagonal to the side that is said has just been left: from the second of them one goes on to the line.</summary>
    private bool CameFromTheOtherDiagonal(int i)
    {
        const int JustNow = 8; // moves
        if ((_side ?? _draft.TurnSide ?? (Next(i) is { Kind: "side" } to ? to.Side : null)) is not { } side) return false;
        var other = Now().Heading + Turn.To(side, 90);
        return WalkSoFar().Postures.TakeLast(JustNow).Any(p => p.Heading == other);
    }

    private void TakeDirection(int i, Heading heading, bool said)
    {
        // "You're facing the right side of the hall.": as one stands already.
        if (said && StartsSentence(IndexBefore(i)) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "youre" or "were" or "you are" or "we are" or "hes") && RestOfSentence(i).All(l => l.Is("filler") || l.IsStop) && _draft.SentenceEnded && AfterDraft().Heading == heading)
        {
            Note(_lexemes[i], "facing");
            return;
        }
        // "Step back with the left foot toward six o'clock": there the foot goes, as one faces twelve.
        if (said && _draft is { HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false } && (_draft.Footwork is "step-back" || _draft.Way == Way.Back) && (heading - Now().Heading).Amount == 180 && Previous(i) is { Kind: "facing", Plain: "toward" or "towards" })
        {
            Note(_lexemes[i], "way");
            return;
        }
        // "Step across to three o'clock, turn to nine": first where the foot goes, then where one faces.
        said |= _draft is { FacingIsLoose: true, IsDone: false, SentenceEnded: false } && Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" } && Previous(i) == _lexemes[i - 1];
        // "…, punch. Then to the back, left foot, …": the next move is told by where it goes.
        if (_draft.Facing == heading && _draft is { IsDone: false, Stance: null })
        {
            Note(_lexemes[i], "facing"); // said once more
            return;
        }
        // "We're going to face the back now."
        if (_draft is { SentenceEnded: true, IsDone: true } && said && StartsSentence(IndexBefore(i)) && RestOfSentence(i).All(l => l.Is("filler") || l.IsStop) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "going" or "gonna" or "want" or "need" or "have")) Begin(Counting.Own);
        if (_draft is { SentenceEnded: true, IsDone: true } && !said && NowThere(i)) Begin(Counting.Own);
        if (_draft is { SentenceEnded: true, IsDone: true } && RestOfSentence(i).Any(l => l.Kind is "again" or "otherSide" or "technique" or "footwork" or "relFoot" or "footNoun" or "stance")) Begin(Counting.Own);
        // "Punch, stepping out with the left foot to six o'clock": there the step goes.
        said |= _draft is { HasTurn: false, Facing: null, SentenceEnded: false } && Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is "footwork" or "technique") is { IsGerund: true, Value: "step" or "slide" };
        // "Right back kick to three o'clock, land it in right front stance": behind, and there one faces when the foot is down.
        if (!said && _draft is { Kick.Technique.Value: "back-kick", Facing: null, HasTurn: false, SentenceEnded: false } && (heading - Now().Heading).Amount == 180 && ComesDownInAStance(i))
        {
            _draft.Facing = heading;
            Note(_lexemes[i], "facing");
            return;
        }
        // "High punch to three o'clock", or the same direction once more: where the technique goes, not a new facing.
        if (!_draft.SentenceEnded && _draft.IsDone && (!said || _draft.Facing == heading))
        {
            Note(_lexemes[i], "facing");
            return;
        }
        if (_draft.SentenceEnded && (_draft.Facing is not null || _draft.IsOpening || _draft is { Stance: not null, Footwork: null }) || _draft is { Facing: not null, IsDone: true }) Begin(Counting.Own);
        // "Right foot to three o'clock, sitting stance facing twelve": first where the step goes, then where one faces.
        if (said && _draft is { FacingIsLoose: true, Facing: { } goal, Way: null or Way.Back, IsDone: false, SentenceEnded: false } && goal != heading && (goal == Now().Heading ? Way.Forward : Draft.WayTo(Now().Heading, goal)) is { } way && (_draft.Way ?? way) == way)
            (_draft.Way, _draft.Facing) = (way, heading);
        // "Step back to three o'clock, facing nine": away from where one faces.
        if (said && _draft is { FacingIsLoose: true, Facing: { } behind, IsDone: false, SentenceEnded: false } && (_draft.Way == Way.Back || _draft.Footwork == "step-back") && (behind - heading).Amount == 180) _draft.Facing = heading;
        _draft.Facing ??= heading;
        _draft.FacingIsLoose = !said && !_draft.IsTurning;
        _draft.FootGoesBackThere = _draft.FacingIsLoose && Follows(i, "to") && (Previous(i) is { Kind: "way", Value: "back" } or { Kind: "footwork", Value: "step-back" } || PreviousIs(i, "footNoun") && _draft.Footwork == "step-back");
        Note(_lexemes[i], "facing");
    }

    private void TakePlace(int i)
    {
        var lexeme = _lexemes[i];
        if (lexeme.Plain == "front" && Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" } && Previous(i) == _lexemes[i - 1] && Next(i) is null)
        {
            TakeDirection(i, Heading.Front, said: true); // "turn front"
            return;
        }
        if (lexeme.Plain == "front" && Alone(i) && (Previous(i) is { Kind: "footNoun" } || Previous(i) is { Kind: "way", Plain: "back" } && StartsSentence(IndexBefore(i)) || Previous(i) is { Kind: "footwork", Value: "step" } && _draft.Foot is not null) && (_lexemes[i - 1] == Previous(i) || _lexemes[i - 1].Plain == "to" && IndexBefore(i) == i - 2))
        {
            TakeDirection(i, Heading.Front, said: false); // "left foot front", "left foot steps front"
            return;
        }
        // "Front: left walking stance, low block.": where it goes.
        if (lexeme.Plain is "front" or "the front" or "the back" or "the rear" or "north" or "east" or "south" or "west" && OnlySmallWordsAndACallBefore(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":"))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            TakeDirection(i, HeadingOf(lexeme), said: true);
            return;
        }
        if (lexeme.Plain == "front" && !PreviousIs(i, "facing") && !(Previous(i) is { Kind: "footwork" } toFace && toFace.Plain.Split(' ')[^1] is "face" or "facing" || Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } || _lexemes[Math.Max(0, i - 1)].Plain == "to"))
        {
            Unread(lexeme); // a bare "front" is a direction only where something faces it
            return;
        }
        if (lexeme.Plain == FromTheCentre)
        {
            if (Here().Heading.Degrees is not (90 or 270))
            {
                Note(lexeme, "note");
                return;
            }
            TakeDirection(i, Notation.Heading.Front, said: true);
            Assume(_draft, "facing", "Read as out of the line, to the front.", "");
            return;
        }
        // "I start at the back of the floor": where one stands.
        var stands = Follows(i, "at") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.Split(' ')[0] == "of";
        if (stands || Previous(i) is { Kind: "from" } || Follows(i, "from") || lexeme.Plain.Contains("wall") && Follows(i, "at", "near", "by") && !PreviousIs(i, "facing"))
        {
            Note(lexeme, "note"); // "we turn from the back to the right": where one comes from
            return;
        }
        // "Right hand at the back": where a hand or an end is.
        if (Follows(i, "at") && ClauseOf(i).Any(l => l.Is("handNoun") || l.Plain is "end" or "tip" or "butt") && !ClauseOf(i).Any(l => l.Kind is "facing" or "footwork" or "footNoun"))
        {
            Note(lexeme, "note");
            return;
        }
        // "The left foot swings behind you two hundred and seventy degrees": how far it goes is told.
        if (lexeme.Plain == "behind you" && (_lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "degrees" or "amount") || Alone(i) && ClauseOf(i).Any(l => l.Kind is "amount" or "relFoot") && RestOfSentence(i).Take(4).Any(l => l.Kind is "degrees" or "amount")))
        {
            Note(lexeme, "way");
            return;
        }
        // "The right foot goes behind you and you turn around": how it turns.
        if (lexeme.Plain == "behind you" && Previous(i) is { Kind: "footNoun" } && _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).ToList().Exists(l => l is { Kind: "footwork", Value: "turn" } && l.Plain.EndsWith("around", StringComparison.Ordinal)))
        {
            Note(lexeme, "way");
            return;
        }
        // "Your right foot goes behind you, you turn clockwise": half a turn.
        if (lexeme.Plain == "behind you" && Alone(i) && ClauseOf(i).Any(l => l.Is("footNoun")) && !ClauseOf(i).Any(l => l.Kind is "technique" or "stance") && _lexemes.Skip(i + 2).TakeWhile(l => !l.IsStop).ToList() is var turns && turns.Any(l => l.Is("turnSide")) && !RestOfSentence(i).Any(l => l.Kind is "facing" or "clock"))
        {
            var open = _draft.TurnAmount is null && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount");
            _draft.TurnAmount ??= 180;
            Note(lexeme, "way", open ? "Read as half a turn." : "", open ? "back" : "");
            return;
        }
        // "The right foot steps back behind you".
        if (lexeme.Plain == "behind you" && !_draft.IsTurning && (_draft is { Footwork: not null, SentenceEnded: false } || _foot is not null))
        {
            // "Bring the left foot around behind you and face that wall": it goes round, not back.
            var goesRound = _lexemes[i - 1].Plain is "around" or "round" && RestOfSentence(i).Any(l => l.Is("facing"));
            if (!goesRound && !_draft.IsDone && _draft.Stance is null && _draft.Footwork is "step") _draft.Footwork = "step-back";
            // "Look over your right shoulder, the right foot draws a big half circle behind you, you turn": round to where it goes.
            if (_draft is { Footwork: "crescent-step", Gaze: Notation.Gaze.OverShoulder, TurnAmount: null, Facing: null } && RestOfSentence(i).Any(l => l is { Kind: "footwork", Value: "turn" }) && !RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount")) _draft.TurnAmount = 180;
            Note(lexeme, "way");
            return;
        }
        // "Now the other way, right front stance, right block": about face.
        if (lexeme.Plain is "the other way" or "other way" && _draft is { SentenceEnded: true, IsDone: true } && OnlySmallWordsBefore(i) && RestOfSentence(i).Any(l => l.Is("technique")) && !_explicitCounts) Begin(Counting.Own);
        var backwards = lexeme.Value == "rear";
        // "Turn one-eighty to face the other way": the way opposite to where one faces.
        if (lexeme.Plain is "the other way" or "where you came from" or "the way you came" or "the other direction" or "opposite direction" or "the opposite direction" or "opposite way" or "the opposite way" or "opposite wall" or "the opposite wall" && (!_draft.IsDone || PreviousIs(i, "facing") && lexeme.Plain.Contains("way", StringComparison.Ordinal)))
        {
            var slant = lexeme.Plain is "the other way" && Now().Heading.Degrees % 90 == 45 && _draft is { TurnAmount: null, Footwork: not "pivot" };
            _draft.TurnAmount ??= slant ? 135 : 180;
            Note(lexeme, "turn", slant ? "Read as to the line, 135 degrees." : "", slant ? "turn 180 degrees" : "");
            return;
        }
        // "Turn to the rear" is half a turn from where you stand; "face the rear wall" is a place in the hall.
        // …but off a side line, by who says "turns to the front" as well, it is that wall.
        // "Turn left to the back of the room", where a quarter to the left is that wall.
        if (backwards && lexeme.Plain is "to the back" or "the back" or "to the rear" && _draft is { IsTurning: true, TurnAmount: null, Facing: null } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.StartsWith("of the", StringComparison.Ordinal) && (_draft.TurnSide ?? _side) is { } aside && Now().Heading + Turn.To(aside, 90) == Heading.Rear)
        {
            TakeDirection(i, Heading.Rear, said: true);
            Assume(_draft, "facing", "Read as facing the back wall.", "around");
            return;
        }
        if (backwards && lexeme.Plain is "to the back" or "the back" or "to the rear" or "the rear" && _draft is { IsTurning: true, TurnAmount: null, Facing: null } && Now().Heading.Degrees is 90 or 270 && Enumerable.Range(1, i).Any(k => lexeme.Plain is not "the rear" && _lexemes[k] is { Kind: "place", Plain: "to the front" } || _lexemes[k] is { Kind: "place", Plain: "front" or "the front" } && Previous(k) is { Kind: "footwork", Value: "turn" } faced && faced.Plain.EndsWith("face", StringComparison.Ordinal) || _lexemes[k] is { Kind: "place", Plain: "front" or "the front" } && _lexemes[k - 1] is { Kind: "footwork", Value: "turn" }))
        {
            TakeDirection(i, new Heading(180), said: true);
            Assume(_draft, "facing", "Read as facing the back, as \"to the front\" is facing the front.", "around");
            return;
        }
        if (backwards && !lexeme.Plain.Contains("wall") && lexeme.Plain != "south" && !(Previous(i) is { Kind: "footwork" } faces && faces.Plain.Split(' ')[^1] is "face" or "facing") && (_draft.IsTurning || _draft.HasTurn || Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" } && (_draft is { Footwork: "step" or "step-back" or "slide-back", IsDone: false } || _draft is { Footwork: "pull-together", Foot: { } leading, IsDone: false } && leading == Now().Lead && RestOfSentence(i).Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id).Feet == FeetKind.Lead))) && !PreviousIs(i, "facing"))
        {
            // "Turn to the south, the right foot behind you": where to is told already.
            var open = _draft.TurnAmount is null && _draft.Facing is null;
            if (!open && _draft.HasHands)
            {
                _draft.Notes.Add(Slice(lexeme)); // "turn left 90, thrust to the rear"
                Note(lexeme, "note");
                return;
            }
            _draft.TurnAmount ??= 180;
            Note(lexeme, "turn", open ? "Half a turn from where you stand." : "", open ? "facing the back wall" : "");
            return;
        }
        // "Step the left foot forward, straight ahead": said besides "forward", it is where one faces again.
        if (lexeme.Plain == "straight ahead" && !PreviousIs(i, "facing") && StartsClause(i) && (Here().Heading.Degrees is 45 or 315 || Here().Heading.Degrees is 90 or 270 && _draft is { Footwork: "step", Foot: not null, SentenceEnded: false } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("way", "forward"))))
        {
            TakeDirection(i, Notation.Heading.Front, said: true);
            Assume(_draft, "facing", "Read as facing the front again.", "forward");
            return;
        }
        if (lexeme.Plain == "straight ahead" && !PreviousIs(i, "facing"))
        {
            Note(lexeme, "way");
            return;
        }
        // "Turning counterclockwise, double block to the right wall": how far one turns, too.
        var turnsThere = lexeme.Plain.Contains("wall") && _draft is { TurnSide: not null, TurnAmount: null, Facing: null };
        // "…, so you end in a right fighting stance to the front": so is a stance's.
        turnsThere |= Previous(i) is { Kind: "stance" } && _draft.Facing is null && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "end" or "ending" or "end up" or "finish");
        turnsThere |= TurnsThere(i);
        // "Five is a left low block to the front", off a side line: there one turns.
        turnsThere |= lexeme.Plain == "to the front" && Previous(i) is { Kind: "technique", Term.Family: "receiving" } && _draft is { Footwork: null, Foot: null, HasTurn: false, Facing: null, Kick: null, Hands: [{ Hand: { } blocks }], IsNumbered: true } && Now() is { Lead: { } leads, Heading.Degrees: 90 or 270 } && blocks == leads.Hand;
        if (_draft.IsDone && !PreviousIs(i, "facing") && !_draft.SentenceEnded && !turnsThere)
        {
            Note(lexeme, "note");
            return;
        }
        TakeDirection(i, HeadingOf(lexeme), PreviousIs(i, "facing") || lexeme.Plain.Contains("wall") || turnsThere);
    }

    private static Heading HeadingOf(Lexeme place) => new(place.Value switch
    {
        "front" => 0,
        "frontRight" => 45,
        "right" => 90,
        "rearRight" => 135,
        "rear" => 180,
        "rearLeft" => 225,
        "left" => 270,
        _ => 315,
    });

    /// <summary>"Punch in back stance, turning to six o'clock", "…, turning to face the back wall": told after what is done.</summary>
    private bool TurnsThere(int i) => _draft is { IsTurning: true, HasTurn: false, Facing: null, SentenceEnded: false } && Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } turn && (turn.IsGerund || _draft.HandsFirst || IndexBefore(i) > 0 && _lexemes[IndexBefore(i) - 1].Is("together"));

    /// <summary>"Now to the front.": a sentence that tells where the next move goes.</summary>
    private bool NowThere(int i) => StartsSentence(i) && Alone(i) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "now" or "next" or "then");

    private bool StartsClause(int i) => Previous(i) is null;
}
