using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Where the eyes go.</summary>
public sealed partial class Reader
{
    private Heading? _eyes; // where the eyes went last, in the hall

    private void TakeGaze(int i)
    {
        var lexeme = _lexemes[i];
        if (lexeme.Plain.Contains("shoulder", StringComparison.Ordinal) && NamedSide(lexeme) is { } shoulder) _shoulder = shoulder;
        // The eyes go on: nothing of what they did is lost.
        if (_draft is { SentenceEnded: true, HasBody: true } && (_draft.Gaze is not null || lexeme.Value is "left" or "right" && Clauses(i).All(l => l.Kind is "gaze" or "filler" or "then" || l.IsStop))) Begin(Counting.Own);
        var looking = ForThisMove(lexeme);
        _eyes = lexeme.Value switch { "left" => Here().Heading + Turn.To(Side.Left, 90), "right" => Here().Heading + Turn.To(Side.Right, 90), "overShoulder" => Here().Heading + Turn.To(Side.Right, 180), _ => null };
        looking.LooksFirst = !looking.HasBody;
        looking.Gaze = Enum.Parse<Gaze>(lexeme.Value, true);
        looking.EyesTo = looking.Gaze switch { Gaze.Left => Side.Left, Gaze.Right => Side.Right, _ => NamedSide(lexeme) };
    }

    /// <summary>"Look to three o'clock", "eyes to the front": an hour or a place of the hall, seen from where one faces.</summary>
    private bool TakeLookThere(int i)
    {
        var at = IndexAfter(i);
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
        if (draft is not { HasTurn: false, Facing: null, Stance: { } stance } || draft is { Gaze: not null, LooksFirst: false } || _eyes is not { } there || _ways.Stances.Of(stance).Feet != FeetKind.Lead) return;
        var kick = draft is { Footwork: "land", Kick: null } ? _said.LastOrDefault()?.Kick : draft is { Footwork: null, Kick.Landing: Landing.Front } ? draft.Kick : null;
        if (kick is not { Technique.Value: "side-kick" or "side-snap-kick", Foot: { } foot } || (draft.Lead ?? foot) != foot || there == Now().Heading) return;
        draft.Facing = there;
        Assume(draft, "stance", "Read as facing where the eyes went and the kick.", _ways.Vocabulary.Name(stance, _ways.Tradition) + ", facing " + Speech.Heading(Now().Heading, _ways.Directions));
    }
}
