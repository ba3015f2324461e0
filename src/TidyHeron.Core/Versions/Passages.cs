using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Versions;

/// <summary>A passage that occurs in two places, plain or mirrored.</summary>
/// <param name="FirstForm">Position of the form in the list that was searched.</param>
/// <param name="First">Position of its first move.</param>
/// <param name="SecondForm">The other form; may be the same one.</param>
/// <param name="Second">Position of its first move there.</param>
/// <param name="Length">How many moves.</param>
/// <param name="Mirrored">Whether the second is the mirror image of the first.</param>
public sealed record Passage(int FirstForm, int First, int SecondForm, int Second, int Length, bool Mirrored);

/// <summary>
/// Finds passages that occur twice, so that they are taught once. Moves are compared by what the body does (feet,
/// stance, hands, kick), not by the direction on the floor.
/// </summary>
public static class Passages
{
    /// <summary>Every longest passage of at least some length, longest first.</summary>
    /// <param name="forms">The forms of a school.</param>
    /// <param name="least">The shortest passage worth showing, in moves.</param>
    public static IReadOnlyList<Passage> Find(IReadOnlyList<Form> forms, int least = 3)
    {
        // Moves that do the same get the same number; each also knows the number of its mirror image.
        var numbers = new Dictionary<Move, int>();
        int NumberOf(Move move)
        {
            if (!numbers.TryGetValue(move, out var number)) numbers[move] = number = numbers.Count;
            return number;
        }
        var plain = forms.Select(f => f.Moves.Select(m => NumberOf(Body(m))).ToArray()).ToArray();
        var mirrored = forms.Select(f => f.Moves.Select(m => NumberOf(Body(Mirror.Of(m)))).ToArray()).ToArray();

        // Where each run of the least length begins: only such places can begin a passage.
        var starts = new Dictionary<(int, int, int), List<(int Form, int At)>>();
        for (var f = 0; f < plain.Length; f++)
            for (var i = 0; i + least <= plain[f].Length; i++)
            {
                var key = Key(plain[f], i, least);
                if (!starts.TryGetValue(key, out var places)) starts[key] = places = [];
                places.Add((f, i));
            }

        var found = new List<Passage>();
        for (var f = 0; f < plain.Length; f++)
            for (var i = 0; i + least <= plain[f].Length; i++)
            {
                Extend(plain[f], f, i, mirrored: false);
                Extend(mirrored[f], f, i, mirrored: true);
            }
        return [.. found.OrderByDescending(p => p.Length).ThenBy(p => p.FirstForm).ThenBy(p => p.First)];

        void Extend(int[] from, int form, int at, bool mirrored)
        {
            if (!starts.TryGetValue(Key(from, at, least), out var places)) return;
            foreach (var (other, start) in places)
            {
                // Each pair once, and never a move with itself.
                if (other < form || other == form && start <= at) continue;
                var there = plain[other];
                if (at > 0 && start > 0 && from[at - 1] == there[start - 1] && !(other == form && start - 1 <= at - 1)) continue; // begins earlier
                var length = 0;
                while (at + length < from.Length && start + length < there.Length && from[at + length] == there[start + length]
                       && !(other == form && at + length >= start)) length++;
                if (length >= least) found.Add(new Passage(form, at, other, start, length, mirrored));
            }
        }

        static (int, int, int) Key(int[] numbers, int at, int least)
        {
            // Short runs are told apart whole; of longer ones the first three moves decide who is compared.
            return (numbers[at], least > 1 ? numbers[at + 1] : -1, least > 2 ? numbers[at + 2] : -1);
        }
    }

    private static Move Body(Move move) => new(new MoveId(""))
    {
        Footwork = move.Footwork,
        Stance = move.Stance,
        Hands = move.Hands,
        Kick = move.Kick,
    };
}
