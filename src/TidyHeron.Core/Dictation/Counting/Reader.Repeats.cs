using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"Again", "other side", "three times" and cuts.</summary>
public sealed partial class Reader
{
    private void Command(int i, int end)
    {
        if (_lexemes.GetRange(i, end - i) is var words && words.All(l => l.Kind is "side" or "filler" or "handNoun" or "then" || l.Plain == "one"))
        {
            SideCommand(words);
            return;
        }
        var clause = _lexemes.GetRange(i, end - i);
        if (RepeatsTheHands(i, end, clause)) return;
        // "Turn to the right, same again": the turn is how the repeat begins.
        var turnOnly = _draft is { IsDone: false, Stance: null, SentenceEnded: false, Way: null } && (_draft.Foot is null || _draft.HasTurn) && (_draft.HasTurn || _draft.Facing is not null) && _draft.Footwork is null or "turn"
            ? _draft.ToMove(Now().Heading, Now().Lead, true) : null;
        var sideOnly = turnOnly is not null && _draft is { TurnAmount: null, Facing: null };
        // "Turn to the right, step out into back stance, and do all three of those the other way around": how the first of them begins.
        var begins = turnOnly is null && (_lexemes[i].Plain == "and" || i > 0 && _lexemes[i - 1].Plain == "and") && _draft is { IsDone: false, Stance: not null, SentenceEnded: false } && clause.Any(l => l.Is("passage")) && clause.Any(l => l.Is("otherSide"))
            ? _draft.ToMove(Now().Heading, Now().Lead, _ways.Stances.Of(_draft.Stance.Value).Feet == FeetKind.Even) : null;
        if (begins is not null) _draft = new Draft { Counting = _draft.Counting };
        // "Turn and do the same on the other side": the passage has its own turn.
        if (turnOnly is null && _draft is { Footwork: "turn", IsDone: false, Stance: null, HasTurn: false, Facing: null, Foot: null, SentenceEnded: false } && clause.Any(l => l.Is("otherSide"))) _draft = new Draft { Counting = _draft.Counting };
        if (turnOnly is not null) _draft = new Draft { Counting = _draft.Counting };
        // "Turn around and do all of it again": all of it is what was done before the turn.
        var goesThere = i > 0 && _lexemes[i - 1].Plain == "and" && _draft is { HasBody: true, IsDone: false, Stance: null } && clause.Any(l => l.Is("passage", "all")) ? PassageOf(clause) : null;
        var severalTimes = clause.Any(l => l.Is("times"));
        // "Eight: twice more. Ten: …": each has its number.
        var calledNext = Enumerable.Range(end, _lexemes.Count - end).Where(IsCountMark).Select(CalledNumber).FirstOrDefault();
        var eachItsNumber = clause.FirstOrDefault(l => l.Is("times"))?.Value is ['+', .. var copies] && _draft is { IsNumbered: true, HasBody: false } && calledNext is { } then && _calls.Count > 0 && then - _calls[^1].Number == int.Parse(copies);
        var sameNumber = severalTimes && _explicitCounts && _listed == 0 && !eachItsNumber;
        var linked = severalTimes ? null : LinkedTo(clause);
        if (_draft.HasBody) Begin(Counting.Own);
        var from = _said.Count;
        var otherSide = clause.Any(l => l.Is("otherSide")) || clause.Any(l => l.Is("again") || l.Is("times") && l.Value == "+1") && clause.Any(l => l.Is("side")) && !clause.Any(l => l.Is("handNoun"));
        // "Turn around to the right and do the same two moves", of moves that went to the left.
        otherSide |= turnOnly is { Turn: { } toThere } && clause.Any(l => l.Is("again")) && PassageOf(clause) is (var opening, _) && WalkSoFar().Postures[opening] is { Turned: { } went } && went.Side is { } first && first == toThere.Side?.Other;
        var alternating = clause.Any(l => l.Is("alternating"));
        var times = clause.FirstOrDefault(l => l.Is("times"))?.Value;
        foreach (var lexeme in clause) Note(lexeme, "command");
        if (clause.Any(l => l.Kind is "handNoun" or "relHand")) otherSide = true; // "the same with the right hand"
        var more = times switch
        {
            null => 1,
            ['+', .. var count] => int.Parse(count),
            _ => int.Parse(times) - 1,
        };
        // "Again, three times" says how often again; "three times" alone says how often in all.
        if (times is not null && !times.StartsWith('+') && clause.Any(l => l.Is("again"))) more++;
        // "Four, five, six: the same to the right: …": as many counts as are called, told over again after the colon.
        var listed = _listed >= 2 && PassageOf(clause) is null && CountsSoFar().DefaultIfEmpty().Max() is var highest && highest >= _listed ? (Array.IndexOf(CountsSoFar(), highest - _listed + 1), CountsSoFar().Length - 1) : ((int, int)?)null;
        // "4: feet together. 5 and 6: the same to the right side": what was done before one came home.
        if (listed is (> 0, var to) && otherSide && CountsSoFar()[to] - _listed is > 0 and var earlier && StartOfCount(to) is var comesHome && SoFar().Moves.Skip(comesHome).All(m => m is { Kick: null } && m.Hands.All(h => Formalities.AtRest(h.Technique)) && m.Stance is { } feet && StanceSet.IsStanding(feet.Kind)))
            listed = (Array.IndexOf(CountsSoFar(), earlier), comesHome - 1);
        if (listed is not null && end < _lexemes.Count && _lexemes[end].Is("stop", ":"))
        {
            var sentence = end;
            while (sentence + 1 < _lexemes.Count && !_lexemes[sentence + 1].EndsSentence) sentence++;
            if (sentence > end) AsNote(end + 1, sentence);
        }
        // "Half turn to the left, low block. Same thing all over again in this direction.": from the beginning up to the turn.
        if (goesThere is null && !otherSide && clause.Any(l => l.Is("passage", "all") && l.Plain == "all over again") && !clause.Any(l => l.Is("number")) && CountsSoFar() is { Length: > 1 } soFar && StartOfCount(soFar.Length - 1) is var turned and > 0 && SoFar().Moves[turned] is { Turn.Amount: 180 } && soFar[turned] > 1)
        {
            goesThere = (Array.IndexOf(soFar, 1), turned - 1);
            _fields[^1] = _fields[^1] with { Assumption = $"Read as counts 1 to {soFar[turned] - 1}, up to where you turned.", Instead = $"repeat counts 1 to {soFar[turned]}" };
        }
        if (linked is not null)
        {
            TellThePassage(clause, linked.Value, "from where you turned; the foot that comes back begins it");
            RepeatPassage(linked.Value, 1, otherSide: true);
            if (_said.Count > from) _said[from] = _said[from] with { Counting = Counting.Then };
        }
        else if ((goesThere ?? SinceTheLast(StartingWith(clause)) ?? PassageNamed(NamedToRepeat(clause)) ?? PassageOf(clause) ?? listed) is { } passage) RepeatPassage(passage, Math.Min(more, 99), otherSide || alternating);
        else if (TurnsAboutWithIt() is { } about)
        {
            otherSide = true;
            TellThePassage(clause, about, "from where you turned");
            RepeatPassage(about, 1, otherSide: true);
        }
        else if (otherSide && more == 1 && !_explicitCounts && (!clause.Any(l => l.Is("handNoun") || l.Is("side") && !StanceSet.IsStanding(Now().Stance)) || GoesToTheOtherSide(clause)) && SinceTheTurn() is { } since)
        {
            var sinceTheTurn = (since, CountsSoFar().Length - 1);
            TellThePassage(clause, sinceTheTurn, "from where you turned");
            RepeatPassage(sinceTheTurn, 1, otherSide: true);
        }
        else RepeatLast(Math.Min(more, 99), otherSide || alternating);
        if (sameNumber)
            for (var k = from; k < _said.Count; k++)
                if (_said[k].Counting == Counting.Own) _said[k] = _said[k] with { Counting = Counting.Then };
        if (otherSide && from < _said.Count) ToldOver(end, from);
        if (clause.Any(l => l.Is("shout")) && _said.Count > from) _said[^1] = _said[^1] with { Shout = true };
        if (begins is not null && from < _said.Count)
        {
            // Where to is told by the other side.
            _said[from] = _said[from] with { Footwork = begins.Footwork, Stance = begins.Stance };
            Belongs(begins.Id);
        }
        if (turnOnly is null || from >= _said.Count) return;
        // "Turn to the right, do the same on the other side": as far as the other side is.
        if (sideOnly && otherSide && _said[from].Turn is { } mirrored && mirrored.Side == turnOnly.Turn?.Side)
        {
            Belongs(turnOnly.Id);
            return;
        }
        _said[from] = _said[from] with { Turn = turnOnly.Turn, Facing = turnOnly.Facing, Footwork = turnOnly.Footwork is { Foot: not null } turns ? turns : _said[from].Footwork };
        // The foot that steps back does so after the turn.
        if (_said[from] is { Footwork: { Kind.Value: "step-back", Foot: { } back }, Stance: { Lead: null } taken } && _ways.Stances.Of(taken.Kind).Feet == FeetKind.Lead)
            _said[from] = _said[from] with { Stance = taken with { Lead = back.Other } };
        Belongs(turnOnly.Id);

        // "Step left, low block. Step, punch. Turn around and do the same thing.": what went the one way, now the other way.
        (int First, int Last)? TurnsAboutWithIt() =>
            turnOnly is { Turn.Amount: 180 } && more == 1 && !_explicitCounts && clause.Any(l => l.Is("again")) && !clause.Any(l => l.Is("handNoun"))
            && SinceTheTurn() is { } since && CountsSoFar() is var counted && counted[^1] - counted[since] is 1 or 2 && counted[since] > 0 && WalkSoFar().Postures[since].Turned.Amount is 90 or 180 ? (since, counted.Length - 1) : null;

        void Belongs(MoveId told)
        {
            for (var k = 0; k < _fields.Count; k++)
                if (_fields[k].Move == told) _fields[k] = _fields[k] with { Move = _said[from].Id };
            ForgetNow();
        }
    }

