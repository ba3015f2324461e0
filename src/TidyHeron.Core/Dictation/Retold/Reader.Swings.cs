using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Feet that come round, down or in, and how one stands by then.</summary>
public sealed partial class Reader
{
    /// <summary>"Pivot on your left foot, bring the right foot around, and low block"; "look over your right shoulder. Bring the right foot round behind you": about face, to the side of that foot.</summary>
    private void RetellFeetBroughtAround(int i)
    {
        if (_lexemes[i] is not ({ Kind: "footwork", Value: "step", Plain: "bring" or "brings" or "take" or "swing" or "move" } or { Kind: "unread", Plain: "swing" or "swings" or "swinging" }) || IndexAfter(i) is not (> 0 and var side) || !_lexemes[side].Is("side") || side + 2 >= _lexemes.Count || !_lexemes[side + 1].Is("footNoun") || _lexemes[side + 2].Plain is not ("around" or "round")) return;
        var behind = side + 3 < _lexemes.Count && _lexemes[side + 3] is { Kind: "place", Plain: "behind you" or "behind me" or "behind us" } ? side + 3 : -1;
        var first = StartOfSentence(i);
        var sentence = _lexemes.GetRange(first, EndOfSentence(i) - first + 1);
        if (behind < 0 && !Alone(side + 2) || behind > 0 && !Alone(behind) && _lexemes[behind + 1] is not ({ Kind: "side" or "stance" or "level" or "handNoun" or "turnSide" or "degrees" } or { IsHandTechnique: true } or { Kind: "filler", Plain: "and" or "with" or "into" or "in" }) || sentence.Where(l => behind < 0 || l != _lexemes[behind]).Any(l => l.Kind is "degrees" or "amount" or "clock" or "place" or "facing" or "turnSide" || l.Is("footwork", "turn"))) return;
        var foot = _lexemes[side].Side;
        var pivots = Enumerable.Range(first, i - first).Any(k => _lexemes[k] is { Kind: "support" or "pivotPoint" } on && on.Plain.StartsWith("pivot", StringComparison.Ordinal) && (NamedSide(on) ?? (k + 1 < i && _lexemes[k + 1].Is("side") ? _lexemes[k + 1].Side : foot)) == foot.Other);
        var looks = Backward(i).TakeWhile((l, n) => n < RunOn && !l.Is("technique")).FirstOrDefault(l => l.Is("gaze", "overShoulder")) is { } eyes && NamedSide(eyes) == foot;
        // Round and behind one it goes only with a turn.
        var led = behind > 0 && RestOfSentence(behind).TakeWhile(l => !l.Is("stance")).LastOrDefault() is { Kind: "side" } leads && leads.Side == foot && RestOfSentence(behind).Any(l => l.Is("stance"));
        looks |= IsUnderWay(first) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("gaze", foot.Word)); // "look right and bring the right foot round"
        if (!pivots && !looks && behind > 0 && (led || _lexemes[i].Plain.StartsWith("swing", StringComparison.Ordinal))) _guesses[_lexemes[i].Start] = ($"Read as turning about to the {foot.Word}.", $"step back with the {foot.Word} foot,");
        else if (!pivots && !looks) return;
        BecomesTerm(i, "footwork", "turn");
        if (behind > 0) BecomesSmall(behind);
        AddsAboutFace(side + 2, foot);
    }

    /// <summary>Whether anything was done before a lexeme: a form opens with no about face.</summary>
    private bool IsUnderWay(int i) => _lexemes.Take(i).Any(l => l.Is("technique")) || !StanceSet.IsStanding(Now().Stance);

    /// <summary>Half a turn to the side of a foot, told behind a lexeme.</summary>
    private void AddsAboutFace(int after, Side foot)
    {
        var at = _lexemes[after].Start + _lexemes[after].Length;
        _lexemes.InsertRange(after + 1, [new Lexeme("degrees", "180", at, 0, "180 degrees"), new Lexeme("turnSide", foot.Word, at, 0, foot == Side.Right ? "clockwise" : "counterclockwise")]);
    }

    /// <summary>"Look right, right foot goes round, low block", "right foot round to the right": about face, to the side of that foot.</summary>
    private void RetellFeetThatGoRound(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "round" or "around" } || i < 2 || !StartsSentence(FirstOfClause(i)) && !Backward(FirstOfClause(i)).TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "gaze" or "then" || l.IsStop)) return;
        var named = _lexemes[i - 1].Plain is "goes" or "comes" or "moves" or "swings" ? i - 2 : i - 1;
        if (named < 1 || !_lexemes[named].Is("footNoun") || !_lexemes[named - 1].Is("side") || _lexemes.GetRange(FirstOfClause(i), named - 1 - FirstOfClause(i)).Any(l => l.Kind is not ("filler" or "then" or "gaze"))) return;
        if (!IsUnderWay(named)) return;
        var foot = _lexemes[named - 1].Side;
        var end = i + 3 < _lexemes.Count && _lexemes[i + 1].Plain == "to" && _lexemes[i + 2].Plain is "the" or "your" or "my" && _lexemes[i + 3].Is("side", foot.Word) ? i + 3 : i;
        if (!Alone(end) && !(end + 1 < _lexemes.Count && _lexemes[end + 1].Plain is "and")) return;
        var sentence = _lexemes.GetRange(StartOfSentence(i), EndOfSentence(i) - StartOfSentence(i) + 1);
        // "Left leg round, back stance, knife hand to the right side": there it goes.
        if (Enumerable.Range(end + 1, EndOfSentence(i) - end).Any(k => _lexemes[k].Is("side", foot.Other.Word) && k + 1 < _lexemes.Count && _lexemes[k + 1].Plain == "side")) return;
        if (!sentence.Any(l => l.IsHandTechnique) || sentence.Any(l => l.Kind is "degrees" or "amount" or "clock" or "place" or "facing" or "turnSide" or "beside" || l.Is("footwork") || l.Is("gaze") && NamedSide(l) == foot.Other || l.Is("gaze", foot.Other.Word)) || sentence.Any(l => l.Is("stance") && _ways.Stances.Of(l.Term!.Id).Feet != FeetKind.Lead)) return;
        _guesses[_lexemes[named].Start] = ($"Read as turning about to the {foot.Word}.", "foot 270 degrees");
        for (var k = named + 1; k <= end; k++) BecomesSmall(k);
        AddsAboutFace(end, foot);
        _lexemes.Insert(named - 1, new Lexeme("footwork", "turn", _lexemes[named - 1].Start, 0, "turn", TermOf("turn")));
    }

    private void RetellFeetThatComeRound(int i)
    {
        // "Swing my back leg round": it steps.
        if (_lexemes[i] is { Kind: "unread", Plain: "swing" or "swings" or "swinging" } && IndexAfter(i) is > 0 and var leg && _lexemes[leg] is { Kind: "relFoot" }) BecomesTerm(i, "footwork", "step");
        // "Your right foot moves over to the right": to that side, not to the other foot.
        if (_lexemes[i] is { Kind: "beside", Plain: "over to" or "up to" } && IndexAfter(i) is var toSide and > 0 && _lexemes[toSide].Is("side") && Alone(toSide) && Enumerable.Range(FirstOfClause(i), i - FirstOfClause(i)).Any(k => _lexemes[k].Is("footNoun") && k > 0 && _lexemes[k - 1].Is("side", _lexemes[toSide].Value))) _lexemes[i] = _lexemes[i] with { Kind = "filler", Value = "filler", Plain = "to" };
        // "Bring your back foot up so the feet are together": beside the other one.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "pull" or "draw" or "slide" or "move" or "brings" or "pulls" or "draws" or "slides" } && ClauseOf(i).Any(l => l.Plain == "up") && ClauseOf(i).Any(l => l.Is("relFoot") || l.Is("footNoun") && l.Plain != "feet") && Enumerable.Range(i, EndOfClause(i) - i).FirstOrDefault(k => _lexemes[k].Is("footNoun") && _lexemes[k].Plain == "feet" && _lexemes[k + 1].Plain == "are", -1) is var feet and > 0 && feet + 2 < _lexemes.Count && _lexemes[feet + 2] is { Kind: "together", Plain: "together" })
        {
            BecomesTerm(i, "footwork", "pull-together");
            for (var k = feet; k <= feet + 2; k++) BecomesSmall(k);
        }
        // "Your left foot goes behind you, you turn 270 degrees": how far one turns is told.
        if (_lexemes[i] is { Kind: "place", Plain: "behind you" } && Alone(i) && ClauseOf(i).Any(l => l.Is("footNoun")) && RestOfSentence(i).FirstOrDefault(l => l.Kind is "degrees" or "amount" or "technique" or "stance") is { Kind: "degrees" or "amount" } far && far.Value != "180" && !RestOfSentence(i).Any(l => l.Is("facing")))
        {
            BecomesSmall(i);
            if (Previous(i) is { Kind: "footwork", Value: "step" } goes && _lexemes.LastIndexOf(goes, i) is var at) _lexemes[at] = goes with { Kind = "footwork", Value = "turn", Plain = "swings round", Term = TermOf("turn") };
        }
        // "The left leg sweeps round behind": it swings.
        if (_lexemes[i] is { Kind: "technique", Value: "foot-sweep", Plain: "leg sweeps" or "foot sweeps" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "round" or "around")
        {
            _lexemes[i] = _lexemes[i] with { Kind = "footNoun", Value = "foot", Plain = "leg", Term = null };
            _lexemes.Insert(i + 1, new Lexeme("filler", "filler", _lexemes[i].Start + _lexemes[i].Length, 0, "swings"));
        }
        // "Turn 270 degrees, pulling the left foot around behind": it swings, as if it were brought.
        if (_lexemes[i] is { Kind: "technique", Value: "pull" } && _lexemes.FindIndex(i, Math.Min(5, _lexemes.Count - i), l => l.Is("footNoun")) is > 0 and var dragged && dragged + 1 < _lexemes.Count && _lexemes[dragged + 1].Plain is "around" or "round" && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "degrees" or "amount"))
            BecomesTerm(i, "footwork", "step");
        // "Front kick, and as the foot comes down, you drop into front stance": it has come down.
        if (_lexemes[i] is { Kind: "footwork", Value: "drop" } && !ClauseOf(i).Any(l => l.Kind is "footNoun" or "relFoot") && Next(i) is { Kind: "stance" } or { Kind: "side" } && ClauseOf(i).FirstOrDefault(l => l.Is("stance")) is { Term: { } fell } && !IsLow(fell.Id) && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Kind is "technique" or "stance") is { IsKick: true }) BecomesSmall(i);
        // "…, so you end up left foot forward": how one stands by then.
        if (_lexemes[i].Is("way", "forward") && i > 2 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Follows(i - 2, "up") && Backward(i - 2).TakeWhile(l => l.Is("filler")).Any(l => l.Plain.StartsWith("end", StringComparison.Ordinal))) _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead", Term = null };
        // "The right foot comes around and you land in a front stance": no kick comes down.
        if (_lexemes[i] is { Kind: "footwork", Value: "land" } && i > 1 && _lexemes[i - 1].Plain is "you" or "we" or "i" && _lexemes[i - 2].Plain == "and" && Backward(i).TakeWhile(l => !l.EndsSentence).ToList() is var swung && swung.Any(l => l.Is("footNoun")) && swung.Any(l => l.Kind is "degrees" or "amount" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }) && !swung.Any(l => l.IsKick || l is { Kind: "footwork", Value: "jump" or "hop" })) BecomesSmall(i);
        // "The front foot slides back and around, we pivot": so it swings.
        if (_lexemes[i] is { Kind: "footwork", Value: "slide-back" } or { Kind: "footwork", Value: "slide" } && Enumerable.Range(i + 1, 3).FirstOrDefault(k => k + 1 < _lexemes.Count && _lexemes[k].Plain == "and" && _lexemes[k + 1].Plain is "around" or "round", -1) > 0 && RestOfSentence(i).Any(l => l is { Kind: "footwork", Value: "pivot" or "turn" })) BecomesTerm(i, "footwork", "step-back");
        // "Brush the left knee": past it.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && i > 1 && _lexemes[i - 1].Is("side") && Previous(i - 1) is { Kind: "technique", Plain: "brush" or "brushes" or "brushing" }) AsNote(i - 1, i);
        // "Shift your weight right, and step the left foot in next to the right": it comes beside the other.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "step" or "bring" or "steps" or "brings" } && Enumerable.Range(i + 1, 4).FirstOrDefault(k => k + 2 < _lexemes.Count && _lexemes[k].Is("footNoun") && _lexemes[k + 1].Plain == "in" && _lexemes[k + 2].Is("beside"), -1) > 0 && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork", "shift"))) BecomesTerm(i, "footwork", "pull-together");
    }
}
