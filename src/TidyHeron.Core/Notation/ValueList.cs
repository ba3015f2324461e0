using System.Collections;
using System.Runtime.CompilerServices;

namespace TidyHeron.Core.Notation;

/// <summary>
/// An immutable list that compares by what it holds, so that records made of lists are equal when they say the same.
/// </summary>
[CollectionBuilder(typeof(ValueList), nameof(ValueList.Create))]
public readonly struct ValueList<T> : IReadOnlyList<T>, IEquatable<ValueList<T>>
{
    private readonly T[]? _items;

    internal ValueList(T[] items) => _items = items;

    private T[] Items => _items ?? [];

    public int Count => Items.Length;

    public T this[int index] => Items[index];

    public bool Equals(ValueList<T> other) => Items.AsSpan().SequenceEqual(other.Items);

    public override bool Equals(object? obj) => obj is ValueList<T> other && Equals(other);

    public override int GetHashCode()
    {
        var hash = new HashCode();
        foreach (var item in Items) hash.Add(item);
        return hash.ToHashCode();
    }

    public static bool operator ==(ValueList<T> left, ValueList<T> right) => left.Equals(right);

    public static bool operator !=(ValueList<T> left, ValueList<T> right) => !left.Equals(right);

    public IEnumerator<T> GetEnumerator() => ((IEnumerable<T>)Items).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}

/// <summary>Makes <see cref="ValueList{T}"/> from collection expressions.</summary>
public static class ValueList
{
    public static ValueList<T> Create<T>(ReadOnlySpan<T> items) => new(items.ToArray());

    public static ValueList<T> ToValueList<T>(this IEnumerable<T> items) => new(items.ToArray());
}
