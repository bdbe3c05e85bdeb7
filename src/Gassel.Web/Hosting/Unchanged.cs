using System.Net.Mime;
using System.Security.Cryptography;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Net.Http.Headers;

namespace Gassel.Web.Hosting;

/// <summary>
/// An answer that is as it was is not sent again: it carries a mark of its content (entity tag, RFC 9110 §8.8.3), and who has the same one
/// is told so. It is reckoned all the same; the network and the packing are spared.
/// </summary>
internal static class Unchanged
{
    public static void UseUnchanged(this WebApplication app) => app.UseWhen(Asks, views => views.Use(
                async (context, next) =>
                {
                    var sent = context.Response.Body;
                    using var kept = new MemoryStream();
                    context.Response.Body = kept;
                    try
                    {
                        await next(context);
                    }
                    finally
                    {
                        context.Response.Body = sent;
                    }
                    await Send(context, kept);
                }
            ));

    /// <summary>Views of the book alone: files are sent as they are read, and a session is of its moment.</summary>
    private static bool Asks(HttpContext context) =>
        HttpMethods.IsGet(context.Request.Method)
        && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
        && !context.Request.Path.StartsWithSegments("/api/session", StringComparison.Ordinal)
        && context
            .GetEndpoint()
            ?.Metadata.OfType<IProducesResponseTypeMetadata>()
            .Any(p => p.StatusCode == StatusCodes.Status200OK && p.ContentTypes.Contains(MediaTypeNames.Application.Json)) == true;

    private static async Task Send(HttpContext context, MemoryStream kept)
    {
        var response = context.Response;
        if (
            response.StatusCode == StatusCodes.Status200OK
            && response.ContentType?.StartsWith("application/json", StringComparison.Ordinal) == true
        )
        {
            // weak: packed or not it says the same
            var tag = new EntityTagHeaderValue(
                $"\"{Convert.ToHexStringLower(SHA256.HashData(Written(kept)).AsSpan(0, 16))}\"",
                isWeak: true
            );
            response.Headers.ETag = tag.ToString();
            // kept by this browser alone, and asked about each time
            response.Headers.CacheControl = "private, no-cache";
            if (context.Request.GetTypedHeaders().IfNoneMatch.Any(theirs => theirs.Compare(tag, useStrongComparison: false)))
            {
                response.StatusCode = StatusCodes.Status304NotModified;
                response.ContentType = null;
                response.ContentLength = null;
                return;
            }
        }
        await response.Body.WriteAsync(Written(kept).AsMemory(), context.RequestAborted);

        static ArraySegment<byte> Written(MemoryStream kept) => new(kept.GetBuffer(), 0, (int)kept.Length);
    }
}
