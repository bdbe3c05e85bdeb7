namespace Gassel.Browser.Tests;

/// <summary>Every view on a phone, in the dark: what differs from the wide screen is how it is laid out.</summary>
public sealed class PhoneAccessibilityTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public PhoneAccessibilityTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address, 390, 844));

    public void Dispose() => _browser.Dispose();

    [Fact]
    public async Task No_view_has_a_violation()
    {
        _browser.Open("/");
        Looking.SetLight(_browser, "dark");
        List<string> faults = [];
        foreach (var (path, sign) in (await Views.OfDemo(_program)).Concat(Views.ForWriting))
        {
            _browser.Open(path);
            _browser.SeeView(sign);
            faults.AddRange(Looking.Faults(_browser, $"{path} on a phone in the dark"));
        }
        Assert.Empty(faults);
    }
}
