using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

public class ReaderTests
{
    private static Move One(string words) => Samples.Say(words).Form.Moves.ShouldHaveSingleItem();

    private static Move SecondOf(string words) => Samples.Say(words).Form.Moves[1];

    [Fact]
    public void Left_foot_steps_into_a_front_stance_facing_nine_o_clock()
    {
        var move = One("The left foot steps into a left front stance facing nine o'clock, low block with the left hand, the right hand pulls to the hip, kiai!");
        move.Footwork.ShouldBe(new Footwork(new TermId("step"), Side.Left));
        move.Stance.ShouldBe(new StanceTaken(new TermId("front-stance"), Side.Left));
        move.Facing.ShouldBe(Heading.Left);
        move.Hands.ShouldBe([new HandAction(new TermId("low-block"), Hand.Left), new HandAction(new TermId("chamber"), Hand.Right)]);
        move.Shout.ShouldBeTrue();
    }

    [Theory]
    [InlineData("turn 90 degrees left", -90)]
    [InlineData("turn left", -90)]
    [InlineData("turn right 270°", 270)]
    [InlineData("turn two hundred and seventy degrees to the left", -270)]
    [InlineData("pivot one eighty right", 180)]
    [InlineData("turn 45 to the right", 45)]
    [InlineData("make a quarter turn to the left", -90)]
    [InlineData("turn around to the left", -180)]
    [InlineData("turn counterclockwise 270 degrees", -270)]
    public void Turns_are_read_with_their_side(string words, int degrees) => One(words).Turn.ShouldBe(new Turn(degrees));

    [Theory]
    [InlineData("facing 1:30", 45)]
    [InlineData("facing half past ten", 315)]
    [InlineData("facing ten thirty", 315)]
    [InlineData("face the front wall", 0)]
    [InlineData("facing the back wall", 180)]
    [InlineData("to 3 o'clock", 90)]
    [InlineData("facing the left wall", 270)]
    [InlineData("facing 225 degrees", 225)]
    public void Directions_are_read_in_all_four_habits(string words, int degrees) =>
        One("step with the left foot " + words + ", left front stance").Facing.ShouldBe(new Heading(degrees));

    [Fact]
    public void A_wrong_side_that_is_taken_back_does_not_count()
    {
        One("step forward, left hand, no, right hand punch").Hands.ShouldBe([new HandAction(new TermId("punch"), Hand.Right)]);
        One("turn left, sorry, right 90 degrees").Turn.ShouldBe(Turn.To(Side.Right, 90));
    }

    [Fact]
    public void The_same_stance_is_understood_in_four_languages()
    {
        foreach (var words in new[] { "tiger stance", "cat stance", "neko-ashi dachi", "empty stance", "beom seogi", "nekoashi-dachi" })
            One("left " + words).Stance!.Kind.Value.ShouldBe("cat-stance", words);
    }

    [Fact]
    public void The_front_leg_and_the_rear_hand_are_known_from_where_the_feet_are()
    {
        var move = SecondOf("Step with the left foot into a left front stance, left punch. Kick with the rear leg.");
        move.Kick!.Foot.ShouldBe(Side.Right);
        SecondOf("Step with the right foot into a right front stance, right punch. Punch with the rear hand.").Hands[0].Hand.ShouldBe(Hand.Left);
    }

    [Fact]
    public void A_kick_says_where_it_lands()
    {
        var move = SecondOf("Step with the left foot into a left front stance, left punch. Right front kick to the body, landing in front in a right front stance.");
        move.Kick.ShouldBe(new Kick(new TermId("front-kick"), Side.Right, Level.Middle, Landing.Front));
        move.Stance!.Lead.ShouldBe(Side.Right);
    }

    [Fact]
    public void Numbers_called_aloud_gather_what_is_said_between_them()
    {
        var form = Samples.Say("One. Step left, low block. Reverse punch. Two. Step right, punch.").Form;
        Counts.Of(form).ShouldBe([1, 1, 2]);
        Counts.Of(Samples.Say("Hana. Step left, low block. Dul. Step right, punch. Set. Step left, punch.").Form).ShouldBe([1, 2, 3]);
    }

