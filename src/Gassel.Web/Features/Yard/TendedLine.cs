namespace Gassel.Web.Features.Yard;

public sealed record TendedLine(DateOnly On, DateTimeOffset? At, string Words);
