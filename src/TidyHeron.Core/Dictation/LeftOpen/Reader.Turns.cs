using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Which way one turns, and how far, where a teacher leaves it open. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Look to your left and step out with the left foot into a front stance": one turns to where the eyes have gone.</summary>
    private void TurnWhereTheEyesGo(Draft draft, Posture now)
    {
        // "Look over the right shoulder, turn 180": over that one.
        if (draft is { LooksFirst: true, Gaze: Notation.Gaze.OverShoulder, TurnAmount: 180, TurnSide: null, Facing: null, Foot: null } && _shoulder is { } over) draft.TurnSide = over;
        // "Left foot back to the right, look right, step out with the right foot".
        if (_said is [.., { Footwork.Kind.Value: "pull-together" } home] && SideOf(home.Gaze) is { } looked && draft is { EyesTo: null, Foot: { } outward } && (draft.Counting == Counting.Then || StanceSet.IsStanding(now.Stance) && HandsMirrorTheFirstHere(draft, now)) && outward == looked)
            (draft.LooksFirst, draft.EyesTo) = (true, looked);
        // "Turn your head to the left and drop your weight. Then step out with the left foot into a front stance".
        if (_said is [.., { Footwork: null or { Kind.Value: "shift", Foot: null }, Stance: null, Kick: null, Turn: null, Facing: null } before] && SideOf(before.Gaze) is { } seen && draft is { EyesTo: null, Foot: { } stepping, Footwork: "step" } && (draft.Counting == Counting.Then || before.Hands.Count == 0) && stepping == seen && StanceSet.IsStanding(now.Stance))
            (draft.LooksFirst, draft.EyesTo) = (true, seen);
        // "Look behind you. Turn clockwise, right leg moves across": round to where the eyes are.
        if (!_ways.Stances.Of(now.Stance).IsStraddle && draft is { LooksFirst: true, Gaze: Notation.Gaze.OverShoulder, Footwork: "turn" or "pivot" or "step" or "spin", TurnSide: not null, TurnAmount: null, Facing: null })
        {
            draft.TurnAmount = 180;
            if (draft.Footwork == "spin") draft.Footwork = "turn"; // "look over your left shoulder, spin round to the left"
            return;
        }
        // "Look behind you, pivot on the left foot, take the right one round": about face, over the shoulder of that foot.
        if (draft is { LooksFirst: true, Gaze: Notation.Gaze.OverShoulder, Footwork: null or "pivot" or "step" or "slide", HasTurn: false, Facing: null, Way: null } && (draft.Foot ?? draft.Lead) is { } round && !_ways.Stances.Of(now.Stance).IsStraddle
            && _lexemes.FindLastIndex(l => l.Is("gaze", "overShoulder") && l.Start < _fields[^1].Start) is > 0 and var looks && _lexemes.Skip(looks).TakeWhile(l => l.Start <= _fields[^1].Start).Any(l => l.Plain is "round" or "around" || l.Plain.StartsWith("pivot", StringComparison.Ordinal)))
        {
            (draft.TurnAmount, draft.TurnSide) = (180, round);
            Assume(draft, "gaze", "Read as half a turn, to where the eyes have gone.", "look ahead");
            return;
        }
        // "Bring the left foot back, look right, right cat stance, right block": as one did to the other side.
        if (draft is { Footwork: "step-back" or "step", Foot: { } comesIn, Lead: { } outTo, Gaze: not null, HasTurn: false, Facing: null } && (draft.Footwork == "step-back" || draft.Way == Way.Back) && draft.EyesTo == outTo && outTo == comesIn.Other && now.Lead == comesIn && HandsMirrorTheFirstHere(draft, now)) draft.TurnSide = outTo;
        if (draft is not { LooksFirst: true, HasTurn: false, Facing: null, Way: null, Footwork: null or "step" or "turn" or "slide" or "shift" or "drop" } || draft.EyesTo is not { } side) return;
        // "Look left, step left, low block": out of a stance in which one only stands no stance need be said.
        var goes = draft.Stance is { } stance ? _ways.Stances.Of(stance).Feet == FeetKind.Lead : draft is { Footwork: "step" or null, HasHands: true } and not { Footwork: null, Foot: null } && StanceSet.IsStanding(now.Stance);
        if (!goes) return;
        if (draft.Foot is { } foot && foot != side) return;
        // "Look right, shift to the other cat stance": to the other end of the line on which one stands (Walk).
        if (draft is { Footwork: "shift", Stance: { } other, Lead: { } changed } && other == now.Stance && changed == now.Lead?.Other) return;
        draft.TurnSide = side;
        Assume(draft, "gaze", $"Read as turning to the {side.Word}, where the eyes go.", "look ahead");
    }

    /// <summary>"…, punch, shout. Turn on the right foot to the left, ready.": a form ends facing as it began. Common practice.</summary>
    private void EndsFacingTheFront(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "turn" or "pivot", TurnSide: { } side, TurnAmount: null, Facing: null, IsDone: false, IsNumbered: false, Stance: { } stance } || !StanceSet.IsStanding(stance) || now.Heading == Heading.Front || _after.Count > 0
            || _lexemes.Any(l => l.Start > _fields[^1].Start && l.Kind is "technique" or "footwork" or "stance")) return;
        draft.Facing = Heading.Front;
        Assume(draft, "side", "Read as facing the front again, as a form ends.", $"{side.Word} 90 degrees");
    }

    /// <summary>"Kick, set it down in front, horse stance sideways": the side of the foot that came forward, or is there when one only shifts, points to where one faced.</summary>
    private void StandsSideways(Draft draft, Posture now)
    {
        if (draft is not { IsSideways: true, Stance: { } stance, HasTurn: false, Facing: null } || _ways.Stances.Of(stance).Feet != FeetKind.Even) return;
        if ((draft.Kick is { } kick ? kick.Foot ?? now.Lead?.Other : draft.Foot ?? (draft.Footwork is "step" or "slide" ? now.Lead?.Other : draft.Footwork is "shift" ? now.Lead : null)) is not { } forward) return;
        (draft.TurnSide, draft.TurnAmount) = (forward.Other, 90);
        Assume(draft, "stance", $"Read as turned {forward.Other.Word}, with the {forward.Word} side where the front was.", _ways.Vocabulary.Name(stance, _ways.Tradition) + " turned 90 degrees " + forward.Word);
    }

    /// <summary>"Shift right, right bow" out of a stance without a lead: the feet stay, so the body turns to the foot that comes to lead (<see cref="Walk"/>). Told here.</summary>
    private void TellTheShift(Draft draft, Posture now, Move move)
    {
        if (move is not { Footwork.Kind.Value: "shift", Turn: null, Facing: null, Stance: { Lead: { } lead } stance }) return;
        var after = Walk.After(now, move, _form.Opening, BodyMeasures.Reference, _ways);
        if (after.Heading != now.Heading)
            Assume(draft, "stance", $"Read as turning to the {lead.Word}, as the feet stay where they are.", $"facing {Speech.Heading(now.Heading, _ways.Directions)}, {_ways.Vocabulary.Name(stance.Kind, _ways.Tradition)}");
    }

    /// <summary>"Left foot to the left, low block" where no stance is named: as forms begin, one turns to where one goes. Told, and the other way offered.</summary>
    private void TurnsWithTheSideStep(Draft draft, Posture now)
    {
        // "Step to the left": with that foot, where none is named.
        if ((draft.Foot ?? (draft is { Footwork: "step", Way: Way.Left or Way.Right } ? draft.Way == Way.Left ? Side.Left : Side.Right : null)) is not { } foot || draft is not { Footwork: "step" or null, Way: Way.Left or Way.Right, Stance: null, Kick: null, HasTurn: false, Facing: null, Lead: null, Hands: [var action] } || draft.Way != foot.Way || !StanceSet.IsStanding(now.Stance) || now.Heading != Heading.Front
            || _lexemes.Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id) is var named && (named.Feet == FeetKind.Lead || named.IsStraddle)) || action.Hand is { } hand && hand != foot.Hand || _ways.Vocabulary.Find(action.Technique) is not { Family: "receiving", Limb: "hand" }) return;
        draft.Facing = now.Heading + Turn.To(foot, 90);
        var front = "facing " + Speech.Heading(now.Heading, _ways.Directions);
        Assume(draft, draft.Foot is null ? "footwork" : "way", $"Read as turning to the {foot.Word}, as forms begin.", draft.Foot is null ? front + ", step" : $"to the {foot.Word}, {front}");
    }

    /// <summary>"Step left into left bow stance" out of a stance in which one only stands: to the left, as forms begin; on a side line one goes on along it. Common practice.</summary>
    private void OpensToTheSide(Draft draft, Posture now)
    {
        if (draft is not { FootFromSide: true, Foot: { } foot, Stance: { } stance, Lead: { } lead, Way: null, HasTurn: false, Facing: null } || lead != foot || _ways.Stances.Of(stance).Feet != FeetKind.Lead
            || !StanceSet.IsStanding(now.Stance) || now.Heading.Degrees is 90 or 270) return;
        // Later in a form one stands so after a turn and goes on; only feet that have just come together part again.
        if ((_said.LastOrDefault() ?? _before.LastOrDefault()) is { Counting: not Counting.Uncounted, Footwork: null or { Kind.Value: "turn" or "pivot" or "stay" }, Stance: null } && _before.Concat(_said).Any(m => m.Stance is { } s && _ways.Stances.Of(s.Kind).Feet == FeetKind.Lead)) return;
        draft.Way = foot.Way;
        Assume(draft, "foot", $"Read as stepping to the {foot.Word}.", _fields.FindLast(f => f.Move == draft.Id && f.Field == "foot") is { } said && Slice(said) is "foot" or "leg" ? "foot forward" : $"with the {foot.Word} foot");
    }

    /// <summary>
    /// "Draw the right foot back to six o'clock, back stance, left block": that is where the foot goes; the hand over the other one says where
    /// one faces, or the other one that is said to lead: away from there, whichever way that is.
    /// </summary>
    private void GoesBackWithoutTurning(Draft draft, Posture now)
    {
        if (draft is not { FacingIsLoose: true, Facing: { } there, HasTurn: false, Foot: { } foot } || draft.Footwork != "step-back" && !draft.FootGoesBackThere) return;
        var otherLeads = draft.Lead is { } leads ? leads == foot.Other : draft.Hands is [{ Hand: { } hand }, ..] && hand.OnSide == foot.Other;
        var away = there + new Turn(180);
        if (!otherLeads || away != now.Heading && !(draft.FootGoesBackThere && draft.Lead is not null)) return;
        (draft.Facing, draft.FacingIsLoose, draft.Way) = (away == now.Heading ? null : away, false, draft.Footwork == "step-back" ? draft.Way : Way.Back);
        Assume(draft, "facing", "Read as where the foot goes, without turning there.", "facing " + Speech.Heading(there, _ways.Directions));
    }

    /// <summary>"Twist to the right into a bow, punch. Come back to horse": to where it faced when one last stood so.</summary>
    private void ComesBackToTheStance(Draft draft, Posture now)
    {
        if (draft is not { CameBack: true, Footwork: "step-back", Foot: null, Stance: { } stance, HasTurn: false, Facing: null } || _ways.Stances.Of(stance).Feet != FeetKind.Even) return;
        var moves = SoFar().Moves.ToList();
        if (moves.Count < 2 || moves[^1].Footwork?.Kind.Value is not ("pivot" or "turn" or "shift") || Walk.Of(SoFar() with { Moves = moves.Take(moves.Count - 1).ToValueList() }, BodyMeasures.Reference, _ways).End is not { } stood || stood.Stance != stance || stood.Heading == now.Heading) return;
        (draft.Footwork, draft.Facing) = ("pivot", stood.Heading);
        Assume(draft, "footwork", "Read as turning back to where one faced in that stance.", "step back");
    }

    /// <summary>"Left foot to the left, low block. Right foot to the left, punch": on along that line; across the other foot nobody steps into such a stance.</summary>
    private void GoesOnAlongTheLine(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "step", Foot: { } foot, HasTurn: false, Facing: null } || draft.Way != foot.Other.Way || now.Heading != Heading.Front + Turn.To(foot.Other, 90) || now.Lead != foot.Other || _ways.Stances.Of(draft.Stance ?? now.Stance).Feet != FeetKind.Lead) return;
        draft.Way = null;
        Assume(draft, "side", $"Read as on along the line to the {foot.Other.Word}.", "");
    }

    /// <summary>"The left foot comes back to the front, front stance, left rising block": it comes round, and the block over it says that it leads.</summary>
    private void ComesBackToTheFront(Draft draft, Posture now)
    {
        if (draft is not { CameBack: true, Footwork: "step-back", Foot: { } foot, Facing: { } there, Lead: null, Hands: [{ Technique.Value: "low-block" or "rising-block" or "knife-hand-block", Hand: { } hand }] } || hand.OnSide != foot || (there - now.Heading).Amount != 90 || (draft.Stance ?? now.Stance) is var stance && _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        (draft.Footwork, draft.Way) = ("step", null);
        Assume(draft, "facing", $"Read with the {foot.Word} foot leading, as the block is over it.", "");
    }

    /// <summary>"Right foot to 45, square stance. Right foot back, feet together": the foot that went out to a corner comes back, and so does the way one faces. Common practice.</summary>
    private void ComesBackFromTheCorner(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "pull-together", HasTurn: false, Facing: null, Kick: null } || (draft.Stance ?? new TermId("closed-stance")) is var standing && !StanceSet.IsStanding(standing) || now.Heading.Degrees % 90 == 0) return;
        // "… low block. On the spot, punch. Pull the foot back": what was done there moved no foot.
        var moves = SoFar().Moves.Reverse().SkipWhile(m => m is { Turn: null, Facing: null, Kick: null, Footwork: null or { Kind.Value: "stay" } }).Reverse().ToList();
        if (moves is not [.., { Turn.Amount: 45, Footwork: { Kind.Value: "step" or "slide", Foot: { } corner } }] || draft.Foot is { } back && back != corner) return;
        var before = Walk.Of(_form with { Moves = [.. moves.Take(moves.Count - 1)] }, BodyMeasures.Reference, _ways).End;
        if (!StanceSet.IsStanding(before.Stance)) return;
        draft.Facing = before.Heading;
        Assume(draft, draft.Stance is null ? "footwork" : "stance", $"Read as facing {Speech.Heading(before.Heading, _ways.Directions)} again.", $"{_ways.Vocabulary.Name(standing, _ways.Tradition)}, facing {Speech.Heading(now.Heading, _ways.Directions)}");
    }

    /// <summary>"Now face the front, left down block" with the right foot leading: such a block is over the foot in front, so the left one steps. Common practice.</summary>
    private void StepsToFaceThere(Draft draft, Posture now)
    {
        if (draft is not { Facing: { } facing, Footwork: null, Foot: null, Stance: null, Lead: null, Way: null, Kick: null, Hands: [{ Hand: { } hand, Technique: { } technique }] } || facing == now.Heading || now.Lead is not { } lead || hand.OnSide != lead.Other || !IsWalkedIn(now.Stance) || technique.Value is not ("low-block" or "rising-block")) return;
        (draft.Foot, draft.Footwork) = (lead.Other, "step");
        Assume(draft, "facing", $"Read as stepping with the {lead.Other.Word} foot, as such a block is over the foot in front.", "pivot, facing " + Speech.Heading(facing, _ways.Directions));
    }

    /// <summary>"Round the back again to the left side, …": a turn over the other shoulder to that side of the hall.</summary>
    private bool TurnsTheLongWay(int i)
    {
        var at = Enumerable.Range(i + 1, _lexemes.Count - i - 1).TakeWhile(k => !_lexemes[k].IsStop).FirstOrDefault(k => _lexemes[k].Is("side"), -1);
        if (at < 0 || !Follows(at, "to")) return false;
        if (_draft.HasBody) Begin(Counting.Own);
        (_draft.Footwork, _draft.LongWay) = ("turn", true);
        _draft.Facing = _lexemes[at].Value == "left" ? Heading.Left : Heading.Right;
        Note(_lexemes[i], "turn");
        Note(_lexemes[at], "facing");
        _lexemes[at] = _lexemes[at] with { Kind = "filler" };
        for (var k = i + 1; k < at; k++) if (_lexemes[k].Is("again")) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        return true;
    }

    /// <summary>A turn of which the side, or from a diagonal the amount, was not said: which one was taken, and the other.</summary>
    private void TellTheTurn(Draft draft, Posture now, Move move)
    {
        if (move.Turn is not { Side: { } side } turn || draft.Facing is not null) return;
        if (draft is { TurnAmount: null, Footwork: "turn" } && now.Heading.Degrees % 90 == 45 && turn.Amount == 135)
            Assume(draft, _fields.Any(f => f.Move == draft.Id && f.Field == "side") ? "side" : "footwork", "Read as to the line, 135 degrees.", $"{side.Word} 90 degrees");
        if (draft is { TurnAmount: not null, TurnSide: null, Foot: null, Lead: null })
            Assume(draft, "turn", $"Read as to the {side.Word}, as no side was said.", $"{turn.Amount} degrees {side.Other.Word}");
    }
}
