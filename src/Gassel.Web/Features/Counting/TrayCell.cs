namespace Gassel.Web.Features.Counting;

/// <summary>What a cell has brought so far, as far as it was counted by cells.</summary>
/// <param name="Waiting">Its seed that is not up; null where nobody said how many were sown to a cell.</param>
public readonly record struct TrayCell(int Cell, int Emerged, int Lost, int MovedOff, int Standing, int? Waiting);
