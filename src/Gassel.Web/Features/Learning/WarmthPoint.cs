namespace Gassel.Web.Features.Learning;

/// <summary>A count of a sowing.</summary>
/// <param name="Batch">Number of the batch.</param>
/// <param name="DegreeDays">Thermal time by then, °C·d.</param>
/// <param name="Share">Of what came up in the end.</param>
public sealed record WarmthPoint(int Batch, double DegreeDays, double Share);
