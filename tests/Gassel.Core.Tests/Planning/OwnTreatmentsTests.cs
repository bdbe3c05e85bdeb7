using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>Counted by hand on batches of the test book.</summary>
public class OwnTreatmentsTests
{
    private static readonly SeedLot Lot = new("slope", new(2025, 12, 1), 500);

    private static IReadOnlyDictionary<TreatmentFactor, double> Had(BatchPlan plan, Book book, int coldDays = 40) =>
        OwnTreatments.Of([(plan, BatchFold.Run(plan, book.Entries), new("x", plan.Route.Id, 20, 60, coldDays), 7, Lot)])[0].Had;

    private static int StepOf(BatchPlan plan, StepKind kind) => plan.Steps.ToList().FindIndex(s => s.Step.Kind == kind);

    private static Book Begun(BatchPlan plan, params StepKind[] kinds) =>
        kinds.Aggregate(new Book(), (book, kind) =>
            book.Add(new DateOnly(2026, 12, 1), new StepStarted("1", StepOf(plan, kind), 60, "cold-shelf"))
        );

    [Fact]
    public void What_was_done_is_done_what_the_route_has_not_was_not_and_what_came_before_the_record_is_unknown()
    {
        var plan = Book.Plan("globemallow");
        Assert.Equal(1, Had(plan, Begun(plan, StepKind.Scarify, StepKind.ColdMoist))[TreatmentFactor.Scarified]);
        Assert.DoesNotContain(TreatmentFactor.Scarified, Had(plan, Begun(plan, StepKind.ColdMoist)).Keys);
        var without = Book.Plan();
        Assert.Equal(0, Had(without, Begun(without, StepKind.ColdMoist))[TreatmentFactor.Scarified]);
    }

    [Theory]
    [InlineData(SowCover.Surface, null, 1.0)]
    [InlineData(SowCover.Mix, 0.0, 0.0)]
    [InlineData(null, 0.0, 1.0)]
    [InlineData(null, 6.0, 0.0)]
    public void Seed_is_in_light_on_the_surface(SowCover? cover, double? depthMm, double light)
    {
        var plan = Book.Plan();
        var sown = Begun(plan, StepKind.ColdMoist)
            .Add(
                new DateOnly(2027, 3, 1),
                new Sown("1", "lamp-shelf", new Vessel(VesselKind.Tray, "tray 1"), DepthMm: depthMm, Cover: cover)
            );
        Assert.Equal(light, Had(plan, sown)[TreatmentFactor.Light]);
    }

    [Fact]
    public void How_it_was_sown_is_unknown_where_nobody_said()
    {
        var plan = Book.Plan();
        Assert.DoesNotContain(TreatmentFactor.Light, Had(plan, Begun(plan, StepKind.ColdMoist)).Keys);
    }

    [Fact]
    public void Seed_ages_from_its_harvest_to_the_first_step()
    {
        var plan = Book.Plan();
        // 365 days of 365.25
        Assert.Equal(365 / 365.25, Had(plan, Begun(plan, StepKind.ColdMoist))[TreatmentFactor.SeedAge], 9);
    }

    [Fact]
    public void Seed_outdoors_has_the_middling_cold_of_the_others()
    {
        var (indoors, outdoors) = (Book.Plan(), Book.Plan());
        outdoors = outdoors with { Route = outdoors.Route with { Setting = RouteSetting.WinterContainer } };
        BatchState Folded(BatchPlan plan) => BatchFold.Run(plan, Begun(plan, StepKind.ColdMoist).Entries);
        var told = OwnTreatments.Of([
            (indoors, Folded(indoors), new("x", "a", 20, 60, 40), 7, Lot),
            (indoors, Folded(indoors), new("x", "a", 20, 60, 80), 7, Lot),
            (outdoors, Folded(outdoors), new("x", "b", 20, 60, 0), 8, Lot),
        ]);
        Assert.Equal([40, 80, 60], told.Select(b => b.Had[TreatmentFactor.Cold]));
        Assert.Equal([0, 0, 1], told.Select(b => b.Had[TreatmentFactor.Outdoors]));
        Assert.Equal(["7", "7", "8"], told.Select(b => b.Lot));
    }

    [Fact]
    public void An_effect_is_said_with_its_interval_and_the_batches_that_carry_it()
    {
        TreatmentEffect Of(double difference, double low, double high, params FactorInEffect[] factors) =>
            new(factors, 1, 0.3, 0, 1, difference, low, high, 8, 6);
        Assert.Equal(
            "Scarifying, always with soaking: about 18 points more come up (5 to 30), by 8 batches with it and 6 without.",
            TreatmentWords.Of(Of(0.18, 0.05, 0.3, new(TreatmentFactor.Scarified), new(TreatmentFactor.Soaked)))
        );
        Assert.Equal(
            "Soaking, always without winter sowing outdoors: about 10 points fewer come up (4 to 16), by 8 batches with it and 6 without.",
            TreatmentWords.Of(Of(-0.1, -0.16, -0.04, new(TreatmentFactor.Soaked), new(TreatmentFactor.Outdoors, Reversed: true)))
        );
        Assert.Equal(
            "Soaking: no difference to be seen yet, 8 points fewer to 12 points more, by 8 batches with it and 6 without.",
            TreatmentWords.Of(Of(0.02, -0.08, 0.12, new FactorInEffect(TreatmentFactor.Soaked)))
        );
    }
}
