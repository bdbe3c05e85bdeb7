using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Gassel.Web.Hosting;

/// <summary>
/// Where endpoints are mapped so that none asks what its JSON looks like before it is called. Routing builds every endpoint before
/// the first answer; each would take apart all that it reads and writes, most of which nobody asks for that day (decision 0046).
/// </summary>
internal sealed class LateJson(IEndpointRouteBuilder app) : IEndpointRouteBuilder, IServiceProvider
{
    private IOptions<JsonOptions>? _late;

    public IServiceProvider ServiceProvider => this;

    public ICollection<EndpointDataSource> DataSources => app.DataSources;

    public IApplicationBuilder CreateApplicationBuilder() => app.CreateApplicationBuilder();

    public object? GetService(Type serviceType) =>
        serviceType == typeof(IOptions<JsonOptions>) ? _late ??= Late() : app.ServiceProvider.GetService(serviceType);

    private IOptions<JsonOptions> Late()
    {
        var whole = app.ServiceProvider.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        var late = new JsonOptions();
        late.SerializerOptions.MaxDepth = whole.MaxDepth;
        late.SerializerOptions.AllowTrailingCommas = whole.AllowTrailingCommas;
        late.SerializerOptions.ReadCommentHandling = whole.ReadCommentHandling;
        late.SerializerOptions.Encoder = whole.Encoder;
        late.SerializerOptions.Converters.Insert(0, new Whatever(whole));
        return Options.Create(late);
    }

    /// <summary>Reads and writes by the whole options, which look at a type when the first value of it comes by.</summary>
    private sealed class Whatever(JsonSerializerOptions whole) : JsonConverterFactory
    {
        public override bool CanConvert(Type typeToConvert) => typeToConvert != typeof(object) && typeToConvert != typeof(string);

        public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) =>
            (JsonConverter)Activator.CreateInstance(typeof(One<>).MakeGenericType(typeToConvert), whole)!;
    }

    private sealed class One<T>(JsonSerializerOptions whole) : JsonConverter<T>
    {
        public override bool HandleNull => true;

        public override T? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            JsonSerializer.Deserialize<T>(ref reader, whole);

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) =>
            JsonSerializer.Serialize(writer, value, whole);
    }
}
