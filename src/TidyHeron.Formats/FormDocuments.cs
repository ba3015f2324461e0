using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Formats;

/// <summary>A document that cannot be read: each place with what is wrong there and what to write instead.</summary>
public sealed class BadDocumentException(IReadOnlyDictionary<string, string[]> errors)
    : Exception(string.Join(" ", errors.Select(e => $"{e.Key}: {string.Join(" ", e.Value)}")))
{
    /// <summary>Messages by place, such as <c>moves[3].stance.kind</c>.</summary>
    public IReadOnlyDictionary<string, string[]> Errors { get; } = errors;
}

/// <summary>Reads and writes form documents.</summary>
public static class FormDocuments
{
    /// <summary>The most moves that one form may have.</summary>
    public const int MostMoves = 2000;

    /// <summary>The most other ways that one move may have.</summary>
    public const int MostAlternatives = 12;

    /// <summary>The form that a document describes.</summary>
    /// <exception cref="BadDocumentException">With every place that is wrong, not only the first.</exception>
    public static Form Read(FormDocument document, Vocabulary vocabulary)
    {
        var check = new Checker(vocabulary);
        var form = check.Form(document);
        return check.Errors.Count == 0 ? form : throw new BadDocumentException(check.Errors.ToDictionary(e => e.Key, e => e.Value.ToArray()));
    }

    /// <summary>One move of a document.</summary>
    /// <exception cref="BadDocumentException">With every place that is wrong.</exception>
    public static Move ReadMove(MoveDocument document, Vocabulary vocabulary)
    {
        var check = new Checker(vocabulary);
        var move = check.Move(document, "move");
        return check.Errors.Count == 0 ? move : throw new BadDocumentException(check.Errors.ToDictionary(e => e.Key, e => e.Value.ToArray()));
    }

    /// <summary>The document that describes a form.</summary>
    public static FormDocument Write(Form form) => new()
    {
        Title = form.Title,
        Opening = new OpeningDocument(form.Opening.Stance.Value, form.Opening.Lead),
        Moves = form.Moves.Select(Write).ToArray(),
        Sections = form.Sections.Select(s => new SectionDocument(s.First.Value, s.Id.Value, s.Name)).ToArray(),
        DeclaredCounts = form.DeclaredCounts,
        DeclaredShouts = form.DeclaredShouts,
        NoLineTwice = form.NoLineTwice,
        Weapon = form.Weapon is { } w ? new WeaponCarriedDocument(w.Kind, w.LengthCm) : null,
        Pairs = form.Pairs.Select(p => new PairDocument(p.First.Value, p.Second.Value)).ToArray(),
    };

    /// <summary>The document that describes a move.</summary>
    public static MoveDocument Write(Move move) => new()
    {
        Id = move.Id.Value,
        Counting = move.Counting,
        Footwork = move.Footwork is { } f ? new FootworkDocument(f.Kind.Value, f.Foot, f.Way) : null,
        Pivot = move.Pivot,
        Turn = move.Turn?.Degrees,
        Facing = move.Facing?.Degrees,
        Stance = move.Stance is { } s ? new StanceDocument(s.Kind.Value, s.Lead) : null,
        SetOnTop = move.SetOnTop,
        Hands = move.Hands.Select(h => new HandDocument(h.Technique.Value, h.Hand, h.Level)).ToArray(),
        Kick = move.Kick is { } k ? new KickDocument(k.Technique.Value, k.Foot, k.Level, k.Landing) : null,
        Gaze = move.Gaze,
        Breath = move.Breath,
        Tempo = move.Tempo,
        Shout = move.Shout,
        Note = move.Note,
        StepAdjustCm = move.StepAdjustCm,
        Seconds = move.Seconds,
        Weapon = move.Weapon is { IsEmpty: false } w ? new WeaponDocument(w.Leads, w.From, w.Tip, w.Stop) : null,
        Alternatives = move.Alternatives.Select(a => new AlternativeDocument(a.Whose, Write(a.Way))).ToArray(),
        Accepted = move.Accepted.Select(a => new AcceptanceDocument(a.Rule, a.Message, a.Reason)).ToArray(),
    };

