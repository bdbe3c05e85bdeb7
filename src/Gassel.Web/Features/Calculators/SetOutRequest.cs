using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Daily">Years of days; a missing day is one that is not there, or without its temperatures.</param>
/// <param name="Care">Cap off if left out.</param>
/// <param name="AcceptFreeze">Share of springs with a killing freeze after emergence that is accepted, 0..1; 0.2 if left out.</param>
public sealed record SetOutRequest(
    IReadOnlyList<WeatherDayInput> Daily,
    double Latitude,
    SetOutRoute Route,
    SetOutCandidates Candidates,
    ContainerPreset? Preset = null,
    ContainerParametersInput? Parameters = null,
    ContainerCareInput? Care = null,
    double? AcceptFreeze = null
);
