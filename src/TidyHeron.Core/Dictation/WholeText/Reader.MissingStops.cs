using System.Globalization;

using TidyHeron.Core.Body;

namespace TidyHeron.Core.Dictation;

/// <summary>Speech written down without stops, or with nothing but commas: where one move ends and the next begins.</summary>
public sealed partial class Reader
{
    private const int FewestDeeds = 5; // a line of a few techniques is one count as often as not
    private const int ManyDeeds = 8;   // more than a sentence holds, whatever commas it has

    /// <summary>Words that begin something new where they stand before a limb or a step.</summary>
    private static readonly HashSet<string> GoingOn = ["now", "okay", "ok", "alright", "all right", "right", "from here", "from there", "good", "so", "after that", "next"];

    /// <summary>Small words that belong to what they lead up to.</summary>
    private static readonly HashSet<string> LeadingUp = ["and", "so", "now", "you", "we", "i", "the", "your", "move", "moves", "were", "youre", "going to", "gonna"];

    /// <summary>Numbers that are words of other uses as well: three in Korean, five in Japanese, two in Mandarin and in Cantonese.</summary>
    private static readonly Dictionary<string, int> AlsoNumbers = new() { ["set"] = 3, ["go"] = 5, ["er"] = 2, ["yi"] = 2 };

    private bool _thenPartsTheMoves; // "… then right punch left punch then right foot …": what stands between two of them belongs together
    private bool _ranOn; // some stops of these words were put in here

    /// <summary>Puts a full stop where the next move begins, in each sentence in which more is done than in one.</summary>
    private void FindMissingStops()
    {
        for (var first = 0; first < _lexemes.Count; first = EndOfSentence(first) + 2)
        {
            if (!RunsOn(first)) continue;
            _ranOn = true;
            for (var i = first; i < _lexemes.Count && !_lexemes[i].EndsSentence; i++) PartHandsFromWhatFollows(i);
            var calls = NumbersInARow(first);
            if (calls.Count >= Numbered) StopsAtNumbers(calls);
            else StopsAtDeeds(first);
        }
    }

    private bool RunsOn(int first)
    {
        var sentence = _lexemes.GetRange(first, EndOfSentence(first) - first + 1);
        // "Left foot out, front stance, right foot through, back stance …": where the feet alone are told, their stances count.
        var deeds = Math.Max(sentence.Count(l => l.Is("technique")), sentence.Count(l => l.Is("stance")));
        return deeds >= FewestDeeds && !sentence.Any(l => l.Is("stop", ":")) && (sentence.Count(l => l.IsStop) * 3 <= deeds || deeds >= ManyDeeds);
    }

