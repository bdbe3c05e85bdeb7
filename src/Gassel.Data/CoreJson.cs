using System.Text.Json;
using System.Text.Json.Serialization;

namespace Gassel.Data;

/// <summary>How core records are written as JSON, on disk and over HTTP alike.</summary>
public static class CoreJson
{
    public static JsonSerializerOptions Options { get; } = Strict(new(JsonSerializerDefaults.Web));

    /// <summary>
    /// Types are strict: no number in quotes, no unknown enum name, no null where none belongs, nothing required left out.
    /// </summary>
    public static JsonSerializerOptions Strict(JsonSerializerOptions options)
    {
        options.NumberHandling = JsonNumberHandling.Strict;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowOutOfOrderMetadataProperties = true;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        return options;
    }

    /// <summary>
    /// As <see cref="Strict"/>, and an enum is exactly one of its names. Kept apart, for the interface description cannot see through a
    /// converter of our own.
    /// </summary>
    public static JsonSerializerOptions OneName { get; } =
        Strict(new(JsonSerializerDefaults.Web) { Converters = { new OneNameConverter() } });

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    public static T Read<T>(string json) =>
        JsonSerializer.Deserialize<T>(json, Options)
        ?? throw new InvalidDataException($"the book holds null where a {typeof(T).Name} belongs");
}
