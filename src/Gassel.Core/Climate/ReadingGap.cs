namespace Gassel.Core.Climate;

/// <summary>A time without readings, both ends being readings.</summary>
public readonly record struct ReadingGap(long FromUnixMs, long ToUnixMs)
{
    public double Hours => (ToUnixMs - FromUnixMs) / 3_600_000.0;
}
