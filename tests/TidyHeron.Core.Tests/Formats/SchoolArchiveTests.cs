using System.IO.Compression;
using CsCheck;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Teaching;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;

namespace TidyHeron.Core.Tests.Formats;

public class SchoolArchiveTests
{
    private static readonly SchoolDocument School = new() { Name = "Alder Hall", Ranks = ["Seed"], Classes = ["Friday"], Forms = [new SchoolFormDocument("forms/01-a.json", "Seed")] };

    private static IReadOnlyDictionary<string, string[]> Refused(byte[] bytes) => Should.Throw<BadDocumentException>(() => SchoolArchive.Read(bytes, _ => Vocabulary.Standard)).Errors;

    private static byte[] Written(SchoolDocument school, Form? form = null) =>
        new SchoolArchive(school, school.Forms.DistinctBy(f => f.File).ToDictionary(f => f.File, _ => form ?? new Form { Title = "A" }), new Dictionary<string, IReadOnlyList<Save>>()).Write();

    [Fact]
    public void Any_school_is_read_back_without_loss() => Samples.AnyForm.Array[0, 4].Sample(forms =>
    {
        var files = forms.Select((_, i) => $"forms/{i:00}.json").ToArray();
        var school = School with
        {
            Forms = files.Select((f, i) => new SchoolFormDocument(f, i % 2 == 0 ? "Seed" : null, Archived: i == 1, History: i % 2 == 1 ? f.Replace("forms", "saves") : null)).ToArray(),
            Students = [new StudentDocument("Ida", "Seed", "Friday", 150, false, Measured: new MeasuredParts(FootCm: 23.5), Marks: files.Select(f => new MarkDocument(f, "s1", KnowingStep.Alone, DateTimeOffset.UnixEpoch, "Head")).ToArray())],
            Terms = [new SchoolTermDocument("front-stance", "long stance", ["leaning"], false)],
        };
        var saves = school.Forms.Where(f => f.History is not null).ToDictionary(f => f.History!, IReadOnlyList<Save> (_) => [.. forms.Select((f, k) => new Save(DateTimeOffset.UnixEpoch.AddHours(k), $"Hand {k}", f))]);
        var read = SchoolArchive.Read(new SchoolArchive(school, files.Zip(forms).ToDictionary(p => p.First, p => p.Second), saves).Write(), _ => Vocabulary.Standard);
        read.Saves.Keys.ShouldBe(saves.Keys, ignoreOrder: true);
        foreach (var (file, list) in saves) read.Saves[file].ShouldBe(list);
        files.Select(f => read.Forms[f]).ShouldBe(forms);
        System.Text.Json.JsonSerializer.Serialize(read.School, Json.Options).ShouldBe(System.Text.Json.JsonSerializer.Serialize(school, Json.Options));
    }, iter: 60);

    [Fact]
    public void Names_that_nothing_goes_by_are_refused_where_they_stand()
    {
        var errors = Refused(Written(School with
        {
            Name = " ",
            Forms = [new SchoolFormDocument("forms/01-a.json", "Oak")],
            Students = [new StudentDocument("Ida", "Oak", "Monday", 20, false, [new MarkDocument("forms/02.json", "s", KnowingStep.Shown, default, "Head")])],
            Applications = [new ApplicationDocument("Gate", default, Links: [new ApplicationLinkDocument("forms/03.json", "a", "b")])],
        }));
        errors.Keys.Order().ShouldBe(
        [
            "school.json, applications[0].links[0].form", "school.json, forms[0].sharedFrom", "school.json, name", "school.json, students[0].class",
            "school.json, students[0].heightCm", "school.json, students[0].marks[0].form", "school.json, students[0].rank",
        ]);
        Refused(Written(School with { Version = 9 })).Keys.ShouldHaveSingleItem().ShouldBe("school.json, version");
        Refused(Written(School with { Forms = [School.Forms[0], School.Forms[0]] })).Keys.ShouldHaveSingleItem().ShouldBe("school.json, forms");
    }

    [Fact]
    public void A_body_and_a_save_that_cannot_be_are_told_by_place()
    {
        Refused(Written(School with { Students = [new StudentDocument("Ida", HeightCm: 150, Measured: new MeasuredParts(LegCm: 200))] })).Keys.ShouldHaveSingleItem().ShouldBe("school.json, students[0].measured.legCm");
        Refused(Written(School with { Students = [new StudentDocument("Ida", Measured: new MeasuredParts(LegCm: 80))] })).Keys.ShouldHaveSingleItem().ShouldBe("school.json, students[0].measured");
        var school = School with { Forms = [School.Forms[0] with { History = "saves/01-a.json" }] };
        byte[] With(params Save[] saves) => new SchoolArchive(school, new Dictionary<string, Form> { ["forms/01-a.json"] = new() { Title = "A" } }, new Dictionary<string, IReadOnlyList<Save>> { ["saves/01-a.json"] = saves }).Write();
        var bad = new Form { Title = "A", Moves = [new Move(new MoveId("m1")) { Stance = new StanceTaken(new TermId("no-such-stance")) }] };
        Refused(With(new Save(default, "Ida", new Form { Title = "A" }), new Save(default, "Ida", bad))).Keys.ShouldHaveSingleItem().ShouldBe("saves/01-a.json, saves[1].form.moves[0].stance.kind");
        Refused(With(new Save(default, " ", new Form { Title = "A" }))).Keys.ShouldHaveSingleItem().ShouldBe("saves/01-a.json, saves[0]");
        Refused(With()).Keys.ShouldHaveSingleItem().ShouldBe("saves/01-a.json, saves");
        Refused(Written(school)).Keys.ShouldHaveSingleItem().ShouldBe("saves/01-a.json");
    }

    [Fact]
    public void A_form_that_cannot_be_read_is_told_by_file_and_place()
    {
        var bad = new Form { Title = "A", Moves = [new Move(new MoveId("m1")) { Stance = new StanceTaken(new TermId("no-such-stance")) }] };
        Refused(Written(School, bad)).Keys.ShouldHaveSingleItem().ShouldBe("forms/01-a.json, moves[0].stance.kind");
    }

    [Fact]
    public void A_file_that_is_missing_and_one_that_unpacks_to_too_much_are_refused()
    {
        byte[] Zip(params (string Name, Action<Stream> Write)[] entries)
        {
            using var bytes = new MemoryStream();
            using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
                foreach (var (name, write) in entries)
                {
                    using var entry = zip.CreateEntry(name, CompressionLevel.Fastest).Open();
                    write(entry);
                }
            return bytes.ToArray();
        }

        Refused(Zip(("other.txt", s => s.WriteByte(1)))).Keys.ShouldHaveSingleItem().ShouldBe("school.json");
        var spaces = new byte[1024 * 1024];
        Array.Fill(spaces, (byte)' ');
        var bomb = Zip(("school.json", s =>
        {
            for (var k = 0; k <= SchoolArchive.MostBytes / spaces.Length; k++) s.Write(spaces);
        }));
        bomb.Length.ShouldBeLessThan(4 * 1024 * 1024); // small as a file, huge when unpacked
        Refused(bomb)["school.json"][0].ShouldContain("Part it");
    }
}
