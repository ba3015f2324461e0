using System.Text.RegularExpressions;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>Somebody who tells forms: with habits of their own, in phrases that the file beside this one holds.</summary>
internal sealed partial class Voice : ITeller
{
    private static readonly PhraseBook Phrases = PhraseBook.In("phrases.txt");
    private static readonly string[] Walls = ["front", "right", "back", "left"], Hours = ["twelve o'clock", "three o'clock", "six o'clock", "nine o'clock"], Winds = ["north", "east", "south", "west"];
    private static readonly string[] Calls = ["plain", "plain, without commas", "1.", "(1)", "1 -", "Step 1:", "Number one,", "Count one,", "Count one:", "Move one:", "One,", "On one,", "First,", "In the first move", "Ichi,", "Hana,", "One is", "1", "chatty call", "chatty call", "chatty plain", "chatty plain"];
    private static readonly string[] English = ["one", "two", "three", "four", "five", "six", "seven", "eight"];
    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"];

    private readonly Random _random;
    private readonly string _call, _your, _person, _style;
    /// <summary>Whether it is somebody else who moves; whether the voice says things again; whether it says L and R; whether it was written down without stops.</summary>
    private readonly bool _isThird, _hesitates, _isTerse, _isWithoutStops;
    private readonly Dictionary<string, string> _names = [];
    private readonly Dictionary<string, Func<string>> _values = [];

    /// <summary>A voice with habits drawn by chance.</summary>
    public Voice(Random random)
    {
        _random = random;
        _call = Any(Calls);
        School = random.Next(12) switch { 0 => "staff", 1 => "sword", 2 => "soft", 3 => "sticks", _ => "" };
        // "Seven is a step forward …", or notes without a verb.
        _style = IsSoft ? "soft" : _call == "One is" ? "noun" : _call.StartsWith("chatty", StringComparison.Ordinal) ? "chatty" : _call == "1" || random.Next(20) == 0 ? "short" : "";
        _isWithoutStops = random.Next(10) == 0 && _call is "Number one," or "Count one," or "Move one:" or "On one,";
        _hesitates = random.Next(8) == 0;
        _isTerse = random.Next(15) == 0;
        _your = Say("your");
        _isThird = random.NextDouble() < 0.1;
        _person = Say(_isThird ? "third person" : "person");
        // Most keep to one language, some mix them.
        var isPlain = random.Next(3) == 0;
        foreach (var (of, names) in Names.Of) _names[of] = isPlain ? names[0] : Any(names);
    }

    /// <inheritdoc/>
    public ISet<string> Said { get; } = new HashSet<string>();

    /// <inheritdoc/>
    public bool IsNumbered => !_call.Contains("plain", StringComparison.Ordinal);

    /// <inheritdoc/>
    public string School { get; }

    private bool IsArmed => School is "staff" or "sword";

    private bool IsSoft => School == "soft";

    /// <inheritdoc/>
    public (string Text, List<string> Counts) Tell(List<MadeUpCount> form)
    {
        var counts = form.Select((c, i) => Called(i, form.Count, Tell(c), InStyle(c) is not null) + Aside(c)).ToList();
        if (_isTerse) counts = [.. counts.Select(c => Sides().Replace(c, m => m.Value[..1].ToUpperInvariant()))];
        if (_isWithoutStops) counts = [.. counts.Select((c, i) => Stops().Replace(c, " ").Trim().ToLowerInvariant() + (i == counts.Count - 1 ? "." : ""))];
        var separator = char.IsDigit(_call.TrimStart('(')[0]) || _call.StartsWith("Step", StringComparison.Ordinal) ? "\n" : " ";
        return (string.Join(separator, counts.Prepend(Say(IsSoft ? "opening of a soft form" : form[0].Going == Going.DrawFromTheKnees ? "opening on the knees" : School == "sticks" ? "opening with sticks" : IsArmed ? "opening with a " + School : "opening")).Append(Say("closing")).Where(s => s.Length > 0)), counts);
    }

    /// <summary>What a chatty voice says between two counts.</summary>
    private string Aside(MadeUpCount count) => _style == "chatty" && count.Going is not (Going.Same or Going.Passage or Going.KickBack or Going.ThreeSteps) && count.Hands is [{ Hand: not null }] && _random.Next(4) == 0 ? " " + Capital(Say("aside")) : "";

    private T Any<T>(IReadOnlyList<T> of) => of[_random.Next(of.Count)];

    /// <summary>One of the ways to say a thing, with what it holds filled in.</summary>
    private string Say(string name) => Phrases.Say(name, _random, _values, Said);

