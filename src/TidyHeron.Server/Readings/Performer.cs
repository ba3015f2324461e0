using TidyHeron.Core.Body;
using TidyHeron.Server.Infrastructure;

namespace TidyHeron.Server.Readings;

/// <summary>Parts measured with a tape, in centimetres; what is left out follows from the height.</summary>
public sealed record MeasuredRequest(double? ShoulderCm = null, double? FootCm = null, double? ArmCm = null, double? LegCm = null);

/// <summary>The body that a request is about.</summary>
internal static class Performer
{
    public static BodyMeasures Of(double heightCm, MeasuredRequest? measured = null)
    {
        new Validation().Check("heightCm", heightCm is >= BodyMeasures.LeastStatureCm and <= BodyMeasures.GreatestStatureCm, "Give a height from 80 to 230 cm.").Throw();
        try
        {
            return new BodyMeasures(heightCm, measured is { } m ? new MeasuredParts(m.ShoulderCm, m.FootCm, m.ArmCm, m.LegCm) : null);
        }
        catch (ArgumentOutOfRangeException wrong)
        {
            new Validation().Check($"measured.{wrong.ParamName}", false, wrong.Message.Split(" (Parameter")[0]).Throw();
            throw;
        }
    }
}
