using TidyHeron.Core.Body; using TidyHeron.Core.Figures; using TidyHeron.Core.Readings; using TidyHeron.Formats.Exports;
namespace TidyHeron.Core.Tests;
public class TrialTests
{
    [Fact]
    public void Trial()
    {
        var svg = new System.Text.StringBuilder("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1280 800' style='background:#fff'><style>" + FigureDrawing.Style + "text{font:11px sans-serif}</style>");
        var k = 0;
        foreach (var text in File.ReadAllText("/tmp/figs.txt").Split("---"))
        {
            var r = Samples.ReadingOf(text);
            var f = FigureReading.Of(r);
            for (var i = 0; i < r.Form.Moves.Count; i++)
            {
                foreach (var fig in f.Moves[i].Kick is { } kick ? new[] { kick, f.Moves[i].End } : new[] { f.Moves[i].End })
                {
                    var x = 90 + k % 7 * 180; var y = 190 + k / 7 * 200; k++;
                    svg.Append($"<g transform='translate({x} {y}) scale(0.95)'>{FigureDrawing.Draw(fig, r.Body, Camera.For(Enum.Parse<FigureView>(Environment.GetEnvironmentVariable("VIEW") ?? "ThreeQuarter"), r.Walk.Postures[i].Heading.Degrees))}</g><text x='{x-58}' y='{y+18}'>{r.Walk.Postures[i].Stance} {string.Join(",", r.Walk.Postures[i].Hands.Select(h => h.Hand.ToString()![0] + h.Technique.Value))}</text>");
                    if (fig.Missed.Cm > 1) svg.Append($"<text x='{x-50}' y='{y-140}' fill='red'>{fig.Missed.What} {fig.Missed.Cm:0}</text>");
                }
            }
        }
        File.WriteAllText("/tmp/figs.svg", svg + "</svg>");
    }
}
