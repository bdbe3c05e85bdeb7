using Gassel.Core.Seed;

namespace Gassel.Web.Features.Calculators;

/// <param name="AgeYears">At sowing.</param>
/// <param name="Storage">Dry at room temperature if left out.</param>
public sealed record CausesLot(double AgeYears, CutTestInput? CutTest = null, SeedStorage Storage = SeedStorage.RoomDry);
