using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;

namespace TidyHeron.Server.Infrastructure;

/// <summary>The OpenAPI document, from which the client's types are made.</summary>
public static class Contract
{
    public static void AddContract(this IServiceCollection services) => services.AddOpenApi("v1", openApi =>
    {
        openApi.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Tidy Heron";
            document.Info.Version = "1";
            document.Servers = [];
            return Task.CompletedTask;
        });
        // Records are always written whole, so what they answer with is there: required, if not null.
        openApi.AddSchemaTransformer((schema, context, _) =>
        {
            if (context.JsonTypeInfo.Kind != JsonTypeInfoKind.Object || schema.Properties is null) return Task.CompletedTask;
            if (!IsRequest(context.JsonTypeInfo.Type)) schema.Required = schema.Properties.Keys.ToHashSet();
            return Task.CompletedTask;
        });
    });

    public static void MapContract(this WebApplication app) => app.MapOpenApi("/openapi/{documentName}.json").AllowAnonymous();

    private static bool IsRequest(Type type) => type.Name.EndsWith("Request", StringComparison.Ordinal) || type.Name.EndsWith("Document", StringComparison.Ordinal);
}
