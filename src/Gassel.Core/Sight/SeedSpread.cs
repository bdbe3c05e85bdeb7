namespace Gassel.Core.Sight;

/// <summary>A measure over the seeds that lie apart, mm.</summary>
/// <param name="Middle">Median.</param>
/// <param name="Low">A tenth of the seeds is smaller.</param>
/// <param name="High">A tenth is larger.</param>
public sealed record SeedSpread(double Middle, double Low, double High);
