namespace Gassel.Web.Features.Calculators;

/// <param name="Name">Distinct among the arms.</param>
/// <param name="Emerged">From 0 to <paramref name="Sown"/>.</param>
/// <param name="Sown">1 to 1,000,000.</param>
public sealed record ArmInput(string Name, int Emerged, int Sown);
