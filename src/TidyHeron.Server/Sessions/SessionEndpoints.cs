using System.Security.Claims;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Core;
using TidyHeron.Core.Terms;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Sessions;

/// <param name="Token">To send in the header X-Heron-Token with every change.</param>
/// <param name="Person">Who is signed in; none if nobody is.</param>
/// <param name="School">Their school.</param>
/// <param name="Demo">Whether the demo school can be entered by one click.</param>
/// <param name="NeedsFounding">Whether there is no school yet.</param>
public sealed record SessionResponse(string Token, PersonResponse? Person, SchoolResponse? School, bool Demo, bool NeedsFounding);

/// <param name="StudentId">Their record, for a student.</param>
/// <param name="Body">Their own body, where its height is known.</param>
public sealed record PersonResponse(Guid Id, string Name, Role Role, Guid? StudentId, BodyResponse? Body);

/// <param name="HeightCm">Stature.</param>
/// <param name="Measured">What was measured with a tape.</param>
public sealed record BodyResponse(int HeightCm, MeasuredRequest Measured);

public sealed record SchoolResponse(Guid Id, string Name, Tradition Tradition, DirectionHabit Directions);

public sealed record SignInRequest(string Email, string Password);

public sealed record FoundSchoolRequest(string School, string Name, string Email, string Password);

/// <summary>Signing in and out, and founding the first school.</summary>
public static class SessionEndpoints
{
    public static void MapSessions(this IEndpointRouteBuilder api)
    {
        var sessions = api.MapGroup("/session").WithTags("Sessions").AllowAnonymous();
        sessions.MapGet("", Get).WithName("getSession");
        sessions.MapPost("", Enter).WithName("signIn");
        sessions.MapDelete("", Leave).WithName("signOut");
        api.MapPost("/school/found", Found).WithName("foundSchool").WithTags("Sessions").AllowAnonymous();
    }

    private static async Task<Ok<SessionResponse>> Get(HttpContext http, HeronDb db, IAntiforgery antiforgery, HeronSettings settings, CancellationToken cancellation)
    {
        var token = antiforgery.GetAndStoreTokens(http).RequestToken!;
        if (http.User.Identity?.IsAuthenticated == true)
        {
            var id = http.User.AccountId;
            var student = await db.Students.Where(s => s.AccountId == id)
                .Select(s => new { s.Id, s.HeightCm, Measured = new MeasuredRequest(s.ShoulderCm, s.FootCm, s.ArmCm, s.LegCm) }).FirstOrDefaultAsync(cancellation);
            var body = student is { HeightCm: { } height } ? new BodyResponse(height, student.Measured) : null;
            var school = await db.Accounts().Where(a => a.Id == id).Join(db.Schools, a => a.SchoolId, s => s.Id, (_, s) => s).FirstOrDefaultAsync(cancellation);
            if (school is not null)
                return TypedResults.Ok(new SessionResponse(token, new PersonResponse(id, http.User.DisplayName, http.User.Role, student?.Id, body),
                    new SchoolResponse(school.Id, school.Name, school.Tradition, school.Directions), settings.Demo, false));
        }
        return TypedResults.Ok(new SessionResponse(token, null, null, settings.Demo, !await db.Schools.AnyAsync(cancellation)));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Enter(SignInRequest request, SignInManager<Account> signIn)
    {
        new Validation().Text("email", request.Email, 200, "Write the email address of your account.")
            .Text("password", request.Password, 200, "Write your password.").Throw();
        var result = await signIn.PasswordSignInAsync(request.Email.Trim(), request.Password, isPersistent: true, lockoutOnFailure: true);
        if (result.Succeeded) return TypedResults.NoContent();
        return result.IsLockedOut
            ? TypedResults.Problem(statusCode: 429, title: "Too many tries", detail: "This account is closed for five minutes after five wrong passwords. Wait, then try again.")
            : TypedResults.Problem(statusCode: 400, title: "Not signed in", detail: "The email address or the password is not right. Check both, or ask the head instructor for a new password.");
    }

    private static async Task<NoContent> Leave(SignInManager<Account> signIn)
    {
        await signIn.SignOutAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Found(FoundSchoolRequest request, HeronDb db, CurrentSchool current,
        UserManager<Account> accounts, SignInManager<Account> signIn, TimeProvider clock, CancellationToken cancellation)
    {
        if (await db.Schools.AnyAsync(cancellation))
            return TypedResults.Problem(statusCode: 409, title: "There is a school already", detail: "Sign in, or ask its head instructor for an account.");
        new Validation().Text("school", request.School, 120, "Write the name of the school.")
            .Text("name", request.Name, 120, "Write your name as the school knows you.")
            .Text("email", request.Email, 200, "Write the email address you will sign in with.")
            .Text("password", request.Password, 200, "Choose a password of at least ten characters.").Throw();
        var school = new School { Name = request.School.Trim(), FoundedAt = clock.GetUtcNow() };
        var head = new Account { UserName = request.Email.Trim(), Email = request.Email.Trim(), DisplayName = request.Name.Trim(), Role = Role.Head, SchoolId = school.Id };
        db.Schools.Add(school);
        // The school and its head are saved together by the user manager's own save.
        var result = await accounts.CreateAsync(head, request.Password);
        if (!result.Succeeded) throw IdentityErrors.ToException(result);
        current.Id = school.Id;
        db.Ranks.AddRange(Starters.Ranks());
        db.TrainingClasses.Add(new TrainingClass { Name = "Everyone", Order = 1 });
        await db.SaveChangesAsync(cancellation);
        await signIn.SignInAsync(head, isPersistent: true);
        return TypedResults.NoContent();
    }

    private static IQueryable<Account> Accounts(this HeronDb db) => db.Users;
}

/// <summary>What a new school begins with; everything can be renamed.</summary>
internal static class Starters
{
    public static IEnumerable<Rank> Ranks() =>
        new[] { "Beginner", "Lower grade", "Middle grade", "Upper grade", "Senior" }.Select((name, i) => new Rank { Name = name, Order = i + 1 });
}

/// <summary>Turns what the account store refuses into messages beside the fields.</summary>
internal static class IdentityErrors
{
    public static Formats.BadDocumentException ToException(IdentityResult result)
    {
        var validation = new Dictionary<string, string[]>();
        foreach (var group in result.Errors.GroupBy(e => e.Code.Contains("Password", StringComparison.Ordinal) ? "password" : "email"))
            validation[group.Key] = group.Select(e => e.Code switch
            {
                "PasswordTooShort" => "Choose a password of at least ten characters.",
                "DuplicateEmail" or "DuplicateUserName" => "Another account has this email address. Use another one.",
                "InvalidEmail" or "InvalidUserName" => "This is not an email address. Write one like name@example.org.",
                _ => e.Description,
            }).Distinct().ToArray();
        return new Formats.BadDocumentException(validation);
    }
}
