namespace Gassel.Core.Climate;

/// <summary>One row of a forecast as it stands, a day or an hour of it; empty where nothing is told.</summary>
/// <param name="Line">Line of the file or place in the answer, from 1.</param>
public readonly record struct ForecastCells(int Line, string Date, string Low, string High, string Gust, string Rain, string Snow);
