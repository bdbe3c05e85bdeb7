using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Browser.Tests;

/// <summary>A label as it was printed, before a made-up camera.</summary>
public sealed class ScanTests : IDisposable
{
    private readonly RunningProgram _program = new(demo: false);
    private readonly string _folder = Directory.CreateTempSubdirectory("gassel-scan-").FullName;

    public void Dispose()
    {
        _program.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    public async Task A_label_before_the_camera_leads_to_counting_what_is_sown()
    {
        await Begin();
        var picture = await Label("B-2");
        using var phone = new Browser(_program.Address, 390, 844, camera: Video(picture));
        phone.Open("/");
        phone.Press("Find");
        phone.Press("Scan a label");
        phone.SeeTest("tally-emerged");
        phone.See("B-2");
        Assert.Empty(phone.Complaints());
    }

    /// <summary>Without a camera: one that still saw a label would be faster than the picture.</summary>
    [Fact]
    public async Task A_picture_of_a_label_leads_where_the_label_does()
    {
        await Begin();
        var picture = Path.Combine(_folder, "picture.png");
        Run("pdftoppm", "-r", "203", "-gray", "-png", "-singlefile", await LabelPaper("B-1"), picture[..^4]);
        using var phone = new Browser(_program.Address, 390, 844);
        phone.Open("/");
        phone.Press("Find");
        phone.Press("Scan a label");
        phone.SeeTest("scan-says");
        phone.Driver.FindElement(OpenQA.Selenium.By.CssSelector("[data-testid='scan-picture']")).SendKeys(picture);
        phone.See("B-1 arrowleaf balsamroot");
        Assert.Contains("/batches/", phone.Driver.Url, StringComparison.Ordinal);
        Assert.Empty(phone.Complaints());
    }

    /// <summary>A named book with B-1 in the cold and B-2 sown.</summary>
    private async Task Begin()
    {
        using (var naming = new Browser(_program.Address))
            naming.NameSite();
        await _program.Lot("balsamroot");
        await _program.Send(
            "/api/told",
            """
            {"save":true,"who":"me","lines":[
            {"species":"arrowleaf balsamroot","lot":"1","step":"cold-moist","since":"2026-06-01","seeds":"40","place":""},
            {"species":"arrowleaf balsamroot","lot":"1","step":"germinate","since":"2026-06-01","seeds":"40","place":""}]}
            """
        );
    }

    /// <summary>The label of a batch as a grey picture: P5 of the portable graymap format.</summary>
    private async Task<byte[]> Label(string code)
    {
        Run("pdftoppm", "-r", "203", "-gray", "-singlefile", await LabelPaper(code), Path.Combine(_folder, "label"));
        return await File.ReadAllBytesAsync(Path.Combine(_folder, "label.pgm"), TestContext.Current.CancellationToken);
    }

    private async Task<string> LabelPaper(string code)
    {
        var part = (await _program.Get("/api/labels"))["parts"]!.AsArray().Single(p => p!["label"]!["code"]!.GetValue<string>() == code)!;
        using var job = new StringContent(
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"me","recordedAt":"2026-06-01T12:00:00Z","paper":"roll62","content":"outside","first":1,
            "parts":[{"batch":"{{part["batch"]}}","part":"1","entry":"{{Guid.NewGuid()}}"}]}
            """,
            Encoding.UTF8,
            "application/json"
        );
        using var answer = await _program.Http.PostAsync("/api/labels", job, TestContext.Current.CancellationToken);
        var printed = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        var paper = Path.Combine(_folder, $"{code}.pdf");
        await File.WriteAllBytesAsync(
            paper,
            await _program.Http.GetByteArrayAsync(printed["file"]!.GetValue<string>(), TestContext.Current.CancellationToken),
            TestContext.Current.CancellationToken
        );
        return paper;
    }

    /// <summary>The picture held still on a white table: YUV4MPEG2, one frame of 4:2:0, which Chromium shows over and over.</summary>
    private string Video(byte[] graymap)
    {
        const int Width = 1280;
        const int Height = 960;
        var header = Encoding.ASCII.GetString(graymap, 0, 40).Split((char[])[' ', '\n'], 5);
        var (width, height) = (int.Parse(header[1], CultureInfo.InvariantCulture), int.Parse(header[2], CultureInfo.InvariantCulture));
        var pixels = graymap.AsSpan(graymap.Length - width * height);
        var frame = new byte[Width * Height * 3 / 2];
        Array.Fill(frame, (byte)235, 0, Width * Height);
        Array.Fill(frame, (byte)128, Width * Height, Width * Height / 2);
        for (var y = 0; y < Math.Min(height, Height - 40); y++)
            pixels.Slice(y * width, Math.Min(width, Width - 40)).CopyTo(frame.AsSpan((y + 20) * Width + 20));
        var path = Path.Combine(_folder, "camera.y4m");
        using var file = File.Create(path);
        file.Write(Encoding.ASCII.GetBytes($"YUV4MPEG2 W{Width} H{Height} F5:1 Ip A1:1 C420jpeg\n"));
        for (var i = 0; i < 2; i++)
        {
            file.Write("FRAME\n"u8);
            file.Write(frame);
        }
        return path;
    }

    private static void Run(string program, params string[] arguments)
    {
        using var process = Process.Start(program, arguments);
        process.WaitForExit();
        Assert.Equal(0, process.ExitCode);
    }
}
