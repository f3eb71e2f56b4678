import type { BedAt } from './bed';
import type { Cord } from './cord';
import type { Weight } from './weight';

/** Stiffness of the line, N: numerical, near to inextensible (running model, section 2). */
const STIFF_N = 2000;
/** Depth (m) around the surface over which a piece of line becomes wet. */
const SKIN_M = 0.05;
const PER_SKIN = 1 / (2 * SKIN_M);
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
	/** The block of each node: three numbers of its matrix, two of its right-hand side. */
	readonly #block: Float64Array;
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
		this.#block = new Float64Array(5 * nodes);
		this.#inverse = new Float64Array(3 * nodes);
		this.#right = new Float64Array(2 * nodes);
		this.#ux = new Float64Array(nodes + 1);
		this.#uz = new Float64Array(nodes + 1);
		this.#tension = new Float64Array(nodes);
		this.#spring = new Float64Array(3 * nodes);
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
		this.#makeBlocks(dt, outMps);
		this.#eliminate(dt, tipVx, tipVz);
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
		const { x, z } = this;
		const ux = this.#ux;
		const uz = this.#uz;
		const spring = this.#spring;
		const tension = this.#tension;
		const length = this.lengthM / n;
		const stiff = STIFF_N / length;
		for (let j = 1; j <= n; j++) {
			const dx = x[j]! - x[j - 1]!;
			const dz = z[j]! - z[j - 1]!;
			const long = Math.sqrt(dx * dx + dz * dz) || 1e-9;
			const perLong = 1 / long;
			const alongX = dx * perLong;
			const alongZ = dz * perLong;
			const pull = Math.max(0, stiff * (long - length));
			const along = pull > 0 ? dt * stiff : 0;
			const across = dt * pull * perLong;
			ux[j] = alongX;
			uz[j] = alongZ;
			tension[j] = pull;
			spring[3 * j] = along * alongX * alongX + across * alongZ * alongZ;
			spring[3 * j + 1] = (along - across) * alongX * alongZ;
			spring[3 * j + 2] = along * alongZ * alongZ + across * alongX * alongX;
		}
	}

	/** The block of each node of line by itself: inertia, drag, weight, and the pull of the segment before it. */
	#makeBlocks(dt: number, outMps: number): void {
		const { massKgM, waterKgM, weightNM, liftNM, tangential } = this.#cord;
		const { linear, root, creep, air } = this.#cord.across;
		const [vxs, vzs, zs, ux, uz, tension] = [this.#vx, this.#vz, this.z, this.#ux, this.#uz, this.#tension];
		const block = this.#block;
		const n = this.#n;
		const pieceM = this.lengthM / n;
		const perStep = 1 / dt;
		const perNode = outMps / n;
		for (let i = 1; i <= n; i++) {
			// Half a piece hangs on the lure, and beyond it there is no segment: its direction there stays nought.
			const share = i < n ? pieceM : pieceM / 2;
			const vx = vxs[i]!;
			const vz = vzs[i]!;
			let tx = -ux[i]! - ux[i + 1]!;
			let tz = -uz[i]! - uz[i + 1]!;
			const perLong = 1 / (Math.sqrt(tx * tx + tz * tz) || 1);
			tx *= perLong;
			tz *= perLong;
			// Line slides past the node towards the tip as it is wound in.
			const slide = outMps - i * perNode;
			const wx = vx + tx * slide;
			const wz = vz + tz * slide;
			const along = Math.abs(wx * tx + wz * tz);
			const across = Math.abs(wx * tz - wz * tx);
			const under = 0.5 + zs[i]! * PER_SKIN;
			const wet = under > 1 ? 1 : under > 0 ? under : 0;
			const water = linear * across + root * Math.sqrt(across) + creep;
			const cn = (wet * water + (1 - wet) * air * across) * share;
			const ct = wet * tangential * along * share;
			const inertia = (massKgM + wet * waterKgM) * share * perStep;
			const pull = tension[i]!;
			const at = 5 * i;
			block[at] = inertia + cn * tz * tz + ct * tx * tx;
			block[at + 1] = (ct - cn) * tx * tz;
			block[at + 2] = inertia + cn * tx * tx + ct * tz * tz;
			block[at + 3] = inertia * vx - ct * slide * tx - pull * ux[i]!;
			block[at + 4] = inertia * vz + (weightNM - wet * liftNM) * share - ct * slide * tz - pull * uz[i]!;
		}
	}

	/**
	 * Goes through the nodes from the tip to the lure: takes the one before out of the block of each, and inverts it, but for
	 * the lure's.
	 */
	#eliminate(dt: number, tipVx: number, tipVz: number): void {
		const n = this.#n;
		const [ux, uz, tension, spring] = [this.#ux, this.#uz, this.#tension, this.#spring];
		const [inverse, right, block] = [this.#inverse, this.#right, this.#block];
		for (let i = 1; i <= n; i++) {
			const s = 3 * i;
			const at = 5 * i;
			const sa = spring[s]!;
			const sb = spring[s + 1]!;
			const sd = spring[s + 2]!;
			let a = block[at]! + sa;
			let b = block[at + 1]! + sb;
			let d = block[at + 2]! + sd;
			let rx = block[at + 3]!;
			let rz = block[at + 4]!;
			if (i === 1) {
				rx += sa * tipVx + sb * tipVz;
				rz += sb * tipVx + sd * tipVz;
			} else {
				// S D^-1 S and S D^-1 r of the node before, all symmetric.
				const ia = inverse[s - 3]!;
				const ib = inverse[s - 2]!;
				const id = inverse[s - 1]!;
				const ma = sa * ia + sb * ib;
				const mb = sa * ib + sb * id;
				const mc = sb * ia + sd * ib;
				const md = sb * ib + sd * id;
				a -= ma * sa + mb * sb;
				b -= ma * sb + mb * sd;
				d -= mc * sb + md * sd;
				rx += ma * right[2 * i - 2]! + mb * right[2 * i - 1]!;
				rz += mc * right[2 * i - 2]! + md * right[2 * i - 1]!;
			}
			if (i === n) return this.#addLure(dt, a, b, d, rx, rz);
			a += spring[s + 3]!;
			b += spring[s + 4]!;
			d += spring[s + 5]!;
			const perDet = 1 / (a * d - b * b);
			inverse[s] = d * perDet;
			inverse[s + 1] = -b * perDet;
			inverse[s + 2] = a * perDet;
			right[2 * i] = rx + tension[i + 1]! * ux[i + 1]!;
			right[2 * i + 1] = rz + tension[i + 1]! * uz[i + 1]!;
		}
	}

	/** Puts the lure itself to the last node's block: its mass, drag, weight and lift, and what the bottom rubs. */
	#addLure(dt: number, a: number, b: number, d: number, rx: number, rz: number): void {
		const n = this.#n;
		const { massKg, weightN, dragAt, liftAt } = this.#weight;
		const [vx, vz] = [this.#vx[n]!, this.#vz[n]!];
		const speed = Math.sqrt(vx * vx + vz * vz);
		const inertia = massKg / dt;
		const drag = dragAt(speed) * speed;
		const pressed = Math.max(0, weightN - this.#tension[n]! * Math.max(0, this.#uz[n]!));
		const rub = this.contact === 'bottom' ? (FRICTION * pressed) / (Math.abs(vx) + CREEP_MPS) : 0;
		const lifted = vx < 0 ? liftAt(speed) * vx * vx : 0;
		this.#inverse[3 * n] = a + inertia + drag + rub;
		this.#inverse[3 * n + 1] = b;
		this.#inverse[3 * n + 2] = d + inertia + drag;
		this.#right[2 * n] = rx + inertia * vx;
		this.#right[2 * n + 1] = rz + inertia * vz + weightN - lifted;
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

	/** Speeds of the nodes of line, from the lure back to the tip. */
	#solveBack(): void {
		const [vx, vz, spring, inverse, right] = [this.#vx, this.#vz, this.#spring, this.#inverse, this.#right];
		let nx = vx[this.#n]!;
		let nz = vz[this.#n]!;
		for (let i = this.#n - 1; i >= 1; i--) {
			const s = 3 * i;
			const sb = spring[s + 4]!;
			const rx = right[2 * i]! + spring[s + 3]! * nx + sb * nz;
			const rz = right[2 * i + 1]! + sb * nx + spring[s + 5]! * nz;
			const ib = inverse[s + 1]!;
			nx = inverse[s]! * rx + ib * rz;
			nz = ib * rx + inverse[s + 2]! * rz;
			vx[i] = nx;
			vz[i] = nz;
		}
	}
}
