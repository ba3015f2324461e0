using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Sides, turns and directions: what a bare "left" belongs to, how far, and facing where.</summary>
public sealed partial class Reader
{
    private void TakeSide(int i, Side side)
    {
        var lexeme = _lexemes[i];
        var next = Next(i);
        var previous = Previous(i);
        Note(lexeme, "side");
        if (lexeme.Plain is "lf" or "rf" or "lh" or "rh")
        {
            if (lexeme.Plain[1] == 'f') AssignFoot(i, side);
            else AssignHand(i, side.Hand);
            return;
        }
        // "Reverse punch left then right": the other hand after it.
        if (i > 0 && _lexemes[i - 1].Is("then") && Alone(i) && _draft is { SentenceEnded: false, Hands: [.., { Hand: { } done } again] } && done != Hand.Both && done != side.Hand && _side is null)
        {
            Begin(Counting.Then);
            if (_listed >= 2) _draft.Counting = Counting.Own;
            _draft.Hands.Add(again with { Hand = side.Hand });
            return;
        }
        if (_draft is { Footwork: "kneel", Foot: null, IsDone: false, SentenceEnded: false } && Previous(i) is null && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "one"))
        {
            _draft.Foot = side; // "down on one knee, the left one"
            return;
        }
        // "Hidari ni muite": the side comes before the word for facing.
        if (next is { Kind: "facing", Plain: "ni muite" or "muite" or "muki" })
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return;
        }
        // "Pick up the right foot to the left one": the feet come together.
        if (_draft is { Foot: { } going, Footwork: "step" or "lift-foot" or "slide" or "pull-together", IsDone: false } && going == side.Other && Follows(i, "to", "beside", "by", "against") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "one")
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            return;
        }
        // "It opens like the first one: left, down block; …": the way to go.
        if (i > 0 && _lexemes[i - 1].Is("stop", ":") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && (_lexemes[i + 2].IsHandTechnique || _lexemes[i + 2].Is("stance")) && _draft is { Foot: null, HasTurn: false, Facing: null, Footwork: null, IsDone: false })
        {
            _draft.TurnSide = side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} hand");
            return;
        }
        // "Go left, walking stance": with no foot named, the body goes there.
        if (Follows(i, "go", "going", "head", "to") && GoesThere(i) && (next is null or { Kind: "stance" } || next is { Kind: "side" } && Follows(i, "to")) && _draft is { Foot: null, HasTurn: false, Facing: null, Footwork: null, IsDone: false })
        {
            if (_draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
            _draft.TurnSide = side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} foot");
            return;
        }
        if (_side is not null) Settle();
        // "Left foot, left, front stance": a side with a clause to itself after a foot is where the foot goes.
        if (i > 0 && _lexemes[i - 1].IsStop && (i + 1 >= _lexemes.Count || _lexemes[i + 1].IsStop) && _draft is { Foot: not null, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            _draft.Way = side == Side.Left ? Way.Left : Way.Right;
            return;
        }
        // "Step right foot to left": to the left foot; "to the left" is the direction.
        if (i > 0 && _lexemes[i - 1].Plain == "to" && previous is { Kind: "footNoun" } && _draft is { Foot: { } mover, Way: null, Stance: null, IsDone: false, Footwork: null or "step" or "lift-foot" or "slide" } && mover == side.Other)
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            _fields[^1] = _fields[^1] with { Field = "footwork", Assumption = $"Read as to the {side.Word} foot.", Instead = $"the {side.Word}" };
            return;
        }
        // A turn that still wants its side takes it, before a technique does.
        if (previous is { Kind: "degrees" or "amount" } && _draft is { TurnSide: null, TurnAmount: not null } && next is not { Kind: "footNoun" or "handNoun" })
        {
            _draft.TurnSide = side;
            return;
        }
        if (previous is { Kind: "footwork" or "footNoun" or "relFoot" } && !IsTurnWord(previous) && _draft.Way is null && (_draft.Footwork is not null || previous.Is("footwork")) && Follows(i, "to", "towards", "toward")
            && next is null or { Kind: not ("footNoun" or "handNoun") } && !(next is { Kind: "stance" } && _lexemes[i - 1].Plain == "to"))
        {
            _draft.Way = side == Side.Left ? Way.Left : Way.Right;
            return;
        }
        // "Rising block right at 45".
        if (previous is { IsHandTechnique: true } && _draft is { Hands: [.., { Hand: null } sideless] } && next is { Kind: "degrees" } && Follows(IndexAfter(i), "at"))
        {
            _draft.Hands[^1] = sideless with { Hand = side.Hand };
            return;
        }
        // "Horizontal strike to the left side": where the weapon goes.
        if (previous is { IsHandTechnique: true, Term.IsWeapon: true } && Follows(i, "to") && next is null or { IsHandTechnique: true, Term.IsWeapon: false })
        {
            _draft.Notes.Add("to the " + side.Word);
            return;
        }
        // "Low block left and you punch": the side of what was just said.
        if (previous is { IsHandTechnique: true } && i > 0 && _lexemes[i - 1] == previous && _draft is { Hands: [.., { Hand: null } bare] } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "and" || _lexemes[i + 1].Is("then")))
        {
            _draft.Hands[^1] = bare with { Hand = side.Hand };
            return;
        }
        // "Salute left over right", "left hand over right hand": how the hands lie.
        if (OrderEnd(i) is var lie and >= 0)
        {
            _draft.Notes.Add(_text[lexeme.Start..(_lexemes[lie].Start + _lexemes[lie].Length)]);
            for (var k = i; k <= lie; k++)
            {
                Note(_lexemes[k], "note");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            return;
        }
        // "Hidari mae neko-ashi-dachi": with the left foot forward.
        if (next is { Kind: "way", Value: "forward", Plain: "mae" } && Next(IndexAfter(i)) is { Kind: "stance" })
        {
            (_side, _sideLexeme) = (side, lexeme);
            _lexemes[IndexAfter(i)] = next with { Kind = "filler" };
            return;
        }
        if (_draft is { OffTheLine: true, Way: null, Foot: not null, SentenceEnded: false } && previous is { Kind: "detail" })
        {
            _draft.Way = side == Side.Left ? Way.Left : Way.Right;
            return;
        }
        // "Left front stance to the left": one goes there.
        if (previous is { Kind: "stance" } && Follows(i, "to") && _draft is { Stance: { } went, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false, Footwork: null or "step" } && _ways.Stances.Of(went).Feet == FeetKind.Lead && next is not { Kind: "footNoun" or "handNoun" })
        {
            (_draft.Footwork, _draft.Way) = ("step", side == Side.Left ? Way.Left : Way.Right);
            return;
        }
        switch (next)
        {
            // "A left step with a jab".
            case { Kind: "footwork", Value: "step" or "slide", IsGerund: false } when i + 1 < _lexemes.Count && _lexemes[i + 1] == next && !IsTurnWord(previous) && previous is not { Kind: "footwork" or "facing" }:
                if (_draft.IsDone || _draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
                (_foot, _limbLexeme) = (side, lexeme);
                return;
            case { Kind: "footNoun" or "handNoun" }:
            case { Kind: "technique" } when previous is not { Kind: "footwork" } || !IsTurnWord(previous) || Follows(i, "with"):
            case { Kind: "level" } when !IsTurnWord(previous):
                (_side, _sideLexeme) = (side, lexeme);
                return;
            case { Kind: "lead" }:
                _draft.Lead = next.Value == "lead" ? side : side.Other;
                return;
            case { Kind: "stance" } when !IsTurnWord(previous) || Follows(i, "into", "in", "to") && !Follows(i, "to"):
                (_side, _sideLexeme) = (side, lexeme);
                return;
            case { Kind: "degrees" or "amount" }:
            case { Kind: "footwork", Value: "turn" or "pivot" or "spin" } when i + 1 < _lexemes.Count && _lexemes[i + 1] == next:
                BeginTurnIfDone();
                _draft.TurnSide = side;
                return;
        }
        if (previous is { Kind: "degrees" or "amount" } || IsTurnWord(previous))
        {
            if (_draft.TurnSide is null) _draft.TurnSide = side;
            return;
        }
        if (previous is { Kind: "facing" })
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return;
        }
        if (previous is { Kind: "footwork" or "way" } step)
        {
            if (Follows(i, "to", "towards", "toward")) _draft.Way ??= side == Side.Left ? Way.Left : Way.Right;
            else if (step.Kind == "way" && _draft.Foot is not null) _draft.Way = (_draft.Way, side) switch
            {
                (Way.Back, Side.Left) => Way.BackLeft,
                (Way.Back, Side.Right) => Way.BackRight,
                (_, Side.Left) => Way.ForwardLeft,
                _ => Way.ForwardRight,
            };
            else if (_draft.Foot is null)
            {
                (_draft.Foot, _draft.FootFromSide) = (side, true);
                _fields[^1] = _fields[^1] with { Field = "foot", Assumption = $"Read as the {side.Word} foot; say \"to the {side.Word}\" for the direction.", Instead = $"to the {side.Word}" };
            }
            return;
        }
        if (Follows(i, "to") && previous is { Kind: "footNoun" or "relFoot" })
        {
            _draft.Way ??= side == Side.Left ? Way.Left : Way.Right;
            return;
        }
        // "Right back fist to the right": where the technique goes.
        if (previous is { IsHandTechnique: true } && Follows(i, "to", "towards", "toward") && _draft is { Hands: [.., { Hand: not null }] } && next is null)
        {
            _draft.Notes.Add("to the " + side.Word);
            return;
        }
        if (previous is { IsHandTechnique: true } && _draft is { Hands: [.., { Hand: null } action] })
        {
            _draft.Hands[^1] = action with { Hand = side.Hand };
            return;
        }
        if (previous is { IsKick: true } && _draft.Kick is { Foot: null } kick)
        {
            _draft.Kick = kick with { Foot = side };
            return;
        }
        if (previous is { Kind: "stance" } && _draft.Lead is null)
        {
            _draft.Lead = side;
            return;
        }
        (_side, _sideLexeme) = (side, lexeme);
    }

    /// <summary>Whether "go" or "head" stands before a side, with nothing but small words between.</summary>
    private bool GoesThere(int i)
    {
        for (var k = i - 1; k >= 0 && _lexemes[k].Is("filler"); k--)
            if (_lexemes[k].Plain is "go" or "going" or "head" or "goes") return true;
        return false;
    }

    /// <summary>Where "left (hand) over right (hand)" ends that begins at a side; -1 where it says something else.</summary>
    private int OrderEnd(int i)
    {
        var order = i + 1 < _lexemes.Count && _lexemes[i + 1].Is("handNoun") ? i + 2 : i + 1;
        var other = order < _lexemes.Count && _lexemes[order].Is("order") ? order + 1 : -1;
        while (other > 0 && other < _lexemes.Count && _lexemes[other].Plain is "the" or "your") other++;
        if (other < 0 || other >= _lexemes.Count || !_lexemes[other].Is("side")) return -1;
        var end = other + 1 < _lexemes.Count && _lexemes[other + 1].Is("handNoun") ? other + 1 : other;
        return Next(end) is null ? end : -1;
    }

    private static bool IsTurnWord(Lexeme? lexeme) => lexeme is { Kind: "footwork" } && Turning.Contains(lexeme.Value);

    private void BeginTurnIfDone()
    {
        // "Spinning back fist, turning 360 left": how far the turn goes that this move has begun.
        if (_draft is { IsTurning: true, HasTurn: false, SentenceEnded: false }) return;
        if (_draft.IsDone || _draft.SentenceEnded && _draft.Stance is not null) Begin(Counting.Own);
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
        if (_lexemes[i].Plain == "all the way" && _draft is not { Footwork: "spin" or "turn" or "jump" })
        {
            Note(_lexemes[i], "filler"); // "all the way down"
            return;
        }
        if (allTheWay && _draft is { Footwork: "spin" or "jump", SentenceEnded: false })
        {
            _draft.TurnAmount ??= 360;
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
        BeginTurnIfDone();
        // "Turn all the way around, 180 degrees": the number tells how far.
        if (allTheWay && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "degrees" or "amount"))
        {
            Note(_lexemes[i], "turn");
            return;
        }
        // "Turn all the way round" is about face for most who say it; a spin or a jump goes full circle.
        if (allTheWay && _draft.TurnAmount is null)
        {
            _draft.TurnAmount = 180;
            if (_side is { } way && _draft.TurnSide is null) (_draft.TurnSide, _side) = (way, null);
            Note(_lexemes[i], "turn", "Read as half a turn.", "360 degrees");
            return;
        }
        // "At 45 to the left … at 45 to the right": from one diagonal the other one is meant.
        if (degrees == 45 && (Follows(i, "at") || _draft is { Foot: not null, Footwork: null } or { Foot: not null, Footwork: "step" }) && _draft is { TurnAmount: null, SentenceEnded: false } && Now().Heading.Degrees % 90 == 45)
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

    private void TakeDirection(int i, Heading heading, bool said)
    {
        // "…, punch. Then to the back, left foot, …": the next move is told by where it goes.
        if (_draft.Facing == heading && _draft is { IsDone: false, Stance: null })
        {
            Note(_lexemes[i], "facing"); // said once more
            return;
        }
        if (_draft is { SentenceEnded: true, IsDone: true } && !said && NowThere(i)) Begin(Counting.Own);
        if (_draft is { SentenceEnded: true, IsDone: true } && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "technique" or "footwork" or "relFoot" or "footNoun")) Begin(Counting.Own);
        // "High punch to three o'clock", or the same direction once more: where the technique goes, not a new facing.
        if (!_draft.SentenceEnded && _draft.IsDone && (!said || _draft.Facing == heading))
        {
            Note(_lexemes[i], "facing");
            return;
        }
        if (_draft.SentenceEnded && (_draft.Facing is not null || _draft.IsOpening || _draft is { Stance: not null, Footwork: null }) || _draft is { Facing: not null, IsDone: true }) Begin(Counting.Own);
        // "Right foot to three o'clock, sitting stance facing twelve": first where the step goes, then where one faces.
        if (said && _draft is { FacingIsLoose: true, Facing: { } goal, Way: null, IsDone: false, SentenceEnded: false } && goal != heading && Draft.WayTo(Now().Heading, goal) is { } way)
            (_draft.Way, _draft.Facing) = (way, heading);
        _draft.Facing ??= heading;
        _draft.FacingIsLoose = !said && !_draft.IsTurning;
        Note(_lexemes[i], "facing");
    }

    private void TakePlace(int i)
    {
        var lexeme = _lexemes[i];
        if (lexeme.Plain == "front" && !PreviousIs(i, "facing"))
        {
            Unread(lexeme); // a bare "front" is a direction only where something faces it
            return;
        }
        if (Previous(i) is { Kind: "from" } || Follows(i, "from"))
        {
            Note(lexeme, "note"); // "we turn from the back to the right": where one comes from
            return;
        }
        // "The right foot steps back behind you".
        if (lexeme.Plain == "behind you" && !_draft.IsTurning && (_draft is { Footwork: not null, SentenceEnded: false } || _foot is not null))
        {
            if (!_draft.IsDone && _draft.Stance is null && _draft.Footwork is "step") _draft.Footwork = "step-back";
            Note(lexeme, "way");
            return;
        }
        var backwards = lexeme.Value == "rear";
        // "Turn one-eighty to face the other way": the way opposite to where one faces.
        if (lexeme.Plain is "the other way" or "where you came from" or "the way you came" or "opposite direction" or "the opposite direction" && !_draft.IsDone)
        {
            _draft.TurnAmount ??= 180;
            Note(lexeme, "turn");
            return;
        }
        // "Turn to the rear" is half a turn from where you stand; "face the rear wall" is a place in the hall.
        if (backwards && !lexeme.Plain.Contains("wall") && (_draft.IsTurning || _draft.HasTurn) && !PreviousIs(i, "facing"))
        {
            _draft.TurnAmount ??= 180;
            Note(lexeme, "turn", "Half a turn from where you stand.", "facing the back wall");
            return;
        }
        if (lexeme.Plain == "straight ahead" && !PreviousIs(i, "facing") && Here().Heading.Degrees is 45 or 315 && StartsClause(i))
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
        if (_draft.IsDone && !PreviousIs(i, "facing") && !_draft.SentenceEnded)
        {
            Note(lexeme, "note");
            return;
        }
        var heading = lexeme.Value switch
        {
            "front" => 0,
            "frontRight" => 45,
            "right" => 90,
            "rearRight" => 135,
            "rear" => 180,
            "rearLeft" => 225,
            "left" => 270,
            _ => 315,
        };
        TakeDirection(i, new Heading(heading), PreviousIs(i, "facing") || lexeme.Plain.Contains("wall"));
    }

    /// <summary>"Now to the front.": a sentence that tells where the next move goes.</summary>
    private bool NowThere(int i) => StartsSentence(i) && Alone(i) && _lexemes.Take(i).Reverse().TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "now" or "next" or "then");

    private bool StartsClause(int i) => Previous(i) is null;

    private void TakeWay(int i)
    {
        var lexeme = _lexemes[i];
        var way = Enum.Parse<Way>(lexeme.Value, ignoreCase: true);
        Note(lexeme, "way");
        // "…, low block left. Then straight forward with the left, …": another move; from a diagonal it goes to the front again.
        if (_draft is { SentenceEnded: true, IsDone: true } && way == Way.Forward && (StartsSentence(i) || Previous(i) is { Kind: "then" } && StartsSentence(IndexBefore(i))) && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "side" or "footNoun" or "stance" or "technique")) Begin(Counting.Own);
        if (lexeme.Plain == "straight forward" && Here().Heading.Degrees is 45 or 315 && _draft is { IsDone: false, HasTurn: false, Facing: null })
        {
            _draft.Facing = Notation.Heading.Front;
            _fields[^1] = _fields[^1] with { Field = "facing", Assumption = "Read as facing the front again.", Instead = "forward" };
        }
        // "Right foot back to the left foot": it comes home beside the other one.
        if (way == Way.Back && _draft is { Foot: not null, IsDone: false } or { Footwork: "step", IsDone: false } && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain == "to"
            && Next(i) is { Kind: "side" } && (Next(IndexAfter(i)) is { Kind: "footNoun" } || Alone(IndexAfter(i)) && _lexemes[IndexAfter(i)].Value != _draft.Foot?.Word))
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            var noun = Alone(IndexAfter(i)) ? IndexAfter(i) : IndexAfter(IndexAfter(i));
            for (var k = i + 1; k <= noun; k++)
            {
                Note(_lexemes[k], "footwork");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            return;
        }
        // "Front kick, and comes back".
        if (way == Way.Back && _draft is { Kick: { Landing: null } swung, HasHands: false, SentenceEnded: false } && (Follows(i, "comes", "goes") || i > 0 && _lexemes[i - 1].Is("stop", ",")) && Next(i) is null)
        {
            _draft.Kick = swung with { Landing = Landing.SamePlace };
            return;
        }
        if (Previous(i) is { Kind: "landing" or "technique" or "times" } or { Kind: "footwork", Value: "land" }) return;
        if (PreviousIs(i, "facing") && way == Way.Forward)
        {
            TakeDirection(i, Heading.Front, said: true);
            return;
        }
        // "Turn back to the front": the direction that follows says how far.
        if (_draft.IsTurning && way == Way.Back && Next(i) is { Kind: "place" or "clock" or "facing" or "side" })
        {
            _lexemes[i] = lexeme with { Kind = "filler" };
            return;
        }
        if (_draft.IsTurning && way == Way.Back)
        {
            _draft.TurnAmount ??= 180;
            return;
        }
        if (_draft.Footwork == "pull-together" && way == Way.Back) _draft.PulledBack = true;
        if (_draft.IsDone || _draft.Stance is not null || _draft.Footwork == "pull-together") return;
        _draft.Way ??= way;
        _draft.Footwork ??= way is Way.Back ? "step-back" : "step";
    }
}
