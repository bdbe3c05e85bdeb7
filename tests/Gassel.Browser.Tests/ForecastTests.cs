using System.Globalization;
using System.Net;
using System.Net.Sockets;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>A grower's own winter in an empty book: the forecast typed in by hand, and what it asks of the yard.</summary>
public sealed class ForecastTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _browser;

    public ForecastTests()
    {
        _browser = new(_program.Address);
        _browser.NameSite();
    }

    public void Dispose()
    {
        _browser.Dispose();
        _program.Dispose();
    }

    [Fact]
    public async Task Tonights_low_warns_of_the_jug_with_seedlings_and_of_no_other_and_one_tap_covers_it()
    {
        var b = _browser;
        await TwoJugs();
        b.Open("/yard");
        // nothing is known, and nothing is shown as fine
        b.InState("forecast-words", "none");
        b.InState("nothing-asked", "none");
        Assert.Equal([false, false], await Watched());
        b.Open("/");
        b.InState("forecast-words", "none");
        b.Type("tonight", "-14");
        b.Press("Record");
        b.Says("alert-freezeComing", "jug 1", "B-1 small camas");
        var site = await _program.Get("/api/site");
        var tonight = DateOnly.Parse(site["today"]!.GetValue<string>(), CultureInfo.InvariantCulture).AddDays(1);
        b.Says("forecast-words", $"Forecast to {tonight.ToString("d MMM", CultureInfo.InvariantCulture)}");
        var alert = Assert.Single((await _program.Get("/api/yard"))["alerts"]!.AsArray(), a =>
            a!["kind"]!.GetValue<string>() == "freezeComing"
        )!;
        Assert.Equal(1, Assert.Single(alert["containers"]!.AsArray())!["number"]!.GetValue<int>());
        Assert.Equal([true, true], await Watched());
        b.PressIn("alert-freezeComing", "Bring in");
        b.SeeNoMore(By.CssSelector("[data-testid='alert-freezeComing']"));
        Assert.Equal(
            "carriedIn",
            (await _program.Get("/api/yard"))["spots"]!
                .AsArray()
                .SelectMany(s => s!["containers"]!.AsArray())
                .Single(c => c!["number"]!.GetValue<int>() == 1)!["shelter"]!.GetValue<string>()
        );
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task Ten_days_are_pasted_and_what_does_not_fit_is_named()
    {
        var b = _browser;
        b.Open("/yard");
        b.Press("Enter forecast");
        b.SeeTest("forecast-grid");
        b.Type("lowC-1", "warm");
        b.Refused("warm", "−60", "60");
        b.Type("lowC-1", "");
        Paste("lowC-1", "-3\t5\t30\n-6\t2\t75\n-9\t-1\t40");
        b.Press("Record forecast");
        b.SeeNoMore(By.CssSelector("[data-testid='forecast-grid']"));
        var days = (await _program.Get("/api/forecast"))["days"]!.AsArray();
        Assert.Equal([-3, -6, -9], days.Skip(1).Take(3).Select(d => d!["lowC"]!.GetValue<double>()));
        Assert.Equal(75, days[2]!["gustKmh"]!.GetValue<double>());
        Assert.Null(days[4]!["lowC"]);
        b.InState("nothing-asked", "known");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_service_is_tried_then_used_and_the_yard_knows_what_it_said()
    {
        var b = _browser;
        b.Open("/yard");
        b.Press("File or service");
        b.Type("name", "Valley weather");
        b.Type("address", $"{RunningProgram.StandIns}/forecast?latitude={{latitude}}&from={{from}}&to={{to}}&shape=days");
        b.Type("rows", "$.days[*]");
        b.Type("date", "day");
        b.Type("low", "air.lowest");
        b.Press("Try it");
        b.Refused("private");
        b.Click(By.XPath("//label[contains(., 'in my own network')]"));
        b.Press("Try it");
        b.Refused("low");
        b.Type("low", "air.min");
        b.Type("high", "air.max");
        b.Press("Try it");
        b.SeeNoMore(By.CssSelector("[data-testid='forecast-trial'] [role='alert']"));
        b.Press("Use this service");
        b.Says("service-state", "Valley weather");
        b.Says("forecast-words", "Valley weather");
        Assert.Equal("known", (await _program.Get("/api/forecast"))["state"]!.GetValue<string>());
        b.Open("/yard");
        b.InState("nothing-asked", "known");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_thermometer_is_made_in_three_taps_and_what_curl_posts_is_seen_without_reload()
    {
        var b = _browser;
        b.Open("/site/temperature/cold-shelf");
        b.Press("Add thermometer");
        b.Press("Create");
        b.InState("new-thermometer", "waiting");
        var line = b.SeeTest("reading-line").Text.Replace("4.2", "3.5", StringComparison.Ordinal);
        using (var curl = System.Diagnostics.Process.Start("sh", ["-c", $"{line} --silent --output /dev/null --fail"])!)
        {
            await curl.WaitForExitAsync(TestContext.Current.CancellationToken);
            Assert.Equal(0, curl.ExitCode);
        }
        b.InState("new-thermometer", "heard");
        b.Says("place-now", "3.5 °C");
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_freeze_is_mailed_once_as_soon_as_it_is_foretold()
    {
        using var post = new PostOffice();
        var b = _browser;
        await TwoJugs();
        b.Open("/site/messages");
        b.Type("host", "127.0.0.1");
        b.Choose("security", "None");
        b.Type("port", $"{post.Port}");
        b.Type("from", "gassel@example.org");
        b.Press("Save server");
        b.SeeTest("server-saved");
        b.Type("recipient", "Odila");
        b.Type("mail", "odila@example.org");
        b.Type("morning", "");
        b.Press("Add recipient");
        b.See(By.XPath("//*[starts-with(@data-testid, 'recipient-')][contains(., 'odila@example.org')]"));
        b.Open("/yard");
        b.Type("tonight", "-14");
        b.Press("Record");
        b.SeeTest("alert-freezeComing");
        Assert.StartsWith("Freeze coming: cover or bring in jug 1", await post.First(), StringComparison.Ordinal);
        b.Open("/site/messages");
        b.See(By.XPath("//*[starts-with(@data-testid, 'sent-')][contains(., 'jug 1')]"));
        // told again by a lower night of the same freeze only where it is worse by degrees
        b.Open("/yard");
        b.Press("Enter forecast");
        b.Type("lowC-1", "-14.5");
        b.Press("Record forecast");
        b.SeeNoMore(By.CssSelector("[data-testid='forecast-grid']"));
        await Task.Delay(TimeSpan.FromSeconds(8), TestContext.Current.CancellationToken);
        Assert.Equal(1, post.Count);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public async Task A_hook_is_set_up_by_hand_and_gets_a_signed_test()
    {
        using var receiver = new HttpListener();
        var port = FreePort();
        receiver.Prefixes.Add($"http://127.0.0.1:{port}/");
        receiver.Start();
        var heard = receiver.GetContextAsync();
        var b = _browser;
        b.Open("/site/messages");
        b.Type("recipient", "Shed");
        b.Choose("way", "JSON");
        b.Type("mail", $"http://127.0.0.1:{port}/told");
        b.Type("secret", "sixteen or more letters");
        b.Type("morning", "");
        // an address on one's own network is asked only where its owner says so
        b.Click(By.XPath("//label[contains(., 'This address is in my own network')]"));
        b.Press("Add recipient");
        b.See(By.XPath($"//*[starts-with(@data-testid, 'recipient-')][contains(., ':{port}/told')]"));
        b.Press("Send a test");
        var context = await heard.WaitAsync(TimeSpan.FromSeconds(20), TestContext.Current.CancellationToken);
        Assert.StartsWith("application/json", context.Request.ContentType, StringComparison.Ordinal);
        Assert.NotNull(context.Request.Headers["webhook-signature"]);
        using var reader = new StreamReader(context.Request.InputStream);
        Assert.Contains("test", await reader.ReadToEndAsync(TestContext.Current.CancellationToken), StringComparison.OrdinalIgnoreCase);
        context.Response.StatusCode = 204;
        context.Response.Close();
    }

    private static int FreePort()
    {
        using var probe = new TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        return ((IPEndPoint)probe.LocalEndpoint).Port;
    }

    private async Task<IEnumerable<bool>> Watched() =>
        (await _program.Get("/api/yard"))["spots"]!
            .AsArray()
            .SelectMany(s => s!["containers"]!.AsArray())
            .Select(c => c!["isWatched"]!.GetValue<bool>());

    private void Paste(string field, string text) =>
        _browser.Driver.ExecuteScript(
            """
            const data = new DataTransfer();
            data.setData("text", arguments[1]);
            document.querySelector(`[name='${arguments[0]}']`)
              .dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
            """,
            field,
            text
        );

    /// <summary>Two jugs that went out last winter; seedlings are up in the first.</summary>
    private async Task TwoJugs()
    {
        await _program.Lot("small-camas");
        const string line = """
            {"species":"small-camas","lot":"1","step":"sown","since":"2025-11-01","seeds":"40","place":"","route":"winter container",
            "vessel":"jug"}
            """;
        await _program.Send("/api/told", $$"""{"save":true,"who":"grower","lines":[{{line}},{{line}}]}""");
        var first = (await _program.Get("/api/batches")).AsArray().Single(x => x!["number"]!.GetValue<int>() == 1)!["id"];
        await _program.Send(
            $"/api/batches/{first}/entries",
            $$$"""
            {"act":"{{{Guid.NewGuid()}}}","who":"grower","ifConflict":"warn","entries":[{"id":"{{{Guid.NewGuid()}}}",
            "doneOn":"2026-04-20","doneAt":null,"recordedAt":"2026-04-20T18:00:00Z",
            "payload":{"kind":"count","part":"1","emerged":12,"lost":0}}]}
            """
        );
    }
}
