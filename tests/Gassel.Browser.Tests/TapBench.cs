using System.Globalization;

namespace Gassel.Browser.Tests;

/// <summary>
/// One tap on Rounds to its confirmation on the screen, with a hundred thousand entries in the file; run by './gassel bench' alone.
/// </summary>
public sealed class TapBench
{
    /// <summary>Entries of a request; a batch gets as many requests as it takes.</summary>
    private const int Together = 100;

    private const string Watch = """
        window.took = [];
        let down = 0;
        addEventListener("click", (event) => { if (event.target.closest("[data-testid^='due-'] button")) down = performance.now(); }, true);
        new MutationObserver(() => {
          if (down === 0 || !document.querySelector("[data-testid='told']")?.textContent.includes("all well")) return;
          const from = down;
          down = 0;
          requestAnimationFrame(() => window.took.push(performance.now() - from));
        }).observe(document.body, { childList: true, characterData: true, subtree: true });
        """;

    [Theory(Explicit = true)]
    [Trait("kind", "bench")]
    [InlineData(460, 200)]
    [InlineData(1960, 100)]
    public async Task A_tap_is_confirmed(int batches, int entriesEach)
    {
        using var program = new RunningProgram(demo: true);
        await Fill(program, batches, entriesEach);
        await Weigh(program, batches);
        using (var desk = new Browser(program.Address))
            Count(desk);
        using var phone = new Browser(program.Address, 390, 844);
        phone.At("cold-shelf");
        phone.See("Cold shelf");
        phone.Driver.ExecuteScript(Watch);
        for (var i = 0; i < 40; i++)
        {
            phone.Driver.ExecuteScript(
                "[...document.querySelectorAll(\"[data-testid$='-checkBag'] button\")].find(b => b.textContent === 'All well')?.click()"
            );
            Thread.Sleep(900);
        }
        var took = ((IEnumerable<object>)phone.Driver.ExecuteScript("return window.took")!)
            .Select(t => Convert.ToDouble(t, CultureInfo.InvariantCulture))
            .Skip(5)
            .Order()
            .ToList();
        Assert.True(took.Count > 20, $"only {took.Count} taps were confirmed");
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Rounds, tap to confirmation with {batches + 40:N0} batches and {batches * entriesEach + 400:N0} entries: p50 "
                    + $"{took[took.Count / 2]:0} ms, p95 {took[(int)(took.Count * 0.95)]:0} ms over {took.Count} taps"
            )
        );
    }

    /// <summary>The first answer of Rounds as it goes over the network.</summary>
    private static async Task Weigh(RunningProgram program, int batches)
    {
        using var http = new HttpClient();
        http.DefaultRequestHeaders.Add("Accept-Encoding", "br");
        List<double> took = [];
        var packed = 0;
        for (var i = 0; i < 10; i++)
        {
            var begun = System.Diagnostics.Stopwatch.GetTimestamp();
            packed = (await http.GetByteArrayAsync(new Uri(program.Address, "/api/rounds"))).Length;
            took.Add(System.Diagnostics.Stopwatch.GetElapsedTime(begun).TotalMilliseconds);
        }
        var plain = (await new HttpClient().GetByteArrayAsync(new Uri(program.Address, "/api/rounds"))).Length;
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Rounds of {batches + 40:N0} batches in one answer: {plain / 1000.0:0} kB, {packed / 1000.0:0} kB packed, p50 "
                    + $"{took.Order().ElementAt(5):0} ms"
            )
        );
    }

    private const string WatchCount = """
        window.shown = [];
        window.saved = [];
        let pressed = 0;
        addEventListener("keydown", (event) => { if (/[0-9]/.test(event.key)) pressed = performance.now(); }, true);
        new MutationObserver(() => {
          if (pressed === 0) return;
          const from = pressed;
          pressed = 0;
          window.shown.push(performance.now() - from);
        }).observe(document.querySelector("[data-testid='tally-emerged']"), { childList: true, characterData: true, subtree: true });
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) if (new URL(entry.name).pathname.endsWith("/entries"))
              window.saved.push(entry.responseEnd - entry.startTime);
        }).observe({ type: "resource" });
        """;

    /// <summary>A digit to its drawing, and a count to the server's word that it is saved, at the tray.</summary>
    private static void Count(Browser desk)
    {
        desk.Open("/count");
        desk.Click(OpenQA.Selenium.By.CssSelector("[aria-label='count B-7 tray 7']"));
        desk.SeeTest("tally-emerged");
        desk.Driver.ExecuteScript(WatchCount);
        for (var i = 0; i < 60; i++)
        {
            desk.PressKeys("0" + OpenQA.Selenium.Keys.Enter);
            Thread.Sleep(250);
        }
        foreach (
            var (name, what) in new[]
            {
                ("shown", "a digit to its place in the page (a frame is 16.7 ms)"),
                ("saved", "a count to the word that it is saved"),
            }
        )
        {
            var took = ((IEnumerable<object>)desk.Driver.ExecuteScript($"return window.{name}")!)
                .Select(t => Convert.ToDouble(t, CultureInfo.InvariantCulture))
                .Skip(5)
                .Order()
                .ToList();
            Assert.True(took.Count > 30, $"only {took.Count} were {name}");
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Count with as many entries, {what}: p50 {took[took.Count / 2]:0.0} ms, p95 "
                        + $"{took[(int)(took.Count * 0.95)]:0.0} ms over {took.Count}"
                )
            );
        }
    }

    private static async Task Fill(RunningProgram program, int batches, int entriesEach)
    {
        const string line = """{"species":"saskatoon","lot":"","step":"cold-moist","since":"2026-12-20","seeds":"60","place":""}""";
        await program.Send(
            "/api/lots",
            """{"speciesId":"saskatoon","lot":{"gatheredAt":"bench","gatheredOn":"2026-07-01","counted":1000000,"assumedFraction":0.6}}"""
        );
        var lot = (await program.Get("/api/lots")).AsArray().Max(l => l!["id"]!.GetValue<int>());
        foreach (
            var some in Enumerable.Repeat(line.Replace("\"lot\":\"\"", $"\"lot\":\"{lot}\"", StringComparison.Ordinal), batches).Chunk(240)
        )
            await program.Send("/api/told", $$"""{"save":true,"who":"bench","lines":[{{string.Join(',', some)}}]}""");
        foreach (var batch in (await program.Get("/api/batches")).AsArray().Where(b => b!["number"]!.GetValue<int>() > 40))
        {
            for (var sent = 0; sent < entriesEach; sent += Together)
            {
                var entries = string.Join(
                    ',',
                    Enumerable
                        .Range(0, Together)
                        .Select(_ =>
                            $$"""
                                {"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-01","doneAt":null,"recordedAt":"2027-03-01T18:00:00Z",
                                "payload":{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0} }
                                """
                        )
                );
                await program.Send(
                    $"/api/batches/{batch!["id"]}/entries",
                    $$"""{"act":"{{Guid.NewGuid()}}","who":"bench","ifConflict":"keep","entries":[{{entries}}]}"""
                );
            }
        }
    }
}
