namespace Gassel.Core.Climate;

/// <param name="Effective">Days of cold by weight; 0 where the seed may have lain dry.</param>
/// <param name="IfMoist">What it would be had the seed been moist.</param>
public sealed record ChilledDay(DateOnly Date, double Effective, bool Moist, double IfMoist, double MeanC);
