namespace TidyHeron.Core.Notation;

/// <summary>Numbers the moves of a form as the caller will call them.</summary>
public static class Counts
{
    /// <summary>One number a move: its count, from 1; 0 for a move without one.</summary>
    public static int[] Of(Form form)
    {
        var numbers = new int[form.Moves.Count];
        var count = 0;
        var open = false; // whether the move above carries a number that can be joined
        for (var i = 0; i < numbers.Length; i++)
        {
            switch (form.Moves[i].Counting)
            {
                case Counting.Uncounted:
                    open = false;
                    break;
                case Counting.Own:
                    numbers[i] = ++count;
                    open = true;
                    break;
                default:
                    // Joining nothing is a number of its own: a count is never lost.
                    numbers[i] = open ? count : ++count;
                    open = true;
                    break;
            }
        }
        return numbers;
    }

    /// <summary>Whether a count, or the uncounted move, begins at this move: the only places to cut.</summary>
    public static bool BeginsAt(int[] counts, int index) =>
        index == 0 || counts[index] == 0 || counts[index] != counts[index - 1];
}
