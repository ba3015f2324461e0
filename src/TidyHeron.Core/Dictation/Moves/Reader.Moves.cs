using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>The move being said becomes one of the form: where one ends and the next begins, and where they lead.</summary>
public sealed partial class Reader
{
    /// <summary>Ends the move being said and puts it into the form.</summary>
    private void Finish()
    {
        Settle();
        // A called number whose words were not understood keeps its place, so that the numbers after it stay right.
        if (_draft is { IsNumbered: true, IsEmpty: true } && _unread.Where(u => u.Start > _draft.CalledAt).Select(u => u.Text).ToList() is { Count: > 0 } lost)
            _draft.Notes.Add(string.Join(" ", lost));
        // "Eleven: hold, breathing in" is a count in which nothing moves.
        if (_draft is { IsNumbered: true, HasBody: false, IsEmpty: false, Shout: false }) _draft.Footwork = "stay";
        if (!_draft.IsEmpty)
        {
            // A shout, a breath or a remark alone belongs to the move before it.
            if (!_draft.HasBody && (_said.Count > 0 || _before.Count > 0 && _draft.IsOnlyVoice)) MergeIntoLast(_draft);
            else Add(_draft);
        }
        _draft = new Draft();
    }

    /// <summary>Ends the move being said, if there is one, and begins another.</summary>
    private void Begin(Counting counting)
    {
        var limbs = new[] { _side is null ? null : _sideLexeme, _foot is null && _hand is null ? null : _limbLexeme, _level is null ? null : _levelLexeme };
        var waiting = (_side, _sideLexeme, _foot, _hand, _limbLexeme, _level, _levelLexeme);
        _side = null; _foot = null; _hand = null; _level = null;
        var carried = _draft is { HasBody: false, IsEmpty: false } ? _draft : null; // "slowly, …"
        var ended = _draft.SentenceEnded;
        var next = carried ?? new Draft();
        if (ended) GivesItsLimb(_draft.Id, next.Id);
        // "…, left | punch": so is one that still waits for what it does.
        foreach (var limb in limbs)
            if (limb is not null) BelongsFrom(limb, next.Id);
        if (carried is null) Finish();
        _draft = next;
        if (ended && _said.Count > 0) GivesItsLimb(_said[^1].Id, next.Id);
        _draft.BeginsSentence = carried is null && ended;
        _draft.SentenceEnded = false;
        _draft.AfterThen = _then;
        // Where numbers are called, only a number begins a count; a draft that waits for its move has its own already.
        if ((_listOfPoints || _taking is { } now && _namedMovements.Any(n => n.From < now.Start && now.Start < n.To)) && counting == Counting.Own && !ended) counting = Counting.Then;
        if (carried is null || !_explicitCounts)
        {
            _draft.Counting = _sameCount || _explicitCounts && counting == Counting.Own ? Counting.Then : counting;
            // "Moves 5 and 6: low block; right foot forward, punch": each has its number.
            if (_explicitCounts && _listed > 1 && _inList < _listed - 1 && (ended || counting == Counting.Own && _taking is { Kind: "footwork", Value: "step" or "step-back" } && _draft.Counting == Counting.Then || _then && (counting == Counting.Own || _thenParts) || _deedsPart && _taking is { Kind: "technique" }))
            {
                _inList++;
                _draft.Counting = Counting.Own;
            }
        }
        _sameCount = false;
        (_side, _sideLexeme, _foot, _hand, _limbLexeme, _level, _levelLexeme) = waiting;
    }

