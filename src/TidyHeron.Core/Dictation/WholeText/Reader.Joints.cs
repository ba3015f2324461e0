using System.Text.RegularExpressions;

namespace TidyHeron.Core.Dictation;

/// <summary>Knees and elbows that are only spoken of: "across the front knee", "elbows out", "both knees to the chest". They strike nobody.</summary>
public sealed partial class Reader
{
    private const string WhichJoint = @"(?:(?:the|your|my|his|their|our|that|this) )?(?:(?:left|right|l|r|front|back|rear|other|lead|leading|same|opposite|bent) )*";
    private const string Onwards = @"(?: (?!and\b|into\b|then\b|while\b|as\b|with\b|but\b|so\b)\w[\w'-]*)*";

    [GeneratedRegex(@"\b(?:"
        // "A fist's width above the knee", "two hands over the front knee"
        + @"(?:(?:about|roughly|around) )?(?:a|one|two|three) (?:fist|hand|palm|finger)(?:'?s)?(?:'? widths?)? (?:above|over|off|from) " + WhichJoint + @"knee"
        // "Across the front knee", "past the elbow of the other arm", "from the right ear to the left knee"
        + @"|(?:across|above|over|(?:brushing |brushes )?past|below|beneath|level with|in line with|in front of|inside|outside|close to|from) " + WhichJoint + @"(?:knees?|elbows?)(?: of (?:the|your|my) (?:other|left|right|front|back) (?:arm|hand|leg|foot))?"
        + @"|from " + WhichJoint + @"(?:ear|shoulder|hip) (?:down )?to " + WhichJoint + @"(?:knee|elbow)"
        // "The front knee over the toes", "elbow slightly bent", "right elbow pulled back hard", "the elbow leads"
        + @"|(?:with )?" + WhichJoint + @"(?:knees?|elbows?) (?:(?:is|are|stays?|kept|should be) )?(?:over the|above the|bent|straight(?:ened)?|slightly|a (?:little|bit) bent|close|tucked|locked|soft|relaxed|leads?|first|points? (?:out|down|in|to)|pointing|pointed|pushed|pulled|drawn|turned (?:out|in)|brush(?:es|ing)?|touch(?:es|ing)? each other|almost)\b" + Onwards
        + @"|(?:with )?(?:both )?" + WhichJoint + @"(?:knees|elbows) (?:out|outwards?|in|inwards?|together|apart|high|wide|low|up|forwards?|to (?:the|your|my) chest|(?:in)?to the sides)\b" + Onwards
        // "Bend that front knee", "tucking your knees up", "slap your right elbow with the left palm"
        + @"|(?:bend|bending|dip|dipping|flex|flexing|tuck|tucking|straighten|straightening|lock|locking|squeeze|squeezing) " + WhichJoint + @"(?:knees?|elbows?)\b" + Onwards
        + @"|(?:push|pushing|press|pressing|pull|pulling|draw|drawing|bring|bringing|lift|lifting|open|opening|keep|keeping) (?:both )?" + WhichJoint + @"(?:knees|elbows)\b" + Onwards
        + @"|(?:slap|slaps|slapping|touch|touches|touching|cup|cups|cupping) " + WhichJoint + @"elbow(?: (?:with|in|into) " + WhichJoint + @"(?:hand|palm))?"
        + @"|(?:slap|slaps|slapping|lay|put|place) " + WhichJoint + @"(?:hand|palm) (?:on|onto|against|under|to) " + WhichJoint + @"elbow"
        + @"|" + WhichJoint + @"(?:hand|palm|fist|fingers|fingertips) (?:touch|touches|touching|slaps|slapping|rests on|resting on) " + WhichJoint + @"(?:elbow|knee)"
        + @")", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpeaksOfJoints();

    /// <summary>"You just push the hips and punch": how the punch is done.</summary>
    [GeneratedRegex(@"\b(?:push|pushing|drive|driving|thrust|thrusting|snap|snapping|swing|swinging|use|using|engage|engaging|throw|throwing|press|pressing) (?:the|your|my|those) hips?(?: (?:forward|in|into it|through|round|around|over))?(?= and\b| as\b| with\b|,|\.|$)", RegexOptions.CultureInvariant | RegexOptions.IgnoreCase)]
    private static partial Regex SpeaksOfHips();

    private void FindJointsThatAreSpokenOf()
    {
        foreach (var (first, last, _) in Runs(SpeaksOfHips(), "hip")) AsNote(first, last);
        foreach (var (first, last, match) in Runs(SpeaksOfJoints(), "knee", "elbow"))
        {
            var run = _lexemes.GetRange(first, last - first + 1);
            if (!run.Any(l => l.Is("note") || l is { Kind: "technique", Value: "knee-strike" or "elbow-strike" } && l.Plain.Split(' ')[^1] is "knee" or "knees" or "elbow" or "elbows")) continue;
            // "Turn right into horse stance, and both elbows out": that is all there is to do.
            if (run.Any(l => l.Plain is "elbows" or "both elbows") && match.Value.Contains("both elbows", StringComparison.OrdinalIgnoreCase) && !Clauses(first).Any(l => l.IsHandTechnique && !run.Contains(l))) continue;
            AsNote(first, last);
        }
    }
}