    private sealed class Checker(Vocabulary vocabulary)
    {
        public Dictionary<string, List<string>> Errors { get; } = [];

        public Form Form(FormDocument document)
        {
            if (document.Format != FormDocument.FormatName) Wrong("format", $"Write \"{FormDocument.FormatName}\".");
            if (document.Version != FormDocument.CurrentVersion) Wrong("version", $"Only version {FormDocument.CurrentVersion} can be read.");
            var title = Text("title", document.Title, 200);
            if (document.Moves.Count > MostMoves) Wrong("moves", $"A form may have {MostMoves} moves; this one has {document.Moves.Count}. Part it.");
            NotBelow("declaredCounts", document.DeclaredCounts);
            NotBelow("declaredShouts", document.DeclaredShouts);
            var moves = document.Moves.Take(MostMoves).Select((m, i) => Move(m, $"moves[{i}]")).ToValueList();
            var ids = new HashSet<MoveId>();
            for (var i = 0; i < moves.Count; i++)
                if (!ids.Add(moves[i].Id)) Wrong($"moves[{i}].id", $"\"{moves[i].Id}\" is the id of an earlier move. Give each move its own.");
            return new Form
            {
                Title = title,
                Opening = new Opening(TermOf("opening.stance", document.Opening?.Stance, TermKind.Stance), document.Opening?.Lead),
                Moves = moves,
                Sections = Sections(document, moves),
                DeclaredCounts = document.DeclaredCounts,
                DeclaredShouts = document.DeclaredShouts,
                NoLineTwice = document.NoLineTwice,
                Weapon = document.Weapon is { } w ? Weapon(w) : null,
                Pairs = document.Pairs.Select((p, i) => new TechniquePair(
                    TermOf($"pairs[{i}].first", p.First, TermKind.Technique), TermOf($"pairs[{i}].second", p.Second, TermKind.Technique))).ToValueList(),
            };
        }

        private WeaponCarried Weapon(WeaponCarriedDocument document)
        {
            if (Core.Body.Weapon.Find(document.Kind) is null) Wrong("weapon.kind", $"\"{document.Kind}\" is none of {string.Join(", ", Core.Body.Weapon.All.Select(w => w.Id))}.");
            if (document.LengthCm is { } cm && !(cm is >= 10 and <= 400)) Wrong("weapon.lengthCm", "Give a length from 10 to 400 cm, or leave it out.");
            return new WeaponCarried(document.Kind, document.LengthCm);
        }

        private ValueList<Section> Sections(FormDocument document, ValueList<Move> moves)
        {
            var order = new Dictionary<MoveId, int>();
            for (var i = 0; i < moves.Count; i++) order.TryAdd(moves[i].Id, i);
            var sections = new List<Section>();
            for (var i = 0; i < document.Sections.Count; i++)
            {
                var row = document.Sections[i];
                var first = new MoveId(row.First ?? "");
                if (!order.ContainsKey(first)) Wrong($"sections[{i}].first", $"No move has the id \"{row.First}\". Name the move that the section begins with.");
                else if (sections.Any(s => s.First == first)) Wrong($"sections[{i}].first", "Another section begins with the same move.");
                sections.Add(new Section(Id(row.Id, $"sections[{i}].id") is { } id ? new SectionId(id) : SectionId.New(), Text($"sections[{i}].name", row.Name, 100), first));
            }
            sections = [.. sections.OrderBy(s => order.GetValueOrDefault(s.First))];
            if (sections.Count > 0 && moves.Count > 0 && order.TryGetValue(sections[0].First, out var at) && at != 0)
                sections[0] = sections[0] with { First = moves[0].Id };
            return sections.ToValueList();
        }

