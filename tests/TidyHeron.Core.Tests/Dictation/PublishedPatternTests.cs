using Shouldly;
using TidyHeron.Core.Readings;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Published patterns, said in running words: their published number of movements, where each faces, and where the shouts
/// are. Movements and directions of the Korean ones: Choi Hong Hi, "Encyclopedia of Taekwon-Do" (1983); of the Japanese
/// one: G. Funakoshi, "Karate-do Kyohan" (20 movements, shouts at 8 and 16). All recalled from memory. The sentences are
/// our own.
/// </summary>
public class PublishedPatternTests
{
    internal const string DanGun = """
        Start in a parallel ready stance. Okay, so first the left foot goes out to nine o'clock into a right L-stance, and you do a
        knife hand guarding block. From there step through with the right foot, right walking stance, high punch with the right.
        Now turn around clockwise, 180 degrees, moving the right foot, into a left L-stance facing three o'clock, knife hand guarding block.
        Step with the left foot into a left walking stance, high punch, left. Turn left 90 degrees so you face the front, left foot moves,
        left walking stance, low block with the left. Step forward right walking stance and high punch right. Step forward left walking stance, high punch left.
        Step forward right walking stance, high punch right, with a shout. Turn 270 degrees to the left on the right foot, left foot moves, right L-stance
        facing three o'clock, twin forearm block. Step with the right foot, right walking stance, high punch. Then turn clockwise 180, the right foot moves, left
        L-stance, twin forearm block. Left foot steps, left walking stance, high punch. Turn 90 degrees left, left foot, left walking stance facing the back wall,
        low block left. Next count, from where you stand, left rising block. Step forward right walking stance, right rising block. Step forward, left walking stance, left rising block.
        Step forward, right walking stance, right rising block, kihap! Turn 270 to the left, left foot moves, right L-stance facing nine o'clock, knife hand strike
        with the left hand. Step through, right foot, right walking stance, high punch with the right. Turn clockwise 180 degrees, right foot moves, left L-stance, knife hand strike with the right.
        Finally the left foot steps, left walking stance, high punch with the left. Bring the left foot back to ready stance, face the front.
        """;

    private const string ChonJi = """
        Parallel ready stance. Turn left 90 degrees, left foot moves, left walking stance, left low block. Step forward right walking stance, right middle punch.
        Turn clockwise 180, right foot moves, right walking stance, right low block. Step forward left walking stance, left middle punch.
        Turn left 90 to the front, left foot, left walking stance, left low block. Step forward, right walking stance, right punch. Turn 180 degrees to the right moving
        the right foot, right walking stance, right low block. Step forward, left walking stance, left punch. Turn left 90 degrees, left foot, right L-stance facing three o'clock,
        left inside block. Step, right walking stance, right punch. Turn clockwise 180, right foot, left L-stance facing nine o'clock, right inside block. Step, left walking stance,
        left punch. Turn left 90, left foot, right L-stance facing the back wall, left inside block. Step, right walking stance, right punch. Turn clockwise 180 degrees, right foot,
        left L-stance, right inside block. Step, left walking stance, left punch. Step forward, right walking stance, right punch. Step back with the right foot, left walking
        stance, left punch. Step back with the left foot, right walking stance, right punch. Left foot comes back to ready stance.
        """;

    private const string FirstJapanese = """
        Yoi. Hidari ni muite, hidari zenkutsu dachi, hidari gedan barai. Migi ashi mae ni, migi zenkutsu dachi, migi chudan tsuki. Mawatte, migi ashi, migi zenkutsu dachi, gedan barai facing
        three o'clock. Step forward left front stance, left middle punch. Turn left 90 degrees, left front stance, left down block. Then three punches going forward, right, left, right, kiai on the last one.
        Turn 270 degrees to the left, left foot moves, left front stance facing three o'clock, left gedan barai. Step, right front stance, right punch. Turn 180 to the right, right front stance, right gedan barai.
        Step, left front stance, left punch. Turn left 90 degrees, left front stance facing the rear wall, left gedan barai. Three punches going forward, right, left, right, kiai on the last.
        Turn 270 degrees to the left, left foot moves, left front stance, left gedan barai. Step, right front stance, right punch. Turn 180 to the right, right front stance, right gedan barai. Step, left front stance, left punch. Naore.
        """;

