using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>
/// Words that mean something else where they stand, retold before any is taken in: each rule looks at one lexeme and its
/// neighbours, with the example it is for.
/// </summary>
public sealed partial class Reader
{
    private void RetellLexemes()
    {
        for (var i = 0; i < _lexemes.Count; i++)
        {
            RetellWeapons(i);
            RetellStances(i);
            RetellFeet(i);
            RetellLegs(i);
            RetellLowPostures(i);
            RetellHands(i);
            RetellPlaces(i);
            RetellNames(i);
        }
    }

    private void BecomesTerm(int i, string kind, string value) => _lexemes[i] = _lexemes[i] with { Kind = kind, Value = value, Term = TermOf(value) };

    private void BecomesSmall(int i) => _lexemes[i] = _lexemes[i] with { Kind = "filler", Term = null };

    /// <summary>Words that name a weapon here and a hand or a movement there.</summary>
    private void RetellWeapons(int i)
    {
        // "Holding the stick in your right hand": how it is carried.
        if (_lexemes[i] is { Kind: "technique", Value: "grab", Plain: "holding" or "hold" } && i + 1 < _lexemes.Count && EndOfClause(i) is var carries && carries > i && _lexemes.GetRange(i + 1, carries - i).All(l => l.Kind is "weapon" or "side" or "handNoun" or "filler" or "way" or "place") && _lexemes.GetRange(i + 1, carries - i).Any(l => l.Is("weapon")))
        {
            _weapons.UnionWith(_lexemes.GetRange(i + 1, carries - i).Where(l => l.Is("weapon")).Select(l => l.Value));
            AsNote(i, carries);
        }
        // "Release the right hand, regrip": of the staff, not out of a grip.
        if (_lexemes[i] is { Kind: "technique", Value: "wrist-release", Plain: "release" } && (_lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
            BecomesTerm(i, "technique", "regrip");
        // "The right hand spears upward": the hand does it, no spear.
        if (_lexemes[i] is { Kind: "weapon", Plain: "spears" or "spearing" or "spear" } && Previous(i) is { Kind: "handNoun" or "relHand" } or { Plain: "palm" or "palms" or "fingers" })
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "spear-hand");
        }
        // "Left hand low spear": no weapon either.
        if (_lexemes[i] is { Kind: "weapon", Plain: "spear" } && _lexemes.Take(i).Reverse().TakeWhile(l => !l.IsStop).Any(l => l.Is("handNoun")) && !_lexemes.Any(l => l.Kind == "weapon" && l != _lexemes[i]))
            BecomesTerm(i, "technique", "spear-hand");
        // "Left hand front": on the weapon, it leads the grip.
        if (_lexemes[i] is { Kind: "place", Plain: "front" or "forward" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("handNoun") && _lexemes[i - 2] is { Kind: "side" } gripping && SpeaksOf("staff"))
        {
            var (from, to) = (gripping.Start, _lexemes[i].Start + _lexemes[i].Length);
            _lexemes[i - 2] = new Lexeme("gripLead", gripping.Value, from, to - from, "");
            for (var k = i - 1; k <= i; k++) _lexemes[k] = new Lexeme("filler", "filler", to, 0, "");
        }
        // "Rear end comes up to the groin": that end of the staff strikes.
        if (_lexemes[i].Plain is "end" or "butt" or "tip" or "butt end" or "the butt end" or "tail end" or "the tail end" && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "comes" or "goes" or "swings" or "comes up" && _lexemes[i + 2].Plain.Split(' ')[0] is "up" or "to" && (SpeaksOf("staff") || _lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
        {
            BecomesTerm(i + 1, "technique", "staff-rising-strike");
            BecomesSmall(i + 2);
            if (i > 0 && _lexemes[i - 1].Plain is "rear" or "back" or "other" or "lower") BecomesSmall(i - 1);
        }
        // "Swing the butt end up": so it does where it is swung.
        if (_lexemes[i].Plain is "the butt end" or "the tail end" or "butt end" or "tail end" && i > 0 && _lexemes[i - 1].Plain is "swing" or "swings" or "bring" or "brings" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "up" && !ClauseOf(i).Any(l => l.Is("technique")) && (SpeaksOf("staff") || _lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
        {
            BecomesTerm(i, "technique", "staff-rising-strike");
            BecomesSmall(i - 1);
        }
        // "Step back and bring the jo up in front": held ready, where nothing else is done with it in that sentence.
        if (_lexemes[i].Is("weapon", "staff") && Previous(i) is { Plain: "bring" or "brings" or "raise" } brought && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "up" or "level" or "in front" or "across" && !Clauses(i).Any(l => l.Kind is "technique" or "stance") && Clauses(i).Any(l => l.Is("footNoun")))
        {
            BecomesSmall(_lexemes.IndexOf(brought));
            BecomesTerm(i, "technique", "staff-guard");
            if (_lexemes[i + 1].Is("way")) BecomesSmall(i + 1);
        }
        // "Lower the jo", "swing the jo around the head and strike": how it comes there.
        if (_lexemes[i] is { Plain: "lower" or "lowers", Kind: "level" } && Next(i) is { Kind: "weapon" } || _lexemes[i] is { Plain: "swing" or "swings" or "bring" or "brings", Kind: "unread" } && Next(i) is { Kind: "weapon" } && ClauseOf(i).Any(l => l.IsHandTechnique)) AsNote(i, IndexAfter(i));
        // "Change the sabre to the left hand": who holds it.
        if (_lexemes[i].Plain is "change" or "changes" && i + 2 < _lexemes.Count && Next(i) is { Kind: "weapon" } && _lexemes[EndOfClause(i)] is { Kind: "handNoun" }) AsNote(i, EndOfClause(i));
        // "Roll the bo": the weapon rolls, nobody else.
        if (_lexemes[i] is { Kind: "footwork", Value: "roll" or "spin" } && Next(i) is { Kind: "weapon" }) AsNote(i, IndexAfter(i));
        // "One handed swing across": with the staff it strikes.
        if (_lexemes[i] is { Plain: "swing" or "swings", Kind: "unread" or "filler" } && !_lexemes.Skip(i + 1).TakeWhile(l => !l.IsStop && l.Plain != "and").Any(l => l.Kind is "technique" or "footNoun" or "footwork") && WeaponInPlay() is { } swung && (i + 1 < _lexemes.Count && (_lexemes[i + 1].Plain is "across" or "sideways" or "around" or "to" || WeaponInPlay() == "flail") || ClauseOf(i).Any(l => l.Is("weapon"))))
            BecomesTerm(i, "technique", swung switch { "staff" => "staff-horizontal-strike", "sword" => "sword-horizontal-cut", "flail" => "flail-strike", _ => "truncheon-strike" });
        // "Cut horizontally": which cut.
        if (_lexemes[i] is { Kind: "technique", Value: "sword-downward-cut", Plain: "cut" or "cuts" or "cutting" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "horizontally" or "across" or "sideways")
        {
            BecomesTerm(i, "technique", "sword-horizontal-cut");
            BecomesSmall(i + 1);
        }
        // "Bring the back end up": of the staff, no foot and no place in the hall.
        if (_lexemes[i].Plain is "end" or "butt" or "tail end" or "butt end" && i > 1 && _lexemes[i - 1].Plain is "the back" or "back" or "the rear" or "rear" or "other" or "lower" && Previous(i - 1) is { Plain: "bring" or "brings" or "raise" or "lift" or "swing" } verb && (SpeaksOf("staff") || _lexemes.Any(l => l.Is("weapon", "staff")) || CarriedBefore() == "staff"))
        {
            var told = RestOfSentence(i).Any(l => l.IsHandTechnique);
            if (told) BecomesSmall(i);
            else BecomesTerm(i, "technique", "staff-rising-strike");
            BecomesSmall(i - 1);
            BecomesSmall(_lexemes.IndexOf(verb));
        }
        // "Strike shomen": the second word says which.
        if (_lexemes[i] is { Kind: "technique", Plain: "strike" or "strikes" or "cut" or "cuts" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "shomen" or "yokomen" or "men" or "kote" or "do" })
            BecomesSmall(i);
        // "The left palm cuts along the leg": its edge does, no blade.
        if (_lexemes[i] is { Kind: "technique", Plain: "cut" or "cuts" } && Previous(i) is { Kind: "handNoun" } or { Plain: "palm" or "palms" } && !_lexemes.Any(l => l.Is("weapon")) && _form.Weapon is null)
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "knife-hand-strike");
        }
        // "Let's go": nobody lets go of anything.
        if (_lexemes[i] is { Kind: "technique", Plain: "lets go" } && _text.AsSpan(_lexemes[i].Start, _lexemes[i].Length).IndexOfAny('\'', '’') >= 0)
            BecomesSmall(i);
        // A name that ends like a word of movement.
        if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i > 0 && _lexemes[i - 1].Is("unread")) _lexemes[i] = _lexemes[i] with { Kind = "unread", Term = null };
        // "Gun form": one word for a roll and for the staff.
        if (_lexemes[i] is { Kind: "footwork", Plain: "gun" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "form" or "shu" or "fa" or "set")
            _lexemes[i] = _lexemes[i] with { Kind = "weapon", Value = "staff", Term = null };
    }

    /// <summary>The weapon that swings here, if it is one that strikes so.</summary>
    private string? WeaponInPlay()
    {
        var weapon = _lexemes.FirstOrDefault(l => l.Is("weapon"))?.Value ?? CarriedBefore() ?? (SpeaksOf("staff") ? "staff" : null);
        return weapon is "staff" or "sword" or "truncheon" or "flail" ? weapon : null;
    }


    /// <summary>Words taken for what a hand does, or for what it does it to.</summary>
    private void RetellHands(int i)
    {
        // "The left hand hooks behind", "both hands in hook": a hand that hooks, where nobody boxes.
        if (_lexemes[i] is { Kind: "technique", Value: "hook-punch", Plain: "hook" or "hooks" } && (_lexemes[i].Plain == "hooks" || Previous(i) is { Kind: "handNoun" or "relHand" } || Next(i) is { Kind: "handNoun" } || Follows(i, "a", "into", "in")) && !_lexemes.Any(l => l.Value is "jab" or "uppercut"))
            BecomesTerm(i, "technique", Follows(i, "a", "into", "in") || i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "behind" ? "crane-beak" : "hooking-block");
        // "Right left double punch", "double punch, right left": in which order, which is as they come.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 1].Value != _lexemes[i].Value
            && (i + 2 < _lexemes.Count && _lexemes[i + 2].Value == "double-punch" || i > 0 && _lexemes[i - 1].Value == "double-punch" || i > 1 && _lexemes[i - 1].Is("stop", ",") && _lexemes[i - 2].Value == "double-punch" && Alone(i + 1)))
            AsNote(i, i + 1);
        // "The left arm blocks down".
        if (_lexemes[i] is { Kind: "filler", Plain: "down" } && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "block" }) _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low" };
        // "Rising block left. Right rising, left rising": said short.
        if (_lexemes[i] is { Kind: "footwork", Plain: "rising" } && i > 0 && _lexemes[i - 1].Is("side") && (Alone(i) || _lexemes[i + 1].Is("shout")) && (_lexemes.Any(l => l.Is("technique", "rising-block")) || i > 2 && _lexemes[i - 2].Is("stop", ",") && _lexemes[i - 3].Is("stance")))
            BecomesTerm(i, "technique", "rising-block");
        // "Gyaku uchi uke": the block of that name with the rear hand.
        if (_lexemes[i] is { Kind: "technique", Plain: "gyaku uchi" } && i + 1 < _lexemes.Count && _lexemes[i + 1] is { Kind: "technique", Plain: "uke" })
        {
            BecomesTerm(i, "technique", "inside-block");
            BecomesSmall(i + 1);
        }
        // "Bending the front knee": how the stance is stood in.
        if (_lexemes[i] is { Kind: "unread" or "filler", Plain: "bend" or "bends" or "bending" or "bent" } && EndOfClause(i) is var bent && _lexemes.GetRange(i, bent - i + 1).FindIndex(l => l.IsKick && l.Plain.Split(' ')[^1] is "knee" or "knees") is var joint and > 0 && !_lexemes.GetRange(i, joint).Any(l => l.Kind is "technique" or "stance" or "footwork"))
            AsNote(i, i + joint);
        // "Hooking block with the right palm": the hand that does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var doing && Follows(doing, "with") && Previous(doing) is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand", Term = null };
        // "Knife hand high block": one block, at that height.
        if (_lexemes[i] is { Kind: "technique", Plain: "high block" or "low block" } tall && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "knife-hand-block" or "palm-heel-block" } && !_lexemes[i - 1].Plain.EndsWith("block", StringComparison.Ordinal))
        {
            _lexemes[i] = tall with { Kind = "level", Value = tall.Plain.Split(' ')[0], Term = null };
            _lexemes[i - 1] = _lexemes[i - 1] with { Plain = _lexemes[i - 1].Plain + " block" };
        }
        // "The left arm comes up into a high block": that arm does it.
        if (_lexemes[i] is { Kind: "detail" } rising && rising.Plain.EndsWith(" comes up", StringComparison.Ordinal) && NamedSide(rising) is { } risen && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "into" or "to" or "in" && NextPastLevels(i) is { IsHandTechnique: true })
        {
            _lexemes[i] = new Lexeme("side", risen.Word, rising.Start, risen.Word.Length, risen.Word);
            _lexemes.Insert(i + 1, new Lexeme("handNoun", "hand", rising.Start + risen.Word.Length + 1, rising.Length - risen.Word.Length - 1, rising.Plain[(risen.Word.Length + 1)..]));
        }
        // "Sweep the left arm across": no foot does.
        if (_lexemes[i] is { Kind: "technique", Value: "foot-sweep", Plain: "sweep" or "sweeps" or "sweeping" } && Next(i) is { Kind: "side" } && Next(IndexAfter(i)) is { Kind: "handNoun" })
            BecomesTerm(i, "technique", "sweeping-block");
        // "Then he grabs your hand, so twist …": the partner does, and nothing is counted for it.
        if (_lexemes[i] is { Kind: "filler", Plain: "he" or "she" or "they" or "somebody" or "someone" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("technique") && EndOfClause(i) is var done && _lexemes.GetRange(i, done - i + 1).Any(l => l.Plain is "you" or "your" or "at you") && !_lexemes.GetRange(i, done - i + 1).Any(l => l.Is("then")))
            AsNote(i, done);
        // "He punches high, you step back": so does he here.
        if (_lexemes[i] is { Kind: "filler", Plain: "he" or "she" or "they" or "partner" or "attacker" or "opponent" } && (StartsSentence(i) || i > 0 && _lexemes[i - 1].IsStop) && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "technique" or "footwork" && EndOfClause(i) is var attacks && attacks + 2 < _lexemes.Count && _lexemes[attacks + 2].Plain is "you" or "we" or "i")
            AsNote(i, attacks);
        // "Double knife hand guard": one thing.
        if (_lexemes[i] is { Kind: "technique", Plain: "guard" } && i > 0 && _lexemes[i - 1] is { Kind: "technique", Value: "knife-hand-block" }) BecomesSmall(i);
        // "Salute, right fist against left palm": how the hands lie.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var lies && lies > 2 && (_lexemes[lies - 1].Plain is "against" or "in" or "on" or "to" || Follows(lies, "against", "into", "to")) && _lexemes.Take(lies).Reverse().TakeWhile(l => !l.IsStop).LastOrDefault() is { Kind: "side" } lying && Next(_lexemes.IndexOf(lying)) is { Kind: "handNoun" } && Clauses(i).Any(l => l.Is("footwork", "bow")))
            AsNote(_lexemes.IndexOf(lying), i);
        // "Right elbow into the left palm": what it strikes.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Follows(i, "to", "into", "against") && Previous(i) is { Kind: "technique", Term.Family: "elbow" })
            AsNote(i, i);
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var kicked && Follows(kicked, "to") && Previous(kicked) is { IsKick: true })
            AsNote(kicked, i);
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" or "hand" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var struck && (Follows(struck, "into", "against") || Previous(struck) is { Plain: "elbow strikes" or "strikes" or "hits" or "elbow hits" or "elbow strike" } verb && _lexemes[struck - 1].Plain is "the" or "your" or "elbow strikes" or "strikes" or "hits") && Previous(struck) is { Kind: "technique" })
            AsNote(struck, i);
        // "Left low block against the kick": the partner's.
        if (_lexemes[i].Plain == "against" && i > 0 && Previous(i) is { IsHandTechnique: true } && Enumerable.Range(i + 1, Math.Min(2, _lexemes.Count - i - 1)).FirstOrDefault(k => _lexemes[k].Is("technique"), -1) is var theirs and > 0)
            AsNote(i, theirs);
        // "Right back stance, outer forearm.": the block of that name, said short.
        if (_lexemes[i] is { Kind: "handNoun", Plain: "outer forearm" or "inner forearm" } && Alone(i) && Previous(i) is null or { Kind: "side" or "level" } && !Clauses(i).Any(l => l.IsHandTechnique))
            BecomesTerm(i, "technique", _lexemes[i].Plain == "outer forearm" ? "outside-block" : "inside-block");
        // "Strike the knee": what is struck.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" or "knees" } && i > 1 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2] is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
        // "Hit the head": how high.
        if (_lexemes[i] is { Kind: "unread", Plain: "head" } && i > 1 && _lexemes[i - 1].Plain == "the" && _lexemes[i - 2] is { IsHandTechnique: true })
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "high", Term = null };
        // "Strike to the right knee": what is struck, and which.
        if (_lexemes[i] is { Kind: "technique", Plain: "knee" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var ofWhich && Follows(ofWhich, "to", "at") && Previous(ofWhich) is { IsHandTechnique: true } && Alone(i))
        {
            AsNote(ofWhich, ofWhich);
            _lexemes[i] = _lexemes[i] with { Kind = "level", Value = "low", Term = null };
        }
        // "Right tiger claw rises to the face": the hand does.
        if (_lexemes[i] is { Kind: "footwork", Value: "rise", Plain: "rises" or "rise" } && i > 0 && _lexemes[i - 1].IsHandTechnique)
            BecomesSmall(i);
        // "Right inside and left low" among blocks: told by where they go.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "inside" or "outside" && _lexemes[i + 1].Kind is "filler" or "unread" or "order" or "detail" or "way" && (Alone(i + 1) || i + 2 < _lexemes.Count && _lexemes[i + 2].Plain == "and"))
        {
            var first = i;
            while (first > 0 && !_lexemes[first - 1].EndsSentence) first--;
            var block = TermOf(_lexemes[i + 1].Plain == "inside" ? "inside-block" : "outside-block");
            _lexemes[i + 1] = _lexemes[i + 1] with { Kind = "technique", Value = block.Id.Value, Term = block };
            for (var k = first; k <= EndOfSentence(i); k++)
            {
                if (_lexemes[k] is { Kind: "level", Value: "low", Plain: "low" } && _lexemes[k - 1].Is("side") && (Alone(k) || _lexemes[k + 1].Plain == "and")) BecomesTerm(k, "technique", "low-block");
                if (_lexemes[k].Plain is "cross blocks" or "double blocks" or "double block") BecomesSmall(k);
            }
        }
        // "Twisted high block": how it is done.
        if (_lexemes[i] is { Kind: "footwork", Plain: "twisted" or "twist" or "twisting" } && i + 1 < _lexemes.Count && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].IsHandTechnique || _lexemes[i - 1].Is("handNoun") || _lexemes[i - 1].Is("side")) && (_lexemes[i + 1].IsHandTechnique || _lexemes[i + 1].Is("level")))
            BecomesSmall(i);
        // "Turn to the right, gedan.", "L zenkutsu dachi gedan L": the block of that height, said short.
        if (_lexemes[i] is { Kind: "level", Plain: "gedan" } && (Alone(i) || _lexemes[i + 1].Is("facing") || _lexemes[i + 1].Is("side") && (Alone(i + 1) || _lexemes[i + 2].Is("facing"))) && Previous(i) is null or { Kind: "stance" or "side" or "degrees" or "handNoun" } && ClauseOf(i).All(l => l.Kind is not ("technique" or "unread")) && (i > 0 && _lexemes[i - 1].IsStop || Previous(i) is not null) && Clauses(i).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "amount" or "stance"))
            BecomesTerm(i, "technique", "low-block");
        // "Open the hand and bring it up into a high block": the hand goes, no foot.
        if (_lexemes[i] is { Kind: "footwork", Plain: "bring" or "brings" or "bringing" or "take" or "takes" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "it" && !ClauseOf(i).Any(l => l.Is("footNoun")) && RestOfSentence(i).FirstOrDefault(l => l.Kind is "technique" or "footwork" or "footNoun" or "stance") is { IsHandTechnique: true } && _lexemes.Take(i).LastOrDefault(l => l.Kind is "handNoun" or "footNoun" or "technique") is { Kind: "handNoun" or "technique" })
            BecomesSmall(i);
        // "Reverse punch right in front stance": the hand's side, not the stance's.
        if (_lexemes[i].Is("side") && i > 0 && _lexemes[i - 1].IsHandTechnique && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain == "in" && Next(i) is { Kind: "stance" } && !(i > 1 && _lexemes[i - 2].Kind is "side" or "handNoun"))
            (_lexemes[i - 1], _lexemes[i]) = (_lexemes[i], _lexemes[i - 1]);
        // "Press the right palm down": the hand that does it.
        if (_lexemes[i] is { Kind: "technique", Plain: "palm" } && Previous(i) is { Kind: "side" } && IndexBefore(i) is var pressing && Previous(pressing) is { Value: "pressing-block" or "push", IsHandTechnique: true } && Previous(pressing) is { } verb2 && _lexemes.IndexOf(verb2) >= FirstOfClause(i))
            _lexemes[i] = _lexemes[i] with { Kind = "handNoun", Value = "hand", Term = null };
        // "Right punch over the block": over what was done before.
        if (_lexemes[i] is { Kind: "technique", Plain: "block" or "arm" } && i > 2 && _lexemes[i - 1].Plain is "the" or "your" or "that" && _lexemes[i - 2] is { Kind: "order" } && _lexemes[i - 3].IsHandTechnique) AsNote(i - 2, i);
        // "The left palm pierces along the leg": a spear hand.
        if (_lexemes[i].Plain is "pierces" or "pierce" or "threads" && Previous(i) is { Kind: "handNoun" } or { Kind: "technique", Plain: "palm" })
        {
            if (Previous(i) is { Kind: "technique" }) _lexemes[IndexBefore(i)] = _lexemes[IndexBefore(i)] with { Kind = "handNoun", Value = "hand", Term = null };
            BecomesTerm(i, "technique", "spear-hand");
        }
        // "Right palm up over the head": where it is held.
        if (_lexemes[i] is { Kind: "detail", Plain: "palm up" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("level") && Alone(i + 1) && !ClauseOf(i).Any(l => l.Is("technique")))
            AsNote(i - 1, i + 1);
        // "And the kick. Right kick, …": announced.
        if (_lexemes[i] is { Kind: "technique", Plain: "kick" or "punch" or "block" or "strike" or "kicks" or "punches" or "blocks" } && Alone(i) && i > 0 && _lexemes[i - 1].Plain == "the" && EndOfSentence(i) == i && _lexemes.Take(i).Reverse().TakeWhile(l => !l.EndsSentence).All(l => l.Kind is "filler" or "then" || l.IsStop) && _lexemes.Skip(i + 1).SkipWhile(l => l.IsStop).Take(2).ToList() is [{ Kind: "side" }, { Kind: "technique" } told] && told.IsKick == _lexemes[i].IsKick)
            BecomesSmall(i);
        // "High block, left, go!": so is one told after a comma.
        if (_lexemes[i].IsHandTechnique && i + 3 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("side") && _lexemes[i + 3].IsStop && StartsSentence(i) && !RestOfSentence(i + 2).Any(l => l.Kind is "side" or "technique" or "stance" or "footwork"))
        {
            var side = _lexemes[i + 2];
            _lexemes.RemoveAt(i + 2);
            _lexemes.Insert(i, side);
        }
        // "Lunge punch R.": the hand told after what it does.
        if (_lexemes[i].IsHandTechnique && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("side") && Alone(i + 1) && (i == 0 || _lexemes[i - 1].IsStop || _lexemes[i - 1].Kind is "number" or "stance") && !(i + 3 < _lexemes.Count && _lexemes[i + 3].Is("side") && _lexemes[i + 2].Is("stop", ",")))
            (_lexemes[i], _lexemes[i + 1]) = (_lexemes[i + 1], _lexemes[i]);
        // "Left back stance, left knife.": the hand of that name.
        if (_lexemes[i] is { Kind: "unread" or "weapon", Plain: "knife" } && Alone(i) && i > 0 && _lexemes[i - 1].Is("side") && Clauses(i).Any(l => l.Is("stance")))
            BecomesTerm(i, "technique", "knife-hand-block");
        // "Front kick, down into front stance, gyaku.": the punch of the other hand.
        if (_lexemes[i] is { Kind: "unread", Plain: "gyaku" } && Alone(i) && Previous(i) is null or { Kind: "side" } && !Clauses(i).Any(l => l.IsHandTechnique))
            BecomesTerm(i, "technique", "reverse-punch");
    }

    /// <summary>Words for where in the hall.</summary>
    private void RetellPlaces(int i)
    {
        // "Facing the left corner": of the front wall.
        if (_lexemes[i] is { Kind: "filler", Plain: "corner" } && i > 0 && _lexemes[i - 1].Is("side") && Previous(IndexBefore(i)) is { Kind: "facing" })
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = _lexemes[i - 1].Value == "left" ? "frontLeft" : "frontRight" };
            BecomesSmall(i - 1);
        }
        // "Left foot steps forward to the left corner": half a right angle to that side.
        else if (_lexemes[i] is { Kind: "filler", Plain: "corner" or "diagonal" } corner && i > 0 && _lexemes[i - 1].Is("side") && Follows(i - 1, "to", "towards", "toward") && Previous(i - 1) is { Kind: "footwork", Value: "step" or "slide" } or { Kind: "footNoun" } or { Kind: "way", Value: "forward" } && Clauses(i).Any(l => l.Is("footNoun")))
            (_lexemes[i - 1], _lexemes[i]) = (_lexemes[i - 1] with { Kind = "degrees", Value = "45", Plain = "45 degrees" }, corner with { Kind = "turnSide", Value = _lexemes[i - 1].Value });
        // "Turn to me": to who stands in front.
        if (_lexemes[i].Plain is "me" or "us" && i > 0 && _lexemes[i - 1] is { Kind: "footwork", Plain: "turn to" or "turn towards" or "turn toward" or "turn back to" })
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        // "Again the other way: left, right": on the other side.
        if (_lexemes[i] is { Kind: "place", Plain: "the other way" } && i > 0 && _lexemes[i - 1].Is("again"))
            _lexemes[i] = _lexemes[i] with { Kind = "otherSide", Value = "other" };
        // "Land facing the other side in left bow stance": half a turn.
        if (_lexemes[i].Is("otherSide") && i > 0 && _lexemes[i - 1].Is("facing") && ClauseOf(i).Any(l => l is { Kind: "footwork", Value: "jump" or "land" or "turn" or "spin" } || l.Is("landing")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "degrees", Value = "180", Plain = "180 degrees" };
            BecomesSmall(i - 1);
        }
        // "Finish facing the audience": in front, as everybody stands before a form begins.
        if (_lexemes[i].Plain is "audience" or "judges" or "spectators" && Previous(i) is { Kind: "facing" } && _lexemes.Take(i).Any(l => l.Is("technique"))) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        // "Turn over the left shoulder to the right side": a side of the hall, as the way round is told.
        if (_lexemes[i].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "side" or "wall" && Follows(i, "to") && Previous(i) is { Kind: "filler" or "side" or "order" or "gaze" } && _lexemes.Take(i).Reverse().TakeWhile(l => !l.IsStop).ToList() is var told && told.Any(l => l.Plain.EndsWith("shoulder", StringComparison.Ordinal)) && told.Any(l => l is { Kind: "footwork", Value: "turn" or "pivot" }))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = _lexemes[i].Value, Plain = _lexemes[i].Plain + " wall" };
            BecomesSmall(i + 1);
        }
        // "The first comes from the left: turn, …": that is where one turns.
        if (_lexemes[i] is { Kind: "footwork", Value: "turn" } && Alone(i) && i > 1 && _lexemes[i - 1].Is("stop", ":") && _lexemes[i - 2] is { Kind: "strikeFrom" } comes)
            _lexemes.Insert(i + 1, new Lexeme("turnSide", comes.Value, _lexemes[i].Start + _lexemes[i].Length, 0, comes.Value));
        // "The third comes from the front: left foot forward, …": one faces it.
        if (_lexemes[i] is { Kind: "place", Value: "front" } && Previous(i) is { Kind: "from" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("stop", ":") && ClauseOf(i).Any(l => l.Plain is "comes" or "attacks" or "is coming"))
            _lexemes.InsertRange(i + 2, [new Lexeme("facing", "facing", _lexemes[i + 1].Start + 1, 0, "facing"), new Lexeme("place", "front", _lexemes[i + 1].Start + 1, 0, "the front"), new Lexeme("stop", ",", _lexemes[i + 1].Start + 1, 0, "")]);
        // "Face your right-hand side": of the hall, as one stands in front of it.
        if (_lexemes[i].Is("side") && i + 2 < _lexemes.Count && _lexemes[i + 1] is { Plain: "hand", Kind: "handNoun" } && _lexemes[i + 2].Plain == "side" && (Previous(i) is { Kind: "facing" } || Follows(i, "to")))
        {
            _lexemes[i] = _lexemes[i] with { Kind = "place", Value = _lexemes[i].Value, Plain = _lexemes[i].Plain + " wall" };
            BecomesSmall(i + 1);
            BecomesSmall(i + 2);
        }
        // "Front, left foot, walking stance, …": told like "front: …".
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Kind is "side" or "stance" && RestOfSentence(i).Any(l => l.Is("stance"))) _lexemes[i + 1] = _lexemes[i + 1] with { Value = ":" };
        // "Left, walking stance, low block.": so is a side where one has only stood yet.
        if (_lexemes[i].Is("side") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("stop", ",") && _lexemes[i + 2].Is("stance") && RestOfSentence(i + 2).Any(l => l.IsHandTechnique) && !RestOfSentence(i).Any(l => l.Kind is "footwork" or "footNoun" or "degrees" or "turnSide") && !_lexemes.Take(i).Any(l => l.Is("technique"))) _lexemes[i + 1] = _lexemes[i + 1] with { Value = ":" };
        // "Turns back to face me": who teaches stands in front.
        if (_lexemes[i].Plain is "me" or "us" && i > 0 && _lexemes[i - 1].Is("facing")) _lexemes[i] = _lexemes[i] with { Kind = "place", Value = "front", Plain = "the front" };
        // "The left foot steps up to the left front": to that corner.
        if (_lexemes[i] is { Kind: "place", Plain: "front" } && i > 0 && _lexemes[i - 1].Is("side") && i + 1 < _lexemes.Count && _lexemes[i + 1].IsStop && (Follows(i - 1, "to", "towards", "toward") || _lexemes.Take(i - 1).LastOrDefault(l => !l.Is("filler")) is { Kind: "beside" }) && ClauseOf(i).Any(l => l.Is("footNoun") || l.Is("footwork")))
        {
            if (_lexemes.FindLastIndex(i, l => l.Is("beside")) is var beside and >= 0 && !_lexemes.GetRange(beside, i - beside).Any(l => l.IsStop)) BecomesSmall(beside);
            _lexemes[i] = _lexemes[i] with { Value = _lexemes[i - 1].Value == "left" ? "frontLeft" : "frontRight", Plain = "front corner" };
            BecomesSmall(i - 1);
        }
        // "So from left front you end in right back stance": out of which one comes.
        if (_lexemes[i].Is("from") && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("side") && _lexemes[i + 2] is { Plain: "front" or "back", Kind: not "stance" } && !(i + 3 < _lexemes.Count && _lexemes[i + 3].Is("stance")))
            AsNote(i, i + 2);
        // "To the left, cat stance, …", "left side, left bow": one turns there.
        if (_lexemes[i].Is("side") && Previous(i) is null && i + 2 < _lexemes.Count && (Follows(i, "to") && _lexemes[i + 1].Is("stop", ",") ? i + 1 : _lexemes[i + 1].Plain == "side" && _lexemes[i + 2].Is("stop", ",") ? i + 2 : -1) is var end and > 0 && (StartsSentence(i) || IsCountMark(FirstOfClause(i))) && (StanceIsNext(end))
            && RestOfSentence(end).All(l => l.Plain == "bow" || l.Kind is not ("footwork" or "footNoun" or "turnSide" or "degrees" or "amount" or "place" or "clock")))
            _lexemes.Insert(FirstOfClause(i), new Lexeme("footwork", "turn", _lexemes[FirstOfClause(i)].Start, 0, "turn", TermOf("turn")));
        // "On the diagonal to the front with the right foot, …": the foot that goes there.
        if (_lexemes[i] is { Kind: "filler", Plain: "diagonal" } slant && EndOfClause(i) is var goesTo && _lexemes.GetRange(i, goesTo - i + 1) is var rest && rest is [_, .., { Kind: "side" }, { Kind: "footNoun" }] && rest.All(l => l.Kind is "filler" or "side" or "footNoun" or "place") && Follows(goesTo - 1, "with") && Previous(i) is null or { Kind: "then" })
        {
            var first = i;
            while (first > 0 && _lexemes[first - 1].Is("filler")) first--;
            var small = _lexemes.GetRange(first, i - first).Concat(rest[1..^2]).Select(l => l with { Kind = "filler", Value = "filler" }).ToList();
            _lexemes.RemoveRange(first, goesTo - first + 1);
            _lexemes.InsertRange(first, [.. rest[^2..], .. small, slant]);
        }
    }

    /// <summary>Whether the words after a stop name a stance; a bow that is stood in may not be known for one yet.</summary>
    private bool StanceIsNext(int stop)
    {
        var at = stop + 1 < _lexemes.Count && _lexemes[stop + 1].Is("side") ? stop + 2 : stop + 1;
        return at < _lexemes.Count && (_lexemes[at].Is("stance") || _lexemes[at].Plain == "bow" && at > stop + 1);
    }

    /// <summary>Words that only name, number or announce: forms, sections, other names of a technique.</summary>
    private void RetellNames(int i)
    {
        // "It's a swing of the back leg, one-eighty to the left": what is done.
        if (_lexemes[i] is { Kind: "note", Plain: "its a" or "thats a" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "swing" or "step" or "turn" or "pivot" or "spin" && RestOfSentence(i).Any(l => l.Kind is "relFoot" or "footNoun" or "degrees" or "amount"))
        {
            BecomesSmall(i);
            if (_lexemes[i + 1].Plain == "swing") BecomesTerm(i + 1, "footwork", "step");
        }
        // "The front leg, left that is, …": nothing is told after it.
        if (_lexemes[i] is { Kind: "note", Plain: "that is" } && Alone(i)) BecomesSmall(i);
        // "And people always get this wrong, …": said of the moves, not to be done.
        if (_lexemes[i].Plain is "wrong" or "forget" or "forgets" or "mistake" or "confused" && ClauseOf(i).All(l => l.Kind is "filler" or "note" or "unread") && FirstOfClause(i) is var aside)
            AsNote(aside, EndOfClause(i));
        // "Repeat all".
        if (_lexemes[i].Plain == "all" && Alone(i) && i > 0 && _lexemes[i - 1].Is("again")) _lexemes[i] = _lexemes[i] with { Kind = "passage", Value = "all" };
        // "Opening of the crane set": the set's name.
        if (_lexemes[i] is { Kind: "stance" } named && !named.Plain.Contains(' ') && i > 0 && i + 1 < _lexemes.Count && FormNouns.Contains(_lexemes[i + 1].Plain) && Follows(i, "of", "the", "a") && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "side"))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "12 = front": what the words mean, no count.
        if (_lexemes[i] is { Kind: "number" or "clock" } legend && i + 2 < _lexemes.Count && _lexemes[i + 1].IsStop && _text[_lexemes[i + 1].Start] == '=' && EndOfClause(i + 2) is var meant) AsNote(i, meant);
        // "Part the horse's mane": no stance.
        if (_lexemes[i] is { Kind: "stance", Plain: "horses" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "mane") BecomesSmall(i);
        // "You've just landed in the right front stance facing the back.": what was before, as one hears the section.
        if (_lexemes[i].Plain is "just" && i > 0 && _lexemes[i - 1].Plain is "youve" or "weve" or "ive" or "have" && StartsSentence(i - 1) && RestOfSentence(i).FirstOrDefault(l => l.Is("stance")) is { } stood && !_before.Concat(_said).Any())
        {
            var k = _lexemes.IndexOf(stood);
            for (var at = i - 1; at < k; at++) if (_lexemes[at].Kind is "footwork") BecomesSmall(at);
            _lexemes[i] = _lexemes[i] with { Kind = "whereWeAre", Value = "before" };
        }
        // "…, and you've just done the lunge punch": before these words begin.
        if (_lexemes[i].Plain is "just" && i > 1 && _lexemes[i - 1].Plain is "youve" or "weve" or "ive" or "have" && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "done" or "finished" or "punched" or "kicked" or "blocked" && !_before.Concat(_said).Any() && !_lexemes.Take(i).Any(l => l.Is("technique")))
            AsNote(i, EndOfClause(i));
        // "I'll walk you through the whole form": nobody steps.
        if (_lexemes[i] is { Kind: "footwork", Plain: "walk" or "walking" or "take" } && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain == "you") BecomesSmall(i);
        // "We pick up facing the back wall in a right bow stance.": where one stands as the words begin.
        if (_lexemes[i] is { Kind: "footwork", Plain: "pick up" } && i > 0 && _lexemes[i - 1].Plain is "we" or "i" or "you" or "lets" && Next(i) is { Kind: "facing" or "from" or "stance" } && !_before.Concat(_said).Any()) _lexemes[i] = _lexemes[i] with { Kind = "whereWeAre", Value = "before", Term = null };
        // "Right then, …": a word to begin with.
        if (_lexemes[i] is { Kind: "side", Plain: "right" } && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].Is("then") && _lexemes[i + 2].IsStop) BecomesSmall(i);
        // "Ninety plus forty-five".
        if (_lexemes[i] is { Kind: "degrees" } part && i + 2 < _lexemes.Count && _lexemes[i + 1].Plain is "plus" or "and" && _lexemes[i + 2] is { Kind: "degrees" } rest && part.Number + rest.Number is 135 or 225 or 270)
        {
            _lexemes[i] = part with { Value = (part.Number + rest.Number).ToString(), Length = rest.Start + rest.Length - part.Start };
            _lexemes.RemoveRange(i + 1, 2);
        }
        // "The second line is rising blocks with reverse punches.": told out by the sentences after it.
        if (_lexemes[i] is { Kind: "ordinal" } && StartsSentence(i) && i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "line" or "row" or "section" or "half" or "line is" or "row is" && EndOfSentence(i) is var toldBy && _lexemes.GetRange(i, toldBy - i + 1) is var announces && announces.Any(l => l.Plain.Split(' ').Contains("is")) && !announces.Any(l => l.Is("side")))
            AsNote(i, toldBy);
        // "That same front leg": told by its place, "same" adds nothing.
        if (_lexemes[i] is { Kind: "again" } same && i + 1 < _lexemes.Count && _lexemes[i + 1].Kind is "relFoot" or "footNoun" && same.Plain is "same" or "the same")
            BecomesSmall(i);
        // "First cut: right foot forward …": the heading of what is told after it.
        if (_lexemes[i].Is("ordinal") && StartsSentence(i) && i + 2 < _lexemes.Count && _lexemes[i + 1].IsHandTechnique && _lexemes[i + 2].Is("stop", ":"))
            BecomesSmall(i + 1);
        // "Form number one": its name.
        if (_lexemes[i].Is("countNoun") && i > 0 && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("number") && FormNouns.Contains(_lexemes[i - 1].Plain.Split(' ')[^1]))
        {
            BecomesSmall(i);
            BecomesSmall(i + 1);
        }
        // "Front stance, left, to start with": the opening, told after its stance.
        if (_lexemes[i].Plain is "to start with" or "to begin with" or "to start" or "to begin" && _before.Count == 0 && !_lexemes[i].Is("opening") && !_lexemes.Take(i).Any(l => l.Kind is "technique" or "footwork" && l.Plain is not "drill") && _lexemes.FindLastIndex(i, l => l.Is("stance")) is var begun and >= 0 && !_lexemes.GetRange(begun, i - begun).Any(l => l.EndsSentence))
        {
            var clause = begun;
            while (clause > 0 && !_lexemes[clause - 1].IsStop) clause--;
            var opens = _lexemes[i] with { Kind = "opening", Value = "opening" };
            _lexemes.RemoveAt(i);
            // A remark before it ends here.
            _lexemes.Insert(clause, opens);
            for (var k = clause - 1; k >= 0 && !_lexemes[k].EndsSentence; k--) if (!_lexemes[k].IsStop) BecomesSmall(k);
        }
        // "Seventh step left … Eighth turn around …": not an eighth of a turn.
        if (_lexemes[i] is { Kind: "amount", Plain: "eighth turn" } eighth && StartsSentence(i) && _lexemes.Take(i).Any(l => l.Is("ordinal", "7")))
        {
            _lexemes[i] = new Lexeme("ordinal", "8", eighth.Start, "eighth".Length, "eighth");
            _lexemes.Insert(i + 1, new Lexeme("footwork", "turn", eighth.Start + eighth.Length - "turn".Length, "turn".Length, i + 1 < _lexemes.Count && _lexemes[i + 1].Plain is "around" or "round" ? "turn around" : "turn", TermOf("turn")));
        }
        // "An eight-step": joined to a number it is a name.
        if (_lexemes[i] is { Kind: "footwork", Plain: "step" } && i > 0 && _lexemes[i - 1].Is("number") && _text[_lexemes[i].Start - 1] == '-') BecomesSmall(i);
        // "The five-step form": its name.
        if (_lexemes[i].Kind is "footwork" or "technique" && i + 1 < _lexemes.Count && _lexemes[i + 1].Is("filler") && FormNouns.Contains(_lexemes[i + 1].Plain) && Previous(i) is null or { Kind: "number" })
            BecomesSmall(i);
        // "Like an uppercut, or a hook some people say": another name, kept as a remark.
        if (_lexemes[i] is { Kind: "filler", Plain: "or" } && i > 0 && _lexemes[i - 1].Is("stop", ",") && Next(i) is { Kind: "technique" or "stance" }) AsNote(i, EndOfClause(i));
    }
}
