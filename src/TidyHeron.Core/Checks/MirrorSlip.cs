using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Checks;

/// <summary>
/// A passage is the mirror image of an earlier one but for a single move in its midst. Two moves on either side must
/// agree, and the two passages do not overlap, so that passages which are merely alike are left alone (common practice: a
/// repeat is told by its neighbours).
/// </summary>
public sealed class MirrorSlip : IRule
{
    private const int Around = 2;

    public string Id => "mirror-slip";

    public IEnumerable<Finding> Look(FormReading reading)
    {
        var form = reading.Form;
        var n = form.Moves.Count;
        var done = Enumerable.Range(0, n).Select(i => Done.Of(form.Moves[i], reading.Walk.Postures[i])).ToArray();
        // What is alike gets the same number, so that comparing is cheap.
        var numbers = new Dictionary<Done, int>();
        var plain = done.Select(Number).ToArray();
        var mirrored = done.Select(d => Number(d.Mirrored)).ToArray();
        var told = new HashSet<int>();
        // Only where the move before one mirrors the move before the other can the two passages agree.
        var at = Enumerable.Range(0, n).ToLookup(k => mirrored[k]);
        for (var j = Around; j + Around < n; j++)
            foreach (var i in at[plain[j - 1]].Select(k => k + 1).Where(i => i >= Around && i < j).Reverse())
            {
                if (told.Contains(j) || j - i <= 2 * Around || mirrored[i] == plain[j] || plain[i] == plain[j] || !Agree(i, j)) continue;
                var (one, other) = (form.Moves[i], form.Moves[j]);
                // Steps without a technique are often meant as they are.
                if (done[j].IsBare || done[i].IsBare) continue;
                told.Add(j);
                yield return new Finding(Id, other.Id,
                    $"Around here {Place(j)} mirrors what is done around {Place(i)}, but this one move is not its mirror image.",
                    [
                        new Fix($"Make it mirror {Place(i)}", new RewriteMove(Like(other, one, done[i].Mirrored))),
                        new Fix($"Make {Place(i)} mirror this", new RewriteMove(Like(one, other, done[j].Mirrored))),
                    ]);
            }

        int Number(Done what)
        {
            if (!numbers.TryGetValue(what, out var number)) numbers[what] = number = numbers.Count;
            return number;
        }

        bool Agree(int i, int j)
        {
            for (var k = 1; k <= Around; k++)
                if (mirrored[i - k] != plain[j - k] || mirrored[i + k] != plain[j + k]) return false;
            // At least one of the neighbours must tell left from right.
            return Enumerable.Range(1, Around).Any(k => mirrored[i - k] != plain[i - k] || mirrored[i + k] != plain[i + k]);
        }

        string Place(int i) => reading.Counts[i] > 0 ? $"count {reading.Counts[i]}" : $"move {i + 1}";
    }

    /// <summary>A move that does what another one does for the other side, in its own place and direction.</summary>
    private static Move Like(Move place, Move example, Done wanted)
    {
        var mirror = Mirror.Of(example);
        return place with
        {
            // Sides are written out: what was inferred there need not be inferred here.
            Footwork = mirror.Footwork is { } f ? f with { Foot = wanted.Moved ?? f.Foot } : null,
            Stance = wanted.Stance is var stance && (mirror.Stance is not null || place.Stance is not null) ? new StanceTaken(stance, wanted.Lead) : mirror.Stance,
            Hands = wanted.Hands,
            Kick = mirror.Kick is { } k ? k with { Foot = wanted.KickingFoot } : null,
            SetOnTop = mirror.SetOnTop,
        };
    }

    /// <summary>What the body does in a move, with everything inferred filled in and without direction.</summary>
    private sealed record Done(TermId? Footwork, Side? Moved, TermId Stance, Side? Lead, ValueList<HandAction> Hands, TermId? Kick, Side? KickingFoot)
    {
        public static Done Of(Move move, Posture posture) =>
            new(move.Footwork?.Kind, posture.Moved, posture.Stance, posture.Lead, posture.Hands, move.Kick?.Technique, posture.KickingFoot);

        public Done Mirrored => this with
        {
            Moved = Moved?.Other, Lead = Lead?.Other, KickingFoot = KickingFoot?.Other, Hands = Hands.Select(h => h with { Hand = h.Hand?.Other }).ToValueList(),
        };

        public bool IsBare => Hands.Count == 0 && Kick is null;
    }
}
