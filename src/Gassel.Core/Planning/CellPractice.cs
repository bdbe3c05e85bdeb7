namespace Gassel.Core.Planning;

/// <summary>How seed is put into cells: three schools of the trade.</summary>
public enum CellPractice
{
    One,

    /// <summary>Two or three to a cell, thinned to one.</summary>
    ThinToOne,

    /// <summary>Many to a cell, divided when they have true leaves.</summary>
    Divide,
}
