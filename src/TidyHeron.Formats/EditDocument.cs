using System.Text.Json.Serialization;
using TidyHeron.Core;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Formats;

/// <summary>A named edit as JSON; <c>kind</c> says which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(InsertMovesDocument), "insert")]
[JsonDerivedType(typeof(DeleteMovesDocument), "delete")]
[JsonDerivedType(typeof(ShiftMovesDocument), "shift")]
[JsonDerivedType(typeof(RewriteMoveDocument), "rewrite")]
[JsonDerivedType(typeof(SetCountingDocument), "setCounting")]
[JsonDerivedType(typeof(SetHeaderDocument), "setHeader")]
[JsonDerivedType(typeof(AgainDocument), "again")]
[JsonDerivedType(typeof(OtherSideDocument), "otherSide")]
[JsonDerivedType(typeof(PlaceMovesDocument), "place")]
[JsonDerivedType(typeof(SplitMoveDocument), "split")]
[JsonDerivedType(typeof(MirrorPassageDocument), "mirror")]
[JsonDerivedType(typeof(TurnPassageDocument), "turn")]
[JsonDerivedType(typeof(FillDownDocument), "fillDown")]
[JsonDerivedType(typeof(ReplaceTermDocument), "replaceTerm")]
[JsonDerivedType(typeof(AcceptFindingDocument), "accept")]
[JsonDerivedType(typeof(ReopenFindingDocument), "reopen")]
[JsonDerivedType(typeof(AddAlternativeDocument), "addAlternative")]
[JsonDerivedType(typeof(UseAlternativeDocument), "useAlternative")]
[JsonDerivedType(typeof(DropAlternativeDocument), "dropAlternative")]
[JsonDerivedType(typeof(AdjustStepsDocument), "adjustSteps")]
[JsonDerivedType(typeof(ClearAdjustmentsDocument), "clearAdjustments")]
[JsonDerivedType(typeof(SetSecondsDocument), "setSeconds")]
[JsonDerivedType(typeof(SetWeaponDocument), "setWeapon")]
[JsonDerivedType(typeof(CutHereDocument), "cutHere")]
[JsonDerivedType(typeof(MoveCutDocument), "moveCut")]
[JsonDerivedType(typeof(JoinSectionDocument), "joinSection")]
[JsonDerivedType(typeof(NameSectionDocument), "nameSection")]
public abstract record EditDocument;

public sealed record InsertMovesDocument(IReadOnlyList<MoveDocument> Moves, string? After = null) : EditDocument;
public sealed record DeleteMovesDocument(IReadOnlyList<string> Moves) : EditDocument;
public sealed record ShiftMovesDocument(IReadOnlyList<string> Moves, int By) : EditDocument;
public sealed record RewriteMoveDocument(MoveDocument Move) : EditDocument;
public sealed record SetCountingDocument(IReadOnlyList<string> Moves, Counting Counting) : EditDocument;
public sealed record SetHeaderDocument(string Title, OpeningDocument Opening, int? DeclaredCounts = null, int? DeclaredShouts = null, bool NoLineTwice = false, IReadOnlyList<PairDocument>? Pairs = null) : EditDocument;
/// <param name="Times">How many copies, 1 to 99.</param>
public sealed record AgainDocument(IReadOnlyList<string> Moves, int Times = 1) : EditDocument;
/// <param name="Times">How many copies, 1 to 99; the sides alternate.</param>
public sealed record OtherSideDocument(IReadOnlyList<string> Moves, int Times = 1) : EditDocument;
public sealed record PlaceMovesDocument(IReadOnlyList<string> Moves, string? After = null) : EditDocument;
public sealed record SplitMoveDocument(string Move) : EditDocument;
public sealed record MirrorPassageDocument(IReadOnlyList<string> Moves) : EditDocument;
/// <param name="By">Signed degrees, to the right positive.</param>
public sealed record TurnPassageDocument(IReadOnlyList<string> Moves, int By) : EditDocument;
public sealed record FillDownDocument(IReadOnlyList<string> Moves, MovePart Part) : EditDocument;
/// <param name="Moves">Where; none for the whole form.</param>
public sealed record ReplaceTermDocument(string From, string To, IReadOnlyList<string>? Moves = null) : EditDocument;
public sealed record AcceptFindingDocument(string Move, string Rule, string Message, string Reason) : EditDocument;
public sealed record ReopenFindingDocument(string Move, string Rule, string Message) : EditDocument;
public sealed record AddAlternativeDocument(string Move, string Whose, MoveDocument Way) : EditDocument;
public sealed record UseAlternativeDocument(string Move, int Index) : EditDocument;
public sealed record DropAlternativeDocument(string Move, int Index) : EditDocument;
public sealed record AdjustStepsDocument(IReadOnlyList<StepChangeDocument> Changes) : EditDocument;
/// <param name="ByCm">How much longer than now; shorter is negative.</param>
public sealed record StepChangeDocument(string Move, double ByCm);
public sealed record ClearAdjustmentsDocument : EditDocument;
public sealed record SetSecondsDocument(string Move, double? Seconds = null) : EditDocument;
public sealed record SetWeaponDocument(WeaponCarriedDocument? Weapon = null) : EditDocument;
public sealed record CutHereDocument(string First, string? Name = null) : EditDocument;
public sealed record MoveCutDocument(string Section, string First) : EditDocument;
public sealed record JoinSectionDocument(string Section) : EditDocument;
public sealed record NameSectionDocument(string Section, string Name) : EditDocument;

