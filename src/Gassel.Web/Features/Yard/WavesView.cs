namespace Gassel.Web.Features.Yard;

/// <param name="Season">Winter that the dates stand for, by its first year.</param>
/// <param name="Record">Name of the weather record; null where there is none.</param>
public sealed record WavesView(int Season, string? Record, bool Generated, IReadOnlyList<SpeciesWave> Species, string? Withheld);
