using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Tests.Dictation.BlindTexts;

namespace TidyHeron.Core.Tests.Dictation.Tables;

/// <summary>
/// Forms kept as tables, in a spreadsheet or a list with columns, are read by row and column whatever parts the cells, whatever the columns
/// are called and in whatever order they stand. The columns and how they are filled in: common practice.
/// </summary>
public sealed class TablesTests
{
    /// <summary>One made up count: where it ends, and what is done with which hand.</summary>
    private sealed record Count(int Heading, string Lead, string Stance, string Hand, string Technique);

    private static readonly string[] Stances = ["front", "back", "cat"];
    private static readonly string[] Techniques = ["low block", "rising block", "hammer fist", "punch", "back fist", "palm strike"];

    /// <summary>A way of telling which way a count faces, by its heading.</summary>
    private static readonly Dictionary<string, Func<int, string>> Directions = new()
    {
        ["walls"] = h => h switch { 0 => "front", 90 => "right", 180 => "back", 270 => "left", 45 => "front right", 315 => "front left", 135 => "back right", _ => "back left" },
        ["winds"] = h => h switch { 0 => "N", 45 => "NE", 90 => "E", 135 => "SE", 180 => "S", 225 => "SW", 270 => "W", _ => "NW" },
        ["hours"] = h => $"{(h == 0 ? 12 : h / 30)}:{(h % 30 == 0 ? "00" : "30")}",
        ["arrows"] = h => "↑↗→↘↓↙←↖"[h / 45].ToString(),
    };

    private static readonly Dictionary<string, Func<IReadOnlyList<string[]>, string>> Layouts = new()
    {
        ["bars"] = rows => string.Join('\n', rows.Select((r, i) => $"| {string.Join(" | ", r)} |{(i == 0 ? "\n|" + string.Concat(r.Select(_ => "---|")) : "")}")),
        ["tabs"] = rows => string.Join('\n', rows.Select(r => string.Join('\t', r))),
        ["semicolons"] = rows => string.Join("\r\n", rows.Select(r => string.Join("; ", r))),
        ["commas"] = rows => string.Join('\n', rows.Select(r => string.Join(',', r))),
        ["gaps"] = rows => string.Join('\n', rows.Select(r => string.Concat(r.Select((cell, c) => cell.PadRight(rows.Max(x => x[c].Length) + 3))).TrimEnd())),
    };

    /// <summary>Columns by their heads, each with what a count has in it; those with a side of its own leave it out of the others.</summary>
    private static readonly Dictionary<string, (string Head, Func<Count, int, Func<int, string>, string> Cell)[]> Columns = new()
    {
        ["sides in the cells"] =
        [
            ("No.", (_, i, _) => $"{i + 1}"), ("Direction", (c, _, way) => way(c.Heading)),
            ("Stance", (c, _, _) => $"{c.Lead} {c.Stance} stance"), ("Technique", (c, _, _) => $"{c.Hand} {c.Technique}"),
        ],
        ["letters for sides, stances without the word"] =
        [
            ("#", (_, i, _) => $"{i + 1}"), ("Facing", (c, _, way) => way(c.Heading)),
            ("Stance", (c, _, _) => $"{char.ToUpperInvariant(c.Lead[0])} {c.Stance}"), ("Hands", (c, _, _) => $"{char.ToUpperInvariant(c.Hand[0])} {c.Technique}"),
        ],
        ["a column for every side"] =
        [
            ("Count", (_, i, _) => $"{i + 1}"), ("Lead leg", (c, _, _) => c.Lead), ("Stance", (c, _, _) => c.Stance),
            ("Hand", (c, _, _) => c.Hand), ("Action", (c, _, _) => c.Technique), ("Towards", (c, _, way) => way(c.Heading)),
        ],
        ["hands first, no numbers"] =
        [
            ("Side", (c, _, _) => c.Hand), ("Technique", (c, _, _) => c.Technique),
            ("Stances", (c, _, _) => $"{c.Lead} {c.Stance}"), ("Dir.", (c, _, way) => way(c.Heading)),
        ],
        ["with remarks"] =
        [
            ("Move", (_, i, _) => $"{i + 1}"), ("To", (c, _, way) => way(c.Heading)), ("Stance", (c, _, _) => $"{c.Lead} {c.Stance}"),
            ("Technique", (c, _, _) => $"{c.Hand} {c.Technique}"), ("Kiai", (_, i, _) => i % 3 == 2 ? "x" : ""), ("Notes", (_, i, _) => i % 2 == 0 ? "left hip back" : ""),
        ],
    };