    [Fact]
    public void Then_with_a_new_step_is_a_new_count_and_with_a_hand_the_same_one()
    {
        Counts.Of(Samples.Say("Step left low block, then step right and punch.").Form).ShouldBe([1, 2]);
        Counts.Of(Samples.Say("Step left low block, then reverse punch.").Form).ShouldBe([1, 1]);
    }

    [Fact]
    public void Three_times_alternating_changes_feet_and_hands()
    {
        var form = Samples.Say("Step with the left foot into a left front stance, left punch. Three times alternating.").Form;
        form.Moves.Select(m => m.Footwork!.Foot).ShouldBe([Side.Left, Side.Right, Side.Left]);
        form.Moves.Select(m => m.Hands[0].Hand).ShouldBe([Hand.Left, Hand.Right, Hand.Left]);
    }

    [Theory]
    [InlineData("Turn left into a left front stance, low block. Step forward punch. Same on the other side.", "270 270 90 90")]
    [InlineData("Step with the left foot, left punch. Step with the right foot, right punch. Same on the other side.", "0 0 0")] // nothing turned: the last count
    [InlineData("Turn left, low block. Step punch. Turn 180 right, low block. Repeat from the second count.", "270 270 90 90 270")]
    [InlineData("Step left punch. Step right punch. Step left punch. Repeat counts one to two.", "0 0 0 0 0")]
    [InlineData("Step left punch. Step right punch. Step left punch. Repeat the last two counts on the other side.", "0 0 0 0 0")]
    [InlineData("Step left punch. Turn 90 right, right front stance, low block. Everything again on the other side.", "0 90 0 270")]
    [InlineData("Step left punch. End of section one. Turn 90 right, right front stance, low block. Step left punch. Repeat the section on the other side.", "0 90 90 270 270")]
    public void A_passage_is_repeated_as_it_was_named(string words, string headings)
    {
        var reading = Samples.ReadingOf(words);
        Samples.Say(words).Unread.ShouldBeEmpty();
        reading.Findings.Select(f => f.Message).ShouldBeEmpty();
        string.Join(' ', reading.Walk.Postures.Select(p => p.Heading.Degrees)).ShouldBe(headings);
        reading.TotalCounts.ShouldBe(headings.Split(' ').Length);
    }

    [Fact]
    public void What_could_mean_two_things_is_said_and_the_other_reading_offered()
    {
        const string words = "Turn left into a left front stance, low block. Step forward punch. Same on the other side.";
        var field = Samples.Say(words).Fields.Where(f => f.Instead.Length > 0).ShouldHaveSingleItem();
        field.Assumption.ShouldBe("Read as counts 1 to 2 on the other side, from where you turned.");
        var instead = words[..field.Start] + field.Instead + words[(field.Start + field.Length)..];
        Samples.ReadingOf(instead).TotalCounts.ShouldBe(3);

        var left = Samples.Say("Step left, punch.").Fields.Single(f => f.Instead.Length > 0);
        var sideways = "Step left, punch.".Remove(left.Start, left.Length).Insert(left.Start, left.Instead);
        One(sideways).Footwork.ShouldBe(new Footwork(new TermId("step"), null, Way.Left));
    }

    [Fact]
    public void Back_to_the_centre_brings_the_foot_home()
    {
        var form = Samples.Say("Step with the left foot to the left into a horse stance, double punch. Left foot back to the centre. Same on the other side.").Form;
        form.Moves.Select(m => (m.Footwork!.Kind.Value, m.Footwork.Foot)).ShouldBe([("step", Side.Left), ("pull-together", Side.Left), ("step", Side.Right), ("pull-together", Side.Right)]);
        form.Moves[2].Footwork!.Way.ShouldBe(Way.Right);
    }

    [Fact]
    public void Punches_on_the_spot_take_turns_and_the_stance_is_taken_once()
    {
        var form = Samples.Say("Left front stance, punch three times.").Form;
        form.Moves.Select(m => m.Hands[0].Hand).ShouldBe([Hand.Right, Hand.Left, Hand.Right]);
        form.Moves.Count(m => m.Stance is not null).ShouldBe(1);
    }

