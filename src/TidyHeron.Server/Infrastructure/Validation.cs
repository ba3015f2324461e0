using TidyHeron.Formats;

namespace TidyHeron.Server.Infrastructure;

/// <summary>Collects what is wrong with a request, each by its field and with its remedy.</summary>
public sealed class Validation
{
    private readonly Dictionary<string, string[]> _errors = [];

    /// <summary>A text that must be there and not be too long.</summary>
    public Validation Text(string field, string? value, int most, string remedy)
    {
        if (string.IsNullOrWhiteSpace(value)) Wrong(field, remedy);
        else AtMost(field, value, most);
        return this;
    }

    /// <summary>A text that may be missing but not too long.</summary>
    public Validation AtMost(string field, string? value, int most)
    {
        if (value?.Length > most) Wrong(field, $"At most {most} characters; these are {value.Length}.");
        return this;
    }

    public Validation Check(string field, bool good, string remedy)
    {
        if (!good) Wrong(field, remedy);
        return this;
    }

    public void Wrong(string field, string remedy) => _errors[field] = [.. _errors.GetValueOrDefault(field, []), remedy];

    /// <exception cref="BadDocumentException">If anything was wrong.</exception>
    public void Throw()
    {
        if (_errors.Count > 0) throw new BadDocumentException(_errors);
    }
}
