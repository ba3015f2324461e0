using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Demo;

/// <param name="As">The role to enter in.</param>
public sealed record EnterDemoRequest(Role As);

/// <summary>One click into the demo school, in demo mode only.</summary>
public static class DemoEndpoints
{
    public static void MapDemo(this IEndpointRouteBuilder api) => api.MapPost("/demo/enter", Enter).WithName("enterDemo").WithTags("Sessions")
        .AllowAnonymous().WithMetadata(new NoTokenNeeded());

    private static async Task<Results<NoContent, NotFound>> Enter(EnterDemoRequest request, HeronSettings settings, UserManager<Account> accounts, SignInManager<Account> signIn)
    {
        if (!settings.Demo || await accounts.FindByNameAsync(DemoSchool.EmailOf(request.As)) is not { } account) return TypedResults.NotFound();
        await signIn.SignInAsync(account, isPersistent: true);
        return TypedResults.NoContent();
    }
}
