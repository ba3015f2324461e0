using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Reads running words into moves. Words are parted into lexemes by <see cref="Lexer"/>; this reader walks over them
/// once and puts each into the move being said, or begins the next move. What each kind of word does is in the
/// other parts of this class, in the folders beside this file: <c>Feet</c>, <c>Hands</c>, <c>Where</c>, <c>Counting</c>, <c>Moves</c>;
/// what goes before, in <c>WholeText</c> and <c>Retold</c>; what nobody says, in <c>LeftOpen</c>.
/// </summary>
public sealed partial class Reader
{
    private readonly string _text;
    private readonly Conventions _ways;
    private readonly List<Lexeme> _lexemes;
    private readonly List<Table> _tables;
    private readonly List<(int Start, int Length)> _untold; // marks and the like in the text
    private List<Lexeme> _heard = []; // as they were before any was taken in
    private readonly List<ReadField> _fields = [];
    private readonly List<UnreadWords> _unread = [];
    private readonly List<Move> _before;
    private readonly List<Move> _said = [];
    private readonly List<Move> _after;
    private readonly List<Section> _cuts = [];
    private readonly List<string> _pendingCuts = [];
    private Form _form;

    private Draft _draft = new();
    private Side? _side;          // a bare "left" still looking for what it belongs to
    private Lexeme? _sideLexeme;
    private Side? _foot;          // "left foot", still without its step or kick
    private Hand? _hand;          // "left hand", still without its technique
    private Lexeme? _limbLexeme;  // the words that named _foot or _hand
    private Level? _level;
    private Lexeme? _levelLexeme;
    private Posture? _now;        // where the performer stands after the first _walked moves said
    private int _walked;
    private int _sentenceEnd;     // where in the text the last sentence ended
    private Lexeme? _taking;      // the one being taken in
    private readonly List<(int From, int To)> _namedMovements = []; // sentences that tell out what they name first: one count each
    private int _repeated;        // up to which move everything has been said or repeated; a later repeat begins after it
    private int _series;          // how many like techniques were said at once and still wait for their sides
    private int _stepsSaid;       // "three steps …", still without what is done with them
    private readonly HashSet<string> _weapons = []; // the kinds of weapon that the words speak of
    private readonly HashSet<int> _numbered = []; // where in the text numbers begin that count up from sentence to sentence
    private Side? _shoulder;      // over which one the eyes went: a turn to the other side goes that way
    private bool _rearFootSwings;  // "mawatte" was said with the other foot leading afterwards
    private readonly bool _listOfPoints; // the text is a list of points: what belongs to one of them is one count
    private int _numbersEnd = int.MaxValue; // behind this lexeme no numbers are called any more
    private bool _noCounts;        // the only number that looks like a call is none
    private bool _namedByRear;    // these words name such stances by the rear foot
    private bool _goesOn;         // the words begin within a form, where they have said that one stands
    private bool _bare;           // "empty-hand": the next technique is not the weapon's
    private bool _then, _together, _explicitCounts, _sameCount;

    private Reader(string text, Form form, int at, Conventions ways)
    {
        _text = text;
        _ways = ways;
        _form = form;
        _before = [.. form.Moves.Take(at)];
        _after = [.. form.Moves.Skip(at)];
        _tables = Table.In(text);
        (var told, _untold) = Markup.Blanked(text);
        _lexemes = Lexer.Read(told, ways.Vocabulary, _tables);
        _listOfPoints = Lexer.IsListOfPoints(told);
    }

    /// <summary>Reads a text into a form.</summary>
    /// <param name="text">Words as they are said aloud.</param>
    /// <param name="form">The form so far.</param>
    /// <param name="after">The move after which the new ones go; none for the end of the form, before a closing that is already there.</param>
    /// <param name="ways">The school's ways.</param>
    /// <remarks>Never throws: what is not understood is in <see cref="DictationReading.Unread"/>.</remarks>
    public static DictationReading Read(string text, Form form, MoveId? after, Conventions ways)
    {
        if (after is { } id && form.IndexOf(id) is var index and >= 0) return ReadAt(index + 1);
        var closing = Formalities.ClosingStart(form);
        var reading = ReadAt(closing);
        // A bow said at the end of a form that closes with a bow already is one more closing.
        var closes = closing < form.Moves.Count && reading.Added.Count > 0 && reading.Added.All(a => reading.Form.Moves[reading.Form.IndexOf(a)].Counting == Counting.Uncounted);
        return closes ? ReadAt(form.Moves.Count) : reading;

        DictationReading ReadAt(int at)
        {
            var reader = new Reader(text, form, at, ways);
            reader.ReadAll();
            return reader.Result();
        }
    }