        public Move Move(MoveDocument document, string place, bool mayHaveAlternatives = true)
        {
            if (!mayHaveAlternatives && document.Alternatives.Count > 0) Wrong($"{place}.alternatives", "An alternative has no alternatives of its own.");
            if (document.Alternatives.Count > MostAlternatives) Wrong($"{place}.alternatives", $"A move may have {MostAlternatives} alternatives.");
            if (document.Turn is { } turn && turn is < -720 or > 720) Wrong($"{place}.turn", "Write signed degrees from -720 to 720.");
            if (document.Facing is { } facing && facing is < 0 or > 359) Wrong($"{place}.facing", "Write degrees from 0 to 359.");
            if (!(document.StepAdjustCm is >= -200 and <= 200)) Wrong($"{place}.stepAdjustCm", "Write centimetres from -200 to 200.");
            if (document.Seconds is { } seconds && !(seconds is >= 0.1 and <= 120)) Wrong($"{place}.seconds", "Write seconds from 0.1 to 120, or leave it out.");
            return new Move(Id(document.Id, $"{place}.id") is { } id ? new MoveId(id) : MoveId.New())
            {
                Counting = document.Counting,
                Footwork = document.Footwork is { } f ? new Footwork(TermOf($"{place}.footwork.kind", f.Kind, TermKind.Footwork), f.Foot, f.Way) : null,
                Pivot = document.Pivot,
                Turn = document.Turn is { } t ? new Turn(t) : null,
                Facing = document.Facing is { } h ? new Heading(h) : null,
                Stance = document.Stance is { } s ? new StanceTaken(TermOf($"{place}.stance.kind", s.Kind, TermKind.Stance), s.Lead) : null,
                SetOnTop = document.SetOnTop,
                Hands = document.Hands.Select((h, i) => new HandAction(TermOf($"{place}.hands[{i}].technique", h.Technique, TermKind.Technique), h.Hand, h.Level)).ToValueList(),
                Kick = document.Kick is { } k ? new Kick(TermOf($"{place}.kick.technique", k.Technique, TermKind.Technique), k.Foot, k.Level, k.Landing) : null,
                Gaze = document.Gaze,
                Breath = document.Breath,
                Tempo = document.Tempo,
                Shout = document.Shout,
                Note = Text($"{place}.note", document.Note, 2000),
                StepAdjustCm = document.StepAdjustCm,
                Seconds = document.Seconds,
                Weapon = document.Weapon is { } w && new WeaponUse(w.Leads, w.From, w.Tip, w.Stop) is { IsEmpty: false } weapon ? weapon : null,
                Alternatives = !mayHaveAlternatives ? [] : document.Alternatives.Take(MostAlternatives).Select((a, i) => new Alternative(
                    Text($"{place}.alternatives[{i}].whose", a.Whose, 100), Move(a.Move, $"{place}.alternatives[{i}].move", mayHaveAlternatives: false))).ToValueList(),
                Accepted = document.Accepted.Select((a, i) => new Acceptance(
                    Text($"{place}.accepted[{i}].rule", a.Rule, 40), Text($"{place}.accepted[{i}].message", a.Message, 500), Text($"{place}.accepted[{i}].reason", a.Reason, 500))).ToValueList(),
            };
        }

        private TermId TermOf(string place, string? id, TermKind kind)
        {
            if (vocabulary.Find(id ?? "", kind) is { } term) return term.Id;
            Wrong(place, $"\"{id}\" is no {kind.ToString().ToLowerInvariant()} of this school. Use an id from the terms page, such as \"{Example(kind)}\".");
            return new TermId(id ?? "");
        }

        private static string Example(TermKind kind) => kind switch { TermKind.Stance => "front-stance", TermKind.Footwork => "step", _ => "low-block" };

        private string? Id(string? id, string place)
        {
            if (string.IsNullOrEmpty(id)) return null;
            if (id.Length > 40 || !id.All(c => char.IsAsciiLetterOrDigit(c) || c is '-' or '_')) Wrong(place, "Use at most 40 letters, digits, hyphens or underscores.");
            return id;
        }

        private string Text(string place, string? text, int most)
        {
            if (text?.Length > most) Wrong(place, $"At most {most} characters; these are {text.Length}.");
            return text ?? "";
        }

        private void NotBelow(string place, int? number)
        {
            if (number is < 0 or > 10_000) Wrong(place, "Write a number from 0 to 10000, or leave it out.");
        }

        private void Wrong(string place, string message)
        {
            if (!Errors.TryGetValue(place, out var messages)) Errors[place] = messages = [];
            messages.Add(message);
        }
    }
}
