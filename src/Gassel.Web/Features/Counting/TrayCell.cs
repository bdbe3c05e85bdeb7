namespace Gassel.Web.Features.Counting;

/// <summary>What a cell has brought so far, as far as it was counted by cells.</summary>
public readonly record struct TrayCell(int Cell, int Emerged, int Lost, int MovedOff);
