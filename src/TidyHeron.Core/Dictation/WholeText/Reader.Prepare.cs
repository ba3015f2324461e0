using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>What is seen only in the whole text: numbers that count up, and words that are numbers' company.</summary>
public sealed partial class Reader
{
    private const int Numbered = 3; // of numbers in a row nobody says so many without meaning them

    /// <summary>Retells lexemes whose meaning is told by others, before any of them is taken in.</summary>
    private void Prepare()
    {
        ReadTables();
        FindHeadingLines();
        RetellOtherLanguages();
        FindTheHead();
        FindShoutsOfCounts();
        JoinPointsBelowNumbers();
        FindCountsNamedFirst();
        FindTheStanceOfAll();
        FindNumbersInLine();
        FindMovesPartedBySlashes();
        FindMissingStops();
        FindMissingCommas();
        JoinSidesThatLeadIn();
        FindStancesWithTheirFoot();
        PartTurnsFromWhatTheyFace();
        FindWhatIsAskedAndAnswered();
        Corrections.Apply(_lexemes);
        FindTheOtherSideThatLeadsIn();
        FindCountsCalledByLetters();
        FindBrackets();
        FindNamesInQuotes();
        FindWhatAFormIsCalled();
        FindTheNameOnTop();
        FindWhereAFormIsTakenUp();
        FindChatter();
        FindWhatIsToldOutNext();
        FindANumberSaidOnce();
        FindPhrasesOfManyWords();
        FindHowTechniquesCount();
        FindLegsThatStand();
        FindHowKicksComeDown();
        FindHowTheBodyIsHeld();
        FindJointsThatAreSpokenOf();
        FindWhatOnlyMakesReady();
        FindEyesThatGoTheOtherWay();
        FindWhereTheEyesGo();
        FindFeetThatComeTogether();
        FindTheOtherFootThatGoesOut();
        FindFeetThatGoWithIt();
        FindFeetThatGoBehind();
        FindHowATurnIsMade();
        FindFeetThatStamp();
        FindWhatIsDoneAsTheFootLands();
        FindWhatIsDoneOnTheStep();
        FindOthersDeeds();
        FindStepsThatRepeat();
        FindOrdersToRepeat();
        FindAppositions();
        FindWhereTheNextGoes();
        FindWhatIsCalledTheSame();
        FindOrdersToldOut();
        FindWhatIsShownAgain();
        PartNumbersToldTogether();
        PartRangesFromWhatTheyAre();
        PartNumbersFromWhatTheyAre();
        FindLabels();
        JoinShortSentences();
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            // "Step one, …", "move seven through ten are the same …": a number after the word is that of a count.
            if (_lexemes[i] is { Kind: "footwork", Plain: "step" or "move" } && StartsSentence(i) && _lexemes[i + 1].Kind is "number" && (Alone(i + 1) || IsRange(i + 1) || InRepeat(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "is"))
                _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
            if (_lexemes[i] is { Kind: "footwork", Plain: "moves" } && StartsSentence(i) && _lexemes[i + 1].Kind is "number") _lexemes[i] = _lexemes[i] with { Kind = "countNoun", Value = "count" };
            // "As ten and eleven", "as in four": the same again.
            if (_lexemes[i] is { Kind: "filler", Plain: "as" or "like" } && (_lexemes[i + 1].Kind is "number" or "countNoun" && (i + 2 >= _lexemes.Count || _lexemes[i + 2].IsStop || CommandWords.Contains(_lexemes[i + 2].Kind))))
                _lexemes[i] = _lexemes[i] with { Kind = "again" };
            // "One's a left step. Two's the cross.": called by numbers that begin the sentence.
            if (_lexemes[i] is { Kind: "number" } told && told.Plain.EndsWith("'s", StringComparison.Ordinal) && StartsSentence(i) && !(i > 0 && _lexemes[i - 1].Plain is "next" or "this" or "that")) _numbered.Add(_lexemes[i].Start);
        }
        FindStepsToldOneByOne();
        FindPartsThatAreCounts();
        FindQuestions();
        FindCountsCalledByAWord();
        FillInWhatGoesOn();
        FindListedSteps();
        ReadListsOfOrdinals();
        ReadListsOfNumbers();
        FindRowsThatStep();
        FindSeriesOfSteps();
        FindKicksInARow();
        FindKicksThatEachLand();
        FindTechniquesEachWithAStep();
        FindRowsWithTheirSides();
        FindFeetThatComeDownAfterAKick();
        FindDirectionsToldAfter();
        RetellLexemes();
        FindLandmark();
        FindWhichWindIsTheFront();
        // Who tells directions by the letters of the diagram names these stances by the rear foot.
        _namedByRear |= _lexemes.Any(l => l is { Kind: "clock", Plain.Length: 1 or 2 } && l.Plain.All(char.IsLetter));
        _namedByRear |= IsNamedByItsWeight();
        FindPartsThatRepeat();
        FindHeadings();
        FindSeriesBySides();
        FindDeclaredCounts();
        FindAnnouncements();
        FindTheFirstAnnounced();
        FindWhatComesNext();
        FindDirectionsAhead();
        FindOrdersGivenTwice();
        FindRepeatsToldOut();
        FindSameSidesToldOut();
        _weapons.UnionWith(_lexemes.Where(l => l.Is("weapon")).Select(l => l.Value));
        // "Kamae with the staff in front": how it is held names it too.
        _weapons.UnionWith(_lexemes.Where(l => l.Is("detail") || l.Is("note")).SelectMany(l => l.Plain.Split(' ')).Where(WeaponWords.With.ContainsKey));
        FindNumbersSaidAfter();
        FindNumbers();
        _numbersSaid.AddRange(_lexemes.Where(l => l.Is("number")).Select(l => (l.Start, l.Number)));
        FindTitles();
        // One number alone before many sentences calls nothing: "Kata for juniors, one: …".
        var marks = Enumerable.Range(0, _lexemes.Count).Where(IsCountMark).ToList();
        _noCounts = marks.Count == 1 && _lexemes.Skip(marks[0]).Count(l => l.EndsSentence) > 4;
        // "… and kneel. Second one: standing, walk three steps": the second of two parts.
        _noCounts |= marks.Count == 1 && _lexemes[marks[0]].Is("ordinal") && _lexemes.Take(marks[0]).Count(l => l.IsHandTechnique) > 1;
        // "The first move is a low block. Next, step forward, punch.": it only begins.
        _noCounts |= marks.Count == 1 && _lexemes[marks[0]].Is("ordinal", "1") && Enumerable.Range(marks[0], _lexemes.Count - marks[0]).Any(k => _lexemes[k].EndsSentence && k + 1 < _lexemes.Count && _lexemes.Skip(k + 1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "then" } && RestOfSentence(k).Any(l => l.Is("technique")));
        // "First, step left, low block. Step forward, punch.": it only begins, where nothing else is called.
        _noCounts |= marks.Count == 1 && _lexemes[marks[0]] is { Kind: "ordinal", Value: "1" } && StartsSentence(marks[0]) && marks[0] + 1 < _lexemes.Count && !_lexemes[marks[0] + 1].Is("countNoun") && !_lexemes[marks[0] + 1].Is("stop", ":") && !(marks[0] > 0 && _lexemes[marks[0] - 1].Plain is "the" or "your" or "my") && _lexemes.Skip(EndOfSentence(marks[0]) + 1).Any(l => l.Is("technique"));
        // "The first move is to the left, low block. Step forward, punch.": so it does where a sentence after it steps and strikes.
        _noCounts |= marks.Count == 1 && _lexemes[marks[0]] is { Kind: "ordinal", Value: "1" } && OnlySmallWordsBefore(marks[0]) && StepsAndStrikesAfter(EndOfSentence(marks[0]) + 2);
        // "The first move is … Then … The third move is …": where some are left out, the sentences count.
        _noCounts |= marks.Count > 1 && marks.All(i => _lexemes[i].Is("ordinal") && int.TryParse(_lexemes[i].Value, out _)) && marks.Zip(marks.Skip(1)).Any(p => _lexemes[p.Second].Number - _lexemes[p.First].Number > 1);
        _explicitCounts = !_noCounts && marks.Count > 0 && !BeginsUncalled(marks[0]);
        _numbersEnd = WhereNumbersEnd(marks);
        _first = _before.All(m => m.Counting == Counting.Uncounted);
    }

