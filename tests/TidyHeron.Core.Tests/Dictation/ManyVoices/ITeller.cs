namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>Somebody who tells forms.</summary>
internal interface ITeller
{
    /// <summary>What kind of form they tell: "staff", "sword", "sticks", "soft", the name of a tradition, or nothing.</summary>
    string School { get; }

    /// <summary>Whether they call the counts.</summary>
    bool IsNumbered { get; }

    /// <summary>The phrases said so far, each as "what it says | how".</summary>
    ISet<string> Said { get; }

    /// <summary>A form in their words: the opening, a sentence or more for each count, the closing.</summary>
    (string Text, List<string> Counts) Tell(List<MadeUpCount> form);
}
