using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Archive;

/// <summary>The words of an archive beside those of the school: what the school has decided itself stays.</summary>
internal sealed class IncomingTerms(ValueList<SchoolTerm> own, Vocabulary vocabulary)
{
    private readonly List<string> _notes = [];

    /// <summary>What was left as the school has it.</summary>
    public IReadOnlyList<string> Notes => _notes;

    /// <summary>The school's vocabulary with the archive's words added.</summary>
    public Vocabulary VocabularyWith(SchoolDocument incoming)
    {
        var added = Rows(incoming).Select(r => new SchoolTerm(new TermId(r.TermId), r.Name, r.Words.ToValueList(), r.Hidden, r.Like is { } like ? new TermId(like) : null));
        return SchoolTerms.Over(Vocabulary.Standard, StanceSet.Standard, [.. own, .. added]).Vocabulary;
    }

    /// <summary>Rows for the terms that the school has not changed itself.</summary>
    public IReadOnlyList<StoredTerm> Rows(SchoolDocument incoming)
    {
        _notes.Clear();
        var rows = new List<StoredTerm>();
        foreach (var term in incoming.Terms.DistinctBy(t => t.Term))
        {
            if (own.Any(o => o.Id.Value == term.Term))
            {
                _notes.Add($"The school's own words for \"{term.Name ?? term.Term}\" stay as they are.");
                continue;
            }
            // A word that means something else here would make what is said ambiguous.
            var words = (term.Words ?? []).Where(w => Free(w, term.Term)).ToList();
            var name = term.Name is { } n && Free(n, term.Term) ? n : null;
            rows.Add(new StoredTerm { TermId = term.Term, Name = name, Words = words, Hidden = term.Hidden, Like = term.Like });
        }
        return rows;
    }

    private bool Free(string word, string term)
    {
        if (vocabulary.MeaningOf(word) is not { } meaning || meaning.Term?.Id.Value == term) return true;
        _notes.Add($"\"{word}\" means {meaning.Term?.English ?? "something else"} in this school and was left so.");
        return false;
    }
}
