namespace Gassel.Core;

/// <summary>What is asked of two days again and again.</summary>
public static class Days
{
    public static DateOnly Earlier(DateOnly a, DateOnly b) => a < b ? a : b;

    public static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;
}
