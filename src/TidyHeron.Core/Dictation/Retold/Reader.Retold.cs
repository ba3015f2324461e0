using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Words that mean something else where they stand, retold before any is taken in: each rule looks at one lexeme and its
/// neighbours, with the example it is for.
/// </summary>
public sealed partial class Reader
{
    /// <summary>Words that mean the same wherever they stand: no rule looks at one of them first. Half of all words are these or stops.</summary>
    private static readonly HashSet<string> NeverRetold = ["", "the", "a", "an", "and", "your", "my", "with", "into", "of"];

    private void RetellLexemes()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (_lexemes[i].IsStop || _lexemes[i].Is("filler") && NeverRetold.Contains(_lexemes[i].Plain)) continue;
            RetellWhatWasBefore(i);
            RetellAsides(i);
            RetellStanceToStartWith(i);
            RetellHowOneStands(i);
            RetellWhatIsToldOut(i);
            RetellAnother(i);
            RetellHowOften(i);
            RetellFeetBroughtAround(i);
            RetellFeetThatGoRound(i);
            RetellFeetThatComeRound(i);
            RetellWeapons(i);
            RetellStances(i);
            RetellStancesWithoutAName(i);
            RetellFeet(i);
            RetellArmsThatRoll(i);
            RetellFeetThatComeHome(i);
            RetellWhatGoesRound(i);
            RetellSteps(i);
            RetellLegs(i);
            RetellLowPostures(i);
            RetellFeetThatAreLowered(i);
            RetellSoftWords(i);
            RetellHowItIsDone(i);
            RetellHands(i);
            RetellPartsOfALimb(i);
            RetellWhatItIsDoneWith(i);
            RetellThePalmThatIsStruck(i);
            RetellHandsThatTakeTurns(i);
            RetellTheSameWithTheOther(i);
            RetellALeftOne(i);
            RetellPlaces(i);
            RetellWhereTheWordsBegin(i);
            RetellNames(i);
        }
        for (var i = 1; i < _lexemes.Count; i++) RetellTheHandThatHolds(i);
    }

    private void BecomesTerm(int i, string kind, string value) => _lexemes[i] = _lexemes[i] with { Kind = kind, Value = value, Term = TermOf(value) };

    /// <summary>Takes a word for a technique that it need not be, and tells so with it.</summary>
    private void Guess(int i, string technique, string assumption, string instead)
    {
        _guesses[_lexemes[i].Start] = (assumption, instead);
        BecomesTerm(i, "technique", technique);
    }

    private void BecomesSmall(int i) => _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };

    private void BecomesSmall(int first, int last)
    {
        for (var k = first; k <= last; k++) BecomesSmall(k);
    }

    /// <summary>A stop that parts nothing, a word that no rule is to see.</summary>
    private void BecomesStopless(int i) => _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler", Plain = "", Term = null };

    private void BecomesHalfTurn(int i) => _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "180", Plain = "180 degrees" };

    /// <summary>Words that only name, number or announce: forms, sections, other names of a technique.</summary>
    private void RetellNames(int i)
    {
        // "Now do that on the right.": once more.
        if (_lexemes[i] is { Kind: "filler", Plain: "that" } && i > 0 && _lexemes[i - 1].Plain == "do" && OnlySmallWordsAndACallBefore(i) && IndexAfter(i) is var elsewhere and >= 0 && _lexemes[elsewhere].Is("side") && Alone(elsewhere) && Follows(elsewhere, "on", "with")) _lexemes[i] = _lexemes[i] with { Kind = "again" };
        // "We shout on the second punch", "breathe out on the punch", "you yell on that punch": on which one.
        if (_lexemes[i].Is("technique") && i > 1 && (Follows(_lexemes[i - 1].Kind is "ordinal" || _lexemes[i - 1].Plain is "that" or "this" ? i - 1 : i, "on") || _lexemes[i - 1].Plain is "that" or "this" && _lexemes[i - 2].Plain == "with") && VoiceItTellsOf(i) is >= 0 and var heard && Backward(heard).Any(l => l.Is("technique") && (l.Value == _lexemes[i].Value || l.Value.EndsWith("-" + _lexemes[i].Value, StringComparison.Ordinal))))
        {
            if (_lexemes[i - 1].Kind is "ordinal") BecomesSmall(i - 1);
            BecomesSmall(i);
        }
        // "Kick, and step down. Right punch as you land": it has landed.
        if (_lexemes[i] is { Kind: "footwork", Value: "land" } && Alone(i) && i > 0 && _lexemes[i - 1] is { Kind: "together" } && ClauseOf(i).Any(l => l.Is("technique")) && _lexemes.FindLastIndex(i, l => l.EndsSentence) is > 0 and var before && OnlySmallWordsBefore(FirstOfClause(i)) && Backward(before).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("landing") || l is { Kind: "footwork", Plain: "step down" or "steps down" or "land" }))
        {
            _lexemes[before] = _lexemes[before] with { Value = "," };
            AsNote(i - 1, i);
        }
        // "Right front kick, step back down behind you, reverse punch": where it came from.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "down" && FirstOfClause(i) is > 1 and var comesDown && !_lexemes[comesDown - 1].EndsSentence && ClauseOf(comesDown - 2).Any(l => l.IsKick))
        {
            BecomesSmall(i + 1);
            if (i + 2 < _lexemes.Count && _lexemes[i + 2] is { Kind: "place", Value: "rear" }) BecomesSmall(i + 2);
            _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "samePlace", Term = null };
        }
        // "Front kick with the right leg, step back to left front stance": to where it came from.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back", Plain: "step back" or "steps back" or "stepping back" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "into" or "in" && ClauseOf(i).Any(l => l.Is("stance")) && !ClauseOf(i).Any(l => l.Is("footNoun")) && FirstOfClause(i) is > 1 and var kicks && !_lexemes[kicks - 1].EndsSentence && ClauseOf(kicks - 2).Any(l => l.IsKick) && !ClauseOf(kicks - 2).Any(l => l.Is("landing"))) _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "samePlace", Term = null };
        // "Okay, ready?": asked, not stood in.
        if (_lexemes[i].Is("stance") && OnlySmallWordsBefore(i) && (_before.Count > 0 || Backward(i).Any(l => l.Is("technique"))) && i + 1 < _lexemes.Count && _lexemes[i + 1].EndsSentence && _lexemes[i + 1].Start < _text.Length && CharAt(_lexemes[i + 1].Start) == '?') BecomesSmall(i);
        // "Once more we step forward …": told out.
        if (_lexemes[i] is { Kind: "times", Plain: "once more" or "one more time" } && OnlySmallWordsAndACallBefore(i) && i + 2 < _lexemes.Count && Performers.Contains(_lexemes[i + 1].Plain) && Next(i + 1) is { Kind: "footwork" or "technique" or "side" }) BecomesSmall(i);
        // "Repeat moves two to four", "do the first four moves again": nothing moves.
        if (_lexemes[i] is { Kind: "footwork", Plain: "moves" or "steps" } && (i > 0 && _lexemes[i - 1].Kind is "number" or "passage" || i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && _lexemes[i].Plain == "moves") && ClauseOf(i).Any(l => l.Kind is "again" or "otherSide" or "times") && ClauseOf(i).All(l => l.Kind is "filler" or "again" or "times" or "number" or "ordinal" or "footwork" or "passage" or "then" or "otherSide" or "side")) _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count", Term = null };
        // "Repeat those last two".
        if (_lexemes[i] is { Kind: "unread", Plain: "those" or "these" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "passage" or "ordinal" or "number" && ClauseOf(i).Any(l => l.Kind is "again" or "otherSide" or "times")) BecomesSmall(i);
        // "And then three steps: step, high block, step, …": told one by one.
        if (_lexemes[i] is { Kind: "footwork", Plain: "steps" } && i > 0 && _lexemes[i - 1] is { Kind: "number" } announced && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i).Count(l => l is { Kind: "footwork", Value: "step" }) == announced.Number)
        {
            BecomesSmall(i - 1);
            BecomesSmall(i);
        }
        // "Turn your back on the front, two-seventy": how far is told.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && i + 4 < _lexemes.Count && _lexemes[i + 1].Plain is "your" or "my" && _lexemes[i + 2].Plain == "back" && _lexemes[i + 3].Plain is "on" or "to" && _lexemes[i + 4].Is("place") && RestOfSentence(i).Any(l => l.Is("degrees"))) AsNote(i + 1, i + 4);
        // "Same thing, other side", "same again, on the right".
        if (_lexemes[i].Is("again") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && OnlySmallWordsAndACallBefore(i) && i + 2 < _lexemes.Count && EndOfClause(i + 2) is var there && _lexemes.GetRange(i + 2, there - i - 1) is var where && where.All(l => l.Kind is "filler" or "side" or "otherSide") && where.Any(l => l.Kind is "side" or "otherSide"))
            _lexemes[i + 1] = new Lexeme("filler", "filler", _lexemes[i + 1].Start, _lexemes[i + 1].Length, "");
        // "Right, so step forward …": a word to begin with. "…, right?": one to end with.
        if (_lexemes[i].Is("side", "right") && i + 1 < _lexemes.Count && !(i > 0 && _lexemes[i - 1].Plain is "the" or "to" or "my" or "your" or "on") && (OnlySmallWordsAndACallBefore(i) && (_lexemes[i + 1].Plain == "so" || _lexemes[i + 1].Is("stop", ",")) && _lexemes.Skip(i + 1).FirstOrDefault(l => !l.IsStop) is { Plain: "so" or "now" or "okay" or "then" or "next" }
            || _lexemes[i + 1].EndsSentence && _lexemes[i + 1].Start < _text.Length && CharAt(_lexemes[i + 1].Start) == '?' && i > 0 && _lexemes[i - 1].Is("stop", ","))) BecomesSmall(i);
        // "Close by bringing the right foot up.", at the end: how one comes back.
        if (_lexemes[i] is { Plain: "close" or "finish" or "end" } && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "by" && EndOfSentence(i) >= _lexemes.Count - 2 && !RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "then" or "facing" or "place"))
        {
            BecomesTerm(i, "footwork", "return");
            for (var k = i + 1; k <= EndOfSentence(i); k++)
                if (_lexemes[k].Kind is "footwork" or "way" or "beside") BecomesSmall(k);
        }
        // "And we close.": the form.
        if (_lexemes[i] is { Plain: "close" } && StartsSentence(i) && Alone(i) && _lexemes.Skip(i + 2).All(l => l.IsStop || l.Is("filler")))
        {
            BecomesTerm(i, "footwork", "return");
            _lexemes[i] = _lexemes[i] with { Plain = "close the form" };
        }
        // "Land forward stance", "step down forward stance": forward is the stance's.
        if (_lexemes[i] is { Kind: "landing" or "footwork" } lands && lands.Plain.EndsWith(" forward", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "stance")
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "stance", Value = "front-stance", Term = TermOf("front-stance") };
        // "A half front stance": one stance, though "a half" is half a step.
        if (_lexemes[i] is { Kind: "detail", Value: "halfStep" } half && half.Plain.EndsWith("half", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "stance" } && _ways.Vocabulary.MeaningOf("half " + _lexemes[i + 1].Plain) is { Kind: "stance", Term: { } halved })
        {
            BecomesSmall(i);
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = halved.Id.Value, Term = halved };
        }
        // "It's a swing of the back leg, one-eighty to the left": what is done.
        if (_lexemes[i] is { Kind: "note", Plain: "its a" or "thats a" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "swing" or "step" or "turn" or "pivot" or "spin" && RestOfSentence(i).Any(l => l.Kind is "relFoot" or "footNoun" or "degrees" or "amount"))
        {
            BecomesSmall(i);
            if (_lexemes[i + 1].Plain == "swing") BecomesTerm(i + 1, "footwork", "step");
        }
        // "The front leg, left that is, …": nothing is told after it.
        if (_lexemes[i] is { Kind: "note", Plain: "that is" } && Alone(i)) BecomesSmall(i);
        // "And people always get this wrong, …": said of the moves, not to be done.
        if (_lexemes[i].Plain is "wrong" or "forget" or "forgets" or "mistake" or "confused" && ClauseOf(i).All(l => l.Kind is "filler" or "note" or "unread") && FirstOfClause(i) is var aside)
            AsNote(aside, EndOfClause(i));
        // "Repeat all".
        if (_lexemes[i].Plain == "all" && Alone(i) && i > 0 && _lexemes[i - 1].Is("again")) _lexemes[i] = _lexemes[i] with { Kind = "passage", Value = "all" };
        // "First thing you do is look left", with no second: nothing is counted.
        if (_lexemes[i] is { Kind: "ordinal", Plain: "first thing" } && !_lexemes.Any(l => l.Is("ordinal", "2"))) BecomesSmall(i);
        // "The next one's to the front": the next move.
        if (_lexemes[i] is { Kind: "number", Plain: "one's" } && i > 0 && _lexemes[i - 1].Plain is "next" or "the next" or "last" or "first" or "this" or "that") _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler" };
        // "Opening of the crane set": the set's name.
        if (_lexemes[i] is { Kind: "stance" } named && !named.Plain.Contains(' ') && i + 1 < _lexemes.Count && FormNouns.Contains(_lexemes[i + 1].Plain) && (i == 0 || Follows(i, "of", "the", "a") || StartsSentence(i)) && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "side"))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "12 = front": what the words mean, no count.
        if (_lexemes[i] is { Kind: "number" or "clock" } legend && i + 2 < _lexemes.Count && _lexemes[i + 1].IsStop && CharAt(_lexemes[i + 1].Start) == '=' && EndOfClause(i + 2) is var meant && !RestOfSentence(i).Any(l => l.Kind is "technique" or "footwork")) AsNote(i, meant);
        // "The advanced kata": which one.
        if (_lexemes[i] is { Kind: "footwork", Plain: "advanced" } && i + 1 < _lexemes.Count && FormNouns.Contains(_lexemes[i + 1].Plain.Split(' ')[0])) BecomesSmall(i);
        // "Turn round once more, this time to the right": not what was done just now.
        if (_lexemes[i] is { Kind: "times", Value: "+1", Plain: "once more" or "one more time" } && i > 0 && _lexemes[i - 1] is { Kind: "footwork", Value: "turn" or "pivot" } && OnlySmallWordsAndACallBefore(i - 1)) BecomesSmall(i);
        // "Left front stance, sweep down with the left": a foot sweeps along the ground, an arm down.
        if (_lexemes[i] is { Value: "foot-sweep", Plain: "sweep" or "sweeps" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "down" or "downwards" && !SpeaksOf("staff") && CarriedBefore() != "staff" && !ClauseOf(i).Any(l => l.Is("footNoun")))
        {
            _guesses[_lexemes[i].Start] = ("Read as a block.", "foot sweep");
            BecomesTerm(i, "technique", "low-block");
        }
        // "Left foot to the front, left front stance, low block once more": one move, in which that is done as it was earlier.
        if (_lexemes[i] is { Plain: "once more" or "one more time" or "once again", Kind: "times" or "again" } && IsDoneAsEarlier(i)) BecomesSmall(i);
        // "Come back to horse once more and punch": not what was done just now.
        if (_lexemes[i] is { Kind: "times", Value: "+1", Plain: "once more" or "one more time" } && i > 0 && _lexemes[i - 1].Is("stance") && ClauseOf(i).Any(l => l.Is("footwork"))) BecomesSmall(i);
        // "Close facing north."
        if (_lexemes[i] is { Kind: "footwork", Plain: "close" or "closing" } && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("facing") && _lexemes[i + 2].Is("place") && Alone(i + 2))
        {
            BecomesTerm(i, "footwork", "return");
            _lexemes[i] = _lexemes[i] with { Plain = "return" };
        }
        // "Right foot round to the other side, low block": half a turn, no order to do it there once more.
        if (_lexemes[i] is { Kind: "otherSide", Plain: "to the other side" or "to the opposite side" or "the other side" } or { Kind: "place", Plain: "to the rear" or "to rear" } && i > 0 && (_lexemes[i - 1].Plain is "round" or "around" && ClauseOf(i).Any(l => l.Is("footNoun")) || _lexemes[i - 1].Is("footwork", "turn") && ClauseOf(i).Any(l => l.Is("footwork", "jump"))) && RestOfSentence(i).Any(l => l.Is("technique")))
        {
            // "…, that's one thirty-five": as far as that.
            if (RestOfSentence(i).Any(l => l.Is("degrees"))) BecomesSmall(i);
            else BecomesHalfTurn(i);
        }
        // "Long way round again": that way, not that move.
        if (_lexemes[i] is { Kind: "again", Plain: "again" } && i > 1 && _lexemes[i - 1].Plain is "round" or "around" && _lexemes[i - 2].Plain == "way") BecomesSmall(i);
        // "Front now, left low block": to it.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "now") _lexemes[i] = _lexemes[i] with { Plain = "to the front" };
        // "Step out with the left foot so that you're standing in a horse stance": the stance of that step.
        if (_lexemes[i] is { Kind: "note", Plain: "so that" or "so" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("opening") && Next(i + 1) is { Kind: "stance" or "side" } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "footNoun" or "technique" or "degrees" or "amount" or "facing"))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "Turn clockwise to face the other direction": half a turn.
        // "Turn your back, that is left foot round behind": how.
        if (_lexemes[i] is { Kind: "note", Plain: "that is" or "this is" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Is("footNoun") && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork"))) BecomesSmall(i);
        // "Four, and this is the same as count two": told of that number.
        if (_lexemes[i] is { Kind: "note", Plain: "this is" or "that is" or "it is" } && Next(i) is { Kind: "again" } && OnlySmallWordsAndACallBefore(i) && RestOfSentence(i).Any(l => l.Is("number"))) BecomesSmall(i);
        if (_lexemes[i] is { Kind: "relHand", Plain: "the other" } && i > 1 && _lexemes[i - 1].Is("facing") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "facing", Plain: "direction" } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork", "turn")) && !Clauses(i).Any(l => l.Kind is "degrees" or "amount"))
        {
            BecomesSmall(i - 1);
            BecomesHalfTurn(i);
            BecomesSmall(i + 1);
        }
        // "Start: feet together, hands crossed": how one stands as it begins.
        if (_lexemes[i] is { Kind: "filler", Plain: "start" or "begin" or "opening" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && RestOfSentence(i + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "stance" }) _lexemes[i] = _lexemes[i] with { Kind = "opening", Value = "opening" };
        // "14 Yame": what closes takes no count, though it has its line.
        if (_lexemes[i].Is("number") && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "footwork", Value: "return", Plain: "yame" or "naore" or "baro" or "shugo" } && Alone(i + 1) && !_lexemes.Skip(i + 2).Any(l => l.Kind is "technique" or "stance" or "number") && _lexemes.Take(i).Any(l => l.Is("number"))) BecomesSmall(i);
        // "Look to the other side, weight over, right front stance": no order to do it there once more.
        if (_lexemes[i] is { Kind: "unread", Plain: "look" or "looks" or "eyes" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("otherSide") && Alone(i + 1) && RestOfSentence(i + 1).Any(l => l.Is("stance"))) AsNote(i, i + 1);
        // "Look to the right this time, not the left.": what is not meant.
        if (_lexemes[i].Plain is "not" && i > 0 && _lexemes[i - 1].IsStop && EndOfClause(i) is var denied && denied > i && _lexemes.GetRange(i + 1, denied - i).All(l => l.Kind is "filler" or "side" or "footNoun" or "handNoun" or "way" or "place" or "facing") && _lexemes.GetRange(i + 1, denied - i).Any(l => !l.Is("filler")))
            AsNote(i, denied);
        // "Part the horse's mane": no stance.
        if (_lexemes[i] is { Kind: "stance", Plain: "horses" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "mane") BecomesSmall(i);
        // "I call the number, you do the move."
        if (_lexemes[i] is { Kind: "footwork", Plain: "move" or "step" } && Alone(i) && i > 1 && _lexemes[i - 1].Plain is "the" or "each" or "every" && _lexemes[i - 2].Plain is "do" or "does" or "show" or "know" or "learn") BecomesSmall(i);
        // "I'll walk you through the whole form": nobody steps.
        if (_lexemes[i] is { Kind: "footwork", Plain: "walk" or "walking" or "take" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "you") BecomesSmall(i);
        // "The form goes up the hall and comes back.": the way it takes.
        if (_lexemes[i].Plain is "goes" or "runs" && _lexemes[i].Is("filler") && i > 0 && FormNouns.Contains(_lexemes[i - 1].Plain.Split(' ')[^1]) && !Backward(i).Any(l => l.EndsSentence) && !RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "footNoun" or "footwork")) AsNote(i, EndOfSentence(i));
        // "Right then, …": a word to begin with.
        if (_lexemes[i] is { Kind: "side", Plain: "right" } && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("then") && _lexemes[i + 2].IsStop) BecomesSmall(i);
        // "Ninety plus forty-five".
        if (_lexemes[i] is { Kind: "degrees" } part && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "plus" or "and" && _lexemes[i + 2] is { Kind: "degrees" } rest && part.Number + rest.Number is 135 or 225 or 270)
        {
            _lexemes[i] = part with { Value = (part.Number + rest.Number).ToString(), Length = rest.Start + rest.Length - part.Start };
            _lexemes.RemoveRange(i + 1, 2);
        }
        // "The second line is rising blocks with reverse punches.": told out by the sentences after it.
        if (_lexemes[i] is { Kind: "ordinal" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "line" or "row" or "section" or "half" or "line is" or "row is" && EndOfSentence(i) is var toldBy && _lexemes.GetRange(i, toldBy - i + 1) is var announces && announces.Any(l => l.Plain.Split(' ').Contains("is")) && !announces.Any(l => l.Is("side")))
            AsNote(i, toldBy);
        // "That same front leg": told by its place, "same" adds nothing.
        if (_lexemes[i] is { Kind: "again" } same && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "relFoot" or "footNoun" && same.Plain is "same" or "the same")
            BecomesSmall(i);
        // "The first direction is to the right.": of what is told after it.
        if (_lexemes[i].Is("ordinal") && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Kind: "facing", Plain: "direction" } && (_lexemes[i + 2].Plain == "is" || _lexemes[i + 2].Is("stop", ",") || _lexemes[i + 2].Is("stop", ":")))
        {
            BecomesSmall(i);
            if (_lexemes[i + 2].IsStop) _lexemes[i + 2] = _lexemes[i + 2] with { Kind = "filler", Plain = "is" };
            // "… Third, we go to the front. … Last one, …": of these as well.
            for (var k = EndOfSentence(i) + 1; k + 1 < _lexemes.Count; k++)
                if (_lexemes[k].Is("ordinal") && StartsSentence(k) && _lexemes[k + 1].IsStop) BecomesSmall(k);
        }
        // "First cut: right foot forward …": the heading of what is told after it.
        if (_lexemes[i].Is("ordinal") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].IsHandTechnique && _lexemes[i + 2].Is("stop", ":"))
            BecomesSmall(i + 1);
        // "Form number one": its name.
        if (_lexemes[i].Is("countNoun") && i > 0 && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && (FormNouns.Contains(_lexemes[i - 1].Plain.Split(' ')[^1]) || _lexemes[i - 1].Is("weapon") && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" or "footNoun")))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "Front stance, left, to start with": the opening, told after its stance.
        if (_lexemes[i].Plain is "to start with" or "to begin with" or "to start" or "to begin" && _before.Count == 0 && !_lexemes[i].Is("opening") && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" && l.Plain is not "drill") && _lexemes.FindLastIndex(i, l => l.Is("stance")) is var begun and >= 0 && !_lexemes.GetRange(begun, i - begun).Any(l => l.EndsSentence))
        {
            var clause = begun;
            while (clause > 0 && !_lexemes[clause - 1].IsStop) clause--;
            var opens = _lexemes[i] with { Kind = "opening", Value = "opening" };
            _lexemes.RemoveAt(i);
            // A remark before it ends here.
            _lexemes.Insert(clause, opens);
            for (var k = clause - 1; k >= 0 && !_lexemes[k].EndsSentence; k--) if (!_lexemes[k].IsStop) BecomesSmall(k);
        }
        if (_lexemes[i].Is("amount") && StartsSentence(i) && _lexemes.Take(i).Any(l => l.Is("ordinal", "7"))) PartEighthFromTurn(i);
        // "An eight-step": joined to a number it is a name.
        if (_lexemes[i] is { Kind: "footwork", Plain: "step" } && i > 0 && _lexemes[i - 1].Is("number") && _lexemes[i].Start > 0 && CharAt(_lexemes[i].Start - 1) == '-') BecomesSmall(i);
        // "The five-step form": its name.
        if (_lexemes[i].Kind is "footwork" or "technique" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("filler") && FormNouns.Contains(_lexemes[i + 1].Plain) && Previous(i) is null or { Kind: "number" })
            BecomesSmall(i);
        // "Like an uppercut, or a hook some people say": another name, kept as a remark.
        if (_lexemes[i] is { Kind: "filler", Plain: "or" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { Kind: "technique" or "stance" }) AsNote(i, EndOfClause(i));
    }

    /// <summary>Where the shout or breath stands of which a technique only tells when: "the last one going forward, you shout on that punch"; -1 where it tells more.</summary>
    private int VoiceItTellsOf(int technique)
    {
        var first = FirstOfClause(technique);
        var voice = _lexemes.FindIndex(first, technique - first + 1, l => l.Kind is "shout" or "breath");
        if (voice < 0) return EndOfClause(technique) is var end && _lexemes.FindIndex(technique, end - technique + 1, l => l.Kind is "shout" or "breath") >= 0 && ClauseOf(technique).All(l => l.Kind is "filler" or "shout" or "breath" or "ordinal" or "then" || l == _lexemes[technique]) ? first : -1; // "on that punch you shout"
        return _lexemes.GetRange(voice, EndOfClause(technique) - voice + 1).TrueForAll(l => l.Kind is "filler" or "shout" or "breath" or "ordinal" or "then" || l == _lexemes[technique]) ? voice : -1;
    }

    /// <summary>Whether each hand's own technique is told next, in the same clause.</summary>
    private bool ToldHandByHand(int i) =>
        _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).ToList() is var told && told.Count(l => l.IsHandTechnique) == 2 && told.Any(l => l.Is("side", "left")) && told.Any(l => l.Is("side", "right"));

    /// <summary>"Seventh step left … Eighth turn around …": not an eighth of a turn.</summary>
    private bool PartEighthFromTurn(int i)
    {
        if (_lexemes[i] is not { Kind: "amount", Plain: "eighth turn" } eighth) return false;
        _lexemes[i] = new Lexeme("ordinal", "8", eighth.Start, "eighth".Length, "eighth");
        _lexemes.Insert(i + 1, new Lexeme("footwork", "turn", eighth.Start + eighth.Length - "turn".Length, "turn".Length, i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "around" or "round" ? "turn around" : "turn", TermOf("turn")));
        return true;
    }

    /// <summary>Whether a sentence tells a move of its own, foot and place or stance, and what is done in it was done in an earlier one, but not just now.</summary>
    private bool IsDoneAsEarlier(int i)
    {
        var (first, told) = (StartOfSentence(i), Clauses(i).ToList());
        if (!told.Exists(l => l.Is("footNoun")) || !told.Exists(l => l.Is("stance")) || told.Exists(l => l.Kind is "passage" or "otherSide" or "number") || told.Where(l => l.Is("technique")).ToList() is not [{ IsHandTechnique: true } done]) return false;
        return first > 1 && !Clauses(first - 2).Any(l => l.Is("technique", done.Value)) && _lexemes.Take(first).Any(l => l.Is("technique", done.Value));
    }
}