    public static TheoryData<string, string, string> Patterns => new()
    {
        { DanGun, "270 270 90 90 0 0 0 0 90 90 270 270 180 180 180 180 180 270 270 90 90", "8 17" },
        { ChonJi, "270 270 90 90 0 0 180 180 90 90 270 270 180 180 0 0 0 0 0", "" },
        { FirstJapanese, "270 270 90 90 0 0 0 0 90 90 270 270 180 180 180 180 270 270 90 90", "8 16" },
    };

    [Theory]
    [MemberData(nameof(Patterns))]
    public void A_published_pattern_said_in_running_words_has_its_movements_headings_and_shouts(string words, string headings, string shouts)
    {
        var said = Samples.Say(words);
        said.Unread.Select(u => u.Text).ShouldBeEmpty();
        var reading = Samples.ReadingOf(said.Form);
        reading.TotalCounts.ShouldBe(headings.Split(' ').Length);
        reading.Findings.Select(f => f.Message).ShouldBeEmpty();
        string.Join(' ', Ends(reading).Select(i => reading.Walk.Postures[i].Heading.Degrees)).ShouldBe(headings);
        string.Join(' ', Enumerable.Range(0, reading.Counts.Length).Where(i => said.Form.Moves[i].Shout).Select(i => reading.Counts[i])).ShouldBe(shouts);
        reading.Walk.End.Heading.Degrees.ShouldBe(0);
    }

    // The same kind of pattern as teachers tell it, each file read once before anything was changed for it. Do-San in the words of the book, with the
    // letters of its diagram, and Dan-Gun in plain words: Choi, Encyclopedia of Taekwon-Do. The first four and the sixth of the eight
    // beginners' patterns: textbook of the world federation; where a teacher puts two of its movements on one count they are one here. All recalled from memory.
    [Theory]
    [InlineData("letters-of-the-diagram", "270 270 90 90 0 0 0 0 90 90 270 270 135 135 135 135 225 225 225 225 180 180 0 0", "")]
    [InlineData("in-plain-words", "270 270 90 90 0 0 0 0 90 90 270 270 180 180 180 180 180 270 270 90 90", "8 17")]
    [InlineData("korean-second-form", "270 270 90 90 0 0 270 270 90 90 0 0 90 270 180 180 180 180", "18")]
    [InlineData("third-form-as-i-tell", "270 270 90 90 0 0 270 270 90 90 0 0 90 90 270 270 180 180 180 180", "20")]
    [InlineData("third-from-the-top", "270 270 90 90 0 0 270 270 90 90 0 0 90 90 270 270 180 180 180 180", "20")]
    [InlineData("hana-with-hangul-names", "270 270 90 90 0 0 270 270 90 90 0 0 90 270 180 180 180 180", "18")]
    [InlineData("swallow-form-again", "270 270 90 90 0 0 0 90 90 270 270 180 180 90 90 270 270 180 180", "19")]
    [InlineData("put-the-foot-back", "270 270 90 90 0 0 270 270 90 90 0 0 0 270 270 90 90 0 0 0 0", "13")]
    [InlineData("white-belt-without-stops", "270 270 90 90 0 90 90 270 270 0 270 270 90 90 180 180", "16")]
    [InlineData("left-foot-turn-left", "270 270 90 90 0 90 90 270 270 0 270 270 90 90 180 180", "16")]
    [InlineData("for-parents", "270 270 90 90 0 90 90 270 270 0 270 270 90 90 180 180", "16")]
    public void A_published_pattern_told_in_a_teacher_s_own_way_has_its_movements_headings_and_shouts(string name, string headings, string shouts)
    {
        var reading = Samples.ReadingOf(WalkThroughTests.WordsOf(name));
        reading.TotalCounts.ShouldBe(headings.Split(' ').Length);
        reading.Findings.Select(f => f.Message).ShouldBeEmpty();
        string.Join(' ', Ends(reading).Select(i => reading.Walk.Postures[i].Heading.Degrees)).ShouldBe(headings);
        string.Join(' ', Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Form.Moves[i].Shout).Select(i => reading.Counts[i])).ShouldBe(shouts);
    }

    [Fact]
    public void The_pattern_that_closes_exactly_closes_when_it_is_dictated()
    {
        var end = Samples.ReadingOf(DanGun).Walk.End.Middle;
        end.X.ShouldBe(0, 1e-9);
        end.Y.ShouldBe(0, 1e-9);
    }

    private static IEnumerable<int> Ends(FormReading reading) =>
        Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] > 0 && (i + 1 == reading.Counts.Length || reading.Counts[i + 1] != reading.Counts[i]));
}
