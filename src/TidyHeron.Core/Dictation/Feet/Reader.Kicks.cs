using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Kicks and knees.</summary>
public sealed partial class Reader
{
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
        // "Cross the left foot over in front, lift the right knee, stamp down": the other foot's movement, after the first.
        if (Previous(SideIndex(i)) is { Value: "lift-foot" } && _draft is { Footwork: not null and not "lift-foot", IsDone: false, SentenceEnded: false } && (_side ?? _foot) is { } lifted && _draft.Foot == lifted.Other)
        {
            Begin(Counting.Then);
            (_draft.Footwork, _draft.Foot, _side, _foot) = ("lift-foot", lifted, null, null);
            Note(lexeme, "footwork");
            return true;
        }
        // "Stand on the left leg, right knee up": the knee of a stance on one leg.
        if (after is "up" or "raised" or "lifted" or "high" && _draft is { Stance: { } onOne, IsDone: false, SentenceEnded: false } && _ways.Stances.Of(onOne).Feet == FeetKind.Single)
        {
            (_side, _foot) = (null, null);
            Note(lexeme, "stance");
            return true;
        }
        if ((after == "up" || after is "comes" or "goes" && i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "up") && (_draft is { Footwork: "step" or "lift-foot" or "rise" or null, IsDone: false } || _draft.SentenceEnded))
        {
            // "Bring the left knee up".
            if (_draft.SentenceEnded && _draft.HasBody) Begin(Counting.Own);
            _draft.Footwork = "lift-foot";
            _draft.Foot ??= _side ?? _foot;
            (_side, _foot) = (null, null);
            Note(lexeme, "footwork");
            return true;
        }
        // "Raise overhead, left knee comes up": what goes on meanwhile.
        if (after is "comes" or "goes" && i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "up" && _draft is { HasHands: true, SentenceEnded: false })
        {
            _draft.Notes.Add(_text[(_sideLexeme ?? lexeme).Start..(_lexemes[i + 2].Start + _lexemes[i + 2].Length)]);
            (_side, _foot) = (null, null);
            Note(lexeme, "note");
            return true;
        }
        // "Going down on the right knee".
        if (Follows(SideIndex(i), "on") && _side is { } kneels && Backward(i).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "down"))
        {
            if (_draft.IsDone || _draft is { HasBody: true, SentenceEnded: true }) Begin(Counting.Then);
            (_draft.Footwork, _draft.Foot, _side) = ("kneel", kneels, null);
            Note(lexeme, "footwork");
            return true;
        }
        if (!Follows(i, "on", "to", "at", "past", "above", "under", "over", "behind") && Previous(i) is not { Kind: "order" } || _draft.Footwork is "drop" or "kneel") return false;
        if (_draft.Footwork == "rise" && Follows(i, "on")) (_draft.Stance, _draft.Footwork) = (new TermId("both-knees"), "stay");
        else _draft.Notes.Add(Slice(lexeme));
        _side = null;
        Note(lexeme, "note");
        return true;
    }

    private void TakeKick(int i)
    {
        // "Turn to the front with the left foot in front. Right front kick, …": one stands so before the kick.
        if (_draft is { SentenceEnded: true, IsTurning: true, LeadIsPlain: true, Lead: not null }) Begin(Counting.Own);
        var lexeme = _lexemes[i];
        // "Step the left foot across and kick low with the right": the one told before it has stepped.
        if (_foot is { } steps && _draft is { Kick: null, IsDone: false } && _lexemes.FindIndex(i + 1, l => l.Kind is not ("level" or "filler") || l.Plain is "with") is > 0 and var with && _lexemes[with].Plain == "with" && Next(with) is { Kind: "side" } kicking && kicking.Value == steps.Other.Word)
        {
            (_draft.Footwork, _draft.Foot, _foot) = (_draft.Footwork ?? "step", steps, null);
            Begin(Counting.Then);
        }
        var foot = _foot ?? _side ?? (_draft is { SentenceEnded: false, IsDone: false } ? _draft.SecondFoot : null);
        // "Bring the left foot up, front kick and put it back": that one kicks.
        if (foot is null && _draft is { Brought: true, Footwork: "step", Foot: { } brought, Way: null, Stance: null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false })
        {
            foot = brought;
            (_draft.Footwork, _draft.Foot) = (null, null);
        }
        // "Right leg back to cat, then front kick with it".
        if (foot is null && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && _lexemes[i + 2].Plain == "it") foot = _draft.Foot ?? Now().Moved;
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
        // "Front kick, ap chagi": the same one by another name.
        if (foot is null && _draft is { Kick: not null, SentenceEnded: false, HasHands: false } && !_then && i > 0 && _lexemes[i - 1].Is("stop", ",") && IsNamedOnceMore(i - 2, i))
        {
            Note(lexeme, "kick");
            return;
        }
        // "Step up with the back leg and left side kick": a step with one foot, then a kick with the other.
        var afterStep = _draft is { Footwork: "step" or "slide", Foot: { } stepped, SentenceEnded: false, IsDone: false } && foot is { } kicks && kicks != stepped && Follows(SideIndex(i), "and");
        // "Right leg back to cat, then front kick".
        afterStep |= _then && _draft is { Footwork: not null, Stance: not null, Kick: null, IsDone: false, SentenceEnded: false };
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

    /// <summary>"Cat stance, front kick with the front foot … cat stance, front kick": as it was told before.</summary>
    private void KicksWithTheFrontLegAgain(Draft draft, Posture now)
    {
        if (draft is not { Kick: { Foot: null, Technique.Value: "front-kick" } kick, Footwork: null, Foot: null, HasTurn: false } || now is not { Stance.Value: "cat-stance", Lead: { } front }) return;
        if (!_before.Concat(_said).Any(m => m.Kick?.Technique == kick.Technique) || !_lexemes.Any(l => l.Is("relFoot", "front") && l.Start < _sentenceEnd)) return;
        draft.Kick = kick with { Foot = front };
        Assume(draft, "technique", "Read as with the front leg, as before.", $"{front.Other.Word} {_ways.Vocabulary.Name(kick.Technique, _ways.Tradition)}");
    }
}