    [Fact]
    public void A_staff_is_led_from_a_side_to_a_height_and_stops_somewhere()
    {
        var move = One("Step with the right foot, overhead strike from the right, right hand leading the grip, tip at eye height, stopping at the shoulder.");
        move.Weapon.ShouldBe(new WeaponUse(Side.Right, Side.Right, TipHeight.Eyes, StopPlace.Shoulder));
        One("Step left, horizontal strike, tucked under the arm, tip on the floor.").Weapon.ShouldBe(new WeaponUse(null, null, TipHeight.Floor, StopPlace.UnderArm));
        // With an empty hand it is only a remark.
        One("Step left, left hand block from the left.").Weapon.ShouldBeNull();
    }

    [Fact]
    public void A_level_before_a_word_that_is_not_understood_belongs_to_that_word()
    {
        var reading = Samples.Say("Step left, low blorck, right hand covers.");
        reading.Form.Moves[0].Hands[0].Level.ShouldBeNull();
        reading.Unread.Select(u => u.Text).ShouldBe(["low", "blorck"]);
    }

    [Fact]
    public void What_is_added_at_the_end_goes_before_the_closing_bow()
    {
        var form = Samples.Say("Bow. Step left, low block. Return to ready. Bow.").Form;
        Counts.Of(Reader.Read("Step right, punch.", form, null, Samples.Ways).Form).ShouldBe([0, 1, 2, 0, 0]);
        Counts.Of(Reader.Read("Bow.", form, null, Samples.Ways).Form).ShouldBe([0, 1, 0, 0, 0]);
    }

    [Fact]
    public void A_long_line_that_was_broken_where_it_was_copied_reads_on()
    {
        var broken = "Step with the left foot into a left front stance facing nine o'clock, low\nblock with the left hand.\nStep right, punch.";
        Samples.Say(broken).Form.Moves.Count.ShouldBe(2);
        Samples.Say("step left low block\nstep right punch").Form.Moves.Count.ShouldBe(2);
    }

    [Fact]
    public void Bow_and_ready_take_no_count()
    {
        var form = Samples.Say("Bow. Ready stance, fists in front. Step left low block. Return to ready. Bow.").Form;
        Counts.Of(form).ShouldBe([0, 0, 1, 0, 0]);
    }

    [Fact]
    public void End_of_section_is_a_cut()
    {
        var form = Samples.Say("Step left low block. Step right punch. That is the end of section one. Step left high block.").Form;
        form.Sections.Select(s => form.IndexOf(s.First)).ShouldBe([0, 2]);
    }

    [Fact]
    public void Watch_points_are_kept_as_a_note_and_not_read_as_moves()
    {
        var form = Samples.Say("Step left low block. Make sure the right heel stays down when you punch.").Form;
        form.Moves.ShouldHaveSingleItem().Note.ShouldBe("Make sure the right heel stays down when you punch");
    }

    [Fact]
    public void Words_that_are_not_understood_are_marked_where_they_stand()
    {
        var reading = Samples.Say("step left, flurble block");
        reading.Unread.ShouldHaveSingleItem().ShouldBe(new UnreadWords(11, 7, "flurble"));
    }

    [Fact]
    public void New_moves_go_after_the_one_chosen_and_start_from_where_it_ends()
    {
        var form = Samples.Say("Step with the left foot into a left front stance. Step with the right foot into a right front stance.").Form;
        var reading = Reader.Read("again on the other side", form, form.Moves[0].Id, Samples.Ways);
        reading.Form.Moves.Count.ShouldBe(3);
        reading.Form.Moves[1].Stance!.Lead.ShouldBe(Side.Right);
        reading.Form.Moves[2].ShouldBe(form.Moves[1]);
    }

