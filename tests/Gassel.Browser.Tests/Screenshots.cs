using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>Draws the pictures of the README from the demo; run by './gassel screenshots' alone.</summary>
public sealed class Screenshots
{
    [Fact(Explicit = true)]
    [Trait("kind", "screenshots")]
    public async Task Of_every_main_view()
    {
        var folder = Environment.GetEnvironmentVariable("GASSEL_SCREENSHOTS")
            ?? throw new InvalidOperationException("GASSEL_SCREENSHOTS must name a folder");
        using var program = new RunningProgram(demo: true);
        var views = await Views.Named(program);
        string[] onDesk = ["rounds", "season", "plan", "yard", "container", "seed", "species", "site"],
            onPhone = ["rounds", "count"];
        using (var desk = new Browser(program.Address))
        {
            foreach (var (name, path, sign) in views.Where(v => onDesk.Contains(v.Name)))
                Take(desk, (path, sign), folder, name);
            Take(desk, ("/b/28", "half up by"), folder, "batch", () => desk.Press("Why so few?"), "Check next");
            Take(desk, ("/season/wishes", "8 wishes"), folder, "wishes", () => desk.Press("Find room for all"), "on the best day");
            Take(desk, ("/trials/00000001-0000-0000-de00-000000000003", "Arms side by side"), folder, "trial");
            Take(desk, ("/site/temperature", "Thermometers and files"), folder, "temperature");
            Take(desk, ("/season/books", "Books of winter"), folder, "books", () => desk.Choose("season", "Winter 2025/26"), "81 planted");
            Take(desk, ("/workbench", "loose fill"), folder, "workbench");
        }
        // nobody tells the weather to come
        using (var silent = new RunningProgram(demo: true, devices: false))
        using (var deaf = new Browser(silent.Address, 390, 844))
            Take(deaf, ("/yard", "No forecast"), folder, "yard-no-forecast");
        using var phone = new Browser(program.Address, 390, 844);
        foreach (var (name, path, sign) in views.Where(v => onPhone.Contains(v.Name)))
            Take(phone, (path, sign), folder, $"{name}-phone");
    }

    [Fact(Explicit = true)]
    [Trait("kind", "screenshots")]
    public async Task Of_the_network()
    {
        var folder = Environment.GetEnvironmentVariable("GASSEL_SCREENSHOTS")
            ?? throw new InvalidOperationException("GASSEL_SCREENSHOTS must name a folder");
        using var program = new RunningProgram(demo: true, lan: true);
        await program.SignIn(
            "/api/session/code",
            $$"""{"name":"owner","code":"{{program.OwnerCode}}","password":"three words together"}"""
        );
        await program.Send("/api/people", """{"name":"grower","role":"grower"}""");
        await program.Send("/api/people", """{"name":"volunteer","role":"volunteer"}""");
        using (var desk = new Browser(program.Network!, trusted: program.ServerKey))
        {
            SignIn(desk);
            Take(desk, ("/site/people", "People"), folder, "people");
        }
        using var phone = new Browser(program.Network!, 390, 844, program.ServerKey);
        phone.Open("/");
        phone.SeeHeading("Who works here");
        SignIn(phone);
        NetworkTests.KeepsWhatTheBenchNeeds(phone);
        program.Dispose();
        phone.Open("/");
        phone.At("warm-shelf");
        phone.PressIn("due-9-1-checkBag", "All well");
        phone.At("table");
        phone.PressIn("due-8-1-sow", "Sown");
        // the word on the last recording goes after eight seconds
        Thread.Sleep(9000);
        phone.Driver.ExecuteScript("window.scrollTo(0, 0)");
        phone.Press("Show");
        ((ITakesScreenshot)phone.Driver).GetScreenshot().SaveAsFile(Path.Combine(folder, "offline-phone.png"));
    }

    private static void SignIn(Browser browser)
    {
        browser.Open("/");
        browser.Type("name", "owner");
        browser.Type("password", "three words together");
        browser.Press("Sign in");
        browser.SeeTest("done-day");
    }

    /// <param name="then">A gesture before the picture is taken, and a word that shows that it was answered.</param>
    private static void Take(
        Browser browser,
        (string Path, string Sign) view,
        string folder,
        string name,
        Action? then = null,
        string? answer = null
    )
    {
        browser.Open(view.Path);
        browser.SeeView(view.Sign);
        then?.Invoke();
        if (answer is not null)
            browser.See(answer);
        browser.Driver.ExecuteAsyncScript("const done = arguments[0]; document.fonts.ready.then(() => setTimeout(done, 300));");
        ((ITakesScreenshot)browser.Driver).GetScreenshot().SaveAsFile(Path.Combine(folder, $"{name}.png"));
    }
}
