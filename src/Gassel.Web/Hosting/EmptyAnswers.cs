using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Diagnostics;

namespace Gassel.Web.Hosting;

/// <summary>Gives a body to answers that the framework leaves empty: no such address, method or content type.</summary>
internal static class EmptyAnswers
{
    public static Task Explain(StatusCodeContext context)
    {
        var (request, response) = (context.HttpContext.Request, context.HttpContext.Response);
        Refusal refusal = response.StatusCode switch
        {
            StatusCodes.Status401Unauthorized => new(null, "Sign in first.", response.StatusCode, "Not signed in"),
            StatusCodes.Status403Forbidden => new(
                null,
                context.HttpContext.GetEndpoint()?.Metadata.GetOrderedMetadata<AtLeast>().MaxBy(a => a.Role)?.Words
                    ?? "This is not for you.",
                response.StatusCode,
                "Not for this role"
            ),
            StatusCodes.Status429TooManyRequests => new(
                null,
                $"Too many requests from this device; try again in {response.Headers.RetryAfter.FirstOrDefault() ?? "60"} seconds.",
                response.StatusCode,
                "Too many"
            ),
            StatusCodes.Status404NotFound => Refusal.NotFound("address", request.Path, "See /openapi/v1.json for those there are."),
            StatusCodes.Status405MethodNotAllowed => new(
                null,
                $"{request.Method} does not work here; valid is {response.Headers.Allow}.",
                response.StatusCode,
                "Wrong method"
            ),
            StatusCodes.Status415UnsupportedMediaType => new(
                null,
                $"The content type was '{request.ContentType ?? "none"}'; valid is application/json, or text/csv for a file of counts.",
                response.StatusCode,
                "Wrong content type"
            ),
            _ => new(null, "The request was not accepted.", response.StatusCode),
        };
        return refusal.ToResult().ExecuteAsync(context.HttpContext);
    }
}
