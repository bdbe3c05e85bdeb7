namespace Gassel.Core.Treatments;

/// <summary>Whole days a step may take, both ends inclusive; 0 stands for work of hours.</summary>
public readonly record struct DurationRange(int Shortest, int Usual, int Longest)
{
    /// <summary>Upper limit accepted for any one of the three, in days (ten years).</summary>
    public const int MaxDays = 3650;

    public static DurationRange Exactly(int days) => new(days, days, days);

    public bool IsOrdered => 0 <= Shortest && Shortest <= Usual && Usual <= Longest && Longest <= MaxDays;
}
