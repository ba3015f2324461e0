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

    /// <summary>"1 &amp; 2 low block, punch", "3/4 turn, low block, punch": told like "1, 2: low block, punch", where as many techniques follow.</summary>
    private void PartNumbersToldTogether()
    {
        for (var i = NextSentence(-1); i + 2 < _lexemes.Count; i = NextSentence(EndOfSentence(i)))
        {
            if (!_lexemes[i].Is("number")) continue;
            var joined = _lexemes[i + 1].Is("number") && CharAt(_lexemes[i + 1].Start - 1) is '-' or '–' or '/' ? i + 1 : _lexemes[i + 1] is { IsStop: true, Length: 1 } sign && CharAt(sign.Start) is '&' or '+' or '/' ? i + 2 : -1;
            if (joined < 0 || joined + 1 >= _lexemes.Count || !_lexemes[joined].Is("number") || _lexemes[joined + 1].IsStop) continue;
            var more = _lexemes[joined].Number - _lexemes[i].Number;
            var next = NextSentence(EndOfSentence(i));
            if (more is not (1 or 2) || next < _lexemes.Count && !(_lexemes[next].Is("number") && _lexemes[next].Number == _lexemes[joined].Number + 1) || RestOfSentence(joined).Count(l => l.Is("technique")) != more + 1) continue;
            _lexemes.Insert(joined + 1, StopAt(joined + 1, ":"));
            if (joined == i + 2) _lexemes.RemoveAt(i + 1);
        }
    }

    /// <summary>"Four to six are rising blocks, right, left and right": told like "four to six: rising blocks, right, left, right".</summary>
    private void PartRangesFromWhatTheyAre()
    {
        for (var first = NextSentence(-1); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var (from, end) = (_lexemes[first].Is("countNoun") || _lexemes[first] is { Kind: "footwork", Plain: "moves" or "steps" } ? first + 1 : first, EndOfSentence(first));
            if (from >= end || !_lexemes[from].Is("number")) continue;
            var last = from;
            while (last < end && (_lexemes[last].Kind is "number" || _lexemes[last].Is("stop", ",") || _lexemes[last].Plain is "to" or "through" or "and" or "until" or "till")) last++;
            if (last > end || !_lexemes[last - 1].Is("number") || _lexemes[last - 1].Number <= _lexemes[from].Number || last - from < 3 || !RestOfSentence(last - 1).Any(l => l.Is("technique") && IsPlural(l))) continue;
            // "…, right, left and right": three sides.
            for (var k = end - 1; k > last + 1; k--)
                if (_lexemes[k].Plain == "and" && _lexemes[k - 1].Is("side") && k + 1 < _lexemes.Count && _lexemes[k + 1].Is("side") && k > 2 && _lexemes[k - 2].IsStop)
                {
                    var and = _lexemes[k] with { Kind = "filler", Term = null };
                    _lexemes[k] = StopAt(k, ",");
                    _lexemes.Insert(k + 2, and);
                }
                else if (_lexemes[k].Is("stop", ":") && _lexemes[k - 1].Is("technique") && k + 1 < _lexemes.Count && _lexemes[k + 1].Is("side")) _lexemes[k] = _lexemes[k] with { Value = "," };
            if (_lexemes[last].Plain is "are" or "will be" or "is") _lexemes.Insert(last, StopAt(last, ":"));
        }
    }

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