    /// <summary>"Right L-stance, weight on the right": who tells it so names these stances by the foot that bears the weight.</summary>
    private bool IsNamedByItsWeight() =>
        Enumerable.Range(1, Math.Max(0, _lexemes.Count - 1)).Any(i => _lexemes[i] is { Kind: "stance", Value: "l-stance" or "back-stance" } && _lexemes[i - 1] is { Kind: "side" } named
            && RestOfSentence(i).SkipWhile(l => !(l.Is("support") && l.Plain.Contains("weight", StringComparison.Ordinal))).Skip(1).FirstOrDefault(l => !l.Is("filler")) is { Kind: "side" } bears && bears.Value == named.Value);

    /// <summary>"Left foot out, knife hand. Next, right foot out, the same. Third, turn around …": whether as many are told before the first that is called.</summary>
    private bool BeginsUncalled(int mark) =>
        CalledNumber(mark) is > 2 and var first && _before.All(m => m.Counting == Counting.Uncounted)
        && Enumerable.Range(0, mark).Count(k => _lexemes[k].EndsSentence && Backward(k).TakeWhile(l => !l.EndsSentence).ToList() is var told && told.Any(l => l.Kind is "footNoun" or "footwork") && told.Any(l => l.Kind is "technique" or "again")) is var sentences
        && (sentences == first - 1 || sentences > Numbered && sentences < first && sentences > first / 3);

