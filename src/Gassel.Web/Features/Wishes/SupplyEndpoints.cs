using System.Globalization;
using System.Text;
using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Features.Site;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Wishes;

/// <summary>What to have at hand before the winter begins, and what is there already.</summary>
internal static class SupplyEndpoints
{
    private const double Most = 1_000_000;

    public static void MapSupplies(this RouteGroupBuilder api)
    {
        api.MapGet("/supplies", async (WishGrounds wishes) => TypedResults.Ok(await SuppliesBook.Of(wishes))).For(Role.Volunteer);
        api.MapGet("/supplies.csv", AsCsv).For(Role.Volunteer);
        api.MapPut("/supplies/{key}", Keep).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<Results<Ok<SuppliesView>, ProblemHttpResult>> Keep(
        string key,
        SupplyStock stock,
        WishGrounds wishes,
        SiteSaving site,
        CancellationToken cancel
    )
    {
        if (!Supplies.Keys.Contains(key))
            return Refusal.NotFound("key", key, $"Valid are {string.Join(", ", Supplies.Keys)}.").ToResult();
        if (Check(stock) is { } refusal)
            return refusal.ToResult();
        if (wishes.Plan.Clock.Site is null)
            return new Refusal("site", "Stock is kept with the site; name the site first.").ToResult();
        await site.Change(
            s => s with { Stock = new Dictionary<string, SupplyStock>(s.Stock ?? new Dictionary<string, SupplyStock>()) { [key] = stock } },
            cancel
        );
        return TypedResults.Ok(await SuppliesBook.Of(wishes));
    }

    private static Refusal? Check(SupplyStock stock) =>
        Limits.Number("onHand", stock.OnHand, 0, Most)
        ?? (stock.PriceEach is { } price ? Limits.Number("priceEach", price, 0, Most) : null);

    /// <summary>One row a thing; volumes in the site's unit.</summary>
    private static async Task<IResult> AsCsv(WishGrounds wishes)
    {
        var gallons = wishes.Plan.Clock.Settings.Units == Units.UnitedStates;
        var csv = new StringBuilder("thing,unit,needed,on_hand,to_get,price_each,cost,why\n");
        foreach (var line in (await SuppliesBook.Of(wishes)).Lines)
        {
            var (unit, a) = (line.IsVolume, gallons) switch
            {
                (false, _) => ("piece", 1),
                (true, true) => ("gal", 1 / UnitedStates.LitresAGallon),
                _ => ("l", 1.0),
            };
            csv.Append(
                CultureInfo.InvariantCulture,
                $"{CsvText.Quoted(line.What)},{unit},{line.Needed * a:0.##},{line.Stock.OnHand * a:0.##},{line.ToGet * a:0.##},"
                    + $"{line.Stock.PriceEach / a:0.00},{line.Cost:0.00},"
            );
            csv.Append(CsvText.Quoted(wishes.Plan.Clock.Speaker.Say(string.Join(' ', line.Working)))).Append('\n');
        }
        return Results.File(Encoding.UTF8.GetBytes(csv.ToString()), "text/csv; charset=utf-8", "supplies.csv");
    }
}
