using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.Time.Testing;

namespace Gassel.Web.Tests;

/// <summary>The whole program on a port of its own with a fresh SQLite file, and a clock that stands still until it is moved.</summary>
public sealed class RunningBook : IAsyncLifetime
{
    private WebApplication? _app;

    /// <summary>15 March 2027, 05:30 in UTC, which is still 14 March in Denver.</summary>
    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2027, 3, 15, 5, 30, 0, TimeSpan.Zero));

    public string Folder { get; } = Directory.CreateTempSubdirectory("gassel-test-").FullName;

    public HttpClient Http { get; private set; } = new();

    public IServiceProvider Services => _app!.Services;

    public async ValueTask InitializeAsync()
    {
        EmptyBook.Lay(Folder);
        _app = GasselHost.Build(new Launch(0, Folder, Demo: false), Clock);
        await _app.StartAsync();
        Http = new HttpClient { BaseAddress = new Uri(_app.Urls.First()) };
    }

    public async ValueTask DisposeAsync()
    {
        Http.Dispose();
        if (_app is not null)
            await _app.DisposeAsync();
        // what works in the background may lay a last file down while the folder is cleared
        for (var again = 0; ; again++)
        {
            try
            {
                Directory.Delete(Folder, recursive: true);
                return;
            }
            catch (IOException) when (again < 5)
            {
                await Task.Delay(100);
            }
        }
    }

    /// <summary>Stops the program and starts it again on the same file.</summary>
    public async Task Restart()
    {
        await _app!.DisposeAsync();
        await InitializeAsync();
    }

    public async Task<(int Status, JsonNode Body)> Post(string path, string json) =>
        await Send(HttpMethod.Post, path, new StringContent(json, Encoding.UTF8, "application/json"));

    public async Task<(int Status, JsonNode Body)> Put(string path, string json) =>
        await Send(HttpMethod.Put, path, new StringContent(json, Encoding.UTF8, "application/json"));

    public async Task<JsonNode> Get(string path) => (await Http.GetFromJsonAsync<JsonNode>(path))!;

    public async Task<(int Status, JsonNode Body)> Send(HttpMethod method, string path, HttpContent? content = null)
    {
        using var request = new HttpRequestMessage(method, path) { Content = content };
        // a body that is too large is refused before it is read; the client must listen before it sends
        request.Headers.ExpectContinue = content?.Headers.ContentLength > 100_000;
        using var response = await Http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, JsonNode.Parse(text)!);
    }

    /// <summary>What a thermometer sends, by its id and token.</summary>
    public async Task<(int Status, JsonNode Body)> SendReadings(
        string thermometer,
        string? token,
        string json,
        string type = "application/json"
    )
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/thermometers/{thermometer}/readings")
        {
            Content = new StringContent(json, Encoding.UTF8, type),
        };
        if (token is not null)
            request.Headers.Authorization = new("Bearer", token);
        using var answer = await Http.SendAsync(request);
        return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!);
    }

    /// <summary>Site, lot 1 of balsamroot with 500 seeds, and a batch planned to start on 14 March. Returns the batch's id.</summary>
    public async Task<Guid> BatchOfBalsamroot(int seeds = 60)
    {
        await Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        var (_, lot) = await Post(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6}}"""
        );
        var id = Guid.NewGuid();
        var (status, made) = await Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"moveTarget","seeds":{{seeds}},"who":"grower","plan":{"speciesId":"balsamroot","routeId":null,
            "lotId":{{lot[
                "id"
            ]}},"plants":20,
             "target":"sow","lastFrost":"2027-05-08","weeksFromLastFrost":0} }
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        return id;
    }

    /// <summary>Records the payloads as one gesture. The body is the batch as it is then, or the problem.</summary>
    public async Task<(int Status, JsonNode Body)> Record(Guid batch, string day, string ifConflict, params string[] payloads)
    {
        var (status, body) = await Post($"/api/batches/{batch}/entries", Gesture(day, ifConflict, payloads));
        return (status, status == 200 ? await Get($"/api/batches/{batch}") : body);
    }

    public static string Gesture(string day, string ifConflict, params string[] payloads) =>
        $$"""
        {"act":"{{Guid.NewGuid()}}","who":"grower","ifConflict":"{{ifConflict}}","entries":[{{string.Join(',', payloads.Select(p =>
            $$"""{"id":"{{Guid.NewGuid()}}","doneOn":"{{day}}","doneAt":null,"recordedAt":"2027-03-14T18:00:00Z","payload":{{p}}}"""))}}]}
        """;
}
