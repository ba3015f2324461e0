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
        "a-long-one-half", "all-sideways", "as-in-the-syllabus", "attention-move-one", "book-form", "both-names-of-it", "both-sides-from-one", "captions-named-by-the-rear",
        "cat-and-phoenix", "cat-stances-in-korean", "circle-the-hands", "clock-and-sitting", "compass-without-numbers", "crane-set-opening", "crane-to-the-diagonal",
        "crossing-with-japanese-names", "double-blocks", "drawn-from-kneeling", "end-of-the-second-line", "everybody-grab-your-bo", "exam-form", "facing-the-door", "facing-the-mirror",
        "facing-the-mirrors", "first-count-looking-left", "first-movement-and-on", "first-second-third", "for-parents", "for-the-school-fair", "fourth-in-small-letters", "from-seiza",
        "from-the-beginning-ready", "from-wide-horse", "grab-and-kick", "half-moons", "hana-dul-korean-feet", "hands-above-the-head", "hold-the-ball", "hooking-hands-both-ways",
        "hours-and-initials", "how-i-explain-the-first-half", "i-open-to-the-left", "i-take-a-left-step", "iron-horse-both-ways", "jabs-and-spins", "jo-of-thirteen",
        "jump-forward-in-japanese", "kids-staff-twelve", "kihon-in-japanese", "lead-hand-rear-hand", "learned-it-like-this", "left-foot-front", "letters-and-stamps",
        "letters-of-the-diagram", "listen-everyone", "little-ones-staff", "little-set-southern", "low-stances-on-diagonals", "lunge-punches", "middle-part", "move-one-without-stops",
        "moves-by-name", "named-then-told", "not-a-native-speaker", "notebook-in-short", "number-five-from-the-syllabus", "numbered-list", "numbered-with-degrees", "numbers-and-letters",
        "numbers-said-after", "older-korean-words", "on-line-ab", "one-is-two-is", "one-line-a-count", "one-line-side-to-side", "opening-lines", "opens-with-a-stamp", "ordinals-long-fist",
        "over-the-left-shoulder", "palms-and-bows", "palms-and-crescents", "pivot-ninety-left", "points-opening-part", "quarter-and-crane", "quarter-and-half-turns", "right-then-so",
        "ring-craft", "river-stones", "rolling-hands", "sabre-part-one", "second-half", "second-section", "shift-forward-and-punch", "short-fist", "short-staff-in-points",
        "sideways-in-the-horse", "six-with-the-wooden-sword", "sixth-form-in-korean", "slow-sanchin", "southern-staff", "spring-show", "staff-in-speech", "stance-and-chamber",
        "swallow-form-again", "table-with-bars", "team-call", "that-is-one-and-two", "the-fence", "the-mirror-of-that", "third-with-switches", "three-fights-uke", "three-lines-of-basics",
        "three-steps-and-back", "three-steps-first", "tonight-in-class", "toward-the-west", "turn-the-waist", "turn-to-the-middle", "twelve-as-one", "twelve-is-front",
        "twenty-four-as-in-the-book", "twenty-nine-in-the-book", "two-open-hands", "up-and-down-the-hall", "warm-up", "what-i-do", "where-people-go-wrong", "whites-and-yellows",
        "with-the-oar", "wo-hiite-mawatte", "write-it-down", "asked-and-told", "capital-letter", "feet-and-hands-apart", "form-of-the-month-flyer", "hands-on-the-bo", "i-mean-it-is-cat", "lines-that-turn-about", "names-in-pinyin", "nervous-student", "one-word-a-sentence", "part-c-is-part-a", "photo-series", "so-she-can-practise-at-home", "sword-evening", "thought-again-on-the-clock", "tiny-notes", "two-friends-talking", "points-for-the-next-test", "arrows-that-point", "north-south-east-west", "setting-the-hands", "sticks-crossing", "tiger-and-crane-game", "all-in-degrees", "broadsword-change-hands", "he-faces-left", "judges-notes", "step-punch-go", "the-way-i-was-taught", "long-fist-by-ordinals", "now-then", "seen-in-a-video", "table-with-a-heading", "a-plus-sign", "five-steps-again", "letter-to-students", "number-two-of-the-series", "salute-as-a-point", "your-right-hand-side", "lesson-as-it-was", "so-what-i-do", "turn-left-to-the-back", "filmed-step-by-step", "first-second-and-on", "horse-then-crane", "over-the-camera", "sanchin-with-a-slip", "three-directions", "you-are-going-to-look", "first-technique-of-the-bo", "fist-by-the-ear", "review-of-number-four", "childrens-bo", "crane-wings", "four-sides-like-a-box", "lets-get-into-it", "shift-and-kizami", "waist-and-untwist", "captions-in-short-lines", "captions-wind-kata", "captions-step-numbers", "friday-homework", "tonfa-both-ways", "up-the-hall-and-back", "captions-third-road", "fist-in-the-palm", "linked-fists", "list-in-long-stance", "look-right-this-time", "out-of-parallel-ready", "sabre-eight-cuts", "simplified-seven", "tiger-set", "bridge-form-called", "my-dojos-version", "part-the-mane", "staff-kicked-up", "voice-note", "from-the-second-turn", "hold-the-ball-and-step", "third-grade-form", "advanced-opening", "for-the-note-taker", "two-tridents", "crane-fist-section", "bo-first-half-upright", "hidari-then-the-other-side", "road-of-kicks-and-horses", "ten-cuts-in-wood", "toe-kicks-and-palms", "dasut-yasut-ilgop", "half-turn-three-quarter-turn", "sabre-section-by-section", "section-two-from-the-back", "short-stance-pattern", "crane-wings-open", "directions-by-ordinals", "eight-movements-cued", "jo-for-seniors", "kata-three-of-our-dojo", "twelve-in-kiba", "executing-while-maintaining", "going-slow", "kama-in-each-hand", "a-bit-longer", "adults-sideways-drill", "called-like-in-the-grading", "lesson-pattern-two", "facing-me-now-watch", "goat-stance-in-halves", "sword-from-seiza-and-back",
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
