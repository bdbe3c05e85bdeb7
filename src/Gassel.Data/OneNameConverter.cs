using System.Text.Json;
using System.Text.Json.Serialization;

namespace Gassel.Data;

/// <summary>
/// An enum as exactly one of its names, in camelCase. The framework's own converter reads <c>"medium,long"</c> as flags put together, for
/// any enum.
/// </summary>
internal sealed class OneNameConverter : JsonConverterFactory
{
    private readonly JsonStringEnumConverter _names = new(JsonNamingPolicy.CamelCase, allowIntegerValues: false);

    public override bool CanConvert(Type typeToConvert) => typeToConvert.IsEnum;

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
        (JsonConverter)
            Activator.CreateInstance(typeof(Of<>).MakeGenericType(typeToConvert), _names.CreateConverter(typeToConvert, options))!;

    private sealed class Of<T>(JsonConverter<T> inner) : JsonConverter<T>
        where T : struct, Enum
    {
        private static readonly HashSet<string> Known = [.. Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName)];

        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            reader.TokenType == JsonTokenType.String && Known.Contains(reader.GetString()!)
                ? inner.Read(ref reader, typeToConvert, options)
                : throw new JsonException();

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) => inner.Write(writer, value, options);

        public override T ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            Known.Contains(reader.GetString()!) ? inner.ReadAsPropertyName(ref reader, typeToConvert, options) : throw new JsonException();

        public override void WriteAsPropertyName(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            inner.WriteAsPropertyName(writer, value, options);
    }
}
