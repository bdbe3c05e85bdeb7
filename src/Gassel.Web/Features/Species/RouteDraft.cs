using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Species;

/// <summary>A route as a grower writes it.</summary>
/// <param name="Origin">Where its durations come from.</param>
public sealed record RouteDraft(string Name, RouteSetting Setting, IReadOnlyList<RouteStep> Steps, string Origin)
{
    public Refusal? Check()
    {
        var refusal = Limits.Text("name", Name, 80)
            ?? Limits.Text("origin", Origin, 200)
            ?? Limits.Count("steps", Steps.Count, 1, RouteRules.MaxSteps);
        for (var i = 0; refusal is null && i < Steps.Count; i++)
        {
            refusal = Limits.Text($"steps[{i}].note", Steps[i].Note, 1000, required: false)
                ?? (
                    Steps[i].Band is { } band
                        ? Limits.Number($"steps[{i}].band.lowC", band.LowC, -30, 100)
                            ?? Limits.Number($"steps[{i}].band.highC", band.HighC, -30, 100)
                        : null
                );
        }
        return refusal;
    }

    public Core.Treatments.Route ToRoute(string id, int version) => new(id, version, Name.Trim(), Steps, Setting, Origin.Trim());
}
