using System.Net;
using Shouldly;
using TidyHeron.Server.Sessions;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Tests;

public class SessionTests(HeronServer server) : IClassFixture<HeronServer>
{
    [Fact]
    public async Task Health_answers_when_the_database_does() => (await server.Visit().Get("/health")).StatusCode.ShouldBe(HttpStatusCode.OK);

    [Theory]
    [InlineData("head", Role.Head)]
    [InlineData("instructor", Role.Instructor)]
    [InlineData("student", Role.Student)]
    public async Task The_demo_is_entered_by_one_click_a_role(string role, Role expected)
    {
        var visitor = await server.Enter(role);
        var session = await visitor.Refresh();
        session.Person!.Role.ShouldBe(expected);
        session.School!.Name.ShouldBe("Reedmere Hall");
    }

    [Fact]
    public async Task Nothing_is_told_to_someone_who_is_not_signed_in()
    {
        foreach (var path in new[] { "/api/forms", "/api/students", "/api/terms", "/api/applications" })
            await Visitor.Problem(await server.Visit().Get(path), HttpStatusCode.Unauthorized);
        await Visitor.Problem(await server.Visit().PostRaw("/api/dictation", """{"text":"step left"}"""), HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task A_change_without_the_session_s_token_is_refused_with_the_remedy()
    {
        var visitor = await server.Enter("head");
        var problem = await Visitor.Problem(await visitor.PostRaw("/api/ranks", """{"name":"Drop"}"""), HttpStatusCode.BadRequest);
        problem.GetProperty("detail").GetString()!.ShouldContain("X-Heron-Token");
    }

    [Fact]
    public async Task Computations_need_no_token()
    {
        var visitor = await server.Enter("student");
        (await visitor.PostRaw("/api/dictation", """{"text":"step left"}""")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await visitor.PostRaw("/api/readings", """{"form":{}}""")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task An_unknown_address_is_told_as_a_problem() =>
        await Visitor.Problem(await (await server.Enter("head")).Get("/api/nothing"), HttpStatusCode.NotFound);

    [Fact]
    public async Task Five_wrong_passwords_close_the_account_for_a_while()
    {
        var head = await server.Enter("head");
        var email = $"{Guid.NewGuid():N}@reedmere.example";
        var made = await head.Post<People.NewPasswordResponse>("/api/accounts", new { name = "Locked Out", email, role = "instructor" });
        var visitor = server.Visit();
        await visitor.Refresh();
        for (var i = 0; i < 5; i++) await visitor.Post("/api/session", new { email, password = "wrong password" });
        var problem = await Visitor.Problem(await visitor.Post("/api/session", new { email, password = made.Password }), HttpStatusCode.TooManyRequests);
        problem.GetProperty("detail").GetString()!.ShouldContain("five minutes");
    }

    [Fact]
    public async Task A_new_account_signs_in_with_the_password_that_was_handed_over()
    {
        var head = await server.Enter("head");
        var email = $"{Guid.NewGuid():N}@reedmere.example";
        var made = await head.Post<People.NewPasswordResponse>("/api/accounts", new { name = "New One", email, role = "instructor" });
        var visitor = server.Visit();
        await visitor.Refresh();
        (await visitor.Post("/api/session", new { email, password = made.Password })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await visitor.Refresh()).Person!.Name.ShouldBe("New One");
        (await visitor.Delete("/api/session")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await visitor.Refresh()).Person.ShouldBeNull();
    }
}

public class FoundingTests
{
    [Fact]
    public async Task The_first_visitor_founds_the_school_and_there_is_no_second_founding()
    {
        await using var server = new EmptyServer();
        var visitor = server.Visit();
        (await visitor.Refresh()).NeedsFounding.ShouldBeTrue();
        (await visitor.Post("/api/demo/enter", new { @as = "head" })).StatusCode.ShouldBe(HttpStatusCode.NotFound);

        var weak = await Visitor.Problem(await visitor.Post("/api/school/found", new { school = "", name = "Ada", email = "ada@school.example", password = "short" }), HttpStatusCode.BadRequest);
        weak.GetProperty("errors").GetProperty("school")[0].GetString().ShouldBe("Write the name of the school.");

        (await visitor.Post("/api/school/found", new { school = "Alder School", name = "Ada", email = "ada@school.example", password = "long enough now" })).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        SessionResponse session = await visitor.Refresh();
        session.Person!.Role.ShouldBe(Role.Head);
        session.School!.Name.ShouldBe("Alder School");
        await Visitor.Problem(await visitor.Post("/api/school/found", new { school = "B", name = "B", email = "b@school.example", password = "long enough now" }), HttpStatusCode.Conflict);
    }

    [Fact]
    public async Task Without_its_database_the_server_says_so_and_health_fails()
    {
        await using var server = new HeronServer();
        var visitor = await server.Enter("head");
        await server.LoseDatabase();
        (await visitor.Get("/health")).StatusCode.ShouldBe(HttpStatusCode.ServiceUnavailable);
        var problem = await Visitor.Problem(await visitor.Get("/api/forms"), HttpStatusCode.ServiceUnavailable);
        problem.GetProperty("title").GetString().ShouldBe("The database does not answer");
    }
}
