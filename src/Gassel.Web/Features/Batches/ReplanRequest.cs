using Gassel.Core.Planning;

namespace Gassel.Web.Features.Batches;

/// <param name="Id">UUID of the entry, made by the device.</param>
public sealed record ReplanRequest(Guid Id, string Part, ShortfallOptionKind Choice, string Who);
