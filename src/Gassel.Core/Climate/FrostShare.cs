namespace Gassel.Core.Climate;

/// <summary>Share of years with a frost beyond the day, years without any frost counting as none.</summary>
public readonly record struct FrostShare(string Date, double Share);
