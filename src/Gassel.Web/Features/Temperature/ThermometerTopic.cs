using Gassel.Core.Climate;
using Gassel.Web.Problems;
using Newtonsoft.Json;
using Newtonsoft.Json.Linq;

namespace Gassel.Web.Features.Temperature;

/// <summary>Where a thermometer is heard by MQTT.</summary>
/// <param name="Topic">Without wildcards; null to hear it no more.</param>
/// <param name="TempPath">JSONPath of the temperature in the message, such as <c>temperature</c>; null where the message is the
/// number.</param>
public sealed record ThermometerTopic(string? Topic, string? TempPath = null, TemperatureUnit Unit = TemperatureUnit.Celsius)
{
    private static bool IsPath(string path)
    {
        try
        {
            new JObject().SelectToken(path);
            return true;
        }
        catch (JsonException)
        {
            return false;
        }
    }

    internal Refusal? Check()
    {
        if ((Limits.Text("topic", Topic, 200, required: false) ?? Limits.Text("tempPath", TempPath, 200, required: false)) is { } wrong)
            return wrong;
        if (TempPath is { } path && !IsPath(path))
            return new("tempPath", $"tempPath was '{path}'; valid is a JSONPath such as temperature or $.sensors[0].t.");
        return Topic is { } topic && topic.AsSpan().IndexOfAny("#+\0") >= 0
            ? new("topic", $"topic was '{topic}'; valid is one topic without # and +, such as greenhouse/bench.")
            : null;
    }
}
