namespace Gassel.Core.Places;

/// <summary>A time in which a place was not as its seed needs it.</summary>
/// <param name="To">Null while it lasts.</param>
/// <param name="WorstC">Null where nothing is known.</param>
/// <param name="Title">What is the matter, in a few words.</param>
/// <param name="Meaning">What it means for seed or record.</param>
/// <param name="ToDo">What to do about it; null once it is over.</param>
public sealed record PlaceTrouble(
    PlaceTroubleKind Kind,
    DateTimeOffset From,
    DateTimeOffset? To,
    double? WorstC,
    string Title,
    string Meaning,
    string? ToDo
)
{
    public string Words => $"{Title}: {Meaning}";

    public bool IsPresent => To is null;

    /// <summary>It lasts and changes what the seed gets; a probe's own troubles do not.</summary>
    public bool HurtsSeed => IsPresent && Kind is PlaceTroubleKind.TooWarm or PlaceTroubleKind.Frozen or PlaceTroubleKind.TooHot;
}
