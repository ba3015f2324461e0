using Microsoft.AspNetCore.Antiforgery;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Marks an endpoint that changes nothing, or that begins a session, and so needs no anti-forgery token.</summary>
public sealed class NoTokenNeeded;

/// <summary>Every change must carry the token that <c>GET /api/session</c> gave, in the header <c>X-Heron-Token</c>.</summary>
public sealed class AntiforgeryFilter(IAntiforgery antiforgery) : IEndpointFilter
{
    public const string Header = "X-Heron-Token";

    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var http = context.HttpContext;
        var safe = HttpMethods.IsGet(http.Request.Method) || HttpMethods.IsHead(http.Request.Method);
        if (!safe && http.GetEndpoint()?.Metadata.GetMetadata<NoTokenNeeded>() is null && !await antiforgery.IsRequestValidAsync(http))
            return Results.Problem(statusCode: 400, title: "The session's token is missing or old",
                detail: $"Get /api/session and send its token in the header {Header}.");
        return await next(context);
    }
}
