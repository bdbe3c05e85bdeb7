using Gassel.Core.Climate;
using Gassel.Core.Diagnosis;
using Gassel.Core.Germination;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <summary>Why so few came up, from a record given whole.</summary>
internal static class CausesCalculator
{
    private const int MostSteps = 20;
    private const int MostLooks = 1000;
    private const int MostSeeds = 100_000;
    private const int MostDays = 2000;
    private const double FridgeC = 4;
    private const double WarmC = 22;
    private const double LampC = 18;

    public static IResult Answer(CausesRequest request)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        var ground = RecordOf(request).Ground(out var conflicts);
        if (conflicts.Count > 0)
            return new Refusal("looks", $"The record does not add up: {conflicts[0].Words}").ToResult();
        if (ground is null)
            return new Refusal("sowing.seeds", "No seed is left to judge.").ToResult();
        var told = Judgement.Of(ground);
        return TypedResults.Ok(new CausesAnswer(told.Causes, told.CannotTell, told.IsLow, told.Verdict));
    }

    private static JudgedRecord RecordOf(CausesRequest request)
    {
        var (species, sowing) = (request.Species, request.Sowing);
        return new(
            new(
                "given",
                "",
                "",
                species.DormancyClass,
                species.Depth,
                species.Flags ?? [],
                HazardLevel.None,
                null,
                species.Germination,
                species.NightC,
                species.SowingDepth,
                species.Hardiness,
                null,
                "",
                "",
                [],
                species.Longevity
            ),
            [
                .. request.Steps.Select(s => new JudgedStep(
                    s.Kind,
                    Range(s.Days),
                    s.Optional,
                    s.From,
                    s.To,
                    Days(s.Temperatures),
                    s.AssumedC ?? (s.Kind == StepKind.ColdMoist ? FridgeC : WarmC),
                    s.Swollen
                )),
            ],
            new(
                sowing.On,
                sowing.Seeds,
                Range(sowing.DaysToEmergence),
                sowing.Expected,
                sowing.DepthMm,
                sowing.Cover,
                sowing.Place,
                sowing.AssumedC ?? LampC,
                Cut(sowing.Cut)
            ),
            request.Looks ?? [],
            Days(request.Temperatures),
            request.Lot is { } lot
                ? new SeedLot(
                    "",
                    sowing.On.AddDays(-(int)Math.Round(365.25 * lot.AgeYears)),
                    MostSeeds,
                    Storage: lot.Storage,
                    CutTest: Cut(lot.CutTest)
                )
                : null,
            request.On
        );
    }

    private static DurationRange Range(DaysInput days) => new(days.Shortest, days.Usual, days.Longest);

    private static CutTest? Cut(CutTestInput? cut) => cut is { } c ? new(c.Full, c.Empty, c.Rotten) : null;

    private static IReadOnlyList<DailyTemperature> Days(IReadOnlyList<DayRangeInput>? days) =>
        [.. (days ?? []).Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC))];

    private static Refusal? Check(CausesRequest request)
    {
        var (species, sowing) = (request.Species, request.Sowing);
        return Band("species.germination", species.Germination)
            ?? (species.NightC is { } night ? Band("species.nightC", night) : null)
            ?? (species.SowingDepth is { } depth ? Depths(depth) : null)
            ?? Limits.Count("steps", request.Steps.Count, 0, MostSteps)
            ?? Limits.Count("looks", request.Looks?.Count ?? 0, 0, MostLooks)
            ?? Limits.Day("sowing.on", sowing.On)
            ?? Limits.Whole("sowing.seeds", sowing.Seeds, 1, MostSeeds)
            ?? Spans("sowing.daysToEmergence", sowing.DaysToEmergence)
            ?? (sowing.Expected is { } share ? Limits.Open("sowing.expected", share, 0, 1, includeMax: true) : null)
            ?? Limits.Number("sowing.depthMm", sowing.DepthMm ?? 0, 0, 500)
            ?? Limits.Number("sowing.assumedC", sowing.AssumedC ?? LampC, DailyCheck.ColdestC, DailyCheck.HottestC)
            ?? Seeds("sowing.cut", sowing.Cut)
            ?? When("on", request.On, sowing.On, sowing.On.AddDays(MostDays))
            ?? Measured("temperatures", request.Temperatures)
            ?? request.Steps.Select((s, i) => Step(s, Core.Text.Of($"steps[{i}]"), sowing)).FirstOrDefault(r => r is not null)
            ?? (request.Looks ?? []).Select((l, i) => Look(l, Core.Text.Of($"looks[{i}]"), request)).FirstOrDefault(r => r is not null)
            ?? (request.Lot is { } lot ? Limits.Number("lot.ageYears", lot.AgeYears, 0, 200) ?? Seeds("lot.cutTest", lot.CutTest) : null);
    }

    private static Refusal? Step(CausesStep step, string at, CausesSowing sowing) =>
        (
            step.Kind >= StepKind.Germinate
                ? new Refusal($"{at}.kind", $"{at}.kind was {step.Kind}; valid are steps before sowing, up to seedVernalization.")
                : null
        )
        ?? Spans($"{at}.days", step.Days)
        ?? (step.From is { } from ? When($"{at}.from", from, sowing.On.AddDays(-MostDays), sowing.On) : null)
        ?? (step.To is { } to ? When($"{at}.to", to, step.From ?? sowing.On.AddDays(-MostDays), sowing.On) : null)
        ?? Limits.Number($"{at}.assumedC", step.AssumedC ?? 0, DailyCheck.ColdestC, DailyCheck.HottestC)
        ?? Limits.Whole($"{at}.swollen", step.Swollen ?? 0, 0, sowing.Seeds)
        ?? Measured($"{at}.temperatures", step.Temperatures);

    private static Refusal? Look(JudgedLook look, string at, CausesRequest request) =>
        When($"{at}.on", look.On, request.Sowing.On, request.On)
        ?? Limits.Whole($"{at}.emerged", look.Emerged ?? 0, 0, request.Sowing.Seeds)
        ?? Limits.Whole($"{at}.lost", look.Lost, 0, request.Sowing.Seeds);

    private static Refusal? Band(string at, TemperatureBand band) =>
        Limits.Number($"{at}.lowC", band.LowC, -10, 60) ?? Limits.Number($"{at}.highC", band.HighC, band.LowC, 60);

    private static Refusal? Depths(DepthRange depth) =>
        Limits.Number("species.sowingDepth.lowMm", depth.LowMm, 0, 500)
        ?? Limits.Number("species.sowingDepth.highMm", depth.HighMm, depth.LowMm, 500);

    private static Refusal? Spans(string at, DaysInput days) =>
        Limits.Whole($"{at}.shortest", days.Shortest, 0, DurationRange.MaxDays)
        ?? Limits.Whole($"{at}.usual", days.Usual, days.Shortest, DurationRange.MaxDays)
        ?? Limits.Whole($"{at}.longest", days.Longest, days.Usual, DurationRange.MaxDays);

    private static Refusal? Seeds(string at, CutTestInput? cut) =>
        cut is { } c
            ? Limits.Whole($"{at}.full", c.Full, 0, MostSeeds)
                ?? Limits.Whole($"{at}.empty", c.Empty, 0, MostSeeds)
                ?? Limits.Whole($"{at}.rotten", c.Rotten, 0, MostSeeds)
            : null;

    private static Refusal? When(string at, DateOnly day, DateOnly from, DateOnly to) =>
        Limits.Day(at, day)
        ?? (
            day < from || day > to
                ? new(at, Core.Text.Of($"{at} was {day:yyyy-MM-dd}; valid is a day from {from:yyyy-MM-dd} to {to:yyyy-MM-dd}."))
                : null
        );

    private static Refusal? Measured(string at, IReadOnlyList<DayRangeInput>? days) =>
        days is { Count: > 0 } ? DailyCheck.Days(days, d => (d.Date, d.MinC, d.MaxC), at) : null;
}
