using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>The door to the local network is opened and shut by clicks on Site.</summary>
public sealed class SwitchTests : IClassFixture<DemoProgram>, IDisposable
{
    private readonly RunningProgram _program;
    private readonly Browser _browser;

    public SwitchTests(DemoProgram demo) => (_program, _browser) = (demo.Program, new(demo.Program.Address));

    public void Dispose()
    {
        _browser.Dispose();
    }

    [Fact]
    public async Task The_book_is_opened_to_the_network_and_shut_again()
    {
        var b = _browser;
        using var person = new StringContent("""{"name":"owner","role":"owner"}""", Encoding.UTF8, "application/json");
        using var added = await _program.Http.PostAsync(
            new Uri("/api/people", UriKind.Relative),
            person,
            TestContext.Current.CancellationToken
        );
        var code = JsonNode.Parse(await added.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))![
            "code"
        ]!.GetValue<string>();
        b.Open("/site/people");
        b.Press("Open to the local network");
        // from now on everybody signs in, here too
        b.SeeHeading("Who works here");
        Assert.Equal(HttpStatusCode.Unauthorized, await Rounds());
        b.Press("The first time: I have a code");
        b.Type("name", "owner");
        b.Type("code", code);
        b.Type("password", "three words together");
        b.Press("Sign in");
        b.Says("signed-in-as", "owner");
        b.Open("/site/people");
        b.Says("network-address", "https");
        b.Press("Shut the book to the network");
        b.See(By.XPath($"//button[{Browser.Reads("Open to the local network")}]"));
        Assert.Equal(HttpStatusCode.OK, await Rounds());
    }

    /// <summary>Asked without a session.</summary>
    private async Task<HttpStatusCode> Rounds()
    {
        using var stranger = new HttpClient { BaseAddress = _program.Address };
        using var answer = await stranger.GetAsync(new Uri("/api/rounds", UriKind.Relative), TestContext.Current.CancellationToken);
        return answer.StatusCode;
    }
}
