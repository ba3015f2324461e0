using System.Net;
using Shouldly;
using TidyHeron.Server.Forms;
using TidyHeron.Server.Knowledge;
using TidyHeron.Server.People;

namespace TidyHeron.Server.Tests;

/// <summary>What a student may see, and how an account is given back to who forgot the password.</summary>
public class SharingTests(HeronServer server) : IClassFixture<HeronServer>
{
    private static async Task<bool> Sees(Visitor visitor, Guid form)
    {
        var listed = (await visitor.Get<FormSummary[]>("/api/forms")).Any(f => f.Id == form);
        // The list and the address agree: what is not listed cannot be had by guessing its id.
        (await visitor.Get($"/api/forms/{form}")).StatusCode.ShouldBe(listed ? HttpStatusCode.OK : HttpStatusCode.NotFound);
        return listed;
    }

    [Fact]
    public async Task A_student_sees_a_form_from_the_rank_on_it_is_shared_from()
    {
        var (head, student) = (await server.Enter("head"), await server.Enter("student"));
        var me = (await head.Get<StudentRecordResponse>($"/api/students/{(await student.Refresh()).Person!.StudentId}/record")).Student;
        var ranks = (await head.Get<SchoolListsResponse>("/api/school/lists")).Ranks.OrderBy(r => r.Order).ToList();
        var mine = ranks.FindIndex(r => r.Id == me.RankId);
        mine.ShouldBeInRange(1, ranks.Count - 2, "the demo's student stands between other ranks");
        var form = (await head.Post<SavedIdResponse>("/api/forms", new { form = new { title = "Kept Back" } })).Id;
        (await Sees(student, form)).ShouldBeFalse("nobody has shared it yet");
        foreach (var (rank, seen) in new[] { (mine - 1, true), (mine, true), (mine + 1, false) })
        {
            (await head.Put($"/api/forms/{form}/sharing", new { fromRankId = ranks[rank].Id })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
            (await Sees(student, form)).ShouldBe(seen, ranks[rank].Name);
            (await Sees(head, form)).ShouldBeTrue();
        }
        await head.Put($"/api/forms/{form}/sharing", new { fromRankId = ranks[mine].Id });
        await head.Post($"/api/forms/{form}/archive");
        (await student.Get($"/api/forms/{form}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        await head.Post($"/api/forms/{form}/restore");
        (await Sees(student, form)).ShouldBeTrue();
    }

    [Fact]
    public async Task Sharing_is_for_instructors_and_from_a_rank_that_exists()
    {
        var (head, student) = (await server.Enter("head"), await server.Enter("student"));
        var form = (await head.Post<SavedIdResponse>("/api/forms", new { form = new { title = "Shared by Whom" } })).Id;
        (await student.Put($"/api/forms/{form}/sharing", new { fromRankId = (Guid?)null })).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await head.Put($"/api/forms/{Guid.NewGuid()}/sharing", new { fromRankId = (Guid?)null })).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        var problem = await Visitor.Problem(await head.Put($"/api/forms/{form}/sharing", new { fromRankId = Guid.NewGuid() }), HttpStatusCode.BadRequest);
        problem.GetProperty("errors").GetProperty("fromRankId")[0].GetString()!.ShouldContain("Choose one of the list");
    }

    [Fact]
    public async Task A_renewed_password_opens_a_closed_account_and_ends_the_old_password()
    {
        var head = await server.Enter("head");
        var email = $"{Guid.NewGuid():N}@reedmere.example";
        var made = await head.Post<NewPasswordResponse>("/api/accounts", new { name = "Forgot It", email, role = "instructor" });
        var visitor = server.Visit();
        await visitor.Refresh();
        for (var i = 0; i < 5; i++) await visitor.Post("/api/session", new { email, password = "wrong password" });
        var renewed = await head.Post<NewPasswordResponse>($"/api/accounts/{made.Id}/password", new { });
        renewed.Password.ShouldNotBe(made.Password);
        (await visitor.Post("/api/session", new { email, password = made.Password })).IsSuccessStatusCode.ShouldBeFalse();
        (await visitor.Post("/api/session", new { email, password = renewed.Password })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Fact]
    public async Task Only_the_head_instructor_renews_a_password()
    {
        var (head, instructor) = (await server.Enter("head"), await server.Enter("instructor"));
        var account = (await head.Get<AccountResponse[]>("/api/accounts")).First(a => a.Role == Store.Entities.Role.Instructor);
        (await instructor.Post($"/api/accounts/{account.Id}/password")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (await head.Post($"/api/accounts/{Guid.NewGuid()}/password")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_class_is_renamed_and_goes_only_when_nobody_is_in_it()
    {
        var head = await server.Enter("head");
        var made = await head.Post<NamedResponse>("/api/classes", new { name = "  Dawn class " });
        made.Name.ShouldBe("Dawn class");
        (await head.Put($"/api/classes/{made.Id}", new { name = "Early class", order = 1 })).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await head.Get<SchoolListsResponse>("/api/school/lists")).Classes.ShouldContain(c => c.Id == made.Id && c.Name == "Early class" && c.Order == 1);
        (await head.Post("/api/students", new { name = "Rises Early", classId = made.Id })).IsSuccessStatusCode.ShouldBeTrue();
        var problem = await Visitor.Problem(await head.Delete($"/api/classes/{made.Id}"), HttpStatusCode.Conflict);
        problem.GetProperty("detail").GetString()!.ShouldContain("Move them to another one first");
    }
}
