using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Sides that say where a foot or a turn goes.</summary>
public sealed partial class Reader
{
    /// <summary>Where a foot goes or a turn goes to.</summary>
    private bool SideOfTheWay(int i, Side side)
    {
        var (next, previous) = (Next(i), Previous(i));
        // "Left foot, left, front stance": a side with a clause to itself after a foot is where the foot goes.
        if (i > 0 && (_lexemes[i - 1].IsStop || Follows(i, "to") && Previous(i) is null) && (i + 1 >= _lexemes.Count || _lexemes[i + 1].IsStop) && _draft is { Foot: not null, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            _draft.Way = side.Way;
            return true;
        }
        // "Right foot to the right side" off a diagonal: to that side of the hall.
        if (Follows(i, "to") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "side" && Now().Heading.Degrees % 90 == 45 && previous is { Kind: "footNoun" } or { Kind: "footwork" } && _draft is { Foot: { } toThere, HasTurn: false, Facing: null, IsDone: false, Way: null } && toThere == side && !ClauseOf(i).Any(l => l.Kind is "degrees" or "amount"))
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return true;
        }
        // "Pivot on the left foot to the left, 180 degrees": which way one turns.
        if (Follows(i, "to") && previous is { Kind: "footNoun" } && ClauseOf(i).Any(l => l.Kind is "support" or "pivotPoint") && _draft is { IsTurning: true, TurnSide: null, IsDone: false } && RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount"))
        {
            _draft.TurnSide = side;
            return true;
        }
        // "Step right foot to left": to the left foot; "to the left" is the direction.
        if (i > 0 && _lexemes[i - 1].Plain == "to" && previous is { Kind: "footNoun" } && next is not { IsGerund: true } && _draft is { Foot: { } mover, Way: null, Stance: null, IsDone: false, Footwork: null or "step" or "lift-foot" or "slide" } && mover == side.Other)
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            if (next is { Kind: "footNoun" }) _fields[^1] = _fields[^1] with { Field = "footwork" };
            else _fields[^1] = _fields[^1] with { Field = "footwork", Assumption = $"Read as to the {side.Word} foot.", Instead = $"{side.Word}, stepping" };
            return true;
        }
        // "Slide the right foot to the left, stand up", "left foot comes to the right.": beside the other one.
        if (Follows(i, "to") && Alone(i) && !(i > 0 && _lexemes[i - 1].Plain == "to") && _draft is { Foot: { } closes, Way: null, Stance: null, IsDone: false, HasTurn: false, SentenceEnded: false, Footwork: null or "slide" or "step" } && closes == side.Other && (_ways.Stances.Of(Now().Stance).IsStraddle || _draft.Brought && RestOfSentence(i).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "footwork", Plain: "turning" })
            && (RestOfSentence(i).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "footwork", Value: "rise" } or { Kind: "footwork", Plain: "turning" } || i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && ClauseOf(i).Any(l => l.Plain is "comes" or "come")))
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            _fields[^1] = _fields[^1] with { Field = "footwork", Assumption = $"Read as to the {side.Word} foot.", Instead = $"to the {side.Word} side" };
            return true;
        }
        // "Hold the ball, right foot comes to the left.": beside the other one, where nothing else is told of it.
        if (Follows(i, "to") && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && _draft is { Foot: { } joins, Footwork: null or "step", Way: null, Stance: null, HasTurn: false, SentenceEnded: false } && joins == side.Other && ClauseOf(i).Any(l => l.Plain is "comes" or "come"))
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            _fields[^1] = _fields[^1] with { Field = "footwork", Assumption = $"Read as to the {side.Word} foot.", Instead = $"to the {side.Word} side" };
            return true;
        }
        // "Draw the left foot to the right and step out": beside the other one.
        if (Follows(i, "to") && previous is { Kind: "footNoun" } && next is null or { Kind: "footwork" } && _draft is { Foot: { } drawn, Footwork: "pull-together", Way: null, Stance: null, IsDone: false, HasTurn: false, SentenceEnded: false } && drawn == side.Other)
            return true;
        // "The left foot forward to the right.": up to the other one, where nothing is done there.
        if (Follows(i, "to") && Alone(i) && previous is { Kind: "way", Value: "forward" } && _draft is { Foot: { } comes, Stance: null, IsDone: false, HasTurn: false, SentenceEnded: false } && comes == side.Other && !RestOfSentence(i).Any(l => l.Kind is "technique" or "stance"))
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            _fields[^1] = _fields[^1] with { Field = "footwork", Assumption = $"Read as to the {side.Word} foot.", Instead = $"{side.Word}, diagonally" };
            return true;
        }
        // "The left foot steps left to front stance": where it goes.
        if (previous is { Kind: "footwork", Value: "step" } && i > 0 && _lexemes[i - 1] == previous && next is { Kind: "stance" } && _lexemes[i + 1].Plain is "to" or "into" or "in" && _draft is { Foot: { } stepping, Way: null, HasTurn: false, Facing: null, IsDone: false } && stepping == side)
        {
            _draft.Way = side.Way;
            return true;
        }
        // "The left foot goes to the left and do a back fist": where it goes, no hand.
        if (previous is { Kind: "footNoun" } && Follows(i, "to") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _draft is { Foot: { } goes, Footwork: null, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false } && goes == side)
        {
            _draft.Way = side.Way;
            return true;
        }
        // A turn that still wants its side takes it, before a technique does.
        if (previous is { Kind: "degrees" or "amount" } && !AndBefore(i) && _draft is { TurnSide: null, TurnAmount: not null } && next is not { Kind: "footNoun" or "handNoun" } && !(next is { Kind: "stance" } && (Follows(i, "into", "in") || _draft.TurnAmount == 180 && _lexemes[i - 1].Plain == "to")))
        {
            _draft.TurnSide = side;
            return true;
        }
        // "Stepping through with the right do a low block": the foot, where no comma parts it from what the hands do.
        if (previous is { IsGerund: true, Value: "step" or "slide" } && Follows(i, "with") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "do" or "make" or "execute" or "perform" or "apply" or "deliver" or "throw a" or "go" && _draft is { Foot: null, IsDone: false, SentenceEnded: false })
        {
            _draft.Foot = side;
            return true;
        }
        // "Turn the long way around to the right to face nine o'clock".
        if (previous is { Kind: "detail", Value: "longWay" } && Follows(i, "to") && _draft is { TurnSide: null, SentenceEnded: false } && next is { Kind: "facing" or "place" or "clock" })
        {
            _draft.TurnSide = side;
            return true;
        }
        // "Jump, turning in the air to the left".
        if (previous is { Kind: "detail", Plain: "in the air" } && Previous(IndexBefore(i)) is { Kind: "footwork" } turning && IsTurnWord(turning) && _draft is { TurnSide: null, IsDone: false, SentenceEnded: false })
        {
            _draft.TurnSide = side;
            return true;
        }
        if (previous is { Kind: "footwork" or "footNoun" or "relFoot" } && !IsTurnWord(previous) && _draft.Way is null && (_draft.Footwork is not null || previous.Is("footwork") || next is { Kind: "stance" } or { IsGerund: true, Value: "shift" or "drop" } && _draft is { Foot: not null, IsDone: false }) && Follows(i, "to", "towards", "toward")
            && next is null or { Kind: not ("footNoun" or "handNoun") } && !(next is { Kind: "stance" } && (_lexemes[i - 1].Plain is "to" or "a" or "an" || previous.Plain.Split(' ')[^1] is "forward" or "ahead" or "through")))
        {
            _draft.Way = side.Way;
            return true;
        }
        return false;
    }

    /// <summary>Whether "go" or "head" stands before a side, with nothing but small words between.</summary>
    private bool GoesThere(int i)
    {
        for (var k = i - 1; k >= 0 && _lexemes[k].Is("filler"); k--)
            if (_lexemes[k].Plain is "go" or "going" or "goes" or "head" or "heads" or "open" or "opens" or "opening" or "start" or "starts" or "begin" or "begins" or "round" or "around") return true;
        return false;
    }

    private static bool IsTurnWord(Lexeme? lexeme) => lexeme is { Kind: "footwork" } && Turning.Contains(lexeme.Value);
}
