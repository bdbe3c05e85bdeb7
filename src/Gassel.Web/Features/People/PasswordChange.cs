namespace Gassel.Web.Features.People;

public sealed record PasswordChange(string Old, string New);
