using System.Globalization;
using Gassel.Data;

namespace Gassel.Web.Features.Tables;

/// <summary>A lot and its species.</summary>
internal sealed record LotTableRow(KeptLot Kept, Core.Treatments.Species Species)
{
    private string[] Names => Species.ScientificName.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    public string Genus => Names.FirstOrDefault("");

    public string Epithet => Names.ElementAtOrDefault(1) ?? "";

    /// <summary>Subspecies or variety with its rank; empty without one.</summary>
    public string Subtaxa => string.Join(' ', Names.Skip(2));

    /// <summary>As multi-crop passports write days.</summary>
    public string Gathered => Kept.Lot.GatheredOn.ToString("yyyyMMdd", CultureInfo.InvariantCulture);
}
