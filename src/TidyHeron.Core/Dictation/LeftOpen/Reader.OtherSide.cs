using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>The other side, arm or end of the line on which one stands: half a turn, as forms do there what they did here (common practice). Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>
    /// "Turn to the left … feet together, turn to the right …": one has turned aside from the front and turns to its other side.
    /// Common practice, as forms do on one side what they did on the other.
    /// </summary>
    private void TurnToTheOtherSide(Draft draft, Posture now)
    {
        if (draft is not { TurnAmount: null, Facing: null, Stance: { } stance } || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // "We bring the left foot back and turn to the right side, right cat stance": home first, as that foot went out on the other side.
        if (draft is { Footwork: "step-back", Way: null or Way.Back } or { Footwork: "step", Way: Way.Back } && draft is { Foot: { } home, TurnSide: { } turns, Lead: { } leads } && turns == home.Other && leads == turns && now.Lead == home && HandsMirrorTheFirstHere(draft, now)) (draft.Footwork, draft.Way) = ("pull-together", null);
        // "…, the right foot steps right, right cat stance": a step of the foot of that side says it as well.
        var steps = draft is { TurnSide: null, Footwork: "step" or "slide" or null, Foot: { } foot } && (draft.Way == foot.Way || draft is { FootFromSide: true, Way: null } && StanceSet.IsStanding(now.Stance) || draft is { Way: null, Counting: Counting.Then } && _said is [.., { Footwork.Kind.Value: "pull-together" }] && HandsMirrorTheFirstHere(draft, now)) ? draft.Foot
            : draft is { TurnSide: null, Footwork: "step", Foot: null, Way: { } out_, Lead: { } outward } && out_ == outward.Way && _said is [.., { Footwork.Kind.Value: "pull-together" }] && HandsMirrorTheFirstHere(draft, now) ? outward : null;
        if ((steps ?? (draft.Way is null ? draft.TurnSide : null)) is not { } side) return;
        if (draft.Footwork is not "pull-together" && now.Stance.Value is not ("closed-stance" or "ready-stance") && draft.Way is null && !MirrorsTheFirstHere(draft, now)) return;
        // Told only where the way there was out of the front in one turn, to the stance that is now taken to the other side.
        var first = FirstHere(now, out var before);
        if (first >= SoFar().Moves.Count || before.Heading.Degrees % 180 != 0) return;
        if (before.Heading + Turn.To(side.Other, 90) != now.Heading && !(SoFar().Moves[first].Turn is { Amount: 270, Side: { } round } && round == side.Other) || _ways.Stances.Of(before.Stance).Feet != FeetKind.Even && SoFar().Moves[first].Turn is null || SoFar().Moves.Skip(first).All(m => m.Stance?.Kind != stance)) return;
        (draft.TurnSide, draft.TurnAmount) = (side, 180);
        Assume(draft, "side", "Read as to the other side, half a turn.", $"{side.Word} 90 degrees");
    }

    /// <summary>"Pull the left foot back, turn right 180 degrees into a cat stance, right block": what mirrors the first move here is over the foot that was not drawn back.</summary>
    private void LeadsAsOnTheOtherSide(Draft draft, Posture now)
    {
        if (draft is not ({ Footwork: "step-back" or "pull-together" } or { Footwork: "step", Way: Way.Back }) || draft is not { Foot: { } foot, TurnAmount: 180, TurnSide: { } side, Lead: null, Kick: null, Stance: { } stance } || now.Lead != foot || side != foot.Other || _ways.Stances.Of(stance).Feet != FeetKind.Lead || !HandsMirrorTheFirstHere(draft, now)) return;
        (draft.Footwork, draft.Way, draft.Lead) = ("pull-together", null, side);
        Assume(draft, "stance", $"Read with the {side.Word} foot leading, as on the other side.", $"{foot.Word} {_ways.Vocabulary.Name(stance, _ways.Tradition)}");
    }

    /// <summary>
    /// "Turn left, low block; step, punch; turn to the right, low block": one came onto this line over one shoulder and turns over the
    /// other for what was done first on it: to the other arm of the line, half a turn. Common practice.
    /// </summary>
    private void TurnToTheOtherArm(Draft draft, Posture now)
    {
        // "Bring the left foot in, turn to the right, right foot out, low block": what is done there follows in the same sentence.
        var following = draft is { Footwork: "pull-together", HasHands: false } && _taking is { } word && _lexemes.IndexOf(word) is >= 0 and var at ? RestOfSentence(at - 1).FirstOrDefault(l => l.IsHandTechnique)?.Term?.Id : null;
        if (draft is not { TurnSide: { } side, TurnAmount: null, Facing: null, Way: null, Footwork: null or "turn" or "shift" or "pull-together" or "step", Kick: null } || draft.Footwork == "step" && (draft.Foot is null || draft.Foot != now.Lead || draft.Foot != side) || !draft.HasHands && following is null) return;
        var first = FirstHere(now, out var before);
        var moves = SoFar().Moves;
        if (first >= moves.Count || moves[first] is not { Hands.Count: > 0 } came) return;
        var walk = WalkSoFar();
        // A step to the side may have led there as well, if the feet still stand on that line.
        var stepped = _ways.Stances.Of(now.Stance).Feet == FeetKind.Lead ? walk.Postures[first].Heading - before.Heading : Turn.None;
        var onto = came.Turn ?? (came.Facing is { } faced ? faced - before.Heading : stepped);
        if (onto.Amount is not (90 or 270) || onto.Side != side.Other) return;
        if (following is { } comes)
        {
            if (came.Hands.Count != 1 || came.Hands[0].Technique != comes) return;
            draft.TurnAmount = 180;
            Assume(draft, "side", "Read as to the other arm of the line, half a turn.", $"{side.Word} 90 degrees");
            return;
        }
        if ((draft.Stance ?? now.Stance) != walk.Postures[first].Stance || came.Hands.Count != draft.Hands.Count || !came.Hands.Zip(draft.Hands).All(p => (p.First.Technique == p.Second.Technique || IsSuch(p.First.Technique, p.Second.Technique)) && (p.First.Hand is null or Hand.Both || p.Second.Hand is null || p.First.Hand != p.Second.Hand))) return;
        // "Turn to the right, left low block" with the left foot leading, as when one came: not its mirror image.
        if (came.Hands[0].Hand is null && (draft.Lead ?? draft.Hands[0].Hand?.OnSide) == walk.Postures[first].Lead && walk.Postures[first].Lead is not null) return;
        draft.TurnAmount = 180;
        Assume(draft, draft.LooksFirst ? "gaze" : "side", "Read as to the other arm of the line, half a turn.", $"{side.Word} 90 degrees");
    }

    /// <summary>
    /// Out of horse stance "turn left into left bow … turn right into right bow": to the other end of the line on which the
    /// feet stand, which is half a turn. Common practice.
    /// </summary>
    private void TurnToTheOtherEnd(Draft draft, Posture now)
    {
        // "Look back to the right, pivot on your heels, right front stance": the feet stay on their line.
        if (draft is { Footwork: "pivot", Gaze: Gaze.OverShoulder, TurnSide: { } back, TurnAmount: null, Facing: null, Foot: null, Stance: { } same, Lead: { } turned } && same == now.Stance && turned == now.Lead?.Other && back == turned)
        {
            draft.TurnAmount = 180;
            Assume(draft, "side", "Read as to the other end, half a turn.", $"{back.Word} 90 degrees");
            return;
        }
        // "Shift your weight to the right, turn to the right, right bow", "turn and shift to the right": said twice, or with the weight only.
        if (draft is { Footwork: "shift", TurnSide: { } twice } && draft.Way == twice.Way) draft.Way = null;
        else if (draft is { Footwork: "turn", TurnSide: null, HasTurn: false, Lead: { } toward } && draft.Way == toward.Way && now.Lead == toward.Other) (draft.TurnSide, draft.Way) = (toward, null);
        if (draft is not { TurnSide: { } side, TurnAmount: null, Facing: null, Foot: null, Way: null, Footwork: null or "turn" or "pivot" or "shift", Stance: { } stance } || now.Lead != side.Other
            || (draft.Lead ?? side) != side || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // The feet have stayed on one line since the stance without a lead.
        var first = FirstHere(now, out var before);
        if (_ways.Stances.Of(before.Stance).Feet != FeetKind.Even || before.Heading + Turn.To(side.Other, 90) != now.Heading
            || SoFar().Moves.Skip(SoFar().Moves[first].Footwork is { Kind.Value: "step", Way: Way.Left or Way.Right } ? first + 1 : first).Any(m => m.Kick is not null || m.Footwork is { Foot: not null } or { Kind.Value: "step" or "step-back" or "jump" })) return;
        draft.TurnAmount = 180;
        Assume(draft, "side", "Read as to the other end, half a turn.", $"{side.Word} 90 degrees");
    }

    /// <summary>"One: left low block to the left. … Three: right low block to the right": one turns there, as one came onto this line with its mirror image.</summary>
    private bool BlocksToTheOtherArm(int i, Side side)
    {
        if (_draft is not { HasTurn: false, Facing: null, Footwork: null, Foot: null, Kick: null, Hands: [{ } block] } || block.Hand != side.Hand || _ways.Vocabulary.Find(block.Technique)?.Family != "receiving" || Now() is not { Lead: not null } now || now.Heading != Heading.Front + Turn.To(side.Other, 90)) return false;
        if (FirstHere(now, out _) is var first && (first >= SoFar().Moves.Count || SoFar().Moves[first] is not { Turn: not null, Hands: [{ } came] } || came.Technique != block.Technique || came.Hand != side.Other.Hand)) return false;
        (_draft.Footwork, _draft.TurnSide, _draft.TurnAmount) = ("turn", side, 180);
        if (_draft.Stance is null && !RestOfSentence(i).Any(l => l.Is("stance"))) (_draft.Stance, _draft.Lead) = (now.Stance, side);
        _fields[^1] = _fields[^1] with { Field = "turn", Assumption = "Read as turning to the other arm of the line.", Instead = $"{side.Word} hand" };
        return true;
    }

    /// <summary>Whether a technique is one of those that a general word names: an outside block is a block.</summary>
    private bool IsSuch(TermId technique, TermId general) =>
        general.Value is "block" or "punch" or "strike" && _ways.Vocabulary.Find(technique)?.Family == _ways.Vocabulary.Find(general)?.Family;

    /// <summary>Position of the move with which one came to face where one faces now, and how one stood before it.</summary>
    private int FirstHere(Posture now, out Posture before)
    {
        var walk = WalkSoFar();
        var first = walk.Postures.Count;
        while (first > 0 && walk.Postures[first - 1].Heading == now.Heading) first--;
        before = first > 0 ? walk.Postures[first - 1] : walk.Start;
        return first;
    }

    /// <summary>"Turn right, right cat stance, right block" where one came to this side with the same on the left.</summary>
    private bool MirrorsTheFirstHere(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "turn" or "pivot" or null, Foot: null, HasHands: true, Stance: { } stance } || now.Stance != stance) return false;
        return FirstHere(now, out _) is var first && first < SoFar().Moves.Count && SoFar().Moves[first].Stance?.Kind == stance && HandsMirrorTheFirstHere(draft, now);
    }

    /// <summary>Whether the hands do on the other side what they did when one came to this one.</summary>
    private bool HandsMirrorTheFirstHere(Draft draft, Posture now) =>
        draft.HasHands && FirstHere(now, out _) is var first && first < SoFar().Moves.Count && SoFar().Moves[first] is var came
        && came.Hands.Count == draft.Hands.Count && came.Hands.Zip(draft.Hands).All(p => p.First.Technique == p.Second.Technique && p.First.Hand is { } one && p.Second.Hand is { } other && one.Other == other);
}
