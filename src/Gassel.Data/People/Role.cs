namespace Gassel.Data.People;

/// <summary>What a person may do; each may do what the one before may.</summary>
public enum Role
{
    /// <summary>Reads, records what was done, takes back what they recorded themselves.</summary>
    Volunteer,

    /// <summary>Plans, keeps seed, species and site, takes back anybody's entry.</summary>
    Grower,

    /// <summary>Manages people, the network and the copies of the book.</summary>
    Owner,
}
