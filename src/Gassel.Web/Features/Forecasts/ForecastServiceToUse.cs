using System.Text.RegularExpressions;
using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Forecasts;

/// <summary>A service that tells the weather to come.</summary>
/// <param name="Name">As it stands beside its forecasts.</param>
/// <param name="Address">With {latitude}, {longitude}, {from} and {to} where it wants them.</param>
/// <param name="AllowPrivate">True where the owner says that the address stands in their own network.</param>
public sealed partial record ForecastServiceToUse(
    string Name,
    string Address,
    ForecastFields Fields,
    ForecastFormat Format = ForecastFormat.Json,
    DayOrder Order = DayOrder.YearFirst,
    ForecastUnits? Units = null,
    IReadOnlyList<ForecastHeader>? Headers = null,
    bool AllowPrivate = false
)
{
    private const int MostHeaders = 8;

    /// <summary>They say who asks and how the question is packed; the program sets them.</summary>
    private static readonly HashSet<string> Ours = new(
        ["host", "content-length", "transfer-encoding", "connection", "upgrade", "te", "trailer"],
        StringComparer.OrdinalIgnoreCase
    );

    internal Refusal? Check()
    {
        if (
            (
                Limits.Text("name", Name, 40)
                ?? Limits.Text("address", Address, 1000)
                ?? Limits.Text("fields.date", Fields.Date, 200)
                ?? Limits.Text("fields.rows", Fields.Rows, 200, required: false)
                ?? Limits.Text("fields.low", Fields.Low, 200, required: false)
                ?? Limits.Text("fields.high", Fields.High, 200, required: false)
                ?? Limits.Text("fields.gust", Fields.Gust, 200, required: false)
                ?? Limits.Text("fields.rain", Fields.Rain, 200, required: false)
                ?? Limits.Text("fields.snow", Fields.Snow, 200, required: false)
            ) is
            { } text
        )
            return text;
        if (string.IsNullOrWhiteSpace(Fields.Low))
            return new("fields.low", "fields.low is empty; a forecast without the low of the night warns of nothing.");
        if (
            !Uri.TryCreate(Blank().Replace(Address, "0"), UriKind.Absolute, out var uri)
            || uri.Scheme is not ("http" or "https")
            || uri.UserInfo.Length > 0
        )
            return new("address", "address is none; valid is one that begins with https:// or http://, without a user in it.");
        if (Unknown(Address) is { } unknown)
            return new("address", $"address has {unknown}; valid are {{latitude}}, {{longitude}}, {{from}} and {{to}}.");
        var headers = Headers ?? [];
        if (Limits.Count("headers", headers.Count, 0, MostHeaders) is { } many)
            return many;
        for (var i = 0; i < headers.Count; i++)
        {
            if (!Token().IsMatch(headers[i].Name) || Ours.Contains(headers[i].Name))
                return new($"headers[{i}].name", $"headers[{i}].name is no header that can be set; valid is a name such as X-Key.");
            if (headers[i].Value is { } value && !Printable().IsMatch(value))
                return new($"headers[{i}].value", $"headers[{i}].value holds what no header can; valid are up to 1000 plain characters.");
        }
        return null;
    }

    private static string? Unknown(string address) =>
        Blank().Matches(address).Select(m => m.Value).FirstOrDefault(m => m is not ("{latitude}" or "{longitude}" or "{from}" or "{to}"));

    [GeneratedRegex(@"\{[^}]*\}")]
    private static partial Regex Blank();

    [GeneratedRegex("^[A-Za-z0-9!#$%&'*+.^_`|~-]{1,60}$")]
    private static partial Regex Token();

    [GeneratedRegex(@"^[\x20-\x7e]{1,1000}$")]
    private static partial Regex Printable();
}
