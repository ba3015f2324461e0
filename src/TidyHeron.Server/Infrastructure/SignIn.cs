using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;
using TidyHeron.Store;
using TidyHeron.Store.Entities;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Accounts, the cookie, roles, and whose school a request is about.</summary>
public static class SignIn
{
    /// <summary>Instructors and the head instructor.</summary>
    public const string Instructors = "instructors";

    /// <summary>The head instructor alone.</summary>
    public const string HeadOnly = "head";

    private const string SchoolClaim = "school";

    public static void AddSignIn(this IServiceCollection services)
    {
        services.AddIdentityCore<Account>(identity =>
            {
                identity.User.RequireUniqueEmail = true;
                identity.Password.RequiredLength = 10;
                identity.Password.RequireDigit = identity.Password.RequireUppercase = identity.Password.RequireLowercase = identity.Password.RequireNonAlphanumeric = false;
                identity.Lockout.MaxFailedAccessAttempts = 5;
                identity.Lockout.DefaultLockoutTimeSpan = TimeSpan.FromMinutes(5);
            })
            .AddEntityFrameworkStores<HeronDb>()
            .AddSignInManager()
            .AddDefaultTokenProviders()
            .AddClaimsPrincipalFactory<Principals>();
        services.AddAuthentication(IdentityConstants.ApplicationScheme).AddIdentityCookies();
        services.ConfigureApplicationCookie(cookie =>
        {
            cookie.Cookie.Name = "heron";
            cookie.Cookie.SameSite = SameSiteMode.Lax;
            cookie.Cookie.HttpOnly = true;
            cookie.ExpireTimeSpan = TimeSpan.FromDays(30);
            cookie.SlidingExpiration = true;
            // This is an API: an answer, not a way to a page.
            cookie.Events = new CookieAuthenticationEvents
            {
                OnValidatePrincipal = SecurityStampValidator.ValidatePrincipalAsync,
                OnRedirectToLogin = context => Answer(context, 401),
                OnRedirectToAccessDenied = context => Answer(context, 403),
            };
        });
        services.AddAntiforgery(antiforgery =>
        {
            antiforgery.HeaderName = AntiforgeryFilter.Header;
            antiforgery.Cookie.Name = "heron-token";
        });
        services.AddAuthorizationBuilder()
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAuthenticatedUser().Build())
            .AddPolicy(Instructors, p => p.RequireRole(nameof(Role.Instructor), nameof(Role.Head)))
            .AddPolicy(HeadOnly, p => p.RequireRole(nameof(Role.Head)));

        static Task Answer(RedirectContext<CookieAuthenticationOptions> context, int status)
        {
            context.Response.StatusCode = status;
            return Task.CompletedTask;
        }
    }

    /// <summary>From here on the store shows only the rows of the signed-in person's school.</summary>
    public static void UseCurrentSchool(this WebApplication app) => app.Use((context, next) =>
    {
        if (Guid.TryParse(context.User.FindFirstValue(SchoolClaim), out var school))
            context.RequestServices.GetRequiredService<CurrentSchool>().Id = school;
        return next(context);
    });

    extension(ClaimsPrincipal person)
    {
        public Guid AccountId => Guid.Parse(person.FindFirstValue(ClaimTypes.NameIdentifier)!);
        public string DisplayName => person.FindFirstValue(ClaimTypes.GivenName) ?? "";
        public bool IsInstructor => person.IsInRole(nameof(Role.Instructor)) || person.IsInRole(nameof(Role.Head));
        public Role Role => Enum.Parse<Role>(person.FindFirstValue(ClaimTypes.Role)!);
    }

    private sealed class Principals(UserManager<Account> accounts, IOptions<IdentityOptions> options)
        : UserClaimsPrincipalFactory<Account>(accounts, options)
    {
        protected override async Task<ClaimsIdentity> GenerateClaimsAsync(Account account)
        {
            var identity = await base.GenerateClaimsAsync(account);
            identity.AddClaim(new Claim(SchoolClaim, account.SchoolId.ToString()));
            identity.AddClaim(new Claim(ClaimTypes.GivenName, account.DisplayName));
            identity.AddClaim(new Claim(ClaimTypes.Role, account.Role.ToString()));
            return identity;
        }
    }
}
