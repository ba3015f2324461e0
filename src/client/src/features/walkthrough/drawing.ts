import type { Part, View } from "./types";

/** Names of joints to their place in a frame. */
export type JointIndex = ReadonlyMap<string, number>;

interface Look {
  x: number;
  y: number;
  depth: number;
}

/** How a point in the hall (millimetres) is seen: to the right, down, and how far away. */
function see(view: View, x: number, y: number, z: number): Look {
  switch (view) {
    case "behind":
      // A little from above, so that the floor can be read.
      return { x, y: -z * 0.97 - y * 0.24, depth: y };
    case "mirrored":
      return { x, y: -z * 0.97 + y * 0.24, depth: -y };
    case "facing":
      return { x: -x, y: -z * 0.97 + y * 0.24, depth: -y };
    case "side":
      return { x: y, y: -z * 0.97 + x * 0.24, depth: -x };
    case "quarter": {
      // From in front and an eighth of a turn to the performer's right.
      const [right, away] = [(-x + y) * Math.SQRT1_2, (-x - y) * Math.SQRT1_2];
      return { x: right, y: -z * 0.97 - away * 0.24, depth: away };
    }
    case "above":
      return { x, y: -y, depth: -z };
  }
}

export interface Scene {
  view: View;
  part: Part;
  joints: JointIndex;
  frame: ArrayLike<number>;
  /** Stature in millimetres. */
  height: number;
  /** Middle of what is to be in the picture, and its half width and half height as it is seen, in millimetres. */
  centre: { x: number; y: number };
  half: { across: number; upright: number };
  /** Footprints of this moment: place, heading of the toes. */
  trail: ArrayLike<number>;
  colours: Colours;
}

export interface Colours {
  ink: string;
  sheet: string;
  line: string;
  left: string;
  right: string;
  reed: string;
  weapon: string;
}

/** The colours of the present theme. */
export function coloursOf(element: Element): Colours {
  const style = getComputedStyle(element);
  // light-dark() values come resolved only from a real property.
  const probe = document.createElement("span");
  element.append(probe);
  const read = (name: string) => {
    probe.style.color = `var(${name})`;
    return getComputedStyle(probe).color || style.color;
  };
  const colours = {
    ink: read("--ink"),
    sheet: read("--sheet"),
    line: read("--line"),
    left: read("--left"),
    right: read("--right"),
    reed: read("--reed"),
    weapon: read("--band-4"),
  };
  probe.remove();
  return colours;
}

