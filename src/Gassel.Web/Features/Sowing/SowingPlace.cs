namespace Gassel.Web.Features.Sowing;

/// <summary>Where it may stand.</summary>
/// <param name="Light">The timer of its lamps in words; null where there are none.</param>
/// <param name="LightWarning">Null where nothing is amiss with it.</param>
/// <param name="Warning">Why it should not stand there; null where it may.</param>
public sealed record SowingPlace(string Id, string Name, string? Light, string? LightWarning, string? Warning);
