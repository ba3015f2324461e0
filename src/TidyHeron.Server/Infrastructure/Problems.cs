using System.Text.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage;
using Npgsql;
using TidyHeron.Formats;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Every error leaves as RFC 9457 problem details that name the place and the remedy.</summary>
public static class Problems
{
    public static void AddProblems(this IServiceCollection services)
    {
        services.AddProblemDetails();
        // A body that cannot be read is an exception here, so that its place can be told.
        services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
    }

    public static void UseProblems(this WebApplication app)
    {
        app.UseExceptionHandler(new ExceptionHandlerOptions
        {
            StatusCodeSelector = e => Describe(e).Status,
            ExceptionHandler = context => Write(context, context.Features.Get<IExceptionHandlerFeature>()!.Error),
        });
        app.UseStatusCodePages(async context =>
        {
            var http = context.HttpContext;
            if (!http.Request.Path.StartsWithSegments("/api")) return;
            var (title, detail) = http.Response.StatusCode switch
            {
                401 => ("Not signed in", "Sign in first."),
                403 => ("Not allowed", "Your role may not do this. Ask the head instructor."),
                404 => ("Not found", "There is nothing at this address."),
                405 => ("Not possible here", "This address does not take that method."),
                415 => ("Not JSON", "Send the body as application/json."),
                var code => ("Error " + code, ""),
            };
            await Results.Problem(statusCode: http.Response.StatusCode, title: title, detail: detail).ExecuteAsync(http);
        });
    }

    private static Task Write(HttpContext context, Exception exception)
    {
        var (status, title, detail, errors) = Describe(exception);
        return errors is { } places
            ? Results.ValidationProblem(places.ToDictionary(e => e.Key, e => e.Value), detail, title: title, statusCode: status).ExecuteAsync(context)
            : Results.Problem(statusCode: status, title: title, detail: detail).ExecuteAsync(context);
    }

    private static (int Status, string Title, string Detail, IReadOnlyDictionary<string, string[]>? Errors) Describe(Exception exception) => exception switch
    {
        BadDocumentException bad => (400, "Something in it cannot be read", "Nothing was changed. Each place that is wrong is named.", bad.Errors),
        BadHttpRequestException { InnerException: JsonException json } => (400, "Something in it cannot be read",
            "Nothing was changed.", new Dictionary<string, string[]> { [Place(json)] = [Remedy(json)] }),
        BadHttpRequestException bad => (bad.StatusCode, "The request cannot be read", bad.Message, null),
        DbUpdateConcurrencyException => (409, "Someone else saved meanwhile", "Nothing was overwritten. Load what they saved and try again.", null),
        NpgsqlException or RetryLimitExceededException or TimeoutException or InvalidOperationException { InnerException: NpgsqlException } =>
            (503, "The database does not answer", "What you typed is kept in this browser. Try again in a moment.", null),
        _ => (500, "Something went wrong here", "Nothing was changed. Try again; if it stays so, tell whoever looks after the server.", null),
    };

    private static string Place(JsonException json) => (json.Path ?? "$").TrimStart('$').TrimStart('.') is { Length: > 0 } path ? path : "body";

    private static string Remedy(JsonException json) =>
        json.LineNumber is { } line ? $"Line {line + 1}: {FirstSentence(json.Message)}" : FirstSentence(json.Message);

    private static string FirstSentence(string message) => message.Split(" Path:")[0];
}
