import { hash, verify } from '@node-rs/argon2';
import { COMMON_PASSPHRASES } from './common';

/** Argon2id: 19 MiB, two passes, one lane, the least that the OWASP cheat sheet on storing passwords asks for. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;
const STATED = `$m=${COST.memoryCost},t=${COST.timeCost},p=${COST.parallelism}$`;

/** Fewest and most characters. */
const PASSPHRASE_MIN = 12;
const PASSPHRASE_MAX = 200;
/** A passphrase of fewer different characters than this is a row of the same ones. */
const DIFFERENT_MIN = 5;

/** One form for what looks the same, however a keyboard sends it. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC');

const bare = (text: string): string =>
	plain(text)
		.toLowerCase()
		.replace(/[^\p{L}\p{N}]/gu, '');

/** Why a passphrase cannot be taken, in words; `null` when it can. */
export function refusalOf(passphrase: string, name: string): string | null {
	const characters = [...plain(passphrase)];
	if (characters.length < PASSPHRASE_MIN) return `At least ${PASSPHRASE_MIN} characters: a few words will do.`;
	if (characters.length > PASSPHRASE_MAX) return `At most ${PASSPHRASE_MAX} characters.`;
	if (new Set(characters).size < DIFFERENT_MIN) return 'That repeats too few characters. Use a few words.';
	const heart = bare(passphrase);
	if (COMMON_PASSPHRASES.has(heart))
		return 'That is one of the first passphrases anyone would guess. Use your own words.';
	const own = bare(name);
	if (own.length > 2 && heart.replaceAll(own, '').length < DIFFERENT_MIN)
		return 'That is too close to your name. Use other words.';
	return null;
}

export const hashPassphrase = (passphrase: string): Promise<string> => hash(plain(passphrase), COST);

/** Something to compare with where there is no account: it takes as long, and says the same. */
let nobody: Promise<string> | null = null;

/** Whether a passphrase is the one that was hashed. It takes as long where nothing was. */
export async function isPassphrase(stored: string | null, passphrase: string): Promise<boolean> {
	nobody ??= hashPassphrase('nobody’s passphrase at all');
	const same = await verify(stored ?? (await nobody), plain(passphrase));
	return stored !== null && same;
}

/** Whether a hash was made at another cost than today's. */
export const isOutdated = (stored: string): boolean => !stored.includes(STATED) || !stored.startsWith('$argon2id$');
