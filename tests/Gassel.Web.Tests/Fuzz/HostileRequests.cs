using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests.Fuzz;

/// <summary>
/// Requests as nobody means them, made from the description of the interface: each is nearly right, with something in it that is not.
/// The same seed makes the same requests.
/// </summary>
/// <param name="description">The OpenAPI document; new addresses are found in it by themselves.</param>
/// <param name="known">Ids that exist, so that some requests get far.</param>
internal sealed class HostileRequests(JsonNode description, IReadOnlyList<string> known, int seed)
{
    private const double Hostile = 0.12;

    /// <summary>They open the network, write to it, or take long on purpose.</summary>
    private static readonly string[] LeftOut = ["/api/network", "/api/demo", "/api/broker", "/api/messages", "/api/forecast/service"];

    private static readonly string[] Texts =
    [
        "",
        " ",
        "\0",
        "a\tb\nc",
        "\ud83c\udf31苗",
        "'; drop table entries; --",
        "<script>alert(1)</script>",
        "../../etc/passwd",
        "%00",
        new('x', 5000),
        "2027-02-30",
        "9999-12-31",
        "0001-01-01",
        "NaN",
        "-1",
        "1e308",
        "00000000-0000-0000-0000-000000000000",
    ];

    private static readonly string[] Values =
    [
        "null",
        "[]",
        "{}",
        "[null]",
        "true",
        "-1",
        "0",
        "1e308",
        "-1e308",
        "1e999",
        "2147483648",
        "9223372036854775808",
        "0.1",
        "\"\"",
        "[[[[]]]]",
        "\"\\u0000\"",
        "\"\\ud83c\"",
        "\"0001-01-01\"",
        "\"9999-12-31\"",
    ];

    private static readonly string[] Tables =
    [
        "date,min,max\n\"2027-01-01,1,2\n2027-01-02,1,2\n",
        string.Join(',', Enumerable.Range(0, 10_000)) + "\n1,2,3\n",
        "date,min,max\n2027-01-01," + new string('9', 200_000) + ",2\n",
        "date;min;max\r\r\n\n;;;\n",
        "\ufeff",
        "\0\0\0\0",
        "a",
        "date,min,max\n0001-01-01,1,2\n9999-12-31,NaN,1e999\n",
        "\"\"\"\"\"\n,,,,,\n\"",
    ];

    private readonly Random _random = new(seed);

    private readonly List<(string Method, string Path, JsonNode Operation)> _operations =
    [
        .. description["paths"]!
            .AsObject()
            .Where(p => !LeftOut.Any(out_ => p.Key.StartsWith(out_, StringComparison.Ordinal)))
            .SelectMany(p => p.Value!.AsObject().Select(o => (o.Key.ToUpperInvariant(), p.Key, o.Value!))),
    ];

    public int Operations => _operations.Count;

    /// <summary>Every operation in turn.</summary>
    public HttpRequestMessage Next(int n)
    {
        var (method, path, operation) = _operations[n % _operations.Count];
        var query = new List<string>();
        foreach (var parameter in operation["parameters"]?.AsArray() ?? [])
        {
            var name = parameter!["name"]!.GetValue<string>();
            var value = Uri.EscapeDataString(Plain(Value(parameter["schema"]!, 0)));
            if (parameter["in"]!.GetValue<string>() == "path")
                path = path.Replace($"{{{name}}}", value.Length == 0 ? "%20" : value, StringComparison.Ordinal);
            else if (_random.Next(3) > 0)
                query.Add($"{name}={value}");
        }
        HttpRequestMessage request = new(new(method), path + (query.Count > 0 ? "?" + string.Join('&', query) : ""));
        if (operation["requestBody"]?["content"]?.AsObject() is { Count: > 0 } content)
            request.Content = Body(content.First().Key, content.First().Value?["schema"]);
        return request;
    }

    private ByteArrayContent Body(string type, JsonNode? schema)
    {
        var isJson = type.Contains("json", StringComparison.Ordinal);
        var text = isJson && schema is not null ? Value(schema, 0) : Pick(Tables);
        var bytes = Encoding.UTF8.GetBytes(text);
        if (_random.NextDouble() < 0.04)
            bytes = bytes[..(bytes.Length / 2)];
        ByteArrayContent body = new(bytes);
        body.Headers.TryAddWithoutValidation(
            "Content-Type",
            _random.NextDouble() switch
            {
                < 0.03 => $"{type}; charset=klingon",
                < 0.05 => "text/nonsense",
                < 0.07 => $"{type}; charset=utf-16",
                _ => type,
            }
        );
        return body;
    }

    private IEnumerable<int> Some(int below) => Enumerable.Range(0, _random.Next(below));

    private T Pick<T>(IReadOnlyList<T> of) => of[_random.Next(of.Count)];

    /// <summary>A JSON value of the schema, or one that is not.</summary>
    private string Value(JsonNode schema, int depth)
    {
        if (schema["$ref"]?.GetValue<string>() is { } reference)
            return Value(description["components"]!["schemas"]![reference.Split('/')[^1]]!, depth);
        if (depth > 7 || _random.NextDouble() < Hostile)
            return Pick(Values);
        if ((schema["oneOf"] ?? schema["anyOf"]) is JsonArray choices)
            return Value(Pick(choices.ToList())!, depth + 1);
        if (schema["enum"] is JsonArray words)
            return Pick(words.ToList())?.ToJsonString() ?? "null";
        var types = schema["type"] is JsonArray several
            ? several.Select(t => t!.GetValue<string>()).ToList()
            : [schema["type"]?.GetValue<string>() ?? "object"];
        return Pick(types) switch
        {
            "null" => "null",
            "boolean" => _random.Next(2) == 0 ? "true" : "false",
            "integer" => Pick([0, 1, 2, 7, 40, 300]).ToString(CultureInfo.InvariantCulture),
            "number" => Pick([0, 0.5, 1, 12.7, -3, 46.8]).ToString(CultureInfo.InvariantCulture),
            "string" => Text(schema["format"]?.GetValue<string>()),
            "array" => $"[{string.Join(',', Some(4).Select(_ => Value(schema["items"] ?? new JsonObject(), depth + 1)))}]",
            _ => Object(schema, depth),
        };
    }

    private string Object(JsonNode schema, int depth)
    {
        var required = (schema["required"]?.AsArray() ?? []).Select(r => r!.GetValue<string>()).ToHashSet();
        var members = (schema["properties"]?.AsObject() ?? [])
            .Where(p => required.Contains(p.Key) ? _random.Next(25) > 0 : _random.Next(2) == 0)
            .Select(p => $"{JsonValue.Create(p.Key).ToJsonString()}:{Value(p.Value!, depth + 1)}");
        return $"{{{string.Join(',', members)}}}";
    }

    private string Text(string? format) =>
        JsonValue
            .Create(
                format switch
                {
                    "uuid" => _random.Next(3) == 0 ? Pick(known) : Id().ToString(),
                    "date" => Pick(["2027-03-14", "2026-11-01", "2027-02-30", "0001-01-01", "9999-12-31"]),
                    "date-time" => "2027-03-14T09:00:00-06:00",
                    _ => _random.Next(2) == 0 ? Pick(known) : Pick(Texts),
                }
            )
            .ToJsonString();

    private Guid Id()
    {
        var bytes = new byte[16];
        _random.NextBytes(bytes);
        return new(bytes);
    }

    /// <summary>A value as it stands in an address.</summary>
    private static string Plain(string json) =>
        json.StartsWith('"') && !json.Contains("ud83c\"", StringComparison.Ordinal) ? JsonNode.Parse(json)!.GetValue<string>() : json;
}
