using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// What was said, word by word, held against what was read: a foot, a hand, a side, a stance or a direction that was named and plays no part
/// in its move. It needs no rule for the way in which a teacher tells a form, so it finds readings that went wrong in ways
/// that no rule of the <see cref="Reader"/> foresaw.
/// </summary>
internal sealed class Unheeded
{
    private const int NearWords = 3; // "drawing the left foot"
    private readonly IReadOnlyList<Lexeme> _heard;
    private readonly Form _form;
    private readonly WalkReading _walk;
    private readonly Conventions _ways;

    /// <param name="heard">The words as they were heard, before any was taken in.</param>
    /// <param name="form">The form with the moves that were said in it.</param>
    /// <param name="ways">The school's ways.</param>
    public Unheeded(IReadOnlyList<Lexeme> heard, Form form, Conventions ways)
    {
        (_heard, _form, _ways) = (heard, form, ways);
        _walk = Walk.Of(form, BodyMeasures.Reference, ways);
    }

    /// <summary>Tells it of the fields that came from such words, where nothing else is told of them yet.</summary>
    public void TellIn(List<ReadField> fields)
    {
        var byStart = fields.Select((f, at) => (f, at)).Where(p => p.f.Move is not null).ToLookup(p => (p.f.Start, p.f.Length), p => p.at);
        var places = _form.Moves.Index().ToDictionary(p => p.Item.Id, p => p.Index);
        for (var i = 0; i < _heard.Count; i++)
        {
            if (_heard[i].Length == 0) continue; // put in by a rule, nobody said it
            if (byStart[(_heard[i].Start, _heard[i].Length)].Select(at => (int?)at).FirstOrDefault() is not { } at) continue;
            if (fields[at] is not { Assumption: "", Field: not ("note" or "command") } field || field.Field == "filler" && !_heard[i].Is("filler") || !places.TryGetValue(field.Move!.Value, out var k) || IsOpening(k) && _heard[i].Kind is "side" or "handNoun") continue;
            // Words at the edge of a move may speak of its neighbour.
            if (IsSeenIn(i, k) || k > 0 && IsNamedIn(i, _form.Moves[k - 1]) || k + 1 < _form.Moves.Count && IsNamedIn(i, _form.Moves[k + 1])) continue;
            var first = NamedSide(i) is not null && _heard[i].Kind is "footNoun" or "handNoun" ? _heard[i - 1].Start : field.Start;
            fields[at] = field with { Start = first, Length = field.Start + field.Length - first, Unheeded = true };
        }
    }

    /// <summary>"Staff in the right hand, the left at the hip": how one holds it before the first count.</summary>
    private bool IsOpening(int k) => _form.Moves.Take(k + 1).All(m => m.Counting == Counting.Uncounted) && _form.Moves[k].Footwork is null;

