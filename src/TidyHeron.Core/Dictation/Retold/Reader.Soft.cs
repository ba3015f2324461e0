namespace TidyHeron.Core.Dictation;

/// <summary>How soft forms are told: what palms and fists do by their verbs, what heels and toes do, and where the weight goes.</summary>
public sealed partial class Reader
{
    private void RetellSoftWords(int i)
    {
        RetellSoftHands(i);
        RetellFeetThatComeIn(i);
        RetellWeight(i);
    }

    /// <summary>"Both hands", "the arms", "palms".</summary>
    private static bool AreBothHands(Lexeme lexeme) => lexeme.Is("handNoun") && (lexeme.Value == "both" || lexeme.Plain is "arms" or "hands" or "palms");

    private void RetellSoftHands(int i)
    {
        // "As both palms push, step forward": meanwhile, as "as the palms push".
        if (_lexemes[i] is { Kind: "filler", Plain: "as" } && i + 1 < _lexemes.Count && OnlySmallWordsAndACallBefore(i) && (AreBothHands(_lexemes[i + 1]) || _lexemes[i + 1] is { IsHandTechnique: true } || _lexemes[i + 1].Is("side") && Next(i + 1) is { Kind: "handNoun" } or { IsHandTechnique: true }) && ClauseOf(i).Any(l => l.IsHandTechnique))
            _lexemes[i] = _lexemes[i] with { Kind = "together", Value = "together" };
        // "Both hands roll back", and "roll back" among the hands of the soft styles.
        if (_lexemes[i] is { Kind: "footwork", Value: "back-roll", Plain: "roll back" or "rolls back" or "rolling back" } && (Previous(i) is { Kind: "handNoun" } || _lexemes.Any(l => l.Value is "ward-off" or "single-whip" or "hold-the-ball" || l.Plain == "weight" || l.Is("detail") && l.Plain.StartsWith("heel", StringComparison.Ordinal))))
            BecomesTerm(i, "technique", "roll-back");
        // "Both palms push down": they press.
        if (_lexemes[i] is { Kind: "technique", Value: "double-palm", Plain: "both palms push" } down && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.StartsWith("down", StringComparison.Ordinal))
        {
            var palms = down.Length - "push".Length;
            _lexemes[i] = new Lexeme("handNoun", "both", down.Start, palms, "both palms");
            _lexemes.Insert(i + 1, new Lexeme("technique", "pressing-block", down.Start + palms, "push".Length, "push", TermOf("pressing-block")));
        }
        // "The left hand pushes down": it presses.
        if (_lexemes[i] is { Kind: "technique", Value: "push" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "down" or "downward" or "downwards") BecomesTerm(i, "technique", "pressing-block");
        // "The right fist strikes forward", "the left hand pushes forward with the palm".
        if (_lexemes[i] is { Kind: "technique", Value: "strike" } && i > 0 && _lexemes[i - 1] is { Kind: "handNoun", Plain: "fist" }) BecomesTerm(i, "technique", "punch");
        if (_lexemes[i] is { Kind: "technique", Value: "push" } && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Plain is "palm" or "palms" && l.IsHandTechnique) is var palm and > 0)
        {
            BecomesTerm(i, "technique", "palm-strike");
            BecomesSmall(palm);
        }
        // "Both palms push", "both hands push forward"; "both hands push" is how we say it of two hands that push.
        if (_lexemes[i] is { Kind: "technique", Value: "push" } && i > 0 && _lexemes[i - 1] is var both && AreBothHands(both) && (both.Plain.EndsWith("palms", StringComparison.Ordinal) || i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("way", "forward") || _lexemes[i + 1].Plain is "out"))) BecomesTerm(i, "technique", "double-palm");
        // "Both arms open out to the sides".
        if (_lexemes[i].Plain is "open" or "opens" or "go" or "float" or "stretch" && _lexemes[i].Kind is "filler" or "unread" && i > 0 && AreBothHands(_lexemes[i - 1]) && _lexemes.GetRange(i, Math.Min(EndOfClause(i) - i + 1, 4)) is var opening && opening.Any(l => l.Plain is "to the sides" or "wide" or "to the side") && !opening.Any(l => l.IsHandTechnique))
            BecomesTerm(i, "technique", "spread-arms");
        // "Both arms float up to shoulder height", "raise the arms to shoulder level".
        if (_lexemes[i].Plain is "float" or "floats" or "raise" or "raises" or "rise" or "rises" or "lift" or "lifts" && _lexemes[i].Kind is "filler" or "unread" or "footwork"
            && Enumerable.Range(Math.Max(0, i - 1), Math.Min(4, _lexemes.Count - Math.Max(0, i - 1))).Any(k => AreBothHands(_lexemes[k]))
            && _lexemes.GetRange(i, EndOfClause(i) - i + 1) is var raised && raised.Any(l => l.Plain.Contains("shoulder", StringComparison.Ordinal)) && !raised.Any(l => l.IsHandTechnique))
        {
            BecomesTerm(i, "technique", "raise-the-arms");
            for (var k = i + 1; k <= EndOfClause(i) && _lexemes[k].Kind is "filler" or "handNoun" or "level" or "way" or "tempo"; k++)
                if (_lexemes[k].Is("handNoun")) BecomesSmall(k);
                else if (_lexemes[k].Is("level")) AsNote(k, k);
        }
        // "… and lower them": what went up comes down again.
        if (_lexemes[i] is { Kind: "level", Plain: "lower" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "them" or "the" or "your" or "my" && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique", "raise-the-arms"))) AsNote(i, i + 1);
        // "Hands separate and come down to the hips": no foot comes down.
        if (_lexemes[i] is { Kind: "footwork", Value: "land", Plain: "come down" or "comes down" or "coming down" } && ClauseOf(i).Any(l => AreBothHands(l) || l is { Value: "spread-arms" }) && !ClauseOf(i).Any(l => l.Is("footNoun"))) BecomesSmall(i);
        // "The right palm goes out in a push": one push.
        if (_lexemes[i] is { Kind: "technique", Value: "push" } && Backward(i).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is not ("filler" or "way" or "detail")) is { Plain: "palm" or "palms" } pushed)
        {
            if (pushed.IsHandTechnique) BecomesSmall(i);
            else if (pushed.Plain == "palm") BecomesTerm(i, "technique", "palm-strike");
        }
        // "The arms hold a ball on the right side": where they hold it.
        if (_lexemes[i].Is("technique", "hold-the-ball") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain == "on" && Next(i) is { Kind: "side" } && IndexAfter(i) is var ballSide && ballSide + 1 < _lexemes.Count && _lexemes[ballSide + 1].Plain == "side" && ClauseOf(i).Any(AreBothHands)) AsNote(i + 1, ballSide + 1);
        // "The palms push forward": both.
        if (_lexemes[i] is { Kind: "technique", Value: "palm-strike" } pushing && pushing.Plain.StartsWith("palms", StringComparison.Ordinal) && Previous(i) is not { Kind: "side" }) BecomesTerm(i, "technique", "double-palm");
        // "Both palms thrust forward": no weapon.
        if (_lexemes[i] is { IsHandTechnique: true, Term.IsWeapon: true } thrust && thrust.Plain.StartsWith("thrust", StringComparison.Ordinal) && i > 0 && _lexemes[i - 1] is { Kind: "handNoun", Plain: "both palms" or "palms" }) BecomesTerm(i, "technique", "double-palm");
        // "Turn the waist a little, hold the ball": the feet stay, and so does the way one faces.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain.Contains("waist", StringComparison.Ordinal) && !ClauseOf(i).Any(l => l.Kind is "degrees" or "amount" or "facing" or "clock" or "place") && !RestOfSentence(i).Any(l => l is { Kind: "footwork", Value: "step" or "slide" or "shift" }) && !RestOfSentence(i).Any(l => l.Is("stance")) && (ClauseOf(i).Any(l => l.Plain is "a little" or "slightly" or "a bit") || RestOfSentence(i).Any(l => l.Is("technique", "hold-the-ball") || l.Plain is "roll back" or "rollback" or "lu"))) AsNote(i, EndOfClause(i));
        // "Hold the ball, right hand on top": of the two.
        if (_lexemes[i].Is("onTop") && i > 1 && _lexemes[i - 1].Is("handNoun") && _lexemes[i - 2].Is("side") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique", "hold-the-ball"))) AsNote(i - 2, i);
    }

    private void RetellFeetThatComeIn(int i)
    {
        // "Put the right heel down in front": that foot goes forward.
        if (_lexemes[i] is { Kind: "detail", Plain: "heel down" } && i > 0 && _lexemes[i - 1].Is("side") && ClauseOf(i).Any(l => l.Plain is "put" or "puts" or "place" or "places" or "set" or "sets"))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot" };
            if (i + 1 < _lexemes.Count && _lexemes[i + 1].Is("lead", "lead")) _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "way", Value = "forward", Plain = "forward" };
        }
        // "Put the right foot down in front": a step, where nothing was kicked.
        if (_lexemes[i].Is("landing", "front") && Previous(i) is { Kind: "footNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick || l is { Kind: "footwork", Value: "lift-foot" or "jump" or "hop" }) && _lexemes[i].Plain.Contains("front", StringComparison.Ordinal) && ClauseOf(i).Any(l => l.Plain is "put" or "puts" or "place" or "places" or "set" or "sets"))
            _lexemes[i] = _lexemes[i] with { Kind = "way", Value = "forward", Plain = "forward" };
        // "Left knee brush": what the hand does.
        if (_lexemes[i] is { Kind: "technique", Value: "knee-strike", Plain: "knee" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("technique", "sweeping-block")) BecomesSmall(i);
        // "The right heel touches down": the foot steps there.
        if (_lexemes[i] is { Kind: "unread", Plain: "touches" or "touch" or "touching" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "down" && i > 0 && _lexemes[i - 1] is { Kind: "footNoun" }) BecomesTerm(i, "footwork", "step");
        // "Shift forward, bring the right foot in, and …": beside the other.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "bring" or "brings" or "bringing" } && i + 3 < _lexemes.Count && EndOfClause(i) is var inwards && _lexemes[inwards].Plain == "in" && _lexemes[inwards - 1].Is("footNoun")) BecomesTerm(i, "footwork", "pull-together");
        // "The right foot comes in to the left": beside it.
        if (_lexemes[i] is { Kind: "filler", Plain: "comes" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && i + 4 < _lexemes.Count && _lexemes[i + 1].Plain is "in" && _lexemes[i + 2].Plain is "to" && IndexAfter(i) is > 0 and var other && _lexemes[other].Is("side") && _lexemes[other].Value != _lexemes[i - 2].Value && (Alone(other) || Next(other) is { Kind: "footNoun" } && Alone(other + 1)))
        {
            BecomesTerm(i, "footwork", "pull-together");
            for (var k = other; k <= EndOfClause(other); k++) BecomesSmall(k);
        }
        // "It's the right foot that comes in": beside the other.
        if (_lexemes[i] is { Kind: "filler", Plain: "comes" } && i > 2 && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "in" && Alone(i + 1) && (_lexemes[i - 1].Is("footNoun") || _lexemes[i - 1].Plain == "that" && _lexemes[i - 2].Is("footNoun"))) BecomesTerm(i, "footwork", "pull-together");
        // "Gather the left foot in to the right": it comes beside the other.
        if (_lexemes[i] is { Kind: "filler", Plain: "gather" or "gathers" or "gathering" } && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Is("footNoun")) is > 0) BecomesTerm(i, "footwork", "pull-together");
        // "Back in again, this time …": no move of its own.
        if (_lexemes[i].Is("again") && i > 1 && Alone(i) && _lexemes[i - 1].Plain == "in" && _lexemes[i - 2].Is("way", "back") && OnlySmallWordsAndACallBefore(i - 2) && RestOfSentence(i).Any(l => l.Is("footNoun"))) AsNote(i - 2, i);
    }

    private void RetellWeight(int i)
    {
        // "Roll back, weight to the left leg", "press, weight forward into the right leg": where it comes to lie; alone in a sentence it shifts. No foot steps.
        if (_lexemes[i].Kind is "filler" or "detail" && _lexemes[i].Plain is "weight" or "weight forward" or "weight back" && EndOfClause(i) is var end && end > i + 1 && _lexemes.GetRange(i + 1, end - i) is var onto
            && onto.Find(l => l.Kind is not ("filler" or "way")) is { Kind: "side" or "relFoot" } && onto.Any(l => l.Kind is "footNoun" or "relFoot") && onto[0].Plain is "to" or "into" or "onto" or "over" or "over to" or "in" or "goes" or "moves" or "comes" or "back" or "forward" or "forwards"
            && onto.All(l => l.Kind is "filler" or "side" or "footNoun" or "relFoot" or "way" or "beside") && Backward(i).TakeWhile(l => !l.IsStop).All(l => l.Is("filler") || l is { Kind: "footwork", Plain: "put" or "move" or "bring" or "take" or "get" }))
        {
            var put = Enumerable.Range(FirstOfClause(i), i - FirstOfClause(i)).FirstOrDefault(k => _lexemes[k].Is("footwork"), -1);
            if (put >= 0) BecomesSmall(put);
            if (Enumerable.Range(StartOfSentence(i), EndOfSentence(i) - StartOfSentence(i) + 1).Any(k => _lexemes[k].Kind is "technique" or "stance" || _lexemes[k].Is("footwork"))) AsNote(i, end);
            else
            {
                BecomesTerm(i, "footwork", "shift");
                AsNote(i + 1, end);
            }
            return;
        }
        // "Weight over to the left, bow stance".
        if (_lexemes[i] is { Kind: "filler", Plain: "weight" } && StartsClause(i) && i + 2 < _lexemes.Count && _lexemes.FindIndex(i + 1, EndOfClause(i) - i, l => l.Is("side")) is > 0 and var leans && Alone(leans) && _lexemes.GetRange(i + 1, leans - i - 1) is var over && over.Any(l => l.Plain is "to" or "over to") && over.All(l => l.Plain is "to" or "over to" or "the" or "moves" or "comes" or "goes" or "over"))
        {
            BecomesTerm(i, "footwork", "shift");
            for (var k = i + 1; k < leans; k++)
                if (_lexemes[k].Is("beside")) _lexemes[k] = _lexemes[k] with { Kind = "filler", Plain = "to" };
        }
        // "The weight moves forward into a bow stance", "roll forward into a bow stance": nobody steps or rolls.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "moves forward" or "comes forward" or "goes forward" or "moves" or "go forward" or "come forward" or "move forward" } && i > 0 && _lexemes[i - 1].Plain == "weight") BecomesTerm(i, "footwork", "shift");
        if (_lexemes[i] is { Kind: "footwork", Value: "roll", Plain: "roll forward" or "rolls forward" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "to" or "onto" && (StanceComes(i) || _lexemes.GetRange(i, EndOfClause(i) - i + 1).Any(l => l.Is("stance")))) BecomesTerm(i, "footwork", "shift");
        // "Back to horse, …": the weight goes there, the feet stay.
        if (_lexemes[i] is { Kind: "way", Value: "back", Plain: "back" } && StartsSentence(i) && IndexAfter(i) is > 0 and var squat && _lexemes[squat] is { Kind: "stance", Term: { } straddle } && Follows(squat, "to", "into") && _ways.Stances.Of(straddle.Id).IsStraddle && !_lexemes.Take(i).Any(l => l.Is("stance", straddle.Id.Value)) && !_before.Any(m => m.Stance?.Kind == straddle.Id)) BecomesTerm(i, "footwork", "shift");
        // "Both arms rise to shoulder height, then sink to the waist".
        if (_lexemes[i] is { Kind: "footwork", Value: "shift", Plain: "sink" or "sinks" or "sinking" } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique", "raise-the-arms")) && !_lexemes.GetRange(i + 1, EndOfClause(i) - i).Any(l => l.Kind is "stance" or "footNoun")) AsNote(i, EndOfClause(i));
    }
}
