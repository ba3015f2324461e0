using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>A run of characters and what it means.</summary>
/// <param name="Kind">A kind of <see cref="Meaning"/>, or "number", "degrees", "clock", "times", "stop" or "unread".</param>
/// <param name="Value">Which of the kind; a number in digits; "." or "," for a stop.</param>
/// <param name="Start">First character.</param>
/// <param name="Length">How many characters.</param>
/// <param name="Plain">The words as compared.</param>
/// <param name="Term">The term, if it names one.</param>
internal sealed record Lexeme(string Kind, string Value, int Start, int Length, string Plain, Term? Term = null)
{
    /// <summary>Where it is tells most of them apart, so that is looked at first: the rules look lexemes up a great deal.</summary>
    public bool Equals(Lexeme? other) =>
        ReferenceEquals(this, other)
        || other is not null && Start == other.Start && Length == other.Length && Kind == other.Kind && Value == other.Value && Plain == other.Plain && Term == other.Term;

    public override int GetHashCode() => HashCode.Combine(Start, Length, Kind, Value);

    public bool Is(string kind) => Kind == kind;

    public bool Is(string kind, string value) => Kind == kind && Value == value;

    public bool IsStop => Kind == "stop";

    public bool EndsSentence => Kind == "stop" && Value == ".";

    /// <summary>"Stepping", "turning": goes along with what else is happening.</summary>
    public bool IsGerund => Kind == "footwork" && Plain.Split(' ').Any(w => w.EndsWith("ing", StringComparison.Ordinal) && w is not ("spring" or "swing" or "bring"));

    public int Number => int.Parse(Value);

    /// <summary>Whether it is a number, or an ordinal, of so many.</summary>
    public bool IsNumber(int number) => Kind is "number" or "ordinal" && int.TryParse(Value, out var mine) && mine == number;

    /// <summary>The side that a "side" or a "turnSide" names.</summary>
    public Side Side => Value == "left" ? Side.Left : Side.Right;

    public bool IsKick => Term is { IsKick: true };

    public bool IsHandTechnique => Kind == "technique" && !IsKick;
}
