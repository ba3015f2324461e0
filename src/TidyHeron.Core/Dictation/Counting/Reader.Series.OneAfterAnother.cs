using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Rows of steps told by what the hands do, one after the other: "walk up, right high block, left high block, right high block", "punch right, left, right going forward".</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Walking = ["going", "walking", "moving", "heading", "coming", "stepping", "walk"];

    /// <summary>
    /// What a sentence tells of such a row; null where it tells none, or something besides. One walks where that is said; a block on one side and
    /// then on the other, three times or more, is a step with each even where only the first is stepped (common practice), and told to be read so.
    /// </summary>
    private EqualSteps? OneAfterAnother(int first, int last)
    {
        const int Few = 3; // a row begins where a third is told
        const int Most = 9; // of a kind in a row
        var (sides, told, many, walks, back, starts) = (new List<Side>(), 0, 0, false, false, false);
        Lexeme? step = null, there = null, level = null, done = null, shout = null;
        var shoutOn = -1;
        for (var k = first; k <= last; k++)
        {
            var lexeme = _lexemes[k];
            var next = k < last ? _lexemes[k + 1] : null;
            walks |= Walking.Contains(lexeme.Plain.Split(' ')[0]) && lexeme.Kind is "filler" or "footwork";
            switch (lexeme)
            {
                case var _ when SaysEach(lexeme):
                    if (next is { Kind: "number", Value: "1" }) k++; // "with each one"
                    break;
                case { Kind: "stop" or "then" or "together" or "filler" } or { Kind: "detail", Plain: "" }: break;
                case { Kind: "ordinal", Plain: "first" } when sides.Count == 1: starts = true; break; // "right first"
                case { Kind: "times" } when many == 0 && int.TryParse(lexeme.Value, out var times) && times is > 1 and <= Most: many = times; break;
                case { Kind: "number" } when many == 0 && lexeme.Number is > 1 and <= Most && !IsCountMark(k) && next is { Kind: "technique" or "level" or "footwork" or "side" } or { IsStop: true }: many = lexeme.Number; break;
                case { Kind: "unread", Plain: "hall" or "floor" or "room" }: walks = true; break; // "up the hall"
                case { Kind: "footwork", Value: "land", Plain: "coming down" } when step is null: walks = true; break; // the hall
                case { Kind: "footwork", Value: "step" or "step-back" } when step is null || lexeme.IsGerund:
                    back |= lexeme.Value == "step-back";
                    step ??= lexeme;
                    break;
                case { Kind: "way", Value: "forward" or "back" }:
                    back |= lexeme.Value == "back";
                    step ??= lexeme;
                    break;
                case { Kind: "place" } when there is null && k > first && _lexemes[k - 1].Is("footwork"): there = lexeme; break;
                case { Kind: "level" } when level is null || level.Value == lexeme.Value: level ??= lexeme; break;
                case { Kind: "side" } when !(next is { Kind: "footNoun" or "handNoun" or "stance" }) && (sides.Count == 0 || sides[^1] != lexeme.Side): sides.Add(lexeme.Side); break;
                case { Kind: "technique" } when lexeme.IsHandTechnique && (done is null || done.Value == lexeme.Value):
                    done ??= lexeme;
                    told++;
                    break;
                case { Kind: "shout" } when shout is null && done is not null:
                    shout = lexeme;
                    if (WhereOneShouts(k + 1, last) is var (on, ends)) (shoutOn, k) = (on, ends);
                    break;
                default: return null;
            }
        }
        if (done is null) return null;
        walks |= told == 1 && WalksByItself(done, first);
        var at = _lexemes.IndexOf(done, first);
        walks |= told == 1 && step is not null && _lexemes.IndexOf(step, first) is var steps && steps < at && _lexemes.GetRange(steps + 1, at - steps - 1).TrueForAll(l => l.Is("filler")); // "step and punch right, left, right"
        if (starts && many > 1) sides = [.. Enumerable.Range(0, many).Select(n => n % 2 == 0 ? sides[0] : sides[0].Other)];
        if (many == 0) many = Math.Max(told, sides.Count);
        if (many < Few || sides.Count > 0 && sides.Count != many || told != 1 && told != many || told == 1 && sides.Count == 0 || shoutOn > many) return null;
        if (!walks && (told == 1 || step is null || done.Term!.Family != "receiving")) return null;
        step = (step ?? new("footwork", "step", _lexemes[first].Start, 0, "step")) with { Kind = "footwork", Value = back ? "step-back" : "step", Plain = back ? "step back" : "step", Term = TermOf(back ? "step-back" : "step") };
        return new(many, step, there, null, level, done, sides, false, shout, shoutOn < 0 ? many : shoutOn, Guessed: !walks);
    }

    /// <summary>"Left low block, and punch right, left, right going up": what is done before one walks is a sentence of its own, as the row is.</summary>
    private void PartFromTheRow(int first, int last)
    {
        var done = _lexemes.FindIndex(first, last - first + 1, l => l.Is("technique"));
        if (done < 0 || _lexemes.GetRange(first, last - first + 1).Count(l => l.Is("side")) < 3) return;
        for (var k = done + 1; k < last; k++)
            if (_lexemes[k].Is("stop", ",") && OneAfterAnother(k + 1, last) is { Guessed: false, Sides.Count: > 0 } row && row.Done.Value != _lexemes[done].Value)
            {
                _lexemes[k] = _lexemes[k] with { Value = "." };
                return;
            }
    }
}
