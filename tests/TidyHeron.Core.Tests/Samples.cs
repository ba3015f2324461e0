using CsCheck;
using Shouldly;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests;

/// <summary>Forms and moves for tests: read from words, or generated.</summary>
public static class Samples
{
    public static readonly Conventions Ways = Conventions.Standard;

    public static DictationReading Say(string words) => Reader.Read(words, new Form(), null, Ways);

    public static FormReading ReadingOf(string words) => FormReading.Of(Say(words).Form, BodyMeasures.Reference, Ways);

    public static FormReading ReadingOf(Form form) => FormReading.Of(form, BodyMeasures.Reference, Ways);

    private static Gen<T> Pick<T>(params T[] items) => Gen.Int[0, items.Length - 1].Select(i => items[i]);

    private static Gen<T?> Maybe<T>(Gen<T> gen) where T : struct => Gen.Frequency((2, Gen.Const((T?)null)), (3, gen.Select(v => (T?)v)));

    private static Gen<T?> MaybeRef<T>(Gen<T> gen) where T : class => Gen.Frequency((1, Gen.Const((T?)null)), (2, gen.Select(v => (T?)v)));

    public static readonly Gen<Side> AnySide = Pick(Side.Left, Side.Right);

    private static Gen<TermId> TermOf(Func<Term, bool> which) =>
        Pick(Vocabulary.Standard.Terms.Where(which).Select(t => t.Id).ToArray());

    private static readonly Gen<Footwork> AnyFootwork =
        from kind in TermOf(t => t.Kind == TermKind.Footwork && t.Id.Value is not ("land" or "bow" or "announce" or "return"))
        from foot in Maybe(AnySide)
        from way in Maybe(Pick(Way.Left, Way.Right, Way.ForwardLeft, Way.ForwardRight, Way.BackLeft, Way.BackRight))
        select kind.Value is "stay" ? new Footwork(kind)
            : new Footwork(kind, foot, kind.Value is "step" or "slide" or "hop" or "jump" ? way : null);

    private static readonly Gen<StanceTaken> AnyStance =
        from kind in TermOf(t => t.Kind == TermKind.Stance)
        from lead in Maybe(AnySide)
        select new StanceTaken(kind, StanceSet.Standard.Of(kind).Feet == FeetKind.Even ? null : lead);

    private static readonly Gen<HandAction> AnyHand =
        from technique in TermOf(t => t.Kind == TermKind.Technique && !t.IsKick)
        from hand in Maybe(Pick(Hand.Left, Hand.Right, Hand.Both))
        from level in Maybe(Pick(Level.Low, Level.Middle, Level.High))
        select new HandAction(technique, hand, level);

    private static readonly Gen<Kick> AnyKick =
        from technique in TermOf(t => t.IsKick)
        from foot in Maybe(AnySide)
        from level in Maybe(Pick(Level.Low, Level.Middle, Level.High))
        from landing in Maybe(Pick(Landing.Front, Landing.Back, Landing.SamePlace))
        select new Kick(technique, foot, level, landing);

    private static readonly Gen<WeaponUse> AnyWeapon =
        Gen.Select(Maybe(AnySide), Maybe(AnySide), Maybe(Gen.Enum<TipHeight>()), Maybe(Gen.Enum<StopPlace>()), (l, f, t, s) => new WeaponUse(l, f, t, s)).Where(w => !w.IsEmpty);

    /// <summary>Any move that a person could write: a turn or a facing or both, any part said or left unsaid.</summary>
    public static readonly Gen<Move> AnyMove =
        from footwork in MaybeRef(AnyFootwork)
        from turn in Maybe(Gen.Select(AnySide, Pick(45, 90, 135, 180, 225, 270, 315, 360), Turn.To))
        from pivot in Gen.Frequency((4, Gen.Const((PivotPoint?)null)), (1, Gen.Enum<PivotPoint>().Select(p => (PivotPoint?)p)))
        from facing in Maybe(Gen.Int[0, 23].Select(h => new Heading(h * 15)))
        from stance in MaybeRef(AnyStance)
        from top in Maybe(AnySide)
        from kick in MaybeRef(AnyKick)
        from hands in AnyHand.Array[0, 3]
        from weapon in Gen.Frequency((3, Gen.Const((WeaponUse?)null)), (1, AnyWeapon.Select(w => (WeaponUse?)w)))
        from voice in Gen.Select(Maybe(Gen.Enum<Gaze>()), Maybe(Gen.Enum<Breath>()), Maybe(Gen.Enum<Tempo>()), Gen.Bool)
        let feet = footwork is null && turn is not null ? new Footwork(new TermId("turn")) : footwork
        select new Move(MoveId.New())
        {
            Footwork = feet,
            Pivot = pivot,
            Turn = turn ?? (feet is { Kind.Value: "turn" or "spin" } && facing is null && feet.Way is null ? Turn.To(Side.Left, 90) : null),
            Facing = facing,
            Stance = stance,
            SetOnTop = top,
            Kick = kick,
            Weapon = weapon,
            Hands = hands.ToValueList(),
            Gaze = voice.Item1,
            Breath = voice.Item2,
            Tempo = voice.Item3,
            Shout = voice.Item4,
        };

    private static readonly Gen<(ValueList<Alternative> Alternatives, ValueList<Acceptance> Accepted, string Note)> AnyRemarks = Gen.Frequency(
        (3, Gen.Const((default(ValueList<Alternative>), default(ValueList<Acceptance>), ""))),
        (1, AnyMove.Select(way => ((ValueList<Alternative>)[new Alternative("north; \"upper\" hall", way)], (ValueList<Acceptance>)[new Acceptance("turn-facing", "Turning, and so on.", "as taught")], "eyes, then hands"))));

    /// <summary>A form of generated moves with generated counting and cuts.</summary>
    public static readonly Gen<Form> AnyForm =
        from moves in Gen.Select(AnyMove, Gen.Enum<Counting>(), AnyRemarks, (m, c, r) => m with { Counting = c, StepAdjustCm = r.Alternatives.Count * 7.25, Seconds = r.Alternatives.Count > 0 ? 1.5 : null, Alternatives = r.Alternatives, Accepted = r.Accepted, Note = r.Note }).Array[1, 12]
        from cuts in Gen.Bool.Array[moves.Length]
        let starts = moves.Where((_, i) => i == 0 && cuts.Any(c => c) || cuts[i]).ToList()
        select new Form
        {
            Title = "Generated",
            Moves = moves.ToValueList(),
            Sections = starts.Select(m => new Section(SectionId.New(), "", m.Id)).ToValueList(),
        };

    /// <summary>Nothing said is dropped: each letter of a text belongs to what was read or to what was not understood.</summary>
    public static void AccountsForEveryWord(string text, DictationReading reading)
    {
        var covered = new bool[text.Length];
        foreach (var (start, length) in reading.Fields.Select(f => (f.Start, f.Length)).Concat(reading.Unread.Select(u => (u.Start, u.Length))))
            for (var i = start; i < start + length; i++) covered[i] = true;
        for (var i = 0; i < text.Length; i++)
            if (char.IsLetterOrDigit(text[i])) covered[i].ShouldBeTrue($"\"{text}\" at {i}");
    }
}
