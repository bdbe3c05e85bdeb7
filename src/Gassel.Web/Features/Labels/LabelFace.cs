namespace Gassel.Web.Features.Labels;

/// <summary>Faces of the typeface of labels, shipped with the program: Source Sans 3, under the SIL Open Font License.</summary>
internal enum LabelFace
{
    Regular,
    Italic,
    Bold,
}
