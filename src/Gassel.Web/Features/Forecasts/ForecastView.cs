using Gassel.Core.Climate;

namespace Gassel.Web.Features.Forecasts;

/// <summary>What is known of the weather to come.</summary>
/// <param name="Words">What is known, from whom, how old and how far ahead.</param>
/// <param name="OnRecord">What the coming nights were like in other years; null without a record.</param>
/// <param name="Skill">How good forecasts were here; null while too few nights tell.</param>
/// <param name="Days">From today on, told or not.</param>
public sealed record ForecastView(
    ForecastState State,
    string Words,
    string? OnRecord,
    string? Skill,
    DateOnly? Until,
    IReadOnlyList<ForecastLine> Days
);
