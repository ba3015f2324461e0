using System.IO.Compression;
using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Formats;
using TidyHeron.Server.Archive;
using TidyHeron.Server.Forms;
using TidyHeron.Server.People;

namespace TidyHeron.Server.Tests;

/// <summary>The whole school as one archive: the demo school goes out and comes into a school just founded.</summary>
public class ArchiveTests(HeronServer demo, EmptyServer empty) : IClassFixture<HeronServer>, IClassFixture<EmptyServer>
{
    private async Task<byte[]> Demo()
    {
        var head = await demo.Enter("head");
        await head.Post("/api/terms/teach", new { word = "heron hook", means = "hook-punch" });
        if ((await head.Get<FormSummary[]>("/api/forms")).All(f => f.Title != "Ebb"))
        {
            // A form that was saved three times, and a student whose body was measured.
            var made = await head.Post<SavedIdResponse>("/api/forms", new { form = new { title = "Flow" } });
            (await head.Put($"/api/forms/{made.Id}", new { basedOn = 1, form = new { title = "Ebb and flow" } })).StatusCode.ShouldBe(HttpStatusCode.OK);
            (await head.Put($"/api/forms/{made.Id}", new { basedOn = 2, form = new { title = "Ebb" } })).StatusCode.ShouldBe(HttpStatusCode.OK);
            await head.Post<StudentResponse>("/api/students", new { name = "Teal Osmund", heightCm = 158, measured = new { footCm = 25.5, legCm = 86 } });
        }
        var response = await head.Get("/api/school/archive");
        response.StatusCode.ShouldBe(HttpStatusCode.OK);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/zip");
        return await response.Content.ReadAsByteArrayAsync();
    }

    private static SchoolArchive Read(byte[] archive) => SchoolArchive.Read(archive, _ => Vocabulary.Standard);

    [Fact]
    public async Task A_school_goes_out_and_comes_in_whole()
    {
        var archive = await Demo();
        var head = empty.Visit();
        await head.Refresh();
        (await head.Post("/api/school/found", new { school = "New Hall", name = "Ida", email = "ida@newhall.example", password = "a long enough password" })).IsSuccessStatusCode.ShouldBeTrue();
        await head.Refresh();
        var response = await head.PostBytes("/api/school/archive", archive, "application/zip");
        response.StatusCode.ShouldBe(HttpStatusCode.OK, await response.Content.ReadAsStringAsync());

        var before = Read(archive);
        var again = await (await head.Get("/api/school/archive")).Content.ReadAsByteArrayAsync();
        var after = Read(again);
        after.Forms.Values.ShouldBe(before.Forms.Values);
        // The school keeps its own name, ways, ranks and classes; everything else is as it was.
        after.School.Ranks.TakeLast(5).ShouldBe(before.School.Ranks);
        after.School.Classes.TakeLast(3).ShouldBe(before.School.Classes);
        string Rest(SchoolDocument school) => Written(school with { Name = "", Tradition = default, Directions = default, Ranks = [], Classes = [] });
        Rest(after.School).ShouldBe(Rest(before.School));
        before.School.Students.Single(s => s.Name == "Teal Osmund").Measured.ShouldBe(new MeasuredParts(FootCm: 25.5, LegCm: 86));
        var saves = before.Saves[before.School.Forms.Single(f => before.Forms[f.File].Title == "Ebb").History!];
        saves.Select(s => s.Form.Title).ShouldBe(["Flow", "Ebb and flow", "Ebb"]);
        after.Saves.Values.Select(s => s.Select(x => (x.At, x.By, x.Form)).ToValueList()).ShouldBe(before.Saves.Values.Select(s => s.Select(x => (x.At, x.By, x.Form)).ToValueList()), ignoreOrder: true);
        before.School.Terms.ShouldContain(t => t.Words!.Contains("heron hook"));
        before.School.Students.Sum(s => s.Marks!.Count).ShouldBeGreaterThan(100);

        // Taken in twice, people stay one and forms of the same name are told apart.
        var second = await (await head.PostBytes("/api/school/archive", archive, "application/zip")).Content.ReadAsStringAsync();
        var taken = JsonNode.Parse(second)!;
        taken["students"]!.GetValue<int>().ShouldBe(0);
        taken["notes"]!.AsArray().Count.ShouldBeGreaterThan(0);
        (await head.Get<FormSummary[]>("/api/forms")).Count(f => f.Title.EndsWith("(from archive)", StringComparison.Ordinal)).ShouldBe(before.Forms.Count);
    }

    [Fact]
    public async Task A_bad_archive_is_refused_with_its_place_and_nothing_of_it_is_taken()
    {
        var head = await demo.Enter("head");
        var archive = await Demo();
        var forms = (await head.Get<FormSummary[]>("/api/forms")).Length;
        var problem = await Visitor.Problem(await head.PostBytes("/api/school/archive", [1, 2, 3], "application/zip"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").TryGetProperty("file", out _).ShouldBeTrue();

        var spoilt = Change(archive, "forms/02-still-water.json", text => text.Replace("\"front-stance\"", "\"flat-stance\""));
        problem = await Visitor.Problem(await head.PostBytes("/api/school/archive", spoilt, "application/zip"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().ShouldAllBe(e => e.Name.StartsWith("forms/02-still-water.json, moves["));

        problem = await Visitor.Problem(await head.PostBytes("/api/school/archive", Change(archive, "school.json", text => text.Replace("\"legCm\": 86", "\"legCm\": 186")), "application/zip"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Single().Name.ShouldEndWith(".measured.legCm");
        var saves = Read(archive).Saves.Keys.Single();
        problem = await Visitor.Problem(await head.PostBytes("/api/school/archive", Change(archive, saves, text => text.Replace("\"title\": \"Flow\"", "\"title\": 3")), "application/zip"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Single().Name.ShouldStartWith($"{saves}, line ");
        problem = await Visitor.Problem(await head.PostBytes("/api/school/archive", Change(archive, "school.json", text => text.Replace("\"Ripple\"", "\"Rip")), "application/zip"), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Single().Name.ShouldStartWith("school.json, line ");
        (await head.Get<FormSummary[]>("/api/forms")).Length.ShouldBe(forms);
    }

    [Fact]
    public async Task Only_the_head_takes_the_school_out()
    {
        (await (await demo.Enter("instructor")).Get("/api/school/archive")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await (await demo.Enter("student")).Get("/api/school/archive")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await demo.Visit().Get("/api/school/archive")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
    }

    private static string Written(SchoolDocument school) => System.Text.Json.JsonSerializer.Serialize(school, Json.Options);

    private static byte[] Change(byte[] archive, string file, Func<string, string> change)
    {
        using var memory = new MemoryStream();
        memory.Write(archive);
        using (var zip = new ZipArchive(memory, ZipArchiveMode.Update, leaveOpen: true))
        {
            using var reader = new StreamReader(zip.GetEntry(file)!.Open());
            var text = reader.ReadToEnd();
            change(text).ShouldNotBe(text);
            reader.Dispose();
            zip.GetEntry(file)!.Delete();
            using var writer = new StreamWriter(zip.CreateEntry(file).Open());
            writer.Write(change(text));
        }
        return memory.ToArray();
    }
}