    /// <summary>As <see cref="Say"/>; drawn again where "as you" would stand before what is no verb.</summary>
    private string SayGrammatically(string name)
    {
        while (true)
            if (Say(name) is var said && !NoVerb().IsMatch(said)) return said;
    }

    private string Tell(MadeUpCount count)
    {
        SetValues(count);
        var told = _style.Length > 0 && InStyle(count) is { } styled ? Say(styled) : SayGrammatically(count.Going switch
        {
            Going.Turn => count.Heading % 90 == 0 && _random.Next(4) == 0 ? "told as a turn to a place" : "told as a turn",
            Going.Passage => count.Passage[0].Going == Going.Step ? "told as a passage again" : "told as a passage on the other side",
            Going.OnTheSpot => IsArmed ? "told on the spot with a weapon" : _isThird ? "told on the spot of somebody" : "told on the spot",
            Going.SideStep => count is { IsFirst: true, Hands: [{ Level: null } only] } && only.Hand == count.Lead && !_isWithoutStops && _random.Next(12) == 0 ? "told as a side step out of ready" : "told as a side step",
            Going.WideStep => "told as a wide step",
            Going.Diagonal => "told as a diagonal step",
            Going.KickBack => "told as a kick that comes back",
            Going.ThreeSteps => "told as three steps",
            Going.Kick => "told as a kick",
            Going.Shuffle => "told as a shuffle",
            Going.CrossBehind => "told as a step behind",
            Going.Together => "told as feet drawn together",
            Going.Shift => "told as a shift of weight",
            Going.PivotAround => "told as a pivot around",
            Going.Kneel => "told as kneeling",
            Going.Rise => "told as rising",
            Going.Jump => "told as a jump",
            Going.CrossInFront => "told as a step in front",
            Going.DrawBack => "told as a foot drawn back",
            Going.ShuffleBack => "told as a shuffle back",
            Going.SwitchFeet => "told as a switch of feet",
            Going.JumpTurn => "told as a jump with a turn",
            Going.PivotAQuarter => count.Leads ? "told as a pivot out of a straddle" : "told as a pivot into a straddle",
            Going.DrawFromTheKnees => "told as drawing from the knees",
            Going.Same => IsNumbered && _random.Next(3) == 0 ? "told as the same of a number" : "told as the same",
            Going.Step when count.FootIsPlain && _random.Next(6) == 0 => "told as a step that goes without saying",
            Going.Step when count.FootIsPlain && _random.Next(12) == 0 => "told as a step further",
            _ => "told as a step",
        });
        // Sentences within a count need its number to hold them together.
        told = IsNumbered ? Sentence().Replace(told, s => s.Value.ToUpperInvariant()) : told.Replace(". ", ", ", StringComparison.Ordinal);
        if (count.Going is Going.Same or Going.Passage or Going.KickBack or Going.ThreeSteps or Going.DrawFromTheKnees) return told + (count.Shout && count.Going != Going.Same ? Say("kiai") : ".");
        if (count.Hands.Count > 1 && !IsSoft)
        {
            SetTechnique(count.Hands[1], count);
            told += Say(count.Hands[1] == count.Hands[0].Mirrored ? "second of the same" : "second technique");
        }
        if (_style.Length == 0 && Imperative().IsMatch(told)) told = _isThird ? _person + FirstWord().Replace(told, m => m.Value + (m.Value is "do" or "go" ? "es" : "s"), 1) : _person + told;
        if (_style.Length == 0) told = Say("lead-in") + told;
        if (count.Shout) return told + Say("kiai");
        if (_random.Next(5) == 0 && count.Heading % 90 == 0) return told + Say("confirm");
        if (_random.Next(4) != 0) return told + ".";
        if (count.Hands[^1].Hand is not { } hand) return told + ".";
        _values["hand"] = () => hand.Word;
        _values["other hand"] = () => hand.Other.Word;
        return told + Say(_random.Next(2) == 0 || IsSoft ? "remark" : "remark on the other hand");
    }

    private string? InStyle(MadeUpCount count) => count.Going switch
    {
        Going.Turn when _style == "chatty" && count is { Amount: 90 } && count.From % 180 == 0 && count.Foot == count.Side && _random.Next(2) == 0 => "chatty quarter turn",
        Going.Turn => _style + " turn",
        // Out of a stance without a lead "in right front stance" may be a turn.
        Going.Step when count.FootIsPlain || count.IsFirst || IsSoft => _style + " step",
        Going.StepBack => _style + " step back",
        Going.OnTheSpot => _style + " on the spot",
        Going.SideStep => _style + " side step",
        Going.Kick => _style + " kick",
        Going.Shift when IsSoft => count.Stance == "cat" ? "soft shift back" : "soft shift forward",
        Going.Together when IsSoft => "soft together",
        _ => null,
    };

