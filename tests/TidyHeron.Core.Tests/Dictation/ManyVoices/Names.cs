using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>What the techniques and stances of made-up forms are called: every name of the vocabulary that is one in any company.</summary>
internal static partial class Names
{
    /// <summary>The names of each technique and stance, the standard English one first.</summary>
    public static IReadOnlyDictionary<string, string[]> Of { get; } =
        MadeUpForm.Techniques.Concat(MadeUpForm.AllStances).ToDictionary(n => n, n => NamesOf(Vocabulary.Standard.Find(new TermId(n + "-stance")) ?? Vocabulary.Standard.Find(new TermId(n))!));

    /// <summary>The numbers that call counts in each language but English.</summary>
    public static IReadOnlyDictionary<Tradition, string[]> Numbers { get; } = new Dictionary<Tradition, string[]>
    {
        [Tradition.Japanese] = ["ichi", "ni", "san", "shi", "go", "roku"],
        [Tradition.Korean] = ["hana", "dul", "set", "net", "daseot", "yeoseot"],
        [Tradition.Chinese] = ["yi", "er", "san", "si", "wu", "liu"],
    };

    private static string[] NamesOf(Term term) =>
        [.. term.Spellings.Where(s => !IsNoName().IsMatch(s) && !(term.Family is "receiving" or "staff" or "" ? MayBeAnother() : TellsAHeight()).IsMatch(s)).Prepend(term.English).Distinct()];

    // Abbreviations, verbs, plurals and what says more than the name.
    [GeneratedRegex(@"^.{1,4}$|\b(with|the|down|up|off|away|aside|past|through|together|feet|step|on|your|to)\b|(s|ing|ed)$|^(do |brush|press|parry|scoop|cut|thrust|push|chop|poke|stab|block|close|smash|slice|deflect|strike|flick|squat)\b")]
    private static partial Regex IsNoName();

    // Halves of a name, which another technique's name may share.
    [GeneratedRegex(@"^(knife hand|soodo|soo do|sonnal|shuto|x fist|juji|cross|harai uke|position of front)$")]
    private static partial Regex MayBeAnother();

    // A name that tells a height does not go with another one.
    [GeneratedRegex(@"\b(high|low|middle|chung dan|jung dan|choong dan|momtong|kaunde|chudan|jodan|gedan|head|neck|mok|body)\b")]
    private static partial Regex TellsAHeight();
}
