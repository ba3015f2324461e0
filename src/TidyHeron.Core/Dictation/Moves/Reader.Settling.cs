using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is left waiting at the end of a clause, and what becomes of it.</summary>
public sealed partial class Reader
{
    /// <summary>Words left without the thing they describe find the best place at the end of a clause.</summary>
    private void Settle()
    {
        if (_foot is { } foot)
        {
            if (_draft.Foot is null && _draft.Footwork is not null) _draft.Foot = foot;
            else Leftover(_limbLexeme);
        }
        if (_hand is { } which && which != Hand.Both && _level is { } tall && _draft is { Hands: [.., var twofold] } && (twofold.Hand is null or Hand.Both || twofold.Hand != which && (_draft.HandsParted || _limbLexeme is { Kind: "weapon" })))
        {
            // "Double block, left hand middle, right hand high": the same technique, hand by hand.
            var (one, more) = (_draft.Hands[^1], _draft.Hands[^1].Hand is null or Hand.Both);
            _draft.HandsParted = true;
            if (more) _draft.Hands[^1] = one with { Hand = which, Level = tall };
            else _draft.Hands.Add(one with { Hand = which, Level = tall });
            (_hand, _level) = (null, null);
        }
        if (_side is { } another && _level is { } height && _draft is { Hands: [.., var said] })
        {
            // "Parry low right": of what was just said. "Double block: left low, right high": the same technique once more.
            var rightAfter = said is { Hand: null, Level: null } && _sideLexeme is { } told && Previous(_lexemes.IndexOf(told)) is { Kind: "level" } high && Previous(_lexemes.IndexOf(high)) is { IsHandTechnique: true };
            if (rightAfter) _draft.Hands[^1] = said with { Hand = another.Hand, Level = height };
            else _draft.Hands.Add(said with { Hand = another.Hand, Level = height });
            (_side, _level) = (null, null);
        }
        if (_side is { } side && _sideLexeme is { } lexeme)
        {
            if (_draft.IsTurning && _draft.TurnSide is null) _draft.TurnSide = side;
            else if (_draft is { Hands: [.., { Hand: null } action] })
            {
                _draft.Hands[^1] = action with { Hand = side.Hand };
                // "Side kick and back fist at the same time with the right": both of them.
                if (_draft.Kick is { Foot: null } kick && Follows(_lexemes.IndexOf(lexeme), "with")) _draft.Kick = kick with { Foot = side };
            }
            else if (_draft is { Stance: not null, Lead: null, Footwork: null }) _draft.Lead = side;
            // "Right, …" at the start of a sentence is only a word to begin with.
            else if (lexeme.Value == "left" || !StartsSentence(_lexemes.IndexOf(lexeme))) Leftover(lexeme);
            else if (_fields.FindLastIndex(f => f.Start == lexeme.Start) is var at and >= 0) _fields[at] = _fields[at] with { Field = "filler" };
        }
        if (_level is not null && _levelLexeme is { Plain: "overhead" } swung && _draft is { HasHands: false, Kick: null, Footwork: not null } && (SpeaksOf("staff") || CarriedBefore() == "staff"))
        {
            _draft.Hands.Add(new HandAction(new TermId("staff-overhead-strike"), null, null)); // "left leg, overhead"
            _fields.Add(new ReadField(_draft.Id, "technique", swung.Start, swung.Length, "Read as the staff overhead strike.", "overhead block"));
            _level = null;
        }
        if (_level is { } level)
        {
            if (_hand is null && _draft is { Hands: [.., { Level: null } last] }) _draft.Hands[^1] = last with { Level = level };
            // "Down to the floor": where something ends that has no height of its own.
            else if (_levelLexeme is not { } floor || !floor.Plain.EndsWith("floor", StringComparison.Ordinal) && !floor.Plain.EndsWith("ground", StringComparison.Ordinal)) Leftover(_levelLexeme);
        }
        TakeHandByItself();
        if (_hand is { } again && _draft is { Hands: [.., { Hand: { } working }] } && working == again) _hand = null; // "right punch, right hand": said twice
        if (_hand is not null && !StaysARemark()) Leftover(_limbLexeme);
        _side = null; _sideLexeme = null; _foot = null; _hand = null; _limbLexeme = null; _level = null; _levelLexeme = null;
    }

