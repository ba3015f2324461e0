using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Feet, and which of them moves.</summary>
public sealed partial class Reader
{
    private void TakeFootNoun(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "foot");
        if (lexeme.Value == "both") return;
        if (_side is not { } side) return;
        _side = null;
        AssignFoot(i, side);
    }

    private void TakeRelativeFoot(int i)
    {
        var lexeme = _lexemes[i];
        if (Previous(i) is { Kind: "support" } weight && weight.Plain.Contains("weight", StringComparison.Ordinal))
        {
            _draft.Notes.Add(_text[weight.Start..(lexeme.Start + lexeme.Length)]); // "weight on the back leg"
            Note(lexeme, "note");
            return;
        }
        var posture = Here();
        Side? foot = lexeme.Value switch
        {
            "front" => posture.Lead,
            "rear" => posture.Lead?.Other,
            "same" => LastFoot(),
            "kicking" => KickingFoot(),
            "standing" => KickingFoot()?.Other,
            _ => (_draft.Foot ?? LastFoot())?.Other ?? posture.Lead?.Other,
        };
        if (foot is not { } side)
        {
            Unread(lexeme);
            return;
        }
        Note(lexeme, "foot", $"The {side.Word} one here.");
        // "Left front kick with the front leg": the foot that is told already.
        if (_draft is { SentenceEnded: false, Kick: { } kicked, HasHands: false } && kicked.Foot == side && Follows(i, "with") && Previous(i) is { IsKick: true }) return;
        AssignFoot(i, side);

        Side? KickingFoot() => _draft.Kick is { } kick ? kick.Foot ?? posture.Lead?.Other : InTheAir(posture);

        Side? LastFoot() => _draft.Kick?.Foot ?? _draft.Foot ?? posture.KickingFoot ?? posture.Moved;
    }

    private void AssignFoot(int i, Side foot)
    {
        if (GoesOut(i, foot)) return;
        // "Thrust with a small step of the left foot": whose step it is.
        if (Follows(SideIndex(i), "of") && Previous(SideIndex(i)) is { Kind: "footwork", Value: "step" or "slide" } && _draft is { Footwork: "step" or "slide", Foot: null, SentenceEnded: false })
        {
            (_draft.Foot, _side) = (foot, null);
            return;
        }
        // "That's the ready position, then left foot forty-five degrees …": the form begins.
        if (_then && _draft is { Stance: { } ready, Footwork: null, IsDone: false, HasTurn: false, SentenceEnded: false } && StanceSet.IsStanding(ready) && NothingCounted)
        {
            Begin(Counting.Own);
            _then = false;
        }
        // "Left foot back to the right foot, right foot to the right": after the feet have come together the other one goes.
        if (_draft is { Footwork: "pull-together", Foot: { } cameIn, Stance: null, IsDone: false, SentenceEnded: false } && cameIn == foot.Other && Next(i) is { Kind: "side" } && IndexAfter(i) is var goesTo && Follows(goesTo, "to") && StartsClause(SideIndex(i))) Begin(Counting.Then);
        // "Step left with the left foot": the first word was the way.
        if (_draft is { FootFromSide: true, SentenceEnded: false, Way: null, IsDone: false } && Follows(SideIndex(i), "with") && Next(i) is not { Kind: "lead" } && _draft.Foot is { } bare)
        {
            (_draft.Way, _draft.Foot, _draft.FootFromSide) = (bare.Way, foot, false);
            var told = _fields.FindLastIndex(f => f.Move == _draft.Id && f.Field == "foot" && f.Assumption.Length > 0);
            if (told >= 0) _fields[told] = _fields[told] with { Field = "way", Assumption = "", Instead = "" };
            return;
        }
        // "Set the foot down in front and turn to the left, left foot forward": the turn is the other foot's, after the landing.
        if (_draft is { HasTurn: true, Foot: { } landed, Footwork: "step" or "land", Stance: null, IsDone: false, SentenceEnded: false } && landed == foot.Other && Now().KickingFoot == landed && Next(i) is { Kind: "way", Value: "forward" })
        {
            _draft.Footwork = "land";
            BeginWithTheTurn();
            (_draft.Footwork, _draft.Foot) = ("step", foot);
            return;
        }
        // "Cross the right foot over, turn around, left foot forward": that one leads.
        if (_draft is { HasTurn: true, Foot: { } crossed, Footwork: "cross-front" or "cross-behind", Lead: null, IsDone: false, SentenceEnded: false } && crossed == foot.Other && Next(i) is { Kind: "way", Value: "forward" } && Alone(IndexAfter(i)))
        {
            (_draft.Lead, _draft.LeadIsPlain) = (foot, true);
            _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return;
        }
        // "Left knife-hand block, stepping the right foot back": no step was said, but this.
        if (_draft is { StepAssumed: true, SentenceEnded: false, IsDone: true } && Previous(SideIndex(i)) is { IsGerund: true, Value: "step" or "slide" } && Next(i) is { Kind: "way" })
        {
            (_draft.Foot, _draft.StepAssumed) = (foot, false);
            return;
        }
        if (_draft is { StepAssumed: true, SentenceEnded: false } && _draft.Foot == foot)
        {
            // "Left block into bow stance, left foot forward, turning …": that it leads holds, if it does not step after all.
            if (Next(i) is { Kind: "way", Value: "forward" } or { Kind: "lead", Value: "lead" } && StanceRightBefore(i)) _draft.Lead = foot;
            return; // "right lunge punch as the right foot steps"
        }
        // "Stand up on the left leg, right knee up": one leg stands.
        if (_draft is { Footwork: "rise", Stance: null, IsDone: false, SentenceEnded: false } && _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain is "knee" or "knee up" or "knee raised") && Follows(SideIndex(i), "on"))
        {
            (_draft.Stance, _draft.Lead, _draft.Foot) = (new TermId("crane-stance"), foot, null);
            return;
        }
        // "Left foot up to the right, stand on the right leg."
        if (Previous(SideIndex(i)) is { Kind: "support" } stands && stands.Plain.StartsWith("stand", StringComparison.Ordinal) && _draft is { Footwork: "pull-together" or "lift-foot", Stance: null, IsDone: false, SentenceEnded: false } && (_draft.Foot ?? foot.Other) == foot.Other)
        {
            (_draft.Stance, _draft.Lead) = (new TermId("crane-stance"), foot);
            return;
        }
        // "Crane on the left leg", "…, standing on the left leg": a stance on one leg is named by the leg that stands.
        if (_draft is { Stance: { } single, Lead: null } && _ways.Stances.Of(single).Feet == FeetKind.Single && (Follows(SideIndex(i), "on") || Previous(SideIndex(i)) is { Kind: "support" }))
        {
            _draft.Lead = foot;
            return;
        }
        if (Previous(SideIndex(i)) is { Kind: "support" } turnsOn && turnsOn.Plain.Split(' ')[0] is "turn" or "spin" or "pivot" && _draft is { SentenceEnded: true, IsDone: true } && !Backward(_lexemes.IndexOf(turnsOn)).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "technique" or "footwork" or "stance" or "side" or "footNoun")) Begin(Counting.Own);
        if (Previous(SideIndex(i)) is { Kind: "support" } || _draft.IsTurning && Follows(SideIndex(i), "on"))
        {
            // "Weight on the right leg, cat stance": the other one leads.
            if (_draft is { Footwork: "shift", Foot: null, Lead: null, IsDone: false } && Previous(SideIndex(i))?.Plain.Contains("weight", StringComparison.Ordinal) == true && RestOfSentence(i).FirstOrDefault(l => l.Is("stance")) is { } bears && bears.Value is "cat-stance" or "back-stance" or "l-stance")
            {
                _draft.Lead = foot.Other;
                return;
            }
            // "Pivot on the left foot": that one carries the weight, the other one moves.
            _draft.Footwork ??= "pivot";
            if (_draft.Stance is null && !_draft.IsDone) _draft.Foot ??= foot.Other;
            return;
        }
        if (_draft is { Foot: not null, Footwork: "step" or "lift-foot" or "slide" or "turn" or null, IsDone: false, Way: null, SentenceEnded: false } && foot != _draft.Foot && Follows(SideIndex(i), "to", "against"))
        {
            _draft.Footwork = "pull-together"; // "bring the left foot to the right foot"
            return;
        }
        // "Right foot to left foot, then left foot to D": one after the other.
        if ((_then || Follows(SideIndex(i), "and")) && _draft is { Foot: { } came, Footwork: "pull-together", Stance: null, IsDone: false, SentenceEnded: false } && (came != foot || _then) && !Follows(SideIndex(i), "to", "against"))
        {
            Begin(Counting.Then);
            (_draft.Footwork, _draft.Foot, _then) = (came == foot ? "step" : null, foot, false);
            return;
        }
        // "Thrust, sliding the left foot up", "thrust as you move the left foot": the foot of the verb right before it.
        if (_draft is { Footwork: not null, Foot: null, IsDone: true, SentenceEnded: false } && (Previous(_lexemes[i].Kind == "footNoun" ? SideIndex(i) : i) is { IsGerund: true } || MovesMeanwhile(i)))
        {
            _draft.Foot = foot;
            return;
        }
        var next = NextPastLevels(i);
        var previousAt = IndexBefore(_lexemes[i].Kind == "footNoun" ? SideIndex(i) : i);
        var previous = previousAt >= 0 ? _lexemes[previousAt] : null;
        if (next is { Kind: "lead", Plain: "behind" or "in front" } && previous is { Kind: "footwork" } && _draft is { Footwork: "cross-front" or "cross-behind", IsDone: false, SentenceEnded: false, Foot: null })
        {
            (_draft.Footwork, _draft.Foot) = (next.Value == "rear" ? "cross-behind" : "cross-front", foot); // "cross the right foot behind"
            return;
        }
        if (next is { Kind: "lead", Plain: "behind" or "in front" } && previous is { Kind: "footwork", Value: "step" or "slide" } && _draft is { Foot: null, Stance: null, IsDone: false, SentenceEnded: false })
        {
            // "Step the left foot across in front", "slide your right foot behind".
            var across = _lexemes.Skip(i + 1).TakeWhile(l => l != next).Any(l => l.Plain == "across");
            _draft.Foot = foot;
            if (across) _draft.Footwork = next.Value == "rear" ? "cross-behind" : "cross-front";
            else if (next.Value == "rear") _draft.Footwork = _draft.Footwork == "slide" ? "slide-back" : "step-back";
            return;
        }
        // "Left foot behind, cross stance": said before any stance, it is where the foot goes.
        if (next is { Kind: "lead", Plain: "behind" } && _draft is { HasBody: false } or { SentenceEnded: true } && Alone(_lexemes.IndexOf(next)) && previous is null)
        {
            if (_draft.HasBody) Begin(Counting.Own);
            // Out of a stance in which the feet stand side by side it goes behind the other one.
            (_draft.Footwork, _draft.Foot) = (_ways.Stances.Of(Now().Stance).IsStraddle ? "cross-behind" : "step-back", foot);
            return;
        }
        if (next is { Kind: "lead" })
        {
            // "Slide, left block. Right foot leading short stance, …": the next one's.
            if (_draft is { SentenceEnded: true, IsDone: true } && _lexemes.IndexOf(next, i) is var told and >= 0 && Next(told) is { Kind: "stance" }) Begin(Counting.Own);
            _pendingLead = next.Value == "lead" ? foot : foot.Other;
            return;
        }
        var backward = Follows(SideIndex(i), "with", "using", "by", "from", "off");
        if ((previous is { IsKick: true } && (backward || next is not { IsKick: true }) || backward && _draft is { SentenceEnded: false, HasHands: false }) && _draft.Kick is { Foot: null } kick)
        {
            _draft.Kick = kick with { Foot = foot };
            return;
        }
        // "Side kick to the right, right leg, …": told in a clause of its own.
        if (_draft is { Kick: { } unsaid, SentenceEnded: false } && (unsaid.Foot ?? foot) == foot && Alone(i) && SideIndex(i) is var from and > 0 && _lexemes[from - 1].IsStop)
        {
            _draft.Kick = unsaid with { Foot = foot };
            return;
        }
        if (next is { IsKick: true })
        {
            (_foot, _limbLexeme) = (foot, _lexemes[i]);
            return;
        }
        if (next is { Kind: "way", Value: "forward" } && _draft is { Footwork: "rise", Stance: null, IsDone: false, SentenceEnded: false })
            (_draft.Stance, _draft.Lead) = (new TermId("short-front-stance"), foot); // "get up with the right foot forward"
        // "Jump back, landing right foot forward".
        if (next is { Kind: "way", Value: "forward" or "back" } lands && _draft is { Footwork: "jump" or "hop", IsDone: false, SentenceEnded: false } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain.StartsWith("land", StringComparison.Ordinal)))
        {
            _pendingLead = lands.Value == "forward" ? foot : foot.Other;
            _lexemes[_lexemes.IndexOf(lands)] = lands with { Kind = "filler" };
            return;
        }
        // "Inside block, front stance, left foot forward": how it stands, where no other stance follows.
        if (next is { Kind: "way", Value: "forward" or "back" } ends && _draft is { Stance: { } said, SentenceEnded: false } && (ends.Value == "forward" ? foot : foot.Other) is var leads && (_draft.Lead ?? leads) == leads && _ways.Stances.Of(said).Feet == FeetKind.Lead && StanceRightBefore(i) && !_lexemes.Skip(_lexemes.IndexOf(ends)).TakeWhile(l => !l.IsStop).Any(l => l.Is("stance")))
        {
            _pendingLead = leads;
            _lexemes[_lexemes.IndexOf(ends)] = ends with { Kind = "filler" };
            return;
        }
        if (next is { Kind: "way" } && _draft is { Stance: not null, IsDone: false, SentenceEnded: false } && (_draft.Footwork is null or "slide-back" or "pull-together" || _draft.Foot is not null))
        {
            _draft.Lead = next.Value.StartsWith("back", StringComparison.Ordinal) ? foot.Other : foot;
            return;
        }
        // "Bring the right foot in and step back with the left foot": that of the verb before it.
        if (next is { Kind: "footwork" } verb && previous is { Kind: "footwork" } && _draft is { Footwork: not null, Foot: null, IsDone: false, SentenceEnded: false } && RestOfSentence(_lexemes.IndexOf(verb)).FirstOrDefault(l => l.Kind is "side" or "stance" or "technique") is { Kind: "side" } goesOn && goesOn.Side == foot.Other)
        {
            _draft.Foot = foot;
            return;
        }
        // "Step forward with the left foot sinking into front stance": the step's.
        if (next is { Kind: "footwork", Value: "shift" or "drop" } && (Follows(SideIndex(i), "with") || Previous(SideIndex(i)) is { Kind: "footwork" }) && _draft is { Footwork: "step" or "step-back" or "slide", Foot: null, SentenceEnded: false })
        {
            _draft.Foot = foot;
            return;
        }
        if (next is { Kind: "footwork" })
        {
            (_foot, _limbLexeme) = (foot, _lexemes[i]);
            return;
        }
        if (_draft is { IsOpening: true, SentenceEnded: true } or { SentenceEnded: true, Footwork: "stay", IsNumbered: true } || _draft is { SentenceEnded: true, Footwork: not null, Foot: { } went } && went != foot && !_draft.IsTurning || _draft.SentenceEnded && _draft.HasBody && (_draft.IsDone || _draft.Stance is not null || _draft.Footwork is "bow" or "announce" or "return") || _draft.IsDone && !backward && !TakesHandsFirst(SideIndex(i)) && _draft is not { HandsFirst: true, Foot: null, Stance: null })
        {
            if (next is { Kind: "landing" }) return;
            Begin(Counting.Own);
        }
        else if (_draft is { Footwork: "stomp", Foot: { } stamped, SentenceEnded: false, IsDone: false, Stance: null } && stamped != foot && !backward) Begin(Counting.Then); // "right foot stamps, left foot forward to bow stance"
        // "Come back, feet together and now forward, left foot, …": a stance without a lead was come to before it moves.
        else if (_draft is { Footwork: not null, Stance: { } even, SentenceEnded: false } && !backward && _ways.Stances.Of(even).Feet == FeetKind.Even && previous is not { Kind: "stance" }) Begin(Counting.Own);
        if (_draft.Footwork == "stay") return;
        if (_draft.Foot is { } already && already != foot && !Follows(SideIndex(i), "to", "against")) _draft.SecondFoot = foot;
        if (_draft.Foot is null) _draft.Foot = foot;
        // A second foot in the same breath is where the first one goes to ("left foot to the right foot").
    }

    /// <summary>"… as you take a step back": whether the word of movement right before goes on while the hands work.</summary>
    private bool MovesMeanwhile(int i)
    {
        var verb = _lexemes.FindLastIndex(i, l => l.Is("footwork"));
        return verb > 0 && _lexemes[verb - 1].Is("together") && _lexemes.GetRange(verb, i - verb).TrueForAll(l => l.Kind is "footwork" or "filler" or "side" or "footNoun" or "way");
    }

    /// <summary>"Front stance, left foot forward", "front stance with the left foot forward": whether a stance is what the foot is said of.</summary>
    private bool StanceRightBefore(int i)
    {
        var k = SideIndex(i) - 1;
        while (k > 0 && (_lexemes[k].Is("filler") || _lexemes[k].Is("stop", ","))) k--;
        return k >= 0 && _lexemes[k].Is("stance");
    }

    private void TakeWaitingFoot()
    {
        if (_foot is not { } foot) return;
        if (_draft.Foot is { } already && already != foot) _draft.SecondFoot = foot;
        _draft.Foot ??= foot;
        _foot = null;
    }

    /// <summary>"Next to the right foot": the place a foot goes to, not a foot that moves.</summary>
    private int TakeBeside(int i)
    {
        var end = i;
        for (var k = i + 1; k < _lexemes.Count && _lexemes[k].Kind is "filler" or "side" or "footNoun" or "relFoot"; k++)
        {
            if (_lexemes[k].Is("filler") && _lexemes[k].Plain is not ("the" or "your" or "my" or "other" or "a")) break;
            end = k;
        }
        for (var k = i; k <= end; k++) Note(_lexemes[k], "footwork");
        var behind = _lexemes[i].Plain.Contains("behind");
        if (end > i && (_draft is { Footwork: "step" or "cross-front", IsDone: false } || _draft is { Footwork: null, Foot: not null, Way: null, IsDone: false, SentenceEnded: false }) && (behind || _lexemes[i].Plain.Contains("front of"))) _draft.Footwork = behind ? "cross-behind" : "cross-front";
        else if ((_draft is { Footwork: "step" or "slide" or "lift-foot" or "step-back", Way: null or Way.Back, IsDone: false } || _draft is { Footwork: "shift", Foot: not null, Stance: null, IsDone: false, SentenceEnded: false } || _draft is { IsTurning: true, Foot: not null, IsDone: false, Stance: null, SentenceEnded: false } && Next(end) is null || _draft is { Footwork: null, Foot: not null, Way: null, IsDone: false, SentenceEnded: false }) && !_lexemes[i].Plain.Contains("front of") && !_lexemes[i].Plain.Contains("behind")) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        return end;
    }

    private Side? _pendingLead
    {
        set
        {
            // "Step left, front stance, left punch. Now the right foot is in front, …": another move, where the other one leads.
            if (_draft.SentenceEnded && _draft.IsDone && (_draft.Lead is not null || value is not null && _draft is { Footwork: not "lift-foot", Kick: null } && AfterDraft().Lead is { } leads && leads != value)) Begin(Counting.Own);
            _draft.Lead = value;
            _draft.LeadIsPlain = true;
        }
    }

    private int SideIndex(int i)
    {
        for (var k = i - 1; k >= 0 && k >= i - 3; k--)
            if (_lexemes[k].Is("side")) return k;
        return i;
    }
}
