using Gassel.Data.People;

namespace Gassel.Web.Features.People;

/// <param name="HasPassword">False until the code was used.</param>
/// <param name="CodeUntil">When an open code runs out; null where none is open.</param>
/// <param name="Left">True for somebody let go; the name stays with the entries.</param>
public sealed record PersonView(Guid Id, string Name, Role Role, bool HasPassword, DateTimeOffset? CodeUntil, bool Left);
