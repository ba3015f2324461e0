namespace TidyHeron.Core.Dictation;

/// <summary>"Left front stance, low block / right front stance, lunge punch / reverse punch": moves of one line, parted by slashes.</summary>
public sealed partial class Reader
{
    /// <summary>Ends a move at each slash of a sentence, where something is done in every part and more than the first one stands or steps; parts of one move are read as if by commas.</summary>
    private void FindMovesPartedBySlashes()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (last, from) = (EndOfSentence(first), first);
            var slashes = Enumerable.Range(first, last - first + 1).Where(k => _lexemes[k].IsStop && _lexemes[k].Length == 1 && CharAt(_lexemes[k].Start) == '/').ToList();
            if (slashes.Count == 0) continue;
            var parts = new List<List<Lexeme>>();
            foreach (var to in slashes.Append(last + 1))
            {
                parts.Add(_lexemes.GetRange(from, to - from));
                from = to + 1;
            }
            if (!parts.TrueForAll(p => p.Exists(l => l.Is("technique"))) || !parts.Skip(1).Any(p => p.Exists(l => l.Kind is "stance" or "footNoun" or "footwork"))) continue;
            foreach (var k in slashes) _lexemes[k] = _lexemes[k] with { Value = "." };
        }
    }
}
