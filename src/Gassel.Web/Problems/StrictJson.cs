using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Gassel.Data;
using Microsoft.AspNetCore.Http.Metadata;

namespace Gassel.Web.Problems;

/// <summary>
/// Where the framework reads JSON otherwise than the contract says: two enum names in one text (<c>"medium,long"</c>, which it would read
/// as a third), an
/// instant without its offset (which it would take for this machine's time), <c>t</c> and <c>z</c> in lower case (RFC 3339 allows them),
/// and <c>50.0</c>
/// for a whole number. Only a body that holds such a thing is looked at once more, before it is bound.
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
        context.Request.EnableBuffering();
        using var reader = new StreamReader(context.Request.Body, Encoding.UTF8, leaveOpen: true);
        var body = await reader.ReadToEndAsync(context.RequestAborted);
        context.Request.Body.Position = 0;
        if (Rewritable().IsMatch(body))
        {
            try
            {
                var root = JsonNode.Parse(body);
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
                    if (list[i] is { } value && Put(value, $"{path}[{i}]", put => list[at] = put) is { } refusal)
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
            return null;
        }
        if (single.GetValueKind() != JsonValueKind.String)
            return null;
        var text = single.GetValue<string>();
        if (InstantWithoutOffset().IsMatch(text))
            return new(
                path,
                $"{path} was '{text}', without its offset from UTC; valid is an instant as in RFC 3339, for instance 2027-03-14T09:00:00Z."
            );
        if (LowerInstant().IsMatch(text))
            put(JsonValue.Create(text.ToUpperInvariant()));
        return null;
    }

    [GeneratedRegex("\"\\s*[A-Za-z]+\\s*,[A-Za-z,\\s]*\"")]
    private static partial Regex SeveralNames();

    [GeneratedRegex("\\.0+[\\s,\\]}]|\"\\d{4}-\\d\\d-\\d\\d(t|T\\d\\d:\\d\\d[^\"Zz+-]*(z|\"))")]
    private static partial Regex Rewritable();

    [GeneratedRegex("^(?<whole>-?\\d+)\\.0+$")]
    private static partial Regex WholeWithPoint();

    [GeneratedRegex("^\\d{4}-\\d\\d-\\d\\d[Tt]\\d\\d:\\d\\d(:\\d\\d(\\.\\d+)?)?$")]
    private static partial Regex InstantWithoutOffset();

    [GeneratedRegex("^\\d{4}-\\d\\d-\\d\\d[Tt]\\d\\d:\\d\\d(:\\d\\d(\\.\\d+)?)?([Zz]|[+-]\\d\\d:\\d\\d)$")]
    private static partial Regex LowerInstant();
}
