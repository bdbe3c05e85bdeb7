using Microsoft.AspNetCore.StaticFiles;

namespace Gassel.Web.Hosting;

/// <summary>The built interface, shipped beside the program.</summary>
internal static class Pages
{
    /// <summary>Every address that is neither a file nor the API is a view of the interface.</summary>
    public static void UseShippedPages(this WebApplication app)
    {
        app.Use(
            (context, next) =>
            {
                var path = context.Request.Path;
                var isView =
                    context.GetEndpoint() is null
                    && HttpMethods.IsGet(context.Request.Method)
                    && !path.StartsWithSegments("/api", StringComparison.OrdinalIgnoreCase)
                    && !IsFile(path);
                if (isView)
                    context.Request.Path = "/index.html";
                return next(context);
            }
        );
        app.UseStaticFiles(new StaticFileOptions { OnPrepareResponse = Cache });
    }

    /// <summary>Files have an ending in letters; parts of a batch, such as 1.3, do not.</summary>
    private static bool IsFile(string? path) => Path.GetExtension(path) is { Length: > 1 } ending && !ending.Skip(1).All(char.IsAsciiDigit);

    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                var headers = context.Response.Headers;
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers.XFrameOptions = "DENY";
                // the interface writes its styles into the page as it draws; scripts come from files alone
                headers.ContentSecurityPolicy =
                    "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
                    + "object-src 'none'; base-uri 'none'; "
                    + "form-action 'self'; frame-ancestors 'none'";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                headers["Permissions-Policy"] = "camera=(self), microphone=(), geolocation=(), payment=()";
                return next(context);
            }
        );

    /// <summary>
    /// Files under assets carry their hash in the name and never change; the page that names them is asked for each time.
    /// </summary>
    private static void Cache(StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
            ? "public, max-age=31536000, immutable"
            : "no-cache";
}
