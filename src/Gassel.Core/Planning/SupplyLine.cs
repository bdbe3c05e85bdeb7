namespace Gassel.Core.Planning;

/// <summary>A thing to have at hand before the winter begins.</summary>
/// <param name="Key">Short stable name under which its stock is kept.</param>
/// <param name="What">As in trays of 72 cells.</param>
/// <param name="Needed">Pieces, or litres of loose mix.</param>
/// <param name="HasStock">False for seed: lots are its stock, and are deducted already.</param>
/// <param name="Working">For whom, and by which rule.</param>
public sealed record SupplyLine(
    string Key,
    string What,
    double Needed,
    bool IsVolume,
    bool HasStock,
    SupplyStock Stock,
    IReadOnlyList<string> Working
)
{
    /// <summary>Pieces come whole.</summary>
    public double ToGet => Math.Max(0, IsVolume ? Needed - Stock.OnHand : Math.Ceiling(Needed - Stock.OnHand));

    /// <summary>Of what is to get; null where its price is not known.</summary>
    public double? Cost => Stock.PriceEach * ToGet;

    public string NeededWords => Words(Needed);

    public string OnHandWords => Words(Stock.OnHand);

    public string ToGetWords => ToGet > 0 ? Words(ToGet) : "none";

    private string Words(double amount) => IsVolume ? Quantity.Volume(amount) : Text.Of($"{amount:0.##}");
}
