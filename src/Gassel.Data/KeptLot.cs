using Gassel.Core.Seed;

namespace Gassel.Data;

/// <summary>A lot with what batches took of it.</summary>
/// <param name="Drawn">Taken by batches, or planned to be taken where they have not begun.</param>
public sealed record KeptLot(int Id, string SpeciesId, SeedLot Lot, int Drawn)
{
    public int Left => Lot.Left(Drawn);
}
