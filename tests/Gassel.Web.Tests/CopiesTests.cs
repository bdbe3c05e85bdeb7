using Gassel.Data;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>Copies while the book is in use, and a book put back.</summary>
public sealed class CopiesTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private readonly string _elsewhere = Directory.CreateTempSubdirectory("gassel-copies-").FullName;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot();
    }

    public async ValueTask DisposeAsync()
    {
        await _book.DisposeAsync();
        Directory.Delete(_elsewhere, recursive: true);
    }

    private BookCopies Copies => _book.Services.GetRequiredService<BookCopies>();

    private static async Task<int> BatchesIn(string folder)
    {
        await using var app = GasselHost.Build(new Launch(0, folder, Demo: false), TimeProvider.System);
        await app.StartAsync(TestContext.Current.CancellationToken);
        return (await app.Services.GetRequiredService<BatchShelf>().All()).Count;
    }

    [Fact]
    public async Task A_copy_made_in_use_is_whole_and_opens_as_a_book()
    {
        var (status, view) = await _book.Post("/api/copies", "{}");
        Assert.Equal(200, status);
        var name = Assert.Single(view["copies"]!.AsArray())!["name"]!.GetValue<string>();
        var copy = Copies.PathOf(name)!;
        Assert.Equal(BookCondition.Good, BookInspection.Of(copy).Condition);
        Assert.True((await _book.Http.GetByteArrayAsync($"/api/copies/{name}", TestContext.Current.CancellationToken)).Length > 10_000);
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/copies/..%2Fgassel.db")).Status);

        var folder = Path.Combine(_elsewhere, "book");
        Assert.Null(BookCopies.Restore(copy, folder, DateTimeOffset.UtcNow));
        Assert.Equal(1, await BatchesIn(folder));
    }

    /// <summary>Two restores of one second: what the first replaced is no less kept for the second.</summary>
    [Fact]
    public void What_was_replaced_stays_when_a_book_is_put_back_twice_in_a_second()
    {
        var copy = Copies.PathOf(Copies.Make(DateTimeOffset.UtcNow).Name)!;
        var folder = Path.Combine(_elsewhere, "twice");
        var now = DateTimeOffset.UtcNow;
        BookCopies.Restore(copy, folder, now);
        var first = BookCopies.Restore(copy, folder, now)!;
        var bytes = File.ReadAllBytes(first);
        var second = BookCopies.Restore(first, folder, now)!;
        Assert.NotEqual(first, second);
        Assert.Equal(bytes, File.ReadAllBytes(first));
        Assert.Equal(2, Directory.GetFiles(folder, "gassel-replaced-*.db").Length);
    }

    [Fact]
    public void A_copy_a_day_is_made_once_and_the_oldest_are_given_up()
    {
        var asked = Copies.Make(DateTimeOffset.UtcNow).Name;
        var day = new DateOnly(2027, 3, 1);
        for (var i = 0; i < 20; i++)
            Assert.True(Copies.MakeDaily(day.AddDays(i)));
        Assert.False(Copies.MakeDaily(day.AddDays(19)));
        var names = Copies.All().Select(c => c.Name).ToList();
        Assert.Equal(BookCopies.DailyKept + 1, names.Count);
        Assert.Contains(asked, names);
        Assert.Contains("gassel-day-2027-03-20.db", names);
        Assert.DoesNotContain("gassel-day-2027-03-06.db", names);
    }

    [Fact]
    public async Task Restoring_keeps_what_it_replaces_and_refuses_while_the_book_is_open()
    {
        var copy = Copies.PathOf(Copies.Make(DateTimeOffset.UtcNow).Name)!;
        Assert.Contains(
            "open in another Gassel",
            Assert.Throws<BookUnavailableException>(() => BookCopies.Restore(copy, _book.Folder, DateTimeOffset.UtcNow)).Message
        );

        var folder = Path.Combine(_elsewhere, "empty");
        Assert.Equal(0, await BatchesIn(folder));
        var replaced = BookCopies.Restore(copy, folder, DateTimeOffset.UtcNow)!;
        Assert.Equal(1, await BatchesIn(folder));
        // and back again
        BookCopies.Restore(replaced, folder, DateTimeOffset.UtcNow.AddSeconds(2));
        Assert.Equal(0, await BatchesIn(folder));
    }

    [Fact]
    public async Task A_damaged_newer_or_foreign_file_is_refused_and_nothing_changes()
    {
        var good = Copies.PathOf(Copies.Make(DateTimeOffset.UtcNow).Name)!;
        var folder = Path.Combine(_elsewhere, "target");
        Assert.Equal(0, await BatchesIn(folder));

        var torn = Path.Combine(_elsewhere, "torn.db");
        var bytes = await File.ReadAllBytesAsync(good, TestContext.Current.CancellationToken);
        Array.Clear(bytes, 8192, 16384);
        await File.WriteAllBytesAsync(torn, bytes, TestContext.Current.CancellationToken);
        var text = Path.Combine(_elsewhere, "notes.db");
        await File.WriteAllTextAsync(text, "not a book", TestContext.Current.CancellationToken);
        var newer = Path.Combine(_elsewhere, "newer.db");
        File.Copy(good, newer);
        using (var connection = new SqliteConnection($"Data Source={newer};Pooling=False"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('29990101000000_Later', '99')";
            command.ExecuteNonQuery();
        }
        Assert.Contains(
            "cannot be restored",
            Assert.Throws<BookUnavailableException>(() => BookCopies.Restore(torn, folder, DateTimeOffset.UtcNow)).Message
        );
        Assert.Contains(
            "cannot be restored",
            Assert.Throws<BookUnavailableException>(() => BookCopies.Restore(text, folder, DateTimeOffset.UtcNow)).Message
        );
        Assert.Contains(
            "newer Gassel",
            Assert.Throws<BookUnavailableException>(() => BookCopies.Restore(newer, folder, DateTimeOffset.UtcNow)).Message
        );
        Assert.Contains(
            "no file",
            Assert
                .Throws<BookUnavailableException>(() =>
                    BookCopies.Restore(Path.Combine(_elsewhere, "none.db"), folder, DateTimeOffset.UtcNow)
                )
                .Message
        );
        Assert.Equal(0, await BatchesIn(folder));
        Assert.Empty(Directory.GetFiles(folder, "gassel-replaced-*"));
    }

    [Fact]
    public async Task A_damaged_book_is_recognised_at_the_start_and_its_newest_good_copy_offered()
    {
        var folder = Path.Combine(_elsewhere, "hurt");
        BookCopies.Restore(Copies.PathOf(Copies.Make(DateTimeOffset.UtcNow).Name)!, folder, DateTimeOffset.UtcNow);
        using (var file = new BookFile(folder))
            new BookCopies(file).MakeDaily(new(2027, 3, 13));
        var path = Path.Combine(folder, "gassel.db");
        var bytes = await File.ReadAllBytesAsync(path, TestContext.Current.CancellationToken);
        Array.Clear(bytes, 8192, 16384);
        await File.WriteAllBytesAsync(path, bytes, TestContext.Current.CancellationToken);

        var refused = await Assert.ThrowsAsync<BookUnavailableException>(() => BatchesIn(folder));
        Assert.Contains("gassel-day-2027-03-13.db", refused.Message);
        var replaced = BookCopies.Restore(Path.Combine(folder, "copies", "gassel-day-2027-03-13.db"), folder, DateTimeOffset.UtcNow)!;
        Assert.Equal(bytes, await File.ReadAllBytesAsync(replaced, TestContext.Current.CancellationToken));
        Assert.Equal(1, await BatchesIn(folder));
    }
}
