using Gassel.Web.Problems;

namespace Gassel.Web.Hosting;

/// <summary>
/// A page of another site may not change anything here, also while nobody needs to sign in: browsers say from where a request comes, in
/// <c>Sec-Fetch-Site</c> and <c>Origin</c>.
/// </summary>
internal static class ForeignPages
{
    public static void RefuseForeignPages(this WebApplication app) =>
        app.Use(
            (context, next) =>
                IsForeign(context.Request)
                    ? new Refusal(
                        "origin",
                        "The request comes from a page of another site.",
                        StatusCodes.Status403Forbidden,
                        "Not from here"
                    )
                        .ToResult()
                        .ExecuteAsync(context)
                    : next(context)
        );

    private static bool IsForeign(HttpRequest request)
    {
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
            return false;
        if (request.Headers["Sec-Fetch-Site"] is [{ } from] && from is not ("same-origin" or "none"))
            return true;
        return request.Headers.Origin is [{ } origin]
            && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
