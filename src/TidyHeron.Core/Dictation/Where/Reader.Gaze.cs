using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Where the eyes go.</summary>
public sealed partial class Reader
{
    private void TakeGaze(int i)
    {
        var lexeme = _lexemes[i];
        if (lexeme.Plain.Contains("shoulder", StringComparison.Ordinal) && NamedSide(lexeme) is { } shoulder) _shoulder = shoulder;
        // The eyes go on: nothing of what they did is lost.
        if (_draft is { SentenceEnded: true, HasBody: true } && (_draft.Gaze is not null || lexeme.Value is "left" or "right" or "overShoulder" && Clauses(i).TakeWhile(l => !l.Is("note")).All(l => l.Kind is "gaze" or "filler" or "then" or "detail" || l.IsStop))) Begin(Counting.Own);
        // "Ready stance. So the first thing, look right, and then step that way": nobody looks there as one gets ready.
        if (_draft is { SentenceEnded: true, Gaze: null, Stance: { } ready, Footwork: null, IsDone: false } && StanceSet.IsStanding(ready) && NothingCounted && lexeme.Value is "left" or "right" && RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun")) Begin(Counting.Own);
        TakesHandsFirst(i);
        var looking = ForThisMove(lexeme);
        looking.LooksFirst = !looking.HasBody;
        looking.Gaze = Enum.Parse<Gaze>(lexeme.Value, true);
        if (lexeme.Plain == OtherWay && looking is { Facing: null, HasTurn: false } && Here().Heading.Degrees is 90 or 270)
        {
            // Out of one side of the hall the feet come together in the middle, and the eyes go to its other side. Common practice.
            looking.Gaze = Here().Heading == Heading.Left ? Notation.Gaze.Right : Notation.Gaze.Left;
            looking.Facing = Heading.Front;
            _fields.Add(new ReadField(looking.Id, "gaze", lexeme.Start, lexeme.Length, "Read as facing the front, with the eyes on the other side.", "turn around"));
        }
        looking.EyesTo = SideOf(looking.Gaze) ?? NamedSide(lexeme);
    }

    private static Side? SideOf(Gaze? gaze) => gaze switch { Gaze.Left => Side.Left, Gaze.Right => Side.Right, _ => null };

    /// <summary>"Look to three o'clock": an hour, seen from where one faces.</summary>
    private bool TakeLookThere(int i)
    {
        var at = IndexAfter(i);
        // "Look the other way, left low block in horse": to the other side, where the feet stay.
        if (at == i + 1 && _lexemes[at] is { Kind: "place", Plain: "the other way" } && AfterDraft().Stance is var stood && _ways.Stances.Of(stood).IsStraddle && RestOfSentence(at).All(l => l.Kind is not ("footwork" or "footNoun") && !(l.Is("stance") && l.Term!.Id != stood)))
        {
            var to = RestOfSentence(at).FirstOrDefault(l => l.Is("side"));
            _lexemes[i] = _lexemes[i] with { Kind = "gaze", Value = to?.Value ?? "overShoulder", Length = _lexemes[at].Start + _lexemes[at].Length - _lexemes[i].Start };
            _lexemes[at] = new Lexeme("filler", "filler", _lexemes[at].Start + _lexemes[at].Length, 0, "");
            TakeGaze(i);
            return true;
        }
        if (at < 0 || !Alone(at) || _lexemes[at] is not { Kind: "clock" }) return false;
        var there = Heading.FromClock(_lexemes[at].Number) - Here().Heading;
        _lexemes[i] = _lexemes[i] with { Kind = "gaze", Value = there.Amount == 0 ? "ahead" : there.Amount > 135 ? "overShoulder" : there.Side == Side.Left ? "left" : "right", Length = _lexemes[at].Start + _lexemes[at].Length - _lexemes[i].Start };
        for (var k = i + 1; k <= at; k++) _lexemes[k] = new Lexeme("filler", "filler", _lexemes[at].Start + _lexemes[at].Length, 0, "");
        TakeGaze(i);
        return true;
    }

    /// <summary>"Look right. Right side kick, land in right front stance": one faces where the kick went.</summary>
    private void LandsWhereTheEyesWent(Draft draft)
    {
        if (draft is not { HasTurn: false, Facing: null, Stance: { } stance } || EyesBefore(draft) is not { } there || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        var kick = draft is { Footwork: "land", Kick: null } ? _said.LastOrDefault()?.Kick : draft is { Footwork: null, Kick.Landing: Landing.Front } ? draft.Kick : null;
        if (kick is not { Technique.Value: "side-kick" or "side-snap-kick", Foot: { } foot } || (draft.Lead ?? foot) != foot || there == Now().Heading) return;
        draft.Facing = there;
        Assume(draft, "stance", "Read as facing where the eyes went and the kick.", _ways.Vocabulary.Name(stance, _ways.Tradition) + ", facing " + Speech.Heading(Now().Heading, _ways.Directions));
    }

    /// <summary>Where in the hall the eyes went before a move, with it or since one last turned; none if they went nowhere.</summary>
    private Heading? EyesBefore(Draft draft)
    {
        var looked = draft.Gaze is not null ? draft.LooksFirst ? draft.Gaze : null
            : _before.Concat(_said).Reverse().TakeWhile(m => m is { Turn: null, Facing: null } && !(m is { Footwork.Way: Way.Left or Way.Right, Stance: not null })).Select(m => m.Gaze).FirstOrDefault(g => g is not null);
        return looked is Gaze.OverShoulder ? Now().Heading + Turn.To(Side.Right, 180) : SideOf(looked) is { } side ? Now().Heading + Turn.To(side, 90) : null;
    }
}
