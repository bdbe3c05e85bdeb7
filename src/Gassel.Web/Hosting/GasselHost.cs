using System.IO.Compression;
using System.Net;
using System.Text.Json.Serialization.Metadata;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Photos;
using Gassel.Data.Readings;
using Gassel.Web.Door;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Calculators;
using Gassel.Web.Features.Calendar;
using Gassel.Web.Features.Closing;
using Gassel.Web.Features.Counting;
using Gassel.Web.Features.Demo;
using Gassel.Web.Features.Finding;
using Gassel.Web.Features.Forecasts;
using Gassel.Web.Features.Intake;
using Gassel.Web.Features.Labels;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Lists;
using Gassel.Web.Features.Messages;
using Gassel.Web.Features.Network;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Photos;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Records;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Season;
using Gassel.Web.Features.Seed;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Sowing;
using Gassel.Web.Features.Species;
using Gassel.Web.Features.Tables;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Told;
using Gassel.Web.Features.Trials;
using Gassel.Web.Features.Weather;
using Gassel.Web.Features.Wishes;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Hosting;

/// <summary>Puts the program together: listening, services, pipeline, features in the order of the work.</summary>
public static class GasselHost
{
    /// <summary>So long a request that still runs is waited for when the program is to end; what it had not committed never was.</summary>
    private static readonly TimeSpan LongestGoodbye = TimeSpan.FromSeconds(4);

    /// <summary>Largest body any address takes, in bytes; files have their own limit.</summary>
    private const int MaxBody = 1_000_000;

    /// <summary>Longest address, in bytes. The server refuses a longer one without a word; a shorter one is told what is wrong.</summary>
    private const int MaxAddress = 64_000;