/** Draws one moment. The left limbs are outlined and the right ones filled, as the footprints are. */
export function draw(canvas: CanvasRenderingContext2D, width: number, height: number, scene: Scene) {
  const { view, joints, frame, colours } = scene;
  const at = (name: string): [number, number, number] => {
    const k = (joints.get(name) ?? 0) * 3;
    return [frame[k] ?? 0, frame[k + 1] ?? 0, frame[k + 2] ?? 0];
  };
  const scale = Math.min(width / (2 * scene.half.across), height / (2 * scene.half.upright));
  const middle = see(view, scene.centre.x, scene.centre.y, view === "above" ? 0 : scene.height * 0.52);
  const place = (p: [number, number, number]) => {
    const seen = see(view, ...p);
    return {
      x: width / 2 + (seen.x - middle.x) * scale,
      y: height / 2 + (seen.y - middle.y) * scale,
      depth: seen.depth,
    };
  };
  canvas.clearRect(0, 0, width, height);
  canvas.lineCap = "round";
  canvas.lineJoin = "round";
  floor(canvas, scene, place);

  const strokes: { depth: number; paint: () => void }[] = [];
  const h = scene.height * scale;
  const line = (side: "left" | "right" | "body", thick: number, ...names: [number, number, number][]) => {
    const points = names.map(place);
    const depth = points.reduce((sum, p) => sum + p.depth, 0) / points.length;
    const path = () => {
      canvas.beginPath();
      points.forEach((p, k) => {
        if (k === 0) canvas.moveTo(p.x, p.y);
        else canvas.lineTo(p.x, p.y);
      });
    };
    strokes.push({
      depth,
      paint: () => {
        path();
        canvas.lineWidth = thick * h;
        canvas.strokeStyle = side === "left" ? colours.left : side === "right" ? colours.right : colours.ink;
        canvas.stroke();
        if (side === "left") {
          path();
          canvas.lineWidth = Math.max(1, thick * h - Math.max(2, 0.016 * h));
          canvas.strokeStyle = colours.sheet;
          canvas.stroke();
        }
      },
    });
  };
  const mix = (a: [number, number, number], b: [number, number, number], t: number): [number, number, number] => [
    a[0] + (b[0] - a[0]) * t,
    a[1] + (b[1] - a[1]) * t,
    a[2] + (b[2] - a[2]) * t,
  ];
  for (const side of ["left", "right"] as const) {
    if (scene.part !== "hands") {
      line(side, 0.062, at(`${side}Hip`), at(`${side}Knee`));
      line(side, 0.05, at(`${side}Knee`), at(`${side}Ankle`));
      line(side, 0.036, at(`${side}Heel`), at(`${side}Toes`));
    }
    if (scene.part !== "feet") {
      line(side, 0.044, at(`${side}Shoulder`), at(`${side}Elbow`));
      line(side, 0.036, at(`${side}Elbow`), at(`${side}Wrist`));
      // A fist is short and thick, an open hand long and thin.
      const [wrist, fingers] = [at(`${side}Wrist`), at(`${side}Fingers`)];
      const long =
        Math.hypot(fingers[0] - wrist[0], fingers[1] - wrist[1], fingers[2] - wrist[2]) > 0.086 * scene.height;
      line(side, long ? 0.028 : 0.048, wrist, long ? fingers : mix(wrist, fingers, 0.85));
    }
  }
  const trunk = [at("leftShoulder"), at("rightShoulder"), at("rightHip"), at("leftHip")].map(place);
  const trunkDepth = trunk.reduce((sum, p) => sum + p.depth, 0) / 4;
  strokes.push({
    depth: trunkDepth,
    paint: () => {
      canvas.beginPath();
      trunk.forEach((p, k) => {
        if (k === 0) canvas.moveTo(p.x, p.y);
        else canvas.lineTo(p.x, p.y);
      });
      canvas.closePath();
      canvas.strokeStyle = colours.ink;
      canvas.lineWidth = 0.07 * h;
      canvas.stroke();
      canvas.strokeStyle = colours.sheet;
      canvas.fillStyle = colours.sheet;
      canvas.lineWidth = 0.055 * h;
      canvas.stroke();
      canvas.fill();
      const [left, right] = [
        place(mix(at("leftHip"), at("leftShoulder"), 0.16)),
        place(mix(at("rightHip"), at("rightShoulder"), 0.16)),
      ];
      canvas.beginPath();
      canvas.moveTo(left.x, left.y);
      canvas.lineTo(right.x, right.y);
      canvas.strokeStyle = colours.reed;
      canvas.lineWidth = 0.02 * h;
      canvas.stroke();
    },
  });
  const skull = mix(at("neck"), at("headTop"), 0.62);
  const [neck, head, eyes] = [place(at("neck")), place(skull), place(at("eyes"))];
  strokes.push({
    depth: head.depth,
    paint: () => {
      canvas.strokeStyle = colours.ink;
      canvas.lineWidth = 0.035 * h;
      canvas.beginPath();
      canvas.moveTo(neck.x, neck.y);
      canvas.lineTo(head.x, head.y);
      canvas.stroke();
      canvas.beginPath();
      canvas.arc(head.x, head.y, 0.062 * h, 0, Math.PI * 2);
      canvas.fillStyle = colours.sheet;
      canvas.fill();
      canvas.lineWidth = 0.012 * h;
      canvas.stroke();
      // Where the eyes look, only where it can be seen; the back of the head is dark.
      if (eyes.depth <= head.depth + 0.02 * scene.height) {
        canvas.beginPath();
        canvas.arc(head.x + (eyes.x - head.x) * 0.85, head.y + (eyes.y - head.y) * 0.85, 0.017 * h, 0, Math.PI * 2);
        canvas.fillStyle = colours.ink;
        canvas.fill();
      } else {
        canvas.beginPath();
        canvas.arc(head.x, head.y, 0.045 * h, 0, Math.PI * 2);
        canvas.fillStyle = colours.ink;
        canvas.globalAlpha = 0.35;
        canvas.fill();
        canvas.globalAlpha = 1;
      }
    },
  });
  const hasWeapon = joints.has("weaponTip") && frame.length > (joints.get("weaponTip") ?? 0) * 3;
  if (hasWeapon && scene.part !== "feet") {
    const [tip, butt] = [at("weaponTip"), at("weaponButt")];
    // In pieces, so that a part may lie before the body and another behind it.
    for (let k = 0; k < 6; k++) {
      const [a, b] = [place(mix(butt, tip, k / 6)), place(mix(butt, tip, (k + 1) / 6))];
      strokes.push({
        depth: (a.depth + b.depth) / 2 - 0.03 * scene.height,
        paint: () => {
          canvas.beginPath();
          canvas.moveTo(a.x, a.y);
          canvas.lineTo(b.x, b.y);
          canvas.strokeStyle = colours.weapon;
          canvas.lineWidth = Math.max(2, 0.02 * h);
          canvas.stroke();
        },
      });
    }
  }
  for (const stroke of strokes.sort((a, b) => b.depth - a.depth)) stroke.paint();
}

/** The star on the floor, the way of the middle, and the ground under the feet. */
function floor(
  canvas: CanvasRenderingContext2D,
  scene: Scene,
  place: (p: [number, number, number]) => { x: number; y: number },
) {
  const { colours, trail } = scene;
  canvas.strokeStyle = colours.line;
  canvas.lineWidth = 1.5;
  const reach = 4000;
  for (let degrees = 0; degrees < 180; degrees += 45) {
    const [x, y] = [Math.sin((degrees * Math.PI) / 180) * reach, Math.cos((degrees * Math.PI) / 180) * reach];
    const [a, b] = [place([-x, -y, 0]), place([x, y, 0])];
    canvas.beginPath();
    canvas.moveTo(a.x, a.y);
    canvas.lineTo(b.x, b.y);
    canvas.stroke();
  }
  if (trail.length < 4) return;
  canvas.strokeStyle = colours.reed;
  canvas.setLineDash([6, 5]);
  canvas.beginPath();
  for (let k = 0; k < trail.length; k += 2) {
    const p = place([trail[k] ?? 0, trail[k + 1] ?? 0, 0]);
    if (k === 0) canvas.moveTo(p.x, p.y);
    else canvas.lineTo(p.x, p.y);
  }
  canvas.stroke();
  canvas.setLineDash([]);
}
