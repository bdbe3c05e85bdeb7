using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

public sealed record TendedLine(DateOnly On, DateTimeOffset? At, string Words);