    /// <param name="shipped">What is inside the program; null where all lies beside it.</param>
    /// <exception cref="BookUnavailableException">The certificate of the launch cannot be used.</exception>
    public static WebApplication Build(Launch launch, TimeProvider clock, Shipped? shipped = null)
    {
        var door = new NetworkDoor(launch, clock, OwnCertificate(launch));
        var builder = WebApplication.CreateSlimBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory });
        builder.Logging.SetMinimumLevel(LogLevel.Warning);
        // a start that fails is told in one line by Program; a build without pages is no fault
        builder.Logging.AddFilter("Microsoft.Extensions.Hosting.Internal.Host", LogLevel.None);
        builder.Logging.AddFilter("Microsoft.AspNetCore.StaticFiles", LogLevel.Error);
        // a key ring in the data folder, which only its owner can read, is meant to be there as it is
        builder.Logging.AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error);
        // a request without its token is told so in the answer
        builder.Logging.AddFilter("Microsoft.AspNetCore.Antiforgery", LogLevel.Error);
        ((IConfigurationBuilder)builder.Configuration).Add(door);
        builder.WebHost.UseKestrelHttpsConfiguration();
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            // this machine's own door; the one to the network follows the configuration
            kestrel.Listen(IPAddress.Loopback, launch.Port);
            kestrel.ConfigureHttpsDefaults(door.Follow);
            kestrel
                .Configure(builder.Configuration.GetSection("Kestrel"), reloadOnChange: true)
                .Endpoint(NetworkDoor.Endpoint, endpoint => endpoint.ListenOptions.Use(AtTheDoor.Look));
            kestrel.Limits.MaxRequestBodySize = MaxBody;
            kestrel.Limits.MaxRequestLineSize = MaxAddress;
            kestrel.AddServerHeader = false;
        });
        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = LongestGoodbye);
        builder.Services.AddSingleton(door);
        AddBook(builder.Services, launch, clock);
        WebApplication? running = null;
        builder.Services.AddSingleton<IDemoBeside>(_ => new DemoBeside(launch, shipped ?? new(), () => AddressOf(running!)));
        builder.Services.AddSignIn(launch);
        AddHttp(builder.Services);

        var app = running = builder.Build();
        if (shipped?.Pages is { } pages)
            app.Environment.WebRootFileProvider = pages;
        app.UseLenient();
        app.UseExceptionHandler();
        app.UseStatusCodePages(EmptyAnswers.Explain);
        app.UseHostFiltering();
        app.UseSecurityHeaders();
        app.UseResponseCompression();
        app.RefuseForeignPages();
        app.UseShippedPages();
        app.UseRateLimiter();
        app.UseAuthentication();
        app.UseAuthorization();
        app.UseTokens();
        app.UseStrictJson();
        app.UseUnwaited();
        app.UseUnchanged();

        var late = new LateJson(app);
        late.MapSession();
        var api = late.MapGroup("/api").For(Role.Volunteer);
        api.MapPeople();
        api.MapNetwork();
        api.MapSite();
        api.MapPlaces();
        api.MapWeather();
        api.MapForecast();
        api.MapForecastService();
        api.MapTemperature();
        api.MapThermometers();
        api.MapBroker();
        api.MapSpecies();
        api.MapLearning();
        api.MapEvidence();
        api.MapSeed();
        api.MapPlan();
        api.MapBatches();
        api.MapLists();
        api.MapRounds();
        api.MapMessages();
        api.MapSowing();
        api.MapCount();
        api.MapPhotos();
        api.MapSeedPhoto();
        api.MapYard();
        api.MapTrials();
        api.MapLabels();
        api.MapSeason();
        api.MapTold();
        api.MapWishes();
        api.MapSupplies();
        api.MapFind();
        api.MapCalendar();
        api.MapClosing();
        api.MapPlants();
        api.MapWinter();
        api.MapDemo();
        api.MapCopies();
        api.MapPackage();
        api.MapTables();
        api.MapIntake();
        api.MapCalculators();
        late.MapCalendarFeed();
        late.MapReadingIntake();
        late.MapAuthority();
        app.MapOpenApi().For(Role.Volunteer);
        return app;
    }

    /// <summary>
    /// Builds every endpoint once, to be called while the book is being opened: what requests and answers look like is then known by the
    /// first request, some 0.4 s sooner on the machine it was measured on.
    /// </summary>
    public static int Warm(IEndpointRouteBuilder app) => app.DataSources.Sum(source => source.Endpoints.Count);

    /// <summary>On this machine, as people are told it; known once it listens.</summary>
    public static string AddressOf(WebApplication app) =>
        app
            .Urls.First(url => url.StartsWith("http:", StringComparison.Ordinal))
            .Replace("127.0.0.1", "localhost", StringComparison.Ordinal);

    private static ServerCertificate? OwnCertificate(Launch launch)
    {
        if (launch.Certificate is not { } path)
            return null;
        var (certificate, fault) = ServerCertificate.From(path, launch.Key);
        return certificate ?? throw new BookUnavailableException(fault!);
    }

    private static void AddBook(IServiceCollection services, Launch launch, TimeProvider clock)
    {
        services.AddSingleton(launch);
        services.AddSingleton(_ => new BookFile(launch.DataFolder));
        services.AddSingleton<Func<GasselDb>>(provider =>
        {
            var options = new DbContextOptionsBuilder<GasselDb>();
            provider.GetRequiredService<BookFile>().Configure(options);
            return () => new GasselDb(options.Options);
        });
        services.AddSingleton(clock);
        services.AddSingleton<SiteClock>();
        services.AddSingleton<WriteGate>();
        services.AddSingleton<Library>();
        services.AddSingleton<EvidenceBook>();
        services.AddSingleton<EvidenceReader>();
        services.AddSingleton<WeatherBook>();
        services.AddSingleton<ForecastBook>();
        services.AddSingleton<ReadingBook>();
        services.AddSingleton<BatchShelf>();
        services.AddSingleton<SetAside>();
        services.AddSingleton<LotBook>();
        services.AddSingleton<TrialBook>();
        services.AddSingleton<WishBook>();
        services.AddSingleton<WishGrounds>();
        services.AddSingleton<SetOutDays>();
        services.AddSingleton<TrialViews>();
        services.AddSingleton<OwnBatches>();
        services.AddSingleton<ColdLessons>();
        services.AddSingleton<ColdByThermometer>();
        services.AddSingleton<TreatmentLessons>();
        services.AddSingleton<WarmthLessons>();
        services.AddSingleton<OutdoorNeeds>();
        services.AddSingleton<InsideLessons>();
        services.AddSingleton<InsideJudging>();
        services.AddSingleton<PlanBooks>();
        services.AddSingleton<SeasonDesk>();
        services.AddSingleton<SpeciesBooks>();
        services.AddSingleton(provider => new EntryRecorder(
            provider.GetRequiredService<BookFile>(),
            provider.GetRequiredService<WriteGate>(),
            provider.GetRequiredService<BatchShelf>(),
            provider.GetRequiredService<SiteClock>()
        ));
        services.AddSingleton<RecordingRights>();
        services.AddSingleton<TrayRights>();
        services.AddSingleton<YardRights>();
        services.AddSingleton<YardWeather>();
        services.AddSingleton<YardBook>();
        services.AddSingleton<OutBook>();
        services.AddSingleton<OutdoorBatches>();
        services.AddSingleton<BatchList>();
        services.AddSingleton<PlantOutlook>();
        services.AddSingleton<WinterBook>();
        services.AddSingleton<SiteSaving>();
        services.AddSingleton<WholeBatch>();
        services.AddSingleton<Recordings>();
        services.AddSingleton<BookCopies>();
        services.AddSingleton<BookReread>();
        services.AddSingleton<TableBooks>();
        services.AddSingleton<PhotoFolder>();
        services.AddHostedService<BookOpening>();
        services.AddHostedService<ShelfFilling>();
        services.AddSingleton<SimulatedLabelPrinter>();
        services.AddSingleton<ILabelPrinter>(provider => provider.GetRequiredService<SimulatedLabelPrinter>());
        services.AddSingleton<TemperatureWatch>();
        services.AddSingleton<DeviceStandIns>();
        services.AddSingleton<PlayedProbes>();
        services.AddSingleton<ForecastQuestion>();
        services.AddSingleton<ForecastService>();
        services.AddHostedService(provider => provider.GetRequiredService<ForecastService>());
        services.AddSingleton<RoundsBook>();
        services.AddSingleton<MessageBook>();
        services.AddSingleton<AlarmsNow>();
        services.AddSingleton<MorningList>();
        services.AddSingleton<MessageRounds>();
        services.AddHostedService(provider => provider.GetRequiredService<MessageRounds>());
        services.AddSingleton<ThermometerBook>();
        services.AddSingleton<ReadingIntake>();
        services.AddHostedService(provider => provider.GetRequiredService<ReadingIntake>());
        services.AddSingleton<MqttEar>();
        services.AddHostedService(provider => provider.GetRequiredService<MqttEar>());
        services.AddHostedService<DailyCopies>();
    }

    private static void AddHttp(IServiceCollection services)
    {
        services
            .AddOptions<JsonOptions>()
            .Configure<SiteClock>(
                (o, clock) =>
                {
                    var options = CoreJson.Strict(o.SerializerOptions);
                    options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(
                        SpokenText.By(clock)
                    );
                }
            );
        services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        services.AddProblemDetails(o =>
            o.CustomizeProblemDetails = problem =>
            {
                if (problem.ProblemDetails.Detail is { } detail)
                    problem.ProblemDetails.Detail = SpokenText.Say(
                        problem.HttpContext.RequestServices.GetRequiredService<SiteClock>(),
                        detail
                    );
            }
        );
        services.AddExceptionHandler<BindingErrors>();
        services.AddExceptionHandler<StorageErrors>();
        services.AddOpenApi(o =>
            o.AddSchemaTransformer(SchemaRequired.Mark).AddSchemaTransformer(SchemaWords.Put).AddSchemaTransformer(CausesExamples.Put)
        );
        services.AddResponseCompression();
        // the fastest level packs each piece of an answer by itself and finds nothing that repeats: Rounds came out twenty times as large
        services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Optimal);
    }
}
