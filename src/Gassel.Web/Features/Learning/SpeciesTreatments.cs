namespace Gassel.Web.Features.Learning;

/// <param name="Species">Null while no batch of it is over.</param>
/// <param name="Genus">Null where no other species of the genus has a finished batch.</param>
public sealed record SpeciesTreatments(TreatmentsLearned? Species, TreatmentsLearned? Genus);
