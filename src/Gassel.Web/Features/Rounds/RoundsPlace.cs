using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Features.Temperature;

namespace Gassel.Web.Features.Rounds;

/// <param name="Temperature">How warm it is there, and what is the matter.</param>
/// <param name="Lamps">When to look at the lamps; null where there are none, or nothing grows under them.</param>
/// <param name="Airing">Domes that want air today; null where none does.</param>
/// <param name="Symptoms">What was seen to be wrong here and is not gone.</param>
/// <param name="Out">What the weather asks of pots, trays, frames and fresh plantings here.</param>
/// <param name="Water">What there wants its water looked at; null where nothing does.</param>
public sealed record RoundsPlace(
    Place Place,
    PlaceTemperature Temperature,
    LampLook? Lamps,
    DomeAiring? Airing,
    IReadOnlyList<SymptomSpread> Symptoms,
    WaterRound? Water,
    IReadOnlyList<OutWarning> Out,
    IReadOnlyList<StandingPart> Parts
)
{
    /// <summary>Jobs of the place itself that are due, beside those of what stands there.</summary>
    public required int Jobs { get; init; }

    /// <summary>The same, each in a word.</summary>
    public IReadOnlyList<string> JobWords(DateOnly today) =>
        [
            .. Lamps?.DueOn <= today ? ["lamps"] : Array.Empty<string>(),
            .. Airing is null ? Array.Empty<string>() : ["domes"],
            // what no tap settles is told, not counted
            .. Out.Where(o => o.Do is not null).Select(_ => "weather"),
            .. Water is { Parts.Count: > 0 } ? ["water"] : Array.Empty<string>(),
        ];
}
