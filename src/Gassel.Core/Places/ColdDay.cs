namespace Gassel.Core.Places;

/// <summary>One day of it, for the drawing.</summary>
/// <param name="Effective">By the species' own response, measured and assumed together.</param>
/// <param name="Sum">Gained up to the end of the day, if everything is kept; a warm spell adds nothing.</param>
/// <param name="Certain">False for a day in which it may have lain dry.</param>
public sealed record ColdDay(DateOnly Date, double MeanC, double Effective, double Sum, TemperatureSource Source, bool Certain);
