using Gassel.Core.Treatments;

namespace Gassel.Core.Closing;

/// <summary>Batches by one way, together. They were not laid out as a trial.</summary>
/// <param name="Fraction">Of the seed of batches that were sown; so with the 95 % interval.</param>
/// <param name="Open">Batches of which seed may still come up.</param>
public sealed record WayAccount(
    RouteSetting Setting,
    int Batches,
    int Open,
    int Seeds,
    int Germinated,
    double Fraction,
    double Low,
    double High,
    int Plants,
    double? Cost,
    int Gestures
);
