using System.Text.Json;
using System.Text.Json.Nodes;
using Gassel.Core;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Gassel.Web.Hosting;

/// <summary>
/// Puts the words of the vocabulary beside the values of the interface description, as <c>x-words</c>, and what heads a job as
/// <c>x-titles</c>; the interface's own list is
/// made from it.
/// </summary>
internal static class SchemaWords
{
    public static Task Put(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
        if (!type.IsEnum || Vocabulary.Of(type) is not { Count: > 0 } words)
            return Task.CompletedTask;
        schema.Extensions ??= new Dictionary<string, IOpenApiExtension>();
        schema.Extensions["x-words"] = new JsonNodeExtension(
            new JsonObject(
                words.Select(w =>
                    KeyValuePair.Create<string, JsonNode?>(
                        JsonNamingPolicy.CamelCase.ConvertName(w.Name),
                        w.Words.UnitedStates is { } unitedStates
                            ? new JsonObject { ["metric"] = w.Words.Words, ["unitedStates"] = unitedStates }
                            : w.Words.Words
                    )
                )
            )
        );
        if (words.Any(w => w.Words.Title is not null))
        {
            schema.Extensions["x-titles"] = new JsonNodeExtension(
                new JsonObject(
                    words.Select(w =>
                        KeyValuePair.Create<string, JsonNode?>(
                            JsonNamingPolicy.CamelCase.ConvertName(w.Name),
                            w.Words.Title ?? w.Words.Words
                        )
                    )
                )
            );
        }
        return Task.CompletedTask;
    }
}
