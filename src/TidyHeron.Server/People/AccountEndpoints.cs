using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Sessions;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.People;

public sealed record AccountResponse(Guid Id, string Name, string Email, Role Role, Guid? StudentId);

/// <param name="StudentId">For a student's account, who on the roster it is.</param>
public sealed record AccountRequest(string Name, string Email, Role Role, Guid? StudentId = null);

/// <param name="Password">To be handed over once; it cannot be shown again.</param>
public sealed record NewPasswordResponse(Guid Id, string Password);

/// <summary>Who may sign in. Kept by the head instructor.</summary>
public static class AccountEndpoints
{
    public static void MapAccounts(this IEndpointRouteBuilder people)
    {
        var accounts = people.MapGroup("/accounts").RequireAuthorization(SignIn.HeadOnly);
        accounts.MapGet("", List).WithName("listAccounts");
        accounts.MapPost("", Add).WithName("addAccount");
        accounts.MapPost("/{id:guid}/password", Renew).WithName("renewPassword");
    }

    private static async Task<Ok<AccountResponse[]>> List(HeronDb db, CurrentSchool school, CancellationToken cancellation) => TypedResults.Ok(
        await db.Users.Where(a => a.SchoolId == school.Id).OrderBy(a => a.DisplayName)
            .Select(a => new AccountResponse(a.Id, a.DisplayName, a.Email!, a.Role, db.Students.Where(s => s.AccountId == a.Id).Select(s => (Guid?)s.Id).FirstOrDefault()))
            .ToArrayAsync(cancellation));

    private static async Task<Ok<NewPasswordResponse>> Add(AccountRequest request, HeronDb db, CurrentSchool school, UserManager<Account> accounts, CancellationToken cancellation)
    {
        var validation = new Validation().Text("name", request.Name, 120, "Write the person's name.")
            .Text("email", request.Email, 200, "Write the email address they will sign in with.")
            .Check("studentId", request.Role == Role.Student == request.StudentId is not null, "Choose who on the roster this is, for a student's account only.");
        var student = request.StudentId is { } id ? await db.Students.SingleOrDefaultAsync(s => s.Id == id, cancellation) : null;
        if (request.StudentId is not null && student is null) validation.Wrong("studentId", "There is no such student.");
        if (student?.AccountId is not null) validation.Wrong("studentId", "This student has an account already.");
        validation.Throw();
        var account = new Account { UserName = request.Email.Trim(), Email = request.Email.Trim(), DisplayName = request.Name.Trim(), Role = request.Role, SchoolId = school.Id!.Value };
        var password = NewPassword();
        var result = await accounts.CreateAsync(account, password);
        if (!result.Succeeded) throw IdentityErrors.ToException(result);
        if (student is not null)
        {
            student.AccountId = account.Id;
            await db.SaveChangesAsync(cancellation);
        }
        return TypedResults.Ok(new NewPasswordResponse(account.Id, password));
    }

    private static async Task<Results<Ok<NewPasswordResponse>, NotFound>> Renew(Guid id, HeronDb db, CurrentSchool school, UserManager<Account> accounts, CancellationToken cancellation)
    {
        if (await db.Users.SingleOrDefaultAsync(a => a.Id == id && a.SchoolId == school.Id, cancellation) is not { } account) return TypedResults.NotFound();
        var password = NewPassword();
        await accounts.ResetPasswordAsync(account, await accounts.GeneratePasswordResetTokenAsync(account), password);
        await accounts.SetLockoutEndDateAsync(account, null);
        return TypedResults.Ok(new NewPasswordResponse(id, password));
    }

    // Letters and digits that cannot be mistaken for one another when read aloud: 12 of 32 are 60 bits.
    private static string NewPassword() => RandomNumberGenerator.GetString("abcdefghjkmnpqrstuvwxyz23456789x", 12);
}
