import type { Cookies } from '@sveltejs/kit';
import { THEMES, type Theme } from '../../core/records/schemas';

export const THEME_COOKIE = 'lucernal_theme';

/** The theme that the angler chose; `null` leaves it to the system. */
export function themeOf(cookies: Cookies): Theme | null {
	const value = cookies.get(THEME_COOKIE);
	return THEMES.find((theme) => theme === value) ?? null;
}
