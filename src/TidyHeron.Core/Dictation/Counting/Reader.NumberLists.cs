namespace TidyHeron.Core.Dictation;

/// <summary>Several numbers called at once: "six, seven and eight:", "13 to 14,", "6-8".</summary>
public sealed partial class Reader
{
    /// <summary>"13 to 14," at the start of a sentence: the counts that what follows is said of.</summary>
    private bool IsRange(int i) => RangeEnd(i) >= 0;

    private int RangeEnd(int i)
    {
        if (!_lexemes[i].Is("number") || !(StartsSentence(i) || i > 0 && StartsSentence(i - 1))) return -1;
        var end = i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "to" or "and" or "through" ? i + 2 : i + 1; // "8-9" is two numbers
        return end < _lexemes.Count && _lexemes[end].Is("number") && (Alone(end) || IsJoinedRange(i)) && _lexemes[end].Number > _lexemes[i].Number ? end : -1;
    }

    /// <summary>"6-8 rising block …": two numbers with nothing but a hyphen between them.</summary>
    private bool IsJoinedRange(int i) =>
        i + 1 < _lexemes.Count && _lexemes[i].Is("number") && _lexemes[i + 1].Is("number") && _lexemes[i + 1].Number > _lexemes[i].Number
        && _lexemes[i].Start + _lexemes[i].Length + 1 == _lexemes[i + 1].Start && CharAt(_lexemes[i + 1].Start - 1) is '-' or '–';

    // How many counts the words that follow are said of.
    private int _listed;
    private bool _thenParts; // "then" is said as often as it takes to part them
    private bool _deedsPart; // as many techniques are told as there are numbers
    private int _inList; // how many of them have begun after the first

    /// <summary>Where a list of consecutive numbers ends that begins a sentence, such as "six, seven and eight:"; -1 where there is none.</summary>
    private int ListEnd(int i)
    {
        if (_lexemes[i].Is("countNoun") && StartsSentence(i) && i + 1 < _lexemes.Count) i++;
        else if (!StartsSentence(i) && !(Alone(i) && IsNextNumber(i) && _lexemes[i - 1].Is("then")) && !(OnlySmallWordsBefore(i) && _lexemes[i].Is("number") && WasSaidBefore(i, _lexemes[i].Number - 1))) return -1;
        if (!_lexemes[i].Is("number")) return -1;
        var (last, end) = (_lexemes[i].Number, -1);
        for (var k = i + 1; k < _lexemes.Count; k++)
        {
            if (_lexemes[k].Is("stop", ",") || _lexemes[k].Plain == "and") continue;
            if (!_lexemes[k].Is("number") || _lexemes[k].Number != last + 1) break;
            (last, end) = (_lexemes[k].Number, k);
        }
        // "Fourteen fifteen sixteen three punches" without stops: where the words call other counts too.
        var series = end >= 0 && end + 1 < _lexemes.Count && _lexemes[end + 1].Is("number") && IndexAfter(end + 1) is var many and >= 0 && _lexemes[many].IsHandTechnique && end - i >= 2 && _lexemes.Any(l => l.Is("countNoun"));
        // "Then six, seven and eight you walk forward, …".
        var goesOn = end - i >= 2 && end + 1 < _lexemes.Count && _lexemes[end + 1] is { Kind: "filler", Plain: "i" or "you" or "we" } && WasSaidBefore(i, _lexemes[i].Number - 1);
        return end >= 0 && (Alone(end) || series || goesOn) ? end : -1;
    }

    // The numbers of the text and where they stand: a list of them is taken in as one, and its other numbers say nothing more.
    private readonly List<(int Start, int Number)> _numbersSaid = [];

    private bool WasSaidBefore(int i, int number) => _lexemes.Take(i).Any(l => l.IsNumber(number)) || _numbersSaid.Exists(n => n.Number == number && n.Start < _lexemes[i].Start);
}
