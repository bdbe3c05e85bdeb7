using System.IO.Compression;
using System.Net.Http.Headers;
using System.Security.Cryptography;

namespace Gassel.Web.Tests;

/// <summary>Pictures beside the book, and the entries that speak of them.</summary>
public sealed class PhotoTests : IAsyncLifetime
{
    /// <summary>The smallest PNG: one white point (drawn by hand from the PNG specification, W3C).</summary>
    private static readonly byte[] Png = Convert.FromBase64String(
        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGP4DwABAQEAsTj2FAAAAABJRU5ErkJggg=="
    );

    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync() => await _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static string NameOf(byte[] picture, string kind) => Convert.ToHexStringLower(SHA256.HashData(picture)) + kind;

    private static async Task<(int Status, string Body)> Send(RunningBook book, string name, byte[] picture)
    {
        using var content = new ByteArrayContent(picture);
        content.Headers.ContentType = new MediaTypeHeaderValue("image/png");
        using var answer = await book.Http.PutAsync($"/api/photos/{name}", content, TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    private static string Entry(string photo) => $$"""{"kind":"photo","part":null,"photo":"{{photo}}","words":"first leaves"}""";

    [Fact]
    public async Task A_photo_is_kept_once_shown_as_what_it_is_and_stands_in_the_log()
    {
        var (batch, name) = (await _book.BatchOfBalsamroot(), NameOf(Png, ".png"));
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, $"/api/photos/{name}")).Status);
        Assert.Equal(200, (await Send(_book, name, Png)).Status);
        Assert.Equal(200, (await Send(_book, name, Png)).Status);
        var (status, told) = await _book.Record(batch, "2027-03-14", "warn", Entry(name));
        Assert.True(status == 200, told.ToJsonString());
        var line = told["log"]!.AsArray().Single(l => l!["photo"] is not null)!;
        Assert.Equal((name, "Took a photo: first leaves."), (line["photo"]!.GetValue<string>(), line["words"]!.GetValue<string>()));
        using var shown = await _book.Http.GetAsync($"/api/photos/{name}", TestContext.Current.CancellationToken);
        Assert.Equal("image/png", shown.Content.Headers.ContentType!.MediaType);
        Assert.Equal(["nosniff"], shown.Headers.GetValues("X-Content-Type-Options"));
        Assert.Equal(Png, await shown.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken));
        // undone, the picture stays and the entry does not count
        var (undone, after) = await _book.Record(batch, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{line["id"]}}"}""");
        Assert.True(undone == 200, after.ToJsonString());
        Assert.Equal("takenBack", after["log"]!.AsArray().Single(l => l!["photo"] is not null)!["fate"]!.GetValue<string>());
        Assert.Empty(Directory.GetFiles(Path.Combine(_book.Folder, "photos"), "*.arriving"));
    }

    [Fact]
    public async Task What_a_killed_program_left_on_its_way_in_is_gone_after_the_next_start()
    {
        var name = NameOf(Png, ".png");
        await Send(_book, name, Png);
        string[] left = [Path.Combine(_book.Folder, "package-1.arriving"), Path.Combine(_book.Folder, "photos", "1.arriving")];
        foreach (var path in left)
            await File.WriteAllTextAsync(path, "half", TestContext.Current.CancellationToken);
        await _book.Restart();
        Assert.All(left, path => Assert.False(File.Exists(path)));
        Assert.Equal(Png, await _book.Http.GetByteArrayAsync($"/api/photos/{name}", TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task What_is_no_picture_or_tells_where_it_was_taken_is_refused()
    {
        byte[] html = "<script>alert(1)</script>"u8.ToArray();
        byte[] exif = [0xFF, 0xD8, 0xFF, 0xE1, 0x00, 0x08, .. "Exif\0\0"u8, 0xFF, 0xD9];
        byte[] noted = [.. Png[..33], 0, 0, 0, 1, .. "tEXt"u8, 65, 0, 0, 0, 0, .. Png[33..]];
        byte[] place = [.. "RIFF"u8, 20, 0, 0, 0, .. "WEBP"u8, .. "EXIF"u8, 4, 0, 0, 0, 1, 2, 3, 4];
        (byte[] Picture, string Name, string Told)[] cases =
        [
            (html, NameOf(html, ".png"), "no JPEG, PNG or WebP"),
            (exif, NameOf(exif, ".jpg"), "EXIF"),
            (noted, NameOf(noted, ".png"), "EXIF"),
            (place, NameOf(place, ".webp"), "EXIF"),
            (Png, NameOf(Png, ".jpg"), "does not have the sum"),
            (Png, new string('a', 64) + ".png", "does not have the sum"),
            (Png, "..%2Fgassel.db", "valid is 64"),
        ];
        foreach (var (picture, name, told) in cases)
        {
            var (status, body) = await Send(_book, name, picture);
            Assert.True(status == 400 && body.Contains(told, StringComparison.Ordinal), $"{told}: {status} {body}");
        }
        using var large = new ByteArrayContent(new byte[10_000_001]);
        Assert.Equal(413, (await _book.Send(HttpMethod.Put, $"/api/photos/{NameOf(Png, ".png")}", large)).Status);
        var batch = await _book.BatchOfBalsamroot();
        var (refused, why) = await _book.Record(batch, "2027-03-14", "warn", Entry("../gassel.db"));
        Assert.True(refused == 400 && why["field"]!.GetValue<string>().EndsWith("photo", StringComparison.Ordinal), why.ToJsonString());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/photos/..%2Fgassel.db")).Status);
    }

    [Fact]
    public async Task A_package_carries_the_photos_and_refuses_one_that_was_changed()
    {
        var (batch, name) = (await _book.BatchOfBalsamroot(), NameOf(Png, ".png"));
        await Send(_book, name, Png);
        await _book.Record(batch, "2027-03-14", "warn", Entry(name));
        var package = await _book.Http.GetByteArrayAsync("/api/book/package", TestContext.Current.CancellationToken);
        var other = new RunningBook();
        await other.InitializeAsync();
        try
        {
            Assert.Equal(400, await Import(other, Swapped(package, "photos/" + name)));
            Assert.Equal(404, (await other.Send(HttpMethod.Get, $"/api/photos/{name}")).Status);
            Assert.Equal(200, await Import(other, package));
            Assert.Equal(Png, await other.Http.GetByteArrayAsync($"/api/photos/{name}", TestContext.Current.CancellationToken));
            var again = await other.Http.GetByteArrayAsync("/api/book/package", TestContext.Current.CancellationToken);
            Assert.Equal(package.Length, again.Length);
        }
        finally
        {
            await other.DisposeAsync();
        }

        static async Task<int> Import(RunningBook into, byte[] package)
        {
            using var content = new ByteArrayContent(package);
            content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
            return (await into.Send(HttpMethod.Post, "/api/book/package", content)).Status;
        }
    }

    private static byte[] Swapped(byte[] package, string entry)
    {
        using var copy = new MemoryStream();
        copy.Write(package);
        using (var zip = new ZipArchive(copy, ZipArchiveMode.Update, leaveOpen: true))
        {
            zip.GetEntry(entry)!.Delete();
            using var other = zip.CreateEntry(entry).Open();
            other.Write([.. Png, 0]);
        }
        return copy.ToArray();
    }
}
