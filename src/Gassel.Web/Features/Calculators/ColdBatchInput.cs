namespace Gassel.Web.Features.Calculators;

/// <param name="ColdDays">Days of cold it had, 0 to 1000.</param>
/// <param name="Sown">Seeds, 1 to 1,000,000.</param>
/// <param name="Emerged">Of them, 0 to <paramref name="Sown"/>.</param>
public sealed record ColdBatchInput(double ColdDays, int Sown, int Emerged);
