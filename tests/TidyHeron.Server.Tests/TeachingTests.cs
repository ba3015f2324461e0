using System.Net;
using Shouldly;
using TidyHeron.Core.Teaching;
using TidyHeron.Server.Applications;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Knowledge;
using TidyHeron.Server.People;

namespace TidyHeron.Server.Tests;

public class TeachingTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static async Task<FormSummary> Form(Visitor visitor, string title) => (await visitor.Get<FormSummary[]>("/api/forms")).Single(f => f.Title == title);

    [Fact]
    public async Task An_application_is_linked_to_a_stretch_and_read_for_the_other_side()
    {
        var head = await server.Enter("head");
        var form = await Form(head, "First Crossing");
        var moves = (await head.Get<FormResponse>($"/api/forms/{form.Id}")).Form.Moves;
        var made = await head.Post<ApplicationResponse>("/api/applications", new
        {
            name = "Step out",
            attack = "straightPunch",
            attackSide = "right",
            steps = new[] { new { who = "attacker", text = "Right punch." }, new { who = "defender", text = "Step to the left." } },
            risks = new[] { "head" },
            links = new[] { new { formId = form.Id, firstMove = moves[1].Id, lastMove = moves[2].Id } },
        });
        (await head.Get<ApplicationResponse[]>($"/api/applications?formId={form.Id}")).ShouldContain(a => a.Id == made.Id);
        var other = await head.Get<ApplicationResponse>($"/api/applications/{made.Id}?otherSide=true");
        other.Steps.Select(s => s.Text).ShouldBe(["Left punch.", "Step to the right."]);
        other.AttackSide.ShouldBe(Core.Notation.Side.Left);
        other.Cautions.Count.ShouldBe(2);
        other.Cautions[1].ShouldContain("instructor in the room");
    }

    [Fact]
    public async Task An_application_changed_by_two_is_not_overwritten()
    {
        var head = await server.Enter("head");
        var all = await head.Get<ApplicationResponse[]>("/api/applications");
        var a = all.Single(x => x.Name == "Both banks");
        object Body(string name) => new { name, attack = "straightPunch", steps = a.Steps, links = a.Links, basedOn = a.Revision };
        (await head.Put($"/api/applications/{a.Id}", Body("Both banks, slowly"))).StatusCode.ShouldBe(HttpStatusCode.OK);
        await Visitor.Problem(await head.Put($"/api/applications/{a.Id}", Body("Lost")), HttpStatusCode.Conflict);
        (await head.Get<ApplicationResponse>($"/api/applications/{a.Id}")).Name.ShouldBe("Both banks, slowly");
    }

    [Fact]
    public async Task An_application_without_steps_is_refused_by_field()
    {
        var problem = await Visitor.Problem(await (await server.Enter("head")).Post("/api/applications", new { name = " ", attack = "choke", steps = Array.Empty<object>() }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("name")[0].GetString().ShouldBe("Give the application a name.");
        problem.GetProperty("errors").GetProperty("steps")[0].GetString()!.ShouldContain("at least one step");
    }

    [Fact]
    public async Task A_mark_has_a_date_and_who_made_it_and_can_be_taken_back()
    {
        var instructor = await server.Enter("instructor");
        var form = await Form(instructor, "Still Water");
        var grid = await instructor.Get<GridResponse>($"/api/knowledge?formId={form.Id}");
        var student = grid.Students[^1];
        var section = grid.Sections[^1].Id;
        var before = grid.Marks.SingleOrDefault(m => m.StudentId == student.Id && m.Section == section);
        var mark = await instructor.Post<GridMark>("/api/knowledge", new { studentId = student.Id, formId = form.Id, section, step = "byCount" });
        mark.MarkedBy.ShouldBe("Barnaby Sedge");
        (await instructor.Get<GridResponse>($"/api/knowledge?formId={form.Id}")).Marks.Single(m => m.StudentId == student.Id && m.Section == section).Step.ShouldBe(KnowingStep.ByCount);
        (await instructor.Delete($"/api/knowledge/{mark.Id}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await instructor.Get<GridResponse>($"/api/knowledge?formId={form.Id}")).Marks.SingleOrDefault(m => m.StudentId == student.Id && m.Section == section)?.Id.ShouldBe(before!.Id);
        (await instructor.Get<StudentRecordResponse>($"/api/students/{student.Id}/record")).History.Single(h => h.Id == mark.Id).Withdrawn.ShouldBeTrue();
    }

    [Fact]
    public async Task A_section_that_is_not_there_cannot_be_marked()
    {
        var head = await server.Enter("head");
        var form = await Form(head, "Still Water");
        var student = (await head.Get<StudentPageResponse>("/api/students")).Students[0];
        var problem = await Visitor.Problem(await head.Post("/api/knowledge", new { studentId = student.Id, formId = form.Id, section = "gone", step = "alone" }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("section")[0].GetString()!.ShouldContain("Load the grid again");
    }

    [Fact]
    public async Task The_grid_asks_the_database_as_often_for_many_students_as_for_few()
    {
        var head = await server.Enter("head");
        var form = await Form(head, "First Crossing");
        var lists = await head.Get<SchoolListsResponse>("/api/school/lists");
        Task<GridResponse> Load() => head.Get<GridResponse>($"/api/knowledge?formId={form.Id}");
        var total = (await Load()).Total;
        var few = await server.CountCommands(Load);
        for (var i = 0; i < 80; i++) (await head.Post("/api/students", new { name = $"Extra {i:00}", rankId = lists.Ranks[0].Id })).EnsureSuccessStatusCode();
        var many = await server.CountCommands(Load);
        few.ShouldBeGreaterThan(0);
        many.ShouldBe(few);
        var grid = await Load();
        grid.Students.Count.ShouldBe(grid.PageSize);
        grid.Total.ShouldBe(total + 80);
    }

    [Fact]
    public async Task The_list_of_forms_asks_the_database_as_often_for_many_as_for_few()
    {
        var head = await server.Enter("head");
        Task Load() => head.Get<FormSummary[]>("/api/forms");
        await Load();
        var few = await server.CountCommands(Load);
        for (var i = 0; i < 10; i++) await head.Post<SavedIdResponse>("/api/forms", new { form = new { title = $"Extra {i}" } });
        (await server.CountCommands(Load)).ShouldBe(few);
    }

    [Fact]
    public async Task Students_are_put_on_the_roster_changed_and_leave_without_losing_their_record()
    {
        var head = await server.Enter("head");
        var lists = await head.Get<SchoolListsResponse>("/api/school/lists");
        var made = await head.Post<StudentResponse>("/api/students", new { name = "Wren Aldous", rankId = lists.Ranks[1].Id, classId = lists.Classes[0].Id, heightCm = 160 });
        made.Rank.ShouldBe("Reed");
        (await head.Put($"/api/students/{made.Id}", new { name = "Wren Aldous-Hay", heightCm = 300 })).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        foreach (var (body, field) in new (object, string)[] { (new { name = "Wren", heightCm = 160, measured = new { footCm = 60 } }, "measured.footCm"), (new { name = "Wren", measured = new { footCm = 24 } }, "heightCm") })
            (await Visitor.Problem(await head.Put($"/api/students/{made.Id}", body), HttpStatusCode.BadRequest)).GetProperty("errors").TryGetProperty(field, out _).ShouldBeTrue(field);
        (await head.Put($"/api/students/{made.Id}", new { name = "Wren Aldous-Hay", heightCm = 161, measured = new { footCm = 24.5 } })).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await head.Get<StudentPageResponse>("/api/students?search=Wren")).Students.Single().Measured.FootCm.ShouldBe(24.5);
        (await head.Put($"/api/students/{made.Id}", new { name = "Wren Aldous-Hay", heightCm = 161 })).StatusCode.ShouldBe(HttpStatusCode.OK);
        await head.Post($"/api/students/{made.Id}/leave");
        (await head.Get<StudentPageResponse>("/api/students?search=wren")).Total.ShouldBe(0);
        (await head.Get<StudentPageResponse>("/api/students?search=wren&left=true")).Students[0].Name.ShouldBe("Wren Aldous-Hay");
        (await head.Get<StudentRecordResponse>($"/api/students/{made.Id}/record")).Student.HasLeft.ShouldBeTrue();
        await head.Post($"/api/students/{made.Id}/return");
        (await head.Get<StudentPageResponse>("/api/students?search=wren")).Total.ShouldBe(1);
    }

    [Fact]
    public async Task A_rank_in_use_is_not_removed()
    {
        var head = await server.Enter("head");
        var lists = await head.Get<SchoolListsResponse>("/api/school/lists");
        await Visitor.Problem(await head.Delete($"/api/ranks/{lists.Ranks[0].Id}"), HttpStatusCode.Conflict);
        var spare = await head.Post<NamedResponse>("/api/ranks", new { name = "Spare" });
        (await head.Delete($"/api/ranks/{spare.Id}")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Fact]
    public async Task An_unread_word_is_taught_and_understood_at_once_by_this_school_only()
    {
        var head = await server.Enter("head");
        object Said() => new { text = "step left into a heronleg" };
        (await head.Post<Dictation.DictationResponse>("/api/dictation", Said())).Unread.Select(u => u.Text).ShouldBe(["heronleg"]);
        (await head.Post("/api/terms/teach", new { word = "heronleg", means = "crane-stance" })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var said = await head.Post<Dictation.DictationResponse>("/api/dictation", Said());
        said.Unread.ShouldBeEmpty();
        said.Moves[0].Stance.ShouldBe("crane-stance");
        await using var elsewhere = new HeronServer();
        (await (await elsewhere.Enter("head")).Post<Dictation.DictationResponse>("/api/dictation", Said())).Unread.Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_school_renames_terms_and_adds_its_own_but_no_word_may_mean_two_things()
    {
        await using var own = new HeronServer();
        var head = await own.Enter("head");
        (await head.Put("/api/terms/front-stance", new { name = "river stance", words = new[] { "wading stance" } })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var id = await head.Post<string>("/api/terms", new { name = "Pond Perch", like = "cat-stance" });
        id.ShouldBe("pond-perch");
        var said = await head.Post<Dictation.DictationResponse>("/api/dictation", new { text = "step left foot into a left wading stance. Left pond perch. Zenkutsu dachi." });
        said.Unread.ShouldBeEmpty();
        said.Moves.Select(m => m.Stance).ShouldBe(["front-stance", "pond-perch", "front-stance"]);
        said.Moves[0].Text.ShouldContain("river stance");
        var clash = await Visitor.Problem(await head.Post("/api/terms/teach", new { word = "low block", means = "punch" }), HttpStatusCode.BadRequest);
        clash.GetProperty("errors").GetProperty("word")[0].GetString().ShouldBe("\"low block\" means low block already. Take it away there first, or use another word.");
        await Visitor.Problem(await (await own.Enter("student")).Put("/api/terms/front-stance", new { name = "x" }), HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task The_school_s_tradition_changes_the_names_shown()
    {
        await using var own = new HeronServer();
        var head = await own.Enter("head");
        (await head.Put("/api/school", new { name = "Reedmere Hall", tradition = "japanese", directions = "words" })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var said = await head.Post<Dictation.DictationResponse>("/api/dictation", new { text = "step left foot to nine o'clock, left front stance, low block" });
        said.Moves[0].Text.ShouldBe("ayumi ashi with the left foot, facing the left wall, left zenkutsu dachi, gedan barai");
    }
}
