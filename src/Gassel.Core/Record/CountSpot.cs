namespace Gassel.Core.Record;

/// <summary>What was counted at one spot of a tray: a cell, or a row of cells. Both from 1; one of the two.</summary>
/// <param name="Emerged">New since the last count.</param>
/// <param name="Lost">Lost since the last count.</param>
public readonly record struct CountSpot(int? Cell, int? Row, int Emerged, int Lost);
