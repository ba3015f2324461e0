using System.Text;
using TidyHeron.Core.Body;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using static TidyHeron.Formats.Exports.FigureDrawing;

namespace TidyHeron.Formats.Exports;

/// <summary>The floor of a form as SVG in true scale: one unit a centimetre, and the picture as large as the floor.</summary>
public static class FloorDrawing
{
    /// <summary>The floor of a whole form, or of one of its sections.</summary>
    public static string Svg(FormReading reading, int first = 0, int? lastMove = null)
    {
        var last = lastMove ?? reading.Form.Moves.Count - 1;
        var envelope = Envelope.Of(reading, first, last);
        const double margin = 40;
        var (minX, maxX, minY, maxY) = (envelope.Hull.MinX, envelope.Hull.MaxX, envelope.Hull.MinY, envelope.Hull.MaxY);
        var (width, depth) = (maxX - minX, maxY - minY);
        var svg = new StringBuilder();
        svg.Append(FormattableString.Invariant($"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{width + 2 * margin:0.#}cm\" height=\"{depth + 2 * margin:0.#}cm\" viewBox=\"{minX - margin:0.#} {-maxY - margin:0.#} {width + 2 * margin:0.#} {depth + 2 * margin:0.#}\">"));
        svg.Append("<title>").Append(Escape($"{reading.Form.Title}: floor from above, front at the top, {reading.Body.StatureCm:0} cm tall")).Append("</title>");
        svg.Append("<style>text{font:7px sans-serif;fill:#1d3d44}.star{stroke:#c9d2cc;stroke-width:.8}.path{fill:none;stroke:#7a6a2a;stroke-width:1;stroke-dasharray:4 3}.hull{fill:none;stroke:#8a5a1f;stroke-width:.8;stroke-dasharray:8 3}.left{fill:#fff;stroke:#0f5f66}.right{fill:#7a3d00;stroke:#7a3d00}.dim{stroke:#1d3d44;stroke-width:.7;fill:none}</style>");
        for (var degrees = 0; degrees < 360; degrees += 45)
        {
            var (x, y) = new Heading(degrees).Vector;
            var reach = Math.Max(width, depth);
            svg.Append($"<path class=\"star\" d=\"M0 0L{N(x * reach)} {N(-y * reach)}\"/>");
        }
        svg.Append($"<path class=\"hull\" d=\"M{string.Join("L", envelope.Hull.Corners.Select(c => $"{N(c.X)} {N(-c.Y)}"))}Z\"/>");
        var middles = Enumerable.Range(first - 1, last - first + 2).Select(i => (i < 0 ? reading.Walk.Start : reading.Walk.Postures[i]).Middle);
        svg.Append($"<path class=\"path\" d=\"M{string.Join("L", middles.Select(m => $"{N(m.X)} {N(-m.Y)}"))}\"/>");
        for (var i = first; i <= last; i++)
            foreach (var side in new[] { Side.Left, Side.Right })
                if (i == first || reading.Walk.Postures[i].FootOf(side) != reading.Walk.Postures[i - 1].FootOf(side))
                    Foot(side, reading.Walk.Postures[i].FootOf(side), reading.Counts[i]);
        Dimension(minX, maxX, -minY + margin * 0.5, across: true);
        Dimension(-maxY, -minY, maxX + margin * 0.5, across: false);
        return svg.Append("</svg>\n").ToString();

        void Foot(Side side, Foot foot, int count)
        {
            if (foot.Lifted) return;
            var (l, b) = (reading.Body.FootLengthCm, reading.Body.FootBreadthCm);
            svg.Append(FormattableString.Invariant($"<g transform=\"translate({foot.Place.X:0.#} {-foot.Place.Y:0.#}) rotate({foot.Heading.Degrees})\"><ellipse class=\"{side.Word}\" rx=\"{b / 2:0.#}\" ry=\"{l / 2:0.#}\" stroke-width=\".8\"/>"));
            svg.Append(FormattableString.Invariant($"<text transform=\"rotate({-foot.Heading.Degrees})\" text-anchor=\"middle\" dominant-baseline=\"central\"{(side == Side.Right ? " style=\"fill:#fff\"" : "")}>{(side == Side.Left ? "L" : "R")}{(count > 0 ? count.ToString() : "")}</text></g>"));
        }

        void Dimension(double from, double to, double at, bool across)
        {
            var (a, b) = across ? ($"{N(from)} {N(at)}", $"{N(to)} {N(at)}") : ($"{N(at)} {N(from)}", $"{N(at)} {N(to)}");
            svg.Append($"<path class=\"dim\" d=\"M{a}L{b}\"/>");
            var (x, y) = across ? ((from + to) / 2, at - 3) : (at + 3, (from + to) / 2);
            svg.Append(FormattableString.Invariant($"<text x=\"{x:0.#}\" y=\"{y:0.#}\"{(across ? " text-anchor=\"middle\"" : FormattableString.Invariant($" transform=\"rotate(90 {x:0.#} {y:0.#})\" text-anchor=\"middle\""))}>{(to - from) / 100:0.00} m</text>"));
        }
    }

