using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What a "left" or "right" belongs to.</summary>
public sealed partial class Reader
{
    /// <summary>A side that says the foot as well, in one word.</summary>
    private static bool NamesTheFoot(Lexeme side) => side.Plain is "lf" or "rf" or "oenbal" or "wenbal" or "oreunbal";

    private void TakeSide(int i, Side side)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "side");
        if (NamesTheFoot(lexeme) || lexeme.Plain is "lh" or "rh")
        {
            if (NamesTheFoot(lexeme)) AssignFoot(i, side);
            else AssignHand(i, side.Hand);
            return;
        }
        // "Left forearm up, right punch": the hand of the clause before has done something that was not understood.
        if (_hand is { } waiting && _limbLexeme is { } limb && waiting != Hand.Both && i > 0 && (_lexemes[i - 1].Is("stop", ",") || _lexemes[i - 1].Plain == "and" && waiting != side.Hand) && Next(i) is { IsHandTechnique: true })
        {
            if (!StaysARemark()) Leftover(limb);
            (_hand, _limbLexeme) = (null, null);
        }
        if (SideSaysSomethingElse(i, side)) return;
        // "Draw the left foot to the right, feet together": to the other foot.
        if (_draft is { Footwork: "pull-together", Foot: { } drawn, SentenceEnded: false } && drawn == side.Other && Alone(i) && Follows(i, "to") && Previous(i) is { Kind: "footNoun" }) return;
        // "Right side kick to the right, foot comes down in right front stance": there one faces when it is down.
        if (_draft is { Kick.Technique.Value: "side-kick", Facing: null, HasTurn: false, SentenceEnded: false } && Backward(i).TakeWhile(l => l.Is("filler")).Select(l => l.Plain).ToList() is { Count: > 0 } small && small.Contains("to") && small.All(w => w is "to" or "the" or "your" or "my") && Previous(i) is { IsKick: true } && ComesDownInAStance(i))
        {
            _draft.Facing = Now().Heading + Turn.To(side, 90);
            return;
        }
        if (_side is not null) Settle();
        if (SideOfTheWay(i, side) || SideOfWhatWasDone(i, side) || SideOfALie(i) || SideOfTheStance(i, side) || SideOfWhatFollows(i, side) || SideOfWhatWasSaid(i, side)) return;
        (_side, _sideLexeme) = (side, lexeme);
    }

    /// <summary>"Left over right": not a side of anything done.</summary>
    private bool SideOfALie(int i)
    {
        // "Salute left over right", "left hand over right hand": how the hands lie.
        if (OrderEnd(i) is var lie and >= 0)
        {
            _draft.Notes.Add(Said(i, lie).Text);
            for (var k = i; k <= lie; k++)
            {
                Note(_lexemes[k], "note");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            return true;
        }
        return false;
    }

    /// <summary>The side of a stance, or the way in which it is gone to.</summary>
    private bool SideOfTheStance(int i, Side side)
    {
        var (lexeme, next, previous) = (_lexemes[i], Next(i), Previous(i));
        // "Hidari mae neko-ashi-dachi": with the left foot forward.
        if (next is { Kind: "way", Value: "forward", Plain: "mae" } && Next(IndexAfter(i)) is { Kind: "stance" })
        {
            (_side, _sideLexeme) = (side, lexeme);
            _lexemes[IndexAfter(i)] = next with { Kind = "filler" };
            return true;
        }
        if (_draft is { OffTheLine: true, Way: null, Foot: not null, SentenceEnded: false } && previous is { Kind: "detail" })
        {
            _draft.Way = side.Way;
            return true;
        }
        // "Into a horse stance to the left side": where that is, not the hand of what comes.
        if (previous is { Kind: "stance" } && Follows(i, "to") && _draft is { Stance: { } stood, IsDone: false, SentenceEnded: false } && _ways.Stances.Of(stood).Feet == FeetKind.Even && (next is null || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "side"))
        {
            if (_draft is { Footwork: "step", Way: null, HasTurn: false, Facing: null }) _draft.Way = side.Way;
            else _draft.Notes.Add("to the " + side.Word);
            return true;
        }
        // "Left front stance to the left": one goes there.
        if (previous is { Kind: "stance" } && Follows(i, "to") && _draft is { Stance: { } went, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false, Footwork: null or "step" } && _ways.Stances.Of(went).Feet == FeetKind.Lead && next is not { Kind: "footNoun" or "handNoun" })
        {
            (_draft.Footwork, _draft.Way) = ("step", side.Way);
            return true;
        }
        return false;
    }

    /// <summary>The side of the word that follows.</summary>
    private bool SideOfWhatFollows(int i, Side side)
    {
        var (lexeme, next, previous) = (_lexemes[i], Next(i), Previous(i));
        // "Left stance, left down block": which foot leads.
        if (next is null && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "filler", Plain: "stance" } && _draft is { IsDone: false, Lead: null } or { SentenceEnded: true })
        {
            if (_draft is { SentenceEnded: true, HasBody: true, IsDone: true }) Begin(Counting.Own);
            (_draft.Lead, _draft.LeadIsPlain) = (side, true);
            return true;
        }
        // "Cross R behind L", "cross step with the right behind".
        if (previous is { Kind: "footwork", Value: "cross-front" or "cross-behind" } && next is { Kind: "lead", Plain: "behind" or "in front" } how && _draft is { Foot: null, IsDone: false })
        {
            (_draft.Footwork, _draft.Foot) = (how.Value == "rear" ? "cross-behind" : "cross-front", side);
            var at = _lexemes.IndexOf(how);
            if (Next(at) is { Kind: "side" } over && over.Value != side.Word)
            {
                Note(over, "footwork");
                _lexemes[IndexAfter(at)] = over with { Kind = "filler" };
            }
            return true;
        }
        // "Step forward to the right back stance": forward is where one goes; the side is the stance's.
        if (next is { Kind: "stance" } && i + 1 < _lexemes.Count && _lexemes[i + 1] == next && Follows(i, "to") && previous is { Kind: "footwork", Value: "step" } ahead && ahead.Plain.Split(' ')[^1] is "forward" or "ahead" or "through" && _draft is { Way: null, Lead: null, IsDone: false, SentenceEnded: false })
        {
            _draft.Lead = side;
            return true;
        }
        // "Step in with the right and strike", "step forward right and cut": the foot.
        if (previous is { Kind: "footwork", Value: "step" or "step-back" or "slide" } or { Kind: "way", Value: "forward" or "back" } && (Follows(i, "with") || i > 0 && _lexemes[i - 1] == previous) && _draft.Footwork is "step" or "step-back" or "slide" && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain == "and" && !_draft.IsDone || _lexemes[i + 1].Is("then") && !_draft.IsDone || _lexemes[i + 1].Plain is "plus" or "with" && Follows(i, "with") && _draft.IsDone && next is { IsHandTechnique: true } or { Kind: "level" }) && _draft is { Foot: null, SentenceEnded: false })
        {
            _draft.Foot = side;
            return true;
        }
        // "Horse stance facing left and strike with the right elbow".
        if (previous is { Kind: "facing" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "and" or "with" or "while" or "as")
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return true;
        }
        switch (next)
        {
            // "A left step with a jab".
            case { Kind: "footwork", Value: "step" or "slide" or "stomp", IsGerund: false } when i + 1 < _lexemes.Count && _lexemes[i + 1] == next && !IsTurnWord(previous) && previous is not { Kind: "footwork" or "facing" }:
                if (_draft.IsDone || _draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
                (_foot, _limbLexeme) = (side, lexeme);
                return true;
            case { Kind: "footNoun" or "handNoun" }:
            case { Kind: "technique" } when previous is not { Kind: "footwork" } || !IsTurnWord(previous) || Follows(i, "with") || AndBefore(i):
            case { Kind: "level" } when !IsTurnWord(previous):
                (_side, _sideLexeme) = (side, lexeme);
                return true;
            case { Kind: "lead" }:
                _draft.Lead = next.Value == "lead" ? side : side.Other;
                return true;
            case { Kind: "stance" } when !IsTurnWord(previous) || Follows(i, "into", "in", "to") && !Follows(i, "to"):
                (_side, _sideLexeme) = (side, lexeme);
                return true;
            case { Kind: "degrees" or "amount" }:
            case { Kind: "footwork", Value: "turn" or "pivot" or "spin" } when i + 1 < _lexemes.Count && _lexemes[i + 1] == next:
                BeginTurnIfDone(i);
                _draft.TurnSide = side;
                return true;
        }
        return false;
    }

    /// <summary>The side of the words before.</summary>
    private bool SideOfWhatWasSaid(int i, Side side)
    {
        var (next, previous) = (Next(i), Previous(i));
        if (previous is { Kind: "degrees" or "amount" } || IsTurnWord(previous))
        {
            if (_draft.TurnSide is null) _draft.TurnSide = side;
            return true;
        }
        if (previous is { Kind: "facing" })
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return true;
        }
        if (previous is { Kind: "footwork" or "way" } step)
        {
            if (Follows(i, "to", "towards", "toward")) _draft.Way ??= side.Way;
            else if (step.Kind == "way" && _draft.Foot is not null) _draft.Way = (_draft.Way, side) switch
            {
                (Way.Back, Side.Left) => Way.BackLeft,
                (Way.Back, Side.Right) => Way.BackRight,
                (_, Side.Left) => Way.ForwardLeft,
                _ => Way.ForwardRight,
            };
            // "…, right foot comes in, step right into right bow stance", along the line on which one is: the foot once more.
            else if (_draft.Foot == side && Now().Heading.Degrees is 90 or 270 && Previous(IndexBefore(i)) is null && next is { Kind: "side" } same && same.Value == side.Word && StanceComes(i + 1)) { }
            else if (_draft is { Foot: not null, Way: null, IsDone: false }) _draft.Way = side.Way; // "left foot steps left"
            else if (_draft.Foot is null)
            {
                (_draft.Foot, _draft.FootFromSide) = (side, !Follows(i, "with") && !step.Plain.EndsWith("forward", StringComparison.Ordinal));
                _fields[^1] = _fields[^1] with { Field = "foot", Assumption = $"Read as the {side.Word} foot; say \"to the {side.Word}\" for the direction.", Instead = $"to the {side.Word}" };
            }
            return true;
        }
        if (Follows(i, "to") && previous is { Kind: "footNoun" or "relFoot" })
        {
            _draft.Way ??= side.Way;
            return true;
        }
        // "Right back fist to the right": where the technique goes.
        if (previous is { IsHandTechnique: true } && Follows(i, "to", "towards", "toward") && _draft is { Hands: [.., { Hand: not null }] } && next is null or { Kind: "then" or "tempo" or "together" or "shout" or "stance" } or { Kind: "side" })
        {
            // "Left front stance, left low block to the left" out of the ready position: so one goes there.
            if (StanceSet.IsStanding(Now().Stance) && !_lexemes.Skip(i + 1).Take(2).Any(l => l.Plain is "of") && _draft is { Stance: { } taken, Lead: { } leads, Footwork: null or "step", Way: null, HasTurn: false, Facing: null, Kick: null } && leads == side && _draft.Hands.TrueForAll(h => h.Hand == side.Hand) && _ways.Stances.Of(taken).Feet == FeetKind.Lead)
            {
                (_draft.Footwork, _draft.Way) = ("step", side.Way);
                _fields[^1] = _fields[^1] with { Field = "way", Assumption = $"Read as going to the {side.Word}.", Instead = $"{side.Word} hand" };
                return true;
            }
            if (BlocksToTheOtherArm(i, side)) return true;
            _draft.Notes.Add("to the " + side.Word);
            return true;
        }
        if (previous is { IsHandTechnique: true } && _draft is { Hands: [.., { Hand: null } action] })
        {
            _draft.Hands[^1] = action with { Hand = side.Hand };
            return true;
        }
        if (previous is { IsKick: true } && _draft.Kick is { Foot: null } kick)
        {
            _draft.Kick = kick with { Foot = side };
            return true;
        }
        if (previous is { Kind: "stance" } && _draft.Lead is null)
        {
            _draft.Lead = side;
            return true;
        }
        return false;
    }

    /// <summary>Where "left (hand) over right (hand)" ends that begins at a side; -1 where it says something else.</summary>
    private int OrderEnd(int i)
    {
        var order = i + 1 < _lexemes.Count && _lexemes[i + 1].Is("handNoun") ? i + 2 : i + 1;
        var other = order < _lexemes.Count && _lexemes[order].Is("order") ? order + 1 : -1;
        while (other > 0 && other < _lexemes.Count && _lexemes[other].Plain is "the" or "your" or "my") other++;
        if (other < 0 || other >= _lexemes.Count || !_lexemes[other].Is("side")) return -1;
        var end = other + 1 < _lexemes.Count && _lexemes[other + 1].Is("handNoun") ? other + 1 : other;
        return Next(end) is null ? end : -1;
    }

    /// <summary>"Turn around and make a right hammer fist": whether "and" stands before it, with nothing but small words between.</summary>
    private bool AndBefore(int i) => Backward(i).TakeWhile(l => l.Is("filler")).Any(l => l.Plain == "and");
}
