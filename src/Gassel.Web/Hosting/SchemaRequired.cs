using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Gassel.Web.Hosting;

/// <summary>
/// Says in the interface description that computed properties and the members of core records are always there; the generator
/// leaves out those that are no required constructor parameter. A request may leave out what has a default all the same.
/// </summary>
internal static class SchemaRequired
{
    public static Task Mark(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        if (schema.Properties is null)
            return Task.CompletedTask;
        var type = context.JsonTypeInfo;
        if (Nullable.GetUnderlyingType(type.Type) is { } inner)
            type = type.Options.GetTypeInfo(inner);
        foreach (
            var property in type.Properties.Where(p => schema.Properties.ContainsKey(p.Name) && (p.Set is null || IsOfTheBook(type.Type)))
        )
        {
            schema.Required ??= new HashSet<string>();
            schema.Required.Add(property.Name);
        }
        return Task.CompletedTask;
    }

    /// <summary>Records of core and data; requests say themselves what is required.</summary>
    private static bool IsOfTheBook(Type type) =>
        type.Namespace is { } home && (home.StartsWith("Gassel.Core", StringComparison.Ordinal) || home == "Gassel.Data");
}