    /// <summary>"Turn to face six": an hour.</summary>
    private void PartTurnsFromWhatTheyFace()
    {
        for (var i = 0; i + 1 < _lexemes.Count; i++)
        {
            if (_lexemes[i] is not { Kind: "footwork", Plain: "turn to face" } turn || _lexemes[i + 1] is not ({ Kind: "number", Number: >= 1 and <= 12 } or { Kind: "clock" }) || !Alone(i + 1) && _lexemes[i + 2].Plain is not ("and" or "in" or "into" or "with")) continue;
            const int First = 4; // "turn"
            if (_lexemes[i + 1].Is("number")) _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "clock", Value = (_lexemes[i + 1].Number % 12 * 2).ToString(System.Globalization.CultureInfo.InvariantCulture) };
            _lexemes[i] = turn with { Length = First, Plain = "turn" };
            _lexemes.Insert(i + 1, new Lexeme("facing", "facing", turn.Start + First, turn.Length - First, "to face"));
        }
    }

    /// <summary>Whether a sentence of those that begin there tells a whole count: a step or a turn, and what the hand does.</summary>
    private bool StepsAndStrikesAfter(int from)
    {
        for (var i = from; i < _lexemes.Count; i = EndOfSentence(i) + 2)
            if (_lexemes.Skip(i).TakeWhile(l => !l.EndsSentence).ToList() is var said && said.Any(l => l is { Kind: "footwork", Value: "step" or "turn" or "step-back" }) && said.Any(l => l.IsHandTechnique)) return true;
        return false;
    }

    private int StartOfSentence(int i)
    {
        while (i > 0 && !_lexemes[i - 1].EndsSentence) i--;
        return i;
    }

    /// <summary>Where the sentence begins that comes after a lexeme that ends one; -1 for the first. Taken anew each time, as the rules put words in and take them out.</summary>
    private int NextSentence(int last)
    {
        var first = last + 1;
        while (first < _lexemes.Count && _lexemes[first].IsStop) first++;
        return first;
    }

    private int EndOfSentence(int i)
    {
        while (i + 1 < _lexemes.Count && !_lexemes[i + 1].EndsSentence) i++;
        return i;
    }

    private int EndOfClause(int i)
    {
        while (i + 1 < _lexemes.Count && !_lexemes[i + 1].IsStop) i++;
        return i;
    }

    /// <summary>Makes one remark of a run of lexemes.</summary>
    private void AsNote(int first, int last)
    {
        var (from, length, _) = Said(first, last);
        _lexemes[first] = new Lexeme("detail", "detail", from, length, "");
        for (var k = first + 1; k <= last; k++) _lexemes[k] = new Lexeme("filler", "filler", from + length, 0, "");
    }
}
