namespace Gassel.Core.Places;

/// <summary>A time in which a place was not as its seed needs it.</summary>
/// <param name="To">Null while it lasts.</param>
/// <param name="WorstC">Null where nothing is known.</param>
/// <param name="Words">What is the matter.</param>
/// <param name="ToDo">What to do about it; null once it is over.</param>
public sealed record PlaceTrouble(
    PlaceTroubleKind Kind,
    DateTimeOffset From,
    DateTimeOffset? To,
    double? WorstC,
    string Words,
    string? ToDo
)
{
    public bool IsPresent => To is null;

    /// <summary>It lasts and changes what the seed gets; a probe's own troubles do not.</summary>
    public bool HurtsSeed => IsPresent && Kind is PlaceTroubleKind.TooWarm or PlaceTroubleKind.Frozen or PlaceTroubleKind.TooHot;
}
