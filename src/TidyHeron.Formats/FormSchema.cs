using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;

namespace TidyHeron.Formats;

/// <summary>The JSON Schema of form documents, made from the types that read them so that it cannot differ from them.</summary>
public static class FormSchema
{
    private static readonly Lazy<string> Written = new(Write);

    /// <summary>The schema, draft 2020-12.</summary>
    public static string Text => Written.Value;

    private static string Write()
    {
        var schema = (JsonObject)Json.Options.GetJsonSchemaAsNode(typeof(FormDocument), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true });
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", "Tidy Heron form document, version 1");
        schema.Insert(2, "description", "What an instructor wrote and nothing that is computed; see docs/formats.md.");
        return schema.ToJsonString(new JsonSerializerOptions { WriteIndented = true }).ReplaceLineEndings("\n") + "\n";
    }
}
