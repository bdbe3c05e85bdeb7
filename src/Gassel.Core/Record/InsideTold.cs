namespace Gassel.Core.Record;

/// <summary>A temperature inside a container as it was told, beside the thermometer; °C.</summary>
/// <param name="LowC">Nine times in ten it was to lie between here and <paramref name="HighC"/>.</param>
/// <param name="GuessC">By the model with its usual numbers.</param>
/// <param name="TruthC">As measured.</param>
public sealed record InsideTold(double LowC, double GuessC, double HighC, double TruthC);
