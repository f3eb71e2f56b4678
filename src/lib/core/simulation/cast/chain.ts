import type { BottomAt } from './bottom';
import type { LineSegment } from './lineSegment';
import type { Weight } from './weight';

/** Stiffness of the line, N: numerical, near to inextensible (docs/TANK.md). */
const STIFF_N = 2000;
/** Depth (m) around the surface over which a piece of line becomes wet. */
const SKIN_M = 0.05;
const PER_SKIN = 1 / (2 * SKIN_M);
/** Friction on the bottom (assumed), and the speed (m/s) under which it eases. */
const FRICTION = 0.3;
const CREEP_MPS = 0.02;
/** Numbers that are held of each node. */
const STRIDE = 11;
/** How deep the lure lies when it has landed, m. */
export const ENTRY_M = 0.02;

/**
 * A line as a chain of masses from the tip (node 0) to the lure (the last), on a mesh that line slides through as it is
 * wound in. One linearly implicit step at a time; x is the distance from the tip's neutral place, z the depth, m.
 *
 * The steps stand one after the other and write into the same arrays: thousands of them make a cast.
 */
export class Chain {
	readonly x: Float64Array;
	readonly z: Float64Array;
	/** Tension (N) of the first segment, at the tip, after the last step. */
	tipTensionN = 0;
	/** Whether the lure lay on the surface or the bottom after the last step. */
	contact: 'none' | 'surface' | 'bottom' = 'none';
	/** Length of line that is out, m. */
	lengthM: number;
	readonly #vx: Float64Array;
	readonly #vz: Float64Array;
	/**
	 * Figures of each node with the segment before it, `STRIDE` numbers: the segment's direction (two), tension and spring
	 * (three, symmetric), the inverse of the node's block (three, symmetric; the lure's is not inverted) and its
	 * right-hand side (two). Those of the tip are nought: it moves as it will.
	 */
	readonly #nodes: Float64Array;
	readonly #n: number;
	readonly #cord: LineSegment;
	readonly #weight: Weight;
	readonly #bedAt: BottomAt;
	readonly #tipM: number;

	constructor(cord: LineSegment, weight: Weight, bedAt: BottomAt, castM: number, tipM: number, segments: number) {
		this.#cord = cord;
		this.#weight = weight;
		this.#bedAt = bedAt;
		this.#tipM = tipM;
		this.#n = segments;
		const nodes = segments + 1;
		const share = (at: number): number => at / segments;
		this.x = Float64Array.from({ length: nodes }, (_, at) => castM * share(at));
		this.z = Float64Array.from({ length: nodes }, (_, at) => -tipM + (tipM + ENTRY_M) * share(at));
		this.lengthM = Math.hypot(castM, tipM + ENTRY_M);
		this.#vx = new Float64Array(nodes);
		this.#vz = new Float64Array(nodes);
		this.#nodes = new Float64Array(STRIDE * (nodes + 1));
	}

