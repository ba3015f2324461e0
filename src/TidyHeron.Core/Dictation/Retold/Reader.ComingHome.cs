using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Words for feet that come home, retold as <see cref="RetellLexemes"/> says.</summary>
public sealed partial class Reader
{
    /// <summary>"The right foot returns to the left", "step back to ready": beside the other foot, or nearer to it.</summary>
    private void RetellFeetThatComeHome(int i)
    {
        // "Step back with the left foot to ready": as one brings it back there.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back" } && Clauses(i).ToList() is var told && told.Find(l => l.Is("stance")) is { Value: "ready-stance" } ready && Follows(_lexemes.IndexOf(ready, i), "to", "into") && told.TrueForAll(l => l == ready || l == _lexemes[i] || l.Kind is "filler" or "then" or "side" or "footNoun" || l.IsStop))
        {
            BecomesSmall(_lexemes.IndexOf(ready, i));
            BecomesTerm(i, "footwork", "return");
        }
        // "The right foot comes back in" likewise.
        if (_lexemes[i].Is("footNoun") && i + 3 < _lexemes.Count && _lexemes[i + 1].Plain is "comes" or "goes" or "slides" or "moves" or "is" && _lexemes[i + 2].Is("way", "back") && _lexemes[i + 3].Plain == "in" && Alone(i + 3))
        {
            BecomesTerm(i + 1, "footwork", "pull-together");
            BecomesSmall(i + 2);
        }
        // "Bring the left foot back in": home.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "pull" or "draw" } && i + 4 < _lexemes.Count && Enumerable.Range(i + 1, 3).FirstOrDefault(k => _lexemes[k].Is("footNoun") && _lexemes[k - 1].Is("side"), -1) is var home and > 0 && home + 2 < _lexemes.Count && _lexemes[home + 1].Is("way", "back") && _lexemes[home + 2].Plain == "in" && Alone(home + 2))
        {
            BecomesTerm(i, "footwork", "pull-together");
            BecomesSmall(home + 1);
        }
        // "Bring the right foot in and step the left foot back": beside the other one first.
        if (_lexemes[i] is { Kind: "footwork", Value: "step", Plain: "bring" or "brings" or "take" or "put" or "move" or "moves" } && IndexAfter(i) is var fetched and >= 0 && _lexemes[fetched].Is("side") && fetched + 3 < _lexemes.Count && _lexemes[fetched + 1].Is("footNoun") && _lexemes[fetched + 2].Plain is "in" or "up" && (_lexemes[fetched + 3].IsStop || _lexemes[fetched + 3].Plain is "and" || _lexemes[fetched + 3].Is("then"))
            && RestOfSentence(fetched + 2).SkipWhile(l => l.Kind is "filler" or "then" || l.IsStop).Take(2).ToList() is [{ Kind: "footwork", Value: "step" or "step-back" or "slide" }, ..] && RestOfSentence(fetched + 2).FirstOrDefault(l => l.Is("side")) is { } goesOut && goesOut.Side == _lexemes[fetched].Side.Other)
            BecomesTerm(i, "footwork", "pull-together");
        // "We pull the front foot a little bit": it is only drawn nearer.
        if (_lexemes[i] is { Kind: "technique", Plain: "pull" or "pulls" or "draw" } && Next(i) is { Kind: "relFoot" } && IndexAfter(i) is var drawn && drawn + 1 < _lexemes.Count && _lexemes[drawn + 1].Plain is "a little" or "a bit" or "slightly")
            BecomesTerm(i, "footwork", "slide-back");
        // "Close again, turn to the right": the feet, once more.
        if (_lexemes[i] is { Kind: "footwork", Plain: "close" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("again") && Alone(i + 1)) BecomesSmall(i + 1);
        // "Bring that front foot back a little": it is only drawn nearer.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "move" or "moves" or "take" } && EndOfClause(i) is var little && _lexemes.GetRange(i, little - i + 1) is [_, .., { Kind: "relFoot" or "footNoun" }, { Kind: "way", Value: "back" }, { Plain: "a little" or "a bit" or "slightly" or "a little bit" }])
        {
            BecomesTerm(i, "footwork", "slide-back");
            BecomesSmall(little - 1);
        }
        // "The right foot pulls to the left": beside the other one.
        if (_lexemes[i] is { Kind: "technique", Plain: "pulls" or "pull" } && Previous(i) is { Kind: "footNoun" or "relFoot" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "up to" or "in to" && Next(i) is { Kind: "side" } or { Kind: "footNoun" or "relFoot" })
            BecomesTerm(i, "footwork", "pull-together");
        // "Bring the right foot up, change hands": beside the other one, where it neither kicks nor goes on.
        if (_lexemes[i] is { Kind: "filler" or "way", Plain: "up" } && (Alone(i) || _lexemes[i + 1].IsHandTechnique || _lexemes[i + 1].Is("handNoun", "both")) && i > 1 && _lexemes[i - 1].Is("footNoun") && Previous(IndexBefore(i)) is { Kind: "side" } && _lexemes.Take(i).LastOrDefault(l => l.Is("footwork")) is { Plain: "bring" or "brings" } && !RestOfSentence(i).Any(l => l.Kind is "stance" or "footNoun" || l.Is("footwork") && l.Value != "switch" || l.IsKick) && !Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique")))
        {
            BecomesTerm(i, "footwork", "pull-together");
            if (!Alone(i)) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        }
        // "Turn to the front and close.", "left foot in and finish.": one comes back, in the last words.
        if (_lexemes[i] is { Kind: "footwork", Value: "pull-together", Plain: "close" } && Alone(i) && i > 0 && _lexemes[i - 1].Plain == "and" && EndOfSentence(i) >= _lexemes.Count - 2 && !ClauseOf(i).Any(l => l.Is("footNoun")))
        {
            BecomesTerm(i, "footwork", "return");
            _lexemes[i] = _lexemes[i] with { Plain = "and return" };
        }
        if (_lexemes[i] is { Kind: "filler", Plain: "in" } && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "and" && _lexemes[i + 2].Plain is "finish" or "done" && Alone(i + 2)) BecomesTerm(i, "footwork", "pull-together");
        // "Three, close, left foot back to right": told out.
        if (_lexemes[i] is { Kind: "footwork", Value: "pull-together" or "return", Plain: "close" } && i > 1 && _lexemes[i - 1].IsStop && _lexemes[i - 2].Is("number") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && i + 3 < _lexemes.Count && (_lexemes[i + 3].Is("footNoun") || _lexemes[i + 3].Plain == "to"))
        {
            BecomesTerm(i, "footwork", "pull-together");
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler", Value = "filler" };
            if (Enumerable.Range(i + 2, EndOfSentence(i) - i - 1).FirstOrDefault(k => _lexemes[k].Is("way", "back"), -1) is > 0 and var back) BecomesSmall(back);
        }
        // "The right foot returns to the left": beside it.
        if (_lexemes[i] is { Kind: "footwork", Value: "return" } && i > 0 && _lexemes[i - 1].Is("footNoun") && EndOfClause(i) is var stops && stops > i && _lexemes.GetRange(i + 1, stops - i) is var toFoot && toFoot[0].Plain is "to" or "to the" or "next to" or "beside" && toFoot.Any(l => l.Is("side") || l.Is("relFoot", "other")) && toFoot.All(l => l.Kind is "filler" or "side" or "footNoun" or "relFoot" or "beside"))
        {
            BecomesTerm(i, "footwork", "pull-together");
            BecomesSmall(i + 1, stops);
        }
        // "Then both come back", said of the hands.
        if (_lexemes[i] is { Kind: "footwork", Value: "step-back", Plain: "come back" or "comes back" or "go back" } && i > 0 && _lexemes[i - 1].Plain is "both" && _lexemes.Take(i).LastOrDefault(l => l.Kind is "handNoun" or "footNoun" or "footwork") is { Kind: "handNoun" })
            AsNote(i - 1, i);
        // "Back to ready by bringing the left foot up": how one comes back.
        if (_lexemes[i].Is("footwork", "return") && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "by") AsNote(i + 1, EndOfClause(i));
    }
}
