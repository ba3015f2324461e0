namespace TidyHeron.Core.Dictation;

/// <summary>How high a technique is, and which one it is, by a word or two after it.</summary>
public sealed partial class Reader
{
    private void RetellHowHighAndWhich(int i)
    {
        // "Strike head", "thrust throat" in notes: at that height.
        if (_lexemes[i] is { Kind: "unread", Plain: "head" or "temple" or "throat" or "face" or "neck" or "chest" or "belly" or "ribs" or "stomach" or "groin" or "body" } target && i > 0 && (_lexemes[i - 1].IsHandTechnique || i + 1 < _lexemes.Count && _lexemes[i + 1].IsHandTechnique && !(_lexemes[i - 1].Plain is "the" or "a"))) _lexemes[i] = target with { Kind = "level", Value = target.Plain is "groin" ? "low" : target.Plain is "chest" or "belly" or "ribs" or "stomach" or "body" ? "middle" : "high" };
        // "The right arm blocks up": how high.
        if (_lexemes[i] is { Kind: "technique", Value: "block" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "filler" or "detail", Plain: "up" or "upward" or "upwards" or "down" or "downward" or "downwards" } upOrDown && (Alone(i + 1) || _lexemes[i + 2].Plain is "with" or "and") && !_lexemes.Any(l => l.Is("weapon")) && Carried() is null) _lexemes[i + 1] = upOrDown with { Kind = "level", Value = upOrDown.Plain[0] == 'u' ? "high" : "low" };
        // "Kicks to the front", "kick front": which kick that is.
        if (_lexemes[i] is { Kind: "technique", Value: "kick" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to the front" or "front" or "to the side" or "to the rear" or "to the back" && _lexemes[i + 1].Kind is "place" or "filler")
        {
            var where = _lexemes[i + 1].Plain.Split(' ')[^1];
            Guess(i, where switch { "front" => "front-kick", "side" => "side-kick", _ => "back-kick" }, $"Read as the {where switch { "front" or "side" => where, _ => "back" }} kick.", "");
            BecomesSmall(i + 1);
        }
        // "The form opens from attention": no hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "opens" } && i > 0 && FormNouns.Contains(_lexemes[i - 1].Plain)) BecomesSmall(i);
        // "Right punch, fist at shoulder height": how it ends.
        if (_lexemes[i].Is("level") && _lexemes[i].Plain.Contains("shoulder", StringComparison.Ordinal) && Alone(i) && IndexBefore(i) is var shown and >= 0 && _lexemes[shown].Is("handNoun") && (shown > 0 && _lexemes[shown - 1].Is("side") ? shown - 1 : shown) is var ends && StartsClause(ends) && Backward(ends).TakeWhile(l => !l.EndsSentence).Any(l => l.IsHandTechnique)) AsNote(ends, i);
        // "Side kick and retract": the foot.
        if (_lexemes[i] is { Kind: "technique", Value: "chamber" } retracts && retracts.Plain.StartsWith("retract", StringComparison.Ordinal) && Next(i) is null && Backward(i).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => l.Is("technique")) is { IsKick: true }) _lexemes[i] = retracts with { Kind = "landing", Value = "samePlace", Term = null };
        // "Cross your arms, turn, …": on the way.
        if (_lexemes[i] is { Kind: "technique", Value: "arms-crossed" } ready && ready.Plain.StartsWith("cross", StringComparison.Ordinal) && OnlySmallWordsAndACallBefore(i) && Alone(i) && RestOfSentence(i).Any(l => l.Kind is "footwork" or "facing") && RestOfSentence(i).Any(l => l.IsHandTechnique)) AsNote(i, i);
        // "The right makes a hook punch": no hooked hand.
        if (_lexemes[i] is { Kind: "technique", Value: "crane-beak" } hooked && hooked.Plain.EndsWith(" hook", StringComparison.Ordinal) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("technique", "punch"))
        {
            BecomesSmall(i);
            BecomesTerm(i + 1, "technique", "hook-punch");
        }
    }
}
