namespace Gassel.Core.Closing;

/// <summary>Batches of one species by one route and about the same cold.</summary>
/// <param name="ColdDays">Days of moist cold that they had, the mean by seed; 0 for none.</param>
/// <param name="MeanDays">To emergence, by seedling; null without any.</param>
public sealed record TreatmentArm(
    string Name,
    int ColdDays,
    IReadOnlyList<int> Batches,
    int Seeds,
    int Germinated,
    double Fraction,
    double Low,
    double High,
    double? MeanDays
);
