namespace Gassel.Web.Features.Calculators;

/// <summary>Responses by name, each four knots in °C.</summary>
/// <param name="Usual">Of most kinds.</param>
/// <param name="ColdGerminator">Of kinds that germinate in the cold.</param>
/// <param name="Default">Of this calculator, where none is given.</param>
public sealed record ChillingStart(IReadOnlyList<double> Usual, IReadOnlyList<double> ColdGerminator, IReadOnlyList<double> Default);
