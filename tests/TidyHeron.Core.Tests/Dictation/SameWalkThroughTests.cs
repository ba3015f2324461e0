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
        "a-bit-longer", "a-long-one-half", "a-plus-sign", "adults-sideways-drill", "advanced-opening", "all-in-degrees", "all-sideways", "arrows-that-point", "as-in-the-syllabus",
        "asked-and-told", "attention-move-one", "bo-first-half-upright", "book-form", "both-names-of-it", "both-sides-from-one", "bridge-form-called", "broadsword-change-hands",
        "called-like-in-the-grading", "capital-letter", "captions-in-short-lines", "captions-named-by-the-rear", "captions-step-numbers", "captions-third-road", "captions-wind-kata",
        "cat-and-phoenix", "cat-stances-in-korean", "childrens-bo", "circle-the-hands", "clock-and-sitting", "compass-without-numbers", "crane-fist-section", "crane-set-opening",
        "crane-to-the-diagonal", "crane-wings", "crane-wings-open", "crossing-with-japanese-names", "dasut-yasut-ilgop", "directions-by-ordinals", "double-blocks",
        "drawn-from-kneeling", "eight-movements-cued", "end-of-the-second-line", "everybody-grab-your-bo", "exam-form", "executing-while-maintaining", "facing-me-now-watch",
        "facing-the-door", "facing-the-mirror", "facing-the-mirrors", "feet-and-hands-apart", "filmed-step-by-step", "first-count-looking-left", "first-half-by-heart",
        "first-movement-and-on", "first-second-and-on", "first-second-third", "first-technique-of-the-bo", "fist-by-the-ear", "fist-in-the-palm", "five-steps-again", "for-parents",
        "for-the-note-taker", "for-the-school-fair", "form-of-the-month-flyer", "four-sides-like-a-box", "fourth-in-small-letters", "friday-homework", "from-seiza",
        "from-the-beginning-ready", "from-the-second-turn", "from-wide-horse", "goat-stance-in-halves", "going-slow", "grab-and-kick", "half-moons", "half-turn-three-quarter-turn",
        "hana-dul-korean-feet", "hands-above-the-head", "hands-on-the-bo", "he-faces-left", "hidari-then-the-other-side", "hold-the-ball", "hold-the-ball-and-step",
        "hooking-hands-both-ways", "horizontal-draw-from-seiza", "horse-then-crane", "hours-and-initials", "how-i-explain-the-first-half", "i-mean-it-is-cat", "i-open-to-the-left",
        "i-take-a-left-step", "iron-horse-both-ways", "jabs-and-spins", "jo-for-seniors", "jo-of-thirteen", "judges-notes", "jump-forward-in-japanese", "kama-in-each-hand",
        "kata-three-of-our-dojo", "kids-staff-twelve", "kihon-in-japanese", "lead-hand-rear-hand", "learned-it-like-this", "left-foot-front", "lesson-as-it-was", "lesson-pattern-two",
        "lets-get-into-it", "letter-to-students", "letters-and-stamps", "letters-of-the-diagram", "lines-that-turn-about", "linked-fists", "list-in-long-stance", "listen-everyone",
        "little-ones-staff", "little-set-southern", "long-fist-by-ordinals", "look-right-this-time", "low-stances-on-diagonals", "lunge-punches", "middle-part",
        "move-one-without-stops", "moves-by-name", "my-dojos-version", "named-then-told", "names-in-pinyin", "nervous-student", "north-south-east-west", "not-a-native-speaker",
        "notebook-in-short", "now-then", "number-five-from-the-syllabus", "number-two-of-the-series", "numbered-list", "numbered-with-degrees", "numbers-and-letters",
        "numbers-said-after", "older-korean-words", "on-line-ab", "one-is-two-is", "one-line-a-count", "one-line-side-to-side", "one-word-a-sentence", "opening-lines",
        "opens-with-a-stamp", "ordinals-long-fist", "out-of-parallel-ready", "over-the-camera", "over-the-left-shoulder", "palms-and-bows", "palms-and-crescents", "part-c-is-part-a",
        "part-the-mane", "photo-series", "pivot-ninety-left", "points-for-the-next-test", "points-opening-part", "quarter-and-crane", "quarter-and-half-turns", "review-of-number-four",
        "right-then-so", "ring-craft", "river-stones", "road-of-kicks-and-horses", "rolling-hands", "sabre-eight-cuts", "sabre-part-one", "sabre-section-by-section",
        "salute-as-a-point", "sanchin-with-a-slip", "second-half", "second-section", "section-two-from-the-back", "seen-in-a-video", "setting-the-hands", "shift-and-kizami",
        "shift-forward-and-punch", "short-fist", "short-staff-in-points", "short-stance-pattern", "sideways-in-the-horse", "simplified-seven", "six-with-the-wooden-sword",
        "sixth-form-in-korean", "slow-sanchin", "so-she-can-practise-at-home", "so-what-i-do", "southern-staff", "spring-show", "staff-in-speech", "staff-kicked-up",
        "stance-and-chamber", "step-punch-go", "sticks-crossing", "swallow-form-again", "sword-evening", "sword-from-seiza-and-back", "table-with-a-heading", "table-with-bars",
        "team-call", "ten-cuts-in-wood", "that-is-one-and-two", "the-fence", "the-mirror-of-that", "the-way-i-was-taught", "then-seven-is", "they-look-over-the-shoulder",
        "third-grade-form", "third-with-switches", "thought-again-on-the-clock", "three-directions", "three-fights-uke", "three-lines-of-basics", "three-steps-and-back",
        "three-steps-first", "tiger-and-crane-game", "tiger-set", "tiny-notes", "toe-kicks-and-palms", "tonfa-both-ways", "tonight-in-class", "toward-the-west",
        "turn-left-to-the-back", "turn-the-waist", "turn-to-the-middle", "twelve-as-one", "twelve-in-kiba", "twelve-is-front", "twenty-four-as-in-the-book", "twenty-nine-in-the-book",
        "two-friends-talking", "two-open-hands", "two-tridents", "up-and-down-the-hall", "up-the-hall-and-back", "voice-note", "waist-and-untwist", "warm-up", "what-i-do",
        "where-people-go-wrong", "whites-and-yellows", "with-the-oar", "wo-hiite-mawatte", "write-it-down", "you-are-going-to-look", "your-right-hand-side",
    ];

    [Theory]
    [MemberData(nameof(Files))]
    public void Line_by_line_the_same_is_read_as_at_once(string name)
    {
        if (OneBreath.Contains(name)) return;
        var words = WalkThroughTests.WordsOf(name);
        var form = new Form();
        foreach (var line in Sentences().Split(words)) form = Reader.Read(line, form, null, Samples.Ways).Form;
        // A remark may stand in a row of its own or with the move it is about.
        static List<string> Told(Form form) => [.. form.Moves.Zip(Samples.ReadingOf(form).Walk.Postures).Where(p => !p.First.Deed.IsEmpty).Select(p => $"{p.Second.Heading} {p.Second.Stance} {p.Second.Lead} {Speech.Say(p.First, Samples.Ways)}")];
        // That a line is the last one, and closes the form, nobody can know who hears it alone.
        var whole = Samples.Say(words).Form;
        var closing = whole.Moves.Reverse().TakeWhile(m => m.Counting == Counting.Uncounted).Count(m => !m.Deed.IsEmpty);
        var told = Told(whole).SkipLast(closing).ToList();
        string.Join('\n', Told(form).Take(told.Count)).ShouldBe(string.Join('\n', told));
    }

    private static string Exchanged(string words) => Sides().Replace(words, m => Pairs.TryGetValue(m.Value.ToLowerInvariant(), out var other) ? other : m.Value);

    private static readonly Dictionary<string, string> Pairs = new (string, string)[]
    {
        ("left", "right"), ("hidari", "migi"), ("oen", "oreun"), ("wen", "oreun"), ("l", "r"), ("lf", "rf"), ("lh", "rh"), ("clockwise", "counterclockwise"), ("cw", "ccw"), ("anticlockwise", "clockwise"), ("jwa-uro", "u-uro"), ("jwa hyang jwa", "u hyang u"), ("jwa-hyang-jwa", "u-hyang-u"), ("jwa hyang", "u hyang"),
        ("nine o'clock", "three o'clock"), ("9 o'clock", "3 o'clock"), ("9:00", "3:00"), ("4:30", "7:30"), ("to 9", "to 3"), ("facing nine", "facing three"), ("face nine", "face three"), ("(9)", "(3)"), ("<-", "->"), ("right-hand", "left-hand"), ("rp", "LP"), ("lp", "RP"), ("one thirty", "ten thirty"), ("three thirty", "eight thirty"), ("to three", "to nine"), ("zuo gong", "you gong"), ("facing 9", "facing 3"), ("face 9", "face 3"), ("turn to nine", "turn to three"), ("foot to nine", "foot to three"), ("half past seven", "half past four"), ("clockwise to nine", "counterclockwise to three"), ("clockwise to three", "counterclockwise to nine"), ("to b", "to A"), ("to a", "to B"), ("toward b", "toward A"), ("toward a", "toward B"), ("facing a", "facing B"), ("facing b", "facing A"), ("to e", "to F"), ("to f", "to E"), ("toward e", "toward F"), ("toward f", "toward E"), ("ce", "CF"), ("cf", "CE"), ("counter-clockwise", "clockwise"), ("half past ten", "half past one"), ("seven thirty", "four thirty"), ("east", "west"), ("northeast", "northwest"), ("southeast", "southwest"),
    }.SelectMany(p => new[] { p, (p.Item2, p.Item1) }).DistinctBy(p => p.Item1).ToDictionary(p => p.Item1, p => p.Item2);

    [GeneratedRegex(@"(?<![\w'])((?<=[LR] |gedan )\((?:9|3)\)|zuo gong|you gong|right-hand|left-hand|<-|->|RP|LP|one thirty(?! five)|ten thirty|three thirty|eight thirty|to three(?=,)|to nine(?=,)|face nine(?! o)|face three(?! o)|to 9(?=,)|to 3(?=,)|facing nine|facing three|facing 9|facing 3|face 9|face 3|turn to nine|turn to three|foot to nine(?! o)|foot to three(?! o)|half past seven|half past four|counterclockwise to nine(?! o)|counterclockwise to three(?! o)|clockwise to nine(?! o)|clockwise to three(?! o)|jwa-uro|jwa-hyang-jwa|jwa hyang jwa|jwa hyang|counter-clockwise|(?-i:facing [AB]|to [ABEF]|toward [ABEF]|CE|CF)|nine o'clock|three o'clock|9 o'clock|3 o'clock|9:00|3:00|4:30|7:30|half past ten|half past one|northeast|northwest|southeast|southwest|east|west|seven thirty|four thirty|left|right|cw|ccw|hidari|migi|oen|wen|oreun|clockwise|counterclockwise|anticlockwise|L|R|LF|RF|LH|RH)(?![\w'-])", RegexOptions.IgnoreCase)]
    private static partial Regex Sides();

    [GeneratedRegex(@"(?<=(?<!\b[LR])[.!])\s+|\n")]
    private static partial Regex Sentences();

    [GeneratedRegex(@"(?<!\b[LR])([.!])\s+(\w)")]
    private static partial Regex SentenceStart();
}
