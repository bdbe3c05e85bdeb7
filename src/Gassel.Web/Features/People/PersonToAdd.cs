using Gassel.Data.People;

namespace Gassel.Web.Features.People;

public sealed record PersonToAdd(string Name, Role Role);
