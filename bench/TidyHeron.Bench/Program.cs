using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Running;
using TidyHeron.Core;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Timing;
using TidyHeron.Core.Versions;

// The first build on a machine that has none yet takes longer than the two minutes a benchmark is given otherwise.
BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args, ManualConfig.Create(DefaultConfig.Instance).WithBuildTimeout(TimeSpan.FromMinutes(10)));

/// <summary>What has to be quick enough that nobody waits: run with <c>dotnet run -c Release --project bench/TidyHeron.Bench -- --filter '*'</c>.</summary>
[MemoryDiagnoser]
// The reader is many methods that run a few times each: fewer rounds measure the compiler, not the reader.
[SimpleJob(launchCount: 1, warmupCount: 40, iterationCount: 30), MedianColumn]
public class Readings
{
    private const string TenMoves = """
        Step with the left foot to nine o'clock into a left front stance, left low block, right hand at the hip.
        Step forward with the right foot, right middle punch.
        Turn 180 degrees right with the right foot, right low block.
        Step forward, left punch.
        Turn 90 left to face the front, left low block.
        Step forward right, high block.
        Step forward left, high block.
        Step forward right, high block, kiai.
        Turn 270 left on the right foot into a left back stance, knife-hand block.
        Right front kick, landing in front in a right front stance.
        """;

    private Form _form = new();
    private FormReading _reading = null!;
    private Envelope _envelope = null!;
    private Form[] _school = [];
    private string _hundredMoves = "";

    [GlobalSetup]
    public void SetUp()
    {
        _hundredMoves = string.Join('\n', Enumerable.Repeat(TenMoves, 10));
        _form = Reader.Read(_hundredMoves, new Form(), null, Conventions.Standard).Form;
        // Two hundred forms of thirty moves, each turned to another place in the walk-through.
        _school = [.. Enumerable.Range(0, 200).Select(k => new Form { Moves = Enumerable.Range(0, 30).Select(i => _form.Moves[(i * (1 + k % 7) + k) % 100] with { Id = MoveId.New() }).ToValueList() })];
        _reading = FormReading.Of(_form, BodyMeasures.Reference, Conventions.Standard);
        _envelope = Envelope.Of(_reading);
        if (_form.Moves.Count != 100) throw new InvalidOperationException($"{_form.Moves.Count} moves instead of 100.");
    }

    /// <summary>Counts, postures, every rule, the floor, and a figure for each move. Budget: under 5 ms.</summary>
    [Benchmark]
    public int AllReadingsOf100Moves()
    {
        var reading = FormReading.Of(_form, BodyMeasures.Reference, Conventions.Standard);
        return reading.Findings.Count + FloorReading.Of(reading).PathCm.GetHashCode() + reading.Figures.Moves.Count + Timeline.Of(reading, Pace.Class).Moves.Count;
    }

    /// <summary>Where to start in a ring, from what feet and limbs sweep over. Budget: under 5 ms.</summary>
    [Benchmark]
    public bool PlaceInARing() => RoomFit.Of(_envelope, new Room(800, 800, 100), mayTurn: true).Fits;

    /// <summary>What feet and limbs sweep over in a form of 100 moves, from which the ring is chosen.</summary>
    [Benchmark]
    public double SweepOf100Moves() => Envelope.Of(_reading).CeilingCm;

    [Benchmark]
    public int EndOnTheSpotOf100Moves() => EndOnTheSpot.Solve(_reading, new Spot(25, -40), 15).Changes.Count;

    [Benchmark]
    public int DictateTenMoves() => Reader.Read(TenMoves, new Form(), null, Conventions.Standard).Added.Count;

    /// <summary>Budget: under 20 ms.</summary>
    [Benchmark]
    public int DictateHundredMoves() => Reader.Read(_hundredMoves, new Form(), null, Conventions.Standard).Added.Count;

    /// <summary>Budget: under 200 ms.</summary>
    [Benchmark]
    public int PassagesAcross200Forms() => Passages.Find(_school).Count;
}
