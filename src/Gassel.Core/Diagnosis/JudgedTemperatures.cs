using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>Temperatures of a record given whole, by place; a day counts where both its ends are known.</summary>
internal sealed class JudgedTemperatures(IReadOnlyDictionary<string, IReadOnlyList<DailyTemperature>> places) : IPlaceTemperatures
{
    public IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response) =>
        places.TryGetValue(place, out var days)
            ?
            [
                .. days.Where(d => d is { MinC: not null, MaxC: not null })
                    .OrderBy(d => d.Date)
                    .Select(d => TemperatureDay.FromRange(d.Date, d.MinC!.Value, d.MaxC!.Value, response)),
            ]
            : [];

    public IReadOnlyList<TypedReading> Typed(string place) => [];
}
