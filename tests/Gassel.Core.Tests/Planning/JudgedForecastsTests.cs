using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Counted by hand on a batch of the test book.</summary>
public class JudgedForecastsTests
{
    /// <summary>To start on 1 December, from twenty days before to forty after.</summary>
    private static readonly BatchPlan Plan = Book.Plan();

    private static Dictionary<ForecastKind, JudgedForecast> Judged(Book book, string planned, BatchPlan? plan = null)
    {
        var (of, on) = (plan ?? Plan, DateOnly.ParseExact(planned, "yyyy-MM-dd"));
        var result = new OwnResult("balsamroot", of.Route.Id, 30, 60, 77, new(2027, 4, 1));
        return JudgedForecasts.Of(of, book.Fold(of), result, 7, on).ToDictionary(f => f.Kind);
    }

    private static Book Late() =>
        new Book()
            .Add("2026-12-05", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)))
            .Add("2027-03-08", new Count("1", 30, 0));

    [Fact]
    public void A_start_is_held_against_the_days_that_still_reach_the_target()
    {
        var start = Judged(Late(), "2026-11-20")[ForecastKind.Start];
        Assert.Equal((-20, 40, 0, 4), (start.Low, start.High, start.Guess, start.Truth));
        Assert.True(start.Held);
    }

    [Fact]
    public void Treatments_are_held_against_the_days_of_the_route()
    {
        var treated = Judged(Late(), "2026-12-05")[ForecastKind.Treatment];
        var cold = Plan.Steps[0].Step.Days;
        Assert.Equal((cold.Shortest, cold.Longest, cold.Usual, 77), (treated.Low, treated.High, treated.Guess, treated.Truth));
        Assert.Equal(new(2027, 2, 20), treated.On);
    }

    [Fact]
    public void What_was_begun_before_it_was_planned_tells_nothing_of_the_plan()
    {
        var judged = Judged(Late(), "2026-12-06");
        Assert.Equal([ForecastKind.Emergence], judged.Keys);
        Assert.Equal(16, judged[ForecastKind.Emergence].Truth);
    }

    [Fact]
    public void A_forecast_that_was_told_wider_says_so()
    {
        var told = Plan with { Forecast = new GerminationForecast(0.4, 0.3, 0.5, "the rule").Widen(1.5) };
        var judged = Judged(Late(), "2026-11-20", told)[ForecastKind.Germination];
        Assert.Equal(1.5, judged.Widened);
        Assert.Equal((0.25, 0.55), (Math.Round(judged.Low, 9), Math.Round(judged.High, 9)));
        // half of 60, a tenth above the guess: where the end was as it came from the model
        Assert.Equal(1, judged.Reach, 9);
    }
}
