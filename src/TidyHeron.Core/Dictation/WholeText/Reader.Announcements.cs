using System.Text.RegularExpressions;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What a text says of itself: how many counts it has, what comes next, names of counts and of the form.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> FormNouns = ["form", "kata", "pattern", "set", "routine", "hyung", "poomsae", "tul", "taolu"];

    private const int MostWordsOfAName = 4;

    /// <summary>"Start facing the door": what the form begins towards is the front, and every later word for it.</summary>
    private void FindLandmark()
    {
        if (_before.Count > 0) return;
        for (var i = 0; i + 1 < _lexemes.Count && _lexemes[i].Kind is not ("technique" or "side"); i++)
        {
            if (!_lexemes[i].Is("facing")) continue;
            var at = i + 1;
            while (at < _lexemes.Count && _lexemes[at].Plain is "the" or "to" or "to the" or "towards the") at++;
            if (at >= _lexemes.Count || _lexemes[at].Kind is not ("unread" or "filler" or "otherSide") || _lexemes[at].Plain.Contains(' ') || _lexemes[at].Plain.Length < 4) return;
            var mark = _lexemes[at].Plain;
            for (var k = i; k <= at; k++) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            for (var k = at + 1; k < _lexemes.Count; k++)
                if (_lexemes[k].Plain == mark || _lexemes[k].Plain is var words && words.EndsWith(" " + mark, StringComparison.Ordinal) && _lexemes[k].Kind is "filler" or "unread" or "otherSide") _lexemes[k] = _lexemes[k] with { Kind = "place", Value = "front" };
            return;
        }
    }

    private static readonly string[] Winds = ["north", "east", "south", "west"], Walls = ["front", "right", "rear", "left"];

    /// <summary>"We begin facing south", "south is the front": where a form begins is its front, whatever the hall calls it; the other winds turn with it.</summary>
    private void FindWhichWindIsTheFront()
    {
        if (_before.Count > 0) return;
        var front = -1;
        for (var first = 0; first < _lexemes.Count && !_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun"); first = EndOfSentence(first) + 2)
        {
            var (end, sentence) = (EndOfSentence(first), _lexemes.GetRange(first, EndOfSentence(first) - first + 1));
            if (sentence.Where(l => !l.IsStop && (!l.Is("filler") || l.Plain == "is")).ToList() is [{ Kind: "place" } named, { Plain: "is" }, { Kind: "place", Value: "front" }] && WindOf(named) is >= 0 and var told)
            {
                front = told;
                AsNote(first, end);
                break;
            }
            if (front < 0 && sentence.Any(l => l.Is("opening") || l.Plain is "begin" or "begins" or "start" or "starts") && sentence.FindIndex(l => l.Is("facing")) is >= 0 and var faces && sentence.Skip(faces + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "place" } there) front = WindOf(there);
        }
        if (front < 1) return;
        for (var i = 0; i < _lexemes.Count; i++)
            if (_lexemes[i].Is("place") && WindOf(_lexemes[i]) is >= 0 and var wind) _lexemes[i] = _lexemes[i] with { Value = Walls[(wind - front + 4) % 4] };

        static int WindOf(Lexeme place) => Array.FindIndex(Winds, w => place.Plain.Split(' ').Contains(w));
    }

    /// <summary>"The first move is a step to the left. Feet apart to begin, … One. Left foot …": told before it is called, so it is no move.</summary>
    private void FindTheFirstAnnounced()
    {
        var end = EndOfSentence(0);
        if (_before.Count > 0 || _lexemes.Count == 0 || !_lexemes.Take(end).Any(l => l.Is("ordinal", "1")) || !_lexemes.Take(end).Any(l => l.Plain == "is") || _lexemes.Take(end + 1).Any(l => l.Is("stance") || l.IsHandTechnique)) return;
        if (Enumerable.Range(end + 1, _lexemes.Count - end - 1).FirstOrDefault(k => _lexemes[k].Is("number", "1") && StartsSentence(k) && Alone(k), -1) > 0) AsNote(0, end);
    }

    /// <summary>"Right, left and right punches stepping forward.": as many as there are sides, which go behind what they are sides of.</summary>
    private void FindSeriesBySides()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            // "Step right, left, right, middle punch": a step with each.
            var stepping = i > 0 && _lexemes[i - 1] is { Kind: "footwork", Value: "step" } && (StartsSentence(i - 1) || i > 1 && _lexemes[i - 2].Plain == "go");
            if (!_lexemes[i].Is("side") || !OnlySmallWordsBefore(i) && !stepping) continue;
            var (at, sides) = SidesBeforeATechnique(i);
            if (sides < (stepping ? 3 : 2) || !stepping && !IsPlural(_lexemes[at])) continue;
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
            var first = StartOfSentence(i);
            // "Nine steps.", a sentence of its own before anything is done.
            var saysOnlyThat = EndOfSentence(i) == i + 1 && OnlySmallWordsBefore(i) && !_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun" or "footwork" or "stance");
            if (!saysOnlyThat && _lexemes.GetRange(first, EndOfSentence(i) - first + 1) is var sentence && (sentence.Any(l => l.Kind is "side" or "technique" or "stance" or "turnSide") || !sentence.Any(l => l.Plain is "with" or "has" or "have" or "of" or "in" or "got" or "pattern with") && !(_lexemes[i + 1].Plain != "steps" && first == 0 && sentence.Count(l => !l.IsStop) > 2 && sentence.All(l => l.Kind is "filler" or "unread" or "then" or "number" or "countNoun" or "countWord" or "weapon" or "footwork" || l.IsStop)))) continue;
            _lexemes[i] = new Lexeme("declares", many.Value, many.Start, _lexemes[i + 1].Start + _lexemes[i + 1].Length - many.Start, many.Plain);
            _lexemes.RemoveAt(i + 1);
            return;
        }
    }

    /// <summary>"Okay, now we do the blocks.": what comes next, told by the sentences that follow.</summary>
    private void FindWhatComesNext()
    {
        for (var first = 0; first < _lexemes.Count; first = EndOfSentence(first) + 2)
        {
            var sentence = _lexemes.GetRange(first, EndOfSentence(first) - first + 1);
            // "First the kick. Right front kick, …": the same, told with its foot.
            if (sentence.Where(IsSaying).Where(l => !l.Is("ordinal")).ToList() is [{ Kind: "technique", Value: "kick" or "punch" or "block" or "strike" } one] && sentence.Any(l => l.Plain is "first" or "now" or "next") && Follows(_lexemes.IndexOf(one, first), "the") && RestOfSentence(EndOfSentence(first) + 1).FirstOrDefault(l => l.Is("technique")) is { } same && IsThat(one, same.Term!.Id) && RestOfSentence(EndOfSentence(first) + 1).Any(l => l.Is("side")))
            {
                AsNote(first, EndOfSentence(first));
                continue;
            }
            if (sentence.Find(l => l.Is("technique")) is not { } named || !IsPlural(named) || !named.Plain.Split(' ')[0].Equals(named.Plain, StringComparison.Ordinal) || !Follows(_lexemes.IndexOf(named, first), "the") || sentence.Any(l => l.Kind is not ("filler" or "then" or "technique" or "passage") && !l.IsStop || l.Is("technique") && l != named)) continue;
            if (_lexemes.Skip(EndOfSentence(first) + 1).Take(RunOn).Any(l => l.Kind is "technique" or "footNoun")) AsNote(first, EndOfSentence(first));
        }
    }

    [GeneratedRegex(@"\b(?:the whole (?:time|way through|form|kata|pattern|thing|set)|throughout|all the (?:time|way through)|all of (?:it|this)|everything(?: here)?|from start to finish|the entire (?:form|time|kata|pattern))\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex HowAllOfItIs();

    /// <summary>"This pattern opens with a stamp. Left foot …": what a form begins with, told out by the next sentence; "so, three steps." likewise.</summary>
    private void FindAnnouncements()
    {
        if (_before.Count > 0) return;
        // "Kata river stones, step list: 1. …": a heading.
        if (_lexemes.FindIndex(l => l.Is("stop", ":")) is var colon and > 0 && _lexemes.Skip(colon).FirstOrDefault(l => !l.IsStop) is { Kind: "number", Value: "1" } && _lexemes.Take(colon).All(l => l.Kind is "filler" or "unread" or "weapon" or "ordinal" or "passage" || l.Is("footwork", "step") || l.IsStop && !l.EndsSentence))
            foreach (var word in Enumerable.Range(0, colon).Where(k => _lexemes[k].Is("footwork"))) BecomesSmall(word);
        for (var first = 0; first < _lexemes.Count && first < 60; first = EndOfSentence(first) + 1)
        {
            while (first < _lexemes.Count && _lexemes[first].IsStop) first++;
            if (first >= _lexemes.Count) return;
            var end = EndOfSentence(first);
            var (sentence, rest) = (_lexemes.GetRange(first, end - first + 1), _lexemes.Skip(end + 1).ToList());
            // "Crane fist section.": what it is called.
            if (first == 0 && sentence.Count(l => !l.IsStop) <= MostWordsOfAName && SectionNouns.Contains(sentence[^1].Plain) && sentence.Any(l => l.Is("stance")) && rest.Count(l => l.EndsSentence) > 1) AsNote(first, end);
            // "Moving out of parallel ready.": how one stands as it begins.
            if (first == 0 && sentence.FindIndex(l => l.Is("from")) is var outOf && outOf == sentence.FindIndex(l => l.Is("footwork")) + 1 && outOf > 0 && sentence.Skip(outOf + 1).All(l => l.Is("filler") || l.IsStop || l.Is("stance") && StanceSet.IsStanding(l.Term!.Id)) && sentence.Any(l => l.Is("stance"))) BecomesSmall(first + outOf - 1);
            // "Ingredients: one bow stance, two cat stances.": what there is in it.
            if (sentence.Zip(sentence.Skip(1)).Count(p => p.First.Is("number") && p.Second.Is("stance")) >= 2 && sentence.All(l => l.Kind is "filler" or "unread" or "number" or "stance" or "passage" || l.IsStop) && !_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun"))
                AsNote(first, end);
            // "You go to the left, then to the right, then up the middle.": the way the form takes.
            if (Enumerable.Range(first, end - first + 1).Where(k => _lexemes[k].Is("side") && Follows(k, "to")).Select(k => _lexemes[k].Value).Distinct().Count() == 2 && sentence.Any(l => l.Is("then")) && sentence.All(l => l.Kind is not ("stance" or "footNoun" or "handNoun" or "degrees") && !(l.Is("technique") && !IsPlural(l)) && !(l.Is("footwork") && !l.Plain.StartsWith("go", StringComparison.Ordinal) && l.Plain != "moves")) && !_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun"))
                AsNote(first, end);
            if (sentence.Any(l => l.Kind is "side" or "turnSide" or "degrees") || !rest.Any(l => l.Is("side"))) continue;
            // "He needs the first eight moves.": how many of them.
            if (first == 0 && sentence.FindIndex(l => l is { Kind: "footwork", Plain: "moves" or "steps" }) is var deeds and > 0 && sentence[deeds - 1].Is("number") && !sentence.Any(l => l.Kind is "technique" or "stance" or "footNoun" or "side")) BecomesSmall(first + deeds);
            // "Yellow belt pattern", "Bodan, the long one.": words that name nothing a body does, before anything is done.
            if (first == 0 && rest.Count(l => l.EndsSentence) > 1 && sentence.Any(l => l.Is("unread"))
                && (sentence.Count(l => !l.IsStop) <= MostWordsOfAName && sentence.All(l => l.Kind is "filler" or "unread" or "technique" or "handNoun" or "passage" or "number" or "ordinal" || l.IsStop) && sentence.Where(l => l.Is("technique")).All(l => !l.Plain.Contains(' '))
                    || sentence.Count(l => l.Is("unread")) <= MostWordsOfAName && sentence.All(l => l.Kind is "filler" or "unread" || l.IsStop)
                    || sentence.Any(l => FormNouns.Contains(l.Plain)) && sentence.All(l => l.Kind is "filler" or "unread" or "weapon" or "ordinal" or "passage" or "set" or "countWord" || l.IsStop)))
                for (var k = first; k <= end; k++)
                    if (!_lexemes[k].IsStop && !_lexemes[k].Is("weapon")) _lexemes[k] = _lexemes[k] with { Kind = "filler" };
            // "Sanchin as I know it, the first line.": a form called like its stance.
            if (first == 0 && rest.Count(l => l.EndsSentence) > 1 && sentence.Count(l => !l.IsStop) > 2 && sentence.Count(l => l.Is("stance")) == 1 && NamesAForm(sentence.First(l => l.Is("stance")))
                && sentence.All(l => l.Kind is "filler" or "unread" or "stance" or "ordinal" or "passage" or "together" || l.IsStop)) AsNote(first, end);
            // "Naihanchi one from heisoku dachi.": so is one of several.
            if (first == 0 && sentence.FindIndex(l => l.Is("stance")) is var numbered and >= 0 && numbered + 1 < sentence.Count && sentence[numbered + 1].Plain is "one" or "two" or "three" or "shodan" or "nidan" or "sandan" && NamesAForm(sentence[numbered]))
            {
                BecomesSmall(first + numbered);
                BecomesSmall(first + numbered + 1);
            }
            // "Number five from our syllabus. … 1) …": which form it is.
            if (first == 0 && sentence.FindIndex(l => l.Is("countNoun")) is var which and >= 0 && which + 1 < sentence.Count && sentence[which + 1] is { Kind: "number" } nth && nth.Number > 1 && sentence.All(l => l.Kind is "filler" or "unread" or "countNoun" or "number" or "from" or "passage" || l.IsStop) && rest.Any(l => l.Is("number", "1")))
            {
                BecomesSmall(first + which);
                BecomesSmall(first + which + 1);
            }
            // "Short staff, twelve strikes as one kata.": how many of what it has.
            if (first == 0 && rest.Any(l => l.Is("side")) && sentence.Any(l => l.Plain.Split(' ').Any(FormNouns.Contains)) && sentence.FindIndex(IsDeeds) is var counted and > 0 && !sentence.Any(l => l.Kind is "side" or "footNoun" or "stance" or "footwork"))
                _lexemes[first + counted] = _lexemes[first + counted] with { Kind = "filler", Term = null };
            // "Six cuts with the wooden sword.", "sabre drill, eight cuts": what all of it is.
            if (first == 0 && rest.Any(l => l.Is("side")) && sentence.Find(l => l.Kind is not ("filler" or "weapon") && !l.IsStop) is { Kind: "number", Number: > 1 } many && _lexemes.IndexOf(many) is var deed && deed + 1 <= end && _lexemes[deed + 1].Is("technique") && sentence.Count(l => l.Is("technique")) == 1 && sentence.All(l => l.Kind is "filler" or "unread" or "number" or "technique" or "weapon" || l.IsStop))
                _lexemes[deed + 1] = _lexemes[deed + 1] with { Kind = "filler", Term = null };
            // "Everything stays on one line, and you face the front the whole time.": how all of it is.
            // "Form number four, beginning with the knife hand.": how it is known.
            if (first == 0 && sentence.FindIndex(l => l.Is("opening") && l.Plain is "beginning with" or "starting with" or "the one that starts with" or "that starts with" or "which starts with" or "which begins with") is > 0 and var known && sentence.Skip(known).Any(l => l.Is("technique")) && !sentence.Any(l => l.Kind is "side" or "footNoun" or "footwork" or "stance") && rest.Any(l => l.Is("technique"))) AsNote(first + known, end);
            if ((first == 0 || rest.Any(l => l.Is("technique")) && !_lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun")) && !sentence.Any(l => l.Kind is "technique" or "footNoun" or "opening" || l is { Kind: "footwork", Value: not ("stay" or "turn") }) && HowAllOfItIs().IsMatch(WordsFrom(first, end))) AsNote(first, end);
            // "A horse-stance form, I call it the fence.": its name.
            var titled = first == 0 && sentence.Any(l => l.Plain.Split(' ').Any(FormNouns.Contains)) && !sentence.Any(l => l.Kind is "footwork" or "technique" or "footNoun" or "opening" or "weapon")
                && sentence.Any(l => l.Is("stance"));
            if (titled) AsNote(first, end);
            var opens = sentence.Any(l => l.Plain is "opens with" or "begins with" or "starts with" or "we start with" or "we begin with" || l.Plain is "start with" or "begin with" && sentence.Any(s => s.Is("number"))) && sentence.Where(l => l.Kind is "footwork" or "technique").All(l => rest.Any(r => r.Kind == l.Kind && r.Value == l.Value) || l is { Kind: "footwork", Value: "step" or "step-back" } && rest.Any(r => r.Is("footNoun")) && !sentence.Any(s => s.Kind is "side" or "technique" or "stance"));
            var steps = sentence.FindIndex(l => l.Plain is "steps" or "punches" or "blocks" or "kicks") is var at and > 0 && sentence[at - 1].Is("number") && sentence.Skip(at + 1).All(l => l.Is("filler") || l.IsStop)
                && rest.Count(l => l.Kind == "footNoun" || l.Value == sentence[at].Value) >= sentence[at - 1].Number && !sentence.Take(at).Any(l => l.Kind is "footwork" or "technique");
            if ((opens || steps) && sentence.Any(l => l.Kind is "footwork" or "technique")) AsNote(first, end);
            if (sentence.Any(l => l.Kind is "footNoun")) return;
        }
    }

    /// <summary>Whether a stance's name without the word for a stance is that of a form as well.</summary>
    private static bool NamesAForm(Lexeme stance) => !stance.Plain.Contains(' ') && stance.Term!.Names.Values.Concat(stance.Term.Aliases).Contains(stance.Plain + " dachi");

    private static readonly HashSet<string> SectionNouns = ["line", "row", "part", "section", "length", "sequence"];

    private bool IsLetter(int i) => i < _lexemes.Count && _lexemes[i] is { Length: 1, Kind: "unread" or "filler" } && CharAt(_lexemes[i].Start) is >= 'A' and <= 'H';

    /// <summary>"Part C is part A facing the back.": the heading of a part that repeats another one, put as an order.</summary>
    private void FindPartsThatRepeat()
    {
        for (var i = 0; i + 4 < _lexemes.Count; i++)
        {
            if (!SectionNouns.Contains(_lexemes[i].Plain) || !IsLetter(i + 1) || !StartsSentence(i) || EndOfSentence(i) is var end && end < i + 4) continue;
            var other = Enumerable.Range(i + 2, end - i - 1).FirstOrDefault(k => SectionNouns.Contains(_lexemes[k].Plain) && IsLetter(k + 1), -1);
            if (other < 0 || !_lexemes.GetRange(i + 2, other - i - 2).All(l => l.Kind is "filler" or "again") || !_lexemes.GetRange(other + 2, end - other - 1).All(l => l.Kind is "filler" or "facing" or "place" or "clock" or "side" or "otherSide")) continue;
            var which = CharAt(_lexemes[other + 1].Start) - 'A' + 1;
            var order = new List<Lexeme> { _lexemes[i] with { Kind = "cut", Value = "cut" }, _lexemes[i + 1] with { Kind = "filler" } };
            order.AddRange(_lexemes.GetRange(i + 2, other - i - 2).Select(l => l with { Kind = "filler" })); // "is"
            order.Add(new("stop", ".", _lexemes[other].Start, 0, ""));
            var way = _lexemes.GetRange(other + 2, end - other - 1);
            order.AddRange(way);
            if (way.Count > 0) order.Add(new Lexeme("stop", ",", _lexemes[end].Start + _lexemes[end].Length, 0, ""));
            order.Add(_lexemes[other] with { Kind = "again", Value = "again", Plain = "again" });
            order.Add(_lexemes[other + 1] with { Kind = "ordinal", Value = which.ToString(System.Globalization.CultureInfo.InvariantCulture) });
            order.Add(new Lexeme("filler", "filler", _lexemes[other + 1].Start + 1, 0, "part"));
            _lexemes.RemoveRange(i, end - i + 1);
            _lexemes.InsertRange(i, order);
        }
    }

    /// <summary>"Line one. Step …. Step …. Line two. …": headings over several sentences each cut the form; they are no counts.</summary>
    private void FindHeadings()
    {
        var headings = Enumerable.Range(0, _lexemes.Count).Where(i => _lexemes[i] is { Kind: "filler" or "unread" or "passage", Plain: "line" or "row" or "part" or "section" or "length" or "sequence" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "number" && Alone(i + 1)).ToList();
        // "First line: … Second line: …", "Part A. … Part B. …"
        var called = Enumerable.Range(0, Math.Max(0, _lexemes.Count - 2)).Where(i => StartsSentence(i) && _lexemes[i + 2].IsStop
            && (_lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out _) && SectionNouns.Contains(_lexemes[i + 1].Plain) || SectionNouns.Contains(_lexemes[i].Plain) && IsLetter(i + 1))).ToList();
        if (headings.Count < 2 && called.Count >= 2)
        {
            foreach (var i in called)
            {
                _lexemes[i] = _lexemes[i] with { Kind = "cut", Value = "cut" };
                BecomesSmall(i + 1);
                _lexemes[i + 2] = _lexemes[i + 2] with { Value = "." };
            }
            return;
        }
        if (headings.Count < 2) return;
        bool IsDeed(Lexeme l) => l.Kind is "technique" or "footwork" or "stance";
        int Sentences(int from, int to) => Enumerable.Range(from, to - from).Count(k => _lexemes[k].EndsSentence && _lexemes.GetRange(from, k - from).AsEnumerable().Reverse().TakeWhile(l => !l.EndsSentence).Any(IsDeed));
        if (headings.Zip(headings.Skip(1)).All(p => Sentences(p.First + 2, p.Second) < 2)) return;
        foreach (var i in headings)
        {
            _lexemes[i] = _lexemes[i] with { Kind = "cut", Value = "cut" };
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "filler" };
            if (i + 2 < _lexemes.Count && _lexemes[i + 2].Is("stop", ",")) _lexemes[i + 2] = _lexemes[i + 2] with { Value = "." }; // "Line 1, to the left: …"
        }
    }

    /// <summary>
    /// "Move one is bow stance punch. Step your left foot out into bow stance, …": a sentence after a number that names
    /// no side, and is told out by those that follow, is the count's name.
    /// </summary>
    private void FindTitles()
    {
        // One number alone names nothing.
        var marks = Enumerable.Range(0, _lexemes.Count).Where(IsCountMark).ToList();
        foreach (var i in marks.Count > 1 ? marks : [])
        {
            var first = i + (_lexemes[i].Is("countNoun") ? 2 : 1);
            while (first < _lexemes.Count && _lexemes[first].IsStop && !_lexemes[first].EndsSentence) first++;
            var last = first;
            while (last < _lexemes.Count && !_lexemes[last].EndsSentence) last++;
            var next = last;
            while (next < _lexemes.Count && !IsCountMark(next) && !_lexemes[next].Is("cut")) next++;
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