    /// <summary>"One left foot … two right foot …", "first … second …", "hana … dul …": where the numbers stand that count up in a sentence.</summary>
    private List<int> NumbersInARow(int first)
    {
        var best = new List<int>();
        var end = EndOfSentence(first);
        foreach (var kind in new[] { "number", "ordinal", "countWord" })
        {
            var row = new List<int>();
            for (var i = first; i <= end; i++)
            {
                var last = row.Count == 0 ? 0 : _lexemes[row[^1]].Number;
                // "The first … then … the third …": one of them may be told without its number.
                if (kind == "ordinal" && row.Count > 1 && _lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out var later) && later == last + 2) last++;
                if (last == 7 && PartEighthFromTurn(i)) end++;
                if (kind == "countWord" && last > 0 && i - row[^1] > 1 && AlsoNumbers.TryGetValue(_lexemes[i].Plain, out var meant) && meant == last + 1)
                    _lexemes[i] = _lexemes[i] with { Kind = kind, Value = meant.ToString(CultureInfo.InvariantCulture) };
                if (!_lexemes[i].Is(kind) || !int.TryParse(_lexemes[i].Value, out var number) || number != last + 1) continue;
                if (Next(i) is { Kind: "timesNoun" or "countNoun" } || Previous(i) is { Kind: "from" } or { Plain: "line" or "section" or "part" }) continue;
                if (row.Count == 0 || i - row[^1] > 1 || kind == "number") row.Add(i);
            }
            // "Strike one … strike two …": names of lines.
            var names = row.Count > 1 && row.All(i => Previous(i) is { Kind: "technique" } named && named.Plain == Previous(row[0])!.Plain);
            if (row.Count > best.Count && !names) best = row;
        }
        return best;
    }

    private void StopsAtNumbers(List<int> calls)
    {
        StopsAtDeeds(calls[^1]); // the closing
        foreach (var i in calls.AsEnumerable().Reverse())
        {
            if (i + 1 < _lexemes.Count && !_lexemes[i + 1].IsStop) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
            var at = i;
            // "… both arms open out to the sides count three": what ends with the sides is what was done.
            while (at > 0 && _lexemes[at - 1] is { Kind: "countNoun" or "filler" or "then", Plain: not ("to the sides" or "to the side") } or { Kind: "footwork", Plain: "move" or "step" }) at--;
            // "Fifteen sixteen seventeen three punches": called together.
            var together = at > 0 && (calls.Contains(at - 1) || _lexemes[at - 1].IsStop && calls.Contains(at - 2));
            if (!together) StopBefore(at);
        }
    }

    private void StopsAtDeeds(int first)
    {
        var done = false;
        _thenPartsTheMoves = _lexemes.Count(l => l.Is("then")) * 3 >= _lexemes.Count(l => l.Is("technique"));
        for (var i = first; i < _lexemes.Count && !_lexemes[i].EndsSentence; i++)
        {
            done |= _lexemes[i].Kind is "technique" or "stance" or "handNoun" or "otherSide" || _lexemes[i].Is("footwork", "bow");
            PartSidesFromTurns(i);
            TellWhichFootLeads(i);
            // "It starts facing front in ready stance so the first thing you do is turn …": how it opens ends there.
            if (!done || !_lexemes.Take(i).Any(l => l.IsHandTechnique))
                if (_lexemes[i].Is("ordinal", "1") && i > first && (_lexemes[i].Plain.Contains(' ') || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "thing" or "move" or "count" or "movement") && _lexemes.GetRange(first, i - first).Any(l => l.Kind is "stance" or "facing" or "opening"))
                {
                    var opens = i;
                    while (opens > 0 && _lexemes[opens - 1].Kind is "filler" or "then") opens--;
                    i += StopBefore(opens);
                }
            if (!done || !BeginsAMove(i)) continue;
            var at = i;
            if (_lexemes[i].IsKick)
                while (at > 0 && _lexemes[at - 1].Kind is "side" or "level") at--;
            for (var k = at; k > 0 && _lexemes[k - 1].Kind is "then" or "filler"; k--)
                if (_lexemes[k - 1].Is("then") || GoingOn.Contains(_lexemes[k - 1].Plain) || k == at && LeadingUp.Contains(_lexemes[k - 1].Plain)) at = k - 1;
            i += StopBefore(at);
            done = _lexemes[i].Is("technique") || _lexemes[i].Is("footwork", "switch");
        }
    }

    /// <summary>Puts in the comma that tells whose a side is: "turn around | left low block", "look left step left | low block".</summary>
    private void PartSidesFromTurns(int i)
    {
        if (_lexemes[i] is { Kind: "footwork", Plain: "turn around" or "turn about" or "mawatte" } && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2].IsHandTechnique) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
        if (i > 0 && _lexemes[i] is { Kind: "side" } there && Next(i) is { IsHandTechnique: true } && _lexemes[i - 1].Is("footwork", "step") && Backward(i).Take(4).Any(l => l.Is("gaze", there.Value))) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
    }

    /// <summary>"… augmented block the left arm plus a scooping block …": that arm did the first one.</summary>
    private void PartHandsFromWhatFollows(int i)
    {
        if (_lexemes[i].Is("handNoun") && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "plus" && Previous(i - 1) is { IsHandTechnique: true }) _lexemes.Insert(i + 1, StopAt(i + 1, ","));
    }

    /// <summary>"Block low left foot forward then …": which foot is in front, as nothing is done with it.</summary>
    private void TellWhichFootLeads(int i)
    {
        if (_lexemes[i].Is("side") && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("footNoun") && _lexemes[i + 2].Is("way", "forward") && _lexemes[i + 3] is { Kind: "then" or "footwork" } && Previous(i) is { Kind: "technique" or "level" })
            _lexemes[i + 2] = _lexemes[i + 2] with { Kind = "lead", Value = "lead" };
    }

    private Lexeme StopAt(int i, string value) => new("stop", value, _lexemes[i].Start, 0, "");

    private Lexeme StopAfter(int i, string value) => new("stop", value, _lexemes[i].Start + _lexemes[i].Length, 0, "");

    /// <summary>Ends a sentence before a lexeme; answers how many lexemes more there are now.</summary>
    private int StopBefore(int at)
    {
        if (at == 0 || _lexemes[at - 1].EndsSentence) return 0;
        if (_lexemes[at - 1].IsStop)
        {
            _lexemes[at - 1] = _lexemes[at - 1] with { Value = "." };
            return 0;
        }
        _lexemes.Insert(at, StopAt(at, "."));
        return 1;
    }

    private bool BeginsAMove(int i)
    {
        var lexeme = _lexemes[i];
        if (i == 0 || _lexemes[i - 1].Plain is "with" or "while" or "as" or "without" or "by" || Follows(i, "with", "while", "as", "on", "of") || Follows(i, "to") && !IsIntended(i)) return false;
        if (Backward(i).FirstOrDefault(l => l.Kind is not ("filler" or "detail" or "unread" or "tempo") && !l.Is("stop", ",")) is not { Kind: not ("correction" or "together") } before || IsStoodIn(i)) return false;
        // "The right leg kicks and steps through": the same leg.
        if (lexeme is { Kind: "footwork", Plain: "steps through" or "steps" or "steps down" or "steps forward" } && _lexemes[i - 1].Plain == "and" && before.IsKick) return false;
        // "… jab cross …": a punch.
        if (lexeme.Plain == "cross" && before.Value == "jab") return false;
        // "… and the right foot kicks …", "… then come up bow": goes on with what was begun.
        if (lexeme.Is("side") && Follows(i, "and") && Next(IndexAfter(i)) is { IsKick: true } || lexeme.Is("footwork", "rise") && Next(i) is { Value: "bow" }) return false;
        return BeginsAnew(i, before) || BeginsAStep(i, before);
    }

    /// <summary>"I want you to look left", "we're going to step".</summary>
    private bool IsIntended(int i) => Backward(i).TakeWhile(l => l.Is("filler")).Any(l => l.Plain is "going to" or "going" or "want" or "have" or "need");

    /// <summary>What begins a move whatever went before it: eyes that turn, the other side, what follows a shout, a bow or "now".</summary>
    private bool BeginsAnew(int i, Lexeme before)
    {
        var lexeme = _lexemes[i];
        var isLimbOrStep = lexeme is { Kind: "side" or "technique" or "stance" or "turnSide" or "facing" } or { Kind: "footwork", IsGerund: false } or { Kind: "footwork", Value: "stay" };
        if (before.Is("shout") && lexeme.Value != "land" && (isLimbOrStep || lexeme.Kind is "gaze" or "otherSide" or "again" or "place")) return true;
        if (before is { Kind: "footwork", Value: "bow" or "announce" } && !IsStoodIn(_lexemes.IndexOf(before)) && lexeme.Kind is "footwork" or "side" or "gaze" or "stance") return true;
        // "So now I'm in my fighting stance" tells how one stands now.
        if (isLimbOrStep && Backward(i).TakeWhile(l => l.Kind is "filler" or "then").Select(l => l.Plain).ToList() is var leading && leading.Any(GoingOn.Contains)) return !((lexeme.Is("stance") || lexeme.Is("side") && Next(i) is { Kind: "stance" }) && leading.Contains("in"));
        // "… now swing the staff …": a word that nobody knows, with what is done by it.
        if (lexeme.Is("unread") && _lexemes[i - 1].Plain == "now" && _lexemes.Skip(i).Take(2 * FewestDeeds).Any(l => l.Is("technique"))) return true;
        // "… look left …", "… look to the front …"
        if (lexeme.Is("gaze") && !lexeme.Plain.StartsWith("looking", StringComparison.Ordinal) || lexeme.Plain is "look" or "looks" && Next(i) is { Kind: "place" }) return true;
        // "… elbow strike then face the front step …"
        if (lexeme.Is("facing") && _lexemes[i - 1].Is("then") && Next(i) is { Kind: "place" }) return true;
        if (lexeme.Is("otherSide") && before.Kind is "technique" or "stance") return true;
        // "… reverse punch to the front left front stance …"
        if (lexeme.Is("place") && (before.IsHandTechnique || before.Is("then")) && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "stance" or "footNoun" }) return true;
        // "… low block right front kick …"
        if (lexeme.IsKick && Backward(i).FirstOrDefault(l => l.Kind is not ("filler" or "side" or "level" or "detail" or "tempo" or "handNoun" or "unread") && !l.Is("stop", ",")) is { IsHandTechnique: true, Term.Family: not "guard" } && !_thenPartsTheMoves) return true;
        // "… left low block right hook punch …"
        return lexeme.Is("side") && Next(i) is { IsHandTechnique: true } && _lexemes[i - 1].IsHandTechnique && Previous(i - 1) is { Kind: "side" } && !_thenPartsTheMoves;
    }

    /// <summary>A step, a turn or a foot that goes, after something that was done.</summary>
    private bool BeginsAStep(int i, Lexeme before)
    {
        var lexeme = _lexemes[i];
        var next = Next(i);
        // "Pull the left foot back": no hand.
        if (lexeme is { Kind: "technique", Value: "pull" or "sword-draw" } && (next is { Kind: "relFoot" } || next is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" }) && before.Kind is "technique" or "level" or "side" or "handNoun" or "stance" or "shout" or "then" or "way") return true;
        // "Without moving, left punch": what is done in place comes after it.
        if (lexeme is { Kind: "footwork", Value: "stay" } && lexeme.Plain.StartsWith("without", StringComparison.Ordinal) && _lexemes[i - 1].Plain != "and" && before.Kind is "technique" or "level" or "stance" or "handNoun" or "side" && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance") is { Kind: "technique" }) return true;
        var foot = lexeme.Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("footNoun");
        // "Then we bring the right hand down": no foot.
        if (lexeme.Is("footwork") && (next is { Kind: "handNoun" or "relHand" or "weapon" } || next is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "handNoun" })) return false;
        // "… left front stance turn around …": what was gone into is left again.
        var turns = lexeme is { Kind: "footwork", IsGerund: false, Value: "turn" or "pivot" or "spin" };
        if ((turns || lexeme is { Kind: "footwork", IsGerund: false, Value: "step" } && lexeme.Plain.StartsWith("step", StringComparison.Ordinal)) && before is { Kind: "stance" } into && !StanceSet.IsStanding(into.Term!.Id) && Backward(_lexemes.LastIndexOf(into, i)).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "amount")) return true;
        if (turns && before.Kind is "number" or "amount" or "tip" or "gripLead" or "weapon" or "cut" or "ordinal") return true;
        if (before.Is("stance") && !StanceSet.IsStanding(before.Term!.Id))
            // "Left foot out front stance right foot through …": after a stance it may be told which foot is where in it.
            return foot && i + 2 < _lexemes.Count && (_lexemes[i + 2] is { Kind: "footwork" or "place" } or { Plain: "through" or "out" or "goes" or "up" } || _lexemes[i + 2].Is("way", "forward")) && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "footwork" or "footNoun" or "way");
        if (before is { Kind: not ("technique" or "side" or "handNoun" or "level" or "shout" or "then" or "relHand" or "stance" or "otherSide" or "place" or "way" or "breath") } or { Value: "pull" or "sword-draw" }) return false;
        // "… front kick left foot land …"
        if (foot && before.IsKick && i + 2 < _lexemes.Count && _lexemes[i + 2] is { Kind: "landing" } or { Kind: "footwork", Value: "land" }) return false;
        if (foot && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("lead")) return false;
        return foot || lexeme is { Kind: "footwork", IsGerund: false, Value: not ("stay" or "land" or "shift" or "lift-foot" or "announce") } || before.Is("then") && lexeme.Is("way", "back") && next is { Kind: "place" };
    }
}
