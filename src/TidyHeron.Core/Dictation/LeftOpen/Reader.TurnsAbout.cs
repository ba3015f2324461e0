using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>Turns about, where nobody says which foot goes: it decides which one leads afterwards. Each is told as taken for granted.</summary>
public sealed partial class Reader
{
    /// <summary>"Turn clockwise by moving the right foot, right walking stance" while it leads: it goes round behind, about face (common practice in forms).</summary>
    private void GoesAboutWithTheLeadingFoot(Draft draft, Posture now)
    {
        if (draft is not { TurnAmount: null, TurnSide: { } side, Facing: null, Foot: { } foot, Lead: { } lead, Footwork: "turn" or "step" or "step-back", SentenceEnded: true } || foot != side || lead != foot || now.Lead != foot || now.Heading.Degrees % 90 != 0 || draft is not { Footwork: "step-back" } and not { Way: Way.Back } && !_lexemes.Any(l => l is { Kind: "footwork", Plain: "moving" } && Follows(_lexemes.IndexOf(l), "by"))) return;
        draft.TurnAmount = 180;
        Assume(draft, "turn", "Read as half a turn, as the foot in front moves.", "90 degrees");
    }

    /// <summary>"The right foot swings back and around, right front stance" while it leads: about face over its side (common practice in forms).</summary>
    private void SwingsRoundWithTheLeadingFoot(Draft draft, Posture now)
    {
        if (draft is not { Foot: { } foot, HasTurn: false, Facing: null, Kick: null, Stance: not null, Footwork: null or "step" or "step-back" or "slide" or "turn" } || now.Lead != foot || (draft.Lead ?? foot) != foot || now.Heading.Degrees % 90 != 0) return;
        var from = _fields.FindIndex(f => f.Move == draft.Id && f.Field is "foot" or "footwork");
        if (from < 0 || _lexemes.FindIndex(l => l.Start >= _fields[from].Start) is var at && at < 0 || !_lexemes.Skip(at).TakeWhile(l => !l.IsStop).ToList().Exists(l => l.Plain is "around" or "round") || !_lexemes.Skip(at).TakeWhile(l => !l.IsStop).Any(l => l.Plain.Split(' ')[0] is "swings" or "swing" or "comes" or "goes" or "sweeps" or "swinging" or "moves" or "bring" or "take")) return;
        (draft.TurnAmount, draft.TurnSide, draft.Footwork, draft.Way) = (180, foot, "turn", null);
        Assume(draft, "foot", $"Read as half a turn, as the {foot.Word} foot in front comes round.", "");
    }

    /// <summary>"Mawatte, left low block": the block of the turn is over the foot that then leads. Common practice.</summary>
    private void BlocksOverTheLead(Draft draft, Posture now)
    {
        if (draft is not { IsMawatte: true, HasTurn: false, Facing: null, Way: null, Stance: null, Lead: null, Foot: null, Hands: [{ Technique.Value: "low-block" or "rising-block" or "knife-hand-block", Hand: { } hand }] } || hand.OnSide is not { } lead || now.Lead == lead.Other && _ways.Stances.Of(now.Stance).Feet != FeetKind.Lead) return;
        (draft.Stance, draft.Lead) = (now.Stance, lead);
        Assume(draft, "technique", $"Read with the {lead.Word} foot leading.", "");
    }

    /// <summary>"Turn one-eighty, low block right", while the left foot leads and nobody says which foot goes: the block is over the foot that then leads. Common practice.</summary>
    private void TurnsOverTheBlock(Draft draft, Posture now)
    {
        if (draft is not ({ TurnAmount: 180 } or { TurnAmount: null, Footwork: "turn" }) || draft is not { TurnSide: null, Facing: null, Way: null, Lead: null, Foot: null, Kick: null, Hands: [{ Technique: { } block, Hand: { } hand }] } || (draft.Stance ?? now.Stance) != now.Stance) return;
        // What was done before with the other hand, over that foot, is done on the other side.
        var mirrors = _said is [.., { Kick: null, Hands: [{ Hand: { } other } before] }] && before.Technique == block && other == hand.Other && other.OnSide == now.Lead && _ways.Vocabulary.Find(block)?.Family == "receiving";
        var low = block.Value == "low-block" || block.Value == "block" && draft.Hands[0].Level == Level.Low;
        if (!low && !mirrors || low && draft.Stance is not null || hand.OnSide is not { } lead || now.Lead != lead.Other || _ways.Stances.Of(now.Stance).Feet != FeetKind.Lead) return;
        (draft.Stance, draft.Lead, draft.TurnSide, draft.TurnAmount) = (now.Stance, lead, lead, 180);
        Assume(draft, "technique", $"Read with the {lead.Word} foot leading.", $"{lead.Other.Word} {_ways.Vocabulary.Name(now.Stance, _ways.Tradition)}, {_ways.Vocabulary.Name(draft.Hands[0].Technique, _ways.Tradition)}");
    }