    /// <summary>Begins the second step of a count; a turn that was said before it is that step's.</summary>
    private void BeginWithTheTurn()
    {
        // "Left foot back to the centre, look right, and slide the right foot out": to where the eyes went.
        if (_draft is { CameToTheCentre: true, HasTurn: false, Gaze: Notation.Gaze.Left or Notation.Gaze.Right } home)
        {
            var there = home.Gaze == Notation.Gaze.Left ? Side.Left : Side.Right;
            Begin(Counting.Then);
            _draft.TurnSide = there;
            return;
        }
        var (amount, side, facing) = (_draft.TurnAmount, _draft.TurnSide, _draft.Facing);
        (_draft.TurnAmount, _draft.TurnSide, _draft.Facing) = (null, null, null);
        var before = _draft.Id;
        Begin(Counting.Then);
        // With the words for it.
        for (var k = _fields.FindLastIndex(f => f.Move == before && f.Field is "turn" or "facing"); k >= 0 && _fields[k].Move == before && _fields[k].Field is "turn" or "facing"; k--) _fields[k] = _fields[k] with { Move = _draft.Id };
        (_draft.TurnAmount, _draft.TurnSide, _draft.Facing) = (amount, side, facing);
    }

    /// <summary>Gives the fields from a limb on, with the side that names it, to a move.</summary>
    private void BelongsFrom(Lexeme limb, MoveId move)
    {
        var first = limb.Kind is "footNoun" or "handNoun" && _lexemes.IndexOf(limb) is var at and > 0 && _lexemes[at - 1].Is("side") ? _lexemes[at - 1] : limb;
        for (var k = _fields.Count - 1; k >= 0 && _fields[k].Start >= first.Start; k--)
            if (_fields[k].Start < limb.Start + limb.Length && _fields[k].Field is "side" or "foot" or "hand" or "level") _fields[k] = _fields[k] with { Move = move };
    }

    /// <summary>The limb with which a sentence begins is that of the move it begins, not of the one before.</summary>
    private void GivesItsLimb(MoveId before, MoveId begun)
    {
        for (var k = _fields.Count - 1; k >= 0 && _fields[k].Start > _sentenceEnd; k--)
            if (_fields[k].Field is "side" or "foot" or "hand" or "level" && _fields[k].Move == before) _fields[k] = _fields[k] with { Move = begun };
    }

    private void Add(Draft draft)
    {
        WasOnlyDrawnNearer(draft);
        var posture = Now();
        // "Turn to face the front, left foot leads": in the stance one stands in.
        if (draft is { Stance: null, LeadIsPlain: true, Lead: not null } && _ways.Stances.Of(posture.Stance).Feet == FeetKind.Lead) draft.Stance = posture.Stance.Value == "cross-stance" ? BeforeTheLegsCrossed() : posture.Stance;
        if (draft is { IsWhereWeAre: true, Stance: null, Lead: not null }) draft.Stance = new TermId("short-front-stance"); // the shortest there is
        var plain = IsSaidInOurWords(draft, posture);
        if (!plain) TakeForGranted(draft, posture);
        var shape = _ways.Stances.Of(draft.Stance ?? posture.Stance);
        _rearFootSwings |= draft is { IsMawatte: true, Lead: { } leads } && posture.Lead == leads.Other;
        var swings = draft is { IsMawatte: true, HasTurn: false } && _rearFootSwings; // as it did with the same word before
        var move = draft.ToMove(posture.Heading, swings ? posture.Lead?.Other : posture.Lead, shape.Feet == FeetKind.Even);
        TellTheTurn(draft, posture, move);
        TellTheShift(draft, posture, move);
        var formality = Formalities.Of(draft, move, NothingCounted && !_goesOn, _ways.Stances);
        // "Staff at the right side, vertical.": a remark before anything was done takes no count.
        if (!draft.IsNumbered && NothingCounted && move.Deed with { Counting = Counting.Own } == new Move(move.Id)) move = move with { Counting = Counting.Uncounted };
        // "The right hand takes hold.": of the weapon, before anything was done with it.
        if (!draft.IsNumbered && Carried() is not null && NothingCounted && move is { Footwork: null, Kick: null, Turn: null, Hands: [{ Technique.Value: var takes }] } && (takes == "grab" || takes == "regrip" && (BowsNext() || _fields.Any(f => f.Move == draft.Id && Slice(f).Contains("holding", StringComparison.OrdinalIgnoreCase)))) && (move.Stance is null || StanceSet.IsStanding(move.Stance.Kind))) move = move with { Counting = Counting.Uncounted };
        if (draft.IsWhereWeAre) (move, _goesOn) = (move with { Counting = Counting.Uncounted }, true);
        if (formality != Formality.None && !draft.IsNumbered) move = move with { Counting = Counting.Uncounted };
        if (_before.Count + _said.Count == 0 && !(plain && draft.IsNumbered) && move.Stance is { } stance && (draft.IsOpening || formality == Formality.Opening))
        {
            _form = _form with { Opening = new Opening(stance.Kind, stance.Lead) };
            ForgetNow();
            var front = move.Facing == Heading.Front ? null : move.Facing; // as every form begins
            if (move with { Stance = null, Facing = front, Counting = Counting.Own } == new Move(move.Id)) return; // the opening says it all
        }
        if (_before.Count + _said.Count == 0 && move.Counting is Counting.Then or Counting.Together) move = move with { Counting = Counting.Own };
        if (GoesOnFromFeetThatTurned(draft, move)) move = move with { Counting = Counting.Then };
        _said.Add(move);
        if (draft.IsNumbered) _withNumber.Add(move.Id);
        if (draft.BeginsSentence) _withSentence.Add(move.Id);
        foreach (var name in _pendingCuts) _cuts.Add(new Section(SectionId.New(), name, move.Id));
        _pendingCuts.Clear();
    }

