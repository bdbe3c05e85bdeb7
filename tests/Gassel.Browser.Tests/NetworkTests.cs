using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using OpenQA.Selenium;

namespace Gassel.Browser.Tests;

/// <summary>
/// Phones at an address of the network, over TLS: who is let in, what each may do, and what becomes of recordings while nobody answers.
/// </summary>
public sealed partial class NetworkTests : IDisposable
{
    private const string Password = "three words together";
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-network-").FullName;
    private RunningProgram _program;

    public NetworkTests() => _program = new(demo: true, _folder, lan: true);

    public void Dispose()
    {
        _program.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public async Task The_owner_comes_in_by_code_and_lets_a_volunteer_in_who_records_but_does_not_plan()
    {
        using var phone = Phone();
        phone.Open("/");
        phone.See(By.Name("code"));
        Fits(phone);
        phone.Type("name", "Odila");
        phone.Type("code", "AAAAA-AAAAA");
        phone.Type("password", Password);
        phone.Press("Sign in");
        phone.Refused();
        phone.Type("code", _program.OwnerCode!);
        phone.Press("Sign in");
        phone.Says("signed-in-as", "Odila");
        phone.Open("/site/people");
        phone.Says("network-address", _program.Network!.GetLeftPart(UriPartial.Authority));
        Fits(phone);
        Assert.Equal(_program.Network!.GetLeftPart(UriPartial.Authority), Scanned(phone));
        phone.Type("person", "Ines");
        phone.Press("Add");
        phone.Says("code", "Ines");
        var code = Code().Match(phone.SeeTest("code").Text).Value;

        using var second = Phone();
        second.Open("/");
        second.Press("The first time: I have a code");
        second.Type("name", "Ines");
        second.Type("code", code);
        second.Type("password", Password);
        second.Press("Sign in");
        second.Says("signed-in-as", "Ines");
        second.At("warm-shelf");
        second.PressIn("due-9-1-checkBag", "All well");
        second.SeeNoMore(By.CssSelector("[data-testid='due-9-1-checkBag']"));
        var log = await Log(9, "Odila");
        Assert.Equal("Ines", log[^1]!["who"]!.GetValue<string>());
        second.Open("/batches/" + await IdOf(9));
        second.SeeTest("log");
        Assert.Single(second.Driver.FindElements(By.CssSelector("[data-testid='log'] button")));
        second.Open("/plan?species=globemallow");
        second.SeeTest("for-grower");
        second.Open("/seed");
        second.SeeHeading("Seed on hand");
        second.SeeNoMore(By.XPath($"//button[{Browser.Reads("Enter a lot")}]"));
        second.Open("/site");
        second.Press("Sign out");
        second.SeeHeading("Who works here");
        second.Open("/");
        second.SeeHeading("Who works here");
        // before signing in the book says 401, and 403 to the wrong code
        Assert.All(phone.Complaints().Concat(second.Complaints()), c => Assert.Matches("status of 40[13]", c));
    }

    [Fact]
    public async Task A_round_without_connection_goes_out_once_and_in_order_when_Gassel_answers_again()
    {
        await _program.SignIn("/api/session/code", $$"""{"name":"Odila","code":"{{_program.OwnerCode}}","password":"{{Password}}"}""");
        var before = new Dictionary<int, int>
        {
            [7] = (await Log(7)).Count,
            [8] = (await Log(8)).Count,
            [9] = (await Log(9)).Count,
        };
        using var phone = Phone();
        SignInOn(phone);
        KeepsWhatTheBenchNeeds(phone);
        _program.Dispose();

        phone.Open("/");
        phone.SeeTest("done-day");
        phone.InState("waiting-bar", "noAnswer");
        phone.At("warm-shelf");
        phone.PressIn("due-9-1-checkBag", "All well");
        phone.InState("due-9-1-checkBag", "waiting");
        phone.At("table");
        phone.PressIn("due-8-1-sow", "Sown");
        phone.InState("due-8-1-sow", "waiting");
        phone.Open("/count");
        phone.Click(By.CssSelector("[aria-label='count B-7 tray 7']"));
        // the field itself is out of sight, its button stands for it
        phone.See(By.XPath($"//button[{Browser.Reads("Photo")}]"));
        phone.Driver.FindElement(By.CssSelector("[data-testid='take-photo']")).SendKeys(Picture());
        phone.Says("waiting-bar", "3");
        phone.Press("7");
        phone.Press("Record");
        phone.SeeTest("waiting-count");
        phone.Says("waiting-bar", "4");
        Fits(phone);
        // a page closed and opened again has not forgotten them
        phone.Open("/");
        phone.Says("waiting-bar", "4");

        _program = new(demo: true, _folder, lan: true, like: _program);
        phone.SeeNoMore(By.CssSelector("[data-testid='waiting-bar']"));
        phone.SeeNoMore(By.CssSelector("[data-testid='due-9-1-checkBag']"));
        await _program.SignIn("/api/session", $$"""{"name":"Odila","password":"{{Password}}"}""");
        var arrived = new List<JsonNode>();
        foreach (var (number, known) in before)
        {
            var log = await Log(number);
            var added = log.Skip(known).Select(line => line!).ToList();
            Assert.All(added, line => Assert.Equal("Odila", line["who"]!.GetValue<string>()));
            Assert.All(added, line => Assert.Equal("2027-03-14", line["doneOn"]!.GetValue<string>()));
            arrived.AddRange(added);
        }
        Assert.Equal(["Took", "Counted", "Sown", "Checked"], arrived.Select(a => a["words"]!.GetValue<string>().Split(' ', ':')[0]));
        // the picture went before its entry, and is shown
        phone.Open("/batches/" + await IdOf(7));
        phone.SeeTest("photos");
        Assert.Equal(
            1L,
            phone.Driver.ExecuteAsyncScript(
                """
                const [done, picture] = [arguments[0], document.querySelector('[data-testid=photos] img')];
                picture.loading = 'eager';
                picture.decode().then(() => done(picture.naturalWidth), () => done(0));
                """
            )
        );
    }

    [Fact]
    public async Task What_waits_outlives_the_session_and_what_clashes_is_settled_on_Rounds()
    {
        await _program.SignIn("/api/session/code", $$"""{"name":"Odila","code":"{{_program.OwnerCode}}","password":"{{Password}}"}""");
        using var phone = Phone();
        SignInOn(phone);
        KeepsWhatTheBenchNeeds(phone);
        _program.Dispose();
        phone.Open("/count");
        phone.Click(By.CssSelector("[aria-label='count B-7 tray 7']"));
        phone.Press("2");
        phone.Press("0");
        phone.Press("Record");
        phone.Says("waiting-bar", "1");

        // no session of before is known to the program that comes back, and meanwhile somebody else has counted the same tray
        Directory.Delete(Path.Combine(_folder, "network", "keys"), recursive: true);
        _program = new(demo: true, _folder, lan: true, like: _program);
        await _program.SignIn("/api/session", $$"""{"name":"Odila","password":"{{Password}}"}""");
        await _program.Send(
            $"/api/batches/{await IdOf(7)}/entries",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"Odila","ifConflict":"warn","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"2027-03-14",
            "doneAt":null,"recordedAt":"2027-03-14T15:00:00Z",
             "payload":{"kind":"count","part":"1","emerged":200,"lost":0,"cause":"unknown"} }]}
            """
        );
        phone.SeeTest("waits-for-sign-in");
        phone.Type("name", "Odila");
        phone.Type("password", Password);
        phone.Press("Sign in");
        phone.SeeNoMore(By.CssSelector("[data-testid='waiting-bar']"));
        phone.Open("/");
        var clash = By.XPath($"//*[@aria-label='to settle']//div[contains(., 'B-7 ')]/button[{Browser.Reads("Undo")}]");
        phone.Says("conflict", "20", "12");
        phone.Click(clash);
        phone.SeeNoMore(clash);
        var fates = (await Log(7)).ToLookup(l => l!["words"]!.GetValue<string>(), l => l!["fate"]!.GetValue<string>());
        Assert.Equal("takenBack", Assert.Single(fates["Counted 20 new, 0 lost."]));
        Assert.NotEqual("takenBack", Assert.Single(fates["Counted 200 new, 0 lost."]));
    }

    [Fact]
    public async Task Passwords_and_codes_are_never_logged_however_much_is()
    {
        var folder = Directory.CreateTempSubdirectory("gassel-log-").FullName;
        using (var talkative = new RunningProgram(demo: false, folder, lan: true, talkative: true))
        {
            await talkative.SignIn(
                "/api/session/code",
                $$"""{"name":"Odila","code":"{{talkative.OwnerCode}}","password":"{{Password}}"}"""
            );
            await Assert.ThrowsAsync<InvalidOperationException>(() =>
                talkative.SignIn("/api/session", """{"name":"Odila","password":"wrong words together"}""")
            );
            await talkative.SignIn("/api/session", $$"""{"name":"Odila","password":"{{Password}}"}""");
            Thread.Sleep(500);
            var said = string.Join('\n', talkative.Said);
            Assert.True(said.Length > 5_000, $"only {said.Length} characters were logged");
            Assert.Contains("/api/session", said);
            Assert.DoesNotContain(Password, said);
            Assert.DoesNotContain("wrong words together", said);
            // once, where the first owner reads it
            Assert.Single(talkative.Said, line => line.Contains(talkative.OwnerCode!, StringComparison.Ordinal));
        }
        Directory.Delete(folder, recursive: true);
    }

    private Browser Phone() => new(_program.Network!, 390, 844, _program.ServerKey);

    private static void SignInOn(Browser phone)
    {
        phone.Open("/");
        phone.Type("name", "Odila");
        phone.Type("password", Password);
        phone.Press("Sign in");
        phone.SeeTest("done-day");
    }

    /// <summary>What jsQR, another library than drew it, reads from the code on the page.</summary>
    private static string Scanned(Browser phone)
    {
        phone.Driver.ExecuteScript(File.ReadAllText(Repository.File("src/gassel-ui/node_modules/jsqr/dist/jsQR.js")));
        return (string)
            phone.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const drawn = new Image();
                drawn.onload = () => {
                  const canvas = document.createElement('canvas');
                  [canvas.width, canvas.height] = [400, 400];
                  const pen = canvas.getContext('2d');
                  pen.fillStyle = '#fff';
                  pen.fillRect(0, 0, 400, 400);
                  pen.drawImage(drawn, 20, 20, 360, 360);
                  done(jsQR(pen.getImageData(0, 0, 400, 400).data, 400, 400)?.data ?? 'nothing read');
                };
                drawn.src = document.querySelector("img[src='/api/network/address.svg']").src;
                """
            )!;
    }

    /// <summary>Waits until the phone holds the shell and the answers with which it can go out of reach.</summary>
    internal static void KeepsWhatTheBenchNeeds(Browser phone) =>
        Assert.Equal(
            "kept",
            phone.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const kept = () => new Promise((tell) => {
                  const opening = indexedDB.open('gassel');
                  opening.onsuccess = () => {
                    const asking = opening.result.transaction('answers').objectStore('answers').getAllKeys();
                    asking.onsuccess = () => { opening.result.close(); tell(['site', 'session', 'rounds', 'count',
                    'places'].every((key) => asking.result.includes(key))); };
                  };
                });
                (async () => {
                  await navigator.serviceWorker.ready;
                  for (let tries = 0; tries < 100; tries++) {
                    if (navigator.serviceWorker.controller && await kept()) return done('kept');
                    await new Promise((go) => setTimeout(go, 200));
                  }
                  done('not kept');
                })();
                """
            )
        );

    /// <summary>A white point, as a file on the phone.</summary>
    private string Picture()
    {
        var path = Path.Combine(_folder, "point.png");
        File.WriteAllBytes(
            path,
            Convert.FromBase64String("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGP4DwABAQEAsTj2FAAAAABJRU5ErkJggg==")
        );
        return path;
    }

    private async Task<string> IdOf(int number) =>
        (await _program.Get("/api/batches")).AsArray().Single(b => b!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<string>();

    private async Task<JsonArray> Log(int number, string? signedInAs = null)
    {
        if (signedInAs is not null)
            await _program.SignIn("/api/session", $$"""{"name":"{{signedInAs}}","password":"{{Password}}"}""");
        return (await _program.Get("/api/batches/" + await IdOf(number)))["log"]!.AsArray();
    }

    private static void Fits(Browser phone)
    {
        var width = Convert.ToInt32(phone.Driver.ExecuteScript("return document.documentElement.scrollWidth"), null);
        Assert.True(width <= 390, $"the page is {width} px wide");
    }

    [GeneratedRegex("[2-9A-Z]{5}-[2-9A-Z]{5}")]
    private static partial Regex Code();
}
