namespace Gassel.Web.Features.Learning;

/// <summary>A point of the fitted curve: the share up by a thermal time, °C·d.</summary>
public sealed record WarmthShare(double DegreeDays, double Share);
