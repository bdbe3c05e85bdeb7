using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Temperature;

/// <summary>Where a thermometer is heard by MQTT.</summary>
/// <param name="Topic">Without wildcards; null to hear it no more.</param>
/// <param name="TempPath">JSONPath of the temperature in the message, such as <c>temperature</c>; null where the message is the
/// number.</param>
public sealed record ThermometerTopic(string? Topic, string? TempPath = null, TemperatureUnit Unit = TemperatureUnit.Celsius)
{
    internal Refusal? Check()
    {
        if ((Limits.Text("topic", Topic, 200, required: false) ?? Limits.Text("tempPath", TempPath, 200, required: false)) is { } wrong)
            return wrong;
        return Topic is { } topic && topic.AsSpan().IndexOfAny("#+\0") >= 0
            ? new("topic", $"topic was '{topic}'; valid is one topic without # and +, such as greenhouse/bench.")
            : null;
    }
}
