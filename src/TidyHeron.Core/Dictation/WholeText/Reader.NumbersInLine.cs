namespace TidyHeron.Core.Dictation;

/// <summary>Lists written in one line: "1) left foot left, low block 2) right foot forward, punch".</summary>
public sealed partial class Reader
{
    /// <summary>Ends a sentence before each number of such a list; the mark behind the numbers is the same one, and nothing is done before the first.</summary>
    private void FindNumbersInLine()
    {
        foreach (var mark in ").:-–")
        {
            var marked = new List<int>();
            for (var i = 0; i + 1 < _lexemes.Count; i++)
                if (_lexemes[i].Is("number") && (marked.Count == 0 || _lexemes[i].Number == _lexemes[marked[^1]].Number + 1) && char.IsAsciiDigit(CharAt(_lexemes[i].Start)) && CharAfter(i) == mark && !(i > 0 && (_lexemes[i - 1].Is("countNoun") || _lexemes[i - 1].Is("footwork") || _lexemes[i - 1].Is("passage")))) marked.Add(i);
            if (marked.Count < 2 || _lexemes.Take(marked[0]).Any(l => l.Kind is "technique" or "footNoun" or "stance") || marked.Skip(1).All(i => _lexemes[i - 1].IsStop || FirstOfClause(i) == i - 1 && _lexemes[i - 1].Kind is "unread" or "filler")) continue;
            foreach (var i in marked.AsEnumerable().Reverse())
                if (i > 0) StopBefore(i);
            return;
        }

        char CharAfter(int i)
        {
            var at = _lexemes[i].Start + _lexemes[i].Length;
            while (at < _text.Length && _text[at] == ' ') at++;
            return CharAt(at);
        }
    }
}
