using System.Text.RegularExpressions;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"All in front stance": a stance told once for every step.</summary>
public sealed partial class Reader
{
    // The words round the stance, of which one says that it is of all.
    [GeneratedRegex(@"^(?:and|so|now|but|note|remember|the|a|an|in|into|is|are|was|be|stays?|stand|standing|done|made|performed|it|it's|we|we're|you|you're|they|they're|these|those|them|this|of|form|thing|kata|set|pattern|moves?|counts?|steps?|stances?|one|for|way|time|through|say|otherwise|i|said|told|not|noted|(?<all>all|everything|always|whole|each|every|throughout|unless))(?:\s+|$)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex WordOfAll();

    private readonly List<(int From, int To, TermId Stance)> _stancesOfAll = [];

    /// <summary>Finds the clauses that only say in which stance all is done: of the sentence they close, of the whole text where they stand alone or come first.</summary>
    private void FindTheStanceOfAll()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "stance", Term: { } stance }) continue;
            var (first, last) = (FirstOfClause(i), EndOfClause(i));
            if (first > 0 && _lexemes[first - 1].Is("stop", ":") && first > 1 && _lexemes[first - 2].Plain is "note") first -= 2;
            var words = $"{(first < i ? WordsFrom(first, i - 1) : "")} {(i < last ? WordsFrom(i + 1, last) : "")}".Replace(':', ' ').Trim();
            var all = false;
            while (words.Length > 0 && WordOfAll().Match(words) is { Success: true } word) (all, words) = (all || word.Groups["all"].Success, words[word.Length..]);
            if (!all || words.Length > 0) continue;
            var (begins, ends) = (StartOfSentence(i), EndOfSentence(i));
            var closes = last == ends && _lexemes.GetRange(begins, first - begins).Exists(l => l.Is("technique"));
            // "Left punch, right punch, all in horse stance": nothing else is stood in then. "2. R punch" tells no step: that is read with the list.
            if (closes ? !_lexemes.GetRange(begins, first - begins).Exists(l => l.Is("footwork")) : NumberedCounts() is { Count: >= Numbered } counts && counts.Exists(c => !Clauses(c.From).Any(l => l.Kind is "footwork" or "footNoun" or "degrees"))) continue;
            _stancesOfAll.Add(closes ? (_lexemes[begins].Start, _lexemes[ends].Start, stance.Id) : (0, _text.Length, stance.Id));
            AsNote(first, last);
        }
    }

    /// <summary>"All in front stance. Step left, low block. Step forward, punch.": so each step ends in it.</summary>
    private void StandsAsAllDo(Draft draft)
    {
        if (_stancesOfAll.Count == 0 || draft.Stance is not null || draft is { Footwork: null, Foot: null, HasTurn: false, Facing: null } && draft.Kick?.Landing != Landing.Front
            || draft.Footwork is not (null or "step" or "step-back" or "slide" or "slide-back" or "turn" or "pivot" or "shift" or "jump")
            || _fields.Find(f => f.Move == draft.Id) is not { } said) return;
        if (_stancesOfAll.FindLast(s => s.From <= said.Start && said.Start < s.To) is { Stance.Value: not null } all) draft.Stance = all.Stance;
    }
}
