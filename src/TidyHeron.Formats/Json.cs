using System.Text.Json;
using System.Text.Json.Serialization;

namespace TidyHeron.Formats;

/// <summary>How every document and message of the product is written as JSON.</summary>
public static class Json
{
    public static readonly JsonSerializerOptions Options = Configure(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    /// <summary>Camel case, enumerations as words, null parts left out of no message: a missing part is written as null.</summary>
    public static JsonSerializerOptions Configure(JsonSerializerOptions options)
    {
        options.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        return options;
    }

    public static string Write(FormDocument document) => JsonSerializer.Serialize(document, Options);

    /// <exception cref="JsonException">Not JSON, or not shaped like a form document.</exception>
    public static FormDocument ReadForm(string json) =>
        JsonSerializer.Deserialize<FormDocument>(json, Options) ?? throw new JsonException("The document is empty.");
}
