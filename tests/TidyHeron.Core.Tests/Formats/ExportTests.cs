using CsCheck;
using CsvHelper;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Formats.Exports;

namespace TidyHeron.Core.Tests.Formats;

public class ExportTests
{
    private static Form Two() => Samples.Say("Step with the left foot into a left front stance, left low block, right hand at the hip. Step right, punch, then reverse punch, kiai.").Form with { Title = "Two" };

    [Fact]
    public void A_table_of_moves_written_and_read_again_is_the_same_form() =>
        Gen.Select(Samples.AnyForm, Gen.String[0, 30]).Sample((form, note) =>
        {
            var noted = form with { Moves = form.Moves.Select((m, i) => i == 0 ? m with { Note = note.Replace("\0", "") } : m).ToValueList() };
            var read = MoveTable.Read(MoveTable.Write(noted), noted.Title, Vocabulary.Standard);
            read.Moves.ShouldBe(noted.Moves);
            read.Sections.Select(s => (s.First, s.Name)).ShouldBe(noted.Sections.Select(s => (s.First, s.Name)));
        });

    [Fact]
    public void A_general_reader_of_tables_finds_the_columns_and_cells()
    {
        using var csv = CsvReader.FromText(MoveTable.Write(Two()), CsvReaderOptions.Default);
        csv.Read().ShouldBeTrue();
        csv.GetString("stance").ShouldBe("front-stance");
        csv.GetString("hands").ShouldBe("left low-block; right chamber");
    }

    [Theory]
    [InlineData("stance,lead\r\nfront-stance,middle\r\n", "line 2, lead")]
    [InlineData("stance,lead\r\nwobble,left\r\n", "line 2, stance")]
    [InlineData("stance,lead\r\nfront-stance\r\n", "line 2")]
    [InlineData("stance,colour\r\n", "line 1")]
    [InlineData("", "line 1")]
    [InlineData("turn\r\n90\r\n\r\nsharp\r\n", "line 4, turn")]
    public void A_bad_table_is_refused_with_line_and_reason(string csv, string place) =>
        Should.Throw<BadDocumentException>(() => MoveTable.Read(csv, "x", Vocabulary.Standard)).Errors.Keys.ShouldContain(place);

    [Fact]
    public void A_call_sheet_has_one_line_a_move_with_the_counts_and_sections()
    {
        var form = new CutHere(Two().Moves[1].Id).Apply(Two());
        form = new CutHere(form.Moves[1].Id, "Punches").Apply(form);
        var sheet = CallSheet.Text(Samples.ReadingOf(form));
        sheet.ShouldContain("2 counts. Opens in ready stance.");
        sheet.ShouldContain("  1  step with the left foot, left front stance, left hand low block while right hand at the hip\n");
        sheet.ShouldContain("     then: reverse punch, shout\n");
        CallSheet.Markdown(Samples.ReadingOf(form)).ShouldStartWith("# Two\n");
    }
}
