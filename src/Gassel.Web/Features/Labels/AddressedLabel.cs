using Gassel.Core.Due;

namespace Gassel.Web.Features.Labels;

/// <summary>A label with the address of its batch's page.</summary>
internal sealed record AddressedLabel(BatchLabel Label, string Address);