    /// <summary>The stance with a lead in which one last stood; the shortest there is where one has not.</summary>
    private TermId BeforeTheLegsCrossed() =>
        WalkSoFar().Postures.LastOrDefault(p => p.Stance.Value is not "cross-stance" && _ways.Stances.Of(p.Stance).Feet == FeetKind.Lead)?.Stance ?? new TermId("short-front-stance");

    /// <summary>"Hold the staff upright. Bow."</summary>
    private bool BowsNext() => _lexemes.FirstOrDefault(l => l.Start > _sentenceEnd && !l.IsStop && !l.Is("filler")) is { Kind: "footwork", Value: "bow" };

    /// <summary>What is left open is read in the way that fits where one stands; the rules are in the files LeftOpen.</summary>
    private void TakeForGranted(Draft draft, Posture posture)
    {
        StandsOnGuard(draft);
        StandsAsAllDo(draft);
        // "The left foot swings behind all the way to the east, left front stance": it comes round and leads there.
        if (draft is { Footwork: "step-back", Foot: { } round, Way: null, Lead: { } first, Stance: not null } && round == first && (draft.TurnAmount is >= 180 || draft.Facing is { } there && there != posture.Heading)) draft.Footwork = "turn";
        // "Your left foot goes behind you, you turn 270 degrees to the left, back stance": so does that one.
        if (draft is { Footwork: "step-back" or "turn", Foot: { } behind, Way: null or Way.Back, Lead: null, Stance: { } taken, TurnAmount: >= 180, TurnSide: { } over } && over == behind && _ways.Stances.Of(taken).Feet == FeetKind.Lead) (draft.Footwork, draft.Way, draft.Lead) = ("turn", null, behind);
        KicksWithTheFrontLegAgain(draft, posture);
        // "Cross over with the right foot, left side kick, come down in front stance": on the foot that kicked.
        if (draft is { Footwork: "cross-front" or "cross-behind", Foot: { } crossed, Kick: { Foot: { } kicked, Landing: Landing.Front }, Lead: null, Stance: not null } && kicked != crossed) draft.Lead = kicked;
        // "Bring the right knee up, right knee strike": that is how it strikes.
        if (draft is { Footwork: "lift-foot", Stance: null, Kick.Technique.Value: "knee-strike" } && (draft.Foot is null || draft.Kick.Foot is null || draft.Foot == draft.Kick.Foot))
            (draft.Footwork, draft.Foot, draft.Kick) = (null, null, draft.Kick with { Foot = draft.Kick.Foot ?? draft.Foot });
        // "Raise the right knee and do a side kick, bring it back": so it begins.
        if (draft is { Footwork: "lift-foot", Kick: { Landing: not null } kicks } && (draft.Stance is not { } landed || _ways.Stances.Of(landed).Feet == FeetKind.Lead) && (draft.Foot is null || kicks.Foot is null || draft.Foot == kicks.Foot)) (draft.Footwork, draft.Foot, draft.Kick) = (null, null, kicks with { Foot = kicks.Foot ?? draft.Foot });
        ResolveRearNamedLead(draft, _ways.Stances.Of(draft.Stance ?? posture.Stance));
        FacesTheMirrorOfTheFirstSide(draft, posture);
        TurnWhereTheEyesGo(draft, posture);
        LandsWhereTheEyesWent(draft);
        LeadsAsOnTheOtherSide(draft, posture);
        DrawnBackStillLeads(draft, posture, _ways.Stances.Of(draft.Stance ?? posture.Stance));
        ComesDownWhereItLed(draft, posture);
        PunchesAsBefore(draft, posture);
        StepsForTheLunge(draft, posture);
        LungesInAStance(draft, posture);
        StandsAsAgain(draft, posture);
        FacesAsOnTheOtherSide(draft, posture);
        BesideTheOtherFoot(draft);
        SlidesOut(draft, posture);
        ShiftsAsBefore(draft, posture);
        ShiftsWhereNoStepIsSaid(draft, posture);
        JumpsOntoTheKickingFoot(draft, posture);
        LandsAsTheKickBefore(draft, posture);
        LeansToTheSide(draft, posture);
        TurnsIntoTheStance(draft, posture);
        SinksIntoTheDrop(draft, posture);
        GoesAboutWithTheLeadingFoot(draft, posture);
        StepsAsAfterTheTurnsBefore(draft, posture);
        StepsOutAsBefore(draft, posture);
        StepsOutOfDrawnNearer(draft, posture);
        StandsSideways(draft, posture);
        OpensToTheSide(draft, posture);
        StepsToFaceThere(draft, posture);
        SwingsRoundWithTheLeadingFoot(draft, posture);
        ComesBackToWhereItWentOut(draft, posture);
        ComesBackAsTheOtherFootDid(draft, posture);
        GoesBackFromTheAir(draft, posture);
        RisesWithAFootInFront(draft, posture);
        TurnsWithTheSideStep(draft, posture);
        ComesOutOfTheStance(draft, posture);
        GoesBackWithoutTurning(draft, posture);
        ComesBackToTheFront(draft, posture);
        ComesBackFromTheCorner(draft, posture);
        ComesBackToTheStance(draft, posture);
        GoesOnAlongTheLine(draft, posture);
        BlocksOverTheLead(draft, posture);
        PivotsWithTheFootInFront(draft, posture);
        SwingsRoundBehindWithTheRearFoot(draft, posture);
        TurnsOverTheBlock(draft, posture);
        TurnsAboutAsBefore(draft, posture);
        TurnToTheOtherSide(draft, posture);
        TurnToTheOtherEnd(draft, posture);
        TurnToTheOtherArm(draft, posture);
        EndsFacingTheFront(draft, posture);
    }

