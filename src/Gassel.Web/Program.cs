using System.IO.Compression;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Calculators;
using Gassel.Web.Features.Counting;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Seed;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Species;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.ResponseCompression;

var (launch, fault) = Launch.Read(args);
if (launch is null)
{
    Console.Error.WriteLine($"gassel: {fault}");
    return 2;
}

var builder = WebApplication.CreateSlimBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory });
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder.Configuration["AllowedHosts"] = "localhost;127.0.0.1;[::1]";
builder.WebHost.ConfigureKestrel(kestrel =>
{
    // this machine alone: nobody else on the network can ask
    kestrel.Listen(System.Net.IPAddress.Loopback, launch.Port);
    kestrel.Limits.MaxRequestBodySize = 1_000_000;
    kestrel.AddServerHeader = false;
});

builder.Services.AddSingleton(launch);
builder.Services.AddSingleton(new BookFile(launch.DataFolder));
builder.Services.AddSingleton<Func<GasselDb>>(services =>
{
    var file = services.GetRequiredService<BookFile>();
    var options = ((Microsoft.EntityFrameworkCore.DbContextOptionsBuilder<GasselDb>)file.Configure(
        new Microsoft.EntityFrameworkCore.DbContextOptionsBuilder<GasselDb>())).Options;
    return () => new GasselDb(options);
});
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton<SiteClock>();
builder.Services.AddSingleton<WriteGate>();
builder.Services.AddSingleton<BatchShelf>();
builder.Services.AddSingleton(services => new EntryRecorder(
    services.GetRequiredService<Func<GasselDb>>(), services.GetRequiredService<WriteGate>(),
    services.GetRequiredService<BatchShelf>(), services.GetRequiredService<SiteClock>()));
builder.Services.AddHostedService<BookOpening>();

builder.Services.ConfigureHttpJsonOptions(o => CoreJson.Strict(o.SerializerOptions));
builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
builder.Services.AddProblemDetails();
builder.Services.AddExceptionHandler<BindingErrors>();
builder.Services.AddOpenApi(o => o.AddSchemaTransformer(SchemaRequired.Mark));
builder.Services.AddResponseCompression(o => o.EnableForHttps = false);
builder.Services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Fastest);

var app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages(EmptyAnswers.Explain);
app.UseHostFiltering();
app.UseSecurityHeaders();
app.UseResponseCompression();
app.UseShippedPages();

var api = app.MapGroup("/api");
api.MapSite();
api.MapSpecies();
api.MapSeed();
api.MapPlan();
api.MapBatches();
api.MapCount();
api.MapRounds();
api.MapCalculators();
app.MapOpenApi();

try
{
    await app.StartAsync();
}
catch (BookUnavailableException unavailable)
{
    Console.Error.WriteLine($"gassel: {unavailable.Message}");
    return 3;
}
catch (IOException taken) when (taken.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    Console.Error.WriteLine($"gassel: port {launch.Port} is taken. Choose another with --port N, or close what uses it.");
    return 4;
}
if (!Launch.IsDescribing) Console.WriteLine($"Gassel is ready at {app.Urls.First().Replace("127.0.0.1", "localhost", StringComparison.Ordinal)}");
await app.WaitForShutdownAsync();
return 0;

/// <summary>Named so that the tests can start the whole program.</summary>
public partial class Program;
