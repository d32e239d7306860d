import { find } from './dom.js';

/** The server says times by this clock: it is told which that is. */
export const tellZone = () => {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const told = `zone=${encodeURIComponent(zone ?? '')}`;
  if (!zone || document.cookie.split('; ').includes(told)) {
    return;
  }
  document.cookie = `${told}; path=/; max-age=31536000; samesite=lax`;
  if (zone !== document.documentElement.dataset.zone && find('time') && document.cookie.includes(told)) {
    location.reload(); // once: from now on it knows
  }
};
