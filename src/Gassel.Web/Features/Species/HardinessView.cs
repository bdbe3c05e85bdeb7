using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Species;

/// <summary>A hardiness, and what seedlings of it stand.</summary>
public sealed record HardinessView(SeedlingHardiness Hardiness, string Words);
