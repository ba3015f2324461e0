using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Counts: which numbers tell one, and the numbers as they were called.</summary>
public sealed partial class Reader
{
    /// <summary>
    /// Whether a number at this lexeme tells a count: "count three", "number four", or a number with a clause to
    /// itself at the start of a sentence ("One. Step …", "1) …", "hana, …").
    /// </summary>
    private bool IsCountMark(int i)
    {
        var lexeme = _lexemes[i];
        if (_noCounts) return false;
        if (lexeme.Kind is "number" or "ordinal" or "countWord" && _numbered.Contains(lexeme.Start)) return true;
        // "At fifteen we turn …", "on seven the left foot …"
        if (lexeme.Kind is "number" or "countWord" && i > 0 && _lexemes[i - 1].Plain is "at" or "on" && StartsSentence(i) && Next(i) is not { Kind: "footNoun" or "stance" }) return true;
        // "For five you want to turn around …"
        if (lexeme.Kind is "number" && i > 0 && _lexemes[i - 1].Plain == "for" && (StartsSentence(i) || OnlySmallWordsBefore(i)) && i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain.Split(' ')[0] is "you" or "we" or "i" or "youre" or "were" or "youll" or "the" or "your" or "my" or "its" || _lexemes[i + 1].Kind is "footwork" or "side" || Alone(i)) && WasSaidBefore(i, lexeme.Number - 1)) return true;
        // "On go we look …", five in Japanese.
        if (lexeme.Plain is "go" or "o" or "set" && i > 0 && _lexemes[i - 1].Plain == "on" && StartsSentence(i) && _lexemes.Take(i).Any(l => l.Is("countWord"))) return true;
        if (lexeme.Kind is "countNoun" or "ordinal" or "number" or "countWord" or "degrees" && InRepeat(i)) return false;
        if (lexeme.Is("countNoun") && !StartsSentence(i) && (_lexemes[i - 1].Is("from") || _lexemes[i - 1].Plain.EndsWith(" from", StringComparison.Ordinal))) return false; // "picking up from count fifteen"
        if (lexeme.Is("countNoun")) return i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "number" or "countWord" or "degrees";
        if (lexeme.Is("ordinal")) return lexeme.Value is not ("next" or "last") && (OnlySmallWordsBefore(i) && (lexeme.Plain.Contains(' ') && StartsSentence(i) || Alone(i) || IsOneOfThem(i)) || IsNextOrdinal(i));
        // Three in Korean, five in Japanese and two in Chinese are words of other uses as well; among numbers they count.
        if (lexeme.Plain is "set" or "go" or "er" or "o" && Alone(i) && StartsSentence(i) && _lexemes.Take(i).Any(l => l.Is("countWord"))) return true;
        if (lexeme.Kind is not ("number" or "countWord") && !(lexeme.Is("degrees") && !lexeme.Plain.Contains("deg"))) return false;
        if (i > 0 && _lexemes[i - 1].Is("countNoun")) return false; // already told by the noun
        if (lexeme.Is("number") && !Alone(i) && StartsSentence(i) && ListEnd(i) >= 0) return true;
        // "Forty-five, knife hand": a number so high is a count only after the one before it.
        if (lexeme.Is("degrees") && (!Alone(i) || !_lexemes.Take(i).Any(l => l.Is("number") && l.Value == (lexeme.Number - 1).ToString(System.Globalization.CultureInfo.InvariantCulture)))) return false;
        // "Land in front, 16: punch, 17: punch": a number with a colon needs no full stop before it.
        if (lexeme.Is("number") && i > 0 && _lexemes[i - 1].IsStop && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":")) return true;
        return Alone(i) && (StartsSentence(i) || IsNextNumber(i));
    }

    /// <summary>"Now the second one, …", "then the fifth move, …", "then the third one is …".</summary>
    private bool IsOneOfThem(int i)
    {
        if (Follows(i, "thats")) return false; // "That's the first one.": told already
        var end = i;
        while (end + 1 < _lexemes.Count && _lexemes[end + 1].Plain is "one" or "thing" or "move" or "movement" or "count") end++;
        return (end > i || _lexemes[i].Plain.Contains(' ')) && (Alone(end) || _lexemes[end + 1].Plain == "is");
    }

    /// <summary>"Three. Pivot, block overhead, four, cut down.": between commas, one more than the number with which a sentence began.</summary>
    private bool IsNextNumber(int i)
    {
        // "Nineteen, turn around, low block, and twenty, punch", "… And then fourteen, …"
        var parts = i - 1;
        while (parts >= 0 && (_lexemes[parts].Plain == "and" || _lexemes[parts].Is("then"))) parts--;
        if (!_lexemes[i].Is("number") || parts < 0 || !_lexemes[parts].IsStop) return false;
        // "First, step left, low block. Then two, step, punch": after the ordinal before it.
        if (parts < i - 1 && _lexemes[parts].EndsSentence && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes.Take(parts).Any(l => l.Kind is "ordinal" or "number" && l.IsNumber(_lexemes[i].Number - 1)) && _lexemes[parts + 1].Is("then")) return true;
        for (var k = i - 1; k >= 0; k--)
            if (_lexemes[k].Kind is "number" or "countWord" && Alone(k) && int.TryParse(_lexemes[k].Value, out var before)) return before == _lexemes[i].Number - 1 && (StartsSentence(k) || IsNextNumber(k));
        return false;
    }

    /// <summary>"…, third, step up …": between commas, one more than the ordinal with which a sentence began.</summary>
    private bool IsNextOrdinal(int i)
    {
        if (!Alone(i) || i == 0 || !_lexemes[i - 1].IsStop || !int.TryParse(_lexemes[i].Value, out var number)) return false;
        for (var k = i - 1; k >= 0; k--)
            if (_lexemes[k].Is("ordinal") && Alone(k) && int.TryParse(_lexemes[k].Value, out var before)) return before == number - 1 && (StartsSentence(k) || IsNextOrdinal(k));
        return false;
    }

    /// <summary>Whether the clause around a lexeme orders a repeat: numbers in it tell which counts, and are none.</summary>
    private bool InRepeat(int i)
    {
        for (var k = i; k >= 0 && !_lexemes[k].IsStop; k--)
            if (_lexemes[k].Kind is "again" or "otherSide") return true;
        for (var k = i; k < _lexemes.Count && !_lexemes[k].IsStop; k++)
            if (_lexemes[k].Kind is "again" or "otherSide") return true;
        return false;
    }

    private bool Alone(int i) => i + 1 >= _lexemes.Count || _lexemes[i + 1].IsStop;

    private bool StartsSentence(int i)
    {
        for (var k = i - 1; k >= 0; k--)
        {
            if (_lexemes[k].EndsSentence || _lexemes[k].Is("stop", ":")) return true;
            if (!_lexemes[k].Is("filler") && !_lexemes[k].IsStop) return false;
        }
        return true;
    }

    // The numbers that were called in this text, and the moves on them: a section may begin with nine.
    private readonly List<(int Number, MoveId Move, Lexeme Lexeme)> _calls = []; // numbers that were called, in the order of the text

    /// <summary>The move that was called with a number, the last time it was called.</summary>
    private MoveId? Called(int number) => _calls.FindLastIndex(c => c.Number == number) is var at and >= 0 ? _calls[at].Move : null;

    private int? CalledNumber(int i)
    {
        var lexeme = _lexemes[i].Is("countNoun") && i + 1 < _lexemes.Count ? _lexemes[i + 1] : _lexemes[i];
        return int.TryParse(lexeme.Value, out var number) ? number : null;
    }

    private void TakeCount(int i)
    {
        var lexeme = _lexemes[i];
        var isMark = IsCountMark(i);
        if (isMark) (_listed, _inList, _thenParts, _deedsPart, _explicitCounts) = (0, 0, false, false, true);
        if (ListEnd(i) is var listEnd and >= 0)
        {
            // "Six, seven and eight: three steps …"
            _listed = _lexemes.Skip(i).Take(listEnd - i + 1).Count(l => l.Is("number"));
            _thenParts = RestOfSentence(listEnd).Count(l => l.Is("then")) == _listed - 1;
            _deedsPart = RestOfSentence(listEnd).Count(l => l.Is("technique")) == _listed;
            for (var k = i + 1; k <= listEnd; k++)
            {
                if (!_lexemes[k].IsStop) Note(_lexemes[k], "count");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            SidesAfterTheirTechnique(listEnd);
        }
        if ((lexeme.Is("countNoun") && i + 1 < _lexemes.Count ? RangeEnd(i + 1) : RangeEnd(i)) is var last and >= 0)
        {
            Finish();
            _draft = new Draft { Counting = Counting.Own };
            _listed = _lexemes[last].Number - _lexemes[last - 1 - (_lexemes[last - 1].Is("number") ? 0 : 1)].Number + 1;
            _thenParts = RestOfSentence(last).Count(l => l.Is("then")) == _listed - 1;
            _deedsPart = RestOfSentence(last).Count(l => l.Is("technique")) == _listed;
            for (var k = i; k <= last; k++)
            {
                Note(_lexemes[k], "count");
                _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            return;
        }
        if (!isMark)
        {
            if (CountsWhatWasSaid(i) || CountsSoFar(i)) return;
            // "One step", "two punches": taken up by the word that follows, or only a manner of speaking.
            if (lexeme.Is("ordinal") && _draft is { IsOpening: true, Stance: not null }) Begin(Counting.Own); // "we're in ready stance and the first move is …"
            if (lexeme.Is("ordinal", "next")) _then = !_draft.SentenceEnded && !_draft.IsEmpty;
            if (lexeme.Is("number") && Follows(i, "on", "at") && Previous(i) is { Kind: "shout" } || lexeme.Is("number") && i > 0 && _lexemes[i - 1].Is("shout") && Alone(i) && _explicitCounts)
            {
                Note(lexeme, "count"); // "kiai on 17", "kiai 17"
                return;
            }
            if (TakePaceOfCounts(i)) return;
            if (lexeme.Is("number") && Follows(i, "in", "as", "of") && Alone(i) && _draft.HasBody)
            {
                Note(lexeme, "note"); // "the hands as they were in 13"
                return;
            }
            if (lexeme.Is("number") && lexeme.Number > 9 && !(i > 0 && _lexemes[i - 1].Is("countNoun"))) Unread(lexeme);
            else Note(lexeme, "count");
            return;
        }
        // "4 thrust. Step back with the right foot. 5 low block": on the number for which one steps.
        var leadsUp = _draft is { BeginsSentence: true, IsNumbered: false, IsDone: false, Stance: null, Counting: Counting.Then } and ({ Footwork: "step" or "step-back" or "slide" } or { HasTurn: true } or { Facing: not null })
            && _said.Count > 0 && _withNumber.Contains(_said[^1].Id) && _said[^1].Hands.Count > 0 && RestOfSentence(i).Any(l => l.Is("technique"));
        if (leadsUp) _draft.Counting = Counting.Own;
        // A draft that only holds "slowly" or the like waits for its move; anything else is finished by a new number.
        Finish();
        _draft = new Draft { Counting = leadsUp ? Counting.Then : Counting.Own, IsNumbered = true, CalledAt = lexeme.Start };
        Note(lexeme, "count");
        var called = CalledNumber(i);
        var one = called == 1 && Called(1) is null;
        if (called is { } number) _calls.Add((number, _draft.Id, lexeme));
        if ((_first is true || _calls.Count <= 2 && _before.All(m => m.Counting == Counting.Uncounted)) && _said.Count > 0 && one)
        {
            // What was said before "one" opens the form; it has no number.
            for (var k = 0; k < _said.Count; k++) _said[k] = _said[k] with { Counting = Counting.Uncounted };
            ForgetNow();
        }
        _first = false;
    }

    /// <summary>Tells where the number that was called is not that of the count: something before it was read as one count too many, or too few.</summary>
    private void TellMiscounts(Form form)
    {
        var counts = Notation.Counts.Of(form);
        var calls = _calls.Where(c => !c.Lexeme.Is("countWord")).ToList(); // "yi" is one here and two there
        // A form that is called from one begins with it.
        int? off = calls is [(1, _, _), ..] && _before.All(m => m.Counting == Counting.Uncounted) ? 0 : null;
        foreach (var (number, move, lexeme) in calls)
        {
            if (form.IndexOf(move) is not (>= 0 and var at) || counts[at] == 0) continue;
            var by = counts[at] - number;
            if (off is { } before && by != before && _fields.FindIndex(f => f.Start == lexeme.Start && f.Field == "count") is var field and >= 0)
                _fields[field] = _fields[field] with { Move = move, Assumption = $"called {number}, but it is count {counts[at]} here: something before it was read as {(by > before ? "a count of its own" : "part of another count")}." };
            off = by;
        }
    }

    /// <summary>"Perform 15 and 16 in a fast motion.": a pace for counts that were called before.</summary>
    private bool TakePaceOfCounts(int i)
    {
        var first = StartOfSentence(i);
        var sentence = _lexemes.GetRange(first, EndOfSentence(i) - first + 1);
        if (sentence.FirstOrDefault(l => l.Is("tempo")) is not { } pace || !sentence.All(l => l.Kind is "filler" or "number" or "countNoun" or "tempo" || l.IsStop)) return false;
        var called = sentence.Where(l => l.Is("number")).Select(l => Called(l.Number)).ToList();
        if (called.Any(id => id is null)) return false;
        var tempo = Enum.Parse<Tempo>(pace.Value, ignoreCase: true);
        foreach (var id in called)
            if (id == _draft.Id) _draft.Tempo ??= tempo;
            else if (_said.FindIndex(m => m.Id == id) is var at and >= 0) _said[at] = _said[at] with { Tempo = tempo };
        for (var k = first; k < first + sentence.Count; k++)
        {
            if (_lexemes[k].IsStop) continue;
            if (k >= i) Note(_lexemes[k], "tempo");
            if (k > i) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        }
        return true;
    }

    /// <summary>"Fifteen, sixteen, seventeen, right, left and right lunge punches": the sides are put behind what they are sides of.</summary>
    private void SidesAfterTheirTechnique(int listEnd)
    {
        var first = listEnd + 1;
        while (first < _lexemes.Count && _lexemes[first].IsStop && !_lexemes[first].EndsSentence) first++;
        var (at, sides) = SidesBeforeATechnique(first);
        if (sides != _listed) return;
        var technique = _lexemes[at];
        _lexemes.RemoveAt(at);
        _lexemes.Insert(first, technique);
    }

    /// <summary>How many sides stand one after the other before a hand technique, and where it stands; none where none follows.</summary>
    private (int At, int Sides) SidesBeforeATechnique(int first)
    {
        PartLeftAndRight(first);
        var (at, sides) = (first, 0);
        while (at < _lexemes.Count && (_lexemes[at].Is("side") || _lexemes[at].Is("stop", ",") || _lexemes[at].Plain is "and" or "with" || _lexemes[at].Is("then")))
            if (_lexemes[at++].Is("side")) sides++;
        if (at + 1 < _lexemes.Count && _lexemes[at].Is("level") && _lexemes[at + 1].IsHandTechnique) at++;
        return at < _lexemes.Count && _lexemes[at].IsHandTechnique ? (at, sides) : (at, 0);
    }

    /// <summary>"Left and right" is a word for taking turns; in a list of sides, after its first, it is two of them.</summary>
    private void PartLeftAndRight(int first)
    {
        for (var k = first; k < _lexemes.Count && (_lexemes[k].Kind is "side" or "alternating" || _lexemes[k].Is("stop", ",") || _lexemes[k].Plain == "and"); k++)
            if (k > first && IsLeftAndRight(k)) IntoTwoSides(k);
    }

    private bool IsLeftAndRight(int i) => _lexemes[i] is { Kind: "alternating", Plain: "left and right" or "right and left" };

    /// <summary>"Left and right", of two things: one side, then the other.</summary>
    private void IntoTwoSides(int i)
    {
        var both = _lexemes[i];
        var (one, other) = both.Plain[0] == 'l' ? ("left", "right") : ("right", "left");
        _lexemes[i] = new Lexeme("side", one, both.Start, both.Length - other.Length - 1, one);
        _lexemes.Insert(i + 1, new Lexeme("side", other, both.Start + both.Length - other.Length, other.Length, other));
    }

    /// <summary>"Punch left, punch right, that's one and two.": the numbers of what was just said, each of its own; before one comes the opening.</summary>
    private bool CountsWhatWasSaid(int i)
    {
        // "Three, step, kiai! Now turn around, low block, that's four.": one more than was called.
        if (_lexemes[i].Is("number") && _explicitCounts && Follows(i, "thats") && _calls.Count > 0 && _calls[^1].Number == _lexemes[i].Number - 1 && _draft is { BeginsSentence: true, IsNumbered: false, HasBody: true, Counting: Counting.Then })
        {
            _draft.Counting = Counting.Own;
            _calls.Add((_lexemes[i].Number, _draft.Id, _lexemes[i]));
            Note(_lexemes[i], "count");
            return true;
        }
        if (!_lexemes[i].Is("number") || _explicitCounts || !(Follows(i, "thats") || i > 0 && _lexemes[i - 1].Is("countNoun") && Follows(i - 1, "thats"))) return false;
        var numbers = new List<Lexeme> { _lexemes[i] };
        var end = i;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].EndsSentence; k++)
        {
            if (_lexemes[k].IsStop || _lexemes[k].Plain == "and") continue;
            if (!_lexemes[k].Is("number") || _lexemes[k].Number != numbers[^1].Number + 1) return false;
            numbers.Add(_lexemes[k]);
            end = k;
        }
        if (!_draft.HasBody || numbers.Count > _said.Count + 1) return false;
        _draft.Counting = Counting.Own;
        for (var k = 1; k < numbers.Count; k++) _said[^k] = _said[^k] with { Counting = Counting.Own };
        if (numbers[0].Number == 1)
            for (var k = 0; k <= _said.Count - numbers.Count; k++) _said[k] = _said[k] with { Counting = Counting.Uncounted };
        foreach (var number in numbers) Note(number, "count");
        for (var k = i; k <= end; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
        return true;
    }

    /// <summary>"Those are four counts.": how many there have been so far. Where fewer were heard, what was joined last by commas is parted.</summary>
    private bool CountsSoFar(int i)
    {
        if (!_lexemes[i].Is("number") || _explicitCounts || !Follows(i, "thats", "are", "those are", "makes") || i + 1 >= _lexemes.Count || !Alone(i + 1) || _lexemes[i + 1].Plain is not ("counts" or "moves" or "movements")) return false;
        var counted = _before.Concat(_said).Count(m => m.Counting == Counting.Own) + (_draft is { IsEmpty: false, Counting: Counting.Own } ? 1 : 0);
        var missing = _lexemes[i].Number - counted;
        var joined = Enumerable.Range(1, Math.Max(0, _said.Count - 1)).Where(k => _said[k] is { Counting: Counting.Then, Hands.Count: > 0 } && _said[k - 1] is { Kick: not null } or { Hands.Count: > 0 }).ToList();
        var last = _draft is { Counting: Counting.Then, HasHands: true } && _said is [.., { Hands.Count: > 0 }] ? 1 : 0;
        if (missing <= 0 || missing > joined.Count + last) return false;
        if (last == 1) _draft.Counting = Counting.Own;
        foreach (var k in joined.TakeLast(missing - last)) _said[k] = _said[k] with { Counting = Counting.Own };
        ForgetNow();
        foreach (var word in new[] { i, i + 1 })
        {
            Note(_lexemes[word], "count");
            _lexemes[word] = _lexemes[word] with { Kind = "filler" };
        }
        return true;
    }

    /// <summary>Whether all that has been said so far opens the form.</summary>
    private bool NothingCounted => _before.Concat(_said).All(m => m.Counting == Counting.Uncounted);

    // Whether no number has been called yet in this text; only a form that has not begun can still be opened.
    private bool? _first;
}
