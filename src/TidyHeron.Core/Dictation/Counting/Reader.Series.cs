using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Several of a kind said at once: "three punches, right, left, right".</summary>
public sealed partial class Reader
{
    /// <summary>A technique just taken in that was said several times at once.</summary>
    private void TakeSeries(int i)
    {
        var repeats = HowOften(i);
        _stepsSaid = 0;
        var steps = repeats > 1 && !(repeats == 2 && (OneStepForBoth(i) || Previous(i)?.Plain == "one two")) && SeriesSteps(i);
        if (steps)
        {
            if (_draft.Stance is not null || _draft.HasTurn || _draft.Hands.Count > 1)
            {
                var action = _draft.Hands[^1];
                _draft.Hands.RemoveAt(_draft.Hands.Count - 1);
                Begin(Counting.Own);
                _draft.Hands.Add(action);
            }
            _draft.Footwork = "step";
            if (!_explicitCounts || _listed >= repeats) _draft.Counting = Counting.Own;
        }
        var sides = repeats > 1 ? SidesAfter(i, repeats) : null;
        if (sides is not null) _draft.Hands[^1] = _draft.Hands[^1] with { Hand = sides[0].Hand };
        // Out of feet that stand side by side the first step is with the foot of the first hand (common practice).
        if (steps && sides is not null && _draft is { Footwork: "step", Foot: null, HasTurn: false } && Now().Lead is null) _draft.Foot = sides[0];
        for (var again = 1; again < repeats; again++)
        {
            var last = _draft.Hands[^1];
            Begin(steps ? Counting.Own : Counting.Then);
            if (_listed >= repeats) _draft.Counting = Counting.Own;
            if (steps) _draft.Footwork = "step";
            _draft.Hands.Add(last with { Hand = sides?[again].Hand ?? last.Hand?.Other });
        }
        _series = repeats > 1 && sides is null ? repeats : 0;
    }

    /// <summary>"Right foot steps, two punches, right then left": one foot was told for both, in a clause before them.</summary>
    private bool OneStepForBoth(int i) =>
        _draft is { Footwork: "step" or null, Foot: not null, StepAssumed: false, HasTurn: false, SentenceEnded: false } && _lexemes[i].Value is "punch"
        && Backward(i).TakeWhile(l => !l.EndsSentence).SkipWhile(l => !l.IsStop && _draft.Stance is null).ToList() is var told && told.Any(l => l.Kind is "side" or "footNoun") && !told.Any(l => l.Is("times") || l.Is("number") && Next(_lexemes.IndexOf(l)) is { Kind: "footwork" } || l.Plain.StartsWith("steps ", StringComparison.Ordinal) && l.Plain.EndsWith("steps", StringComparison.Ordinal))
        && !RestOfSentence(i).Any(l => l.Is("footwork") || SaysEach(l));

    /// <summary>How often the technique is done: "two fast punches", "three steps with rising blocks", "15 to 17: punch right, left, right".</summary>
    private int HowOften(int i)
    {
        var before = i - 1;
        while (before >= 0 && _lexemes[before].Kind is "tempo" or "level" or "filler") before--;
        if (before > 0 && _lexemes[before] is { Kind: "footwork", Value: "step", Plain: "step" } && _lexemes[before - 1].Is("number")) before--; // "three step punches"
        if (before >= 0 && _lexemes[before] is { Kind: "number" } number && number.Number is >= 2 and <= 5 && (IsPlural(_lexemes[i]) || HasNoPlural(_lexemes[i]) && !(StartsSentence(before) && char.IsDigit(_text[number.Start]))) && !IsCountMark(before) && !Alone(before)) return number.Number;
        if (_stepsSaid > 1 && (IsPlural(_lexemes[i]) || HasNoPlural(_lexemes[i])) && _draft is { Footwork: "step", Hands.Count: 1, SentenceEnded: false }) return _stepsSaid;
        return _listed >= 2 && _draft is { Hands.Count: 1, Stance: null } && SidesAhead(i, _listed) ? _listed : 1;
    }

