using System.Globalization;
using System.Xml.Linq;
using CsCheck;
using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Notation.Edits;
using TidyHeron.Core.Timing;
using TidyHeron.Formats.Exports;

namespace TidyHeron.Core.Tests.Timing;

public class TimelineTests
{
    [Fact]
    public void Moves_follow_each_other_without_gap_and_slower_paces_take_longer() => Samples.AnyForm.Sample(form =>
    {
        var reading = Samples.ReadingOf(form);
        var paces = new[] { Pace.Performance, Pace.Class, Pace.Learning }.Select(p => Timeline.Of(reading, p)).ToArray();
        foreach (var timeline in paces)
        {
            timeline.Moves[0].Start.ShouldBe(0);
            for (var i = 1; i < timeline.Moves.Count; i++) timeline.Moves[i].Start.ShouldBe(timeline.Moves[i - 1].End, 1e-9);
            timeline.Moves.ShouldAllBe(m => m.Moving > 0 && m.Resting >= 0);
            timeline.Phases.Sum(p => p.Seconds).ShouldBe(timeline.Total, 1e-6);
            timeline.Phases[^1].Last.ShouldBe(form.Moves.Count - 1);
        }
        paces.Select(t => t.Total).ShouldBeInOrder();
        Timeline.Of(reading, Pace.Class, speed: 2).Total.ShouldBe(paces[1].Total / 2, 1e-9);
    }, iter: 200);

    [Fact]
    public void Marks_make_a_move_longer_or_shorter()
    {
        double Seconds(string tempo) => Timeline.Of(Samples.ReadingOf($"Step with the left foot, left low block, {tempo}. Step with the right foot, right punch."), Pace.Performance).Moves[0] is var m ? m.Moving + m.Resting : 0;
        Seconds("fast").ShouldBeLessThan(Seconds("breathe out"));
        Seconds("slow").ShouldBeGreaterThan(Seconds("breathe out"));
        Seconds("slow with tension").ShouldBeGreaterThan(Seconds("slow"));
        Seconds("and hold").ShouldBeGreaterThan(Seconds("breathe out") + 0.9);
    }

    [Fact]
    public void A_move_that_was_timed_takes_its_time_in_the_performance()
    {
        var form = Samples.Say("Step with the left foot, left low block. Step with the right foot, right punch.").Form;
        form = new SetSeconds(form.Moves[0].Id, 2.5).Apply(form);
        var timeline = Timeline.Of(Samples.ReadingOf(form), Pace.Performance);
        timeline.Moves[1].Start.ShouldBe(2.5, 1e-9);
        timeline.Moves[0].Timed.ShouldBeTrue();
        timeline.At(2.4).ShouldBe(0);
        timeline.At(2.6).ShouldBe(1);
    }

    private static readonly Form Sample = Samples.Say("Bow. Step with the left foot, left low block, then reverse punch. Step with the right foot, right punch, kiai. Turn 180 right, slow with tension, right low block & <guard>.").Form with { Title = "Ford & <Weir> --> end" };

    /// <summary>A cue file is read back by a parser written from the W3C's grammar, apart from the writer.</summary>
    [Fact]
    public void Cues_are_read_back_with_their_times()
    {
        var reading = Samples.ReadingOf(Sample);
        var timeline = Timeline.Of(reading, Pace.Class);
        var text = Timings.WebVtt(reading, timeline);
        text.ShouldStartWith("WEBVTT\n");
        var blocks = text.Split("\n\n").Skip(1).Where(b => !b.StartsWith("NOTE", StringComparison.Ordinal)).ToArray();
        blocks.Length.ShouldBe(Sample.Moves.Count);
        for (var i = 0; i < blocks.Length; i++)
        {
            var lines = blocks[i].TrimEnd('\n').Split('\n');
            lines.Length.ShouldBe(3);
            var times = lines[1].Split(" --> ").Select(t => TimeSpan.ParseExact(t, @"hh\:mm\:ss\.fff", CultureInfo.InvariantCulture).TotalSeconds).ToArray();
            times[0].ShouldBe(timeline.Moves[i].Start, 0.001);
            times[1].ShouldBe(timeline.Moves[i].End, 0.001);
            lines[2].ShouldNotContain("<");
            if (reading.Counts[i] > 0) lines[2].ShouldStartWith($"{reading.Counts[i]}. ");
        }
        var note = text.Split("\n\n")[1];
        note.ShouldStartWith("NOTE ");
        note.ShouldNotContain("-->");
    }

