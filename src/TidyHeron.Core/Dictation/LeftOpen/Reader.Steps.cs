using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>Steps that the name of a technique, its hand or its neighbours tell. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Eleven: turn around, low block. Twelve: step, punch left. … Eighteen: punch right.": after such a turn he has always stepped with it.</summary>
    private void StepsAsAfterTheTurnsBefore(Draft draft, Posture now)
    {
        if (draft is not { IsNumbered: true, Footwork: null, Foot: null, Stance: null, HasTurn: false, Facing: null, Way: null, Kick: null, Hands: [{ Technique.Value: "punch", Hand: { } hand }] } || now.Lead is not { } lead || hand != lead.Other.Hand) return;
        var moves = _before.Concat(_said).ToList();
        bool TurnsWithABlock(Move m) => m.Turn is not null && m.Hands is [{ } block] && _ways.Vocabulary.Find(block.Technique)?.Family == "receiving";
        if (moves.Count < 5 || !TurnsWithABlock(moves[^1])) return;
        var punched = moves.Zip(moves.Skip(1)).Where(p => TurnsWithABlock(p.First) && p.Second is { Counting: Counting.Own, Hands: [{ } blow] } && IsPunch(blow.Technique)).Select(p => p.Second).ToList();
        if (punched.Count < 2 || punched.Any(m => m.Footwork?.Kind.Value != "step")) return;
        draft.Footwork = "step";
        Assume(draft, "technique", "Read with a step, as after the turns before.", $"reverse {_ways.Vocabulary.Name(draft.Hands[0].Technique, _ways.Tradition)}");
    }

    /// <summary>"Horse stance … stand up into right bow stance, thrust" with no step said: the feet stay, and the body turns to the foot that comes to lead (<see cref="Walk"/>).</summary>
    private void TurnsIntoTheStance(Draft draft, Posture now)
    {
        if (draft is not { Footwork: null or "rise", Foot: null, Way: null, Kick: null, HasTurn: false, Facing: null, HasHands: true, Lead: not null, Stance: { Value: "bow-stance" or "front-stance" } into } || into.Value == "front-stance" && draft is { Footwork: null, Stands: false } || !_ways.Stances.Of(now.Stance).IsStraddle) return;
        draft.Footwork = "shift";
    }

    /// <summary>"Horse stance. Left drop stance.": the feet stay and one sinks over the other leg, along the straight one.</summary>
    private void SinksIntoTheDrop(Draft draft, Posture now)
    {
        if (draft is { Footwork: null or "drop", Foot: null, Way: null, Kick: null, HasTurn: false, Facing: null, Lead: not null, Stance.Value: "drop-stance" } && _ways.Stances.Of(now.Stance).IsStraddle) draft.Footwork = "shift";
    }

    private void GoesThereInstead(Draft draft, Side there)
    {
        (draft.Way, draft.Foot) = (there.Way, null);
        Assume(draft, "foot", $"Read as to the {there.Word}.", $"with the {there.Word} foot");
    }

    /// <summary>"Shift to the left, bow stance" out of horse stance: the foot of that side comes to lead.</summary>
    private void LeansToTheSide(Draft draft, Posture now)
    {
        // "Slide left, back fist": in horse stance, where one slides to.
        if (draft is { Footwork: "slide" or "shuffle", FootFromSide: true, Foot: { } there, Way: null, Lead: null, HasTurn: false, Facing: null, Stance: null } && _ways.Stances.Of(now.Stance).IsStraddle) GoesThereInstead(draft, there);
        // "Shift left, bow stance": where the weight goes, no foot.
        if (draft is { Footwork: "shift", FootFromSide: true, Foot: { } to, Way: null, Lead: null, HasTurn: false, Facing: null, Stance: not null } && _ways.Stances.Of(now.Stance).IsStraddle) GoesThereInstead(draft, to);
        if (draft is not { Footwork: "shift", Foot: null, Lead: null, HasTurn: false, Facing: null, Way: Way.Left or Way.Right, Stance: { } stance } || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        // "… weight over to the right, bow stance" out of the left one: to the other end of its line.
        if (!_ways.Stances.Of(now.Stance).IsStraddle && !(now.Stance == stance && now.Lead?.Other.Way == draft.Way)) return;
        (draft.Lead, draft.Way) = (draft.Way == Way.Left ? Side.Left : Side.Right, null);
    }

    /// <summary>
    /// "The left foot crosses in front, then step out with the right foot, punch": in the stance in which one stood before the
    /// legs crossed. "Drop stance, come up into bow stance": over the leg that was straight.
    /// </summary>
    private void ComesOutOfTheStance(Draft draft, Posture now)
    {
        if (draft is { Footwork: "rise" or "shift", Foot: null, Lead: null, Stance.Value: "bow-stance" or "front-stance" } && now is { Stance.Value: "drop-stance", Lead: { } straight }) draft.Lead = straight;
        if (draft is not { Footwork: "step" or "step-back", Foot: not null, Stance: null, Kick: null } || now.Stance.Value != "cross-stance" || BeforeTheLegsCrossed() is var stood && _ways.Stances.Of(stood).Feet != FeetKind.Lead) return;
        draft.Stance = stood;
        Assume(draft, "footwork", $"Read as uncrossing into {_ways.Vocabulary.Name(stood, _ways.Tradition)}, as before.", "");
    }

    /// <summary>
    /// "Right lunge punch" while the left foot leads: the name of the punch says that it steps. "Left knife hand. Right knife
    /// hand.": over the leading foot, so it steps (common practice).
    /// </summary>
    private void StepsForTheHand(int i, Term term, Hand hand)
    {
        if (StaysOnTheSpot(i)) return; // "right lunge punch on the spot"
        if (hand.OnSide is not { } foot || Now() is not { Lead: var lead, Stance.Value: var on } || lead == foot
            || _draft is not { Footwork: null, Stance: null, HasTurn: false, Facing: null, Kick: null, HasHands: false }) return;
        var lunges = term.Id.Value == "lunge-punch" || term.Id.Value == "punch" && on is "front-stance" or "walking-stance" or "bow-stance" && OneOfThree(i);
        lunges |= term.Id.Value == "punch" && lead is not null && on is "front-stance" or "walking-stance" && EndsALineOfSteps(i);
        // "Step up with the right and punch. Left and punch.": that foot, and then the punch.
        lunges |= term.Id.Value == "punch" && i > 1 && _lexemes[i - 1].Plain == "and" && _lexemes[i - 2].Is("side") && StartsSentence(i - 2) && _said.Append(_draft.ToMove(default, null, false)).LastOrDefault(m => m.Hands.Count > 0) is { Footwork.Kind.Value: "step", Hands: [{ } stepped] } && stepped.Technique == term.Id;
        var inASentence = OneOfThreeInASentence(i);
        var blocks = lead is not null && (_draft.Counting == Counting.Own || inASentence) && (term.Id.Value == "knife-hand-block" && on is "back-stance" or "l-stance" or "cat-stance"
            || (_explicitCounts || OneOfThree(i) || inASentence || SteppedWithTheOther(term, hand)) && term.Id.Value == "rising-block" && on is "front-stance" or "short-front-stance" or "walking-stance" or "bow-stance");
        if (!lunges && !blocks) return;
        (_draft.Footwork, _draft.Foot, _draft.StepAssumed) = ("step", foot, true);
        // "Right lunge punch, left lunge punch": one step each, so one count each.
        if ((lunges || inASentence) && _draft is { Counting: Counting.Then, AfterThen: false } && !_explicitCounts && _said is [.., { Footwork: not null }]) _draft.Counting = Counting.Own;
        // "Left foot, left high block" says which foot.
        if (Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("technique")).Any(l => l.Is("footNoun"))) return;
        _fields.Add(new ReadField(_draft.Id, "footwork", _lexemes[i].Start, _lexemes[i].Length,
            $"{(term.Id.Value == "punch" ? "Right and left on numbers of their own" : lunges ? "A lunge punch steps" : $"A {term.English} is over the leading foot")}: read as stepping with the {foot.Word} foot.",
            lunges ? "reverse punch" : _ways.Vocabulary.Name(term.Id, _ways.Tradition) + " on the spot"));
    }

    private bool StaysOnTheSpot(int i) => Clauses(i).Any(l => l is { Kind: "footwork", Value: "stay" });

    /// <summary>"High block stepping, right. High block, left.": whether the move before stepped and did the same with the other hand.</summary>
    private bool SteppedWithTheOther(Term term, Hand hand) =>
        _said is [.., { Footwork.Kind.Value: "step", Turn: null, Facing: null, Hands: [{ } before] }] && before.Technique == term.Id && (before.Hand ?? _said[^1].Footwork!.Foot?.Hand) == hand.Other;

    /// <summary>"6: step, right inside block. 7: step, left inside block. 8: right punch, shout.": the shout ends the line of steps with one more.</summary>
    private bool EndsALineOfSteps(int i) =>
        _explicitCounts && _draft.IsNumbered && _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence && !l.Is("number")).Any(l => l.Is("shout"))
        && _said is [.., { Footwork.Kind.Value: "step", Turn: null, Facing: null, Hands.Count: 1 }, { Footwork.Kind.Value: "step", Turn: null, Facing: null, Hands.Count: 1 }];

    /// <summary>"Right rising block, left rising block, right rising block.": a sentence of at least three that take turns, and nothing else.</summary>
    private bool OneOfThreeInASentence(int i)
    {
        if (_explicitCounts || _lexemes[i].Value != "rising-block") return false;
        var first = StartOfSentence(i);
        var told = _lexemes.GetRange(first, EndOfSentence(first) - first + 1).Where(l => !l.IsStop && l.Kind is not ("filler" or "shout" or "level" or "then")).ToList();
        return told.Count >= 6 && told.Count % 2 == 0 && Enumerable.Range(0, told.Count / 2).All(k => told[2 * k].Is("side") && told[2 * k + 1].Value == _lexemes[i].Value && (k == 0 || told[2 * k].Value != told[2 * k - 2].Value));
    }

    /// <summary>"15: right punch. 16: left punch. 17: right punch.": whether a punch is one of at least three that take turns, each alone on a number.</summary>
    private bool OneOfThree(int i)
    {
        // Where no numbers are called, a sentence is as good as one. Two on either side are enough to know.
        const int Enough = 3;
        bool Begins(int k) => _explicitCounts ? IsCountMark(k) : _lexemes[k].EndsSentence;
        var marks = Enumerable.Range(1, i).Select(back => i - back).Where(Begins).Take(Enough).Reverse().ToList();
        var at = marks.Count - 1;
        if (at < 0) return false;
        marks.AddRange(Enumerable.Range(i, _lexemes.Count - i).Where(Begins).Take(Enough));
        if (SideAloneOn(at) is not { } mine) return false;
        var run = 1;
        for (var k = at - 1; k >= 0 && SideAloneOn(k) is { } side && side == mine == ((at - k) % 2 == 0); k--) run++;
        for (var k = at + 1; k < marks.Count && SideAloneOn(k) is { } side && side == mine == ((k - at) % 2 == 0); k++) run++;
        return run >= Enough;

        // The side of a punch that is all there is on a number, but for its stance: "right rising block, right front stance".
        string? SideAloneOn(int mark)
        {
            var words = _lexemes.Skip(marks[mark] + 1).Take((mark + 1 < marks.Count ? marks[mark + 1] : _lexemes.Count) - marks[mark] - 1).Where(l => !l.IsStop && l.Kind is not ("filler" or "shout" or "level" or "handNoun")).ToList();
            return words is [{ Kind: "side" } side, { Kind: "technique" } only, .. var rest] && only.Value == _lexemes[i].Value && (rest is [] || rest is [{ Kind: "side" } leads, { Kind: "stance" }] && leads.Value == side.Value) ? side.Value : null;
        }
    }
}
