using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Features.Learning;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>On which days a container goes out, by the winters of the record; each question is reckoned once.</summary>
internal sealed class SetOutDays(WinterBook winters, YardBook yard, InsideLessons insides, SiteClock clock)
{
    /// <summary>By winters; what was told of some goes with them.</summary>
    private readonly ConditionalWeakTable<WinterRuns, ConcurrentDictionary<(SetOutNeed Need, double Accept), SetOutResult>> _told = [];

    /// <summary>Null without a record that can be used; then why.</summary>
    public (WinterRuns? Runs, string? Withheld) Runs(ContainerPreset preset = ContainerPreset.Jug4, CapPosition cap = CapPosition.Off) =>
        winters.Runs(yard.Parameters(new(preset)), cap);

    public SetOutResult Of(SetOutNeed need, WinterRuns runs) =>
        _told.GetOrCreateValue(runs).GetOrAdd((need, clock.Settings.AcceptFreeze), key => runs.For(key.Need, winters.Dates, key.Accept));

    private readonly ConditionalWeakTable<
        SetOutResult,
        ConcurrentDictionary<(FittedWall? Fitted, double Times), Lazy<SetOutRange>>
    > _ranges = [];

    /// <summary>How far these days may be off.</summary>
    public async Task<SetOutRange> Range(SetOutNeed need, WinterRuns runs, ContainerPreset preset)
    {
        var setup = new ContainerSetup(preset);
        var (told, parameters, fitted) = (Of(need, runs), yard.Parameters(setup), yard.Fitted(setup)?.Ends);
        var times = JudgedInside.TimesFor(await insides.All(), preset, parameters.UWallWm2K);
        return _ranges
            .GetOrCreateValue(told)
            .GetOrAdd((fitted, times), _ =>
                new(() => SetOutRange.Of(need, runs, told, ContainerDoubts.Of(parameters, fitted), winters.Dates, times))
            )
            .Value;
    }

    /// <summary>In the usual container; null where the route asks for no cold, or no record can be used.</summary>
    public SetOutResult? Of(Core.Treatments.Species species, Core.Treatments.Route route, OutdoorNeeds.Now asked) =>
        asked.Of(species, route) is { } need && Runs().Runs is { } runs ? Of(need, runs) : null;
}
