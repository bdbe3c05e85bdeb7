using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Web.Hosting;
using Microsoft.AspNetCore.Builder;

namespace Gassel.Web.Tests.Fuzz;

/// <summary>
/// Hostile requests at the addresses of a demo book, but for those that open the network or reach out. None may be answered with a fault of
/// the program or without a word, and afterwards the book opens and every view of it is there. <c>./gassel fuzz N</c> asks more, and
/// tells the slowest.
/// </summary>
public sealed class FuzzTests : IAsyncLifetime
{
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-fuzz-").FullName;
    private WebApplication _app = null!;
    private HttpClient _http = new();

    public async ValueTask InitializeAsync()
    {
        _app = GasselHost.Build(new(0, _folder, Demo: true), TimeProvider.System);
        await _app.StartAsync();
        _http.Dispose();
        _http = new() { BaseAddress = new(_app.Urls.First()), Timeout = TimeSpan.FromMinutes(2) };
    }

    public async ValueTask DisposeAsync()
    {
        _http.Dispose();
        await _app.DisposeAsync();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public async Task No_request_is_answered_with_a_fault_or_without_a_word()
    {
        var asked = int.Parse(Environment.GetEnvironmentVariable("GASSEL_FUZZ") ?? "1000", CultureInfo.InvariantCulture);
        var seed = int.Parse(Environment.GetEnvironmentVariable("GASSEL_FUZZ_SEED") ?? "1", CultureInfo.InvariantCulture);
        HostileRequests requests = new(await Get("/openapi/v1.json"), await Known(), seed);
        Assert.True(requests.Operations > 120, $"{requests.Operations} operations are described");
        var found = new SortedDictionary<string, string>(StringComparer.Ordinal);
        var slowest = new List<(long Ms, string What)>();
        for (var n = 0; n < asked; n++)
        {
            using var request = requests.Next(n);
            var body = request.Content is null
                ? ""
                : Encoding.UTF8.GetString(await request.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken));
            var what = $"{request.Method} {request.RequestUri}";
            var watch = Stopwatch.StartNew();
            using var answer = await _http.SendAsync(request, TestContext.Current.CancellationToken);
            var said = await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
            slowest.Add((watch.ElapsedMilliseconds, what));
            // the server below refuses a nought in an address before the program sees it, and says no more
            var isBelow = request.RequestUri!.OriginalString.Contains("/%00", StringComparison.Ordinal);
            if ((int)answer.StatusCode >= 500 || ((int)answer.StatusCode >= 400 && said.Length == 0 && !isBelow))
            {
                var route = $"{request.Method} {request.RequestUri!.OriginalString.Split('?')[0]}";
                found.TryAdd(
                    $"{(int)answer.StatusCode} {Short(route, 60)}",
                    $"{Short(what, 200)}\n      {Short(body, 400)}\n      {Short(Encoding.UTF8.GetString(said), 200)}"
                );
            }
        }
        if (asked > 1000)
        {
            foreach (var (ms, what) in slowest.OrderByDescending(s => s.Ms).Take(10))
                TestContext.Current.SendDiagnosticMessage($"{ms} ms {Short(what, 120)}");
        }
        Assert.True(found.Count == 0, $"{found.Count} of {asked}:\n" + string.Join("\n", found.Select(f => $"{f.Key}\n      {f.Value}")));
        foreach (
            var view in new[]
            {
                "/api/site",
                "/api/rounds",
                "/api/season",
                "/api/batch-list",
                "/api/yard",
                "/api/lots",
                "/api/species",
                "/api/find",
            }
        )
            await Get(view);
    }

    private async Task<JsonNode> Get(string path) =>
        JsonNode.Parse(await _http.GetStringAsync(path, TestContext.Current.CancellationToken))!;

    private async Task<List<string>> Known() =>
        [
            .. (await Get("/api/batches")).AsArray().Take(12).Select(b => b!["id"]!.GetValue<string>()),
            .. (await Get("/api/species")).AsArray().Take(6).Select(s => s!["species"]!["id"]!.GetValue<string>()),
            .. (await Get("/api/places")).AsArray().Select(p => p!["id"]!.GetValue<string>()),
            "1",
            "1.1",
            "lots",
            "cold-moist",
            "today",
            "America/Denver",
        ];

    private static string Short(string text, int most) => text.Length > most ? text[..most] + "…" : text;
}
