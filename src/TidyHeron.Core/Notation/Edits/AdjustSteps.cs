namespace TidyHeron.Core.Notation.Edits;

/// <summary>Takes steps longer or shorter than their stance by so many centimetres more; 0 in all takes them as they come.</summary>
public sealed record AdjustSteps(ValueList<(MoveId Move, double ByCm)> Changes) : Edit
{
    protected override Form Change(Form form) => form with
    {
        Moves = form.Moves.Select(m => Changes.FirstOrDefault(c => c.Move == m.Id) is { Move.Value: not null } change
            ? m with { StepAdjustCm = Math.Round(m.StepAdjustCm + change.ByCm, 2) } : m).ToValueList(),
    };
}

/// <summary>Takes every step as its stance has it.</summary>
public sealed record ClearAdjustments : Edit
{
    protected override Form Change(Form form) => form with { Moves = form.Moves.Select(m => m with { StepAdjustCm = 0 }).ToValueList() };
}

/// <summary>Says how long a move takes at full speed, or that it was not timed.</summary>
public sealed record SetSeconds(MoveId Move, double? Seconds) : Edit
{
    protected override Form Change(Form form) =>
        form with { Moves = form.Moves.Select(m => m.Id == Move ? m with { Seconds = Seconds } : m).ToValueList() };
}

/// <summary>Says which weapon the form is done with.</summary>
public sealed record SetWeapon(WeaponCarried? Weapon) : Edit
{
    protected override Form Change(Form form) => form with { Weapon = Weapon };
}
