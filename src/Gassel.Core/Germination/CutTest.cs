namespace Gassel.Core.Germination;

/// <summary>Seeds cut open: full and firm, empty, or rotten.</summary>
public readonly record struct CutTest(int Full, int Empty, int Rotten)
{
    /// <summary>So many cut seeds say something (our assumption).</summary>
    public const int Enough = 10;

    [System.Text.Json.Serialization.JsonIgnore]
    public int Seeds => Full + Empty + Rotten;

    public static CutTest operator +(CutTest a, CutTest b) => new(a.Full + b.Full, a.Empty + b.Empty, a.Rotten + b.Rotten);
}
