namespace TidyHeron.Core.Notation;

/// <summary>A side of the performer's own body.</summary>
public enum Side { Left, Right }

/// <summary>The hand or hands that carry out a technique.</summary>
public enum Hand { Left, Right, Both }

/// <summary>Exchanging left and right.</summary>
public static class Sides
{
    extension(Side side)
    {
        /// <summary>The opposite side.</summary>
        public Side Other => side == Side.Left ? Side.Right : Side.Left;

        /// <summary>"left" or "right".</summary>
        public string Word => side == Side.Left ? "left" : "right";

        /// <summary>+1 for right, -1 for left: the sign of the body's own x axis.</summary>
        public int Sign => side == Side.Right ? 1 : -1;

        /// <summary>A step to this side.</summary>
        public Way Way => side == Side.Left ? Way.Left : Way.Right;

        /// <summary>The hand on this side.</summary>
        public Hand Hand => side == Side.Left ? Hand.Left : Hand.Right;
    }

    extension(Hand hand)
    {
        /// <summary>The opposite hand; both hands stay both hands.</summary>
        public Hand Other => hand switch { Hand.Left => Hand.Right, Hand.Right => Hand.Left, _ => Hand.Both };

        /// <summary>"left", "right" or "both".</summary>
        public string Word => hand switch { Hand.Left => "left", Hand.Right => "right", _ => "both" };

        /// <summary>The side of the body that the hand is on; none for both hands.</summary>
        public Side? OnSide => hand switch { Hand.Left => Side.Left, Hand.Right => Side.Right, _ => null };

        /// <summary>Whether the two can be the same hand: both hands overlap with either.</summary>
        public bool Shares(Hand other) => hand == other || hand == Hand.Both || other == Hand.Both;
    }
}
