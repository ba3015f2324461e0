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
        if (WalkThroughTests.IsMarked(name, "not mirrored")) return;
        var words = WalkThroughTests.WordsOf(name);
        var (said, other) = (Samples.ReadingOf(words), Samples.ReadingOf(Exchanged(words)));
        string Told(IEnumerable<Posture> postures, bool mirrored) => string.Join('\n', postures.Select(p =>
            $"{(mirrored ? p.Heading.Mirrored : p.Heading).Degrees} {p.Stance.Value} {Lead(mirrored ? p.Lead?.Other : p.Lead)}"));
        static string Lead(Side? lead) => lead?.Word ?? "none";
        Told(other.Walk.Postures, mirrored: false).ShouldBe(Told(said.Walk.Postures, mirrored: true));
    }

    [Theory]
    [MemberData(nameof(Files))]
    public void Line_by_line_the_same_is_read_as_at_once(string name)
    {
        if (WalkThroughTests.IsMarked(name, "in one breath")) return;
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
        ("left", "right"), ("hidari", "migi"), ("oen", "oreun"), ("wen", "oreun"), ("oenbal", "oreunbal"), ("oenjjok", "oreunjjok"), ("oenjjogeuro", "oreunjjogeuro"), ("counter clockwise", "clockwise"), ("l", "r"), ("lf", "rf"), ("lh", "rh"), ("clockwise", "counterclockwise"), ("cw", "ccw"), ("anticlockwise", "clockwise"), ("jwa-uro", "u-uro"), ("jwa hyang jwa", "u hyang u"), ("jwa-hyang-jwa", "u-hyang-u"), ("jwa hyang", "u hyang"),
        ("nine o'clock", "three o'clock"), ("9 o'clock", "3 o'clock"), ("9:00", "3:00"), ("4:30", "7:30"), ("to 9", "to 3"), ("facing nine", "facing three"), ("face nine", "face three"), ("(9)", "(3)"), ("<-", "->"), ("right-hand", "left-hand"), ("rp", "LP"), ("lp", "RP"), ("one thirty", "ten thirty"), ("three thirty", "eight thirty"), ("to three", "to nine"), ("zuo gong", "you gong"), ("facing 9", "facing 3"), ("face 9", "face 3"), ("turn to nine", "turn to three"), ("foot to nine", "foot to three"), ("half past seven", "half past four"), ("clockwise to nine", "counterclockwise to three"), ("clockwise to three", "counterclockwise to nine"), ("to b", "to A"), ("to a", "to B"), ("toward b", "toward A"), ("toward a", "toward B"), ("facing a", "facing B"), ("facing b", "facing A"), ("to e", "to F"), ("to f", "to E"), ("toward e", "toward F"), ("toward f", "toward E"), ("ce", "CF"), ("cf", "CE"), ("counter-clockwise", "clockwise"), ("half past ten", "half past one"), ("seven thirty", "four thirty"), ("east", "west"), ("northeast", "northwest"), ("southeast", "southwest"),
    }.SelectMany(p => new[] { p, (p.Item2, p.Item1) }).DistinctBy(p => p.Item1).ToDictionary(p => p.Item1, p => p.Item2);

    [GeneratedRegex(@"(?<![\w'])((?<=[LR] |gedan )\((?:9|3)\)|zuo gong|you gong|right-hand|left-hand|<-|->|RP|LP|one thirty(?! five)|ten thirty|three thirty|eight thirty|to three(?=,)|to nine(?=,)|face nine(?! o)|face three(?! o)|to 9(?=,)|to 3(?=,)|facing nine|facing three|facing 9|facing 3|face 9|face 3|turn to nine|turn to three|foot to nine(?! o)|foot to three(?! o)|half past seven|half past four|counterclockwise to nine(?! o)|counterclockwise to three(?! o)|clockwise to nine(?! o)|clockwise to three(?! o)|jwa-uro|jwa-hyang-jwa|jwa hyang jwa|jwa hyang|counter-clockwise|(?-i:facing [AB]|to [ABEF]|toward [ABEF]|CE|CF)|nine o'clock|three o'clock|9 o'clock|3 o'clock|9:00|3:00|4:30|7:30|half past ten|half past one|northeast|northwest|southeast|southwest|east|west|seven thirty|four thirty|left|right|cw|ccw|hidari|migi|oenbal|oreunbal|oenjjogeuro|oreunjjogeuro|counter clockwise|oenjjok|oreunjjok|oen|wen|oreun|clockwise|counterclockwise|anticlockwise|L|R|LF|RF|LH|RH)(?![\w'-])", RegexOptions.IgnoreCase)]
    private static partial Regex Sides();

    [GeneratedRegex(@"(?<=(?<!\b[LR])[.!])\s+|\n")]
    private static partial Regex Sentences();

    [GeneratedRegex(@"(?<!\b[LR])([.!])\s+(\w)")]
    private static partial Regex SentenceStart();
}
