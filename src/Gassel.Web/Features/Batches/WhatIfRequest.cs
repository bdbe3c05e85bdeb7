namespace Gassel.Web.Features.Batches;

/// <summary>A start on another day, answered without saving.</summary>
public sealed record WhatIfRequest(DateOnly StartOn);
