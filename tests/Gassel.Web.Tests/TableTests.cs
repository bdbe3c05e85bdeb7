using System.Globalization;
using Sylvan.Data.Csv;

namespace Gassel.Web.Tests;

/// <summary>Tables of the book, each on its own, and their codebooks.</summary>
public sealed class TableTests(RunningBook book) : IClassFixture<RunningBook>
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private async Task<List<Dictionary<string, string>>> Rows(string file, string of = "tables")
    {
        var text = await book.Http.GetStringAsync($"/api/{of}/{file}.csv", Cancel);
        using var csv = CsvDataReader.Create(new StringReader(text));
        var rows = new List<Dictionary<string, string>>();
        while (await csv.ReadAsync(Cancel))
        {
            Assert.Equal(csv.FieldCount, csv.RowFieldCount);
            rows.Add(Enumerable.Range(0, csv.FieldCount).ToDictionary(csv.GetName, csv.GetString));
        }
        return rows;
    }

    [Fact]
    public async Task A_count_stands_beside_its_treatment_and_what_was_never_counted_is_empty_not_zero()
    {
        var batch = await book.BatchOfBalsamroot();
        Assert.Empty(await Rows("results"));
        Assert.Equal(("", ""), Of((await Rows("batches")).Single(), "germinated", "fraction"));
        await book.Record(batch, "2026-12-01", "warn", """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf"}""");
        var (sown, told) = await book.Record(
            batch,
            "2027-03-01",
            "warn",
            """{"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"deepCells","label":"cells 1","cells":72}}"""
        );
        Assert.True(sown == 200, told.ToJsonString());
        var waiting = Assert.Single(await Rows("results"));
        // 1 December to 1 March
        Assert.Equal(("90", "60"), Of(waiting, "cold_days", "seeds"));
        Assert.Equal(("", ""), Of(waiting, "counted_on", "emerged"));
        await book.Record(batch, "2027-03-08", "warn", """{"kind":"count","part":"1","emerged":5,"lost":0}""");
        await book.Record(batch, "2027-03-12", "warn", """{"kind":"count","part":"1","emerged":7,"lost":2,"cause":"dampingOff"}""");
        var counts = await Rows("results");
        Assert.Equal(["5", "12"], counts.Select(c => c["emerged_so_far"]));
        Assert.Equal(["7", "11"], counts.Select(c => c["day"]));
        Assert.Equal(("2", "dampingOff"), Of(counts[1], "lost", "cause"));
        Assert.Equal("12", (await Rows("batches")).Single()["germinated"]);

        static (string, string) Of(Dictionary<string, string> row, string one, string other) => (row[one], row[other]);
    }

    [Fact]
    public async Task Every_table_has_a_codebook_of_its_columns_and_holds_what_it_says()
    {
        await book.Post(
            "/api/lots",
            """{"speciesId":"blue-flax","lot":{"gatheredAt":"=HYPERLINK(1)","gatheredOn":"2026-07-01","counted":40,"note":"a, b"}}"""
        );
        foreach (var table in (await book.Get("/api/tables")).AsArray().Select(t => t!["name"]!.GetValue<string>()))
        {
            var (codebook, rows) = (await Rows(table, "codebooks"), await Rows(table));
            foreach (var row in rows)
            {
                Assert.Equal(codebook.Select(c => c["column"]), row.Keys);
                foreach (var column in codebook.Where(c => row[c["column"]].Length > 0))
                    Assert.True(Fits(column["type"], row[column["column"]]), $"{table} {column["column"]}: {row[column["column"]]}");
            }
        }
        // a spreadsheet must not reckon with it
        Assert.Contains("'=HYPERLINK(1)", (await Rows("lots")).Select(l => l["gathered_at"]));
        var passport = (await Rows("lots-passport")).Single(l => l["GENUS"] == "Linum");
        Assert.Equal(("lewisii", "20260701", "100"), (passport["SPECIES"], passport["COLLDATE"], passport["SAMPSTAT"]));
        Assert.Equal(404, (await book.Send(HttpMethod.Get, "/api/tables/gold.csv")).Status);
    }

    private static bool Fits(string type, string cell) =>
        type switch
        {
            "integer" => long.TryParse(cell, CultureInfo.InvariantCulture, out _),
            "number" => double.TryParse(cell, CultureInfo.InvariantCulture, out _),
            "boolean" => cell is "true" or "false",
            "date" => DateOnly.TryParseExact(cell, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out _),
            _ => type == "string",
        };
}
