using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Techniques of hands and feet: which one a word means, and whether it begins another move.</summary>
public sealed partial class Reader
{
    private void TakeTechnique(int i)
    {
        if (_lexemes[i].Plain == "hold" && Next(i) is null && (i == 0 || _lexemes[i - 1].IsStop) && (_draft.IsDone || _said.Count + _before.Count > 0))
        {
            // "Hold." with a sentence to itself is a pause, not a grab: of what was just done, said in this text or before it.
            Note(_lexemes[i], "tempo");
            if (_draft.IsEmpty && !_draft.IsNumbered) MergeIntoLast(new Draft { Tempo = Tempo.Held });
            else _draft.Tempo ??= Tempo.Held;
            return;
        }
        if (TellsAPlaceInTheForm(i))
        {
            Note(_lexemes[i], "filler");
            (_side, _level) = (null, null);
            return;
        }
        var read = _fields.Count;
        var meant = Meant(i);
        if (meant is not null) _lexemes[i] = _lexemes[i] with { Value = meant.Term.Id.Value, Term = meant.Term };
        TakeMeantTechnique(i);
        _bare = false;
        // What was taken for granted is told with the word.
        if (meant is { Assumption.Length: > 0 } && _fields.FindLastIndex(f => f.Start == _lexemes[i].Start && f.Assumption == "") is var at && at >= read)
            _fields[at] = _fields[at] with { Assumption = meant.Assumption, Instead = meant.Instead };
    }

    /// <summary>What a general word means where it stands.</summary>
    /// <param name="Assumption">What was taken for granted; empty where nothing was.</param>
    /// <param name="Instead">Words that say the other thing it could mean.</param>
    private sealed record MeantTerm(Term Term, string Assumption = "", string Instead = "");