    /// <summary>"Left foot the same, left bow, left bridge": what is repeated may be told over in the same sentence.</summary>
    private void ToldOver(int end, int from)
    {
        if (end + 1 >= _lexemes.Count || !_lexemes[end].IsStop) return;
        var last = end + 1;
        while (last + 1 < _lexemes.Count && !_lexemes[last + 1].EndsSentence) last++;
        var rest = _lexemes.GetRange(end + 1, last - end);
        var repeated = _said.Skip(from).ToList();
        bool IsRepeated(Lexeme l) => l.Is("stance") ? repeated.Any(m => m.Stance?.Kind.Value == l.Value) : repeated.Any(m => m.Kick?.Technique.Value == l.Value || m.Hands.Any(h => h.Technique.Value == l.Value));
        var told = rest.Where(l => l.Kind is "stance" or "technique").ToList();
        // "The same on the other side, so you turn one thirty-five to the right": how the repeat begins.
        if (told.Count == 0 && !_lexemes[end].EndsSentence && rest.FirstOrDefault(l => l.Is("degrees")) is { } far && rest.LastOrDefault(l => l.Kind is "side" or "turnSide") is { } toward && rest.All(l => l.IsStop || l.Kind is "filler" or "opening" or "side" or "turnSide" or "degrees" or "degreesWord" || IsTurnWord(l)))
        {
            _said[from] = _said[from] with { Turn = Turn.To(toward.Side, far.Number), Facing = null };
            ForgetNow();
            for (var k = end + 1; k <= last; k++)
            {
                if (_lexemes[k].IsStop) continue;
                _fields.Add(new ReadField(_said[from].Id, "turn", _lexemes[k].Start, _lexemes[k].Length));
                _lexemes[k] = _lexemes[k] with { Kind = "filler", Term = null };
            }
            return;
        }
        // "Same thing on the other side, low block and then punch": all that is done there, named once more and in its order.
        var (named, done) = (rest.Where(l => l.Is("technique")).ToList(), repeated.SelectMany(m => m.Hands.Select(h => h.Technique).Concat(m.Kick is { } kick ? [kick.Technique] : Array.Empty<TermId>())).ToList());
        if (named.Count > (_lexemes[end].EndsSentence ? 1 : 0) && named.Count == done.Count && named.Zip(done).All(p => IsThat(p.First, p.Second)) && told.All(l => l.Is("technique") || IsRepeated(l))
            && rest.TrueForAll(l => l.IsStop || l.Kind is "filler" or "technique" or "stance" or "side" or "level" or "then" or "together" || l is { Kind: "footwork", Value: "step" }) && !(named.Count == 1 && rest.Exists(l => l.Kind is "then" or "footwork")) && !rest.TakeWhile(l => !l.Is("technique")).Any(l => l.Is("footwork"))) AsNote(end + 1, last);
        else if (_lexemes[end].EndsSentence) return;
        else if (told.Count > 0 && rest.Any(l => l.Is("side")) && !rest.Any(l => l.Kind is "footwork" or "degrees" or "amount" or "then" or "turnSide" or "facing") && told.All(IsRepeated)) AsNote(end + 1, last);
    }

