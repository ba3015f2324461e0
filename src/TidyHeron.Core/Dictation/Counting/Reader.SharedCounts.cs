using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Techniques told in one sentence. Teachers count them as one or each by itself (both are common practice), so where nobody calls
/// numbers it is told how they were read, and the other reading is offered. How many counts were announced decides, and so does
/// "each technique is a count".
/// </summary>
public sealed partial class Reader
{
    private const string NextCount = "next count ";

    [GeneratedRegex(@"\b(?:(?:each|every)(?: single| one)? \w+(?: technique)?(?: (?:you|we|i) \w+)?(?:,? (?:and )?(?:each |every )?\w+)?|everything|(?:each|every) one of (?:these|those|them|the techniques)) (?:is|gets|has|takes|makes|counts as|goes on|is on|is counted(?: as| on)?|on) (?:a |one$|one |its own |a separate |a new |just one )(?:count|number|move)?\b|\bcount (?:each|every|all)(?: the| of the)? (?:single )?(?:techniques?|blocks? and (?:punch|punches|strikes?)|moves?|movements?)\b|\b(?:a|one) (?:count|number) (?:per|for each|for every|to a|to each|each) (?:technique|movement|move)\b|\bone technique(?:,| is| per| to a| to each| equals| means)? (?:one|a|each|per)? ?count\b|\btechniques are (?:all )?counted (?:separately|one by one|singly|by themselves|each)\b|\b(?:each|every) technique counts(?: separately| by itself| on its own)?$|\bcounts:? one (?:per|for each|for every|to each) technique\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex EachIsACount();

    [GeneratedRegex(@"\b(?:(?:on|for|that's|as) )?(?:the )?(?:next|new) (?:count|number)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex OnTheNextCount();

    [GeneratedRegex(@"^(?:each|every)(?: single| one)? (?:sentence|line|row|paragraph|point|step|stance|turn)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WhatIsOneCount();

    private bool _eachIsACount, _countsAreTold;
    private readonly List<int> _nextCounts = []; // where in the text "next count" was said

    /// <summary>"Each technique is a count." "Low block, next count right punch": where sentences do not tell the counts.</summary>
    private void FindHowTechniquesCount()
    {
        if (_text.Contains("count", StringComparison.OrdinalIgnoreCase) || _text.Contains("number", StringComparison.OrdinalIgnoreCase))
            for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
            {
                var end = EndOfSentence(first);
                if (_lexemes.GetRange(first, end - first + 1).Any(l => l.Kind is "side" or "footNoun" or "stance" or "turnSide") || EachIsACount().Match(WordsFrom(first, end)) is not { Success: true } told) continue;
                AsNote(first, end);
                (_eachIsACount, _countsAreTold) = (!WhatIsOneCount().IsMatch(told.Value), true);
            }
        foreach (var (first, last, _) in Runs(OnTheNextCount(), "next count", "new count", "next number", "new number"))
        {
            _nextCounts.Add(_lexemes[last].Start + _lexemes[last].Length);
            if (OnlySmallWordsBefore(first) || last + 1 >= _lexemes.Count || _lexemes[last + 1].EndsSentence || !Backward(first).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "technique" or "footwork" or "stance")) continue;
            BecomesSmall(first, last);
            // "…, then next count the right": what is done there was told before.
            if (!_lexemes.Skip(last + 1).TakeWhile(l => !l.IsStop).Any(l => l.Kind is "technique" or "footwork" or "stance")) continue;
            var at = first - 1;
            while (at >= 0 && !_lexemes[at].IsStop && _lexemes[at].Kind is "filler" or "then") at--;
            if (_lexemes[at].IsStop) _lexemes[at] = _lexemes[at] with { Value = "." };
            else _lexemes.Insert(at + 1, StopAfter(at, "."));
        }
    }

    /// <summary>Makes counts of techniques that share one, where the text says so or as many were announced as that makes.</summary>
    private void PartSharedCounts()
    {
        var begins = _nextCounts.Count > 0 ? WhereMovesBegin() : [];
        foreach (var said in _nextCounts)
            if (_said.FindIndex(m => begins.TryGetValue(m.Id, out var at) && at >= said) is >= 0 and var next && _said[next].Counting == Counting.Then) _said[next] = _said[next] with { Counting = Counting.Own };
        var shared = SharingACount();
        if (shared.Count == 0) return;
        var announced = _form.DeclaredCounts is { } many && _before.Count + _after.Count == 0 && CountsWith([]) != many
            ? new[] { shared, shared.Where(k => _said[k - 1].Kick is null).ToList() }.FirstOrDefault(some => CountsWith(some) == many)
            : null;
        foreach (var k in announced ?? (_eachIsACount ? shared : []))
        {
            _said[k] = _said[k] with { Counting = Counting.Own };
            if (announced is not null) TellOf(_said[k].Id, $"Read as a count of its own: {_form.DeclaredCounts} were announced.", "");
        }
        ForgetNow();

        int CountsWith(IReadOnlyCollection<int> own) => _said.Where((m, k) => m.Counting == Counting.Own || own.Contains(k)).Count();
    }

    /// <summary>Tells of the techniques that share a count, and how to say that they do not.</summary>
    private void TellSharedCounts()
    {
        if (_countsAreTold || SharingACount() is not { Count: > 0 } shared) return;
        var begins = WhereMovesBegin();
        foreach (var k in shared)
        {
            if (!begins.TryGetValue(_said[k].Id, out var start)) continue;
            var names = _fields.Exists(f => f.Move == _said[k].Id && f is { Length: > 0, Field: "technique" or "kick" });
            // "Two | punches", "then the bottom end | comes up": before all that is said of it. "Punch left, then | right" names no technique of its own.
            var at = names ? FirstOfItsWords(start, begins.GetValueOrDefault(_said[k - 1].Id)) : start;
            if (!_fields.Exists(f => f.Field == "count" && f.Start == at && f.Instead.Length > 0))
                _fields.Add(new ReadField(_said[k].Id, "count", at, 0, "Told in one sentence: read as one count.", names || _said[k].Hands.Count == 0 ? NextCount : $"{NextCount}{_ways.Vocabulary.Name(_said[k].Hands[0].Technique, _ways.Tradition)} "));
        }
    }

    /// <summary>Where in the text the words of each move begin.</summary>
    private Dictionary<MoveId, int> WhereMovesBegin() => _fields.Where(f => f is { Move: not null, Length: > 0 }).GroupBy(f => f.Move!.Value).ToDictionary(g => g.Key, g => g.Min(f => f.Start));

    /// <summary>Where the words begin that lead up to those of a move, after those of the move before.</summary>
    private int FirstOfItsWords(int start, int before)
    {
        var at = _lexemes.FindIndex(l => l.Start == start && l.Length > 0);
        while (at > 0 && _lexemes[at - 1] is { IsStop: false, Length: > 0, Kind: not ("then" or "together" or "technique") } word && word.Plain is not "and" && word.Start > before && (word.Kind is "number" or "times" || !_fields.Exists(f => f.Start == word.Start && f.Move is not null))) at--;
        return at < 0 ? start : _lexemes[at].Start;
    }

    /// <summary>Which of the moves that were said do something on the count of a move before them only because one sentence tells both.</summary>
    private List<int> SharingACount()
    {
        if (_calls.Count > 0 || _listOfPoints) return [];
        var ends = _lexemes.Where(l => l.EndsSentence).Select(l => l.Start).ToList();
        var told = _lexemes.Where(l => l.Is("sameCount")).Select(l => l.Start).ToList(); // "… on one count"
        var places = _fields.Where(f => f is { Move: not null, Length: > 0 }).ToLookup(f => f.Move!.Value);
        var shared = new List<int>();
        var done = false; // on this count, before the move
        for (var k = 0; k < _said.Count; k++)
        {
            var move = _said[k];
            if (move.Counting is Counting.Own or Counting.Uncounted) done = false;
            var does = move.Hands.Count > 0 || move.Kick is not null;
            if (done && does && move.Counting == Counting.Then && places[move.Id].Select(f => (int?)f.Start).Min() is { } start
                && places[_said[k - 1].Id].Select(f => (int?)f.Start).Max() is { } before && SentenceOf(before) == SentenceOf(start) && before < start && !told.Any(t => SentenceOf(t) == SentenceOf(start))) shared.Add(k);
            done |= does;
        }
        return shared;

        int SentenceOf(int at) => ends.Count(end => end < at);
    }

    private void TellOf(MoveId move, string assumption, string instead)
    {
        if (_fields.FindIndex(f => f.Move == move && f is { Assumption: "", Length: > 0 }) is var at and >= 0) _fields[at] = _fields[at] with { Assumption = assumption, Instead = instead };
    }
}
