using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Gassel.Data;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Net.Http.Headers;

namespace Gassel.Web.Problems;

/// <summary>
/// Where the framework reads JSON otherwise than the contract says: two enum names in one text (<c>"medium,long"</c>, which it would read
/// as a third), an instant without its offset (which it would take for this machine's time), <c>t</c> and <c>z</c> in lower case (RFC 3339
/// allows them), <c>50.0</c> for a whole number, <c>1e999</c> for infinity, nothing in a list where something belongs, and text with
/// control characters, which no page or label can show. Only a body that holds such a thing is looked at once more, before it is bound.
/// </summary>
internal static partial class StrictJson
{
    public static void UseStrictJson(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                if (
                    context.GetEndpoint()?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType is { } type
                    && context.Request.HasJsonContentType()
                    && await Refuse(context, type) is { } refusal
                )
                {
                    await refusal.ToResult().ExecuteAsync(context);
                    return;
                }
                await next(context);
            }
        );

    private static async Task<Refusal?> Refuse(HttpContext context, Type type)
    {
        if (
            MediaTypeHeaderValue.TryParse(context.Request.ContentType, out var sent)
            && sent.Charset is { HasValue: true } charset
            && !HeaderUtilities.RemoveQuotes(charset).Equals("utf-8", StringComparison.OrdinalIgnoreCase)
        )
            return new(
                null,
                $"The content type was '{context.Request.ContentType}'; valid is application/json in UTF-8.",
                StatusCodes.Status415UnsupportedMediaType,
                "Wrong content type"
            );
        context.Request.EnableBuffering();
        using var reader = new StreamReader(context.Request.Body, Encoding.UTF8, leaveOpen: true);
        var body = await reader.ReadToEndAsync(context.RequestAborted);
        context.Request.Body.Position = 0;
        if (Rewritable().IsMatch(body))
        {
            try
            {
                var root = JsonNode.Parse(body);
                // the framework would trip over half a sign
                if (root is JsonValue single && single.GetValueKind() == JsonValueKind.String && TextOf(single) is null)
                    return new(null, "The body is no text and no JSON object; valid is a JSON object.");
                if (root is not null && Rewrite(root, "") is { } without)
                    return without;
                body = root?.ToJsonString() ?? body;
                context.Request.Body = new MemoryStream(Encoding.UTF8.GetBytes(body));
                context.Request.ContentLength = context.Request.Body.Length;
            }
            catch (JsonException)
            {
                // told where the body is bound
                return null;
            }
        }
        if (!SeveralNames().IsMatch(body))
            return null;
        try
        {
            JsonSerializer.Deserialize(body, type, CoreJson.OneName);
            return null;
        }
        catch (JsonException json)
        {
            return BindingErrors.FromJson(json);
        }
        catch (NotSupportedException)
        {
            // a missing discriminator is told where the body is bound
            return null;
        }
    }

    /// <summary>Puts whole numbers and instants as the framework reads them; the refusal of an instant that has no offset.</summary>
    private static Refusal? Rewrite(JsonNode node, string path)
    {
        switch (node)
        {
            case JsonObject record:
                foreach (var (name, value) in record.ToList())
                {
                    if (
                        value is not null
                        && Put(value, path.Length == 0 ? name : $"{path}.{name}", put => record[name] = put) is { } refusal
                    )
                        return refusal;
                }
                return null;
            case JsonArray list:
                for (var i = 0; i < list.Count; i++)
                {
                    var at = i;
                    if (list[i] is not { } value)
                        return new($"{path}[{i}]", $"{path}[{i}] is null; a value is needed.");
                    if (Put(value, $"{path}[{i}]", put => list[at] = put) is { } refusal)
                        return refusal;
                }
                return null;
            default:
                return null;
        }
    }

    private static Refusal? Put(JsonNode value, string path, Action<JsonNode> put)
    {
        if (value is not JsonValue single)
            return Rewrite(value, path);
        if (single.GetValueKind() == JsonValueKind.Number)
        {
            var digits = single.ToJsonString();
            if (WholeWithPoint().Match(digits) is { Success: true } whole && long.TryParse(whole.Groups["whole"].Value, out var number))
                put(JsonValue.Create(number));
            return double.IsFinite(single.GetValue<double>())
                ? null
                : new(path, $"{path} was {digits}, which is larger than any number; valid is a finite number.");
        }
        if (single.GetValueKind() != JsonValueKind.String)
            return null;
        if (TextOf(single) is not { } text || text.Any(c => char.IsControl(c) && c is not ('\t' or '\n' or '\r')))
            return new(path, $"{path} holds a character that is no text; valid are letters, digits and signs.");
        if (InstantWithoutOffset().IsMatch(text))
            return new(
                path,
                $"{path} was '{text}', without its offset from UTC; valid is an instant as in RFC 3339, for instance 2027-03-14T09:00:00Z."
            );
        if (LowerInstant().IsMatch(text))
            put(JsonValue.Create(text.ToUpperInvariant()));
        return null;
    }

    /// <summary>Null for half of a sign that is written in two.</summary>
    private static string? TextOf(JsonValue single)
    {
        try
        {
            return single.GetValue<string>();
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }

    [GeneratedRegex("\"\\s*[A-Za-z]+\\s*,[A-Za-z,\\s]*\"")]
    private static partial Regex SeveralNames();

    // in turn: null in a list, a large exponent, a control character or half a sign, a whole number with a point, an instant
    [GeneratedRegex(
        "[\\[,]\\s*null\\s*[,\\]]|[eE]\\+?\\d{3}|\\\\u(00[01789]|[dD][89a-fA-F])|\\.0+[\\s,\\]}]"
            + "|\"\\d{4}-\\d\\d-\\d\\d(t|T\\d\\d:\\d\\d[^\"Zz+-]*(z|\"))"
    )]
    private static partial Regex Rewritable();

    [GeneratedRegex("^(?<whole>-?\\d+)\\.0+$")]
    private static partial Regex WholeWithPoint();

    [GeneratedRegex("^\\d{4}-\\d\\d-\\d\\d[Tt]\\d\\d:\\d\\d(:\\d\\d(\\.\\d+)?)?$")]
    private static partial Regex InstantWithoutOffset();

    [GeneratedRegex("^\\d{4}-\\d\\d-\\d\\d[Tt]\\d\\d:\\d\\d(:\\d\\d(\\.\\d+)?)?([Zz]|[+-]\\d\\d:\\d\\d)$")]
    private static partial Regex LowerInstant();
}