    /// <summary>"Turn around, low block" where each turn about before it brought the other foot to the front, as in basics that go up and down the hall: so does this one.</summary>
    private void TurnsAboutAsBefore(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "turn", TurnAmount: null or 180, TurnSide: null, Facing: null, Way: null, Stance: null, Lead: null, Foot: null, Kick: null, Hands: [{ Hand: null }] } || now.Lead is not { } lead || _ways.Vocabulary.Find(draft.Hands[0].Technique)?.Family != "receiving") return;
        var (walk, moves) = (WalkSoFar(), SoFar().Moves);
        var abouts = Enumerable.Range(1, Math.Max(0, moves.Count - 1)).Where(k => moves[k].Turn is { Amount: 180 } && walk.Postures[k - 1].Lead is not null && walk.Postures[k].Lead is not null).ToList();
        if (abouts.Count == 0 || !abouts.All(k => walk.Postures[k].Lead != walk.Postures[k - 1].Lead)) return;
        (draft.Stance, draft.Lead, draft.TurnSide, draft.TurnAmount) = (now.Stance, lead.Other, lead.Other, 180);
        Assume(draft, "footwork", $"Read with the {lead.Other.Word} foot leading after it, as after the turn before.", $"turn 180 degrees {lead.Word}");
    }

    /// <summary>
    /// "Step left, low block. Step right, punch. Pivot right, low block": on the other arm of the line what was done first on this one is done
    /// over the foot in front, so that one comes round; on both feet the other would come to lead. Common practice.
    /// </summary>
    private void PivotsWithTheFootInFront(Draft draft, Posture now)
    {
        if (draft is not { Footwork: "pivot", Foot: null, Way: null, Lead: null, Stance: null, Kick: null, Hands: [{ } block] } || now.Lead is not { } lead || _ways.Vocabulary.Find(block.Technique)?.Family != "receiving") return;
        if (draft is not ({ TurnAmount: null or 180, Facing: null } or { Facing: not null }) || draft.Facing is { } faced && (faced - now.Heading).Amount != 180 || draft.TurnSide is { } over && over != lead || block.Hand is { } hand && hand != lead.Hand) return;
        if (FirstHere(now, out var before) is var first && first >= SoFar().Moves.Count || SoFar().Moves[first] is not { Hands: [{ } came] } || came.Technique != block.Technique || WalkSoFar().Postures[first].Lead != lead.Other || before.Heading + Turn.To(lead.Other, 90) != now.Heading) return;
        if (_fields.Any(f => f.Move == draft.Id && f.Field == "footwork" && _text.AsSpan(f.Start, f.Length).Contains("both", StringComparison.OrdinalIgnoreCase))) return; // "pivot on both feet"
        (draft.Footwork, draft.TurnSide) = ("turn", lead);
        if (draft.Facing is null) draft.TurnAmount = 180;
        Assume(draft, "footwork", $"Read with the {lead.Word} foot coming round, as on the other arm of the line.", "pivot on both feet");
    }

    /// <summary>"The left foot goes around behind you and you end up facing right" while the other one leads: it comes round over its own side, three quarters, and leads. Common practice.</summary>
    private void SwingsRoundBehindWithTheRearFoot(Draft draft, Posture now)
    {
        if (draft is not ({ Footwork: "step-back" } or { Footwork: "step" or null, Way: Way.Back }) || draft is not { Foot: { } foot, HasTurn: false, Facing: { } facing, Stance: null or { Value: "front-stance" or "walking-stance" or "back-stance" or "l-stance" or "cat-stance" or "bow-stance" }, Kick: null } || now.Lead != foot.Other || (draft.Lead ?? foot) != foot || facing != now.Heading + Turn.To(foot.Other, 90) || draft.Hands is [{ Hand: { } hand }, ..] && hand.OnSide == foot.Other) return;
        var from = _fields.FindIndex(f => f.Move == draft.Id && f.Field is "foot" or "footwork");
        if (from < 0 || !_lexemes.SkipWhile(l => l.Start < _fields[from].Start).TakeWhile(l => !l.IsStop).Any(l => l.Plain is "around" or "round" || l.Plain.Split(' ')[0] is "swings" or "swing" or "swinging" or "swung")) return;
        draft.Way = null;
        (draft.Footwork, draft.TurnSide, draft.Lead, draft.Stance) = ("turn", foot, foot, draft.Stance ?? now.Stance);
        Assume(draft, "foot", $"Read as the {foot.Word} foot coming round, over its own side.", "");
    }
}
