using System.Net;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using Shouldly;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Server.Demo;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Knowledge;
using TidyHeron.Server.People;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Tests;

public class FormTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static async Task<Guid> New(Visitor visitor, string title) =>
        (await visitor.Post<SavedIdResponse>("/api/forms", new { form = new { title } })).Id;

    [Fact]
    public async Task A_form_is_saved_and_read_back_without_loss()
    {
        var head = await server.Enter("head");
        var id = await New(head, "Reed Path");
        var form = FormDocuments.Write(Reader.Read("Step left low block, kiai. Step right punch.", new Form { Title = "Reed Path" }, null, Conventions.Standard).Form);
        (await head.Put($"/api/forms/{id}", new { basedOn = 1, form })).StatusCode.ShouldBe(HttpStatusCode.OK);
        var read = await head.Get<FormResponse>($"/api/forms/{id}");
        Json.Write(read.Form).ShouldBe(Json.Write(form));
        read.Revision.ShouldBe(2);
        read.SavedBy.ShouldBe("Ottoline Fenwick");
    }

    [Fact]
    public async Task Whoever_saves_second_is_told_and_nothing_is_overwritten()
    {
        var (head, instructor) = (await server.Enter("head"), await server.Enter("instructor"));
        var id = await New(head, "Two Hands");
        (await head.Put($"/api/forms/{id}", new { basedOn = 1, form = new { title = "Mine" } })).StatusCode.ShouldBe(HttpStatusCode.OK);
        var problem = await Visitor.Problem(await instructor.Put($"/api/forms/{id}", new { basedOn = 1, form = new { title = "Theirs" } }), HttpStatusCode.Conflict);
        problem.GetProperty("savedBy").GetString().ShouldBe("Ottoline Fenwick");
        problem.GetProperty("revision").GetInt32().ShouldBe(2);
        (await head.Get<FormResponse>($"/api/forms/{id}")).Title.ShouldBe("Mine");
    }

    [Fact]
    public async Task Of_saves_at_the_same_moment_just_one_is_taken()
    {
        var head = await server.Enter("head");
        var id = await New(head, "Rush");
        var saves = await Task.WhenAll(Enumerable.Range(0, 6).Select(i => head.Put($"/api/forms/{id}", new { basedOn = 1, form = new { title = $"Rush {i}" } })));
        saves.Count(s => s.StatusCode == HttpStatusCode.OK).ShouldBe(1);
        saves.Count(s => s.StatusCode == HttpStatusCode.Conflict).ShouldBe(5);
        (await head.Get<RevisionResponse[]>($"/api/forms/{id}/revisions")).Length.ShouldBe(2);
    }

    [Fact]
    public async Task Every_save_stays_in_the_history()
    {
        var head = await server.Enter("head");
        var id = await New(head, "First name");
        await head.Put($"/api/forms/{id}", new { basedOn = 1, form = new { title = "Second name" } });
        (await head.Get<RevisionResponse[]>($"/api/forms/{id}/revisions")).Select(r => r.Number).ShouldBe([2, 1]);
        (await head.Get<FormDocument>($"/api/forms/{id}/revisions/1")).Title.ShouldBe("First name");
    }

    [Fact]
    public async Task A_form_put_away_can_be_taken_out_again()
    {
        var head = await server.Enter("head");
        var id = await New(head, "Old Song");
        await head.Post($"/api/forms/{id}/archive");
        (await head.Get<FormSummary[]>("/api/forms")).ShouldNotContain(f => f.Id == id);
        (await head.Get<FormSummary[]>("/api/forms?archived=true")).ShouldContain(f => f.Id == id);
        await head.Post($"/api/forms/{id}/restore");
        (await head.Get<FormSummary[]>("/api/forms")).ShouldContain(f => f.Id == id);
    }

    [Fact]
    public async Task A_student_reads_the_forms_of_their_rank_and_changes_nothing()
    {
        var student = await server.Enter("student"); // of the third rank
        var forms = await student.Get<FormSummary[]>("/api/forms");
        forms.Select(f => f.Title).ShouldBe(["First Crossing", "Still Water", "Long Reed (staff)"]);
        (await student.Get<FormResponse>($"/api/forms/{forms[0].Id}")).MayEdit.ShouldBeFalse();
        await Visitor.Problem(await student.Put($"/api/forms/{forms[0].Id}", new { basedOn = 1, form = new { title = "x" } }), HttpStatusCode.Forbidden);
        await Visitor.Problem(await student.Get("/api/students"), HttpStatusCode.Forbidden);
        var hidden = (await (await server.Enter("head")).Get<FormSummary[]>("/api/forms")).Single(f => f.Title.StartsWith("Two Ferries, senior"));
        await Visitor.Problem(await student.Get($"/api/forms/{hidden.Id}"), HttpStatusCode.NotFound);
    }

    [Theory]
    [InlineData("json", "application/json")]
    [InlineData("csv", "text/csv")]
    public async Task A_form_goes_out_and_comes_in_again_unchanged(string format, string type)
    {
        var head = await server.Enter("head");
        var id = (await head.Get<FormSummary[]>("/api/forms")).Single(f => f.Title == "Still Water").Id;
        var exported = await head.Get($"/api/forms/{id}/export?as={format}");
        exported.Content.Headers.ContentType!.MediaType.ShouldBe(type);
        var made = await head.Post<SavedIdResponse>("/api/forms/import", new { @as = format, content = await exported.Content.ReadAsStringAsync(), title = $"Still Water from {format}" });
        var (before, after) = ((await head.Get<FormResponse>($"/api/forms/{id}")).Form, (await head.Get<FormResponse>($"/api/forms/{made.Id}")).Form);
        Json.Write(after with { Title = "", Sections = [], DeclaredCounts = null, DeclaredShouts = null }).ShouldBe(Json.Write(before with { Title = "", Sections = [], DeclaredCounts = null, DeclaredShouts = null }));
        after.Sections.Select(s => (s.First, s.Name)).ShouldBe(before.Sections.Select(s => (s.First, s.Name)));
        await head.Post($"/api/forms/{made.Id}/archive");
    }

    [Theory]
    [InlineData("json", "{\n \"moves\": [\n { \"shout\": 3 } ] }", "line 3, moves[0].shout")]
    [InlineData("csv", "stance\r\nwobble\r\n", "line 2, stance")]
    [InlineData("md", "# x", "as")]
    public async Task A_bad_file_is_refused_with_line_and_reason_and_nothing_is_imported(string format, string content, string place)
    {
        var head = await server.Enter("head");
        var before = (await head.Get<FormSummary[]>("/api/forms")).Length;
        var problem = await Visitor.Problem(await head.Post("/api/forms/import", new { @as = format, content, title = "x" }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").EnumerateObject().Select(e => e.Name).ShouldContain(place);
        (await head.Get<FormSummary[]>("/api/forms")).Length.ShouldBe(before);
    }

    [Fact]
    public async Task The_schema_is_served_and_the_one_in_the_docs_is_the_same()
    {
        var served = await (await server.Visit().Get("/schemas/form-1.json")).Content.ReadAsStringAsync();
        var file = Path.Combine(Repository.Root, "docs/schemas/form-1.json");
        if (Environment.GetEnvironmentVariable("HERON_UPDATE_CONTRACT") == "1") await File.WriteAllTextAsync(file, served);
        (await File.ReadAllTextAsync(file)).ShouldBe(served);
    }

    [Fact]
    public async Task Two_revisions_are_compared_move_by_move()
    {
        var head = await server.Enter("head");
        Form Said(string words) => Reader.Read(words, new Form { Title = "Versions" }, null, Conventions.Standard).Form;
        var id = (await head.Post<SavedIdResponse>("/api/forms", new { form = FormDocuments.Write(Said("Step left low block. Step right punch.")) })).Id;
        await head.Put($"/api/forms/{id}", new { basedOn = 1, form = FormDocuments.Write(Said("Step left low block. Right front kick. Step right high punch.")) });
        var comparison = await head.Get<ComparisonResponse>($"/api/forms/compare?first={id}&firstRevision=1&second={id}");
        comparison.Lines.Select(l => l.Likeness).ShouldBe([Core.Versions.Likeness.Same, Core.Versions.Likeness.OnlySecond, Core.Versions.Likeness.Different]);
        comparison.Lines[2].First!.Count.ShouldBe(2);
        comparison.Lines[2].Second!.Count.ShouldBe(3);
        await head.Post($"/api/forms/{id}/archive");
    }

    [Fact]
    public async Task Passages_that_occur_twice_are_found_across_the_school()
    {
        await using var own = new HeronServer();
        var passages = await (await own.Enter("head")).Get<PassageResponse[]>("/api/forms/passages");
        passages.ShouldContain(p => p.FirstTitle == "First Crossing" && p.SecondTitle == "First Crossing" && p.Mirrored && p.FirstCount == 1 && p.SecondCount == 5 && p.Length == 4);
    }

    [Fact]
    public async Task A_student_sees_only_their_own_record()
    {
        var student = await server.Enter("student");
        var own = (await student.Refresh()).Person!.StudentId!.Value;
        (await student.Get<StudentRecordResponse>($"/api/students/{own}/record")).Student.Name.ShouldBe("Juna Faircross");
        var other = (await (await server.Enter("head")).Get<StudentPageResponse>("/api/students")).Students.First(s => s.Id != own);
        await Visitor.Problem(await student.Get($"/api/students/{other.Id}/record"), HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Another_school_s_rows_are_answered_as_if_they_did_not_exist()
    {
        var theirs = await OtherSchool();
        var head = await server.Enter("head");
        await Visitor.Problem(await head.Get($"/api/forms/{theirs.Form}"), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Put($"/api/forms/{theirs.Form}", new { basedOn = 1, form = new { title = "x" } }), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Post($"/api/forms/{theirs.Form}/archive"), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Get($"/api/forms/{theirs.Form}/revisions/1"), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Get($"/api/students/{theirs.Student}/record"), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Put($"/api/students/{theirs.Student}", new { name = "x" }), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Put($"/api/ranks/{theirs.Rank}", new { name = "x" }), HttpStatusCode.NotFound);
        await Visitor.Problem(await head.Get($"/api/knowledge?formId={theirs.Form}"), HttpStatusCode.NotFound);
        var problem = await Visitor.Problem(await head.Post("/api/students", new { name = "Mix", rankId = theirs.Rank }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").TryGetProperty("rankId", out _).ShouldBeTrue();
        (await head.Get<FormSummary[]>("/api/forms")).ShouldNotContain(f => f.Id == theirs.Form);
    }

    [Fact]
    public async Task The_demo_forms_close_on_their_starting_spot_and_raise_no_findings()
    {
        await Task.CompletedTask;
        foreach (var demo in DemoForm.All)
        {
            var unread = Reader.Read(demo.Words(), new Form(), null, Conventions.Standard).Unread;
            unread.ShouldBeEmpty(demo.Title);
            var reading = FormReading.Of(demo.Read(), BodyMeasures.Reference, Conventions.Standard);
            reading.Findings.ShouldBeEmpty(demo.Title);
            FloorReading.Of(reading).EndError.Length.ShouldBe(0, 1e-6, demo.Title);
        }
    }

    private async Task<(Guid Form, Guid Student, Guid Rank)> OtherSchool()
    {
        await using var scope = server.Services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<HeronDb>();
        var school = new School { Name = "Elsewhere" };
        db.Schools.Add(school);
        await db.SaveChangesAsync();
        scope.ServiceProvider.GetRequiredService<CurrentSchool>().Id = school.Id;
        var rank = new Rank { Name = "Theirs", Order = 1 };
        var student = new Student { Name = "Someone Else", Rank = rank };
        var form = new StoredForm { Title = "Secret", Revision = 1 };
        form.Revisions.Add(new FormRevision { Number = 1, Document = Json.Write(new FormDocument { Title = "Secret" }), SavedBy = "x" });
        db.AddRange(rank, student, form);
        await db.SaveChangesAsync();
        return (form.Id, student.Id, rank.Id);
    }
}