    /// <summary>Walk-throughs in several ways of speaking: number of counts, headings and leads after each move.</summary>
    [Theory]
    [InlineData("1. Left foot, left, front stance, low block. 2. Right foot, forward, front stance, middle punch. 3. Right foot, 180 clockwise, front stance, low block. 4. Left foot 90 left, front stance, low block.",
        "270 left, 270 right, 90 right, 0 left")]
    [InlineData("Okay, so we're going to look to the left, and step out with the left foot into a left front stance facing nine o'clock, and you do a low block with the left hand while the right hand pulls back to the hip. From there, step through with your right foot and punch middle with the right. Now turn around 180 degrees to your right, so the right foot moves, right front stance, low block right.",
        "270 left, 270 right, 90 right")]
    [InlineData("Hidari ni muite, hidari kokutsu dachi, shuto uke. Migi ashi mae ni, migi zenkutsu dachi, oi zuki chudan. Mawatte, gedan barai.", "270 left, 270 right, 90 right")]
    [InlineData("Oen ap seogi, arae makki. Oreun ap seogi, momtong bandae jireugi. Dwiro dora, oreun ap seogi arae makki. Oen apgubi arae makki.", "0 left, 0 right, 180 right, 180 left")]
    [InlineData("Ma bu, both fists at the waist. Turn left into gong bu, right chong quan. Right tan tui, step down into right gong bu, left chong quan. Turn right 180 into ma bu, left elbow.", "0 none, 270 left, 270 right, 90 none")]
    [InlineData("Move the left foot to B, forming a right L-stance toward B while executing a middle guarding block with the knife hand. Move the right foot to B forming a right walking stance toward B while executing a high punch to B with the right fist.",
        "270 left, 270 right")]
    [InlineData("Turn 90 left, left low block in a left front stance, and then three punches going forward, right, left, right, kiai on the last one.", "270 left, 270 right, 270 left, 270 right")]
    public void Walk_throughs_in_several_ways_of_speaking_are_read_whole(string words, string expected)
    {
        var reading = Samples.ReadingOf(words);
        Samples.Say(words).Unread.ShouldBeEmpty();
        reading.Findings.ShouldBeEmpty();
        var counted = Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] > 0).GroupBy(i => reading.Counts[i]).Select(g => reading.Walk.Postures[g.Last()]);
        string.Join(", ", counted.Select(p => $"{p.Heading.Degrees} {p.Lead?.Word ?? "none"}")).ShouldBe(expected);
    }

    /// <summary>What is told in full agrees with itself: no turn against a facing, no lead against a step.</summary>
    [Theory]
    [InlineData("Right foot to the right, front stance, punch. Spin all the way round to the left until you're facing the left wall, left cat stance, block.")]
    [InlineData("Right front stance, punch. The left foot swings behind all the way to the east, left front stance, low block.")]
    [InlineData("Left front stance, block. Take the right foot back, turning 180 degrees clockwise, right back stance, block.")]
    public void What_is_told_in_two_ways_agrees(string words) => Samples.ReadingOf(words).Findings.ShouldNotContain(f => f.Rule == "turn-facing" || f.Rule == "step-lead");

    [Fact]
    public void Remarks_on_one_move_are_told_apart() =>
        Samples.Say("Left front stance, low block. Make sure the hips are square. Don't lean.").Form.Moves.ShouldHaveSingleItem().Note.ShouldBe("Make sure the hips are square; Don't lean");

    /// <summary>What the next test found once in tens of thousands of texts.</summary>
    [Theory]
    [InlineData("Low block. Part C is part A facing the back.")]
    [InlineData("left punch. step to the left. the same thing on the right")]
    [InlineData("into the same thing on the round to the left")]
    [InlineData("Face front, left low block, sorry, facing the right wall.")]
    [InlineData("the left belt form, our low block right leg steps forward, you are done. So chest. neko ashi, tora guchi, weight forward, forward, then with the right into a right out")]
    [InlineData("low, then right inside - both arms are so you follow: step")]
    [InlineData("Left front stance, low block. Seventh and eighth count")]
    [InlineData("1: left block. 5, 6 - left punch,")]
    [InlineData("right, I mean left foot forward, punch")]
    [InlineData("Back stance, left. leg straight, low block")]
    [InlineData("left walking stance low block\nL high block (step)")]
    [InlineData("nine \n no same on the return pivot with . high both hands low block on the \n one step one to : same on the same on the")]
    [InlineData("back leg, that's the left, there bring kiba dachi again")]
    public void Every_word_of_these_is_accounted_for(string text) => Samples.AccountsForEveryWord(text, Samples.Say(text));

    [Fact]
    public void Arbitrary_text_never_throws_and_every_word_is_accounted_for()
    {
        var words = Gen.OneOf(
            Gen.String[0, 40],
            Gen.Int[0, 60].Array[0, 25].Select(picks => string.Join(" ", picks.Select(p => Scraps[p % Scraps.Length]))),
            // Walk-throughs cut up and put together anew: three to twenty snippets of one to six words.
            Gen.Select(Gen.Int[0, Spoken.Length - 7], Gen.Int[1, 6]).Array[3, 20].Select(cuts => string.Join(" ", cuts.Select(c => string.Join(" ", Spoken.Skip(c.Item1).Take(c.Item2))))),
            // The same without a stop, in lines that end wherever it happens, as captions do.
            Gen.Select(Gen.Int[0, Spoken.Length - 9], Gen.Int[2, 8]).Array[8, 25].Select(cuts => string.Join("\n", cuts.Select(c => string.Join(" ", Spoken.Skip(c.Item1).Take(c.Item2).Select(w => w.Trim('.', ',', '!', '?', ':', ';')))))),
            // Tables and lists with heads, whatever stands in their cells.
            Gen.Select(Gen.Int[0, Parted.Length - 1], Gen.Int[1, 5], Gen.Int[0, 400].Array[6, 40]).Select((parted, columns, picks) => string.Join("\n", picks.Chunk(columns).Select(row => string.Join(Parted[parted], row.Select(p => p < Heads.Length ? Heads[p] : Scraps[p % Scraps.Length]))))),
            // Numbered lines that name something, with points and lines below them.
            Gen.Select(Gen.Int[0, Below.Length - 1], Gen.Int[0, Spoken.Length - 7], Gen.Int[1, 6]).Array[6, 24].Select(lines => string.Join("\n", lines.Select((l, k) => (k % 2 == 0 ? $"{(l.Item1 % 3 == 0 ? "" : $"{k / 2 + 1}. ")}{Names[l.Item2 % Names.Length]}" : Below[l.Item1] + string.Join(" ", Spoken.Skip(l.Item2).Take(l.Item3)))))));
        words.Sample(text =>
        {
            var reading = Samples.Say(text);
            Samples.AccountsForEveryWord(text, reading);
            Walk.Of(reading.Form, BodyMeasures.Reference, Samples.Ways).Postures.Count.ShouldBe(reading.Form.Moves.Count);
            // Each move has its run of words, within the text and in its order.
            var runs = WordsOfMoves.Of(text, reading);
            runs.Count.ShouldBe(reading.Added.Count);
            runs.ShouldAllBe(r => r.Start >= 0 && r.Length >= 0 && r.Start + r.Length <= text.Length, text);
            runs.Zip(runs.Skip(1)).ShouldAllBe(p => p.First.Start <= p.Second.Start, text);
        }, iter: 6000);
    }

    private static readonly string[] Below = ["", "   ", "- ", "   - ", "   a. ", ": ", "(", "**", "<li>", "- Stance: "];

    private static readonly string[] Names = ["Left low block", "**Punch**", "Lunge punch (oi zuki)", "Front kick", "Horse stance, double punch", "RIGHT BLOCK", "Left front stance", "Hands: low block"];

    private static readonly string[] Parted = [" | ", "\t", "; ", "   ", ", ", ": ", " - ", ") "];

    private static readonly string[] Heads = ["Direction", "Stance: ", "Technique", "Foot", "Facing: ", "Kiai", "Notes", "|---", "Hand", "No.", "Line 2", "(front):", "W", "F", "3:00", "x", "1.", "", "L", "←", "Section B, to the right:", "Left hand", "Right foot", "Move: 1", "**Count 1**", "<li>", "00:00:01,000 --> 00:00:02,000", "W"];

    private static readonly string[] Spoken = [.. WalkThroughTests.Files.SelectMany(f => WalkThroughTests.WordsOf(f.Data).Split([' ', '\n'], StringSplitOptions.RemoveEmptyEntries))];

    private static readonly string[] Scraps =
    [
        "left", "right", "foot", "hand", "step", "turn", "90", "degrees", ".", ",", "low block", "punch", "front stance", "kick", "no", "then", "while", "one", "three times",
        "again", "other side", "set", "over", "facing", "o'clock", "nine", "1:30", "rear leg", "the", "front", "back", "to", "high", "middle", "land", "in front", "shout", "slow",
        "end of section", "from", "ready stance", "make sure", "xyzzy", "both hands", "on the", "pivot", "with", "alternating", "return", "bow", "count", ":", "\n", "it's", "-", "°",
        "same on the", "twice more", "half", "past", "staff",
    ];

    [Theory]
    [InlineData("staff", "low block", "staff-low-block")]
    [InlineData("staff", "block high", "staff-high-block")]
    [InlineData("staff", "strike to the temple", "staff-diagonal-strike")]
    [InlineData("staff", "thrust", "staff-thrust")]
    [InlineData("sword", "thrust", "sword-thrust")]
    [InlineData("sword", "block", "sword-parry")]
    [InlineData(null, "low block", "low-block")]
    public void General_words_are_the_weapon_s_where_the_form_carries_one(string? weapon, string words, string technique)
    {
        var form = new Form { Weapon = weapon is null ? null : new WeaponCarried(weapon) };
        var said = Reader.Read("Step forward with the left foot, " + words, form, null, Samples.Ways);
        said.Form.Moves[^1].Hands[^1].Technique.Value.ShouldBe(technique);
        // What was taken for granted is told, and the empty hand is one choice away.
        if (weapon is null || !words.Contains("block")) return;
        var told = said.Fields.Single(f => f.Instead.StartsWith("empty-hand", StringComparison.Ordinal));
        var other = Reader.Read("Step forward with the left foot, " + told.Instead, form, null, Samples.Ways);
        other.Form.Moves[^1].Hands[^1].Technique.Value.ShouldBe(words.Split(' ').Contains("low") ? "low-block" : "block");
    }

    [Fact]
    public void A_weapon_named_once_at_the_beginning_is_carried_from_then_on()
    {
        var opening = Reader.Read("Bo at your right side, bow.", new Form(), null, Samples.Ways);
        opening.Form.Weapon.ShouldBe(new WeaponCarried("staff"));
        opening.Fields.ShouldContain(f => f.Field == "weapon" && f.Assumption.Length > 0);
        Reader.Read("Step forward with the right foot, overhead strike.", opening.Form, null, Samples.Ways).Form.Moves[^1].Hands[0].Technique.Value.ShouldBe("staff-overhead-strike");
        // What the form declares stays; a weapon in a remark, or named later, is not taken up.
        Reader.Read("Bo at your right side.", new Form { Weapon = new WeaponCarried("sword") }, null, Samples.Ways).Form.Weapon!.Kind.ShouldBe("sword");
        Samples.Say("Step left, low block. Imagine he swings a staff at you.").Form.Weapon.ShouldBeNull();
        var later = Reader.Read("Step right, catch the staff.", Samples.Say("Step left, low block.").Form, null, Samples.Ways);
        later.Form.Weapon.ShouldBeNull();
    }

    [Fact]
    public void In_a_form_without_a_weapon_its_words_mean_the_empty_hand()
    {
        var said = Samples.Say("Left walking stance, high side block with the left outer forearm. Thrust with the right straight fingertips.");
        said.Form.Moves.SelectMany(m => m.Hands).Select(h => h.Technique.Value).ShouldBe(["inside-block", "spear-hand"]);
        Samples.ReadingOf(said.Form).Findings.ShouldBeEmpty();
    }

    [Fact]
    public void A_hand_that_has_let_go_is_empty()
    {
        var said = Samples.Say("Left front stance, staff overhead strike. Let go with the left hand. Left low block. Regrip with the left hand. Low block.");
        said.Form.Moves.SelectMany(m => m.Hands).Select(h => h.Technique.Value).ShouldBe(["staff-overhead-strike", "release-hand", "low-block", "regrip", "staff-low-block"]);
    }
}
