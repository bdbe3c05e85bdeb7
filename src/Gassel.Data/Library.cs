using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>Species with the newest version of each route, and places: read once, read again after a change.</summary>
public sealed class Library
{
    private readonly Func<GasselDb> _connect;
    private readonly KeptReading<(IReadOnlyList<Species> Species, HashSet<string> Own)> _species;
    private readonly KeptReading<IReadOnlyList<Place>> _places;

    public Library(Func<GasselDb> connect)
    {
        _connect = connect;
        (_species, _places) = (new(ReadSpecies), new(ReadPlaces));
    }

    /// <summary>By scientific name.</summary>
    public async Task<IReadOnlyList<Species>> Species() => (await _species.Get()).Species;

    /// <summary>Whether the grower changed the species, or added it; known after <see cref="Species"/>.</summary>
    public bool HasOwnValues(string species) => _species.AtHand.Own?.Contains(species) == true;

    /// <summary>In the order in which a grower walks past.</summary>
    public Task<IReadOnlyList<Place>> Places() => _places.Get();

    /// <summary>Called after either was changed.</summary>
    public void Forget()
    {
        _species.Forget();
        _places.Forget();
    }

    private async Task<(IReadOnlyList<Species> Species, HashSet<string> Own)> ReadSpecies()
    {
        await using var db = _connect();
        var rows = await db.Species.AsNoTracking().Include(s => s.Routes).OrderBy(s => s.ScientificName).ToListAsync();
        return (
            [
                .. rows.Select(row =>
                    CoreJson.Read<Species>(row.Own ?? row.Body ?? throw new InvalidDataException($"species {row.Id} has no values")) with
                    {
                        Routes =
                        [
                            .. row
                                .Routes.OrderBy(r => r.Position)
                                .GroupBy(r => r.Id)
                                .Select(g => CoreJson.Read<Route>(g.MaxBy(r => r.Version)!.Body)),
                        ],
                    }
                ),
            ],
            [.. rows.Where(r => r.Own is not null).Select(r => r.Id)]
        );
    }

    private async Task<IReadOnlyList<Place>> ReadPlaces()
    {
        await using var db = _connect();
        return [.. (await db.Places.AsNoTracking().OrderBy(p => p.Position).ToListAsync()).Select(p => p.ToPlace())];
    }
}
