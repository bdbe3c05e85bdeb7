using Gassel.Core.Record;

namespace Gassel.Core.Yard;

public sealed record CauseLost(LossCause Cause, int Seedlings);
