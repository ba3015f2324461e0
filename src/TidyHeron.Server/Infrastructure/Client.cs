using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Serves the built client, which ships with the server.</summary>
public static class Client
{
    /// <summary>Nothing is fetched from anywhere but this server.</summary>
    public static void UseSecurityHeaders(this WebApplication app) => app.Use((context, next) =>
    {
        var headers = context.Response.Headers;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        headers["Referrer-Policy"] = "same-origin";
        headers.ContentSecurityPolicy = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";
        return next(context);
    });

    public static void UseClientFiles(this WebApplication app)
    {
        if (Folder(app) is not { } folder) return;
        app.UseStaticFiles(new StaticFileOptions
        {
            FileProvider = new PhysicalFileProvider(folder),
            ContentTypeProvider = new FileExtensionContentTypeProvider { Mappings = { [".woff2"] = "font/woff2" } },
            OnPrepareResponse = file =>
            {
                // Files under assets/ have their content's hash in their name.
                if (file.Context.Request.Path.StartsWithSegments("/assets")) file.Context.Response.Headers.CacheControl = "public, max-age=31536000, immutable";
                else file.Context.Response.Headers.CacheControl = "no-cache";
            },
        });
    }

    /// <summary>Every other address is a page of the client.</summary>
    public static void MapClient(this WebApplication app)
    {
        if (Folder(app) is { } folder)
            app.MapFallback(async context =>
            {
                context.Response.ContentType = "text/html; charset=utf-8";
                context.Response.Headers.CacheControl = "no-cache";
                await context.Response.SendFileAsync(Path.Combine(folder, "index.html"));
            }).AllowAnonymous();
    }

    private static string? Folder(WebApplication app)
    {
        var beside = Path.Combine(AppContext.BaseDirectory, "wwwroot");
        var folder = app.Configuration["HERON_CLIENT"] ?? beside;
        return File.Exists(Path.Combine(folder, "index.html")) ? folder : null;
    }
}
