using Gassel.Data.People;

namespace Gassel.Web.Features.People;

public sealed record PersonChange(Role Role, bool Left);
