using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Corners of the hall and diagonals: which one is meant, seen from where one faces.</summary>
public sealed partial class Reader
{
    /// <summary>"Step to the corner, knife hand": half a right angle, to the side of the foot that steps; "…, corner, knife hand" is such a step.</summary>
    private bool GoesToTheCorner(int i)
    {
        // "Left foot forward to the other diagonal": a right angle from one to the other, to the side of the foot.
        if (i > 0 && _lexemes[i - 1].Plain is "other" or "the other" && Now().Heading.Degrees % 90 == 45 && _draft is { Foot: not null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            (_draft.Footwork, _draft.Way, _draft.TurnAmount, _draft.TurnSide) = (_draft.Footwork ?? "step", null, 90, Now().Heading.Degrees is 315 or 135 ? Side.Right : Side.Left);
            Note(_lexemes[i], "turn");
            return true;
        }
        // "Now the other corner, right foot, cat stance": likewise, said first.
        if (i > 0 && _lexemes[i - 1].Plain is "other" or "the other" && Alone(i) && AfterDraft().Heading is { Degrees: var slanted } && slanted % 90 == 45 && (_draft.SentenceEnded || _draft.IsEmpty) && RestOfSentence(i).Any(l => l.Kind is "stance" or "technique"))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide) = ("step", 90, slanted is 315 or 135 ? Side.Right : Side.Left);
            Note(_lexemes[i], "turn");
            return true;
        }
        // "The right foot to the right corner", out of the left one: that corner of the hall in front.
        if (i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "to", "to the") && Now().Heading.Degrees is 45 or 315 && _draft is { Foot: not null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            _draft.Facing = new Heading(_lexemes[i - 1].Value == "left" ? 315 : 45);
            (_draft.Footwork, _draft.Way) = (_draft.Footwork is null or "step-back" ? "step" : _draft.Footwork, null);
            if (_sideLexeme == _lexemes[i - 1]) (_side, _sideLexeme) = (null, null);
            Note(_lexemes[i], "facing");
            return true;
        }
        // "Turn to the opposite corner".
        if (_draft is { IsTurning: true, TurnAmount: null, Facing: null, IsDone: false, SentenceEnded: false } && i > 0 && _lexemes[i - 1].Plain == "opposite")
        {
            _draft.TurnAmount = 180;
            Note(_lexemes[i], "turn");
            return true;
        }
        // "Left diagonal, left walking stance": to the other one, from a diagonal.
        if (i > 0 && _lexemes[i - 1].Is("side") && Alone(i) && Previous(i - 1) is null && _draft is { IsDone: false, HasTurn: false, Facing: null } && _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "stance" or "technique"))
        {
            var from = Now().Heading.Degrees % 90 == 45 ? 90 : 45;
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide) = (_draft.Footwork ?? "step", from, _lexemes[i - 1].Side);
            if (_sideLexeme == _lexemes[i - 1]) (_side, _sideLexeme) = (null, null);
            Note(_lexemes[i], "turn", from == 90 ? "Read as the other diagonal." : "Read as 45 degrees.", from == 90 ? "turn 45 degrees" : "90 degrees");
            return true;
        }
        // "Turn to the left corner, left bow."
        if (_draft is { IsTurning: true, TurnAmount: null, TurnSide: not null, Facing: null, IsDone: false, SentenceEnded: false } && i > 0 && _lexemes[i - 1].Is("side"))
        {
            var diagonal = Now().Heading.Degrees % 90 == 45;
            _draft.TurnAmount = diagonal ? 90 : 45;
            Note(_lexemes[i], "turn", diagonal ? "Read as the other diagonal." : "Read as 45 degrees.", diagonal ? "45 degrees" : "90 degrees");
            return true;
        }
        // "Diagonal right, right knife hand."
        if (StartsSentence(i) && Next(i) is { Kind: "side" } slant && Alone(IndexAfter(i)) && (_draft.SentenceEnded || _draft.IsEmpty))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide) = ("step", 45, slant.Side);
            Note(_lexemes[i], "turn", "Read as 45 degrees.", "90 degrees");
            Note(slant, "turn");
            _lexemes[IndexAfter(i)] = slant with { Kind = "filler" };
            return true;
        }
        var alone = i > 0 && _lexemes[i - 1].Is("stop", ",") && Alone(i) && _draft.IsDone && _lexemes.Take(i).Any(l => l.Plain == "corner");
        if (alone) Begin(Counting.Own);
        else if (_draft is not { HasTurn: false, Facing: null, Way: null, IsDone: false, SentenceEnded: false } || !(_draft.Footwork == "step" || _draft is { Footwork: null, Foot: not null } && Alone(i))) return false;
        var across = Now().Heading.Degrees % 90 == 45 && _draft.Foot is not null;
        (_draft.Footwork, _draft.TurnAmount) = ("step", across ? 90 : 45);
        Note(_lexemes[i], "turn", across ? "Read as the other diagonal." : "Read as 45 degrees.", across ? "turn 45 degrees" : "90 degrees");
        return true;
    }
}
