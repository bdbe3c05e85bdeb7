using Gassel.Data.People;

namespace Gassel.Web.Features.People;

/// <param name="Needed">True while nobody is in without signing in.</param>
/// <param name="Name">Of the person signed in; null where nobody is.</param>
/// <param name="Role">What may be done here; null where sign-in is needed first.</param>
/// <param name="OwnerWanted">True where the code from the console makes the first owner.</param>
/// <param name="Token">To be sent along with every change, in the header X-Gassel-Token; null without a session.</param>
public sealed record SessionView(bool Needed, string? Name, Role? Role, bool OwnerWanted, string? Token);
