using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>A form is written line by line: what the line before left waiting for its move.</summary>
public sealed partial class Reader
{
    /// <summary>
    /// "Look left." and, as a line of its own, "Step left, low block.": a look, a pace or a remark at the end of the form belongs to the
    /// move that comes, as it does within one text. The move keeps its identity, so that sections that begin with it still do.
    /// </summary>
    private void TakeUpWhatWaits()
    {
        if (_before is not [.., { Counting: Counting.Own or Counting.Uncounted } last] || last.IsEmpty || !_after.All(m => m.Counting == Counting.Uncounted)) return;
        if (!(last with { Note = "", Gaze = null, Tempo = null, Breath = null }).IsEmpty) return;
        // Another remark, or a shout, is not what it waits for.
        if (!_lexemes.Any(l => l.Kind is "technique" or "footwork" or "stance" or "footNoun" or "degrees" or "turnSide" or "clock")) return;
        _before.RemoveAt(_before.Count - 1);
        ForgetNow();
        _draft = new Draft
        {
            Id = last.Id,
            Gaze = last.Gaze,
            Tempo = last.Tempo,
            Breath = last.Breath,
            LooksFirst = last.Gaze is not null,
            EyesTo = SideOf(last.Gaze),
            SentenceEnded = true,
        };
        if (last.Note.Length > 0) _draft.Notes.Add(last.Note);
        _first = _before.All(m => m.Counting == Counting.Uncounted);
    }
}
