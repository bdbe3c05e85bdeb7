using Gassel.Core.Record;

namespace Gassel.Web.Features.Yard;

/// <param name="Words">What to do, in a few words.</param>
public sealed record AlertAction(Tending What, string Words);
