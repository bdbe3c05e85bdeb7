namespace Gassel.Browser.Tests;

/// <summary>The main views of the demo, each with what shows that it has come up: a name on it, or #id of a part.</summary>
internal static class Views
{
    /// <summary>Pages on which something longer is written.</summary>
    public static IReadOnlyList<(string Path, string Sign)> ForWriting =>
        [
            ("/species/small-camas/values", "your own values"),
            ("/species/globemallow/routes/globemallow-hot-water", "#route-origin"),
            ("/sheet", "Sheet for"),
            ("/site/people", "Phones on the local network"),
            ("/site/forecast", "A weather service"),
            ("/site/messages", "Mail server"),
            ("/site/weather", "A weather record from a file"),
            ("/batches/told", "Add batches already in progress"),
            ("/site/temperature", "Thermometers and files"),
            ("/site/temperature/cold-shelf/import", "A logger’s file for Cold shelf"),
            ("/labels", "What lasts"),
            ("/start", "Where do you grow?"),
            ("/start?step=frost", "When is your last frost?"),
            ("/start?step=places", "Which places do you have?"),
            ("/start?step=next", "What now?"),
            ("/site/tables/lots", "Read lots from a CSV"),
            ("/?place=cold-shelf", "Cold shelf"),
            ("/workbench", "Mixing"),
            ("/season/books", "What to change next winter"),
            ("/season/years", "#years"),
            ("/workbench/hardening", "forecast"),
            ("/workbench/flowering", "in the cold"),
            ("/yard/waves", "When to set out"),
            ("/yard/ways", "Indoors or outdoors"),
            ("/trials", "Lay out a trial"),
            ("/trials/new", "How many seeds it takes"),
            ("/trials/00000001-0000-0000-de00-000000000003", "Arms side by side"),
        ];

    public static async Task<IReadOnlyList<(string Path, string Sign)>> OfDemo(RunningProgram program) =>
        [.. (await Named(program)).Select(v => (v.Path, v.Sign))];

    /// <summary>The same with the name of each, which is that of its picture.</summary>
    public static async Task<IReadOnlyList<(string Name, string Path, string Sign)>> Named(RunningProgram program)
    {
        var batches = (await program.Get("/api/batches")).AsArray();
        string Id(int number) => batches.Single(b => b!["number"]!.GetValue<int>() == number)!["id"]!.GetValue<string>();
        return
        [
            ("rounds", "/", "#done-day"),
            ("season", "/season", "#season-chart"),
            ("wishes", "/season/wishes", "8 wishes"),
            ("plan", "/plan?species=globemallow", "#plan-start"),
            ("batches", "/batches", "#batches-found"),
            ("batch", $"/batches/{Id(4)}", "#germination"),
            ("batch-books", $"/batches/{Id(17)}/books", "#batch-cost"),
            ("count", $"/count/{Id(7)}/1", "#standing"),
            ("yard", "/yard", "#yard-headline"),
            ("container", $"/yard/{Id(30)}/1.3", "#inside-hours"),
            ("seed", "/seed", "Seed on hand"),
            ("species", "/species/globemallow", "Route: hot water"),
            ("site", "/site", "This device"),
            ("places", "/site/places", "Your places"),
        ];
    }
}
