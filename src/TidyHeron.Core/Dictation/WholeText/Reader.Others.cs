namespace TidyHeron.Core.Dictation;

/// <summary>What somebody else does, an attacker or a partner: a remark on what the performer does about it.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Opponents = ["attacker", "attackers", "opponent", "opponents", "partner", "enemy", "aggressor", "guy", "friend", "somebody", "someone", "another person", "other person"];
    private static readonly HashSet<string> Pronouns = ["he", "she", "hes", "shes", "as he", "as she", "when he", "while he", "if he"];
    private static readonly HashSet<string> Possessives = ["his", "her", "their"];
    private static readonly HashSet<string> Performers = ["you", "we", "i", "youre", "youll", "ill", "lets", "so you", "and you", "you are", "were"];

    private const string Theirs = "theirs"; // a remark that stands with what is done about it

    /// <summary>"He steps in with a punch. Step back": makes a remark of each run of words that tells of somebody else.</summary>
    private void FindOthersDeeds()
    {
        var tellsOfAPerformer = TellsOfAPerformer();
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (!IsSomebodyElse(i, tellsOfAPerformer)) continue;
            var first = i;
            while (first > 0 && !_lexemes[first - 1].IsStop && !IsSetApart(first - 1)) first--;
            if (_lexemes.GetRange(first, i - first).Any(l => l.Kind is "technique" or "footwork" or "side" or "footNoun" or "stance" or "handNoun" or "degrees" or "number" && l.Plain != "one" || Performers.Contains(l.Plain))) continue;
            var last = EndOfTheirDeeds(i);
            // "That takes care of the first attacker": a sentence that tells nothing else.
            if (last > first || !ClauseOf(i).Any(l => l.Kind is "technique" or "footwork"))
            {
                AsNote(first, Math.Max(first, last));
                _lexemes[first] = _lexemes[first] with { Value = Theirs };
            }
            i = Math.Max(i, last);
        }
    }

    /// <summary>"He steps forward with the left foot into front stance, he punches": whoever is told how to stand is the performer, not somebody else.</summary>
    private bool TellsOfAPerformer()
    {
        var theirs = Enumerable.Range(0, _lexemes.Count).Where(i => Pronouns.Contains(_lexemes[i].Plain)).Select(i => _lexemes.Skip(i).TakeWhile(l => !l.EndsSentence && l.Plain != "so" && !Performers.Contains(l.Plain)).ToList()).ToList();
        if (theirs.Any(s => s.Any(l => l.Kind is "stance" or "degrees" or "relFoot" or "amount" || l.Is("footwork") && l.Value is not ("step" or "step-back" or "slide" or "jump" or "fall" or "land")))) return true;
        // Where "you" do something, or he does it to you, he is not the one who is told of.
        if (_lexemes.Any(l => Performers.Contains(l.Plain)) || theirs.Any(s => s.Any(l => l.Plain.Split(' ').Any(w => w is "you" or "your")))) return false;
        var sentences = Enumerable.Range(0, _lexemes.Count).Count(i => _lexemes[i].EndsSentence && Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Kind is "technique" or "stance"));
        return theirs.Count * 2 >= Math.Max(2, sentences);
    }

    private bool IsSomebodyElse(int i, bool tellsOfAPerformer) =>
        Opponents.Contains(_lexemes[i].Plain) && _lexemes[i].Kind is "filler" or "unread"
        || !tellsOfAPerformer && (Pronouns.Contains(_lexemes[i].Plain) || Possessives.Contains(_lexemes[i].Plain) && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "technique" or "handNoun" or "footNoun");

    /// <summary>"…, punch and he steps back": a word that begins what somebody else does.</summary>
    private bool IsSetApart(int i) => _lexemes[i].Plain is "and" or "so" or "then" or "and then" or "because" or "when" or "as" or "while" or "if" || _lexemes[i].Is("then");

    /// <summary>As far as the clauses are told of them: "he steps in, punches and grabs your wrist, so you turn".</summary>
    private int EndOfTheirDeeds(int i)
    {
        var last = i;
        for (var k = i + 1; k < _lexemes.Count && !_lexemes[k].EndsSentence; k++)
        {
            var begins = _lexemes[k].Is("stop", ",") || _lexemes[k].Plain is "and" or "so" or "then" or "and then" || _lexemes[k].Is("then");
            if (!begins)
            {
                last = k;
                continue;
            }
            var next = k + 1;
            while (next < _lexemes.Count && !_lexemes[next].EndsSentence && (_lexemes[next].IsStop || _lexemes[next].Plain is "and" or "so" or "then" or "and then" || _lexemes[next].Is("then"))) next++;
            // The next clause is theirs if its verb says so: "punches", "steps", "grabbing".
            var deed = _lexemes.Skip(next).TakeWhile(l => !l.IsStop).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "side" or "stance" or "facing" or "degrees" || Performers.Contains(l.Plain));
            if (_lexemes[k].Is("stop", ":") || deed is null || deed.Kind is not ("technique" or "footwork") || deed.Plain.Split(' ')[0] is var verb && !(verb.EndsWith('s') && !verb.EndsWith("ss", StringComparison.Ordinal) || verb.EndsWith("ing", StringComparison.Ordinal))) break;
            k = next - 1;
        }
        return last;
    }
}
