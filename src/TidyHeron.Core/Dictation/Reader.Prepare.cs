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
            if (_lexemes[i] is { Kind: "weapon", Plain: "spears" or "spearing" or "spear" } && Previous(i) is { Kind: "handNoun" or "relHand" } or { Plain: "palm" or "palms" or "fingers" })
                _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = "spear-hand", Term = TermOf("spear-hand") };
            // "Left hand low spear": no weapon either.
            if (_lexemes[i] is { Kind: "weapon", Plain: "spear" } && _lexemes.Take(i).Reverse().TakeWhile(l => !l.IsStop).Any(l => l.Is("handNoun")) && !_lexemes.Any(l => l.Kind == "weapon" && l != _lexemes[i]))
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
            if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Follows(i, "to", "into", "against") && Previous(i) is { Kind: "technique", Term.Family: "elbow" })
                AsNote(i, i);
            if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var kicked && Follows(kicked, "to") && Previous(kicked) is { IsKick: true })
                AsNote(kicked, i);
            if (_lexemes[i] is { Kind: "technique", Plain: "palm" or "hand" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var struck && (Follows(struck, "into", "against") || Previous(struck) is { Plain: "elbow strikes" or "strikes" or "hits" or "elbow hits" or "elbow strike" } verb && _lexemes[struck - 1].Plain is "the" or "your" or "elbow strikes" or "strikes" or "hits") && Previous(struck) is { Kind: "technique" })
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
            // "The right foot draws back to the left".
            if (_lexemes[i] is { Kind: "technique", Plain: "draws back" or "draw back" or "pulls back" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = Next(i) is { Kind: "stance" } ? "slide-back" : i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "to" ? "pull-together" : "step-back", Term = null };
            if (_lexemes[i] is { Kind: "technique", Plain: "pulls" or "pull" } && Previous(i) is { Kind: "footNoun" or "relFoot" } && Next(i) is { Kind: "way", Value: "back" } && Next(IndexAfter(i)) is { Kind: "stance" })
            {
                _lexemes[IndexAfter(i)] = _lexemes[IndexAfter(i)] with { Kind = "filler" };
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "slide-back", Term = null };
            }
            // "First cut: right foot forward …": the heading of what is told after it.
            if (_lexemes[i].Is("ordinal") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].IsHandTechnique && _lexemes[i + 2].Is("stop", ":"))
                _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler", Term = null };
            // "Strike the knee": what is struck.
            if (_lexemes[i] is { Kind: "technique", Plain: "knee" or "knees" } && i > 1 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2] is { IsHandTechnique: true })
                _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
            // "Right tiger claw rises to the face": the hand does.
            if (_lexemes[i] is { Kind: "footwork", Value: "rise", Plain: "rises" or "rise" } && i > 0 && _lexemes[i - 1].IsHandTechnique)
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "Swing the left foot around": it steps.
            if (_lexemes[i].Plain is "swing" or "swings" && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "step", Term = null };
            // "Hidari ashi hiki": the foot is drawn back.
            if (_lexemes[i] is { Kind: "technique", Plain: "hiki" or "hiite" or "hiku" } && Previous(i) is { Kind: "footNoun" or "relFoot" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "step-back", Term = null };
            // "Left foot in, step out right": beside the other one.
            if (_lexemes[i] is { Kind: "filler", Plain: "in" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && _lexemes[i - 2].Is("side") && Previous(i - 2) is null && (_lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork", "step")) || !_lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "technique" or "stance")))
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "pull-together" };
            // "Rear end comes up to the groin": that end of the staff strikes.
            if (_lexemes[i].Plain is "end" or "butt" or "tip" or "butt end" or "the butt end" or "tail end" or "the tail end" && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "comes" or "goes" or "swings" or "comes up" && _lexemes[i + 2].Plain.Split(' ')[0] is "up" or "to" && (SpeaksOf("staff") || _lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
            {
                _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "technique", Value = "staff-rising-strike", Term = TermOf("staff-rising-strike") };
                _lexemes[i + 2] = _lexemes[i + 2] with { Kind = "filler" };
                if (i > 0 && _lexemes[i - 1].Plain is "rear" or "back" or "other" or "lower") _lexemes[i - 1] = _lexemes[i - 1] with { Kind = "filler" };
            }
            // "Slip left foot, walking stance": with a foot it slides.
            if (_lexemes[i] is { Plain: "slip" or "slips", Kind: not "stop" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" } || _lexemes[i].Plain is "slip" or "slips" && (Previous(i) is { Kind: "footNoun" } || StanceComes(i)))
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "slide" };
            // "Form number one": its name.
            if (_lexemes[i].Is("countNoun") && i > 0 && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && FormNouns.Contains(_lexemes[i - 1].Plain.Split(' ')[^1]))
                (_lexemes[i], _lexemes[i + 1]) = (_lexemes[i] with { Kind = "filler" }, _lexemes[i + 1] with { Kind = "filler" });
            // "Left foot comes up, left inside block": beside the other one, where it does not kick.
            if (_lexemes[i].Plain is "comes" or "comes up" && i > 1 && _lexemes[i - 1] is { Kind: "footNoun", Plain: "foot" } && Previous(IndexBefore(i)) is { Kind: "side" } && (_lexemes[i].Plain == "comes up" ? i : i + 1) is var up && up < _lexemes.Count && (up == i || _lexemes[up].Plain == "up") && Alone(up)
                && !_lexemes.Skip(up).TakeWhile(l => !l.EndsSentence).Any(l => l.IsKick || l.Is("stance") || l.Is("footwork")))
                _lexemes[up] = _lexemes[up] with { Kind = "footwork", Value = "pull-together", Term = null };
            // "Right inside and left low" among blocks: told by where they go.
            if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "inside" or "outside" && _lexemes[i + 1].Kind is "filler" or "unread" or "order" or "detail" or "way" && (Alone(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "and"))
            {
                var first = i;
                while (first > 0 && !_lexemes[first - 1].EndsSentence) first--;
                var block = TermOf(_lexemes[i + 1].Plain == "inside" ? "inside-block" : "outside-block");
                _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "technique", Value = block.Id.Value, Term = block };
                for (var k = first; k <= EndOfSentence(i); k++)
                {
                    if (_lexemes[k] is { Kind: "level", Value: "low", Plain: "low" } && _lexemes[k - 1].Is("side") && (Alone(k) || _lexemes[k + 1].Plain == "and")) _lexemes[k] = _lexemes[k] with { Kind = "technique", Value = "low-block", Term = TermOf("low-block") };
                    if (_lexemes[k].Plain is "cross blocks" or "double blocks" or "double block") _lexemes[k] = _lexemes[k] with { Kind = "filler", Term = null };
                }
            }
            // "Front stance, left, to start with": the opening, told after its stance.
            if (_lexemes[i].Plain is "to start with" or "to begin with" or "to start" or "to begin" && _before.Count == 0 && !_lexemes[i].Is("opening") && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" && l.Plain is not "drill") && _lexemes.FindLastIndex(i, l => l.Is("stance")) is var begun and >= 0 && !_lexemes.GetRange(begun, i - begun).Any(l => l.EndsSentence))
            {
                var clause = begun;
                while (clause > 0 && !_lexemes[clause - 1].IsStop) clause--;
                var opens = _lexemes[i] with { Kind = "opening", Value = "opening" };
                _lexemes.RemoveAt(i);
                // A remark before it ends here.
                _lexemes.Insert(clause, opens);
                for (var k = clause - 1; k >= 0 && !_lexemes[k].EndsSentence; k--) if (!_lexemes[k].IsStop) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            }
            // "The left foot opens to the left".
            if (_lexemes[i].Plain is "opens" or "open" && _lexemes[i].Kind is "technique" or "filler" && Previous(i) is { Kind: "footNoun" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "step", Term = null };
            // "Pull back to ready": one comes back.
            if (_lexemes[i] is { Kind: "technique", Value: "pull" } && i + 1 < _lexemes.Count && (_lexemes[i + 1].Is("footwork", "return") || _lexemes[i + 1].Is("way", "back") && i + 2 < _lexemes.Count && _lexemes[i + 2].Is("footwork", "return")))
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "Around to the other side, low block": one turns there.
            if (_lexemes[i] is { Kind: "filler", Plain: "around" or "round" or "back around" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("otherSide") && Alone(i + 1) && !_lexemes[Math.Min(i + 2, _lexemes.Count - 1)].EndsSentence)
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "turn", Term = TermOf("turn") };
            // "Twisted high block": how it is done.
            if (_lexemes[i] is { Kind: "footwork", Plain: "twisted" or "twist" or "twisting" } && i > 0 && i + 1 < _lexemes.Count && (_lexemes[i - 1].IsHandTechnique || _lexemes[i - 1].Is("handNoun") || _lexemes[i - 1].Is("side")) && (_lexemes[i + 1].IsHandTechnique || _lexemes[i + 1].Is("level")))
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "Turn to the right, gedan.", where it was a low block before.
            if (_lexemes[i] is { Kind: "level", Plain: "gedan" } && Alone(i) && Previous(i) is null && i > 0 && _lexemes[i - 1].IsStop && _lexemes.Any(l => l is { Value: "low-block" } && l.Plain.StartsWith("gedan", StringComparison.Ordinal)) && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "amount"))
                _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = "low-block", Term = TermOf("low-block") };
            // "Bow left, right palm strike": with a side it is the stance.
            if (_lexemes[i] is { Kind: "footwork", Plain: "bow" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && (Alone(i + 1) || _lexemes[i + 1].Plain is "left" or "right" && Next(i + 1) is { Kind: "facing" }) && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].Plain is "into" or "to" or "in"))
                _lexemes[i] = _lexemes[i] with { Kind = "stance", Value = "bow-stance", Term = TermOf("bow-stance") };
            // "The stance shifts to bow right".
            if (_lexemes[i] is { Kind: "footwork", Plain: "bow" } && Follows(i, "to", "into") && _lexemes.Any(l => l is { Kind: "stance", Value: "bow-stance" }))
                _lexemes[i] = _lexemes[i] with { Kind = "stance", Value = "bow-stance", Term = TermOf("bow-stance") };
            // "Left foot behind right, cross": the stance that makes.
            if (_lexemes[i] is { Kind: "footwork", Plain: "cross" } && Alone(i) && i > 0 && _lexemes[i - 1].IsStop && _lexemes.Take(i - 1).Reverse().TakeWhile(l => !l.EndsSentence).Take(8).Any(l => l.Plain is "behind" or "behind the" or "in front of the"))
                _lexemes[i] = _lexemes[i] with { Kind = "stance", Value = "cross-stance", Term = TermOf("cross-stance") };
            // "Front kick, down into front stance, gyaku.": the punch of the other hand.
            if (_lexemes[i] is { Kind: "unread", Plain: "gyaku" } && Alone(i) && Previous(i) is null && !Clauses(i).Any(l => l.IsHandTechnique))
                _lexemes[i] = _lexemes[i] with { Kind = "technique", Value = "reverse-punch", Term = TermOf("reverse-punch") };
            // "Strike shomen": the second word says which.
            if (_lexemes[i] is { Kind: "technique", Plain: "strike" or "strikes" or "cut" or "cuts" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "shomen" or "yokomen" or "men" or "kote" or "do" })
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // "Bring the left foot up, stand up": beside the other one.
            if (_lexemes[i] is { Kind: "filler" or "way", Plain: "up" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("footNoun") && Previous(IndexBefore(i)) is { Kind: "side" } && _lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "footwork", Value: "rise" })
                _lexemes[i] = _lexemes[i] with { Kind = "footwork", Value = "pull-together", Term = null };
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
            if (_lexemes[i].Kind is "footwork" or "technique" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("filler") && FormNouns.Contains(_lexemes[i + 1].Plain) && Previous(i) is null or { Kind: "number" })
                _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };
            // A name that ends like a word of movement.
            if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i > 0 && _lexemes[i - 1].Is("unread")) _lexemes[i] = _lexemes[i] with { Kind = "unread", Term = null };
            // "Gun form": one word for a roll and for the staff.
            if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "form" or "shu" or "fa" or "set")
                _lexemes[i] = _lexemes[i] with { Kind = "weapon", Value = "staff", Term = null };
            // "Like an uppercut, or a hook some people say": another name, kept as a remark.
            if (_lexemes[i] is { Kind: "filler", Plain: "or" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { Kind: "technique" or "stance" }) AsNote(i, EndOfClause(i));
        }
        FindLandmark();
        // Who tells directions by the letters of the diagram names these stances by the rear foot.
        _namedByRear = _lexemes.Any(l => l is { Kind: "clock", Plain.Length: 1 or 2 } && l.Plain.All(char.IsLetter));
        FindHeadings();
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
        // Words may have been put before those they follow.
        var run = _lexemes.GetRange(first, last - first + 1);
        var (from, to) = (run.Min(l => l.Start), run.Max(l => l.Start + l.Length));
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
        // "18 step routine: 1 left foot …": a number that none follows is no count.
        if (all.Count > 2 && StartsSentence(all[0]) && all.Skip(1).All(k => _lexemes[k].Number != _lexemes[all[0]].Number + 1)) all.RemoveAt(0);
        if (all.Find(StartsSentence) is var at && (all.Count < 3 || !StartsSentence(at))) return;
        var found = new List<int>();
        foreach (var i in all.SkipWhile(i => i != at))
        {
            if (found.Count > 0 && _lexemes[i].Number != _lexemes[found[^1]].Number + 1) continue;
            if (StartsSentence(i) || all.Any(k => k > i && StartsSentence(k) && _lexemes[k].Number == _lexemes[i].Number + 1) && !InRepeat(i)) found.Add(i);
        }
        // "(Feet parallel, facing 12) 1 left foot …": the first of them may stand in the sentence of the opening.
        if (found.Count >= 3 && all.FindLast(k => k < found[0] && k > 0 && _lexemes[k - 1].IsStop && _lexemes[k].Number == _lexemes[found[0]].Number - 1) is var opens and > 0) found.Insert(0, opens);
        if (found.Count >= 3 && all.Where(StartsSentence).All(found.Contains)) _numbered.UnionWith(found);
    }
}