    /// <summary>Words just as we say the move leave nothing open: whoever pastes them from a call sheet gets the same move, wherever it stands.</summary>
    private bool IsSaidInOurWords(Draft draft, Posture posture)
    {
        var (start, end) = (int.MaxValue, 0);
        for (var k = _fields.Count - 1; k >= 0 && (_fields[k].Move == draft.Id || end == 0); k--)
            if (_fields[k].Move == draft.Id && _fields[k].Field is not "count") (start, end) = (Math.Min(start, _fields[k].Start), Math.Max(end, _fields[k].Start + _fields[k].Length));
        if (end == 0) return false;
        // A sentence or a line of its own; "left punch, fixed stance" leaves open how one gets there.
        var at = start;
        while (at > 0 && (_text[at - 1] is ' ' or ')' || char.IsAsciiDigit(_text[at - 1]))) at--;
        if (at > 0 && _text[at - 1] is not ('.' or '\n')) return false;
        var words = _text[start..end];
        var move = draft.ToMove(posture.Heading, posture.Lead, _ways.Stances.Of(draft.Stance ?? posture.Stance).Feet == FeetKind.Even);
        return Speech.Say(move, _ways with { IsArmed = words.Contains("empty-hand", StringComparison.Ordinal) }) == words;
    }

    /// <summary>Where the performer stands before the move being said.</summary>
    private Posture Now()
    {
        if (_now is null) (_now, _walked) = (Walk.Of(_form with { Moves = [.. _before] }, BodyMeasures.Reference, _ways).End, 0);
        for (; _walked < _said.Count; _walked++)
            _now = Walk.After(_now, _said[_walked], _form.Opening, BodyMeasures.Reference, _ways);
        return _now;
    }

