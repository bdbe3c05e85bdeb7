namespace Gassel.Core.Climate;

/// <param name="IsJump">True for a reading that no shelf could have reached: kept, shown, and left out of every sum.</param>
public readonly record struct JudgedReading(TemperatureReading Reading, bool IsJump);
