namespace Gassel.Web.Features.Learning;

/// <summary>A batch on the curve of its cold.</summary>
public sealed record ColdLearnedBatch(int Number, int ColdDays, int Seeds, int Germinated);
