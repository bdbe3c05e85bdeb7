using System.Diagnostics;
using System.Net.Http.Headers;
using System.Text;

namespace Gassel.Bench;

/// <summary>Twenty thermometers that send a thousand readings a second between them, and one grower who records meanwhile.</summary>
internal static class ThermometerBench
{
    private const int Thermometers = 20;
    private const int EachASecond = 50;
    private const int Seconds = 10;

    public static async Task Run(string root)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        using (
            var served = await Served.Launch("/api/site", port =>
                [Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll"), "--port", $"{port}", "--data", folder]
            )
        )
        {
            var batch = await ReadingBench.Prepare(served.Http);
            var quiet = await Record(served.Http, batch, () => Task.Delay(TimeSpan.FromSeconds(Seconds)));
            var senders = new List<(string Id, string Token)>();
            for (var i = 0; i < Thermometers; i++)
            {
                var made = await Ask.Send(served.Http, HttpMethod.Post, "/api/thermometers", """{"name":"bench","place":"cold-shelf"}""");
                senders.Add((made["id"]!.GetValue<string>(), made["token"]!.GetValue<string>()));
            }
            // the first ones wake the path up
            foreach (var (id, token) in senders)
            {
                for (var i = 0; i < 30; i++)
                    await One(served.Http, id, token, DateTimeOffset.UtcNow.AddDays(-2).AddSeconds(i));
            }
            var (rate, answers) = (0.0, new List<double>());
            var busy = await Record(served.Http, batch, async () =>
            {
                var clock = Stopwatch.StartNew();
                var sent = await Task.WhenAll(senders.Select((s, i) => Send(served.Http, s.Id, s.Token, i)));
                answers = [.. sent.SelectMany(s => s)];
                rate = answers.Count / clock.Elapsed.TotalSeconds;
            });
            Console.WriteLine(
                $"{Thermometers} thermometers over HTTP, a reading a request: {rate:N0} readings/s (aim 1,000), answered in p99 "
                    + $"{Middle.Quantile(answers, 0.99):0.0} ms; one entry meanwhile p50 {Middle.Of(busy):0.0} ms, p99 "
                    + $"{Middle.Quantile(busy, 0.99):0.0} ms of {busy.Count}; without them p50 {Middle.Of(quiet):0.0} ms, p99 "
                    + $"{Middle.Quantile(quiet, 0.99):0.0} ms of {quiet.Count}"
            );
        }
        Directory.Delete(folder, recursive: true);
    }

    private static async Task<List<double>> Record(HttpClient http, Guid batch, Func<Task> meanwhile)
    {
        using var done = new CancellationTokenSource();
        var recording = ReadingBench.RecordUntil(http, batch, done.Token);
        await meanwhile();
        await done.CancelAsync();
        return await recording;
    }

    /// <summary>Sends by the clock, however long an answer takes.</summary>
    private static async Task<IReadOnlyList<double>> Send(HttpClient http, string id, string token, int offset)
    {
        var clock = Stopwatch.StartNew();
        var waiting = new List<Task<double>>();
        for (var i = 0; i < EachASecond * Seconds; i++)
        {
            var due = TimeSpan.FromMilliseconds((1000.0 / EachASecond * i) + offset);
            if (due > clock.Elapsed)
                await Task.Delay(due - clock.Elapsed);
            waiting.Add(One(http, id, token, DateTimeOffset.UtcNow.AddDays(-1).AddSeconds(i)));
        }
        return await Task.WhenAll(waiting);
    }

    private static async Task<double> One(HttpClient http, string id, string token, DateTimeOffset at)
    {
        var clock = Stopwatch.StartNew();
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/thermometers/{id}/readings");
        request.Headers.Authorization = new AuthenticationHeaderValue("Bearer", token);
        request.Content = new StringContent($$"""{"tempC":4.2,"at":"{{at:O}}"}""", Encoding.UTF8, "application/json");
        using var answer = await http.SendAsync(request);
        answer.EnsureSuccessStatusCode();
        return clock.Elapsed.TotalMilliseconds;
    }
}