    public static readonly MatrixTheoryData<string, string, string> Ways = new(Layouts.Keys, Directions.Keys, Columns.Keys);

    [Theory]
    [MemberData(nameof(Ways))]
    public void A_table_is_read_by_row_and_column(string layout, string direction, string columns)
    {
        var dice = new Random(layout.Length + 10 * direction.Length + 100 * columns.Length);
        for (var round = 0; round < 8; round++)
        {
            var counts = Enumerable.Range(0, 3 + dice.Next(9)).Select(_ => new Count(45 * dice.Next(8), Side(), Of(Stances), Side(), Of(Techniques))).ToList();
            List<string[]> rows = [[.. Columns[columns].Select(c => c.Head)], .. counts.Select((count, i) => Columns[columns].Select(c => c.Cell(count, i, Directions[direction])).ToArray())];
            // An empty cell in a wide gap is no cell.
            if (layout == "gaps") rows = [.. rows.Select(r => r.Select(cell => cell.Length == 0 ? "-" : cell).ToArray())];
            var text = Layouts[layout](rows);

            var reading = Samples.Say(text);

            Row.Of(reading.Form).Select(r => r.ToString()).ShouldBe(counts.Select(c => $"{c.Heading} {c.Lead} {c.Stance}: {c.Hand[0]} {c.Technique.Replace(' ', '-')}"), text);
            reading.Unread.ShouldBeEmpty(text);
        }

        string Side() => dice.Next(2) == 0 ? "left" : "right";
        string Of(string[] what) => what[dice.Next(what.Length)];
    }

    [Theory]
    [InlineData("x", true)]
    [InlineData("yes", true)]
    [InlineData("KIAI!", true)]
    [InlineData("no", false)]
    [InlineData("-", false)]
    public void A_mark_below_the_shout_is_a_shout(string mark, bool shouts)
    {
        var form = Samples.Say($"| Count | Stance | Technique | Kiai |\n| 1 | left front | low block | |\n| 2 | right front | punch | {mark} |").Form;

        form.Moves.Select(m => m.Shout).ShouldBe([false, shouts]);
    }

    [Fact]
    public void What_stands_below_notes_is_a_remark_but_for_the_shout()
    {
        var form = Samples.Say("Stance\tTechnique\tNotes\nleft front\tlow block\tleft hip back\nright front\tpunch\tstep long, kiai").Form;

        form.Moves.Select(m => (m.Note, m.Shout, m.Footwork is null)).ShouldBe([("left hip back", false, true), ("step long", true, true)]);
    }

    [Fact]
    public void Which_foot_steps_and_how_far_one_turns_have_columns_of_their_own()
    {
        var form = Samples.Say("Turn,Foot,Stance,Technique\n90 left,left,front,low block\n,right,front,punch\n180 right,right,front,low block\n,left,front,punch").Form;

        WalkThroughTests.Told(form).ShouldBe("270 left front, 270 right front, 90 right front, 90 left front");
        form.Moves.Select(m => m.Turn?.Amount).ShouldBe([90, null, 180, null]);
    }

