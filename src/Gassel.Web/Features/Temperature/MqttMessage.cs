using System.Globalization;
using System.Text;
using System.Text.Json;
using Gassel.Core.Climate;
using Gassel.Data.Readings;
using Newtonsoft.Json;
using Newtonsoft.Json.Linq;

namespace Gassel.Web.Features.Temperature;

/// <summary>Reads a message of a thermometer: a plain number, or JSON with a path; judged like one that comes by HTTP.</summary>
internal static class MqttMessage
{
    private const int MostBytes = 10_000;

    /// <param name="retained">Kept by the broker: without a moment of its own it may be of last winter.</param>
    public static (TemperatureReading? Reading, string? Refused) Read(
        ReadOnlySpan<byte> payload,
        KeptThermometer thermometer,
        bool retained,
        DateTimeOffset now
    )
    {
        if (payload.Length > MostBytes)
            return (null, "the message is longer than 10000 bytes");
        var text = Encoding.UTF8.GetString(payload).Trim();
        string? at = null;
        if (thermometer.TempPath is { } path)
        {
            try
            {
                using var reader = new JsonTextReader(new StringReader(text)) { DateParseHandling = DateParseHandling.None };
                var body = JToken.ReadFrom(reader);
                at = (body as JObject)?["at"] is JValue { Value: string said } ? said : null;
                text = body.SelectToken(path) is JValue { Value: IFormattable or string } value
                    ? string.Create(CultureInfo.InvariantCulture, $"{value.Value}")
                    : "";
            }
            catch (Newtonsoft.Json.JsonException broken)
            {
                return (null, $"the message is no JSON: {broken.Message}");
            }
            if (text.Length == 0)
                return (null, $"{path} leads to no number in the message");
        }
        if (retained && at is null)
            return (null, "the message was kept by the broker and does not say of when it is");
        if (!double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number))
            return (null, $"'{(text.Length > 40 ? text[..40] : text)}' is no number");
        var reading = new Dictionary<string, object> { [thermometer.Fahrenheit ? "tempF" : "tempC"] = number };
        if (at is not null)
            reading["at"] = at;
        if (!double.IsFinite(number))
            return (null, $"'{text}' is no number");
        using var judged = JsonDocument.Parse(System.Text.Json.JsonSerializer.Serialize(reading));
        var (good, _, refused) = SentReading.Read(judged.RootElement, now);
        return good is [var one, ..] ? (one, null) : (null, refused[0].Why);
    }
}
