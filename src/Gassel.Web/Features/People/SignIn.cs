using System.Threading.RateLimiting;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Door;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.DataProtection.KeyManagement;
using Microsoft.AspNetCore.DataProtection.Repositories;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.AspNetCore.RateLimiting;

namespace Gassel.Web.Features.People;

/// <summary>
/// Identity on the book's own file: names and passwords, sessions in a cookie, lock-out, limits, and a token against forged requests.
/// </summary>
internal static class SignIn
{
    /// <summary>Name of the limit on addresses where a password or a code is tried.</summary>
    public const string Tries = "tries";

    /// <summary>Name of the limit on what one thermometer sends.</summary>
    public const string Devices = "devices";

    public const string TokenHeader = "X-Gassel-Token";

    /// <summary>Wrong tries after which a name is shut (our assumption).</summary>
    public const int MostWrong = 5;

    public static readonly TimeSpan ShutFor = TimeSpan.FromMinutes(10);

    /// <summary>A phone in daily use stays signed in; one left in a drawer does not.</summary>
    public static readonly TimeSpan SessionLifetime = TimeSpan.FromDays(14);

    /// <summary>So soon a person let go, or given another role, is noticed.</summary>
    private static readonly TimeSpan LookAgain = TimeSpan.FromSeconds(30);

    /// <summary>OWASP's figure of 2023 for PBKDF2 with HMAC-SHA-512; from memory.</summary>
    private const int HashRounds = 210_000;

    public static void AddSignIn(this IServiceCollection services, Launch launch)
    {
        services.AddScoped(provider => provider.GetRequiredService<Func<GasselDb>>()());
        services
            .AddIdentityCore<Person>(identity =>
            {
                // any name a person has; length alone makes a password good (NIST SP 800-63B)
                identity.User.AllowedUserNameCharacters = "";
                identity.Lockout.MaxFailedAccessAttempts = MostWrong;
                identity.Lockout.DefaultLockoutTimeSpan = ShutFor;
            })
            .AddUserStore<UserOnlyStore<Person, GasselDb, Guid>>()
            .AddSignInManager();
        services.AddScoped<IUserClaimsPrincipalFactory<Person>, PersonPrincipal>();
        services.Configure<PasswordHasherOptions>(o => o.IterationCount = HashRounds);
        services
            .AddOptions<SecurityStampValidatorOptions>()
            .Configure<TimeProvider>((o, real) => (o.ValidationInterval, o.TimeProvider) = (LookAgain, real));
        services.AddSingleton<OwnerCode>();
        services.AddSingleton<EndedSessions>();
        services.AddSingleton<KnownDevices>();
        services.AddScoped<SecretCheck>();
        services.AddDataProtection().SetApplicationName("gassel");
        // keys are read when the first session asks for them, not at every start: most books never open their door
        services.Remove(
            services.First(s => s.ServiceType == typeof(IHostedService) && s.ImplementationType?.Name == "DataProtectionHostedService")
        );
        services
            .AddOptions<KeyManagementOptions>()
            .Configure<ILoggerFactory>(
                (keys, log) => keys.XmlRepository = new FileSystemXmlRepository(PrivateFiles.NetworkFolder(launch.DataFolder, "keys"), log)
            );
        services
            .AddAuthentication(IdentityConstants.ApplicationScheme)
            .AddIdentityCookies(cookies =>
                cookies.ApplicationCookie!.Configure(cookie =>
                {
                    cookie.Cookie.Name = "gassel.session";
                    cookie.Cookie.SameSite = SameSiteMode.Strict;
                    // over the network all is TLS; this machine's own door is plain and secure by being its own
                    cookie.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
                    cookie.ExpireTimeSpan = SessionLifetime;
                    cookie.Events.OnValidatePrincipal = async session =>
                    {
                        if (session.HttpContext.RequestServices.GetRequiredService<EndedSessions>().Has(session.Properties))
                            session.RejectPrincipal();
                        else
                            await SecurityStampValidator.ValidatePrincipalAsync(session);
                    };
                    cookie.Events.OnRedirectToLogin = context => Say(context.Response, StatusCodes.Status401Unauthorized);
                    cookie.Events.OnRedirectToAccessDenied = context => Say(context.Response, StatusCodes.Status403Forbidden);
                })
            );
        services.AddSingleton<IAuthorizationHandler, AtLeastHandler>();
        services.AddAuthorization();
        services.AddAntiforgery(token =>
        {
            token.HeaderName = TokenHeader;
            token.Cookie.Name = "gassel.token";
            token.Cookie.SameSite = SameSiteMode.Strict;
            token.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        });
        services.AddRateLimiter(Limit);
    }

    /// <summary>A request that changes something carries the token of its session; a page of another site cannot know it.</summary>
    public static void UseTokens(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var changes = !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method);
                if (
                    changes
                    && context.User.Identity?.IsAuthenticated == true
                    && context.RequestServices.GetRequiredService<NetworkDoor>().IsOpen
                    && !await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context)
                )
                {
                    await new Problems.Refusal(
                        "token",
                        $"The header {TokenHeader} is missing or of another session; ask /api/session for the present one.",
                        Title: "Not of this session"
                    )
                        .ToResult()
                        .ExecuteAsync(context);
                    return;
                }
                await next(context);
            }
        );

    private static Task Say(HttpResponse response, int status)
    {
        response.StatusCode = status;
        return Task.CompletedTask;
    }

    private static void Limit(RateLimiterOptions limits)
    {
        limits.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
        limits.OnRejected = (context, _) =>
        {
            if (context.Lease.TryGetMetadata(MetadataName.RetryAfter, out var wait))
                context.HttpContext.Response.Headers.RetryAfter = ((int)Math.Ceiling(wait.TotalSeconds)).ToString(
                    System.Globalization.CultureInfo.InvariantCulture
                );
            return ValueTask.CompletedTask;
        };
        limits.AddPolicy(Tries, context =>
            RateLimitPartition.GetFixedWindowLimiter(Device(context), _ => new() { PermitLimit = 20, Window = TimeSpan.FromMinutes(1) })
        );
        limits.AddPolicy(Devices, context =>
            RateLimitPartition.GetTokenBucketLimiter(context.Request.RouteValues["id"]?.ToString() ?? "", _ => new()
                {
                    TokenLimit = 600,
                    TokensPerPeriod = 100,
                    ReplenishmentPeriod = TimeSpan.FromSeconds(1),
                })
        );
        limits.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context =>
            context.RequestServices.GetRequiredService<NetworkDoor>().IsOpen
                ? RateLimitPartition.GetTokenBucketLimiter(Device(context), _ => new()
                    {
                        TokenLimit = 600,
                        TokensPerPeriod = 100,
                        ReplenishmentPeriod = TimeSpan.FromSeconds(1),
                    })
                : RateLimitPartition.GetNoLimiter("")
        );
    }

    private static string Device(HttpContext context) => context.Connection.RemoteIpAddress?.ToString() ?? "";
}
