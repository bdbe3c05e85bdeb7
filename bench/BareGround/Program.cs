// The ground that Gassel is measured against: the least that ASP.NET Core and EF Core on SQLite do.
// Arguments: the port and the file. GET / reads one row; POST / writes one row through a gate with synchronous=FULL.
using System.Net;
using Microsoft.EntityFrameworkCore;

var builder = WebApplication.CreateSlimBuilder();
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder.WebHost.ConfigureKestrel(k => k.Listen(IPAddress.Loopback, int.Parse(args[0], null)));
var app = builder.Build();
var options = new DbContextOptionsBuilder<Ground>().UseSqlite($"Data Source={args[1]}").Options;
await using (var db = new Ground(options))
{
    await db.Database.EnsureCreatedAsync();
    await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode = WAL");
}
var gate = new SemaphoreSlim(1, 1);
app.MapGet("/", async () =>
{
    await using var db = new Ground(options);
    return await db.Rows.AsNoTracking().FirstOrDefaultAsync() ?? new Row { Text = "none" };
});
app.MapPost("/", async (Row row) =>
{
    await gate.WaitAsync();
    try
    {
        await using var db = new Ground(options);
        await db.Database.ExecuteSqlRawAsync("PRAGMA synchronous = FULL");
        db.Rows.Add(new Row { Text = row.Text });
        await db.SaveChangesAsync();
        return row;
    }
    finally
    {
        gate.Release();
    }
});
await app.RunAsync();

internal sealed class Row
{
    public long Id { get; set; }
    public required string Text { get; set; }
}

internal sealed class Ground(DbContextOptions<Ground> options) : DbContext(options)
{
    public DbSet<Row> Rows => Set<Row>();
}
