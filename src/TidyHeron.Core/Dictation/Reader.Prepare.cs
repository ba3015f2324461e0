using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What is seen only in the whole text: numbers that count up, and words that are numbers' company.</summary>
public sealed partial class Reader
{
    /// <summary>Retells lexemes whose meaning is told by others, before any of them is taken in.</summary>
    private void Prepare()
    {
        Corrections.Apply(_lexemes);
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            // "Step one, …", "move seven through ten are the same …": a number after the word is that of a count.
            if (_lexemes[i] is { Kind: "footwork", Plain: "step" or "move" } && StartsSentence(i) && _lexemes[i + 1].Kind is "number" && (Alone(i + 1) || IsRange(i + 1) || InRepeat(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "is"))
                _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
            if (_lexemes[i] is { Kind: "footwork", Plain: "moves" } && StartsSentence(i) && _lexemes[i + 1].Kind is "number") _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
            // "As ten and eleven", "as in four": the same again.
            if (_lexemes[i] is { Kind: "filler", Plain: "as" or "like" } && (_lexemes[i + 1].Kind is "number" or "countNoun" && (i + 2 >= _lexemes.Count || _lexemes[i + 2].IsStop || CommandWords.Contains(_lexemes[i + 2].Kind))))
                _lexemes[i] = _lexemes[i] with { Kind = "again" };
            // "One's a left step. Two's the cross.": called by numbers that begin the sentence.
            if (_lexemes[i] is { Kind: "number" } told && told.Plain.EndsWith("'s", StringComparison.Ordinal) && StartsSentence(i)) _numbered.Add(i);
        }
        for (var i = 0; i < _lexemes.Count; i++)
        {
            // "The right hand spears upward": the hand does it, no spear.
            if (_lexemes[i] is { Kind: "weapon", Plain: "spears" or "spearing" or "spear" } && Previous(i) is { Kind: "handNoun" or "relHand" })
                _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = "spear-hand", Term = TermOf("spear-hand") };
            // "Down into left bow": with a side or a way into it, the bow is the stance.
            if (_lexemes[i] is { Kind: "footwork", Plain: "bow" } && i > 0 && (_lexemes[i - 1].Is("side") || Follows(i, "into")) && _ways.Vocabulary.Find(new TermId("bow-stance")) is { } bow)
                _lexemes[i] = _lexemes[i] with { Kind = "stance", Value = bow.Id.Value, Term = bow };
            // "Left foot front": it leads.
            if (_lexemes[i] is { Kind: "place", Plain: "front" } && Alone(i) && Previous(i) is { Kind: "footNoun" })
                _lexemes[i] = _lexemes[i] with { Kind = "lead", Value = "lead" };
            // "Left hand front": on the weapon, it leads the grip.
            if (_lexemes[i] is { Kind: "place", Plain: "front" or "forward" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("handNoun") && _lexemes[i - 2] is { Kind: "side" } gripping && SpeaksOf("staff"))
            {
                var (from, to) = (gripping.Start, _lexemes[i].Start + _lexemes[i].Length);
                _lexemes[i - 2] = new Lexeme("gripLead", gripping.Value, from, to - from, "");
                for (var k = i - 1; k <= i; k++) _lexemes[k] = new Lexeme("filler", "filler", to, 0, "");
            }
            // "Right elbow into the left palm": what it strikes.
            if (_lexemes[i] is { Kind: "technique", Plain: "palm" or "hand" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var struck && Follows(struck, "into", "against") && Previous(struck) is { Kind: "technique" })
                AsNote(struck, i);
            // "Ninety plus forty-five".
            if (_lexemes[i] is { Kind: "degrees" } part && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "plus" or "and" && _lexemes[i + 2] is { Kind: "degrees" } rest && part.Number + rest.Number is 135 or 225 or 270)
            {
                _lexemes[i] = part with { Value = (part.Number + rest.Number).ToString(), Length = rest.Start + rest.Length - part.Start };
                _lexemes.RemoveRange(i + 1, 2);
            }
            // "The second line is rising blocks with reverse punches.": told out by the sentences after it.
            if (_lexemes[i] is { Kind: "ordinal" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "line" or "row" or "section" or "half" or "line is" or "row is" && EndOfSentence(i) is var toldBy && _lexemes.GetRange(i, toldBy - i + 1) is var announces && announces.Any(l => l.Plain.Split(' ').Contains("is")) && !announces.Any(l => l.Is("side")))
                AsNote(i, toldBy);
            // "That same front leg": told by its place, "same" adds nothing.
            if (_lexemes[i] is { Kind: "again" } same && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "relFoot" or "footNoun" && same.Plain is "same" or "the same")
                _lexemes[i] = _lexemes[i] with { Kind = "filler" };
            // "The right foot draws a circle": it steps in an arc.
            if (_lexemes[i] is { Kind: "technique", Value: "sword-draw", Plain: "draw" or "draws" or "drawing" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "crescent-step", Term = null };
            // "Hidari ashi hiki": the foot is drawn back.
            if (_lexemes[i] is { Kind: "technique", Plain: "hiki" or "hiite" or "hiku" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "step-back", Term = null };
            // "The right foot passes through": it steps.
            if (_lexemes[i] is { Kind: "technique", Value: "regrip", Plain: "pass" or "passes" or "passing" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "step", Term = null };
            // "Seventh step left … Eighth turn around …": not an eighth of a turn.
            if (_lexemes[i] is { Kind: "amount", Plain: "eighth turn" } eighth && StartsSentence(i) && _lexemes.Take(i).Any(l => l.Is("ordinal", "7")))
            {
                _lexemes[i] = new Lexeme("ordinal", "8", eighth.Start, "eighth".Length, "eighth");
                _lexemes.Insert(i + 1, new Lexeme("footwork", "turn", eighth.Start + eighth.Length - "turn".Length, "turn".Length, i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "around" or "round" ? "turn around" : "turn", TermOf("turn")));
            }
            // "Let's go": nobody lets go of anything.
            if (_lexemes[i] is { Kind: "technique", Plain: "lets go" } && _text.AsSpan(_lexemes[i].Start, _lexemes[i].Length).IndexOfAny('\'', '’') >= 0)
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "The five-step form": its name.
            if (_lexemes[i].Kind is "footwork" or "technique" && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "filler", Plain: "form" or "kata" or "pattern" or "hyung" or "poomsae" or "tul" or "taolu" } && Previous(i) is null or { Kind: "number" })
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "Gun form": one word for a roll and for the staff.
            if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "form" or "shu" or "fa" or "set")
                _lexemes[i] = _lexemes[i] with { Kind = "weapon", Value = "staff", Term = null };
            // "Like an uppercut, or a hook some people say": another name, kept as a remark.
            if (_lexemes[i] is { Kind: "filler", Plain: "or" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { Kind: "technique" or "stance" }) AsNote(i, EndOfClause(i));
        }
        FindSeriesBySides();
        FindDeclaredCounts();
        FindAnnouncements();
        _weapons.UnionWith(_lexemes.Where(l => l.Is("weapon")).Select(l => l.Value));
        FindNumbers();
        FindTitles();
        // One number alone before many sentences calls nothing: "Kata for juniors, one: …".
        var marks = Enumerable.Range(0, _lexemes.Count).Where(IsCountMark).ToList();
        _noCounts = marks.Count == 1 && _lexemes.Skip(marks[0]).Count(l => l.EndsSentence) > 4;
        _explicitCounts = _lexemes.Where((_, i) => IsCountMark(i)).Any();
        _first = _before.All(m => m.Counting == Counting.Uncounted);
    }

    /// <summary>"Right, left and right punches stepping forward.": as many as there are sides, which go behind what they are sides of.</summary>
    private void FindSeriesBySides()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!_lexemes[i].Is("side") || !StartsSentence(i)) continue;
            PartLeftAndRight(i);
            var (at, sides) = (i, 0);
            while (at < _lexemes.Count && (_lexemes[at].Is("side") || _lexemes[at].Is("stop", ",") || _lexemes[at].Plain == "and" || _lexemes[at].Is("then")))
                if (_lexemes[at++].Is("side")) sides++;
            if (sides < 2 || at >= _lexemes.Count || !_lexemes[at].IsHandTechnique || !IsPlural(_lexemes[at])) continue;
            var technique = _lexemes[at];
            _lexemes.RemoveAt(at);
            _lexemes.InsertRange(i, [new Lexeme("number", sides.ToString(System.Globalization.CultureInfo.InvariantCulture), technique.Start, 0, ""), technique]);
            i = at + 1;
        }
    }

    /// <summary>"Pattern with 16 movements", "the kids' version has twelve moves": how many counts the form is said to have, to be checked against the counting.</summary>
    private void FindDeclaredCounts()
    {
        const int Fewest = 5; // "two moves", "three steps" are said of what follows
        for (var i = 0; i + 1 < _lexemes.Count && _before.Count == 0; i++)
        {
            if (_lexemes[i] is not { Kind: "number" } many || many.Number is < Fewest or > 400 || _lexemes[i + 1].Plain is not ("moves" or "movements" or "counts" or "techniques" or "steps" or "motions")) continue;
            var first = i;
            while (first > 0 && !_lexemes[first - 1].EndsSentence) first--;
            if (_lexemes.GetRange(first, EndOfSentence(i) - first + 1) is var sentence && (sentence.Any(l => l.Kind is "side" or "technique" or "stance" or "turnSide") || !sentence.Any(l => l.Plain is "with" or "has" or "have" or "of" or "in" or "got" or "pattern with"))) continue;
            _lexemes[i] = new Lexeme("declares", many.Value, many.Start, _lexemes[i + 1].Start + _lexemes[i + 1].Length - many.Start, many.Plain);
            _lexemes.RemoveAt(i + 1);
            return;
        }
    }

    /// <summary>"This pattern opens with a stamp. Left foot …": what a form begins with, told out by the next sentence; "so, three steps." likewise.</summary>
    private void FindAnnouncements()
    {
        if (_before.Count > 0) return;
        for (var first = 0; first < _lexemes.Count && first < 60; first = EndOfSentence(first) + 1)
        {
            while (first < _lexemes.Count && _lexemes[first].IsStop) first++;
            if (first >= _lexemes.Count) return;
            var end = EndOfSentence(first);
            var (sentence, rest) = (_lexemes.GetRange(first, end - first + 1), _lexemes.Skip(end + 1).ToList());
            if (sentence.Any(l => l.Kind is "side" or "turnSide" or "degrees") || !rest.Any(l => l.Is("side"))) continue;
            // "A horse-stance form, I call it the fence.": its name.
            var titled = first == 0 && sentence.Any(l => l.Plain.Split(' ').Any(w => w is "form" or "kata" or "pattern" or "set" or "routine" or "poomsae" or "hyung" or "tul")) && !sentence.Any(l => l.Kind is "footwork" or "technique" or "footNoun" or "opening" or "weapon")
                && sentence.Any(l => l.Is("stance"));
            if (titled) AsNote(first, end);
            var opens = sentence.Any(l => l.Plain is "opens with" or "begins with" or "starts with" or "we start with" or "we begin with") && sentence.Where(l => l.Kind is "footwork" or "technique").All(l => rest.Any(r => r.Kind == l.Kind && r.Value == l.Value));
            var steps = sentence.FindIndex(l => l.Plain is "steps" or "punches" or "blocks" or "kicks") is var at and > 0 && sentence[at - 1].Is("number") && sentence.Skip(at + 1).All(l => l.Is("filler") || l.IsStop)
                && rest.Count(l => l.Kind == "footNoun" || l.Value == sentence[at].Value) >= sentence[at - 1].Number && !sentence.Take(at).Any(l => l.Kind is "footwork" or "technique");
            if ((opens || steps) && sentence.Any(l => l.Kind is "footwork" or "technique")) AsNote(first, end);
            if (sentence.Any(l => l.Kind is "footNoun")) return;
        }
    }

    private int EndOfSentence(int i)
    {
        while (i + 1 < _lexemes.Count && !_lexemes[i + 1].EndsSentence) i++;
        return i;
    }

    private int EndOfClause(int i)
    {
        while (i + 1 < _lexemes.Count && !_lexemes[i + 1].IsStop) i++;
        return i;
    }

    /// <summary>Makes one remark of a run of lexemes.</summary>
    private void AsNote(int first, int last)
    {
        var (from, to) = (_lexemes[first].Start, _lexemes[last].Start + _lexemes[last].Length);
        _lexemes[first] = new Lexeme("detail", "detail", from, to - from, "");
        for (var k = first + 1; k <= last; k++) _lexemes[k] = new Lexeme("filler", "filler", to, 0, "");
    }

    /// <summary>
    /// "1 left foot … 2 right foot …": numbers that count up, one sentence after the other; a full stop may be missing
    /// before some of them.
    /// </summary>
    private void FindNumbers()
    {
        // "First turn left … Second step forward …".
        var ordinals = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out _) && StartsSentence(i)).ToList();
        if (ordinals.Count >= 3 && ordinals.Zip(ordinals.Skip(1)).All(p => _lexemes[p.Second].Number == _lexemes[p.First].Number + 1)) _numbered.UnionWith(ordinals);
        var all = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i].Is("number") && char.IsDigit(_text[_lexemes[i].Start])).ToList();
        if (all.Find(StartsSentence) is var at && (all.Count < 3 || !StartsSentence(at))) return;
        var found = new List<int>();
        foreach (var i in all.SkipWhile(i => i != at))
        {
            if (found.Count > 0 && _lexemes[i].Number != _lexemes[found[^1]].Number + 1) continue;
            if (StartsSentence(i) || all.Any(k => k > i && StartsSentence(k) && _lexemes[k].Number == _lexemes[i].Number + 1) && !InRepeat(i)) found.Add(i);
        }
        if (found.Count >= 3 && all.Where(StartsSentence).All(found.Contains)) _numbered.UnionWith(found);
    }

    /// <summary>
    /// "Move one is bow stance punch. Step your left foot out into bow stance, …": a sentence after a number that names
    /// no side, and is told out by those that follow, is the count's name.
    /// </summary>
    private void FindTitles()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!IsCountMark(i) || !_lexemes.Where((_, k) => k != i && IsCountMark(k)).Any()) continue;
            var first = i + (_lexemes[i].Is("countNoun") ? 2 : 1);
            while (first < _lexemes.Count && _lexemes[first].IsStop && !_lexemes[first].EndsSentence) first++;
            var last = first;
            while (last < _lexemes.Count && !_lexemes[last].EndsSentence) last++;
            var next = last;
            while (next < _lexemes.Count && !IsCountMark(next)) next++;
            if (last >= next || first >= last) continue;
            var (title, told) = (_lexemes.GetRange(first, last - first), _lexemes.GetRange(last, next - last));
            if (title.Any(l => l.Kind is "side" or "footNoun" or "degrees" or "clock" or "turnSide" or "facing" or "again" or "otherSide" or "times" or "weapon") || !told.Any(l => l.Is("side"))) continue;
            if (!title.Any(l => l.Kind is "stance" or "technique" or "footwork") || title.Count(l => l.Kind is "stance" or "technique" or "footwork" or "handNoun") != title.Count(l => l.Kind is not "filler" && !l.IsStop && !l.Is("detail"))) continue;
            var toldOut = title.Where(l => l.Kind is "stance" or "technique").All(l => told.Any(t => t.Kind == l.Kind && (t.Value == l.Value || t.Kind == "technique" && (t.Term!.Family == l.Term!.Family || t.Value is "kick" && l.IsKick))));
            var named = title[0] is { Kind: "filler", Plain: "is" };
            if ((named || title.Any(l => l.Kind is "stance" or "technique") && toldOut) && told.Any(l => l.Kind is "footwork" or "stance" or "footNoun" || l.IsKick)) AsNote(first, last - 1);
        }
    }
}
