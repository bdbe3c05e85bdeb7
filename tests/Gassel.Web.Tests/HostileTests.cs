using System.Text;

namespace Gassel.Web.Tests;

/// <summary>Requests that nobody means and that were answered with a fault once; each is refused by name now.</summary>
public sealed class HostileTests(RunningBook book) : IClassFixture<RunningBook>
{
    [Theory]
    [InlineData("/api/told", """{"lines":[null],"save":false,"who":"x"}""", "lines[0]")]
    [InlineData("/api/lots", """{"speciesId":"saskatoon","lot":{"tests":[null]}}""", "lot.tests[0]")]
    [InlineData("/api/calculators/mix", """{"litres":1e999}""", "litres")]
    [InlineData("/api/told", """{"lines":[],"save":false,"who":"a\u0000b"}""", "who")]
    public async Task Nothing_in_a_list_infinity_and_what_is_no_text_are_refused_by_name(string path, string body, string field)
    {
        var (status, said) = await book.Post(path, body);
        Assert.Equal((400, field), (status, said["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_table_with_an_open_quote_or_an_endless_line_is_refused()
    {
        foreach (var table in new[] { "date,min,max\n\"2027-01-01,1,2\n", "date,min,max\n" + new string('9', 2_000_000) })
        {
            var (status, said) = await book.Send(HttpMethod.Post, "/api/weather-file", new StringContent(table, Encoding.UTF8, "text/csv"));
            Assert.Equal((400, "file"), (status, said["field"]?.GetValue<string>()));
        }
    }

    [Fact]
    public async Task Prices_and_fits_that_would_shut_the_books_are_refused_with_the_site()
    {
        string Site(string settings) =>
            $$"""
                {"name":"Own","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","weatherRecordId":null,
                "settings":{{settings}}}
                """;
        var (status, said) = await book.Put("/api/site?asOf=*", Site("""{"costs":{"perHour":1e308}}"""));
        Assert.Equal((400, "settings.costs.perHour"), (status, said["field"]!.GetValue<string>()));
        (status, said) = await book.Put(
            "/api/site?asOf=*",
            Site("""{"calibrations":[{"kind":"jug4","uWallWm2K":-1,"transmittance":0.5,"rmsK":1,"readings":50,"on":"2027-01-01"}]}""")
        );
        Assert.Equal((400, "settings.calibrations[0].uWallWm2K"), (status, said["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Two_copies_asked_for_at_once_are_both_made()
    {
        var made = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => book.Post("/api/copies", "{}")));
        Assert.All(made, m => Assert.Equal(200, m.Status));
        var names = (await book.Get("/api/copies"))["copies"]!.AsArray().Select(c => c!["name"]!.GetValue<string>()).ToList();
        Assert.True(names.Distinct().Count() >= 4, string.Join(", ", names));
    }

    [Fact]
    public async Task An_address_that_is_far_too_long_is_answered_in_words()
    {
        var (status, said) = await book.Send(HttpMethod.Get, "/api/yard/waves?preset=" + new string('x', 20_000));
        Assert.Equal((400, "preset"), (status, said["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_character_set_that_nobody_knows_is_told()
    {
        using var body = new ByteArrayContent("{}"u8.ToArray());
        body.Headers.TryAddWithoutValidation("Content-Type", "application/json; charset=klingon");
        var (status, said) = await book.Send(HttpMethod.Post, "/api/lots", body);
        Assert.Equal(415, status);
        Assert.Contains("UTF-8", said["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task One_person_changed_by_many_at_once_is_changed_each_time()
    {
        var (_, added) = await book.Post("/api/people", """{"name":"Ines","role":"volunteer"}""");
        var id = added["person"]!["id"];
        var changes = await Task.WhenAll(
            Enumerable
                .Range(0, 12)
                .Select(n => book.Put($"/api/people/{id}", $$"""{"role":"{{(n % 2 == 0 ? "grower" : "volunteer")}}","left":false}"""))
        );
        Assert.All(changes, c => Assert.Equal(200, c.Status));
    }
}
