using Gassel.Core.Diagnosis;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Diagnosis;

/// <summary>
/// Each rule on a record that speaks for its cause, on one that speaks against it, and on one that says nothing. Common practice, no
/// source.
/// </summary>
public class CauseRulesTests
{
    private static readonly DateOnly Today = new(2027, 4, 10);

    /// <summary>A sowing of sixty seeds as a test tells it.</summary>
    private sealed record Told
    {
        public string Species { get; init; } = "elegant-penstemon";
        public string ColdFrom { get; init; } = "2026-12-01";
        public string SownOn { get; init; } = "2027-02-20";
        public DateOnly On { get; init; } = Today;
        public Sown Sown { get; init; } = new("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Cover: SowCover.Surface, DepthMm: 0);
        public EntryPayload[] Before { get; init; } = [];
        public EntryPayload[] After { get; init; } = [];
        public SeedLot? Lot { get; init; } = new("slope", new(2026, 8, 1), 500);
        public Temperatures Temperatures { get; init; } = new();
        public double? Expected { get; init; } = 0.6;
        public Func<Species, Species> With { get; init; } = s => s;

        public GerminationGround Ground()
        {
            var species = With(Book.Of(Species));
            var plan = Book.Plan(Species, ColdFrom) with { Forecast = Expected is { } share ? new(share, 0.3, 0.9, "") : null };
            var book = new Book().Add(ColdFrom, new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")));
            foreach (var payload in Before)
                book.Add("2027-01-20", payload);
            book.Add(SownOn, Sown);
            foreach (var payload in After)
                book.Add("2027-03-10", payload);
            var state = book.Fold(plan);
            Assert.Empty(state.Conflicts);
            var part = state.Parts[0];
            return GerminationGround.Of(
                species,
                plan,
                part,
                Lot,
                ViabilitySchool.Share,
                UsualPlaces.Starter.ToDictionary(p => p.Id),
                Temperatures,
                On
            )!;
        }

        public LowGermination Judge() => Judgement.Of(Ground());

        public CauseFinding? Find(Cause cause) => Judge().Causes.SingleOrDefault(f => f.Cause == cause);

        public Likelihood? Of(Cause cause) => Find(cause)?.Likelihood;
    }

    [Fact]
    public void Inside_its_window_it_is_not_time_yet_and_after_it_that_is_no_excuse()
    {
        var early = new Told { On = new(2027, 3, 1) };
        Assert.Equal(Likelihood.Likely, early.Of(Cause.NotTimeYet));
        Assert.Contains("Day 9 of 10 to 30", early.Find(Cause.NotTimeYet)!.For[0], StringComparison.Ordinal);
        Assert.Contains("Not time yet", early.Judge().Verdict, StringComparison.Ordinal);
        Assert.Equal(Likelihood.Unlikely, new Told().Of(Cause.NotTimeYet));
    }

    [Fact]
    public void Short_cold_long_cold_and_cold_that_nobody_measured_are_three_things()
    {
        var shortCold = new Told
        {
            ColdFrom = "2027-02-05",
            Temperatures = new Temperatures().Days("cold-shelf", new(2027, 2, 4), new(2027, 2, 21), 4),
        };
        Assert.Equal(Likelihood.Likely, shortCold.Of(Cause.ChillingShort));
        Assert.Contains("below the shortest of 28", shortCold.Find(Cause.ChillingShort)!.For[0], StringComparison.Ordinal);
        var measured = new Told { Temperatures = new Temperatures().Days("cold-shelf", new(2026, 11, 30), new(2027, 2, 21), 4) };
        Assert.Equal(Likelihood.Unlikely, measured.Of(Cause.ChillingShort));
        Assert.Equal(Likelihood.CannotTell, new Told().Of(Cause.ChillingShort));
    }

    [Fact]
    public void A_fridge_that_was_too_warm_did_not_chill()
    {
        var warm = new Told { Temperatures = new Temperatures().Days("cold-shelf", new(2026, 11, 30), new(2027, 2, 21), 11) };
        Assert.Equal(Likelihood.Likely, warm.Of(Cause.ChillingShort));
    }

    [Fact]
    public void A_bag_that_lay_dry_may_have_lost_its_cold()
    {
        var dry = new Told
        {
            ColdFrom = "2026-12-20",
            Before = [new Check("1", Moisture.Dry, MouldSeen.None, 0)],
            Temperatures = new Temperatures().Days("cold-shelf", new(2026, 12, 19), new(2027, 2, 21), 4),
        };
        // found dry on 20 January after a month unwatched; 31 days stay certain, above the shortest of 28
        Assert.NotEqual(Likelihood.Likely, dry.Of(Cause.ChillingShort));
        Assert.Equal(Likelihood.Likely, (dry with { SownOn = "2027-02-10" }).Of(Cause.ChillingShort));
    }

    [Fact]
    public void A_route_without_its_warm_weeks_leaves_the_embryo_small()
    {
        Assert.Null(new Told().Of(Cause.WarmStepMissing));
        var plan = Book.Plan("snowberry");
        Assert.Equal(StepKind.WarmMoist, plan.Steps[0].Step.Kind);
        var given = new Told
        {
            Species = "snowberry",
            ColdFrom = "2026-10-01",
            SownOn = "2027-02-20",
            Before = [new StepStarted("1", 1)],
        };
        Assert.Equal(Likelihood.Unlikely, given.Of(Cause.WarmStepMissing));
        Assert.Equal(Likelihood.Likely, (given with { ColdFrom = "2027-01-10" }).Of(Cause.WarmStepMissing));
    }

    [Fact]
    public void A_coat_is_judged_by_what_swelled()
    {
        var scarified = new Told { Species = "globemallow", Sown = new("1", "lamp-shelf", null, DepthMm: 4) };
        Assert.Equal(Likelihood.Possible, scarified.Of(Cause.CoatNotBroken));
        Assert.Equal(Likelihood.Unlikely, (scarified with { Before = [new Inspected("1", 60)] }).Of(Cause.CoatNotBroken));
        Assert.Equal(Likelihood.Likely, (scarified with { Before = [new Inspected("1", 20)] }).Of(Cause.CoatNotBroken));
        Assert.Null(new Told().Of(Cause.CoatNotBroken));
    }

    [Theory]
    [InlineData(4, Cause.TooCold, Likelihood.Likely)]
    [InlineData(15, Cause.TooCold, Likelihood.Unlikely)]
    [InlineData(15, Cause.TooHot, Likelihood.Unlikely)]
    [InlineData(26, Cause.TooHot, Likelihood.Likely)]
    [InlineData(39, Cause.TooHot, Likelihood.Likely)]
    public void A_measured_place_is_judged_by_the_band(double tempC, Cause cause, Likelihood likelihood) =>
        Assert.Equal(
            likelihood,
            new Told { Temperatures = new Temperatures().Days("lamp-shelf", new(2027, 2, 19), Today, tempC) }.Of(cause)
        );

    /// <summary>Warm days with frosty nights give poor germination of kinds that want steady warmth: common practice, no source.</summary>
    [Fact]
    public void Cold_nights_after_warm_days_are_counted_and_named()
    {
        Told Swinging(double nightC)
        {
            var temperatures = new Temperatures();
            for (var at = new DateTimeOffset(2027, 2, 20, 0, 0, 0, TimeSpan.Zero); at.Date < Today.ToDateTime(default); at = at.AddHours(1))
                temperatures.Read("lamp-shelf", at, at.Hour < 8 ? nightC : 22);
            return new() { Temperatures = temperatures, With = s => s with { NightC = null } };
        }
        var cold = Swinging(3).Find(Cause.TooCold)!;
        Assert.Equal(Likelihood.Likely, cold.Likelihood);
        Assert.Contains("nights since sowing fell below", cold.For[0], StringComparison.Ordinal);
        Assert.Equal(Likelihood.Unlikely, Swinging(13).Of(Cause.TooCold));
        // a kind that wants its nights cold has its own band
        var wants = Swinging(3) with { With = s => s with { NightC = new(2, 8) } };
        Assert.Equal(Likelihood.Unlikely, wants.Of(Cause.TooCold));
    }

    [Fact]
    public void An_assumed_temperature_decides_nothing() => Assert.Equal(Likelihood.CannotTell, new Told().Of(Cause.TooCold));

    [Fact]
    public void A_mat_under_a_cool_kind_speaks_for_itself()
    {
        var mat = new Told { Species = "balsamroot", Sown = new("1", "heat-mat", null, DepthMm: 10) };
        Assert.Contains("mat", mat.Find(Cause.TooHot)!.For[0], StringComparison.Ordinal);
    }

    [Fact]
    public void Light_is_judged_by_the_cover()
    {
        var orange = new Told { Species = "mock-orange", Sown = new("1", "lamp-shelf", null) };
        Assert.Equal(Likelihood.CannotTell, orange.Of(Cause.CoveredThoughItNeedsLight));
        Assert.Equal(
            Likelihood.Likely,
            (orange with { Sown = orange.Sown with { Cover = SowCover.Mix } }).Of(Cause.CoveredThoughItNeedsLight)
        );
        Assert.Equal(
            Likelihood.Unlikely,
            (orange with { Sown = orange.Sown with { Cover = SowCover.Surface } }).Of(Cause.CoveredThoughItNeedsLight)
        );
        Assert.Null(new Told { Species = "globemallow" }.Of(Cause.CoveredThoughItNeedsLight));
        var dark = new Told { With = s => s with { Flags = [SpeciesFlag.NeedsDark] } };
        Assert.Equal(Likelihood.Likely, dark.Of(Cause.LitThoughItNeedsDark));
        Assert.Equal(Likelihood.Unlikely, (dark with { Sown = dark.Sown with { Cover = SowCover.Mix } }).Of(Cause.LitThoughItNeedsDark));
    }

    [Theory]
    [InlineData(2.0, Likelihood.Unlikely)]
    [InlineData(4.0, Likelihood.Possible)]
    [InlineData(8.0, Likelihood.Likely)]
    [InlineData(null, Likelihood.CannotTell)]
    public void Depth_is_judged_by_the_species_own(double? depthMm, Likelihood likelihood) =>
        Assert.Equal(likelihood, new Told { Sown = new("1", "lamp-shelf", null, depthMm) }.Of(Cause.TooDeep));

    [Fact]
    public void Seed_is_judged_by_the_knife_before_the_rule()
    {
        Assert.Equal(Likelihood.CannotTell, new Told().Of(Cause.OldOrEmptySeed));
        var old = new Told { Lot = new("slope", new(2019, 8, 1), 500) };
        Assert.Equal(Likelihood.Possible, old.Of(Cause.OldOrEmptySeed));
        Assert.Equal(Likelihood.Unlikely, (old with { After = [new CutTested("1", 10, 1, 0)] }).Of(Cause.OldOrEmptySeed));
        Assert.Equal(Likelihood.Likely, new Told { After = [new CutTested("1", 2, 9, 1)] }.Of(Cause.OldOrEmptySeed));
        // few are few, either way
        var few = new Told { After = [new CutTested("1", 4, 1, 0)] }.Find(Cause.OldOrEmptySeed)!;
        Assert.Equal(Likelihood.Unlikely, few.Likelihood);
        Assert.Contains(few.Against, words => words.Contains("which is few", StringComparison.Ordinal));
        Assert.Equal(
            Likelihood.Likely,
            new Told { Lot = new("slope", new(2026, 8, 1), 500, CutTest: new(5, 15, 0)) }.Of(Cause.OldOrEmptySeed)
        );
    }

    [Fact]
    public void Water_is_judged_by_the_looks_at_the_tray()
    {
        Assert.Equal(Likelihood.CannotTell, new Told().Of(Cause.DriedOut));
        Assert.Equal(Likelihood.CannotTell, new Told().Of(Cause.DrownedOrRotted));
        var well = new Told { After = [new Check("1", Moisture.Right, MouldSeen.None, 0)] };
        Assert.Equal(Likelihood.Unlikely, well.Of(Cause.DriedOut));
        Assert.Equal(Likelihood.Unlikely, well.Of(Cause.DrownedOrRotted));
        Assert.Equal(Likelihood.Likely, new Told { After = [new Check("1", Moisture.Dry, MouldSeen.None, 0)] }.Of(Cause.DriedOut));
        Assert.Equal(
            Likelihood.Likely,
            new Told { After = [new Check("1", Moisture.Dripping, MouldSeen.Some, 0)] }.Of(Cause.DrownedOrRotted)
        );
        // dead seed rots in good mix too
        var rotten = new Told { After = [new CutTested("1", 0, 1, 9)] };
        Assert.Equal(Likelihood.Possible, rotten.Of(Cause.DrownedOrRotted));
        Assert.Equal(
            Likelihood.Likely,
            (rotten with { After = [new Check("1", Moisture.Dripping, MouldSeen.None, 0), .. rotten.After] }).Of(Cause.DrownedOrRotted)
        );
    }

    [Fact]
    public void What_was_found_at_the_water_speaks_for_drying_and_for_rot()
    {
        Told Found(params SurfaceSeen[] seen) =>
            new()
            {
                With = s => s with { Flags = [] },
                Sown = new("1", "lamp-shelf", null, Cover: SowCover.Mix, DepthMm: 6),
                After = [.. seen.Select(s => new WaterLooked("1", s))],
            };
        Assert.Equal(Likelihood.Unlikely, Found(SurfaceSeen.Moist, SurfaceSeen.Moist).Of(Cause.DriedOut));
        Assert.Equal(Likelihood.Unlikely, Found(SurfaceSeen.Moist, SurfaceSeen.Moist).Of(Cause.DrownedOrRotted));
        // covered seed bears a pale surface now and then, not most of the time
        Assert.Equal(Likelihood.Unlikely, Found(SurfaceSeen.Dry, SurfaceSeen.Moist, SurfaceSeen.Moist).Of(Cause.DriedOut));
        Assert.Contains("moist at 2 looks", Found(SurfaceSeen.Dry, SurfaceSeen.Moist, SurfaceSeen.Moist).Find(Cause.DriedOut)!.Against[0]);
        // a look that found it pale is no look that found it well
        Assert.Equal(Likelihood.CannotTell, Found(SurfaceSeen.Dry).Of(Cause.DriedOut));
        Assert.Equal(Likelihood.Likely, Found(SurfaceSeen.Dry, SurfaceSeen.Dry, SurfaceSeen.Moist).Of(Cause.DriedOut));
        Assert.Equal(Likelihood.Possible, Found(SurfaceSeen.Wet, SurfaceSeen.Moist).Of(Cause.DrownedOrRotted));
        // seed on the surface bears it not once
        var surface = Found(SurfaceSeen.Dry, SurfaceSeen.Moist, SurfaceSeen.Moist) with
        {
            Sown = new("1", "lamp-shelf", null, Cover: SowCover.Surface),
        };
        Assert.Equal(Likelihood.Possible, surface.Of(Cause.DriedOut));
    }

    [Fact]
    public void Losses_name_frost_and_what_ate_them()
    {
        Assert.Equal(Likelihood.Likely, new Told { After = [new Count("1", 9, 6, LossCause.Frost)] }.Of(Cause.Frost));
        Assert.Equal(Likelihood.Possible, new Told { After = [new Count("1", 9, 1, LossCause.Eaten)] }.Of(Cause.Pests));
        Assert.Equal(Likelihood.Unlikely, new Told().Of(Cause.Frost));
        Assert.Equal(Likelihood.Possible, new Told { After = [new SymptomSeen("1", Symptom.FungusGnats)] }.Of(Cause.Pests));
        Assert.Equal(Likelihood.CannotTell, new Told { Sown = new("1", "yard", null) }.Of(Cause.Pests));
    }

    [Fact]
    public void Where_the_record_is_silent_it_says_so()
    {
        // cold measured and enough, all else unknown or well
        var silent = new Told
        {
            Temperatures = new Temperatures()
                .Days("cold-shelf", new(2026, 11, 30), new(2027, 2, 21), 4)
                .Days("lamp-shelf", new(2027, 2, 19), Today, 15),
        }.Judge();
        Assert.StartsWith("0 of 60 are up", silent.Verdict, StringComparison.Ordinal);
        Assert.Contains("Cannot tell", silent.Verdict, StringComparison.Ordinal);
        Assert.All(silent.Causes, f => Assert.True(f.Likelihood >= Likelihood.CannotTell, f.Name));
    }

    [Fact]
    public void As_many_as_expected_need_no_explaining()
    {
        var well = new Told { After = [new Count("1", 40, 0)] }.Judge();
        Assert.False(well.IsLow);
        Assert.Contains("Nothing needs explaining", well.Verdict, StringComparison.Ordinal);
    }

    [Fact]
    public void Low_that_can_be_chance_is_said_to_be()
    {
        var few = new Told { After = [new Count("1", 32, 0)] }.Judge();
        Assert.True(few.IsLow);
        Assert.Contains("can still be chance", few.Verdict, StringComparison.Ordinal);
    }

    [Fact]
    public void The_likeliest_comes_first_and_every_finding_says_what_to_look_at()
    {
        foreach (var species in StarterLibrary.All.Where(s => s.Routes[0].Steps[0].Kind == StepKind.ColdMoist))
        {
            var causes = new Told { Species = species.Id, Sown = new("1", "lamp-shelf", null) }
                .Judge()
                .Causes;
            Assert.Equal(causes.OrderByDescending(f => f.Chance).Select(f => f.Cause), causes.Select(f => f.Cause));
            Assert.All(causes, f => Assert.InRange(f.Chance!.Value, 0, 1));
            Assert.All(causes, f => Assert.False(string.IsNullOrWhiteSpace(f.LookNext)));
            Assert.All(causes.Where(f => f.Likelihood == Likelihood.Likely), f => Assert.NotEmpty(f.For));
        }
    }

    [Fact]
    public void Every_cause_has_one_rule_and_a_name_of_its_own()
    {
        Assert.Equal(Enum.GetValues<Cause>().Length, CauseRules.All.Count);
        Assert.Equal(Enum.GetNames<Cause>(), CauseRules.All.Select(rule => rule.Method.Name));
        Assert.Equal(
            CauseRules.All.Count,
            Enum.GetValues<Cause>().Select(c => new CauseFinding(c, default, [], [], "").Name).Distinct().Count()
        );
    }
}
