namespace Gassel.Data;

public enum BookCondition
{
    Good,

    /// <summary>Not SQLite, torn, or without the tables of a book.</summary>
    Damaged,

    /// <summary>Written by a newer Gassel.</summary>
    Newer,
}
