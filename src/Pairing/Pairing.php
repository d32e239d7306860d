<?php

declare(strict_types=1);

namespace Rinkel\App\Pairing;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Random\Randomizer;
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

    /** So many wrong words are looked at in so many seconds. */
    private const GUESSES = 10;
    private const WINDOW = 600;

    private const GUESSED = 'rinkel.pairing.guessed.';
    private const SHOWN = 'rinkel.pairing.shown';

    /** What words are made of: no letter that looks or sounds like another. */
    private const LETTERS = 'bcdfghjkmnprstvwxz23456789';

    /** Names of this machine, as a browser on it says them. */
    private const OWN = ['localhost', '127.0.0.1', '::1', '[::1]'];

    public function __construct(
        #[Autowire('%env(RINKEL_WORD)%')]
        private string $word,
        #[Autowire('%env(HOST)%')]
        private string $host,
        private CacheItemPoolInterface $memory,
        private ClockInterface $clock,
        private Randomizer $random,
        private PairedDevices $devices,
    ) {}

    /**
     * Returns whether Rinkel answers other machines.
     */
    public function isOpen(): bool
    {
        return [] !== $this->names();
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
            || $this->devices->knows((string) $request->cookies->get(self::COOKIE));
    }

    /**
     * Returns a new word that pairs one device, for ten minutes; the one before it pairs none any more.
     */
    public function show(): string
    {
        $letters = array_map(
            fn (): string => self::LETTERS[$this->random->getInt(0, \strlen(self::LETTERS) - 1)],
            range(1, 12),
        );
        $word = implode('-', str_split(implode('', $letters), 4));
        $noted = $this->memory->getItem(self::SHOWN);
        $this->memory->save($noted->set([
            hash('sha256', self::plain($word)), $this->clock->now()->getTimestamp() + self::WINDOW,
        ]));

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
        $noted = $this->memory->getItem(self::GUESSED.substr(hash('sha256', $this->word), 0, 16));
        $now = $this->clock->now()->getTimestamp();
        $wrong = array_filter(
            \is_array($noted->get()) ? $noted->get() : [],
            static fn (mixed $at): bool => \is_int($at) && $at > $now - self::WINDOW,
        );
        if (\count($wrong) >= self::GUESSES) {
            return null;
        }
        $typed = self::plain($typed);
        $own = self::plain($this->word);
        $isOwn = \strlen($own) >= self::LEAST && hash_equals($own, $typed);
        $shown = $this->shown();
        if (!$isOwn && (null === $shown || !hash_equals($shown, hash('sha256', $typed)))) {
            $this->memory->save($noted->set([...$wrong, $now]));

            return '';
        }
        if (!$isOwn) {
            $this->memory->deleteItem(self::SHOWN);
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
        $noted = $this->memory->getItem(self::SHOWN)->get();
        [$hash, $until] = \is_array($noted) ? array_values($noted) + ['', 0] : ['', 0];

        return \is_string($hash) && '' !== $hash && \is_int($until) && $until > $this->clock->now()->getTimestamp()
            ? $hash
            : null;
    }

    private static function plain(string $word): string
    {
        return preg_replace('/[^a-z0-9]/', '', strtolower($word)) ?? '';
    }
}
