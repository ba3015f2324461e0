using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Whole clauses that say how the body is held while something is done: "knuckles facing up", "push your back heel into the floor".</summary>
public sealed partial class Reader
{
    private const string Which = @"(?:(?:the|your|my|both|that|this|keep(?:ing)? (?:the|your|my|both)) )?(?:(?:left|right|front|back|rear|other|lead|supporting|standing) )?";
    private const string Ends = @"(?: (?:\w+ly|hard|at the end|at the last moment|a (?:bit|little)|all the time|the whole time|throughout|as you (?:punch|block|strike|kick|step|move|turn|go)|when you (?:punch|block|strike|kick|step|move|turn)))*$";

    [GeneratedRegex(LeadIn + @"(?:"
        // "The palm is facing up", "knuckles up", "fingers pointing to the ceiling"
        + Which + @"(?:(?:palms?|knuckles|fingers|fingertips|thumbs?) (?:(?:is|are|stays?|should be|faces?|points?) (?:still )?)?(?:(?:facing|turned|pointing|faces?|points?) )?(?:up|down|in|out|inwards?|outwards?|upwards?|downwards?|forwards?|away from you|towards? (?:you|yourself|the \w+)|(?<=(?:fac|point)\w* )to the \w+)"
        // "Your elbow stays close to the body", "elbows down", "shoulders relaxed"
        + @"|(?:elbows?|shoulders?) (?:is|are|stays?|should be|has to be|have to be|needs to be|close|tucked|relaxed|loose|pulled) ?(?:(?:nice and )?(?:close|down|in|relaxed|low|bent|tucked in|loose|straight|heavy))?(?: (?:to|into|against|by) (?:the|your|my) \w+)?"
        // "The back foot points forty-five degrees out", "your right foot is turned out about 45 degrees"
        + @"|(?:foot|feet|toes) (?:(?:is|are|stays?|should be) )?(?:(?:points?|pointing)(?: to the (?:front|side|corner))?|(?:turned|angled|turns|points?|pointing)(?: (?:slightly|a little|a bit|straight|ninety|forty[- ]five|thirty|\d+|degrees?))* (?:out|in|outwards?|inwards?|forwards?|ahead))(?: (?:about|roughly|at|to|a|slightly|little|bit|ninety|forty[- ]five|thirty|\d+|degrees?|degree angle|angle))*)"
        // "Twist the wrist", "turn the fist over so that the knuckles are up"
        + @"|(?:twist|turn|rotate|corkscrew|roll|flip) (?:the|your|my|that) (?:wrist|fist|forearm|knuckles)s?(?: over)?(?: so (?:that )?(?:the|your|my) \w+ (?:is|are|faces?) \w+)?"
        + @"|turn (?:the|your|both) (?:palms?|hands) (?:up|down|in|out|over|upwards?|downwards?|to face (?:up|down))"
        + @"|(?:elbows|shoulders) (?:down|in|low|loose|relaxed)"
        // "Push your back heel into the floor", "push the hips forward", "drive the knee out"
        + @"|(?:push|press|drive|dig|plant|glue|root|screw) (?:the|your|my) (?:(?:left|right|front|back|rear) )?(?:heels?|hips?|knees?|toes|feet) (?:forward|back|out|down|in|flat|(?:in|on)to (?:the|your|my) (?:floor|ground))"
        // "Don't move your back foot"
        + @"|(?:don't|do not|never|without|not) (?:mov(?:e|ing)|lift(?:ing)?|shift(?:ing)?|turn(?:ing)?|rais(?:e|ing)|pick(?:ing)? up) (?:the|your|that|my|our) (?:(?:left|right|back|rear|front|other|standing|supporting) )?(?:foot|leg|heel|toes|hips|body|head)(?: (?:up|at all|yet|off the \w+|too much|or anything))*"
        // "I don't stop there", "you twist into it", "still right foot in front"
        + @"|(?:(?:i|you|we) )?(?:don't|do not) (?:stop|wait|pause|rest|hesitate|hang about)(?: there| here| now)?"
        + @"|(?:(?:you|we) )?(?:twist|rotate|lean|put (?:your|the) weight) (?:into|with) (?:it|that)"
        + @"|(?:you're |it's )?still (?:with )?(?:the |your |my )?(?:left|right) (?:foot|leg) (?:in front|forward|leading)"
        // "Rotate your hips as you punch", "turn the hips into it"
        + @"|(?:rotate|turn|twist|use|snap|engage|drive) (?:your|the) (?:hips?|waist)(?: (?:as you \w+|when you \w+|into (?:it|the \w+)|with (?:it|the \w+)))"
        // "About two shoulder widths long"
        + @"|(?:(?:about|roughly|around|it's|that's) )*(?:one|two|one and a half|a|three|1|2|1\.5)(?: and a half)? shoulder[- ]?widths? (?:long|wide|deep)"
        // "Stay down", "don't come up"
        + @"|(?:stay|stays|staying) (?:nice and )?(?:down|low|level|relaxed|upright|tall)|don't (?:come|bob|bounce|rise|pop) up"
        // "Pull the other hand back to the hip"
        + @"|(?:pull|bring|draw|take|snap) (?:the|your|my) (?:other|opposite|non-punching|non-blocking) (?:hand|fist|arm)(?: back| in)?(?: (?:to|at|onto) (?:the|your|my) (?:hip|waist|belt|side))?"
        // "Look before you turn", "step before you punch"
        + @"|(?:always )?(?:look|step|breathe|think|chamber|prepare|wait|settle|check) (?:first )?before (?:you|we) \w+(?: \w+)?"
        // "Eyes to the front", "hips square to the front", "elbow by the ribs"
        + @"|(?:the |your |my )?(?:eyes|chin|gaze|vision) (?:(?:are|is|stay) )?(?:(?:up|tucked in|level|straight ahead|straight|forwards?|ahead)|(?:looking )?(?:to|towards?|on) the (?!left|right|other|side|rear|back)\w+)"
        + @"|(?:the |your |my )?hips (?:(?:are|stay|should be|should stay) )?(?:square|facing|turned|open|closed|half open|side on|pointing)(?: (?:to|towards?) the \w+| forwards?| ahead| out)?"
        + @"|(?:the |your |my )?elbows? (?:(?:is|are|stays?) )?(?:by|close to|next to|near|in line with|level with) (?:the|your|my) (?:ribs?|body|side|ears?|shoulders?|hips?)(?: line)?"
        + @"|lock (?:out )?(?:the|your|my) (?:(?:left|right|front|back|rear) )?(?:legs?|knees?|elbows?)"
        // "The block starts from the opposite ear"
        + @"|(?:the|your|that|this) (?:blocking (?:hand|arm)|punching (?:hand|fist|arm)|striking (?:hand|arm)|block|punch|strike|technique) (?:starts|begins|comes|travels|goes) (?:at|from|off) (?:the|your|my) (?:(?:opposite|other|left|right) )?(?:ear|shoulder|hip|elbow|waist|belt)"
        // "Check the width of your stance", "punch to your own solar plexus height"
        + @"|check (?:the|your|my) (?:width|length|depth|height|stance|feet|foot|knee|weight|distance|posture|balance)(?: (?:of|in) (?:the|your|my) \w+)?"
        + @"|punch (?:to|at) your own \w+(?: \w+)? height"
        + @")" + Ends, RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysHowTheBodyIsHeld();

    /// <summary>"As soon as you've blocked, …", "coming off the block, …": when it is done, no deed of its own.</summary>
    [GeneratedRegex(LeadIn + @"(?:(?:as soon as|once|when|after|the moment|now that) (?:you|we|i)(?:'ve| have)? (?:just )?(?:block(?:ed)?|punch(?:ed)?|strike|struck|kick(?:ed)?|finish(?:ed)?(?: (?:that|this|it|the \w+))?|done (?:that|this|it|so))|(?:as soon as|once|when|after) (?:the|that|your) (?:block|punch|strike|kick|turn|step)(?: is)? (?:done|finished|finishes|over|complete|lands)|after (?:blocking|punching|kicking|striking)|(?:coming )?(?:off|out of) (?:the back of )?(?:the|that|this)(?: (?:block|punch|kick|strike))?)$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SaysWhen();

    /// <summary>"Turn the body left, the right foot steps forward, right bow stance": the trunk, where the foot that steps is not that side's.</summary>
    private void FindTurnsOfTheTrunk()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "footwork", Value: "turn" or "pivot" } || ClauseOf(i).Any(l => l.Kind is "degrees" or "amount" or "facing" or "clock" or "place" or "footNoun" or "stance")) continue;
            var words = _lexemes[i].Plain.Split(' ');
            var trunk = words[^1] is "body" or "torso" or "waist" or "hips" or "shoulders" && words.Length > 1 ? words[^1]
                : _lexemes[i + 1].Is("filler") && _lexemes[i + 1].Plain.Split(' ')[^1] is "waist" or "torso" or "hips" or "shoulders" or "trunk" ? _lexemes[i + 1].Plain.Split(' ')[^1]
                : i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "the" or "your" or "my" && _lexemes[i + 2].Plain is "body" or "waist" or "torso" ? _lexemes[i + 2].Plain
                : i > 0 && _lexemes[i].Plain is "turns" or "twists" or "rotates" && _lexemes[i - 1].Plain.Split(' ')[^1] is "body" or "waist" or "torso" or "hips" ? _lexemes[i - 1].Plain.Split(' ')[^1] : null;
            if (trunk is null || ClauseOf(i).FirstOrDefault(l => l.Is("side")) is not { } side) continue;
            // The foot that goes on, or the one that then leads.
            var rest = RestOfSentence(_lexemes.IndexOf(side, FirstOfClause(i))).ToList();
            var steps = rest.Find(l => l.Is("side") && (Next(_lexemes.IndexOf(l, i)) is { Kind: "footNoun" or "stance" } || Previous(_lexemes.IndexOf(l, i)) is { Kind: "footwork", Value: "step" }));
            if (steps is null || steps.Value == side.Value || rest.Any(l => l.Kind is "degrees" or "amount") || !StepsAlongALine(i)) continue;
            // "As you turn the body left, step forward with the right foot" turns; the hands before the step tell that only the trunk does.
            if (trunk == "body" && !_lexemes[i].Plain.Contains("upper", StringComparison.Ordinal) && !rest.TakeWhile(l => l != steps).Any(l => l.Is("handNoun"))) continue;
            AsNote(FirstOfClause(i), EndOfTrunk(i));
        }

        // "Rotate the torso to the left as you step": the step is told.
        int EndOfTrunk(int i)
        {
            var end = _lexemes.FindIndex(i + 1, l => l.IsStop || l.Is("together") || l.Plain == "and");
            return end < 0 ? _lexemes.Count - 1 : end - 1;
        }

        // Forms that turn the waist so walk in bow stances.
        bool StepsAlongALine(int i) => RestOfSentence(i).FirstOrDefault(l => l.Is("stance")) is { Value: "bow-stance" or "cat-stance" or "empty-stance" };
    }

