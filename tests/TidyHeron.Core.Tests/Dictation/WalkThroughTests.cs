using Shouldly;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Whole walk-throughs as they are said in a hall, each read once before anything was changed for it: no wrong side, turn,
/// stance or count, and at most one word in twenty not understood. Expected is what a reader of the words would write
/// down: for each count the heading, the leading foot and the stance at its end.
/// </summary>
public class WalkThroughTests
{
    [Theory]
    [InlineData("""
        All right everybody, ready position. We open to the left. Left foot slides out to nine o'clock, left front stance, and as you land your left arm drops into a low block, right fist on the hip.
        Then it's a step through with the right leg, lunge punch, chest level. From there you look over your right shoulder, and turn one hundred eighty degrees clockwise, drawing the right foot around, right front stance again, low block with the right.
        Step through left, middle punch. Now the left foot moves ninety degrees to the left so you're facing front, low block left. Step up right, rising block. Left rising block. Right rising block, big kiai.
        """, "270 left front, 270 right front, 90 right front, 90 left front, 0 left front, 0 right front, 0 right front, 0 right front")]
    [InlineData("""
        Count one: shift the right foot back into a left back stance, double knife hand guard. Count two: front leg front snap kick, set it down in front, left front stance. Count three: reverse punch.
        Count four: turn 270 degrees left on the right foot, left back stance facing 3 o'clock, knife hand block. Five: step forward right back stance, knife hand block. Six: 180 right into right back stance, knife hand block. Seven: step, left back stance, knife hand block. Don't let the front heel touch the ground.
        """, "0 left back, 0 left front, 0 left front, 90 left back, 90 right back, 270 right back, 270 left back")]
    [InlineData("""
        Bo kamae. Step forward with the left foot, left zenkutsu dachi, bo gedan uke. Step forward right, right zenkutsu dachi, shomen uchi, tip at eye level. Slide back, left neko ashi dachi, bo jodan uke. Thrust to the middle with both hands, kiai.
        Let go with the left hand, turn 180 degrees right, yoko uchi one handed with the right hand. Regrip with the left hand. Step forward left, bo tsuki. Yame.
        """, "0 none ready, 0 left front, 0 right front, 0 left cat, 0 left cat, 0 left cat, 180 right cat, 180 right cat, 180 left cat")]
    [InlineData("""
        Charyot. Junbi. Oen bal to nine o'clock, oen ap kubi, oen arae makki. Oreun bal forward, oreun ap kubi, oreun momtong jireugi. Turn right 180, oreun ap kubi, arae makki. Oen ap kubi, momtong jireugi.
        Turn left 90, left ap kubi, low block. Then right front kick, land in front in an ap seogi, right middle punch. Kihap on the punch. Baro.
        """, "270 left front, 270 right front, 90 right front, 90 left front, 0 left front, 0 right short-front")]
    [InlineData("""
        1 - L foot fwd, L front stance, L low block
        2 - R foot fwd, R front stance, R punch
        3 - turn R 180, R low block
        4 - L foot fwd, L punch
        5 - turn L 90, L low block, reverse punch
        6 - R front kick, R punch
        7 - again other side
        8 - jump, land in cross stance, low x block
        """, "0 left front, 0 right front, 180 right front, 180 left front, 90 left front, 90 left front, 90 left front, 90 left cross")]
    [InlineData("""
        From ready. Step out with your left foot to half past ten, left front stance, right palm heel block, left hand chambered. Without stepping, left palm heel strike to the face.
        Step in with the right foot to twelve o'clock, horse stance sideways, right elbow to the ribs. Cross the left foot behind the right, and step out right into a right back stance facing three o'clock, right knife hand strike to the neck, exhale long. Hold.
        """, "315 left front, 315 left front, 315 none horse, 90 right back")]
    [InlineData("""
        The opening: feet shoulder width, fists in front. Count 1, left foot to the left, walking stance, outer forearm block. Count 2, reverse punch in place. Count 3, bring the left foot back to ready, turn right, right foot to the right, walking stance, outer forearm block.
        Count 4, reverse punch. Count 5, left foot back, right L-stance facing front, knife hand guarding block. Count 6, spear finger thrust in a right walking stance. Count 7, turn anticlockwise 360 on the left foot, left walking stance, back fist high. Count 8, right foot forward, back fist high.
        """, "270 left walking, 270 left walking, 90 right walking, 90 right walking, 0 right l, 0 right walking, 0 left walking, 0 right walking")]
    [InlineData("""
        Ich. Left gung bo, right punch, left hand to the hip. Yi, right toe kick. Saam, step down right gung bo, double palm push. Sei, spin left, left mabo facing the back, tiger claws left and right. Ng, gwai ma on the left leg, right hammer fist down.
        """, "0 left bow, 0 left bow, 0 right bow, 180 none horse, 180 left kneeling")]
    [InlineData("""
        We pick it up at the jump. Jump up, turning 180 to the left in the air, right crescent kick, land in horse stance facing six o'clock, right elbow into the left palm. Stay there and do low block right, then back fist right, shout.
        Then slide to the right, still in horse stance, right side punch. Three more times. Finally close the left foot to the right and bow.
        """, "180 none horse, 180 none horse, 180 none horse, 180 none horse, 180 none horse, 180 none horse, 180 none closed")]
    [InlineData("""
        Start feet together, hands by your sides. Left foot steps left into horse stance, fists to the waist. Punch left, punch right, punch left, all to the front, middle level. Shift into left bow stance facing nine o'clock, right palm strike. Back to horse stance.
        Shift right into right bow stance facing three o'clock, left palm strike. Kick with the left, heel kick, put it down in front into left bow and punch right. Turn around 180 to the right into right bow stance with an elbow strike, right.
        Slowly sink into pu bu on the right leg, look at the left hand. Stand up, feet together, fists at the waist.
        """, "0 none horse, 0 none horse, 270 left bow, 0 none horse, 90 right bow, 90 left bow, 270 right bow, 270 right drop, 270 none closed")]
    [InlineData("""
        Right, so we start from heiko dachi. First thing, you move the left foot out and turn to nine o'clock, sinking in nekoashi dachi with a left shuto uke. Without moving the feet, maete mae geri with the left leg, then set it down into zenkutsu dachi and gyaku zuki.
        Now bring the left foot back next to the right, pivot 180 to the right, and do exactly the same thing on the other side. After that you turn to face the front, left foot forward, left zenkutsu, gedan barai with the left hand.
        """, "270 left cat, 270 left front, 90 none closed, 90 right cat, 90 right front, 270 none closed, 0 left front")]
    [InlineData("""
        Step one, left foot back into right fighting stance, hands up. Step two, lead leg round kick, middle. Step three, put it down in front and cross punch. Step four, left leg front kick to the head, put it back behind.
        Step five, spinning back fist with the left hand, turning 360 left. Yell.
        """, "0 right step-guard, 0 right step-guard, 0 left step-guard, 0 right step-guard, 0 left step-guard")]
    [InlineData("""
        Count 1: with the left foot, step 45 degrees to the left, left walking stance, left high block. Count 2: right middle punch. Count 3: pull the left foot back, step 45 degrees right with the right foot, right walking stance, right high block. Count 4: left middle punch.
        Count 5: right foot back to the left foot, face twelve o'clock, parallel stance, both palms press down slowly, exhale. Counts 6 to 9 same as 1 to 4.
        """, "315 left walking, 315 left walking, 0 right walking, 0 right walking, 0 none ready, 315 left walking, 315 left walking, 0 right walking, 0 right walking")]
    public void A_walk_through_is_read_as_it_was_meant(string words, string expected)
    {
        var said = Samples.Say(words);
        var reading = Samples.ReadingOf(said.Form);
        var counts = Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] > 0 && (i + 1 == reading.Counts.Length || reading.Counts[i + 1] != reading.Counts[i])).Select(i => reading.Walk.Postures[i]);
        string.Join(", ", counts.Select(p => $"{p.Heading.Degrees} {p.Lead?.Word ?? "none"} {p.Stance.Value.Replace("-stance", "")}")).ShouldBe(expected);
        said.Unread.Sum(u => u.Text.Split(' ').Length).ShouldBeLessThanOrEqualTo(words.Split([' ', '\n'], StringSplitOptions.RemoveEmptyEntries).Length / 20,
            string.Join(", ", said.Unread.Select(u => u.Text)));
    }
}
