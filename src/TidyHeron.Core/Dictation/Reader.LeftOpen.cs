using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What a teacher leaves open because everybody in the hall can see it. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Look to your left and step out with the left foot into a front stance": one turns to where the eyes have gone.</summary>
    private void TurnWhereTheEyesGo(Draft draft)
    {
        if (draft is not { LooksFirst: true, HasTurn: false, Facing: null, Way: null, Stance: { } stance, Footwork: null or "step" or "turn" or "slide" or "shift" }
            || draft.EyesTo is not { } side || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        if (draft.Foot is { } foot && foot != side) return;
        draft.TurnSide = side;
        Assume(draft, "gaze", $"Read as turning to the {side.Word}, where the eyes go.", "look ahead");
    }

    /// <summary>
    /// "Draw the right foot back to cat stance", "slide the left foot back half a step": a foot that leads and is only drawn
    /// nearer still leads. Common practice; a foot that steps back goes past the other one.
    /// </summary>
    private void DrawnBackStillLeads(Draft draft, Posture now, StanceShape shape)
    {
        // "Draw the right foot in half way": between where it was and the other foot.
        if (draft is { HalfStep: true, Footwork: "pull-together", SecondFoot: null, Stance: null, Lead: null, HasTurn: false, Facing: null } && now.Lead is { } front && (draft.Foot ?? front) == front)
        {
            (draft.Footwork, draft.Lead, draft.Stance) = ("slide-back", front, now.Stance.Value is "front-stance" or "bow-stance" ? new TermId("short-front-stance") : now.Stance);
            Assume(draft, "footwork", $"Read as drawn nearer: the {front.Word} foot still leads.", "");
            return;
        }
        if (draft.Lead is not null || shape.Feet != FeetKind.Lead || now.Lead is not { } lead || draft.HasTurn || draft.Facing is { } facing && facing != now.Heading) return;
        var goesBack = draft.Footwork is "slide-back" or "step-back" || draft.Way == Way.Back;
        if (!goesBack || (draft.Foot ?? lead) != lead || !draft.HalfStep && !(draft.Drawn && draft.Stance is { Value: "cat-stance" or "short-front-stance" })) return;
        (draft.Lead, draft.Footwork, draft.Way) = (lead, "slide-back", null);
        draft.Stance ??= now.Stance; // the lead is said with a stance
        Assume(draft, "footwork", $"Read as drawn nearer: the {lead.Word} foot still leads.", draft.HalfStep ? "" : "step");
    }

    /// <summary>
    /// "The right foot slides back, hammer fist. Step through, left punch": a stepping punch is over the foot that steps (common
    /// practice), so the right foot was only drawn nearer and still led.
    /// </summary>
    private void WasOnlyDrawnNearer(Draft draft)
    {
        if (draft is not { Footwork: "step", Foot: null, Way: null, HasTurn: false, Facing: null, Stance: null, Lead: null, Hands: [{ Technique.Value: "punch", Hand: { } punches }] } || punches.OnSide is not { } over || _said is not [.., { Stance: null, Turn: null, Facing: null, Footwork: { Kind.Value: "slide-back", Foot: { } back } } slid]) return;
        var before = Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + _said.Count - 1).ToValueList() }, BodyMeasures.Reference, _ways).End;
        if (before.Lead != back || over != back.Other || _ways.Stances.Of(before.Stance).Feet != FeetKind.Lead) return;
        _said[^1] = slid with { Stance = new StanceTaken(before.Stance, back) };
        ForgetNow();
        if (_fields.FindLastIndex(f => f.Move == slid.Id && f.Field == "footwork") is var at and >= 0)
            _fields[at] = _fields[at] with { Assumption = $"Read as drawn nearer: the {back.Word} foot still leads, as the punch after it is over the other one.", Instead = "steps back" };
    }

    /// <summary>
    /// "Left foot forward, left punch" out of a back stance: the stance is that in which one stepped and punched before.
    /// Common practice; nobody punches so with the weight on the rear foot.
    /// </summary>
    private void PunchesAsBefore(Draft draft, Posture now)
    {
        // Out of a cat stance nobody steps into another without saying so.
        if (draft is { Stance: null, Foot: not null, Footwork: null or "step", Way: null or Way.Forward, Kick: null, HasHands: true, HasTurn: false } && now.Stance.Value is "cat-stance" && (LastStanceSteppedInto() ?? (draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique) is { Family: "punch" or "elbow" } or { IsWeapon: true }) && (draft.Foot != now.Lead || draft.Footwork == "step") ? new TermId("short-front-stance") : null)) is { } long_)
        {
            draft.Stance = long_;
            Assume(draft, "foot", $"Read in {_ways.Vocabulary.Name(long_, _ways.Tradition)}, as before.", $"{draft.Foot.Value.Word} foot in {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}");
            return;
        }
        if (draft is not { Stance: null, Footwork: null or "step" or "step-back", Kick: null, HasTurn: false, Hands: [{ Technique.Value: "punch" or "lunge-punch" }] } || draft is { Foot: null, Footwork: not "step" } || now.Stance.Value is not ("back-stance" or "l-stance" or "cat-stance")) return;
        if (StanceOfThePunches() is not { } stance) return;
        draft.Stance = stance;
        Assume(draft, "technique", $"Read in {_ways.Vocabulary.Name(stance, _ways.Tradition)}, as before.", $"punch in {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}");
    }

    /// <summary>"Left punch, fixed stance" out of an L-stance: the leading foot slides out and still leads. Common practice; a step would be said.</summary>
    private void SlidesOut(Draft draft, Posture now)
    {
        if (draft is not { Stance.Value: "fixed-stance", Footwork: null or "slide", Foot: null, Lead: null, Way: null, HasTurn: false, Facing: null, Kick: null } || now.Stance.Value is not ("l-stance" or "back-stance") || now.Lead is not { } lead) return;
        (draft.Footwork, draft.Foot, draft.Lead) = ("slide", lead, lead);
        Assume(draft, "stance", $"Read as the {lead.Word} foot sliding out: it still leads.", "step, fixed stance");
    }

    /// <summary>"Left foot back to the right, step out right, low block": out of feet drawn together one steps into the stance of before.</summary>
    private void StepsOutAsBefore(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Footwork: "step", Foot: not null, HasHands: true, Counting: Counting.Then, Way: null or Way.Left or Way.Right, Kick: null } || !Formalities.IsStanding(now.Stance) || _said is not [.., { Footwork.Kind.Value: "pull-together" }]) return;
        var before = Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + _said.Count - 1).ToValueList() }, BodyMeasures.Reference, _ways).End.Stance;
        if (_ways.Stances.Of(before).Feet != FeetKind.Lead) return;
        draft.Stance = before;
        Assume(draft, "foot", $"Read in {_ways.Vocabulary.Name(before, _ways.Tradition)}, as before the feet came together.", $"{draft.Foot.Value.Word} foot, short front stance");
    }

    /// <summary>"…, punch, shout. Turn on the right foot to the left, ready.": a form ends facing as it began. Common practice.</summary>
    private void EndsFacingTheFront(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "turn" or "pivot", TurnSide: { } side, TurnAmount: null, Facing: null, IsDone: false, IsNumbered: false, Stance: { } stance } || !Formalities.IsStanding(stance) || now.Heading == Heading.Front || _after.Count > 0
            || _lexemes.Any(l => l.Start > _fields[^1].Start && l.Kind is "technique" or "footwork" or "stance")) return;
        draft.Facing = Heading.Front;
        Assume(draft, "side", "Read as facing the front again, as a form ends.", $"{side.Word} 90 degrees");
    }

    /// <summary>"Draw the foot in half way, hammer fist. Step left, punch.": out of a foot drawn nearer one steps into the stance of before.</summary>
    private void StepsOutOfDrawnNearer(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Kick: null, HasHands: true, Footwork: "step" or "turn" or null } || draft is { Footwork: null, Foot: null, HasTurn: false } || draft.Way is not (null or Way.Forward) || now.Stance.Value is not "short-front-stance") return;
        var moves = SoFar().Moves.Take(_before.Count + _said.Count).ToList();
        var drawn = moves.FindLastIndex(m => m.Stance is not null);
        if (drawn < 1 || drawn < moves.Count - 2 || moves[drawn] is not { Footwork.Kind.Value: "slide-back", Stance.Kind.Value: "short-front-stance" }) return;
        var before = Walk.Of(SoFar() with { Moves = moves.Take(drawn).ToValueList() }, BodyMeasures.Reference, _ways).End.Stance;
        if (before.Value is not ("front-stance" or "bow-stance" or "walking-stance")) return;
        draft.Stance = before;
        Assume(draft, "footwork", $"Read in {_ways.Vocabulary.Name(before, _ways.Tradition)}, as before the foot was drawn nearer.", "");
    }

    /// <summary>"Right front kick, jump into cross stance": it is the foot that kicked which lands in front.</summary>
    private void JumpsOntoTheKickingFoot(Draft draft, Posture now)
    {
        if (draft is { Footwork: "jump", Foot: null, Lead: null, Stance.Value: "cross-stance", Counting: Counting.Then } && now.KickingFoot is { } kicked) draft.Lead = kicked;
    }

    private TermId? LastStanceSteppedInto() =>
        _before.Concat(_said).LastOrDefault(m => m is { Stance: not null, Footwork: null or { Kind.Value: "step" or "step-back" or "turn" } } && m.Stance.Kind.Value is "front-stance" or "short-front-stance" or "bow-stance" or "walking-stance")?.Stance?.Kind;

    /// <summary>The stance in which one stepped and punched last.</summary>
    private TermId? StanceOfThePunches() =>
        _before.Concat(_said).LastOrDefault(m => m is { Stance: not null, Footwork.Kind.Value: "step" or "step-back", Hands: [{ Technique.Value: "punch" or "lunge-punch" }, ..] })?.Stance?.Kind;

    /// <summary>"Front leg kick, down, punch" out of a cat stance: as for a step, the stance is that of the punches before.</summary>
    private void KicksIntoTheStanceOfThePunches()
    {
        if (_draft.Stance is null && Now().Stance.Value is "back-stance" or "l-stance" or "cat-stance") _draft.Stance = StanceOfThePunches() ?? (Now().Stance.Value is "cat-stance" ? LastStanceSteppedInto() : null);
    }

    /// <summary>"Kick, set it down in front, horse stance sideways": the side of the foot that came forward points to where one faced.</summary>
    private void StandsSideways(Draft draft, Posture now)
    {
        if (draft is not { IsSideways: true, Stance: { } stance, HasTurn: false, Facing: null } || _ways.Stances.Of(stance).Feet != FeetKind.Even) return;
        if ((draft.Kick is { } kick ? kick.Foot ?? now.Lead?.Other : draft.Foot ?? (draft.Footwork is "step" or "slide" ? now.Lead?.Other : null)) is not { } forward) return;
        (draft.TurnSide, draft.TurnAmount) = (forward.Other, 90);
        Assume(draft, "stance", $"Read as turned {forward.Other.Word}, with the {forward.Word} side where the front was.", _ways.Vocabulary.Name(stance, _ways.Tradition) + " turned 90 degrees " + forward.Word);
    }

    /// <summary>"Step to the corner, knife hand": half a right angle, to the side of the foot that steps; "…, corner, knife hand" is such a step.</summary>
    private bool GoesToTheCorner(int i)
    {
        // "Left foot forward to the other diagonal": a right angle from one to the other, to the side of the foot.
        if (i > 0 && _lexemes[i - 1].Plain is "other" or "the other" && Now().Heading.Degrees % 90 == 45 && _draft is { Foot: { } crosses, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            (_draft.Footwork, _draft.Way, _draft.TurnAmount, _draft.TurnSide) = (_draft.Footwork ?? "step", null, 90, crosses);
            Note(_lexemes[i], "turn");
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
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide) = (_draft.Footwork ?? "step", from, _lexemes[i - 1].Value == "left" ? Side.Left : Side.Right);
            if (_sideLexeme == _lexemes[i - 1]) (_side, _sideLexeme) = (null, null);
            Note(_lexemes[i], "turn", from == 90 ? "Read as the other diagonal." : "Read as 45 degrees.", from == 90 ? "turn 45 degrees" : "90 degrees");
            return true;
        }
        // "Diagonal right, right knife hand."
        if (StartsSentence(i) && Next(i) is { Kind: "side" } slant && Alone(IndexAfter(i)) && (_draft.SentenceEnded || _draft.IsEmpty))
        {
            if (_draft.HasBody) Begin(Counting.Own);
            (_draft.Footwork, _draft.TurnAmount, _draft.TurnSide) = ("step", 45, slant.Value == "left" ? Side.Left : Side.Right);
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

    /// <summary>"Shift right, right bow" out of a stance without a lead: the feet stay, so the body turns to the foot that comes to lead (<see cref="Walk"/>). Told here.</summary>
    private void TellTheShift(Draft draft, Posture now, Move move)
    {
        if (move is not { Footwork.Kind.Value: "shift", Turn: null, Facing: null, Stance: { Lead: { } lead } stance }) return;
        var after = Walk.After(now, move, _form.Opening, BodyMeasures.Reference, _ways);
        if (after.Heading != now.Heading)
            Assume(draft, "stance", $"Read as turning to the {lead.Word}, as the feet stay where they are.", _ways.Vocabulary.Name(stance.Kind, _ways.Tradition) + ", facing " + Speech.Heading(now.Heading, _ways.Directions));
    }

    /// <summary>"Mawatte, left low block": the block of the turn is over the foot that then leads. Common practice.</summary>
    private void BlocksOverTheLead(Draft draft, Posture now)
    {
        if (draft is not { IsMawatte: true, HasTurn: false, Facing: null, Way: null, Stance: null, Lead: null, Foot: null, Hands: [{ Technique.Value: "low-block" or "rising-block" or "knife-hand-block", Hand: { } hand }] } || hand.OnSide is not { } lead || now.Lead == lead.Other && _ways.Stances.Of(now.Stance).Feet != FeetKind.Lead) return;
        (draft.Stance, draft.Lead) = (now.Stance, lead);
        Assume(draft, "technique", $"Read with the {lead.Word} foot leading.", "");
    }

    /// <summary>"Step left into left bow stance" out of a stance in which one only stands: to the left, as forms begin. Common practice.</summary>
    private void OpensToTheSide(Draft draft, Posture now)
    {
        if (draft is not { FootFromSide: true, Foot: { } foot, Stance: { } stance, Lead: { } lead, Way: null, HasTurn: false, Facing: null } || lead != foot || _ways.Stances.Of(stance).Feet != FeetKind.Lead
            || !Formalities.IsStanding(now.Stance)) return;
        // Later in a form one stands so after a turn and goes on; only feet that have just come together part again.
        var last = _said.Concat(_before.AsEnumerable().Reverse()).FirstOrDefault();
        last = _said.Count > 0 ? _said[^1] : _before.Count > 0 ? _before[^1] : null;
        if (last is { Counting: not Counting.Uncounted, Footwork: null or { Kind.Value: "turn" or "pivot" or "stay" }, Stance: null } && _before.Concat(_said).Any(m => m.Stance is { } s && _ways.Stances.Of(s.Kind).Feet == FeetKind.Lead)) return;
        draft.Way = foot == Side.Left ? Way.Left : Way.Right;
        Assume(draft, "foot", $"Read as stepping to the {foot.Word}.", $"with the {foot.Word} foot");
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

    /// <summary>"Left foot to the right": where no foot would go by itself, it goes to the other foot.</summary>
    private void BesideTheOtherFoot(Draft draft)
    {
        if (draft is not { Foot: { } foot, Stance: null, HasTurn: false } || !(draft.Brought || draft is { Footwork: null, Facing: null }) || draft.Way != (foot == Side.Left ? Way.Right : Way.Left)) return;
        (draft.Footwork, draft.Way) = ("pull-together", null);
        Assume(draft, "side", $"Read as to the {foot.Other.Word} foot.", $"{foot.Other.Word}, stepping");
    }

    /// <summary>
    /// "Turn to the left … feet together, turn to the right …": one has turned aside from the front and turns to its other side.
    /// Common practice, as forms do on one side what they did on the other.
    /// </summary>
    private void TurnToTheOtherSide(Draft draft, Posture now)
    {
        if (draft is not { TurnAmount: null, Facing: null, Stance: { } stance } || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // "…, the right foot steps right, right cat stance": a step of the foot of that side says it as well.
        var steps = draft is { TurnSide: null, Footwork: "step" or null, Foot: { } foot } && (draft.Way == (foot == Side.Left ? Way.Left : Way.Right) || draft is { FootFromSide: true, Way: null } && Formalities.IsStanding(now.Stance)) ? draft.Foot : null;
        if ((steps ?? (draft.Way is null ? draft.TurnSide : null)) is not { } side || now.Heading != Heading.Front + Turn.To(side.Other, 90)) return;
        if (draft.Footwork is not "pull-together" && now.Stance.Value is not ("closed-stance" or "ready-stance") && draft.Way is null && !MirrorsTheFirstHere(draft, now)) return;
        // Told only where the way there was out of the front in one turn, to the stance that is now taken to the other side.
        var first = FirstHere(now, out var from);
        if (from is { } before && (before.Heading != Heading.Front || _ways.Stances.Of(before.Stance).Feet != FeetKind.Even) || SoFar().Moves.Skip(first).All(m => m.Stance?.Kind != stance)) return;
        (draft.TurnSide, draft.TurnAmount) = (side, 180);
        Assume(draft, "side", "Read as to the other side, half a turn.", $"{side.Word} 90 degrees");
    }

    /// <summary>
    /// "Turn left, low block; step, punch; turn to the right, low block": one came onto this line over one shoulder and turns over the
    /// other for what was done first on it: to the other arm of the line, half a turn. Common practice.
    /// </summary>
    private void TurnToTheOtherArm(Draft draft, Posture now)
    {
        if (draft is not { TurnSide: { } side, TurnAmount: null, Facing: null, Way: null, Footwork: null or "turn", HasHands: true, Kick: null }) return;
        var first = FirstHere(now, out var before);
        var moves = SoFar().Moves;
        if (before is null || first >= moves.Count - 1 || moves[first] is not { Hands.Count: > 0 } came) return;
        var onto = came.Turn ?? (came.Facing is { } faced ? faced - before.Heading : Turn.None);
        if (onto.Amount is not (90 or 270) || onto.Side != side.Other) return;
        var walk = Walk.Of(SoFar(), BodyMeasures.Reference, _ways);
        if ((draft.Stance ?? now.Stance) != walk.Postures[first].Stance || came.Hands.Count != draft.Hands.Count || !came.Hands.Zip(draft.Hands).All(p => p.First.Technique == p.Second.Technique && (p.First.Hand is null || p.Second.Hand is null || p.First.Hand != p.Second.Hand))) return;
        draft.TurnAmount = 180;
        Assume(draft, "side", "Read as to the other arm of the line, half a turn.", $"{side.Word} 90 degrees");
    }

    /// <summary>Position of the move with which one came to face where one faces now, and how one stood before it.</summary>
    private int FirstHere(Posture now, out Posture? before)
    {
        var walk = Walk.Of(SoFar(), BodyMeasures.Reference, _ways);
        var first = walk.Postures.Count;
        while (first > 0 && walk.Postures[first - 1].Heading == now.Heading) first--;
        before = first > 0 ? walk.Postures[first - 1] : null;
        return first;
    }

    /// <summary>"Turn right, right cat stance, right block" where one came to this side with the same on the left.</summary>
    private bool MirrorsTheFirstHere(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "turn" or null, Foot: null, HasHands: true, Stance: { } stance } || now.Stance != stance) return false;
        var moves = SoFar().Moves;
        return FirstHere(now, out _) is var first && first < moves.Count && moves[first] is { Stance: { } there } came && there.Kind == stance
            && came.Hands.Count == draft.Hands.Count && came.Hands.Zip(draft.Hands).All(p => p.First.Technique == p.Second.Technique && p.First.Hand is { } one && p.Second.Hand is { } other && one.Other == other);
    }

    /// <summary>
    /// Out of horse stance "turn left into left bow … turn right into right bow": to the other end of the line on which the
    /// feet stand, which is half a turn. Common practice.
    /// </summary>
    private void TurnToTheOtherEnd(Draft draft, Posture now)
    {
        if (draft is not { TurnSide: { } side, TurnAmount: null, Facing: null, Foot: null, Way: null, Footwork: null or "turn" or "pivot" or "shift", Stance: { } stance } || now.Lead != side.Other
            || (draft.Lead ?? side) != side || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // The feet have stayed on one line since the stance without a lead.
        var first = FirstHere(now, out var before);
        if (before is null || _ways.Stances.Of(before.Stance).Feet != FeetKind.Even || before.Heading + Turn.To(side.Other, 90) != now.Heading
            || SoFar().Moves.Skip(SoFar().Moves[first].Footwork is { Kind.Value: "step", Way: Way.Left or Way.Right } ? first + 1 : first).Any(m => m.Footwork is { Foot: not null } or { Kind.Value: "step" or "step-back" or "jump" })) return;
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

    /// <summary>Tells what was taken for granted with the last words that gave a field of the move.</summary>
    private void Assume(Draft draft, string field, string assumption, string instead)
    {
        var at = _fields.FindLastIndex(f => f.Move == draft.Id && f.Field == field);
        if (at >= 0) _fields[at] = _fields[at] with { Assumption = assumption, Instead = instead };
    }

    /// <summary>"Now you're in a right fighting stance.": a sentence that tells nothing but where one stands.</summary>
    private bool IsWhereWeAre(int i, out int stance)
    {
        stance = -1;
        if (!StartsSentence(i)) return false;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].EndsSentence; k++)
        {
            if (_lexemes[k].Is("stance") && stance < 0) stance = k;
            else if (_lexemes[k].Kind is not ("side" or "filler" or "lead" or "footNoun") && !_lexemes[k].IsStop) return false;
        }
        return stance >= 0 && _draft is { SentenceEnded: true, HasBody: true, Footwork: not ("bow" or "announce" or "return") };
    }

    /// <summary>Where the move just said has led, if it did not say so itself.</summary>
    private void TakeWhereWeAre(int stance)
    {
        var (said, end) = (_lexemes[stance].Term!.Id, stance);
        Side? lead = null;
        var first = stance;
        while (first > 0 && !_lexemes[first - 1].EndsSentence) first--;
        while (end + 1 < _lexemes.Count && !_lexemes[end + 1].EndsSentence) end++;
        for (var k = first; k <= end; k++)
        {
            if (_lexemes[k].Is("side")) lead = _lexemes[k].Value == "left" ? Side.Left : Side.Right;
            if (_lexemes[k].IsStop) continue;
            Note(_lexemes[k], "stance");
            if (k > first) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        }
        var here = Here();
        if (here.Stance == said && (lead is null || here.Lead == lead) || _draft.Stance is not null) return;
        (_draft.Stance, _draft.Lead) = (said, _draft.Lead ?? lead);
    }

    /// <summary>"From that last block, you …", "after that elbow you …": a thing done before, by which a place in the form is told.</summary>
    private bool TellsAPlaceInTheForm(int i)
    {
        var k = i - 1;
        while (k >= 0 && (_lexemes[k].Is("ordinal", "last") || _lexemes[k].Is("passage", "last") || _lexemes[k].Is("side") || _lexemes[k].Is("level") || _lexemes[k].Is("filler") && _lexemes[k].Plain is "the" or "that" or "this" or "your")) k--;
        if (k < 0 || !(_lexemes[k].Is("from") || _lexemes[k].Plain is "after" or "after that")) return false;
        return i + 1 >= _lexemes.Count || _lexemes[i + 1] is { IsStop: true } or { Kind: "opening" } or { Kind: "filler", Plain: "you" or "we" or "i" or "youre" or "youll" or "were" };
    }

    private void ResolveRearNamedLead(Draft draft, StanceShape shape)
    {
        // "Left foot, right L-stance": that school names these stances by the rear foot. Where the foot that was said
        // to step forward is the other one, that naming is the one that was meant.
        // Some name every back stance so; that the hand works over the foot that steps tells which way it is meant.
        var maybe = draft.Stance is { Value: "back-stance" } && (_namedByRear || draft is { Foot: { } forth, Hands: [{ Hand: { } works }] } && works.OnSide == forth);
        if (!shape.NamedByRearFoot && !maybe || draft.LeadIsPlain) return;
        if (draft is { Footwork: null or "step" or "turn" or "slide", Foot: { } foot, Lead: { } lead } && foot != lead && draft.Way != Way.Back)
        {
            draft.Lead = foot;
            _namedByRear = true;
            Assume(draft, "stance", $"The stance is called {lead.Word}, but the {foot.Word} foot steps: read as named by the rear foot.", "");
        }
        // "Right foot back, right L-stance": the rear foot's name.
        else if (draft is { Footwork: "step-back" or "step" or null, Way: Way.Back or null, Foot: { } back, Lead: { } called } && back == called && (draft.Footwork == "step-back" || draft.Way == Way.Back) && shape.NamedByRearFoot)
        {
            draft.Lead = back.Other;
            _namedByRear = true;
            Assume(draft, "stance", $"The stance is called {called.Word}, and the {back.Word} foot steps back: read as named by the rear foot.", "");
        }
        else if (_namedByRear && draft is { Lead: { } named } && (draft.Foot is null || shape.NamedByRearFoot && draft.Footwork == "pull-together"))
        {
            draft.Lead = named.Other;
            Assume(draft, "stance", $"Called {named.Word} by the rear foot, as before in this text.", "");
        }
    }
}