    /// <summary>"Right fist through"; among jabs and hooks "left hand, right hand, left kick": a hand by itself punches.</summary>
    private void TakeHandByItself()
    {
        if (_hand is not { } hand || _limbLexeme is not { } limb || _lexemes.IndexOf(limb) is var at && at < 0) return;
        // "The left hand pushes out. Then the right hand.": the same with the other one.
        if (Alone(at) && Previous(SideIndex(at)) is null or { Kind: "then" } && _draft is { Hands: [.., { Hand: Hand.Left or Hand.Right } before] } && before.Hand == hand.Other && (_draft.SentenceEnded || _then) && _level is null)
        {
            Begin(_draft.SentenceEnded ? Counting.Own : Counting.Then);
            _draft.Hands.Add(before with { Hand = hand });
            _fields.Add(new ReadField(_draft.Id, "technique", limb.Start, limb.Length, $"Read as the same as before: {_ways.Vocabulary.Name(before.Technique, _ways.Tradition)}."));
            (_hand, _then) = (null, false);
            return;
        }
        if (!GoesThrough(limb, at) && !StandsAmongPunches(limb, at)) return;
        if (_draft.HasHands) Begin(_draft.SentenceEnded ? Counting.Own : Counting.Then);
        _draft.Hands.Add(new HandAction(new TermId("punch"), hand));
        _fields.Add(new ReadField(_draft.Id, "technique", limb.Start, limb.Length, "Read as a punch."));
        _hand = null;
    }

    private bool GoesThrough(Lexeme limb, int at) =>
        limb.Plain == "fist" && _lexemes.Skip(at + 1).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "through" or "out" or "forward" or "straight");

    private bool StandsAmongPunches(Lexeme limb, int at) =>
        limb.Plain == "hand" && Alone(at) && Previous(at) is { Kind: "side" } && Previous(IndexBefore(at)) is null && SpeaksOfBoxing()
        && (at + 2 >= _lexemes.Count || _lexemes[at + 2].Kind is not ("technique" or "level" or "filler") || _lexemes[at + 2].IsKick);

    /// <summary>"The left hand comes back to the shoulder", "right arm over the head": where a hand is, without a technique, is a remark.</summary>
    private bool StaysARemark()
    {
        if (_limbLexeme is not { Kind: "handNoun" } limb || _lexemes.IndexOf(limb) is var at && at < 0) return false;
        var (first, last) = (SideIndex(at), EndOfClause(at));
        var rest = _lexemes.GetRange(at + 1, last - at);
        // "Raise both hands": so is what only goes up or down.
        var onlyMoves = first > 0 && _lexemes[first - 1].Plain is "raise" or "raises" or "lift" or "lifts" or "lower" or "lowers";
        if (rest.Count == 0 && !onlyMoves || !rest.All(l => l.Kind is "filler" or "level" or "way" or "order" or "place" or "beside" or "detail" or "side" or "handNoun" or "lead" or "again")) return false;
        _draft.Notes.Add(Said(first, last).Text);
        _fields.Add(new ReadField(_draft.Id, "note", limb.Start, limb.Length, "Kept as a remark: no technique was heard.", ""));
        return true;
    }

    /// <summary>A word that was known but found nothing to belong to is not dropped: it counts as not understood.</summary>
    private void Leftover(Lexeme? lexeme)
    {
        if (lexeme is null) return;
        _fields.RemoveAll(f => f.Start >= lexeme.Start && f.Start < lexeme.Start + lexeme.Length);
        Unread(lexeme);
    }
}
