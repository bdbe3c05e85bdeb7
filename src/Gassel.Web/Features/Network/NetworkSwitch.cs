namespace Gassel.Web.Features.Network;

public sealed record NetworkSwitch(bool Open);
