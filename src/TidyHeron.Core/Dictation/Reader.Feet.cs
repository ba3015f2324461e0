using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Footwork, feet and stances.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Turning = ["turn", "pivot", "spin"];

    private void TakeFootwork(int i)
    {
        var lexeme = _lexemes[i];
        var kind = lexeme.Value;
        // "Down into left bow": said with a side before it, the bow is the stance.
        if (lexeme.Plain == "bow" && i > 0 && _lexemes[i - 1].Is("side") && _ways.Vocabulary.Find(new TermId("bow-stance")) is { } bow)
        {
            _lexemes[i] = lexeme with { Kind = "stance", Value = bow.Id.Value, Term = bow };
            TakeStance(i);
            return;
        }
        if (kind is "lift-foot" or "slide" or "shift" or "drop" or "return" && Next(i) is { Kind: "weapon" })
        {
            Note(lexeme, "filler"); // "raise the sword": the weapon moves, not a foot
            return;
        }
        // "Stand with the heels together": from a low stance one rises, otherwise one stands already.
        if (kind == "rise" && lexeme.Plain == "stand" && !IsLow(_draft.Stance ?? Now().Stance) && _draft.Footwork is not ("kneel" or "drop" or "roll" or "fall"))
        {
            Note(lexeme, "filler");
            return;
        }
        // "Strike, rising, to the groin": the line of the strike.
        if (kind == "rise" && lexeme.Plain == "rising" && _draft is { HasHands: true, SentenceEnded: false } && !IsLow(Now().Stance))
        {
            if (_draft.Hands[^1].Technique.Value == "strike" && SpeaksOf("staff")) _draft.Hands[^1] = _draft.Hands[^1] with { Technique = new TermId("staff-rising-strike") };
            Note(lexeme, "technique");
            return;
        }
        // "Raise overhead and cut": what is raised without being named is what the hands hold.
        if (kind == "lift-foot" && lexeme.Plain is "raise" or "raises" or "lift" or "lifts" or "raising" or "lifting" && _foot is null
            && Next(i) is not { Kind: "side" or "footNoun" or "relFoot" or "handNoun" } and not { Plain: "knee" or "knees" })
        {
            if (Holds("sword")) Retell(i, "sword-high-guard");
            else Note(lexeme, "filler");
            return;
        }
        if (lexeme.Plain is "cross" && (Previous(i) is { Kind: "side" } && _side is not null || Previous(i) is { Kind: "handNoun" or "relHand" } && _hand is not null) && Next(i) is null or { Kind: "technique" or "then" or "together" } && _foot is null)
        {
            Retell(i, "reverse-punch"); // "right cross": said with a hand's side only, it is the punch
            return;
        }
        if (lexeme.Plain == "close" && Next(i) is not { Kind: "side" or "footNoun" or "relFoot" })
        {
            Unread(lexeme);
            return;
        }
        if (Follows(i, "at", "after", "before", "until") && lexeme.Plain is "jump" or "turn" or "roll" or "fall" or "spin")
        {
            Note(lexeme, "filler"); // "we pick it up at the jump": a place in the form
            return;
        }
        if (_series > 0 && kind == "step" && lexeme.IsGerund && _draft is { HasHands: true, SentenceEnded: false })
        {
            Note(lexeme, "footwork"); // "three punches going forward": taken in already
            return;
        }
        if (kind is not ("bow" or "announce" or "return") && MovesAHand(i))
        {
            // "Slide the left hand down", "both hands come up": the verb is a hand's, not a foot's.
            if (kind is "slide" or "switch") Retell(i, kind == "slide" ? "slide-grip" : "regrip");
            else Note(lexeme, "filler");
            return;
        }
        if (kind == "land" && _draft is { Kick: { } kick, SentenceEnded: false })
        {
            // "Land" says where the kicking foot comes down; the direction follows as a word of its own.
            if (Next(i) is { Kind: "way" } way) _draft.Kick = kick with { Landing = way.Value == "back" ? Landing.Back : Landing.Front };
            else if (_draft.Kick.Landing is null) _draft.Kick = kick with { Landing = Landing.Front };
            Note(lexeme, "landing");
            return;
        }
        if (kind == "return" && TakeBackToTheCentre(lexeme)) return;
        // "Turning kick", "jumping front kick": the name of a technique that was not found whole.
        if (lexeme.IsGerund && Next(i) is { IsKick: true } && _foot is null && kind is "turn" or "spin")
        {
            _draft.Notes.Add(Slice(lexeme));
            Note(lexeme, "note");
            return;
        }
        if (kind.StartsWith("cross", StringComparison.Ordinal) && lexeme.Plain.StartsWith("crossed", StringComparison.Ordinal) && _draft is { Stance: not null, SentenceEnded: false })
        {
            _draft.Lead ??= _foot; // "resting stance, left leg crossed in front": how the stance is stood in
            _foot = null;
            Note(lexeme, "lead");
            return;
        }
        if (kind == "land" && _draft is { Kick: null, IsDone: false } && Now().KickingFoot is { } kicked && (_foot ?? kicked) == kicked && _draft.Footwork is null)
        {
            // "Three: lower it": the foot that kicked on the count before comes down.
            if (_draft.HasBody) Begin(Counting.Own);
            (_draft.Footwork, _draft.Foot, _foot) = (Next(i) is { Kind: "way", Value: "back" } ? "step-back" : "step", kicked, null);
            Note(lexeme, "footwork");
            return;
        }
        // "Stepping back" after "same on the other side": how the repeat goes, not one more step.
        if (lexeme.IsGerund && _draft.IsEmpty && _repeated > 0 && _repeated == _before.Count + _said.Count && i > 0 && _lexemes[i - 1].Is("stop", ","))
        {
            Note(lexeme, "footwork");
            if (Next(i) is { Kind: "way" }) _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
            return;
        }
        if (GoesOnWithTheOtherFoot(i))
        {
            // "Left foot to the right foot, turn, and move the right foot": the turn is the second step's.
            var (amount, side1, facing) = (_draft.TurnAmount, _draft.TurnSide, _draft.Facing);
            (_draft.TurnAmount, _draft.TurnSide, _draft.Facing) = (null, null, null);
            Begin(Counting.Then);
            (_draft.TurnAmount, _draft.TurnSide, _draft.Facing) = (amount, side1, facing);
        }
        else if (BeginsNewMove(lexeme)) Begin(kind == "land" && !_draft.SentenceEnded ? Counting.Then : Counting.Own);
        _then = false;
        _draft.SentenceEnded = false;
        if (_draft.Footwork is null || Turning.Contains(_draft.Footwork) && !Turning.Contains(kind) && kind is not "stay" and not "land" and not "shift") _draft.Footwork = kind;
        else if (_draft is { Footwork: "shift" or "stay", IsDone: true } && lexeme.IsGerund) _draft.Footwork = kind; // "shift back and thrust, sliding the left foot up"
        else if (kind == "return") (_draft.Footwork, _draft.Way) = (kind, null);
        else if (_draft.Footwork is "step" && kind is not "step" and not "stay" && !Turning.Contains(kind)) _draft.Footwork = kind;
        Note(lexeme, "footwork");
        TakeWaitingFoot();
        if (_side is { } side && Turning.Contains(kind) && _draft.TurnSide is null)
        {
            _draft.TurnSide = side;
            _side = null;
        }
        if (lexeme.Plain is "turn around" or "turn round" or "turn about" or "turning around" or "about turn" && _draft.TurnAmount is null) _draft.TurnAmount = 180;
        if (lexeme.Plain.EndsWith("forward", StringComparison.Ordinal) && kind is "hop" or "jump") _draft.Way = Way.Forward;
    }

    /// <summary>Whether a step with the other foot follows a foot that has come home or crossed, in the same breath.</summary>
    private bool GoesOnWithTheOtherFoot(int i)
    {
        if (_lexemes[i].Value is not ("step" or "slide" or "step-back") || _draft is not { Foot: { } moved, Footwork: "pull-together" or "cross-front" or "cross-behind", Stance: null, IsDone: false, SentenceEnded: false }) return false;
        if (_foot is { } waiting) return waiting != moved;
        var next = IndexAfter(i);
        return next >= 0 && _lexemes[next].Is("side") && (_lexemes[next].Value == "left" ? Side.Left : Side.Right) != moved && Next(next) is { Kind: "footNoun" or "footwork" or "way" or "stance" };
    }

    /// <summary>"Left foot back to the centre": the foot comes home beside the other one.</summary>
    private bool TakeBackToTheCentre(Lexeme lexeme)
    {
        if (!lexeme.Plain.EndsWith("centre", StringComparison.Ordinal) && !lexeme.Plain.EndsWith("center", StringComparison.Ordinal)) return false;
        if (_foot is null && (_draft is not { Footwork: "step" or "step-back" or "slide" or "pull-together" } || _draft.IsDone || _draft.SentenceEnded)) return false;
        if (_draft.IsDone || _draft.SentenceEnded) Begin(Counting.Own);
        TakeWaitingFoot();
        (_draft.Footwork, _draft.Way) = ("pull-together", null);
        Note(lexeme, "footwork", "Read as bringing the foot beside the other one.", "and return to ready");
        return true;
    }

    /// <summary>Whether a verb of movement has a hand for its subject or object.</summary>
    private bool MovesAHand(int i)
    {
        if (_hand is not null || Previous(i) is { Kind: "handNoun" or "relHand" }) return Next(i) is not { Kind: "footNoun" or "relFoot" or "stance" };
        var next = Next(i);
        if (next is { Kind: "side" }) next = Next(IndexAfter(i));
        return next is { Kind: "handNoun" or "relHand" } && !Follows(_lexemes.IndexOf(next), "with");
    }

    private static bool IsLow(TermId stance) => stance.Value is "kneeling-stance" or "both-knees" or "squat" or "lying" or "drop-stance" or "resting-stance" or "tiger-crouch-stance";

    /// <summary>Takes a lexeme for a technique that it means here.</summary>
    private void Retell(int i, string technique)
    {
        var term = _ways.Vocabulary.Find(new TermId(technique))!;
        _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = technique, Term = term };
        if (term.IsKick) TakeKick(i);
        else TakeHandTechnique(i);
    }

    /// <summary>"Next to the right foot": the place a foot goes to, not a foot that moves.</summary>
    private int TakeBeside(int i)
    {
        var end = i;
        for (var k = i + 1; k < _lexemes.Count && _lexemes[k].Kind is "filler" or "side" or "footNoun" or "relFoot"; k++)
        {
            if (_lexemes[k].Is("filler") && _lexemes[k].Plain is not ("the" or "your" or "other" or "a")) break;
            end = k;
        }
        for (var k = i; k <= end; k++) Note(_lexemes[k], "footwork");
        var behind = _lexemes[i].Plain.Contains("behind");
        if (end > i && _draft is { Footwork: "step" or "cross-front", IsDone: false } && (behind || _lexemes[i].Plain.Contains("front of"))) _draft.Footwork = behind ? "cross-behind" : "cross-front";
        else if (_draft is { Footwork: "step" or "slide" or "lift-foot" or "step-back", Way: null or Way.Back, IsDone: false } && !_lexemes[i].Plain.Contains("front of") && !_lexemes[i].Plain.Contains("behind")) (_draft.Footwork, _draft.Way) = ("pull-together", null);
        return end;
    }

    private void TakeWaitingFoot()
    {
        if (_foot is not { } foot) return;
        _draft.Foot ??= foot;
        _foot = null;
    }

    private bool BeginsNewMove(Lexeme footwork)
    {
        var kind = footwork.Value;
        if (_draft.IsEmpty || !_draft.HasBody) return false;
        // "Bring the left foot back to ready stance": one move, said in two words.
        if (kind is "return" && _draft is { SentenceEnded: false, IsDone: false, Stance: null, Footwork: "step" or "step-back" or "pull-together" or null }) return false;
        if (kind is "bow" or "announce" or "return") return true;
        if (_draft.Footwork is "bow" or "announce" or "return" || _draft.IsOpening) return true;
        // "Spinning back fist, turning 360 left": the turn says how far the spin goes.
        if (_draft is { Footwork: "spin", HasTurn: false, SentenceEnded: false } && Turning.Contains(kind)) return false;
        if (_draft.IsDone)
        {
            // "Low block while stepping back": what goes on meanwhile belongs to the same move.
            var meanwhile = _together || footwork.IsGerund || kind is "stay";
            return _draft.SentenceEnded || !meanwhile || _draft.Footwork is not null and not "shift" and not "stay";
        }
        if (_draft.Footwork is "rise" && kind is "step" or "step-back") return true;
        if (_draft.SentenceEnded) return _draft.Stance is not null || !_draft.IsTurning && _draft.Footwork is not null && kind is not "shift";
        if (kind is "stay") return false;
        // Two steps in one breath are two moves; a turn and a step are one.
        return _draft.Footwork is not null && !_draft.IsTurning && !Turning.Contains(kind) && !footwork.IsGerund
               && _draft.Footwork != "lift-foot" && (_then || _draft.Stance is not null) && kind is not "shift" and not "drop";
    }

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
        var posture = Now();
        Side? foot = lexeme.Value switch
        {
            "front" => posture.Lead,
            "rear" => posture.Lead?.Other,
            "same" => LastFoot(),
            "kicking" => KickingFoot(),
            "standing" => KickingFoot()?.Other,
            _ => (_draft.Foot ?? LastFoot())?.Other,
        };
        if (foot is not { } side)
        {
            Unread(lexeme);
            return;
        }
        Note(lexeme, "foot", $"The {lexeme.Plain} is the {side.Word} one here.");
        AssignFoot(i, side);

        Side? KickingFoot() => _draft.Kick is { } kick ? kick.Foot ?? posture.Lead?.Other : posture.KickingFoot ?? (posture.Left.Lifted ? Side.Left : posture.Right.Lifted ? Side.Right : null);

        Side? LastFoot() => _draft.Kick?.Foot ?? _draft.Foot ?? posture.KickingFoot ?? posture.Moved;
    }

    private void AssignFoot(int i, Side foot)
    {
        if (Previous(SideIndex(i)) is { Kind: "support" } || _draft.IsTurning && Follows(SideIndex(i), "on"))
        {
            // "Pivot on the left foot": that one carries the weight, the other one moves.
            _draft.Footwork ??= "pivot";
            if (_draft.Stance is null && !_draft.IsDone) _draft.Foot ??= foot.Other;
            return;
        }
        // "Crane on the left leg": a stance on one leg is named by the leg that stands.
        if (_draft is { Stance: { } taken, Lead: null } && _ways.Stances.Of(taken).Feet == FeetKind.Single && Follows(SideIndex(i), "on"))
        {
            _draft.Lead = foot;
            return;
        }
        if (_draft is { Foot: not null, Footwork: "step" or "lift-foot" or "slide" or null, IsDone: false, Way: null, SentenceEnded: false } && foot != _draft.Foot && Follows(SideIndex(i), "to", "against"))
        {
            _draft.Footwork = "pull-together"; // "bring the left foot to the right foot"
            return;
        }
        // "Thrust, sliding the left foot up": the foot of the verb right before it.
        if (_draft is { Footwork: not null, Foot: null, IsDone: true, SentenceEnded: false } && Previous(_lexemes[i].Kind == "footNoun" ? SideIndex(i) : i) is { IsGerund: true })
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
        if (next is { Kind: "lead" })
        {
            _pendingLead = next.Value == "lead" ? foot : foot.Other;
            return;
        }
        var backward = Follows(SideIndex(i), "with", "using", "by", "from", "off");
        if (previous is { IsKick: true } && _draft.Kick is { Foot: null } kick && (backward || next is not { IsKick: true }))
        {
            _draft.Kick = kick with { Foot = foot };
            return;
        }
        if (next is { IsKick: true })
        {
            (_foot, _limbLexeme) = (foot, _lexemes[i]);
            return;
        }
        if (next is { Kind: "way", Value: "forward" } && _draft is { Footwork: "rise", Stance: null, IsDone: false, SentenceEnded: false })
            (_draft.Stance, _draft.Lead) = (new TermId("short-front-stance"), foot); // "get up with the right foot forward"
        if (next is { Kind: "way" } && _draft is { Stance: not null, IsDone: false, SentenceEnded: false } && (_draft.Footwork is null || _draft.Foot is not null))
        {
            _draft.Lead = next.Value.StartsWith("back", StringComparison.Ordinal) ? foot.Other : foot;
            return;
        }
        if (next is { Kind: "footwork" })
        {
            (_foot, _limbLexeme) = (foot, _lexemes[i]);
            return;
        }
        if (_draft.SentenceEnded && _draft.HasBody && (_draft.IsDone || _draft.Stance is not null) || _draft.IsDone && !backward)
        {
            if (next is { Kind: "landing" }) return;
            Begin(Counting.Own);
        }
        if (_draft.Footwork == "stay") return;
        if (_draft.Foot is null) _draft.Foot = foot;
        // A second foot in the same breath is where the first one goes to ("left foot to the right foot").
    }

    private Side? _pendingLead
    {
        set
        {
            if (_draft.SentenceEnded && _draft.IsDone && _draft.Lead is not null) Begin(Counting.Own);
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

    private void TakeLead(int i) => Note(_lexemes[i], "lead");

    private void TakeLanding(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "landing");
        if (_draft.Kick is { } kick) _draft.Kick = kick with { Landing = Enum.Parse<Landing>(lexeme.Value, ignoreCase: true) };
        else if (_draft is { IsDone: false, Footwork: null } && Now().KickingFoot is { } kicked && lexeme.Value is not "samePlace")
            (_draft.Footwork, _draft.Foot) = (lexeme.Value == "front" ? "step" : "step-back", kicked); // "Ten: front kick. Eleven: land in front, punch"
        else if (lexeme.Value == "front" && _draft.IsEmpty) _draft.Footwork = "step";
    }

    private void TakeStance(int i)
    {
        var lexeme = _lexemes[i];
        var stance = lexeme.Term!.Id;
        var shape = _ways.Stances.Of(stance);
        if (_draft.Stance is not null && (_draft.SentenceEnded || _draft.IsDone || _then)) Begin(Counting.Own);
        else if (_draft.SentenceEnded && _draft.IsDone) Begin(Counting.Own);
        else if (_draft.Footwork is "bow" or "announce") Begin(Counting.Own);
        _then = false;
        _draft.SentenceEnded = false;
        if (_draft is { PulledBack: true, Footwork: "pull-together" } && shape.Feet == FeetKind.Lead) _draft.Footwork = "step-back";
        _draft.Stance = stance;
        if (_side is { } side)
        {
            _draft.Lead = side;
            _side = null;
        }
        if (_foot is { } foot)
        {
            _draft.Foot ??= foot;
            _foot = null;
        }
        if (shape.Feet == FeetKind.Even && Previous(i) is { Kind: "way", Value: "back" } && Follows(i, "to", "into") && !_draft.HasTurn && _draft.Facing is null && LastHeadingIn(stance) is { } home && home != Now().Heading)
        {
            _draft.Facing = home;
            Note(lexeme, "stance", $"Read as facing where it was stood in before, {Speech.Heading(home, _ways.Directions)}.");
            return;
        }
        Note(lexeme, "stance", shape.Feet == FeetKind.Lead || _draft.Lead is null ? "" : $"A {lexeme.Term.English} has no leading foot.");
    }

    /// <summary>"Back to horse stance": the heading in which the stance was last stood in.</summary>
    private Heading? LastHeadingIn(TermId stance)
    {
        var walk = Walk.Of(SoFar(), BodyMeasures.Reference, _ways);
        for (var k = walk.Postures.Count - 1; k >= 0; k--)
            if (walk.Postures[k].Stance == stance) return walk.Postures[k].Heading;
        return null;
    }

    /// <summary>"From the right front stance": where the move comes from, not where it goes. At the opening, the start.</summary>
    private int TakeSource(int i, bool opening)
    {
        Note(_lexemes[i], "note");
        var at = i;
        Side? lead = null;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].IsStop; k++)
        {
            var lexeme = _lexemes[k];
            if (lexeme.Is("filler") || lexeme.Is("detail")) continue;
            if (lexeme.Is("side"))
            {
                lead = lexeme.Value == "left" ? Side.Left : Side.Right;
                continue;
            }
            if (!lexeme.Is("stance")) break;
            if (_before.Count + _said.Count == 0 && !_draft.IsDone)
            {
                if (!opening) _form = _form with { Opening = new Opening(lexeme.Term!.Id, lead) };
                else (_draft.Stance, _draft.Lead, _draft.IsOpening) = (lexeme.Term!.Id, lead, true);
                ForgetNow();
            }
            for (var used = i + 1; used <= k; used++) Note(_lexemes[used], "stance");
            at = k;
            break;
        }
        if (opening && _before.Count + _said.Count == 0 && !_draft.IsDone) _draft.IsOpening = true;
        return at;
    }
}
