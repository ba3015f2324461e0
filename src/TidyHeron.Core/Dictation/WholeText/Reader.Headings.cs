using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Labels, questions and words alone in their sentence: what they are about is told by what follows.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Labels = ["feet", "foot", "footwork", "hands", "hand", "arms", "arm", "stance", "technique", "techniques", "legs", "body", "direction"];

    /// <summary>"Feet: left foot steps left. Hands: left low block.": what the words after a label are about; together they tell one move.</summary>
    private void FindLabels()
    {
        FindLettersOfWinds();
        FindWhatALetterMeans();
        FindWhatIsWrittenShort();
        FindSidesThatTurn();
        FindTheArmOneStepsOutOn();
        var labels = Enumerable.Range(0, Math.Max(0, _lexemes.Count - 1)).Where(i => Labels.Contains(_lexemes[i].Plain) && _lexemes[i + 1].Is("stop", ":") && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].Is("number"))).ToList();
        if (labels.Count < Numbered) return;
        var first = _lexemes[labels[0]].Plain;
        foreach (var i in labels)
        {
            BecomesSmall(i);
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = "," };
            if (i > 0 && _lexemes[i].Plain != first && _lexemes[i - 1].EndsSentence) _lexemes[i - 1] = _lexemes[i - 1] with { Value = "," };
        }
    }

    /// <summary>"W: left cat stance, … N: …", "facing N", "step W with the left", "left foot N": capitals that stand for the winds, where at least two of them do.</summary>
    private void FindLettersOfWinds()
    {
        var letters = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i] is { Kind: "unread" or "clock", Plain.Length: 1 } && WindOf(i) >= 0 && char.IsUpper(CharAt(_lexemes[i].Start))).ToList();
        var cells = letters.Count(IsACell) >= Numbered; // "1: left foot, W, left front stance", line after line
        var found = letters.Where(i => cells && IsACell(i) || i > 0 && (_lexemes[i - 1].Kind is "facing" or "footNoun" || _lexemes[i - 1].Is("number") && StartsSentence(i - 1) || _lexemes[i - 1].Is("footwork") || Follows(i, "to", "face", "towards")) || i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && OnlySmallWordsAndACallBefore(i)).ToList();
        if (found.Select(i => _lexemes[i].Plain).Distinct().Count() < 2) return;
        foreach (var (i, wind) in found.Select(i => (i, WindOf(i)))) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = Walls[wind], Plain = Winds[wind] };

        bool IsACell(int i) => i > 0 && _lexemes[i - 1].IsStop && Alone(i);
        int WindOf(int i) => Array.FindIndex(Winds, w => w[0] == _lexemes[i].Plain[0]);
    }

    /// <summary>"D is the front.": what the letters of a diagram mean, no move.</summary>
    private void FindWhatALetterMeans()
    {
        for (var i = 0; i + 3 < _lexemes.Count; i++)
            if (_lexemes[i] is { Length: 1, Kind: "unread" or "filler" } && char.IsUpper(CharAt(_lexemes[i].Start)) && _lexemes[i + 1].Plain is "is" && Next(i + 1) is { Kind: "place" } && OnlySmallWordsBefore(i) && EndOfSentence(i) is var end && end - i <= 4) AsNote(i, end);
    }

    /// <summary>"LF front, R rising": in notes that say L and R, what stands beside them is short too.</summary>
    private void FindWhatIsWrittenShort()
    {
        for (var i = 1; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i - 1].Is("side") || _lexemes[i - 1].Length > 2) continue;
            if (_lexemes[i] is { Kind: "place", Plain: "front" } && (Alone(i) || Next(i) is { IsHandTechnique: true })) BecomesTerm(i, "stance", "front-stance");
            else if (_lexemes[i] is { Kind: "footwork", Plain: "rising" } && Alone(i)) BecomesTerm(i, "technique", "rising-block");
        }
    }

    /// <summary>"Ready. Left, high block. Step, punch. Turn right, high block.": where sides are told of turns only, the bare one with which a form begins turns too.</summary>
    private void FindSidesThatTurn()
    {
        if (_before.Count > 0 || _lexemes.FindIndex(l => l.Is("side")) is not (>= 0 and var first) || !StartsSentence(first) || first + 2 >= _lexemes.Count || !_lexemes[first + 1].Is("stop", ",") || !_lexemes[first + 2].IsHandTechnique || _lexemes.Take(first).Any(l => l.Kind is "technique" or "footwork")) return;
        var others = Enumerable.Range(first + 1, _lexemes.Count - first - 1).Where(i => _lexemes[i].Is("side")).ToList();
        var turned = others.Count(i => ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" } || l.Kind is "degrees" or "amount"));
        if (turned < 2 || others.Any(i => i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "technique" or "handNoun" or "stance" or "footNoun" or "level")) return;
        _guesses[_lexemes[first].Start] = ($"Read as turning to the {_lexemes[first].Value}, as sides are told of turns only.", $"{_lexemes[first].Value} hand");
        _lexemes.Insert(first, new Lexeme("footwork", "turn", _lexemes[first].Start, 0, "turn", TermOf("turn")));
    }

    /// <summary>
    /// "Ready. Step left into front stance, low block. Step, punch. Turn 180 to the right, …": where the first turn after it is half a turn and no
    /// other step is told by a bare side, the one with which the form begins goes to that side. Common practice: forms go out along one arm and back.
    /// </summary>
    private void FindTheArmOneStepsOutOn()
    {
        if (_before.Count > 0 || _lexemes.FindIndex(l => l.Kind is "technique" or "footNoun" || l is { Kind: "footwork", Value: not ("bow" or "announce" or "return") }) is not (>= 0 and var step) || !IsABareStep(step)) return;
        var (side, end) = (step + 1, EndOfSentence(step));
        if (_lexemes.GetRange(step, end - step + 1) is var told && (told.Find(l => l.Is("technique")) is not { Term.Family: "receiving" } || told.Any(l => l.Kind is "way" or "clock" or "place" or "facing" or "degrees" or "amount" or "footNoun"))) return;
        // "Look left, step left", "step left, left back stance": told otherwise, and so read by itself.
        if (RestOfSentence(StartOfSentence(step) - 1).Any(l => l.Is("gaze")) || _lexemes[side + 1].IsStop && Enumerable.Range(side, end - side).Any(k => _lexemes[k].Is("side") && _lexemes[k + 1].Is("stance"))) return;
        if (Enumerable.Range(end, _lexemes.Count - end).Any(IsABareStep)) return;
        var turns = _lexemes.FindIndex(end, l => l.Kind is "degrees" or "amount" or "turnSide" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" });
        if (turns < 0 || !ClauseOf(turns).Any(l => l.Kind is "degrees" or "amount" && (l.Value == "180" || l.Plain.StartsWith("all the way", StringComparison.Ordinal)) || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } && l.Plain.Split(' ')[^1] is "around" or "round" or "about" || l.Plain is "around" or "the other side" or "the other way" or "to the other side")) return;
        var (start, turned) = (_lexemes[side].Start, _lexemes[side].Value);
        _guesses[start] = ($"Read as turning to the {turned}, as forms begin.", $"with the {turned} foot");
        _lexemes[side] = _lexemes[side] with { Kind = "turnSide" };

        bool IsABareStep(int i) => i + 2 < _lexemes.Count && _lexemes[i] is { Kind: "footwork", Value: "step" } && _lexemes[i + 1].Is("side") && _lexemes[i + 2].Kind is not ("footNoun" or "way" or "technique");
    }

    /// <summary>"Forward. Punch. Turn. Low block.": where words of direction stand in sentences of their own, each belongs to what is done after it.</summary>
    private void JoinShortSentences()
    {
        var alone = Enumerable.Range(0, Math.Max(0, _lexemes.Count - 2)).Where(i => Backward(i).TakeWhile(l => !l.EndsSentence).All(l => l.Is("filler") || l.IsStop) && _lexemes[i + 1].EndsSentence
            && (_lexemes[i] is { Kind: "way", Value: "forward" } || _lexemes[i] is { Kind: "place", Plain: "front" } || _lexemes[i].Is("side") || _lexemes[i].Is("degrees", "45") || _lexemes[i] is { Kind: "footwork", Value: "turn" })
            && _lexemes.Skip(i + 2).TakeWhile(l => !l.EndsSentence).ToList() is var next && next.Any(l => l.IsHandTechnique) && next.All(l => l.Kind is "technique" or "level" or "side" or "shout" or "stance" or "filler" || l.IsStop)).ToList();
        if (alone.Count(i => _lexemes[i].Is("way")) < Numbered) return;
        foreach (var i in alone.AsEnumerable().Reverse())
        {
            _lexemes[i + 1] = _lexemes[i + 1] with { Value = _lexemes[i].Is("place") ? ":" : "," };
            if (_lexemes[i].Is("side")) _lexemes.Insert(i, new Lexeme("footwork", "turn", _lexemes[i].Start, 0, "turn", TermOf("turn")));
        }
    }

    /// <summary>"Left cat stance? Well, it's a left back stance, knife hand": the answer is what is done.</summary>
    private void FindWhatIsAskedAndAnswered()
    {
        for (var i = 1; i + 1 < _lexemes.Count; i++)
        {
            if (!_lexemes[i].EndsSentence || CharAt(_lexemes[i].Start) != '?' || _lexemes[i - 1] is not ({ Kind: "stance" } or { IsHandTechnique: true }) || _lexemes[i + 1].Plain is not ("well" or "actually" or "no" or "nope" or "yes" or "yeah" or "sorry" or "hmm" or "wait" or "rather")) continue;
            var answer = i + 1;
            while (answer < _lexemes.Count && !_lexemes[answer].EndsSentence && (_lexemes[answer].Kind is "filler" or "correction" or "tempo" || _lexemes[answer].Is("stop", ",") || _lexemes[answer].Plain is "actually" or "its a" or "its the" or "thats a" or "this is a")) answer++;
            var named = answer;
            while (named < _lexemes.Count && _lexemes[named].Kind is "side" or "level") named++;
            if (named >= _lexemes.Count || _lexemes[named].Kind != _lexemes[i - 1].Kind || _lexemes[named].IsKick) continue;
            var asked = i - 1;
            while (asked > 0 && _lexemes[asked - 1].Kind is "side" or "level") asked--;
            for (var k = asked; k < answer; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler", Value = "filler", Plain = "", Term = null };
        }
    }

    /// <summary>"- Back to horse? - Back to horse, face the front.": in a talk of two, what is asked is told by the answer.</summary>
    private void FindQuestions()
    {
        for (var i = 0; i + 2 < _lexemes.Count; i++)
            if (_lexemes[i].EndsSentence && CharAt(_lexemes[i].Start) == '?' && _lexemes[i + 1].Plain is "no" or "nope" && _lexemes[i + 2].EndsSentence)
                for (var k = i - 1; k >= 0 && !_lexemes[k].EndsSentence; k--)
                    if (!_lexemes[k].IsStop) BecomesSmall(k);
        if (!_listOfPoints) return;
        var asked = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].EndsSentence && CharAt(_lexemes[i].Start) == '?').ToList();
        if (asked.Count < 2) return;
        foreach (var end in asked)
            for (var k = end - 1; k >= 0 && !_lexemes[k].EndsSentence; k--)
                if (!_lexemes[k].IsStop) BecomesSmall(k);
    }

    /// <summary>"Now towards the front.", "The second direction is to the left.": where one faces in what is told next.</summary>
    private void FindDirectionsAhead()
    {
        for (var first = 0; first < _lexemes.Count; first = EndOfSentence(first) + 2)
        {
            var end = EndOfSentence(first);
            var sentence = _lexemes.GetRange(first, end - first + 1).Where(l => !l.IsStop).ToList();
            // "The next part goes down the middle. So the left foot comes out in front …": to the front.
            if (sentence is [.., { Kind: "way", Value: "forward" } middle] && middle.Plain.Split(' ')[^1] is "middle" or "centre" or "center"
                && sentence.SkipLast(1).All(l => l.Kind is "filler" or "then" or "ordinal" or "number" or "countNoun" || l is { Kind: "footwork", Value: "step" }) && sentence.Any(l => l.Plain.Split(' ')[0] is "go" or "goes" or "going" or "come" or "comes" or "coming") && end + 2 < _lexemes.Count
                && RestOfSentence(end + 1).ToList() is var goesOn && goesOn.Any(l => l.Kind is "footNoun" or "footwork") && !goesOn.Any(l => l.Kind is "place" or "clock" or "degrees" or "amount" or "facing" || l.Is("footwork", "turn")))
            {
                foreach (var word in sentence.Where(l => l.Is("footwork")).Select(l => _lexemes.IndexOf(l, first))) BecomesSmall(word);
                var at = _lexemes.IndexOf(middle, first);
                _lexemes[at] = middle with { Kind = "place", Value = "front", Plain = "to the front" };
                _lexemes[end + 1] = _lexemes[end + 1] with { Value = ":" };
                continue;
            }
            // "Third, we go to the front."
            // "Up the middle: left low block in left front stance.": to the front, where nobody turns.
            if (_lexemes.FindIndex(first, end - first + 1, IsUpTheMiddle) is >= 0 and var upTheMiddle && GoesUpTheMiddle(first, upTheMiddle, end))
            {
                // "Right, up the middle: …", "she comes back up the middle, …".
                for (var k = first; k < upTheMiddle; k++) if (!_lexemes[k].IsStop && !_lexemes[k].Is("unread")) BecomesSmall(k);
                _lexemes[upTheMiddle] = _lexemes[upTheMiddle] with { Kind = "place", Value = "front", Plain = "to the front" };
                continue;
            }
            if (OnlyNamesAWall(sentence) && end + 2 < _lexemes.Count && IsWholeWithoutATurn(first - 2) && TellsWhatIsDoneThere(end + 2))
            {
                foreach (var word in sentence.Where(l => l.Is("way"))) BecomesSmall(_lexemes.IndexOf(word, first));
                _lexemes[end + 1] = _lexemes[end + 1] with { Value = ":" };
                continue;
            }
            var goes = sentence.Any(l => l.Plain is "go" or "goes" or "going") && sentence[^1] is { Kind: "place", Plain: "to the front" or "to the back" or "to the rear" };
            // "First move is to the left. You step with the left foot …"
            goes |= sentence.Count > 1 && sentence[0].Is("ordinal") && sentence.Any(l => l.Plain is "is" or "goes") && sentence[^1].Is("side") && RestOfSentence(end + 1).Any(l => l.Kind is "footwork" or "footNoun");
            var ahead = goes || sentence.Any(l => l.Plain is "now" or "next" or "then" or "and then") || sentence.Zip(sentence.Skip(1)).Any(p => p.First.Plain == "direction" && p.Second.Plain == "is");
            // "Now you're facing the back." tells where one stands.
            if (!ahead || end + 2 >= _lexemes.Count || !goes && !sentence.Any(l => l.Is("facing")) || sentence.Any(l => l.Plain is "youre" or "were" or "hes") || !sentence.All(l => l.Kind is "filler" or "then" or "ordinal" or "facing" or "place" or "side")) continue;
            if (sentence is [.., { Kind: "side" } there])
            {
                var at = _lexemes.LastIndexOf(there, end);
                if (!Follows(at, "to", "towards", "is")) continue;
                BecomesWall(at);
            }
            else if (sentence[^1].Kind != "place") continue;
            _lexemes[end + 1] = _lexemes[end + 1] with { Value = ":" };
        }
    }

    /// <summary>"Up the middle", "come back up the centre".</summary>
    private static bool IsUpTheMiddle(Lexeme l) => l.Is("way", "forward") && l.Plain.Split(' ') is [.., "up", "the", "middle" or "centre" or "center"];

    /// <summary>"Up the middle: left low block in left front stance", "he comes up the middle, left front stance, …": so a sentence begins, and tells no other way before its stance.</summary>
    private bool GoesUpTheMiddle(int first, int at, int end)
    {
        if (!_lexemes.GetRange(first, at - first).TrueForAll(l => l.Kind is "filler" or "then" or "unread" || l.IsStop || l.Is("side", "right") || l is { Kind: "way", Value: "back" } or { Kind: "footwork", Value: "step" or "turn", Plain: not "step" })) return false;
        var told = _lexemes.GetRange(at + 1, end - at).SkipWhile(l => l.Is("filler") && !l.Plain.StartsWith("step", StringComparison.Ordinal)).ToList();
        if (told is not [{ Kind: "stop", Value: ":" or "," }, ..] && !told.Exists(l => l.Is("stop", ":") && told.TakeWhile(w => w != l).All(w => w.Kind is "filler"))) return false;
        var before = told.TakeWhile(l => !l.Is("stance")).ToList();
        return told.Exists(l => l.Is("stance")) && told.Exists(l => l.IsHandTechnique) && !before.Exists(l => l.Kind is "place" or "clock" or "degrees" or "amount" or "facing" or "number" || l.Is("footwork", "turn"))
            && (told[0].Value == ":" || before.TrueForAll(l => l.IsStop || l.Kind is "filler" or "side" or "then" or "footNoun"));
    }

    /// <summary>"To the front.", "facing the back wall now", "we're going back to the front", "to the front with the left foot".</summary>
    private static bool OnlyNamesAWall(List<Lexeme> sentence)
    {
        if (sentence.Count >= MostOfAShortOne || sentence.Count(l => l.Is("place")) != 1) return false;
        // "Now you're facing the back" tells where one stands; "we're going to the back" where one goes.
        var stands = sentence.Exists(l => l.Plain is "youre" or "were" or "hes") && !sentence.Exists(l => l.Plain == "going");
        return !stands && sentence.TrueForAll(l => l.Kind is "place" or "facing" or "filler" or "then" or "side" or "footNoun" || l is { Kind: "way", Plain: "back" } && sentence[^1] != l);
    }

    /// <summary>"Step forward, right front stance, punch", "reverse punch": one walked straight on or stood, so that a wall named after it is where the next goes.</summary>
    private bool IsWholeWithoutATurn(int last)
    {
        if (last < 0) return false;
        var first = StartOfSentence(last);
        var told = _lexemes.GetRange(first, last - first + 1);
        return told.Exists(l => l.Is("technique")) && !told.Exists(l => l.Kind is "place" or "facing" or "clock" or "degrees" or "amount" or "turnSide" or "otherSide" or "again" || l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" })
            && (told.Exists(l => l is { Kind: "way", Value: "forward" } or { Kind: "footwork", Plain: "step forward" or "step up" } || l.IsKick) || !told.Exists(l => l.Kind is "footwork" or "footNoun" or "stance"));
    }

    /// <summary>Whether a sentence tells what is done there, and no direction of its own.</summary>
    private bool TellsWhatIsDoneThere(int first)
    {
        var told = _lexemes.GetRange(first, EndOfSentence(first) - first + 1);
        return told.Exists(l => l.Is("stance")) && told.Exists(l => l.IsHandTechnique) && !TellsItself(told) && !told.Exists(l => l.Is("way"));
    }
}