    /// <summary>"Three punches going forward" are three steps with a number each; "three punches" are one number.</summary>
    private bool SeriesSteps(int i) =>
        _draft.Footwork is "step" && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("landing") || l is { Kind: "footwork", Plain: "comes through" }) && !(_draft.Stance is { } stood && _ways.Stances.Of(stood).Feet == FeetKind.Even) || _lexemes[i].Value == "lunge-punch"
        || _lexemes.Skip(i + 1).SkipWhile(l => l.Kind is "side" || l.Is("stop", ",") || l.Plain == "and").Take(Near).TakeWhile(l => !l.IsStop && l.Kind is not ("then" or "side" or "technique")).Any(l => l.Is("footwork", "step") || l.Is("way", "forward"))
        || GoesForwardWith(i) || SteppingIsNext(i) || ThreeOfTheBasics(i) || ListedOverTheLead(i);

    /// <summary>"6-8 rising block R L R": three on numbers of their own that take turns, the first over the foot behind, step as they do one by one.</summary>
    private bool ListedOverTheLead(int i)
    {
        if (_listed < 3 || _lexemes[i].Value is not ("rising-block" or "punch" or "knife-hand-block") || (_draft.Stance ?? Now().Stance).Value is not ("front-stance" or "short-front-stance" or "walking-stance" or "bow-stance" or "back-stance")
            || _lexemes.Skip(i + 1).FirstOrDefault(l => l.Is("side")) is not { } first || Now().Lead is not { } lead || first.Side == lead || StaysOnTheSpot(i) || RestOfSentence(i).Any(l => l.Kind is "tempo" or "footwork")) return false;
        _fields[^1] = _fields[^1] with { Assumption = "Read as steps, one for each hand.", Instead = Slice(_lexemes[i]) + " on the spot" };
        return true;
    }

    /// <summary>"Low block, three punches, shout": where one has stepped with each punch before, so one does now. Told, and the spot offered.</summary>
    private bool ThreeOfTheBasics(int i)
    {
        var many = IndexBefore(i);
        while (many >= 0 && _lexemes[many].Is("level")) many = IndexBefore(many);
        if (many < 0 || _lexemes[many] is not { Kind: "number", Value: "3" } || _lexemes[i].Value is not ("punch" or "rising-block") || (_draft.Stance ?? Now().Stance).Value is not ("front-stance" or "short-front-stance" or "walking-stance")) return false;
        if (StaysOnTheSpot(i) || RestOfSentence(i).Any(l => l.Kind is "tempo" or "footwork") || !_before.Concat(_said).Any(m => m is { Footwork.Kind.Value: "step", Hands: [var action] } && (action.Technique.Value == _lexemes[i].Value || action.Technique.Value == "lunge-punch"))) return false;
        _fields[^1] = _fields[^1] with { Assumption = "Read as three steps, as before.", Instead = Slice(_lexemes[i]) + " on the spot" };
        return true;
    }

    /// <summary>"Up the middle with three rising blocks".</summary>
    private bool GoesForwardWith(int i)
    {
        for (var k = i - 1; k >= 0 && !_lexemes[k].IsStop; k--)
            if (_lexemes[k].Is("way", "forward")) return true;
        return false;
    }

    private bool SidesAhead(int i, int howMany) =>
        _lexemes.Skip(i + 1).TakeWhile(l => l.Is("stop", ",") || l.Is("side") || l.Is("then") || l.Plain is "and").Count(l => l.Is("side")) == howMany;

    /// <summary>"Three punches, right left right": the sides of a series, one after the other; none if there are not as many.</summary>
    private List<Side>? SidesAfter(int i, int howMany)
    {
        var sides = new List<Side>();
        var end = i;
        // "Three lunge punches walking forward right, left, right".
        var from = i + 1 < _lexemes.Count && _lexemes[i + 1] is { Value: "step", IsGerund: true } ? i + 2 : i + 1;
        while (from < _lexemes.Count && (SaysEach(_lexemes[from]) || _lexemes[from].Plain == "time")) from++; // "with a punch each time, right, left, right"
        // "Three punches, stepping right, left, right".
        if (from + 1 < _lexemes.Count && _lexemes[from].Is("stop", ",") && _lexemes[from + 1].Kind is "filler" or "footwork" && _lexemes[from + 1].Plain.StartsWith("stepping", StringComparison.Ordinal)) from += 2;
        for (var k = from; k < _lexemes.Count && sides.Count < howMany && (_lexemes[k].Is("stop", ",") || _lexemes[k].Is("stop", ":") || _lexemes[k].Is("side") || _lexemes[k].Is("then") || _lexemes[k].Plain is "and"); k++)
        {
            if (!_lexemes[k].Is("side")) continue;
            sides.Add(_lexemes[k].Side);
            end = k;
        }
        if (sides.Count != howMany || Next(end) is { Kind: "footNoun" or "handNoun" or "stance" }) return null;
        for (var k = i + 1; k <= end; k++)
        {
            if (!_lexemes[k].IsStop) Note(_lexemes[k], "side");
            _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        }
        return sides;
    }

    /// <summary>"Three rising blocks, stepping, right, left, right": told in a clause of its own.</summary>
    private bool SteppingIsNext(int i)
    {
        var stop = i + 1;
        while (stop < _lexemes.Count && _lexemes[stop].Is("filler")) stop++;
        if (stop + 1 >= _lexemes.Count || !_lexemes[stop].Is("stop", ",") || _lexemes[stop + 1] is not { Kind: "footwork", Value: "step", IsGerund: true } || !Alone(stop + 1) && !_lexemes[stop + 2].Is("side")) return false;
        _lexemes[stop + 1] = _lexemes[stop + 1] with { Kind = "filler" };
        return true;
    }

    private const int Near = 6; // lexemes: what goes with a series is said right after it

    /// <summary>"Three chungdan kongkyuk": a name in a language that has no plural.</summary>
    private static bool HasNoPlural(Lexeme lexeme) => lexeme.Term is { } term && term.Names.Any(n => n.Key is Terms.Tradition.Japanese or Terms.Tradition.Korean)
        && lexeme.Plain.Split(' ').All(w => w is not ("punch" or "block" or "strike" or "kick" or "fist" or "elbow" or "thrust" or "hand" or "guard" or "hook" or "knee" or "cut" or "palm" or "throw" or "grab" or "pull" or "push" or "jab" or "cross"));

    private static bool IsPlural(Lexeme lexeme) => lexeme.Plain.EndsWith('s') && !lexeme.Plain.EndsWith("ss", StringComparison.Ordinal);

    /// <summary>"Three rising blocks": whether the same technique then follows as often, said one by one.</summary>
    private bool IsAnnounced(int i)
    {
        if (Previous(i) is not { Kind: "number" } number || number.Number is < 2 or > 9 || !IsPlural(_lexemes[i])) return false;
        // "Two blocks, outside block left then low block right": any blocks.
        if (_lexemes[i].Value is "block" or "strike" or "punch" && !_lexemes[i].Plain.Contains(' ')
            && RestOfSentence(i).Count(l => l.IsHandTechnique && (l.Term!.Family == _lexemes[i].Term!.Family || _lexemes[i].Value is "strike")) >= number.Number) return true;
        // "Two punches, right left.": told here.
        if (RestOfSentence(i).Count(l => l.Is("side")) == number.Number && !RestOfSentence(i).Any(l => l.Is("technique"))) return false;
        var sentences = 0;
        return _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence || ++sentences <= number.Number).Count(l => l.IsHandTechnique && l.Value == _lexemes[i].Value) >= number.Number;
    }
}