    internal static string Escape(string text) => System.Security.SecurityElement.Escape(text);
}

/// <summary>The figures of a form as one SVG sheet, a row of counts to read like a line of text.</summary>
public static class FigureSheet
{
    private const double Cell = 230;

    /// <summary>The figures of a whole form, or of one of its sections.</summary>
    public static string Svg(FormReading reading, FigureView view = FigureView.ThreeQuarter, int first = 0, int? lastMove = null)
    {
        var last = lastMove ?? reading.Form.Moves.Count - 1;
        var scale = 165 / Math.Max(reading.Body.StatureCm, 1);
        // A few moves are drawn larger, to be read from a wall.
        var columns = last - first < 8 ? 4 : 6;
        var rows = (last - first + columns) / columns;
        var svg = new StringBuilder();
        svg.Append(FormattableString.Invariant($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {columns * Cell:0} {rows * Cell + 30:0}\"><title>{FloorDrawing.Escape(reading.Form.Title)}</title><style>{Style}text{{font:12px sans-serif;fill:#1d3d44}}.c{{font-size:20px;font-weight:bold}}</style>"));
        for (var i = first; i <= last; i++)
        {
            var move = reading.Form.Moves[i];
            var (x, y) = ((i - first) % columns * Cell, (i - first) / columns * Cell);
            var figure = reading.Figures.Moves[i].Telling(move);
            var facing = reading.Walk.Postures[i].Heading.Degrees;
            svg.Append(FormattableString.Invariant($"<g transform=\"translate({x + Cell / 2:0.#} {y + 185:0.#}) scale({scale:0.###})\">{Draw(figure, reading.Body, Camera.For(view, facing))}</g>"));
            svg.Append(FormattableString.Invariant($"<text class=\"c\" x=\"{x + 8:0.#}\" y=\"{y + 24:0.#}\">{(reading.Counts[i] > 0 ? reading.Counts[i].ToString() : "–")}{(move.Shout ? " !" : "")}</text>"));
            svg.Append(FormattableString.Invariant($"<text x=\"{x + Cell / 2:0.#}\" y=\"{y + 206:0.#}\" text-anchor=\"middle\">{FloorDrawing.Escape(reading.Ways.Vocabulary.Name(reading.Walk.Postures[i].Stance, reading.Ways.Tradition))}</text>"));
            svg.Append(FormattableString.Invariant($"<text x=\"{x + Cell / 2:0.#}\" y=\"{y + 221:0.#}\" text-anchor=\"middle\">{FloorDrawing.Escape(Hands(i))}</text>"));
        }
        return svg.Append("</svg>\n").ToString();

        string Hands(int i)
        {
            var names = reading.Walk.Postures[i].Hands.Take(2).Select(h => $"{(h.Hand == Hand.Left ? "L " : h.Hand == Hand.Right ? "R " : "")}{reading.Ways.Vocabulary.Name(h.Technique, reading.Ways.Tradition)}").ToList();
            if (reading.Form.Moves[i].Kick is { } kick) names.Insert(0, $"{(reading.Walk.Postures[i].KickingFoot == Side.Left ? "L " : "R ")}{reading.Ways.Vocabulary.Name(kick.Technique, reading.Ways.Tradition)}");
            return string.Join(", ", names);
        }
    }
}