    /// <summary>Below one head may stand how far one turns, and "forward" where one goes on.</summary>
    [Theory]
    [InlineData("Seq\tTurn direction\tStance\tTechnique\n1\t90 L\tfront L\tlow block\n2\tfwd\tfront R\tpunch\n3\t180 R\tfront R\tlow block\n4\tfwd\tfront L\tpunch")]
    [InlineData("Direction | Stance | Technique\n90 left | left front | low block\nforward | right front | punch\n180 right | right front | low block\nforward | left front | punch")]
    [InlineData("Direction | Foot forward | Stance | Block/strike\nWest | Left | Front | Left down block\nWest | Right | Front | Right punch\nEast | Right | Front | Right down block\nEast | Left | Front | Left punch")]
    [InlineData("Where to; Stance; Technique; Seen by\nto the left; left front; low block; all\nleft; right front; punch; all\nright wall; right front; low block; all\nthe right; left front; punch; all")]
    public void Heads_are_called_in_many_ways(string table) => WalkThroughTests.Told(Samples.Say(table).Form).ShouldBe("270 left front, 270 right front, 90 right front, 90 left front", table);

    /// <summary>Lists whose lines each say first which way they go: walls where more than the two sides are named, however often in a row.</summary>
    [Theory]
    [InlineData("1. L: L front stance, L low block\n2. L: R front stance, R punch\n3. R: R front stance, R low block\n4. R: L front stance, L punch\n5. F: L front stance, L rising block")]
    [InlineData("1 - W - LFS - L gedan barai\n2 - W - RFS - R oi zuki\n3 - E - RFS - R gedan barai\n4 - E - LFS - L oi zuki\n5 - N - LFS - L age uke")]
    [InlineData("(W) L front stance - L low block\n(W) R front stance - R punch\n(E) R front stance - R low block\n(E) L front stance - L punch\n(N) L front stance - L rising block")]
    [InlineData("1) 9:00 - L zenkutsu - L gedan barai\n2) 9:00 - R zenkutsu - R oi zuki\n3) 3:00 - R zenkutsu - R gedan barai\n4) 3:00 - L zenkutsu - L oi zuki\n5) 12:00 - L zenkutsu - L age uke")]
    [InlineData("1. 9: left FS, low block\n2. 9: right FS, punch\n3. 3: right FS, low block\n4. 3: left FS, punch\n5. 12: left FS, rising block")]
    [InlineData("1 W L-front stance low block\n2 W R-front stance punch\n3 E R-front stance low block\n4 E L-front stance punch\n5 N L-front stance rising block")]
    [InlineData("Move 1: W, left front stance, low block\nMove 2: W, right front stance, punch\nMove 3: E, right front stance, low block\nMove 4: E, left front stance, punch\nMove 5: N, left front stance, rising block")]
    [InlineData("⬅️ left FS, low block\n⬅️ right FS, punch\n➡️ right FS, low block\n➡️ left FS, punch\n⬆️ left FS, rising block")]
    [InlineData("1. left FS, low block (W)\n2. right FS, punch (W)\n3. right FS, low block (E)\n4. left FS, punch (E)\n5. left FS, rising block (N)")]
    [InlineData("left FS, low block -> W\nright FS, punch -> W\nright FS, low block -> E\nleft FS, punch -> E\nleft FS, rising block -> N")]
    [InlineData("1. left FS, low block ←\n2. right FS, punch ←\n3. right FS, low block →\n4. left FS, punch →\n5. left FS, rising block ↑")]
    [InlineData("← : left FS, low block\n← : right FS, punch\n→ : right FS, low block\n→ : left FS, punch\n↑ : left FS, rising block")]
    public void Lines_may_say_first_which_way_they_go(string list)
    {
        WalkThroughTests.Told(Samples.Say(list).Form).ShouldBe("270 left front, 270 right front, 90 right front, 90 left front, 0 left front", list);
        Samples.Say(list).Unread.ShouldBeEmpty(list);
    }

