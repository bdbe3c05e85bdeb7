namespace Gassel.Core.Places;

/// <summary>A thermometer read by eye at a look.</summary>
public readonly record struct TypedReading(string Place, DateOnly On, double TempC);
