using Gassel.Data;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Species;

/// <summary>What a change of the library needs.</summary>
internal sealed class SpeciesBooks(Func<GasselDb> connect, WriteGate gate, Library library, SiteClock clock)
{
    public Func<GasselDb> Connect => connect;
    public WriteGate Gate => gate;
    public Library Library => library;
    public SiteClock Clock => clock;
}