    private void SetValues(MadeUpCount count)
    {
        var isStraight = count.Heading % 90 == 0;
        var quarter = count.Heading / 90;
        // Off the opposite side line "turn right" may be half a turn.
        var isOpen = count.From % 90 == 0 && !(count.From == 270 && count.Side == Side.Right) && !(count.From == 90 && count.Side == Side.Left);
        _values["your"] = () => _your;
        _values["side"] = () => SideSaid(count.Side);
        _values["foot"] = () => SideSaid(count.Foot);
        _values["back foot"] = () => count.FootIsPlain ? "back foot" : $"{count.Foot.Word} foot";
        _values["other foot"] = () => count.Foot.Other.Word;
        _values["lead"] = () => count.Lead.Word;
        _values["rear"] = () => count.Lead.Other.Word;
        _values["first again"] = () => $"{count.Repeats.First}";
        _values["last again"] = () => $"{count.Repeats.Last}";
        _values["turning round"] = () => count.Side == Side.Right ? Any<string>(["clockwise", "cw"]) : Any<string>(["counterclockwise", "ccw"]);
        _values["amount"] = () => $"{count.Amount}";
        _values["wall"] = () => Any<string>(quarter % 2 == 0 ? [$"the {Walls[quarter]} wall", $"the {Walls[quarter]}"] : [$"the {Walls[quarter]} wall", $"the {Walls[quarter]} side of the hall"]);
        _values["hour"] = () => Hours[quarter];
        _values["wind"] = () => Winds[quarter];
        _values["stance name"] = () => _names[count.Stance];
        _values["a stance"] = () => "a " + _names[count.Stance];
        _values["kick name"] = () => _names[count.Kick];
        _values["a kick"] = () => "a " + _names[count.Kick];
        _values["a"] = () => "a";
        if (!IsSoft && count.Hands is [var first, ..]) SetTechnique(first, count);
        _values["soft hands"] = () => string.Join(Say("soft meanwhile") + " ", count.Hands.Select(h => SoftlySaid(h)));
        _values["turn"] = () => Say(count is { Heading: 0, Amount: > 0 } && isOpen && _random.Next(3) == 0 ? "turn to the front" : count.Amount == 90 && !isOpen ? "turn 90 by degrees" : isStraight && count.Amount is 180 or 270 && _random.Next(4) == 0 ? $"turn {count.Amount} to face" : count.Amount == 90 && !isStraight ? "turn 90 by degrees" : $"turn {count.Amount}");
        _values["turning"] = () => Say(isOpen && count.From % 180 == 0 && count.Amount == 90 && _random.Next(2) == 0 ? (isStraight && _random.Next(2) == 0 ? "turning to face" : "turning 90") : count.Amount == 180 && _random.Next(3) == 0 ? "turning 180" : "turning");
        var tellsTheStep = count.Going is Going.Step or Going.StepBack or Going.Kick;
        _values["step"] = () => Say(count.Going switch { Going.StepBack => "step back", Going.Turn => "step out", _ => count.FootIsPlain && _random.Next(6) == 0 ? "step forward with either foot" : "step forward" });
        _values["stepping"] = () => Say(count.Going switch { Going.StepBack => "stepping back", Going.Turn => "stepping out", _ => "stepping forward" });
        _values["into"] = () => Say(tellsTheStep && _random.Next(2) == 0 ? "into what the step tells" : "into its own");
        _values["stance"] = () => Say(tellsTheStep && _random.Next(5) < 2 ? "stance the step tells" : "stance");
        _values["kick"] = () => Say(_random.Next(4) == 0 ? "kick with the rear leg" : "kick");
    }

    private string SoftlySaid(Done done)
    {
        if (done.Hand is { } hand) _values["hand"] = () => hand.Word;
        return Say("soft " + done.Technique) + (done.Level is { } level ? Say($"soft {level}") : "");
    }

