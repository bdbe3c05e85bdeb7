using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;

namespace Gassel.Browser.Tests;

/// <summary>Headless Chromium with a fresh profile, and the few gestures a grower makes.</summary>
public sealed class Browser : IDisposable
{
    private readonly string _profile = Directory.CreateTempSubdirectory("gassel-profile-").FullName;
    private readonly Uri _address;

    /// <param name="trusted">Hash of the key of a certificate that is trusted whoever signed it; null for none.</param>
    public Browser(Uri address, int width = 1280, int height = 800, string? trusted = null)
    {
        _address = address;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
            "--disable-component-update", "--disable-sync", "--hide-scrollbars", "--force-device-scale-factor=1", $"--user-data-dir={_profile}", $"--window-size={width},{height}");
        if (trusted is not null) options.AddArgument($"--ignore-certificate-errors-spki-list={trusted}");
        options.SetLoggingPreference(LogType.Browser, LogLevel.Severe);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        Driver = new ChromeDriver(service, options);
        // headless keeps a window of at least 500 px; the metrics override makes a phone of it
        Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride", new Dictionary<string, object?>
        {
            ["width"] = width,
            ["height"] = height,
            ["deviceScaleFactor"] = 1,
            ["mobile"] = width < 600,
        });
    }

    public ChromeDriver Driver { get; }

    private WebDriverWait Wait
    {
        get
        {
            var wait = new WebDriverWait(Driver, TimeSpan.FromSeconds(15)) { PollingInterval = TimeSpan.FromMilliseconds(80) };
            // React draws anew between finding and looking; look again
            wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException));
            return wait;
        }
    }

    public void Open(string path) => Driver.Navigate().GoToUrl(new Uri(_address, path));

    public IWebElement See(By by)
    {
        try
        {
            return Wait.Until(d => d.FindElements(by).FirstOrDefault(e => e.Displayed))!;
        }
        catch (WebDriverTimeoutException)
        {
            throw new InvalidOperationException($"not seen: {by}. The page says: {Driver.FindElement(By.TagName("body")).Text}");
        }
    }

    public IWebElement See(string text) => See(By.XPath($"//*[contains(normalize-space(.), \"{text}\") and not(self::script) and not(./*[contains(normalize-space(.), \"{text}\")])]"));

    public IWebElement SeeTest(string id) => See(By.CssSelector($"[data-testid='{id}']"));

    public void SeeNoMore(By by) => Wait.Until(d => d.FindElements(by).All(e => !e.Displayed));

    public void Press(string button) => Click(By.XPath($"//*[(self::button or self::a) and normalize-space(.)=\"{button}\"]"));

    /// <summary>A button by its words within the part of the page with the test id.</summary>
    public void PressIn(string id, string button) => Click(By.XPath($"//*[@data-testid='{id}']//*[(self::button or self::a) and normalize-space(.)=\"{button}\"]"));

    public void Click(By by)
    {
        Wait.Until(_ =>
        {
            try
            {
                var element = See(by);
                if (!element.Enabled) return false;
                Driver.ExecuteScript("arguments[0].scrollIntoView({block: 'center'})", element);
                element.Click();
                return true;
            }
            catch (Exception moved) when (moved is StaleElementReferenceException or ElementClickInterceptedException)
            {
                return false;
            }
        });
    }

    /// <summary>Replaces what stands in a text field.</summary>
    public void Type(string name, string text)
    {
        var field = See(By.CssSelector($"input[name='{name}']"));
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(Keys.Delete);
        field.SendKeys(text);
    }

    /// <summary>Chooses an entry of a drop-down by its words.</summary>
    public void Choose(string name, string words)
    {
        Click(By.XPath($"//input[@name='{name}']/preceding-sibling::*[@role='combobox']"));
        Click(By.XPath($"//li[@role='option' and contains(normalize-space(.), \"{words}\")]"));
        SeeNoMore(By.CssSelector("[role='listbox']"));
    }

    /// <summary>Keys pressed anywhere on the page.</summary>
    public void PressKeys(string keys) => new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(keys).Perform();

    /// <summary>Waits until the element holds the text.</summary>
    public void Says(string testId, string text)
    {
        try
        {
            Wait.Until(d => d.FindElements(By.CssSelector($"[data-testid='{testId}']")).Any(e => e.Text.Contains(text, StringComparison.Ordinal)));
        }
        catch (WebDriverTimeoutException)
        {
            throw new InvalidOperationException($"{testId} says '{SeeTest(testId).Text}', not '{text}'");
        }
    }

    public IReadOnlyList<string> Complaints() =>
        [.. Driver.Manage().Logs.GetLog(LogType.Browser).Where(l => l.Level >= LogLevel.Warning).Select(l => l.Message)];

    public void Dispose()
    {
        Driver.Quit();
        Driver.Dispose();
        Directory.Delete(_profile, recursive: true);
    }
}