    [Fact]
    public void The_table_of_times_is_read_back()
    {
        var reading = Samples.ReadingOf(Sample);
        var timeline = Timeline.Of(reading, Pace.Performance);
        using var table = CsvHelper.CsvReader.FromText(Timings.Csv(reading, timeline), CsvHelper.CsvReaderOptions.Default with { HasHeader = false });
        table.Read().ShouldBeTrue();
        for (var i = 0; table.Read(); i++)
        {
            double.Parse(table.GetString(2), CultureInfo.InvariantCulture).ShouldBe(timeline.Moves[i].Start, 0.001);
            double.Parse(table.GetString(5), CultureInfo.InvariantCulture).ShouldBe(timeline.Moves[i].End, 0.001);
        }
    }

    /// <summary>The sound is read back sample by sample: a click begins where each count does, and nowhere else is it as loud.</summary>
    [Fact]
    public void The_count_track_clicks_where_the_counts_begin()
    {
        var reading = Samples.ReadingOf(Sample);
        var timeline = Timeline.Of(reading, Pace.Class);
        using var wave = new BinaryReader(new MemoryStream(CountTrack.Wav(reading, timeline)));
        new string(wave.ReadChars(4)).ShouldBe("RIFF");
        var size = wave.ReadInt32();
        new string(wave.ReadChars(8)).ShouldBe("WAVEfmt ");
        wave.ReadInt32().ShouldBe(16);
        (wave.ReadInt16(), wave.ReadInt16(), wave.ReadInt32(), wave.ReadInt32(), wave.ReadInt16(), wave.ReadInt16()).ShouldBe(((short)1, (short)1, CountTrack.SampleRate, CountTrack.SampleRate * 2, (short)2, (short)16));
        new string(wave.ReadChars(4)).ShouldBe("data");
        var bytes = wave.ReadInt32();
        size.ShouldBe(36 + bytes);
        var samples = Enumerable.Range(0, bytes / 2).Select(_ => wave.ReadInt16()).ToArray();
        samples.Length.ShouldBeGreaterThan((int)((CountTrack.LeadIn + timeline.Total) * CountTrack.SampleRate));
        // Onsets: sound after at least a twentieth of a second of silence.
        var onsets = new List<double>();
        var silent = int.MaxValue / 2;
        for (var k = 0; k < samples.Length; k++)
        {
            if (Math.Abs((int)samples[k]) > 400)
            {
                if (silent > CountTrack.SampleRate / 20) onsets.Add(k / (double)CountTrack.SampleRate);
                silent = 0;
            }
            else silent++;
        }
        var begins = Enumerable.Range(0, Sample.Moves.Count).Where(i => reading.Counts[i] > 0 && Counts.BeginsAt(reading.Counts, i)).Select(i => CountTrack.LeadIn + timeline.Moves[i].Start);
        foreach (var begin in begins) onsets.ShouldContain(o => Math.Abs(o - begin) < 0.01, $"{begin:0.00} s of {string.Join(" ", onsets.Select(o => o.ToString("0.00")))}");
        onsets.Count.ShouldBeLessThanOrEqualTo(4 + Sample.Moves.Count + Sample.Moves.Count(m => m.Shout));
    }

    [Fact]
    public void Floor_and_figures_are_well_formed_pictures_in_true_scale()
    {
        var reading = Samples.ReadingOf(Sample);
        var floor = XDocument.Parse(FloorDrawing.Svg(reading));
        XNamespace svg = "http://www.w3.org/2000/svg";
        floor.Root!.Name.ShouldBe(svg + "svg");
        var box = floor.Root.Attribute("viewBox")!.Value.Split(' ').Select(v => double.Parse(v, CultureInfo.InvariantCulture)).ToArray();
        floor.Root.Attribute("width")!.Value.ShouldBe(box[2].ToString("0.#", CultureInfo.InvariantCulture) + "cm"); // one unit is one centimetre
        floor.Descendants(svg + "ellipse").Count().ShouldBeGreaterThan(4);
        floor.Descendants(svg + "text").Count(t => t.Value.EndsWith(" m", StringComparison.Ordinal)).ShouldBe(2);
        floor.Root.Element(svg + "title")!.Value.ShouldContain("Ford & <Weir>");

        var sheet = XDocument.Parse(FigureSheet.Svg(reading));
        sheet.Descendants(svg + "g").Count().ShouldBe(Sample.Moves.Count);
        sheet.Descendants(svg + "circle").Count().ShouldBeGreaterThanOrEqualTo(Sample.Moves.Count);
        foreach (var view in Enum.GetValues<FigureView>()) XDocument.Parse(FigureSheet.Svg(reading, view, 1, 2)).Descendants(svg + "g").Count().ShouldBe(2);
    }
}