    /// <summary>The sides of a series just said ("three punches: right, left, right"), or the last move with a side of its own.</summary>
    private void SideCommand(List<Lexeme> words)
    {
        var side = words.Last(l => l.Is("side")).Side;
        foreach (var lexeme in words) Note(lexeme, "side");
        if (_series > 0)
        {
            // The series' last move is still being said; those before it are in the form.
            var sides = words.Where(l => l.Is("side")).Select(l => l.Side).ToList();
            foreach (var one in sides.Take(Math.Min(sides.Count, _series) - 1)) SetSide(_said.Count - --_series, one); // "right, then left" in one clause
            var back = --_series;
            if (back > 0) SetSide(_said.Count - back, side);
            else if (_draft is { Hands: [.., var action] }) _draft.Hands[^1] = action with { Hand = side.Hand };
            return;
        }
        if (_draft.HasBody) Begin(Counting.Own);
        var last = _said.Concat(_before.AsEnumerable().Reverse()).LastOrDefault();
        var lastHand = Now().Hands.LastOrDefault(h => h.Hand is not Hand.Both)?.Hand;
        RepeatLast(1, otherSide: last is not null && lastHand is { } hand && hand != side.Hand);
        // "Turn one eighty, right knife-hand block. And left.": one has turned already and steps on.
        if (words[0].Plain == "and" && last is { Footwork.Kind.Value: "turn" or "step" } && (last.Turn is not null || last.Facing is not null))
        {
            _said[^1] = _said[^1] with { Turn = null, Facing = null, Footwork = new Footwork(new TermId("step"), side, null) };
            ForgetNow();
        }

        void SetSide(int index, Side to)
        {
            if (index < 0 || index >= _said.Count || _said[index].Hands.Count == 0) return;
            var hands = _said[index].Hands.ToList();
            hands[^1] = hands[^1] with { Hand = to.Hand };
            _said[index] = _said[index] with { Hands = hands.ToValueList() };
            ForgetNow();
        }
    }

