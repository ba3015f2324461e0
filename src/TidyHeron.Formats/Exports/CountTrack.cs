using System.Text;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Core.Timing;

namespace TidyHeron.Formats.Exports;

/// <summary>
/// The caller as sound: where each count begins a click, or its number aloud; a softer click for what follows on the same
/// count, two high tones for a shout. RIFF WAVE, 16-bit PCM, one channel.
/// </summary>
public static class CountTrack
{
    public const int SampleRate = 22_050;

    /// <summary>Seconds of four clicks to come in on, before the first move.</summary>
    public const double LeadIn = 4;

    /// <summary>The track of a form.</summary>
    /// <param name="reading">The form.</param>
    /// <param name="timeline">Its times.</param>
    /// <param name="voice">What calls the numbers; none for clicks alone. A number it does not know is clicked.</param>
    public static byte[] Wav(FormReading reading, Timeline timeline, CountVoice? voice = null)
    {
        var samples = new short[(int)Math.Ceiling((LeadIn + timeline.Total + 1) * SampleRate)];
        for (var k = 0; k < 4; k++) Click(k * LeadIn / 4, 440, 0.05, 0.35);
        var begins = Enumerable.Range(0, timeline.Moves.Count).Where(i => reading.Counts[i] > 0 && Counts.BeginsAt(reading.Counts, i)).ToHashSet();
        for (var i = 0; i < timeline.Moves.Count; i++)
        {
            var at = LeadIn + timeline.Moves[i].Start;
            var spoken = begins.Contains(i) ? voice?.Number(reading.Counts[i]) : null;
            if (spoken is not null)
            {
                // A number that is longer than its count gives way to the next one.
                var next = begins.Where(b => b > i).Select(b => timeline.Moves[b].Start).DefaultIfEmpty(double.MaxValue).Min();
                Speak(at, spoken, until: LeadIn + next);
            }
            if (reading.Form.Moves[i].Shout)
            {
                // Over the voice the shout comes where the technique lands.
                var shout = spoken is null ? at : at + timeline.Moves[i].Moving;
                Click(shout, 1320, 0.07, 0.8);
                Click(shout + 0.11, 1760, 0.12, 0.8);
            }
            else if (spoken is null) Click(at, begins.Contains(i) ? 880 : 587, begins.Contains(i) ? 0.07 : 0.04, begins.Contains(i) ? 0.7 : 0.3);
        }
        return Wave.Write(samples, SampleRate);

        void Add(int at, double value)
        {
            if (at >= 0 && at < samples.Length) samples[at] = (short)Math.Clamp(samples[at] + value, short.MinValue, short.MaxValue);
        }

        void Speak(double at, short[] number, double until)
        {
            var first = (int)(at * SampleRate);
            var length = (int)Math.Min(number.Length, Math.Max(0, (until - at) * SampleRate));
            var fade = SampleRate / 100;
            for (var k = 0; k < length; k++) Add(first + k, number[k] * Math.Min(1, (length - k) / (double)fade));
        }

        void Click(double at, double hertz, double seconds, double loudness)
        {
            var first = (int)(at * SampleRate);
            var length = (int)(seconds * SampleRate);
            for (var k = 0; k < length; k++)
            {
                // Struck and fading, so that it neither pops nor hums.
                var shape = Math.Min(1, k / (0.002 * SampleRate)) * Math.Exp(-5.0 * k / length);
                Add(first + k, Math.Sin(2 * Math.PI * hertz * k / SampleRate) * shape * loudness * short.MaxValue);
            }
        }
    }
}

/// <summary>RIFF WAVE with 16-bit PCM in one channel.</summary>
internal static class Wave
{
    public static byte[] Write(short[] samples, int rate)
    {
        using var bytes = new MemoryStream();
        using var wave = new BinaryWriter(bytes, Encoding.ASCII);
        var size = samples.Length * 2;
        wave.Write("RIFF"u8);
        wave.Write(36 + size);
        wave.Write("WAVEfmt "u8);
        wave.Write(16);
        wave.Write((short)1);
        wave.Write((short)1);
        wave.Write(rate);
        wave.Write(rate * 2);
        wave.Write((short)2);
        wave.Write((short)16);
        wave.Write("data"u8);
        wave.Write(size);
        foreach (var sample in samples) wave.Write(sample);
        wave.Flush();
        return bytes.ToArray();
    }

    /// <summary>The samples of a file of the given rate; none if it is of another kind.</summary>
    public static short[]? Read(byte[] file, int rate)
    {
        if (file.Length < 44 || !file.AsSpan(0, 4).SequenceEqual("RIFF"u8) || !file.AsSpan(8, 4).SequenceEqual("WAVE"u8)) return null;
        var right = false;
        for (var at = 12; at + 8 <= file.Length;)
        {
            var name = file.AsSpan(at, 4);
            var size = Math.Clamp(BitConverter.ToInt32(file, at + 4), 0, file.Length - at - 8);
            if (name.SequenceEqual("fmt "u8) && size >= 16)
                right = BitConverter.ToInt16(file, at + 8) == 1 && BitConverter.ToInt16(file, at + 10) == 1 && BitConverter.ToInt32(file, at + 12) == rate && BitConverter.ToInt16(file, at + 22) == 16;
            else if (name.SequenceEqual("data"u8))
            {
                if (!right) return null;
                var samples = new short[size / 2];
                Buffer.BlockCopy(file, at + 8, samples, 0, samples.Length * 2);
                return samples;
            }
            at += 8 + size + size % 2; // chunks begin at even places
        }
        return null;
    }
}
