namespace Gassel.Web.Problems;

/// <summary>
/// A page that asks while somebody types does not call an unfinished field an error: asked with <c>Prefer: handling=lenient</c> (RFC 7240),
/// what would be
/// a 400 is answered as 200 with the same problem as its body. Nothing is saved by such a question.
/// </summary>
internal static class Lenient
{
    public static void UseLenient(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                if (context.Request.Headers["Prefer"].Any(p => p?.Contains("handling=lenient", StringComparison.Ordinal) == true))
                {
                    context.Response.OnStarting(() =>
                    {
                        if (context.Response.StatusCode == StatusCodes.Status400BadRequest)
                        {
                            context.Response.StatusCode = StatusCodes.Status200OK;
                            context.Response.Headers["Preference-Applied"] = "handling=lenient";
                        }
                        return Task.CompletedTask;
                    });
                }
                return next();
            }
        );
}
