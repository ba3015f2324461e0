using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Steps, turns, landings and crossings told by other verbs, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"Roll it back into the block": what is rolled is the arm.</summary>
    private void RetellArmsThatRoll(int i)
    {
        // "Then bring the fists down": no foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "pull" or "draw" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "detail" } brought && brought.Plain.Split(' ') is var words && words.Any(w => w is "fists" or "hands" or "arms" or "palms")) BecomesSmall(i);
        if (_lexemes[i] is { Kind: "footwork", Value: "roll" or "back-roll", Plain: "roll" or "rolls" or "roll back" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "it" or "that" or "them") BecomesSmall(i);
    }

    private void RetellSteps(int i)
    {
        // "…, right back fist, forward with the left foot, …": a step.
        if (_lexemes[i] is { Kind: "way", Value: "forward", Plain: "forward" } && i > 0 && (_lexemes[i - 1].IsStop || _lexemes[i - 1].Plain == "and" && i > 1 && _lexemes[i - 2].IsStop) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && IndexAfter(i) is > 0 and var forth && _lexemes[forth].Is("side") && Next(forth) is { Kind: "footNoun" }) BecomesTerm(i, "footwork", "step");
        // "The left foot comes to the middle, and from there you go forward with the right foot": after it.
        if (_lexemes[i] is { Plain: "from there" or "from here", Kind: "filler" } && i > 1 && _lexemes[i - 1].Plain == "and" && _lexemes[i - 2].IsStop && Next(i) is { Kind: "footwork" } && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footNoun"))) _lexemes[i] = _lexemes[i] with { Kind = "then", Value = "then" };
        // "Move the left foot to the side.": to its own, where no stance says how one then stands.
        if (_lexemes[i].Plain is "to the side" or "sideways" && _lexemes[i].Kind is "filler" or "detail" && !ClauseOf(i).Any(l => l.Is("technique")) && !RestOfSentence(StartOfSentence(i) - 1).Any(l => l.Kind is "stance" or "turnSide" or "way" || l is { Kind: "footwork", Value: not ("step" or "slide") })
            && RestOfSentence(StartOfSentence(i) - 1).Where(l => l.Is("side")).ToList() is [{ } aside] && Next(_lexemes.IndexOf(aside)) is { Kind: "footNoun" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "side", Value = aside.Value, Term = null };
            _lexemes.Insert(i, new Lexeme("filler", "filler", _lexemes[i].Start, 0, "to"));
        }
        // "Shuffle sideways to the left, another left hammer fist": the side is the way; and one more in this form.
        if (_lexemes[i] is { Kind: "footwork", Value: "shuffle" or "slide" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("detail", "sideways") && Next(i + 1) is { Kind: "side" } && Follows(IndexAfter(i + 1), "to"))
        {
            BecomesSmall(i + 1);
            if (EndOfClause(i) + 2 is var more && more < _lexemes.Count && _lexemes[more] is { Kind: "times", Plain: "another" }) BecomesSmall(more);
        }
        // "The right foot swings over to the left wall": it steps there.
        if (_lexemes[i].Is("beside") && _lexemes[i].Plain is "over to" or "over to the" && i > 1 && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "place" or "clock" && ClauseOf(i).Any(l => l.Is("footNoun")))
        {
            BecomesSmall(i);
            if (_lexemes[i - 1].Plain is "swings" or "goes" or "comes" or "moves" && _lexemes[i - 1].Kind is "unread" or "filler") BecomesTerm(i - 1, "footwork", "step");
        }
        // "Leave the right foot where it is": nothing moves.
        if (_lexemes[i] is { Kind: "note", Plain: "it is" } && i > 1 && _lexemes[i - 1].Plain == "where" && Alone(i) && ClauseOf(i).Any(l => l.Plain is "leave" or "keep" or "leaving" or "keeping") && FirstOfClause(i) is var left && _lexemes.GetRange(left, i - left).All(l => l.Kind is "filler" or "side" or "footNoun" or "handNoun" or "note")) AsNote(left, i);
        // "The left foot goes across behind it, so you do a three-quarter turn": it steps there.
        if (_lexemes[i].Is("footNoun") && i > 0 && _lexemes[i - 1].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "goes" or "comes" or "moves" && _lexemes[i + 2].Plain is "across" && RestOfSentence(i).Any(l => l.Kind is "degrees" or "amount") && !ClauseOf(i).Any(l => l.Kind is "footwork" or "technique"))
        {
            BecomesTerm(i + 1, "footwork", "step");
            for (var k = i + 2; k < _lexemes.Count && !_lexemes[k].IsStop; k++) if (_lexemes[k].Kind is "lead" or "otherSide") BecomesSmall(k);
        }
        // "Step back with the right to fighting stance": the foot.
        if (_lexemes[i].Is("side") && Follows(i, "with") && Previous(i) is { Kind: "footwork", Value: "step" or "step-back" or "slide" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "to a" && _lexemes[i + 2].Is("stance") && Alone(i + 2)) _lexemes.Insert(i + 1, new Lexeme("footNoun", "foot", _lexemes[i].Start + _lexemes[i].Length, 0, "foot"));
        // "…, horse stance, so your body's turned to the left": as it is done.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } turned && turned.Plain.StartsWith("turned", StringComparison.Ordinal) && i > 0 && _lexemes[i - 1].Plain is "bodys" or "body" or "is" or "are" or "youre" && Next(i) is { Kind: "side" }) _lexemes[i] = turned with { Plain = "turning" };
        // "The left foot makes an inside crescent forward": no kick.
        if (_lexemes[i] is { IsKick: true, Plain: "inside crescent" or "crescent" or "outside crescent" or "inward crescent" } && (Follows(i, "makes", "make") || Follows(i, "a", "an") && Backward(i).TakeWhile(l => l.Is("filler")).Any(l => l.Plain is "makes" or "make" or "does" or "doing")) && ClauseOf(i).Any(l => l.Is("stance")) && ClauseOf(i).Any(l => l.Is("footNoun"))) BecomesTerm(i, "footwork", "crescent-step");
        // "The left foot comes to the centre, facing the back, low block": where it steps to.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && i > 1 && _lexemes[i - 1].Plain is "comes" or "goes" && ClauseOf(i).Any(l => l.Is("footNoun")) && Alone(i) && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("facing") && RestOfSentence(i).Any(l => l.IsHandTechnique))
        {
            BecomesSmall(i);
            BecomesTerm(i - 1, "footwork", "step");
        }
        // "Stand up, pulling your left foot back so the right foot is in front": so it is by then.
        if (_lexemes[i].Is("lead") && i > 3 && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var stood && stood.Any(l => l.Is("footwork", "rise")) && stood.Any(l => l.Is("way", "back")) && !stood.Any(l => l.Is("stance")) && Enumerable.Range(i - 3, 3).FirstOrDefault(k => _lexemes[k].Is("side") && _lexemes[k + 1].Is("footNoun"), -1) is var led and > 0 && stood.Any(l => l.Is("side", _lexemes[led].Side.Other.Word))) AsNote(led, i);
        // "Your left foot's going to move first. It goes out …": that foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "move" or "go" or "moves" or "goes" or "step" } && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("ordinal", "1") && _lexemes[i + 2].EndsSentence && _lexemes.FindIndex(i + 3, l => !(l.Is("filler") && l.Plain != "it") && !l.Is("stop", ",")) is var itself and > 0 && _lexemes[itself].Plain == "it" && ClauseOf(i).Any(l => l.Is("footNoun")))
            for (var k = i; k <= itself; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler", Value = "filler", Term = null };
        // "Come back to block": the hands do.
        if (_lexemes[i] is { Kind: "footwork", Plain: "come back" or "comes back" or "go back" or "goes back" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "to a" or "to the" && Next(i) is { IsHandTechnique: true } && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot" or "stance")) BecomesSmall(i);
        // "Sink into a drop stance on the right leg": the weight is on it, so the other one leads.
        if (_lexemes[i] is { Kind: "stance", Term: { } low } && _ways.Stances.Of(low.Id) is { Feet: FeetKind.Lead, LeadWeight: < 40 } && Previous(i) is not { Kind: "side" } && Next(i) is { Kind: "side" } bears && IndexAfter(i) is var bearing && Follows(bearing, "on", "onto") && Next(bearing) is { Kind: "footNoun", Plain: "leg" })
        {
            AsNote(bearing, IndexAfter(bearing));
            _lexemes.Insert(i, new Lexeme("side", bears.Side.Other.Word, _lexemes[i].Start, 0, bears.Side.Other.Word));
        }
        // "Step right forward, bow, left punch": the stance, where nobody salutes in the midst of it.
        if (_lexemes[i] is { Kind: "footwork", Value: "bow", Plain: "bow" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("stop", ",") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && Backward(i - 1).TakeWhile(l => !l.IsStop).Any(l => l is { Kind: "footwork", Value: "step" or "turn" or "shift" }) && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork") is { IsHandTechnique: true } && _lexemes.Any(l => l.Is("stance", "bow-stance")))
            BecomesTerm(i, "stance", "bow-stance");
        // "Uncross with the right foot stepping right": one step.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "uncross" or "uncrosses" or "uncrossing" } && ClauseOf(i).Any(l => l.Is("footwork") && l != _lexemes[i])) BecomesSmall(i);
        RetellFeetThatOpen(i);
        RetellOpeningToTheSide(i);
        RetellOpeningIntoAStance(i);
        RetellFeetThatComeUpToBow(i);
        RetellPushesOffTheRearFoot(i);
        RetellTurnsToComeBack(i);
        RetellTheOtherWayRound(i);
        RetellTheFootThatTurns(i);
        RetellTurnsOnAFoot(i);
        // "Switch my weight over to the other leg": the feet stay.
        if (_lexemes[i] is { Plain: "switch" or "switches" or "change" or "changes" } && Next(i) is null or not { Kind: "handNoun" } && Enumerable.Range(i + 1, 3).Any(k => k < _lexemes.Count && _lexemes[k].Plain is "weight" or "my weight" or "your weight" or "the weight") && ClauseOf(i).Any(l => l.Is("stance")))
        {
            BecomesTerm(i, "footwork", "shift");
            for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].IsStop && _lexemes[k].Kind is "filler" or "beside" or "relHand" or "relFoot" or "footNoun" or "otherSide"; k++) BecomesSmall(k);
        }
        // "The weight goes to the other side so you're looking right, back stance": so do they here.
        if (_lexemes[i].Plain is "weight" or "the weight" or "your weight" && i + 2 < _lexemes.Count && (_lexemes[i + 1].Plain is "goes" or "moves" or "shifts" or "changes" || _lexemes[i + 1].Is("footwork", "shift")) && Next(i + 1) is { Kind: "otherSide" } && _lexemes.Skip(i).Take(RunOn / 2).Any(l => l.Is("stance")))
        {
            BecomesTerm(i + 1, "footwork", "shift");
            BecomesSmall(IndexAfter(i + 1));
            // "… back stance": the other one of the two.
            var stands = _lexemes.FindIndex(i, l => l.Is("stance"));
            if (!_lexemes[stands - 1].Is("side")) _lexemes.Insert(stands, new Lexeme("filler", "filler", _lexemes[stands].Start, 0, "the other"));
        }
        // "The left foot follows and stamps next to it": a step of its own.
        if (_lexemes[i] is { Kind: "detail", Plain: "foot follows" or "leg follows" } && Previous(i) is { Kind: "side" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _lexemes[i + 2] is { Kind: "footwork" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot" };
            BecomesSmall(i + 1);
        }
        // "Flip it back and punch": the weapon, no foot.
        if (_lexemes[i].Plain == "it" && i > 0 && i + 1 < _lexemes.Count && _lexemes[i - 1].Plain is "flip" or "flips" or "turn" or "roll" or "swing" or "spin" or "bring" && _lexemes[i + 1].Is("way")) BecomesSmall(i + 1);
        // "Three times forward with upper block, right, left, right": three steps.
        if (_lexemes[i] is { Kind: "times" } often && StartsSentence(i) && often.Value.Length == 1 && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("way", "forward") && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "stance") is { IsHandTechnique: true } many)
        {
            _lexemes[i] = _lexemes[i + 1];
            _lexemes[i + 1] = often with { Kind = "number" };
            var at = _lexemes.IndexOf(many);
            for (var k = i + 2; k < at; k++) if (!_lexemes[k].IsStop) BecomesSmall(k);
            if (!IsPlural(many)) _lexemes[at] = many with { Plain = many.Plain + "s" };
        }
        // "Pull the right foot back behind you, turning": it steps there.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" or "draw" or "draws" or "swing" } && EndOfClause(i) is var behindYou && _lexemes.GetRange(i, behindYou - i + 1) is [_, .., { Kind: "footNoun" }, { Kind: "way", Value: "back" }, { Kind: "place", Plain: "behind you" }])
            BecomesTerm(i, "footwork", "step");
        // "Both sticks come back to the shoulder": no foot does.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back" or "step", Plain: "come back" or "comes back" or "go back" or "comes" or "goes" } && Previous(i) is { Kind: "weapon" })
            AsNote(i, EndOfClause(i));
        // "Crescent again with the left": a step in a crescent, with that foot.
        if (_lexemes[i] is { Kind: "detail", Plain: "crescent" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes.GetRange(i + 1, EndOfClause(i) - i).All(l => l.Kind is "again" or "filler" or "side") && _lexemes.FindIndex(i, EndOfClause(i) - i + 1, l => l.Is("side")) is var arc and > 0)
        {
            BecomesTerm(i, "footwork", "crescent-step");
            for (var k = i + 1; k < arc; k++) BecomesSmall(k);
            _lexemes.Insert(arc + 1, new Lexeme("footNoun", "foot", _lexemes[arc].Start + _lexemes[arc].Length, 0, "foot"));
        }
        // "Sink into the bow": stood in.
        if (_lexemes[i].Is("footwork", "bow") && _lexemes[i].Plain == "bow" && (Follows(i, "into", "in") || i > 1 && _lexemes[i - 1].Plain is "the" or "a" && _lexemes[i - 2].Plain.EndsWith(" into", StringComparison.Ordinal)) && ClauseOf(i).Any(l => l.Is("footwork", "shift") || l.Is("footwork", "step")))
            BecomesTerm(i, "stance", "bow-stance");
        // "Small step.", "It's quite a long step.": how it was done.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "step" } && i > 0 && _lexemes[i - 1].Plain is "small" or "short" or "long" or "big" or "deep" or "quick" && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence) && FirstOfClause(i) is var sized and > 0 && _lexemes[sized - 1].EndsSentence && _lexemes.GetRange(sized, i - sized).All(l => l.Kind is "filler" or "detail" or "note")) AsNote(sized, i);
        // "Right foot through into front stance": it steps.
        if (_lexemes[i] is { Kind: "filler", Plain: "through" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && !ClauseOf(i).Any(l => l is { Kind: "footwork", Value: not ("shift" or "drop") })) BecomesTerm(i, "footwork", "step");
        // "L: turn left, front stance", "R: step, punch": which foot.
        if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && OnlySmallWordsAndACallBefore(i) && _lexemes[i + 2] is { Kind: "footwork", Value: "step" or "turn" or "slide" or "step-back" })
        {
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            _lexemes.Insert(i + 1, new Lexeme("footNoun", "foot", _lexemes[i].Start + _lexemes[i].Length, 0, "foot"));
        }
        // "Step back once more with the left foot": told out, so nothing is done again.
        if (_lexemes[i] is { Kind: "times", Plain: "once more" or "one more time" } && i > 0 && _lexemes[i - 1].Is("footwork") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && Next(i) is { Kind: "side" }) BecomesSmall(i);
        // "Right foot forward once more into front stance": so is this.
        if (_lexemes[i] is { Kind: "times", Plain: "once more" or "one more time" } && i > 0 && (_lexemes[i - 1].Kind is "footwork" or "footNoun" or "way" or "lead" or "side" or "place" or "landing" || _lexemes[i - 1].Plain is "through") && ClauseOf(i).Any(l => l.Kind is "footNoun" or "footwork") && _lexemes.Skip(i).TakeWhile(l => !l.IsStop).Any(l => l.Is("stance"))) BecomesSmall(i);
        // "Pass the right foot forward": it steps.
        if (_lexemes[i] is { Kind: "technique", Value: "regrip", Plain: "pass" or "passes" or "passing" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" }) BecomesTerm(i, "footwork", "step");
        // "…, step punch, and a third one": one more.
        if (_lexemes[i].Is("ordinal") && i > 1 && _lexemes[i - 1].Plain == "a" && _lexemes[i - 2].Plain == "and" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "one")
        {
            _lexemes[i] = _lexemes[i] with { Kind = "times", Value = "+1", Plain = "one more" };
            BecomesSmall(i + 1);
        }
        // "Right forward, right front stance": that foot.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "way", Value: "forward" or "back" } && Alone(i + 1) && OnlySmallWordsAndACallBefore(i) && !(i > 0 && _lexemes[i - 1].Plain is "the" or "to")) _lexemes.Insert(i + 1, new Lexeme("footNoun", "foot", _lexemes[i].Start + _lexemes[i].Length, 0, "foot"));
        // "Back up with the right foot".
        if (_lexemes[i] is { Kind: "filler", Plain: "back up" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "with" && IndexAfter(i) is var retreats and >= 0 && _lexemes[retreats].Is("side") && Next(retreats) is { Kind: "footNoun" }) BecomesTerm(i, "footwork", "step-back");
        // "Drop the left foot back": it steps back.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop", Plain: "drop" or "drops" } && IndexAfter(i) is var dropped and >= 0 && _lexemes[dropped].Is("side") && dropped + 2 < _lexemes.Count && _lexemes[dropped + 1].Is("footNoun") && _lexemes[dropped + 2].Is("way", "back")) BecomesTerm(i, "footwork", "step-back");
        // "Right lunge punch when you land": the kick before it comes down in front.
        if (_lexemes[i] is { Kind: "footwork", Value: "land", Plain: "land" or "lands" or "landing" } && Alone(i) && Follows(i, "when", "as", "you") && ClauseOf(i).Any(l => l.IsHandTechnique) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick)) BecomesSmall(i);
        // "Jump kick with the left, land on the left foot, right foot forward": the one that kicked, said again.
        if (_lexemes[i].Is("footNoun") && Alone(i) && i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "on") && ClauseOf(i).Any(l => l.Is("footwork", "land") || l.Is("landing")) && Backward(i - 1).TakeWhile(l => !l.EndsSentence).ToList() is var kicked && kicked.Any(l => l.IsKick) && kicked.FirstOrDefault(l => l.Is("side"))?.Value == _lexemes[i - 1].Value)
            AsNote(i - 1, i);
        // "Right foot back to cat stance": drawn back, it leads as before if it did.
        if (_lexemes[i] is { Kind: "way", Value: "back", Plain: "back" } && i > 0 && _lexemes[i - 1].Is("footNoun") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "to" && _lexemes[i + 2].Is("stance", "cat-stance") && Previous(SideIndex(i - 1)) is null)
            BecomesTerm(i, "footwork", "slide-back");
        // "Left forward bow": the stance.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bow" } && i > 1 && _lexemes[i - 1] is { Kind: "way", Plain: "forward" } && _lexemes[i - 2].Is("side"))
        {
            BecomesSmall(i - 1);
            BecomesTerm(i, "stance", "bow-stance");
        }
        // "The hammer fist drops down": no body does.
        if ((_lexemes[i] is { Kind: "footwork", Value: "drop" } || _lexemes[i] is { Kind: "technique", Plain: "circles" }) && i > 0 && _lexemes[i - 1].IsHandTechnique) BecomesSmall(i);
        // "Now back: step back with the right foot": which way one goes, and the step says it again.
        if (_lexemes[i].Is("way", "back") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && _lexemes.GetRange(StartOfSentence(i), i - StartOfSentence(i)).All(l => l.IsStop || l.Is("filler")) && RestOfSentence(i + 1).Any(l => l.Is("footwork", "step-back") || l.Is("way", "back"))) AsNote(i, i);
        // "The right foot crosses over the left in front": which foot it crosses over.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-front" or "cross-behind" } && Next(i) is { Kind: "side" } crossedOver && Previous(i) is { Kind: "footNoun" } && SideIndex(IndexBefore(i)) is var crossing && _lexemes[crossing].Is("side") && _lexemes[crossing].Value != crossedOver.Value && Next(IndexAfter(i)) is { Kind: "lead" })
            BecomesSmall(IndexAfter(i));
        // "On the same foot position": nobody steps.
        if (_lexemes[i] is { Kind: "relFoot", Value: "same" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "position" or "positions" or "stance")
        {
            BecomesTerm(i, "footwork", "stay");
            BecomesSmall(i + 1);
        }
        // "Land on the right foot, left foot crossed behind": a crossed stance, led by the foot in front.
        if (_lexemes[i] is { Kind: "footwork", Value: "cross-behind" or "cross-front" } crossed && crossed.Plain.Split(' ')[0] == "crossed" && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Clauses(i).Any(l => l is { Kind: "footwork", Value: "land" or "jump" }) && !Clauses(i).Any(l => l.Is("stance")))
        {
            var leads = crossed.Value == "cross-front" ? _lexemes[i - 2].Side : _lexemes[i - 2].Side.Other;
            _lexemes[i - 2] = _lexemes[i - 2] with { Value = leads.Word };
            BecomesSmall(i - 1);
            BecomesTerm(i, "stance", "cross-stance");
        }
        // "Pull back to the left hip, cat stance": the weight comes back, and the weapon to the hip.
        if (_lexemes[i] is { Kind: "technique", Value: "pull" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("way", "back") && EndOfClause(i) is var toHip && _lexemes[toHip].Plain is "hip" or "waist" or "shoulder" or "side" && StanceComes(toHip + 1))
        {
            BecomesTerm(i, "footwork", "slide-back");
            AsNote(i + 1, toHip);
        }
        // "The right foot passes through": it steps.
        if (_lexemes[i] is { Kind: "technique", Value: "regrip", Plain: "pass" or "passes" or "passing" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
            BecomesTerm(i, "footwork", "step");
    }
}
