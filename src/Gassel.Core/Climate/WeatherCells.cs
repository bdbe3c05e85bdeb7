namespace Gassel.Core.Climate;

/// <summary>A row of a weather file as it stands.</summary>
public readonly record struct WeatherCells(int Line, string Date, string Min, string Max);
