using Gassel.Core.Record;

namespace Gassel.Web.Features.Yard;

public sealed record PreparationLine(PreparationStep Step, string Words, bool Done);
