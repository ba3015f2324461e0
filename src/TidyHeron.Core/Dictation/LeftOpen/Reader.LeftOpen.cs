using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What a teacher leaves open because everybody in the hall can see it. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Bring the right foot back a little", while it leads: whether that is what is being said.</summary>
    private bool GoesBackALittle() => _draft is { IsDone: false, SentenceEnded: false } && _draft switch
    {
        { Footwork: "pull-together" } => _draft.PulledBack,
        { Footwork: "slide-back" } => _draft.Foot is not null,
        { Stance: null, Foot: { } foot } when _draft is { Footwork: "step-back" } or { Footwork: "step", Way: Way.Back } => foot == Now().Lead,
        _ => false,
    };

    /// <summary>
    /// "Draw the right foot back to cat stance", "slide the left foot back half a step": a foot that leads and is only drawn
    /// nearer still leads. Common practice; a foot that steps back goes past the other one.
    /// </summary>
    private void DrawnBackStillLeads(Draft draft, Posture now, StanceShape shape)
    {
        // "Drag the right foot back, right hammer fist": struck over the foot in front, as the basic forms do it.
        var strikesOverIt = draft is { Foot: not null, Stance: null, Hands: [{ Technique.Value: "hammer-fist", Hand: var hammer }] } && (hammer is null ? draft.PulledBack : hammer.Value.OnSide == draft.Foot);
        // "Draw the right foot in half way": between where it was and the other foot.
        if ((draft.HalfStep || strikesOverIt && draft.PulledBack) && draft is { Footwork: "pull-together", SecondFoot: null, Stance: null, Lead: null, HasTurn: false, Facing: null } && now.Lead is { } front && (draft.Foot ?? front) == front)
        {
            (draft.Footwork, draft.Lead, draft.Stance) = ("slide-back", front, now.Stance.Value is "front-stance" or "bow-stance" ? new TermId("short-front-stance") : now.Stance);
            Assume(draft, "footwork", $"Read as drawn nearer: the {front.Word} foot still leads.", "");
            return;
        }
        // "Right foot half a step up, sit back, empty stance": it follows up to the one in front.
        if (draft is { HalfStep: true, Foot: { } follows, Lead: null, Footwork: "step" or null, Way: null or Way.Forward, HasTurn: false, Facing: null } && follows == now.Lead?.Other && shape.Feet == FeetKind.Lead && draft.Stance is { Value: "cat-stance" or "back-stance" or "l-stance" })
        {
            (draft.Lead, draft.Footwork) = (now.Lead, "shift");
            Assume(draft, "footwork", $"Read as following up: the {now.Lead!.Value.Word} foot still leads.", $"{follows.Word} foot in front");
            return;
        }
        if (draft.Lead is not null || shape.Feet != FeetKind.Lead || now.Lead is not { } lead || draft.HasTurn || draft.Facing is { } facing && facing != now.Heading) return;
        // "Bring that left foot back to cat stance, left inside block": the hand in front is over the foot in front.
        var broughtBack = (draft.Brought || draft.CameBack) && draft.Foot == lead && draft.Hands is [{ Hand: { } over }, ..] && over.OnSide == lead;
        var goesBack = draft.Footwork is "slide-back" or "step-back" || draft.Way == Way.Back;
        if (!goesBack || (draft.Foot ?? lead) != lead || !draft.HalfStep && !(strikesOverIt && draft.Footwork is "slide" or "slide-back") && !((draft.Drawn || broughtBack) && draft.Stance is { Value: "cat-stance" or "short-front-stance" })) return;
        (draft.Lead, draft.Footwork, draft.Way) = (lead, "slide-back", null);
        draft.Stance ??= now.Stance; // the lead is said with a stance
        Assume(draft, "footwork", $"Read as drawn nearer: the {lead.Word} foot still leads.", draft.HalfStep ? "" : "step");
    }

    /// <summary>"Cat stance … step down into bow stance": the foot that had no weight comes down, and still leads.</summary>
    private void ComesDownWhereItLed(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "land", Foot: null, Lead: null, Kick: null, HasTurn: false, Facing: null, Stance: { } stance } || now is not { KickingFoot: null, Stance.Value: "cat-stance", Lead: { } lead } || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        (draft.Foot, draft.Lead) = (lead, lead);
        Assume(draft, "footwork", $"Read as the {lead.Word} foot, which had no weight.", $"step down with the {lead.Other.Word} foot");
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

    /// <summary>"Again with the right foot, turning left, double block" after a double block in horse stance: in that stance.</summary>
    private void StandsAsAgain(Draft draft, Posture now)
    {
        if (draft is not { IsAgain: true, Stance: null, HasHands: true } || _ways.Stances.Of(now.Stance).Feet != FeetKind.Even || _said.LastOrDefault() is not { } last || !last.Hands.Select(h => h.Technique).SequenceEqual(draft.Hands.Select(h => h.Technique))) return;
        draft.Stance = now.Stance;
        Assume(draft, "technique", $"Read in {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}, as before.", "");
    }

    /// <summary>"Left foot back to the right, feet together, facing front … right foot back to the left, feet together": facing as on the other side.</summary>
    private void FacesAsOnTheOtherSide(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "pull-together" or null, Stance: { } stance, HasTurn: false, Facing: null } || draft is { Foot: null, Footwork: "pull-together" } || _ways.Stances.Of(stance).Feet != FeetKind.Even) return;
        var moves = SoFar().Moves.ToList();
        // "… right foot back, feet together … Step to the right, … Feet together": with no foot told.
        var at = moves.FindLastIndex(m => m is { Footwork: { Kind.Value: "pull-together", Foot: { } other } } && (draft.Foot is { } foot ? other == foot.Other : now.Lead == other.Other) && (m.Stance?.Kind ?? new TermId("closed-stance")) == stance);
        if (at < 1 || draft.HasHands != moves[at].Hands.Any() || draft.Foot is null && (draft.HasHands || draft.Kick is not null || draft.Way is not null)) return;
        var end = at;
        while (end + 1 < moves.Count && moves[end + 1].Counting is Counting.Then or Counting.Together) end++;
        var walk = Walk.Of(SoFar() with { Moves = moves.ToValueList() }, BodyMeasures.Reference, _ways);
        var (before, after) = (walk.Postures[at - 1].Heading, walk.Postures[end].Heading);
        if (before == after || before.Mirrored != now.Heading) return;
        draft.Facing = after.Mirrored;
        Assume(draft, "stance", $"Read as facing {Speech.Heading(after.Mirrored, _ways.Directions)}, as on the other side.", _ways.Vocabulary.Name(stance, _ways.Tradition) + ", facing " + Speech.Heading(now.Heading, _ways.Directions));
    }

    /// <summary>"Shift forward, left punch" out of a back stance: the stance that one shifted into for such a punch before.</summary>
    private void ShiftsAsBefore(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Footwork: "shift" or "slide", Kick: null, HasTurn: false, Facing: null, HasHands: true } || draft is { Footwork: "slide", Foot: not null } || now.Lead is not { } lead || _ways.Stances.Of(now.Stance) is not { Feet: FeetKind.Lead, LeadWeight: < 50 }) return;
        var moves = SoFar().Moves.ToList();
        var walk = Walk.Of(SoFar() with { Moves = moves.ToValueList() }, BodyMeasures.Reference, _ways);
        var at = Enumerable.Range(1, Math.Max(0, moves.Count - 1)).LastOrDefault(k => moves[k] is { Footwork.Kind.Value: "shift" or "slide", Stance: not null, Hands.Count: > 0 } && (moves[k].Footwork!.Kind.Value == draft.Footwork || draft.Footwork == "shift") && walk.Postures[k].Lead == walk.Postures[k - 1].Lead && walk.Postures[k - 1].Stance == now.Stance);
        if (at == 0) return;
        (draft.Stance, draft.Lead) = (moves[at].Stance!.Kind, lead);
        Assume(draft, "footwork", $"Read into {_ways.Vocabulary.Name(draft.Stance.Value, _ways.Tradition)}, as before.", "stay");
    }

    /// <summary>
    /// "Right punch, front stance" out of a back stance, in a text that names its steps: where no step is said the feet stay and the weight
    /// is shifted. Common practice; it is the hand over the rear foot that tells.
    /// </summary>
    private void ShiftsWhereNoStepIsSaid(Draft draft, Posture now)
    {
        const int Often = 3; // steps and feet that are named with a stance or a technique
        if (draft is not { Stance: { } into, Footwork: null, Foot: null, Lead: null, Way: null, Kick: null, HasTurn: false, Facing: null, Hands: [{ Technique.Value: "punch" or "reverse-punch", Hand: { } hand }] } || now.Lead is not { } lead) return;
        if (hand.OnSide != lead.Other || into == now.Stance || _ways.Stances.Of(into).Feet != FeetKind.Lead || _ways.Stances.Of(now.Stance) is not { Feet: FeetKind.Lead, LeadWeight: < 50 }) return;
        if (_lexemes.Count(l => l is { Kind: "footwork", Value: "step" or "slide" or "turn" } or { Kind: "footNoun" }) < Often) return;
        (draft.Footwork, draft.Lead) = ("shift", lead);
        Assume(draft, "stance", "Read as shifting, as no step is said.", "step, " + _ways.Vocabulary.Name(into, _ways.Tradition));
    }

    /// <summary>"Hands up on guard, left foot in front.": how one stands before anything is done.</summary>
    private void StandsOnGuard(Draft draft)
    {
        // "Fighting stance, left foot forward.": alone at the beginning.
        if (_before.Count + _said.Count == 0 && draft is { Stance.Value: "step-guard-stance", Lead: not null, Footwork: null, Foot: null, Kick: null, IsNumbered: false, HasHands: false, HasTurn: false, Facing: null, BeginsSentence: false })
        {
            draft.IsOpening = true;
            return;
        }
        if (_before.Count + _said.Count > 0 || draft is not { Stance: null, LeadIsPlain: true, Lead: not null, Footwork: null, Foot: null, Kick: null, IsNumbered: false, Hands: [{ Technique.Value: "guard" }] }) return;
        (draft.Stance, draft.IsOpening) = (new TermId("step-guard-stance"), true);
        Assume(draft, "lead", $"Read as standing ready in {_ways.Vocabulary.Name(draft.Stance.Value, _ways.Tradition)}.", "");
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
        if (draft is not { Stance: null, Footwork: "step", Foot: not null, HasHands: true, Counting: Counting.Then, Way: null or Way.Left or Way.Right, Kick: null } || !StanceSet.IsStanding(now.Stance) || _said is not [.., { Footwork.Kind.Value: "pull-together" }]) return;
        var before = Walk.Of(SoFar() with { Moves = SoFar().Moves.Take(_before.Count + _said.Count - 1).ToValueList() }, BodyMeasures.Reference, _ways).End.Stance;
        if (_ways.Stances.Of(before).Feet != FeetKind.Lead) return;
        draft.Stance = before;
        Assume(draft, "foot", $"Read in {_ways.Vocabulary.Name(before, _ways.Tradition)}, as before the feet came together.", $"{draft.Foot.Value.Word} foot, short front stance");
    }

    /// <summary>"Draw the foot in half way, hammer fist. Step left, punch.": out of a foot drawn nearer one steps into the stance of before.</summary>
    private void StepsOutOfDrawnNearer(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Kick: null, HasHands: true, Footwork: "step" or "turn" or null } || draft is { Footwork: null, Foot: null, HasTurn: false } || draft.Way is not (null or Way.Forward) || now.Stance.Value is not "short-front-stance") return;
        var moves = SoFar().Moves.ToList();
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
        if (draft is { Footwork: "jump", Foot: null, Lead: null, Stance.Value: "cross-stance" } && now.KickingFoot is { } kicked) draft.Lead = kicked;
    }

    /// <summary>"Same kick with the right, step down, reverse punch" out of a cat stance: landed as the kick before it was.</summary>
    private void LandsAsTheKickBefore(Draft draft, Posture now)
    {
        if (draft is not { Stance: null, Kick: { Landing: Landing.Front } kick, HasTurn: false, Facing: null } || now.Stance.Value is not ("cat-stance" or "back-stance" or "l-stance")) return;
        if (_before.Concat(_said).LastOrDefault(m => m.Kick is { Landing: Landing.Front }) is not { Stance.Kind: var landed, Kick: var before } || before!.Technique != kick.Technique && kick.Technique.Value != "kick") return;
        draft.Stance = landed;
        Assume(draft, "kick", $"Read as landing in {_ways.Vocabulary.Name(landed, _ways.Tradition)}, as the kick before.", "");
    }

    /// <summary>"Left foot to the right": where no foot would go by itself, it goes to the other foot.</summary>
    private void BesideTheOtherFoot(Draft draft)
    {
        if (SaysStepping(draft) || draft is not { Foot: { } foot, Stance: null, HasTurn: false } || !(draft.Brought || draft is { Footwork: null, Facing: null }) || draft.Way != foot.Other.Way) return;
        (draft.Footwork, draft.Way) = ("pull-together", null);
        Assume(draft, "side", $"Read as to the {foot.Other.Word} foot.", $"{foot.Other.Word}, stepping");
    }

    private bool SaysStepping(Draft draft) => _fields.Exists(f => f.Move == draft.Id && f.Field == "footwork" && string.Equals(Slice(f), "stepping", StringComparison.OrdinalIgnoreCase));

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
        var first = StartOfSentence(stance);
        while (end + 1 < _lexemes.Count && !_lexemes[end + 1].EndsSentence) end++;
        for (var k = first; k <= end; k++)
        {
            if (_lexemes[k].Is("side")) lead = _lexemes[k].Side;
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
        if (k < 0 || !(_lexemes[k].Is("from") || _lexemes[k].Plain is "after" or "after that" or "off" or "off the" or "coming off" or "coming out of" or "out of")) return false;
        // "After that palm block, left hand, stepping back", "after that right low block, turning left": done, and told out.
        if (_lexemes[k].Plain == "after that" && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && (_lexemes[i + 2].IsGerund || _lexemes[i + 2].Is("side") && Next(i + 2) is { Kind: "handNoun" } && NothingAheadWantsAHand(i + 3))) return false;
        // "After that right reverse punch.": all that the sentence says is done.
        if (_lexemes[k].Plain == "after that" && StartsSentence(k) && k == i - 2 && _lexemes[i - 1].Is("side") && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence)) return false;
        return i + 1 >= _lexemes.Count || _lexemes[i + 1] is { IsStop: true } or { Kind: "opening" } or { Kind: "filler", Plain: "you" or "we" or "i" or "youre" or "youll" or "were" };
    }

    private void ResolveRearNamedLead(Draft draft, StanceShape shape)
    {
        // "Left foot, right L-stance": that school names these stances by the rear foot. Where the foot that was said
        // to step forward is the other one, that naming is the one that was meant.
        // Some name every back stance so; that the hand works over the foot that steps tells which way it is meant.
        var maybe = draft.Stance is { Value: "back-stance" } && (_namedByRear || draft is { Foot: { } forth, Hands: [{ Hand: { } works }] } && works.OnSide == forth
            // "The left foot slides to the left into a right back stance": a foot that goes out to its own side leads.
            || draft is { Foot: { } outward, Lead: { } other } && other == outward.Other && (draft.Way == outward.Way || draft.EyesTo == outward));
        if (!shape.NamedByRearFoot && !maybe || draft.LeadIsPlain) return;
        if (draft is { Footwork: null or "step" or "turn" or "slide" or "land", Foot: { } foot, Lead: { } lead } && foot != lead && draft.Way != Way.Back)
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
        // "Turn left into a right L-stance, left block": a block in it is over the foot in front (common practice).
        else if (shape.NamedByRearFoot && draft is { Footwork: null or "turn", Foot: null, Lead: { } told, Hands: [{ Hand: { } over } block] } && over.OnSide == told.Other && _ways.Vocabulary.Find(block.Technique)?.Family == "receiving")
        {
            draft.Lead = told.Other;
            _namedByRear = true;
            Assume(draft, "stance", $"Called {told.Word}, and the block is over the {told.Other.Word} foot: read as named by the rear foot.", $"{_ways.Vocabulary.Name(draft.Stance!.Value, _ways.Tradition)}, {told.Word} foot in front");
        }
        else if (_namedByRear && draft is { Lead: { } named } && (draft.Foot is null || shape.NamedByRearFoot && draft.Footwork == "pull-together"))
        {
            draft.Lead = named.Other;
            Assume(draft, "stance", $"Called {named.Word} by the rear foot, as before in this text.", "");
        }
    }
}
