using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is done again on the other side, and how far that goes back.</summary>
public sealed partial class Reader
{
    /// <summary>
    /// "Bring the left foot back, turn to the right and do the same on the other side": the foot that comes back begins the repeat, on its
    /// first count; repeated is what went before it, from where one turned.
    /// </summary>
    private (int First, int Last)? LinkedTo(List<Lexeme> clause)
    {
        if (_explicitCounts || CountsSoFar() is not [.., > 0] counts || _draft is not { HasBody: true, IsDone: false, Kick: null, SentenceEnded: false, IsNumbered: false } || _draft.Stance is not (null or { Value: "closed-stance" })) return null;
        if (!(_draft.Stance is not null || _draft.Footwork is "pull-together" or "step-back" or "slide-back" or "return" || _draft.Way == Way.Back) || PassageOf(clause) is not null || !clause.Any(l => l.Kind is "again" or "otherSide")) return null;
        var first = SinceTheTurn() ?? StartOfCount(counts.Length - 1);
        var began = WalkSoFar().Postures[first].Turned.Side;
        if (!clause.Any(l => l.Is("otherSide")) && !(began is { } side && (_draft.TurnSide ?? clause.Find(l => l.Is("side"))?.Side) == side.Other)) return null;
        return (first, counts.Length - 1);
    }

    /// <summary>Tells which counts were taken for those that are done again on the other side, and offers the last one alone.</summary>
    private void TellThePassage(List<Lexeme> clause, (int First, int Last) passage, string why)
    {
        var counts = CountsSoFar();
        _fields[^1] = _fields[^1] with
        {
            Assumption = $"Read as {(counts[passage.First] == counts[passage.Last] ? $"count {counts[passage.Last]}" : $"counts {counts[passage.First]} to {counts[passage.Last]}")} on the other side, {why}.",
            Instead = counts[passage.Last] == counts[^1] ? "repeat the last count on the other side" : $"repeat count {counts[passage.Last]} on the other side",
            Start = clause[0].Start,
            Length = clause[^1].Start + clause[^1].Length - clause[0].Start,
        };
    }

    /// <summary>"Turn left, low block. Step, punch. The same again to the right.": to the other side than it began.</summary>
    private bool GoesToTheOtherSide(List<Lexeme> clause) =>
        clause.FindIndex(l => l.Is("side")) is > 0 and var at
        && (clause.Take(at).Any(l => l.Plain is "to" or "to the") || at + 1 < clause.Count && clause[at + 1].Plain is "side" && SoFar().Moves is [.., { Footwork: null, Stance: null }] || IsTheSideOfTheLast(clause[at].Side))
        && SinceTheTurn() is { } since && WalkSoFar().Postures[since].Turned is { Amount: 90 } began && began.Side == clause[at].Side.Other;

    /// <summary>"… Step forward, right punch. The same on the right.": the punch was on the right already.</summary>
    private bool IsTheSideOfTheLast(Side side) => Now() is var now && now.Moved == side && now.Hands.All(h => h.Hand == side.Hand);

    private void TakeOtherSideWord(int i)
    {
        var lexeme = _lexemes[i];
        var goesThere = lexeme.Plain.StartsWith("to the", StringComparison.Ordinal) && (_draft is { Footwork: "step" or "pull-together", Way: null, IsDone: false, SentenceEnded: false } || _draft is { Footwork: null, Foot: null, Stance: not null, Facing: null, IsDone: false, SentenceEnded: false });
        // "Pull the left foot back, turn to the other side": with the other one.
        var cameHome = Previous(i) is { Kind: "footwork", Value: "turn" or "pivot" } && _draft is { Footwork: "pull-together" or "step-back" or "slide-back" or "step", Foot: not null, HasTurn: false, Facing: null, IsDone: false, SentenceEnded: false } && _draft.Foot == Now().Lead;
        if (cameHome) _draft.TurnSide = _draft.Foot!.Value.Other;
        if (_draft.IsTurning || _draft.HasTurn || goesThere || cameHome)
        {
            // From a diagonal one turns to the line, not to the diagonal behind.
            if (_draft is { TurnSide: not null, TurnAmount: null } && Now().Heading.Degrees % 90 == 45)
            {
                _draft.TurnAmount = 135;
                Note(lexeme, "turn", "Read as to the line, 135 degrees.", "180 degrees");
                return;
            }
            // "All the way around to the other side": how far is told already.
            var told = _draft.TurnAmount is not null || _draft.Facing is not null;
            var turns = _draft.IsTurning || cameHome;
            _draft.TurnAround();
            if (goesThere) _draft.TurnSide ??= _shoulder;
            if (told) Note(lexeme, "turn");
            else Note(lexeme, "turn", "Half a turn from where you stand.", turns ? "90 degrees" : "and the same on the other side");
            return;
        }
        Note(lexeme, "command");
        if (!_draft.HasBody) RepeatLast(1, otherSide: true);
    }
}