    private void ReadAll()
    {
        Prepare();
        _heard = [.. _lexemes];
        TakeUpWhatWaits();
        for (var i = 0; i < _lexemes.Count; i++)
        {
            if (TakeStatement(i, out var end))
            {
                i = end;
                continue;
            }
            if (IsCommand(i, out end))
            {
                Command(i, end);
                i = end - 1;
                continue;
            }
            i = Take(i);
        }
        Finish();
        Close();
    }

    private DictationReading Result()
    {
        PartSharedCounts();
        ShoutOnThoseCounts();
        var moves = new List<Move>([.. _before, .. _said, .. _after]);
        var sections = _form.Sections.ToList();
        foreach (var cut in _cuts)
        {
            if (sections.Count == 0 && moves.Count > 0 && cut.First != moves[0].Id) sections.Add(new Section(SectionId.New(), "", moves[0].Id));
            if (sections.All(s => s.First != cut.First)) sections.Add(cut);
        }
        var order = moves.Select((m, i) => (m.Id, i)).ToDictionary(p => p.Id, p => p.i);
        var form = _form with
        {
            Weapon = Carried(),
            Moves = moves.ToValueList(),
            Sections = sections.OrderBy(s => order.GetValueOrDefault(s.First, int.MaxValue)).ToValueList(),
        };
        TellMiscounts(form);
        TellCountsWithNothingDone(form);
        TellSharedCounts();
        new Unheeded(_heard, form, _ways).TellIn(_fields);
        _fields.AddRange(_untold.Select(u => new ReadField(null, "filler", u.Start, u.Length)));
        return new DictationReading(form, _said.Select(m => m.Id).ToValueList(),
            _fields.OrderBy(f => f.Start).ToValueList(), _unread.OrderBy(u => u.Start).ToValueList());
    }

