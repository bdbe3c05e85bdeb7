using System.Diagnostics;
using System.Security.Cryptography;
using System.Text.Json.Nodes;

namespace Gassel.Browser.Tests;

/// <summary>
/// The archive for Linux as a grower gets it: unpacked and started where nothing of .NET or Node is on the path, and no variable of
/// this environment reaches it.
/// </summary>
public sealed class ReleaseTests : IDisposable
{
    private static readonly string? Release = Environment.GetEnvironmentVariable("GASSEL_RELEASE");
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-release-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task An_empty_book_is_opened_by_the_archive_alone()
    {
        using var program = Start("--port", "0", "--data", Path.Combine(_folder, "book"), "--no-browser");
        try
        {
            var address = await Ready(program);
            using (var browser = new Browser(address))
            {
                browser.Open("/");
                browser.Press("Begin, in four short steps");
                browser.See(OpenQA.Selenium.By.CssSelector("input[name='town']"));
                Assert.Empty(browser.Complaints());
            }
            using var copying = Start("backup", Path.Combine(_folder, "copy.db"), "--data", Path.Combine(_folder, "book"));
            await copying.WaitForExitAsync(TestContext.Current.CancellationToken);
            Assert.Equal(0, copying.ExitCode);
            Assert.True(File.Exists(Path.Combine(_folder, "copy.db")));
        }
        finally
        {
            program.Kill();
            await program.WaitForExitAsync(CancellationToken.None);
        }
    }

    [Fact]
    public async Task Its_demo_has_weather_and_thermometers_and_a_season_that_is_solved()
    {
        using var program = Start("--demo", "--port", "0", "--no-browser");
        try
        {
            using var http = new HttpClient { BaseAddress = await Ready(program) };
            async Task<JsonNode> Get(string path) =>
                JsonNode.Parse(await http.GetStringAsync(path, TestContext.Current.CancellationToken))!;
            Assert.Equal(43, (await Get("/api/batches")).AsArray().Count);
            Assert.Equal("known", (await Get("/api/forecast"))["state"]!.GetValue<string>());
            // the solver's own code is inside
            using var wishes = new StringContent(
                """
                {"from":"2027-01-01","to":"2027-03-31","places":[{"id":"mat","room":2}],"wishes":[{"id":"a","target":"2027-01-10",
                "earliest":"2027-01-10","latest":"2027-03-01","steps":[{"place":"mat","room":2,"days":10}]}]}
                """,
                System.Text.Encoding.UTF8,
                "application/json"
            );
            using var solved = await http.PostAsync("/api/calculators/season", wishes, TestContext.Current.CancellationToken);
            Assert.True(solved.IsSuccessStatusCode);
            // and so is what reads a picture: none was sent, and that is told
            using var picture = new ByteArrayContent([1, 2, 3]);
            picture.Headers.ContentType = new("image/png");
            using var seen = await http.PostAsync("/api/seed-photo", picture, TestContext.Current.CancellationToken);
            Assert.Equal(System.Net.HttpStatusCode.BadRequest, seen.StatusCode);
            // in the usual folder of the system, under this home
            Assert.True(File.Exists(Path.Combine(_folder, ".local/share/gassel/demo/gassel.db")));
        }
        finally
        {
            program.Kill();
            await program.WaitForExitAsync(CancellationToken.None);
        }
    }

    [Fact]
    public async Task What_is_released_is_summed_and_names_the_licences_of_all_that_ships()
    {
        Assert.SkipWhen(Release is null, "no release was built");
        var sums = await File.ReadAllLinesAsync(Path.Combine(Release, "SHA256SUMS"), TestContext.Current.CancellationToken);
        Assert.Contains(sums, s => s.EndsWith(".deb", StringComparison.Ordinal));
        foreach (var parts in sums.Select(line => line.Split("  ", 2)))
        {
            await using var file = File.OpenRead(Path.Combine(Release, parts[1]));
            Assert.Equal(parts[0], Convert.ToHexStringLower(await SHA256.HashDataAsync(file, TestContext.Current.CancellationToken)));
        }
        var licences = await File.ReadAllTextAsync(Path.Combine(Unpacked(), "LICENCES.txt"), TestContext.Current.CancellationToken);
        string[] shipped =
        [
            "react ",
            "@mui/material ",
            "Google.OrTools ",
            "SkiaSharp ",
            "Microsoft.NETCore.App.Runtime",
            "GeoNames",
            "workbox-core ",
        ];
        Assert.All(shipped, name => Assert.Contains(name, licences, StringComparison.Ordinal));
    }

    private string Unpacked()
    {
        Assert.SkipWhen(Release is null, "no release was built");
        var to = Path.Combine(_folder, "program");
        if (!Directory.Exists(to))
        {
            Directory.CreateDirectory(to);
            var archive = Directory.GetFiles(Release, "gassel-*-linux-x64.tar.gz").Single();
            using var tar = Process.Start("tar", ["-xzf", archive, "-C", to, "--strip-components=1"]);
            tar.WaitForExit();
            Assert.Equal(0, tar.ExitCode);
        }
        return to;
    }

    private Process Start(params string[] arguments)
    {
        ProcessStartInfo start = new(Path.Combine(Unpacked(), "gassel"), arguments) { RedirectStandardOutput = true };
        start.Environment.Clear();
        start.Environment["PATH"] = Path.Combine(_folder, "nothing");
        start.Environment["HOME"] = _folder;
        return Process.Start(start)!;
    }

    private static async Task<Uri> Ready(Process program)
    {
        var line = await program.StandardOutput.ReadLineAsync(TestContext.Current.CancellationToken);
        Assert.StartsWith("Gassel is ready at ", line, StringComparison.Ordinal);
        return new Uri(line!.Split(' ')[^1]);
    }
}
