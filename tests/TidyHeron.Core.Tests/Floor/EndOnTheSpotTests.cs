using CsCheck;
using Google.OrTools.LinearSolver;
using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;

namespace TidyHeron.Core.Tests.Floor;

public class EndOnTheSpotTests
{
    private static readonly Gen<Form> AnyWalk =
        Gen.Select(Samples.AnySide, Gen.Int[0, 7].Select(k => k * 45)).Array[3, 10].Select(steps => new Form
        {
            Moves = steps.Select(s => new Move(MoveId.New())
            {
                Footwork = new Footwork(new TermId("step"), s.Item1), Facing = new Heading(s.Item2), Stance = new StanceTaken(new TermId("front-stance"), s.Item1),
            }).ToValueList(),
        });

    [Fact]
    public void The_changes_bring_the_end_to_the_spot() => Gen.Select(AnyWalk, Gen.Double[-30, 30], Gen.Double[-30, 30]).Sample((form, x, y) =>
    {
        var reading = Samples.ReadingOf(form);
        var wanted = reading.Walk.End.Middle + new Spot(x, y);
        var fit = EndOnTheSpot.Solve(reading, wanted, 20);
        if (!fit.Reached) return;
        fit.Changes.ShouldAllBe(c => Math.Abs(c.ByCm) <= 20 + 1e-6);
        var changed = new AdjustSteps(fit.Changes.Select(c => (c.Move, c.ByCm)).ToValueList()).Apply(form);
        (Samples.ReadingOf(changed).Walk.End.Middle - wanted).Length.ShouldBeLessThan(0.1); // lengths are written to a tenth of a millimetre
        new ClearAdjustments().Apply(changed).ShouldBe(form);
    }, iter: 100);

    [Fact]
    public void No_solver_finds_fewer_or_smaller_changes() => Gen.Select(AnyWalk, Gen.Int[-400, 400].Select(v => v / 10.0), Gen.Int[-400, 400].Select(v => v / 10.0)).Sample((form, x, y) =>
    {
        const double limit = 15;
        var reading = Samples.ReadingOf(form);
        var shift = new Spot(x, y);
        if (shift.Length < 0.05) return; // as good as there
        var fit = EndOnTheSpot.Solve(reading, reading.Walk.End.Middle + shift, limit);

        // A mixed-integer program over single steps, solved by Google OR-Tools (SCIP): first the fewest, then the smallest.
        var steps = EndOnTheSpot.Lines(reading).SelectMany(l => l.Steps.Select(s => l.Way * s.Sign)).ToArray();
        var fewest = Program(steps, shift, limit, most: null);
        if (fewest is null || fewest > EndOnTheSpot.MostChanges)
        {
            fit.Reached.ShouldBeFalse();
            return;
        }
        fit.Reached.ShouldBeTrue();
        fit.Changes.Count.ShouldBe((int)Math.Round(fewest.Value));
        fit.Changes.Sum(c => Math.Abs(c.ByCm)).ShouldBe(Program(steps, shift, limit, most: fit.Changes.Count)!.Value, 1e-3);
    }, iter: 40);

    private static double? Program(Spot[] steps, Spot shift, double limit, int? most)
    {
        using var solver = Solver.CreateSolver("SCIP");
        var longer = steps.Select((_, i) => solver.MakeNumVar(0, limit, $"p{i}")).ToArray();
        var shorter = steps.Select((_, i) => solver.MakeNumVar(0, limit, $"n{i}")).ToArray();
        var used = steps.Select((_, i) => solver.MakeBoolVar($"u{i}")).ToArray();
        var (x, y) = (solver.MakeConstraint(shift.X, shift.X), solver.MakeConstraint(shift.Y, shift.Y));
        for (var i = 0; i < steps.Length; i++)
        {
            x.SetCoefficient(longer[i], steps[i].X);
            x.SetCoefficient(shorter[i], -steps[i].X);
            y.SetCoefficient(longer[i], steps[i].Y);
            y.SetCoefficient(shorter[i], -steps[i].Y);
            solver.Add(longer[i] + shorter[i] <= limit * used[i]);
        }
        var objective = solver.Objective();
        objective.SetMinimization();
        if (most is { } count)
        {
            var total = solver.MakeConstraint(0, count);
            foreach (var u in used) total.SetCoefficient(u, 1);
            foreach (var v in longer.Concat(shorter)) objective.SetCoefficient(v, 1);
        }
        else
            foreach (var u in used) objective.SetCoefficient(u, 1);
        return solver.Solve() == Solver.ResultStatus.OPTIMAL ? objective.Value() : null;
    }

    [Fact]
    public void A_published_pattern_that_drifts_is_brought_home_within_limits()
    {
        // Nineteen movements that drift by two shoulder widths each way when stepped strictly by the book (recalled from memory).
        var words = string.Join(' ', Dictation.PublishedPatternTests.Patterns.Select(p => p.Data.Item1).Single(w => w.StartsWith("Parallel ready", StringComparison.Ordinal)));
        var reading = Samples.ReadingOf(words);
        var shoulders = reading.Walk.End.Middle * (1 / BodyMeasures.Reference.ShoulderBreadthCm);
        (Math.Round(Math.Abs(shoulders.X), 6), Math.Round(Math.Abs(shoulders.Y), 6)).ShouldBe((2, 2));
        var fit = EndOnTheSpot.Solve(reading, default, limitCm: 30);
        fit.Reached.ShouldBeTrue();
        var home = new AdjustSteps(fit.Changes.Select(c => (c.Move, c.ByCm)).ToValueList()).Apply(reading.Form);
        Samples.ReadingOf(home).Walk.End.Middle.Length.ShouldBeLessThan(0.1);
    }

    [Fact]
    public void A_form_that_ends_on_the_spot_needs_nothing_and_a_far_spot_is_told_as_out_of_reach()
    {
        var reading = Samples.ReadingOf("Step with the left foot into a left front stance. Step back with the left foot into ready stance.");
        EndOnTheSpot.Solve(reading, reading.Walk.End.Middle, 10).Changes.ShouldBeEmpty();
        EndOnTheSpot.Solve(reading, new Spot(900, 900), 10).Reached.ShouldBeFalse();
    }
}