    private void TakeMeantTechnique(int i)
    {
        // "Shout on the punch": which of the things done carries it, not another punch.
        if (Previous(i) is { Kind: "shout" } && Follows(i, "on") && (_draft.IsDone || _said.Count + _before.Count > 0))
        {
            Note(_lexemes[i], "shout");
            return;
        }
        // "Pull the left foot back": the foot is pulled, not the partner.
        if (_lexemes[i].Term!.Id.Value is "pull" or "sword-draw" && IndexAfter(i) is var at and >= 0
            && (_lexemes[at].Kind is "footNoun" or "relFoot" || _lexemes[at].Is("side") && Next(at) is { Kind: "footNoun" }))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "pull-together", Term = null };
            TakeFootwork(i);
        }
        // "Pull the bo back and thrust", "pull down, kick": the weapon moves.
        else if (_lexemes[i].Term!.Id.Value is "pull" && _hand is null && _side is null && (Next(i) is { Kind: "weapon" } || Next(i) is null && _weapons.Count > 0 && !LetGo()))
        {
            _draft.Notes.Add(Slice(_lexemes[i]));
            Note(_lexemes[i], "note");
            if (IndexAfter(IndexAfter(i)) is var thither and >= 0 && _lexemes[thither].Is("way")) _lexemes[thither] = _lexemes[thither] with { Kind = "filler" };
        }
        // "Pull back into cat stance".
        else if (_lexemes[i].Term!.Id.Value is "pull" or "sword-draw" && _hand is null && _side is null && AfterWhatIsPulled(i) is var back and >= 0 && (back == i || _lexemes[back] is { Kind: "way", Value: "back" }) && (Next(back) is { Kind: "stance" } || Next(back) is { Kind: "side" } && Next(IndexAfter(back)) is { Kind: "stance" }))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "slide-back", Term = null };
            TakeFootwork(i);
            _draft.Drawn = true;
        }
        else if (_lexemes[i].Plain is "knee" or "knees" && TakeKneeOfTheBody(i)) return;
        else if (_lexemes[i].IsKick) TakeKick(i);
        else TakeHandTechnique(i);
    }

    /// <summary>"Pull everything back", "draw back": the word after what is pulled, where that is the body itself.</summary>
    private int AfterWhatIsPulled(int i) => _lexemes[i].Plain.EndsWith(" back", StringComparison.Ordinal) ? i : Next(i) is { Kind: "passage", Plain: "everything" } ? IndexAfter(IndexAfter(i)) : IndexAfter(i);

    /// <summary>What a general word means where it stands: with a weapon in the hands, after "the same", on a hand or in a stance.</summary>
    private MeantTerm? Meant(int i)
    {
        var lexeme = _lexemes[i];
        // "Left hand sweeps low": with a hand it is a hand's sweep.
        if (lexeme.Value is "foot-sweep" && lexeme.Plain.StartsWith("sweep", StringComparison.Ordinal) && !Holds("staff") && (_hand is not null || Previous(i) is { Kind: "handNoun" or "relHand" }))
            return new MeantTerm(TermOf("sweeping-block"));
        if ((lexeme.Value is "block" or "strike" or "kick" or "punch" || lexeme.Plain is "guarding block" or "guard block") && SaidTheSame(i) && LastLike(lexeme.Term!) is { } same)
            return new MeantTerm(same, $"The same as before: {same.English}.");
        // "Knife hand" alone: struck with at a target and in the stances that go forward, else it receives.
        if (lexeme.Plain is "knife hand" or "shuto" or "sonnal" or "sonkal")
        {
            var strikes = Next(i) is { Kind: "level" } target && target.Plain.Contains(' ') || (_draft.Stance ?? Now().Stance).Value is "front-stance" or "bow-stance" or "horse-stance";
            return strikes ? new MeantTerm(TermOf("knife-hand-strike"), "Read as a strike.", "knife-hand block") : new MeantTerm(TermOf("knife-hand-block"), "Read as a block.", "knife-hand strike");
        }
        if (WithoutAWeapon(lexeme) is { } empty) return empty;
        if (WithTheWeapon(i) is not { } weapons) return null;
        // Nobody spoke of the weapon: that it is meant is told, and the empty hand offered.
        return NamedWith(i) is null && _weapons.Count == 0 ? new MeantTerm(weapons, $"Read as the {weapons.English}.", "empty-hand " + Slice(lexeme)) : new MeantTerm(weapons);
    }

    private Term TermOf(string id) => _ways.Vocabulary.Find(new TermId(id))!;

    private bool SaidTheSame(int i)
    {
        for (var k = i - 1; k >= 0 && _lexemes[k].Kind is "again" or "filler" or "side" or "level" or "handNoun"; k--)
            if (_lexemes[k].Is("again")) return true;
        return false;
    }

    /// <summary>The last technique done that a general word could speak of: a kick for "kick", a block for "block".</summary>
    private Term? LastLike(Term general)
    {
        foreach (var move in _said.Append(_draft.ToMove(default, null, true)).Reverse().Concat(_before.AsEnumerable().Reverse()))
        {
            if (general.IsKick)
            {
                if (move.Kick is { } kick) return _ways.Vocabulary.Find(kick.Technique);
                continue;
            }
            foreach (var action in move.Hands.Reverse())
                if (_ways.Vocabulary.Find(action.Technique) is { } term && (term.Family == general.Family || general.Id.Value == "strike" && term.Family is "punch" or "elbow")) return term;
        }
        return null;
    }

    /// <summary>"The knee": a part of the body wherever something is done to it or with it, not a strike.</summary>
    private bool TakeKneeOfTheBody(int i)
    {
        var lexeme = _lexemes[i];
        var after = i + 1 < _lexemes.Count ? _lexemes[i + 1].Plain : "";
        var down = after is "down" or "goes down" || _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Take(3).Any(l => l.Plain is "down" or "to the floor" or "back down");
        if (down && after is not "strike" && (_side ?? _foot) is not null)
        {
            // "Left knee going back down": it is knelt on.
            if (_draft.IsDone || _draft is { HasBody: true, SentenceEnded: true }) Begin(Counting.Own);
            (_draft.Footwork, _draft.Way) = ("kneel", null);
            _draft.Foot = _side ?? _foot;
            (_side, _foot) = (null, null);
            Note(lexeme, "footwork");
            return true;
        }
        if (_draft is { Footwork: "lift-foot", IsDone: false, SentenceEnded: false } && Previous(SideIndex(i)) is { Value: "lift-foot" })
        {
            // "Lift the right knee".
            _draft.Foot ??= _side ?? _foot;
            (_side, _foot) = (null, null);
            Note(lexeme, "footwork");
            return true;
        }
        if (after == "up" && (_draft is { Footwork: "step" or "lift-foot" or null, IsDone: false } || _draft.SentenceEnded))
        {
            // "Bring the left knee up".
            if (_draft.SentenceEnded && _draft.HasBody) Begin(Counting.Own);
            _draft.Footwork = "lift-foot";
            _draft.Foot ??= _side ?? _foot;
            (_side, _foot) = (null, null);
            Note(lexeme, "footwork");
            return true;
        }
        if (!Follows(i, "on", "to", "at", "past", "above", "under", "over", "behind") || _draft.Footwork is "drop" or "kneel") return false;
        if (_draft.Footwork == "rise" && Follows(i, "on")) (_draft.Stance, _draft.Footwork) = (new TermId("both-knees"), "stay");
        else _draft.Notes.Add(Slice(lexeme));
        _side = null;
        Note(lexeme, "note");
        return true;
    }

    private void TakeKick(int i)
    {
        var lexeme = _lexemes[i];
        var foot = _foot ?? _side ?? (_draft is { SentenceEnded: false, IsDone: false } ? _draft.SecondFoot : null);
        // "The right leg kicks": the leg is the one that does it, and which kick is still to be said.
        if (lexeme.Plain is "leg kicks" or "leg kick" && foot is not null && lexeme.Value != "kick")
        {
            lexeme = lexeme with { Value = "kick", Term = TermOf("kick") };
            _lexemes[i] = lexeme;
        }
        // "Drop to the right knee": what is knelt on, not a strike.
        if (lexeme.Plain is "knee" or "knees" && _draft is { Footwork: "drop" or "kneel", SentenceEnded: false })
        {
            _draft.Footwork = "kneel";
            _draft.Foot ??= foot ?? (_draft.Way is Way.Right ? Side.Right : _draft.Way is Way.Left ? Side.Left : null);
            (_foot, _side, _draft.Way) = (null, null, null);
            Note(lexeme, "footwork");
            return;
        }
        // "You kick with the left leg, a front kick": the second word says which kick.
        if (_draft is { Kick: { Technique.Value: "kick" } unnamed, SentenceEnded: false, HasHands: false } && !_then)
        {
            _draft.Kick = unnamed with { Technique = lexeme.Term!.Id, Foot = foot ?? unnamed.Foot, Level = _level ?? unnamed.Level };
            (_foot, _side, _level) = (null, null, null);
            Note(lexeme, "kick");
            return;
        }
        // "Step up with the back leg and left side kick": a step with one foot, then a kick with the other.
        var afterStep = _draft is { Footwork: "step" or "slide", Foot: { } stepped, SentenceEnded: false, IsDone: false } && foot is { } kicks && kicks != stepped && Follows(SideIndex(i), "and");
        if (afterStep) Begin(Counting.Then);
        else if (_draft.Kick is not null || _draft.HasHands || _draft.SentenceEnded && (_draft.Stance is not null || _draft is { Footwork: "step" or "step-back", Foot: { } stood } && foot is { } raised && raised != stood) || WentToGround)
        {
            var meanwhile = _together && _draft.Kick is null && !_draft.SentenceEnded;
            if (!meanwhile) Begin(_draft.SentenceEnded ? Counting.Own : Counting.Then);
        }
        (_foot, _side, _then, _draft.SentenceEnded) = (null, null, false, false);
        _draft.Kick = new Kick(lexeme.Term!.Id, foot, _level);
        _level = null;
        Note(lexeme, "kick");
    }

    private void TakeHandTechnique(int i)
    {
        var lexeme = _lexemes[i];
        if (IsDeeds(lexeme) && Previous(i) is { Kind: "number" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":"))
        {
            Note(lexeme, "filler"); // "three strikes: …": they are named next
            return;
        }
        if (IsAnnounced(i))
        {
            Note(lexeme, "filler"); // "three rising blocks, step right rising block, …": they are said one by one
            return;
        }
        var term = lexeme.Term!;
        if (GoesOnFromThePalm(i, term)) return;
        if (term.Limb == "both" && _draft is { Hands: [.., var twice], SentenceEnded: false } && twice.Technique == term.Id && !_then && !_together && _hand is null && _side is null && _level is null)
        {
            Note(lexeme, "technique"); // "hands to the left hip, stacked": said once more in other words
            return;
        }
        var hand = _hand ?? _side?.Hand ?? GoesOnWithTheHand(i);
        if (SaysWhich(i, term, hand)) return;
        if (hand is null && Follows(i, "both") && term.Limb != "both") hand = Hand.Both;
        if ((Follows(i, "with") || Follows(SideIndex(i), "with")) && _draft is { Kick: not null, HasHands: false, SentenceEnded: false }) _together = true; // "side kick with a back fist"
        var named = _hand is not null;
        if (StartsAnotherMove(i, term, hand, named, out var counting))
        {
            LandsForTheHands(i, term);
            Begin(counting);
        }
        var sideOnly = _hand is null && _side is not null;
        // "Front kick, lunge punch": the kicking foot lands in front.
        if (term.Id.Value == "lunge-punch" && _said is [.., { Kick: { Landing: null } kicked } kickMove] && _draft is { Counting: Counting.Then, Footwork: null, Stance: null, HasHands: false } && !_together)
        {
            _said[^1] = kickMove with { Kick = kicked with { Landing = Landing.Front } };
            ForgetNow();
        }
        // "Right lunge punch" while the left foot leads: the name of the punch says that it steps.
        else if (term.Id.Value == "lunge-punch" && sideOnly && hand is { } mine && Now().Lead?.Hand != mine && mine.OnSide is { } stepping && _draft is { Footwork: null, Stance: null, HasTurn: false, Facing: null, Kick: null, HasHands: false })
        {
            (_draft.Footwork, _draft.Foot, _draft.StepAssumed) = ("step", stepping, true);
            _fields.Add(new ReadField(_draft.Id, "footwork", lexeme.Start, lexeme.Length, $"A lunge punch steps: read as stepping with the {stepping.Word} foot.", "reverse punch"));
        }
        // "Left knife hand. Right knife hand. Left knife hand.": over the leading foot, so it steps. Common practice.
        else if (sideOnly && hand is { } over && over.OnSide is { } forward && Now() is { Lead: { } front, Stance: var on } && front != forward
            && (term.Id.Value == "knife-hand-block" && on.Value is "back-stance" or "l-stance" or "cat-stance" || _explicitCounts && term.Id.Value == "rising-block" && on.Value is "front-stance" or "short-front-stance" or "walking-stance" or "bow-stance")
            && _draft is { Counting: Counting.Own, Footwork: null, Stance: null, HasTurn: false, Facing: null, Kick: null, HasHands: false })
        {
            (_draft.Footwork, _draft.Foot) = ("step", forward);
            _fields.Add(new ReadField(_draft.Id, "footwork", lexeme.Start, lexeme.Length, $"A {term.English} is over the leading foot: read as stepping with the {forward.Word} foot.", $"staying, {over.Word} {term.English}"));
        }
        (_hand, _side, _then, _together, _draft.SentenceEnded) = (null, null, false, false, false);
        var before = i - 1;
        while (before >= 0 && _lexemes[before].Kind is "tempo" or "level" or "filler") before--; // "two fast punches"
        var repeats = before >= 0 && _lexemes[before] is { Kind: "number" } number && number.Number is >= 2 and <= 5 && IsPlural(lexeme) && !IsCountMark(before) ? number.Number : 1;
        _draft.Hands.Add(new HandAction(term.Id, term.Limb == "both" && hand is null ? null : hand, _level));
        _level = null;
        Note(lexeme, "technique");
        // "Three steps forward with rising blocks": the steps tell how many.
        if (repeats == 1 && _stepsSaid > 1 && lexeme.Plain.EndsWith('s') && _draft is { Footwork: "step", Hands.Count: 1, SentenceEnded: false }) repeats = _stepsSaid;
        _stepsSaid = 0;
        // "15 to 17: lunge punch right, left, right".
        if (repeats == 1 && _listed >= 2 && _draft is { Hands.Count: 1, Stance: null } && SidesAhead(i, _listed)) repeats = _listed;
        // "Three punches going forward" are three steps with a number each; "three punches" are one number.
        var steps = repeats > 1 && (_draft.Footwork is "step" || term.Id.Value == "lunge-punch" || _lexemes.Skip(i + 1).Take(Near).TakeWhile(l => !l.IsStop && l.Kind is not ("then" or "side" or "technique")).Any(l => l.Is("footwork", "step") || l.Is("way", "forward")) || SteppingIsNext(i));
        if (steps)
        {
            if (_draft.Stance is not null || _draft.HasTurn || _draft.Hands.Count > 1)
            {
                var action = _draft.Hands[^1];
                _draft.Hands.RemoveAt(_draft.Hands.Count - 1);
                Begin(Counting.Own);
                _draft.Hands.Add(action);
            }
            _draft.Footwork = "step";
            if (!_explicitCounts || _listed >= repeats) _draft.Counting = Counting.Own;
        }
        var sides = repeats > 1 ? SidesAfter(i, repeats) : null;
        if (sides is not null) _draft.Hands[^1] = _draft.Hands[^1] with { Hand = sides[0].Hand };
        for (var again = 1; again < repeats; again++)
        {
            var last = _draft.Hands[^1];
            Begin(steps ? Counting.Own : Counting.Then);
            if (_listed >= repeats) _draft.Counting = Counting.Own;
            if (steps) _draft.Footwork = "step";
            _draft.Hands.Add(last with { Hand = sides?[again].Hand ?? last.Hand?.Other });
        }
        _series = repeats > 1 && sides is null ? repeats : 0;
    }

    /// <summary>"Block with the right arm, outside block", "strike with the left knife hand": the second word says which.</summary>
    private bool SaysWhich(int i, Terms.Term term, Hand? hand)
    {
        if (_draft is not { Hands: [.., var general], SentenceEnded: false } || _then || _together || general.Hand is { } theirs && hand is { } mine && theirs != mine) return false;
        if (general.Technique.Value is not ("block" or "strike" or "punch") && term.Id != general.Technique) return false;
        var k = i - 1;
        while (k >= 0 && (_lexemes[k].Kind is "handNoun" or "side" or "level" or "clock" or "facing" or "place" || _lexemes[k].Is("filler") && _lexemes[k].Plain is not ("and" or "now"))) k--;
        if (k < 0 || !_lexemes[k].IsHandTechnique || _lexemes[k].Value != general.Technique.Value) return false;
        if (term.Id == general.Technique && _lexemes[k].Plain == _lexemes[i].Plain) return false; // "punch, punch" is two
        var which = (general.Technique.Value, term.Id.Value) switch
        {
            ("strike", "knife-hand-block") => "knife-hand-strike",
            ("block", "knife-hand-strike") => "knife-hand-block",
            ("block", _) when term.Family is "receiving" => term.Id.Value,
            ("strike", _) when term.Family is "strike" or "elbow" => term.Id.Value,
            ("punch", _) when term.Family is "punch" => term.Id.Value,
            var (said, once) when said == once => said, // "thrust with the straight fingertips"
            _ => null,
        };
        if (which is null) return false;
        _draft.Hands[^1] = general with { Technique = new TermId(which), Hand = hand ?? general.Hand, Level = _level ?? general.Level };
        (_hand, _side, _level) = (null, null, null);
        Note(_lexemes[i], "technique");
        return true;
    }

    /// <summary>"The right fist draws back and punches": a verb without a hand of its own goes on with the hand before.</summary>
    private Hand? GoesOnWithTheHand(int i)
    {
        if (_draft is not { Hands: [.., { Hand: { } hand }], SentenceEnded: false } || !IsPlural(_lexemes[i]) || _lexemes[i].Plain.Contains(' ') || !Follows(i, "and") || Previous(i) is { Kind: "number" }) return null;
        return hand;
    }

    /// <summary>"Left kick, right punch.": the rear foot, having kicked, comes down in front for the punch. Common practice.</summary>
    private void LandsForTheHands(int i, Terms.Term term)
    {
        if (_draft is not { Kick: { Landing: null } kick, HasHands: false, SentenceEnded: false } || _then || term.Family is not ("punch" or "strike" or "elbow") || Now().Lead is not { } lead) return;
        if ((kick.Foot ?? lead.Other) == lead || _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "landing" or "footwork" or "stance")) return;
        _draft.Kick = kick with { Landing = Landing.Front };
        Assume(_draft, "kick", "Read as landing in front.", "kick, bring it back");
    }

    private bool SidesAhead(int i, int howMany) =>
        _lexemes.Skip(i + 1).TakeWhile(l => l.Is("stop", ",") || l.Is("side") || l.Is("then") || l.Plain is "and").Count(l => l.Is("side")) == howMany;

    /// <summary>"Three punches, right left right": the sides of a series, one after the other; none if there are not as many.</summary>
    private List<Side>? SidesAfter(int i, int howMany)
    {
        var sides = new List<Side>();
        var end = i;
        for (var k = i + 1; k < _lexemes.Count && sides.Count < howMany && (_lexemes[k].Is("stop", ",") || _lexemes[k].Is("stop", ":") || _lexemes[k].Is("side") || _lexemes[k].Is("then") || _lexemes[k].Plain is "and"); k++)
        {
            if (!_lexemes[k].Is("side")) continue;
            sides.Add(_lexemes[k].Value == "left" ? Side.Left : Side.Right);
            end = k;
        }
        if (sides.Count != howMany || Next(end) is { Kind: "footNoun" or "handNoun" or "stance" }) return null;
        for (var k = i + 1; k <= end; k++)
        {
            if (!_lexemes[k].IsStop) Note(_lexemes[k], "side");
            _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        }
        return sides;
    }

    /// <summary>"Three rising blocks, stepping, right, left, right": told in a clause of its own.</summary>
    private bool SteppingIsNext(int i)
    {
        var stop = i + 1;
        while (stop < _lexemes.Count && _lexemes[stop].Is("filler")) stop++;
        if (stop + 1 >= _lexemes.Count || !_lexemes[stop].Is("stop", ",") || _lexemes[stop + 1] is not { Kind: "footwork", Value: "step", IsGerund: true } || !Alone(stop + 1)) return false;
        _lexemes[stop + 1] = _lexemes[stop + 1] with { Kind = "filler" };
        return true;
    }

    private const int Near = 6; // lexemes: what goes with a series is said right after it

    private static bool IsPlural(Lexeme lexeme) => lexeme.Plain.EndsWith('s') && !lexeme.Plain.EndsWith("ss", StringComparison.Ordinal);

    /// <summary>"Three rising blocks": whether the same technique then follows as often, said one by one.</summary>
    private bool IsAnnounced(int i)
    {
        if (Previous(i) is not { Kind: "number" } number || number.Number is < 2 or > 9 || !IsPlural(_lexemes[i])) return false;
        // "Two blocks, outside block left then low block right": any blocks.
        if (_lexemes[i].Value is "block" or "strike" or "punch" && !_lexemes[i].Plain.Contains(' ')
            && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Count(l => l.IsHandTechnique && (l.Term!.Family == _lexemes[i].Term!.Family || _lexemes[i].Value is "strike")) >= number.Number) return true;
        var sentences = 0;
        return _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence || ++sentences <= number.Number).Count(l => l.IsHandTechnique && l.Value == _lexemes[i].Value) >= number.Number;
    }

    /// <summary>"The left palm guards": the palm is what does it, not a strike before it.</summary>
    private bool GoesOnFromThePalm(int i, Terms.Term term)
    {
        if (Previous(i) is not { Plain: "palm" or "palms", Kind: "technique" } || _draft is not { Hands: [.., var action] } || _hand is not null || _side is not null) return false;
        if (term.Family is not ("guard" or "receive" or "grip")) return false;
        _draft.Hands[^1] = action with { Technique = term.Id.Value is "block" ? new TermId("palm-block") : term.Id, Level = _level ?? action.Level };
        _level = null;
        Note(_lexemes[i], "technique");
        return true;
    }

    /// <summary>"Roll forward. Left kick.": a roll or a fall with a sentence to itself is a move to itself.</summary>
    private bool WentToGround => _draft is { SentenceEnded: true, Footwork: "roll" or "back-roll" or "fall" };

    private bool StartsAnotherMove(int i, Terms.Term term, Hand? hand, bool handNamed, out Counting counting)
    {
        counting = _draft.SentenceEnded ? Counting.Own : Counting.Then;
        if (_draft.IsOpening) return !Formalities.AtRest(term.Id);
        if (!_draft.HasHands)
        {
            if (WentToGround) return true;
            // After a kick the hands follow, unless something says that they go with it.
            if (_draft.Kick is not null && !_together && !MeanwhileLater(i) && term.Family is not ("guard" or "grip")) return true;
            return _draft.Footwork is "bow" or "announce";
        }
        // What the other hand does meanwhile: pulling, covering, supporting.
        if (term.Family is "grip" && _draft.SentenceEnded) return true;
        if (term.Family is "guard" && term.Limb == "both" && _draft.SentenceEnded && term.Id.Value is "stack-hands" or "large-hinge") return true;
        if (term.Family is "guard" && _then && _draft.Hands.Any(h => h.Technique == term.Id)) return true; // "cross low, then cross high"
        if (term.Family is "guard" or "grip") return _draft.Hands.Any(h => h.Hand is not null && h.Hand == hand && hand is not null) && _draft.SentenceEnded;
        if (_together) return false;
        // "Left hand blocks, right hand punches": both are named as hands and work together. "Left block, right punch"
        // are two things in a row.
        var others = handNamed && hand is { } mine && _draft.Hands.All(h => h.Hand is { } theirs && !theirs.Shares(mine));
        if (others && term.Family is "punch" or "strike" or "elbow" && _draft.Hands.All(h => _ways.Vocabulary.Find(h.Technique)?.Family is "punch" or "strike" or "elbow")) return true;
        if (others && !_then) return _draft.SentenceEnded && (_draft.Hands.Count >= 2 || SaidThenFirst(i));
        return true;
    }

    /// <summary>"Then the left hand punches.": the sentence says that it comes after.</summary>
    private bool SaidThenFirst(int i)
    {
        var k = i;
        while (k > 0 && !_lexemes[k - 1].EndsSentence) k--;
        return _lexemes.Skip(k).Take(i - k).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "then" };
    }

    /// <summary>"Side kick and back fist at the same time": told only after both.</summary>
    private bool MeanwhileLater(int i)
    {
        for (var k = i; k < _lexemes.Count && !_lexemes[k].EndsSentence && !_lexemes[k].Is("then"); k++)
            if (_lexemes[k] is { Kind: "together", Plain: "at the same time" or "simultaneously" or "at once" or "same time" or "at the same moment" }) return true;
        return false;
    }
}