    private void SetTechnique(Done done, MadeUpCount count)
    {
        if (School == "sticks")
        {
            var stick = done.Technique["truncheon-".Length..];
            _values["hand"] = () => done.Hand!.Value.Word;
            _values["stick"] = () => SideSaid(done.Hand!.Value) + " stick";
            _values["blow"] = () => stick;
            _values["at"] = () => Say($"{stick} {done.Level}");
            foreach (var way in new[] { "technique", "technique with an article", "do", "doing" })
                _values[way] = () => Say("sticks " + way);
            return;
        }

        var name = _names[done.Technique];
        _values["technique name"] = () => name;
        if (done.Hand is not { } hand)
        {
            foreach (var way in new[] { "technique", "technique with an article", "do", "doing" })
                _values[way] = () => Say((IsArmed ? School : "both hands") + " " + way);
            return;
        }

        _values["hand"] = () => SideSaid(hand);
        _values["aimed"] = () => done.Level is { } level ? Say($"aimed {level}") : name;
        var isRelative = count.Leads && done is not { Technique: "punch", Level: not null } && _random.Next(8) == 0;
        var which = hand == count.Lead ? "lead" : "rear";
        var verb = (done.Technique, done.Level) switch { ("low-block", _) => ("block low", "blocking low", "blocks low"), ("rising-block", _) => ("block high", "blocking high", "blocks high"), ("punch", null) => ("punch", "punching", "punches"), _ => ("", "", "") };
        (_values["verb"], _values["verbing"], _values["verbs"]) = (() => verb.Item1, () => verb.Item2, () => verb.Item3);
        _values["technique"] = () => Say(isRelative ? (done is { Technique: "punch", Level: null } ? $"punch with the {which} hand" : $"technique with the {which} hand") : verb.Item1.Length > 0 && _random.Next(5) == 0 ? "technique by its verb" : "technique");
        _values["technique with an article"] = () => Say("technique with an article");
        _values["do"] = () => Say(isRelative && done.Technique != "punch" ? $"do with the {which} hand" : verb.Item1.Length > 0 && _random.Next(2) == 0 ? "do by its verb" : "do");
        _values["doing"] = () => Say(verb.Item2.Length > 0 && _random.Next(2) == 0 ? "doing by its verb" : "doing");
    }

    /// <summary>A side; some say the other one first and take it back.</summary>
    private string SideSaid(Side side) => _hesitates && _random.Next(12) == 0 ? Say("hesitation").Replace("wrong", side.Other.Word, StringComparison.Ordinal).Replace("meant", side.Word, StringComparison.Ordinal) : side.Word;

    /// <summary>A count with its number before it, as this voice calls them.</summary>
    private string Called(int i, int of, string told, bool isNoun)
    {
        told = Article().Replace(told, m => "aeiou".Contains(m.Groups[1].Value, StringComparison.Ordinal) ? $"an {m.Groups[1].Value}" : $"a {m.Groups[1].Value}");
        var call = _call switch
        {
            "plain" => i == 0 ? "" : Say("connect"),
            "chatty plain" => i == 0 ? Say("chatty connect").Replace("next", "first", StringComparison.OrdinalIgnoreCase) : Say("chatty connect"),
            "chatty call" => $"{Any(Phrases["chatty call"]).Replace("{number}", English[i], StringComparison.Ordinal).Replace("{ordinal}", Ordinals[i], StringComparison.Ordinal)} ",
            "plain, without commas" => i == 0 ? "First " : i == of - 1 ? "Finally, " : Say("connect without commas"),
            "In the first move" => $"In the {Ordinals[i]} {Any<string>(["move", "movement", "count"])} ",
            "First," => $"{Capital(Ordinals[i])}, ",
            "Ichi," => $"{Capital(Names.Numbers[Tradition.Japanese][i])}, ",
            "Hana," => $"{Capital(Names.Numbers[Tradition.Korean][i])}, ",
            "One," => $"{Capital(English[i])}, ",
            "One is" => $"{Capital(English[i])}{(isNoun ? " is" : ":")} ",
            _ => $"{_call.Replace("one", English[i], StringComparison.Ordinal).Replace("1", $"{i + 1}", StringComparison.Ordinal)} ",
        };
        return call.Length == 0 || char.IsDigit(call.TrimStart('(')[0]) ? call + Capital(told) : call + told;
    }

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];

    [GeneratedRegex(@"(?<!all )\b(left|right)\b(?! (now|away|after|there|here|where)|, so)", RegexOptions.IgnoreCase)]
    private static partial Regex Sides();

    [GeneratedRegex(@"(, | - |[.;:!?()] ?)")]
    private static partial Regex Stops();

    [GeneratedRegex(@"(?<=\. )[a-z]")]
    private static partial Regex Sentence();

    [GeneratedRegex(@"\ba (\w)")]
    private static partial Regex Article();

    [GeneratedRegex(@"^(step |turn |move (the|your|my|left|right)|bring |slide |put |take |do (?!not)|make |pivot |rotate |kick |without moving|shuffle |cross |bring |draw |shift |sink |drop |kneel |stand |rise |jump |leap |slide |swing |look |face |go |take |send )")]
    private static partial Regex Imperative();

    [GeneratedRegex(@"\b(as|when|after) you (the|your|my|left|right|and|about)\b|around 45 degrees")]
    private static partial Regex NoVerb();

    [GeneratedRegex(@"^\w+")]
    private static partial Regex FirstWord();
}
