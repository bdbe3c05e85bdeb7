using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The first hour of an empty book on a phone, from its first page to a batch that is planned.</summary>
public sealed class StartTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly Browser _phone;
    private int _touches;

    public StartTests() => _phone = new(_program.Address, 390, 844);

    public void Dispose()
    {
        _phone.Dispose();
        _program.Dispose();
    }

    private void Press(string button)
    {
        _touches++;
        _phone.Press(button);
    }

    private void Fill(string name, string text)
    {
        _touches++;
        _phone.Type(name, text);
    }

    [Fact]
    public async Task An_empty_book_comes_to_a_planned_batch_in_fourteen_touches_and_fields()
    {
        var b = _phone;
        b.Open("/");
        Press("Begin, in four short steps");
        Fill("town", "missoula");
        _touches++;
        b.Click(By.XPath("//*[@role='option' and contains(., 'Missoula, MT')]"));
        b.Says("town-told", "America/Denver");
        Press("Next: frost");
        Fill("lastFrost", "8 May");
        Press("Next: your places");
        b.SeeHeading("Which places do you have?");
        var site = (await _program.Get("/api/site"))!;
        Assert.Equal("Missoula", site["site"]!["name"]!.GetValue<string>());
        Assert.Equal("America/Denver", site["site"]!["timeZone"]!.GetValue<string>());
        Assert.Equal("unitedStates", site["settings"]!["units"]!.GetValue<string>());
        Press("Next: what now");
        _touches++;
        b.Click(By.XPath("//a[contains(., 'Enter a first lot of seed')]"));
        _touches++;
        b.Choose("speciesId", "arrowleaf balsamroot");
        Fill("gatheredAt", "slope");
        Fill("gatheredOn", "1 Jul");
        Fill("counted", "400");
        Press("Enter the lot");
        // from the first lot straight to its plan
        b.SeeTest("plan-start");
        _touches++;
        b.Click(By.XPath("//button[starts-with(normalize-space(.), 'Create batch')]"));
        b.SeeHeading("No seedlings to count yet");
        Assert.Single((await _program.Get("/api/batches")).AsArray());
        Assert.Equal(14, _touches);
        Assert.Empty(b.Complaints());
    }

    [Fact]
    public void What_was_begun_is_there_after_leaving_and_a_place_that_is_not_there_is_put_by()
    {
        var b = _phone;
        b.Open("/start");
        b.Press("Enter coordinates instead");
        b.Type("latitude", "46.8");
        b.Type("longitude", "-113");
        b.Type("timeZone", "America/Denver");
        b.Type("name", "My bench");
        b.Open("/");
        b.Press("Begin, in four short steps");
        Assert.Equal("My bench", b.See(By.CssSelector("input[name='name']")).GetDomProperty("value"));
        b.Press("Next: frost");
        // by the calendar, two touches instead of writing
        b.Click(By.CssSelector("[aria-label='calendar: Usual last frost in spring']"));
        b.Click(By.XPath("//*[@role='gridcell' and .='8']"));
        b.Press("Next: your places");
        b.Click(By.CssSelector("[data-testid='has-heat-mat']"));
        b.Press("Next: what now");
        b.SeeHeading("What now?");
        b.Open("/site/places");
        b.See("Heat mat");
        b.SeeHeading("Retired");
        Assert.Empty(b.Complaints());
    }
}
