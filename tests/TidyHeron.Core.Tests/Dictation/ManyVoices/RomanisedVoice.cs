using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>Somebody who tells forms in the romanised words of one language, from sides to numbers, in the phrases of <c>romanised.txt</c>.</summary>
internal sealed partial class RomanisedVoice : ITeller
{
    private static readonly PhraseBook Phrases = PhraseBook.In("romanised.txt");

    private readonly Random _random;
    private readonly Tradition _tradition;
    private readonly string _call, _left, _right;
    /// <summary>Whether it leaves out the word for "stance" where the name is one without it: "zenkutsu", "kiba".</summary>
    private readonly bool _isShort;
    private readonly Dictionary<string, Func<string>> _values = [];

    /// <summary>A voice with habits drawn by chance.</summary>
    public RomanisedVoice(Random random)
    {
        _random = random;
        _tradition = Any(Tradition.Japanese, Tradition.Korean, Tradition.Chinese);
        _isShort = random.Next(3) == 0;
        _call = Any("Ichi,", "Ichi:", "1.", "", "");
        (_left, _right) = _tradition switch { Tradition.Japanese => ("hidari", "migi"), Tradition.Korean => (Any("oen", "wen"), Any("oreun", "orun")), _ => ("zuo", "you") };
    }

    /// <inheritdoc/>
    public string School => $"{_tradition}";

    /// <inheritdoc/>
    public ISet<string> Said { get; } = new HashSet<string>();

    /// <inheritdoc/>
    public bool IsNumbered => _call.Length > 0;

    /// <inheritdoc/>
    public (string Text, List<string> Counts) Tell(List<MadeUpCount> form)
    {
        var counts = form.Select((c, i) => Called(i, Sides().Replace(Tell(c), m => m.Value == "left" ? _left : _right))).ToList();
        return (string.Join(_call == "1." ? "\n" : " ", counts.Prepend(Say("opening")).Append(Say("closing")).Where(s => s.Length > 0)), counts);
    }

    private T Any<T>(params IReadOnlyList<T> of) => of[_random.Next(of.Count)];

    private string Say(string name) => Phrases.Say($"{_tradition} {name}", _random, _values, Said);

    private string Tell(MadeUpCount count)
    {
        _values["side"] = () => count.Side.Word;
        _values["lead"] = () => count.Lead.Word;
        _values["foot"] = () => count.Foot.Word;
        _values["stance"] = () => StanceNamed(count.Stance);
        _values["kick"] = () => NameOf(count.Kick);
        _values["hands"] = () => string.Join(", ", count.Hands.Select(Told));
        _values["so"] = () => Say("so");
        var told = Say(count.Going switch
        {
            Going.Turn => $"turn {count.Amount}" + HowFar(count),
            // Out of a stance without a lead it says nothing which foot goes.
            Going.Step when count.FootIsPlain && _random.Next(4) == 0 => "step that goes without saying",
            Going.Step => "step",
            Going.StepBack => "step back",
            Going.WideStep => "wide step",
            Going.Kick => "kick",
            Going.Shuffle => "shuffle",
            Going.Together => "together",
            _ => "on the spot",
        });
        return told + (count.Shout ? Say("kiai") : ".");
    }

    /// <summary>How a turn is told of which nobody says how far: a quarter off the line to the front or the back, or where a foot leads about face.</summary>
    private string HowFar(MadeUpCount count) => _random.Next(3) != 0 ? "" : count.Amount switch
    {
        90 when count.From == 0 && count.Foot == count.Side => " from the front",
        90 when count.From % 180 == 0 => " without a number",
        180 when count.FootIsPlain => " without a number",
        _ => "",
    };

    private string Told(Done done) => string.Join(" ", new[] { done.Hand?.Word, done.Level is { } level ? Say(level.ToString()) : null, NameOf(done.Technique) }.Where(w => w is not null));

    private string StanceNamed(string id)
    {
        var name = NameOf(id);
        return _isShort && StanceWord().Replace(name, "") is var bare && Vocabulary.Standard.MeaningOf(bare) is { Kind: "stance", Term: { } term } && term.Id.Value == id + "-stance" ? bare : name;
    }

    private string NameOf(string id) => (Vocabulary.Standard.Find(new TermId(id + "-stance")) ?? Vocabulary.Standard.Find(new TermId(id))!).In(_tradition);

    private string Called(int i, string told)
    {
        var capital = char.ToUpperInvariant(told[0]) + told[1..];
        var number = Names.Numbers[_tradition][i];
        return _call switch
        {
            "" => capital,
            "1." => $"{i + 1}. {capital}",
            _ => $"{char.ToUpperInvariant(number[0])}{number[1..]}{_call[^1]} {told}",
        };
    }

    [GeneratedRegex(@"\b(left|right)(?=\b|jjok|jjogeuro)")]
    private static partial Regex Sides();

    [GeneratedRegex(" (dachi|sogi|seogi|bu|shi)$")]
    private static partial Regex StanceWord();
}