/// <summary>Reads and writes edits.</summary>
public static class EditDocuments
{
    /// <exception cref="BadDocumentException">With every place that is wrong.</exception>
    public static Edit Read(EditDocument document, Conventions ways) => document switch
    {
        InsertMovesDocument d => new InsertMoves(Move(d.After), d.Moves.Select(m => FormDocuments.ReadMove(m, ways.Vocabulary)).ToValueList()),
        DeleteMovesDocument d => new DeleteMoves(Moves(d.Moves)),
        ShiftMovesDocument d => new ShiftMoves(Moves(d.Moves), Math.Sign(d.By)),
        RewriteMoveDocument d => new RewriteMove(FormDocuments.ReadMove(d.Move, ways.Vocabulary)),
        SetCountingDocument d => new SetCounting(Moves(d.Moves), d.Counting),
        SetHeaderDocument d => new SetHeader(d.Title, new Opening(new TermId(d.Opening.Stance), d.Opening.Lead), d.DeclaredCounts, d.DeclaredShouts, d.NoLineTwice,
            (d.Pairs ?? []).Select(p => new TechniquePair(new TermId(p.First), new TermId(p.Second))).ToValueList()),
        AgainDocument d => new Again(Moves(d.Moves), d.Times),
        OtherSideDocument d => new OtherSide(Moves(d.Moves), ways, d.Times),
        PlaceMovesDocument d => new PlaceMoves(Moves(d.Moves), Move(d.After)),
        SplitMoveDocument d => new SplitMove(new MoveId(d.Move)),
        MirrorPassageDocument d => new MirrorPassage(Moves(d.Moves), ways),
        TurnPassageDocument d => new TurnPassage(Moves(d.Moves), new Turn(d.By % 360), ways),
        FillDownDocument d => new FillDown(Moves(d.Moves), d.Part),
        ReplaceTermDocument d => new ReplaceTerm(new TermId(d.From), new TermId(d.To), Moves(d.Moves ?? [])),
        AcceptFindingDocument d => new AcceptFinding(new MoveId(d.Move), d.Rule, d.Message, d.Reason.Trim()),
        ReopenFindingDocument d => new ReopenFinding(new MoveId(d.Move), d.Rule, d.Message),
        AddAlternativeDocument d => new AddAlternative(new MoveId(d.Move), d.Whose.Trim(), FormDocuments.ReadMove(d.Way, ways.Vocabulary)),
        UseAlternativeDocument d => new UseAlternative(new MoveId(d.Move), d.Index),
        DropAlternativeDocument d => new DropAlternative(new MoveId(d.Move), d.Index),
        AdjustStepsDocument d => new AdjustSteps(d.Changes.Select(c => (new MoveId(c.Move), c.ByCm)).ToValueList()),
        ClearAdjustmentsDocument => new ClearAdjustments(),
        SetSecondsDocument d => new SetSeconds(new MoveId(d.Move), d.Seconds),
        SetWeaponDocument d => new SetWeapon(d.Weapon is { } w ? new WeaponCarried(w.Kind, w.LengthCm) : null),
        CutHereDocument d => new CutHere(new MoveId(d.First), d.Name ?? ""),
        MoveCutDocument d => new MoveCut(new SectionId(d.Section), new MoveId(d.First)),
        JoinSectionDocument d => new JoinSection(new SectionId(d.Section)),
        NameSectionDocument d => new NameSection(new SectionId(d.Section), d.Name),
        _ => throw new ArgumentOutOfRangeException(nameof(document), document.GetType().Name, "No such edit."),
    };

    /// <summary>The edit as a document; used for the fixes that a finding offers.</summary>
    public static EditDocument Write(Edit edit) => edit switch
    {
        RewriteMove e => new RewriteMoveDocument(FormDocuments.Write(e.Move)),
        SetCounting e => new SetCountingDocument(e.Moves.Select(m => m.Value).ToArray(), e.Counting),
        SetHeader e => new SetHeaderDocument(e.Title, new OpeningDocument(e.Opening.Stance.Value, e.Opening.Lead), e.DeclaredCounts, e.DeclaredShouts, e.NoLineTwice,
            e.Pairs.Select(p => new PairDocument(p.First.Value, p.Second.Value)).ToArray()),
        MoveCut e => new MoveCutDocument(e.Section.Value, e.First.Value),
        JoinSection e => new JoinSectionDocument(e.Section.Value),
        InsertMoves e => new InsertMovesDocument(e.Moves.Select(FormDocuments.Write).ToArray(), e.After?.Value),
        DeleteMoves e => new DeleteMovesDocument(e.Moves.Select(m => m.Value).ToArray()),
        _ => throw new ArgumentOutOfRangeException(nameof(edit), edit.GetType().Name, "No fix uses this edit."),
    };

    private static MoveId? Move(string? id) => id is null ? null : new MoveId(id);

    private static ValueList<MoveId> Moves(IReadOnlyList<string> ids) => ids.Select(id => new MoveId(id)).ToValueList();
}
