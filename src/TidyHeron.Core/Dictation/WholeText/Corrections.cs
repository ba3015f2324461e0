using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>"Left, no, right hand": what was said first and taken back no longer counts.</summary>
internal static class Corrections
{
    public static void Apply(List<Lexeme> lexemes)
    {
        for (var i = 0; i < lexemes.Count; i++)
        {
            // "The uh, right foot": its comma parts nothing.
            if (lexemes[i].Plain is "uh" or "um" or "er" or "erm" && i > 0 && !lexemes[i - 1].IsStop && i + 1 < lexemes.Count && lexemes[i + 1].Is("stop", ",")) lexemes[i + 1] = lexemes[i + 1] with { Kind = "filler", Plain = "" };
            // "To three thirty, hmm, to three": thought again.
            if (lexemes[i].Plain is "hmm" or "hm" or "um" or "er" or "uh" or "erm" && Neighbour(i, 1) is var again and >= 0 && Neighbour(i, -1) is var first and >= 0 && (lexemes[first].Kind is "clock" or "degrees" or "side" && lexemes[again].Kind == lexemes[first].Kind && (!lexemes[first].Is("side") || lexemes[first].Value != lexemes[again].Value) || lexemes[first].Is("gaze") && lexemes[again].Is("side") && lexemes[first].Value == lexemes[again].Side.Other.Word)) lexemes[i] = lexemes[i] with { Kind = "correction", Value = "no" };
            // "To face south… wait, to face east": no pause.
            if (lexemes[i] is { Kind: "tempo", Plain: "wait" } && i > 0 && lexemes[i - 1].IsStop && Neighbour(i, 1) is var anew and >= 0 && lexemes[anew].Is("facing") && anew + 1 < lexemes.Count && FacedBefore(i, lexemes[anew + 1].Kind) >= 0) lexemes[i] = lexemes[i] with { Kind = "correction" };
            if (!lexemes[i].Is("correction")) continue;
            if (i + 2 < lexemes.Count && lexemes[i + 1].IsStop && lexemes[i + 2] is { Kind: "tempo", Plain: "wait" }) lexemes[i + 2] = lexemes[i + 2] with { Kind = "filler" };
            if (TellsAnotherDirection(i)) continue;
            // "Left back stance, knife hand. I mean it's cat stance.": what was wrong in the sentence before.
            if (StartsSentence(i) && Rest(i) is [{ Kind: "stance" } meant] && lexemes.FindLastIndex(i, l => l.Kind == meant.Kind && l.Value != meant.Value && l != meant) is var wrong and >= 0 && lexemes.Skip(wrong).Take(i - wrong).Count(l => l.EndsSentence) <= 1)
            {
                lexemes[wrong] = lexemes[wrong] with { Value = meant.Value, Term = meant.Term };
                for (var c = i; c < lexemes.Count && !lexemes[c].EndsSentence; c++) if (!lexemes[c].IsStop) lexemes[c] = lexemes[c] with { Kind = "filler", Term = null };
                continue;
            }
            // "Right inside block in place. No wait, left inside block, the other hand.": the side in the sentence before.
            if (StartsSentence(i) && Rest(i) is [{ Kind: "side" } rightly, { Kind: "technique" } same, ..] && lexemes.FindLastIndex(i, l => l.EndsSentence) is var ended and > 0
                && lexemes.FindLastIndex(ended - 1, l => l.EndsSentence) is var began && lexemes.FindIndex(began + 1, l => l.Is("technique", same.Value)) is var taken && taken > began + 1 && taken < ended && lexemes[taken - 1] is { Kind: "side" } wrongly && wrongly.Value != rightly.Value
                && Rest(i).Skip(2).All(l => l.Kind is "relHand" or "handNoun" or "side"))
            {
                lexemes[taken - 1] = wrongly with { Value = rightly.Value };
                for (var c = i; c < lexemes.Count && !lexemes[c].EndsSentence; c++) if (!lexemes[c].IsStop) lexemes[c] = lexemes[c] with { Kind = "filler", Term = null };
                continue;
            }
            // "Right back stance, no sorry, it's a left back stance": only what was wrong.
            if (Said(i) is { } whole && SaidBefore(i, whole) is var told and >= 0)
            {
                for (var c = told; c <= i; c++) lexemes[c] = lexemes[c] with { Kind = "filler" };
                continue;
            }
            if (lexemes[i].Value == "restart" && !IsOnlyAPlace(i) && !IsOnlyTheOtherSide(i) || GoesOnWithIts(i + 1) || i + 1 < lexemes.Count && lexemes[i + 1].Is("stop", ",") && GoesOnWithIts(i + 2))
            {
                // "Step forward, reverse left inside … hang on, that's step into …": said anew from the start of the sentence.
                for (var k = i; k >= 0 && !lexemes[k].EndsSentence && !lexemes[k].Is("stop", ":") && !CallsACount(k); k--) lexemes[k] = lexemes[k] with { Kind = "filler" };
                continue;
            }
            var right = Neighbour(i, 1);
            if (right < 0)
            {
                lexemes[i] = lexemes[i] with { Kind = "filler" };
                continue;
            }
            // "Hammer fist, horse stance? No, stay in cat stance": only the stance.
            if (lexemes[right] is { Kind: "footwork", Value: "stay" } && Neighbour(right, 1) is var stays and >= 0 && lexemes[stays].Is("stance") && Neighbour(i, -1) is var doubted and >= 0 && lexemes[doubted].Is("stance"))
            {
                for (var c = doubted; c <= i; c++) lexemes[c] = lexemes[c] with { Kind = "filler", Plain = "", Term = null };
                continue;
            }
            // "Slide your feet together... no, sorry, stay there, and block": all of it is taken back.
            if (lexemes[right] is { Kind: "footwork", Value: "stay" } && lexemes.Take(i).Reverse().TakeWhile(l => !l.EndsSentence).Any(l => l.Is("footwork")) && !lexemes.Take(i).Reverse().TakeWhile(l => !l.EndsSentence).Any(l => l.Is("technique")))
            {
                for (var k = i; k >= 0 && !lexemes[k].EndsSentence && !lexemes[k].Is("stop", ":") && !CallsACount(k); k--) lexemes[k] = lexemes[k] with { Kind = "filler", Term = null };
                continue;
            }
            // "Turn left to face nine, no, turn to face six": likewise.
            if (lexemes[right] is { Kind: "footwork", Value: "turn" } && right + 2 < lexemes.Count && lexemes[right + 1].Is("facing") && lexemes[right + 2].Kind is "place" or "clock" && FacedBefore(i, lexemes[right + 2].Kind) is var facedFirst and >= 0)
            {
                (lexemes[facedFirst], lexemes[right + 2]) = (lexemes[right + 2], lexemes[facedFirst]);
                for (var c = i; c <= right + 2; c++) lexemes[c] = lexemes[c] with { Kind = "filler" };
                continue;
            }
            if (lexemes[right].Is("facing") && right + 1 < lexemes.Count && lexemes[right + 1].Kind is "place" or "clock" && FacedBefore(i, lexemes[right + 1].Kind) is var faced and >= 0)
            {
                // "Facing the left wall, double punch, sorry, facing the right wall": where it stood before.
                (lexemes[faced], lexemes[right + 1]) = (lexemes[right + 1], lexemes[faced]);
                for (var c = i; c <= right + 1; c++) lexemes[c] = lexemes[c] with { Kind = "filler" };
                continue;
            }
            if (lexemes[right].Is("side") && Neighbour(i, -1) is var wrongSide and >= 0 && lexemes[wrongSide].Is("side") && lexemes.GetRange(wrongSide + 1, i - wrongSide - 1).All(l => l.IsStop || l.Plain is "the" or "okay" or "ok" or "oh" or "well")
                && !(SameLimb(i, right) >= 0 && lexemes.Take(wrongSide).Reverse().SkipWhile(l => l.Plain is "the" or "my" or "your").FirstOrDefault() is { } leads && leads.Plain.Split(' ')[^1] == "to"))
            {
                // "With the left, sorry, right hand": only the side, whatever else of that hand was said before.
                // What is taken back goes where it parts nothing: to the beginning of the sentence.
                var takenBack = lexemes.GetRange(wrongSide, right - wrongSide).ConvertAll(l => l with { Kind = "filler", Plain = "", Term = null });
                lexemes.RemoveRange(wrongSide, right - wrongSide);
                // "Knee with the left… sorry, the right knee": that one knee.
                if (wrongSide > 0 && wrongSide + 1 < lexemes.Count && lexemes[wrongSide].Is("side") && lexemes[wrongSide + 1].Is("technique") && lexemes.FindLastIndex(wrongSide - 1, l => !l.Is("filler")) is >= 0 and var named && lexemes[named].Is("technique", lexemes[wrongSide + 1].Value)) lexemes[wrongSide + 1] = lexemes[wrongSide + 1] with { Kind = "filler", Term = null };
                lexemes.InsertRange(wrongSide == 0 ? 0 : lexemes.FindLastIndex(wrongSide - 1, l => l.EndsSentence || l.Is("stop", ":")) + 1, takenBack);
                continue;
            }
            if (lexemes[right].Is("side") && Neighbour(i, -1) is var aside and >= 0 && lexemes[aside] is { Kind: "way" or "gaze" } said && said.Plain.EndsWith(lexemes[right].Side.Other.Word, StringComparison.Ordinal))
            {
                // "Diagonally to the right, I mean left".
                var side = lexemes[right].Side;
                lexemes[aside] = said with { Value = Swapped(said.Value), Plain = Swapped(said.Plain) };
                string Swapped(string words) => words.Replace(side.Other.Word, side.Word, StringComparison.Ordinal).Replace(Capital(side.Other.Word), Capital(side.Word), StringComparison.Ordinal);
                for (var c = aside + 1; c <= right; c++) lexemes[c] = lexemes[c] with { Kind = "filler", Plain = "", Term = null };
                continue;
            }
            if (SameLimb(i, right) is var limb and >= 0)
            {
                // "Left foot slides to close, no wait, left foot steps forward": said anew from the same limb on.
                for (var c = limb; c < right; c++) lexemes[c] = lexemes[c] with { Kind = "filler" };
                continue;
            }
            // Look back past a few words for the last thing of the same kind; that is the one that was wrong.
            for (int k = i - 1, seen = 0; k >= 0 && seen < 6 && !lexemes[k].EndsSentence; k--)
            {
                if (lexemes[k].IsStop || lexemes[k].Is("filler")) continue;
                // "Bandae … no, baro jirugi": a word that nobody understood is what is taken back.
                if (seen == 0 && lexemes[k].Is("unread") && lexemes[right].Kind is "technique" or "stance") break;
                seen++;
                if (!Alike(lexemes[k], lexemes[right])) continue;
                var number = lexemes[k].Is("number");
                lexemes[k] = lexemes[k] with { Kind = "filler" };
                // "Step left with the left foot, no, make that a slide": the rest of it stands.
                if (lexemes[right].Is("footwork") && lexemes[k + 1].Kind is "side" or "way" && (right + 1 >= lexemes.Count || lexemes[right + 1].IsStop)) (lexemes[k], lexemes[right]) = (lexemes[right], lexemes[k]);
                // "Left hand, no, right hand": the noun that went with it goes too.
                if (k + 1 < i && lexemes[k + 1].Kind is "handNoun" or "footNoun" && right + 1 < lexemes.Count && lexemes[right + 1].Kind == lexemes[k + 1].Kind)
                {
                    lexemes[k + 1] = lexemes[k + 1] with { Kind = "filler" };
                    // "Left hand hook punch… sorry, right hand hook punch".
                    // "Right hand pulls… sorry, the left arm does the block".
                    if (k + 2 < i && right + 2 < lexemes.Count && lexemes[k + 2].Is("technique") && Neighbour(right + 1, 1) is var does and >= 0 && lexemes[does].Is("technique")) lexemes[k + 2] = lexemes[k + 2] with { Kind = "filler", Term = null };
                }
                // "Low punch, I mean high punch": and so does the thing that is said once more.
                else if (k + 1 < i && (lexemes[k + 1].Kind is "technique" or "stance" || lexemes[k + 1].Plain is "bow") && right + 1 < lexemes.Count && lexemes[right + 1].Kind == lexemes[k + 1].Kind)
                    lexemes[k + 1] = lexemes[k + 1] with { Kind = "filler" };
                // "Three punches, no, three rising blocks".
                else if (number && k + 1 < i && lexemes[k + 1].Is("technique") && right + 1 < lexemes.Count && lexemes[right + 1].Is("technique"))
                    lexemes[k + 1] = lexemes[k + 1] with { Kind = "filler" };
                // The commas around a correction do not part a clause.
                for (var c = k + 1; c < right; c++)
                    if (lexemes[c].Is("stop", ",")) lexemes[c] = lexemes[c] with { Kind = "filler" };
                break;
            }
            lexemes[i] = lexemes[i] with { Kind = "filler" };
        }

        // "Facing nine… wait, it's the right side, so facing three", "horse stance facing nine. Sorry, three o'clock.": only the direction was wrong.
        bool TellsAnotherDirection(int i)
        {
            var end = i;
            for (var k = i + 1; k < lexemes.Count && lexemes[k].Kind is "filler" or "side" or "clock" or "place" or "facing" or "correction" or "stop"; k++)
            {
                if (lexemes[k].IsStop) end = k;
                if (lexemes[k].EndsSentence) break;
                if (k == lexemes.Count - 1) end = lexemes.Count;
            }
            if (end == i || lexemes.GetRange(i, end - i).FindLast(l => l.Kind is "clock" or "place") is not { } meant) return false;
            var wrong = -1;
            var ended = StartsSentence(i) ? 2 : 1; // sentences to look back through
            for (var k = i - 1; k >= 0 && wrong < 0; k--)
            {
                if (lexemes[k].EndsSentence && --ended == 0) break;
                if (lexemes[k].Kind is "clock" or "place") wrong = k;
            }
            if (wrong < 0 || lexemes[wrong].Value == meant.Value) return false;
            // Nothing but where one faces stood after it.
            if (lexemes.GetRange(wrong + 1, i - wrong - 1).Any(l => !l.IsStop && !l.Is("filler"))) return false;
            lexemes[wrong] = lexemes[wrong] with { Kind = meant.Kind, Value = meant.Value, Plain = meant.Plain };
            for (var k = i; k < end; k++) lexemes[k] = lexemes[k] with { Kind = "filler", Value = "filler", Plain = "", Term = null };
            return true;
        }

        bool StartsSentence(int i)
        {
            for (var k = i - 1; k >= 0 && !lexemes[k].EndsSentence; k--)
                if (!lexemes[k].Is("filler") && !lexemes[k].IsStop) return false;
            return i > 0;
        }

        List<Lexeme> Rest(int i) => [.. lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Where(l => !l.IsStop && !l.Is("filler"))];

        // The stance or technique that "it's a …" names right after a correction.
        Lexeme? Said(int i)
        {
            var k = i + 1;
            while (k < lexemes.Count && lexemes[k].Is("stop", ",")) k++;
            if (GoesOnWithIts(k)) k++;
            else if (!lexemes[i].Plain.EndsWith(" its", StringComparison.Ordinal)) return null;
            while (k < lexemes.Count && lexemes[k].Kind is "filler" or "side" or "level") k++;
            return k < lexemes.Count && lexemes[k].Kind is "stance" or "technique" ? lexemes[k] : null;
        }

        // Where the like of it begins that was said right before, its side and height with it.
        int SaidBefore(int i, Lexeme said)
        {
            var k = i - 1;
            while (k >= 0 && (lexemes[k].Is("filler") || lexemes[k].Is("stop", ","))) k--;
            // "Step forward right, right… no wait, it's the left that punches": the side alone.
            if (k > 0 && lexemes[k].Is("side") && said.Is("technique") && lexemes.Skip(i).TakeWhile(l => l != said).Any(l => l.Is("side"))) return k;
            if (k < 0 || !lexemes[k].Is(said.Kind)) return -1;
            while (k > 0 && lexemes[k - 1].Kind is "side" or "level") k--;
            return k;
        }

        // "You're on the left-hand wall, hang on, the right-hand wall": only that is said anew.
        bool IsOnlyAPlace(int i) => Rest(i) is [{ Kind: "side" }, ..] anew && anew.All(l => l.Kind is "side" or "handNoun" or "correction") && lexemes.Skip(i + 1).TakeWhile(l => !l.EndsSentence).Any(l => l.Plain == "wall");

        // "With my right, hang on, left arm": nothing but the side was wrong.
        bool IsOnlyTheOtherSide(int i) => Neighbour(i, 1) is var rather and >= 0 && Neighbour(i, -1) is var wrong and >= 0 && lexemes[rather].Is("side") && lexemes[wrong].Is("side") && lexemes[rather].Value != lexemes[wrong].Value;

        bool GoesOnWithIts(int i) => i < lexemes.Count && lexemes[i].Plain.Split(' ')[0] is "thats" or "its" || i < lexemes.Count && lexemes[i].Plain is "that is" or "it is";

        int SameLimb(int i, int right)
        {
            if (!lexemes[right].Is("side") || right + 1 >= lexemes.Count || lexemes[right + 1].Kind is not ("footNoun" or "handNoun")) return -1;
            for (var k = i - 2; k >= 0 && !lexemes[k].EndsSentence && !lexemes[k].Is("stop", ":"); k--)
                if (lexemes[k].Is("side", lexemes[right].Value) && lexemes[k + 1].Is(lexemes[right + 1].Kind)) return k;
            return -1;
        }

        // "Dul, step and turn… sorry, stay": the number that the sentence began with stays said.
        bool CallsACount(int k) => lexemes[k].Is("stop", ",") && k > 0 && (lexemes[k - 1].Kind is "number" or "countWord" or "ordinal") && lexemes.FindLastIndex(k - 1, l => l.EndsSentence) is var ended && lexemes.GetRange(ended + 1, k - ended - 2).All(l => l.Kind is "filler" or "countNoun" or "then" || l.Is("footwork") && l.Plain is "step" or "move");

        int FacedBefore(int i, string kind)
        {
            for (var k = i - 1; k > 0 && !lexemes[k].EndsSentence; k--)
                if (lexemes[k].Is(kind) && lexemes[k - 1].Is("facing")) return k;
            return -1;
        }

        int Neighbour(int i, int step)
        {
            for (var k = i + step; k >= 0 && k < lexemes.Count && !lexemes[k].EndsSentence; k += step)
                if (!lexemes[k].IsStop && lexemes[k].Kind is not ("filler" or "correction" or "detail")) return k;
            return -1;
        }
    }

    private static string Capital(string word) => char.ToUpperInvariant(word[0]) + word[1..];

    private static bool Alike(Lexeme a, Lexeme b) =>
        b.Is("handNoun", "both") && a.Is("side") || a.Kind == b.Kind && (a.Kind != "technique" || a.IsKick == b.IsKick);
}
