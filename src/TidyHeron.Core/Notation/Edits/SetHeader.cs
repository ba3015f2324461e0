namespace TidyHeron.Core.Notation.Edits;

/// <summary>Title, opening and what the school declares about the form.</summary>
public sealed record SetHeader(string Title, Opening Opening, int? DeclaredCounts, int? DeclaredShouts, bool NoLineTwice, ValueList<TechniquePair> Pairs) : Edit
{
    /// <summary>The header that a form has, to be changed with <c>with</c>.</summary>
    public static SetHeader Of(Form form) =>
        new(form.Title, form.Opening, form.DeclaredCounts, form.DeclaredShouts, form.NoLineTwice, form.Pairs);

    protected override Form Change(Form form) => form with
    {
        Title = Title, Opening = Opening, DeclaredCounts = DeclaredCounts, DeclaredShouts = DeclaredShouts, NoLineTwice = NoLineTwice, Pairs = Pairs,
    };
}
