using Gassel.Web.Hosting;

namespace Gassel.Web.Tests;

/// <summary><c>export</c> and <c>import</c> from the console.</summary>
public sealed class PackageCommandTests
{
    [Fact]
    public async Task A_book_in_use_is_exported_and_taken_into_a_folder_that_has_none()
    {
        var book = new RunningBook();
        await book.InitializeAsync();
        var other = Directory.CreateTempSubdirectory("gassel-import-").FullName;
        var file = Path.Combine(other, "book.zip");
        try
        {
            await book.BatchOfBalsamroot();
            Assert.Equal(0, await Run("export", file, "--data", book.Folder));
            // a file that is there is not written over, and a book that is open elsewhere takes nothing in
            Assert.Equal(3, await Run("export", file, "--data", book.Folder));
            Assert.Equal(3, await Run("import", file, "--data", book.Folder));
            var folder = Path.Combine(other, "data");
            Assert.Equal(0, await Run("import", file, "--data", folder, "--dry-run"));
            Assert.Equal(0, await Run("import", file, "--data", folder));
            var again = Path.Combine(other, "again.zip");
            Assert.Equal(0, await Run("export", again, "--data", folder));
            Assert.Equal(await Batches(file), await Batches(again));
            Assert.Contains(",1,balsamroot,1,", await Batches(again), StringComparison.Ordinal);
        }
        finally
        {
            await book.DisposeAsync();
            Directory.Delete(other, recursive: true);
        }
    }

    [Fact]
    public async Task What_is_missing_is_told_and_other_words_are_left_to_others()
    {
        Assert.Null(await PackageCommands.Run(["--port", "1"], DateTimeOffset.UnixEpoch));
        Assert.Equal(2, await Run("export"));
        Assert.Equal(2, await Run("import", "--data", "x"));
        Assert.Equal(3, await Run("import", Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid()}.zip"), "--data", NewFolder()));
        Assert.Equal(3, await Run("export", Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid()}.zip"), "--data", NewFolder()));

        static string NewFolder() => Directory.CreateTempSubdirectory("gassel-none-").FullName;
    }

    private static async Task<int> Run(params string[] args) => (await PackageCommands.Run(args, DateTimeOffset.UnixEpoch))!.Value;

    private static async Task<string> Batches(string package)
    {
        await using var zip = await System.IO.Compression.ZipFile.OpenReadAsync(package, TestContext.Current.CancellationToken);
        using var text = new StreamReader(await zip.GetEntry("data/batches.csv")!.OpenAsync(TestContext.Current.CancellationToken));
        return await text.ReadToEndAsync(TestContext.Current.CancellationToken);
    }
}