    /// <summary>Whether a word shows in a move or in where it leads.</summary>
    private bool IsSeenIn(int i, int k)
    {
        var (lexeme, move) = (_heard[i], _form.Moves[k]);
        var (before, after) = (k == 0 ? _walk.Start : _walk.Postures[k - 1], _walk.Postures[k]);
        if (move.Note.Contains(lexeme.Plain, StringComparison.OrdinalIgnoreCase)) return true;
        var turned = (after.Heading - before.Heading).Amount;
        return lexeme switch
        {
            { Kind: "side" } when i > 0 && _heard[i - 1] is { Kind: "footwork", Value: "turn" or "pivot" or "spin" } && (i + 1 >= _heard.Count || _heard[i + 1].Kind is not ("footNoun" or "handNoun")) => move.Turn is { } turn ? turn.Side == lexeme.Side || turn.Amount is 0 or 360 : move.Facing is not null || after.Heading != before.Heading,
            { Kind: "side" } when lexeme.Side is var side => (i + 1 < _heard.Count ? _heard[i + 1] : null) switch
            {
                { Kind: "footNoun" or "handNoun" } => true, // the noun is looked at instead
                { IsKick: true } => FootPlays(side, move, before, after),
                { IsHandTechnique: true } => HandPlays(side, move) || move.Hands.Count == 0 && FootPlays(side, move, before, after),
                { Kind: "stance", Term: { } named } => move.Stance?.Lead == side || _ways.Stances.Of(named.Id).NamedByRearFoot || after.Lead is null || after.Lead == side || before.Lead == side,
                _ => FootPlays(side, move, before, after) || HandPlays(side, move) || move.Turn?.Side == side || move.Footwork?.Way is not null || move.Facing is not null || move.Gaze is not null,
            },
            { Kind: "footNoun" } when _heard.Skip(i + 1).Take(NearWords).Any(l => l.Plain.EndsWith("weight", StringComparison.Ordinal)) => true, // which of them stands
            { Kind: "footNoun" } when i > 1 && _heard[i - 2] is { Kind: "support" } borne && borne.Plain.Contains("weight", StringComparison.Ordinal) && NamedSide(i) is { } side && after.Lead == side.Other => true, // on the rear leg
            { Kind: "footNoun" } when i > 1 && _heard[i - 2] is { Kind: "support" } && NamedSide(i) is { } stays && (after.Moved == stays.Other || move.Footwork?.Foot == stays.Other) => true, // "pivot on the right foot, left foot steps out"
            { Kind: "footNoun" } when NamedSide(i) is { } side && _heard.Skip(Math.Max(0, i - 4)).Take(3).Any(l => l.Plain == "on") && _heard.Skip(Math.Max(0, i - 8)).Take(8).Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" or "spin" }) && move.Footwork?.Foot == side.Other => true, // "turn on the left foot, right foot slides out"
            { Kind: "footNoun" } when NamedSide(i) is { } side => FootPlays(side, move, before, after) || i + 1 < _heard.Count && (after.Lead == side && _heard[i + 1].Kind is "way" or "lead" || after.Lead == side.Other && _heard[i + 1].Is("way", "back")),
            { Kind: "handNoun" } when NamedSide(i) is { } side => HandPlays(side, move),
            { Kind: "stance", Value: "horse-stance", Plain: "horse" } when _ways.Stances.Of(after.Stance).IsStraddle => true, // "the horse, shiko dachi"
            { Kind: "stance", Term: { } stance } => after.Stance == stance.Id || before.Stance == stance.Id || StanceSet.IsStanding(stance.Id) && StanceSet.IsStanding(after.Stance),
            { Kind: "filler", Plain: "corner" or "diagonal" or "diagonally" } => move.Hands.Any(h => _ways.Vocabulary.Find(h.Technique) is { IsWeapon: true }) || after.Heading.Degrees % 90 == 45 || before.Heading.Degrees % 90 == 45 || move.Footwork?.Way is Way.ForwardLeft or Way.ForwardRight or Way.BackLeft or Way.BackRight,
            { Kind: "degrees" } faced when i > 0 && _heard[i - 1].Is("facing") => after.Heading.Degrees == faced.Number % 360 || before.Heading.Degrees == faced.Number % 360,
            { Kind: "degrees" } degrees => move.Turn?.Amount == degrees.Number || turned == degrees.Number % 360 || turned == 360 - degrees.Number || move.Facing is not null && degrees.Number == 45,
            { Kind: "turnSide", Value: "left" or "right" } => move.Turn?.Side == lexeme.Side || move.Facing is not null || move.Gaze is not null || move.Footwork?.Way is not null,
            { Kind: "clock" } clock when Heading.FromClock(clock.Number) is var there => after.Heading == there || before.Heading == there || move.Footwork is { Way: not null } or { Kind.Value: "step-back" or "slide-back" }
                || there - after.Heading is { Amount: 90, Side: var aside } && (move.Kick is { } kick && kick.Foot == aside || move.Hands.Any(h => h.Hand?.OnSide == aside)), // a side kick to nine o'clock
            { Kind: "place", Value: "front" } => after.Heading == Heading.Front || before.Heading == Heading.Front || move.Footwork?.Way is not null,
            { Kind: "place", Value: "rear", Plain: "the other way" } => turned > 0 || move.Footwork?.Way is not null,
            { Kind: "place", Value: "rear", Plain: "behind you" } when move.Footwork is not null => turned > 0 || move.Footwork.Foot is { } behind && after.Lead == behind.Other || move.Footwork is { Way: not null } or { Kind.Value: "step-back" or "slide-back" },
            { Kind: "place", Value: "rear" } => turned == 180 || after.Heading == Heading.Front + Turn.To(Side.Right, 180) || move.Footwork is { Way: not null } or { Kind.Value: "step-back" or "slide-back" },
            { Kind: "footwork", Value: not ("stay" or "rise") } => move.Footwork is not null || move.Kick is not null || move.Turn is not null || move.Facing is not null || move.Stance is not null || move.Hands.Count > 0,
            { Kind: "technique", Term: { } technique } => move.Hands.Count > 0 || move.Kick is not null || move.Footwork is not null && (technique.IsKick || _heard.Skip(i + 1).Take(NearWords).Any(l => l.Is("footNoun")) || technique.Family is "grab" or "sweep") || StanceSet.IsStanding(after.Stance) && technique.Family is "guard",
            _ => true,
        };
    }

    /// <summary>Whether a word is named in a move, strictly: only what was said counts.</summary>
    private bool IsNamedIn(int i, Move move) => _heard[i] switch
    {
        { Kind: "footNoun" } when NamedSide(i) is { } side => move.Footwork?.Foot == side || move.Kick?.Foot == side || move.Stance?.Lead == side,
        { Kind: "handNoun" } when NamedSide(i) is { } side => move.Hands.Any(h => h.Hand == side.Hand),
        { Kind: "stance", Term: { } stance } => move.Stance?.Kind == stance.Id,
        { Kind: "turnSide" } => move.Turn is not null || move.Facing is not null,
        { Kind: "side" } side => Speech.Say(move, _ways).Contains(side.Value, StringComparison.Ordinal),
        _ => false,
    };

    /// <summary>Whether a foot moves, kicks or leads, or is the one that stays while the other goes or the body turns.</summary>
    private static bool FootPlays(Side side, Move move, Posture before, Posture after) =>
        move.Footwork is { Foot: { } foot } && (foot == side || move.Footwork.Kind.Value is "pull-together" or "pivot" or "turn" or "spin" or "kneel" or "stomp" or "cross-front" or "cross-behind")
        || move.Footwork is { Foot: null, Kind.Value: "shift" or "stay" or "return" or "rise" or "bow" or "pivot" }
        || move.Kick is { } kick && (kick.Foot ?? after.KickingFoot) == side || move.Stance?.Lead == side || after.Moved == side || after.Lead == side && (move.Footwork is not { Foot: not null, Kind.Value: "step" or "step-back" } || move.Footwork.Kind.Value == "step-back" && move.Footwork.Foot == side.Other)
        || StanceSet.IsStanding(after.Stance) && move.Footwork is not null;

    private static bool HandPlays(Side side, Move move) =>
        move.Hands.Any(h => h.Hand is null or Hand.Both || h.Hand == side.Hand) || move.Weapon?.Leads == side || move.SetOnTop is not null || move.Note.Contains(side.Word, StringComparison.OrdinalIgnoreCase);

    private Side? NamedSide(int i) => i > 0 && _heard[i - 1].Is("side") ? _heard[i - 1].Side : null;
}
