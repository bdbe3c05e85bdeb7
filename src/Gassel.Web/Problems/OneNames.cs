using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using Gassel.Data;
using Microsoft.AspNetCore.Http.Metadata;

namespace Gassel.Web.Problems;

/// <summary>
/// Refuses two enum names in one text, such as <c>"medium,long"</c>, which the framework would read as a third. A body that holds such a text is
/// read once more, strictly, before it is bound; where the text is free (a note), that finds nothing.
/// </summary>
internal static partial class OneNames
{
    public static void UseOneNames(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (context.GetEndpoint()?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType is { } type && context.Request.HasJsonContentType()
            && await Refuse(context, type) is { } refusal)
        {
            await refusal.ToResult().ExecuteAsync(context);
            return;
        }
        await next(context);
    });

    private static async Task<Refusal?> Refuse(HttpContext context, Type type)
    {
        context.Request.EnableBuffering();
        using var reader = new StreamReader(context.Request.Body, Encoding.UTF8, leaveOpen: true);
        var body = await reader.ReadToEndAsync(context.RequestAborted);
        context.Request.Body.Position = 0;
        if (!SeveralNames().IsMatch(body)) return null;
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

    [GeneratedRegex("\"\\s*[A-Za-z]+\\s*,[A-Za-z,\\s]*\"")]
    private static partial Regex SeveralNames();
}
