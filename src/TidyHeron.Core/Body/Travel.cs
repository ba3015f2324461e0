using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Body;

/// <summary>How far footwork carries both feet along, beyond what the stance itself asks.</summary>
internal static class Travel
{
    /// <summary>The way both feet go; none for footwork that leaves one foot standing.</summary>
    public static Spot? Of(Move move, Posture before, BodyMeasures body)
    {
        if (move.Footwork is not { } footwork) return null;
        // Common practice: a slide or shuffle gains about a foot length and a half, a hop a shoulder width, and a
        // roll about as much floor as the roller is tall to the shoulder.
        double? distance = footwork.Kind.Value switch
        {
            "slide" or "shuffle" when Carries(footwork, before) => 1.5 * body.FootLengthCm,
            "slide-back" when Carries(footwork, before) => -1.5 * body.FootLengthCm,
            "hop" => body.ShoulderBreadthCm,
            "jump" when footwork.Way is not null => 2 * body.ShoulderBreadthCm,
            "roll" => body.ShoulderHeightCm,
            "back-roll" => -body.ShoulderHeightCm,
            _ => null,
        };
        if (distance is not { } cm) return null;
        var heading = before.Heading + (footwork.Way is { } way ? Ways.TurnOf(way) : Turn.None);
        return Spot.Along(heading, cm);
    }

    /// <summary>
    /// Sliding the foot that is already first on the way takes the stance along (the leading one forward, the rear one
    /// back); sliding the other foot is a step.
    /// </summary>
    internal static bool Carries(Footwork footwork, Posture before) =>
        before.Lead is { } lead && (footwork.Foot is null || footwork.Foot == (footwork.Kind.Value == "slide-back" ? lead.Other : lead));
}

/// <summary>Directions of steps as turns from the heading.</summary>
internal static class Ways
{
    public static Turn TurnOf(Way way) => new(way switch
    {
        Way.Right => 90,
        Way.Left => -90,
        Way.Back => 180,
        Way.ForwardRight => 45,
        Way.ForwardLeft => -45,
        Way.BackRight => 135,
        Way.BackLeft => -135,
        _ => 0,
    });
}