	/** Where the lure is, m: from the tip, and down. */
	get lureX(): number {
		return this.x[this.#n]!;
	}

	get lureZ(): number {
		return this.z[this.#n]!;
	}

	/** How fast the lure goes, m/s. */
	get lureMps(): number {
		return Math.hypot(this.#vx[this.#n]!, this.#vz[this.#n]!);
	}

	/** Straight distance from the tip to the lure, m. */
	get straightM(): number {
		return Math.hypot(this.x[this.#n]! - this.x[0]!, this.z[this.#n]! - this.z[0]!);
	}

	/**
	 * Goes on by a step.
	 *
	 * @param dt Seconds.
	 * @param outMps How fast line is wound in, m/s; below zero where it runs off.
	 * @param tipX @param tipZ Where the tip is at the end of the step, beside its neutral place, m.
	 */
	step(dt: number, outMps: number, tipX: number, tipZ: number): void {
		this.lengthM -= outMps * dt;
		const z0 = -this.#tipM + tipZ;
		const tipVx = (tipX - this.x[0]!) / dt;
		const tipVz = (z0 - this.z[0]!) / dt;
		this.#stretch(dt);
		this.#eliminate(dt, outMps, tipVx, tipVz);
		this.#solveLure(dt);
		this.#solveBack();
		this.x[0] = tipX;
		this.z[0] = z0;
		this.#move(dt);
		const length = this.lengthM / this.#n;
		const dx = this.x[1]! - tipX;
		const dz = this.z[1]! - z0;
		const first = Math.sqrt(dx * dx + dz * dz);
		this.tipTensionN = Math.max(0, (STIFF_N * (first - length)) / length);
	}

	/** Every node goes where its speed takes it; line lies on the bottom where it would go through. */
	#move(dt: number): void {
		const n = this.#n;
		const { x, z } = this;
		const vx = this.#vx;
		const vz = this.#vz;
		const bedAt = this.#bedAt;
		for (let i = 1; i <= n; i++) {
			x[i]! += vx[i]! * dt;
			z[i]! += vz[i]! * dt;
			if (i === n) break;
			const bedM = bedAt(x[i]!);
			if (z[i]! > bedM) z[i] = bedM;
		}
	}

	/** Directions, tensions and springs of all segments, by where they are now. */
	#stretch(dt: number): void {
		const n = this.#n;
		const xs = this.x;
		const zs = this.z;
		const nodes = this.#nodes;
		const length = this.lengthM / n;
		const stiff = STIFF_N / length;
		const along = dt * stiff;
		let x = xs[0]!;
		let z = zs[0]!;
		for (let at = STRIDE, i = 1; i <= n; i++, at += STRIDE) {
			const dx = xs[i]! - x;
			const dz = zs[i]! - z;
			x = xs[i]!;
			z = zs[i]!;
			const long = Math.sqrt(dx * dx + dz * dz) || 1e-9;
			const perLong = 1 / long;
			const ux = dx * perLong;
			const uz = dz * perLong;
			const pull = Math.max(0, stiff * (long - length));
			const across = dt * pull * perLong;
			const more = pull > 0 ? along - across : 0;
			nodes[at] = ux;
			nodes[at + 1] = uz;
			nodes[at + 2] = pull;
			// Along the segment and across it: across + (along - across) u u'.
			nodes[at + 3] = across + more * ux * ux;
			nodes[at + 4] = more * ux * uz;
			nodes[at + 5] = across + more * uz * uz;
		}
	}

	/**
	 * Goes through the nodes from the tip to the lure: makes the block of each (inertia, drag, weight, the pull of the
	 * segments on both sides), takes the one before out of it and inverts it, but for the lure's.
	 */
	#eliminate(dt: number, outMps: number, tipVx: number, tipVz: number): void {
		const { massKgM, waterKgM, weightNM, liftNM, tangential } = this.#cord;
		const { linear, root, creep, air } = this.#cord.across;
		const zs = this.z;
		const vxs = this.#vx;
		const vzs = this.#vz;
		const nodes = this.#nodes;
		const n = this.#n;
		const pieceM = this.lengthM / n;
		const perStep = 1 / dt;
		const perNode = outMps / n;
		// What the tip's own speed asks of the first node.
		let fx = nodes[STRIDE + 3]! * tipVx + nodes[STRIDE + 4]! * tipVz;
		let fz = nodes[STRIDE + 4]! * tipVx + nodes[STRIDE + 5]! * tipVz;
		for (let at = STRIDE, i = 1; i <= n; i++, at += STRIDE) {
			// Half a piece hangs on the lure, and beyond it there is no segment: its figures stay nought.
			const share = i < n ? pieceM : pieceM / 2;
			const vx = vxs[i]!;
			const vz = vzs[i]!;
			const sumX = nodes[at]! + nodes[at + STRIDE]!;
			const sumZ = nodes[at + 1]! + nodes[at + STRIDE + 1]!;
			const perLong = -1 / (Math.sqrt(sumX * sumX + sumZ * sumZ) || 1);
			const tx = sumX * perLong;
			const tz = sumZ * perLong;
			// Line slides past the node towards the tip as it is wound in.
			const slide = outMps - i * perNode;
			const wx = vx + tx * slide;
			const wz = vz + tz * slide;
			const across = Math.abs(wx * tz - wz * tx);
			const under = 0.5 + zs[i]! * PER_SKIN;
			const wet = under > 1 ? 1 : under > 0 ? under : 0;
			const cn = (wet * (linear * across + root * Math.sqrt(across) + creep) + (1 - wet) * air * across) * share;
			const ct = wet * tangential * Math.abs(wx * tx + wz * tz) * share;
			const inertia = (massKgM + wet * waterKgM) * share * perStep;
			// S D^-1, D being the block of the node before, and S the spring between: all symmetric.
			const sa = nodes[at + 3]!;
			const sb = nodes[at + 4]!;
			const sd = nodes[at + 5]!;
			const ia = nodes[at - STRIDE + 6]!;
			const ib = nodes[at - STRIDE + 7]!;
			const id = nodes[at - STRIDE + 8]!;
			const ma = sa * ia + sb * ib;
			const mb = sa * ib + sb * id;
			const mc = sb * ia + sd * ib;
			const md = sb * ib + sd * id;
			const px = nodes[at - STRIDE + 9]!;
			const pz = nodes[at - STRIDE + 10]!;
			const pull = nodes[at + 2]!;
			nodes[at + 6] = inertia + cn * tz * tz + ct * tx * tx + sa - ma * sa - mb * sb;
			nodes[at + 7] = (ct - cn) * tx * tz + sb - ma * sb - mb * sd;
			nodes[at + 8] = inertia + cn * tx * tx + ct * tz * tz + sd - mc * sb - md * sd;
			nodes[at + 9] = inertia * vx - ct * slide * tx - pull * nodes[at]! + ma * px + mb * pz + fx;
			nodes[at + 10] =
				inertia * vz +
				(weightNM - wet * liftNM) * share -
				ct * slide * tz -
				pull * nodes[at + 1]! +
				mc * px +
				md * pz +
				fz;
			fx = fz = 0;
			if (i < n) this.#invert(at);
		}
	}

	/** Adds the spring and pull of the segment after a node to its block, and inverts it. */
	#invert(at: number): void {
		const nodes = this.#nodes;
		const next = at + STRIDE;
		const a = nodes[at + 6]! + nodes[next + 3]!;
		const b = nodes[at + 7]! + nodes[next + 4]!;
		const d = nodes[at + 8]! + nodes[next + 5]!;
		const perDet = 1 / (a * d - b * b);
		nodes[at + 6] = d * perDet;
		nodes[at + 7] = -b * perDet;
		nodes[at + 8] = a * perDet;
		nodes[at + 9]! += nodes[next + 2]! * nodes[next]!;
		nodes[at + 10]! += nodes[next + 2]! * nodes[next + 1]!;
	}

	/**
	 * Puts the lure itself to the last node's block (its mass, drag, weight and lift, and what the bottom rubs) and solves
	 * it: on the surface or the bottom where it would go through.
	 */
	#solveLure(dt: number): void {
		const n = this.#n;
		const nodes = this.#nodes;
		const at = STRIDE * n;
		const { massKg, weightN, dragAt, liftAt } = this.#weight;
		const vx = this.#vx[n]!;
		const vz = this.#vz[n]!;
		const speed = Math.sqrt(vx * vx + vz * vz);
		const inertia = massKg / dt;
		const drag = dragAt(speed) * speed;
		const pressed = Math.max(0, weightN - nodes[at + 2]! * Math.max(0, nodes[at + 1]!));
		const rub = this.contact === 'bottom' ? (FRICTION * pressed) / (Math.abs(vx) + CREEP_MPS) : 0;
		const lifted = vx < 0 ? liftAt(speed) * vx * vx : 0;
		const a = nodes[at + 6]! + inertia + drag + rub;
		const b = nodes[at + 7]!;
		const d = nodes[at + 8]! + inertia + drag;
		const rx = nodes[at + 9]! + inertia * vx;
		const rz = nodes[at + 10]! + inertia * vz + weightN - lifted;
		const perDet = 1 / (a * d - b * b);
		const bedM = this.#bedAt(this.x[n]!);
		const free = (a * rz - b * rx) * perDet;
		const next = this.z[n]! + free * dt;
		this.contact = next < 0 ? 'surface' : next > bedM ? 'bottom' : 'none';
		if (this.contact === 'none') {
			this.#vx[n] = (d * rx - b * rz) * perDet;
			this.#vz[n] = free;
		} else {
			const held = ((next < 0 ? 0 : bedM) - this.z[n]!) / dt;
			this.#vx[n] = (rx - b * held) / a;
			this.#vz[n] = held;
		}
	}

	/** Speeds of the nodes of line, from the lure back to the tip. */
	#solveBack(): void {
		const vx = this.#vx;
		const vz = this.#vz;
		const nodes = this.#nodes;
		let nx = vx[this.#n]!;
		let nz = vz[this.#n]!;
		for (let i = this.#n - 1, at = STRIDE * i; i >= 1; i--, at -= STRIDE) {
			const next = at + STRIDE;
			const sb = nodes[next + 4]!;
			const rx = nodes[at + 9]! + nodes[next + 3]! * nx + sb * nz;
			const rz = nodes[at + 10]! + sb * nx + nodes[next + 5]! * nz;
			const ib = nodes[at + 7]!;
			nx = nodes[at + 6]! * rx + ib * rz;
			nz = ib * rx + nodes[at + 8]! * rz;
			vx[i] = nx;
			vz[i] = nz;
		}
	}
}
