namespace Gassel.Web.Features.Learning;

/// <param name="Told">Null where no sowing indoors is over.</param>
public sealed record SpeciesWarmth(WarmthView? Told);
