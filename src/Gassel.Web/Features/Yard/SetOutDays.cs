using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Yard;

/// <summary>On which days a container goes out, by the winters of the record; each question is reckoned once.</summary>
internal sealed class SetOutDays(WinterBook winters, YardBook yard, SiteClock clock)
{
    /// <summary>By winters; what was told of some goes with them.</summary>
    private readonly ConditionalWeakTable<WinterRuns, ConcurrentDictionary<(SetOutNeed Need, double Accept), SetOutResult>> _told = [];

    /// <summary>Null without a record that can be used; then why.</summary>
    public (WinterRuns? Runs, string? Withheld) Runs(ContainerPreset preset = ContainerPreset.Jug4, CapPosition cap = CapPosition.Off) =>
        winters.Runs(yard.Parameters(new(preset)), cap);

    public SetOutResult Of(SetOutNeed need, WinterRuns runs) =>
        _told.GetOrCreateValue(runs).GetOrAdd((need, clock.Settings.AcceptFreeze), key => runs.For(key.Need, winters.Dates, key.Accept));

    /// <summary>In the usual container; null where the route asks for no cold, or no record can be used.</summary>
    public SetOutResult? Of(Core.Treatments.Species species, Core.Treatments.Route route, OutdoorNeeds.Now asked) =>
        asked.Of(species, route) is { } need && Runs().Runs is { } runs ? Of(need, runs) : null;
}
