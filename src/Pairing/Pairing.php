<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Platform\Http\EntryWord;
use Rinkel\App\Platform\Http\Guesses;
use Rinkel\App\Workshop\Workshop;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * Which devices may use Rinkel: this machine always; others once somebody entered a pairing word on them. A word is
 * shown once on this machine and pairs one device within ten minutes; another one, printed where Rinkel was started,
 * stays.
 */
final readonly class Pairing
{
    public const COOKIE = 'rinkel-paired';

    /** Letters and digits of a word, at least: so many are not guessed at the rate that is let through. */
    private const LEAST = 8;

    /** Seconds for which a word that was shown pairs a device. */
    private const PAIRS = 600;

    private const SHOWN = 'pairing.shown';

    /** Names of this machine, as a browser on it says them. */
    private const OWN = ['localhost', '127.0.0.1', '::1', '[::1]'];

    public function __construct(
        #[Autowire('%env(RINKEL_WORD)%')]
        private string $word,
        #[Autowire('%env(HOST)%')]
        private string $host,
        #[Autowire(service: 'cache.shared')]
        private CacheItemPoolInterface $shared,
        private ClockInterface $clock,
        private Randomizer $random,
        private PairedDevices $devices,
        private Guesses $guesses,
        private Workshop $workshop,
    ) {}

    /**
     * Returns whether Rinkel answers other machines.
     */
    public function isOpen(): bool
    {
        return [] !== $this->names();
    }

    /**
     * Returns whether a page may be open on several devices, or with several people, at once.
     */
    public function isShared(): bool
    {
        return $this->isOpen() || $this->workshop->isSeenToBeOn();
    }

    /**
     * @return list<string> names and addresses under which other machines reach it
     */
    public function names(): array
    {
        return array_values(
            array_diff(array_map(trim(...), explode(',', strtolower($this->host))), ['', ...self::OWN]),
        );
    }

    /**
     * Returns whether a request may see anything.
     */
    public function admits(Request $request): bool
    {
        return !$this->isOpen() || self::isThisMachine($request)
            || $this->devices->knows(self::token($request));
    }

    /**
     * Returns what a device shows of itself: a browser its cookie, a program its header.
     */
    private static function token(Request $request): string
    {
        $says = $request->headers->get('Authorization', '');

        return str_starts_with($says, 'Bearer ') ? substr($says, 7) : (string) $request->cookies->get(self::COOKIE);
    }

    /**
     * Returns a new word that pairs one device, for ten minutes; the one before it pairs none any more.
     */
    public function show(): string
    {
        $word = EntryWord::of($this->random);
        $this->shared->save($this->shared->getItem(self::SHOWN)->set([
            EntryWord::proof($word), $this->clock->now()->getTimestamp() + self::PAIRS,
        ])->expiresAfter(self::PAIRS));

        return $word;
    }

    /**
     * Returns the token of a device that is paired by what was typed; "" when it is no word, null when too many wrong
     * ones came lately, and nobody looks.
     *
     * @param string $browser what the device says it is
     */
    public function pair(string $typed, string $browser): ?string
    {
        // Another word, another count.
        $counted = 'pairing '.$this->word;
        if ($this->guesses->areSpent($counted)) {
            return null;
        }
        $isOwn = \strlen(EntryWord::plain($this->word)) >= self::LEAST
            && hash_equals(EntryWord::plain($this->word), EntryWord::plain($typed));
        $shown = $this->shown();
        if (!$isOwn && (null === $shown || !hash_equals($shown, EntryWord::proof($typed)))) {
            $this->guesses->note($counted);

            return '';
        }
        if (!$isOwn) {
            $this->shared->deleteItem(self::SHOWN);
        }

        return $this->devices->pair($browser);
    }

    public function cookie(string $token): Cookie
    {
        return Cookie::create(self::COOKIE, $token, '+1 year', sameSite: Cookie::SAMESITE_LAX);
    }

    /**
     * What a browser on this machine asks comes from it, by one of its own names; through a server in front it
     * does not.
     */
    public static function isThisMachine(Request $request): bool
    {
        $from = $request->server->getString('REMOTE_ADDR');

        return (str_starts_with($from, '127.') || '::1' === $from)
            && \in_array(strtolower($request->getHost()), self::OWN, true)
            && !$request->headers->has('X-Forwarded-For');
    }

    /**
     * @return string|null the hash of the word that was shown last, while it pairs
     */
    private function shown(): ?string
    {
        $noted = $this->shared->getItem(self::SHOWN)->get();
        [$hash, $until] = \is_array($noted) ? array_values($noted) + ['', 0] : ['', 0];

        return \is_string($hash) && '' !== $hash && \is_int($until) && $until > $this->clock->now()->getTimestamp()
            ? $hash
            : null;
    }
}