    /// <summary>Takes one lexeme in; answers the position of the last one used.</summary>
    private int Take(int i)
    {
        var lexeme = _taking = _lexemes[i];
        if (!lexeme.IsStop && IsCountMark(i))
        {
            TakeCount(i);
            return i;
        }
        switch (lexeme.Kind)
        {
            case "stop":
                TakeHandByItself();
                // "Right arm down, and step left": the hand has made ready, what follows is not its own.
                if (_hand is Hand.Left or Hand.Right && !lexeme.EndsSentence && Next(i) is { Kind: "footwork" } && StaysARemark()) (_hand, _limbLexeme) = (null, null);
                if (lexeme.EndsSentence)
                {
                    if (i >= _numbersEnd) _explicitCounts = false;
                    _sentenceEnd = lexeme.Start;
                    // "You're standing at the back wall, looking to the front.": how everybody stands before a form begins.
                    if (IsFirstMove() && (_draft.Stands || StartsWithFacing(i) && i + 1 < _lexemes.Count || Backward(i).TakeWhile(l => !l.EndsSentence).Any(l => l.Is("from"))) && _draft is { Facing.Degrees: 0, Footwork: null, Stance: null, HasTurn: false, IsDone: false, Foot: null, Way: null }) _draft.Facing = null;
                    // "Number one: we're facing north. Pivot …": so one stands already.
                    if (_before.Count + _said.Count == 0 && _draft is { Facing: { } faced, Footwork: null, Stance: null, HasTurn: false, IsDone: false, Foot: null, Way: null } && faced == Now().Heading && Backward(i).TakeWhile(l => !l.EndsSentence && !l.Is("stop", ":")).All(l => l.Kind is "filler" or "facing" or "place" or "number" or "countNoun" or "ordinal" || l.IsStop)) _draft.Facing = null;
                    // "We start with both hands in front of our belt.": what is done comes after.
                    if (_draft is { IsOpening: true, Stance: null, HasHands: false, Footwork: null, Foot: null, Facing: null, HasTurn: false } && RestOfSentence(i).Any(l => l.Kind is "footwork" or "gaze" or "footNoun")) _draft.IsOpening = false;
                    _draft.SentenceEnded = !_draft.IsEmpty;
                    _draft.BeginsSentence |= _draft.IsEmpty && _said.Count > 0; // "Same on the other side. Pull the foot back to ready."
                    _then = _together = false;
                    Settle();
                    if (_draft is { IsWhereWeAre: true, HasBody: true }) Begin(Counting.Own);
                    // "Pu bu: …, right hand down along the right leg. Rise …": what is only begun when a named movement ends is not on its count.
                    if (!_explicitCounts && _draft is { Footwork: null, Stance: null, IsDone: false, Counting: Counting.Then } && _namedMovements.Any(n => n.To == lexeme.Start)) _draft.Counting = Counting.Own;
                    // "Don't move your feet yet. Now the right foot goes …": until then.
                    if (_draft is { Footwork: "stay", IsDone: false, IsNumbered: false, Foot: null, Stance: null, HasTurn: false, Facing: null } && RestOfSentence(i).FirstOrDefault(l => !l.IsStop && !l.Is("filler")) is { Kind: "side" or "relFoot" } && RestOfSentence(i).Any(l => l.Kind is "footNoun" or "relFoot")) _draft.Footwork = null;
                    // "Ten: hold, and breathe out.": all there is on that number.
                    if (_draft is { IsNumbered: true, HasBody: false } and ({ Tempo: Tempo.Held } or { Shout: true })) _draft.Footwork = "stay";
                }
                // "Baro: turn left on the right foot.": how one comes back is the closing's.
                else if (lexeme.Value == ":" && (_draft is { Footwork: "return", SentenceEnded: false } || _draft is { Footwork: "bow" } && (NothingCounted || EndOfSentence(i) >= _lexemes.Count - 2) && StartsSentence(i - 1) && !RestOfSentence(i).Any(l => l.Is("footwork"))) && i + 1 < _lexemes.Count && _lexemes[i + 1] is { IsStop: false } )
                {
                    var last = i + 1;
                    while (last + 1 < _lexemes.Count && !_lexemes[last + 1].EndsSentence) last++;
                    AsNote(i + 1, last);
                }
                // "Draw as you step forward, and cut": the step went with the draw, the cut comes after.
                else if (_together && lexeme.Value == "," && Backward(i).TakeWhile(l => !l.IsStop).LastOrDefault(l => l.Is("together")) is { } meanwhile && Next(_lexemes.IndexOf(meanwhile)) is { Kind: "footwork" } && Next(i) is { IsHandTechnique: true } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "and") _together = false;
                // "Low blorck, right hand covers": what stood before a word that was not understood belonged to it.
                else if (i > 0 && _lexemes[i - 1].Is("unread")) Settle();
                break;
            case "side": TakeSide(i, lexeme.Side); break;
            case "footNoun": TakeFootNoun(i); break;
            case "relFoot": TakeRelativeFoot(i); break;
            case "handNoun": TakeHandNoun(i); break;
            case "relHand": TakeRelativeHand(i); break;
            case "footwork": TakeFootwork(i); break;
            case "stance": TakeStance(i); break;
            case "technique": TakeTechnique(i); break;
            case "level": TakeLevel(i); break;
            case "degrees": TakeDegrees(i); break;
            case "amount": TakeAmount(i, lexeme.Number); break;
            case "turnSide": BeginTurnIfDone(i); _draft.TurnSide = lexeme.Side; Note(lexeme, "turn"); break;
            case "clock": TakeDirection(i, Heading.FromClock(lexeme.Number), PreviousIs(i, "facing") || TurnsThere(i)); break;
            case "place": TakePlace(i); break;
            case "facing": TakeFacing(i); break;
            case "way": TakeWay(i); break;
            case "lead": TakeLead(i); break;
            case "landing": TakeLanding(i); break;
            case "set": i = TakePreparation(i); break;
            case "beside": i = TakeBeside(i); break;
            case "pivotPoint":
                BeginsWithATurnOnAFoot(i);
                ForThisMove(lexeme).Pivot = Enum.Parse<PivotPoint>(lexeme.Value, ignoreCase: true);
                // "Spin on the ball of the left foot": that one stays, the other is the one that moves.
                // "Turn on both heels to the other side".
                if (_draft is { Footwork: null, IsDone: false } && lexeme.Plain.Split(' ')[0] is "turn" or "pivot" or "spin") _draft.Footwork = "turn";
                if (NamedSide(lexeme) is { } stays && _draft.IsTurning) _draft.Foot ??= stays.Other;
                break;
            case "support":
                BeginsWithATurnOnAFoot(i);
                Note(lexeme, "foot");
                break;
            case "whereWeAre": _draft.IsWhereWeAre = true; Note(lexeme, "filler"); break;
            case "from": i = TakeSource(i, opening: false); break;
            case "opening" when BeginsTheForm() && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "footNoun" }: Note(lexeme, "filler"); break; // "we begin with the left foot stepping forward"
            case "opening" when BeginsTheForm(): i = TakeSource(i, opening: true); break;
            case "opening" when IsWhereWeAre(i, out var stood): TakeWhereWeAre(stood); break;
            case "opening": Note(lexeme, "filler"); break; // "you're in a left front stance": where the step just said has led
            case "shout" when Follows(i, "after"): Note(lexeme, "filler"); break; // "after the shout, …"
            case "shout" when _draft.IsEmpty && _said.Count > 0 && _repeated == _before.Count + _said.Count && !StartsSentence(i):
                _said[^1] = _said[^1] with { Shout = true }; // "… three times, shout on the last"
                Note(lexeme, "shout");
                break;
            case "shout": ForThisMove(lexeme).Shout = true; break;
            case "breath": ForThisMove(lexeme).Breath = Enum.Parse<Breath>(lexeme.Value, true); break;
            case "tempo": ForThisMove(lexeme).Tempo = Enum.Parse<Tempo>(lexeme.Value, true); break;
            case "gaze": TakeGaze(i); break;
            case "then": _then = !_draft.SentenceEnded && !_draft.IsEmpty; Note(lexeme, "count"); break;
            case "together":
                if (TellsHandsFirst(i)) Begin(Counting.Own);
                // "Back fist, right punch together": told after both.
                if (Next(i) is null && (i + 1 >= _lexemes.Count || _lexemes[i + 1].EndsSentence) && _draft is { Counting: Counting.Then, HasHands: true }) _draft.Counting = Counting.Together;
                else _together = true;
                Note(lexeme, "count");
                break;
            case "sameCount":
                // "All on one count" at the end of a sentence speaks of what was said; before a move, of what comes.
                _sameCount = RestOfSentence(i).Any(l => l.Kind is "technique" or "stance" or "footwork" or "footNoun" or "shout");
                Note(lexeme, "count");
                break;
            case "gripLead" or "strikeFrom" or "tip" or "stopPlace": TakeWeapon(lexeme); break;
            case "note": i = TakeNote(i); break;
            case "filler" or "detail" when lexeme.Plain is "a little" or "slightly" or "a bit" && _draft is { IsTurning: true, TurnAmount: null, Facing: null, IsDone: false, SentenceEnded: false }:
                _draft.TurnAmount = 45;
                Note(lexeme, "turn", "Read as 45 degrees.", "90 degrees");
                _lexemes[i] = lexeme with { Kind = "filler" };
                break;
            case "filler" or "detail" when lexeme.Plain is "a little" or "slightly" or "a bit" && GoesBackALittle():
                _draft.HalfStep = true;
                _draft.Notes.Add(Slice(lexeme));
                Note(lexeme, "note");
                break;
            case "detail" when lexeme.Value == "longWay" && StartsSentence(i) && TurnsTheLongWay(i): break;
            case "detail":
                if (_draft is { SentenceEnded: true, HasBody: true } && _namedMovements.Any(n => n.From == lexeme.Start)) Begin(Counting.Own);
                // "…, low block. He steps in with a punch. Step back": what comes is done about it.
                if (lexeme.Value == Theirs && _draft is { SentenceEnded: true, HasBody: true }) Begin(_explicitCounts ? Counting.Then : Counting.Own);
                _draft.HalfStep |= lexeme.Value == "halfStep";
                _draft.OffTheLine |= lexeme.Value == "offTheLine";
                _draft.LongWay |= lexeme.Value == "longWay" && (_draft.IsTurning || Previous(i) is { Kind: "footwork", Value: "turn" });
                _draft.FarRound |= _draft.LongWay && lexeme.Plain.Contains("long way", StringComparison.Ordinal);
                _draft.IsSideways |= lexeme.Value == "sideways" && _draft.Stance is not null;
                _draft.Notes.Add(Slice(lexeme));
                Note(lexeme, "note");
                break;
            case "weapon": TakeWeaponNoun(i); break;
            case "bare": _bare = true; Note(lexeme, "hand"); break;
            case "passage": Note(lexeme, "filler"); break;
            case "again":
                // "Two-seventy again": to the side of the turn before that went as far.
                if (Previous(i) is { Kind: "degrees" or "amount" } && _draft is { TurnSide: null, TurnAmount: { } far } && _before.Concat(_said).LastOrDefault(m => m.Turn?.Amount == far) is { Turn.Side: { } there }) _draft.TurnSide = there;
                if (StartsSentence(i) && RestOfSentence(i).Any(l => l.Is("technique")) && RestOfSentence(i).Any(l => l.Kind is "footNoun" or "footwork"))
                {
                    if (_draft is { SentenceEnded: true, IsDone: true }) Begin(Counting.Own);
                    _draft.IsAgain = true;
                }
                Note(lexeme, "count");
                break;
            case "otherSide": TakeOtherSideWord(i); break;
            case "cut": TakeCut(i); break;
            case "number" or "countWord" or "countNoun" or "ordinal": TakeCount(i); break;
            case "declares":
                _form = _form with { DeclaredCounts = lexeme.Number };
                Note(lexeme, "command");
                break;
            case "filler" when ComesDownFor(i): break;
            case "filler" when lexeme.Plain is "corner" or "diagonal" or "diagonally" && GoesToTheCorner(i): break;
            case "filler" or "degreesWord" or "clockNoun" or "timesNoun" or "noShout": Note(lexeme, "filler"); break;
            case "times": Repeat(i, lexeme); break;
            case "alternating" or "onTop": Note(lexeme, "note"); break;
            case "order": i = TakeOrder(i); break;
            case "unread" when lexeme.Plain is "look" or "looks" or "looking" or "eyes" && TakeLookThere(i): break;
            case "unread": Unread(lexeme); break;
        }
        return i;
    }

    // "Face twelve o'clock.", "You begin facing north."
    private bool StartsWithFacing(int end)
    {
        var sentence = Backward(end).TakeWhile(l => !l.EndsSentence).ToList();
        return sentence.LastOrDefault(l => !l.IsStop && l.Kind is not ("filler" or "opening")) is { Kind: "facing" }
            && (sentence.Any(l => l.Is("opening") || l.Plain is "begin" or "begins" or "start" or "starts") || !_lexemes.Take(end).Any(l => l.EndsSentence));
    }

    private bool IsFirstMove() => _before.Count + _said.Count == 0 && !_draft.IsNumbered;

    private bool BeginsTheForm() => IsFirstMove() && (!_draft.HasBody || OnlyTakesHold());

    /// <summary>"Grip with the right hand behind, and start in …": the weapon is taken hold of, nothing else.</summary>
    private bool OnlyTakesHold() => _draft is { HasHands: true, Footwork: null, Foot: null, Stance: null, Kick: null, HasTurn: false, Facing: null } && _draft.Hands.All(h => h.Technique.Value is "regrip");

    private static Side? NamedSide(Lexeme lexeme) =>
        lexeme.Plain.Contains("left", StringComparison.Ordinal) ? Side.Left : lexeme.Plain.Contains("right", StringComparison.Ordinal) ? Side.Right : null;

    // What was taken for granted when a word was retold, by where it stands, and the words that say the other thing it could mean.
    private readonly Dictionary<int, (string Assumption, string Instead)> _guesses = [];

    private void Note(Lexeme lexeme, string field, string assumption = "", string instead = "")
    {
        if (assumption.Length == 0 && lexeme.Length > 0 && _guesses.Remove(lexeme.Start, out var guess)) (assumption, instead) = guess;
        _fields.Add(new ReadField(_draft.Id, field, lexeme.Start, lexeme.Length, assumption, instead));
    }

    private void Unread(Lexeme lexeme)
    {
        if (lexeme.Length > 0) _unread.Add(new UnreadWords(lexeme.Start, lexeme.Length, Slice(lexeme)));
    }

    /// <summary>A character of the text; none where a lexeme was put in behind its end.</summary>
    private char CharAt(int at) => at >= 0 && at < _text.Length ? _text[at] : '\0';

    private string Slice(Lexeme lexeme) => _text.Substring(lexeme.Start, lexeme.Length);

    private string Slice(ReadField field) => _text.Substring(field.Start, field.Length);
}
