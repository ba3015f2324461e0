namespace TidyHeron.Core.Dictation;

/// <summary>"To the right side": where it is a side of the hall, and one turns there, though nobody says how far.</summary>
public sealed partial class Reader
{
    /// <summary>"The back of the room", "the left wall": whoever speaks of the hall means its sides.</summary>
    private bool SpeaksOfTheHall => _lexemes.Any(l => l.Plain is "room" or "hall" or "dojo" || l.Plain.EndsWith(" room", StringComparison.Ordinal) || l.Plain.EndsWith(" hall", StringComparison.Ordinal) || l.Plain.EndsWith(" wall", StringComparison.Ordinal));

    /// <summary>Whether "to the right side" is a place that one comes to face.</summary>
    private bool IsASideOfTheHall(int i)
    {
        if (!_lexemes[i].Is("side") || !Follows(i, "to") || i + 1 >= _lexemes.Count || _lexemes[i + 1].Plain != "side" || Clauses(i).Any(l => l.Kind is "degrees" or "amount" or "facing" or "turnSide")) return false;
        return ComesRoundTo(i) || GoesWithTheStanceTo(i) || SpeaksOfTheHall && (EndsARoundStep(i) || CrossesTo(i));
    }

    /// <summary>"The back foot comes around to the right side": as far as that.</summary>
    private bool ComesRoundTo(int i) =>
        (Alone(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain is "into" or "in" or "and") && Backward(i).SkipWhile(l => l.Is("filler") && l.Plain is "to" or "the").FirstOrDefault() is { Plain: "round" or "around" }
        && ClauseOf(i).Any(l => l.Kind is "relFoot" or "footNoun") && !Clauses(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" });

    /// <summary>"A left low block in front stance to the left side.": where nothing else tells where to.</summary>
    private bool GoesWithTheStanceTo(int i) =>
        i + 2 < _lexemes.Count && _lexemes[i + 2].EndsSentence && Previous(i) is { Kind: "stance" } && Clauses(i).Any(l => l.IsHandTechnique) && !Clauses(i).Any(l => l.Kind is "footwork" or "footNoun" or "relFoot" or "place" or "clock");

    /// <summary>"Left leg round, back stance, knife hand to the right side".</summary>
    private bool EndsARoundStep(int i) =>
        (Alone(i + 1) || i + 2 >= _lexemes.Count) && ClauseOf(i).Any(l => l.IsHandTechnique) && !Clauses(i).Any(l => l.Kind is "place" or "clock")
        && _lexemes.FindLastIndex(i, l => l.Is("footNoun") || l.EndsSentence) is var leg and >= 0 && _lexemes[leg].Is("footNoun") && _lexemes[leg + 1].Plain is "round" or "around";

    /// <summary>"Right leg to the left side, knife hand": where the other foot stands nobody calls a side.</summary>
    private bool CrossesTo(int i) =>
        Alone(i + 1) && Previous(i) is { Kind: "footNoun" } && Previous(IndexBefore(i)) is { Kind: "side" } crossing && crossing.Value != _lexemes[i].Value && RestOfSentence(i).Any(l => l.IsHandTechnique) && !Clauses(i).Any(l => l.Is("footwork"));
}