    /// <summary>"Punch three times" at the end of a move's own words.</summary>
    private void Repeat(int i, Lexeme times)
    {
        Note(times, "command");
        if (!_draft.HasBody) return;
        var alternating = _lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Any(l => l.Is("alternating"))
            || _lexemes.Skip(i + 1).Take(2).Any(l => l.Is("alternating"));
        var more = times.Value.StartsWith('+') ? int.Parse(times.Value) : times.Number - 1;
        // "Rising block three times up the middle".
        if (_draft is { Footwork: null, Kick: null, HasHands: true, HasTurn: false } && Next(i) is { Kind: "way", Value: "forward" }) _draft.Footwork = "step";
        // "Right hand punches twice": with the hand that was named, and no step is taken again.
        if (_draft is { Kick: null, Hands: [.., { Hand: Hand.Left or Hand.Right } twice] } && (_draft.Footwork is not null || _draft.Stance is not null || _draft.HasTurn) && more is > 0 and < 9 && IsVerbOfAHand(i))
        {
            var hands = new HandAction(twice.Technique, twice.Hand, twice.Level);
            for (var k = 0; k < more; k++)
            {
                Begin(Counting.Then);
                _draft.Counting = Counting.Then;
                _draft.Hands.Add(hands);
            }
            return;
        }
        // "Hit three times, left, right, left".
        if (_draft is { Footwork: null or "stay", Kick: null, Hands: [.., var each] } && more is > 0 and < 9 && SidesAfter(i, more + 1) is { } sides)
        {
            _draft.Hands[^1] = each with { Hand = sides[0].Hand };
            foreach (var side in sides.Skip(1))
            {
                Begin(_explicitCounts || _listOfPoints || _draft.Counting == Counting.Then ? Counting.Then : Counting.Own);
                _draft.Hands.Add(each with { Hand = side.Hand });
            }
            return;
        }
        // "Punch three times" on the spot: the hands take turns, as nobody punches thrice with one unless told to.
        if (!alternating && _draft is { Footwork: null, Kick: null, Hands: [{ Hand: null }] } && Resolved(_draft.Hands[0]) is { } first and not Hand.Both)
        {
            alternating = true;
            _draft.Hands[0] = _draft.Hands[0] with { Hand = first };
            _fields[^1] = _fields[^1] with { Assumption = $"Read as alternating hands, the {first.Word} one first.", Instead = $"with the {first.Word} hand, {_text.Substring(times.Start, times.Length)}" };
        }
        var onTheSpot = _draft is { Footwork: null, HasTurn: false, Facing: null, HasHands: true };
        Begin(Counting.Own);
        if (onTheSpot && _said.Count > 0)
        {
            // The stance is taken once; only what the hands do is repeated.
            for (var k = 0; k < Math.Min(more, 99); k++)
            {
                var hands = new Move(MoveId.New()) { Hands = _said[^1].Hands, Counting = _explicitCounts || _listOfPoints ? Counting.Then : Counting.Own };
                _said.Add(alternating ? Mirror.Of(hands) : hands);
            }
            _draft = new Draft { Counting = _explicitCounts ? Counting.Then : Counting.Own };
            return;
        }
        RepeatLast(Math.Min(more, 99), alternating || _said is [.., { Footwork: { Kind.Value: "step", Foot: not null } }]);
    }

