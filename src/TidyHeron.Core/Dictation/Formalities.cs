using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

internal enum Formality { None, Opening, Other }

/// <summary>Tells the openings and closings of a form, which take no count, from its moves.</summary>
internal static class Formalities
{
    public static Formality Of(Draft draft, Move move, bool nothingCountedYet, StanceSet stances)
    {
        if (nothingCountedYet && !draft.IsNumbered && draft.SalutesNext) return Formality.Opening; // "right fist to the left palm, salute"
        if (draft.Footwork is "bow" or "announce" or "return") return Formality.Other;
        if (draft.IsOpening && nothingCountedYet) return Formality.Opening;
        var stands = move.Stance is { } stance && (StanceSet.IsStanding(stance.Kind) || stances.Of(stance.Kind).Feet == FeetKind.Even && draft.IsOpening);
        // So is what the hands hold before anything is done: "stand, left fist at the waist".
        if (nothingCountedYet && move is { Stance: null, Footwork: null, Kick: null, Turn: null, Facing: null, Shout: false, Hands.Count: > 0 } && move.Hands.All(AtRest) && draft.Stands) return Formality.Opening;
        // "Everybody stands facing me, hands down.": nothing is done with them.
        if (nothingCountedYet && !draft.BeginsSentence && move is { Stance: null, Footwork: null, Kick: null, Turn: null, Facing: null or { Degrees: 0 }, Shout: false, Hands: [{ Technique.Value: "hands-at-sides" }] }) return Formality.Opening;
        // "Salute, then the hands go back to the waist.", "kamae.", "from your bow, feet come together, hands to the hips.": one gets ready.
        var getsReady = move.Footwork is { } feet
            ? feet is { Kind.Value: "pull-together", Foot: null } && move.Hands.All(AtRest)
            : draft.SentenceEnded && move is { Stance: null, Hands.Count: > 0 } && move.Hands.All(GetsReady);
        if (nothingCountedYet && !draft.IsNumbered && getsReady && move is { Kick: null, Turn: null, Facing: null, Shout: false }) return Formality.Opening;
        // Standing ready before the first count, with the hands at rest, is the opening position.
        return nothingCountedYet && stands && move.Kick is null && move.Hands.All(AtRest) ? Formality.Opening : Formality.None;
    }

    /// <summary>The last thing said, coming to stand ready with the hands at rest, is the closing.</summary>
    public static bool Closes(Move move) =>
        move.Stance is { } stance && stance.Kind.Value is "ready-stance" or "attention-stance" && move.Kick is null && !move.Shout && move.Hands.All(AtRest);

    /// <summary>Position of the first move of the closing that ends a form; its length where there is none.</summary>
    public static int ClosingStart(Form form)
    {
        var at = form.Moves.Count;
        while (at > 0 && form.Moves[at - 1].Counting == Counting.Uncounted) at--;
        return at == 0 ? form.Moves.Count : at; // what opens a form does not close it
    }

    private static bool GetsReady(HandAction action) =>
        action is { Technique.Value: "guard" or "fists-ready", Level: null, Hand: null or Hand.Both } or { Technique.Value: "chamber" or "staff-guard" or "regrip" or "sword-guard", Level: null };

    private static bool AtRest(HandAction action) => AtRest(action.Technique);

    /// <summary>Whether hands held so are only waiting.</summary>
    public static bool AtRest(TermId technique) => technique.Value is "fists-ready" or "hands-at-sides" or "guard" or "covered-fist" or "arms-crossed" or "keep-hands" or "regrip"
        or "chamber" or "heaven-hand" or "prayer-hands" or "staff-guard" or "sword-guard" or "sword-flick" or "sword-sheathe" or "sword-low-guard" or "sword-high-guard";
}
