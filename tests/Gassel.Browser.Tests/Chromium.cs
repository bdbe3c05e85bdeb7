using System.Collections.Concurrent;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

[assembly: AssemblyFixture(typeof(Gassel.Browser.Tests.LentBrowsers))]

namespace Gassel.Browser.Tests;

/// <summary>Ends with the run, and ends the browsers with it.</summary>
public sealed class LentBrowsers : IDisposable
{
    public void Dispose() => Chromium.QuitAll();
}

/// <summary>
/// Headless Chromium with a profile of its own. One is lent to the next test when a test is done with it: every program has an address of
/// its own, so
/// that nothing a page keeps is seen by the next; cookies, which know no port, are cleared.
/// </summary>
internal sealed class Chromium
{
    private static readonly ConcurrentBag<Chromium> Free = [];

    private readonly string _profile = Directory.CreateTempSubdirectory("gassel-profile-").FullName;
    private readonly bool _canBeLent;

    private Chromium(string? trusted, string? camera)
    {
        _canBeLent = trusted is null && camera is null;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--hide-scrollbars",
            // what slides or fades costs a second each time and shows nothing
            "--force-prefers-reduced-motion",
            "--force-device-scale-factor=1",
            $"--user-data-dir={_profile}",
            "--window-size=1280,800"
        );
        if (trusted is not null)
            options.AddArgument($"--ignore-certificate-errors-spki-list={trusted}");
        if (camera is not null)
            options.AddArguments(
                "--use-fake-device-for-media-stream",
                "--use-fake-ui-for-media-stream",
                $"--use-file-for-fake-video-capture={camera}"
            );
        options.SetLoggingPreference(LogType.Browser, LogLevel.Severe);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        Driver = new ChromeDriver(service, options);
        // only on the network is the shell kept for the time without connection; kept anew for the address of each program it costs more
        // than the page
        if (trusted is null)
            Driver.ExecuteCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument",
                new Dictionary<string, object?> { ["source"] = "delete Navigator.prototype.serviceWorker" }
            );
    }

    public ChromeDriver Driver { get; }

    /// <param name="trusted">Hash of the key of a certificate that is trusted whoever signed it; null for none.</param>
    /// <param name="camera">A file of the picture that its camera sees; null for no camera.</param>
    public static Chromium Take(int width, int height, string? trusted, string? camera)
    {
        var chromium = trusted is null && camera is null && Free.TryTake(out var free) ? free : new(trusted, camera);
        // headless keeps a window of at least 500 px; the metrics override makes a phone of it
        chromium.Driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?>
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = width < 600,
            }
        );
        return chromium;
    }

    /// <param name="address">Of the program whose pages it showed; what they keep is cleared, for a test may ask for another browser on
    /// it.</param>
    public void GiveBack(Uri address)
    {
        if (!_canBeLent)
        {
            Quit();
            return;
        }
        try
        {
            Driver.Navigate().GoToUrl("about:blank");
            Driver.ExecuteCdpCommand(
                "Storage.clearDataForOrigin",
                new Dictionary<string, object?> { ["origin"] = address.GetLeftPart(UriPartial.Authority), ["storageTypes"] = "all" }
            );
            Driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);
            Driver.ExecuteCdpCommand("Emulation.setTimezoneOverride", new Dictionary<string, object?> { ["timezoneId"] = "" });
            Driver.Manage().Logs.GetLog(LogType.Browser);
            Free.Add(this);
        }
        catch (WebDriverException)
        {
            // one that no longer answers is not lent again
            Quit();
        }
    }

    /// <summary>After the last test: a driver left running would keep the run from ending.</summary>
    public static void QuitAll()
    {
        while (Free.TryTake(out var chromium))
            chromium.Quit();
    }

    private void Quit()
    {
        Driver.Quit();
        Driver.Dispose();
        Directory.Delete(_profile, recursive: true);
    }
}