    /// <summary>"Right hand punches", not "right lunge punch": the hand is the one that does it.</summary>
    private bool IsVerbOfAHand(int i)
    {
        var at = IndexBefore(i);
        return at >= 0 && _lexemes[at].IsHandTechnique && IsPlural(_lexemes[at]) && Previous(at) is { Kind: "handNoun" or "relHand" };
    }

    /// <summary>The hand that will be taken to do this, where none was said.</summary>
    private Hand? Resolved(HandAction action) =>
        Body.Walk.After(Now(), new Move(MoveId.New()) { Hands = [action] }, _form.Opening, Body.BodyMeasures.Reference, _ways).Hands[0].Hand;

    private void RepeatLast(int more, bool otherSide)
    {
        for (var k = 0; k < more; k++)
        {
            var all = _before.Concat(_said).ToList();
            if (all.Count == 0) return;
            // All the actions on the last number are repeated together.
            var first = StartOfCount(all.Count - 1);
            // A kick comes down only after it has been kicked, and is kicked from where the feet came together for it.
            if (otherSide && first > 0 && all[first].Footwork is { Kind.Value: "land" }) first = StartOfCount(first - 1);
            if (otherSide && first > 0 && all[first] is { Kick: not null, Footwork: null, Stance: null } && all[first - 1] is { Footwork.Kind.Value: "pull-together", Counting: not Counting.Uncounted }) first = StartOfCount(first - 1);
            var group = all[first..];
            var form = SoFar();
            var walk = Body.Walk.Of(form, Body.BodyMeasures.Reference, _ways);
            _said.AddRange(otherSide ? Mirror.OtherSide(group, walk, form) : AsSaidAgain(group, walk.Before(first), walk.End));
        }
        _repeated = _before.Count + _said.Count;
        _draft = new Draft { Counting = _explicitCounts ? Counting.Then : Counting.Own };
    }

    private int StartOfCount(int at)
    {
        var all = _before.Concat(_said).ToList();
        while (at > 0 && all[at].Counting is Counting.Then or Counting.Together) at--;
        return at;
    }

    /// <summary>
    /// Moves done once more out of where one stands now. "Step, right punch. One more.": the foot behind steps, whichever it is, and the hand goes
    /// with it; "step, left punch, … and that step again" with the same foot in front as then is the same. A move that turned there need not turn
    /// again to stay on its line.
    /// </summary>
    private static List<Move> AsSaidAgain(IReadOnlyList<Move> moves, Posture before, Posture now)
    {
        var again = new List<Move>();
        var exchanged = before.Lead is null || before.Lead != now.Lead;
        foreach (var move in moves)
        {
            var steps = move is { Footwork: { Kind.Value: "step" or "step-back", Foot: null }, Stance: null or { Lead: null } };
            again.Add(move with
            {
                Id = MoveId.New(),
                Turn = again.Count == 0 && move.Facing is not null && before.Heading != now.Heading ? null : move.Turn,
                Hands = steps && exchanged ? move.Hands.Select(h => h with { Hand = h.Hand?.Other }).ToValueList() : move.Hands,
            });
            // A foot that is named is the same one again, and so are those after it.
            exchanged &= move.Footwork?.Foot is null && move.Stance?.Lead is null;
        }
        return again;
    }

    private void TakeCut(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "command");
        // "Turn about. Second line: step left, …": the part begins with the turn that leads into it.
        if (_draft is not { IsDone: false, Stance: null, Kick: null, HasHands: false, SentenceEnded: true, HasTurn: true })
        {
            Finish();
            _draft = new Draft();
        }
        _pendingCuts.Add("");
        // The number or name of the section that follows is part of the phrase.
        if (i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "number" or "ordinal" or "countWord") _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler" };
    }
}
