using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>What a teacher says to the class and not of the form: "if you have bad knees, …", "a common mistake is …", "my teacher did it …".</summary>
public sealed partial class Reader
{
    [GeneratedRegex(@"^(?:(?:ok|okay|alright|all right|right|so|and|now|but|then|again|yeah|yes|good|great|remember|sorry|oops|oh|well|look|listen|um|uh|actually|also|by the way|please|guys|everybody|everyone)[\s,]+)*(?:"
        + @"if (?:you(?:'re| are)? (?:have|lose|miss|can't|new|not|want|need|find|struggle|don't)|it's too|your (?:knees?|back|balance))"
        + @"|(?:(?:i'm|we're|i am|we are) (?:going to|gonna) |i'll |we'll |let's |let me )(?:just )?(?:go|run|walk|talk|take you|walk you|talk you|break) (?:through|over|down) (?:it|this|the|that|each|all|every|them)"
        + @"|(?:a|the|another|one)(?: very| most)? common (?:mistake|error|fault|problem)"
        + @"|when i (?:learned|learnt|was|started|first)"
        + @"|in (?:the old|the older|the original|other|some|competitions?|tournaments?|another|the next video|my (?:school|club|style|day))"
        + @"|for (?:your|the) (?:grading|exam|test|belt test)|for (?:brown|black|green|blue|yellow|orange|white) belts?|for (?:beginners|kids|adults)"
        + @"|(?:some|other|many|most|different|older|a few) (?:people|clubs|schools|styles|teachers|instructors|versions)"
        + @"|my (?:\w+ )?(?:teacher|instructor|master|coach)|kids|children|judges|nobody|no one"
        + @"|i(?:'ll| will) (?:explain|talk|come back|go over|cover)|i (?:always|never) (?:forget|tell|get|mix)|i (?:lost|forgot)|we(?:'ll| will) (?:come back|practi[cs]e|work on|talk|cover|go over)"
        + @"|where (?:was|were) (?:i|we)|let me (?:think|see|check|fix)|any questions|can (?:you|everybody|everyone|you all) (?:all )?see|is every(?:one|body)|rewind|pause (?:the|this)|feel free|take your time"
        + @"|it (?:takes|doesn't matter|does not matter|makes no difference)|(?:you|we) (?:can|could|may|might) (?:do it|practi[cs]e)"
        + @"|don't (?:step|turn|kick|punch|go|lean|lift|drop|rush|swing|raise|push|pull|jump|bend|reach|twist) (?:too|so|over|like|when|while|until|before|after|this|that)\b"
        + @"|never (?:look|lean|drop|lift|let)|try not to|avoid|see (?:how|where|what)|watch (?:how|what|where|this|me|closely)|look at (?:me|where|how|what|my)"
        + @"|are you (?:all )?ready|is everyone ready|make (?:that|this|the|your|it) (?:\w+ )?(?:a |an )?(?:\w+ )?(?:strong|good|nice|big|powerful|sharp|clean|crisp)\b"
        + @"|this is (?:probably|maybe|one of|my fav\w+|the (?:hard|trick|diffic)\w+)|(?:just )?one thing (?:about|to)"
        + @")\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex IsSaidToTheClass();

    [GeneratedRegex(@"^(?:ok|okay|so|and|now|right|good|great|alright|[\s,])*that(?:'s| is| was) (?:the )?(?:(?:move|count|movement|step|technique)(?: number)?|number) (?:one|two|three|four|five|six|seven|eight|nine|ten|\d+)(?: done)?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhichOneItWas();

    /// <summary>"That's move number one. For move two, …": said once of a move, it calls nothing.</summary>
    private void FindANumberSaidOnce()
    {
        var said = new List<(int First, int Last)>();
        for (var first = 0; first < _lexemes.Count; first = EndOfSentence(first) + 2)
            if (!_lexemes[first].IsStop && SaysWhichOneItWas().IsMatch(WordsFrom(first, EndOfSentence(first)))) said.Add((first, EndOfSentence(first)));
        if (said is [var (begins, ends)] && _lexemes.Take(begins).Any(l => l.Is("technique"))) AsNote(begins, ends);
    }

    [GeneratedRegex("[\"“]([^\"”.]{2,40})[\"”]", RegexOptions.CultureInvariant)]
    private static partial Regex InQuotes();

    [GeneratedRegex(@"\b(?:teach\w*|taught|learn\w*|called|named?|form|kata|pattern|poomsae|hyung|tul|set|routine)\b", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpeaksOfAForm();

    [GeneratedRegex(@"^(?:(?:okay|so|now|and|well|right|today|hello|hi)[, ]+)*(?:(?:we|i|they) (?:usually |just |always )?call (?:this|it|that)(?: one| form| kata)?|(?:this|that|it|ours?|the (?:form|kata|pattern|poomsae|next one|one today|name(?: of (?:this|the|our)(?: one| form| kata| pattern)?)?))(?: one| form| kata| pattern)?(?: is|'s)(?: just| simply| also)?(?: called| named| known as)?|(?:this|the) (?:one|form|kata|pattern) (?:we|i|they) call|(?:the )?name(?: of (?:this|the) \w+)?:?)(?: (?:the|a|our|form|kata))* \w+(?: (?:stance|form|kata|pattern|one))?$|^(?:the )?\w+ (?:form|kata|pattern)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatAFormIsCalled();

    /// <summary>"We call this one the crane." before anything is done, where where one stands is told after it: no stance.</summary>
    private void FindWhatAFormIsCalled()
    {
        for (var first = NextSentence(-1); _before.Count == 0 && first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var sentence = _lexemes.GetRange(first, EndOfSentence(first) - first + 1);
            // "Here's how I teach the kicking form.", "our kicking form has no turns."
            if (Enumerable.Range(first, sentence.Count - 1).Any(k => _lexemes[k] is { Kind: "technique" } or { Kind: "footwork", IsGerund: true } && IsAForm(_lexemes[k + 1].Plain)) && !sentence.Any(l => l.Kind is "side" or "footNoun" or "handNoun" or "stance" or "opening"))
            {
                AsNote(first, EndOfSentence(first));
                continue;
            }
            if (sentence.Any(l => l.Kind is "side" or "technique" or "footNoun" or "footwork" or "opening") || first > MostOfAShortOne * 3) return;
            if (sentence.Count(l => l.Is("stance")) != 1) continue;
            if (!_lexemes.Skip(EndOfSentence(first)).Any(l => l.Kind is "technique" or "footwork")) return;
            if (SaysWhatAFormIsCalled().IsMatch(WordsFrom(first, EndOfSentence(first)))) AsNote(first, EndOfSentence(first));
        }
    }

    /// <summary>"Low Weir", "Form: Still Water": a line above all others that names what they tell, in words that nothing else understands.</summary>
    private void FindTheNameOnTop()
    {
        const int Longest = 8; // words
        if (_before.Count > 0 || _text.TrimStart() is var text && text.IndexOf('\n') is var end && (end <= 0 || text[..end].Split(' ').Length > Longest)) return;
        var (first, last) = (NextSentence(-1), EndOfSentence(NextSentence(-1)));
        if (last + 1 >= _lexemes.Count || _lexemes[last + 1].Start < _text.Length - text.Length + end - 1) return;
        var line = _lexemes.GetRange(first, last - first + 1);
        // "White Crane Road - 8 counts" above a blank line: some techniques are called like what forms are named after.
        var apart = text[end..].TrimStart(' ', '\t', '\r') is var below && below.Length > 1 && below[1..].TrimStart(' ', '\t', '\r').StartsWith('\n');
        if (line.Exists(l => l.Is("unread")) && line.TrueForAll(l => l.Kind is "unread" or "filler" or "level" or "number" or "ordinal" or "passage" or "weapon" or "countNoun" || l.IsStop || apart && l.Is("note") || apart && l.Is("technique")) && _lexemes.Skip(last).Any(l => l.Is("technique"))) BecomesSmall(first, last);
    }

    private static bool IsAForm(string word) => word is "form" or "kata" or "pattern" or "poomsae" or "drill" or "exercise" or "sequence" or "routine" or "section" or "part" or "class";

    /// <summary>"Today we learn “Quiet Bridge”": the form's name, before anything is done.</summary>
    private void FindNamesInQuotes()
    {
        foreach (Match name in InQuotes().Matches(_text))
        {
            var first = _lexemes.FindIndex(l => l.Start >= name.Groups[1].Index);
            if (first < 0 || _lexemes.Take(first).Any(l => l.Kind is "technique" or "footNoun" or "stance")) continue;
            var last = _lexemes.FindLastIndex(l => l.Start + l.Length <= name.Groups[1].Index + name.Groups[1].Length);
            var opens = StartOfSentence(first);
            if (last >= first && SpeaksOfAForm().IsMatch(WordsFrom(opens, EndOfSentence(first))))
                for (var k = first; k <= last; k++) BecomesSmall(k);
        }
    }

    [GeneratedRegex(LeadIn + @"(?:(?:well|look|next)[, ]+)*(?:(?:(?:the|your|our|these|those|my) )?(?:first|last|next|final|following|remaining) (?:two|three|four|five|six|seven|eight|few|couple|ones|part|bit|line|section|half|\d+)(?: (?:moves|counts|of them|of these|ones|techniques))? (?:(?:is|are|will be|come|is going to be|are going to be)|has|have)\b"
        + @"|(?:the|all the) (?:rest|others|remaining ones)(?: of (?:them|it|the form))? (?:is|are)\b|(?:from (?:here|now) on|from here it's|everything from (?:here|now)(?: on)?|all the \w+ from (?:here|now) on)\b|the (?:stance|stances|hands|technique)s? (?:changes?|now becomes?) (?:now|here)?)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhatIsToCome();

    [GeneratedRegex(LeadIn + @"(?:(?:well|look|next)[, ]+)*(?:(?:for|comes?|here comes|here's|there's|it's|we have|you have|we come to|on to|for|is|this is|we get to|time for) )?(?:the|a|that|our|your) (?:(?:big|difficult|hard|tricky|long|next|first|second|third|last|funny|awkward|famous) )*turn(?: around)?(?: (?:now|again|here|next|is next|comes next|coming))?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex NamesATurn();

    [GeneratedRegex(LeadIn + @"(?:(?:well|look|next)[, ]+)*(?:that's|that is|that was|we've done|you've done|we have done) (?:the )?(?:first |last )?(?:two|three|four|five|six|seven|eight|nine|ten|\d+) (?:moves|counts|steps|techniques|movements)(?: (?:so far|done|already|now|gone|finished))*$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysHowManyItWas();

    /// <summary>"Last four are back stances with knife hands.", "now for the turn.": the sentences after it tell each of them; "that's two moves so far" tells none.</summary>
    private void FindWhatIsToldOutNext()
    {
        for (var first = 0; first < _lexemes.Count; first++)
        {
            if (_lexemes[first].IsStop || first > 0 && !_lexemes[first - 1].EndsSentence) continue;
            var last = EndOfSentence(first);
            var (sentence, next) = (_lexemes.GetRange(first, last - first + 1), NextSentence(last));
            if (!sentence.Any(l => l.Kind is "number" or "technique" or "stance" or "footwork")) continue;
            var words = WordsFrom(first, last);
            if (sentence.Any(l => l.Is("number")) && SaysHowManyItWas().IsMatch(words)) AsNote(first, last);
            if (sentence.Any(l => l.Is("side")) || next >= _lexemes.Count) continue;
            var follows = _lexemes.GetRange(next, EndOfSentence(next) - next + 1);
            if (NamesATurn().IsMatch(words) && follows.Any(l => l.Kind is "footNoun" or "relFoot" or "degrees" or "amount" or "gaze" || l.Is("footwork"))) AsNote(first, last);
            if (!SaysWhatIsToCome().IsMatch(words)) continue;
            var named = sentence.Where(l => l.Kind is "technique" or "stance").ToList();
            var after = _lexemes.Skip(next).Take(RunOn).ToList();
            if (named.Count > 0 && named.All(l => after.Any(a => a.Kind == l.Kind && (a.Value == l.Value || a.Term is { } told && l.Is("technique") && IsThat(l, told.Id))))) AsNote(first, last);
        }
    }

    /// <summary>Makes remarks of them; a clause that tells a move ends one, as every remark.</summary>
    private void FindChatter()
    {
        for (var first = 0; first < _lexemes.Count; first++)
        {
            if (_lexemes[first].IsStop || first > 0 && !_lexemes[first - 1].EndsSentence) continue;
            var words = WordsFrom(first, EndOfSentence(first));
            if (IsSaidToTheClass().IsMatch(words)) _lexemes[first] = _lexemes[first] with { Kind = "note", Value = "note", Term = null };
        }
    }
}
