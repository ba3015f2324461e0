using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Techniques of hands and feet: which one a word means, and what is taken in of it.</summary>
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
        // "Pull the left foot up to the right, both fists on the hip. Right side kick …": out of feet together.
        if (_draft is { SentenceEnded: true, Footwork: "pull-together", IsDone: false, IsNumbered: false } && _draft.Notes.Any(n => n.Contains("fist", StringComparison.OrdinalIgnoreCase) || n.Contains("hand", StringComparison.OrdinalIgnoreCase)) && _lexemes[i].IsKick && !_explicitCounts && RestOfSentence(i).Any(l => l.Kind is "landing" || l is { Kind: "footwork", Value: "land" }) && Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.IsStop || l.Kind is "side" or "filler")) Begin(Counting.Own);
        // "Bring the right foot back to the starting point. Next you kick …": on from there.
        if (_draft is { Footwork: "return", SentenceEnded: true, IsNumbered: false } && _lexemes[i].IsKick) Begin(Counting.Own);
        if (TellsAPlaceInTheForm(i))
        {
            Note(_lexemes[i], "filler");
            (_side, _level) = (null, null);
            return;
        }
        var read = _fields.Count;
        var meant = Meant(i);
        if (meant is not null) _lexemes[i] = _lexemes[i] with { Value = meant.Term.Id.Value, Term = meant.Term };
        var (draft, hands) = (_draft, _draft.Hands.Count);
        TakeMeantTechnique(i);
        _bare = false;
        // What was taken for granted is told with the word; "strike with the right knife hand" leaves nothing to be taken for granted.
        var tellsMore = hands > 0 && _draft == draft && _draft.Hands.Count == hands && _lexemes[i].IsHandTechnique;
        if (meant is { Assumption.Length: > 0 } && !tellsMore && _fields.FindLastIndex(f => f.Start == _lexemes[i].Start && f.Assumption == "") is var at && at >= read)
            _fields[at] = _fields[at] with { Assumption = meant.Assumption, Instead = _fields[at].Length == 0 ? " " + meant.Instead : meant.Instead };
    }

    /// <summary>What a general word means where it stands.</summary>
    /// <param name="Assumption">What was taken for granted; empty where nothing was.</param>
    /// <param name="Instead">Words that say the other thing it could mean.</param>
    private sealed record MeantTerm(Term Term, string Assumption = "", string Instead = "");

    private void TakeMeantTechnique(int i)
    {
        // "Shout on the punch": which of the things done carries it, not another punch.
        if ((Previous(i) is { Kind: "shout" } && Follows(i, "on") || Previous(i) is { Plain: "last" or "the last", Kind: "ordinal" or "passage" } && Previous(IndexBefore(i)) is { Kind: "shout" }) && (_draft.IsDone || _said.Count + _before.Count > 0))
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
        // "Both hands push the bo out": the weapon is held out.
        else if (_lexemes[i].Term!.Id.Value is "push" && Next(i) is { Kind: "weapon", Value: var held } && held is "staff" or "sword")
        {
            _lexemes[i] = _lexemes[i] with { Value = held + "-guard", Term = TermOf(held + "-guard") };
            (_hand, _side) = (null, null);
            TakeHandTechnique(i);
            Assume(_draft, "technique", $"Read as the {held} guard.", "");
        }
        // "Pull back into cat stance".
        else if (_lexemes[i].Term!.Id.Value is "pull" or "sword-draw" && _hand is null && _side is null && AfterWhatIsPulled(i) is var back and >= 0 && (back == i || _lexemes[back] is { Kind: "way", Value: "back" }) && (StanceComes(back) || Alone(back) && back + 1 < _lexemes.Count && _lexemes[back + 1].Is("stop", ",") && StanceComes(back + 1)))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "slide-back", Term = null };
            TakeFootwork(i);
            _draft.Drawn = true;
        }
        else if (_lexemes[i].Plain is "knee" or "knees" && TakeKneeOfTheBody(i)) return;
        else if (_lexemes[i].IsKick) TakeKick(i);
        else TakeHandTechnique(i);
    }

    /// <summary>Whether a stance is what comes next, with its side or without.</summary>
    private bool StanceComes(int i) => Next(i) is { Kind: "stance" } || Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "stance" };

    /// <summary>"Pull everything back", "draw back": the word after what is pulled, where that is the body itself.</summary>
    private int AfterWhatIsPulled(int i) => _lexemes[i].Plain.EndsWith(" back", StringComparison.Ordinal) ? i : Next(i) is { Kind: "passage", Plain: "everything" } ? IndexAfter(IndexAfter(i)) : IndexAfter(i);

    /// <summary>What a general word means where it stands: with a weapon in the hands, after "the same", on a hand or in a stance.</summary>
    private MeantTerm? Meant(int i)
    {
        var lexeme = _lexemes[i];
        // "Left hand sweeps low": with a hand it is a hand's sweep.
        if (lexeme.Value is "foot-sweep" && lexeme.Plain.StartsWith("sweep", StringComparison.Ordinal) && !Holds("staff") && (_hand is not null || Previous(i) is { Kind: "handNoun" or "relHand" } or { Plain: "palm" or "palms" }))
            return new MeantTerm(TermOf("sweeping-block"));
        if ((lexeme.Value is "block" or "strike" or "kick" or "punch" || lexeme.Plain is "guarding block" or "guard block") && SaidTheSame(i) && LastLike(lexeme.Term!) is { } same)
            return new MeantTerm(same, $"The same as before: {same.English}.");
        // "Knife hand" alone: struck with at a target and in the stances that go forward, else it receives.
        if (lexeme.Plain is "knife hand" or "shuto" or "sonnal" or "sonkal" or "sudo" or "soodo" or "soo do")
        {
            var stands = _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Is("stance"))?.Term!.Id;
            if (RestOfClausePastManners(i) is { Kind: "technique", Plain: "strike" }) return new MeantTerm(TermOf("knife-hand-strike")); // "knife hand high inward strike"
            if (i > 0 && _lexemes[i - 1].Plain is "inward" or "outward" or "downward") return new MeantTerm(TermOf("knife-hand-strike"), "Read as a strike.", "knife-hand block");
            var strikes = Next(i) is { Kind: "level" } target && target.Plain.Contains(' ') || (_draft.Stance ?? stands ?? Now().Stance).Value is "front-stance" or "bow-stance" or "horse-stance";
            return strikes ? new MeantTerm(TermOf("knife-hand-strike"), "Read as a strike.", "knife-hand block") : new MeantTerm(TermOf("knife-hand-block"), "Read as a block.", "knife-hand strike");
        }
        if (WithoutAWeapon(lexeme) is { } empty) return empty;
        if (WithTheWeapon(i) is not { } weapons) return null;
        // Nobody spoke of the weapon: that it is meant is told, and the empty hand offered.
        return NamedWith(i) is null && _weapons.Count == 0 ? new MeantTerm(weapons, $"Read as the {weapons.English}.", "empty-hand " + Slice(lexeme)) : new MeantTerm(weapons);
    }

    /// <summary>What comes next once how high and which way have been passed over.</summary>
    private Lexeme? RestOfClausePastManners(int i) => _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is not ("level" or "detail" or "filler"));

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
                if (_ways.Vocabulary.Find(action.Technique) is { } term && (term.Family == general.Family || general.Id.Value == "strike" && (term.Family is "punch" or "elbow" || term.IsWeapon && (term.English.Contains("strike", StringComparison.Ordinal) || term.English.Contains("cut", StringComparison.Ordinal))))) return term;
        }
        return null;
    }

    private void TakeHandTechnique(int i)
    {
        var lexeme = _lexemes[i];
        var term = lexeme.Term!;
        if (SaidElsewhere(i, term)) return;
        // "…, knife-hand block. Keep the hands.": there, after what they have just done.
        if (term.Id.Value is "keep-hands" && _draft is { SentenceEnded: true, HasHands: true } && Clauses(i).All(l => l.IsStop || l.Is("filler") || l == lexeme))
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return;
        }
        var hand = _hand ?? _side?.Hand ?? GoesOnWithTheHand(i);
        // "Both hands grab, pull to the chest": with both.
        if (hand is null && !_together && term.Id.Value is "pull" && _draft is { SentenceEnded: false, Hands: [.., { Technique.Value: "grab", Hand: Hand.Both }] }) hand = Hand.Both;
        if (SaysWhich(i, term, hand)) return;
        // "Punch with the other hand, reverse punch, so that's the right": it is one already, of the hand behind.
        if (term.Id.Value is "reverse-punch" && _draft is { SentenceEnded: false, Hands: [.., { Technique.Value: "punch", Hand: Hand.Left or Hand.Right } told] } && (hand is null || hand == told.Hand) && !_then && !_together && Alone(i) && Previous(i) is null or { Kind: "side" } && AfterDraft().Lead is { } leads && told.Hand == leads.Other.Hand)
        {
            _draft.Hands[^1] = told with { Technique = term.Id };
            (_hand, _side) = (null, null);
            Note(lexeme, "technique");
            return;
        }
        // "Left foot forward, staff in front. Strike, stepping right.": the second sentence has a step of its own.
        if (_draft is { SentenceEnded: true, Footwork: "step" or null, Foot: { } stood, IsDone: false } && _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l is { Kind: "footwork", Value: "step", IsGerund: true }) is { } own && Next(_lexemes.IndexOf(own)) is { Kind: "side" } with && with.Value == stood.Other.Word) Begin(Counting.Own);
        if (hand is null && Follows(i, "both") && term.Limb != "both") hand = Hand.Both;
        if ((Follows(i, "with") || Follows(SideIndex(i), "with") && !(i > 0 && _lexemes[i - 1].Plain == "and")) && _draft is { Kick: not null, HasHands: false, SentenceEnded: false }) _together = true; // "side kick with a back fist"
        if (StartsAnotherMove(i, term, hand, handNamed: _hand is not null, out var counting))
        {
            LandsForTheHands(i, term);
            Begin(counting);
        }
        if (!LandsForTheLunge(term) && _hand is null && _side is not null && hand is { } named) StepsForTheHand(i, term, named);
        else if (hand is null) StepsForItsName(i, term);
        (_hand, _side, _then, _together, _draft.SentenceEnded) = (null, null, false, false, false);
        _draft.Hands.Add(new HandAction(term.Id, term.Limb == "both" && hand is null ? null : hand, _level));
        _level = null;
        Note(lexeme, "technique");
        TakeSeries(i);
    }

    /// <summary>Whether the word only announces or says once more what other words tell.</summary>
    private bool SaidElsewhere(int i, Term term)
    {
        var lexeme = _lexemes[i];
        // "Three strikes: …", "three rising blocks, step right rising block, …": they are named one by one.
        if (IsDeeds(lexeme) && Previous(i) is { Kind: "number" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).Any(l => l.Is("technique")) || IsAnnounced(i))
        {
            Note(lexeme, "filler");
            return true;
        }
        if (GoesOnFromThePalm(i, term)) return true;
        // "Turn the hand over and grab": no weapon is in play.
        if (term.Id.Value == "regrip" && lexeme.Plain == "turn the hand over" && !InPlay())
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return true;
        }
        // "Salute with the left palm".
        if (_draft is { Footwork: "bow", SentenceEnded: false, HasHands: false } && (Follows(i, "with") || Follows(SideIndex(i), "with")))
        {
            _draft.Notes.Add(Said(SideIndex(i), i).Text);
            (_side, _hand) = (null, null);
            Note(lexeme, "note");
            return true;
        }
        // "The salute, right fist in the left palm".
        if (term.Id.Value is "covered-fist" && _draft is { Footwork: "bow", SentenceEnded: false, HasHands: false })
        {
            _draft.Notes.Add(Slice(lexeme));
            (_side, _hand) = (null, null);
            Note(lexeme, "note");
            return true;
        }
        // "Pull both fists to the waist": where they are pulled to.
        if (term.Id.Value == "chamber" && !_together && !_then && _draft is { Hands: [.., { Technique.Value: "pull" } pulled], SentenceEnded: false } && Previous(i) is { Value: "pull" } or { Kind: "handNoun" or "way" } && (pulled.Hand is null || _hand is null || pulled.Hand == _hand))
        {
            _draft.Hands[^1] = pulled with { Technique = term.Id, Hand = pulled.Hand ?? _hand, Level = null };
            _hand = null;
            Note(lexeme, "technique");
            return true;
        }
        if (term.Limb != "both" || _draft is not { Hands: [.., var twice], SentenceEnded: false } || twice.Technique != term.Id || _then || _together || _hand is not null || _side is not null || _level is not null) return false;
        Note(lexeme, "technique"); // "hands to the left hip, stacked": said once more in other words
        return true;
    }

    /// <summary>"Block with the right arm, outside block", "strike with the left knife hand": the second word says which.</summary>
    private bool SaysWhich(int i, Terms.Term term, Hand? hand)
    {
        if (i == 0 || _draft is not { Hands: [.., var general] } || _then || _together || Backward(i).TakeWhile(l => l.Kind is "level" or "filler" or "side").Any(l => l.Plain == "plus") || general.Hand is { } theirs && hand is { } mine && theirs != mine) return false;
        // "The right arm blocks low with an outside block of the left arm": the other hand's.
        var past = i + 1;
        while (past < _lexemes.Count && _lexemes[past].Is("level")) past++;
        if (past < _lexemes.Count && _lexemes[past].Plain is "of" or "with" && IndexAfter(past) is var whose and >= 0 && _lexemes[whose] is { Kind: "side", Side: { } its } && general.Hand is { } ours && ours != its.Hand && ours != Hand.Both) return false;
        // "Back fist, high side strike" without the comma: how high, and that it strikes.
        if (term.Id.Value is "strike" && hand is null && !_draft.SentenceEnded && _lexemes.FindLastIndex(i - 1, l => l.Kind is not ("level" or "detail" or "filler")) is var first and >= 0 && _lexemes[first] is { IsHandTechnique: true } && TermOf(general.Technique.Value).Family == "strike" && (_lexemes[first].Value == general.Technique.Value || _lexemes[first].Plain is "knife hand") && !_lexemes.GetRange(first, i - first).Any(l => l.Plain is "and"))
        {
            _draft.Hands[^1] = general with { Level = _level ?? general.Level };
            (_side, _level) = (null, null);
            Note(_lexemes[i], "technique");
            return true;
        }
        if (general.Technique.Value is not ("block" or "strike" or "punch" or "forearm-guarding-block" or "knife-hand-block" or "low-block" or "rising-block") && term.Id != general.Technique) return false;
        // "Punch with the right hand, reverse punch": the rear one, so it is the same.
        var sameOne = term.Id.Value is "reverse-punch" && hand is null && general is { Technique.Value: "punch", Hand: { } rear } && rear.OnSide is { } over && AfterDraft().Lead == over.Other;
        // "You block with the left arm, an outside block".
        var named = Follows(_lexemes[i - 1].Is("level") ? i - 1 : i, "a", "an")
            // "Block down, gedan barai".
            || hand is null && (general.Technique.Value, term.Id.Value) is ("block", "low-block" or "rising-block") && general.Level is { } height && height == term.DefaultLevel && _lexemes[i - 1].IsStop;
        var k = i - 1;
        while (k >= 0 && (_lexemes[k].Kind is "handNoun" or "side" or "level" or "clock" or "facing" or "place" || _lexemes[k].Is("stop", ",") && (sameOne || general.Hand is null && hand is not null) || _lexemes[k].Is("filler") && _lexemes[k].Plain is not ("and" or "now"))) k--;
        // "Low block, gedan barai": the same one by another name.
        if (k >= 0 && _lexemes[k].Is("stop", ",") && hand is null && IsNamedOnceMore(k - 1, i)) k--;
        if (k < 0 || !_lexemes[k].IsHandTechnique || _lexemes[k].Value != general.Technique.Value) return false;
        if (sameOne && Enumerable.Range(k, i - k).All(between => _lexemes[between].Plain != "with")) return false; // "right punch, reverse punch" is two
        if (term.Id == general.Technique && _lexemes[k].Plain == _lexemes[i].Plain) return false; // "punch, punch" is two
        var which = (general.Technique.Value, term.Id.Value) switch
        {
            ("strike", "knife-hand-block") => "knife-hand-strike",
            ("block", "knife-hand-strike") => "knife-hand-block",
            ("low-block" or "rising-block", "x-block") when Follows(i, "with") => "x-block", // "low block with an X-fist"
            ("knife-hand-block", "forearm-guarding-block") when _lexemes[i].Plain is "guarding block" or "guard block" => "knife-hand-block", // "knife hand middle guarding block"
            ("forearm-guarding-block", "knife-hand-strike" or "knife-hand-block") => "knife-hand-block", // "guarding block with a knife hand"
            ("block", _) when term.Family is "receiving" => term.Id.Value,
            ("strike", _) when term.Family is "strike" or "elbow" => term.Id.Value,
            ("strike", _) when term.IsWeapon && Previous(i) is { Value: "strike" } => term.Id.Value, // "strike yokomen"
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

    /// <summary>Whether a technique is the one before it in other words, right after it.</summary>
    private bool IsNamedOnceMore(int before, int i) =>
        before >= 0 && _lexemes[before] is { Kind: "technique" } first && first.Value == _lexemes[i].Value && first.Plain != _lexemes[i].Plain && first.Plain.Split(' ')[^1] != _lexemes[i].Plain.Split(' ')[^1];

    /// <summary>"The right fist draws back and punches": a verb without a hand of its own goes on with the hand before.</summary>
    private Hand? GoesOnWithTheHand(int i)
    {
        if (_draft is not { HasHands: true, SentenceEnded: false } || _draft.Hands.Where(h => h.Hand is not null).Select(h => h.Hand).Distinct().ToList() is not [{ } hand] || !IsPlural(_lexemes[i]) || _lexemes[i].Plain.Contains(' ') || !Follows(i, "and") || Previous(i) is { Kind: "number" }) return null;
        return hand;
    }

    /// <summary>"The left palm guards": the palm is what does it, not a strike before it.</summary>
    private bool GoesOnFromThePalm(int i, Terms.Term term)
    {
        if (Previous(i) is not { Plain: "palm" or "palms", Kind: "technique" } || _draft is not { Hands: [.., var action] } || _hand is not null || _side is not null) return false;
        if (term.Family is not ("guard" or "receiving" or "grip")) return false;
        _draft.Hands[^1] = action with { Technique = term.Id.Value is "block" ? new TermId("palm-block") : term.Id, Level = _level ?? action.Level };
        _level = null;
        Note(_lexemes[i], "technique");
        return true;
    }
}
