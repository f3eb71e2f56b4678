import type { BedAt } from './bed';
import { acrossDrag, type Cord } from './cord';
import type { Weight } from './weight';

/** Stiffness of the line, N: numerical, near to inextensible (running model, section 2). */
const STIFF_N = 2000;
/** Depth (m) around the surface over which a piece of line becomes wet. */
const SKIN_M = 0.05;
/** Friction on the bottom (assumed), and the speed (m/s) under which it eases. */
const FRICTION = 0.3;
const CREEP_MPS = 0.02;
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
	/** Blocks of the elimination: inverse of each diagonal block (three numbers, symmetric) and right-hand side. */
	readonly #inverse: Float64Array;
	readonly #right: Float64Array;
	/** Segments: direction, tension, and the block S (three numbers). */
	readonly #ux: Float64Array;
	readonly #uz: Float64Array;
	readonly #tension: Float64Array;
	readonly #spring: Float64Array;
	/** The block at hand: three numbers of its matrix, two of its right-hand side. */
	readonly #node = new Float64Array(5);
	readonly #n: number;
	readonly #cord: Cord;
	readonly #weight: Weight;
	readonly #bedAt: BedAt;
	readonly #tipM: number;

	constructor(cord: Cord, weight: Weight, bedAt: BedAt, castM: number, tipM: number, segments: number) {
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
		this.#inverse = new Float64Array(3 * nodes);
		this.#right = new Float64Array(2 * nodes);
		this.#ux = new Float64Array(nodes);
		this.#uz = new Float64Array(nodes);
		this.#tension = new Float64Array(nodes);
		this.#spring = new Float64Array(3 * nodes);
	}

	/** Where the lure is, m, and how fast it goes, m/s. */
	get lure(): { readonly xM: number; readonly zM: number; readonly speedMps: number } {
		const n = this.#n;
		return { xM: this.x[n]!, zM: this.z[n]!, speedMps: Math.hypot(this.#vx[n]!, this.#vz[n]!) };
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
		for (let i = 1; i <= this.#n; i++) this.#eliminate(i, dt, outMps, tipVx, tipVz);
		this.#solveLure(dt);
		this.#solveBack();
		this.x[0] = tipX;
		this.z[0] = z0;
		for (let i = 1; i <= this.#n; i++) {
			this.x[i]! += this.#vx[i]! * dt;
			this.z[i]! += this.#vz[i]! * dt;
			if (i < this.#n) this.z[i] = Math.min(this.z[i]!, this.#bedAt(this.x[i]!));
		}
		const length = this.lengthM / this.#n;
		const first = Math.hypot(this.x[1]! - tipX, this.z[1]! - z0);
		this.tipTensionN = Math.max(0, (STIFF_N * (first - length)) / length);
	}

	/** Directions, tensions and springs of all segments, by where they are now. */
	#stretch(dt: number): void {
		const length = this.lengthM / this.#n;
		for (let j = 1; j <= this.#n; j++) {
			const dx = this.x[j]! - this.x[j - 1]!;
			const dz = this.z[j]! - this.z[j - 1]!;
			const long = Math.hypot(dx, dz) || 1e-9;
			const ux = dx / long;
			const uz = dz / long;
			const tension = Math.max(0, (STIFF_N * (long - length)) / length);
			const along = tension > 0 ? (dt * STIFF_N) / length : 0;
			const across = (dt * tension) / long;
			this.#ux[j] = ux;
			this.#uz[j] = uz;
			this.#tension[j] = tension;
			this.#spring[3 * j] = along * ux * ux + across * uz * uz;
			this.#spring[3 * j + 1] = (along - across) * ux * uz;
			this.#spring[3 * j + 2] = along * uz * uz + across * ux * ux;
		}
	}

	/** The block of a node by itself: inertia, drag, weight, and the pull of the segments at its sides; into `#node`. */
	#makeBlock(i: number, dt: number, outMps: number): void {
		const n = this.#n;
		const last = i === n;
		const { massKgM, waterKgM, weightNM, liftNM, tangential } = this.#cord;
		const share = (this.lengthM / n) * (last ? 0.5 : 1);
		const vx = this.#vx[i]!;
		const vz = this.#vz[i]!;
		let tx = -(this.#ux[i]! + (last ? 0 : this.#ux[i + 1]!));
		let tz = -(this.#uz[i]! + (last ? 0 : this.#uz[i + 1]!));
		const long = Math.hypot(tx, tz) || 1;
		tx /= long;
		tz /= long;
		// Line slides past the node towards the tip as it is wound in.
		const slide = (1 - i / n) * outMps;
		const wx = vx + tx * slide;
		const wz = vz + tz * slide;
		const along = wx * tx + wz * tz;
		const across = Math.abs(wx * tz - wz * tx);
		const wet = Math.min(1, Math.max(0, 0.5 + this.z[i]! / (2 * SKIN_M)));
		const cn = acrossDrag(this.#cord, across, wet) * share;
		const ct = wet * tangential * Math.abs(along) * share;
		let mass = (massKgM + wet * waterKgM) * share;
		const fx = -ct * slide * tx;
		let fz = (weightNM - wet * liftNM) * share - ct * slide * tz;
		let c0 = 0;
		let rub = 0;
		if (last) {
			const speed = Math.hypot(vx, vz);
			mass += this.#weight.massKg;
			c0 = this.#weight.dragAt(speed) * speed;
			fz += this.#weight.weightN - (vx < 0 ? this.#weight.liftAt(speed) * vx * vx : 0);
			if (this.contact === 'bottom') {
				const pressed = Math.max(0, this.#weight.weightN - this.#tension[n]! * Math.max(0, this.#uz[n]!));
				rub = (FRICTION * pressed) / (Math.abs(vx) + CREEP_MPS);
			}
		}
		const inertia = mass / dt;
		const s = 3 * i;
		let a = inertia + c0 + rub + cn * tz * tz + ct * tx * tx + this.#spring[s]!;
		let b = (ct - cn) * tx * tz + this.#spring[s + 1]!;
		let d = inertia + c0 + cn * tx * tx + ct * tz * tz + this.#spring[s + 2]!;
		let rx = inertia * vx + fx - this.#tension[i]! * this.#ux[i]!;
		let rz = inertia * vz + fz - this.#tension[i]! * this.#uz[i]!;
		if (!last) {
			a += this.#spring[s + 3]!;
			b += this.#spring[s + 4]!;
			d += this.#spring[s + 5]!;
			rx += this.#tension[i + 1]! * this.#ux[i + 1]!;
			rz += this.#tension[i + 1]! * this.#uz[i + 1]!;
		}
		const node = this.#node;
		node[0] = a;
		node[1] = b;
		node[2] = d;
		node[3] = rx;
		node[4] = rz;
	}

	/** Makes the block of a node and takes the one before it out; inverts it, but for the lure's. */
	#eliminate(i: number, dt: number, outMps: number, tipVx: number, tipVz: number): void {
		this.#makeBlock(i, dt, outMps);
		const node = this.#node;
		let a = node[0]!;
		let b = node[1]!;
		let d = node[2]!;
		let rx = node[3]!;
		let rz = node[4]!;
		const s = 3 * i;
		const sa = this.#spring[s]!;
		const sb = this.#spring[s + 1]!;
		const sd = this.#spring[s + 2]!;
		if (i === 1) {
			rx += sa * tipVx + sb * tipVz;
			rz += sb * tipVx + sd * tipVz;
		} else {
			// S D^-1 S and S D^-1 r of the node before, all symmetric.
			const p = s - 3;
			const ia = this.#inverse[p]!;
			const ib = this.#inverse[p + 1]!;
			const id = this.#inverse[p + 2]!;
			const ma = sa * ia + sb * ib;
			const mb = sa * ib + sb * id;
			const mc = sb * ia + sd * ib;
			const md = sb * ib + sd * id;
			a -= ma * sa + mb * sb;
			b -= ma * sb + mb * sd;
			d -= mc * sb + md * sd;
			const px = this.#right[2 * i - 2]!;
			const pz = this.#right[2 * i - 1]!;
			rx += ma * px + mb * pz;
			rz += mc * px + md * pz;
		}
		this.#right[2 * i] = rx;
		this.#right[2 * i + 1] = rz;
		if (i === this.#n) {
			this.#inverse[s] = a;
			this.#inverse[s + 1] = b;
			this.#inverse[s + 2] = d;
			return;
		}
		const det = a * d - b * b;
		this.#inverse[s] = d / det;
		this.#inverse[s + 1] = -b / det;
		this.#inverse[s + 2] = a / det;
	}

	/** Solves the lure's own block, on the surface or the bottom where it would go through. */
	#solveLure(dt: number): void {
		const n = this.#n;
		const [a, b, d] = [this.#inverse[3 * n]!, this.#inverse[3 * n + 1]!, this.#inverse[3 * n + 2]!];
		const [rx, rz] = [this.#right[2 * n]!, this.#right[2 * n + 1]!];
		const det = a * d - b * b;
		let vx = (d * rx - b * rz) / det;
		let vz = (a * rz - b * rx) / det;
		const bedM = this.#bedAt(this.x[n]!);
		const next = this.z[n]! + vz * dt;
		this.contact = next < 0 ? 'surface' : next > bedM ? 'bottom' : 'none';
		if (this.contact !== 'none') {
			vz = ((next < 0 ? 0 : bedM) - this.z[n]!) / dt;
			vx = (rx - b * vz) / a;
		}
		this.#vx[n] = vx;
		this.#vz[n] = vz;
	}

	#solveBack(): void {
		for (let i = this.#n - 1; i >= 1; i--) {
			const s = 3 * i;
			const sa = this.#spring[s + 3]!;
			const sb = this.#spring[s + 4]!;
			const sd = this.#spring[s + 5]!;
			const nx = this.#vx[i + 1]!;
			const nz = this.#vz[i + 1]!;
			const rx = this.#right[2 * i]! + sa * nx + sb * nz;
			const rz = this.#right[2 * i + 1]! + sb * nx + sd * nz;
			const ia = this.#inverse[s]!;
			const ib = this.#inverse[s + 1]!;
			const id = this.#inverse[s + 2]!;
			this.#vx[i] = ia * rx + ib * rz;
			this.#vz[i] = ib * rx + id * rz;
		}
	}
}
