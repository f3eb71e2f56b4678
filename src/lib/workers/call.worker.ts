import { expose } from 'comlink';
import { call } from '$lib/core/choice/call';

const api = { call };
export type CallApi = typeof api;
expose(api);
