using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Which words of a text each move was read from, so that a reading can be proofread move by move.</summary>
public static class WordsOfMoves
{
    /// <summary>
    /// Cuts a text up among the moves it was read into: one run of words for each of <see cref="DictationReading.Added"/>, in order.
    /// Words that were read into none ("Good. Now …") go with the sentence they stand in. Moves that were told by an order ("the same
    /// on the other side") share its words.
    /// </summary>
    /// <returns>First character and number of characters.</returns>
    public static IReadOnlyList<(int Start, int Length)> Of(string text, DictationReading reading)
    {
        var order = reading.Added.Select((id, i) => (id, i)).ToDictionary(p => p.id, p => p.i);
        var own = reading.Fields.Where(f => f.Length > 0 && f.Field != "filler" && f.Move is { } m && order.ContainsKey(m)).ToLookup(f => order[f.Move!.Value]);
        var orders = reading.Fields.Where(f => f.Field == "command").Select(f => f.Start).Order().ToList();
        var runs = new (int Start, int End)[reading.Added.Count];
        var at = 0;
        for (var k = 0; k < runs.Length; k++)
        {
            if (!own[k].Any())
            {
                // Told by an order, which stands before the next move that has words of its own.
                var end = ToTheStop(at, Next(k, at));
                runs[k] = k > 0 && Trimmed(at, end).Length == 0 ? runs[k - 1] : (at, end);
                if (k + 1 < runs.Length && own[k + 1].Any()) at = Math.Max(at, runs[k].End);
                continue;
            }
            // "Right punch, left punch, right punch and shout, all stepping": what was said out of order is among the words of the one before.
            var ends = EndOf(k);
            runs[k] = k > 0 && ends <= at ? runs[k - 1] : (at, Math.Max(at, ends));
            at = Math.Max(at, runs[k].End);
        }
        return [.. runs.Select(r => Trimmed(r.Start, r.End))];

        // Words put in another order than they were said in stay with the move before.
        int Next(int k, int from) => Enumerable.Range(k + 1, runs.Length - k - 1).SelectMany(later => own[later]).Where(f => f.Start >= from).Select(f => f.Start).DefaultIfEmpty(text.Length).First();

        int EndOf(int k)
        {
            // A number said after what it counts stands behind moves of its own.
            var following = Enumerable.Range(k + 1, runs.Length - k - 1).SelectMany(later => own[later]).Where(f => f.Field != "count" && f.Start >= at).Select(f => f.Start).DefaultIfEmpty(int.MaxValue).Min();
            var fields = own[k].Where(f => f.Start >= at && (f.Field != "count" || f.Start <= following)).OrderBy(f => f.Start).ToList();
            if (fields.Count == 0) return at;
            var next = Next(k, fields.Max(f => f.Start + f.Length));
            // "…, then | punch": a limb or a small word right before the next move is that move's.
            while (fields.Count > 1 && fields[^1] is { Field: "side" or "foot" or "hand" or "level" or "count" } limb && text[Math.Min(next, limb.Start + limb.Length)..next] is var gap && string.IsNullOrWhiteSpace(gap) && !gap.Contains('\n'))
            {
                next = limb.Start;
                fields.Remove(limb);
            }
            var end = fields.Max(f => f.Start + f.Length);
            var order = k + 1 < runs.Length && !own[k + 1].Any() ? orders.FirstOrDefault(o => o >= end, next) : next;
            return ToTheStop(end, Math.Min(order, next));
        }

        // To the end of the sentence, where the next move begins in another one or there is none.
        int ToTheStop(int end, int next)
        {
            if (next == text.Length || next <= end) return next;
            return text.LastIndexOfAny(['.', ';', '!', '?', '\n'], next - 1, next - end) is var stop and >= 0 ? stop + 1 : end;
        }

        (int Start, int Length) Trimmed(int start, int end)
        {
            while (start < end && !char.IsLetterOrDigit(text[start]) && text[start] != '(') start++;
            while (end > start && char.IsWhiteSpace(text[end - 1])) end--;
            return (start, end - start);
        }
    }
}
