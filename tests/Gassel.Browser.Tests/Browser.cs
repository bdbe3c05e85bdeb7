using System.Text.RegularExpressions;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;

namespace Gassel.Browser.Tests;

/// <summary>Headless Chromium at one program's address, and the few gestures a grower makes.</summary>
public sealed class Browser : IDisposable
{
    private readonly Chromium _chromium;
    private readonly Uri _address;

    /// <param name="trusted">Hash of the key of a certificate that is trusted whoever signed it; null for none.</param>
    /// <param name="camera">A file of the picture that its camera sees; null for no camera.</param>
    public Browser(Uri address, int width = 1280, int height = 800, string? trusted = null, string? camera = null) =>
        (_address, _chromium) = (address, Chromium.Take(width, height, trusted, camera));

    public ChromeDriver Driver => _chromium.Driver;

    private WebDriverWait Wait
    {
        get
        {
            var wait = new WebDriverWait(Driver, TimeSpan.FromSeconds(30)) { PollingInterval = TimeSpan.FromMilliseconds(80) };
            // React draws anew between finding and looking; look again
            wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException));
            return wait;
        }
    }

    public void Open(string path) => Driver.Navigate().GoToUrl(new Uri(_address, path));

    /// <summary>Rounds at one place, as a phone shows it.</summary>
    public void At(string place) => Open($"/?place={place}");

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

    /// <summary>The innermost element that holds the words.</summary>
    public IWebElement See(string text)
    {
        var holds = $"contains(normalize-space(.), \"{text}\")";
        return See(By.XPath($"//*[{holds} and not(self::script) and not(./*[{holds}])]"));
    }

    public IWebElement SeeTest(string id) => See(By.CssSelector($"[data-testid='{id}']"));

    public void SeeNoMore(By by) => Wait.Until(d => d.FindElements(by).All(e => !e.Displayed));

    public void Press(string button) => Click(By.XPath($"//*[(self::button or self::a) and {Reads(button)}]"));

    /// <summary>A button by its words within the part of the page with the test id.</summary>
    public void PressIn(string id, string button) =>
        Click(By.XPath($"//*[@data-testid='{id}']//*[(self::button or self::a) and {Reads(button)}]"));

    /// <summary>Holds these words and no others.</summary>
    internal static string Reads(string words) => $"normalize-space(.)=\"{words}\"";

    /// <summary>Shows what a line of Rounds holds behind its words.</summary>
    public void Unfold(string id) => Click(By.CssSelector($"[data-testid='{id}'] [aria-expanded='false']"));

    /// <summary>Lists the looks of a place, which a wide screen shows as one line.</summary>
    public void OneByOne(string place) => PressIn($"looks-{place}", "One by one");

    public void Click(By by)
    {
        Wait.Until(_ =>
        {
            try
            {
                var element = See(by);
                if (!element.Enabled)
                    return false;
                Driver.ExecuteScript("arguments[0].scrollIntoView({block: 'center'})", element);
                // what loads above it moves it, and a click would land beside it
                if (Driver.ExecuteAsyncScript(StandsStill, element) is not true)
                    return false;
                element.Click();
                return true;
            }
            catch (Exception moved) when (moved is StaleElementReferenceException or ElementClickInterceptedException)
            {
                return false;
            }
        });
    }

    /// <summary>Whether an element is in the same place for three frames.</summary>
    private const string StandsStill = """
        const [element, done] = arguments;
        const place = () => JSON.stringify(element.getBoundingClientRect());
        const before = place();
        let frames = 0;
        const look = () => (place() !== before ? done(false) : ++frames === 3 ? done(true) : requestAnimationFrame(look));
        requestAnimationFrame(look);
        """;

    /// <summary>Replaces what stands in a text field.</summary>
    public void Type(string name, string text)
    {
        var field = See(By.CssSelector($"input[name='{name}']"));
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(Keys.Delete);
        field.SendKeys(text);
    }

    /// <summary>Chooses from a drop-down, or from a list that is narrowed by typing, by words in any case.</summary>
    public void Choose(string name, string words)
    {
        var field = By.XPath($"//input[@name='{name}'][@role='combobox'] | //input[@name='{name}']/preceding-sibling::*[@role='combobox']");
        const string inLower = "translate(normalize-space(.), 'ABCDEFGHIJKLMNOPQRSTUVWXYZ', 'abcdefghijklmnopqrstuvwxyz')";
        for (var again = 0; ; again++)
        {
            var before = Shown(See(field));
            Click(field);
            Click(By.XPath($"//li[@role='option' and contains({inLower}, \"{words.ToLowerInvariant()}\")]"));
            SeeNoMore(By.CssSelector("[role='listbox']"));
            // the list still moves as it opens, and a click may land on its neighbour
            if (again == 2 || !StandsOtherwise(field, words, before))
                return;
        }
    }

    /// <summary>
    /// The field is there and shows a third thing; one that went with its page, or that shows nothing of what was chosen, does not.
    /// </summary>
    private bool StandsOtherwise(By field, string words, string before)
    {
        try
        {
            return Driver.FindElements(field).FirstOrDefault() is { } there
                && Shown(there) is var shown
                && shown != before
                && !shown.Contains(words, StringComparison.OrdinalIgnoreCase);
        }
        catch (StaleElementReferenceException)
        {
            return false;
        }
    }

    private static string Shown(IWebElement field) => field.TagName == "input" ? field.GetAttribute("value") ?? "" : field.Text;

    /// <summary>An empty book from its first page to a site that can plan.</summary>
    public void NameSite()
    {
        Open("/");
        Press("Name the site");
        Type("name", "Own bench");
        Type("latitude", "46.8");
        Type("timeZone", "America/Denver");
        Type("lastFrost", "8 May");
        Press("Save the site");
        SeeTest("site-saved");
    }

    /// <summary>Keys pressed anywhere on the page.</summary>
    public void PressKeys(string keys) => new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(keys).Perform();

    /// <summary>Waits until an element with the test id holds these values, in this order.</summary>
    public void Says(string testId, params string[] values) => Holds(By.CssSelector($"[data-testid='{testId}']"), values);

    /// <summary>The word that something was recorded, with the way back.</summary>
    public void Told(params string[] values) => Says("told", values);

    /// <summary>What was not accepted, at its field or as an alert.</summary>
    public void Refused(params string[] values) => Holds(By.CssSelector("[role='alert'], .MuiFormHelperText-root.Mui-error"), values);

    /// <summary>A line of a batch's record.</summary>
    /// <param name="kind">Of an entry, as it is sent.</param>
    public void Logged(string kind, params string[] values) => Holds(By.CssSelector($"[data-testid='log'] [data-kind~='{kind}']"), values);

    /// <summary>Waits until the element is in a state that it names itself.</summary>
    public void InState(string testId, string state) => See(By.CssSelector($"[data-testid='{testId}'][data-state='{state}']"));

    /// <summary>A heading by its words.</summary>
    public void SeeHeading(string words) =>
        See(By.XPath($"//*[self::h1 or self::h2 or self::h3 or self::h4 or @role='heading'][contains(normalize-space(.), \"{words}\")]"));

    /// <summary>What shows that a view has come up.</summary>
    /// <param name="sign">A heading or a name on it, or a part by its test id where it begins with #.</param>
    public void SeeView(string sign)
    {
        if (sign.StartsWith('#'))
            SeeTest(sign[1..]);
        else
            See(sign);
    }

    /// <summary>A value that is no part of a longer number.</summary>
    private static string Whole(string value) =>
        (char.IsDigit(value[0]) ? @"(?<![\d.])" : "") + Regex.Escape(value) + (char.IsDigit(value[^1]) ? @"(?!\d|[.,]\d)" : "");

    private void Holds(By by, string[] values)
    {
        Regex inOrder = new(string.Join(".*", values.Select(v => Whole(v))), RegexOptions.Singleline);
        try
        {
            Wait.Until(d => d.FindElements(by).Any(e => e.Displayed && inOrder.IsMatch(Words(e).Replace('\u00a0', ' '))));
        }
        catch (WebDriverTimeoutException)
        {
            throw new InvalidOperationException($"{by} says '{Words(See(by))}', not {string.Join(" … ", values)}");
        }
    }

    /// <summary>What a person reads there, also in a field.</summary>
    private static string Words(IWebElement element) => element.TagName == "input" ? element.GetDomProperty("value") ?? "" : element.Text;

    /// <summary>Writes the day on which what follows was done, as a grower writes it.</summary>
    public void DoneOn(string day)
    {
        var field = SeeTest("done-day");
        field.Click();
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(day + Keys.Enter);
    }

    public IReadOnlyList<string> Complaints() =>
        [.. Driver.Manage().Logs.GetLog(LogType.Browser).Where(l => l.Level >= LogLevel.Warning).Select(l => l.Message)];

    /// <summary>The page as it would be printed.</summary>
    public byte[] Print() =>
        Driver.ExecuteCdpCommand("Page.printToPDF", new Dictionary<string, object?> { ["printBackground"] = true })
            is Dictionary<string, object?> answer
        && answer["data"] is string data
            ? Convert.FromBase64String(data)
            : throw new InvalidOperationException("the page was not printed");

    public void Dispose() => _chromium.GiveBack(_address);
}
