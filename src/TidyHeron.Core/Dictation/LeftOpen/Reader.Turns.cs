using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Which way one turns, and how far, where a teacher leaves it open. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Turn clockwise by moving the right foot, right walking stance" while it leads: it goes round behind, about face (common practice in forms).</summary>
    private void GoesAboutWithTheLeadingFoot(Draft draft, Posture now)
    {
        if (draft is not { TurnAmount: null, TurnSide: { } side, Facing: null, Foot: { } foot, Lead: { } lead, Footwork: "turn" or "step" or "step-back", SentenceEnded: true } || foot != side || lead != foot || now.Lead != foot || now.Heading.Degrees % 90 != 0 || draft is not { Footwork: "step-back" } and not { Way: Way.Back } && !_lexemes.Any(l => l is { Kind: "footwork", Plain: "moving" } && Follows(_lexemes.IndexOf(l), "by"))) return;
        draft.TurnAmount = 180;
        Assume(draft, "turn", "Read as half a turn, as the foot in front moves.", "90 degrees");
    }

    /// <summary>"The right foot swings back and around, right front stance" while it leads: about face over its side (common practice in forms).</summary>
    private void SwingsRoundWithTheLeadingFoot(Draft draft, Posture now)
    {
        if (draft is not { Foot: { } foot, HasTurn: false, Facing: null, Kick: null, Stance: not null, Footwork: null or "step" or "step-back" or "slide" or "turn" } || now.Lead != foot || (draft.Lead ?? foot) != foot || now.Heading.Degrees % 90 != 0) return;
        var from = _fields.FindIndex(f => f.Move == draft.Id && f.Field is "foot" or "footwork");
        if (from < 0 || _lexemes.FindIndex(l => l.Start >= _fields[from].Start) is var at && at < 0 || !_lexemes.Skip(at).TakeWhile(l => !l.IsStop).ToList().Exists(l => l.Plain is "around" or "round") || !_lexemes.Skip(at).TakeWhile(l => !l.IsStop).Any(l => l.Plain.Split(' ')[0] is "swings" or "swing" or "comes" or "goes" or "sweeps" or "swinging" or "moves" or "bring" or "take")) return;
        (draft.TurnAmount, draft.TurnSide, draft.Footwork, draft.Way) = (180, foot, "turn", null);
        Assume(draft, "foot", $"Read as half a turn, as the {foot.Word} foot in front comes round.", "");
    }

    /// <summary>"Look to your left and step out with the left foot into a front stance": one turns to where the eyes have gone.</summary>
    private void TurnWhereTheEyesGo(Draft draft, Posture now)
    {
        // "Look over the right shoulder, turn 180": over that one.
        if (draft is { LooksFirst: true, Gaze: Notation.Gaze.OverShoulder, TurnAmount: 180, TurnSide: null, Facing: null, Foot: null } && _shoulder is { } over) draft.TurnSide = over;
        // "Left foot back to the right, look right, step out with the right foot".
        if (_said is [.., { Footwork.Kind.Value: "pull-together" } home] && SideOf(home.Gaze) is { } looked && draft is { EyesTo: null, Foot: { } outward, Counting: Counting.Then } && outward == looked)
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
        if (draft is not { LooksFirst: true, HasTurn: false, Facing: null, Way: null, Footwork: null or "step" or "turn" or "slide" or "shift" or "drop" } || draft.EyesTo is not { } side) return;
        // "Look left, step left, low block": out of a stance in which one only stands no stance need be said.
        var goes = draft.Stance is { } stance ? _ways.Stances.Of(stance).Feet == FeetKind.Lead : draft is { Footwork: "step", Foot: not null, HasHands: true } && StanceSet.IsStanding(now.Stance);
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
            Assume(draft, "stance", $"Read as turning to the {lead.Word}, as the feet stay where they are.", _ways.Vocabulary.Name(stance.Kind, _ways.Tradition) + ", facing " + Speech.Heading(now.Heading, _ways.Directions));
    }

    /// <summary>"Left foot to the left, low block" where no stance is named: as forms begin, one turns to where one goes. Told, and the other way offered.</summary>
    private void TurnsWithTheSideStep(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "step" or null, Foot: { } foot, Way: Way.Left or Way.Right, Stance: null, Kick: null, HasTurn: false, Facing: null, Lead: null, Hands: [var action] } || draft.Way != foot.Way || !StanceSet.IsStanding(now.Stance) || now.Heading != Heading.Front
            || _lexemes.Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id) is var named && (named.Feet == FeetKind.Lead || named.IsStraddle)) || action.Hand is { } hand && hand != foot.Hand || _ways.Vocabulary.Find(action.Technique) is not { Family: "receiving", Limb: "hand" }) return;
        draft.Facing = now.Heading + Turn.To(foot, 90);
        Assume(draft, "way", $"Read as turning to the {foot.Word}, as forms begin.", $"to the {foot.Word}, facing {Speech.Heading(now.Heading, _ways.Directions)}");
    }

    /// <summary>"Step left into left bow stance" out of a stance in which one only stands: to the left, as forms begin; on a side line one goes on along it. Common practice.</summary>
    private void OpensToTheSide(Draft draft, Posture now)
    {
        if (draft is not { FootFromSide: true, Foot: { } foot, Stance: { } stance, Lead: { } lead, Way: null, HasTurn: false, Facing: null } || lead != foot || _ways.Stances.Of(stance).Feet != FeetKind.Lead
            || !StanceSet.IsStanding(now.Stance) || now.Heading.Degrees is 90 or 270) return;
        // Later in a form one stands so after a turn and goes on; only feet that have just come together part again.
        if ((_said.LastOrDefault() ?? _before.LastOrDefault()) is { Counting: not Counting.Uncounted, Footwork: null or { Kind.Value: "turn" or "pivot" or "stay" }, Stance: null } && _before.Concat(_said).Any(m => m.Stance is { } s && _ways.Stances.Of(s.Kind).Feet == FeetKind.Lead)) return;
        draft.Way = foot.Way;
        Assume(draft, "foot", $"Read as stepping to the {foot.Word}.", $"with the {foot.Word} foot");
    }

    /// <summary>"Draw the right foot back to six o'clock, back stance, left block": that is where the foot goes; the hand over the other one says where one faces.</summary>
    private void GoesBackWithoutTurning(Draft draft, Posture now)
    {
        if (draft is not { FacingIsLoose: true, Facing: { } there, HasTurn: false, Footwork: "step-back", Foot: { } foot } || there != now.Heading + Turn.To(foot, 180)) return;
        // So does the foot that is said to lead: the other one.
        if (draft.Lead is { } leads ? leads != foot.Other : draft.Hands is not [{ Hand: { } hand }, ..] || hand.OnSide != foot.Other) return;
        (draft.Facing, draft.FacingIsLoose) = (null, false);
        Assume(draft, "facing", "Read as where the foot goes, without turning.", "facing " + Speech.Heading(there, _ways.Directions));
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
        if (draft is not { Facing: { } facing, Footwork: null, Foot: null, Stance: null, Lead: null, Way: null, Kick: null, Hands: [{ Hand: { } hand, Technique: { } technique }] } || facing == now.Heading || now.Lead is not { } lead || hand.OnSide != lead.Other || now.Stance.Value is not ("front-stance" or "short-front-stance" or "walking-stance" or "bow-stance") || technique.Value is not ("low-block" or "rising-block")) return;
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
        var steps = draft is { TurnSide: null, Footwork: "step" or null, Foot: { } foot } && (draft.Way == foot.Way || draft is { FootFromSide: true, Way: null } && StanceSet.IsStanding(now.Stance) || draft is { Way: null, Counting: Counting.Then } && _said is [.., { Footwork.Kind.Value: "pull-together" }] && HandsMirrorTheFirstHere(draft, now)) ? draft.Foot
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
        if (draft is not { TurnSide: { } side, TurnAmount: null, Facing: null, Foot: null, Way: null, Footwork: null or "turn" or "pivot" or "shift", Stance: { } stance } || now.Lead != side.Other
            || (draft.Lead ?? side) != side || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // The feet have stayed on one line since the stance without a lead.
        var first = FirstHere(now, out var before);
        if (_ways.Stances.Of(before.Stance).Feet != FeetKind.Even || before.Heading + Turn.To(side.Other, 90) != now.Heading
            || SoFar().Moves.Skip(SoFar().Moves[first].Footwork is { Kind.Value: "step", Way: Way.Left or Way.Right } ? first + 1 : first).Any(m => m.Kick is not null || m.Footwork is { Foot: not null } or { Kind.Value: "step" or "step-back" or "jump" })) return;
        draft.TurnAmount = 180;
        Assume(draft, "side", "Read as to the other end, half a turn.", $"{side.Word} 90 degrees");
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
