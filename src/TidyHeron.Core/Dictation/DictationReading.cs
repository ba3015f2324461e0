using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>One thing that was understood, and from which characters.</summary>
/// <param name="Move">The move it became part of; none for a cut or a repeat.</param>
/// <param name="Field">footwork, foot, way, turn, facing, stance, lead, hand, level, technique, kick, landing, set, gaze, breath, tempo, shout, count, note or command.</param>
/// <param name="Start">First character in the text.</param>
/// <param name="Length">How many characters.</param>
/// <param name="Assumption">What was taken for granted where the words left a choice; empty where they did not.</param>
/// <param name="Instead">Words that, put in their place, say the other thing they could mean; empty where there is none.</param>
/// <param name="Unheeded">Whether the words were understood one by one and play no part in the move.</param>
public sealed record ReadField(MoveId? Move, string Field, int Start, int Length, string Assumption = "", string Instead = "", bool Unheeded = false);

/// <summary>Words that were not understood.</summary>
public sealed record UnreadWords(int Start, int Length, string Text);

/// <summary>What a text was understood to say.</summary>
/// <param name="Form">The form with the moves that were said put in.</param>
/// <param name="Added">The moves that were said, in order.</param>
/// <param name="Fields">What was understood, in the order of the text.</param>
/// <param name="Unread">What was not.</param>
public sealed record DictationReading(Form Form, ValueList<MoveId> Added, ValueList<ReadField> Fields, ValueList<UnreadWords> Unread);
