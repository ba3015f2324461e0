using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>A "left" or "right" that is told by the words around it, before it is looked at as the side of something.</summary>
public sealed partial class Reader
{
    /// <summary>Another hand, a knee, where one faces: sides that are told by the words around them.</summary>
    private bool SideSaysSomethingElse(int i, Side side)
    {
        var (lexeme, next) = (_lexemes[i], Next(i));
        // "Reverse punch left then right": the other hand after it.
        if (i > 0 && _lexemes[i - 1].Is("then") && Alone(i) && _draft is { SentenceEnded: false, Hands: [.., { Hand: { } done } again] } && done != Hand.Both && done != side.Hand && _side is null)
        {
            Begin(Counting.Then);
            if (_listed >= 2) _draft.Counting = Counting.Own;
            _draft.Hands.Add(again with { Hand = side.Hand });
            return true;
        }
        if (_draft is { Footwork: "kneel", Foot: null, IsDone: false, SentenceEnded: false } && Previous(i) is null && (Alone(i) || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "one"))
        {
            _draft.Foot = side; // "down on one knee, the left one"
            return true;
        }
        // "Hidari ni muite": the side comes before the word for facing.
        if (next is { Kind: "facing", Plain: "ni muite" or "muite" or "muki" })
        {
            TakeDirection(i, side == Side.Left ? Heading.Left : Heading.Right, said: true);
            return true;
        }
        // "Pick up the right foot to the left one": the feet come together.
        if (_draft is { Foot: { } going, Footwork: "step" or "lift-foot" or "slide" or "pull-together", IsDone: false } && going == side.Other && Follows(i, "to", "beside", "by", "against") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "one")
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            return true;
        }
        // "It opens like the first one: left, down block; …": the way to go.
        if (i > 0 && _lexemes[i - 1].Is("stop", ":") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && (_lexemes[i + 2].IsHandTechnique || _lexemes[i + 2].Is("stance")) && _draft is { Foot: null, HasTurn: false, Facing: null, Footwork: null, IsDone: false })
        {
            _draft.TurnSide = side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} hand");
            return true;
        }
        // "Then left, low block, …": with a sentence to begin, it is where one turns.
        if (i > 0 && _lexemes[i - 1].Is("then") && StartsSentence(i - 1) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2] is { IsHandTechnique: true, Term.Family: "receiving" } or { Kind: "stance" } && _draft is { SentenceEnded: true, HasBody: true } or { IsEmpty: true })
        {
            if (_draft.HasBody) Begin(Counting.Own);
            _draft.TurnSide = side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} hand");
            return true;
        }
        // "Go left, walking stance": with no foot named, the body goes there.
        if (Follows(i, "go", "going", "goes", "head", "heads", "to") && GoesThere(i) && (next is { Kind: "stance" } || next is null or { Kind: "ordinal" } && !Follows(i, "goes", "heads") || next is { Kind: "side" } && (Follows(i, "to") || StanceComes(i))) && _draft is { Foot: null, HasTurn: false, Facing: null, Footwork: null, IsDone: false } or { SentenceEnded: true, IsDone: true })
        {
            if (_draft is { SentenceEnded: true, HasBody: true } || _draft.Stance is { } stoodIn && StanceSet.IsStanding(stoodIn)) Begin(Counting.Own);
            _draft.TurnSide = side;
            // "You look to the left, and you go left" leaves no choice.
            if (Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("gaze"))) Note(lexeme, "turn");
            else Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} foot");
            return true;
        }
        // "Left foot left, cat stance left".
        if (i > 0 && (_lexemes[i - 1].Is("footNoun") || Previous(i) is { Kind: "footNoun" } && Follows(i, "straight", "goes straight", "goes", "moves")) && Alone(i) && _draft is { Foot: not null, Way: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false, Footwork: null or "step" })
        {
            _draft.Way = side.Way;
            return true;
        }
        // "Block low on the left": on which side of the body.
        if (Follows(i, "on") && Alone(i) && Previous(i) is { Kind: "level" } && _draft is { HasHands: true, SentenceEnded: false } && _ways.Vocabulary.Find(_draft.Hands[^1].Technique) is { IsWeapon: true })
        {
            _draft.Notes.Add("on the " + side.Word);
            return true;
        }
        // "Left: front stance, low block.", "To the right with the right foot: …": a heading that says where one turns.
        if (Clauses(i).TakeWhile(l => !l.Is("stop", ":")).All(l => l.Kind is "side" or "filler" or "then" or "footNoun" or "place" or "number" or "countNoun" or "countWord" or "ordinal" || l.IsStop || l is { Kind: "set", Plain: "set" }) && _lexemes.FindIndex(i, l => l.IsStop && l.Value != ",") is var colon and >= 0 && _lexemes[colon].Is("stop", ":") && (Alone(i) || Follows(i, "to") && Next(i) is null or { Kind: "side" }) && (_draft.IsEmpty || _draft is { IsDone: false, HasTurn: false, Stance: null, Facing: null } || _draft.SentenceEnded)
            && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footNoun")) && (colon - i > 0 && (i == 0 || _lexemes[i - 1].EndsSentence || Follows(i, "to", "now", "then", "so", "and") || _lexemes[i - 1].IsStop || _lexemes[i - 1].Is("then"))))
        {
            if (_draft is { SentenceEnded: true, HasBody: true }) Begin(Counting.Own);
            _draft.TurnSide ??= side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"{side.Word} foot");
            return true;
        }
        // "(1) to the left front stance": out of a stance in which one only stands.
        if (Follows(i, "to") && Previous(i) is null && next is { Kind: "stance" } ahead && _ways.Stances.Of(ahead.Term!.Id).Feet == FeetKind.Lead && StanceSet.IsStanding(Now().Stance) && _draft is { Foot: null, HasTurn: false, Facing: null, Footwork: null, Stance: null, IsDone: false, SentenceEnded: false })
        {
            _draft.TurnSide = side;
            Note(lexeme, "turn", $"Read as turning to the {side.Word}.", $"front, {side.Word}");
            return true;
        }
        // "Left foot back to the right and go to the right side": the other foot goes on.
        if (Follows(i, "to") && GoesThere(i) && _draft is { Foot: { } home, Footwork: "pull-together", HasTurn: false, Facing: null, Stance: null, IsDone: false, SentenceEnded: false } && home == side.Other)
        {
            Begin(Counting.Then);
            (_draft.Footwork, _draft.Foot, _draft.Way) = ("step", side, side.Way);
            return true;
        }
        // "Draw the left foot in and go to the left": that is where it goes then.
        if (Follows(i, "to") && GoesThere(i) && _draft is { Foot: not null, Footwork: "pull-together", HasTurn: false, Facing: null, Stance: null, IsDone: false, SentenceEnded: false })
        {
            (_draft.Footwork, _draft.Way) = ("step", side.Way);
            return true;
        }
        return false;
    }
}
