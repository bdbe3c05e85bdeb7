using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Gassel.Web.Hosting;

/// <summary>
/// Says in the interface description that computed properties and the members of value types are always there; the generator
/// leaves both out of the required ones because neither is a required constructor parameter.
/// </summary>
internal static class SchemaRequired
{
    public static Task Mark(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        if (schema.Properties is null) return Task.CompletedTask;
        var type = context.JsonTypeInfo;
        if (Nullable.GetUnderlyingType(type.Type) is { } inner) type = type.Options.GetTypeInfo(inner);
        foreach (var property in type.Properties.Where(p => schema.Properties.ContainsKey(p.Name) && (p.Set is null || IsPlainValue(type.Type))))
        {
            schema.Required ??= new HashSet<string>();
            schema.Required.Add(property.Name);
        }
        return Task.CompletedTask;
    }

    /// <summary>Value types of the core; those of requests say themselves what is required.</summary>
    private static bool IsPlainValue(Type type) =>
        type is { IsValueType: true, Namespace: { } home } && home.StartsWith("Gassel.Core", StringComparison.Ordinal);
}
