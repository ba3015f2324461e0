using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Whole clauses that say how the body is held while something is done: "knuckles facing up", "push your back heel into the floor".</summary>
public sealed partial class Reader
{
    private const string Which = @"(?:(?:the|your|my|both|that|this|keep(?:ing)? (?:the|your|my|both)) )?(?:(?:left|right|front|back|rear|other|lead|supporting|standing) )?";
    private const string Ends = @"(?: (?:\w+ly|hard|at the end|at the last moment|a (?:bit|little)|all the time|the whole time|throughout|as you (?:punch|block|strike|kick|step|move|turn|go)|when you (?:punch|block|strike|kick|step|move|turn)))*$";

    [GeneratedRegex(LeadIn + @"(?:"
        // "The palm is facing up", "knuckles up", "fingers pointing to the ceiling"
        + Which + @"(?:palms?|knuckles|fingers|fingertips|thumbs?) (?:(?:is|are|stays?|should be|faces?|points?) (?:still )?)?(?:(?:facing|turned|pointing|faces?|points?) )?(?:up|down|in|out|inwards?|outwards?|upwards?|downwards?|forwards?|away from you|towards? (?:you|yourself|the \w+)|(?<=(?:fac|point)\w* )to the \w+)"
        // "Twist the wrist", "turn the fist over so that the knuckles are up"
        + @"|(?:twist|turn|rotate|corkscrew|roll|flip) (?:the|your|my|that) (?:wrist|fist|forearm|knuckles)s?(?: over)?(?: so (?:that )?(?:the|your) \w+ (?:is|are|faces?) \w+)?"
        + @"|turn (?:the|your|both) (?:palms?|hands) (?:up|down|in|out|over|upwards?|downwards?|to face (?:up|down))"
        // "Your elbow stays close to the body", "elbows down", "shoulders relaxed"
        + @"|" + Which + @"(?:elbows?|shoulders?) (?:is|are|stays?|should be|has to be|have to be|needs to be|close|tucked|relaxed|loose|pulled) ?(?:(?:nice and )?(?:close|down|in|relaxed|low|bent|tucked in|loose|straight|heavy))?(?: (?:to|into|against|by) (?:the|your) \w+)?"
        + @"|(?:elbows|shoulders) (?:down|in|low|loose|relaxed)"
        // "Push your back heel into the floor", "push the hips forward", "drive the knee out"
        + @"|(?:push|press|drive|dig|plant|glue|root|screw) (?:the|your) (?:(?:left|right|front|back|rear) )?(?:heels?|hips?|knees?|toes|feet) (?:forward|back|out|down|in|flat|(?:in|on)to (?:the|your) (?:floor|ground))"
        // "Rotate your hips as you punch", "turn the hips into it"
        + @"|(?:rotate|turn|twist|use|snap|engage|drive) (?:your|the) (?:hips?|waist)(?: (?:as you \w+|when you \w+|into (?:it|the \w+)|with (?:it|the \w+)))"
        // "About two shoulder widths long"
        + @"|(?:(?:about|roughly|around|it's|that's) )*(?:one|two|one and a half|a|three|1|2|1\.5)(?: and a half)? shoulder[- ]?widths? (?:long|wide|deep)"
        // "The back foot points forty-five degrees out", "your right foot is turned out about 45 degrees"
        + @"|" + Which + @"(?:foot|feet|toes) (?:(?:is|are|stays?|should be) )?(?:(?:points?|pointing)(?: to the (?:front|side|corner))?|(?:turned|angled|turns|points?|pointing)(?: (?:slightly|a little|a bit|straight|ninety|forty[- ]five|thirty|\d+|degrees?))* (?:out|in|outwards?|inwards?|forwards?|ahead))(?: (?:about|roughly|at|to|a|slightly|little|bit|ninety|forty[- ]five|thirty|\d+|degrees?|degree angle|angle))*"
        // "Stay down", "don't come up"
        + @"|(?:stay|stays|staying) (?:nice and )?(?:down|low|level|relaxed|upright|tall)|don't (?:come|bob|bounce|rise|pop) up"
        // "Pull the other hand back to the hip"
        + @"|(?:pull|bring|draw|take|snap) (?:the|your) (?:other|opposite|non-punching|non-blocking) (?:hand|fist|arm) (?:back |in )?(?:(?:to|at|onto) (?:the|your) (?:hip|waist|belt|side))?"
        + @")" + Ends, RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysHowTheBodyIsHeld();

    /// <summary>"As soon as you've blocked, …", "coming off the block, …": when it is done, no deed of its own.</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:as soon as|once|when|after|the moment|now that) (?:you|we|i)(?:'ve| have)? (?:just )?(?:block(?:ed)?|punch(?:ed)?|strike|struck|kick(?:ed)?|finish(?:ed)?(?: (?:that|this|it|the \w+))?|done (?:that|this|it|so))|(?:as soon as|once|when|after) (?:the|that|your) (?:block|punch|strike|kick|turn|step)(?: is)? (?:done|finished|finishes|over|complete|lands)|after (?:blocking|punching|kicking|striking)|(?:coming )?(?:off|out of) (?:the back of )?(?:the|that|this)(?: (?:block|punch|kick|strike))?)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhen();

    private void FindHowTheBodyIsHeld()
    {
        for (var first = 0; first < _lexemes.Count; first++)
        {
            if (_lexemes[first].IsStop || first > 0 && !_lexemes[first - 1].IsStop) continue;
            var last = EndOfClause(first);
            var words = WordsFrom(first, last);
            if (SaysHowTheBodyIsHeld().IsMatch(words)) AsNote(first, last);
            else if (SaysWhen().IsMatch(words)) for (var k = first; k <= last; k++) BecomesSmall(k);
        }
    }
}
