using Shouldly;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;
using TidyHeron.Core.Timing;
using TidyHeron.Formats.Exports;

namespace TidyHeron.Core.Tests.Timing;

public class CountVoiceTests
{
    private static readonly Form Sample = Samples.Say("One, step left, low block. Two, step, punch, shout. Three, step, punch, then punch.").Form;

    [Theory] // How the numbers are called in a hall: recalled from memory.
    [InlineData(Tradition.English, 21, "twenty one")]
    [InlineData(Tradition.Japanese, 8, "hachi")]
    [InlineData(Tradition.Japanese, 27, "ni ju shichi")]
    [InlineData(Tradition.Korean, 5, "daseot")]
    [InlineData(Tradition.Korean, 20, "seumul")]
    [InlineData(Tradition.Chinese, 36, "san shi liu")]
    [InlineData(Tradition.Chinese, 101, "101")]
    public void Numbers_have_words(Tradition tradition, int number, string words) => CountWords.Of(tradition, number).ShouldBe(words);

    [Fact]
    public void No_two_numbers_are_called_alike()
    {
        foreach (var tradition in Enum.GetValues<Tradition>())
            Enumerable.Range(1, CountWords.Highest).Select(n => CountWords.Of(tradition, n)).Distinct().Count().ShouldBe(CountWords.Highest);
    }

    /// <summary>What ./start and ./test speak before they build.</summary>
    [Fact]
    public void Every_number_ships_as_sound_in_every_tradition()
    {
        foreach (var tradition in Enum.GetValues<Tradition>())
        {
            var voice = CountVoice.Of(tradition).ShouldNotBeNull($"no sound for {tradition}: ./test makes it (scripts/voices.mjs)");
            var numbers = Enumerable.Range(1, CountWords.Highest).Select(n => voice.Number(n).ShouldNotBeNull($"{tradition} {n}")).ToArray();
            foreach (var sound in numbers) (sound.Length / (double)CountTrack.SampleRate).ShouldBeInRange(0.1, 1.8);
            numbers.Select(s => s.Length + 31L * s.Sum(v => (long)v)).Distinct().Count().ShouldBe(CountWords.Highest);
        }
    }

    [Fact]
    public void The_number_sounds_where_its_count_begins_and_gives_way_to_the_next()
    {
        var reading = Samples.ReadingOf(Sample);
        var timeline = Timeline.Of(reading, Pace.Class);
        // A voice of constant pressures, long enough to run into the next count; it does not know "three".
        var voice = new CountVoice(n => n == 3 ? null : TestWave.Of([.. new short[500], .. Enumerable.Repeat((short)(1000 * n), 5 * CountTrack.SampleRate)]));
        var samples = TestWave.Samples(CountTrack.Wav(reading, timeline, voice));
        int At(double seconds) => (int)((CountTrack.LeadIn + seconds) * CountTrack.SampleRate);
        var begins = Enumerable.Range(0, 3).Select(k => timeline.Moves[Array.IndexOf([.. reading.Counts], k + 1)].Start).ToArray();
        samples[At(begins[0]) + 5].ShouldBe((short)1000);
        samples[At(begins[1]) - 5].ShouldBeLessThan((short)100);
        samples[At(begins[1]) + 5].ShouldBe((short)2000);
        // The shout comes over the voice where the technique lands; the number that is not known is clicked.
        var shout = Array.FindIndex([.. reading.Form.Moves], m => m.Shout);
        samples[At(timeline.Moves[shout].Start + timeline.Moves[shout].Moving)..][..2000].Max().ShouldBeGreaterThan((short)20_000);
        samples[At(begins[2])..][..1500].Max().ShouldBeGreaterThan((short)10_000);
    }

    [Fact]
    public void A_file_of_another_kind_is_no_voice()
    {
        foreach (var file in new byte[][] { [], [1, 2, 3], new byte[100], TestWave.Of([1, 2, 3], rate: 8000) })
            new CountVoice(_ => file).Number(1).ShouldBeNull();
    }
}

/// <summary>WAV files written and read for tests, apart from the code under test.</summary>
internal static class TestWave
{
    public static byte[] Of(short[] samples, int rate = CountTrack.SampleRate)
    {
        using var bytes = new MemoryStream();
        using var wave = new BinaryWriter(bytes);
        wave.Write("RIFF"u8);
        wave.Write(36 + samples.Length * 2);
        wave.Write("WAVEfmt "u8);
        foreach (var part in new[] { 16, 1 | 1 << 16, rate, rate * 2, 2 | 16 << 16 }) wave.Write(part);
        wave.Write("data"u8);
        wave.Write(samples.Length * 2);
        foreach (var sample in samples) wave.Write(sample);
        return bytes.ToArray();
    }

    public static short[] Samples(byte[] file)
    {
        var samples = new short[(file.Length - 44) / 2];
        Buffer.BlockCopy(file, 44, samples, 0, samples.Length * 2);
        return samples;
    }
}
