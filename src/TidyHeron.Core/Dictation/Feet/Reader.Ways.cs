using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"Forward", "back": the way of a step, or how a stance, a kick or a turn comes back.</summary>
public sealed partial class Reader
{
    private void TakeWay(int i)
    {
        var lexeme = _lexemes[i];
        var way = Enum.Parse<Way>(lexeme.Value, ignoreCase: true);
        // "Forward right, front stance": with that foot, as others say "step right".
        if (lexeme.Plain is "forward left" or "forward right" && Previous(i) is null && Alone(i) && StartsSentence(i) && !_lexemes.Any(l => l.Plain.StartsWith("diagonal", StringComparison.Ordinal) || l.Is("degrees", "45")))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            (_draft.Footwork, _draft.Foot) = ("step", way == Way.ForwardLeft ? Side.Left : Side.Right);
            Note(lexeme, "foot", $"Read as the {_draft.Foot.Value.Word} foot.", "diagonally " + lexeme.Plain);
            return;
        }
        Note(lexeme, "way");
        // "Cross the right foot over and turn. Left hand back, punch", "right hand back to the waist": the hand.
        if (way == Way.Back && _hand is not null && Previous(i) is { Kind: "handNoun" } && (Alone(i) && _draft.Footwork is not null || Next(i) is { IsHandTechnique: true })) return;
        // "Left foot back to the front, so turn left, left foot forward": it comes round, and leads.
        if (way == Way.Forward && Previous(i) is { Kind: "footNoun" } && _draft is { Foot: { } comes, IsDone: false, SentenceEnded: false } && (_draft.Footwork == "step-back" || _draft.Way == Way.Back) && (_draft.HasTurn || _draft.Facing is not null) && SideIndex(IndexBefore(i)) is var again && _lexemes[again].Is("side") && _lexemes[again].Side == comes)
        {
            (_draft.Footwork, _draft.Way) = ("step", null);
            return;
        }
        // "Low block with the right foot back": where that foot is, to which it steps if it is not there.
        if (_draft is { IsDone: true, Foot: { } placed, Footwork: null, Way: null, SentenceEnded: false } && way is Way.Back or Way.Forward && Previous(i) is { Kind: "footNoun" } && Follows(SideIndex(IndexBefore(i)), "with") && Now().Lead is { } leads)
        {
            var there = (way == Way.Back) == (placed != leads);
            _draft.Foot = there ? null : placed;
            if (!there) _draft.Footwork = way == Way.Back ? "step-back" : "step";
            return;
        }
        // "Forward punch, forward punch": a step with each.
        if (way == Way.Forward && i > 1 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { IsHandTechnique: true } alike && _lexemes[i - 2].Is("technique", alike.Value) && _draft is { Footwork: "step", IsDone: true, SentenceEnded: false }) Begin(_explicitCounts ? Counting.Then : Counting.Own);
        // "…, low block left. Then straight forward with the left, …", "now back right, …": another move; from a diagonal it goes to the front again.
        if (_draft is { SentenceEnded: true, IsDone: true } && (way == Way.Forward || way == Way.Back && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side")) && OnlySmallWordsAndACallBefore(i) && RestOfSentence(i).Any(l => l.Kind is "side" or "footNoun" or "stance" or "technique")) Begin(Counting.Own);
        if (lexeme.Plain == "straight forward" && Here().Heading.Degrees is 45 or 315 && _draft is { IsDone: false, HasTurn: false, Facing: null })
        {
            _draft.Facing = Notation.Heading.Front;
            _fields[^1] = _fields[^1] with { Field = "facing", Assumption = "Read as facing the front again.", Instead = "forward" };
        }
        // "Back to the front, horse stance": the way one faces again.
        if (way == Way.Back && lexeme.Plain == "back" && (Next(i) is { Kind: "place" } || Next(i) is { Kind: "stance" } home && _ways.Stances.Of(home.Term!.Id).Feet == FeetKind.Even && LastHeadingIn(home.Term.Id) is not null) && _draft is { Foot: null, Footwork: null, SentenceEnded: false, IsDone: false } && Previous(i) is null) return;
        // "Right foot back to the left foot": it comes home beside the other one.
        if (way == Way.Back && _draft is { Foot: not null, IsDone: false } or { Footwork: "step", IsDone: false } && i + 3 < _lexemes.Count && (_lexemes[i + 1].Plain == "to" || _lexemes[i + 1].Plain == "in" && _lexemes[i + 2].Plain == "to")
            && Next(i) is { Kind: "side" } && (Next(IndexAfter(i)) is { Kind: "footNoun" } || (Alone(IndexAfter(i)) || _lexemes[IndexAfter(i) + 1].Plain == "and" || _lexemes[IndexAfter(i) + 1].Is("then")) && _lexemes[IndexAfter(i)].Value != _draft.Foot?.Word))
        {
            (_draft.Footwork, _draft.Way) = ("pull-together", null);
            var noun = Next(IndexAfter(i)) is { Kind: "footNoun" } ? IndexAfter(IndexAfter(i)) : IndexAfter(i);
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
        // "…, then back to the right, knife hand", "Back to the left with a left bow": one turns there.
        if (way == Way.Back && (Previous(i) is { Kind: "then" } || StartsSentence(i) && lexeme.Plain == "back") && IndexAfter(i) is var thither and >= 0 && _lexemes[thither].Is("side") && Follows(thither, "to") && (Alone(thither) || _lexemes[thither + 1].Plain is "with" or "into" or "in") && _draft.IsDone)
        {
            Begin(Counting.Own);
            (_draft.Footwork, _draft.TurnSide) = ("turn", _lexemes[thither].Side);
            // Back from where one has just turned to: as far as one came.
            if (_said is [.., { Turn: { Side: { } came } back }] && came == _draft.TurnSide.Value.Other) _draft.TurnAmount = back.Amount;
            Note(_lexemes[thither], "turn");
            _lexemes[thither] = _lexemes[thither] with { Kind = "filler" };
            return;
        }
        if (Previous(i) is { Kind: "landing" or "technique" or "times" } or { Kind: "footwork", Value: "land" }) return;
        if (PreviousIs(i, "facing") && way == Way.Forward)
        {
            TakeDirection(i, Heading.Front, said: true);
            return;
        }
        // "Turn to the front, left foot back": where that foot goes.
        if (_draft is { IsTurning: true, Foot: not null } && way == Way.Back && Previous(i) is { Kind: "footNoun" or "relFoot" } && (_draft.HasTurn || _draft.Facing is not null))
        {
            if (_draft is { Stance: null, Lead: null }) _draft.Lead = _draft.Foot.Value.Other;
            return;
        }
        // "Turn back to the front": the direction that follows says how far.
        if (_draft.IsTurning && way == Way.Back && Next(i) is { Kind: "place" or "clock" or "facing" or "side" })
        {
            _lexemes[i] = lexeme with { Kind = "filler" };
            return;
        }
        // "Turn right back to horse stance": over that side, to where it was stood in before.
        if (_draft is { IsTurning: true, TurnSide: not null, TurnAmount: null, Facing: null, SentenceEnded: false } && way == Way.Back && lexeme.Plain == "back" && Next(i) is { Kind: "stance" } straddle && Follows(IndexAfter(i), "to", "into") && _ways.Stances.Of(straddle.Term!.Id).Feet == FeetKind.Even && LastHeadingIn(straddle.Term.Id) is { } stoodIn && stoodIn != Now().Heading)
        {
            _draft.Facing = stoodIn;
            _fields[^1] = _fields[^1] with { Field = "facing", Assumption = $"Read as facing where it was stood in before, {Speech.Heading(stoodIn, _ways.Directions)}." };
            return;
        }
        // "Turn back to horse": the stance tells where.
        if (_draft.IsTurning && way == Way.Back && !_draft.HasTurn && Next(i) is { Kind: "stance" } into && _ways.Stances.Of(into.Term!.Id).Feet == FeetKind.Even && LastHeadingIn(into.Term.Id) is not null) return;
        // "Turn the hips left, front stance, elbow. Turn back, horse stance": out of which one has only turned.
        if (_draft is { IsTurning: true, HasTurn: false } && way == Way.Back && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2] is { Kind: "stance", Term: { } wide } && _ways.Stances.Of(wide.Id).IsStraddle && HasOnlyTurnedOutOf(wide.Id)) return;
        // "Turn back, low block" off a side line, by who says "turn front" as well: to the rear.
        if (_draft is { IsTurning: true, HasTurn: false, Facing: null, SentenceEnded: false } && way == Way.Back && lexeme.Plain == "back" && Alone(i) && _lexemes[i - 1] == Previous(i) && Now().Heading.Degrees is 90 or 270
            && Enumerable.Range(1, _lexemes.Count - 1).Any(k => _lexemes[k] is { Kind: "place", Plain: "front" or "the front" } && _lexemes[k - 1] is { Kind: "footwork", Value: "turn" }))
        {
            _draft.Facing = new Heading(180);
            _fields[^1] = _fields[^1] with { Field = "facing", Assumption = "Read as facing the back, as \"turn front\" is facing the front.", Instead = "around" };
            return;
        }
        if (_draft is { IsTurning: true, SentenceEnded: false } && way == Way.Back)
        {
            _draft.TurnAround();
            return;
        }
        if (_draft.Footwork == "pull-together" && way == Way.Back) _draft.PulledBack = true;
        _draft.CameBack |= way == Way.Back && i > 0 && _lexemes[i - 1].Plain is "come" or "comes" or "coming";
        // "Low block, stepping the right foot back", "low block as you take a step backwards": how the stance before it is come to.
        if (way == Way.Back && _draft is { Footwork: "step" or "slide", Way: null, SentenceEnded: false } && (_draft.Foot is not null && Previous(i) is { Kind: "footNoun" } && _lexemes.Skip(FirstOfClause(i)).FirstOrDefault(l => !l.Is("filler")) is { Kind: "footwork", IsGerund: true } || MovesMeanwhile(i) || _draft is { HandsFirst: true, Stance: null }))
            _draft.Footwork = _draft.Footwork == "step" ? "step-back" : "slide-back";
        if (_draft is { HandsFirst: true, Footwork: null, Foot: not null, Stance: null, SentenceEnded: false }) _draft.Footwork = way == Way.Back ? "step-back" : "step";
        if (_draft.IsDone || _draft.Stance is not null || _draft.Footwork == "pull-together") return;
        _draft.Way ??= way;
        _draft.Footwork ??= way is Way.Back ? "step-back" : "step";
    }
}
