namespace Gassel.Data.Packages;

/// <summary>What comes of the rows of a resource.</summary>
/// <param name="Name">As in "entries".</param>
/// <param name="New">Not in the book yet.</param>
/// <param name="Same">There already, alike.</param>
/// <param name="Clashing">There already and different: the book's own stays.</param>
/// <param name="Replaced">There already and different, in a book in which nothing was entered: the package's takes its place.</param>
/// <param name="LeftOut">Belong to something counted that clashes, such as another lot 3.</param>
public sealed record PackageCount(string Name, int New, int Same, int Clashing, int Replaced, int LeftOut);
