/** What came of telling the server: the answer, or a message that says why not and that nothing is lost. */
export type Told<T> =
	| { readonly ok: true; readonly value: T }
	/** `gone` when there is no such record any more. */
	| { readonly ok: false; readonly message: string; readonly gone: boolean };

const AWAY = 'The records are out of reach. What is on the screen is not lost; try again in a moment.';

async function tell<T>(path: string, init: RequestInit): Promise<Told<T>> {
	const response = await fetch(path, { ...init, headers: { 'content-type': 'application/json' } }).catch(() => null);
	if (!response) return { ok: false, message: AWAY, gone: false };
	const body: unknown = response.status === 204 ? null : await response.json().catch(() => null);
	if (response.ok) return { ok: true, value: body as T };
	if (response.status >= 500) return { ok: false, message: AWAY, gone: false };
	const message = (body as { error?: { message?: string } } | null)?.error?.message;
	return { ok: false, message: message ?? 'That was refused.', gone: response.status === 404 };
}

/** Writes a rig or a part; `version` is the one last seen, 0 for a new one. */
export const put = (kind: 'rigs' | 'parts', id: string, version: number, record: unknown) =>
	tell<{ id: string; version: number }>(`/api/v1/${kind}/${id}`, {
		method: 'PUT',
		body: JSON.stringify({ version, record })
	});

export const remove = (kind: 'rigs' | 'parts', id: string) => tell<null>(`/api/v1/${kind}/${id}`, { method: 'DELETE' });

export const restore = (kind: 'rigs' | 'parts', id: string) =>
	tell<{ id: string; version: number }>(`/api/v1/${kind}/${id}/restore`, { method: 'POST' });