    /// <summary>Times of a recording are none, nor are the sides of limbs, nor what a list calls its points.</summary>
    [Theory]
    [InlineData("[0:12] step left, low block\n[0:15] step right, punch\n[0:21] turn around, low block")]
    [InlineData("L: low block\nR: punch\nL: rising block")]
    [InlineData("A: step left, low block\nB: step right, punch\nC: turn around, low block")]
    public void Lines_that_begin_otherwise_are_no_table(string list) => Table.In(list).ShouldBeEmpty();

    [Fact]
    public void A_weapon_at_a_head_is_carried()
    {
        var form = Samples.Say("Count;Staff;Feet;Facing\n1;overhead strike;right foot forward;front\n2;low block;right foot back, left front stance;front").Form;

        form.Moves.SelectMany(m => m.Hands).Select(h => h.Technique.Value).ShouldBe(["staff-overhead-strike", "staff-low-block"]);
        WalkThroughTests.Told(form).ShouldBe("0 right short-front, 0 left front");
    }

    [Fact]
    public void Without_heads_directions_are_told_by_their_column_where_the_sides_are_not_the_limbs()
    {
        WalkThroughTests.Told(Samples.Say("1 | W | left front stance | low block\n2 | W | right front stance | punch\n3 | N | left front stance | rising block").Form)
            .ShouldBe("270 left front, 270 right front, 0 left front");
        // Two columns of left and right: which is the hand and which the wall cannot be known.
        Samples.Say("left | front stance | low block\nright | front stance | punch\nleft | front stance | punch").Form.Moves.ShouldAllBe(m => m.Facing == null);
    }

    [Fact]
    public void What_stands_around_a_table_is_read_as_ever()
    {
        var reading = Samples.Say("Low Weir\n\nReady stance.\n\n| Facing | Stance | Technique |\n|---|---|---|\n| left | left front | low block |\n| left | right front | punch |\n\nThen back to ready.");

        reading.Unread.ShouldBeEmpty();
        reading.Form.Moves.Select(m => Speech.Say(m, Samples.Ways)).ShouldBe(["facing nine o'clock, left front stance, low block", "facing nine o'clock, right front stance, punch", "return to ready"]);
    }

    /// <summary>Sentences that hold commas, semicolons and wide gaps are no tables.</summary>
    [Theory]
    [InlineData("Step left, left front stance, low block.\nStep forward, right front stance, punch.\nTurn around, right front stance, low block.")]
    [InlineData("Step left,  low block.  Step forward,  punch.\nTurn around,  low block.  Step forward,  punch.\nTurn left,  low block.  Step forward,  punch.")]
    [InlineData("one;\ntwo;\nthree;")]
    [InlineData("Step left; low block; step right; punch.\nTurn around; low block; step left; punch.\nTurn left; low block; step right; punch.")]
    [InlineData("a | b\nc | d")]
    [InlineData("| | |\n| | |\n| | |\n||\n\t\t\n;;;\n  ,  ,\n")]
    public void What_is_no_table_is_not_read_as_one(string words)
    {
        if (words[0] is '|' or 'a') Should.NotThrow(() => Samples.Say(words)); // whatever it is
        else Table.In(words).ShouldBeEmpty();
    }

    [Fact]
    public void The_spans_of_its_cells_are_the_words_in_them()
    {
        const string text = "Notes first.\n| Stance | Technique |\n|:--|--:|\n| left front |  low block|\n|  | punch |";

        var table = Table.In(text).ShouldHaveSingleItem();

        table.Heads.ShouldBe([Column.Stance, Column.Words]);
        table.Rows.Select(r => string.Join("/", r.Select(c => text[c.Start..c.End].Trim()))).ShouldBe(["left front/low block", "/punch"]);
        table.Labels.Select(l => text[l.Start..l.End]).ShouldHaveSingleItem().ShouldBe("| Stance | Technique |\n|:--|--:|");
    }
}