    [GeneratedRegex(LeadIn + @"(?:(?:a|that's a|that was a|it's a|nice|good|great|really) )*(?:(?:nice|good|strong|solid|sharp|crisp|clean|big|powerful)(?:,| and)? )+(?:block|punch|kick|strike|technique|stance|turn|step|shout|kiai|kihap)s?$", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex Praises();

    /// <summary>"Strong block.", "nice strong punch.": what the sentence before has told.</summary>
    private void FindPraise()
    {
        for (var first = NextSentence(EndOfSentence(0)); first < _lexemes.Count; first = NextSentence(EndOfSentence(first)))
        {
            var last = EndOfSentence(first);
            if (!Praises().IsMatch(WordsFrom(first, last))) continue;
            var noun = _lexemes[last];
            var stop = first - 1;
            while (stop > 0 && !_lexemes[stop].EndsSentence) stop--;
            if (stop > 0 && _lexemes.GetRange(StartOfSentence(stop), stop - StartOfSentence(stop)) is var before && (noun.Kind is "technique" ? before.Any(l => l.Is("technique") && (l.Value == noun.Value || l.Value.EndsWith("-" + noun.Value, StringComparison.Ordinal))) : before.Any(l => l.Kind is "technique" or "stance" or "footwork"))) AsNote(first, last);
        }
    }

    private void FindHowTheBodyIsHeld()
    {
        FindPraise();
        FindTurnsOfTheTrunk();
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