    /// <summary>Where the performer stands when the next thing is done: after what has been said in whole sentences.</summary>
    private Posture Here() => _draft is { SentenceEnded: true, HasBody: true } && (_draft.IsDone || _draft.Stance is not null) && _draft is not { IsNumbered: true, IsDone: false }
        ? AfterDraft()
        : Now();

    /// <summary>Where the move being said leads, as far as it has been said.</summary>
    private Posture AfterDraft() =>
        Walk.After(Now(), _draft.ToMove(Now().Heading, Now().Lead, _ways.Stances.Of(_draft.Stance ?? Now().Stance).Feet == FeetKind.Even), _form.Opening, BodyMeasures.Reference, _ways);

    /// <summary>The opening or a move already walked has changed.</summary>
    private void ForgetNow() => _now = null;

    private void MergeIntoLast(Draft draft)
    {
        // What was said may all belong to the move after which it was to go.
        var moves = _said.Count > 0 ? _said : _before;
        var last = moves[^1];
        moves[^1] = last with
        {
            Shout = last.Shout || draft.Shout,
            Breath = draft.Breath ?? last.Breath,
            Tempo = draft.Tempo ?? last.Tempo,
            Gaze = draft.Gaze ?? last.Gaze,
            Weapon = draft.Weapon ?? last.Weapon,
            Pivot = draft.Pivot ?? last.Pivot,
            Note = string.Join("; ", new[] { last.Note }.Concat(draft.Notes).Where(n => n.Length > 0)),
        };
        for (var i = 0; i < _fields.Count; i++)
            if (_fields[i].Move == draft.Id) _fields[i] = _fields[i] with { Move = last.Id };
        ForgetNow();
    }

    private Draft ForThisMove(Lexeme lexeme)
    {
        // "Slowly sink into …": said before a move of its own, it is not about the one before.
        var at = _lexemes.IndexOf(lexeme);
        if (_draft is { SentenceEnded: true, HasBody: true } && (_draft.IsDone || lexeme.Is("gaze")) && lexeme.Kind is "tempo" or "gaze" && OnlySmallWordsAndACallBefore(lexeme.Is("tempo") && at > 0 && _lexemes[at - 1].Is("side") && Next(at) is { IsHandTechnique: true } ? at - 1 : at) && !_explicitCounts
            && _lexemes.Skip(at + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "stance" or "technique" or "degrees")) Begin(Counting.Own);
        // "Slow now.": of what comes.
        else if (_draft is { SentenceEnded: true, HasBody: true } && lexeme.Is("tempo") && Alone(at + 1) && OnlySmallWordsBefore(at) && _lexemes.ElementAtOrDefault(at + 1) is { Plain: "now" }) Begin(Counting.Own);
        // "Punch, and two fast punches": a pace right before a technique is that one's.
        else if (lexeme.Is("tempo") && _draft is { HasHands: true, SentenceEnded: false } && !_together && Next(at) is { IsHandTechnique: true }) Begin(Counting.Then);
        // "Breathe in, raise the hands, breathe out": the last one is the move's, what was said before stays as a remark.
        if (lexeme.Kind is "breath" or "tempo" or "gaze" && _fields.FindLast(f => f.Move == _draft.Id && f.Field == lexeme.Kind) is { } earlier && _text.Substring(earlier.Start, earlier.Length) is var was && !_draft.Notes.Contains(was))
            _draft.Notes.Add(was);
        Note(lexeme, lexeme.Kind);
        return _draft;
    }
}
