using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Readings;

/// <summary>The position that a section starts from, which students must be able to take up cold.</summary>
public static class StartPosition
{
    /// <summary>Stance, lead, facing and hands at the end of the move before, in words.</summary>
    /// <param name="reading">The form.</param>
    /// <param name="first">Position of the section's first move.</param>
    public static string InWords(FormReading reading, int first)
    {
        var posture = reading.Walk.Before(first);
        var stance = Speech.Stance(posture.Stance, posture.Lead, reading.Ways);
        var hands = HandsBefore(reading, first);
        var words = $"{stance}, facing {Speech.Heading(posture.Heading, reading.Ways.Directions)}";
        return hands.Length == 0 ? words : $"{words}, {hands}";
    }

    // The hands are where the last move that used them left them.
    private static string HandsBefore(FormReading reading, int first)
    {
        for (var i = first - 1; i >= 0; i--)
            if (reading.Walk.Postures[i].Hands is { Count: > 0 } hands)
                return string.Join(", ", hands.Select(h => Speech.Hands(h with { Level = null }, reading.Ways)));
        return "";
    }
}
