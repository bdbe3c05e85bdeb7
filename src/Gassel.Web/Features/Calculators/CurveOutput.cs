using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public sealed record CurveOutput(double MaxFraction, double T50, double Shape, double LogLikelihood, bool Extrapolated, IReadOnlyList<BandPoint> Band);
