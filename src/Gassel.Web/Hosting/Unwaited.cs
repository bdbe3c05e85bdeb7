namespace Gassel.Web.Hosting;

/// <summary>
/// Reckoning that nobody waits for any more stops: a calculator whose asker hung up, and all of them once the program is to end. Recording
/// is not cut short.
/// </summary>
internal static class Unwaited
{
    public static void UseUnwaited(this WebApplication app)
    {
        var stopping = app.Lifetime.ApplicationStopping;
        app.UseWhen(
            context => context.Request.Path.StartsWithSegments("/api/calculators", StringComparison.Ordinal),
            calculators =>
                calculators.Use(
                    async (context, next) =>
                    {
                        using var either = CancellationTokenSource.CreateLinkedTokenSource(context.RequestAborted, stopping);
                        context.RequestAborted = either.Token;
                        await next(context);
                    }
                )
        );
    }
}
