using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Where a foot that has kicked comes down, and in what.</summary>
public sealed partial class Reader
{
    /// <summary>"Left front kick, step back, guard.", "the left foot kicks to the front and steps down": with the foot that kicked.</summary>
    private void FindFeetThatComeDownAfterAKick()
    {
        for (var i = 2; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "steps" or "step" } && _lexemes[i + 1].Plain == "down" && Alone(i + 1) && _lexemes[i - 1].Plain == "and" && Backward(i - 1).TakeWhile(l => !l.IsStop).Any(l => l.IsKick))
            {
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "front", Term = null };
                BecomesSmall(i + 1);
            }
        // "Left front kick, set the left foot down behind": that foot.
        for (var i = 3; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i].Plain == "down" && _lexemes[i].Is("filler") && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && (_lexemes[i + 1].Is("lead") || _lexemes[i + 1] is { Kind: "way", Value: "forward" or "back" }) && FirstOfClause(i) is var puts && puts > 1 && _lexemes[puts].Plain is "set" or "put" or "sets" or "puts" && Backward(puts).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Is("technique")) is { IsKick: true })
            {
                _lexemes[puts] = _lexemes[puts] with { Kind = "landing", Value = _lexemes[i + 1].Value is "rear" or "back" ? "back" : "front", Term = null };
                for (var k = puts + 1; k <= i + 1; k++) BecomesSmall(k);
            }
        // "Side kick, down in front, punch".
        for (var i = 2; i + 1 < _lexemes.Count; i++)
            if (_lexemes[i].Plain == "down" && _lexemes[i].Is("filler") && _lexemes[i - 1].Is("stop", ",") && Alone(i + 1) && (_lexemes[i + 1] is { Kind: "lead" } or { Kind: "way", Value: "forward" or "back" } || _lexemes[i + 1].Plain.StartsWith("in front", StringComparison.Ordinal)) && ClauseOf(i - 1).Any(l => l.IsKick) && !Backward(i).TakeWhile(l => !l.IsKick).Any(l => l.Is("landing")))
            {
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = _lexemes[i + 1].Value is "rear" or "back" ? "back" : "front" };
                BecomesSmall(i + 1);
            }
        for (var i = 2; i < _lexemes.Count; i++)
            if (_lexemes[i] is { Kind: "footwork", Value: "step-back", Plain: "step back" } && _lexemes[i - 1].Is("stop", ",") && Alone(i) && ClauseOf(i - 2).ToList() is var kicked && kicked.Any(l => l.IsKick) && kicked.All(l => l.IsKick || l.Kind is "filler" or "side" or "footNoun" or "relFoot" or "level") && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "stance" or "footNoun") is { Kind: "technique", Term.Family: "guard" })
                _lexemes[i] = _lexemes[i] with { Kind = "landing", Value = "back", Term = null };
    }

    /// <summary>Whether "land" or "put it down" speaks of a foot that kicked, on this count or on the one before.</summary>
    private bool ComesDown(int i)
    {
        var lexeme = _lexemes[i];
        if (_draft is { Kick: { } kick, SentenceEnded: false })
        {
            // "Land right foot forward".
            if (Next(i) is { Kind: "side" } && IndexAfter(i) is var its && Next(its) is { Kind: "footNoun" } && IndexAfter(IndexAfter(its)) is var ahead and >= 0 && _lexemes[ahead] is { Kind: "way", Value: "forward" or "back" } goes)
            {
                _draft.Kick = kick with { Landing = goes.Value == "back" ? Landing.Back : Landing.Front };
                for (var k = i; k <= ahead; k++)
                {
                    Note(_lexemes[k], "landing");
                    if (k > i) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
                }
                return true;
            }
            // "Land" says where the kicking foot comes down; the direction follows as a word of its own.
            if (Next(i) is { Kind: "way" } way) _draft.Kick = kick with { Landing = way.Value == "back" ? Landing.Back : Landing.Front };
            else if (Next(i) is { Kind: "lead", Plain: "behind" } && IndexAfter(i) is var behind && Alone(behind))
            {
                _draft.Kick = kick with { Landing = Landing.Back };
                _lexemes[behind] = _lexemes[behind] with { Kind = "filler" };
            }
            else if (_draft.Kick.Landing is null) _draft.Kick = kick with { Landing = Landing.Front };
            Note(lexeme, "landing");
            return true;
        }
        if (_draft is { Kick: null, IsDone: false } && Now().KickingFoot is { } kicked && (_foot ?? kicked) == kicked && _draft.Footwork is null)
        {
            // "Three: lower it": the foot that kicked on the count before comes down.
            if (_draft.HasBody) Begin(Counting.Own);
            // "Put it down beside the other foot".
            if (Next(i) is { Kind: "beside" })
            {
                (_draft.Footwork, _draft.Foot, _foot) = ("pull-together", kicked, null);
                Note(lexeme, "footwork");
                return true;
            }
            (_draft.Footwork, _draft.Foot, _foot) = (Next(i) is { Kind: "way", Value: "back" } ? "step-back" : "land", Next(i) is { Kind: "way", Value: "back" } ? kicked : _foot, null);
            Note(lexeme, "footwork");
            return true;
        }
        return false;
    }

    /// <summary>"Right front kick and step forward, left punch": the foot that kicked comes down in front.</summary>
    private bool StepsDown(int i)
    {
        if (_lexemes[i].Value is not "step" || _draft is not { Kick: { Landing: null } kick, SentenceEnded: false } || _foot is { } other && other != kick.Foot) return false;
        if (_lexemes[i].Plain.Split(' ')[^1] is not "forward" && Next(i) is not { Kind: "way", Value: "forward" }) return false;
        if (_lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "footNoun" or "relFoot" or "side")) return false;
        _draft.Kick = kick with { Landing = Landing.Front };
        Note(_lexemes[i], "landing");
        return true;
    }

    /// <summary>"Right crescent kick, stamp down into horse stance": the foot that kicked.</summary>
    private bool StampsDown(int i)
    {
        if (_lexemes[i].Value is not "stomp" || _draft is not { Kick: { Landing: null } kick, HasHands: false, SentenceEnded: false } || _foot is { } other && other != kick.Foot) return false;
        _draft.Kick = kick with { Landing = Landing.Front };
        _foot = null;
        Note(_lexemes[i], "landing");
        return true;
    }

    /// <summary>"Front kick, down, punch": with a clause to itself after a kick the foot comes down, in front for what the hands do.</summary>
    private bool ComesDownFor(int i)
    {
        if (_lexemes[i] is not { Kind: "filler", Plain: "down" or "step" or "set down" or "put down" } || i == 0 || !(_lexemes[i - 1].Is("stop", ",") || _lexemes[i - 1].Plain == "and") || !Alone(i)) return false;
        if (_draft is not { Kick: { Landing: null } kick, HasHands: false, SentenceEnded: false } || !_lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) return false;
        _draft.Kick = kick with { Landing = Landing.Front };
        Note(_lexemes[i], "landing", "Read as landing in front.", "bring it back");
        KicksIntoTheStanceOfThePunches();
        return true;
    }

    /// <summary>"Right front kick, front stance, low block": the rear foot, having kicked, comes down in front into the stance. Common practice.</summary>
    private void LandsForTheStance(int i, StanceShape shape)
    {
        if (shape.Feet != FeetKind.Lead || _draft is not { Kick: { Landing: null } kick, HasHands: false, SentenceEnded: false } || Now().Lead is not { } lead || (kick.Foot ?? lead.Other) == lead || Previous(i) is { Kind: "way" or "landing" or "from" }) return;
        if (_draft.Stance is { Value: "cat-stance" } && Now().Stance == _draft.Stance) return; // out of a cat stance and back into it
        if (_side is { } side && side != lead.Other || _fields.FindLastIndex(f => f.Move == _draft.Id && f.Field == "kick") is var at && at < 0 || _fields[at].Start > _lexemes[i].Start) return;
        if (_lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("landing"))) return;
        _draft.Kick = kick with { Landing = Landing.Front };
        Assume(_draft, "kick", "Read as landing in front.", TermOf(kick.Technique.Value).English + ", bring it back");
    }

    /// <summary>"Left kick, right punch.": the rear foot, having kicked, comes down in front for the punch. Common practice.</summary>
    private void LandsForTheHands(int i, Terms.Term term)
    {
        if (_draft is not { Kick: { Landing: null } kick, HasHands: false, SentenceEnded: false } || _then || term.Family is not ("punch" or "strike" or "elbow") || Now().Lead is not { } lead || LandsInTheNextSentence(i)) return;
        // "Right front kick and right punch in walking stance": the stance of both.
        var stands = _lexemes.FindIndex(i, l => l.EndsSentence || l.Is("stance"));
        if ((kick.Foot ?? lead.Other) == lead || _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "landing" or "footwork") || stands >= 0 && _lexemes[stands].Is("stance") && !Follows(stands, "in")) return;
        _draft.Kick = kick with { Landing = Landing.Front };
        KicksIntoTheStanceOfThePunches();
        Assume(_draft, "kick", "Read as landing in front.", TermOf(kick.Technique.Value).English + ", bring it back");
    }

    /// <summary>"Left kick and right punch. Land the left foot, …": that is told later.</summary>
    private bool LandsInTheNextSentence(int i)
    {
        var next = EndOfSentence(i) + 2;
        while (next < _lexemes.Count && (_lexemes[next].IsStop || _lexemes[next].Kind is "filler" or "then" or "number" or "countNoun" or "ordinal")) next++;
        return next < _lexemes.Count && (_lexemes[next] is { Kind: "landing" } or { Kind: "footwork", Value: "land" });
    }

    private void TakeLanding(int i)
    {
        var lexeme = _lexemes[i];
        Note(lexeme, "landing");
        // "Right knee comes up, …, step down in front": the foot that was lifted.
        if (_draft is { Kick: null, Footwork: "lift-foot", Foot: { } lifted, SentenceEnded: false } && lexeme.Value is not "samePlace")
        {
            var stood = Now().Stance;
            Begin(Counting.Then);
            (_draft.Footwork, _draft.Foot) = (lexeme.Value == "front" ? "step" : "step-back", lifted);
            if (_ways.Stances.Of(stood).Feet == FeetKind.Lead) _draft.Stance = stood;
            return;
        }
        // "… front kick. Set it down forward in a front stance and punch": a move of its own, of the foot that kicked.
        if (_draft is { SentenceEnded: true, Kick: { Landing: null } before, HasHands: false } && lexeme.Value == "front" && StartsSentence(i) && !_explicitCounts && _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("stance")) && RestOfSentence(i).Any(l => l.IsHandTechnique))
        {
            var foot = before.Foot ?? Now().Lead?.Other;
            Begin(Counting.Own);
            (_draft.Footwork, _draft.Foot) = ("land", foot);
            return;
        }
        // "…, lands back in cat": where one stood.
        if (_draft.Kick is { } swung && lexeme.Value == "back" && Next(i) is { Kind: "stance" } into && into.Term!.Id == (_draft.Stance ?? Now().Stance)) _draft.Kick = swung with { Landing = Landing.SamePlace };
        else if (_draft.Kick is { } kick) _draft.Kick = kick with { Landing = Enum.Parse<Landing>(lexeme.Value, ignoreCase: true) };
        else if (_draft is { IsDone: false, Footwork: null or "step", Kick: null } && Now() is { KickingFoot: null } air && InTheAir(air) is { } raised && (_foot ?? raised) == raised && lexeme.Value == "back")
            (_draft.Footwork, _draft.Foot, _draft.Way, _foot) = ("step-back", raised, null, null); // "Two: knee up. Three: the foot goes back down behind you"
        else if (_draft is { IsDone: false, Footwork: null, IsNumbered: true } && Now() is { KickingFoot: { } swungBack, Lead: { } stays } && stays == swungBack.Other && lexeme.Value is "samePlace")
            (_draft.Footwork, _draft.Foot) = ("step-back", swungBack); // "Three: the leg goes back to where it was"
        else if (_draft is { IsDone: false, Footwork: null } && Now().KickingFoot is { } kicked && lexeme.Value is not "samePlace")
            (_draft.Footwork, _draft.Foot) = (lexeme.Value == "front" ? "step" : "step-back", kicked); // "Ten: front kick. Eleven: land in front, punch"
        else if (lexeme.Value == "front" && _draft.IsEmpty) _draft.Footwork = "step";
    }

    /// <summary>Whether the foot that kicks comes down in this sentence, in a stance that one foot leads: then one faces where it went.</summary>
    private bool ComesDownInAStance(int i) =>
        RestOfSentence(i).Any(l => l.Is("landing") || l.Is("footwork", "land")) && RestOfSentence(i).FirstOrDefault(l => l.Is("stance")) is { Term: { } onto } && _ways.Stances.Of(onto.Id).Feet == FeetKind.Lead;
}
