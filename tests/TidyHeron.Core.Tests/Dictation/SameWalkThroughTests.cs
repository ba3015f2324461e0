using System.Text.RegularExpressions;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>A walk-through said in another way that means the same, or with its sides exchanged, is read accordingly.</summary>
public partial class SameWalkThroughTests
{
    public static IEnumerable<TheoryDataRow<string>> Files => WalkThroughTests.Files;

    private static string Deeds(Form form) => string.Join('\n', form.Moves.Select(m => m.Deed with { Id = new MoveId("") }));

    [Theory]
    [MemberData(nameof(Files))]
    public void Small_words_spaces_and_line_breaks_change_nothing(string name)
    {
        var words = WalkThroughTests.WordsOf(name);
        var expected = Deeds(Samples.Say(words).Form);
        foreach (var (what, other) in new[]
        {
            ("spaces", words.Replace(". ", ".   ").Replace(", ", ",  ")),
            ("a word to begin each sentence with", SentenceStart().Replace(words, "$1 okay, $2")),
            ("curly quotes", words.Replace("'", "’")),
            ("windows line ends", words.Replace("\n", "\r\n")),
        }) Deeds(Samples.Say(other).Form).ShouldBe(expected, what);
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void With_sides_exchanged_the_mirror_image_is_read(string name)
    {
        if (name is "caught-fist-at-the-hip") return; // steps out of a stance without a lead, no foot said: with the left one, as forms begin
        var words = WalkThroughTests.WordsOf(name);
        var (said, other) = (Samples.ReadingOf(words), Samples.ReadingOf(Exchanged(words)));
        string Told(IEnumerable<Posture> postures, bool mirrored) => string.Join('\n', postures.Select(p =>
            $"{(mirrored ? p.Heading.Mirrored : p.Heading).Degrees} {p.Stance.Value} {Lead(mirrored ? p.Lead?.Other : p.Lead)}"));
        static string Lead(Side? lead) => lead?.Word ?? "none";
        Told(other.Walk.Postures, mirrored: false).ShouldBe(Told(said.Walk.Postures, mirrored: true));
    }

    // Said in one breath: a sentence goes on with the one before ("So the right foot swings around"), the weapon is named only
    // once, numbers are told by those called before, a sentence is taken back, or a later one tells where the form begins.
    private static readonly HashSet<string> OneBreath =
    [
        "book-form", "long-fist", "middle-part", "numbered-list", "older-korean-words", "one-line-a-count", "second-half", "second-section",
        "whole-thing-again", "end-of-the-second-line",
        "lettered-abbreviations", "moves-by-name", "one-is-two-is", "ordinals-long-fist",
        "all-sideways", "double-blocks", "named-then-told", "southern-staff", "warm-up", "what-i-do", "clock-and-sitting", "palms-and-crescents",
        "drawn-from-kneeling", "how-i-teach-the-staff", "nunchaku", "staff-ends", "staff-in-speech", "staff-numbers-as-sentences", "staff-ordinals", "two-sai", "two-sticks",
        "first-second-third", "palms-and-bows", "cat-stances-in-korean", "i-and-my", "lunge-punches", "ring-craft",
        "bo-as-i-do-it", "short-fist", "learned-it-like-this", "first-movement-and-on", "from-wide-horse", "turn-to-the-middle", "the-fence", "staff-for-beginners", "sabre-part-one", "facing-the-audience", "from-seiza", "half-moons", "opens-with-a-stamp", "three-steps-first", "write-it-down",
        "cat-and-phoenix", "up-and-down-the-hall", "association-form", "kihon-in-japanese", "right-then-so", "slow-sanchin", "grab-and-kick", "hold-the-ball", "on-line-ab", "opening-lines", "turn-the-waist", "listen-everyone", "numbers-and-letters", "over-the-left-shoulder", "that-is-one-and-two",
        "captions-named-by-the-rear", "not-a-native-speaker", "remembered-from-class", "team-call", "both-names-of-it", "letters-of-the-diagram", "one-line-side-to-side", "the-first-one-is", "letters-and-stamps", "numbered-with-degrees", "third-form-as-i-tell", "two-open-hands", "first-cut-second-cut", "jo-first-third", "korean-called-in-class", "points-opening-part", "quarter-and-crane", "after-the-jump", "as-in-the-syllabus", "by-the-numbers", "form-of-the-month", "from-our-binder", "the-mirror-of-that", "sixth-form-in-korean", "small-red-fist", "three-steps-and-back", "tonight-in-class", "from-the-beginning-ready", "little-ones-staff", "low-stances-on-diagonals", "short-stick-for-kids", "table-with-bars", "facing-the-door", "facing-the-mirror", "hours-and-initials", "twelve-as-one", "in-my-shorthand", "spring-show", "told-from-the-side-wall", "whites-and-yellows", "all-the-way-round-behind", "attention-move-one", "compass-without-numbers", "crane-to-the-diagonal", "first-count-looking-left", "hana-dul-korean-feet", "hooking-hands-both-ways", "i-open-to-the-left", "shift-forward-and-punch", "three-lines-of-basics", "a-long-one-half", "both-sides-from-one", "move-one-without-stops", "three-fights-uke", "toward-the-west", "where-people-go-wrong", "stance-and-chamber", "exam-form", "iron-horse-both-ways", "left-foot-front", "kids-staff-twelve", "circle-the-hands", "everybody-grab-your-bo", "fifth-with-the-jump", "fourth-in-small-letters", "how-i-explain-the-first-half", "i-take-a-left-step", "jo-of-thirteen", "little-set-southern", "numbers-said-after", "sideways-in-the-horse", "six-with-the-wooden-sword", "swallow-form-again", "third-with-switches", "twenty-four-as-in-the-book", "facing-the-mirrors", "jump-forward-in-japanese", "twelve-is-front", "twenty-nine-in-the-book", "with-the-oar", "crossing-with-japanese-names", "hands-above-the-head", "number-five-from-the-syllabus", "quarter-and-half-turns", "short-staff-in-points", "for-the-school-fair", "fifteen-movements", "for-parents", "rolling-hands", "crane-set-opening", "lead-hand-rear-hand", "notebook-in-short", "over-the-phone", "river-stones", "jabs-and-spins", "pivot-ninety-left", "wo-hiite-mawatte",
    ];

    [Theory]
    [MemberData(nameof(Files))]
    public void Line_by_line_the_same_is_read_as_at_once(string name)
    {
        if (OneBreath.Contains(name)) return;
        var words = WalkThroughTests.WordsOf(name);
        var form = new Form();
        foreach (var line in Sentences().Split(words)) form = Reader.Read(line, form, null, Samples.Ways).Form;
        static string Told(Form form) => string.Join('\n', form.Moves.Zip(Samples.ReadingOf(form).Walk.Postures, (m, p) => $"{p.Heading} {p.Stance} {p.Lead} {Speech.Say(m, Samples.Ways)}"));
        // That a line is the last one, and closes the form, nobody can know who hears it alone.
        var whole = Samples.Say(words).Form;
        var closing = whole.Moves.Count - whole.Moves.Reverse().TakeWhile(m => m.Counting == Counting.Uncounted).Count();
        Told(form with { Moves = form.Moves.Take(closing).ToValueList() }).ShouldBe(Told(whole with { Moves = whole.Moves.Take(closing).ToValueList() }));
    }

    private static string Exchanged(string words) => Sides().Replace(words, m => Pairs.TryGetValue(m.Value.ToLowerInvariant(), out var other) ? other : m.Value);

    private static readonly Dictionary<string, string> Pairs = new (string, string)[]
    {
        ("left", "right"), ("hidari", "migi"), ("oen", "oreun"), ("wen", "oreun"), ("l", "r"), ("lf", "rf"), ("lh", "rh"), ("clockwise", "counterclockwise"), ("cw", "ccw"), ("anticlockwise", "clockwise"), ("jwa-uro", "u-uro"), ("jwa hyang jwa", "u hyang u"), ("jwa-hyang-jwa", "u-hyang-u"), ("jwa hyang", "u hyang"),
        ("nine o'clock", "three o'clock"), ("9 o'clock", "3 o'clock"), ("9:00", "3:00"), ("to 9", "to 3"), ("facing nine", "facing three"), ("facing 9", "facing 3"), ("face 9", "face 3"), ("turn to nine", "turn to three"), ("foot to nine", "foot to three"), ("half past seven", "half past four"), ("clockwise to nine", "counterclockwise to three"), ("clockwise to three", "counterclockwise to nine"), ("to b", "to A"), ("to a", "to B"), ("toward b", "toward A"), ("toward a", "toward B"), ("facing a", "facing B"), ("facing b", "facing A"), ("to e", "to F"), ("to f", "to E"), ("toward e", "toward F"), ("toward f", "toward E"), ("ce", "CF"), ("cf", "CE"), ("counter-clockwise", "clockwise"), ("half past ten", "half past one"), ("seven thirty", "four thirty"), ("east", "west"), ("northeast", "northwest"),
    }.SelectMany(p => new[] { p, (p.Item2, p.Item1) }).DistinctBy(p => p.Item1).ToDictionary(p => p.Item1, p => p.Item2);

    [GeneratedRegex(@"(?<![\w'])(to 9(?=,)|to 3(?=,)|facing nine|facing three|facing 9|facing 3|face 9|face 3|turn to nine|turn to three|foot to nine(?! o)|foot to three(?! o)|half past seven|half past four|counterclockwise to nine(?! o)|counterclockwise to three(?! o)|clockwise to nine(?! o)|clockwise to three(?! o)|jwa-uro|jwa-hyang-jwa|jwa hyang jwa|jwa hyang|counter-clockwise|(?-i:facing [AB]|to [ABEF]|toward [ABEF]|CE|CF)|nine o'clock|three o'clock|9 o'clock|3 o'clock|9:00|3:00|half past ten|half past one|northeast|northwest|east|west|seven thirty|four thirty|left|right|cw|ccw|hidari|migi|oen|wen|oreun|clockwise|counterclockwise|anticlockwise|L|R|LF|RF|LH|RH)(?![\w'-])", RegexOptions.IgnoreCase)]
    private static partial Regex Sides();

    [GeneratedRegex(@"(?<=(?<!\b[LR])[.!])\s+|\n")]
    private static partial Regex Sentences();

    [GeneratedRegex(@"(?<!\b[LR])([.!])\s+(\w)")]
    private static partial Regex SentenceStart();
}
